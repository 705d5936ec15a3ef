// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import { beforeEach, expect, test } from 'vitest';

import { refused, server } from '../../testing/server';
import { show } from '../../testing/show';
import { openYard } from '../../testing/yard';
import { CalendarFeed } from './CalendarFeed';

beforeEach(openYard);

test('an address is made, shown whole, and made anew; the file stands beside it', async () => {
  server.on('GET /calendar-address', { path: null, made_on: null, address: null });
  server.on('POST /calendar-address', () => {
    server.on('GET /calendar-address', {
      path: '/api/v1/calendars/secret.ics?yard=1',
      made_on: '2026-03-04',
      address: null,
    });

    return { path: '/api/v1/calendars/secret.ics?yard=1', made_on: '2026-03-04', address: null };
  });
  const { hand } = show(<CalendarFeed close={() => undefined} />);
  expect(await screen.findByText('None was made yet.')).toBeTruthy();
  expect(screen.getByRole('link', { name: 'Take the file' }).getAttribute('href')).toContain('/api/v1/calendar.ics');
  await hand.click(screen.getByRole('button', { name: 'Make an address' }));
  expect(await screen.findByText(/^http.*\/api\/v1\/calendars\/secret\.ics\?yard=1&language=en$/)).toBeTruthy();
  expect(screen.getByText('Made March 4, 2026.')).toBeTruthy();
  server.on('POST /calendar-address', () => refused({ path: 'x', message: 'This needs an owner.' }));
  await hand.click(screen.getByRole('button', { name: 'Make a new one' }));
  await waitFor(() => expect(screen.getByText('This needs an owner.')).toBeTruthy());
});

test('who is no owner copies it, and makes none', async () => {
  server.on('GET /session', {
    token: 'here',
    door: 'network',
    person: { id: 1, name: 'Toma' },
    role: 'helper',
    pin_for: null,
    yard: 1,
    yards: [],
  });
  const path = '/api/v1/calendars/secret.ics?yard=1';
  server.on('GET /calendar-address', { path, made_on: '2026-03-04', address: `https://192.168.1.20:8443${path}` });
  show(<CalendarFeed close={() => undefined} />);
  expect(await screen.findByRole('button', { name: 'Copy' })).toBeTruthy();
  expect(screen.getByText(/^https:\/\/192\.168\.1\.20:8443\/api/)).toBeTruthy();
  await waitFor(() => expect(screen.queryByRole('button', { name: 'Make a new one' })).toBeNull());
});
