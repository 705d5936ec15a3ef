import { Button, Form } from 'antd';
import type { ReactNode } from 'react';

import { type Role, useMay } from '../../api/session';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';
import { Trouble } from './Trouble';
import { useFirstField } from './useFirstField';
import { Side } from '../overlays/Side';

interface Props {
  title: string;
  size: number;
  close: () => void;
  /** Saves, or throws what the form shows as its error. */
  save: () => unknown;
  saving?: boolean;
  saveLabel?: string;
  /** The role that saving needs: a grower's where left out. Whoever has less reads the form. */
  be?: Role;
  disabled?: boolean;
  error?: Error | null;
  marked?: boolean;
  /** Whether what is wrong is said at the fields. */
  atFields?: boolean;
  /** For wet hands: large buttons. */
  large?: boolean;
  className?: string | undefined;
  children: ReactNode;
}

/** A longer form beside the page: cancel and save stay in sight, what went wrong is said at the foot, and what was typed stays. */
export function FormDrawer(props: Props) {
  const { title, size, close, save, saving = false, saveLabel, disabled = false, large = false, className } = props;
  const { t } = useWords();
  const { inside, focus } = useFirstField();
  const mayNot = !useMay()(props.be ?? 'grower');
  const submit = () => void (mayNot ? undefined : Promise.resolve(save()).catch(() => undefined));
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
          <Trouble error={props.error ?? null} marked={props.marked ?? false} atFields={props.atFields ?? false} />
          <Button size={height} onClick={close}>
            {t('common.cancel')}
          </Button>
          {mayNot ? (
            <span>{t('people.readsOnly')}</span>
          ) : (
            <Button type="primary" size={height} loading={saving} disabled={disabled} onClick={submit}>
              {saveLabel ?? t('common.save')}
            </Button>
          )}
        </div>
      }
    >
      <div ref={inside}>
        <Form layout="vertical" className={className ?? ''} onFinish={submit}>
          {props.children}
          <button type="submit" hidden aria-hidden="true" tabIndex={-1} />
        </Form>
      </div>
    </Side>
  );
}
