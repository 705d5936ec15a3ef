import { scaleBand, scaleLog } from 'd3-scale';
import styles from './drawing.module.css';

interface Props {
  months: { name: string; value: number; mark: number; isFrosty: boolean }[];
  title: string;
  yLabel: string;
  valueName: string;
  markName: string;
  text: (value: number) => string;
}

const WIDTH = 600;
const HEIGHT = 250;
const LEFT = 46;
const RIGHT = 12;
const TOP = 40;
const BOTTOM = 30;

/** A bar for each month on a logarithmic axis, with a line across it for what it is held against. */
export function MonthBars({ months, title, yLabel, valueName, markName, text }: Props) {
  const all = months.flatMap((month) => [month.value, month.mark]);
  const y = scaleLog([Math.min(...all) / 1.6, Math.max(...all) * 1.15], [HEIGHT - BOTTOM, TOP]).clamp(true);
  const x = scaleBand(
    months.map((_, i) => String(i)),
    [LEFT, WIDTH - RIGHT],
  ).padding(0.22);

  return (
    <svg className={styles.plainChart} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={title}>
      {[6, 12, 24, 48, 96, 168, 336, 720, 2160, 8760]
        .filter((hours) => hours > (y.domain()[0] ?? 0) && hours < (y.domain()[1] ?? 0))
        .map((hours) => (
          <g key={hours} className={styles.axis}>
            <line x1={LEFT} x2={WIDTH - RIGHT} y1={y(hours)} y2={y(hours)} className={styles.grid} />
            <text x={LEFT - 6} y={y(hours) + 4} textAnchor="end">
              {text(hours)}
            </text>
          </g>
        ))}
      {months.map((month, i) => {
        const left = x(String(i)) ?? 0;

        return (
          <g key={month.name}>
            <rect
              x={left}
              width={x.bandwidth()}
              y={y(month.value)}
              height={Math.max(1, HEIGHT - BOTTOM - y(month.value))}
              className={month.value < month.mark ? `${styles.monthBar} ${styles.monthShort}` : styles.monthBar}
            />
            <line
              x1={left - 4}
              x2={left + x.bandwidth() + 4}
              y1={y(month.mark)}
              y2={y(month.mark)}
              className={styles.monthMark}
            />
            <text x={left + x.bandwidth() / 2} y={y(month.value) - 4} textAnchor="middle" className={styles.monthValue}>
              {text(month.value)}
            </text>
            <text x={left + x.bandwidth() / 2} y={HEIGHT - 12} textAnchor="middle" className={styles.axisText}>
              {month.name}
              {month.isFrosty ? ' *' : ''}
            </text>
          </g>
        );
      })}
      <text x={LEFT - 40} y={14} className={styles.caption}>
        {yLabel}
      </text>
      <g className="month-key">
        <rect x={WIDTH - 300} y={6} width={14} height={10} className={styles.monthBar} />
        <text x={WIDTH - 280} y={15}>
          {valueName}
        </text>
        <line x1={WIDTH - 190} x2={WIDTH - 168} y1={11} y2={11} className={styles.monthMark} />
        <text x={WIDTH - 162} y={15}>
          {markName}
        </text>
      </g>
    </svg>
  );
}
