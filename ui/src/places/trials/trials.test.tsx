// @vitest-environment happy-dom

import { screen, waitFor, within } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import { beforeEach, describe, expect, test } from 'vitest';

import type { Schemas } from '../../api/client';
import { refused, server } from '../../testing/server';
import { show } from '../../testing/show';
import { openYard } from '../../testing/yard';
import { bodyOf, formOf, oneMore } from './trialForm';
import TrialPage from './TrialPage';
import TrialsPage from './TrialsPage';

const plant = (
  id: number,
  code: string | null,
  changed: Partial<Schemas['TrialPlant']> = {},
): Schemas['TrialPlant'] => ({
  plant_id: id,
  number: `T-${id}`,
  name: `Maple ${id}`,
  place: 'Ridge',
  status: 'kept',
  block: 'Ridge 1',
  code,
  lost_on: null,
  lost_why: '',
  values: [],
  ...changed,
});
const trial = (changed: Partial<Schemas['Trial']> = {}): Schemas['Trial'] => ({
  id: 4,
  name: 'Grit or bark',
  question: 'Which grows more?',
  varies: 'mix',
  measure: 'trunk_mm',
  unit: 'mm',
  from_start: false,
  days: ['2026-03-01', '2026-09-01'],
  blocking: 'bench',
  blinded: false,
  hidden: false,
  state: 'running',
  begun_on: '2026-03-01',
  ended_on: null,
  opened_on: null,
  opened_by: '',
  conclusion: '',
  revision: 2,
  plants_count: 3,
  archived: false,
  arms: [
    { code: 'K', label: 'Gritty', recipe_id: 1, pot_id: null },
    { code: 'M', label: 'Barky', recipe_id: 2, pot_id: null },
  ],
  plants: [plant(1, 'K'), plant(2, 'M'), plant(3, 'K', { lost_on: '2026-05-01', lost_why: 'Mouse' })],
  result: null,
  ...changed,
});
const result: Schemas['TrialResult'] = {
  day: '2026-09-01',
  first_day: null,
  arms: [
    { code: 'K', label: 'Gritty', n: 6, lost: 1, mean: 5.23, deviation: 0.7, values: [5.1, 4.7, 6.3, 6, 4.4, 4.9] },
    { code: 'M', label: 'Barky', n: 6, lost: 0, mean: 4.52, deviation: 0.8, values: [4.2, 4, 5.9, 5.1, 4.1, 3.8] },
  ],
  pairs: [
    {
      one: 'M',
      other: 'K',
      difference: -0.716667,
      low: -1.2,
      high: -0.2,
      p: 0.009259,
      corrected_p: 0.009259,
      told: true,
      arrangements: 216,
      as_far: 2,
    },
  ],
  seen: 1.3,
};

beforeEach(() => {
  openYard();
  server.on('GET /trials/4', () => trial());
});

const open = () =>
  show(
    <Routes>
      <Route path="/log/trials/:id" element={<TrialPage />} />
    </Routes>,
    '/log/trials/4',
  );

