import type { Measure } from '../../i18n/measures';
import type { Words } from '../../i18n/words';

const BY_END: [RegExp, Measure][] = [
  [/_l(_day|_year)?$/, 'L'],
  [/_cm$/, 'cm'],
  [/_kg$/, 'kg'],
];

/** A figure of an answer with the unit that its name tells; bare where it has none. */
export function inUnit(name: string, value: number, { n, q }: Pick<Words, 'n' | 'q'>, digits = 3): string {
  const measure = BY_END.find(([end]) => end.test(name))?.[1];

  return measure === undefined ? n(value, digits) : q(value, measure);
}
