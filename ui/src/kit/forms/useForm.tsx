import { Button, Form } from 'antd';
import type { ReactNode } from 'react';

import { type Role, useMay } from '../../api/session';
import { useWords } from '../../i18n/words';
import { Trouble } from './Trouble';
import { useFirstField } from './useFirstField';

/** What a form in a dialog and one beside the page have in common. */
export interface FormProps {
  title: string;
  close: () => void;
  /** Saves, or throws what the form shows as its error. */
  save: () => unknown;
  /** What saves it: that it is under way, and what went wrong. */
  by?: { isPending: boolean; error: Error | null };
  saveLabel?: string;
  /** The role that saving needs: a grower's where left out. Whoever has less reads the form. */
  be?: Role;
  disabled?: boolean;
  marked?: boolean;
  /** Whether what is wrong is said at the fields. */
  atFields?: boolean;
  className?: string | undefined;
  children: ReactNode;
}

/** The first field has the focus, Enter saves, what went wrong is said, and what was typed stays. */
export function useForm({ save, by, saveLabel, be = 'grower', disabled = false, ...props }: FormProps) {
  const { t } = useWords();
  const { inside, focus } = useFirstField();
  const mayNot = !useMay()(be);
  const submit = () => void (mayNot ? undefined : Promise.resolve(save()).catch(() => undefined));

  return {
    focus,
    trouble: <Trouble error={by?.error ?? null} marked={props.marked ?? false} atFields={props.atFields ?? false} />,
    button: (size: 'medium' | 'large' = 'medium') =>
      mayNot ? (
        <span>{t('people.readsOnly')}</span>
      ) : (
        <Button type="primary" size={size} loading={by?.isPending ?? false} disabled={disabled} onClick={submit}>
          {saveLabel ?? t('common.save')}
        </Button>
      ),
    body: (foot: ReactNode = null) => (
      <div ref={inside}>
        <Form layout="vertical" className={props.className ?? ''} onFinish={submit}>
          {props.children}
          {foot}
          <button type="submit" hidden aria-hidden="true" tabIndex={-1} />
        </Form>
      </div>
    ),
  };
}
