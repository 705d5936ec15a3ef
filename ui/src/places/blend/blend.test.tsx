// @vitest-environment happy-dom
import { cleanup, screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, test } from 'vitest';

import type { Schemas } from '../../api/client';
import { type Call, later, offline, refused, server } from '../../testing/server';
import { show } from '../../testing/show';
import { openYard, yard } from '../../testing/yard';
import { BlendPage } from './BlendPage';
import { BlendProvider, useBlend } from './state/BlendProvider';
import { emptyMix, type Mix, opened } from './state/mix';
import { linkOf } from './state/mixLink';

const KEPT_AS = 'zolbek.mix';
const recipe = () => yard.recipes()[0] as Schemas['Recipe'];
/** The bench as somebody left it: a recipe of the yard in a pot. */
const left = (changed: Partial<Mix> = {}): Mix => ({
  ...opened({ ...emptyMix(), potId: 3 }, recipe()),
  ...changed,
});
const keep = (mix: Mix) => sessionStorage.setItem(KEPT_AS, JSON.stringify(mix));
const bench = () => JSON.parse(sessionStorage.getItem(KEPT_AS) ?? '{}') as Mix;

function Beside() {
  const { history } = useBlend();

  return <output aria-label="steps">{history.past.length}</output>;
}

const open = (at = '/blend') =>
  show(
    <BlendProvider>
      <BlendPage />
      <Beside />
    </BlendProvider>,
    at,
  );

const partsOf = (name: string) => screen.findByLabelText<HTMLInputElement>(`Parts of ${name}`);
const asked = () => server.asked('POST /evaluate').map((call) => call.body as Schemas['EvaluationInput']);
const PUMICE = 'Pumice 3-6 mm';
/** Until the whole of the last question was asked. */
const settled = () =>
  waitFor(() => {
    expect(asked().length).toBeGreaterThan(0);
    expect(asked().at(-1)?.mends).toBeUndefined();
  });

beforeEach(() => {
  window.location.hash = '';
  openYard();
});

