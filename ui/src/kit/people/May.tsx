import type { ReactNode } from 'react';

import { type Role, useMay } from '../../api/session';

/** Offers something to who may do it. */
export function May({ be, children }: { be: Role; children: ReactNode }) {
  return useMay()(be) ? children : null;
}
