import { createIntl } from 'react-intl';
import { describe, expect, test } from 'vitest';

import type { Schemas } from '../../api/client';
import { en } from '../../catalogue';
import type { Words } from '../../i18n/words';
import { rounds } from './verdictWords';

const intl = createIntl({ locale: 'en', messages: en });
const t = ((id: string, values?: Record<string, string | number>) => intl.formatMessage({ id }, values)) as Words['t'];
const says = (habit_h: number, summer: number, heat: number | null) =>
  rounds({ habit_h, rounds: { summer, heat } } as Schemas['WaterCourse'], t);

describe('one sentence on the water', () => {
  test.each([
    [24, 1, 1, 'Once a day in summer is enough, in a heat wave too.'],
    [24, 1, 2, 'Once a day in summer is enough; in a heat wave look twice.'],
    [12, 1, 3, 'Twice a day in summer is enough; in a heat wave look 3 times.'],
    [48, 1, null, 'Every other day in summer is enough; in a heat wave no watering is.'],
    [168, 3, 5, 'Once a week is too seldom in summer: water 3 times as often, in a heat wave 5 times.'],
    [
      72,
      2,
      null,
      'Every third day is too seldom in summer: water 2 times as often; in a heat wave no watering is enough.',
    ],
    [36, 1, 1, 'Every 36 h in summer is enough, in a heat wave too.'],
  ])('every %i h, %i in summer, %s in a heat wave', (habit, summer, heat, sentence) => {
    expect(says(habit, summer, heat)).toBe(sentence);
  });
});
