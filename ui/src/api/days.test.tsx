// @vitest-environment happy-dom
import { act, waitFor } from '@testing-library/react';
import { describe, expect, test } from 'vitest';

import { server } from '../testing/server';
import { hooked } from '../testing/show';
import { openYard, yard } from '../testing/yard';
import { useDay } from './days';

const NEWS = 'POST /days/1/news';

/** A day that somebody looks at, read once. */
async function looking() {
  openYard();
  const { result, client } = hooked(() => useDay(1));
  await waitFor(() => expect(result.current.data).toBeTruthy());
  const again = () => act(() => client.refetchQueries({ queryKey: ['day', 1] }));

  return { seen: () => result.current, again, status: () => client.getQueryState(['day', 1])?.status };
}

describe('a day that is looked at again', () => {
  test('is asked for what changed since, with the stamps that one has', async () => {
    const { seen, again } = await looking();
    server.on(NEWS, () => new Response(null, { status: 204 }));
    const before = seen().data;
    await again();
    expect(server.asked('GET /days/1')).toHaveLength(1);
    const day = yard.day();
    expect(server.asked(NEWS)[0]?.body).toEqual({
      stamp: day.stamp,
      entries: Object.fromEntries(day.entries.map((entry) => [String(entry.id), entry.stamp])),
    });
    expect(seen().data).toBe(before);
  });

  test('takes the entries that changed, keeps the others, and follows the order that is told', async () => {
    const { seen, again } = await looking();
    const day = yard.day();
    const [first, second, third] = day.entries;
    if (first === undefined || second === undefined || third === undefined) {
      throw new Error('The day has too few plants.');
    }
    const helped = { ...second, helper: 'Orsolt', stamp: 'other' };
    server.on(NEWS, () => ({
      day: { ...day, name: 'Put off', stamp: 'later', entries: [helped] },
      order: [third.id, second.id],
    }));
    await again();
    await waitFor(() => expect(seen().data?.name).toBe('Put off'));
    expect(seen().data?.entries).toEqual([third, helped]);
    await again();
    expect(server.asked(NEWS)[1]?.body).toMatchObject({ stamp: 'later', entries: { [second.id]: 'other' } });
  });

  test('keeps what one has where nobody answers', async () => {
    const { seen, again, status } = await looking();
    await again();
    expect(status()).toBe('error');
    expect(seen().data?.entries).toHaveLength(yard.day().entries.length);
  });
});
