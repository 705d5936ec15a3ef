// @vitest-environment happy-dom
import { expect, test } from 'vitest';

import { hooked } from '../../testing/show';
import { useHours } from './useHours';

test.each([
  [20, '20 hours'],
  [71.9, '72 hours'],
  [72, '3 days'],
  [100, '4.2 days'],
  [60 * 24, '60 days'],
  [60 * 24 + 1, 'over 60 days'],
  [370 * 24, 'over 60 days'],
])('%s h are told as %s', (hours, told) => {
  expect(hooked(() => useHours(), undefined).result.current(hours)).toBe(told);
});
