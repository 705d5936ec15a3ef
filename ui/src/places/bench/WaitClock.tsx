import { Button } from 'antd';
import { useEffect, useState } from 'react';
import { useWords } from '../../i18n/words';
import { clockText, durationText } from './duration';
import { leftOf } from '../../kit/measured/readings';
import styles from './bench.module.css';

/** The clock of a step at which one waits. It goes on while the page is closed. */
export function WaitClock({ waitS, since, start }: { waitS: number; since: string | null; start: () => void }) {
  const { t } = useWords();
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (since === null) {
      return undefined;
    }
    const timer = window.setInterval(() => setNow(Date.now()), 1000);
    return () => window.clearInterval(timer);
  }, [since]);
  if (since === null) {
    return (
      <p className={styles.testClock}>
        <Button size="large" onClick={start}>
          {t('bench.startClock', { wait: durationText(waitS / 60) })}
        </Button>
      </p>
    );
  }
  const left = leftOf(since, waitS, now);
  return (
    <p className={styles.testClock} role="timer">
      <strong>{left > 0 ? t('bench.clock', { left: clockText(left) }) : t('bench.clockDone')}</strong>
    </p>
  );
}
