import { scaleLinear, scaleLog } from 'd3-scale';
import { line } from 'd3-shape';

import { ChartFrame, dashesOf, field, ticksOf, within } from './ChartFrame';
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

const WIDE = 600;
/** Room for the names of curves, and without names. */
const RIGHT_NAMED = 78;
const RIGHT_BARE = 14;
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
  const box = { width, height, left: 46, right, top: 28, bottom: 40 };
  const domain = [Math.min(...xs), Math.max(...xs)];
  const x = (log ? scaleLog : scaleLinear)(domain, field(box).x).clamp(true);
  const y = scaleLinear([0, props.yTop ?? Math.max(...ys, 1e-9) * 1.08], field(box).y).clamp(true);
  const path = line<{ x: number; y: number }>(
    (point) => x(point.x),
    (point) => y(point.y),
  );
  const ends = spread(curves.map((curve) => y(curve.points.at(-1)?.y ?? 0)));

  return (
    <ChartFrame
      box={box}
      title={title}
      className={styles.plainChart}
      ruled
      xTicks={ticksOf(x, within(props.xTicks ?? x.ticks(width < WIDE ? 4 : 6), domain), props.xText)}
      yTicks={ticksOf(y, y.ticks(height < 200 ? 3 : 5), props.yText)}
      xLabel={props.xLabel}
      yLabel={props.yLabel}
    >
      {levels.map((level) => (
        <g key={level.label} className={styles.level}>
          <line x1={box.left} x2={width - right} y1={y(level.y)} y2={y(level.y)} />
          <text x={box.left + 4} y={y(level.y) - 4}>
            {level.label}
          </text>
        </g>
      ))}
      {marks.map((mark, i) => (
        <g key={mark.label} className={styles.mark}>
          <line x1={x(mark.x)} x2={x(mark.x)} y1={box.top - 4} y2={height - box.bottom} />
          <text x={x(mark.x) + 4} y={box.top + 8 + (i % 3) * LINE}>
            {mark.label}
          </text>
        </g>
      ))}
      {curves.map((curve, i) => (
        <g key={curve.label || i}>
          <path
            d={path(curve.points) ?? ''}
            fill="none"
            stroke={curve.colour}
            strokeWidth={2.6}
            strokeDasharray={dashesOf(i)}
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
    </ChartFrame>
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
