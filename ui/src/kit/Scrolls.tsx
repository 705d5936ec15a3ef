import type { ReactNode } from 'react';

import common from '../styles/common.module.css';

interface Props {
  name: string;
  children: ReactNode;
  className?: string | undefined;
}

/** Room for what may be wider than a phone: the keyboard comes to it, so that arrows push it. */
export function Scrolls({ name, children, className = common.tableScroll }: Props) {
  return (
    <div className={className} role="group" aria-label={name} tabIndex={0}>
      {children}
    </div>
  );
}
