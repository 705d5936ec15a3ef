// @vitest-environment happy-dom

import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, expect, test } from 'vitest';

import type { Schemas } from '../../api/client';
import { refused, server } from '../../testing/server';
import { show } from '../../testing/show';
import { openYard } from '../../testing/yard';
import RightPage from './RightPage';

const point = (on: string, measured: number, out = false) => ({
  on,
  measured,
  computed: 0.2,
  name: `Mix ${on}`,
  link: '/bench/tests/1',
  out,
});
const figure = (changed: Partial<Schemas['PredictedFigure']>): Schemas['PredictedFigure'] => ({
  figure: 'air',
  is_ratio: true,
  n: 3,
  bias: 0.12,
  spread: 0.2,
  low: 0.05,
  high: 0.19,
  points: [point('2026-01-01', 0.22), point('2026-02-01', 0.23), point('2026-03-01', 0.5, true)],
  ...changed,
});
const calibration = (changed: Partial<Schemas['Calibration']> = {}): Schemas['Calibration'] => ({
  id: 3,
  made_at: '2026-03-04T10:00:00+00:00',
  person: '',
  in_use: false,
  switched: [],
  tests: [{ key: 'test 1', figure: 'air', before: 0.2, after: 0.02 }],
  factors: [
    { name: 'capillary', factor: 0.8, spread: 0.1, prior: 0.25 },
    { name: 'inner_water:bark', factor: 0.9, spread: 0.2, prior: 0.3 },
  ],
  ...changed,
});

beforeEach(() => {
  openYard();
  server.on('GET /right', () => ({
    figures: [figure({}), figure({ figure: 'ph', is_ratio: false, bias: -0.3, low: -0.5, high: 0.1, spread: 0.4 })],
    calibrations: [calibration()],
  }));
});

test('each figure tells how far off it was, and what stands out leads to its test', async () => {
  const { hand } = show(<RightPage />, '/log/right');
  const air = (await screen.findByRole('button', { name: 'Air after draining' })).closest('tr') as HTMLElement;
  expect(air.textContent).toContain('+12% (+5% – +19%)± 20%1');
  expect(screen.getByText('On the whole more was measured than computed.')).toBeTruthy();
  expect(screen.getByRole('link', { name: 'Mix 2026-03-01' }).getAttribute('href')).toBe('/bench/tests/1');
  expect(screen.queryByRole('link', { name: 'Mix 2026-01-01' })).toBeNull();
  await hand.click(screen.getByRole('button', { name: 'pH' }));
  expect(await screen.findByText('On the whole it was right: what is left may be chance.')).toBeTruthy();
  expect(window.location.search).toBe('?figure=ph');
});

test('a fit tells its factors and is switched on by a tap', async () => {
  server.on('PUT /right/calibrations/3', () => ({ data: [calibration({ in_use: true })] }));
  const { hand } = show(<RightPage />, '/log/right');
  const capillary = (await screen.findByRole('rowheader', { name: 'Capillary hold' })).closest('tr') as HTMLElement;
  expect(within(capillary).getByText('× 0.8')).toBeTruthy();
  expect(screen.getByText(/Inner water: Bark/)).toBeTruthy();
  await hand.click(screen.getByRole('button', { name: 'Switch it on' }));
  await waitFor(() => expect(server.asked('PUT /right/calibrations/3')[0]?.body).toEqual({ in_use: true }));
});

test('too few tests are told, and a write without a body is sent as JSON', async () => {
  server.on('POST /right/calibrations', () => refused({ path: 'tests', message: 'Only 1 figure was measured.' }));
  const { hand } = show(<RightPage />, '/log/right');
  await hand.click(await screen.findByRole('button', { name: 'Fit it to our tests' }));
  expect(await screen.findByRole('alert')).toBeTruthy();
  expect(server.asked('POST /right/calibrations')[0]?.body).toEqual({});
});

test('nothing measured yet says what will stand here', async () => {
  server.on('GET /right', () => ({ figures: [], calibrations: [] }));
  show(<RightPage />, '/log/right');
  expect(await screen.findByText(/Nothing was measured yet that was computed before/)).toBeTruthy();
  expect(screen.getByText('Not fitted yet.')).toBeTruthy();
});
