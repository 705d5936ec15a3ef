import { describe, expect, test } from 'vitest';

import { iso, monthDays } from './month';

describe('a calendar sheet', () => {
  test.each([
    [2026, 10],
    [2027, 1],
    [2028, 1],
    [2026, 1],
    [2027, 7],
  ])('of %i, month %i, has whole weeks from Monday on and each day of the month once', (year, month) => {
    const weeks = monthDays(year, month);
    expect(weeks.every((week) => week.length === 7 && new Date(`${week[0]?.iso}T12:00`).getDay() === 1)).toBe(true);
    const inMonth = weeks.flat().filter((day) => day.inMonth);
    expect(inMonth.map(({ day }) => day)).toEqual(
      Array.from({ length: new Date(year, month + 1, 0).getDate() }, (_, i) => i + 1),
    );
    expect(new Set(weeks.flat().map((day) => day.iso)).size).toBe(weeks.length * 7);
  });

  test('writes a day as the reader has it', () => {
    expect(iso(new Date(2026, 0, 5, 23, 59))).toBe('2026-01-05');
  });
});
