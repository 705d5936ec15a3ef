import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';
import { MARKS } from '../../kit/mixes/marks';
import { figure } from '../../kit/mixes/verdictWords';
import common from '../../styles/common.module.css';
import styles from './days.module.css';

type Entry = Schemas['DayEntry'];

/** Whether what it is potted into suits it: the worst figure with its mark. */
export function Suits({ entry }: { entry: Entry }) {
  const words = useWords();
  const { t } = words;
  const { worst, assessment } = entry;
  if (worst === null || assessment === null) {
    return <span className={common.quiet}>–</span>;
  }
  if (worst.level === 'good') {
    return (
      <span className={styles.good}>
        <span aria-hidden="true">{MARKS.good}</span> {t('level.good')}
      </span>
    );
  }
  const value = worst.value === null ? t('verdict.noOutlet') : figure(worst.criterion, worst.value, words);

  return (
    <span className={worst.level === 'stop' ? common.stop : common.mind}>
      <span aria-hidden="true">{MARKS[worst.level]}</span>{' '}
      {t(assessment.rating === 'lethal' ? 'rating.lethal' : `level.${worst.level}`)}: {t(`verdict.${worst.criterion}`)}{' '}
      {value}
    </span>
  );
}

/** What speaks against potting it on this day: sick, the season, frost to come. */
export function Against({ entry }: { entry: Entry }) {
  const { t } = useWords();
  const said = entry.against.map((word) =>
    word === 'frost'
      ? t('day.frost')
      : t(word === 'early' || word === 'late' ? `season.${word}` : `health.${word}`).toLowerCase(),
  );

  return said.length === 0 || entry.state !== 'planned' ? null : (
    <span className={common.mind}>◆ {said.join(', ')}</span>
  );
}
