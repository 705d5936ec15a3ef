/** What a figure is a measure of; figures are kept, sent and reckoned in these units, whatever the reader sees. */
export type Measure = 'L' | 'ml' | 'bag' | 'cm' | 'm' | 'kg' | 'g' | 'rain' | 'degC' | 'kmh' | 'rate';
export const MEASURES: readonly Measure[] = ['L', 'ml', 'bag', 'cm', 'm', 'kg', 'g', 'rain', 'degC', 'kmh', 'rate'];
export type Units = 'metric' | 'us';

/** A unit: its word, how many of it are one of what is kept (and, for degrees, what is added), and from how much on it is used. */
interface Unit {
  word: string;
  per: number;
  plus?: number;
  from?: number;
  /** The most decimals that mean something. */
  decimals?: number;
  /** From how many on no decimal means anything. */
  wholeFrom?: number;
  /** As many however large the figure is: a cubic metre is counted to the litre. */
  always?: number;
}

const LITRES_A_GALLON = 3.785411784;
const LITRES_A_CUBIC_FOOT = 28.316846592;
const LITRES_A_CUBIC_YARD = 27 * LITRES_A_CUBIC_FOOT;
const KG_A_POUND = 0.45359237;
const CM_AN_INCH = 2.54;
const METRES_A_MILE = 1609.344;

/** The units of each measure, the smallest first: from so much of what is kept on, the next one. Factors by the international yard and pound, the gallon of 231 cubic inches. */
const UNITS: Record<Units, Record<Measure, Unit[]>> = {
  metric: {
    L: [
      { word: 'L', per: 1 },
      { word: 'm³', per: 1 / 1000, from: 1000, always: 3 },
    ],
    ml: [{ word: 'ml', per: 1000, decimals: 0 }],
    bag: [
      { word: 'L', per: 1 },
      { word: 'm³', per: 1 / 1000, from: 1000, always: 3 },
    ],
    cm: [{ word: 'cm', per: 1, decimals: 1 }],
    m: [{ word: 'm', per: 1, decimals: 1 }],
    kg: [{ word: 'kg', per: 1, decimals: 1, wholeFrom: 10 }],
    g: [{ word: 'g', per: 1, decimals: 1 }],
    rain: [{ word: 'mm', per: 1, decimals: 1 }],
    degC: [{ word: '°C', per: 1, decimals: 1 }],
    kmh: [{ word: 'km/h', per: 1, decimals: 0 }],
    rate: [{ word: 'g/L', per: 1, decimals: 2 }],
  },
  us: {
    L: [
      { word: 'fl oz', per: 128 / LITRES_A_GALLON, decimals: 1 },
      { word: 'qt', per: 4 / LITRES_A_GALLON, from: LITRES_A_GALLON / 4, decimals: 2 },
      { word: 'gal', per: 1 / LITRES_A_GALLON, from: LITRES_A_GALLON, decimals: 2 },
    ],
    ml: [{ word: 'fl oz', per: 128 / LITRES_A_GALLON, decimals: 1 }],
    bag: [
      { word: 'cu ft', per: 1 / LITRES_A_CUBIC_FOOT, decimals: 2 },
      { word: 'cu yd', per: 1 / LITRES_A_CUBIC_YARD, from: LITRES_A_CUBIC_YARD, decimals: 2 },
    ],
    cm: [{ word: 'in', per: 1 / CM_AN_INCH, decimals: 2 }],
    m: [{ word: 'ft', per: 100 / CM_AN_INCH / 12, decimals: 1 }],
    kg: [{ word: 'lb', per: 1 / KG_A_POUND, decimals: 1, wholeFrom: 20 }],
    g: [{ word: 'oz', per: 16 / KG_A_POUND / 1000, decimals: 2 }],
    rain: [{ word: 'in', per: 1 / CM_AN_INCH / 10, decimals: 2 }],
    degC: [{ word: '°F', per: 1.8, plus: 32, decimals: 1 }],
    kmh: [{ word: 'mph', per: 1000 / METRES_A_MILE, decimals: 0 }],
    rate: [{ word: 'lb/cu yd', per: LITRES_A_CUBIC_YARD / 1000 / KG_A_POUND, decimals: 2 }],
  },
};

