// @vitest-environment happy-dom
import { waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, test } from 'vitest';

import { offline, refused, server } from '../testing/server';
import { hooked } from '../testing/show';
import { openYard, yard } from '../testing/yard';
import { ApiProblem } from './client';
import { type Effect, newTap, outbox, tellOrKeep, useSending } from './outbox';
import { UNSENT_LOAD, withUnsent } from './unsentDay';

const tick = (component: number) =>
  newTap({
    method: 'PUT',
    path: '/days/1/ticks',
    body: { component_id: component },
    effect: { kind: 'tick', day: 1, recipe: 1, number: 1, component, ticked: true },
  });
const water = (plant: number) =>
  newTap({
    method: 'POST',
    path: `/plants/${plant}/moisture`,
    body: { verdict: 'water' },
    effect: { kind: 'water', plant, verdict: 'water' },
  });
const bodies = (question: string) => server.asked(question).map(({ body }) => body);
const unavailable = () => new Response('<html>', { status: 502 });

beforeEach(() => {
  localStorage.clear();
  outbox.reread();
});

describe('a tap', () => {
  test('is told at once, by its name, and nothing is kept', async () => {
    server.on('PUT /days/1/ticks', { recipe_id: 1, ticked: [] });
    expect(await tellOrKeep(tick(7))).toEqual({ recipe_id: 1, ticked: [] });
    expect(outbox.all()).toEqual([]);
  });

  test.each([
    ['nobody answers', offline],
    ['a server in between answers for one that is not there', unavailable],
  ])('is kept where %s, and again behind the one before even when it could be told', async (_, silence) => {
    server.on('PUT /days/1/ticks', silence);
    expect(await tellOrKeep(tick(7))).toBeNull();
    expect(await tellOrKeep(tick(8))).toBeNull();
    expect(outbox.all().map(({ body }) => body)).toEqual([{ component_id: 7 }, { component_id: 8 }]);
    server.on('PUT /days/1/ticks', {});
    server.calls = [];
    expect(await tellOrKeep(tick(9))).toBeNull();
    await waitFor(() => expect(outbox.all()).toEqual([]));
    expect(bodies('PUT /days/1/ticks')).toEqual([{ component_id: 7 }, { component_id: 8 }, { component_id: 9 }]);
  });

  test('that is refused at once is the page’s to tell, and is not kept', async () => {
    server.on('PUT /days/1/ticks', () => refused({ path: 'recipe_id', message: 'This day is finished.' }));
    await expect(tellOrKeep(tick(7))).rejects.toThrow('This day is finished.');
    await expect(tellOrKeep(tick(7))).rejects.toBeInstanceOf(ApiProblem);
    expect(outbox.all()).toEqual([]);
  });

  test('outlives a reload, with its name and its time', async () => {
    server.on('POST /plants/3/moisture', offline);
    await tellOrKeep(water(3));
    const kept = outbox.all();
    outbox.reread();
    expect(outbox.all()).toEqual(kept);
    expect(outbox.all()).not.toBe(kept);
    server.on('POST /plants/3/moisture', {});
    await outbox.send();
    expect(bodies('POST /plants/3/moisture').at(-1)).toEqual({ verdict: 'water', at: kept[0]?.at });
  });

  test('of an outbox that somebody wrote over begins anew', () => {
    localStorage.setItem('zolbek.unsent', '{"not a list"');
    outbox.reread();
    expect(outbox.all()).toEqual([]);
  });
});

