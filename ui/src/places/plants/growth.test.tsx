// @vitest-environment happy-dom

import { screen, waitFor } from '@testing-library/react';
import { beforeEach, expect, test } from 'vitest';

import type { Schemas } from '../../api/client';
import { refused, server } from '../../testing/server';
import { show } from '../../testing/show';
import { openYard, yard } from '../../testing/yard';
import { GrowthSection } from './GrowthSection';

const measure = (id: number, on: string, mm: number): Schemas['GrowthMeasure'] => ({
  id,
  on,
  height_cm: null,
  trunk_mm: mm,
  canopy_cm: null,
  health: null,
  person: 'Orsolt',
  note: '',
  photo: null,
});
const growth = (): Schemas['Growth'] => ({
  measures: [measure(1, '2024-03-01', 30), measure(2, '2025-03-01', 32.5)],
  trunk_mm_year: 2.5,
});
const stay = (): Schemas['PlantStay'] => ({
  plant_id: 5,
  number: 'T-5',
  name: 'Maple',
  species: null,
  place: 'Ridge',
  version: 2,
  pot: 'Tray',
  depth_cm: 6,
  from: '2024-01-01',
  until: null,
  ended_by: null,
  years: 2.2,
  forecast_years: 4.5,
  six_weeks: 'took',
  year: 'lives',
  trunk_mm_year: 2.5,
  trunk_error: 0.2,
  run_through_s: null,
  findings: [],
  recipe_id: 2,
  recipe: 'Brook maples',
});
const dossier = () => yard.plant();
const id = () => dossier().plant.id;

beforeEach(() => {
  openYard();
  server.on(`GET /plants/${id()}/growth`, growth);
  server.on(`GET /plants/${id()}/stays`, () => ({ data: [stay()] }));
});

test('how it grew is drawn and told by mix, the newest measuring first', async () => {
  show(<GrowthSection dossier={dossier()} />);
  const stood = (await screen.findByRole('link', { name: 'Brook maples version 2' })).closest('li') as HTMLElement;
  expect(stood.textContent).toContain('2.2 years · forecast 4.5 years · 2.5 ± 0.4 mm of trunk a year · It took');
  expect(await screen.findByRole('img', { name: 'Trunk since it was first measured' })).toBeTruthy();
  const lines = screen.getAllByRole('listitem').map((item) => item.textContent);
  expect(lines[0]).toContain('Mar 1, 2025 trunk 32.5 mm · Orsolt');
});

test('a measuring sends what was typed and leaves out what was not', async () => {
  server.on(`POST /plants/${id()}/growth`, () => measure(3, '2026-03-01', 34));
  const { hand } = show(<GrowthSection dossier={dossier()} />);
  await hand.click(await screen.findByRole('button', { name: 'Measure it' }));
  await hand.write(await screen.findByLabelText('Trunk'), '34,5');
  await hand.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() => expect(server.asked(`POST /plants/${id()}/growth`)).toHaveLength(1));
  const body = server.asked(`POST /plants/${id()}/growth`)[0]?.body as Record<string, unknown>;
  expect(body).toMatchObject({ trunk_mm: 34.5, note: '' });
  expect(Object.keys(body).sort()).toEqual(['note', 'on', 'trunk_mm']);
});

test('what is no number is said and not sent, what is refused stays typed', async () => {
  server.on(`POST /plants/${id()}/growth`, () => refused({ path: 'height_cm', message: 'At most 3000.' }));
  const { hand } = show(<GrowthSection dossier={dossier()} />);
  await hand.click(await screen.findByRole('button', { name: 'Measure it' }));
  await hand.write(await screen.findByLabelText('Height'), 'tall');
  await hand.click(screen.getByRole('button', { name: 'Save' }));
  expect(server.asked(`POST /plants/${id()}/growth`)).toHaveLength(0);
  await hand.write(screen.getByLabelText('Height'), '4000');
  await hand.click(screen.getByRole('button', { name: 'Save' }));
  expect(await screen.findByText('At most 3000.')).toBeTruthy();
  expect((screen.getByLabelText('Height') as HTMLInputElement).value).toBe('4000');
});

test('a measuring is taken back', async () => {
  server.on(`DELETE /plants/${id()}/growth/2`, growth);
  const { hand } = show(<GrowthSection dossier={dossier()} />);
  await hand.click(await screen.findByRole('button', { name: 'Take the measuring of Mar 1, 2025 back' }));
  await waitFor(() => expect(server.asked(`DELETE /plants/${id()}/growth/2`)).toHaveLength(1));
  expect(await screen.findByText('Taken back.')).toBeTruthy();
});

test('one that was never measured says when one would', async () => {
  server.on(`GET /plants/${id()}/growth`, () => ({ measures: [], trunk_mm_year: null }));
  show(<GrowthSection dossier={dossier()} />);
  expect(await screen.findByText(/Not measured yet\. Once a year in autumn is enough/)).toBeTruthy();
});
