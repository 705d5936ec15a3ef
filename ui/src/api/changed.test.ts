import { describe, expect, test } from 'vitest';

import { changedOf } from './changed';

describe('what somebody changed in a form', () => {
  const opened = {
    revision: 4,
    id: 7,
    name: 'Deep round',
    depth: 13,
    note: '',
    owned: null,
    measures: { top: 18, base: 14 },
    tags: ['a', 'b'],
  };

  test('is all that is sent, with the revision that it was opened at', () => {
    expect(changedOf(opened, { name: 'Deep round', depth: 12.5, note: 'chipped' })).toEqual({
      revision: 4,
      depth: 12.5,
      note: 'chipped',
    });
  });

  test('is nothing where nothing was changed', () => {
    const body = { name: 'Deep round', depth: 13.0, owned: null, measures: { base: 14, top: 18 }, tags: ['a', 'b'] };
    expect(changedOf(opened, body)).toEqual({ revision: 4 });
  });

  test.each([
    ['a number that was cleared', { depth: null }],
    ['one that was filled', { owned: 3 }],
    ['a measure more', { measures: { top: 18, base: 14, sides: 6 } }],
    ['the order of a list', { tags: ['b', 'a'] }],
    ['a field that the record does not have', { reason: 'drier' }],
  ])('is %s', (_, body) => {
    expect(changedOf(opened, body)).toEqual({ revision: 4, ...body });
  });
});
