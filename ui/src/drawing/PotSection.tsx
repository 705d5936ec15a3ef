import { useId, useMemo } from 'react';

import type { Schemas } from '../api/client';
import { useWords } from '../i18n/words';
import { type Bed, layGrains } from './grains';
import { grainPaths } from './grainShapes';
import { widthsOf } from './outline';
import { markColour } from './shade';
import styles from './drawing.module.css';

type Section = Schemas['Section'];

/** A material as it is drawn: its form, colour and share of the grains in each size class. */
export interface DrawnMaterial {
  id: string;
  kind: Schemas['Kind'];
  colour: string;
  classShares: number[];
}

interface Props {
  section: Section;
  materials: DrawnMaterial[];
  packing: number;
  wetFootCm: number;
  title: string;
  /** What stands in the root zone beside the new mix. */
  contents?: Schemas['PotContents'];
  /** Without scales and words: one of several, to be compared at a glance. */
  small?: boolean;
}

const WIDTH = 620;
const TALLEST = 350;
const LEFT = 44;
const RIGHT = 62;
const TOP = 24;
const BOTTOM = 30;
const WALL_CM = 0.5;
const FOOT_CM = 0.8;
const LEVELS_WITH_AIR = 5;

/** The pot cut open, to scale: grains by their computed sizes and packing, water between them by the computed profile, air by height. */
export function PotSection({ section, materials, packing, wetFootCm, title, contents, small = false }: Props) {
  const { t, n, percent, q, shown, unit } = useWords();
  const rim = Math.max(...section.outline.map((point) => point.width_cm));
  const tall = section.depth_cm + WALL_CM + FOOT_CM;
  const scale = Math.min((WIDTH - LEFT - RIGHT) / (rim + 2 * WALL_CM), (TALLEST - TOP - BOTTOM) / tall);
  const height = Math.max(TOP + BOTTOM + tall * scale, 200);
  const middle = LEFT + (WIDTH - LEFT - RIGHT) / 2;
  const floor = height - BOTTOM - (WALL_CM + FOOT_CM) * scale;
  const x = (cm: number) => middle + cm * scale;
  const y = (z: number) => floor - z * scale;
  const widthAt = useMemo(() => widthsOf(section.outline), [section.outline]);

  const grains = useMemo(() => {
    const dot = 1.4 / scale;
    const bed: Bed = { from: section.bottom_cm, to: section.top_cm, widthAt };
    const laid = layGrains(bed, materials, packing, dot);
    const drawn = materials.map((material) => ({
      material,
      paths: grainPaths(laid.get(material.id) ?? [], material.kind, scale, middle, floor, material.id),
    }));
    if (section.layer !== null) {
      const { kind, colour, class_shares: classShares } = section.layer;
      const layerMaterial: DrawnMaterial = { id: 'layer', kind, colour, classShares };
      const below: Bed = { from: 0, to: section.bottom_cm, widthAt };
      const layer = layGrains(below, [layerMaterial], section.layer.packing_density, dot);
      drawn.push({
        material: layerMaterial,
        paths: grainPaths(layer.get(layerMaterial.id) ?? [], layerMaterial.kind, scale, middle, floor, 'layer'),
      });
    }

    return drawn;
  }, [section, materials, packing, scale, middle, floor, widthAt]);

  const inside = pathOf(
    section.outline.map(({ z_cm, width_cm }) => [width_cm / 2, z_cm]),
    x,
    y,
  );
  const shell = pathOf(
    [
      [(section.outline[0]?.width_cm ?? 0) / 2 + WALL_CM, -WALL_CM],
      ...section.outline.map(({ z_cm, width_cm }) => [width_cm / 2 + WALL_CM, z_cm]),
    ],
    x,
    y,
  );
  const profiles = [...(section.layer?.profile ?? []), ...section.profile];
  const wet = wetFootCm - section.bottom_cm;
  // so many centimetres, or inches
  const depth = shown(section.depth_cm, 'cm');
  const perCm = shown(1, 'cm');
  const step = depth > 30 ? 10 : depth > 12 ? 5 : depth > 6 ? 2 : 1;
  const ticks = Array.from({ length: Math.floor(depth / step) + 1 }, (_, i) => i * step);
  const leftEdge = x(-rim / 2 - WALL_CM) - 8;
  const rightEdge = x(rim / 2 + WALL_CM) + 8;
  const airLevels = Array.from({ length: LEVELS_WITH_AIR }, (_, i) =>
    section.profile.at(Math.round((i * (section.profile.length - 1)) / (LEVELS_WITH_AIR - 1))),
  ).filter((point) => point !== undefined);
  const clip = useId();

  return (
    <svg
      className={styles.potSection}
      viewBox={
        small
          ? `${x(-rim / 2 - 2 * WALL_CM) - 4} ${TOP - 8} ${(rim + 4 * WALL_CM) * scale + 8} ${height - TOP - BOTTOM / 2}`
          : `0 0 ${WIDTH} ${height}`
      }
      role="img"
      aria-label={title}
    >
      <clipPath id={clip}>
        <path d={inside} />
      </clipPath>
      <path d={feetOf(section, x, y)} className={styles.potWall} />
      <path d={shell} className={styles.potWall} />
      <path d={inside} className={styles.potAir} />
      <g clipPath={`url(#${clip})`}>
        {profiles.slice(1).map((point, i) => {
          const below = profiles[i];

          return below === undefined || point.z_cm <= below.z_cm ? null : (
            <rect
              key={`${below.z_cm} ${point.z_cm}`}
              x={x(-rim / 2)}
              width={rim * scale}
              y={y(point.z_cm)}
              height={(point.z_cm - below.z_cm) * scale + 0.4}
              className={styles.water}
              opacity={0.08 + 0.92 * ((point.saturation + below.saturation) / 2)}
            />
          );
        })}
        {grains.map(({ material, paths }) => (
          <g key={material.id}>
            <path d={paths.body} fill={material.colour} stroke={markColour(material.colour)} strokeWidth={0.5} />
            <path d={paths.marks} fill="none" stroke={markColour(material.colour)} strokeWidth={0.5} />
          </g>
        ))}
        {contents !== undefined && (
          <Zones contents={contents} section={section} x={x} y={y} widthAt={widthAt} scale={scale} />
        )}
        {section.dressing_cm > 0 && (
          <rect
            x={x(-rim / 2)}
            width={rim * scale}
            y={y(section.top_cm + section.dressing_cm)}
            height={section.dressing_cm * scale}
            className={styles.dressing}
          />
        )}
      </g>
      {wet > 0.05 && (
        <g className={styles.wetFoot}>
          <line x1={x(-widthAt(wetFootCm) / 2)} x2={rightEdge - 8} y1={y(wetFootCm)} y2={y(wetFootCm)} />
        </g>
      )}
      {section.layer !== null && (
        <line
          x1={x(-widthAt(section.bottom_cm) / 2)}
          x2={x(widthAt(section.bottom_cm) / 2)}
          y1={y(section.bottom_cm)}
          y2={y(section.bottom_cm)}
          className={styles.layerLine}
        />
      )}
      {!small && (
        <>
          <g className={styles.scaleLeft}>
            <line x1={leftEdge} x2={leftEdge} y1={y(0)} y2={y(section.depth_cm)} />
            {ticks.map((tick) => (
              <g key={tick}>
                <line x1={leftEdge - 4} x2={leftEdge} y1={y(tick / perCm)} y2={y(tick / perCm)} />
                <text x={leftEdge - 8} y={y(tick / perCm) + 4} textAnchor="end">
                  {n(tick)}
                </text>
              </g>
            ))}
            <text x={leftEdge - 8} y={y(section.depth_cm) - 10} textAnchor="end">
              {unit('cm')}
            </text>
          </g>
          <g className={styles.scaleRight}>
            {airLevels.map((point) => (
              <g key={point.z_cm}>
                <line x1={rightEdge - 8} x2={rightEdge} y1={y(point.z_cm)} y2={y(point.z_cm)} />
                <text x={rightEdge + 4} y={y(point.z_cm) + 4}>
                  {percent(point.air)}
                </text>
              </g>
            ))}
            <text x={rightEdge + 4} y={y(section.top_cm) - 12}>
              {t('section.air')}
            </text>
          </g>
          <text x={middle} y={height - 8} textAnchor="middle" className={styles.caption}>
            {wetFootCm >= section.top_cm - 1e-6
              ? t('section.wetFootAll')
              : wet > 0.05
                ? t('section.wetFoot', { cm: q(wet, 'cm') })
                : ''}
            {section.layer !== null && ` · ${t('section.layer', { cm: q(section.layer.thickness_cm, 'cm') })}`}
          </text>
        </>
      )}
    </svg>
  );
}

