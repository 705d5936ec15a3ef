import type { Schemas } from '../../../api/client';
import { rules } from '../../../api/meta';

/** A column: what is asked, and what it was made of, so that one sees when that has changed. */
export type Compared = Schemas['ComparisonInput']['items'][number] & {
  of?: 'bench' | { recipe: number; version: number };
};

const KEPT_AS = 'zolbek.comparison';

/** What stands side by side, kept while one looks elsewhere. */
export function keepComparison(items: Compared[]): void {
  sessionStorage.setItem(KEPT_AS, JSON.stringify(items.slice(0, rules.most_compared)));
}

export function keptComparison(): Compared[] {
  try {
    const items: unknown = JSON.parse(sessionStorage.getItem(KEPT_AS) ?? '[]');

    return Array.isArray(items) ? (items as Compared[]) : [];
  } catch {
    return [];
  }
}
