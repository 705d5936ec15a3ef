import { scaleLinear, scaleLog } from 'd3-scale';

import type { Curve } from './CurveChart';
import styles from './drawing.module.css';

export interface Mark {
  x: number;
  label: string;
}

export interface Dot {
  x: number;
  y: number;
  label: string;
  shape?: 'round' | 'square';
}

interface Props {
  title: string;
  curves: Curve[];
  xLabel: string;
  yLabel: string;
  xText: (value: number) => string;
  yText: (value: number) => string;
  /** Lines across the picture at places on the x axis. */
  marks?: Mark[];
  /** Lines along the picture at heights on the y axis. */
  levels?: { y: number; label: string }[];
  dots?: Dot[];
  log?: boolean;
  yTop?: number;
  height?: number;
  width?: number;
  xTicks?: number[];
}

const LEFT = 46;
const WIDE = 600;
/** Room for the names of curves, and without names. */
const RIGHT_NAMED = 78;
const RIGHT_BARE = 14;
const TOP = 28;
const BOTTOM = 40;
const DASHES = ['', '7 4', '2 3', '9 3 2 3'];
/** Labels nearer to each other than this are moved apart. */
const LINE = 15;

/** Curves with their names at their ends, marks and dots, on plain or logarithmic axes. */
export function PlainChart(props: Props) {
  const { title, curves, marks = [], levels = [], dots = [], log = false, height = 270, width = WIDE } = props;
  const right = curves.some((curve) => curve.label !== '') ? RIGHT_NAMED : RIGHT_BARE;
  const xs = [...curves.flatMap((curve) => curve.points.map((point) => point.x)), ...dots.map((dot) => dot.x)];
  const ys = [
    ...curves.flatMap((curve) => curve.points.map((point) => point.y)),
    ...dots.map((dot) => dot.y),
    ...levels.map((level) => level.y),
  ];
  const top = props.yTop ?? Math.max(...ys, 1e-9) * 1.08;
  const domain = [Math.min(...xs), Math.max(...xs)];
  const x = (log ? scaleLog : scaleLinear)(domain, [LEFT, width - right]).clamp(true);
  const y = scaleLinear([0, top], [height - BOTTOM, TOP]).clamp(true);
  const ticks = props.xTicks ?? x.ticks(width < WIDE ? 4 : 6);
  const ends = spread(curves.map((curve) => y(curve.points.at(-1)?.y ?? 0)));

  return (
    <svg className={styles.plainChart} viewBox={`0 0 ${width} ${height}`} role="img" aria-label={title}>
      {y.ticks(height < 200 ? 3 : 5).map((tick) => (
        <g key={tick} className={styles.axis}>
          <line x1={LEFT} x2={width - right} y1={y(tick)} y2={y(tick)} className={styles.grid} />
          <text x={LEFT - 6} y={y(tick) + 4} textAnchor="end">
            {props.yText(tick)}
          </text>
        </g>
      ))}
      {ticks
        .filter((tick) => tick >= (domain[0] ?? 0) * 0.999 && tick <= (domain[1] ?? 0) * 1.001)
        .map((tick) => (
          <g key={tick} className={styles.axis}>
            <line x1={x(tick)} x2={x(tick)} y1={height - BOTTOM} y2={height - BOTTOM + 4} />
            <text x={x(tick)} y={height - BOTTOM + 17} textAnchor="middle">
              {props.xText(tick)}
            </text>
          </g>
        ))}
      <line x1={LEFT} x2={width - right} y1={height - BOTTOM} y2={height - BOTTOM} className={styles.axis} />
      {levels.map((level) => (
        <g key={level.label} className={styles.level}>
          <line x1={LEFT} x2={width - right} y1={y(level.y)} y2={y(level.y)} />
          <text x={LEFT + 4} y={y(level.y) - 4}>
            {level.label}
          </text>
        </g>
      ))}
      {marks.map((mark, i) => (
        <g key={mark.label} className={styles.mark}>
          <line x1={x(mark.x)} x2={x(mark.x)} y1={TOP - 4} y2={height - BOTTOM} />
          <text x={x(mark.x) + 4} y={TOP + 8 + (i % 3) * LINE}>
            {mark.label}
          </text>
        </g>
      ))}
      {curves.map((curve, i) => (
        <g key={curve.label || i}>
          <path
            d={`M${curve.points.map((point) => `${x(point.x).toFixed(1)} ${y(point.y).toFixed(1)}`).join('L')}`}
            fill="none"
            stroke={curve.colour}
            strokeWidth={2.6}
            strokeDasharray={DASHES[i % DASHES.length]}
          />
          <text x={width - right + 6} y={(ends[i] ?? 0) + 4} className={styles.curveName}>
            {curve.label}
          </text>
        </g>
      ))}
      {dots.map((dot) => (
        <g key={dot.label} className={styles.dot}>
          <title>{dot.label}</title>
          {dot.shape === 'square' ? (
            <rect x={x(dot.x) - 4} y={y(dot.y) - 4} width={8} height={8} />
          ) : (
            <circle cx={x(dot.x)} cy={y(dot.y)} r={4.5} />
          )}
        </g>
      ))}
      <text x={LEFT - 40} y={14} className={styles.caption}>
        {props.yLabel}
      </text>
      <text x={(LEFT + width - right) / 2} y={height - 6} textAnchor="middle" className={styles.caption}>
        {props.xLabel}
      </text>
    </svg>
  );
}

/** Heights of labels moved apart until none covers another, in the order that they came. */
export function spread(heights: number[]): number[] {
  const order = heights.map((height, i) => ({ height, i })).sort((a, b) => a.height - b.height);
  for (let k = 1; k < order.length; ++k) {
    const [above, below] = [order[k - 1], order[k]];
    if (above !== undefined && below !== undefined && below.height - above.height < LINE) {
      below.height = above.height + LINE;
    }
  }

  return heights.map((_, i) => order.find((each) => each.i === i)?.height ?? 0);
}
