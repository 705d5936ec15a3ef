import type { Schemas } from '../api/client';
import styles from './drawing.module.css';

const WIDTH = 176;
const HEIGHT = 74;
const PAD = 3;
/** From the coldest to the hottest that is drawn, degC; and the wettest month, mm. */
const COLDEST = -25;
const HOTTEST = 42;
const WETTEST = 320;

/** A year of a place: each month from its coldest to its hottest, over its rain, with a line where water freezes. */
export function ClimateYear({ months, label }: { months: Schemas['Month'][]; label: string }) {
  const step = (WIDTH - 2 * PAD) / 12;
  const y = (degrees: number) =>
    PAD + ((HOTTEST - Math.min(HOTTEST, Math.max(COLDEST, degrees))) / (HOTTEST - COLDEST)) * (HEIGHT - 2 * PAD);
  const rain = (mm: number) => (Math.min(WETTEST, mm) / WETTEST) * (HEIGHT - 2 * PAD);

  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={label} className={styles.climateYear}>
      {months.map((month, i) => {
        const x = PAD + i * step;
        const mm = month.rain_mm ?? 0;

        return (
          <g key={i}>
            <rect x={x} y={HEIGHT - PAD - rain(mm)} width={step} height={rain(mm)} className={styles.climateRain} />
            <rect
              x={x + 3}
              y={y(month.tmax)}
              width={step - 6}
              height={y(month.tmin) - y(month.tmax)}
              rx={2}
              className={month.tmin < 0 ? `${styles.climateRange} ${styles.climateFrost}` : styles.climateRange}
            />
          </g>
        );
      })}
      <line x1={PAD} x2={WIDTH - PAD} y1={y(0)} y2={y(0)} className={styles.climateZero} />
    </svg>
  );
}
