import { Modal, type ModalProps } from 'antd';

import { useBackCloses } from './useBackCloses';
import { useUnsaved } from './useUnsaved';

interface Props extends Omit<ModalProps, 'onCancel'> {
  onCancel: () => void;
  /** Whether what is typed in it is lost when it closes: then one is asked first. */
  guarded?: boolean;
}

/** What lies over the page: Esc, Back and a click on the page close it. */
export function Dialog({ onCancel, guarded = false, open = true, children, ...rest }: Props) {
  const { typing, leave, question } = useUnsaved(onCancel, guarded);
  useBackCloses(open, leave);

  return (
    <Modal {...rest} open={open} onCancel={leave}>
      <div {...typing}>{children}</div>
      {question}
    </Modal>
  );
}
