// @vitest-environment happy-dom
import { act, screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, test, vi } from 'vitest';

import type { Schemas } from '../../api/client';
import { later, offline, refused, server, type Call } from '../../testing/server';
import { show } from '../../testing/show';
import { openYard, yard } from '../../testing/yard';
import { CloseSteps } from './CloseSteps';
import { CostSums } from './CostSums';
import { EntryDrawer } from './EntryDrawer';
import { MixSteps } from './MixSteps';
import { PotSteps } from './PotSteps';
import { PotSums } from './PotSums';

const CHANGE = 'PUT /days/1/plants/1';
const STATE = 'POST /days/1/plants/1/state';

function first(day: Schemas['PottingDay']): Schemas['DayEntry'] {
  const entry = day.entries[0];
  if (entry === undefined) {
    throw new Error('The day has no plant.');
  }

  return entry;
}

/** The day with its first plant changed as it was asked, one revision on. */
function changed(call: Call): Schemas['PottingDay'] {
  const day = yard.day();
  const entry = first(day);
  const { revision, changes } = call.body as { revision: number; changes: object };
  Object.assign(entry.plan, changes);
  entry.revision = revision + 1;

  return day;
}

describe('the plan of one plant', () => {
  const close = vi.fn();
  const open = () => show(<EntryDrawer day={yard.day()} entry={first(yard.day())} close={close} />);
  const headspace = () => screen.findByLabelText<HTMLInputElement>('Headspace');
  const changes = () => server.asked(CHANGE).map((call) => call.body);
  beforeEach(() => {
    close.mockReset();
    openYard();
  });

  test('is kept field by field once nobody types, with the revision that it was read at', async () => {
    server.on(CHANGE, changed);
    const { hand } = open();
    const field = await headspace();
    await hand.write(field, '1.25');
    expect(await screen.findByText('Kept.')).toBeTruthy();
    expect(changes().at(-1)).toEqual({ revision: 1, changes: { headspace_cm: 1.25 } });
  });

  test('goes on from the revision of the last answer', async () => {
    server.on(CHANGE, changed);
    const { hand } = open();
    const field = await headspace();
    await hand.write(field, '1');
    await screen.findByText('Kept.');
    const sent = changes().length;
    await hand.write(screen.getByLabelText('Note for the bench'), 'soak it');
    await waitFor(() => expect(changes().length).toBeGreaterThan(sent));
    expect(changes().at(-1)).toEqual({ revision: 1 + sent, changes: { note: 'soak it' } });
  });

  test('says at the field what no number is, and sends nothing of it', async () => {
    server.on(CHANGE, changed);
    const { hand } = open();
    const field = await headspace();
    await hand.write(field, 'a bit');
    expect(await screen.findByText('Type a number, such as 2 or 1.5.')).toBeTruthy();
    await act(() => new Promise((resolve) => setTimeout(resolve, 600)));
    expect(changes()).toEqual([]);
  });

  test('tells what another helper changed meanwhile, and keeps what was typed', async () => {
    server.on(CHANGE, () => refused({ path: 'changes.headspace_cm', message: 'Mirabeth changed it to 2.' }));
    const { hand } = open();
    const field = await headspace();
    await hand.write(field, '1.5');
    expect((await screen.findAllByText('Mirabeth changed it to 2.')).length).toBeGreaterThan(0);
    expect(field.value).toBe('1.5');
  });

  test('sends again with the next change what nobody answered', async () => {
    server.on(CHANGE, offline);
    const { hand } = open();
    const field = await headspace();
    await hand.write(field, '1.5');
    expect(await screen.findByRole('alert')).toBeTruthy();
    server.on(CHANGE, changed);
    await hand.write(screen.getByLabelText('Note for the bench'), 'dry');
    await screen.findByText('Kept.');
    expect(changes().at(-1)).toEqual({ revision: 1, changes: { headspace_cm: 1.5, note: 'dry' } });
  });

  test('sends on closing what still waits', async () => {
    server.on(CHANGE, changed);
    const { hand, unmount } = open();
    await hand.write(await screen.findByLabelText('Note for the bench'), 'x');
    unmount();
    await waitFor(() => expect(changes()).toEqual([{ revision: 1, changes: { note: 'x' } }]));
  });

  test('takes the plant off the day', async () => {
    server.on('DELETE /days/1/plants/1', () => yard.day());
    const { hand } = open();
    await hand.click(await screen.findByRole('button', { name: /Take .*off|Off the day|Take it off/ }));
    await waitFor(() => expect(close).toHaveBeenCalled());
    expect(server.asked('DELETE /days/1/plants/1')).toHaveLength(1);
  });
});

