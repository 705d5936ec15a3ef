import type { Schemas } from '../../api/client';
import type { MessageId } from '../../i18n/words';
import { useWords } from '../../i18n/words';

const SHARES = ['then', 'now', 'low', 'by', 'share'];
const WORDS: Record<string, string> = { finding: 'finding', stage: 'stage', health: 'health' };

/** A reason in words: its code under a prefix, its figures as a reader wants them. */
export function useReasonWords() {
  const { t, n, percent } = useWords();

  return (prefix: string, { code, figures }: Schemas['Reason']) =>
    t(
      `${prefix}.${code}` as MessageId,
      Object.fromEntries(
        Object.entries(figures).map(([name, value]) => {
          const words = WORDS[name];
          if (typeof value === 'string') {
            return [name, words === undefined ? value : t(`${words}.${value}` as MessageId).toLowerCase()];
          }
          return [name, SHARES.includes(name) ? percent(value) : n(value, 2)];
        }),
      ),
    );
}
