import { type PointerEvent, useState } from 'react';

import type { Schemas } from '../api/client';
import { useWords } from '../i18n/words';
import styles from './drawing.module.css';

type Placing = Schemas['BallPlacing'];

interface Props {
  section: Schemas['PlantingSection'];
  fit: Schemas['EntryFit'];
  ball: { length_cm: number; width_cm: number };
  placing: Placing;
  lean: { deg: number; to: Schemas['PotSide'] } | null;
  slope: { cm: number; to: Schemas['PotSide'] } | null;
  trunkMm: number | null;
  /** Null where it is not tied in. */
  wire: Schemas['EntryWire'] | null;
  /** Null where it may only be looked at. */
  place: ((placing: Placing) => void) | null;
}

const WIDTH = 250;
const PAD = 12;
/** Drawn of a trunk, cm above the collar. */
const TRUNK_CM = 5;
/** What a ball is moved and turned by at least. */
const STEP_CM = 0.1;
const STEP_DEG = 5;
const SIDEWAYS = { left: -1, right: 1, front: 0, back: 0 } as const;

/** Where wires come through the floor, from its middle towards its edge; and how far apart two of them run, of its breadth. */
const HOLE_AT = 0.6;
const APART = 0.36;
/** Drawn of a wire beneath the floor, and how far it runs beside the ball, cm. */
const WIRE_END_CM = 0.6;
const WIRE_BESIDE_CM = 0.4;

/** From the middle of a ball to its side, as seen from the front, cm. */
function halfOf(ball: Props['ball'], placing: Placing, isRectangle: boolean) {
  const cos = Math.cos((placing.turn_deg * Math.PI) / 180);
  const sin = Math.sin((placing.turn_deg * Math.PI) / 180);

  return isRectangle
    ? (ball.length_cm * Math.abs(cos) + ball.width_cm * Math.abs(sin)) / 2
    : Math.hypot(ball.length_cm * cos, ball.width_cm * sin) / 2;
}

/** Where wires come through the floor, seen from above: each over the ball from one hole to the one on the other side, cm from the middle. */
function routes(wire: Schemas['EntryWire'], foot: { width_cm: number; breadth_cm: number }) {
  const to = (foot.width_cm / 2) * HOLE_AT;
  const ys = wire.wires === 1 ? [0] : [-1, 1].map((way) => (way * APART * foot.breadth_cm) / 2);

  return ys.map((y) => ({ from: -to, to, y }));
}

const stepped = (value: number, step: number) => Math.round(value / step) * step;
const tidy = (value: number) => Math.round(value * 1e4) / 1e4;

/** A ball in its pot to scale: from above, where it is pushed off the middle and turned, and from the front, with bed, collar, lean and slope. */
export function PlantingPicture({ section, fit, ball, placing, lean, slope, trunkMm, wire, place }: Props) {
  const { t, n, q } = useWords();
  const widest = Math.max(...section.outline.map((point) => point.width_cm));
  const broadest = Math.max(...section.outline.map((point) => point.breadth_cm));
  const scale = (WIDTH - 2 * PAD) / Math.max(widest, broadest);

  return (
    <div className={styles.planting}>
      <FromAbove
        {...{ section, fit, ball, placing, place, wire, scale, widest, broadest }}
        label={t('planting.above', {
          left: q(fit.left_cm, 'cm'),
          right: n(fit.right_cm, 2),
          front: n(fit.front_cm, 2),
          back: n(fit.back_cm, 2),
        })}
      />
      <FromFront
        {...{ section, fit, ball, placing, lean, slope, trunkMm, wire, scale, widest }}
        label={t('planting.front', {
          bed: q(fit.bed_cm, 'cm'),
          collar: q(Math.abs(fit.collar_over_rim_cm), 'cm'),
          where: fit.collar_over_rim_cm <= 0 ? 'below' : 'over',
        })}
      />
    </div>
  );
}

interface Above extends Pick<Props, 'section' | 'fit' | 'ball' | 'placing' | 'place' | 'wire'> {
  scale: number;
  widest: number;
  broadest: number;
  label: string;
}