const plantInSight = () => screen.getAllByRole('heading', { level: 2 })[0] as HTMLElement;

describe('plant by plant', () => {
  beforeEach(openYard);
  const open = (day = yard.day()) => show(<PotSteps day={day} person="Orsolt" toEnd={() => undefined} />);

  test('done is done for the plant in sight, and can be taken back', async () => {
    const done = yard.day();
    Object.assign(first(done), { state: 'done', actual: { tasks: 5 } });
    server.on('POST /days/1/plants/1/state', done);
    for (const entry of done.entries) {
      server.on(`POST /days/1/plants/${entry.id}/state`, done);
    }
    const { hand } = open();
    const name = plantInSight().textContent ?? '';
    await hand.click(screen.getByRole('button', { name: 'Done' }));
    const post = await waitFor(() => {
      const call = server.calls.find((each) => each.method === 'POST');
      expect(call).toBeDefined();

      return call;
    });
    expect(post?.body).toEqual({ state: 'done', person: 'Orsolt' });
    const entry = yard.day().entries.find((each) => name.includes(each.plant.number));
    expect(post?.path).toBe(`/days/1/plants/${entry?.id ?? 0}/state`);
    await hand.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() =>
      expect(server.calls.filter((each) => each.method === 'POST').at(-1)?.body).toEqual({ state: 'planned' }),
    );
  });

  test('what was refused is said large, and the plant stays in sight', async () => {
    for (const entry of yard.day().entries) {
      server.on(`POST /days/1/plants/${entry.id}/state`, () =>
        refused({ path: 'state', message: 'Somebody potted it already.' }),
      );
    }
    const { hand } = open();
    const name = plantInSight().textContent;
    await hand.click(screen.getByRole('button', { name: 'Done' }));
    expect(await screen.findByText('Somebody potted it already.')).toBeTruthy();
    expect(plantInSight().textContent).toBe(name);
  });

  test('is not done twice while the answer is slow', async () => {
    const slow = later<unknown>();
    for (const entry of yard.day().entries) {
      server.on(`POST /days/1/plants/${entry.id}/state`, () => slow.promise);
    }
    const { hand } = open();
    await hand.click(screen.getByRole('button', { name: 'Done' }));
    await hand.click(screen.getByRole('button', { name: /Done$/ }));
    expect(server.calls.filter((call) => call.method === 'POST')).toHaveLength(1);
    slow.give(yard.day());
    await waitFor(() => expect(screen.queryByRole('button', { name: /^loading/ })).toBeNull());
  });

  test('puts a plant off with its reason', async () => {
    for (const entry of yard.day().entries) {
      server.on(`POST /days/1/plants/${entry.id}/state`, yard.day());
    }
    const { hand } = open();
    await hand.click(screen.getByRole('button', { name: 'Not today' }));
    const drawer = await screen.findByRole('dialog');
    const why = within(drawer).getAllByRole('textbox')[0] as HTMLElement;
    await hand.write(why, 'buds still asleep');
    await hand.click(within(drawer).getByRole('button', { name: 'Not today' }));
    await waitFor(() =>
      expect(server.calls.find((call) => call.method === 'POST')?.body).toMatchObject({
        state: 'not_today',
        actual: { note: 'buds still asleep' },
      }),
    );
  });

  test('ends when every plant is potted or put off', () => {
    const day = yard.day();
    day.entries.forEach((entry) => Object.assign(entry, { state: 'done' }));
    open(day);
    expect(screen.getByText(/Every plant is potted or put off/)).toBeTruthy();
  });

  test('a plant that cannot be potted so is not in the queue', () => {
    const day = yard.day();
    day.entries.forEach((entry, i) => Object.assign(entry, { problem: i === 1 ? null : 'The ball fills the pot.' }));
    open(day);
    expect(plantInSight().textContent).toContain(day.entries[1]?.plant.number ?? 'none');
  });

  test('those of the helper at hand come first', () => {
    const day = yard.day();
    day.entries.forEach((entry, i) => Object.assign(entry, { helper: i === 3 ? 'Orsolt' : 'Mirabeth', order: i + 1 }));
    open(day);
    expect(plantInSight().textContent).toContain(day.entries[3]?.plant.number ?? 'none');
  });
});

