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

const MOST_GRAINS = 2800;
const TRIES = 14;
/** Grains may touch a little deeper than circles would, since they are drawn angular. */
const TOUCH = 0.94;
/** Points on a grain's edge that must be free: those before it are as large or larger, so that none slips between. */
const EDGE = Array.from({ length: 12 }, (_, i) => [Math.cos((i * Math.PI) / 6), Math.sin((i * Math.PI) / 6)] as const);

/** Size d_k of a size class, mm: the classes of the model, each sqrt(2) times the one before. */
export function classSizeMm(k: number): number {
  return 2 ** (k / 2 - 5.75);
}

/**
 * Lays grains of the given sizes into a bed, the largest first, each where it finds room, until their area is the packing's share of
 * the bed. Grains finer than a dot of the picture are left out. The same mix lays the same grains, and one that differs little lays most
 * of them in the same places.
 *
 * @param dotCm the smallest diameter that can be seen
 * @returns the grains of each material, by its id
 */
export function layGrains(bed: Bed, materials: Material[], packing: number, dotCm: number): Map<string, Grain[]> {
  const laid = new Map<string, Grain[]>(materials.map((material) => [material.id, []]));
  const height = bed.to - bed.from;
  const widest = Math.max(bed.widthAt(bed.from), bed.widthAt(bed.to), bed.widthAt((bed.from + bed.to) / 2));
  if (height <= 0 || widest <= 0) {
    return laid;
  }
  const area = bedArea(bed);
  const ground = new Ground(widest, bed.from, height, dotCm * 0.7);
  let count = 0;

  for (let k = 21; k >= 0; k -= 1) {
    const radius = classSizeMm(k) / 20;
    if (radius * 2 < dotCm) {
      break;
    }
    for (const material of materials) {
      const random = seededRandom(`${material.id} ${k}`);
      const grains = Math.round(((material.classShares[k] ?? 0) * packing * area) / (Math.PI * radius * radius));
      for (let g = 0; g < grains && count < MOST_GRAINS; g += 1) {
        const own = radius * (0.85 + 0.3 * random());
        const turn = random() * Math.PI;
        for (let attempt = 0; attempt < TRIES; attempt += 1) {
          const y = bed.from + own * 0.8 + random() * Math.max(0, height - own * 1.6);
          const x = (random() * 2 - 1) * (bed.widthAt(y) / 2 - own * 0.9);
          if (Math.abs(x) + own * 0.85 < bed.widthAt(y) / 2 && ground.isFree(x, y, own)) {
            ground.take(x, y, own);
            laid.get(material.id)?.push({ x, y, radius: own, turn });
            count += 1;
            break;
          }
        }
      }
    }
  }

  return laid;
}

/** Which dots of the bed are taken. */
class Ground {
  private readonly columns: number;
  private readonly rows: number;
  private readonly taken: Uint8Array;

  constructor(
    private readonly width: number,
    private readonly bottom: number,
    height: number,
    private readonly dot: number,
  ) {
    this.columns = Math.ceil(width / dot) + 2;
    this.rows = Math.ceil(height / dot) + 2;
    this.taken = new Uint8Array(this.columns * this.rows);
  }

  isFree(x: number, y: number, radius: number): boolean {
    return (
      !this.isTaken(x, y) &&
      EDGE.every(([cos, sin]) => !this.isTaken(x + cos * radius * TOUCH, y + sin * radius * TOUCH))
    );
  }

  take(x: number, y: number, radius: number): void {
    const reach = Math.ceil((radius * TOUCH) / this.dot);
    const [column, row] = [this.columnOf(x), this.rowOf(y)];
    const limit = (radius * TOUCH) / this.dot;
    for (let dy = -reach; dy <= reach; dy += 1) {
      const wide = Math.floor(Math.sqrt(Math.max(0, limit * limit - dy * dy)));
      const at = row + dy;
      if (at >= 0 && at < this.rows) {
        this.taken.fill(
          1,
          at * this.columns + Math.max(0, column - wide),
          at * this.columns + Math.min(this.columns - 1, column + wide) + 1,
        );
      }
    }
  }

  private isTaken(x: number, y: number): boolean {
    return this.taken[this.rowOf(y) * this.columns + this.columnOf(x)] === 1;
  }

  private columnOf(x: number): number {
    return Math.floor((x + this.width / 2) / this.dot) + 1;
  }

  private rowOf(y: number): number {
    return Math.floor((y - this.bottom) / this.dot) + 1;
  }
}

function bedArea(bed: Bed): number {
  const steps = 20;
  let area = 0;
  for (let i = 0; i < steps; i += 1) {
    area += (bed.widthAt(bed.from + ((bed.to - bed.from) * (i + 0.5)) / steps) * (bed.to - bed.from)) / steps;
  }

  return area;
}
