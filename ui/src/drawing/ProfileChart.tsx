import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';

import type { Schemas } from '../api/client';
import { useWords } from '../i18n/words';
import { ChartFrame, field, ticksOf } from './ChartFrame';
import styles from './drawing.module.css';

type Point = Schemas['ProfilePoint'];

const BOX = { width: 600, height: 300, left: 46, right: 20, top: 28, bottom: 40 };

/** Water and air by height: the new mix filled, the old ball as lines over it. */
export function ProfileChart({ mix, ball, depthCm }: { mix: Point[]; ball: Point[] | null; depthCm: number }) {
  const { t, n, percent, shown } = useWords();
  const x = scaleLinear([0, 1], field(BOX).x);
  const y = scaleLinear([0, depthCm], field(BOX).y);
  const inUnits = scaleLinear([0, shown(depthCm, 'cm')], field(BOX).y);
  const theta = (point: Point) => x(point.theta);
  const filled = (point: Point) => x(point.theta + point.air);
  const height = (point: Point) => y(point.z_cm);
  const between = (from: typeof theta, to: typeof theta) => area<Point>().x0(from).x1(to).y(height)(mix) ?? '';
  const along = (of: typeof theta, points: Point[]) => line<Point>(of, height)(points) ?? '';

  return (
    <ChartFrame
      box={BOX}
      title={t('profile.alt', { bottom: percent(mix[0]?.air ?? 0), top: percent(mix.at(-1)?.air ?? 0) })}
      className={styles.plainChart}
      xTicks={ticksOf(x, x.ticks(5), percent)}
      yTicks={ticksOf(inUnits, inUnits.ticks(5), n)}
      xLabel={t('view.share')}
      yLabel={t('view.heightAxis')}
      beneath={
        <>
          <path d={between(() => x(0), theta)} className={styles.profileWater} />
          <path d={between(theta, filled)} className={styles.profileAir} />
        </>
      }
    >
      <text x={x((mix.at(-1)?.theta ?? 0) / 2)} y={y(depthCm * 0.62)} textAnchor="middle" className={styles.onWater}>
        {t('view.waterShare')}
      </text>
      <text x={x((mix.at(-1)?.theta ?? 0) + (mix.at(-1)?.air ?? 0) / 2)} y={y(depthCm * 0.62)} textAnchor="middle">
        {t('view.air')}
      </text>
      {ball !== null && (
        <g className={styles.profileBall}>
          <path d={along(theta, ball)} />
          <path d={along(filled, ball)} strokeDasharray="6 4" />
          <text x={x(ball.at(-1)?.theta ?? 0) + 6} y={y(ball.at(-1)?.z_cm ?? 0) - 6}>
            {t('view.oldBall')}
          </text>
        </g>
      )}
    </ChartFrame>
  );
}
