// @vitest-environment happy-dom
import { fireEvent, screen } from '@testing-library/react';
import { useState } from 'react';
import { beforeEach, expect, test, vi } from 'vitest';

import { show } from '../../testing/show';
import { held, type Year, YearBars } from './YearBars';

const YEAR: Year = Array.from({ length: 12 }, (_, i) => ({ tmin: i - 4, tmax: i + 10, rain_mm: 50 + i }));
const changed = vi.fn();

function Held() {
  const [year, setYear] = useState(YEAR);

  return (
    <YearBars
      year={year}
      change={(month, column, value) => {
        changed(month, column, value);
        setYear((now) => now.map((row, i) => (i === month ? { ...row, [column]: value } : row)));
      }}
    />
  );
}
const handle = (name: string) => screen.getByRole('slider', { name });

beforeEach(() => changed.mockClear());

test.each([
  ['tmin', 3.3, 3.5],
  ['tmin', 30, 10],
  ['tmin', -99, -25],
  ['tmax', -99, -4],
  ['tmax', 99, 45],
  ['rain_mm', 52, 50],
  ['rain_mm', -5, 0],
  ['rain_mm', 900, 400],
] as const)('%s taken to %d is held at %d', (column, to, at) => {
  expect(held(column, to, { tmin: -4, tmax: 10, rain_mm: 50 })).toBe(at);
});

test('a month wetter or colder than what is drawn is stepped from where it is, not cut off', () => {
  const monsoon = { tmin: -31, tmax: 2, rain_mm: 620 };
  expect(held('rain_mm', 615, monsoon)).toBe(615);
  expect(held('rain_mm', 700, monsoon)).toBe(620);
  expect(held('tmin', -30.5, monsoon)).toBe(-30.5);
});

test('up and down change a month, left and right go to the next, one stop for each row', async () => {
  const { hand } = show(<Held />);
  expect(screen.getAllByRole('slider').filter((each) => each.getAttribute('tabindex') === '0')).toHaveLength(3);
  handle('January, coldest').focus();
  await hand.keyboard('{ArrowUp}');
  expect(changed).toHaveBeenLastCalledWith(0, 'tmin', -3.5);
  expect(handle('January, coldest').getAttribute('aria-valuetext')).toBe('-3.5 °C');
  await hand.keyboard('{ArrowRight}{PageDown}');
  expect(document.activeElement).toBe(handle('February, coldest'));
  expect(changed).toHaveBeenLastCalledWith(1, 'tmin', -8);
  await hand.keyboard('{ArrowLeft}{ArrowLeft}{End}');
  // the year goes round; the coldest of December stops at its warmest
  expect(changed).toHaveBeenLastCalledWith(11, 'tmin', 21);
  expect(handle('December, coldest').getAttribute('tabindex')).toBe('0');
  expect(handle('January, coldest').getAttribute('tabindex')).toBe('-1');
});

test('a handle follows the hand while it is held, and not before', () => {
  show(<Held />);
  const rain = handle('March, rain');
  vi.spyOn(screen.getByRole('group'), 'getBoundingClientRect').mockReturnValue(new DOMRect(0, 100, 720, 364));
  let holds = false;
  rain.setPointerCapture = () => (holds = true);
  rain.hasPointerCapture = () => holds;
  fireEvent.pointerMove(rain, { pointerId: 1, clientY: 100 + 297 });
  expect(changed).not.toHaveBeenCalled();
  fireEvent.pointerDown(rain, { pointerId: 1 });
  fireEvent.pointerMove(rain, { pointerId: 1, clientY: 100 + 297 });
  // half-way between 252 and 342 is half of 400 mm
  expect(changed).toHaveBeenLastCalledWith(2, 'rain_mm', 200);
});
