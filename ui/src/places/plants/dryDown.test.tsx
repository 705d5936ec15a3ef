// @vitest-environment happy-dom

import { screen, waitFor } from '@testing-library/react';
import { beforeEach, expect, test } from 'vitest';

import type { Schemas } from '../../api/client';
import { refused, server } from '../../testing/server';
import { show } from '../../testing/show';
import { openYard, yard } from '../../testing/yard';
import { DryDown } from './DryDown';

beforeEach(openYard);

const now = (part: Partial<Schemas['PotNow']>): Schemas['PotNow'] => ({
  full_l: 1.4,
  limit_l: 0.6,
  locked_l: 0.2,
  water_l: 1.1,
  sd_l: 0.05,
  phi: 1.25,
  phi_sd: 0.12,
  left_h: 40,
  lasts_h: 60,
  full_kg: 5.4,
  doubtful: false,
  look_again: false,
  watered_at: '2026-06-20T08:00:00Z',
  readings: 5,
  unmeasured_days: 0,
  kept_phi: null,
  found_on: null,
  weighings: 5,
  fewest_weighings: 5,
  ...part,
});
const weighed = (id: number, reading: number): Schemas['MoistureCheck'] => ({
  id,
  method: 'weight',
  reading,
  look: null,
  depth_cm: null,
  verdict: 'look',
  given_l: null,
  dunked: false,
  wet_kg: null,
  thought_l: 1.2,
  thought_sd_l: 0.1,
  said_l: 1.15,
  hours_since: 24,
  person: '',
  checked_at: `2026-06-2${id}T08:00:00Z`,
});
const { plant } = yard.plant();

test('a pot is watered and weighed, by hand or by the scale', async () => {
  server.on(`POST /plants/${plant.id}/moisture`, () => ({ id: 1 }));
  server.on('GET /instruments/scale', () => ({
    values: { mass_g: 5412.4 },
    stable: true,
    battery_low: false,
    fault: null,
  }));
  const { hand } = show(<DryDown plant={plant} now={now({ full_kg: null, weighings: 0 })} checks={[]} />, '/plants/5');
  await hand.click(screen.getByText('Dry-down: what this plant uses'));
  expect(screen.queryByRole('button', { name: 'Weighed' })).toBeNull();
  await hand.click(screen.getByRole('button', { name: 'Watered and weighed' }));
  await screen.findByText('A weight in kg above 0.');
  expect(server.asked(`POST /plants/${plant.id}/moisture`)).toEqual([]);
  await hand.click(screen.getByRole('button', { name: 'Read the scale' }));
  await waitFor(() => expect((screen.getByLabelText('Full weight') as HTMLInputElement).value).toBe('5.412'));
  await hand.click(screen.getByRole('button', { name: 'Watered and weighed' }));
  await waitFor(() =>
    expect(server.asked(`POST /plants/${plant.id}/moisture`)[0]?.body).toEqual({
      method: 'round',
      verdict: 'water',
      wet_kg: 5.412,
    }),
  );
});

test('each weighing stands with what was thought, and is a look and no watering', async () => {
  server.on(`POST /plants/${plant.id}/moisture`, () => ({ id: 1 }));
  const { hand } = show(
    <DryDown plant={plant} now={now({ weighings: 2 })} checks={[weighed(2, 5.1), weighed(1, 5.25)]} />,
    '/plants/5',
  );
  expect(screen.getAllByRole('row')).toHaveLength(3);
  expect(document.querySelector('[data-dry]')?.textContent).toContain('Weighed 2 times: it uses 1.3 times');
  expect(screen.queryByRole('button', { name: 'Keep what it uses' })).toBeNull();
  await hand.type(screen.getByLabelText('Weight now'), '5,02');
  await hand.click(screen.getByRole('button', { name: 'Weighed' }));
  await waitFor(() =>
    expect(server.asked(`POST /plants/${plant.id}/moisture`)[0]?.body).toEqual({
      method: 'weight',
      verdict: 'look',
      reading: 5.02,
    }),
  );
});

test('what it uses is kept when it was weighed often enough, and forgotten again', async () => {
  server.on(`PUT /plants/${plant.id}/use`, () => plant);
  const checks = [weighed(5, 4.9), weighed(4, 5), weighed(3, 5.1), weighed(2, 5.2), weighed(1, 5.3)];
  const { hand } = show(
    <DryDown plant={plant} now={now({ kept_phi: 1.1, found_on: '2026-06-01' })} checks={checks} />,
    '/plants/5',
  );
  expect(screen.getByText(/1.1 times what is computed/)).toBeTruthy();
  await hand.click(screen.getByRole('button', { name: 'Keep what it uses' }));
  await screen.findByText(/reckoned with that from now on/);
  await hand.click(screen.getByRole('button', { name: 'Forget it' }));
  await waitFor(() =>
    expect(server.asked(`PUT /plants/${plant.id}/use`).map(({ body }) => body)).toEqual([
      { keep: true },
      { keep: false },
    ]),
  );
  server.on(`PUT /plants/${plant.id}/use`, () => refused({ path: 'keep', message: 'It was weighed 3 times.' }));
  await hand.click(screen.getByRole('button', { name: 'Keep what it uses' }));
  expect((await screen.findByRole('alert')).textContent).toContain('weighed 3 times');
});
