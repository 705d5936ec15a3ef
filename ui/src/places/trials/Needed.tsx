import { Form } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';

import { askNeeded } from '../../api/trials';
import { typedNumber } from '../../i18n/numbers';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { useSettled } from '../../kit/hooks/useSettled';
import common from '../../styles/common.module.css';
import styles from './trials.module.css';

/** How many plants a trial needs, before one starts. */
export function Needed() {
  const { t } = useWords();
  const [difference, setDifference] = useState('1');
  const [spread, setSpread] = useState('1');
  const settled = useSettled(`${difference}|${spread}`, 250) !== null;
  const asked = { difference: typedNumber(difference) ?? 0, spread: typedNumber(spread) ?? 0 };
  const isAsked = settled && asked.difference > 0 && asked.spread > 0;
  const found = useQuery({
    queryKey: ['trials', 'needed', asked],
    queryFn: () => askNeeded(asked),
    enabled: isAsked,
    retry: false,
  });
  const wrong = (text: string) => ((typedNumber(text) ?? 0) > 0 ? undefined : t('trial.above'));

  return (
    <section className={`${styles.needed} ${common.noPrint}`}>
      <h2>{t('trial.needed')}</h2>
      <Form layout="vertical" className={styles.neededFields}>
        <NumberField
          label={t('trial.difference')}
          value={difference}
          error={wrong(difference)}
          onChange={setDifference}
        />
        <NumberField label={t('trial.spread')} value={spread} error={wrong(spread)} onChange={setSpread} />
        <p role="status">
          {found.isError
            ? found.error.message
            : found.data === undefined || !isAsked
              ? ''
              : t('trial.neededIs', { plants: found.data.plants })}
        </p>
      </Form>
      <p className={common.quiet}>{t('trial.neededWhy')}</p>
    </section>
  );
}
