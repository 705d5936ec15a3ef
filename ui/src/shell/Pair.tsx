import { Button, Form } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';

import { problemOf } from '../api/client';
import { usePair } from '../api/session';
import { useWords } from '../i18n/words';
import { TextField } from '../kit/fields/TextField';
import { Trouble } from '../kit/forms/Trouble';
import common from '../styles/common.module.css';
import { NewPin } from './NewPin';
import styles from './shell.module.css';

/** On a phone: brings the code that the desk shows, then takes a PIN for the next time. The code stands behind the # of the address, which no server is told. */
export function Pair() {
  const { t } = useWords();
  const navigate = useNavigate();
  const [code, setCode] = useState(() => decodeURIComponent(window.location.hash.slice(1)));
  const [name, setName] = useState('');
  const pair = usePair();
  const toWork = () => void navigate('/today', { replace: true });
  const problem = problemOf(pair);

  return (
    <main className={styles.door}>
      <h1>
        <span className={styles.brandMark} aria-hidden="true" /> {t('app.name')}
      </h1>
      {!pair.isSuccess ? (
        <Form layout="vertical" className={styles.signIn} onFinish={() => pair.mutate({ code, name })}>
          <p>{t('people.pairHint')}</p>
          <TextField label={t('people.code')} value={code} error={problem?.at('code')} onChange={setCode} />
          <TextField
            label={t('people.deviceName')}
            hint={t('people.deviceHint')}
            longest={60}
            value={name}
            error={problem?.at('name')}
            onChange={setName}
          />
          <Trouble error={pair.error} marked={false} atFields />
          <Button type="primary" size="large" htmlType="submit" loading={pair.isPending}>
            {t('people.pairThis')}
          </Button>
        </Form>
      ) : (
        <div className={styles.signIn}>
          <p>{t('people.paired', { name: pair.data.person?.name ?? '' })}</p>
          <NewPin
            done={toWork}
            beside={
              <Button size="large" type="text" onClick={toWork}>
                {t('people.noPin')}
              </Button>
            }
          />
          <p className={common.quiet}>{t('people.noPinHint')}</p>
        </div>
      )}
    </main>
  );
}
