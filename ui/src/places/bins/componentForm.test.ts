import { expect, test } from 'vitest';

import { bodyOf, emptyForm, notNumbers } from './componentForm';
import { typedNumber } from '../../i18n/numbers';

test('numbers are read as they are typed, and nothing else is', () => {
  expect(['2', ' 2.5 ', '2,5', '.5', '-3', '7.'].map((text) => typedNumber(text))).toEqual([2, 2.5, 2.5, 0.5, -3, 7]);
  expect(['', 'two', '1e3', '1.2.3', '--1', 'NaN', 'Infinity', '1 00'].map((text) => typedNumber(text))).toEqual(
    Array(8).fill(null),
  );
});

test('an empty form names what must be filled in, and nothing that may stay empty', () => {
  const wrong = notNumbers(emptyForm, false);
  expect(wrong).toContain('bulk_density');
  expect(wrong).not.toContain('ph');
  expect(wrong).not.toContain('pack_l');
  expect(notNumbers(emptyForm, true)).toEqual([]);
});

test('two sieves of one aperture are both sent, so that the double is refused and not lost', () => {
  const form = {
    ...emptyForm,
    sieve: [
      { aperture: '4', retained: '1' },
      { aperture: '4', retained: '2' },
      { aperture: '2,8', retained: '3' },
    ],
    pan: '',
  };
  expect(bodyOf(form, false).sieve).toEqual({ '4': 1, '4.0': 2, '2.8': 3, pan: 0 });
});

test('of a reference component only the shelf is sent', () => {
  expect(Object.keys(bodyOf(emptyForm, true)).sort()).toEqual([
    'low_l',
    'note',
    'other_names',
    'pack_l',
    'pack_price',
    'stock_l',
  ]);
});
