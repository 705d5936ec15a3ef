// @vitest-environment happy-dom

import { describe, expect, test } from 'vitest';

import { decimalsOf, fieldUnit, kept, type Measure, shownIn, split, type Units, unitOf } from './measures';
import { plain, plainRange, typedNumber, typedRange } from './numbers';

function said(value: number, measure: Measure, units: Units): string {
  const unit = unitOf(value, measure, units);
  const shown = shownIn(value, unit);

  return `${new Intl.NumberFormat('en', { maximumFractionDigits: decimalsOf(shown, unit) }).format(shown)} ${unit.word}`;
}

describe('a figure is said by what it is', () => {
  test.each<[number, Measure, string, string]>([
    [12.345, 'L', '12.3 L', '3.26 gal'],
    [340.26, 'L', '340 L', '89.9 gal'],
    [12345, 'L', '12.345 m³', '3,261 gal'],
    [1.814, 'L', '1.81 L', '1.92 qt'],
    [0.482, 'L', '0.482 L', '16.3 fl oz'],
    [0.00197, 'L', '0.002 L', '0.07 fl oz'],
    [56.6337, 'bag', '56.6 L', '2 cu ft'],
    [1529.11, 'bag', '1.529 m³', '2 cu yd'],
    [0.15, 'ml', '150 ml', '5.1 fl oz'],
    [7.62, 'cm', '7.6 cm', '3 in'],
    [0.127, 'cm', '0.13 cm', '0.05 in'],
    [2.4384, 'm', '2.4 m', '8 ft'],
    [9.0718474, 'kg', '9.1 kg', '20 lb'],
    [18.34, 'kg', '18 kg', '40 lb'],
    [28.349523, 'g', '28.3 g', '1 oz'],
    [25.4, 'rain', '25.4 mm', '1 in'],
    [20, 'degC', '20 °C', '68 °F'],
    [-40, 'degC', '-40 °C', '-40 °F'],
    [100, 'kmh', '100 km/h', '62 mph'],
    // a label rate of 3 g/L is 5.06 pounds for a cubic yard
    [3, 'rate', '3 g/L', '5.06 lb/cu yd'],
  ])('%d %s', (value, measure, metric, us) => {
    expect([said(value, measure, 'metric'), said(value, measure, 'us')]).toEqual([metric, us]);
  });

  test('a column keeps one unit from row to row', () => {
    expect([fieldUnit('L', 'metric').word, fieldUnit('L', 'us').word, fieldUnit('cm', 'us').word]).toEqual([
      'L',
      'gal',
      'in',
    ]);
  });
});

describe('what is typed with a unit', () => {
  test.each<[string, Measure, Units, number]>([
    ['2 gal', 'L', 'metric', 7.570823568],
    ['3 in', 'cm', 'metric', 7.62],
    ['3"', 'cm', 'metric', 7.62],
    ['80 mm', 'cm', 'us', 8],
    ['8 cm', 'cm', 'us', 8],
    ['8', 'cm', 'us', 20.32],
    ['8', 'cm', 'metric', 8],
    ['750 ml', 'L', 'metric', 0.75],
    ['2 cu ft', 'bag', 'metric', 56.633693184],
    ['2 m³', 'L', 'metric', 2000],
    ['68 °F', 'degC', 'metric', 20],
    ['50', 'degC', 'us', 10],
    ['2 lbs', 'kg', 'metric', 0.90718474],
    ['1 oz', 'g', 'metric', 28.349523125],
  ])('%s of %s for a %s reader', (text, measure, units, metric) => {
    const [number, unit] = split(text);
    expect(kept(Number(number), unit, measure, units)).toBeCloseTo(metric, 8);
  });

  test('a unit of something else is none', () => {
    expect(kept(3, 'kg', 'cm', 'metric')).toBeNull();
    expect(kept(3, 'furlongs', 'cm', 'us')).toBeNull();
  });

  test('there and back it is the same', () => {
    for (const units of ['metric', 'us'] as const) {
      for (const measure of ['L', 'bag', 'cm', 'kg', 'degC', 'rate'] as const) {
        expect(kept(shownIn(17.3, fieldUnit(measure, units)), '', measure, units)).toBeCloseTo(17.3, 9);
      }
    }
  });
});

describe('a number is read as it is written where the page is read', () => {
  test.each<[string, string, number | null]>([
    ['1.234,50', 'id', 1234.5],
    ['1.234', 'id', 1234],
    ['1,5', 'id', 1.5],
    ['1.5', 'id', 1.5],
    ['0.125', 'id', 0.125],
    ['1.234.567', 'id', 1234567],
    ['1,234.50', 'en', 1234.5],
    ['1,234', 'en', 1234],
    ['1.234', 'en', 1.234],
    ['1 234,5', 'de', 1234.5],
    ['1.234.5', 'en', null],
    ['12,34,5', 'en', null],
  ])('%s in %s', (text, locale, value) => {
    expect(typedNumber(text, locale)).toBe(value);
  });

  test.each([
    ['3', 3, 0],
    ['2-4', 3, 1],
    ['2 – 4', 3, 1],
    ['0.5-1', 0.75, 0.25],
  ])('the range %s', (text, middle, spread) => {
    expect(typedRange(text, 'en')).toEqual({ middle, spread });
    expect(typedRange(plainRange(middle, spread), 'en')).toEqual({ middle, spread });
  });

  test.each(['', '-', '2-', '-4', '4-2', '1-2-3', 'a-b'])('no range: %s', (text) => {
    expect(typedRange(text, 'en')?.spread ?? null).toBe(text === '-4' ? 0 : null);
  });

  test('a number that fills a field is read back as itself', () => {
    for (const lang of ['en', 'id']) {
      document.documentElement.lang = lang;
      for (const value of [1.234, 0.5, 1234, 1234.5, 12345.678]) {
        expect(typedNumber(plain(value))).toBe(value);
      }
    }
    document.documentElement.lang = '';
  });
});
