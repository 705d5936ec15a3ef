// @vitest-environment happy-dom
import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, test } from 'vitest';

import type { Schemas } from '../../api/client';
import { offline, refused, server } from '../../testing/server';
import { show } from '../../testing/show';
import { openYard } from '../../testing/yard';
import { addressOf, nothing, potOf } from './answers';
import StartPage from './StartPage';

const months = (warmer: number): Schemas['Month'][] =>
  Array.from({ length: 12 }, (_, i) => ({ tmin: warmer + i / 2, tmax: warmer + 9 + i / 2, rain_mm: 60 }));
const climate = (
  key: Schemas['TypicalClimate']['key'],
  winters: Schemas['TypicalClimate']['winters'],
  warmer: number,
): Schemas['TypicalClimate'] => ({
  key,
  winters,
  summers: 'warm',
  rain: 'all_year',
  latitude: 45,
  altitude_m: 300,
  alkalinity_mg_l: 100,
  months: months(warmer),
});

/** A yard in which nothing was written down yet. */
function emptyYard() {
  openYard();
  const none = { data: [], page: 1, per_page: 50, total: 0 };
  for (const list of ['/pots', '/sites', '/recipes']) {
    server.on(`GET ${list}`, none);
  }
  server.on('GET /climates', { data: [climate('cool_hills', 'frost', -6), climate('hot_desert', 'frost_free', 12)] });
}

const heading = (name: string) => screen.findByRole('heading', { level: 1, name });

