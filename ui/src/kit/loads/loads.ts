import type { Schemas } from '../../api/client';

export type ScoopedLine = Schemas['ScoopedLine'];

/** A load as it is shown: planned, or mixed already. */
export interface ShownLoad {
  number: number;
  litres: number;
  lines: ScoopedLine[];
  mixed: boolean;
}

/** Loads one after the other that are alike. */
export interface LoadGroup {
  from: number;
  to: number;
  litres: number;
  lines: ScoopedLine[];
  mixed: boolean;
}

const isAlike = (a: ShownLoad, b: LoadGroup) =>
  a.mixed === b.mixed &&
  a.lines.length === b.lines.length &&
  a.lines.every((line, i) => {
    const other = b.lines[i];
    return (
      other !== undefined &&
      line.component_id === other.component_id &&
      line.scoops === other.scoops &&
      line.scoop_l === other.scoop_l &&
      line.ml === other.ml
    );
  });

/** Loads in the order of their numbers, those alike together. */
export function grouped(loads: ShownLoad[]): LoadGroup[] {
  const groups: LoadGroup[] = [];
  for (const load of loads.toSorted((a, b) => a.number - b.number)) {
    const last = groups.at(-1);
    if (last !== undefined && last.to === load.number - 1 && isAlike(load, last)) {
      last.to = load.number;
    } else {
      groups.push({ from: load.number, to: load.number, litres: load.litres, lines: load.lines, mixed: load.mixed });
    }
  }

  return groups;
}

export const planned = (loads: Schemas['PlannedLoad'][]): ShownLoad[] =>
  loads.map((load) => ({ ...load, mixed: false }));
