import { useWords } from '../i18n/words';
import styles from './drawing.module.css';

interface Props {
  share: number;
  low: number;
  high: number;
}

const WIDTH = 120;
const HEIGHT = 14;
const SIDE = 5;

/** A share from none to all: a dot where it is, a band over what it may be. The figures stand beside it as text. */
export function ShareBar({ share, low, high }: Props) {
  const { t, percent } = useWords();
  const x = (value: number) => SIDE + value * (WIDTH - 2 * SIDE);

  return (
    <svg
      className={styles.shareBar}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width={WIDTH}
      height={HEIGHT}
      role="img"
      aria-label={t('share.bar', { share: percent(share), low: percent(low), high: percent(high) })}
    >
      <line x1={x(0)} x2={x(1)} y1={HEIGHT / 2} y2={HEIGHT / 2} />
      <rect x={x(low)} width={Math.max(1, x(high) - x(low))} y={HEIGHT / 2 - 3} height={6} />
      <circle cx={x(share)} cy={HEIGHT / 2} r={4.5} />
    </svg>
  );
}