/** Root ball and wall zone, laid over the grains so that both can be seen. */
function Zones({
  contents,
  section,
  x,
  y,
  widthAt,
  scale,
}: {
  contents: Schemas['PotContents'];
  section: Section;
  x: Place;
  y: Place;
  widthAt: (z: number) => number;
  scale: number;
}) {
  const { t } = useWords();
  const { ball, wall, fit } = contents;
  const levels = Array.from(
    { length: 13 },
    (_, i) => section.bottom_cm + ((section.top_cm - section.bottom_cm) * i) / 12,
  );

  return (
    <g className="zones">
      {wall !== null &&
        [1, -1].map((side) => (
          <path
            key={side}
            className={`${styles[`zone-${wall.kind}`]}`}
            d={`M${[
              ...levels.map((z) => `${x((side * widthAt(z)) / 2).toFixed(1)} ${y(z).toFixed(1)}`),
              ...[...levels]
                .reverse()
                .map((z) => `${x(side * (widthAt(z) / 2 - wall.thickness_cm)).toFixed(1)} ${y(z).toFixed(1)}`),
            ].join('L')}z`}
          />
        ))}
      {wall !== null && (
        <text
          x={x(widthAt(section.top_cm) / 2) - 6}
          y={y(section.top_cm) + 16}
          textAnchor="end"
          className={styles.zoneName}
        >
          {t('section.wall', { kind: wall.kind })}
        </text>
      )}
      {ball !== null && fit !== null && (
        <>
          <rect
            className={styles.zoneBall}
            x={x(-ball.length_cm / 2)}
            width={ball.length_cm * scale}
            y={y(Math.min(fit.ball_top_cm, section.top_cm))}
            height={(Math.min(fit.ball_top_cm, section.top_cm) - fit.ball_foot_cm) * scale}
            rx={10}
          />
          <text
            x={x(0)}
            y={y((Math.min(fit.ball_top_cm, section.top_cm) + fit.ball_foot_cm) / 2) + 4}
            textAnchor="middle"
            className={styles.zoneName}
          >
            {t('section.ball')}
          </text>
        </>
      )}
    </g>
  );
}

type Place = (cm: number) => number;

/** A closed path from half widths and heights, mirrored about the middle. */
function pathOf(points: number[][], x: Place, y: Place): string {
  const right = points.map(([half = 0, z = 0]) => `${x(half).toFixed(1)} ${y(z).toFixed(1)}`);
  const left = points.map(([half = 0, z = 0]) => `${x(-half).toFixed(1)} ${y(z).toFixed(1)}`).reverse();

  return `M${[...right, ...left].join('L')}z`;
}

/** Two feet that keep the floor of the pot free. */
function feetOf(section: Section, x: Place, y: Place): string {
  const half = (section.outline[0]?.width_cm ?? 0) / 2;
  const wide = Math.max(0.8, half * 0.24);
  const from = Math.max(half - wide * 1.2, 0);
  const top = y(-WALL_CM * 0.6);
  const bottom = y(-WALL_CM - FOOT_CM);

  return [1, -1]
    .map(
      (side) =>
        `M${x(side * from)} ${top}L${x(side * (from + wide))} ${top}L${x(side * (from + wide * 0.85))} ${bottom}L${x(side * (from + wide * 0.15))} ${bottom}z`,
    )
    .join('');
}
