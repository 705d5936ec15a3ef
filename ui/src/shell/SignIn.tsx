import { Button, Form } from 'antd';
import { type ReactNode, useState } from 'react';

import { problemOf } from '../api/client';
import { type Session, useSignIn } from '../api/session';
import { useWords } from '../i18n/words';
import { TextField } from '../kit/fields/TextField';
import { Trouble } from '../kit/forms/Trouble';
import { SecretField } from '../kit/people/SecretField';
import common from '../styles/common.module.css';
import styles from './shell.module.css';

/** Asks who it is: by PIN on a device that is known, else by name and password. */
export function SignIn({ session, beside }: { session: Session; beside?: ReactNode }) {
  const { t } = useWords();
  const known = session.pin_for?.has_pin === true ? session.pin_for : null;
  const [byPin, setByPin] = useState(known !== null);
  const [name, setName] = useState(session.pin_for?.name ?? '');
  const [password, setPassword] = useState('');
  const [pin, setPin] = useState('');
  const signIn = useSignIn();
  const problem = problemOf(signIn);
  const submit = () => signIn.mutate(byPin ? { pin } : { name, password });

  return (
    <Form layout="vertical" className={styles.signIn} onFinish={submit}>
      {byPin ? (
        <SecretField
          digits
          label={t('people.pinOf', { name: known?.name ?? '' })}
          value={pin}
          is="current-password"
          error={problem?.at('pin')}
          onChange={setPin}
        />
      ) : (
        <>
          <TextField label={t('people.name')} value={name} error={problem?.at('name')} onChange={setName} />
          <SecretField
            label={t('people.password')}
            value={password}
            is="current-password"
            error={problem?.at('password')}
            onChange={setPassword}
          />
        </>
      )}
      <Trouble error={signIn.error} marked={false} atFields />
      <p className={styles.signInFoot}>
        <Button type="primary" size="large" htmlType="submit" loading={signIn.isPending}>
          {t('people.signIn')}
        </Button>
        {known !== null && (
          <Button size="large" type="text" onClick={() => setByPin(!byPin)}>
            {t(byPin ? 'people.byPassword' : 'people.byPin')}
          </Button>
        )}
        {beside}
      </p>
      <p className={common.quiet}>{t('people.forgotten')}</p>
    </Form>
  );
}
