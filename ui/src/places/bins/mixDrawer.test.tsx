// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, test } from 'vitest';

import type { Schemas } from '../../api/client';
import { offline, server } from '../../testing/server';
import { type Hand, show } from '../../testing/show';
import { openYard, yard } from '../../testing/yard';
import { MixDrawer } from './MixDrawer';

const batch = () => yard.batch();
const choose = async (hand: Hand, label: string, name: string) => {
  await hand.click(await screen.findByRole('combobox', { name: label }));
  const option = await waitFor(() => {
    const found = [...document.querySelectorAll<HTMLElement>('.ant-select-item-option')].find((each) =>
      each.textContent.includes(name),
    );
    expect(found).toBeDefined();

    return found as HTMLElement;
  });
  await hand.click(option);
};

describe('a reclaimed mix from a batch', () => {
  const open = async () => {
    const { hand } = show(<MixDrawer mix={null} close={() => undefined} />);
    await hand.click(await screen.findByText('Reclaimed mix'));

    return hand;
  };
  /** The shelf as it is now: every component of the batch was given another name since. */
  const renamed = (line: { component_id: number; name: string }, key: string) =>
    server.on(`GET /components/${line.component_id}`, () => ({
      ...yard.component(),
      id: line.component_id,
      key,
      name: `${line.name}, washed`,
    }));
  beforeEach(() => {
    openYard();
    batch().result.lines.forEach((line, i) => renamed(line, batch().inputs.parts[i]?.key ?? `none ${i}`));
  });

  test('takes the components of that batch under the names that they have now', async () => {
    const hand = await open();
    await choose(hand, 'From a batch', batch().name);
    for (const line of batch().result.lines) {
      expect(await screen.findByText(`${line.name}, washed`)).toBeTruthy();
    }
    const asked = server.calls.filter((call) => /^\/components\/\d+$/.test(call.path)).map((call) => call.path);
    expect(asked).toEqual(batch().result.lines.map((line) => `/components/${line.component_id}`));
  });

  test('says where that cannot be had, and keeps what is there', async () => {
    server.on(`GET /batches/${batch().id}`, offline);
    const hand = await open();
    await choose(hand, 'From a batch', batch().name);
    expect((await screen.findAllByText(/Failed to fetch|no answer/i)).length).toBeGreaterThan(0);
  });

  test('is not offered where there is no batch', async () => {
    server.on('GET /batches', () => ({ data: [], page: 1, per_page: 1, total: 0 }));
    await open();
    await waitFor(() => expect(server.asked('GET /batches').length).toBeGreaterThan(0));
    expect(screen.queryByRole('combobox', { name: 'From a batch' })).toBeNull();
  });
});

test('a part is added once, found on the shelf', async () => {
  openYard();
  const [first] = yard.components().data as [Schemas['Component']];
  const { hand } = show(<MixDrawer mix={null} close={() => undefined} />);
  await choose(hand, 'Add to the mix', first.name);
  expect(screen.getAllByText(first.name).length).toBeGreaterThan(0);
  await hand.click(screen.getByRole('combobox', { name: 'Add to the mix' }));
  await waitFor(() => expect(document.querySelectorAll('.ant-select-item-option').length).toBeGreaterThan(0));
  const offered = [...document.querySelectorAll('.ant-select-item-option')].map((each) => each.textContent);
  expect(offered.some((each) => each.includes(first.name))).toBe(false);
});

describe('a bought mix', () => {
  const mix = (): Schemas['Component'] => ({
    ...yard.component(),
    id: 40,
    name: 'Sack',
    source: 'premix',
    mix_parts: [
      { component_id: 1, component_name: 'Pumice', parts: 3, spread: 1 },
      { component_id: 2, component_name: 'Bark', parts: 1, spread: 0 },
    ],
  });

  test('shows what is known roughly as a range, takes another one, and marks what is none', async () => {
    openYard();
    server.on('PUT /mixes/40', () => mix());
    const { hand } = show(<MixDrawer mix={mix()} close={() => undefined} />);
    const pumice = await screen.findByLabelText('Parts of Pumice');
    expect((pumice as HTMLInputElement).value).toBe('2–4');
    await hand.write(screen.getByLabelText('Parts of Bark'), '2-1');
    await hand.click(screen.getByRole('button', { name: 'Save' }));
    expect(server.asked('PUT /mixes/40')).toEqual([]);
    await hand.write(screen.getByLabelText('Parts of Bark'), '1-2');
    await hand.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(server.asked('PUT /mixes/40').length).toBe(1));
    expect((server.asked('PUT /mixes/40')[0]?.body as { mix_parts: unknown }).mix_parts).toEqual([
      { component_id: 1, parts: 3, spread: 1 },
      { component_id: 2, parts: 1.5, spread: 0.5 },
    ]);
  });
});
