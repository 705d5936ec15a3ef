// @vitest-environment happy-dom

import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, test } from 'vitest';

import type { Schemas } from '../../api/client';
import { server } from '../../testing/server';
import { show } from '../../testing/show';
import { openYard } from '../../testing/yard';
import OutcomesPage from './OutcomesPage';

const share = (hits: number, cases: number, few = false): Schemas['Share'] => ({
  hits,
  cases,
  share: hits / cases,
  low: 0.1,
  high: 0.9,
  few,
});
const sums = (changed: Partial<Schemas['OutcomeSums']> = {}): Schemas['OutcomeSums'] => ({
  pottings: 12,
  now: 4,
  before: 8,
  took: share(9, 10),
  sulked: share(1, 10),
  died_six_weeks: null,
  died_year: share(1, 8, true),
  roots: { looked: 2, findings: [{ finding: 'white_tips', of: share(2, 2, true) }] },
  years: { stood: 3.2, ended: 3, so_far: 1.1, forecast: 4.5, beyond: 0 },
  growth: { mm_year: 2.4, deviation: 0.4, n: 6 },
  run_through: { measured_s: 9.4, computed_s: 8.3, n: 5 },
  complaints: { n: 1, last: [{ on: '2026-03-04', text: 'Dry by noon', plant_id: 5, plant: 'Brook maple' }] },
  ...changed,
});
const outcome = (changed: Partial<Schemas['MixOutcome']> = {}): Schemas['MixOutcome'] => ({
  recipe: { id: 2, name: 'Brook maples' },
  sums: sums(),
  by: [{ word: '1', sums: sums() }],
  choices: {
    versions: [1, 2],
    species: [{ id: 7, name: 'Field maple' }],
    places: ['Ridge'],
    years: [2024],
    depths: ['to_7'],
  },
  plants: Array.from({ length: 25 }, (_, i) => ({
    plant_id: i + 1,
    number: `S-${i + 1}`,
    name: 'Young maple',
    species: 'Field maple',
    place: 'Ridge',
    version: 1,
    pot: 'Tray',
    depth_cm: 6,
    from: `2024-03-${String(i + 1).padStart(2, '0')}`,
    until: i === 0 ? '2025-03-01' : null,
    ended_by: i === 0 ? ('died' as const) : null,
    years: 1.5,
    forecast_years: null,
    six_weeks: 'took' as const,
    year: null,
    trunk_mm_year: null,
    trunk_error: null,
    run_through_s: null,
    findings: [],
  })),
  left_out: 3,
  beside: null,
  ...changed,
});

beforeEach(() => {
  openYard();
  server.on('GET /outcomes', () => ({
    data: [
      { id: 1, name: 'Ridge pines', version: 2, now: 1, pottings: 3 },
      { id: 2, name: 'Brook maples', version: 2, now: 9, pottings: 30 },
    ],
    page: 1,
    per_page: 200,
    total: 2,
  }));
  server.on('GET /outcomes/2', () => outcome());
});

const row = async (name: string) => (await screen.findByRole('rowheader', { name })).closest('tr') as HTMLElement;
const asked = () => server.asked('GET /outcomes/2').map(({ path }) => new URL(path, 'http://x').searchParams);

describe('how a mix turned out', () => {
  test('the mix that most stand in is shown first, with counts and how sure they are', async () => {
    show(<OutcomesPage />, '/log/mixes');
    expect((await row('Took')).textContent).toContain('9 of 10 90% (10% – 90%)');
    expect((await row('Died within a year')).textContent).toContain('few plants');
    expect((await row('Died within six weeks')).textContent).toContain('nobody looked');
    expect((await row('How long it lasted')).textContent).toContain(
      '3.2 years until potted again (3 plants) forecast 4.5 years',
    );
    expect((await row('Water runs through in')).textContent).toContain('9.4 s computed 8.3 s, 5 pottings');
    expect(
      within(await row('Complaints'))
        .getByRole('link', { name: 'Brook maple' })
        .getAttribute('href'),
    ).toBe('/plants/5');
    expect(screen.getByText('3 more plants are counted, not listed.')).toBeTruthy();
  });

  test('it is narrowed, and the address keeps that', async () => {
    const { hand } = show(<OutcomesPage />, '/log/mixes');
    await row('Took');
    await hand.click(screen.getByLabelText('All places'));
    await hand.click(await screen.findByTitle('Ridge'));
    await waitFor(() => expect(asked().at(-1)?.get('place')).toBe('Ridge'));
    expect(window.location.search).toContain('place=Ridge');
    await hand.click(screen.getByText('Kind of plant'));
    await waitFor(() => expect(asked().at(-1)?.get('by')).toBe('species'));
  });

  test('all who stand in it are listed on demand, and how each ended', async () => {
    const { hand } = show(<OutcomesPage />, '/log/mixes');
    await row('Took');
    expect(screen.queryByRole('link', { name: 'S-25 Young maple' })).toBeNull();
    expect(screen.getByRole('link', { name: 'S-1 Young maple' }).closest('tr')?.textContent).toContain(
      'died Mar 1, 2025',
    );
    await hand.click(screen.getByRole('button', { name: 'Show all 25' }));
    expect(screen.getByRole('link', { name: 'S-25 Young maple' })).toBeTruthy();
  });

  test('beside another mix what may be chance is said so, and what else differed', async () => {
    server.on('GET /outcomes/2', () =>
      outcome({
        beside: {
          recipe: { id: 1, name: 'Ridge pines' },
          sums: sums({ took: share(3, 10) }),
          differences: [
            { what: 'took', difference: 0.6, low: 0.17, high: 0.81, told: true },
            { what: 'died_year', difference: -0.1, low: -0.4, high: 0.2, told: false },
          ],
          otherwise: [
            { what: 'place', word: 'Ridge', one: 0.8, other: 0.1 },
            { what: 'exposure', word: 'full_sun', one: 1, other: 0 },
            { what: 'year', word: null, one: 2024.2, other: 2025.4 },
          ],
          alike: [],
        },
      }),
    );
    show(<OutcomesPage />, '/log/mixes');
    expect(
      await screen.findByText(
        /Took: Brook maples differs from Ridge pines by \+60 points of a hundred \(\+17 to \+81\)/,
      ),
    ).toBeTruthy();
    expect(screen.getByText(/Died within a year: .* that may be chance\./)).toBeTruthy();
    expect((await row('Place: Ridge')).textContent).toContain('80%10%');
    expect((await row('Light: Full sun')).textContent).toContain('100%0%');
    expect((await row('Year of potting')).textContent).toContain('2024.22025.4');
    expect(screen.getByText(/No kind of plant stands in both at the same place/)).toBeTruthy();
  });

  test('a mix in which nobody stood says what will stand here', async () => {
    server.on('GET /outcomes/2', () =>
      outcome({
        sums: sums({ pottings: 0 }),
        choices: { versions: [], species: [], places: [], years: [], depths: [] },
      }),
    );
    show(<OutcomesPage />, '/log/mixes');
    expect(await screen.findByText(/Nobody stood in this mix yet/)).toBeTruthy();
  });
});
