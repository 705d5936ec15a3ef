// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, test } from 'vitest';

import type { Schemas } from '../../api/client';
import { refused, server } from '../../testing/server';
import { show } from '../../testing/show';
import { openYard, yard } from '../../testing/yard';
import { DayBefore } from './DayBefore';
import { DoneDrawer } from './DoneDrawer';
import { MixSteps } from './MixSteps';

const first = (day: Schemas['PottingDay']) => day.mixes[0] as Schemas['DayMix'];
const steps = (day: Schemas['PottingDay']) =>
  show(<MixSteps day={day} person="" stay={() => undefined} toPotting={() => undefined} />);
const ticks = () => [...document.querySelectorAll<HTMLElement>('[aria-pressed]')];

describe('at the tub', () => {
  beforeEach(openYard);

  test('what another helper ticked is ticked here, and a tap tells the server', async () => {
    const day = yard.day();
    const mix = first(day);
    const [part, other] = mix.parts;
    mix.ticked = [{ number: mix.load_plan[0]?.number ?? 1, component_ids: [part?.component_id ?? 0] }];
    mix.parts.forEach((each, i) => Object.assign(each, { median_mm: 9 - i }));
    server.on('PUT /days/1/ticks', { recipe_id: mix.recipe_id, ticked: [] });
    const { hand } = steps(day);
    expect(ticks().map((tick) => tick.getAttribute('aria-pressed'))).toEqual([
      'true',
      ...mix.parts.slice(1).map(() => 'false'),
    ]);
    await hand.click(ticks()[1] as HTMLElement);
    await waitFor(() =>
      expect(server.asked('PUT /days/1/ticks')[0]?.body).toEqual({
        recipe_id: mix.recipe_id,
        number: mix.load_plan[0]?.number,
        component_id: other?.component_id,
        ticked: true,
      }),
    );
  });

  test('whoever only reads sees the ticks and makes none', async () => {
    server.on('GET /session', {
      token: 'here',
      door: 'network',
      role: 'reader',
      person: { id: 1, name: 'Ruta' },
      pin_for: null,
      yard: 1,
      yards: [],
    });
    const { hand } = steps(yard.day());
    await waitFor(() => expect(ticks().every((tick) => (tick as HTMLButtonElement).disabled)).toBe(true));
    await hand.click(ticks()[0] as HTMLElement);
    expect(server.asked('PUT /days/1/ticks')).toEqual([]);
    expect(screen.queryByRole('button', { name: 'Load is mixed' })).toBeNull();
  });

  test('the coarse goes in first, with the scoop by its name, and it is said how to turn it', () => {
    const day = yard.day();
    day.scoop_name = 'Blue tin';
    const mix = first(day);
    mix.turns = 9;
    mix.parts.forEach((each, i) => Object.assign(each, { median_mm: i + 1 }));
    steps(day);
    expect(ticks()[0]?.textContent).toContain(mix.parts.at(-1)?.name ?? 'none');
    expect(screen.getByText(/Scoop: Blue tin/)).toBeTruthy();
    expect(screen.getByText(/about 9 times/)).toBeTruthy();
  });

  test('where the shelf is said to hold too little, it is counted there', async () => {
    const day = yard.day();
    const line = first(day).load_plan[0]?.lines[0] as Schemas['ScoopedLine'];
    const row = day.shelf.find((each) => each.component_id === line.component_id) as Schemas['DayShelf'];
    row.stock_l = 0.1;
    first(day).ticked = [
      {
        number: first(day).load_plan[0]?.number ?? 1,
        component_ids: first(day).parts.map((part) => part.component_id),
      },
    ];
    server.on('POST /days/1/loads', () => refused({ path: 'lots', message: 'Only 0.1 L are there.' }));
    server.on(`POST /components/${line.component_id}/movements`, {});
    const { hand } = steps(day);
    await hand.click(screen.getByRole('button', { name: 'Load is mixed' }));
    const count = await screen.findByRole('list', { name: 'Count what lies there' });
    const field = within(count).getByLabelText(`Litres of ${row.name} there`);
    await hand.clear(field);
    await hand.type(field, '12');
    await hand.click(within(count).getByRole('button', { name: 'That is what is there' }));
    await waitFor(() =>
      expect(server.asked(`POST /components/${line.component_id}/movements`)[0]?.body).toEqual({
        kind: 'count',
        counted_l: 12,
      }),
    );
    await waitFor(() => expect(screen.queryByRole('list', { name: 'Count what lies there' })).toBeNull());
  });
});

describe('the day before', () => {
  beforeEach(openYard);

  test('has its own short list: what soaks, what is damped, which balls stay dry, what is brought', () => {
    show(<DayBefore day={yard.day()} />);
    const list = screen.getByRole('region', { name: 'The day before' });
    for (const line of [
      /Soak moss overnight: 320 cm²/,
      /0.8 L Long-fibre moss/,
      /repels water when it is dry: 3.1 L Composted bark/,
      /Water the old balls: T-001, T-002/,
      /Leave dry: T-016/,
      /Soak 2 × Cement trough/,
      /Bring 2 × Cement trough \(Shed\)/,
      /Bring the tub/,
    ]) {
      expect(within(list).getByText(line)).toBeTruthy();
    }
  });
});

describe('what was really done', () => {
  beforeEach(openYard);
  const open = (entry: Schemas['DayEntry']) =>
    show(
      <DoneDrawer
        day={yard.day()}
        entry={entry}
        state="changed"
        person=""
        close={() => undefined}
        undo={() => undefined}
      />,
    );

  test('a run-through that is much slower than worked out says so', async () => {
    const entry = yard.day().entries[0] as Schemas['DayEntry'];
    (entry.figures as Schemas['EntryFigures']).run_through_s = 8;
    const { hand } = open(entry);
    const field = screen.getByLabelText(/Run-through time/);
    await hand.type(field, '12');
    expect(screen.queryByText(/Much slower than worked out/)).toBeNull();
    await hand.clear(field);
    await hand.type(field, '60');
    expect(screen.getByText(/Much slower than worked out/)).toBeTruthy();
    expect(screen.getByText('worked out: 8 s')).toBeTruthy();
  });

  test('litres that nobody typed follow the plan, and are those of all that are alike', async () => {
    const entry = yard.day().entries[0] as Schemas['DayEntry'];
    const figures = entry.figures as Schemas['EntryFigures'];
    const { rerender } = open({ ...entry, count: 10, figures: { ...figures, poured_l: 2 } });
    const used = () => screen.getByLabelText<HTMLInputElement>(/Mix used/).value;
    expect(used()).toBe('20');
    rerender(
      <DoneDrawer
        day={yard.day()}
        entry={{ ...entry, count: 10, figures: { ...figures, poured_l: 3 } }}
        state="changed"
        person=""
        close={() => undefined}
        undo={() => undefined}
      />,
    );
    expect(used()).toBe('30');
    expect(screen.getByRole('button', { name: /Pot, mix, ball or height/ })).toBeTruthy();
  });
});
