import { scaleLinear, scaleLog } from 'd3-scale';
import styles from './drawing.module.css';

export interface Curve {
  label: string;
  colour: string;
  points: { x: number; y: number }[];
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

const WIDTH = 560;
const HEIGHT = 250;
const LEFT = 48;
const RIGHT = 30;
const TOP = 26;
const BOTTOM = 44;
const DASHES = ['', '7 4', '2 3', '9 3 2 3'];

/** Curves over a logarithmic axis, told apart by dashes as well as colour; CurveKey names them. */
export function CurveChart({ title, curves, xTicks, xLabel, yLabel, xText, yText, yTop }: Props) {
  const xs = curves.flatMap((curve) => curve.points.map((point) => point.x));
  const x = scaleLog([Math.min(...xs), Math.max(...xs)], [LEFT, WIDTH - RIGHT]).clamp(true);
  const y = scaleLinear([0, yTop], [HEIGHT - BOTTOM, TOP]);
  const line = (curve: Curve) =>
    curve.points.map((point) => `${x(point.x).toFixed(1)} ${y(point.y).toFixed(1)}`).join('L');
  const [from, to] = x.domain();

  return (
    <svg className={styles.curveChart} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={title}>
      {y.ticks(5).map((tick) => (
        <g key={tick} className={styles.axis}>
          <line x1={LEFT} x2={WIDTH - RIGHT} y1={y(tick)} y2={y(tick)} className={styles.grid} />
          <text x={LEFT - 6} y={y(tick) + 4} textAnchor="end">
            {yText(tick)}
          </text>
        </g>
      ))}
      {xTicks
        .filter((tick) => tick >= (from ?? 0) * 0.999 && tick <= (to ?? 0) * 1.001)
        .map((tick) => (
          <g key={tick} className={styles.axis}>
            <line x1={x(tick)} x2={x(tick)} y1={HEIGHT - BOTTOM} y2={HEIGHT - BOTTOM + 4} />
            <text x={x(tick)} y={HEIGHT - BOTTOM + 17} textAnchor="middle">
              {xText(tick)}
            </text>
          </g>
        ))}
      <line x1={LEFT} x2={WIDTH - RIGHT} y1={HEIGHT - BOTTOM} y2={HEIGHT - BOTTOM} className={styles.axis} />
      {curves.map((curve, i) => (
        <g key={curve.label}>
          {curve.filled === true && (
            <path
              d={`M${x(curve.points[0]?.x ?? 1)} ${y(0)}L${line(curve)}L${x(curve.points.at(-1)?.x ?? 1)} ${y(0)}z`}
              fill={curve.colour}
              opacity={0.75}
            />
          )}
          <path
            d={`M${line(curve)}`}
            fill="none"
            stroke={curve.filled === true ? 'var(--ink)' : curve.colour}
            strokeWidth={curve.filled === true ? 1 : 2.6}
            strokeDasharray={DASHES[i % DASHES.length]}
          />
        </g>
      ))}
      <text x={LEFT} y={14} className={styles.caption}>
        {yLabel}
      </text>
      <text x={(LEFT + WIDTH - RIGHT) / 2} y={HEIGHT - 6} textAnchor="middle" className={styles.caption}>
        {xLabel}
      </text>
    </svg>
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
              <line
                x1="0"
                x2="34"
                y1="6"
                y2="6"
                stroke={curve.colour}
                strokeWidth="3"
                strokeDasharray={DASHES[i % DASHES.length]}
              />
            )}
          </svg>
          {curve.label}
        </li>
      ))}
    </ul>
  );
}
