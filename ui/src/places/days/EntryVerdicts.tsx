import type { Schemas } from '../../api/client';
import { useJudgement } from '../../api/days';
import { useWords } from '../../i18n/words';
import { MARKS } from '../../kit/mixes/marks';
import { figure, names, sentence, why } from '../../kit/mixes/verdictWords';
import { DoButton } from '../../kit/people/DoButton';
import common from '../../styles/common.module.css';
import styles from './days.module.css';

interface Props {
  day: number;
  entry: Schemas['DayEntry'];
  take: ((changes: Schemas['EntryChanges']) => void) | null;
}

/** How well it is potted so: each figure in its band, worst first, and what would mend it here. */
export function EntryVerdicts({ day, entry, take }: Props) {
  const words = useWords();
  const { t, n } = words;
  const judged = useJudgement(day, entry.id, entry.revision).data;
  if (judged === undefined || judged === null) {
    return judged === undefined ? <p className={common.quiet}>{t('common.loading')}</p> : null;
  }
  const offer = (mend: Schemas['EntryMend']) =>
    t(`entry.mend.${mend.kind}`, { name: mend.name ?? '', mm: n(mend.changes.rinse?.mm ?? 0) });
  const about = {
    group: entry.plant.plant_group,
    pot: judged.pot,
    plannedYears: judged.planned_years,
    water: judged.water,
    years: judged.years,
  };

  return (
    <section aria-label={t('entry.judged')}>
      <h3>
        {t('entry.judged')}: {t(`rating.${judged.rating}`)}
      </h3>
      <p>{why(judged.rating, judged.verdicts, words)}</p>
      {judged.mends.length > 0 && (
        <ul className={styles.entryMends}>
          {judged.mends.map((mend) => (
            <li key={mend.kind}>
              <span>
                {offer(mend)}: {t(`rating.${mend.rating}`).toLowerCase()},{' '}
                {t(`verdict.${mend.criterion}`).toLowerCase()}{' '}
                {mend.value === null ? '–' : figure(mend.criterion, mend.value, words)}
                {mend.worsens.length > 0 &&
                  `, ${t('entry.mend.worsens', {
                    criteria: names(
                      mend.worsens.map((criterion) => ({ criterion })),
                      t,
                    ),
                  })}`}
              </span>
              {take !== null && (
                <DoButton aria-label={`${t('entry.mend.take')}: ${offer(mend)}`} onClick={() => take(mend.changes)}>
                  {t('entry.mend.take')}
                </DoButton>
              )}
            </li>
          ))}
        </ul>
      )}
      {judged.rating !== 'good' && judged.mends.length === 0 && take !== null && (
        <p className={common.quiet}>{t('entry.mend.none')}</p>
      )}
      <details open={judged.verdicts.some((verdict) => verdict.level === 'stop')}>
        <summary>{t('entry.figuresInBands')}</summary>
        <ul className={styles.entryVerdicts}>
          {judged.verdicts.map((verdict) => (
            <li
              key={verdict.criterion}
              className={verdict.level === 'stop' ? common.stop : verdict.level === 'mind' ? common.mind : ''}
            >
              <span aria-hidden="true">{MARKS[verdict.level]}</span>
              <span className={common.visuallyHidden}>{t(`level.${verdict.level}`)}</span>{' '}
              {t(`verdict.${verdict.criterion}`)}{' '}
              <strong>
                {verdict.value === null ? t('verdict.noOutlet') : figure(verdict.criterion, verdict.value, words)}
              </strong>
              <small className={common.quiet}> {sentence(verdict, about, words)}</small>
            </li>
          ))}
        </ul>
      </details>
    </section>
  );
}
