// @vitest-environment happy-dom

import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, expect, test } from 'vitest';

import { server } from '../../testing/server';
import { show } from '../../testing/show';
import { openYard } from '../../testing/yard';
import LogPage from './LogPage';

beforeEach(openYard);

const asked = () => server.asked('GET /diary').map((call) => new URL(call.path, 'http://x').searchParams);

test('what was done stands by day, each line leads to what it tells of', async () => {
  show(<LogPage />, '/log');
  const day = await screen.findByRole('region', { name: 'March 4, 2026' });
  expect(
    within(day)
      .getAllByRole('listitem')
      .map((line) => line.textContent),
  ).toEqual(['Potted T-001 Gate pine · Ridge bench · Orsolt', '09:15Load mixed Ridge pines · Spring bench · 12.5 L']);
  expect(within(day).getByRole('link', { name: 'T-001 Gate pine' }).getAttribute('href')).toBe('/plants/1');
  const before = screen.getByRole('region', { name: 'March 2, 2026' });
  expect(before.textContent).toContain('Counted Pumice 3-6 mm · 4 LNotea sack was torn');
});

test('it is narrowed by person, days and text, and the address keeps that', async () => {
  const { hand } = show(<LogPage />, '/log');
  await screen.findByText('T-001 Gate pine');
  await hand.write(screen.getByLabelText('Who'), 'Orsolt');
  await hand.write(screen.getByLabelText('Search by name'), 'pine');
  await waitFor(() => expect(asked().at(-1)?.get('search')).toBe('pine'));
  expect(asked().at(-1)?.get('person')).toBe('Orsolt');
  expect(window.location.search).toBe('?person=Orsolt&search=pine');
});

test('the batches have a list of their own', async () => {
  const { hand } = show(<LogPage />, '/log');
  await screen.findByText('T-001 Gate pine');
  await hand.click(screen.getByText('Batches'));
  await waitFor(() => expect(server.asked('GET /batches').length).toBeGreaterThan(0));
  expect(window.location.search).toBe('?view=batches');
});

test('nothing done yet says what will stand here and leads on', async () => {
  server.on('GET /diary', () => ({ data: [], page: 1, per_page: 50, total: 0 }));
  show(<LogPage />, '/log');
  expect(await screen.findByText(/Nothing was done yet/)).toBeTruthy();
  expect(screen.getByRole('link', { name: 'Go to Blend' })).toBeTruthy();
});