describe('the first questions', () => {
  beforeEach(() => {
    sessionStorage.clear();
    emptyYard();
  });

  test('lead one after another to mixes for what was answered', async () => {
    server.on('POST /pots', (call: { body: object }) => ({ ...(call.body as object), id: 41 }));
    server.on('POST /sites', (call: { body: object }) => ({ ...(call.body as object), id: 51 }));
    const { hand } = show(<StartPage />, '/start');
    await heading('What do you want to pot?');
    await hand.click(await screen.findByRole('button', { name: /Thirsty conifers/ }));
    await heading('What pot?');
    await hand.click(screen.getByRole('button', { name: 'Oval' }));
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Next' }).disabled).toBe(true);
    await hand.type(screen.getByLabelText('Length inside'), '34');
    await hand.type(screen.getByLabelText('Width inside'), '26');
    await hand.type(screen.getByLabelText('Depth inside'), '7');
    await hand.click(screen.getByRole('button', { name: 'Next' }));
    await heading('Where does it stand?');
    expect(
      await screen.findByRole('img', { name: /Cool hills: from -6 to 8.5 °C, 720 mm of rain a year/ }),
    ).toBeTruthy();
    await hand.click(screen.getByRole('button', { name: /Cool hills/ }));
    await heading('How often does somebody water in summer?');
    await hand.click(screen.getByRole('button', { name: 'Every day' }));
    await heading('What do you have?');
    const [first, second] = (await screen.findAllByRole('button', { pressed: false })).slice(0, 2) as HTMLElement[];
    await hand.click(first as HTMLElement);
    await hand.click(second as HTMLElement);
    expect(screen.getByText('2 ticked')).toBeTruthy();
    await hand.click(second as HTMLElement);
    expect(screen.getByText('one ticked')).toBeTruthy();
    await hand.click(screen.getByRole('button', { name: 'Find mixes' }));
    await waitFor(() => expect(screen.getByLabelText('address').textContent).toBe('/blend/find'));
    expect(server.asked('POST /pots')[0]?.body).toMatchObject({
      name: 'Oval 34 × 26, 7 deep',
      shape: 'oval',
      depth: 7,
      measures: { top_length: 34, top_width: 26, base_length: 27.9, base_width: 21.3 },
      hole_count: 3,
    });
    expect(server.asked('POST /sites')[0]?.body).toMatchObject({
      name: 'Cool hills',
      latitude: 45,
      alkalinity_mg_l: 100,
      months: months(-6),
    });
  });

  test('can each be passed by, and gone back to', async () => {
    const { hand } = show(<StartPage />, '/start');
    for (const next of [
      'What pot?',
      'Where does it stand?',
      'How often does somebody water in summer?',
      'What do you have?',
    ]) {
      await hand.click(screen.getByRole('button', { name: 'Skip' }));
      await heading(next);
    }
    await hand.click(screen.getByRole('button', { name: 'Back' }));
    await heading('How often does somebody water in summer?');
    await hand.click(screen.getByRole('button', { name: 'What pot?' }));
    await heading('What pot?');
    await hand.click(screen.getByRole('button', { name: 'What do you have?' }));
    await hand.click(await screen.findByRole('button', { name: 'Find mixes' }));
    await waitFor(() => expect(screen.getByLabelText('address').textContent).toBe('/blend/find'));
    expect(server.asked('POST /pots')).toHaveLength(0);
    expect(server.asked('POST /sites')).toHaveLength(0);
  });

  test('find a plant by its name, and say where there is none', async () => {
    server.on('GET /species', (call: { path: string }) => ({
      data: call.path.includes('larch')
        ? [{ id: 9, name: 'Larch', plant_group: 'thirsty_conifers', reason: '', unidentified: false }]
        : [],
      page: 1,
      per_page: 8,
      total: 1,
    }));
    const { hand } = show(<StartPage />, '/start');
    const field = await screen.findByRole('searchbox', { name: 'Its name' });
    await hand.type(field, 'xyz');
    expect(await screen.findByText('No plant of that name. Choose what it looks like.')).toBeTruthy();
    await hand.clear(field);
    await hand.type(field, 'larch');
    await hand.click(await screen.findByRole('button', { name: 'Larch' }));
    await heading('What pot?');
  });

  test('show only years that are like what is known of winters', async () => {
    const { hand } = show(<StartPage />, '/start?step=place');
    await screen.findByRole('button', { name: /Hot desert/ });
    fireEvent.mouseDown(screen.getByRole('combobox', { name: 'Winters' }));
    await hand.click(await screen.findByTitle('no frost'));
    await waitFor(() => expect(screen.queryByRole('button', { name: /Cool hills/ })).toBeNull());
    expect(screen.getByRole('button', { name: /Hot desert/ })).toBeTruthy();
  });

  test('say at the field what a pot cannot be, and keep what was typed', async () => {
    server.on('POST /pots', () =>
      refused({ path: 'depth', message: 'A bowl can be at most half as deep as it is wide.' }),
    );
    const { hand } = show(<StartPage />, '/start?step=pot');
    await hand.click(await screen.findByRole('button', { name: 'Bowl' }));
    await hand.type(screen.getByLabelText('Across inside'), '20');
    await hand.type(screen.getByLabelText('Depth inside'), '19');
    await hand.click(screen.getByRole('button', { name: 'What do you have?' }));
    await hand.click(await screen.findByRole('button', { name: 'Find mixes' }));
    await heading('What pot?');
    expect(screen.getAllByText('A bowl can be at most half as deep as it is wide.').length).toBeGreaterThan(0);
    expect(screen.getByLabelText<HTMLInputElement>('Depth inside').value).toBe('19');
    server.on('POST /pots', offline);
    await hand.click(screen.getByRole('button', { name: 'What do you have?' }));
    await hand.click(await screen.findByRole('button', { name: 'Find mixes' }));
    expect(await screen.findByRole('alert')).toBeTruthy();
  });

  test('take another name where such a pot is there already', async () => {
    server.on('POST /pots', (call: { body: { name: string } }) =>
      call.body.name.endsWith('(2)')
        ? { ...call.body, id: 42 }
        : refused({ path: 'name', message: 'There is one of that name.', rule: 'name_taken' }),
    );
    const { hand } = show(<StartPage />, '/start?step=pot');
    await hand.click(await screen.findByRole('button', { name: 'By the water that fills it' }));
    await hand.type(screen.getByLabelText('Water that fills it'), '3');
    await hand.type(screen.getByLabelText('Depth inside'), '8{Enter}');
    await heading('Where does it stand?');
    await hand.click(screen.getByRole('button', { name: 'What do you have?' }));
    await hand.click(await screen.findByRole('button', { name: 'Find mixes' }));
    await waitFor(() => expect(screen.getByLabelText('address').textContent).toBe('/blend/find'));
    expect(server.asked('POST /pots').map((call) => (call.body as { name: string }).name)).toEqual([
      'Pot of 3 L, 8 deep',
      'Pot of 3 L, 8 deep (2)',
    ]);
  });

  test('add nothing twice where one has to try again, and a pot that is measured otherwise is another one', async () => {
    server.on('POST /pots', (call: { body: object }) => ({ ...(call.body as object), id: 41 }));
    server.on('POST /sites', offline);
    sessionStorage.setItem(
      'zolbek.start',
      JSON.stringify({ shape: 'round', length: '18', depth: '12', climate: 'cool_hills' }),
    );
    const { hand } = show(<StartPage />, '/start?step=have');
    const find = async () => hand.click(await screen.findByRole('button', { name: 'Find mixes' }));
    await screen.findAllByRole('button', { pressed: false });
    await find();
    await screen.findByRole('alert');
    await find();
    await waitFor(() => expect(server.asked('POST /sites')).toHaveLength(2));
    expect(server.asked('POST /pots')).toHaveLength(1);
    await hand.click(screen.getByRole('button', { name: 'What pot?' }));
    await hand.write(await screen.findByLabelText('Across inside'), '20');
    server.on('POST /sites', (call: { body: object }) => ({ ...(call.body as object), id: 51 }));
    await hand.click(screen.getByRole('button', { name: 'What do you have?' }));
    await find();
    await waitFor(() => expect(screen.getByLabelText('address').textContent).toBe('/blend/find'));
    expect(server.asked('POST /pots').map((call) => (call.body as { measures: { top: number } }).measures.top)).toEqual(
      [18, 20],
    );
  });

  test('keep what was answered when the page is opened again', async () => {
    const first = show(<StartPage />, '/start?step=pot');
    await first.hand.click(await screen.findByRole('button', { name: 'Round' }));
    await first.hand.type(screen.getByLabelText('Across inside'), '18');
    await act(async () => first.unmount());
    show(<StartPage />, '/start?step=pot');
    expect((await screen.findByLabelText<HTMLInputElement>('Across inside')).value).toBe('18');
  });
});

