import type { Schemas } from '../../api/client';
import { plain, typedNumber } from '../../i18n/numbers';
import { PROPERTIES } from './properties';

type Component = Schemas['Component'];

/** What is written of whatever lies in a bin. */
export const SHELF = ['stock_l', 'pack_l', 'pack_price', 'low_l'] as const;

export type NumberName = (typeof SHELF)[number] | (typeof PROPERTIES)[number][0] | 'finest_mm';

const NUMBERS: readonly NumberName[] = [...SHELF, ...PROPERTIES.map(([name]) => name), 'finest_mm'];

const isShelf = (name: NumberName): boolean => (SHELF as readonly string[]).includes(name);

/** Numbers that may be left empty. */
const OPTIONAL: readonly string[] = [
  'pack_l',
  'pack_price',
  'low_l',
  'finest_mm',
  'hydraulic_size_mm',
  'hydraulic_spread',
  'fines_weight',
  'settled_index',
  'structure_loss',
  'ph',
];

export interface SieveRow {
  aperture: string;
  retained: string;
}

/** A component as it stands in the form: numbers as they were typed. */
export interface ComponentForm {
  name: string;
  kind: Schemas['Kind'];
  basis: Component['basis'];
  colour: string;
  hazards: Schemas['Hazard'][];
  note: string;
  otherNames: string[];
  numbers: Record<NumberName, string>;
  sieve: SieveRow[];
  pan: string;
}

export function formOf(component: Component, name: string): ComponentForm {
  const text = (value: number | null) => (value === null ? '' : plain(value));
  const sieve = Object.entries(component.sieve)
    .filter(([aperture]) => aperture !== 'pan')
    .sort(([a], [b]) => Number(b) - Number(a));

  return {
    name,
    kind: component.kind,
    basis: component.basis,
    colour: component.colour,
    hazards: component.hazards,
    note: component.note,
    otherNames: component.other_names,
    numbers: Object.fromEntries(NUMBERS.map((key) => [key, text(component[key])])) as ComponentForm['numbers'],
    sieve: sieve.map(([aperture, retained]) => ({ aperture, retained: plain(retained) })),
    pan: text(component.sieve['pan'] ?? 0),
  };
}

export const emptyForm: ComponentForm = {
  name: '',
  kind: 'porous stone',
  basis: 'measured',
  colour: '#9c9184',
  hazards: ['dust'],
  note: '',
  otherNames: [],
  numbers: {
    ...(Object.fromEntries(NUMBERS.map((key) => [key, ''])) as ComponentForm['numbers']),
    stock_l: '0',
    buffer: '0',
    cec: '0',
    crumble_rate: '0',
    decay_rate: '0',
  },
  sieve: ['8', '4', '2', '1'].map((aperture) => ({ aperture, retained: '' })),
  pan: '',
};

/** Paths of fields that hold no number though they must. */
export function notNumbers(form: ComponentForm, isReference: boolean): string[] {
  const wrong: string[] = NUMBERS.filter((key) => {
    const text = form.numbers[key].trim();

    return (!isReference || isShelf(key)) && typedNumber(text) === null && !(text === '' && OPTIONAL.includes(key));
  });
  if (!isReference) {
    form.sieve.forEach((row, i) => {
      if (typedNumber(row.retained === '' ? '0' : row.retained) === null || typedNumber(row.aperture) === null) {
        wrong.push(`sieve row ${i}`);
      }
    });
    if (typedNumber(form.pan === '' ? '0' : form.pan) === null) {
      wrong.push('sieve.pan');
    }
  }

  return wrong;
}

/** The form as the API takes it. Of a reference component only what stands on the shelf is sent. */
export function bodyOf(form: ComponentForm, isReference: boolean): Schemas['ComponentInput'] {
  const { numbers } = form;
  const shelf = {
    stock_l: typedNumber(numbers.stock_l) ?? 0,
    pack_l: typedNumber(numbers.pack_l),
    pack_price: typedNumber(numbers.pack_price),
    low_l: typedNumber(numbers.low_l),
    note: form.note,
    other_names: form.otherNames,
  };
  if (isReference) {
    return shelf;
  }
  const properties = Object.fromEntries(
    NUMBERS.filter((key) => !isShelf(key)).map((key) => [key, typedNumber(numbers[key])]),
  );
  // Two rows with one aperture keep apart by spelling, so that the double is refused and not lost.
  const sieve: Record<string, number> = {};
  for (const row of form.sieve) {
    let aperture = row.aperture.trim().replace(',', '.');
    while (aperture in sieve) {
      aperture = aperture.includes('.') ? `${aperture}0` : `${aperture}.0`;
    }
    sieve[aperture] = typedNumber(row.retained) ?? 0;
  }
  sieve['pan'] = typedNumber(form.pan) ?? 0;

  return {
    name: form.name,
    kind: form.kind,
    basis: form.basis,
    colour: form.colour,
    hazards: form.hazards,
    ...properties,
    sieve,
    ...shelf,
  };
}
