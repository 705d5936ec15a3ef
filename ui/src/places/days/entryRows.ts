import type { Schemas } from '../../api/client';

type Entry = Schemas['DayEntry'];

/** A line of the plan: one plant, or several that go into the same mix and pot. */
export interface EntryRow {
  key: string;
  entries: [Entry, ...Entry[]];
  children?: EntryRow[];
}

const WORST: Record<Schemas['Level'], number> = { stop: 0, mind: 1, good: 2 };

/** Plants in the order of work; those in the same mix and pot are one line where the first of them stands. */
export function entryRows(entries: Entry[]): EntryRow[] {
  const sorted = entries.toSorted((a, b) => (a.order ?? Infinity) - (b.order ?? Infinity) || a.position - b.position);
  const groups = new Map<string, [Entry, ...Entry[]]>();
  for (const entry of sorted) {
    const key = `${entry.recipe.id} ${entry.pot.id}`;
    const group = groups.get(key);
    if (group === undefined) {
      groups.set(key, [entry]);
    } else {
      group.push(entry);
    }
  }

  return [...groups].map(([key, group]) => {
    const [only] = group;

    return group.length === 1
      ? { key: String(only.id), entries: group }
      : {
          key: `group ${key}`,
          entries: group,
          children: group.map((entry) => ({ key: String(entry.id), entries: [entry] })),
        };
  });
}

/** The one of several that is worst off. */
export function worstOf(entries: [Entry, ...Entry[]]): Entry {
  const rank = ({ worst, assessment }: Entry) =>
    worst === null ? 3 : assessment?.rating === 'lethal' ? -1 : WORST[worst.level];

  return entries.reduce((worst, entry) => (rank(entry) < rank(worst) ? entry : worst));
}

/** Plants that some entries stand for. */
export const manyOf = (entries: Entry[]): number => entries.reduce((many, entry) => many + entry.count, 0);

export function sumOf(entries: Entry[], figure: (figures: NonNullable<Entry['figures']>) => number): number {
  return entries.reduce((sum, entry) => sum + (entry.figures === null ? 0 : entry.count * figure(entry.figures)), 0);
}