/** Other ways in which somebody types a unit, and what one of it is in what is kept. */
const TYPED: Record<'volume' | 'length' | 'weight', Record<string, number>> = {
  volume: {
    l: 1,
    litre: 1,
    litres: 1,
    liter: 1,
    liters: 1,
    ml: 0.001,
    'm³': 1000,
    m3: 1000,
    gal: LITRES_A_GALLON,
    gallon: LITRES_A_GALLON,
    gallons: LITRES_A_GALLON,
    qt: LITRES_A_GALLON / 4,
    quart: LITRES_A_GALLON / 4,
    quarts: LITRES_A_GALLON / 4,
    'fl oz': LITRES_A_GALLON / 128,
    cup: LITRES_A_GALLON / 16,
    cups: LITRES_A_GALLON / 16,
    'cu ft': LITRES_A_CUBIC_FOOT,
    ft3: LITRES_A_CUBIC_FOOT,
    'cu yd': LITRES_A_CUBIC_YARD,
    yd3: LITRES_A_CUBIC_YARD,
  },
  length: {
    mm: 0.1,
    cm: 1,
    m: 100,
    in: CM_AN_INCH,
    inch: CM_AN_INCH,
    inches: CM_AN_INCH,
    '"': CM_AN_INCH,
    ft: 12 * CM_AN_INCH,
  },
  weight: { g: 0.001, kg: 1, lb: KG_A_POUND, lbs: KG_A_POUND, pounds: KG_A_POUND, oz: KG_A_POUND / 16 },
};

/** Which typed units belong to a measure, and how many of what is kept one of theirs is. */
const KINDS: Partial<Record<Measure, [keyof typeof TYPED, number]>> = {
  L: ['volume', 1],
  ml: ['volume', 1],
  bag: ['volume', 1],
  cm: ['length', 1],
  m: ['length', 0.01],
  rain: ['length', 10],
  kg: ['weight', 1],
  g: ['weight', 1000],
};

/** The unit in which so much is said. */
export function unitOf(value: number, measure: Measure, units: Units): Unit {
  const choices = UNITS[units][measure];

  return choices.findLast(({ from }) => from !== undefined && Math.abs(value) >= from) ?? (choices[0] as Unit);
}

/** The one unit in which a field or a column of a measure is kept for this reader: a column does not change it from row to row. */
export function fieldUnit(measure: Measure, units: Units): Unit {
  const choices = UNITS[units][measure];

  return (units === 'us' && measure === 'L' ? choices[2] : choices[0]) as Unit;
}

export function shownIn(value: number, { per, plus = 0 }: Unit): number {
  return value * per + plus;
}

/** How many decimals such a figure bears: a stock of 340 L none, a load of 34.5 L one, a pot of 3.45 L two. */
export function decimalsOf(shown: number, { decimals = 3, wholeFrom = 100, always }: Unit): number {
  if (always !== undefined) {
    return always;
  }
  const size = Math.abs(shown);
  const most = size >= wholeFrom ? 0 : size >= 10 ? 1 : size >= 1 ? 2 : 3;

  return Math.min(most, size > 0 && size < 1 ? Math.max(decimals, 2) : decimals);
}

const WRITTEN = /^(-?[\d.,' ]*\d[\d.,]*)\s*([^\d].*)?$/u;

/** A figure and the unit typed behind it, as far as there is one. */
export function split(text: string): [number: string, unit: string] {
  const [, number, unit] = WRITTEN.exec(text.trim()) ?? [];

  return number === undefined ? [text, ''] : [number, (unit ?? '').trim().toLowerCase().replace(/\.$/, '')];
}

/** What somebody typed in a unit of his own, in what is kept; null where that unit does not measure this. */
export function kept(value: number, unit: string, measure: Measure, units: Units): number | null {
  if (unit === '') {
    const { per, plus = 0 } = fieldUnit(measure, units);

    return (value - plus) / per;
  }
  const own = Object.values(UNITS)
    .flatMap((set) => set[measure])
    .find(({ word }) => word.toLowerCase() === unit || word.toLowerCase() === `°${unit}`);
  if (own !== undefined) {
    return (value - (own.plus ?? 0)) / own.per;
  }
  const [kind, times] = KINDS[measure] ?? [];
  const one = kind === undefined ? undefined : TYPED[kind][unit];

  return one === undefined || times === undefined ? null : value * one * times;
}
