import type { ReactNode } from 'react';
import { useParams } from 'react-router';

import type { Schemas } from '../../api/client';
import { useDay } from '../../api/days';
import { ListState } from '../../kit/lists/ListState';

/** The day that the address names, once it is there; what stood there stays while it cannot be read again. */
export function OfDay({ children }: { children: (day: Schemas['PottingDay']) => ReactNode }) {
  const found = useDay(Number(useParams()['id']));

  return (
    <ListState found={found} lastGood>
      {found.data !== undefined && children(found.data)}
    </ListState>
  );
}
