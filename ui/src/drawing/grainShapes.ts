import type { Schemas } from '../api/client';
import type { Grain } from './grains';
import { seededRandom } from './random';

/** How grains of a kind are drawn, so that a material is known by its form as well as its colour. */
interface Form {
  corners: number;
  rough: number;
  stretch: number;
  marks: 'pores' | 'grain' | 'none';
}

const FORMS: Record<Schemas['Kind'], Form> = {
  'porous stone': { corners: 9, rough: 0.16, stretch: 1, marks: 'pores' },
  'clay granule': { corners: 12, rough: 0.06, stretch: 1, marks: 'none' },
  'solid stone': { corners: 5, rough: 0.14, stretch: 1.1, marks: 'none' },
  'light filler': { corners: 8, rough: 0.1, stretch: 1, marks: 'pores' },
  bark: { corners: 6, rough: 0.12, stretch: 2.1, marks: 'grain' },
  organic: { corners: 7, rough: 0.3, stretch: 1.7, marks: 'grain' },
  soil: { corners: 9, rough: 0.28, stretch: 1, marks: 'none' },
  charcoal: { corners: 5, rough: 0.2, stretch: 1.3, marks: 'grain' },
};

export interface GrainPaths {
  /** Outlines of all grains in one path. */
  body: string;
  /** Pores or streaks on the larger of them. */
  marks: string;
}

/** One path for all grains of a material, in picture units of `scale` per cm, y downward from `floor`. */
export function grainPaths(
  grains: Grain[],
  kind: Schemas['Kind'],
  scale: number,
  middle: number,
  floor: number,
  seed: string,
): GrainPaths {
  const form = FORMS[kind];
  const random = seededRandom(seed + kind);
  let body = '';
  let marks = '';
  for (const grain of grains) {
    const [cx, cy, r] = [middle + grain.x * scale, floor - grain.y * scale, grain.radius * scale];
    if (r < 1.1) {
      body += `M${f(cx - r)} ${f(cy)}h${f(2 * r)}v${f(r)}h${f(-2 * r)}z`;
      continue;
    }
    const [cos, sin] = [Math.cos(grain.turn), Math.sin(grain.turn)];
    const [long, wide] = [r * Math.sqrt(form.stretch), r / Math.sqrt(form.stretch)];
    for (let corner = 0; corner < form.corners; corner += 1) {
      const angle = (corner / form.corners) * 2 * Math.PI;
      const out = 1 - form.rough + 2 * form.rough * random();
      const [u, v] = [Math.cos(angle) * long * out, Math.sin(angle) * wide * out];
      body += `${corner === 0 ? 'M' : 'L'}${f(cx + u * cos - v * sin)} ${f(cy + u * sin + v * cos)}`;
    }
    body += 'z';
    if (r > 2.6 && form.marks === 'pores') {
      for (let pore = 0; pore < 3; pore += 1) {
        const [angle, away] = [random() * 2 * Math.PI, random() * 0.55 * r];
        const size = Math.max(0.5, r * 0.13);
        const [px, py] = [cx + Math.cos(angle) * away, cy + Math.sin(angle) * away];
        marks += `M${f(px - size)} ${f(py)}a${f(size)} ${f(size)} 0 1 0 ${f(2 * size)} 0a${f(size)} ${f(size)} 0 1 0 ${f(-2 * size)} 0`;
      }
    }
    if (r > 2.6 && form.marks === 'grain') {
      marks += `M${f(cx - 0.6 * long * cos)} ${f(cy - 0.6 * long * sin)}L${f(cx + 0.6 * long * cos)} ${f(cy + 0.6 * long * sin)}`;
    }
  }

  return { body, marks };
}

/** A coordinate to a tenth of a picture unit. */
function f(value: number): number {
  return Math.round(value * 10) / 10;
}
