// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, test } from 'vitest';

import type { Schemas } from '../../api/client';
import { refused, server } from '../../testing/server';
import { show } from '../../testing/show';
import { openYard } from '../../testing/yard';
import { deedOf, subjectOf } from '../log/deeds';
import { WhoDidWhat } from '../log/WhoDidWhat';
import PeoplePage from './PeoplePage';

const ILKA: Schemas['Person'] = {
  id: 1,
  name: 'Ilka',
  role: 'owner',
  has_password: true,
  has_pin: false,
  archived: false,
  devices: [{ id: 4, name: 'Shed tablet', seen_at: '2026-03-04T10:00:00Z' }],
};
const STATUS: Schemas['Status'] = {
  version: '1.1.0',
  tables: 'last_change',
  data_bytes: 700_000,
  pictures: 3,
  pictures_bytes: 2_400_000,
  free_bytes: 84_000_000_000,
  copies: [],
  errors_today: 0,
  errors_week: 2,
  slow_today: 1,
  slow_week: 4,
  slow_ms: 250,
  workers: 8,
  network: null,
  clock_behind: '2030-01-02T10:00:00Z',
};

beforeEach(() => {
  openYard();
  server.on('GET /people', { data: [ILKA] });
  server.on('GET /status', STATUS);
  server.on('GET /yards', { data: [{ id: 1, name: 'Yard', archived: false }] });
});

describe('people', () => {
  test('the first one is asked for as the owner, with a password', async () => {
    server.on('GET /people', { data: [] });
    server.on('POST /people', ILKA);
    const { hand } = show(<PeoplePage />);
    expect(await screen.findByText(/Nobody yet/)).toBeTruthy();
    await hand.click(screen.getByRole('button', { name: 'Add the owner' }));
    const dialog = await screen.findByRole('dialog');
    expect(within(dialog).queryByText('What they may do')).toBeNull();
    await hand.write(within(dialog).getByLabelText('Name'), 'Ilka');
    await hand.write(within(dialog).getByLabelText('Password'), 'lava pumice bark');
    await hand.click(within(dialog).getByRole('button', { name: 'Save' }));
    await waitFor(() =>
      expect(server.asked('POST /people')[0]?.body).toEqual({
        name: 'Ilka',
        role: 'owner',
        password: 'lava pumice bark',
      }),
    );
  });

  test('somebody gets another role, and why not is said at it', async () => {
    server.on('PUT /people/1', () => refused({ path: 'role', message: 'This is the only owner.' }));
    const { hand } = show(<PeoplePage />);
    await hand.click(await screen.findByRole('button', { name: 'Edit: Ilka' }));
    const dialog = await screen.findByRole('dialog');
    await hand.click(within(dialog).getByRole('radio', { name: /^Reader/ }));
    await hand.click(within(dialog).getByRole('button', { name: 'Save' }));
    expect(await within(dialog).findByText('This is the only owner.')).toBeTruthy();
    expect(server.asked('PUT /people/1')[0]?.body).toEqual({ name: 'Ilka', role: 'reader' });
  });

  test('a code to pair a device is shown once, as text where nothing is served over a network', async () => {
    server.on('POST /people/1/pairing', { code: 'ABCDEFGHJK', until: '2026-03-04T10:10:00Z', address: null });
    const { hand } = show(<PeoplePage />);
    await hand.click(await screen.findByRole('button', { name: 'Pair a device: Ilka' }));
    const dialog = await screen.findByRole('dialog');
    expect((await within(dialog).findByLabelText('Code')).textContent).toBe('ABCDE FGHJK');
    expect(within(dialog).getByText(/served for this machine alone/)).toBeTruthy();
    expect(server.asked('POST /people/1/pairing')).toHaveLength(1);
  });

  test('a code is drawn with the address where it is served, and said what to expect', async () => {
    const address = 'https://192.168.1.20:8443/pair#ABCDEFGHJK';
    server.on('POST /people/1/pairing', { code: 'ABCDEFGHJK', until: '2026-03-04T10:10:00Z', address });
    const { hand } = show(<PeoplePage />);
    await hand.click(await screen.findByRole('button', { name: 'Pair a device: Ilka' }));
    const dialog = await screen.findByRole('dialog');
    expect(await within(dialog).findByText('https://192.168.1.20:8443/pair')).toBeTruthy();
    expect(within(dialog).getByText(/warns once/)).toBeTruthy();
  });

  test('a device is forgotten, and a person leaves unless he is the last owner', async () => {
    server.on('DELETE /devices/4', new Response(null, { status: 204 }));
    server.on('PUT /people/1/archived', () => refused({ path: 'archived', message: 'This is the only owner.' }));
    const { hand } = show(<PeoplePage />);
    await hand.click(await screen.findByRole('button', { name: 'Forget Shed tablet' }));
    await waitFor(() => expect(server.asked('DELETE /devices/4')).toHaveLength(1));
    await hand.click(screen.getByRole('button', { name: 'Leaves: Ilka' }));
    expect(await screen.findByText('This is the only owner.')).toBeTruthy();
  });

  test('a password is set anew, and why not is said at it', async () => {
    server.on('PUT /people/1/password', () => refused({ path: 'password', message: 'At least 10 characters.' }));
    const { hand } = show(<PeoplePage />);
    await hand.click(await screen.findByRole('button', { name: 'Set password: Ilka' }));
    const dialog = await screen.findByRole('dialog');
    await hand.write(within(dialog).getByLabelText('New password'), 'short');
    await hand.click(within(dialog).getByRole('button', { name: 'Save' }));
    expect(await within(dialog).findByText('At least 10 characters.')).toBeTruthy();
  });

  test('how the installation is stands beneath: no copy yet is marked', async () => {
    show(<PeoplePage />);
    expect(await screen.findByText('none yet')).toBeTruthy();
    expect(screen.getByText('84 GB')).toBeTruthy();
    expect(screen.getByText(/something was written on January 2, 2030/)).toBeTruthy();
    expect(screen.getByText('0.7 MB')).toBeTruthy();
    expect(screen.getByText('0 today, 2 in a week')).toBeTruthy();
    expect(screen.getByText('1 today, 4 in a week')).toBeTruthy();
  });
});