describe('a pot by its shape', () => {
  const typed = () => ({ ...nothing(), length: '20', width: '10', depth: '8', litres: '2,5', holes: '0' });
  test.each([
    ['round', true, { top: 20, base: 16.4 }],
    ['round', false, { top: 20, base: 20 }],
    ['polygon', false, { top: 20, base: 20, sides: 6 }],
    ['bowl', true, { top: 20 }],
    ['rectangular', true, { top_length: 20, top_width: 10, base_length: 16.4, base_width: 8.2 }],
    ['measured', true, { volume_l: 2.5 }],
  ] as const)('%s, sloping %s', (shape, sloping, measures) => {
    expect(potOf({ ...typed(), shape, sloping }, 'A pot')).toMatchObject({ shape, depth: 8, measures, hole_count: 0 });
  });

  test('is none while a measure is missing', () => {
    expect(potOf({ ...typed(), shape: 'oval', width: '' }, 'A pot')).toBeNull();
    expect(potOf({ ...typed(), shape: 'round', width: '' }, 'A pot')).not.toBeNull();
    expect(potOf(typed(), 'A pot')).toBeNull();
  });
});

test('only what was answered stands in the address', () => {
  expect(addressOf(nothing(), null, null)).toBe('/blend/find?go=1');
  expect(addressOf({ ...nothing(), group: 'desert', speciesId: 4, hours: 48, have: [2, 7] }, 3, 5)).toBe(
    '/blend/find?go=1&group=desert&species=4&pot=3&site=5&summer=48&only=2%2C7',
  );
});
