import { Button } from 'antd';

import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';
import styles from './trials.module.css';

/** A label for each pot of a trial, to be cut out. */
export function Labels({ trial, back }: { trial: Schemas['Trial']; back: () => void }) {
  const { t } = useWords();

  return (
    <>
      <div className={`${styles.acts} ${common.noPrint}`}>
        <Button type="primary" onClick={() => window.print()}>
          {t('trial.printLabels')}
        </Button>
        <Button onClick={back}>{t('trial.back')}</Button>
      </div>
      <ul className={styles.labels}>
        {trial.plants.map((row) => (
          <li key={row.plant_id}>
            <strong>
              {trial.blinded ? row.code : (trial.arms.find((arm) => arm.code === row.code)?.label ?? row.code)}
            </strong>
            <span>
              {row.number} {row.name}
            </span>
            <small>
              {trial.name}
              {row.block === '' ? '' : ` · ${row.block}`}
            </small>
          </li>
        ))}
      </ul>
    </>
  );
}
