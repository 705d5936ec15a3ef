import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';
import { stepsOf } from './potSteps';
import common from '../../styles/common.module.css';
import styles from './days.module.css';

/** Everything for one plant, in the order in which it is done. */
export function PotCard({ entry }: { entry: Schemas['DayEntry'] }) {
  const { t, n, q, percent } = useWords();
  const steps = stepsOf(entry, {
    n,
    q,
    percent,
    treatment: (word) => t(`batch.gaps.${word}`),
    side: (side) => t(`side.${side}`),
    word: (id) => t(id),
    buried: (rows) =>
      rows
        .map(({ kind, note }) => (note === '' ? t(`plants.buried.${kind}`) : `${t(`plants.buried.${kind}`)} (${note})`))
        .join(', '),
  });

  return (
    <div className={styles.potCard}>
      <p className={styles.potCardInto}>
        {entry.count > 1 && (
          <>
            <strong>{t('potting.each', { count: entry.count })}</strong>{' '}
          </>
        )}
        {entry.plant.species ?? t(`plants.${entry.plant.plant_group}`)} → <strong>{entry.pot.name}</strong>
        {entry.plant.front !== '' && ` · ${t('plant.front', { front: entry.plant.front })}`}
      </p>
      <ol>
        {steps.map((step, i) => (
          <li key={i} className={step.weight === undefined ? '' : `${styles[`step-${step.weight}`]}`}>
            {step.weight === 'mind' && <span aria-hidden="true">◆ </span>}
            {t(step.id, step.gaps)}
          </li>
        ))}
      </ol>
      {entry.plan.note !== '' && <p className={styles.potCardNote}>{entry.plan.note}</p>}
      <p className={common.quiet}>
        {t('potting.expect')}: {t('potting.expect.still')} {t('potting.expect.alarm')}
      </p>
    </div>
  );
}
