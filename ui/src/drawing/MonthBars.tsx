import { scaleBand, scaleLog } from 'd3-scale';

import { ChartFrame, field, ticksOf } from './ChartFrame';
import styles from './drawing.module.css';

interface Props {
  months: { name: string; value: number; mark: number; isFrosty: boolean }[];
  title: string;
  yLabel: string;
  valueName: string;
  markName: string;
  text: (value: number) => string;
}

const BOX = { width: 600, height: 250, left: 46, right: 12, top: 40, bottom: 30 };
const GROUND = BOX.height - BOX.bottom;
/** Hours that people think in. */
const TICKS = [6, 12, 24, 48, 96, 168, 336, 720, 2160, 8760];

/** A bar for each month on a logarithmic axis, with a line across it for what it is held against. */
export function MonthBars({ months, title, yLabel, valueName, markName, text }: Props) {
  const all = months.flatMap((month) => [month.value, month.mark]);
  const y = scaleLog([Math.min(...all) / 1.6, Math.max(...all) * 1.15], field(BOX).y).clamp(true);
  const x = scaleBand(
    months.map((_, i) => String(i)),
    field(BOX).x,
  ).padding(0.22);

  const [low = 0, high = 0] = y.domain();

  return (
    <ChartFrame
      box={BOX}
      title={title}
      className={styles.plainChart}
      xTicks={months.map((month, i) => ({
        at: (x(String(i)) ?? 0) + x.bandwidth() / 2,
        text: month.name + (month.isFrosty ? ' *' : ''),
      }))}
      yTicks={ticksOf(
        y,
        TICKS.filter((hours) => hours > low && hours < high),
        text,
      )}
      yLabel={yLabel}
    >
      {months.map((month, i) => {
        const left = x(String(i)) ?? 0;

        return (
          <g key={month.name}>
            <rect
              x={left}
              width={x.bandwidth()}
              y={y(month.value)}
              height={Math.max(1, GROUND - y(month.value))}
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
          </g>
        );
      })}
      <g>
        <rect x={BOX.width - 300} y={6} width={14} height={10} className={styles.monthBar} />
        <text x={BOX.width - 280} y={15}>
          {valueName}
        </text>
        <line x1={BOX.width - 190} x2={BOX.width - 168} y1={11} y2={11} className={styles.monthMark} />
        <text x={BOX.width - 162} y={15}>
          {markName}
        </text>
      </g>
    </ChartFrame>
  );
}
