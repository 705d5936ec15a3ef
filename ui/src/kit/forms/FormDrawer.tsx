import { Button } from 'antd';

import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';
import { type FormProps, useForm } from './useForm';
import { Side } from '../overlays/Side';

interface Props extends FormProps {
  size: number;
  /** For wet hands: large buttons. */
  large?: boolean;
}

/** A longer form beside the page: cancel and save stay in sight, what went wrong is said at the foot, and what was typed stays. */
export function FormDrawer(props: Props) {
  const { title, size, close, large = false } = props;
  const { t } = useWords();
  const { focus, trouble, button, body } = useForm(props);
  const height = large ? 'large' : 'medium';

  return (
    <Side
      guarded
      open
      size={size}
      title={title}
      onClose={close}
      afterOpenChange={focus}
      footer={
        <div className={common.drawerFoot}>
          {trouble}
          <Button size={height} onClick={close}>
            {t('common.cancel')}
          </Button>
          {button(height)}
        </div>
      }
    >
      {body()}
    </Side>
  );
}
