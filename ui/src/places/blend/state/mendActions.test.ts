import { describe, expect, test } from 'vitest';

import type { Schemas } from '../../../api/client';
import { reduce, startOf } from './blendState';
import { emptyMix, type MixRow } from './mix';
import { questionOf } from './question';
import { mendAction } from './mendActions';

const row: MixRow = { componentId: 1, name: 'Bark', kind: 'bark', colour: '#101010', text: '3' };
const mix = { ...emptyMix(), potId: 3, rows: [row, { ...row, componentId: 2, name: 'Pumice', text: '1' }] };
const mend = (what: Partial<Schemas['Mend']>): Schemas['Mend'] => ({
  kind: 'more',
  component_id: null,
  component_name: null,
  component_kind: null,
  component_colour: null,
  by: 1,
  depth_cm: 9,
  hole_count: 3,
  hole_diameter_cm: 2,
  value: 0.2,
  suffices: true,
  worsens: [],
  to: null,
  pot_name: null,
  replaces_id: null,
  replaces_name: null,
  ...what,
});
const asked = (what: Partial<Schemas['Mend']>) => {
  const action = mendAction(mend(what), mix);

  return action === null ? null : questionOf(reduce(startOf(mix), action).now);
};

describe('a mend that is tried', () => {
  test.each<[Partial<Schemas['Mend']>, object]>([
    [
      { kind: 'more', component_id: 1, by: 0.5 },
      {
        parts: [
          { component_id: 1, parts: 3.5 },
          { component_id: 2, parts: 1 },
        ],
      },
    ],
    [
      { kind: 'less', component_id: 1, by: 2 },
      {
        parts: [
          { component_id: 1, parts: 1 },
          { component_id: 2, parts: 1 },
        ],
      },
    ],
    [{ kind: 'rinse', component_id: 2, by: 1 }, { parts: [{}, { preparation: { rinse_mm: 1 } }] }],
    [{ kind: 'sieve_out', component_id: 2, by: 12 }, { parts: [{}, { preparation: { screen_hi_mm: 12 } }] }],
    [{ kind: 'deeper' }, { pot_change: { depth_cm: 9 } }],
    [{ kind: 'holes' }, { pot_change: { hole_count: 3, hole_diameter_cm: 2 } }],
    [{ kind: 'other_pot', to: '7' }, { pot_id: 7 }],
    [
      { kind: 'stone', by: 1.5 },
      { top_dressing_cm: 1.5, situation: { surface: 'stone' } },
    ],
    [{ kind: 'moss' }, { situation: { surface: 'moss' } }],
    [{ kind: 'tip', by: 25 }, { situation: { tip_deg: 25 } }],
    [{ kind: 'shade', to: 'shade' }, { situation: { exposure: 'shade' } }],
    [{ kind: 'windbreak' }, { situation: { wind: 'usual' } }],
    [{ kind: 'habit', by: 12, to: 'summer' }, { situation: { habit: { summer_h: 12, winter_h: 168 } } }],
    [{ kind: 'repot', by: 2.5 }, { situation: { planned_years: 2.5 } }],
    [{ kind: 'rain', by: 0.75 }, { situation: { rain_share: 0.75 } }],
    [{ kind: 'feed', to: 'acid' }, { situation: { feed: 'acid' } }],
    [{ kind: 'together' }, { situation: { stand: 'bed' } }],
    [{ kind: 'winter_shelter' }, { situation: { winter_shelter: true } }],
    [{ kind: 'lime', component_id: 1, by: 5.8 }, { parts: [{ preparation: { limed_to_ph: 5.8 } }, {}] }],
    [
      {
        kind: 'swap',
        by: 3,
        component_id: 9,
        component_name: 'Lava',
        component_kind: 'porous stone',
        component_colour: '#884433',
        replaces_id: 1,
        replaces_name: 'Bark',
      },
      { parts: [{ component_id: 9, parts: 3 }, { component_id: 2 }] },
    ],
    [
      {
        kind: 'swap',
        by: 3,
        component_id: 2,
        component_name: 'Pumice',
        component_kind: 'porous stone',
        component_colour: '#101010',
        replaces_id: 1,
        replaces_name: 'Bark',
      },
      { parts: [{ component_id: 2, parts: 4 }] },
    ],
    [{ kind: 'no_layer' }, { drainage_layer: null }],
    [
      {
        kind: 'layer',
        by: 3,
        component_id: 9,
        component_name: 'Chip',
        component_kind: 'solid stone',
        component_colour: '#888888',
      },
      { drainage_layer: { component_id: 9, thickness_cm: 3 } },
    ],
    [
      {
        kind: 'add',
        by: 2,
        component_id: 9,
        component_name: 'Chip',
        component_kind: 'solid stone',
        component_colour: '#888888',
      },
      { parts: [{}, {}, { component_id: 9, parts: 2 }] },
    ],
  ])('%o is what is asked', (what, expected) => {
    expect(asked(what)).toMatchObject(expected);
  });

  test('lime keeps what else is done to a component', () => {
    const prepared = { ...mix, rows: [{ ...row, preparation: { rinse_mm: 1 } }] };
    const action = mendAction(mend({ kind: 'lime', component_id: 1, by: 5.8 }), prepared);
    expect(action).toMatchObject({ preparation: { rinse_mm: 1, limed_to_ph: 5.8 } });
  });

  test('needs the component that it names', () => {
    expect(asked({ kind: 'add' })).toBeNull();
    expect(asked({ kind: 'rinse' })).toBeNull();
    expect(asked({ kind: 'swap', component_id: 9 })).toBeNull();
    expect(asked({ kind: 'lime' })).toBeNull();
  });
});
