import { useWords } from '../i18n/words';
import styles from './drawing.module.css';

interface Props {
  /** Across, cm. */
  canopyCm: number;
  /** At the rim, cm. */
  potCm: number;
  depthCm: number;
}

const WIDTH = 132;
const HEIGHT = 76;

/** A pot under the crown of its plant, to one scale: how wide a crown is meant. */
export function CanopyPicture({ canopyCm, potCm, depthCm }: Props) {
  const { t, q } = useWords();
  const crown = canopyCm * 0.62;
  const scale = Math.min((WIDTH - 8) / Math.max(canopyCm, potCm), (HEIGHT - 8) / (crown + depthCm + 0.18 * crown));
  const floor = HEIGHT - 3;
  const rim = floor - depthCm * scale;
  const middle = WIDTH / 2;
  const high = rim - (crown * 0.68 + 0.18 * crown) * scale;

  return (
    <svg
      className={styles.canopyPicture}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={t('canopy.alt', { pot: q(potCm, 'cm'), cm: q(Math.round(canopyCm), 'cm') })}
    >
      <line x1={middle} x2={middle} y1={rim} y2={high} className={styles.canopyTrunk} />
      <ellipse
        cx={middle}
        cy={high}
        rx={(canopyCm * scale) / 2}
        ry={(crown * scale) / 2}
        className={styles.canopyCrown}
      />
      <path
        d={`M${middle - (potCm * scale) / 2} ${rim}h${potCm * scale}l${-0.06 * potCm * scale} ${floor - rim}h${-0.88 * potCm * scale}z`}
        className={styles.canopyPot}
      />
    </svg>
  );
}
