// @vitest-environment happy-dom

import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, expect, test } from 'vitest';

import { outbox } from '../../api/outbox';
import type { Schemas } from '../../api/client';
import { offline, server } from '../../testing/server';
import { show } from '../../testing/show';
import { openYard } from '../../testing/yard';
import { WaterFirst } from './WaterFirst';

beforeEach(openYard);

const POT: Schemas['WaterFirst']['pots'][number] = {
  id: 4,
  number: 'T-004',
  name: 'Cascade juniper',
  place: 'Ridge bench',
  exposure: 'full_sun',
  pot: 'Deep round 16',
  lasts_h: 20,
  watered_h: null,
  left_h: null,
};
const water = (...pots: Partial<Schemas['WaterFirst']['pots'][number]>[]): Schemas['WaterFirst'] => ({
  season: 'heat',
  unknown: 0,
  pots: pots.map((pot) => ({ ...POT, ...pot })),
});

test('each pot says how long its water lasts, what is left of it, or to look now', async () => {
  show(
    <WaterFirst water={water({}, { id: 5, watered_h: 10, left_h: 80 }, { id: 6, watered_h: 30, left_h: -2 })} />,
    '/today',
  );
  const lines = (await screen.findAllByRole('listitem')).map((line) => line.textContent);
  expect(lines[0]).toContain('lasts 20 hours');
  expect(lines[0]).not.toContain('ago');
  expect(lines[1]).toContain('3.3 days leftwatered 10 hours ago');
  expect(lines[2]).toContain('look nowwatered 30 hours ago');
  expect(screen.getByText(/Hot days: look twice/)).toBeTruthy();
});

test('a tap is written down for that pot, and kept where nobody answers', async () => {
  server.on('POST /plants/5/moisture', () => ({
    id: 1,
    method: 'eye',
    reading: null,
    verdict: 'water',
    hours_since: null,
    person: '',
    checked_at: '2026-03-04T10:00:00Z',
  }));
  const { hand } = show(<WaterFirst water={water({}, { id: 5, name: 'Gate pine' })} />, '/today');
  await hand.click(await screen.findByRole('button', { name: 'T-004 Gate pine: watered' }));
  await waitFor(() =>
    expect(server.asked('POST /plants/5/moisture').map((call) => call.body)).toEqual([
      { method: 'eye', verdict: 'water' },
    ]),
  );
  server.on('POST /plants/4/moisture', offline);
  const line = screen.getAllByRole('listitem')[0] as HTMLElement;
  await hand.click(within(line).getByRole('button', { name: 'T-004 Cascade juniper: can wait' }));
  expect(await within(line).findByText(/can wait, not sent yet/)).toBeTruthy();
  expect(outbox.all().map(({ path, body }) => [path, body])).toEqual([
    ['/plants/4/moisture', { method: 'eye', verdict: 'wait' }],
  ]);
});

test('who is signed in stands with the tap, whoever sends it later', async () => {
  server.on('GET /session', {
    token: 'here',
    door: 'network',
    role: 'helper',
    person: { id: 1, name: 'Toma' },
    pin_for: null,
    yard: 1,
    yards: [],
  });
  server.on('POST /plants/4/moisture', offline);
  const { hand } = show(<WaterFirst water={water({})} />, '/today');
  await hand.click(await screen.findByRole('button', { name: 'T-004 Cascade juniper: watered' }));
  await screen.findByText(/watered, not sent yet/);
  expect(outbox.all()[0]?.body).toEqual({ person: 'Toma', method: 'eye', verdict: 'water' });
});

test('what is not counted is told, and an empty list says what it waits for', () => {
  const { unmount } = show(<WaterFirst water={{ ...water({}), unknown: 2 }} />, '/today');
  expect(screen.getByRole('link', { name: /2 plants are not counted/ }).getAttribute('href')).toBe('/plants');
  unmount();
  show(<WaterFirst water={water()} />, '/today');
  expect(screen.getByText(/Once plants have a pot/)).toBeTruthy();
});
