// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, test } from 'vitest';

import type { Schemas } from '../../../api/client';
import { refused, server } from '../../../testing/server';
import { show } from '../../../testing/show';
import { openYard, yard } from '../../../testing/yard';
import { BlendProvider, useBlend } from '../state/BlendProvider';
import { emptyMix, type Mix, opened } from '../state/mix';
import FewestPage from './FewestPage';
import FindPage from './FindPage';

type Recipe = Schemas['FoundRecipe'];
type Line = Schemas['SearchLine'];

const shelf = () =>
  yard
    .components()
    .data.slice(0, 3)
    .map(({ id, name, kind, colour, source, stock_l }) => ({
      component_id: id,
      name,
      kind,
      colour,
      source,
      stock_l,
      preparation: null,
    }));
const recipe = (part: Partial<Recipe> = {}): Recipe => ({
  parts: [
    { place: 0, parts: 2 },
    { place: 1, parts: 1 },
  ],
  rating: 'good',
  fit: 0.91,
  years: 4,
  air: 0.22,
  reach_l: 0.8,
  wet_kg: 3.5,
  scooped_l: 2.2,
  cost: 1.5,
  in_stock: true,
  worst: { criterion: 'ph', level: 'good', value: 6.5 },
  merits: ['best'],
  probability: 0.4,
  is_sure: false,
  binding: null,
  ...part,
});
const counts = {
  space: 120,
  judged: 40,
  ruled_out: [
    { cause: 'air', recipes: 70 },
    { cause: 'cost', recipes: 10 },
  ],
  not_looked_at: 0,
};
const lines = (...given: Partial<Line>[]) => new Response(given.map((line) => `${JSON.stringify(line)}\n`).join(''));
const answer =
  (found: Recipe[], more: Partial<Line> = {}) =>
  () =>
    lines({ kind: 'shelf', shelf: shelf() }, { kind: 'end', counts, found, loosened: [], left_at_most: 0, ...more });
const asked = () => server.asked('POST /searches').map((call) => call.body as Schemas['SearchInput']);
const bench = () => JSON.parse(sessionStorage.getItem('zolbek.mix') ?? '{}') as Mix;

function Steps() {
  const { history } = useBlend();

  return <output aria-label="steps">{history.past.length}</output>;
}
const open = (at = '/blend/find') =>
  show(
    <BlendProvider>
      <FindPage />
      <Steps />
    </BlendProvider>,
    at,
  );
const go = async (hand: ReturnType<typeof open>['hand']) => {
  const button = await screen.findByRole('button', { name: /^Find (mixes|again)$/ });
  await waitFor(() => expect(button).toHaveProperty('disabled', false));
  await hand.click(button);
};

beforeEach(() => openYard());

describe('whoever was asked elsewhere', () => {
  test('finds what was answered on the bench, and mixes of what was ticked alone', async () => {
    server.on('POST /searches', answer([recipe()]));
    const [first, second] = shelf();
    open(`/blend/find?go=1&group=desert&pot=2&site=1&summer=48&only=${first?.component_id},${second?.component_id}`);
    await screen.findByRole('listitem', { name: /^Mix 1/ });
    expect(asked()).toHaveLength(1);
    expect(asked()[0]).toMatchObject({
      plant_group: 'desert',
      pot_id: 2,
      situation: { site_id: 1, habit: { summer_h: 48 } },
      find: {
        source: 'bought',
        only: true,
        components: [{ component_id: first?.component_id }, { component_id: second?.component_id }],
      },
    });
    expect(bench().rows).toEqual([]);
  });

  test('with an address that says nothing sensible is asked as is usual', async () => {
    server.on('POST /searches', answer([recipe()]));
    open('/blend/find?go=1&group=dragon&pot=-1&only=,x,&summer=soon');
    await waitFor(() => expect(asked()).toHaveLength(1));
    expect(asked()[0]?.find).not.toHaveProperty('only');
    expect(asked()[0]).toMatchObject({ plant_group: 'airy_conifers', situation: { habit: { summer_h: 24 } } });
  });
});

