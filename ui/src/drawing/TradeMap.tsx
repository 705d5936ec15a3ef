import { scaleLinear } from 'd3-scale';

import { ChartFrame, field, ticksOf } from './ChartFrame';
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

const BOX = { width: 600, height: 330, left: 54, right: 24, top: 28, bottom: 42 };
/** From here on a name stands left of its point. */
const TURN = BOX.width - 150;

/** Two figures against each other: this mix as a disc, its variants joined to it, other recipes as squares. */
export function TradeMap({ points, xLabel, yLabel, xText, yText, title }: Props) {
  const x = scaleLinear(widened(points.map((point) => point.x)), field(BOX).x).nice();
  const y = scaleLinear(widened(points.map((point) => point.y)), field(BOX).y).nice();
  const now = points.find((point) => point.kind === 'this');

  return (
    <ChartFrame
      box={BOX}
      title={title}
      className={styles.tradeMap}
      outdent={46}
      xTicks={ticksOf(x, x.ticks(6), xText)}
      yTicks={ticksOf(y, y.ticks(5), yText)}
      xLabel={xLabel}
      yLabel={yLabel}
    >
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
              x={x(point.x) + (x(point.x) > TURN ? -9 : 9)}
              y={y(point.y) + 4}
              textAnchor={x(point.x) > TURN ? 'end' : 'start'}
            >
              {point.label}
            </text>
          </g>
        ))}
      {now !== undefined && (
        <g className={styles.tradeThis}>
          <circle cx={x(now.x)} cy={y(now.y)} r={8} />
          <text
            x={x(now.x) + (x(now.x) > TURN ? -12 : 12)}
            y={y(now.y) - 9}
            textAnchor={x(now.x) > TURN ? 'end' : 'start'}
          >
            {now.label}
          </text>
        </g>
      )}
    </ChartFrame>
  );
}

function widened(values: number[]): [number, number] {
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const room = (high - low || Math.abs(high) || 1) * 0.12;

  return [low - room, high + room];
}
