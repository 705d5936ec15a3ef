import { Alert, Button } from 'antd';
import { useId, useState } from 'react';

import { useTakeYard } from '../../api/files';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';
import kit from '../kit.module.css';
import styles from './lists.module.css';

/** The whole yard out as one file, and in where there is none yet. */
export function WholeYard({ attempt }: { attempt: (work: () => Promise<void>) => Promise<void> }) {
  const { t } = useWords();
  const take = useTakeYard();
  const [rows, setRows] = useState<number | null>(null);
  const id = useId();

  return (
    <section>
      <h3>{t('exchange.yard')}</h3>
      <p className={common.quiet}>{t('exchange.yardHint')}</p>
      <p className={styles.exchangeOut}>
        <Button href="/api/v1/yard" download>
          {t('exchange.yardOut')}
        </Button>{' '}
        <Button href="/api/v1/backup" download>
          {t('exchange.backup')}
        </Button>
      </p>
      <p className={common.quiet}>{t('exchange.backupHint')}</p>
      <p>
        <label htmlFor={id} className={kit.fileLabel}>
          {t('exchange.yardIn')}
        </label>
        <input
          id={id}
          type="file"
          accept=".zip,application/zip"
          onChange={(event) => {
            const chosen = event.target.files?.[0];
            if (chosen !== undefined) {
              setRows(null);
              void attempt(async () => setRows(await take(chosen)));
            }
          }}
        />
      </p>
      {rows !== null && <Alert type="success" showIcon title={t('exchange.yardTaken', { rows })} />}
    </section>
  );
}