describe('yards', () => {
  test('another one is added, and why not is said at its name', async () => {
    server.on('POST /yards', () => refused({ path: 'name', message: 'Another one is already called Yard.' }));
    const { hand } = show(<PeoplePage />);
    await hand.click(await screen.findByRole('button', { name: 'Add a yard' }));
    const dialog = await screen.findByRole('dialog');
    await hand.write(within(dialog).getByLabelText('Name'), 'Yard');
    await hand.click(within(dialog).getByRole('button', { name: 'Save' }));
    expect(await within(dialog).findByText('Another one is already called Yard.')).toBeTruthy();
    server.on('POST /yards', { id: 2, name: 'Lower yard', archived: false });
    await hand.write(within(dialog).getByLabelText('Name'), 'Lower yard');
    await hand.click(within(dialog).getByRole('button', { name: /Save/ }));
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    expect(server.asked('POST /yards').at(-1)?.body).toEqual({ name: 'Lower yard' });
  });

  test('one is renamed, and one of several is opened', async () => {
    server.on('GET /session', {
      token: 'here',
      door: 'desk',
      person: null,
      role: 'owner',
      pin_for: null,
      yard: 1,
      yards: [],
    });
    server.on('GET /yards', {
      data: [
        { id: 1, name: 'Yard', archived: false },
        { id: 2, name: 'Lower yard', archived: false },
      ],
    });
    server.on('PUT /yards/2', { id: 2, name: 'Low yard', archived: false });
    server.on('PUT /session/yard', {});
    const { hand } = show(<PeoplePage />);
    await hand.click(await screen.findByRole('button', { name: 'Edit Lower yard' }));
    const dialog = await screen.findByRole('dialog');
    await hand.write(within(dialog).getByLabelText('Name'), 'Low yard');
    await hand.click(within(dialog).getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(server.asked('PUT /yards/2')[0]?.body).toEqual({ name: 'Low yard' }));
    expect(screen.queryByRole('button', { name: 'Open Yard' })).toBeNull();
    expect(screen.getAllByRole('button', { name: /^Archive / }).map((each) => each.getAttribute('aria-label'))).toEqual(
      ['Archive Lower yard'],
    );
    await hand.click(screen.getByRole('button', { name: 'Open Lower yard' }));
    await waitFor(() => expect(server.asked('PUT /session/yard')[0]?.body).toEqual({ id: 2 }));
  });
});

