// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, test, vi } from 'vitest';

import type { Schemas } from '../../../api/client';
import { offline, refused, server } from '../../../testing/server';
import { show } from '../../../testing/show';
import { openYard, yard } from '../../../testing/yard';
import { BlendProvider, useBlend } from '../state/BlendProvider';
import { emptyMix, type Mix, opened } from '../state/mix';
import { keepComparison, keptComparison } from '../state/comparison';
import CardPage from './CardPage';
import CompareMixesPage from './CompareMixesPage';
import { RecipeBar } from './RecipeBar';
import { SaveRecipe } from './SaveRecipe';
import { UsedFor } from './UsedFor';
import { VersionsDrawer } from './VersionsDrawer';

const recipe = () => yard.recipes()[0] as Schemas['Recipe'];
const left = (changed: Partial<Mix> = {}): Mix => ({ ...opened({ ...emptyMix(), potId: 3 }, recipe()), ...changed });
const keep = (mix: Mix) => sessionStorage.setItem('zolbek.mix', JSON.stringify(mix));
const bench = () => JSON.parse(sessionStorage.getItem('zolbek.mix') ?? '{}') as Mix;
const around = (what: React.ReactNode) => <BlendProvider>{what}</BlendProvider>;

beforeEach(() => {
  openYard();
  server.on(`GET /recipes/${recipe().id}/versions`, () => ({
    data: [
      {
        number: 2,
        plant_group: 'broadleaf_deciduous',
        reason: 'Dried out by noon',
        made_at: '2026-04-02T09:00:00Z',
        parts: recipe().parts.map((part) => ({ ...part, key: 'k', name: part.component_name })),
        changes: [
          { name: 'Pumice 3-6 mm', from: 4, to: 3, prepared: false },
          { name: 'Horticultural grit 2-5 mm', from: null, to: 1, prepared: false },
          { name: 'Sand', from: 1, to: null, prepared: false },
          { name: 'Bark', from: 2, to: 2, prepared: true },
        ],
      },
      {
        number: 1,
        plant_group: 'broadleaf_deciduous',
        reason: '',
        made_at: '2025-03-01T09:00:00Z',
        parts: recipe()
          .parts.slice(0, 2)
          .map((part) => ({ ...part, key: 'k', name: part.component_name, parts: 7 })),
        changes: [],
      },
    ],
  }));
});

describe('saving a recipe', () => {
  const close = vi.fn();
  const open = (isChanged: boolean, mix = left()) => {
    keep(mix);

    return show(around(<SaveRecipe open isChanged={isChanged} close={close} />));
  };
  const press = (name: string) => within(screen.getByRole('dialog')).getByRole('button', { name });
  beforeEach(() => close.mockReset());

  test('sends the mix with its name, tags and why it changes', async () => {
    server.on(`PUT /recipes/${recipe().id}`, () => ({ ...recipe(), version: 3 }));
    const { hand } = open(true);
    await hand.write(screen.getByLabelText('Why does it change?'), 'Wetter summers');
    await hand.click(press('Save'));
    await waitFor(() => expect(close).toHaveBeenCalled());
    expect(server.asked(`PUT /recipes/${recipe().id}`).map((call) => call.body)).toMatchObject([
      {
        name: recipe().name,
        note: recipe().note,
        tags: recipe().tags,
        reason: 'Wetter summers',
        plant_group: recipe().plant_group,
        parts: recipe().parts.map(({ component_id, parts }) => ({ component_id, parts })),
      },
    ]);
  });

  test('asks for no reason where the mix is as written', () => {
    open(false);
    expect(screen.queryByLabelText('Why does it change?')).toBeNull();
  });

  test('a reason that is missing is said at its field, and nothing typed is lost', async () => {
    server.on(`PUT /recipes/${recipe().id}`, () => refused({ path: 'reason', message: 'Say why it changes.' }));
    const { hand } = open(true);
    await hand.write(screen.getByLabelText('Note'), 'For the north bench');
    await hand.click(press('Save'));
    expect(await screen.findByText('Say why it changes.')).toBeTruthy();
    expect(screen.getByLabelText<HTMLTextAreaElement>('Note').value).toBe('For the north bench');
    expect(close).not.toHaveBeenCalled();
  });

  test('where nobody answers it says so and stays open', async () => {
    server.on(`PUT /recipes/${recipe().id}`, offline);
    const { hand } = open(false);
    await hand.click(press('Save'));
    expect((await screen.findAllByRole('alert')).length).toBeGreaterThan(0);
    expect(close).not.toHaveBeenCalled();
  });

  test('as a new one it needs another name, and no reason', async () => {
    server.on('POST /recipes', () => ({ ...recipe(), id: 44, name: 'Brook maples, dry' }));
    const { hand } = open(true);
    expect(press('Save as new').hasAttribute('disabled')).toBe(true);
    await hand.write(screen.getByLabelText('Name of the recipe'), 'Brook maples, dry');
    await hand.click(press('Save as new'));
    await waitFor(() => expect(close).toHaveBeenCalled());
    expect(server.asked('POST /recipes')[0]?.body).toMatchObject({ name: 'Brook maples, dry', reason: '' });
    expect(bench()).toMatchObject({ recipeId: 44, recipeName: 'Brook maples, dry' });
  });

  test('a mix with a part that is no number cannot be saved', () => {
    open(false, left({ rows: left().rows.map((row) => ({ ...row, text: 'some' })) }));
    expect(press('Save').hasAttribute('disabled')).toBe(true);
  });
});

