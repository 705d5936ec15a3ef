// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, test, vi } from 'vitest';

import type { Schemas } from '../../api/client';
import { refused, server } from '../../testing/server';
import { show } from '../../testing/show';
import { openYard, yard } from '../../testing/yard';
import { EntryDrawer } from './EntryDrawer';
import { EntryFigures } from './EntryFigures';
import { entryRows, sumOf, worstOf } from './entryRows';
import { EntryTable } from './EntryTable';
import { PotSteps } from './PotSteps';

type Entry = Schemas['DayEntry'];

/** A day with so many plants, of which each third goes into another pot. */
function dayOf(count: number): Schemas['PottingDay'] {
  const day = yard.day();
  const [entry] = day.entries;
  if (entry === undefined) {
    throw new Error('The day has no plant.');
  }
  day.entries = Array.from({ length: count }, (_, i) => ({
    ...entry,
    id: i + 1,
    order: count - i,
    plant: { ...entry.plant, id: i + 1, number: `X-${i + 1}`, name: `Tree ${i + 1}` },
    pot: i % 3 === 0 ? { ...entry.pot, id: 90, name: 'Other pot' } : { ...entry.pot, id: 91, name: 'Usual pot' },
  }));

  return day;
}
const suits = (entry: Entry, level: Schemas['Level'], rating: Schemas['Rating']): Entry => ({
  ...entry,
  worst: { criterion: 'air', level, value: 0.05 },
  assessment: { rating, fit: 0.1, interval_h: null, drought: null, years: null, criteria: {} },
});

describe('the lines of a plan', () => {
  test('hold those of one mix and pot, in the order of the work', () => {
    const rows = entryRows(dayOf(7).entries);
    expect(rows.map((row) => [row.entries[0].pot.name, row.entries.length])).toEqual([
      ['Other pot', 3],
      ['Usual pot', 4],
    ]);
    expect(rows[0]?.children?.map((row) => row.entries[0].plant.number)).toEqual(['X-7', 'X-4', 'X-1']);
    expect(entryRows(dayOf(1).entries)[0]?.children).toBeUndefined();
  });

  test('tell of the one that is worst off, and sum what adds up', () => {
    const [a, b, c] = dayOf(3).entries as [Entry, Entry, Entry];
    const stop = suits(b, 'stop', 'poor');
    const lethal = suits(c, 'stop', 'lethal');
    expect(worstOf([suits(a, 'mind', 'workable'), stop, lethal])).toBe(lethal);
    expect(worstOf([{ ...a, worst: null, assessment: null }, suits(b, 'good', 'good')]).id).toBe(b.id);
    expect(sumOf([a, { ...b, figures: null }], (figures) => figures.base_l)).toBe(a.figures?.base_l);
  });
});

describe('the plan of a day', () => {
  beforeEach(openYard);
  const open = (day: Schemas['PottingDay']) => show(<EntryTable day={day} edit={edit} />);
  const edit = vi.fn();

  test('of many is closed lines that open', async () => {
    const { hand } = open(dayOf(24));
    expect(screen.queryByText('X-24 Tree 24')).toBeNull();
    const line = screen.getByText('16 plants, from X-24 on').closest('tr') as HTMLElement;
    await hand.click(within(line).getByRole('button', { name: /expand/i }));
    expect(await screen.findByText('X-24 Tree 24')).toBeTruthy();
  });

  test('says of each how it suits, and what speaks against the day', () => {
    const day = dayOf(2);
    const [a, b] = day.entries as [Entry, Entry];
    day.entries = [
      { ...suits(a, 'stop', 'lethal'), against: ['sick'] },
      { ...suits(b, 'good', 'good'), against: ['early', 'frost'] },
    ];
    open(day);
    const line = (name: string) => screen.getByText(name).closest('tr')?.textContent ?? '';
    expect(line('X-1 Tree 1')).toContain('■ Lethal: Air after watering 5%');
    expect(line('X-1 Tree 1')).toContain('◆ sick');
    expect(line('X-2 Tree 2')).toContain('● Good');
    expect(line('X-2 Tree 2')).toContain('◆ too early, frost to come');
  });

  test('the ticked are changed at once, with the revisions that they were read at', async () => {
    server.on('PUT /days/1/plants', () => yard.day());
    const { hand } = open(dayOf(6));
    await hand.click(screen.getByRole('checkbox', { name: 'Tick 2 plants, from X-4 on' }));
    await hand.click(screen.getByRole('button', { name: 'Change 2 plants' }));
    const drawer = await screen.findByRole('dialog');
    expect(within(drawer).getByText(/is set for all of X-1, X-4/)).toBeTruthy();
    expect(within(drawer).getByRole<HTMLButtonElement>('button', { name: 'Save' }).disabled).toBe(true);
    fireEvent.mouseDown(within(drawer).getByRole('combobox', { name: 'How it is treated' }));
    await hand.click(await screen.findByTitle('combed'));
    await hand.click(within(drawer).getByRole('button', { name: 'Save' }));
    await waitFor(() =>
      expect(server.asked('PUT /days/1/plants')[0]?.body).toEqual({
        entries: [
          { id: 1, revision: 1 },
          { id: 4, revision: 1 },
        ],
        changes: { treatment: 'combed' },
      }),
    );
  });
});

