// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, test } from 'vitest';

import { api } from '../api/client';
import type { Role, Session } from '../api/session';
import { outbox } from '../api/outbox';
import { forgetToken } from '../api/token';
import { Locked } from '../kit/people/Locked';
import { DoButton } from '../kit/people/DoButton';
import { offline, refused, server } from '../testing/server';
import { show } from '../testing/show';
import { Doorway } from './Doorway';
import { UnsentBar } from './UnsentBar';
import { You } from './You';

const session = (more: Partial<Session> = {}): Session => ({
  token: 'here',
  door: 'network',
  person: null,
  role: null,
  pin_for: null,
  yard: 1,
  yards: [{ id: 1, name: 'Yard' }],
  ...more,
});
const signedIn = (role: Role) => session({ role, person: { id: 1, name: 'Ilka' } });
const page = (
  <Doorway>
    <input aria-label="Note" />
  </Doorway>
);

beforeEach(forgetToken);

describe('the doorway', () => {
  test('shows the page to whoever is known', async () => {
    server.on('GET /session', signedIn('reader'));
    show(page);
    expect(await screen.findByLabelText('Note')).toBeTruthy();
    expect(screen.queryByLabelText('Password')).toBeNull();
  });

  test('asks for name and password first, says what is wrong at the field, and then shows the page', async () => {
    server.on('GET /session', session());
    server.on('POST /sign-in', () => refused({ path: 'password', message: 'They do not fit together.' }));
    const { hand } = show(page);
    await hand.write(await screen.findByLabelText('Name'), 'Ilka');
    await hand.write(screen.getByLabelText('Password'), 'wrong');
    expect(screen.queryByLabelText('Note')).toBeNull();
    await hand.click(screen.getByRole('button', { name: 'Sign in' }));
    expect(await screen.findByText('They do not fit together.')).toBeTruthy();
    expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('Ilka');
    server.on('POST /sign-in', signedIn('helper'));
    await hand.write(screen.getByLabelText('Password'), 'lava pumice bark');
    await hand.click(screen.getByRole('button', { name: /Sign in/ }));
    expect(await screen.findByLabelText('Note')).toBeTruthy();
    expect(server.asked('POST /sign-in').at(-1)?.body).toEqual({ name: 'Ilka', password: 'lava pumice bark' });
  });

  test('is content with a PIN on a device that is known, and takes the password there too', async () => {
    server.on('GET /session', session({ pin_for: { name: 'Ilka', has_pin: true } }));
    server.on('POST /sign-in', signedIn('helper'));
    const { hand } = show(page);
    await screen.findByLabelText('PIN of Ilka');
    await hand.click(screen.getByRole('button', { name: 'By name and password' }));
    expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('Ilka');
    await hand.click(screen.getByRole('button', { name: 'By PIN' }));
    await hand.write(screen.getByLabelText('PIN of Ilka'), '2580');
    await hand.click(screen.getByRole('button', { name: 'Sign in' }));
    await screen.findByLabelText('Note');
    expect(server.asked('POST /sign-in').map(({ body }) => body)).toEqual([{ pin: '2580' }]);
  });

  test('whoever is signed out while he works signs in over his page, which keeps what was typed', async () => {
    server.on('GET /session', signedIn('grower'));
    server.on('GET /plants', () => new Response('{"message":"Sign in first","errors":[]}', { status: 401 }));
    const { hand } = show(page);
    await hand.write(await screen.findByLabelText('Note'), 'half a sentence');
    server.on('GET /session', session());
    await api.GET('/plants', { params: { query: {} } });
    const asks = await screen.findByRole('dialog');
    expect(within(asks).getByText('Signed out')).toBeTruthy();
    server.on('POST /sign-in', signedIn('grower'));
    await hand.write(within(asks).getByLabelText('Name'), 'Ilka');
    await hand.click(within(asks).getByRole('button', { name: 'Sign in' }));
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    expect(screen.getByLabelText<HTMLInputElement>('Note').value).toBe('half a sentence');
  });

  test('a device brings the code behind the #, then takes a PIN', async () => {
    window.history.replaceState(null, '', '/pair#ABCDEFGHJK');
    server.on('GET /session', session());
    server.on('POST /pairings', signedIn('helper'));
    server.on('PUT /session/pin', () => refused({ path: 'pin', message: 'Four to eight digits.' }));
    const { hand } = show(page, '/pair');
    expect(screen.getByLabelText<HTMLInputElement>('Code').value).toBe('ABCDEFGHJK');
    await hand.write(screen.getByLabelText('Name of this device'), 'Shed tablet');
    await hand.click(screen.getByRole('button', { name: 'Make this device known' }));
    await hand.write(await screen.findByLabelText('PIN'), '12');
    await hand.click(screen.getByRole('button', { name: 'Keep the PIN' }));
    expect(await screen.findByText('Four to eight digits.')).toBeTruthy();
    server.on('PUT /session/pin', signedIn('helper'));
    await hand.write(screen.getByLabelText('PIN'), '2580');
    await hand.click(screen.getByRole('button', { name: /Keep the PIN/ }));
    await waitFor(() => expect(screen.getByLabelText('address').textContent).toBe('/today'));
    expect(server.asked('POST /pairings')[0]?.body).toEqual({ code: 'ABCDEFGHJK', name: 'Shed tablet' });
  });
});

