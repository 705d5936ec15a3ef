import { describe, expect, test } from 'vitest';

import { type History, reduce, startOf } from './blendState';
import { amountOf, emptyMix, type MixRow, sumOf } from './mix';
import { questionOf } from './question';
import { linkOf, mixIn } from './mixLink';
import { contentsInput, noContents, situationInput, usualSituation } from './situationState';

const row = (componentId: number, text: string): MixRow => ({
  componentId,
  text,
  name: `c${componentId}`,
  kind: 'bark',
  colour: '#101010',
});
const start = (...texts: string[]): History =>
  startOf({ ...emptyMix(), potId: 3, rows: texts.map((text, i) => row(i + 1, text)) });
const shares = ({ now }: History) => now.rows.map((each) => (amountOf(each) ?? 0) / sumOf(now));

describe('writing a mix in another way', () => {
  test.each([
    ['percent', ['50', '33.33', '16.67']],
    ['litres', ['3', '2', '1']],
    ['scoops', ['3', '2', '1']],
  ] as const)('as %s', (notation, texts) => {
    const history = reduce(start('3', '2', '1'), { do: 'write', notation });
    expect(history.now.rows.map((each) => each.text)).toEqual(texts);
  });

  test('never changes the mix, there and back and round', () => {
    let history = start('3', '2', '1');
    const before = shares(history);
    for (const notation of ['percent', 'litres', 'scoops', 'percent', 'parts', 'litres', 'parts'] as const) {
      history = reduce(history, { do: 'write', notation });
      shares(history).forEach((share, i) => expect(share).toBeCloseTo(before[i] ?? 0, 12));
    }
  });

  test('a litre scoop of another size counts in litres', () => {
    const history = startOf({ ...start('3', '1').now, scoop: '2,5' });
    expect(reduce(history, { do: 'write', notation: 'litres' }).now.rows.map((each) => each.text)).toEqual([
      '7.5',
      '2.5',
    ]);
    const litres = reduce(history, { do: 'write', notation: 'litres' });
    expect(reduce(litres, { do: 'step', componentId: 1, by: 1 }).now.rows[0]?.text).toBe('10');
  });

  test('what is asked is the exact amount, not the rounded text', () => {
    const history = reduce(start('1', '1', '1'), { do: 'write', notation: 'percent' });
    expect(history.now.rows[0]?.text).toBe('33.33');
    expect(questionOf(history.now)?.parts[0]?.parts).toBeCloseTo(100 / 3, 12);
    const typed = reduce(history, { do: 'parts', componentId: 1, text: '33.33' });
    expect(questionOf(typed.now)?.parts[0]?.parts).toBe(33.33);
  });

  test('percentages that are short are filled up or scaled', () => {
    const short = startOf({ ...start('50', '30').now, notation: 'percent' });
    expect(reduce(short, { do: 'fillUp', componentId: 1 }).now.rows.map((each) => each.text)).toEqual(['70', '30']);
    expect(reduce(short, { do: 'scale' }).now.rows.map((each) => each.text)).toEqual(['62.5', '37.5']);
    const over = startOf({ ...start('90', '60').now, notation: 'percent' });
    expect(reduce(over, { do: 'scale' }).now.rows.map((each) => each.text)).toEqual(['60', '40']);
  });

  test('another mix in another notation is not the one whose shrink was measured', () => {
    const measured = startOf({ ...start('1', '1').now, recipeId: 4, compactionIndex: 7.4 });
    const other = reduce(measured, { do: 'rows', rows: [row(1, '30'), row(2, '70')], notation: 'percent' });
    expect(questionOf(other.now)).not.toHaveProperty('compaction_index');
    expect(questionOf(reduce(measured, { do: 'write', notation: 'percent' }).now)?.compaction_index).toBe(7.4);
  });

  test('equal parts of everything', () => {
    expect(reduce(start('3', '2'), { do: 'equal' }).now.rows.map((each) => each.text)).toEqual(['1', '1']);
  });

  test('a premix taken apart joins what is in the mix already', () => {
    const history = reduce(start('2', '4'), {
      do: 'expand',
      componentId: 2,
      rows: [row(1, '1.5'), row(7, '2.5')],
    });
    expect(history.now.rows.map((each) => [each.componentId, each.text])).toEqual([
      [1, '3.5'],
      [7, '2.5'],
    ]);
    expect(reduce(history, { do: 'undo' }).now.rows.map((each) => each.text)).toEqual(['2', '4']);
  });
});

