import type { ReactNode } from 'react';
import { Link } from 'react-router';

import { Scrolls } from '../../kit/Scrolls';
import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';
import { ShareText } from './ShareText';
import styles from './outcomes.module.css';

type Sums = Schemas['OutcomeSums'];

/** What came of a mix, line by line; of two side by side. */
export function SumsTable({ outcome }: { outcome: Schemas['MixOutcome'] }) {
  const { t, n } = useWords();
  const columns = [outcome, ...(outcome.beside === null ? [] : [outcome.beside])];
  const years = (value: number | null) =>
    value === null ? '–' : t('outcome.years', { years: n(Math.round(10 * value) / 10, 3) });
  const rows: [string, (sums: Sums) => ReactNode][] = [
    [t('outcome.plants'), ({ now, before }) => t('outcome.nowBefore', { now, before })],
    [t('outcome.rowTook'), ({ took }) => <ShareText of={took} />],
    [t('outcome.rowSulked'), ({ sulked }) => <ShareText of={sulked} />],
    [t('outcome.diedSixWeeks'), ({ died_six_weeks }) => <ShareText of={died_six_weeks} />],
    [t('outcome.diedYear'), ({ died_year }) => <ShareText of={died_year} />],
    [t('outcome.roots'), ({ roots }) => <Roots roots={roots} />],
    [
      t('outcome.lasted'),
      ({ years: of }) => (
        <>
          {of.ended > 0
            ? t('outcome.stood', { years: years(of.stood), count: of.ended })
            : t('outcome.soFar', { years: years(of.so_far) })}
          <small>
            {' '}
            {of.forecast !== null &&
              t(of.beyond > 0 ? 'outcome.forecastLeast' : 'outcome.forecast', { years: years(of.forecast) })}
          </small>
        </>
      ),
    ],
    [
      t('outcome.growth'),
      ({ growth }) =>
        growth.mm_year === null ? (
          <span className={common.quiet}>{t('outcome.notMeasured')}</span>
        ) : (
          <>
            {t('outcome.mmYear', { mm: n(growth.mm_year, 2) })}{' '}
            <small>
              {growth.deviation === null
                ? t('outcome.plantsOf', { count: growth.n })
                : t('outcome.apart', { mm: n(growth.deviation, 2), count: growth.n })}
            </small>
          </>
        ),
    ],
    [
      t('outcome.runThrough'),
      ({ run_through }) =>
        run_through.measured_s === null ? (
          <span className={common.quiet}>{t('outcome.notMeasured')}</span>
        ) : (
          <>
            {t('outcome.seconds', { seconds: n(run_through.measured_s, 2) })}{' '}
            <small>
              {run_through.computed_s === null
                ? ''
                : t('outcome.computed', { seconds: n(run_through.computed_s, 2), count: run_through.n })}
            </small>
          </>
        ),
    ],
    [t('outcome.complaints'), ({ complaints }) => <Complaints complaints={complaints} />],
  ];

  return (
    <Scrolls name={t('outcome.title')}>
      <table className={styles.sums}>
        <thead>
          <tr>
            <th scope="col">
              <span className={common.visuallyHidden}>{t('outcome.what')}</span>
            </th>
            {columns.map(({ recipe }) => (
              <th key={recipe.id} scope="col">
                {recipe.name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(([label, of]) => (
            <tr key={label}>
              <th scope="row">{label}</th>
              {columns.map(({ recipe, sums }) => (
                <td key={recipe.id}>{of(sums)}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </Scrolls>
  );
}

function Roots({ roots }: { roots: Sums['roots'] }) {
  const { t, percent } = useWords();

  return roots.looked === 0 ? (
    <span className={common.quiet}>{t('outcome.nobodyLooked')}</span>
  ) : (
    <>
      {roots.findings
        .slice(0, 4)
        .map(({ finding, of }) => `${t(`finding.${finding}`)} ${of === null ? '' : percent(of.share)}`)
        .join(' · ')}{' '}
      <small>{t('outcome.looked', { count: roots.looked })}</small>
    </>
  );
}

function Complaints({ complaints }: { complaints: Sums['complaints'] }) {
  const { t, day } = useWords();

  return complaints.n === 0 ? (
    <span className={common.quiet}>{t('outcome.noComplaints')}</span>
  ) : (
    <details className={styles.complaints}>
      <summary>{t('outcome.complained', { count: complaints.n })}</summary>
      <ul>
        {complaints.last.map((each) => (
          <li key={`${each.plant_id} ${each.on} ${each.text}`}>
            {each.text} <Link to={`/plants/${each.plant_id}`}>{each.plant}</Link>, {day(each.on)}
          </li>
        ))}
      </ul>
    </details>
  );
}
