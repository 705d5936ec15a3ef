import { Button, type ButtonProps } from 'antd';

import { type Role, useMay } from '../../api/session';

interface Props extends ButtonProps {
  /** The role that what it does needs: a grower's where left out. */
  be?: Role;
}

/** A button that changes something: there for who may do that. */
export function DoButton({ be = 'grower', ...button }: Props) {
  return useMay()(be) ? <Button {...button} /> : null;
}
