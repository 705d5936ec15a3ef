import { Button, Form } from 'antd';
import type { ReactNode } from 'react';

import { type Role, useMay } from '../../api/session';
import { useWords } from '../../i18n/words';
import { Trouble } from './Trouble';
import { useFirstField } from './useFirstField';
import { Dialog } from '../overlays/Dialog';

interface Props {
  title: string;
  open?: boolean;
  close: () => void;
  /** Saves, or throws what the form shows as its error. */
  save: () => unknown;
  saving?: boolean;
  saveLabel?: string;
  /** The role that saving needs: a grower's where left out. Whoever has less reads the form. */
  be?: Role;
  disabled?: boolean;
  /** What stands before the button that saves; "cancel" where left out. */
  beside?: ReactNode;
  error?: Error | null;
  marked?: boolean;
  /** Whether what is wrong is said at the fields. */
  atFields?: boolean;
  children: ReactNode;
}

/** A short form in a dialog: the first field has the focus, Enter saves, what went wrong is said, and what was typed stays. */
export function FormDialog(props: Props) {
  const { title, open = true, close, save, saving = false, saveLabel, disabled = false, beside, children } = props;
  const { t } = useWords();
  const { inside, focus } = useFirstField();
  const mayNot = !useMay()(props.be ?? 'grower');
  const submit = () => void (mayNot ? undefined : Promise.resolve(save()).catch(() => undefined));

  return (
    <Dialog
      guarded
      open={open}
      title={title}
      onCancel={close}
      afterOpenChange={focus}
      footer={[
        <span key="beside">{beside ?? <Button onClick={close}>{t('common.cancel')}</Button>}</span>,
        mayNot ? (
          <span key="save">{t('people.readsOnly')}</span>
        ) : (
          <Button key="save" type="primary" loading={saving} disabled={disabled} onClick={submit}>
            {saveLabel ?? t('common.save')}
          </Button>
        ),
      ]}
    >
      <div ref={inside}>
        <Form layout="vertical" onFinish={submit}>
          {children}
          <Trouble error={props.error ?? null} marked={props.marked ?? false} atFields={props.atFields ?? false} />
          <button type="submit" hidden aria-hidden="true" tabIndex={-1} />
        </Form>
      </div>
    </Dialog>
  );
}
