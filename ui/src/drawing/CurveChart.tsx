import { scaleLinear, scaleLog } from 'd3-scale';
import { area, line } from 'd3-shape';

import { ChartFrame, dashesOf, field, ticksOf, within } from './ChartFrame';
import styles from './drawing.module.css';

interface Point {
  x: number;
  y: number;
}

export interface Curve {
  label: string;
  colour: string;
  points: Point[];
  /** Whether the space below it is filled. */
  filled?: boolean;
}

interface Props {
  title: string;
  curves: Curve[];
  xTicks: number[];
  xLabel: string;
  yLabel: string;
  xText: (value: number) => string;
  yText: (value: number) => string;
  yTop: number;
}

const BOX = { width: 560, height: 250, left: 48, right: 30, top: 26, bottom: 44 };

/** Curves over a logarithmic axis, told apart by dashes as well as colour; CurveKey names them. */
export function CurveChart({ title, curves, xTicks, xLabel, yLabel, xText, yText, yTop }: Props) {
  const xs = curves.flatMap((curve) => curve.points.map((point) => point.x));
  const x = scaleLog([Math.min(...xs), Math.max(...xs)], field(BOX).x).clamp(true);
  const y = scaleLinear([0, yTop], field(BOX).y);
  const path = line<Point>(
    (point) => x(point.x),
    (point) => y(point.y),
  );
  const below = area<Point>(
    (point) => x(point.x),
    y(0),
    (point) => y(point.y),
  );

  return (
    <ChartFrame
      box={BOX}
      title={title}
      className={styles.curveChart}
      ruled
      outdent={0}
      xTicks={ticksOf(x, within(xTicks, x.domain()), xText)}
      yTicks={ticksOf(y, y.ticks(5), yText)}
      xLabel={xLabel}
      yLabel={yLabel}
    >
      {curves.map((curve, i) => (
        <g key={curve.label}>
          {curve.filled === true && <path d={below(curve.points) ?? ''} fill={curve.colour} opacity={0.75} />}
          <path
            d={path(curve.points) ?? ''}
            fill="none"
            stroke={curve.filled === true ? 'var(--ink)' : curve.colour}
            strokeWidth={curve.filled === true ? 1 : 2.6}
            strokeDasharray={dashesOf(i)}
          />
        </g>
      ))}
    </ChartFrame>
  );
}

/** The key to a chart's curves, with the dashes they are drawn in. */
export function CurveKey({ curves }: { curves: Pick<Curve, 'label' | 'colour' | 'filled'>[] }) {
  return (
    <ul className={styles.curveKey}>
      {curves.map((curve, i) => (
        <li key={curve.label}>
          <svg width="34" height="12" aria-hidden="true">
            {curve.filled === true ? (
              <rect width="34" height="12" fill={curve.colour} />
            ) : (
              <line x1="0" x2="34" y1="6" y2="6" stroke={curve.colour} strokeWidth="3" strokeDasharray={dashesOf(i)} />
            )}
          </svg>
          {curve.label}
        </li>
      ))}
    </ul>
  );
}