describe('load by load', () => {
  beforeEach(openYard);

  test('a load is mixed once every part is ticked, and drawn from the shelf', async () => {
    server.on('POST /days/1/loads', yard.day());
    const { hand } = show(
      <MixSteps day={yard.day()} person="Orsolt" stay={() => undefined} toPotting={() => undefined} />,
    );
    const mixed = screen.getByRole<HTMLButtonElement>('button', { name: 'Load is mixed' });
    expect(mixed.disabled).toBe(true);
    for (const tick of document.querySelectorAll<HTMLElement>('[aria-pressed="false"]')) {
      await hand.click(tick);
    }
    expect(mixed.disabled).toBe(false);
    await hand.click(mixed);
    await waitFor(() => expect(server.asked('POST /days/1/loads')).toHaveLength(1));
    expect(server.asked('POST /days/1/loads')[0]?.body).toMatchObject({
      recipe_id: yard.day().mixes[0]?.recipe_id,
      person: 'Orsolt',
    });
  });

  test('a load is told in scoops, and in millilitres where half scoops would not do', async () => {
    const day = yard.day();
    const mix = day.mixes[0] as Schemas['DayMix'];
    const line = mix.load_plan[0]?.lines[0] as Schemas['ScoopedLine'];
    Object.assign(line, { scoops: 2, ml: 340 });
    mix.warnings = [{ code: 'millilitres', part: line.component_id }];
    show(<MixSteps day={day} person="" stay={() => undefined} toPotting={() => undefined} />);
    expect(screen.getByText('+ 340 ml')).toBeTruthy();
    expect(screen.getByText(/Half scoops would distort/)).toBeTruthy();
  });

  test('a load that is not the first is asked for by its own number', async () => {
    const day = yard.day();
    const mix = day.mixes[0] as Schemas['DayMix'];
    Object.assign(mix.load_plan[0] as object, { number: 4 });
    server.on('POST /days/1/loads', yard.day());
    const { hand } = show(<MixSteps day={day} person="" stay={() => undefined} toPotting={() => undefined} />);
    for (const tick of document.querySelectorAll<HTMLElement>('[aria-pressed="false"]')) {
      await hand.click(tick);
    }
    await hand.click(screen.getByRole('button', { name: 'Load is mixed' }));
    await waitFor(() => expect(server.asked('POST /days/1/loads')[0]?.body).toMatchObject({ number: 4 }));
  });

  test('a tick can be taken back', async () => {
    const { hand } = show(<MixSteps day={yard.day()} person="" stay={() => undefined} toPotting={() => undefined} />);
    const tick = document.querySelector<HTMLElement>('[aria-pressed]');
    await hand.click(tick as HTMLElement);
    expect(tick?.getAttribute('aria-pressed')).toBe('true');
    await hand.click(tick as HTMLElement);
    expect(tick?.getAttribute('aria-pressed')).toBe('false');
  });

  test('what the shelf does not have is said, and the ticks stay', async () => {
    server.on('POST /days/1/loads', () => refused({ path: 'recipe_id', message: 'There are only 3 L of pumice.' }));
    const { hand } = show(<MixSteps day={yard.day()} person="" stay={() => undefined} toPotting={() => undefined} />);
    for (const tick of document.querySelectorAll<HTMLElement>('[aria-pressed="false"]')) {
      await hand.click(tick);
    }
    await hand.click(screen.getByRole('button', { name: 'Load is mixed' }));
    expect(await screen.findByText('There are only 3 L of pumice.')).toBeTruthy();
    expect(document.querySelectorAll('[aria-pressed="false"]')).toHaveLength(0);
  });

  test('the last one leads to the potting', async () => {
    const day = yard.day();
    day.mixes.forEach((mix) => {
      mix.mixed = mix.load_plan.map((load) => ({
        ...load,
        id: 100 * mix.recipe_id + load.number,
        person: 'Orsolt',
        taken: [],
        poured_l: load.litres,
        mixed_at: '2026-03-04T08:05:00+00:00',
      }));
      mix.load_plan = [];
    });
    const go = vi.fn();
    const { hand } = show(<MixSteps day={day} person="" stay={() => undefined} toPotting={go} />);
    expect(screen.getByText(/Every load is mixed/)).toBeTruthy();
    expect(screen.getAllByText(/Orsolt · 8:05/)).toHaveLength(day.mixes.length);
    await hand.click(screen.getByRole('button', { name: /Pot/ }));
    expect(go).toHaveBeenCalled();
  });
});

