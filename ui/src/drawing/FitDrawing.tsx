import type { Schemas } from '../api/client';
import { useWords } from '../i18n/words';
import { widthsOf } from './outline';
import { spread } from './PlainChart';
import styles from './drawing.module.css';

interface Props {
  section: Schemas['Section'];
  contents: Schemas['PotContents'];
  summary: string;
}

const WIDTH = 600;
const HEIGHT = 330;
const PAD = 34;
const RIGHT = 150;

/** The pot with layer, bed, ball, collar, mound and free rim, all on one scale. */
export function FitDrawing({ section, contents, summary }: Props) {
  const { t, n, q, shown, unit } = useWords();
  const { fit, ball } = contents;
  const depth = section.depth_cm;
  const rim = Math.max(...section.outline.map((point) => point.width_cm));
  const highest = Math.max(depth, fit?.collar_cm ?? 0) + 1.2;
  const scale = Math.min((WIDTH - PAD - RIGHT) / Math.max(rim, ball?.length_cm ?? 0), (HEIGHT - 2 * PAD) / highest);
  const middle = PAD + (WIDTH - PAD - RIGHT) / 2;
  const x = (cm: number) => middle + cm * scale;
  const y = (z: number) => HEIGHT - PAD - z * scale;
  const widthAt = widthsOf(section.outline);
  const pot = (from: number, to: number) => {
    const levels = Array.from({ length: 13 }, (_, i) => from + ((to - from) * i) / 12);
    const right = levels.map((z) => `${x(widthAt(z) / 2).toFixed(1)} ${y(z).toFixed(1)}`);
    const left = levels.map((z) => `${x(-widthAt(z) / 2).toFixed(1)} ${y(z).toFixed(1)}`).reverse();

    return `M${[...right, ...left].join('L')}z`;
  };
  const mound = (fit?.collar_cm ?? 0) > section.top_cm ? (fit?.collar_cm ?? 0) : null;
  const notes = [
    { z: section.bottom_cm / 2, text: section.bottom_cm > 0 ? `${t('fit.layer')} ${q(section.bottom_cm, 'cm')}` : '' },
    ...(fit === null || ball === null
      ? []
      : [
          { z: section.bottom_cm + fit.bed_cm / 2, text: `${t('fit.bed')} ${q(fit.bed_cm, 'cm')}` },
          {
            z: (fit.ball_foot_cm + fit.ball_top_cm) / 2,
            text: `${t('fit.ball')} ${n(shown(ball.length_cm, 'cm'), 2)} × ${n(shown(ball.width_cm, 'cm'), 2)} × ${n(shown(ball.height_cm, 'cm'), 2)} ${unit('cm')}`,
          },
          { z: fit.collar_cm, text: `${t('fit.collar')} ${q(fit.collar_cm, 'cm')}` },
        ]),
    { z: depth, text: `${t('fit.rim')} ${q(depth, 'cm')}` },
  ].filter((note) => note.text !== '');
  const heights = spread(notes.map((note) => y(note.z)));

  // five centimetres, or two inches
  const bar = unit('cm') === 'cm' ? 5 : 2 / shown(1, 'cm');

  return (
    <svg
      className={styles.fitDrawing}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={t('fit.alt', { summary })}
    >
      <path d={pot(section.bottom_cm, section.top_cm)} className={styles.fitMix} />
      {section.bottom_cm > 0 && <path d={pot(0, section.bottom_cm)} className={styles.fitLayer} />}
      {section.dressing_cm > 0 && (
        <path d={pot(section.top_cm, section.top_cm + section.dressing_cm)} className={styles.fitDressing} />
      )}
      {mound !== null && (
        <path
          d={`M${x(-widthAt(section.top_cm) / 2)} ${y(section.top_cm)}Q${x(0)} ${y(2 * mound - section.top_cm)} ${x(widthAt(section.top_cm) / 2)} ${y(section.top_cm)}z`}
          className={styles.fitMix}
        />
      )}
      {contents.wall !== null &&
        [1, -1].map((side) => (
          <path
            key={side}
            d={`M${x((side * widthAt(section.bottom_cm)) / 2)} ${y(section.bottom_cm)}L${x((side * widthAt(section.top_cm)) / 2)} ${y(section.top_cm)}l${-side * (contents.wall?.thickness_cm ?? 0) * scale} 0L${x((side * widthAt(section.bottom_cm)) / 2) - side * (contents.wall?.thickness_cm ?? 0) * scale} ${y(section.bottom_cm)}z`}
            className={styles.fitWall}
          />
        ))}
      {fit !== null && ball !== null && (
        <>
          <rect
            x={x(-ball.length_cm / 2)}
            width={ball.length_cm * scale}
            y={y(fit.ball_top_cm)}
            height={(fit.ball_top_cm - fit.ball_foot_cm) * scale}
            rx={8}
            className={fit.fits ? styles.fitBall : `${styles.fitBall} ${styles.fitBallOver}`}
          />
          <path
            d={`M${x(-0.5)} ${y(fit.ball_top_cm)}L${x(-0.35)} ${y(Math.max(fit.collar_cm, depth) + 1)}L${x(0.35)} ${y(Math.max(fit.collar_cm, depth) + 1)}L${x(0.5)} ${y(fit.ball_top_cm)}z`}
            className={styles.fitTrunk}
          />
        </>
      )}
      <path d={pot(0, depth)} className={styles.fitPot} />
      <line x1={x(-rim / 2) - 10} x2={x(rim / 2) + 10} y1={y(depth)} y2={y(depth)} className={styles.fitRim} />
      {notes.map((note, i) => (
        <g key={note.text} className={styles.fitNote}>
          <path
            d={`M${x(widthAt(Math.min(note.z, depth)) / 2) + 4} ${y(note.z)}L${WIDTH - RIGHT + 2} ${heights[i] ?? 0}`}
          />
          <text x={WIDTH - RIGHT + 6} y={(heights[i] ?? 0) + 4}>
            {note.text}
          </text>
        </g>
      ))}
      <g className={styles.fitScale}>
        <line x1={PAD} x2={PAD + bar * scale} y1={HEIGHT - 12} y2={HEIGHT - 12} />
        <text x={PAD + bar * scale + 6} y={HEIGHT - 8}>
          {q(bar, 'cm')}
        </text>
      </g>
    </svg>
  );
}