describe('the mix on the bench', () => {
  test('begins empty, with the recipes of the yard and the first pot and site', async () => {
    const { hand } = open();
    expect(await screen.findByText('What goes into the tub?')).toBeTruthy();
    expect(screen.getByText('Choose at least one component with parts, and a pot.')).toBeTruthy();
    expect(asked()).toEqual([]);
    await hand.click(await screen.findByRole('button', { name: recipe().name }));
    await waitFor(() => expect(asked().length).toBeGreaterThan(0));
    expect(asked()[0]).toMatchObject({
      parts: recipe().parts.map(({ component_id, parts }) => ({ component_id, parts })),
      pot_id: yard.pots()[0]?.id,
      plant_group: recipe().plant_group,
    });
  });

  test('asks for the picture at once, and for what would mend it once nobody types', async () => {
    keep(left());
    open();
    await settled();
    expect(asked()[0]?.mends).toBe(false);
    expect(asked().filter((question) => question.mends === undefined)).toHaveLength(1);
    expect(asked()[0]?.recipe_id).toBe(recipe().id);
  });

  test('typing parts asks anew; a text that is no number asks nothing and marks the field', async () => {
    keep(left());
    const { hand } = open();
    const field = await partsOf(PUMICE);
    await hand.write(field, '5');
    await waitFor(() =>
      expect(
        asked()
          .at(-1)
          ?.parts.find((part) => part.component_id === 1)?.parts,
      ).toBe(5),
    );
    await settled();
    const before = asked().length;
    await hand.write(field, 'some');
    expect(field.getAttribute('aria-invalid')).toBe('true');
    expect(await screen.findByText('Picture of the mix before: mend the marked field.')).toBeTruthy();
    expect(asked()).toHaveLength(before);
    expect(field.value).toBe('some');
  });

  test('goes up and down by keys, by half with shift, and never below nothing', async () => {
    keep(left());
    const { hand } = open();
    const field = await partsOf(PUMICE);
    await hand.click(field);
    await hand.keyboard('{ArrowUp}');
    expect(field.value).toBe('4');
    await hand.keyboard('{Shift>}{ArrowDown}{/Shift}');
    expect(field.value).toBe('3.5');
    await hand.click(screen.getByRole('button', { name: `One part less of ${PUMICE}` }));
    expect(field.value).toBe('2.5');
    await hand.write(field, '0');
    expect(screen.getByRole('button', { name: `One part less of ${PUMICE}` }).hasAttribute('disabled')).toBe(true);
    await hand.keyboard('{ArrowDown}');
    expect(Number(field.value)).toBe(0);
  });

  test('is undone and done again by keys and by buttons, one step for a field typed in', async () => {
    keep(left());
    const { hand } = open();
    const field = await partsOf(PUMICE);
    const undo = screen.getByRole('button', { name: 'Undo' });
    expect(undo.hasAttribute('disabled')).toBe(true);
    await hand.type(field, '25');
    const typed = field.value;
    await hand.click(undo);
    expect((await partsOf(PUMICE)).value).toBe('3');
    await hand.click(screen.getByRole('button', { name: 'Redo' }));
    expect((await partsOf(PUMICE)).value).toBe(typed);
    await hand.keyboard('{Control>}z{/Control}');
    expect((await partsOf(PUMICE)).value).toBe('3');
    expect(screen.getByLabelText('steps').textContent).toBe('0');
  });

  test('a component is taken out, and comes back by undo in its place', async () => {
    keep(left());
    const { hand } = open();
    await partsOf(PUMICE);
    await hand.click(screen.getByRole('button', { name: `Take ${PUMICE} out of the mix` }));
    expect(bench().rows.map((row) => row.name)).not.toContain(PUMICE);
    await hand.click(screen.getByRole('button', { name: 'Undo' }));
    expect(bench().rows.map((row) => row.componentId)).toEqual(recipe().parts.map((part) => part.component_id));
  });

  test('what the server refuses stands at its row, and the picture before stays', async () => {
    keep(left());
    const { hand } = open();
    const field = await partsOf(PUMICE);
    await waitFor(() => expect(screen.getByLabelText('Pot section').getAttribute('aria-busy')).toBe('false'));
    server.on('POST /evaluate', () => refused({ path: 'parts.1.parts', message: 'At most 1000 parts.' }));
    await hand.write(field, '4000');
    expect(await screen.findByText('At most 1000 parts.')).toBeTruthy();
    expect(field.getAttribute('aria-describedby')).toBe(screen.getByText('At most 1000 parts.').id);
    expect(screen.getAllByRole('img').length).toBeGreaterThan(0);
  });

  test('where nobody answers it says so and keeps the last picture', async () => {
    keep(left());
    const { hand } = open();
    const field = await partsOf(PUMICE);
    await waitFor(() => expect(screen.getByLabelText('Pot section').getAttribute('aria-busy')).toBe('false'));
    server.on('POST /evaluate', offline);
    await hand.write(field, '7');
    expect(await screen.findByText('Picture of the mix before: no answer.', {}, { timeout: 5000 })).toBeTruthy();
    expect(field.value).toBe('7');
  });

  test('a slow answer marks the picture as the one before', async () => {
    keep(left());
    const { hand } = open();
    const field = await partsOf(PUMICE);
    await waitFor(() => expect(screen.getByLabelText('Pot section').getAttribute('aria-busy')).toBe('false'));
    const slow = later<unknown>();
    server.on('POST /evaluate', () => slow.promise);
    await hand.write(field, '8');
    await waitFor(() => expect(screen.getByLabelText('Pot section').getAttribute('aria-busy')).toBe('true'));
    slow.give(yard.evaluation());
    await waitFor(() => expect(screen.getByLabelText('Pot section').getAttribute('aria-busy')).toBe('false'));
  });

  test('says that it is another mix than the recipe where the server says so', async () => {
    server.on('POST /evaluate', () => ({ ...yard.evaluation(), as_written: false }));
    keep(left());
    open();
    expect((await screen.findAllByText(/changed/)).length).toBeGreaterThan(0);
  });
});