const deed = (more: Partial<Schemas['Activity']>): Schemas['Activity'] => ({
  id: 1,
  done_at: '2026-03-04T10:00:00Z',
  person: 'Ilka',
  method: 'PUT',
  route: 'plants/{plant}',
  path: 'plants/3',
  name: 'Gate pine',
  undo: null,
  ...more,
});

describe('who did what', () => {
  test.each<[Partial<Schemas['Activity']>, string, string]>([
    [{ method: 'POST', route: 'plants' }, 'added', 'plants'],
    [{}, 'changed', 'plants'],
    [
      { route: 'pots/{pot}/archived', undo: { method: 'PUT', path: 'x', body: { archived: false } } },
      'archived',
      'pots',
    ],
    [
      { route: 'pots/{pot}/archived', undo: { method: 'PUT', path: 'x', body: { archived: true } } },
      'restored',
      'pots',
    ],
    [{ method: 'POST', route: 'batches/{batch}/mixed' }, 'mixed', 'batches'],
    [{ method: 'DELETE', route: 'batches/{batch}/mixed' }, 'tookBack', 'batches'],
    [
      { method: 'POST', route: 'days/{day}/plants/{entry}/state', undo: { method: 'POST', path: 'x' } },
      'potted',
      'days',
    ],
    [{ method: 'POST', route: 'days/{day}/plants/{entry}/state' }, 'tookBack', 'days'],
    [{ method: 'DELETE', route: 'photos/{photo}' }, 'removed', 'photos'],
    [{ method: 'POST', route: 'imports/{sheet}' }, 'tookIn', 'files'],
    [{ method: 'POST', route: 'plants/{plant}/moisture' }, 'watered', 'plants'],
  ])('%o is said as %s of %s', (more, did, of) => {
    expect(deedOf(deed(more))).toBe(did);
    expect(subjectOf(deed(more))).toBe(of);
  });

  test('what can be taken back is, by asking what the server said', async () => {
    const undo = { method: 'PUT' as const, path: 'plants/3/archived', body: { archived: false } };
    const data = [deed({ route: 'plants/{plant}/archived', undo }), deed({ id: 2, person: '' })];
    server.on('GET /activity', { data, page: 1, per_page: 50, total: 2 });
    server.on('PUT /plants/3/archived', {});
    const { hand } = show(<WhoDidWhat views={null} />, '/log?view=who');
    expect((await screen.findAllByRole('listitem')).map((line) => line.textContent)).toEqual([
      expect.stringContaining('Ilka · put into the archive · plant Gate pine'),
      expect.stringContaining('At the machine · changed · plant Gate pine'),
    ]);
    expect(screen.getAllByRole('button', { name: /Take back/ })).toHaveLength(1);
    await hand.click(screen.getByRole('button', { name: /Take back/ }));
    await waitFor(() => expect(server.asked('PUT /plants/3/archived')[0]?.body).toEqual({ archived: false }));
    server.on('PUT /plants/3/archived', () => refused({ path: 'archived', message: 'It is gone.' }));
    await hand.click(screen.getByRole('button', { name: /Take back/ }));
    expect(await screen.findByText('It is gone.')).toBeTruthy();
  });
});
