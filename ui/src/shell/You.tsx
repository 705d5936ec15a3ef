import { Button, Form, Select } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';

import { problemOf } from '../api/client';
import { type Session, useGoToYard, useMay, useOwnPassword, useSession, useSignOut } from '../api/session';
import { useWords } from '../i18n/words';
import { Trouble } from '../kit/forms/Trouble';
import { useUndoable } from '../kit/hooks/useUndoable';
import { SecretField } from '../kit/people/SecretField';
import common from '../styles/common.module.css';
import { NewPin } from './NewPin';
import { SignIn } from './SignIn';
import styles from './shell.module.css';

/** Who is signed in here, his PIN and password; and where people are let in. */
export function You({ close }: { close: () => void }) {
  const { t } = useWords();
  const session = useSession().data;
  const may = useMay();
  const [asked, setAsked] = useState<'signIn' | 'pin' | 'password' | null>(null);
  if (session === undefined) {
    return null;
  }
  const done = () => setAsked(null);

  return (
    <section className={styles.you} aria-label={t('people.you')}>
      <h3>{t('people.you')}</h3>
      {session.person == null ? (
        <>
          <p>{t('people.atDesk')}</p>
          {asked === 'signIn' ? (
            <SignIn session={session} beside={<Button onClick={done}>{t('common.cancel')}</Button>} />
          ) : (
            <Button onClick={() => setAsked('signIn')}>{t('people.signIn')}</Button>
          )}
        </>
      ) : (
        <Signed session={session} asked={asked} ask={setAsked} done={done} />
      )}
      <YardChoice session={session} />
      {may('owner') && (
        <p className={styles.toPeople}>
          <Link to="/people" onClick={close}>
            {t('people.toPeople')}
          </Link>
        </p>
      )}
    </section>
  );
}

/** Which yard is open, where there are several. */
function YardChoice({ session }: { session: Session }) {
  const { t } = useWords();
  const go = useGoToYard();
  if (session.yards.length < 2) {
    return null;
  }

  return (
    <Form layout="vertical">
      <Form.Item label={t('people.yard')}>
        <Select
          aria-label={t('people.yard')}
          value={session.yard}
          loading={go.isPending}
          options={session.yards.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={(id) => go.mutate(id)}
        />
      </Form.Item>
      <Trouble error={go.error} />
    </Form>
  );
}

interface SignedProps {
  session: Session;
  asked: 'signIn' | 'pin' | 'password' | null;
  ask: (what: 'pin' | 'password') => void;
  done: () => void;
}

function Signed({ session, asked, ask, done }: SignedProps) {
  const { t } = useWords();
  const signOut = useSignOut();
  const say = useUndoable();

  return (
    <>
      <p>
        <strong>{session.person?.name}</strong>{' '}
        <span className={common.quiet}>{session.role != null && t(`people.role.${session.role}`)}</span>
      </p>
      <p className={styles.signInFoot}>
        <Button onClick={() => signOut.mutate()} loading={signOut.isPending}>
          {t('people.signOut')}
        </Button>
        <Button onClick={() => ask('pin')}>{t('people.newPin')}</Button>
        <Button onClick={() => ask('password')}>{t('people.newPassword')}</Button>
      </p>
      <Trouble error={signOut.error} marked={false} />
      {asked === 'pin' && (
        <NewPin
          done={() => {
            say(t('people.pinKept'));
            done();
          }}
        />
      )}
      {asked === 'password' && <NewPassword done={done} />}
    </>
  );
}

function NewPassword({ done }: { done: () => void }) {
  const { t } = useWords();
  const say = useUndoable();
  const [old, setOld] = useState('');
  const [next, setNext] = useState('');
  const save = useOwnPassword();
  const problem = problemOf(save);
  const keep = () =>
    save.mutate(
      { password: old, new_password: next },
      {
        onSuccess: () => {
          say(t('people.passwordKept'));
          done();
        },
      },
    );

  return (
    <Form layout="vertical" onFinish={keep}>
      <SecretField
        label={t('people.passwordNow')}
        is="current-password"
        value={old}
        error={problem?.at('password')}
        onChange={setOld}
      />
      <SecretField
        label={t('people.passwordNew')}
        hint={t('people.passwordHint')}
        is="new-password"
        value={next}
        error={problem?.at('new_password')}
        onChange={setNext}
      />
      <Trouble error={save.error} marked={false} atFields />
      <Button htmlType="submit" loading={save.isPending}>
        {t('people.keepPassword')}
      </Button>
    </Form>
  );
}