describe('where the mix is kept', () => {
  test('it stays over a reload, and what cannot be read is left', async () => {
    keep(left());
    const { unmount } = open();
    expect((await partsOf(PUMICE)).value).toBe('3');
    unmount();
    open();
    expect((await partsOf(PUMICE)).value).toBe('3');
  });

  test.each(['{"rows":[{"componentId":"1"}]}', 'no json', '[]', '{"rows":7}'])(
    'kept as %s it begins empty',
    async (text) => {
      sessionStorage.setItem(KEPT_AS, text);
      open();
      expect(await screen.findByText('What goes into the tub?')).toBeTruthy();
    },
  );

  test('a mix of before gets what has come since', async () => {
    const { rows, potId } = left();
    sessionStorage.setItem(KEPT_AS, JSON.stringify({ rows, potId }));
    open();
    await waitFor(() => expect(asked().length).toBeGreaterThan(0));
    expect(bench()).toMatchObject({ notation: 'parts', headspace: '0.8', layer: null, potChange: null });
  });

  test('a link opens the very mix, once', async () => {
    window.location.hash = linkOf(left({ headspace: '2.25', recipeName: 'Ümläut & friends' }));
    open();
    await waitFor(() => expect(asked().at(-1)).toMatchObject({ headspace_cm: 2.25 }));
    expect(bench().recipeName).toBe('Ümläut & friends');
    expect(window.location.hash).toBe('');
  });

  test('a link that cannot be read is told of, and the mix from before is kept', async () => {
    keep(left());
    window.location.hash = '#mix=nonsense';
    open();
    expect(await screen.findByText('This link could not be read. The mix from before is kept.')).toBeTruthy();
    expect((await partsOf(PUMICE)).value).toBe('3');
  });
});

