import type { KeyboardEvent, PointerEvent } from 'react';

import { interpolated } from './shade';
import styles from './drawing.module.css';

export interface TrianglePoint {
  parts: number[];
  value: number | null;
}

interface Props {
  points: TrianglePoint[];
  steps: number;
  corners: string[];
  at: [number, number];
  move: (at: [number, number]) => void;
  take: () => void;
  title: string;
  text: (value: number) => string;
}

const WIDTH = 600;
const HEIGHT = 400;
const SIDE = 380;
const TALL = (SIDE * Math.sqrt(3)) / 2;
const TOP = 34;
const CONTOURS = 6;

/** Every mix of three components as a place in a triangle, coloured by a figure and drawn with its contours; read with pointer or keys. */
export function TriangleMap({ points, steps, corners, at, move, take, title, text }: Props) {
  const place = ([a = 0, b = 0, c = 0]: number[]): [number, number] => [
    WIDTH / 2 + ((c - b) * SIDE) / 2,
    TOP + TALL * (1 - a),
  ];
  const known = points.flatMap((point) => (point.value === null ? [] : [point.value]));
  const [low, high] = [Math.min(...known), Math.max(...known)];
  const found = new Map(points.map((point) => [key(point.parts, steps), point]));
  const along = (value: number) => (high > low ? (value - low) / (high - low) : 0.5);
  const triangles = cells(steps).map((cell) => cell.map((parts) => found.get(key(parts, steps))));
  const levels = Array.from({ length: CONTOURS - 1 }, (_, i) => low + ((high - low) * (i + 1)) / CONTOURS);
  const [x, y] = place([at[0] / steps, at[1] / steps, (steps - at[0] - at[1]) / steps]);

  const onKey = (event: KeyboardEvent) => {
    const [i, j] = at;
    const step: Record<string, [number, number]> = {
      ArrowLeft: [i, j + 1],
      ArrowRight: [i, j - 1],
      ArrowUp: [i + 1, j],
      ArrowDown: [i - 1, j],
      PageUp: [i + 2, j - 1],
      PageDown: [i - 2, j + 1],
      Home: [steps, 0],
      End: [0, 0],
    };
    const next = step[event.key];
    if (event.key === 'Enter') {
      event.preventDefault();
      take();
    } else if (next !== undefined) {
      event.preventDefault();
      const first = Math.min(steps, Math.max(0, next[0]));
      move([first, Math.min(steps - first, Math.max(0, next[1]))]);
    }
  };
  const onPointer = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const px = ((event.clientX - box.left) / box.width) * WIDTH;
    const py = ((event.clientY - box.top) / box.height) * HEIGHT;
    const a = 1 - (py - TOP) / TALL;
    const difference = ((px - WIDTH / 2) * 2) / SIDE;
    const b = (1 - a - difference) / 2;
    const first = Math.min(steps, Math.max(0, Math.round(a * steps)));
    move([first, Math.min(steps - first, Math.max(0, Math.round(b * steps)))]);
  };

  return (
    <svg
      className={styles.triangleMap}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="application"
      aria-label={title}
      tabIndex={0}
      onKeyDown={onKey}
      onPointerDown={onPointer}
      onPointerMove={(event) => {
        if (event.buttons > 0) {
          onPointer(event);
        }
      }}
    >
      {triangles.map((corner, i) => {
        const values = corner.map((point) => point?.value ?? null);
        const mean = values.includes(null) ? null : values.reduce<number>((sum, value) => sum + (value ?? 0), 0) / 3;
        const path = corner
          .map((point) =>
            place(point?.parts ?? [])
              .map((each) => each.toFixed(1))
              .join(' '),
          )
          .join('L');

        return (
          <path
            key={i}
            d={`M${path}z`}
            fill={mean === null ? 'transparent' : interpolated(along(mean))}
            stroke={mean === null ? 'var(--line)' : interpolated(along(mean))}
            strokeWidth={0.8}
          />
        );
      })}
      {levels.map((level) => {
        const lines = triangles.flatMap((corner) => crossing(corner, level, place));
        const label = lines[Math.floor(lines.length / 2)];

        return (
          <g key={level} className={styles.contour}>
            <path d={lines.map(([from, to]) => `M${from.join(' ')}L${to.join(' ')}`).join('')} />
            {label !== undefined && (
              <text x={label[0][0]} y={label[0][1] - 3} textAnchor="middle">
                {text(level)}
              </text>
            )}
          </g>
        );
      })}
      <path
        d={`M${place([1, 0, 0]).join(' ')}L${place([0, 1, 0]).join(' ')}L${place([0, 0, 1]).join(' ')}z`}
        className={styles.triangleEdge}
      />
      <text x={WIDTH / 2} y={TOP - 12} textAnchor="middle" className={styles.corner}>
        {corners[0]}
      </text>
      <text x={WIDTH / 2 - SIDE / 2} y={TOP + TALL + 22} textAnchor="middle" className={styles.corner}>
        {corners[1]}
      </text>
      <text x={WIDTH / 2 + SIDE / 2} y={TOP + TALL + 22} textAnchor="middle" className={styles.corner}>
        {corners[2]}
      </text>
      <g className={styles.triangleMark}>
        <circle cx={x} cy={y} r={9} />
        <circle cx={x} cy={y} r={2.5} />
      </g>
    </svg>
  );
}

function key(parts: number[], steps: number): string {
  return parts.map((part) => Math.round(part * steps)).join(' ');
}

/** The small triangles that the points are the corners of, as parts of the corners. */
export function cells(steps: number): number[][][] {
  const found: number[][][] = [];
  for (let i = 0; i < steps; ++i) {
    for (let j = 0; j < steps - i; ++j) {
      const at = (a: number, b: number) => [a / steps, b / steps, (steps - a - b) / steps];
      found.push([at(i, j), at(i + 1, j), at(i, j + 1)]);
      if (i + j < steps - 1) {
        found.push([at(i + 1, j), at(i, j + 1), at(i + 1, j + 1)]);
      }
    }
  }

  return found;
}

type Place = [number, number];

/** Where a level crosses the edges of a small triangle, as a line. */
export function crossing(
  corner: (TrianglePoint | undefined)[],
  level: number,
  place: (parts: number[]) => Place,
): [Place, Place][] {
  const hits: Place[] = [];
  corner.forEach((from, i) => {
    const to = corner[(i + 1) % 3];
    if (from?.value == null || to?.value == null || from.value < level === to.value < level) {
      return;
    }
    const along = (level - from.value) / (to.value - from.value);
    const [start, end] = [place(from.parts), place(to.parts)];
    hits.push([start[0] + (end[0] - start[0]) * along, start[1] + (end[1] - start[1]) * along]);
  });
  const [a, b] = hits;

  return a === undefined || b === undefined ? [] : [[a, b]];
}
