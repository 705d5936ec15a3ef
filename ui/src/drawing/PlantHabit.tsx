import type { Schemas } from '../api/client';
import styles from './drawing.module.css';

type Group = Schemas['PlantGroup'];

/** Crowns as one would sketch them: each in a box of 48 by 40 over a pot. */
const CROWNS: Record<Group, string[]> = {
  airy_conifers: ['M24 4l13 12h-6l9 10H8l9-10h-6z'],
  thirsty_conifers: ['M24 2c4 9 8 17 9 26H15c1-9 5-17 9-26z'],
  broadleaf_deciduous: ['M24 4c10 0 16 6 16 12s-7 11-16 11-16-5-16-11S14 4 24 4z'],
  broadleaf_evergreen: ['M24 6c7 0 11 5 11 11s-4 11-11 11-11-5-11-11 4-11 11-11z'],
  fruiting_flowering: [
    'M24 5c9 0 14 5 14 11s-6 11-14 11-14-5-14-11S15 5 24 5z',
    'M16 14a3 3 0 1 0 .1 0zM30 12a3 3 0 1 0 .1 0zM26 21a3 3 0 1 0 .1 0z',
  ],
  acid_lovers: ['M12 27c-3-7 1-14 6-14 1-5 11-5 12 0 5 0 9 7 6 14z'],
  mediterranean: ['M24 8c12 0 18 4 18 8s-8 6-18 6-18-2-18-6 6-8 18-8z'],
  tropical_evergreen: ['M24 27C10 24 6 14 8 6c8 1 13 5 16 11C27 11 32 7 40 6c2 8-2 18-16 21z'],
  tropical_dry_season: ['M24 10c12-6 19 0 18 5-6-2-12-1-18 3-6-4-12-5-18-3C5 10 12 4 24 10z'],
  desert: [
    'M20 28V8a4 4 0 0 1 8 0v20z',
    'M12 22v-7a3 3 0 0 1 6 0v4h2v5h-6a2 2 0 0 1-2-2zM36 20v-5a3 3 0 0 0-6 0v3h-2v5h6a2 2 0 0 0 2-3z',
  ],
  seedlings: ['M24 28c-1-6-6-8-9-8 1 5 4 7 9 8zM24 26c1-7 6-9 10-9-1 6-5 8-10 9z'],
};

/** What a kind of plant looks like from afar, in its pot. */
export function PlantHabit({ group }: { group: Group }) {
  return (
    <svg viewBox="0 0 48 48" aria-hidden="true" className={styles.plantHabit}>
      <path d="M23 24h2v11h-2z" className={styles.habitTrunk} />
      {CROWNS[group].map((path, i) => (
        <path key={path} d={path} className={i === 0 ? styles.habitCrown : styles.habitMark} />
      ))}
      <path d="M12 34h24l-3 11H15z" className={styles.habitPot} />
    </svg>
  );
}
