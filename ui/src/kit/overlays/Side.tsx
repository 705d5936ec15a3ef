import { Drawer, type DrawerProps } from 'antd';

import { useBackCloses } from './useBackCloses';
import { useUnsaved } from './useUnsaved';

interface Props extends Omit<DrawerProps, 'onClose'> {
  onClose: () => void;
  /** Whether what is typed in it is lost when it closes: then one is asked first. */
  guarded?: boolean;
}

/** What lies beside the page: Esc, Back and a click on the page close it. */
export function Side({ onClose, guarded = false, open = true, children, ...rest }: Props) {
  const { typing, leave, question } = useUnsaved(onClose, guarded);
  useBackCloses(open, leave);

  return (
    <Drawer {...rest} open={open} onClose={leave}>
      <div {...typing}>{children}</div>
      {question}
    </Drawer>
  );
}
