// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import { describe, expect, test } from 'vitest';

import type { Schemas } from '../../api/client';
import { server } from '../../testing/server';
import { show } from '../../testing/show';
import { TestNext } from './TestNext';

const next = (part: Partial<Schemas['NextTest']>): Schemas['NextTest'] => ({
  component_id: 9,
  recipe_id: null,
  name: 'Composted bark',
  kind: 'slurry_reaction',
  minutes: 15,
  wait_minutes: 30,
  tools: ['jug'],
  settles: 2,
  narrows: 0.1,
  recipes: ['Ridge pines', 'Liners'],
  ...part,
});

describe('what to test next', () => {
  test('names the tests that settle most, and leads to each', async () => {
    server.on('GET /bench/next', {
      open: 7,
      recipes: 3,
      data: [
        next({}),
        next({ component_id: null, recipe_id: 4, kind: 'mix_shrink', name: 'Liners', settles: 0, narrows: 0.066 }),
      ],
    });
    show(<TestNext />);
    expect(await screen.findByText(/7 verdicts on 3 recipes in use/)).toBeTruthy();
    expect(screen.getByText(/15 min · settles 2 of them · Ridge pines, Liners/)).toBeTruthy();
    expect(screen.getByText(/takes 6\.6% of the doubt/)).toBeTruthy();
    expect(screen.getAllByRole('link').map((link) => link.getAttribute('href'))).toEqual([
      '/bench?start=slurry_reaction&component=9',
      '/bench?start=mix_shrink&recipe=4',
    ]);
  });

  test('says nothing where no verdict is open', async () => {
    server.on('GET /bench/next', { open: 0, recipes: 3, data: [] });
    show(<TestNext />);
    await waitFor(() => expect(server.asked('GET /bench/next').length).toBe(1));
    expect(screen.queryByText('Test this next')).toBeNull();
  });
});
