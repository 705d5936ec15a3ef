import { scaleLinear } from 'd3-scale';

import type { Schemas } from '../api/client';
import { useWords } from '../i18n/words';
import styles from './drawing.module.css';

type Point = Schemas['ProfilePoint'];

const WIDTH = 600;
const HEIGHT = 300;
const LEFT = 46;
const RIGHT = 20;
const TOP = 28;
const BOTTOM = 40;

/** Water and air by height: the new mix filled, the old ball as lines over it. */
export function ProfileChart({ mix, ball, depthCm }: { mix: Point[]; ball: Point[] | null; depthCm: number }) {
  const { t, n, percent } = useWords();
  const x = scaleLinear([0, 1], [LEFT, WIDTH - RIGHT]);
  const y = scaleLinear([0, depthCm], [HEIGHT - BOTTOM, TOP]);
  const line = (points: Point[], of: (point: Point) => number) =>
    points.map((point) => `${x(of(point)).toFixed(1)} ${y(point.z_cm).toFixed(1)}`).join('L');
  const water = `M${x(0)} ${y(mix[0]?.z_cm ?? 0)}L${line(mix, (point) => point.theta)}L${x(0)} ${y(mix.at(-1)?.z_cm ?? 0)}z`;
  const air = `M${line(mix, (point) => point.theta)}L${line([...mix].reverse(), (point) => point.theta + point.air)}z`;

  return (
    <svg
      className={styles.plainChart}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={t('profile.alt', { bottom: percent(mix[0]?.air ?? 0), top: percent(mix.at(-1)?.air ?? 0) })}
    >
      <path d={water} className={styles.profileWater} />
      <path d={air} className={styles.profileAir} />
      {y.ticks(5).map((tick) => (
        <g key={tick} className={styles.axis}>
          <line x1={LEFT} x2={WIDTH - RIGHT} y1={y(tick)} y2={y(tick)} className={styles.grid} />
          <text x={LEFT - 6} y={y(tick) + 4} textAnchor="end">
            {n(tick)}
          </text>
        </g>
      ))}
      {x.ticks(5).map((tick) => (
        <text key={tick} x={x(tick)} y={HEIGHT - BOTTOM + 17} textAnchor="middle" className={styles.axisText}>
          {percent(tick)}
        </text>
      ))}
      <text x={x((mix.at(-1)?.theta ?? 0) / 2)} y={y(depthCm * 0.62)} textAnchor="middle" className={styles.onWater}>
        {t('view.waterShare')}
      </text>
      <text x={x((mix.at(-1)?.theta ?? 0) + (mix.at(-1)?.air ?? 0) / 2)} y={y(depthCm * 0.62)} textAnchor="middle">
        {t('view.air')}
      </text>
      {ball !== null && (
        <g className={styles.profileBall}>
          <path d={`M${line(ball, (point) => point.theta)}`} />
          <path d={`M${line(ball, (point) => point.theta + point.air)}`} strokeDasharray="6 4" />
          <text x={x(ball.at(-1)?.theta ?? 0) + 6} y={y(ball.at(-1)?.z_cm ?? 0) - 6}>
            {t('view.oldBall')}
          </text>
        </g>
      )}
      <text x={LEFT - 40} y={14} className={styles.caption}>
        {t('view.heightAxis')}
      </text>
      <text x={(LEFT + WIDTH - RIGHT) / 2} y={HEIGHT - 6} textAnchor="middle" className={styles.caption}>
        {t('view.share')}
      </text>
    </svg>
  );
}