describe('a situation', () => {
  test('left as it is asks for what is usual', () => {
    expect(situationInput(usualSituation())).toEqual({
      purpose: 'grow_on',
      old: false,
      exposure: 'full_sun',
      wind: 'usual',
      rain_reaches: true,
      stand: 'bench',
      winter_shelter: false,
      feed: 'usual',
      surface: 'bare',
      pots_wanted: 1,
      tip_deg: 0,
      habit: { spring_h: 48, summer_h: 24, autumn_h: 72, winter_h: 168, method: 'can' },
    });
  });

  test('cut roots are asked about as a share, with the weeks since', () => {
    expect(situationInput({ ...usualSituation(), rootsCut: '40', weeksSince: '2' })).toMatchObject({
      roots_cut_share: 0.4,
      weeks_since: 2,
    });
  });

  test('is not asked about while a field holds no number', () => {
    expect(situationInput({ ...usualSituation(), budget: 'little' })).toBeNull();
    expect(questionOf({ ...start('1').now, situation: { ...usualSituation(), tip: 'x' } })).toBeNull();
  });
});

describe('what else is in the pot', () => {
  test('is nothing at first', () => {
    expect(contentsInput(noContents)).toBeUndefined();
    expect(questionOf(start('1').now)).not.toHaveProperty('contents');
  });

  test('a ball by its share or by its size', () => {
    expect(contentsInput({ ...noContents, ball: 'share' })).toMatchObject({
      ball: { share: 0.4, treatment: 'teased', years: 3 },
      bed_cm: 1,
    });
    expect(contentsInput({ ...noContents, ball: 'size', height: '4,5' })?.ball).toMatchObject({
      length_cm: 15,
      height_cm: 4.5,
    });
    expect(contentsInput({ ...noContents, ball: 'size', height: '' })).toBeNull();
  });

  test('a wall of old soil, and of moss only once the moss is chosen', () => {
    expect(contentsInput({ ...noContents, wall: 'old_soil' })).toMatchObject({
      wall: { kind: 'old_soil', thickness_cm: 1 },
    });
    expect(contentsInput({ ...noContents, wall: 'moss' })).toBeUndefined();
    expect(contentsInput({ ...noContents, wall: 'moss', wallComponent: { id: 8, name: 'Moss' } })).toMatchObject({
      wall: { kind: 'moss', component_id: 8 },
    });
  });
});

describe('a link', () => {
  test('reopens the same mix, pot and situation', () => {
    const mix = {
      ...start('3', '1.5').now,
      recipeName: 'Müller’s “ridge” ✓',
      situation: { ...usualSituation(), siteId: 4, hours: { ...usualSituation().hours, summer: 36 } },
    };
    expect(mixIn(linkOf(mix))).toEqual(mix);
    expect(linkOf(mix)).toMatch(/^#mix=[\w-]+$/);
  });

  test('that holds nothing or nonsense opens nothing', () => {
    expect(mixIn('')).toBeUndefined();
    expect(mixIn('#other')).toBeUndefined();
    expect(mixIn('#mix=%%%')).toBeNull();
    expect(mixIn(`#mix=${btoa('{"rows": [{"componentId": "1"}]}')}`)).toBeNull();
    expect(mixIn(`#mix=${btoa('[1, 2')}`)).toBeNull();
    expect(mixIn(`#mix=${btoa('{"rows": [{"componentId": 1, "text": "2", "colour": "url(x)"}]}')}`)).toBeNull();
  });
});
