import { Button, Dropdown } from 'antd';
import { type ReactNode, useRef } from 'react';

import { type Role, useMay } from '../../api/session';

interface Props {
  label?: string;
  /** What needs more than a reader says so. */
  items: { key: string; label: string; act: () => void; be?: Role }[];
  children: ReactNode;
}

/** A button that opens a menu: the arrows go through it, and whoever leaves it is back at the button. */
export function MenuButton({ label, items: all, children }: Props) {
  const may = useMay();
  const items = all.filter(({ be = 'reader' }) => may(be));
  const button = useRef<HTMLButtonElement>(null);

  return (
    <Dropdown
      autoFocus
      trigger={['click']}
      menu={{
        items: items.map(({ key, label: text }) => ({ key, label: text })),
        onClick: ({ key }) => items.find((item) => item.key === key)?.act(),
      }}
      onOpenChange={(open) => {
        if (!open) {
          button.current?.focus();
        }
      }}
    >
      <Button ref={button} {...(label === undefined ? {} : { 'aria-label': label })}>
        {children}
      </Button>
    </Dropdown>
  );
}
