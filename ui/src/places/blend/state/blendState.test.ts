import { describe, expect, test } from 'vitest';

import { type History, reduce, startOf } from './blendState';
import { emptyMix, type MixRow } from './mix';
import { questionOf } from './question';

const row = (componentId: number, text: string): MixRow => ({
  componentId,
  text,
  name: `c${componentId}`,
  kind: 'bark',
  colour: '#000000',
});
const start = (): History => startOf({ ...emptyMix(), potId: 3, rows: [row(1, '2'), row(2, '1')] });

describe('changing the mix', () => {
  test('typing in one field is one step to undo', () => {
    let history = start();
    for (const text of ['2.', '2.5', '2.55']) {
      history = reduce(history, { do: 'parts', componentId: 1, text });
    }
    history = reduce(history, { do: 'parts', componentId: 2, text: '4' });
    expect(history.now.rows.map((each) => each.text)).toEqual(['2.55', '4']);
    history = reduce(history, { do: 'undo' });
    expect(history.now.rows.map((each) => each.text)).toEqual(['2.55', '1']);
    history = reduce(history, { do: 'undo' });
    expect(history.now.rows.map((each) => each.text)).toEqual(['2', '1']);
    expect(reduce(history, { do: 'undo' })).toBe(history);
    history = reduce(reduce(history, { do: 'redo' }), { do: 'redo' });
    expect(history.now.rows.map((each) => each.text)).toEqual(['2.55', '4']);
  });

  test('steps never go below nothing and mend what was no number', () => {
    let history = reduce(start(), { do: 'step', componentId: 2, by: -3 });
    expect(history.now.rows[1]?.text).toBe('0');
    history = reduce(reduce(history, { do: 'parts', componentId: 2, text: 'x' }), {
      do: 'step',
      componentId: 2,
      by: 0.5,
    });
    expect(history.now.rows[1]?.text).toBe('0.5');
  });

  test('a component stands in the mix once', () => {
    const history = start();
    expect(reduce(history, { do: 'add', row: row(2, '9') })).toBe(history);
    expect(reduce(history, { do: 'add', row: row(5, '1') }).now.rows).toHaveLength(3);
    expect(reduce(history, { do: 'remove', componentId: 1 }).now.rows).toEqual([row(2, '1')]);
  });

  test('the first pot is taken only where none was chosen, and is nothing to undo', () => {
    expect(reduce(start(), { do: 'firstPot', potId: 8 }).now.potId).toBe(3);
    const history = reduce(startOf(emptyMix()), { do: 'firstPot', potId: 8 });
    expect([history.now.potId, history.past]).toEqual([8, []]);
  });
});

describe('the question to the server', () => {
  test('is asked with a comma as with a point', () => {
    const mix = { ...start().now, headspace: '0,5' };
    expect(questionOf(mix)).toMatchObject({
      pot_id: 3,
      headspace_cm: 0.5,
      drainage_layer: null,
      parts: [
        { component_id: 1, parts: 2 },
        { component_id: 2, parts: 1 },
      ],
    });
  });

  test('is not asked while something is no number or missing', () => {
    const { now } = start();
    expect(questionOf({ ...now, rows: [row(1, '')] })).toBeNull();
    expect(questionOf({ ...now, rows: [row(1, '1e3')] })).toBeNull();
    expect(questionOf({ ...now, rows: [] })).toBeNull();
    expect(questionOf({ ...now, potId: null })).toBeNull();
    expect(questionOf({ ...now, tree: 'heavy' })).toBeNull();
    expect(
      questionOf({ ...now, layer: { componentId: 9, name: 'x', kind: 'bark', colour: '#000000', thickness: '-' } }),
    ).toBeNull();
  });

  test('lets the server judge what is a number but cannot be', () => {
    expect(questionOf({ ...start().now, rows: [row(1, '-2')] })?.parts).toEqual([{ component_id: 1, parts: -2 }]);
  });
});

describe('preparing', () => {
  test('is asked for with the part, is one step to undo, and makes the mix another one', () => {
    const sieve = { screen_lo_mm: 2.8 };
    const history = reduce(start(), { do: 'prepare', componentId: 1, preparation: sieve });
    expect(questionOf(history.now)?.parts).toEqual([
      { component_id: 1, parts: 2, preparation: sieve },
      { component_id: 2, parts: 1 },
    ]);
    const finer = reduce(history, { do: 'prepare', componentId: 1, preparation: { screen_lo_mm: 2 } });
    expect(reduce(finer, { do: 'undo' }).now.rows[0]?.preparation).toBeUndefined();
    const none = reduce(history, { do: 'prepare', componentId: 1, preparation: null });
    expect(questionOf(none.now)?.parts[0]).toEqual({ component_id: 1, parts: 2 });
  });

  test('a shrink that was measured is asked for with the mix that was measured, and with no other', () => {
    const measured = startOf({ ...start().now, recipeId: 4, compactionIndex: 7.4 });
    expect(questionOf(measured.now)?.compaction_index).toBe(7.4);
    const other = reduce(measured, { do: 'step', componentId: 1, by: 1 });
    expect(questionOf(other.now)).not.toHaveProperty('compaction_index');
    expect(questionOf(reduce(other, { do: 'undo' }).now)?.compaction_index).toBe(7.4);
    const moved = reduce(measured, { do: 'change', touches: 'pot', mix: { potId: 9 } });
    expect(questionOf(moved.now)?.compaction_index).toBe(7.4);
  });
});