describe('how amounts are written', () => {
  const choose = async (hand: ReturnType<typeof open>['hand'], word: string) => {
    await hand.click(screen.getByRole('combobox', { name: 'Written in' }));
    const option = await waitFor(() => {
      const found = [...document.querySelectorAll<HTMLElement>('.ant-select-item-option')].find(
        (each) => each.textContent === word,
      );
      expect(found).toBeDefined();

      return found as HTMLElement;
    });
    await hand.click(option);
  };

  test('written in per cent the mix is the same, and asks nothing', async () => {
    keep(left());
    const { hand } = open();
    await partsOf(PUMICE);
    await settled();
    await choose(hand, 'Per cent');
    expect((await partsOf(PUMICE)).value).toBe('30');
    expect(screen.getByText('100 %')).toBeTruthy();
  });

  test('short of a hundred it says by how much, fills up or scales', async () => {
    keep(left());
    const { hand } = open();
    await partsOf(PUMICE);
    await choose(hand, 'Per cent');
    await hand.write(await partsOf(PUMICE), '20');
    expect(await screen.findByText(/Together 90 %: 10 % short/)).toBeTruthy();
    await hand.click(screen.getByRole('button', { name: 'Fill up with Akadama-type clay granule 2-6 mm' }));
    expect((await partsOf('Akadama-type clay granule 2-6 mm')).value).toBe('50');
    await hand.write(await partsOf(PUMICE), '70');
    expect(await screen.findByText(/too much/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: /Fill up/ })).toBeNull();
    await hand.click(screen.getByRole('button', { name: 'Scale to 100 %' }));
    await waitFor(() => expect(screen.queryByText(/too much/)).toBeNull());
  });

  test('equal amounts, and only a little of the last', async () => {
    keep(left());
    const { hand } = open();
    await partsOf(PUMICE);
    await hand.click(screen.getByRole('button', { name: 'Equal amounts of everything' }));
    expect(new Set(bench().rows.map((row) => row.text)).size).toBe(1);
    await hand.click(screen.getByRole('button', { name: /^Only a little of/ }));
    expect(Number(bench().rows.at(-1)?.text)).toBeLessThan(Number(bench().rows[0]?.text));
  });

  test('in scoops a scoop that holds no number is marked', async () => {
    keep(left());
    const { hand } = open();
    await partsOf(PUMICE);
    await choose(hand, 'Scoops');
    const scoop = await screen.findByLabelText<HTMLInputElement>('A scoop holds');
    await hand.write(scoop, 'big');
    expect(scoop.closest('.ant-input-status-error, .ant-input-affix-wrapper-status-error')).not.toBeNull();
  });

  test('in one’s own words, read by the server', async () => {
    const { hand } = open();
    await screen.findByText('What goes into the tub?');
    await hand.keyboard('w');
    const field = await screen.findByLabelText('The recipe in your own words');
    await hand.write(field, '2 pumice, 1 bark');
    await hand.keyboard('{Enter}');
    expect((await partsOf(PUMICE)).value).toBe('2');
    expect(server.asked('POST /writing/read').map((call) => call.body)).toEqual([
      { text: '2 pumice, 1 bark', chosen: {} },
    ]);
  });

  test('what several components could be is chosen before any is taken', async () => {
    const row = { kind: 'organic', colour: '#333333', source: 'material', amount: 2 };
    const rows = [
      { ...row, component_id: 14, name: 'Garden compost', stock_l: 0 },
      { ...row, component_id: 26, name: 'Bagged soil', stock_l: 40 },
    ];
    let asked = 0;
    server.on('POST /writing/read', () => {
      asked += 1;

      return asked === 1
        ? { notation: 'parts', sum: 0, rows: [], choices: [{ words: 'compost', rows }], vessels: [] }
        : { notation: 'parts', sum: 2, rows: [rows[1]], choices: [], vessels: [{ word: 'bucket', litres: 10 }] };
    });
    const { hand } = open();
    await screen.findByText('What goes into the tub?');
    await hand.keyboard('w');
    await hand.write(await screen.findByLabelText('The recipe in your own words'), '2 compost');
    await hand.click(screen.getByRole('button', { name: 'Take it' }));
    await screen.findByText('Which “compost”?');
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Take it' }).disabled).toBe(true);
    expect(bench().rows).toEqual([]);
    await hand.click(screen.getByText(/Bagged soil/));
    await hand.click(screen.getByRole('button', { name: 'Take it' }));
    await screen.findByText('“bucket” was taken for 10 L.');
    expect((await partsOf('Bagged soil')).value).toBe('2');
    expect(server.asked('POST /writing/read').at(-1)?.body).toEqual({ text: '2 compost', chosen: { compost: 26 } });
  });

  test('words that nobody understands stay in their field with what is wrong', async () => {
    server.on('POST /writing/read', () =>
      refused({ path: 'text', message: 'There is no component called moon dust.' }),
    );
    const { hand } = open();
    await screen.findByText('What goes into the tub?');
    await hand.keyboard('w');
    const field = await screen.findByLabelText<HTMLTextAreaElement>('The recipe in your own words');
    await hand.write(field, '2 moon dust');
    await hand.click(screen.getByRole('button', { name: 'Take it' }));
    expect((await screen.findAllByText('There is no component called moon dust.')).length).toBeGreaterThan(0);
    expect(field.value).toBe('2 moon dust');
    expect(bench().rows).toEqual([]);
  });
});

