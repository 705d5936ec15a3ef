import type { ReactNode } from 'react';

import common from '../styles/common.module.css';

interface Props {
  name: string;
  children: ReactNode;
}

/** Room for what may be wider than a phone: the keyboard comes to it, so that arrows push it. */
export function Scrolls({ name, children }: Props) {
  return (
    <div className={common.tableScroll} role="group" aria-label={name} tabIndex={0}>
      {children}
    </div>
  );
}