describe('the end of a day', () => {
  beforeEach(openYard);
  /** The day with one mix, so much of it mixed and used. */
  const dayOf = (changed: Partial<Schemas['DayMix']>, status: Schemas['DayStatus'] = 'under_way') => {
    const day = yard.day();
    const mix = day.mixes[0] as Schemas['DayMix'];
    const [load] = mix.load_plan;
    const mixed =
      load === undefined
        ? []
        : [{ ...load, poured_l: load.litres, id: 7, person: '', taken: [], mixed_at: '2026-03-04T08:05:00Z' }];

    return { ...day, status, mixes: [{ ...mix, mixed, load_plan: [], mixed_l: 10, used_l: 8, rest_l: 2, ...changed }] };
  };
  const closed: Schemas['DayMix']['closed'] = {
    id: 9,
    net_l: 8,
    mixed_l: 10,
    used_l: 11,
    left_l: 0.5,
    lost_l: 0,
    more_l: 1.5,
    more_share: 0.1,
    component_id: 44,
  };

  test('what is left is closed, and more than there can be only once it was said to be counted', async () => {
    server.on('POST /days/1/leftovers', () =>
      refused({ path: 'left_l', rule: 'more_than_mixed', message: 'At most 2 L can be left.' }),
    );
    const { hand } = show(<CloseSteps day={dayOf({})} person="" />);
    const field = screen.getByLabelText<HTMLInputElement>('Litres');
    expect(field.value).toBe('2');
    await hand.write(field, '3');
    await hand.click(screen.getByRole('button', { name: /Close this mix/ }));
    expect(await screen.findByText('At most 2 L can be left.')).toBeTruthy();
    server.on('POST /days/1/leftovers', yard.day());
    await hand.click(screen.getByRole('button', { name: 'It was counted: 3 L are left' }));
    await waitFor(() => expect(server.asked('POST /days/1/leftovers')).toHaveLength(2));
    expect(server.asked('POST /days/1/leftovers').map((call) => call.body)).toEqual([
      { recipe_id: yard.day().mixes[0]?.recipe_id, left_l: 3 },
      { recipe_id: yard.day().mixes[0]?.recipe_id, left_l: 3, correct: true },
    ]);
  });

  test('potted from no load: it was mixed, or it came from elsewhere', async () => {
    server.on('POST /days/1/loads', yard.day());
    server.on('POST /days/1/leftovers', yard.day());
    const { hand } = show(<CloseSteps day={dayOf({ mixed: [], mixed_l: 0, used_l: 4.5 })} person="Orsolt" />);
    expect(screen.getByText(/4.5 L went into pots, and no load was ticked/)).toBeTruthy();
    await hand.click(screen.getByRole('button', { name: 'They were mixed: draw 4.5 L' }));
    await waitFor(() =>
      expect(server.asked('POST /days/1/loads')[0]?.body).toMatchObject({ litres: 4.5, person: 'Orsolt' }),
    );
    await hand.click(screen.getByRole('button', { name: 'Close with a correction of 4.5 L' }));
    await waitFor(() => expect(server.asked('POST /days/1/leftovers')[0]?.body).toMatchObject({ left_l: 0 }));
  });

  test('a closed mix tells what was there beyond what was mixed, and is opened again', async () => {
    server.on('DELETE /days/1/leftovers/9', yard.day());
    const { hand } = show(<CloseSteps day={dayOf({ closed })} person="" />);
    expect(screen.getByText(/1.5 L were there that nobody had mixed/)).toBeTruthy();
    await hand.click(screen.getByRole('button', { name: /Open again/ }));
    await waitFor(() => expect(server.asked('DELETE /days/1/leftovers/9')).toHaveLength(1));
  });

  test('a finished day is opened again, its mixes not before it', async () => {
    server.on('DELETE /days/1/finished', yard.day());
    const { hand } = show(<CloseSteps day={dayOf({ closed }, 'finished')} person="" />);
    expect(screen.queryByRole('button', { name: /Open again/ })).toBeNull();
    await hand.click(screen.getByRole('button', { name: 'Open the day again' }));
    await waitFor(() => expect(server.asked('DELETE /days/1/finished')).toHaveLength(1));
  });

  test('why it cannot be ended is said', async () => {
    server.on('POST /days/1/finished', () => refused({ path: 'status', message: 'Plants that are neither potted.' }));
    const { hand } = show(<CloseSteps day={dayOf({ closed })} person="" />);
    await hand.click(screen.getByRole('button', { name: 'End the day' }));
    expect(await screen.findByRole('alert')).toBeTruthy();
    expect(screen.getByText('Plants that are neither potted.')).toBeTruthy();
  });
});

