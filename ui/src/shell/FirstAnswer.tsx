import type { ReactNode } from 'react';

import { useMeta } from '../api/meta';
import { ListState } from '../kit/lists/ListState';

/** Shows no place before the server has told what places go by. */
export function FirstAnswer({ children }: { children: ReactNode }) {
  const meta = useMeta();

  return (
    <ListState
      isPending={meta.isPending}
      error={meta.data === undefined ? meta.error : null}
      retry={() => void meta.refetch()}
      isEmpty={false}
      empty={null}
    >
      {children}
    </ListState>
  );
}
