import type { Schemas } from '../../../api/client';
import type { Words } from '../../../i18n/words';
import { inUnit } from '../../../kit/mixes/inUnit';

/** Figures by which mixes and pots are set against each other. */
export const FIGURES: Schemas['TradeFigure'][] = [
  'air',
  'water_l',
  'easy_l',
  'interval_h',
  'drought',
  'run_through_s',
  'ph',
  'later_ph',
  'wet_kg',
  'cost',
  'years',
  'fit',
];

/** A figure as it is said. */
export function figureText(figure: Schemas['TradeFigure'], value: number, words: Words, currency: string): string {
  switch (figure) {
    case 'air':
    case 'drought':
    case 'fit':
      return words.percent(value);
    case 'cost':
      return words.money(value, currency);
    default:
      return inUnit(figure, value, words);
  }
}
