import { Button } from 'antd';
import type { ReactNode } from 'react';

import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';
import { type FormProps, useForm } from './useForm';
import { Dialog } from '../overlays/Dialog';

interface Props extends FormProps {
  open?: boolean;
  /** What stands before the button that saves; "cancel" where left out. */
  beside?: ReactNode;
}

/** A short form in a dialog. */
export function FormDialog(props: Props) {
  const { title, open = true, close, beside } = props;
  const { t } = useWords();
  const { focus, trouble, button, body } = useForm(props);

  return (
    <Dialog
      guarded
      open={open}
      title={title}
      onCancel={close}
      afterOpenChange={focus}
      footer={
        <div className={common.drawerFoot}>
          {beside ?? <Button onClick={close}>{t('common.cancel')}</Button>}
          {button()}
        </div>
      }
    >
      {body(trouble)}
    </Dialog>
  );
}