describe('what waits', () => {
  test('goes in order; what is refused stays with its sentence and does not hold up the next one', async () => {
    server.on('PUT /days/1/ticks', offline);
    server.on('POST /plants/3/moisture', offline);
    await tellOrKeep(tick(7));
    await tellOrKeep(tick(8));
    await tellOrKeep(water(3));
    server.calls = [];
    server.on('PUT /days/1/ticks', () => refused({ path: 'recipe_id', message: 'The mix is closed.' }));
    server.on('POST /plants/3/moisture', {});
    expect(await outbox.send()).toBe(true);
    expect(server.calls.map(({ path }) => path)).toEqual(['/days/1/ticks', '/days/1/ticks', '/plants/3/moisture']);
    expect(outbox.all().map((each) => each.refused)).toEqual(['The mix is closed.', 'The mix is closed.']);
    expect(outbox.isWaiting()).toBe(false);
    outbox.drop(outbox.all()[0]?.id ?? '');
    expect(outbox.all()).toHaveLength(1);
  });

  test('stops at the first that is not reached, and at who is not known any more', async () => {
    server.on('PUT /days/1/ticks', offline);
    await tellOrKeep(tick(7));
    await tellOrKeep(tick(8));
    server.calls = [];
    server.on('PUT /days/1/ticks', () => new Response('{"message":"Sign in first","errors":[]}', { status: 401 }));
    expect(await outbox.send()).toBe(false);
    expect(server.asked('PUT /days/1/ticks')).toHaveLength(1);
    expect(outbox.all().map((each) => each.refused)).toEqual([null, null]);
  });

  test('is not sent twice by two that ask at once', async () => {
    server.on('PUT /days/1/ticks', offline);
    await tellOrKeep(tick(7));
    server.calls = [];
    server.on('PUT /days/1/ticks', {});
    await Promise.all([outbox.send(), outbox.send()]);
    expect(server.asked('PUT /days/1/ticks')).toHaveLength(1);
  });

  test('goes as soon as the application is open, and when the device says that it is connected', async () => {
    server.on('PUT /days/1/ticks', offline);
    await tellOrKeep(tick(7));
    server.on('PUT /days/1/ticks', {});
    const { unmount } = hooked(() => useSending());
    await waitFor(() => expect(outbox.all()).toEqual([]));
    server.on('PUT /days/1/ticks', offline);
    await tellOrKeep(tick(8));
    server.on('PUT /days/1/ticks', {});
    window.dispatchEvent(new Event('online'));
    await waitFor(() => expect(outbox.all()).toEqual([]));
    unmount();
  });
});

describe('a day with taps that were not sent', () => {
  beforeEach(openYard);
  const unsent = (effect: Effect, body: object = {}) => ({
    ...newTap({ method: 'POST', path: '/', body, effect }),
    refused: null,
  });

  test('has the tick, without what is taken off again', () => {
    const day = yard.day();
    const mix = day.mixes[0];
    const [number, recipe] = [mix?.load_plan[0]?.number ?? 1, mix?.recipe_id ?? 0];
    const on = (component: number, ticked: boolean) =>
      unsent({ kind: 'tick', day: day.id, recipe, number, component, ticked });
    const ticked = withUnsent(day, [on(7, true), on(8, true), on(7, false)]).mixes[0]?.ticked;
    expect(ticked?.find((load) => load.number === number)?.component_ids.filter((id) => id === 7 || id === 8)).toEqual([
      8,
    ]);
  });

  test('has the load mixed and goes on to the next one', () => {
    const day = yard.day();
    const mix = day.mixes[0];
    const planned = mix?.load_plan[0];
    const after = withUnsent(day, [
      unsent(
        { kind: 'load', day: day.id, recipe: mix?.recipe_id ?? 0, number: planned?.number ?? 0 },
        { person: 'Ilka' },
      ),
    ]).mixes[0];
    expect(after?.load_plan).not.toContain(planned);
    expect(after?.mixed.at(-1)).toMatchObject({ id: UNSENT_LOAD, number: planned?.number, person: 'Ilka' });
  });

  test('has the plant potted, leaves other days alone, and forgets what was refused', () => {
    const day = yard.day();
    const entry = day.entries.find(({ state }) => state === 'planned');
    const potted = (of: number) => unsent({ kind: 'entry', day: of, entry: entry?.id ?? 0, state: 'done' });
    const stateOf = (shown: typeof day) => shown.entries.find(({ id }) => id === entry?.id)?.state;
    expect(stateOf(withUnsent(day, [potted(day.id)]))).toBe('done');
    expect(stateOf(withUnsent(day, [potted(day.id + 1)]))).toBe('planned');
    expect(stateOf(withUnsent(day, [{ ...potted(day.id), refused: 'No.' }]))).toBe('planned');
  });
});
