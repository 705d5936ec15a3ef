// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import { useState } from 'react';
import { beforeEach, describe, expect, test, vi } from 'vitest';

import type { Schemas } from '../../api/client';
import { usePots } from '../../api/pots';
import { type Call, later, server } from '../../testing/server';
import { show } from '../../testing/show';
import { openYard, yard } from '../../testing/yard';
import { ComponentPicker } from './ComponentPicker';
import { RecordPicker } from './RecordPicker';
import { SpeciesPicker } from './SpeciesPicker';

const query = (call: Call) => Object.fromEntries(new URLSearchParams(call.path.split('?')[1] ?? ''));
const lastQuery = (question: string) => query(server.asked(question).at(-1) as Call);
const shown = () => [...document.querySelectorAll('.ant-select-item-option')].map((each) => each.textContent);
const pick = (name: string) =>
  [...document.querySelectorAll<HTMLElement>('.ant-select-item-option')].find((each) =>
    each.textContent.includes(name),
  ) as HTMLElement;

/** A server with 201 pots that searches them as the true one does. */
function manyPots(): Schemas['Pot'][] {
  const [pot] = yard.pots();
  const pots = Array.from(
    { length: 201 },
    (_, i) => ({ ...pot, id: i + 1, name: `Row ${String(i).padStart(3, '0')}` }) as Schemas['Pot'],
  );
  server.on('GET /pots', (call: Call) => {
    const { search = '', with: kept, per_page: most } = query(call);
    const found = pots.filter((each) => each.name.includes(search)).slice(0, Number(most));
    const chosen = pots.filter((each) => String(each.id) === kept && !found.includes(each));

    return { data: [...chosen, ...found], page: 1, per_page: Number(most), total: pots.length };
  });

  return pots;
}

interface PotsProps {
  first: number | null;
  onPick: (id: number | null) => void;
  none?: boolean;
  ask?: () => void;
}

function Pots({ first, onPick, none, ask }: PotsProps) {
  const [value, setValue] = useState(first);
  const take = (id: number | null) => {
    setValue(id);
    onPick(id);
  };

  return (
    <RecordPicker
      label="Pot"
      useList={usePots}
      value={value}
      fits={(pot) => pot.id !== 2}
      {...(none === true ? { none: { label: 'no pot', pick: () => take(null) } } : {})}
      {...(ask === undefined ? {} : { ask: { label: 'Which pot?', pick: ask } })}
      onPick={({ id }) => take(id)}
    />
  );
}

describe('a picker of records', () => {
  const picked = vi.fn();
  beforeEach(() => {
    picked.mockReset();
    manyPots();
  });
  const field = () => screen.findByRole('combobox', { name: 'Pot' });

  test('shows the name of what is chosen, however far down it is', async () => {
    show(<Pots first={201} onPick={picked} />);
    expect(await screen.findByText('Row 200')).toBeTruthy();
    expect(lastQuery('GET /pots')).toEqual({ per_page: '200', with: '201' });
  });

  test('finds row 201 by its name, and takes it', async () => {
    const { hand } = show(<Pots first={null} onPick={picked} />);
    await hand.click(await field());
    await waitFor(() => expect(shown()[0]).toBe('Row 000'));
    expect(shown()).not.toContain('Row 200');
    await hand.type(await field(), '200');
    await waitFor(() => expect(shown()).toEqual(['Row 200']));
    await hand.click(pick('Row 200'));
    expect(picked.mock.calls).toEqual([[201]]);
  });

  test('leaves out what cannot be chosen, but not what was chosen once', async () => {
    const { hand } = show(<Pots first={2} onPick={picked} />);
    await hand.click(await field());
    await waitFor(() => expect(shown()).toContain('Row 001'));
    await hand.click(pick('Row 000'));
    await hand.click(await field());
    await waitFor(() => expect(shown()).not.toContain('Row 001'));
  });

  test('offers none where none may be chosen, and not among what is searched for', async () => {
    const { hand } = show(<Pots first={3} none onPick={picked} />);
    await hand.click(await field());
    await waitFor(() => expect(shown()[0]).toBe('no pot'));
    await hand.type(await field(), '19');
    await waitFor(() => expect(shown()).not.toContain('no pot'));
    await hand.clear(await field());
    await waitFor(() => expect(shown()[0]).toBe('no pot'));
    await hand.click(pick('no pot'));
    expect(picked.mock.calls).toEqual([[null]]);
  });

  test('asks a question that is answered elsewhere, and keeps what was chosen', async () => {
    const ask = vi.fn();
    const { hand } = show(<Pots first={3} ask={ask} onPick={picked} />);
    await hand.click(await field());
    await waitFor(() => expect(shown()[0]).toBe('Which pot?'));
    await hand.click(pick('Which pot?'));
    expect(ask).toHaveBeenCalledTimes(1);
    expect(picked).not.toHaveBeenCalled();
    expect((await screen.findAllByTitle('Row 002')).length).toBeGreaterThan(0);
  });

  test('says that nothing is found, and that it still looks', async () => {
    const slow = later<unknown>();
    server.on('GET /pots', () => slow.promise);
    const { hand } = show(<Pots first={null} onPick={picked} />);
    await hand.click(await field());
    expect(await screen.findByText('Loading …')).toBeTruthy();
    slow.give({ data: [], page: 1, per_page: 50, total: 0 });
    expect(await screen.findByText('Nothing is called that.')).toBeTruthy();
  });
});

