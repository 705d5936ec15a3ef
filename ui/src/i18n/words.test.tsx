// @vitest-environment happy-dom
import { expect, test } from 'vitest';

import { hooked } from '../testing/show';
import { useWords } from './words';

test('what is told as nothing has no sign, what is less than nothing has one', () => {
  const { q, cell, n, percent } = hooked(() => useWords()).result.current;
  expect([q(-0, 'g'), cell(-0.000001, 'L'), n(-0), percent(-0.0004)]).toEqual(['0 g', '0', '0', '0%']);
  expect([q(-12, 'g'), n(-3.5), percent(-0.25)]).toEqual(['-12 g', '-3.5', '-25%']);
  expect(q(12, 'g')).toBe('12 g');
});
