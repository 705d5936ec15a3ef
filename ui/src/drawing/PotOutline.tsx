import type { Schemas } from '../api/client';
import styles from './drawing.module.css';

/** The form of a pot in a small box; `scale` in picture units per cm, or as large as fits. */
export function PotOutline({
  outline,
  width,
  height,
  label,
}: {
  outline: Schemas['OutlinePoint'][];
  width: number;
  height: number;
  label?: string;
}) {
  const widest = Math.max(...outline.map((point) => point.width_cm), 0.1);
  const depth = outline.at(-1)?.z_cm ?? 1;
  const scale = Math.min((width - 6) / widest, (height - 6) / depth);
  const at = (half: number, z: number) =>
    `${(width / 2 + half * scale).toFixed(1)} ${(height - 3 - z * scale).toFixed(1)}`;
  const points = [
    ...outline.map((point) => at(point.width_cm / 2, point.z_cm)),
    ...outline.map((point) => at(-point.width_cm / 2, point.z_cm)).reverse(),
  ];

  return (
    <svg
      className={styles.potOutline}
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      {...(label === undefined ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
    >
      <path d={`M${points.join('L')}z`} />
    </svg>
  );
}
