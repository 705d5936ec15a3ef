import { Button } from 'antd';
import type { ReactNode } from 'react';
import { useNavigate } from 'react-router';

interface Props {
  to: string;
  children: ReactNode;
  type?: 'primary' | 'default';
}

/** A way to another place that looks like what it is: something to press. It opens in a new tab like any link. */
export function LinkButton({ to, children, type = 'default' }: Props) {
  const navigate = useNavigate();

  return (
    <Button
      type={type}
      href={to}
      onClick={(event) => {
        if (!event.ctrlKey && !event.metaKey && !event.shiftKey) {
          event.preventDefault();
          void navigate(to);
        }
      }}
    >
      {children}
    </Button>
  );
}
