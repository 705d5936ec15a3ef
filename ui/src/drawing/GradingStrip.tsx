import { scaleLog } from 'd3-scale';

import { useWords } from '../i18n/words';
import { classSizeMm } from './grains';
import type { DrawnMaterial } from './PotSection';
import { markColour } from './shade';
import styles from './drawing.module.css';

const WIDTH = 620;
const HEIGHT = 104;
const LEFT = 8;
const RIGHT = 8;
const BASE = 74;
const TOP = 18;
/** Classes with less than this are left off the ends of the axis; the caption says how much is finer. */
const SEEN_FROM = 0.004;
/** Apertures of a common sieve set, mm. */
const SIEVES = [0.063, 0.125, 0.25, 0.5, 1, 2, 2.8, 4, 5.6, 8, 11.2, 16, 25];

interface Props {
  materials: DrawnMaterial[];
  quantiles: { q: number; sizeMm: number }[];
  /** Share of the mass that is finer than 0.5 mm. */
  finesBelowHalf: number;
}

/** Sizes of all grains on an axis in mm, the components stacked in each class. */
export function GradingStrip({ materials, quantiles, finesBelowHalf }: Props) {
  const { t, n, percent } = useWords();
  const classes = Array.from({ length: 22 }, (_, k) => k);
  const totals = classes.map((k) => materials.reduce((sum, material) => sum + (material.classShares[k] ?? 0), 0));
  const used = classes.filter((k) => (totals[k] ?? 0) > SEEN_FROM);
  const finest = classSizeMm((used[0] ?? 6) - 1);
  const coarsest = classSizeMm((used.at(-1) ?? 18) + 1);
  const x = scaleLog([finest, coarsest], [LEFT, WIDTH - RIGHT]);
  const tallest = Math.max(...totals, 0.01);
  const size = (q: number) => n(quantiles.find((quantile) => quantile.q === q)?.sizeMm ?? 0, 2);
  const bars = classes.flatMap((k) =>
    materials.map((material, m) => {
      const below = materials.slice(0, m).reduce((sum, other) => sum + (other.classShares[k] ?? 0), 0);

      return { k, material, from: below, share: material.classShares[k] ?? 0 };
    }),
  );
  const height = (share: number) => (share / tallest) * (BASE - TOP);

  return (
    <svg
      className={styles.gradingStrip}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={t('grading.alt', { d10: size(10), d50: size(50), d90: size(90) })}
    >
      {bars
        .filter((bar) => bar.share > 0.0005 && classSizeMm(bar.k) > finest && classSizeMm(bar.k) < coarsest)
        .map(({ k, material, from, share }) => {
          const left = x(Math.max(classSizeMm(k) / 2 ** 0.25, finest));
          const right = x(Math.min(classSizeMm(k) * 2 ** 0.25, coarsest));

          return (
            <rect
              key={`${k} ${material.id}`}
              x={left + 0.5}
              width={Math.max(0, right - left - 1)}
              y={BASE - height(from + share)}
              height={height(share)}
              fill={material.colour}
              stroke={markColour(material.colour)}
              strokeWidth={0.5}
            />
          );
        })}
      <line x1={LEFT} x2={WIDTH - RIGHT} y1={BASE} y2={BASE} className={styles.axis} />
      {SIEVES.filter((sieve) => sieve > finest && sieve < coarsest).map((sieve) => (
        <g key={sieve} className={styles.axis}>
          <line x1={x(sieve)} x2={x(sieve)} y1={BASE} y2={BASE + 4} />
          <text x={x(sieve)} y={BASE + 16} textAnchor="middle">
            {n(sieve)}
          </text>
        </g>
      ))}
      <text x={WIDTH / 2} y={HEIGHT - 2} textAnchor="middle" className={styles.caption}>
        {t('grading.axis', { fines: percent(finesBelowHalf, 1) })}
      </text>
      {quantiles.map(({ q, sizeMm }) => (
        <g key={q} className={styles.quantile}>
          <line x1={x(sizeMm)} x2={x(sizeMm)} y1={TOP - 4} y2={BASE} />
          <text x={x(sizeMm)} y={TOP - 7} textAnchor="middle">
            {t('grading.d', { q, size: n(sizeMm, 2) })}
          </text>
        </g>
      ))}
    </svg>
  );
}
