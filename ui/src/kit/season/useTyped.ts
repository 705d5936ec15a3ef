import { useMemo } from 'react';

import { useSettled } from '../hooks/useSettled';

/** How long nobody types until a question is asked that takes the server a moment, ms. */
const PAUSE_MS = 350;

/** A question that is put together anew with every key, once somebody stops typing; null meanwhile. */
export function useTyped<Question extends object>(question: Question | null): Question | null {
  const settled = useSettled(question === null ? '' : JSON.stringify(question), PAUSE_MS);

  return useMemo(() => (settled === null || settled === '' ? null : (JSON.parse(settled) as Question)), [settled]);
}
