import { scaleLinear } from 'd3-scale';

import styles from './drawing.module.css';

export interface Group {
  name: string;
  values: number[];
  mean: number | null;
}

interface Props {
  title: string;
  groups: Group[];
  label: string;
  text: (value: number) => string;
}

const WIDTH = 620;
const ROW = 46;
const LEFT = 130;
const RIGHT = 24;
const TOP = 12;
const BOTTOM = 40;
const R = 4.5;

/** What was measured at each plant, a row for each group: a dot for a plant, a stroke for the mean. */
export function GroupDots({ title, groups, label, text }: Props) {
  const all = groups.flatMap(({ values }) => values);
  const [least, most] = [Math.min(...all), Math.max(...all)];
  const spare = (most - least || Math.abs(most) || 1) * 0.06;
  const x = scaleLinear([least - spare, most + spare], [LEFT, WIDTH - RIGHT]);
  const height = TOP + groups.length * ROW + BOTTOM;

  return (
    <div className={styles.groupDotsRoom} role="group" aria-label={title} tabIndex={0}>
      <svg className={styles.groupDots} viewBox={`0 0 ${WIDTH} ${height}`} role="img" aria-label={title}>
        {groups.map(({ name, values, mean }, row) => {
          const y = TOP + row * ROW + ROW / 2;

          return (
            <g key={name}>
              <line className={styles.groupRule} x1={LEFT} x2={WIDTH - RIGHT} y1={y} y2={y} />
              <text x={LEFT - 10} y={y + 5} textAnchor="end">
                {name}
              </text>
              {values.map((value, i) => (
                // plants of one value stand one above the other
                <circle key={`${value} ${i}`} cx={x(value)} cy={y + ((i % 3) - 1) * 5} r={R} />
              ))}
              {mean !== null && (
                <>
                  <line className={styles.groupMean} x1={x(mean)} x2={x(mean)} y1={y - 15} y2={y + 15} />
                  <text className={styles.groupFigure} x={x(mean)} y={y - 17} textAnchor="middle">
                    {text(mean)}
                  </text>
                </>
              )}
            </g>
          );
        })}
        {x.ticks(6).map((tick) => (
          <text key={tick} className={styles.groupTick} x={x(tick)} y={height - 20} textAnchor="middle">
            {text(tick)}
          </text>
        ))}
        <text className={styles.groupTick} x={(LEFT + WIDTH - RIGHT) / 2} y={height - 3} textAnchor="middle">
          {label}
        </text>
      </svg>
    </div>
  );
}