describe('finding a mix', () => {
  test('says how often one has to come by, and measures a batch out on its sheet', async () => {
    server.on('POST /searches', answer([recipe()]));
    server.on('POST /batches', { ...yard.batch(), id: 12 });
    const water = { habit_h: 24, rounds: { summer: 1, heat: 2 } };
    server.on('POST /evaluate', { ...yard.evaluation(), water });
    const { hand } = open();
    await go(hand);
    expect(await screen.findByText(/in summer is enough; in a heat wave look twice\./)).toBeTruthy();
    await hand.click(screen.getByRole('button', { name: /^Mixing sheet: / }));
    await waitFor(() => expect(screen.getByLabelText('address').textContent).toBe('/log/12'));
    expect(server.asked('POST /batches')[0]?.body).toMatchObject({
      name: expect.stringMatching(/^Found: /) as string,
      order: { pots: 1, ball_share: 0, objects_l: 0 },
      parts: [{ component_id: shelf()[0]?.component_id, parts: 2 }, { parts: 1 }],
    });
  });

  test('asks with three answers, and shows what was found with why', async () => {
    server.on(
      'POST /searches',
      answer([
        recipe(),
        recipe({
          parts: [{ place: 2, parts: 1 }],
          merits: ['cheapest', 'lightest'],
          rating: 'workable',
          is_sure: true,
        }),
      ]),
    );
    const { hand } = open();
    await go(hand);
    const first = await screen.findByRole('listitem', { name: /^Mix 1: 2 / });
    expect(within(first).getByText('suits best')).toBeTruthy();
    expect(within(first).getByText('· good in 40% of what is possible')).toBeTruthy();
    expect(within(first).getByText('Every figure lies in its band.')).toBeTruthy();
    const second = screen.getByRole('listitem', { name: /^Mix 2: 1 / });
    expect(within(second).getByText('cheapest of these · lightest')).toBeTruthy();
    expect(within(second).getByText('· sure of its word')).toBeTruthy();
    expect(screen.getByText('All 120 recipes looked at: 40 judged, 80 ruled out.')).toBeTruthy();
    expect(asked()[0]).toMatchObject({
      plant_group: 'airy_conifers',
      find: { source: 'owned', scoops: 6, most_components: 4 },
    });
    expect(asked()[0]).not.toHaveProperty('parts');
  });

  test('how often somebody waters is one of the answers', async () => {
    server.on('POST /searches', answer([recipe()]));
    const { hand } = open();
    await hand.click(await screen.findByLabelText('How often does somebody water in summer?'));
    await hand.click(await screen.findByText('twice a day'));
    await go(hand);
    await waitFor(() => expect(asked()[0]?.situation?.habit?.summer_h).toBe(12));
  });

  test('a number key takes one to the bench, and that is one step to undo', async () => {
    server.on('POST /searches', answer([recipe(), recipe({ parts: [{ place: 2, parts: 3 }] })]));
    const { hand } = open();
    await go(hand);
    await screen.findByRole('listitem', { name: /^Mix 2/ });
    const steps = Number(screen.getByLabelText('steps').textContent);
    await hand.keyboard('2');
    await waitFor(() => expect(screen.getByLabelText('address').textContent).toBe('/blend'));
    expect(bench().rows.map((row) => [row.componentId, row.text])).toEqual([[shelf()[2]?.component_id, '3']]);
    expect(Number(screen.getByLabelText('steps').textContent)).toBe(steps + 1);
  });

  test('two that are ticked stand side by side', async () => {
    server.on('POST /searches', answer([recipe(), recipe({ parts: [{ place: 2, parts: 3 }] })]));
    const { hand } = open();
    await go(hand);
    for (const box of await screen.findAllByRole('checkbox', { name: /^Compare: / })) {
      await hand.click(box);
    }
    await hand.click(screen.getByRole('button', { name: 'Compare the ticked (2)' }));
    expect(screen.getByLabelText('address').textContent).toBe('/blend/compare');
    expect((JSON.parse(sessionStorage.getItem('zolbek.comparison') ?? '[]') as unknown[]).length).toBe(2);
  });

  test('what keeps one from being better is said, and what was not looked at', async () => {
    const bound = recipe({
      merits: ['cheapest'],
      binding: { against: ['source'], less: 0, more: 2, then: recipe({ cost: 1.1 }) },
    });
    server.on('POST /searches', answer([bound], { counts: { ...counts, not_looked_at: 30 }, left_at_most: null }));
    const { hand } = open();
    await go(hand);
    expect(
      await screen.findByText(
        `One part of ${shelf()[0]?.name} as ${shelf()[2]?.name} instead would cost €1.10 instead of €1.50, but it does not lie here.`,
      ),
    ).toBeTruthy();
    expect(
      screen.getByText(/90 of 120 recipes looked at: .* 30 not looked at\. How well those could fit is not known\./),
    ).toBeTruthy();
  });

  test('where no wish can be kept, a step that would help is taken, and looked for again', async () => {
    const told = [
      answer([], {
        loosened: [{ wishes: ['cost'], change: null, to: 1.234, word: null, rating: 'good', then: recipe() }],
      }),
      answer([recipe()]),
    ];
    server.on('POST /searches', () => told.shift()?.());
    const { hand } = open();
    await hand.click(await screen.findByText('More wishes'));
    await hand.write(await screen.findByLabelText('Mix of one pot costs at most'), '0.1');
    await go(hand);
    expect(await screen.findByText('No recipe keeps all wishes.')).toBeTruthy();
    expect(screen.getByText(/Let the mix of one pot cost €1\.24/)).toBeTruthy();
    await hand.click(screen.getByRole('button', { name: 'Do that' }));
    await screen.findByRole('listitem', { name: /^Mix 1/ });
    expect(asked().map((body) => body.find?.most_cost)).toEqual([0.1, 1.24]);
  });

  test('once something else is asked, what was found is marked as of another question', async () => {
    server.on('POST /searches', answer([recipe()]));
    const { hand } = open();
    await go(hand);
    await screen.findByRole('listitem', { name: /^Mix 1/ });
    expect(screen.queryByText(/These were found for another question/)).toBeNull();
    await hand.write(screen.getByLabelText('Pots to fill'), '7');
    expect(await screen.findByText(/These were found for another question/)).toBeTruthy();
    await go(hand);
    await waitFor(() => expect(asked().length).toBe(2));
    await waitFor(() => expect(screen.queryByText(/These were found for another question/)).toBeNull());
  });

  test('a change of place that would help is made on the bench', async () => {
    const helps = [
      { wishes: [], change: 'shade' as const, to: 0, word: 'half_shade', rating: 'good' as const, then: recipe() },
      { wishes: [], change: 'deeper' as const, to: 2, word: null, rating: 'good' as const, then: recipe() },
    ];
    server.on('POST /searches', answer([recipe({ rating: 'poor' })], { loosened: helps }));
    const { hand } = open();
    await go(hand);
    expect(await screen.findByText('No recipe is good here. What stands below is the best there is.')).toBeTruthy();
    await hand.click(screen.getAllByRole('button', { name: 'Do that' })[0] as HTMLElement);
    await waitFor(() => expect(asked().length).toBe(2));
    expect(asked()[1]?.situation?.exposure).toBe('half_shade');
  });

  test('what is refused stands at its field, and what was typed stays', async () => {
    server.on('POST /searches', () =>
      refused({ path: 'find.scoops', message: 'This must be a whole number from 1 to 20, not 40.' }),
    );
    const { hand } = open();
    await hand.click(await screen.findByText('More wishes'));
    const scoops = await screen.findByLabelText<HTMLInputElement>('Scoops in all, up to');
    await hand.write(scoops, '40');
    await go(hand);
    expect((await screen.findAllByText('This must be a whole number from 1 to 20, not 40.')).length).toBe(2);
    expect(scoops.value).toBe('40');
    await hand.write(scoops, 'many');
    expect(await screen.findByText('A field holds no number; mend it first.')).toBeTruthy();
  });

  test('what is said of components, and what matters more, goes along', async () => {
    server.on('POST /searches', answer([recipe()]));
    const { hand } = open();
    await hand.click(await screen.findByText('More wishes'));
    await hand.click(await screen.findByRole('button', { name: 'lightest: one up' }));
    await hand.click(await screen.findByLabelText('Say something about a component'));
    const name = yard.components().data[0]?.name ?? '';
    await hand.click((await screen.findAllByText(name)).at(-1) as HTMLElement);
    await go(hand);
    await waitFor(() => expect(asked().length).toBe(1));
    expect(asked()[0]?.find?.priorities?.slice(0, 4)).toEqual(['best', 'cheapest', 'lightest', 'longest']);
    expect(asked()[0]?.find?.components).toEqual([{ component_id: yard.components().data[0]?.id, most: 0 }]);
    await hand.click(screen.getByRole('button', { name: `Say nothing about ${name}` }));
    await go(hand);
    await waitFor(() => expect(asked()[1]?.find).not.toHaveProperty('components'));
  });

  test('from a mix on the bench it can be kept in character, or begin anew', async () => {
    sessionStorage.setItem(
      'zolbek.mix',
      JSON.stringify(opened({ ...emptyMix(), potId: 3 }, yard.recipes()[0] as Schemas['Recipe'])),
    );
    server.on('POST /searches', answer([recipe()]));
    const { hand } = open('/blend/find?from=improve');
    await go(hand);
    await waitFor(() => expect(asked()[0]?.find?.start).toBe('improve'));
    expect(asked()[0]?.find?.like?.map((part) => part.component_id)).toEqual(
      yard.recipes()[0]?.parts.map((part) => part.component_id),
    );
    await hand.click(screen.getByLabelText('Where to begin'));
    await hand.click(await screen.findByText('Look anew'));
    await go(hand);
    await waitFor(() => expect(asked()[1]?.find).not.toHaveProperty('like'));
  });
});

