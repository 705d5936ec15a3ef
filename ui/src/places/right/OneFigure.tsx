import { Link } from 'react-router';

import type { Schemas } from '../../api/client';
import { PlainChart } from '../../drawing/PlainChart';
import { useWords } from '../../i18n/words';
import { CsvButton } from '../../kit/lists/CsvButton';
import common from '../../styles/common.module.css';
import { useFigureWords } from '../../kit/log/useFigureWords';
import styles from './right.module.css';

const YEAR_MS = 365.25 * 86_400_000;
const MOST_LISTED = 12;

/** One figure over time: a dot for each time it was measured, the line where both are the same; what stands out is listed. */
export function OneFigure({ figure }: { figure: Schemas['PredictedFigure'] }) {
  const { t, n, day } = useWords();
  const say = useFigureWords();
  const time = (on: string) => new Date(`${on}T12:00:00Z`).getTime() / YEAR_MS + 1970;
  const value = ({ measured, computed }: { measured: number; computed: number }) =>
    figure.is_ratio ? measured / computed : measured - computed;
  const out = figure.points.filter((point) => point.out);
  const listed = (out.length > 0 ? out : [...figure.points].reverse()).slice(0, MOST_LISTED);
  const isSpread = new Set(figure.points.map(({ on }) => on)).size > 1;
  const least = figure.is_ratio ? 0 : Math.min(0, ...figure.points.map(value));

  return (
    <section className={styles.one}>
      <div className={styles.head}>
        <h2>{say.name(figure.figure)}</h2>
        <CsvButton name={`zolbek-${figure.figure}`} rows={figure.points} />
      </div>
      <p>{say.verdict(figure)}</p>
      {isSpread && (
        <PlainChart
          title={t('right.chart', { figure: say.name(figure.figure) })}
          curves={[]}
          dots={figure.points.map((point) => ({
            x: time(point.on),
            y: value(point) - least,
            label: '',
            ...(point.out ? { shape: 'square' as const } : {}),
          }))}
          levels={[{ y: (figure.is_ratio ? 1 : 0) - least, label: t('right.same') }]}
          xLabel={t('right.when')}
          yLabel={t(figure.is_ratio ? 'right.ratio' : 'right.difference')}
          xText={(at) => day(new Date((at - 1970) * YEAR_MS).toISOString().slice(0, 10))}
          yText={(at) => n(at + least, 2)}
          height={230}
        />
      )}
      <h3>{t(out.length > 0 ? 'right.standOut' : 'right.last')}</h3>
      <ul className={common.plainList}>
        {listed.map((point) => (
          <li key={`${point.on} ${point.link} ${point.measured}`}>
            <Link to={point.link}>{point.name}</Link>, {day(point.on)}:{' '}
            {t('right.pair', { measured: n(point.measured, 3), computed: n(point.computed, 3) })}
          </li>
        ))}
      </ul>
    </section>
  );
}
