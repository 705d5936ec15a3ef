import { scaleLinear } from 'd3-scale';
import styles from './drawing.module.css';

export interface TradePoint {
  id: string;
  kind: 'this' | 'variant' | 'recipe';
  x: number;
  y: number;
  label: string;
  say: string;
}

interface Props {
  points: TradePoint[];
  xLabel: string;
  yLabel: string;
  xText: (value: number) => string;
  yText: (value: number) => string;
  title: string;
}

const WIDTH = 600;
const HEIGHT = 330;
const LEFT = 54;
const RIGHT = 24;
const TOP = 28;
const BOTTOM = 42;

/** Two figures against each other: this mix as a disc, its variants joined to it, other recipes as squares. */
export function TradeMap({ points, xLabel, yLabel, xText, yText, title }: Props) {
  const x = scaleLinear(widened(points.map((point) => point.x)), [LEFT, WIDTH - RIGHT]).nice();
  const y = scaleLinear(widened(points.map((point) => point.y)), [HEIGHT - BOTTOM, TOP]).nice();
  const now = points.find((point) => point.kind === 'this');

  return (
    <svg className={styles.tradeMap} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={title}>
      {y.ticks(5).map((tick) => (
        <g key={tick} className={styles.axis}>
          <line x1={LEFT} x2={WIDTH - RIGHT} y1={y(tick)} y2={y(tick)} className={styles.grid} />
          <text x={LEFT - 6} y={y(tick) + 4} textAnchor="end">
            {yText(tick)}
          </text>
        </g>
      ))}
      {x.ticks(6).map((tick) => (
        <text key={tick} x={x(tick)} y={HEIGHT - BOTTOM + 17} textAnchor="middle" className={styles.axisText}>
          {xText(tick)}
        </text>
      ))}
      {points
        .filter((point) => point.kind === 'variant')
        .map((point) => (
          <g key={point.id} className={styles.tradeVariant}>
            <title>{point.say}</title>
            {now !== undefined && <line x1={x(now.x)} y1={y(now.y)} x2={x(point.x)} y2={y(point.y)} />}
            <circle cx={x(point.x)} cy={y(point.y)} r={4} />
          </g>
        ))}
      {points
        .filter((point) => point.kind === 'recipe')
        .map((point) => (
          <g key={point.id} className={styles.tradeRecipe}>
            <title>{point.say}</title>
            <rect x={x(point.x) - 5} y={y(point.y) - 5} width={10} height={10} />
            <text
              x={x(point.x) + (x(point.x) > WIDTH - 150 ? -9 : 9)}
              y={y(point.y) + 4}
              textAnchor={x(point.x) > WIDTH - 150 ? 'end' : 'start'}
            >
              {point.label}
            </text>
          </g>
        ))}
      {now !== undefined && (
        <g className={styles.tradeThis}>
          <circle cx={x(now.x)} cy={y(now.y)} r={8} />
          <text
            x={x(now.x) + (x(now.x) > WIDTH - 150 ? -12 : 12)}
            y={y(now.y) - 9}
            textAnchor={x(now.x) > WIDTH - 150 ? 'end' : 'start'}
          >
            {now.label}
          </text>
        </g>
      )}
      <text x={LEFT - 46} y={14} className={styles.caption}>
        {yLabel}
      </text>
      <text x={(LEFT + WIDTH - RIGHT) / 2} y={HEIGHT - 6} textAnchor="middle" className={styles.caption}>
        {xLabel}
      </text>
    </svg>
  );
}

function widened(values: number[]): [number, number] {
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const room = (high - low || Math.abs(high) || 1) * 0.12;

  return [low - room, high + room];
}