describe('versions of a recipe', () => {
  const open = () => {
    keep(left());

    return show(around(<VersionsDrawer open close={() => undefined} />), '/blend');
  };

  test('are told with their reasons and what changed in words', async () => {
    open();
    expect(await screen.findByText('Dried out by noon')).toBeTruthy();
    expect(screen.getByText('the first')).toBeTruthy();
    for (const said of [
      'Pumice 3-6 mm: 4 → 3',
      'Horticultural grit 2-5 mm in, 1',
      'Sand out (was 1)',
      'Bark prepared otherwise',
    ]) {
      expect(screen.getByText(said)).toBeTruthy();
    }
  });

  test('one of them is opened on the bench', async () => {
    const { hand } = open();
    await hand.click((await screen.findAllByRole('button', { name: 'Open it' }))[1] as HTMLElement);
    expect(bench().rows.map((row) => row.text)).toEqual(['7', '7']);
    expect(bench().recipeId).toBe(recipe().id);
  });

  test('one is set beside the one before, which has none before it', async () => {
    const { hand } = open();
    const compare = await screen.findAllByRole('button', { name: 'What did it do to the pot?' });
    expect(compare).toHaveLength(1);
    await hand.click(compare[0] as HTMLElement);
    expect(screen.getByLabelText('address').textContent).toBe('/blend/compare');
    expect(keptComparison().map((item) => item.label)).toEqual([
      `${recipe().name}, version 1`,
      `${recipe().name}, version 2`,
    ]);
  });
});

