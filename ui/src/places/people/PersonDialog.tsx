import { Form, Radio } from 'antd';
import { useState } from 'react';

import { ApiProblem, problemOf, type Schemas } from '../../api/client';
import { useAddPerson, useChangePerson, useSetPassword } from '../../api/people';
import type { Role } from '../../api/session';
import { useWords } from '../../i18n/words';
import { TextField } from '../../kit/fields/TextField';
import { FormDialog } from '../../kit/forms/FormDialog';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { SecretField } from '../../kit/people/SecretField';
import common from '../../styles/common.module.css';
import styles from './people.module.css';

type Person = Schemas['Person'];

const ROLES: readonly Role[] = ['reader', 'helper', 'grower', 'owner'];

interface Props {
  person: Person | null;
  isFirst: boolean;
  close: () => void;
}

/** Somebody's name and role; the first one is an owner with a password. */
export function PersonDialog({ person, isFirst, close }: Props) {
  const { t } = useWords();
  const [name, setName] = useState(person?.name ?? '');
  const [role, setRole] = useState<Role>(person?.role ?? (isFirst ? 'owner' : 'helper'));
  const [password, setPassword] = useState('');
  const add = useAddPerson();
  const change = useChangePerson();
  const say = useUndoable();
  const error = add.error ?? change.error;
  const problem = error instanceof ApiProblem ? error : undefined;
  const submit = async () => {
    const saved =
      person === null
        ? await add.mutateAsync({ name, role, ...(password === '' ? {} : { password }) })
        : await change.mutateAsync({ id: person.id, body: { name, role } });
    say(t('common.saved', { name: saved.name }));
    close();
  };

  return (
    <FormDialog
      title={t(person !== null ? 'people.change' : isFirst ? 'people.addOwner' : 'people.add')}
      be="owner"
      close={close}
      save={submit}
      by={{ isPending: add.isPending || change.isPending, error }}
      atFields
    >
      {isFirst && <p>{t('people.firstHint')}</p>}
      <TextField label={t('people.name')} longest={60} value={name} error={problem?.at('name')} onChange={setName} />
      {!isFirst && (
        <Form.Item
          label={t('people.roleLabel')}
          validateStatus={problem?.at('role') === undefined ? '' : 'error'}
          help={problem?.at('role')}
        >
          <Radio.Group value={role} onChange={(event) => setRole(event.target.value as Role)} className={styles.roles}>
            {ROLES.map((each) => (
              <Radio key={each} value={each}>
                {t(`people.role.${each}`)} <span className={common.quiet}>{t(`people.may.${each}`)}</span>
              </Radio>
            ))}
          </Radio.Group>
        </Form.Item>
      )}
      {person === null && (
        <SecretField
          label={t(isFirst ? 'people.password' : 'people.passwordIfAny')}
          hint={t('people.passwordHint')}
          is="new-password"
          value={password}
          error={problem?.at('password')}
          onChange={setPassword}
        />
      )}
    </FormDialog>
  );
}

/** A new password for somebody who forgot his. */
export function PasswordDialog({ person, close }: { person: Person; close: () => void }) {
  const { t } = useWords();
  const [password, setPassword] = useState('');
  const set = useSetPassword();
  const say = useUndoable();
  const problem = problemOf(set);
  const submit = async () => {
    await set.mutateAsync({ id: person.id, password });
    say(t('people.passwordSet', { name: person.name }));
    close();
  };

  return (
    <FormDialog
      title={t('people.passwordOf', { name: person.name })}
      be="owner"
      close={close}
      save={submit}
      by={set}
      atFields
    >
      <p>{t('people.passwordSetHint', { name: person.name })}</p>
      <SecretField
        label={t('people.passwordNew')}
        hint={t('people.passwordHint')}
        is="new-password"
        value={password}
        error={problem?.at('password')}
        onChange={setPassword}
      />
    </FormDialog>
  );
}