describe('a picker of components', () => {
  beforeEach(openYard);

  test('asks for what lies on the shelf first, says how much, and leaves out what is in the mix', async () => {
    const [first, second] = yard.components().data;
    const picked = vi.fn();
    const { hand } = show(<ComponentPicker label="Add" without={[first?.id ?? 0]} onPick={picked} />);
    await hand.click(screen.getByRole('combobox', { name: 'Add' }));
    await waitFor(() => expect(shown().some((each) => each.includes(second?.name ?? '?'))).toBe(true));
    expect(shown().some((each) => each.includes(first?.name ?? '?'))).toBe(false);
    expect(lastQuery('GET /components')).toEqual({ per_page: '60', sort: '-stock_l' });
    expect(shown().every((each) => / L|not in stock|none/i.test(each))).toBe(true);
    await hand.click(pick(second?.name ?? '?'));
    expect(picked).toHaveBeenCalledWith(expect.objectContaining({ id: second?.id }));
  });

  test('searches on the server', async () => {
    const { hand } = show(<ComponentPicker label="Add" onPick={() => undefined} />);
    await hand.type(screen.getByRole('combobox', { name: 'Add' }), 'lav');
    await waitFor(() => expect(lastQuery('GET /components')).toMatchObject({ search: 'lav' }));
  });
});

describe('a picker of plants', () => {
  beforeEach(openYard);
  const field = () => screen.getByRole('combobox', { name: 'Plant' });
  const open = (speciesId: number | null, onPick = vi.fn()) => ({
    onPick,
    ...show(<SpeciesPicker group="airy_conifers" speciesId={speciesId} onPick={onPick} />),
  });

  test('offers groups, the library and plants that nobody can name, each under its head', async () => {
    const { hand } = open(null);
    await hand.click(field());
    const heads = await waitFor(() => {
      const found = [...document.querySelectorAll('.ant-select-item-group')].map((each) => each.textContent);
      expect(found.length).toBeGreaterThan(1);

      return found;
    });
    expect(new Set(heads).size).toBe(heads.length);
    expect(lastQuery('GET /species')).toEqual({ per_page: '200', sort: '-unidentified' });
  });

  test('finds a group by its own name, and a plant by asking', async () => {
    server.on('GET /species', (call: Call) =>
      query(call)['search'] === 'aloe'
        ? { data: [{ ...yard.species()[0], id: 77, name: 'Aloe of the attic', plant_group: 'desert' }] }
        : { data: [] },
    );
    const { hand, onPick } = open(null);
    await hand.type(field(), 'aloe');
    await waitFor(() => expect(shown().join()).toContain('Aloe of the attic'));
    await hand.click(pick('Aloe of the attic'));
    expect(onPick.mock.calls).toEqual([['desert', 77]]);
    await hand.type(field(), 'conifer');
    await waitFor(() => expect(shown().length).toBeGreaterThan(0));
    expect(shown().every((each) => /conifer/i.test(each))).toBe(true);
  });

  test('shows the plant that is chosen by its name, and its group until that is known', async () => {
    const one = yard.species()[0] as Schemas['Species'];
    open(one.id);
    const box = field().closest('.ant-select') as HTMLElement;
    expect(await within(box).findByText(one.name)).toBeTruthy();
    expect(lastQuery('GET /species')).toMatchObject({ with: String(one.id) });
  });
});
