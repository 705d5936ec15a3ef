import styles from './drawing.module.css';

const ABOVE = {
  round: 'M24 3a10 10 0 1 0 .1 0z',
  oval: 'M24 5c12 0 18 4 18 8s-6 8-18 8-18-4-18-8 6-8 18-8z',
  rectangular: 'M6 6h36v14H6z',
  polygon: 'M16 4h16l8 9-8 9H16l-8-9z',
  bowl: 'M24 3a10 10 0 1 0 .1 0z',
  measured: '',
} as const;

const ASIDE = {
  round: 'M13 28h22l-3 17H16z',
  oval: 'M6 30h36l-3 11H9z',
  rectangular: 'M6 30h36l-2 12H8z',
  polygon: 'M9 28h30l-3 16H12z',
  bowl: 'M10 30h28c0 9-6 14-14 14s-14-5-14-14z',
  measured: 'M10 8h28l-3 36H13z',
} as const;

/** A shape of pot from above and from the side; the one that is measured by water is seen full of it. */
export function PotShapeSketch({ shape }: { shape: keyof typeof ABOVE }) {
  return (
    <svg viewBox="0 0 48 48" aria-hidden="true" className={styles.potSketch}>
      {ABOVE[shape] !== '' && <path d={ABOVE[shape]} />}
      <path d={ASIDE[shape]} />
      {shape === 'measured' && <path d="M11 14h26l-2.6 30H13.6z" className={styles.sketchWater} />}
    </svg>
  );
}