describe('mixes side by side', () => {
  const open = () => {
    keep(left());

    return show(around(<CompareMixesPage />), '/blend/compare');
  };
  const asked = () =>
    server
      .asked('POST /compare')
      .map((call) => (call.body as Schemas['ComparisonInput']).items.map((one) => one.label));

  test('one alone asks for something beside it', async () => {
    open();
    expect(await screen.findByText('Add something to set beside it.')).toBeTruthy();
    expect(asked()).toEqual([]);
  });

  test('two are compared, what differs most said first, and kept for later', async () => {
    const { hand, unmount } = open();
    await hand.click(await screen.findByRole('button', { name: 'The mix on the bench' }));
    await waitFor(() => expect(asked()).toHaveLength(1));
    const said = await screen.findByRole('region', { name: /What differs most/ });
    expect(within(said).getAllByRole('listitem').length).toBe(yard.comparison().differences.length);
    expect(screen.getAllByRole('columnheader')).toHaveLength(2);
    // plant, pot, place and water stand over the figures, and the best of a line says so
    expect(screen.getByRole('rowheader', { name: 'Somebody comes by' }).nextElementSibling?.textContent).toBe(
      'every day',
    );
    const cost = screen.getByRole('rowheader', { name: 'cost of a pot' }).parentElement as HTMLElement;
    expect([...cost.querySelectorAll('td')].map((cell) => cell.textContent?.match(/[▲▽] \w+/)?.[0])).toEqual([
      '▲ best',
      '▽ worst',
    ]);
    unmount();
    server.calls.splice(0);
    open();
    await waitFor(() => expect(asked()).toEqual([[recipe().name, recipe().name]]));
  });

  test('no more than so many, and one taken out makes room', async () => {
    const { hand } = open();
    const add = await screen.findByRole('button', { name: 'The mix on the bench' });
    for (let more = 1; more < 12; more += 1) {
      await hand.click(add);
    }
    expect(add.hasAttribute('disabled')).toBe(true);
    expect(screen.getByText('No more than 12 stand side by side.')).toBeTruthy();
    await hand.click((await screen.findAllByRole('button', { name: /out of the comparison/ }))[0] as HTMLElement);
    expect(add.hasAttribute('disabled')).toBe(false);
  });

  test('says when the mix on the bench was changed since, and takes it as it is now', async () => {
    const { hand, unmount } = open();
    await hand.click(await screen.findByRole('button', { name: 'The mix on the bench' }));
    await screen.findAllByRole('columnheader');
    expect(screen.queryByText(/was changed since/)).toBeNull();
    unmount();
    const rows = left().rows.map((row, i) => (i === 0 ? { ...row, text: '9' } : row));
    keep(left({ rows }));
    show(around(<CompareMixesPage />), '/blend/compare');
    expect(await screen.findAllByText(/The mix on the bench was changed since/)).toHaveLength(2);
    await hand.click(screen.getAllByRole('button', { name: 'Take it as it is now' })[0] as HTMLElement);
    await waitFor(() => expect(screen.getAllByText(/was changed since/)).toHaveLength(1));
    expect(keptComparison()[0]?.question.parts[0]?.parts).toBe(9);
  });

  test('all of them are put into another pot, and the cost is that of so many pots', async () => {
    const pot = yard.pots()[2] as Schemas['Pot'];
    const { hand } = open();
    await hand.click(await screen.findByRole('combobox', { name: 'All of these in another pot' }));
    await hand.click(
      await waitFor(() => {
        const found = [...document.querySelectorAll<HTMLElement>('.ant-select-item-option')].find(
          (each) => each.textContent === pot.name,
        );
        expect(found).toBeDefined();

        return found as HTMLElement;
      }),
    );
    await waitFor(() => expect(asked().at(-1)).toEqual([recipe().name, `${recipe().name}, in ${pot.name}`]));
    await hand.write(screen.getByLabelText('Pots to fill'), '20');
    const row = (await screen.findByRole('rowheader', { name: 'cost of 20 pots' })).parentElement as HTMLElement;
    const one = yard.comparison().items[0]?.figures.cost ?? 0;
    expect(row.querySelector('td')?.textContent).toContain((one * 20).toFixed(2).slice(0, 4));
  });

  test('another recipe and another pot are found by the server', async () => {
    const other = yard.recipes()[1] as Schemas['Recipe'];
    const pot = yard.pots()[2] as Schemas['Pot'];
    const { hand } = open();
    const take = async (label: string, name: string) => {
      await hand.click(await screen.findByRole('combobox', { name: label }));
      const option = await waitFor(() => {
        const found = [...document.querySelectorAll<HTMLElement>('.ant-select-item-option')].find(
          (each) => each.textContent === name,
        );
        expect(found).toBeDefined();

        return found as HTMLElement;
      });
      await hand.click(option);
    };
    await take('Add a recipe', other.name);
    await take('Add the same in another pot', pot.name);
    await waitFor(() =>
      expect(asked().at(-1)).toEqual([recipe().name, other.name, `${recipe().name}, in ${pot.name}`]),
    );
    expect(keptComparison()[2]?.question).toMatchObject({ pot_id: pot.id });
  });

  test('what is refused is said', async () => {
    server.on('POST /compare', () => refused({ path: 'items.0.question.pot_id', message: 'That pot is gone.' }));
    const { hand } = open();
    await hand.click(await screen.findByRole('button', { name: 'The mix on the bench' }));
    expect(await screen.findByText('That pot is gone.')).toBeTruthy();
  });

  test.each(['no json', '{"a":1}', ''])('kept as %s it begins anew', async (text) => {
    keepComparison([]);
    sessionStorage.setItem('zolbek.comparison', text);
    open();
    expect(await screen.findByText('Add something to set beside it.')).toBeTruthy();
  });
});