/** The front is at the bottom. */
function FromAbove({ section, fit, ball, placing: kept, place, wire, scale, widest, broadest, label }: Above) {
  const { t, n } = useWords();
  const [held, setHeld] = useState<{ turn: boolean; from: Placing; x: number; y: number; now: Placing } | null>(null);
  const placing = held?.now ?? kept;
  const height = broadest * scale + 2 * PAD + 16;
  const middle = { x: WIDTH / 2, y: PAD + (broadest * scale) / 2 };
  const at = section.is_rectangle;
  const foot = section.outline[0] ?? { width_cm: 0, breadth_cm: 0 };
  const shape = (width: number, breadth: number, className: string | undefined) =>
    at ? (
      <rect
        x={middle.x - (width * scale) / 2}
        y={middle.y - (breadth * scale) / 2}
        width={width * scale}
        height={breadth * scale}
        className={className}
      />
    ) : (
      <ellipse cx={middle.x} cy={middle.y} rx={(width * scale) / 2} ry={(breadth * scale) / 2} className={className} />
    );
  const cm = (event: PointerEvent<SVGElement>) => {
    const drawn = event.currentTarget.ownerSVGElement?.getBoundingClientRect();
    const per = drawn === undefined || drawn.width === 0 ? 1 : WIDTH / drawn.width;
    return {
      x: ((event.clientX - (drawn?.left ?? 0)) * per - middle.x) / scale,
      y: (middle.y - (event.clientY - (drawn?.top ?? 0)) * per) / scale,
    };
  };
  const take = (turn: boolean, event: PointerEvent<SVGElement>) => {
    if (place !== null) {
      setHeld({ turn, from: placing, now: placing, ...cm(event) });
      event.currentTarget.setPointerCapture(event.pointerId);
    }
  };
  const move = (event: PointerEvent<SVGElement>) => {
    if (held === null) {
      return;
    }
    const { from } = held;
    const at = cm(event);
    const now = held.turn
      ? { ...from, turn_deg: stepped((Math.atan2(at.y - from.y_cm, at.x - from.x_cm) * 180) / Math.PI, STEP_DEG) }
      : {
          ...from,
          x_cm: tidy(stepped(from.x_cm + at.x - held.x, STEP_CM)),
          y_cm: tidy(stepped(from.y_cm + at.y - held.y, STEP_CM)),
        };
    setHeld({ ...held, now });
  };
  const drop = () => {
    if (held !== null) {
      place?.(held.now);
    }
    setHeld(null);
  };
  const grips = { onPointerMove: move, onPointerUp: drop, onPointerCancel: () => setHeld(null) };
  const a = (ball.length_cm * scale) / 2;
  const b = (ball.width_cm * scale) / 2;
  const over = halfOf(ball, placing, at) + WIRE_BESIDE_CM;
  const kind = `${styles.fitBall} ${fit.fits ? '' : styles.fitBallOver} ${place === null ? '' : styles.plantingHeld}`;

  return (
    <svg viewBox={`0 0 ${WIDTH} ${height}`} role="img" aria-label={label} className={styles.fitDrawing}>
      {shape(widest, broadest, styles.fitMix)}
      {shape(foot.width_cm, foot.breadth_cm, styles.plantingFoot)}
      {shape(widest, broadest, styles.fitPot)}
      <g
        transform={`translate(${middle.x + placing.x_cm * scale} ${middle.y - placing.y_cm * scale}) rotate(${-placing.turn_deg})`}
      >
        {at ? (
          <rect
            x={-a}
            y={-b}
            width={2 * a}
            height={2 * b}
            className={kind}
            onPointerDown={(event) => take(false, event)}
            {...grips}
          />
        ) : (
          <ellipse rx={a} ry={b} className={kind} onPointerDown={(event) => take(false, event)} {...grips} />
        )}
        <circle r={3.5} className={styles.fitTrunk} />
        {place !== null && (
          <circle cx={a} r={8} className={styles.plantingTurn} onPointerDown={(event) => take(true, event)} {...grips}>
            <title>{t('planting.turn')}</title>
          </circle>
        )}
      </g>
      {wire !== null &&
        routes(wire, foot).map(({ from, to, y }) => (
          <g key={y} className={styles.plantingWire}>
            <line
              x1={middle.x + (placing.x_cm - over) * scale}
              x2={middle.x + (placing.x_cm + over) * scale}
              y1={middle.y - y * scale}
              y2={middle.y - y * scale}
            />
            {[from, to].map((x) => (
              <circle key={x} cx={middle.x + x * scale} cy={middle.y - y * scale} r={3} />
            ))}
          </g>
        ))}
      {(
        [
          ['left', PAD + 4, middle.y - 4, 'start'],
          ['right', WIDTH - PAD - 4, middle.y - 4, 'end'],
          ['back', middle.x, PAD + 13, 'middle'],
          ['front', middle.x, PAD + broadest * scale - 5, 'middle'],
        ] as const
      ).map(([side, x, y, anchor]) => (
        <text key={side} x={x} y={y} textAnchor={anchor} className={styles.plantingGap}>
          {n(fit[`${side}_cm`], 2)}
        </text>
      ))}
      <text x={middle.x} y={height - 4} textAnchor="middle">
        {t('planting.frontSide')}
      </text>
    </svg>
  );
}

