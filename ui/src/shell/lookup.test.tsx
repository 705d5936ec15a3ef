// @vitest-environment happy-dom

import { screen, waitFor } from '@testing-library/react';
import { Route, Routes, useLocation } from 'react-router';
import { beforeEach, describe, expect, test } from 'vitest';

import { addressOf } from '../api/lookup';
import { useShortcuts } from '../kit/hooks/useShortcuts';
import { offline, server } from '../testing/server';
import { show } from '../testing/show';
import { openYard } from '../testing/yard';
import { Shell } from './Shell';

beforeEach(openYard);

const HITS = [
  { kind: 'plant', id: 1, name: 'Gate pine', of: 'T-001', line: '', archived: false },
  { kind: 'plant_note', id: 13, name: '', of: 'T-013 Larch', line: 'Two new shoots by the gate.', archived: false },
  { kind: 'recipe', id: 4, name: 'Gate mix', of: '', line: '', archived: true },
] as const;

function Where() {
  return <p data-where>{useLocation().pathname}</p>;
}

const frame = (place = <Where />) =>
  show(
    <Shell isDim={false} setDim={() => undefined}>
      <Routes>
        <Route path="*" element={place} />
      </Routes>
    </Shell>,
    '/today',
  );

describe('finding anything', () => {
  test('opens by keys, goes up and down, and Enter leads there', async () => {
    server.on('GET /lookup', () => ({ data: HITS }));
    const { hand } = frame();
    await hand.keyboard('{Control>}k{/Control}');
    const field = await screen.findByRole('combobox', { name: 'Look for' });
    await hand.type(field, 'gate');
    const options = await screen.findAllByRole('option');
    expect(options.map((option) => option.textContent)).toEqual([
      'T-001 Gate pineplant',
      'T-013 Larchnote of a plant: Two new shoots by the gate.',
      'Gate mixrecipe, in the archive',
    ]);
    expect(options[0]?.getAttribute('aria-selected')).toBe('true');
    await hand.keyboard('{ArrowDown}');
    expect(field.getAttribute('aria-activedescendant')).toBe(options[1]?.id);
    await hand.keyboard('{Enter}');
    await waitFor(() => expect(document.querySelector('[data-where]')?.textContent).toBe('/plants/13'));
    expect(server.asked('GET /lookup').at(-1)?.path).toContain('q=gate');
  });

  test('a slash opens it, one letter asks nothing, and nothing found is said', async () => {
    server.on('GET /lookup', () => ({ data: [] }));
    const { hand } = frame();
    await hand.keyboard('/');
    const field = await screen.findByRole('combobox', { name: 'Look for' });
    await hand.type(field, 'g');
    await screen.findByText(/From two characters on/);
    expect(server.asked('GET /lookup')).toEqual([]);
    await hand.type(field, 'nome');
    expect(await screen.findByText(/Nothing is called “gnome”/)).toBeTruthy();
  });

  test('a list keeps the slash for its own search, Ctrl+K finds from there too', async () => {
    const searched = { count: 0 };
    const keys = { '/': () => void (searched.count += 1) };
    function List() {
      useShortcuts(keys);

      return <p>a list</p>;
    }
    const { hand } = frame(<List />);
    await screen.findByText('a list');
    await hand.keyboard('/');
    expect(searched.count).toBe(1);
    expect(screen.queryByRole('combobox', { name: 'Look for' })).toBeNull();
    await hand.keyboard('{Control>}k{/Control}');
    expect(await screen.findByRole('combobox', { name: 'Look for' })).toBeTruthy();
    expect(searched.count).toBe(1);
  });

  test('a server that is silent is told', async () => {
    server.on('GET /lookup', offline);
    const { hand } = frame();
    await hand.click(screen.getByRole('button', { name: 'Find' }));
    await hand.type(await screen.findByRole('combobox', { name: 'Look for' }), 'pine');
    expect(await screen.findByText(/does not answer|not reached|offline|cannot be reached/i)).toBeTruthy();
    expect(screen.queryAllByRole('option')).toEqual([]);
  });

  test.each([
    ['plant_note', '/plants/7'],
    ['recipe', '/blend?recipe=7'],
    ['lot', '/bins/7'],
    ['component', '/bins/7'],
    ['pot', '/pots?open=7'],
    ['batch', '/log/7'],
    ['day', '/days/7'],
    ['site', '/season/weather?site=7'],
    ['fertiliser', '/fertilisers?open=7'],
    ['zone', '/season/zones?zone=7'],
    ['trial', '/log/trials/7'],
  ] as const)('a %s is opened at %s', (kind, address) =>
    expect(addressOf({ kind, id: 7, name: '', of: '', line: '', archived: false })).toBe(address),
  );
});