test('an entry says how it suits, and what would mend it is taken with a tap', async () => {
  openYard();
  const day = yard.day();
  server.on('PUT /days/1/plants/1', () => day);
  const { hand } = show(<EntryDrawer day={day} entry={day.entries[0] as Entry} close={() => undefined} />);
  const judged = await screen.findByRole('region', { name: 'How it suits' });
  await within(judged).findByText(/How it suits: Workable/);
  expect(within(judged).getByText(/It can be lived with. To mind: short of water/)).toBeTruthy();
  await hand.click(within(judged).getByRole('button', { name: 'Take it: Without the layer' }));
  await waitFor(() =>
    expect(server.asked('PUT /days/1/plants/1')[0]?.body).toEqual({ revision: 1, changes: { layer: null } }),
  );
});

test('rinsing is taken as what is rinsed, and what is kept alive goes where it belongs', async () => {
  openYard();
  const day = yard.day();
  const entry = day.entries[0] as Entry;
  entry.plan.wall = { kind: 'moss', component_id: null, thickness_cm: 0.5 };
  const judgement = yard.judgement();
  const bin = { stock_l: 0.4, note: 'Use by spring.' };
  server.on('GET /days/1/plants/1/judgement', {
    ...judgement,
    mends: [
      {
        ...judgement.mends[0],
        kind: 'rinse',
        name: 'Pumice 3-6 mm',
        changes: { rinse: { component_id: 4, mm: 0.5 } },
      },
    ],
    living_soil: [
      { ...bin, component_id: 70, what: 'soil', name: 'Living soil: Grit, 2 years' },
      { ...bin, component_id: 71, what: 'moss', name: 'Living moss' },
    ],
  });
  server.on('PUT /days/1/plants/1', () => day);
  const { hand } = show(<EntryDrawer day={day} entry={entry} close={() => undefined} />);
  const sent = () => server.asked('PUT /days/1/plants/1').map((call) => (call.body as { changes: object }).changes);
  await hand.click(
    await screen.findByRole('button', { name: 'Take it: Pumice 3-6 mm rinsed at 0.5 mm, as a recipe of its own' }),
  );
  await waitFor(() => expect(sent()[0]).toEqual({ rinse: { component_id: 4, mm: 0.5 } }));
  const moss = screen.getByText(/At hand: Living moss, 0.4 L/);
  expect(within(moss).queryByRole('button', { name: 'Add a handful' })).toBeNull();
  await hand.click(within(moss).getByRole('button', { name: 'Line the wall with it' }));
  await waitFor(() => expect(sent()[1]).toEqual({ wall: { kind: 'moss', component_id: 71, thickness_cm: 0.5 } }));
  const soil = screen.getByText(/At hand: Living soil: Grit, 2 years/);
  await hand.click(within(soil).getByRole('button', { name: 'Add a handful' }));
  await waitFor(() => expect(sent()[2]).toEqual({ extras: [{ component_id: 70, litres: 0.15 }] }));
});

test('at the bench a mix that kills is asked about, and goes in only with a reason', async () => {
  openYard();
  const told = 'Mud would kill this plant in this pot.';
  server.on('POST /days/1/plants/1/state', () => refused({ path: 'accepted', message: told, rule: 'lethal_mix' }));
  const day = yard.day();
  day.entries = day.entries.slice(0, 1);
  const { hand } = show(<PotSteps day={day} person="" toEnd={() => undefined} />);
  await hand.click(screen.getByRole('button', { name: 'Done' }));
  expect(await screen.findByText(told)).toBeTruthy();
  const anyway = screen.getByRole<HTMLButtonElement>('button', { name: 'Pot it all the same' });
  expect(anyway.disabled).toBe(true);
  server.on('POST /days/1/plants/1/state', () => yard.day());
  await hand.write(screen.getByLabelText('Why it is right all the same'), 'For a week');
  await hand.click(anyway);
  await waitFor(() =>
    expect(server.asked('POST /days/1/plants/1/state')[1]?.body).toMatchObject({
      state: 'done',
      accepted: 'For a week',
    }),
  );
});

test('an entry says what sifts through what lies beneath it', () => {
  openYard();
  const entry = yard.day().entries[0] as Entry;
  const figures = entry.figures as NonNullable<Entry['figures']>;
  const pair = { ratio: 8, holds: false, sifts_l: 0.2, air_lost_l: 0.1 };
  show(
    <EntryFigures
      entry={{
        ...entry,
        figures: {
          ...figures,
          layers: [
            { ...pair, upper: 'dressing', lower: 'mix' },
            { ...pair, upper: 'mix', lower: 'layer', holds: true },
            { ...pair, upper: 'layer', lower: 'mesh' },
          ],
        },
      }}
    />,
  );
  expect(screen.getByText(/The dressing sifts into the mix: D15 beneath is 8 times D85 above/)).toBeTruthy();
  expect(screen.getByText(/The layer falls through the mesh/)).toBeTruthy();
  expect(screen.queryByText(/The mix sifts/)).toBeNull();
  expect(
    screen.getByText(/stands gusts of 72 km\/h wet, 55 nearly dry. Held by nothing 34, by stones on the ball 40/),
  ).toBeTruthy();
  expect(
    screen.getByText(
      /A gust of 62 km\/h is to be reckoned with there and tips it over nearly dry: 2.4 kg more at the foot/,
    ),
  ).toBeTruthy();
});