interface Front extends Omit<Props, 'place'> {
  scale: number;
  widest: number;
  label: string;
}

function FromFront({ section, fit, ball, placing, lean, slope, trunkMm, wire, scale, widest, label }: Front) {
  const { t, q } = useWords();
  const above = Math.max(0, fit.collar_over_rim_cm) + TRUNK_CM;
  const height = (section.depth_cm + above) * scale + 2 * PAD + 16;
  const x = (cm: number) => WIDTH / 2 + cm * scale;
  const y = (z: number) => PAD + (section.depth_cm + above - z) * scale;
  const points = section.outline;
  const wall = (side: number) => points.map((point) => `${x((side * point.width_cm) / 2)} ${y(point.z_cm)}`);
  const rise = slope === null ? 0 : slope.cm;
  const left = section.surface_cm + (slope?.to === 'left' ? rise : slope?.to === 'right' ? 0 : rise / 2);
  const right = section.surface_cm + (slope?.to === 'right' ? rise : slope?.to === 'left' ? 0 : rise / 2);
  const below = points.filter((point) => point.z_cm <= section.surface_cm);
  const rim = below.at(-1)?.width_cm ?? widest;
  const mix = [
    ...below.map((point) => `${x(point.width_cm / 2)} ${y(point.z_cm)}`),
    `${x(rim / 2)} ${y(right)}`,
    ...(fit.mound_cm > 0 ? [`${x(placing.x_cm)} ${y(section.surface_cm + fit.mound_cm)}`] : []),
    `${x(-rim / 2)} ${y(left)}`,
    ...below.map((point) => `${x(-point.width_cm / 2)} ${y(point.z_cm)}`).reverse(),
  ];
  const half = halfOf(ball, placing, section.is_rectangle);
  const side = ((points[0]?.width_cm ?? 0) / 2) * HOLE_AT;
  const [from, to] = [placing.x_cm - half - WIRE_BESIDE_CM, placing.x_cm + half + WIRE_BESIDE_CM];
  const tie = [
    [-side, -WIRE_END_CM],
    [-side, 0],
    [from, fit.foot_cm],
    [from, fit.top_cm],
    [to, fit.top_cm],
    [to, fit.foot_cm],
    [side, 0],
    [side, -WIRE_END_CM],
  ] as const;
  const trunk = Math.max(0.4, (trunkMm ?? 20) / 10);
  const tip = lean === null ? 0 : SIDEWAYS[lean.to] * Math.tan((Math.min(lean.deg, 75) * Math.PI) / 180) * TRUNK_CM;

  return (
    <svg viewBox={`0 0 ${WIDTH} ${height}`} role="img" aria-label={label} className={styles.fitDrawing}>
      <path d={`M${mix.join('L')}z`} className={styles.fitMix} />
      <rect
        x={x(placing.x_cm - half)}
        y={y(fit.top_cm)}
        width={2 * half * scale}
        height={(fit.top_cm - fit.foot_cm) * scale}
        rx={6}
        className={fit.fits ? styles.fitBall : `${styles.fitBall} ${styles.fitBallOver}`}
      />
      <path
        d={`M${x(placing.x_cm - trunk / 2)} ${y(fit.collar_cm)}L${x(placing.x_cm + tip - trunk / 3)} ${y(fit.collar_cm + TRUNK_CM)}L${x(placing.x_cm + tip + trunk / 3)} ${y(fit.collar_cm + TRUNK_CM)}L${x(placing.x_cm + trunk / 2)} ${y(fit.collar_cm)}z`}
        className={styles.fitTrunk}
      />
      {wire !== null && (
        <path d={`M${tie.map(([cm, z]) => `${x(cm)} ${y(z)}`).join('L')}`} className={styles.plantingWire} />
      )}
      <path d={`M${[...wall(-1).reverse(), ...wall(1)].join('L')}`} className={styles.plantingWall} />
      <line
        x1={x(-widest / 2) - 8}
        x2={x(widest / 2) + 8}
        y1={y(section.depth_cm)}
        y2={y(section.depth_cm)}
        className={styles.fitRim}
      />
      <text x={WIDTH / 2} y={height - 4} textAnchor="middle">
        {t('planting.collar', {
          cm: q(Math.abs(fit.collar_over_rim_cm), 'cm'),
          where: fit.collar_over_rim_cm <= 0 ? 'below' : 'over',
        })}
      </text>
    </svg>
  );
}