describe('what is offered', () => {
  test.each<[Role, string[]]>([
    ['reader', []],
    ['helper', ['Water']],
    ['grower', ['Water', 'Plan']],
    ['owner', ['Water', 'Plan', 'People']],
  ])('to a %s is what he may do', async (role, offered) => {
    server.on('GET /session', signedIn(role));
    show(
      <>
        <DoButton be="helper">Water</DoButton>
        <DoButton>Plan</DoButton>
        <DoButton be="owner">People</DoButton>
        <Locked be="grower">
          <DoButton be="reader">Look</DoButton>
        </Locked>
      </>,
    );
    await waitFor(() =>
      expect(screen.getAllByRole('button').map((button) => button.textContent)).toEqual([...offered, 'Look']),
    );
    expect(screen.queryByText(/not for your role/) !== null).toBe(role === 'reader' || role === 'helper');
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Look' }).disabled).toBe(
      role === 'reader' || role === 'helper',
    );
  });

  test('who is signed in changes PIN and password, with what is wrong at the field', async () => {
    server.on('GET /session', signedIn('helper'));
    server.on('PUT /session/pin', signedIn('helper'));
    server.on('PUT /session/password', () => refused({ path: 'password', message: 'Not the one in use.' }));
    const { hand } = show(<You close={() => undefined} />);
    await hand.click(await screen.findByRole('button', { name: 'New PIN' }));
    await hand.write(screen.getByLabelText('PIN'), '2580');
    await hand.click(screen.getByRole('button', { name: 'Keep the PIN' }));
    await waitFor(() => expect(screen.queryByLabelText('PIN')).toBeNull());
    await hand.click(screen.getByRole('button', { name: 'New password' }));
    await hand.write(screen.getByLabelText('Password until now'), 'old');
    await hand.write(screen.getByLabelText('New password'), 'lava pumice bark');
    await hand.click(screen.getByRole('button', { name: 'Change the password' }));
    expect(await screen.findByText('Not the one in use.')).toBeTruthy();
    expect(screen.queryByRole('link', { name: /People/ })).toBeNull();
  });
});

describe('yards', () => {
  test('one alone is not spoken of; of several another one is opened, and the application begins anew', async () => {
    server.on('GET /session', session({ role: 'helper', yards: [{ id: 1, name: 'Upper yard' }] }));
    const { unmount } = show(<You close={() => undefined} />);
    await screen.findByText(/nobody is asked here/);
    expect(screen.queryByLabelText('Yard')).toBeNull();
    unmount();
    const yards = [
      { id: 1, name: 'Upper yard' },
      { id: 2, name: 'Lower yard' },
    ];
    server.on('GET /session', session({ role: 'helper', yards }));
    server.on('PUT /session/yard', session({ role: 'helper', yard: 2, yards }));
    sessionStorage.setItem('kept', 'of the upper yard');
    const { hand } = show(<You close={() => undefined} />);
    await hand.click(await screen.findByRole('combobox', { name: 'Yard' }));
    await hand.click(await screen.findByText('Lower yard', { selector: '.ant-select-item-option-content' }));
    await waitFor(() => expect(server.asked('PUT /session/yard')[0]?.body).toEqual({ id: 2 }));
    await waitFor(() => expect(sessionStorage.getItem('kept')).toBeNull());
  });

  test('every question says of which yard its page is, also after the session went to another one', async () => {
    const said: (string | null)[] = [];
    const fetched = globalThis.fetch;
    globalThis.fetch = ((request: Request) => {
      said.push(request.headers.get('X-Yard'));

      return fetched(request);
    }) as typeof fetch;
    try {
      server.on('GET /session', session({ role: 'helper', yard: 2 }));
      show(page);
      await screen.findByLabelText('Note');
      server.on('GET /plants', {});
      await api.GET('/plants', { params: { query: {} } });
      expect(said).toEqual([null, '2']);
    } finally {
      globalThis.fetch = fetched;
    }
  });
});

test('what was not sent is counted, and what was refused is told until somebody has seen it', async () => {
  server.on('GET /session', signedIn('helper'));
  server.on('PUT /days/1/ticks', offline);
  outbox.keep({
    id: 'one',
    method: 'PUT',
    path: '/days/1/ticks',
    body: {},
    at: '2026-03-04T10:00:00Z',
    yard: 1,
    effect: { kind: 'tick', day: 1, recipe: 1, number: 1, component: 1, ticked: true },
  });
  const { hand } = show(<UnsentBar />);
  expect(await screen.findByText(/1 tap not sent yet\./)).toBeTruthy();
  server.on('PUT /days/1/ticks', () => refused({ path: 'recipe_id', message: 'The mix is closed.' }));
  await hand.click(screen.getByRole('button', { name: 'Try now' }));
  expect((await screen.findByRole('alert')).textContent).toContain('The mix is closed.');
  expect(screen.queryByText(/not sent yet/)).toBeNull();
  await hand.click(screen.getByRole('button', { name: 'Understood: a tick at the tub' }));
  expect(screen.queryByRole('alert')).toBeNull();
  expect(localStorage.getItem('zolbek.unsent')).toBeNull();
});