test('pots that are too few are marked, with what more of them cost; on the shopping list only those', () => {
  openYard();
  const row = { pot_id: 3, name: 'Deep round 16', wanted: 3, free: 1, short: 2, price: 15, cost: 30 };
  const enough = { pot_id: 4, name: 'Oval tray 34', wanted: 1, free: 2, short: 0, price: null, cost: 0 };
  const { unmount } = show(<PotSums pots={[row, enough]} />);
  expect(screen.getByRole('row', { name: /Deep round 16 3 1 ◆ 2 €30.00/ })).toBeTruthy();
  expect(screen.getByRole('row', { name: /Oval tray 34 1 2 ✓ –/ })).toBeTruthy();
  unmount();
  show(<PotSums pots={[{ ...row, cost: null }, enough]} onlyShort />);
  expect(screen.getByRole('row', { name: /Deep round 16 3 1 ◆ 2 \?/ })).toBeTruthy();
  expect(screen.queryByText('Oval tray 34')).toBeNull();
});

test('what material cost is told of each plant, and what is not known is not', () => {
  openYard();
  const day = yard.day();
  const [first, second] = day.entries;
  day.costs = {
    used: 12.5,
    entries: [
      { entry_id: first?.id ?? 0, mix: 2, beside: 0.5, feed: 0.1, pot: 12.5, total: 15.1 },
      { entry_id: second?.id ?? 0, mix: null, beside: 0, feed: null, pot: null, total: null },
    ],
  };
  show(<CostSums day={day} />);
  expect(screen.getByText(/€12.50 of material taken so far/)).toBeTruthy();
  expect(
    screen.getByRole('row', { name: new RegExp(`${first?.plant.number ?? ''}.*€2.00 €0.50 €0.10 €12.50 €15.10`) }),
  ).toBeTruthy();
  expect(
    screen.getByRole('row', { name: new RegExp(`${second?.plant.number ?? ''}.*\\? €0.00 – – \\?`) }),
  ).toBeTruthy();
});

test('what was done with a plant is asked of the state that it is in', () => {
  expect(STATE).toContain(String(first(yard.day()).id));
});
