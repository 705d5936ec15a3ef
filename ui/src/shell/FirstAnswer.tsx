import type { ReactNode } from 'react';

import { useMeta } from '../api/meta';
import { ListState } from '../kit/lists/ListState';

/** Shows no place before the server has told what places go by. */
export function FirstAnswer({ children }: { children: ReactNode }) {
  const meta = useMeta();

  return (
    <ListState found={meta} lastGood>
      {children}
    </ListState>
  );
}
