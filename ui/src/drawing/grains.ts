import { seededRandom } from './random';

/** Grains of one material to lay: its share of the grains' area in each size class. */
export interface Material {
  id: string;
  classShares: number[];
}

export interface Grain {
  x: number;
  y: number;
  radius: number;
  turn: number;
}

/** Where grains may lie: from `from` to `to` above the floor, as wide as `widthAt` says. All in cm, x from the middle. */
export interface Bed {
  from: number;
  to: number;
  widthAt: (z: number) => number;
}

const MOST_GRAINS = 4200;
const TRIES = 40;
/** Grains may touch a little deeper than circles would, since they are drawn angular. */
const TOUCH = 0.94;

/** Size d_k of a size class, mm: the classes of the model, each sqrt(2) times the one before. */
export function classSizeMm(k: number): number {
  return 2 ** (k / 2 - 5.75);
}

/**
 * Lays grains of the given sizes into a bed, the largest first, each where it finds room, until their area is the packing's share of
 * the bed. Grains finer than a dot of the picture are left out. The same seed lays the same grains.
 *
 * @param dotCm the smallest diameter that can be seen
 * @returns the grains of each material, by its id
 */
export function layGrains(
  bed: Bed,
  materials: Material[],
  packing: number,
  dotCm: number,
  seed: string,
): Map<string, Grain[]> {
  const random = seededRandom(seed);
  const laid = new Map<string, Grain[]>(materials.map((material) => [material.id, []]));
  const widest = Math.max(bed.widthAt(bed.from), bed.widthAt(bed.to), bed.widthAt((bed.from + bed.to) / 2));
  const height = bed.to - bed.from;
  if (height <= 0 || widest <= 0) {
    return laid;
  }
  const area = bedArea(bed);
  const cell = Math.max(dotCm * 2, 0.25);
  const grid = new Map<number, Grain[]>();
  const columns = Math.ceil(widest / cell) + 3;
  const cellOf = (x: number, y: number) =>
    Math.floor((x + widest / 2) / cell) + 1 + columns * (Math.floor((y - bed.from) / cell) + 1);
  let coarsest = 0;
  let count = 0;

  const isFree = (x: number, y: number, radius: number): boolean => {
    const reach = Math.ceil((radius + coarsest) / cell);
    for (let dy = -reach; dy <= reach; dy += 1) {
      for (let dx = -reach; dx <= reach; dx += 1) {
        for (const other of grid.get(cellOf(x, y) + dx + columns * dy) ?? []) {
          const gap = (radius + other.radius) * TOUCH;
          if ((other.x - x) ** 2 + (other.y - y) ** 2 < gap * gap) {
            return false;
          }
        }
      }
    }

    return true;
  };

  for (let k = 21; k >= 0; k -= 1) {
    const radius = classSizeMm(k) / 20;
    if (radius * 2 < dotCm) {
      break;
    }
    coarsest = Math.max(coarsest, radius * 1.2);
    const wanted = materials.map((material) => ({
      id: material.id,
      grains: Math.round(((material.classShares[k] ?? 0) * packing * area) / (Math.PI * radius * radius)),
    }));
    for (const { id, grains } of wanted) {
      for (let g = 0; g < grains && count < MOST_GRAINS; g += 1) {
        const own = radius * (0.85 + 0.3 * random());
        for (let attempt = 0; attempt < TRIES; attempt += 1) {
          const y = bed.from + own * 0.8 + random() * Math.max(0, height - own * 1.6);
          const half = bed.widthAt(y) / 2 - own * 0.9;
          const x = (random() * 2 - 1) * half;
          if (half > 0 && isFree(x, y, own)) {
            const grain = { x, y, radius: own, turn: random() * Math.PI };
            laid.get(id)?.push(grain);
            const at = cellOf(x, y);
            grid.set(at, [...(grid.get(at) ?? []), grain]);
            count += 1;
            break;
          }
        }
      }
    }
  }

  return laid;
}

function bedArea(bed: Bed): number {
  const steps = 20;
  let area = 0;
  for (let i = 0; i < steps; i += 1) {
    area += (bed.widthAt(bed.from + ((bed.to - bed.from) * (i + 0.5)) / steps) * (bed.to - bed.from)) / steps;
  }

  return area;
}
