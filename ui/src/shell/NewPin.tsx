import { Button, Form } from 'antd';
import { type ReactNode, useState } from 'react';

import { problemOf } from '../api/client';
import { useOwnPin } from '../api/session';
import { useWords } from '../i18n/words';
import { Trouble } from '../kit/forms/Trouble';
import { SecretField } from '../kit/people/SecretField';
import styles from './shell.module.css';

/** A PIN for who is signed in, for the devices that are known as his. */
export function NewPin({ done, beside }: { done: () => void; beside?: ReactNode }) {
  const { t } = useWords();
  const [pin, setPin] = useState('');
  const save = useOwnPin();
  const problem = problemOf(save);

  return (
    <Form layout="vertical" onFinish={() => save.mutate({ pin }, { onSuccess: done })}>
      <SecretField
        digits
        label={t('people.pin')}
        hint={t('people.pinHint')}
        is="new-password"
        value={pin}
        error={problem?.at('pin')}
        onChange={setPin}
      />
      <Trouble error={save.error} marked={false} atFields />
      <p className={styles.signInFoot}>
        <Button type="primary" size="large" htmlType="submit" loading={save.isPending}>
          {t('people.keepPin')}
        </Button>
        {beside}
      </p>
    </Form>
  );
}
