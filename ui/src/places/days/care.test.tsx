// @vitest-environment happy-dom
import { screen, within } from '@testing-library/react';
import { beforeEach, describe, expect, test, vi } from 'vitest';

import type { Schemas } from '../../api/client';
import { show } from '../../testing/show';
import { openYard, yard } from '../../testing/yard';
import { EntryCare } from './EntryCare';

const entryOf = (off: Schemas['EntryPlan']['care_off'] = []): Schemas['DayEntry'] => {
  const entry = yard.day().entries[0] as Schemas['DayEntry'];
  return { ...entry, id: 1, plan: { ...entry.plan, care_off: off } };
};

describe('what will be looked after', () => {
  beforeEach(openYard);

  test('is told before it is potted, and taken off with a reason alone', async () => {
    const keep = vi.fn();
    const { hand } = show(
      <EntryCare day={1} entry={entryOf([{ kind: 'first_weeks', why: 'It stands by the tap.' }])} keep={keep} />,
    );
    const care = await screen.findByRole('region', { name: /Looked after/ });
    expect(within(care).getByText(/ends when shoots lengthen/)).toBeTruthy();
    expect(within(care).getByText(/tips over at 55 km\/h/)).toBeTruthy();
    await hand.click(within(care).getByRole('button', { name: 'Take off: Out of storms' }));
    const off = within(care).getAllByRole<HTMLButtonElement>('button', { name: 'Take off' })[0];
    expect(off?.disabled).toBe(true);
    await hand.type(within(care).getByLabelText('Why it is not needed'), 'Under the eaves');
    await hand.click(off as HTMLElement);
    expect(keep).toHaveBeenCalledWith({
      care_off: [
        { kind: 'first_weeks', why: 'It stands by the tap.' },
        { kind: 'out_of_storms', why: 'Under the eaves' },
      ],
    });
  });

  test('is put back, and cannot be touched once the day is over', async () => {
    const keep = vi.fn();
    const { hand, rerender } = show(
      <EntryCare
        day={1}
        entry={entryOf([
          { kind: 'first_weeks', why: 'x' },
          { kind: 'shade', why: 'y' },
        ])}
        keep={keep}
      />,
    );
    await hand.click(await screen.findByRole('button', { name: /Put back: Water by the ball/ }));
    expect(keep).toHaveBeenCalledWith({ care_off: [{ kind: 'shade', why: 'y' }] });
    rerender(<EntryCare day={1} entry={entryOf()} keep={null} />);
    expect(screen.queryByRole('button')).toBeNull();
  });
});