describe('a trial', () => {
  test('values of a day are typed in rows and kept together; what is no number is said and nothing is sent', async () => {
    server.on('PUT /trials/4/values', () => trial());
    const { hand } = open();
    const first = await screen.findByLabelText('Value of T-1 Maple 1');
    await hand.write(first, '5.1');
    await hand.write(screen.getByLabelText('Value of T-2 Maple 2'), 'thick');
    const keep = screen.getByRole('button', { name: /Keep the values of/ });
    await hand.click(keep);
    expect((await screen.findByRole('alert')).textContent).toContain('Type a number');
    expect(server.asked('PUT /trials/4/values')).toHaveLength(0);
    await hand.write(screen.getByLabelText('Value of T-2 Maple 2'), '4,2');
    await hand.click(keep);
    await waitFor(() => expect(server.asked('PUT /trials/4/values')).toHaveLength(1));
    expect(server.asked('PUT /trials/4/values')[0]?.body).toMatchObject({
      values: [
        { plant_id: 1, value: 5.1 },
        { plant_id: 2, value: 4.2 },
      ],
    });
  });

  test('what was typed stays where the server refuses it', async () => {
    server.on('PUT /trials/4/values', () => refused({ path: 'on', message: 'No day of this trial.' }));
    const { hand } = open();
    await hand.write(await screen.findByLabelText('Value of T-1 Maple 1'), '5.1');
    await hand.click(screen.getByRole('button', { name: /Keep the values of/ }));
    expect((await screen.findByRole('alert')).textContent).toContain('No day of this trial.');
    expect((screen.getByLabelText('Value of T-1 Maple 1') as HTMLInputElement).value).toBe('5.1');
  });

  test('one that was lost is told with its reason, and is taken back', async () => {
    server.on('PUT /trials/4/lost', () => trial());
    const { hand } = open();
    const lost = (await screen.findByText(/lost May 1, 2026: Mouse/)).closest('tr') as HTMLElement;
    await hand.click(within(lost).getByRole('button', { name: 'Not lost after all' }));
    await waitFor(() => expect(server.asked('PUT /trials/4/lost')[0]?.body).toEqual({ plant_id: 3, lost: false }));
  });

  test('while it is hidden only codes are shown', async () => {
    server.on('GET /trials/4', () =>
      trial({ blinded: true, hidden: true, arms: [{ code: 'K', label: null, recipe_id: null, pot_id: null }] }),
    );
    open();
    expect(await screen.findByText('hidden until the end')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Look the codes up' })).toBeTruthy();
  });

  test('the result is a sentence that says how much more, and how likely by chance', async () => {
    server.on('GET /trials/4', () => trial({ state: 'ended', ended_on: '2026-09-02', result }));
    open();
    expect(
      await screen.findByText(
        /Gritty has 0.717 mm more than Barky, between 0.2 and 1.2. 2 of 216 ways to give the plants out part them as far \(p 0.0093\)/,
      ),
    ).toBeTruthy();
    expect(screen.getByText(/Gritty: mean 5.23 mm ± 0.7 over 6 plants, 1 lost\./)).toBeTruthy();
    expect(screen.queryByLabelText('Value of T-1 Maple 1')).toBeNull();
  });

  test('what may be chance is said so, with what would have been seen', async () => {
    const pair = { ...(result.pairs[0] as Schemas['TrialPair']), told: false, low: null, high: null, corrected_p: 0.3 };
    server.on('GET /trials/4', () => trial({ state: 'ended', result: { ...result, pairs: [pair] } }));
    open();
    expect(await screen.findByText(/between open and open. That may well be chance/)).toBeTruthy();
    expect(screen.getByText(/So few plants would have shown a difference of 1.3 mm/)).toBeTruthy();
  });

  test('labels tell each pot what it got', async () => {
    const { hand } = open();
    await hand.click(await screen.findByRole('button', { name: 'Labels' }));
    expect(screen.getAllByRole('listitem').map((item) => item.textContent)).toContain(
      'GrittyT-1 Maple 1Grit or bark · Ridge 1',
    );
  });
});

describe('planning one', () => {
  beforeEach(() => {
    server.on('GET /trials', () => ({ data: [], page: 1, per_page: 50, total: 0 }));
    server.on('POST /trials/needed', () => ({ plants: 16 }));
  });

  test('how many plants are needed is told as it is typed', async () => {
    const { hand } = show(<TrialsPage />, '/log/trials');
    expect(await screen.findByText('16 in each group')).toBeTruthy();
    server.on('POST /trials/needed', () => ({ plants: 63 }));
    await hand.write(screen.getByLabelText('Difference that is worth seeing'), '0.5');
    expect(await screen.findByText('63 in each group')).toBeTruthy();
    expect(server.asked('POST /trials/needed').at(-1)?.body).toEqual({ difference: 0.5, spread: 1 });
  });

  test('what is refused is said at its field and what was typed stays', async () => {
    server.on('POST /trials', () =>
      refused(
        { path: 'plants', message: 'At least 4 plants are needed.' },
        { path: 'arms.1.label', message: 'Say what it is.' },
      ),
    );
    const { hand } = show(<TrialsPage />, '/log/trials');
    await hand.click(await screen.findByRole('button', { name: 'Plan a trial' }));
    const dialog = await screen.findByRole('dialog');
    await hand.write(within(dialog).getByLabelText('Name'), 'Grit or bark');
    await hand.click(within(dialog).getByRole('button', { name: 'Save' }));
    expect(await within(dialog).findByText('At least 4 plants are needed.')).toBeTruthy();
    expect(within(dialog).getByText('Say what it is.')).toBeTruthy();
    expect((within(dialog).getByLabelText('Name') as HTMLInputElement).value).toBe('Grit or bark');
  });

  test('a form sends what it shows, and empty days are none', () => {
    const form = formOf(null);
    expect(form.arms).toHaveLength(2);
    expect(oneMore(oneMore(form.arms)).map(({ key }) => key)).toEqual([0, 1, 2, 3]);
    expect(
      bodyOf({ ...form, days: ['2026-03-01', ''], varies: 'pot', arms: [{ key: 0, label: 'A', recipe: 3, pot: 5 }] }),
    ).toMatchObject({
      days: ['2026-03-01'],
      arms: [{ label: 'A', recipe_id: null, pot_id: 5 }],
      unit: '',
    });
    const again = bodyOf(formOf(trial()));
    expect(again).toMatchObject({
      name: 'Grit or bark',
      plants: [1, 2, 3],
      arms: [
        { label: 'Gritty', recipe_id: 1 },
        { label: 'Barky', recipe_id: 2 },
      ],
    });
  });
});