describe('the fewest mixes', () => {
  const plant = (id: number) => ({ id, number: `T-${id}`, name: `Tree ${id}` });
  const situations: Schemas['SharedSituation'][] = [
    { pot_id: 3, pot_name: 'Tray', plant_group: 'airy_conifers', plants: [plant(1), plant(2)] },
    { pot_id: 4, pot_name: 'Bowl', plant_group: 'desert', plants: [plant(5)] },
  ];
  const served = (situation: number, fit: number, best: number) => ({
    situation,
    rating: 'good' as const,
    fit,
    best_rating: 'good' as const,
    best_fit: best,
    gives_up: best - fit,
  });
  const mixes = [
    { parts: [{ place: 0, parts: 3 }], serves: [served(0, 0.9, 0.9)] },
    { parts: [{ place: 1, parts: 1 }], serves: [served(1, 0.8, 0.95)] },
  ];
  const one = { parts: [{ place: 2, parts: 1 }], serves: [served(0, 0.6, 0.9), served(1, 0.7, 0.95)] };
  const told = () =>
    lines(
      { kind: 'shelf', shelf: shelf(), situations } as never,
      { kind: 'end', mixes, one_for_all: one, is_proved: true } as never,
    );
  const openWith = (state: unknown) => {
    return show(
      <BlendProvider>
        <FewestPage />
      </BlendProvider>,
      { pathname: '/blend/fewest', state } as never,
    );
  };

  test('become recipes and a day with one tap, each plant with its pot', async () => {
    server.on('POST /searches/fewest', told);
    server.on('POST /days/shared', { ...yard.day(), id: 12, name: 'Shared mixes' });
    const { hand } = openWith({ plants: [{ plant_id: 1 }, { plant_id: 2 }, { plant_id: 5 }] });
    await hand.click(await screen.findByRole('button', { name: 'Find the fewest mixes' }));
    expect(await screen.findByText(/2 mixes serve all 3 plants\./)).toBeTruthy();
    expect(screen.getAllByText('T-1 Tree 1, T-2 Tree 2').length).toBe(2);
    expect(screen.getByText('At worst it gives up 30% of the fit.')).toBeTruthy();
    await hand.click(screen.getByRole('button', { name: 'Make 2 recipes and a day' }));
    await waitFor(() => expect(screen.getByLabelText('address').textContent).toBe('/days/12'));
    const body = server.asked('POST /days/shared')[0]?.body as Schemas['ShareMixesInput'];
    expect(body.mixes.map((mix) => [mix.name, mix.parts[0]?.component_id, mix.plants])).toEqual([
      [
        'Shared mixes, mix 1',
        shelf()[0]?.component_id,
        [
          { plant_id: 1, pot_id: 3 },
          { plant_id: 2, pot_id: 3 },
        ],
      ],
      ['Shared mixes, mix 2', shelf()[1]?.component_id, [{ plant_id: 5, pot_id: 4 }]],
    ]);
    expect(body.planned_on).toMatch(/^\d{4}-\d\d-\d\d$/);
  });

  test('of a day stay on it, and what is refused is said and loses nothing', async () => {
    server.on('POST /searches/fewest', told);
    server.on('POST /days/shared', () =>
      refused({ path: 'mixes.0.name', message: 'Another one is already called so.' }),
    );
    const { hand } = openWith({ plants: [{ plant_id: 1, pot_id: 3 }], day: { id: 7, name: 'Spring' } });
    await hand.click(await screen.findByRole('button', { name: 'Find the fewest mixes' }));
    await hand.click(await screen.findByRole('button', { name: 'Make a recipe for this day' }));
    expect((await screen.findAllByText('Another one is already called so.')).length).toBe(2);
    const called = screen.getByLabelText<HTMLInputElement>('Recipes are called');
    expect([called.value, called.getAttribute('aria-invalid')]).toEqual(['Spring', 'true']);
    const body = server.asked('POST /days/shared')[0]?.body as Schemas['ShareMixesInput'];
    expect([body.day_id, body.mixes.length, body.mixes[0]?.plants.length]).toEqual([7, 1, 3]);
    expect(screen.getByText(/2 mixes serve/)).toBeTruthy();
    await hand.write(called, 'Spring again');
    await hand.click(screen.getByRole('button', { name: 'Make a recipe for this day' }));
    await waitFor(() => expect(server.asked('POST /days/shared').length).toBe(2));
    expect((server.asked('POST /days/shared')[1]?.body as Schemas['ShareMixesInput']).mixes[0]?.name).toBe(
      'Spring again, mix 1',
    );
  });

  test('without plants it is said where to begin', async () => {
    openWith(null);
    expect(await screen.findByText(/Tick plants in the collection/)).toBeTruthy();
  });

  test('where nothing can be mixed that is said', async () => {
    server.on('POST /searches/fewest', () =>
      lines({ kind: 'shelf', shelf: [], situations: [] } as never, { kind: 'refused', rule: 'nothing_fits' } as never),
    );
    const { hand } = openWith({ plants: [{ plant_id: 1 }, { plant_id: 2 }] });
    await hand.click(await screen.findByRole('button', { name: 'Find the fewest mixes' }));
    expect(
      await screen.findByText('Nothing that may go in makes a mix. Allow more components, or purchases.'),
    ).toBeTruthy();
  });
});
