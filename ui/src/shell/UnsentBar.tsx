import { Button } from 'antd';

import { outbox, type Unsent, useSending, useUnsent } from '../api/outbox';
import { useWords } from '../i18n/words';
import styles from './shell.module.css';

/** What was tapped without a connection: how much waits, and what the server did not take when it came back. */
export function UnsentBar() {
  const { t } = useWords();
  useSending();
  const unsent = useUnsent();
  const waiting = unsent.filter(({ refused }) => refused === null);
  const refused = unsent.filter((each) => each.refused !== null);
  const say = (each: Unsent) => t(`unsent.${each.effect.kind}`);
  if (unsent.length === 0) {
    return null;
  }

  return (
    <aside className={styles.unsent} aria-label={t('unsent.title')}>
      {waiting.length > 0 && (
        <p role="status">
          <strong>◆ {t('unsent.waiting', { count: waiting.length })}</strong> {t('unsent.hint')}{' '}
          <Button onClick={() => void outbox.send()}>{t('unsent.try')}</Button>
        </p>
      )}
      {refused.length > 0 && (
        <ul role="alert">
          {refused.map((each) => (
            <Refused key={each.id} each={each} said={say(each)} />
          ))}
        </ul>
      )}
    </aside>
  );
}

function Refused({ each, said }: { each: Unsent; said: string }) {
  const { t, time } = useWords();

  return (
    <li>
      <span>
        <strong>{t('unsent.refused', { what: said, time: time(each.at) })}</strong> {each.refused}
      </span>
      <Button aria-label={`${t('unsent.seen')}: ${said}`} onClick={() => outbox.drop(each.id)}>
        {t('unsent.seen')}
      </Button>
    </li>
  );
}