describe('a recipe card', () => {
  test('says the parts with their shares, the pot and where it stands', async () => {
    keep(left({ situation: { ...left().situation, siteId: yard.sites()[0]?.id ?? 0 } }));
    show(around(<CardPage />));
    const card = await screen.findByRole('article');
    expect(within(card).getByRole('heading', { level: 1 }).textContent).toBe(recipe().name);
    const rows = within(card).getAllByRole('row').slice(1, -1);
    expect(rows.map((row) => row.lastElementChild?.textContent)).toEqual(['40%', '30%', '20%', '10%']);
    expect(await within(card).findByText(new RegExp(yard.pots()[0]?.name ?? '?'))).toBeTruthy();
    expect(await within(card).findByText(new RegExp(yard.sites()[0]?.name ?? '?'))).toBeTruthy();
  });

  test('without a mix there is none', async () => {
    show(around(<CardPage />));
    expect(await screen.findByText('There is no mix on the bench to make a card of.')).toBeTruthy();
  });
});

describe('the bar of recipes', () => {
  function Bar() {
    const { history } = useBlend();

    return (
      <>
        <RecipeBar
          isChanged={false}
          saving={false}
          setSaving={saving}
          tools={[{ key: 'own', label: 'Own tool', act: tool }]}
        />
        <output aria-label="open">{history.now.recipeName}</output>
      </>
    );
  }
  const saving = vi.fn();
  const tool = vi.fn();
  const open = (mix = left()) => {
    keep(mix);

    return show(around(<Bar />), '/blend');
  };
  const more = async (hand: ReturnType<typeof open>['hand'], name: string) => {
    await hand.click(screen.getByRole('button', { name: 'More to do with this mix' }));
    await hand.click(await screen.findByRole('menuitem', { name }));
  };
  beforeEach(() => {
    saving.mockReset();
    tool.mockReset();
  });

  test('opens another recipe', async () => {
    const { hand } = open();
    await hand.click(screen.getByRole('combobox', { name: 'Open a recipe' }));
    const other = yard.recipes()[2]?.name ?? '?';
    await waitFor(() => expect(document.querySelectorAll('.ant-select-item-option').length).toBeGreaterThan(2));
    await hand.click(
      [...document.querySelectorAll<HTMLElement>('.ant-select-item-option')].find((each) =>
        each.textContent.includes(other),
      ) as HTMLElement,
    );
    expect(screen.getByLabelText('open').textContent).toBe(other);
  });

  test('leads to who stands in it and how it turned out', async () => {
    const { hand } = open();
    await more(hand, 'Who stands in it, and how it turned out');
    await waitFor(() => expect(screen.getByLabelText('address').textContent).toBe('/log/mixes'));
  });

  test('begins a new mix in the same pot', async () => {
    const { hand } = open();
    await hand.click(screen.getByRole('button', { name: 'New mix' }));
    expect(bench()).toMatchObject({ rows: [], recipeId: null, potId: 3, group: recipe().plant_group });
    expect(screen.getByRole('button', { name: 'Save' }).hasAttribute('disabled')).toBe(true);
  });

  test('archives a recipe with a way back; its mix stays on the bench', async () => {
    const address = `PUT /recipes/${recipe().id}/archived`;
    server.on(address, () => recipe());
    const { hand } = open();
    await more(hand, 'Archive this recipe');
    await waitFor(() => expect(bench().recipeId).toBeNull());
    expect(bench().rows).toHaveLength(4);
    await hand.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() =>
      expect(server.asked(address).map((call) => call.body)).toEqual([{ archived: true }, { archived: false }]),
    );
    expect(bench().recipeId).toBe(recipe().id);
  });

  test('a copy is named after it and asks to be saved', async () => {
    const { hand } = open();
    await more(hand, 'Save a copy');
    expect(bench()).toMatchObject({ recipeId: null, recipeName: `${recipe().name}, copy` });
    expect(saving).toHaveBeenCalledWith(true);
  });

  test('has the tools that it is given, and goes to compare and card', async () => {
    const { hand } = open();
    await more(hand, 'Own tool');
    expect(tool).toHaveBeenCalledOnce();
    await more(hand, 'Recipe card');
    expect(screen.getByLabelText('address').textContent).toBe('/blend/card');
  });

  test('takes in a file, and says what is wrong with one that is none', async () => {
    server.on('POST /recipe-files', () => ({ ...recipe(), id: 50, name: 'From a friend' }));
    const { hand } = open();
    await more(hand, 'Take in a recipe file');
    const field = await waitFor(() => {
      const found = document.querySelector<HTMLInputElement>('input[type=file]');
      expect(found).not.toBeNull();

      return found as HTMLInputElement;
    });
    await hand.upload(field, new File(['{"recipe":1}'], 'mix.json', { type: 'application/json' }));
    await waitFor(() => expect(screen.getByLabelText('open').textContent).toBe('From a friend'));
  });

  test('says what is wrong with a file that is none, and leaves the mix', async () => {
    server.on('POST /recipe-files', () => refused({ path: 'recipe.name', message: 'The file names no recipe.' }));
    const { hand } = open();
    await more(hand, 'Take in a recipe file');
    const field = await waitFor(() => {
      const found = document.querySelector<HTMLInputElement>('input[type=file]');
      expect(found).not.toBeNull();

      return found as HTMLInputElement;
    });
    await hand.upload(field, new File(['{"recipe":1}'], 'mix.json', { type: 'application/json' }));
    expect(await screen.findByText(/The file names no recipe|recipe\.name/)).toBeTruthy();
    expect(screen.getByLabelText('open').textContent).toBe(recipe().name);
  });
});

