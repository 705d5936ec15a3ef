import type { Schemas } from '../../../api/client';
import { typedNumber } from '../../../i18n/numbers';

export type Merit = Schemas['Merit'];

/** A component that somebody said something about; shares in per cent, as typed. */
export interface About {
  id: number;
  name: string;
  may: 'may' | 'must' | 'never';
  least: string;
  most: string;
}

/** What is wished, as it stands in the fields; empty means: whatever. */
export interface WishFields {
  source: Schemas['MixSource'];
  components: string;
  steps: 'scoops' | 'per_cent';
  scoops: string;
  perCent: 5 | 10 | 20 | 25;
  cost: string;
  kg: string;
  years: string;
  organics: 'any' | 'no_acid' | 'none';
  about: About[];
  /** Whether nothing but what is named there may be in it. */
  only: boolean;
  order: Merit[];
}

/** What can be put first, in the order in which it stands at the start. */
export const MERITS: Merit[] = ['best', 'cheapest', 'longest', 'lightest', 'water', 'stock', 'simplest'];

export const usualWishes = (): WishFields => ({
  source: 'owned',
  components: '4',
  steps: 'scoops',
  scoops: '6',
  perCent: 10,
  cost: '',
  kg: '',
  years: '',
  organics: 'any',
  about: [],
  only: false,
  order: MERITS,
});

/** What can be wanted from a recipe that there is. */
export const STARTS = [
  'improve',
  'replace',
  'lighten',
  'cheaper',
  'longer',
] as const satisfies Schemas['SearchStart'][];
export type Start = Schemas['SearchStart'];

/** A text in which nothing need stand: undefined where it is empty, null where it is no number. */
function optional(text: string): number | undefined | null {
  return text.trim() === '' ? undefined : typedNumber(text);
}

/** The fields that hold no number. */
export function unreadable(wishes: WishFields): (keyof WishFields)[] {
  return (['cost', 'kg', 'years', 'components', 'scoops'] as const).filter((field) => optional(wishes[field]) === null);
}

/** The wishes as the server takes them, or null while a field holds no number. */
export function wishesInput(
  wishes: WishFields,
  pots: number,
  from: { like: Schemas['PartInput'][]; start: Start } | null,
): Schemas['SearchWishes'] | null {
  if (
    unreadable(wishes).length > 0 ||
    wishes.about.some((each) => [each.least, each.most].some((text) => optional(text) === null))
  ) {
    return null;
  }
  const { cost, kg, years } = { cost: optional(wishes.cost), kg: optional(wishes.kg), years: optional(wishes.years) };
  const components = wishes.about
    .filter((each) => wishes.only || each.may !== 'may' || each.least !== '' || each.most !== '')
    .map(aboutInput);

  return {
    source: wishes.source,
    most_components: optional(wishes.components) ?? 4,
    ...(wishes.steps === 'scoops' ? { scoops: optional(wishes.scoops) ?? 6 } : { per_cent: wishes.perCent }),
    ...(cost == null ? {} : { most_cost: cost }),
    ...(kg == null ? {} : { most_kg: kg }),
    ...(years == null ? {} : { least_years: years }),
    ...(wishes.organics === 'none' ? { without_organics: true } : {}),
    ...(wishes.organics === 'no_acid' ? { without_acid_organics: true } : {}),
    pots,
    priorities: wishes.order,
    ...(components.length > 0 ? { components } : {}),
    ...(wishes.only && components.length > 0 ? { only: true } : {}),
    ...from,
  };
}

function aboutInput({ id, may, ...shares }: About): Schemas['SearchComponent'] {
  if (may === 'never') {
    return { component_id: id, most: 0 };
  }
  const [least, most] = [optional(shares.least), optional(shares.most)];

  return {
    component_id: id,
    ...(least == null ? {} : { least: least / 100 }),
    ...(most == null ? {} : { most: most / 100 }),
    ...(may === 'must' ? { must: true } : {}),
  };
}