describe('what a grower asks of the picture', () => {
  const GROUPS = {
    'The pot': ['Section', 'Will it fit', 'Profile'],
    Time: ['Water', 'Years'],
    'The mix': ['Retention', 'Packing', 'Figures'],
    Choices: ['Trade', 'Triangle', 'Depth'],
  };
  /** Opens a view in the group that it belongs to. */
  const look = async (hand: ReturnType<typeof open>['hand'], name: string) => {
    const group = Object.entries(GROUPS).find(([, views]) => views.includes(name))?.[0] ?? '';
    await hand.click(await screen.findByRole('button', { name: group }));
    await hand.click(await screen.findByRole('button', { name }));
  };

  test('a group opens on its first view, and what is looked at stands in the address', async () => {
    keep(left());
    const { hand } = open('/blend?view=ageing');
    await settled();
    expect((await screen.findByRole('button', { name: 'Years' })).getAttribute('aria-pressed')).toBe('true');
    expect(screen.getByRole('button', { name: 'Time' }).getAttribute('aria-pressed')).toBe('true');
    expect(screen.queryByRole('button', { name: 'Retention' })).toBeNull();
    await hand.click(screen.getByRole('button', { name: 'The mix' }));
    expect((await screen.findByRole('button', { name: 'Retention' })).getAttribute('aria-pressed')).toBe('true');
    expect(screen.getByRole('region', { name: 'Grain sizes' })).toBeTruthy();
    cleanup();
    open('/blend?view=nonsense');
    expect((await screen.findByRole('button', { name: 'Section' })).getAttribute('aria-pressed')).toBe('true');
  });

  test.each([
    ['Depth', '/views/depths'],
    ['Retention', '/views/curve'],
    ['Packing', '/views/compaction'],
    ['Years', '/views/ageing'],
    ['Trade', '/views/trade'],
    ['Triangle', '/views/triangle'],
  ])('the view %s is asked for when it is opened, and drawn', async (name, address) => {
    keep(left());
    const { hand } = open();
    await settled();
    expect(server.asked(`POST ${address}`)).toEqual([]);
    await look(hand, name);
    await waitFor(() => expect(server.asked(`POST ${address}`).length).toBe(1));
    expect(server.asked(`POST ${address}`)[0]?.body).toMatchObject({ pot_id: 3 });
    expect(screen.getByRole('button', { name }).getAttribute('aria-pressed')).toBe('true');
    await waitFor(() =>
      expect(screen.getByLabelText('Pot section').querySelectorAll('svg, canvas').length).toBeGreaterThan(0),
    );
    expect(document.body.textContent).not.toMatch(/undefined|NaN|\[object/);
  });

  test.each(['Section', 'Will it fit', 'Profile', 'Water', 'Figures'])(
    'the view %s needs no further question',
    async (name) => {
      keep(left());
      const { hand } = open();
      await settled();
      await look(hand, name);
      await waitFor(() => expect(screen.queryByText('Working it out …')).toBeNull());
      // but for that of the view on which its group opens
      const asked = server.calls.filter((call) => call.path.startsWith('/views') && call.path !== '/views/curve');
      expect(asked).toEqual([]);
      expect(screen.getByLabelText('Pot section').textContent.length).toBeGreaterThan(20);
      expect(document.body.textContent).not.toMatch(/undefined|NaN|\[object/);
    },
  );

  test('another recipe in the trade picture is opened from the server', async () => {
    keep(left());
    const { hand } = open();
    await look(hand, 'Trade');
    const other = (await screen.findAllByTitle(/^Open (?!Brook maples)/))[0] as HTMLElement;
    server.calls.splice(0);
    for (const each of yard.recipes()) {
      server.on(`GET /recipes/${each.id}`, () => each);
    }
    await hand.click(other);
    await waitFor(() => expect(server.calls.some((call) => /^\/recipes\/\d+$/.test(call.path))).toBe(true));
    await waitFor(() => expect(bench().recipeId).not.toBe(recipe().id));
  });
});

describe('tools for the tub', () => {
  test('topping up says what to add, and asks anew for a total', async () => {
    keep(left());
    const { hand } = open();
    await partsOf(PUMICE);
    await hand.keyboard('t');
    const there = await screen.findByLabelText(`Litres of ${PUMICE} in the tub`);
    await hand.write(there, '2');
    await waitFor(() => {
      const body = server.asked('POST /writing/top-up').at(-1)?.body as Schemas['TopUpInput'];
      expect(body.there.find((each) => each.component_id === 1)?.litres).toBe(2);
    });
    const add = await screen.findByRole('region', { name: 'Add' });
    expect(within(add).getAllByText('nothing')).toHaveLength(1);
    expect(within(add).getByText('0.25 L')).toBeTruthy();
    await hand.write(screen.getByLabelText('Recipe wanted in all'), '12');
    await waitFor(() => expect(server.asked('POST /writing/top-up').at(-1)?.body).toMatchObject({ wanted_l: 12 }));
    const before = server.asked('POST /writing/top-up').length;
    await hand.write(screen.getByLabelText('Recipe wanted in all'), 'lots');
    expect(await screen.findByText('Type a number, such as 2 or 1.5.')).toBeTruthy();
    expect(server.asked('POST /writing/top-up')).toHaveLength(before);
  });

  test('what is left of the same recipe goes into the tub with a tap', async () => {
    keep(left());
    server.on('POST /writing/top-up', () => ({
      recipe_l: 12,
      total_l: 12,
      least_l: 4,
      add: [],
      foreign: [],
      apart: [{ component_id: 71, name: 'Yard starter', same: false }],
      left: [{ component_id: 70, name: 'Left: Brook maples', litres: 4.2 }],
    }));
    const { hand } = open();
    await partsOf(PUMICE);
    await hand.keyboard('t');
    expect(await screen.findByText(/Left of this very recipe: Left: Brook maples, 4.2 L/)).toBeTruthy();
    expect(screen.getByText('Yard starter counts as what is in it.')).toBeTruthy();
    await hand.click(screen.getByRole('button', { name: 'It goes in: Left: Brook maples' }));
    await waitFor(() => {
      const body = server.asked('POST /writing/top-up').at(-1)?.body as Schemas['TopUpInput'];
      expect(body.there.find((each) => each.component_id === 70)?.litres).toBe(4.2);
    });
  });

  test('what was thrown in is told, and can be taken as the mix', async () => {
    keep(left());
    const inside = { component_id: 1, name: PUMICE, litres: 8, share: 2 / 3, parts: 2 };
    server.on('POST /writing/thrown-in', () => ({
      scooped_l: 12,
      poured_l: 11.1,
      mass_kg: 9.4,
      rows: [{ component_id: 1, name: PUMICE, kind: 'porous stone', colour: '#cccccc', source: 'own', amount: 8 }],
      inside: [inside, { component_id: 9, name: 'Bark', litres: 4, share: 1 / 3, parts: 1 }],
      recipe: { id: 3, name: 'Brook maples', other_share: 0.12, same: false },
    }));
    const { hand } = open();
    await partsOf(PUMICE);
    await hand.keyboard('t');
    await hand.click(await screen.findByText('What have I now?'));
    expect(server.asked('POST /writing/thrown-in')).toHaveLength(0);
    await hand.write(screen.getByLabelText(`Litres of ${PUMICE} in the tub`), '8');
    const now = await screen.findByRole('region', { name: 'In the tub' });
    expect(within(now).getByText('About 2 : 1.')).toBeTruthy();
    expect(within(now).getByText('Nearest to Brook maples: 12% of it is something else.')).toBeTruthy();
    expect(within(now).getByText(/12 L scooped come to 11.1 L in the tub/)).toBeTruthy();
    await hand.click(within(now).getByRole('button', { name: 'Take it as the mix' }));
    await waitFor(() => expect(bench().rows.map((row) => row.text)).toEqual(['8']));
    expect(bench().notation).toBe('litres');
  });

  test('a premix is taken apart', async () => {
    const premix = { componentId: 40, name: 'House premix', kind: 'bark' as const, colour: '#886644', text: '4' };
    keep(left({ recipeId: null, rows: [{ ...premix, source: 'premix' }] }));
    server.on('POST /writing/expand', () => ({
      rows: recipe().parts.map((part) => ({ ...part, name: part.component_name, amount: part.parts / 10 })),
    }));
    const { hand } = open();
    await hand.click(await screen.findByRole('button', { name: 'Take House premix apart into what it is made of' }));
    expect(await partsOf(PUMICE)).toBeTruthy();
    expect(server.asked('POST /writing/expand').map((call) => call.body)).toEqual([{ component_id: 40, amount: 4 }]);
    expect(bench().rows.map((row) => row.name)).not.toContain('House premix');
  });

  test('a premix that nobody can take apart stays', async () => {
    keep(
      left({
        rows: [{ componentId: 40, name: 'House premix', kind: 'bark', colour: '#886644', text: '4', source: 'premix' }],
      }),
    );
    server.on('POST /writing/expand', () => refused({ path: 'component_id', message: 'It is archived.' }));
    const { hand } = open();
    await hand.click(await screen.findByRole('button', { name: /^Take House premix apart/ }));
    expect(await screen.findByText('It is archived.')).toBeTruthy();
    expect((await partsOf('House premix')).value).toBe('4');
  });
});

describe('a batch', () => {
  const openBatch = async () => {
    keep(left());
    const shown = open();
    await settled();
    await shown.hand.keyboard('b');
    await screen.findByLabelText('Number of pots');

    return shown;
  };
  const orders = () => server.asked('POST /batches/plan').map((call) => (call.body as Schemas['BatchPlanInput']).order);

  test('is worked out for the mix on the bench and remembers the tub of last time', async () => {
    const { hand, unmount } = await openBatch();
    await waitFor(() => expect(orders()[0]).toMatchObject({ pots: 10, ball_share: 0.3, tub_l: 20, scoop_l: 1 }));
    await hand.write(screen.getByLabelText('Tub holds'), '35');
    await waitFor(() => expect(orders().at(-1)).toMatchObject({ tub_l: 35 }));
    unmount();
    server.calls.splice(0);
    await openBatch();
    await waitFor(() => expect(orders()[0]).toMatchObject({ tub_l: 35 }));
  });

  test('a field that holds no number stops the order, keeps the figures and says so', async () => {
    const { hand } = await openBatch();
    await waitFor(() => expect(orders().length).toBe(1));
    await hand.write(screen.getByLabelText('Number of pots'), 'ten');
    expect(await screen.findByText('Type a number, such as 2 or 1.5.')).toBeTruthy();
    expect(orders()).toHaveLength(1);
    const save = screen.getByRole('button', { name: 'Save and open the mixing sheet' });
    expect(save.hasAttribute('disabled')).toBe(true);
  });

  test('what is refused stands at its field', async () => {
    const { hand } = await openBatch();
    server.on('POST /batches/plan', () => refused({ path: 'order.tub_l', message: 'From 0.1 to 10000 L.' }));
    await hand.write(screen.getByLabelText('Tub holds'), '0');
    expect(await screen.findByText('From 0.1 to 10000 L.')).toBeTruthy();
    expect(screen.getByLabelText('Tub holds').getAttribute('aria-invalid')).toBe('true');
  });

  test('one tap takes what a scoop or tub of one’s own holds', async () => {
    const { hand } = await openBatch();
    const vessel = yard.vessels()[0] as Schemas['Vessel'];
    await hand.click(await screen.findByRole('button', { name: new RegExp(`^${vessel.name} `) }));
    await waitFor(() => expect(orders().at(-1)?.[vessel.kind === 'tub' ? 'tub_l' : 'scoop_l']).toBe(vessel.volume_l));
  });

  test('is saved once with its name and note, and leads to its sheet', async () => {
    server.on('POST /batches', () => ({ ...yard.batch(), id: 9 }));
    const { hand } = await openBatch();
    await hand.write(screen.getByLabelText('Name of the batch'), 'Maples, first');
    await hand.write(screen.getByLabelText('Note'), 'Dusty: masks');
    const save = screen.getByRole('button', { name: 'Save and open the mixing sheet' });
    await waitFor(() => expect(save.hasAttribute('disabled')).toBe(false));
    await hand.click(save);
    await waitFor(() => expect(screen.getByLabelText('address').textContent).toBe('/log/9'));
    expect(server.asked('POST /batches').map((call: Call) => call.body)).toMatchObject([
      { name: 'Maples, first', note: 'Dusty: masks', recipe_id: recipe().id, order: { pots: 10 } },
    ]);
  });

  test('with a root ball set in Blend it asks for none', async () => {
    const contents = { ...left().contents, ball: 'share' as const, share: '40' };
    keep(left({ contents }));
    const { hand } = open();
    await waitFor(() => expect(asked().length).toBeGreaterThan(0));
    await hand.keyboard('b');
    expect(await screen.findByText('Root ball, zones and objects are those set in Blend.')).toBeTruthy();
    expect(screen.queryByLabelText('Root ball kept')).toBeNull();
    await waitFor(() => expect(orders()[0]).toMatchObject({ ball_share: 0, objects_l: 0 }));
  });
});