describe('what a recipe is used for', () => {
  const use = (changed: Partial<Schemas['RecipeUse']> = {}): Schemas['RecipeUse'] => ({
    pot_id: 7,
    pot: 'Oval tray 34',
    planned: false,
    plant_group: 'airy_conifers',
    species_id: 7,
    species: 'Needle juniper',
    site_id: 2,
    site: 'Upper yard',
    exposure: 'half_shade',
    stand: 'bench',
    purpose: 'refine',
    vigour: 'slow',
    winter_shelter: true,
    feed: 'usual',
    count: 1,
    names: ['Cascade juniper'],
    canopy_cm: 32.5,
    ...changed,
  });

  test('is offered once it is open, and taken with pot, plant and place', async () => {
    server.on(`GET /recipes/${recipe().id}/uses`, () => ({
      data: [use(), use({ pot_id: 8, pot: 'Liner', count: 30, names: ['a', 'b', 'c'], planned: true })],
    }));
    keep(left());
    const { hand } = show(around(<UsedFor />));
    const box = await screen.findByRole('combobox', { name: 'Used for' });
    expect(screen.getByText('Judge it for one of 2 uses …')).toBeTruthy();
    await hand.click(box);
    expect((await screen.findByText('30 × Needle juniper')).parentElement?.textContent).toContain(
      'Liner · Half shade · planned',
    );
    await hand.click(screen.getByText('Cascade juniper'));
    await waitFor(() => expect(bench().potId).toBe(7));
    expect(bench().group).toBe('airy_conifers');
    expect(bench().situation).toMatchObject({
      speciesId: 7,
      siteId: 2,
      exposure: 'half_shade',
      purpose: 'refine',
      vigour: 'slow',
      winterShelter: true,
      canopyCm: '32.5',
    });
    expect(bench().rows).toEqual(left().rows);
    expect((await screen.findAllByText('For Cascade juniper, in Oval tray 34')).length).toBeGreaterThan(0);
  });

  test('is not spoken of where nothing stands in it, or no recipe is open', async () => {
    server.on(`GET /recipes/${recipe().id}/uses`, () => ({ data: [] }));
    keep(left());
    show(around(<UsedFor />));
    await waitFor(() => expect(server.asked(`GET /recipes/${recipe().id}/uses`).length).toBe(1));
    expect(screen.queryByRole('combobox')).toBeNull();
  });
});
