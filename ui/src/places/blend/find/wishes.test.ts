import { describe, expect, test } from 'vitest';

import { unreadable, usualWishes, type WishFields, wishesInput } from './wishes';

const wish = (part: Partial<WishFields> = {}): WishFields => ({ ...usualWishes(), ...part });
const about = (id: number, may: 'may' | 'must' | 'never', least = '', most = '') => ({
  id,
  name: `c${id}`,
  may,
  least,
  most,
});

describe('wishes as the server takes them', () => {
  test('of somebody who said nothing are the usual ones, and leave the shelf to the server', () => {
    expect(wishesInput(wish(), 3, null)).toEqual({
      source: 'owned',
      most_components: 4,
      scoops: 6,
      pots: 3,
      priorities: ['best', 'cheapest', 'longest', 'lightest', 'water', 'stock', 'simplest'],
    });
  });

  test('carry what was typed, and only that', () => {
    const input = wishesInput(
      wish({ cost: '1,5', kg: '12', years: '', organics: 'none', steps: 'per_cent', perCent: 20 }),
      1,
      null,
    );
    expect(input).toMatchObject({ most_cost: 1.5, most_kg: 12, without_organics: true, per_cent: 20 });
    expect(input).not.toHaveProperty('least_years');
    expect(input).not.toHaveProperty('scoops');
    expect(wishesInput(wish({ organics: 'no_acid' }), 1, null)).toMatchObject({
      without_acid_organics: true,
    });
  });

  test('name components of which something is said: of what must not be in nothing is', () => {
    const input = wishesInput(
      wish({
        about: [about(2, 'never', '10'), about(7, 'must', '10', '40'), about(9, 'may'), about(3, 'may', '', '5')],
      }),
      1,
      null,
    );
    expect(input?.components).toEqual([
      { component_id: 2, most: 0 },
      { component_id: 7, least: 0.1, most: 0.4, must: true },
      { component_id: 3, most: 0.05 },
    ]);
    expect(wishesInput(wish({ about: [about(9, 'may')] }), 1, null)).not.toHaveProperty('components');
  });

  test('cannot be sent while a field holds no number', () => {
    expect(unreadable(wish({ cost: 'cheap' }))).toEqual(['cost']);
    expect(wishesInput(wish({ kg: 'x' }), 1, null)).toBeNull();
    expect(wishesInput(wish({ about: [about(1, 'must', 'some')] }), 1, null)).toBeNull();
  });

  test('from a recipe say what is wanted of it', () => {
    const like = [{ component_id: 4, parts: 2 }];
    expect(wishesInput(wish(), 1, { like, start: 'lighten' })).toMatchObject({
      like,
      start: 'lighten',
      source: 'owned',
    });
    expect(wishesInput(wish(), 1, null)).not.toHaveProperty('like');
  });
});
