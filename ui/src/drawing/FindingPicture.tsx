import type { ReactNode } from 'react';

import type { Schemas } from '../api/client';
import styles from './drawing.module.css';

/** A ball seen from the side, in a box of 64 by 48, with what a finding looks like in it. */
const BALL = 'M10 16h44l-4 22q-18 8-36 0z';
const root = (d: string, extra = '') => <path d={d} className={`${styles.root} ${styles[extra] ?? ''}`} />;
const ROOTS = <>{root('M32 14v12q-6 8-14 12M32 26q8 6 14 12M32 22q-10 2-16 6M32 24q9-1 15 4')}</>;

const PICTURES: Record<Schemas['Finding'], ReactNode> = {
  white_tips: (
    <>
      {ROOTS}
      {[
        [18, 38],
        [46, 38],
        [16, 28],
        [47, 28],
      ].map(([x, y]) => (
        <circle key={`${x}`} cx={x} cy={y} r={3} className={styles.tip} />
      ))}
    </>
  ),
  threads: (
    <>
      {ROOTS}
      {[14, 20, 26, 32, 38, 44].map((x, i) => (
        <path key={x} d={`M${x} ${34 - (i % 2) * 6}q3 -4 6 0t6 0`} className={styles.thread} />
      ))}
    </>
  ),
  black_soft: (
    <>
      {root('M32 14v12q-6 8-14 12M32 26q8 6 14 12', 'rot')}
      <circle cx={18} cy={38} r={4} className={styles.rotEnd} />
      <circle cx={46} cy={38} r={4} className={styles.rotEnd} />
    </>
  ),
  circling: root('M32 14v8q18 2 16 12t-18 8-18-8 16-8 12 6-10 4'),
  one_sided: root('M32 14v10q10 2 18 10M32 22q10 0 17 4M32 26q6 6 12 14M32 20q8-1 16-1'),
  tap_root: root('M32 12v32', 'thick'),
  high_crossing: (
    <>
      {root('M12 12q14 -6 38 4M50 10q-14-4-36 8', 'thick')}
      {root('M32 14v24')}
    </>
  ),
  root_bound: (
    <>
      {root('M14 18q-1 10 4 18M50 18q1 10-4 18M18 36q14 7 28 0M16 26q2 8 6 12M48 26q-2 8-6 12')}
      {root('M32 14v6q-10 4-14 2M32 20q10 4 14 2')}
    </>
  ),
  matted_bottom: (
    <>
      {root('M32 14v16M32 22l-10 8M32 22l10 8')}
      {root('M15 35q8-4 17 1t17-1M16 38q8-3 16 1t16-1M18 32q7-3 14 0t14 0', 'thick')}
    </>
  ),
  crumbly: (
    <>
      {root('M32 14v12q-6 8-12 10M32 26q8 6 12 10')}
      {[
        [6, 40],
        [11, 44],
        [54, 42],
        [59, 45],
        [50, 45],
        [16, 46],
      ].map(([x, y]) => (
        <circle key={`${x}`} cx={x} cy={y} r={2.2} className={styles.grain} />
      ))}
    </>
  ),
  sludge: (
    <>
      {ROOTS}
      <path d="M13 32h38l-1 6q-18 8-36 0z" className={styles.sludge} />
    </>
  ),
  fine_layer: (
    <>
      {ROOTS}
      {Array.from({ length: 22 }, (_, i) => (
        <circle key={i} cx={15 + ((i * 7) % 34)} cy={34 + (i % 4) * 2} r={0.9} className={styles.grain} />
      ))}
    </>
  ),
  ants: (
    <>
      {ROOTS}
      {[
        [18, 24],
        [38, 34],
        [44, 22],
      ].map(([x = 0, y = 0]) => (
        <g key={x} className={styles.pest}>
          <circle cx={x} cy={y} r={1.6} />
          <circle cx={x + 3.4} cy={y} r={1.3} />
          <ellipse cx={x + 7} cy={y} rx={2.4} ry={1.8} />
          <path d={`M${x + 2} ${y}l-2 3M${x + 4} ${y}v3.4M${x + 6} ${y}l2 3`} />
        </g>
      ))}
    </>
  ),
  grubs: (
    <>
      {ROOTS}
      <path d="M18 32q0-7 7-7t6 6" className={styles.grub} />
      <path d="M38 34q1-7 7-6t5 6" className={styles.grub} />
    </>
  ),
  moss_liverwort: (
    <>
      {ROOTS}
      <path d="M32 16V2" className={styles.stem} />
      {[8, 16, 24, 40, 48].map((x) => (
        <path key={x} d={`M${x} 16q4-8 9 0z`} className={styles.mossTuft} />
      ))}
    </>
  ),
  repellent: (
    <>
      {ROOTS}
      <circle cx={32} cy={27} r={9} className={styles.dryCore} />
      {[18, 32, 46].map((x) => (
        <path key={x} d={`M${x} 3q4 6 0 8t0-8`} className={styles.drop} />
      ))}
    </>
  ),
  wounds: (
    <>
      {root('M32 14v14M32 24l-12 8M32 24l13 8', 'thick')}
      <ellipse cx={19} cy={33} rx={4} ry={3} className={styles.wound} />
      <ellipse cx={46} cy={33} rx={4} ry={3} className={styles.wound} />
    </>
  ),
};

/** What a finding at a root ball looks like. */
export function FindingPicture({ finding }: { finding: Schemas['Finding'] }) {
  return (
    <svg className={styles.findingPicture} viewBox="0 0 64 48" width={64} height={48} aria-hidden="true">
      <path d={BALL} className={styles.ball} />
      <path d="M32 16V4" className={styles.stem} />
      {PICTURES[finding]}
    </svg>
  );
}
