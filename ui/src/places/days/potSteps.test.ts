import { describe, expect, test } from 'vitest';

import type { Schemas } from '../../api/client';
import { stepsOf } from './potSteps';

const stands: Schemas['EntryFit'] = {
  fits: true,
  over_cm: 0,
  thin_cm: 0,
  beside_cm: 2,
  across_cm: 2,
  left_cm: 2,
  right_cm: 2,
  front_cm: 2,
  back_cm: 2,
  foot_cm: 1,
  top_cm: 5,
  collar_cm: 5,
  collar_over_rim_cm: -0.8,
  collar_over_surface_cm: 0,
  collar_tilt_cm: 0,
  bed_cm: 1,
  mound_cm: 0,
  beneath_l: 0.5,
  beside_l: 1,
  above_l: 0.1,
  wedge_l: 0,
};

const figures: Schemas['EntryFigures'] = {
  pot_l: 3.4,
  new_mix_l: 2.1,
  old_ball_l: 1.3,
  base_l: 2.4,
  poured_l: 2.3,
  layers: [],
  topple: null,
  ball: null,
  mix_water_l: 1.5,
  old_out_l: 1.2,
  run_through_s: 6.5,
  wall_soil_l: 0,
  old_soil_l: 0,
  layer_l: 0,
  dressing_l: 0,
  wall_l: 0,
  cover_l: 0,
  moss_cm2: 0,
  air: 0.2,
  water_l: 1.5,
  wet_kg: 9,
  two_to_lift: false,
  fit: stands,
  wire: null,
  mesh: { pieces: 0, side_cm: 0 },
  fertiliser: null,
  first_water_days: 0,
  waits_for_wounds: false,
  minutes: 20,
  season: { window: 'open', reasons: [] },
};

const plan: Schemas['EntryPlan'] = {
  extras: [],
  ball: { length_cm: 12, width_cm: 12, height_cm: 4 },
  treatment: 'teased',
  ball_soil: 'as_stood',
  height: { how: 'flush', cm: 0 },
  placing: { x_cm: 0, y_cm: 0, turn_deg: 0 },
  care_off: [],
  lower: null,
  lean: null,
  slope: null,
  bed_cm: null,
  collar_cm: 0,
  mound_cm: null,
  objects_l: 0,
  headspace_cm: 0.8,
  layer: null,
  dressing: null,
  wall: null,
  hole_cover_id: null,
  old_soil_share: 0,
  surface: 'bare',
  fertiliser: null,
  feeding: 'none',
  fixing: 'none',
  stones_days: 42,
  roots_cut_share: 0.2,
  crown_cut_share: 0,
  first_water_days: null,
  note: '',
};

function entryOf(
  plans: Partial<Schemas['EntryPlan']> = {},
  found: Partial<Schemas['EntryFigures']> | null = {},
  buried: Schemas['Buried'][] = [],
): Schemas['DayEntry'] {
  return {
    id: 1,
    plant: {
      id: 1,
      number: 'T-1',
      name: 'Tree',
      place: '',
      plant_group: 'airy_conifers',
      trunk_mm: 20,
      health: 'well',
      front: '',
      buried,
      height_cm: null,
      species: null,
      potted_on: null,
      mix: null,
      evergreen: true,
    },
    pot: {
      id: 1,
      name: 'Tray',
      depth: 6.5,
      mesh_mm: null,
      feet_cm: 0,
      owned: 1,
      place: '',
      home_made: false,
      wall: 'fired_clay',
    },
    recipe: { id: 1, name: 'Grit', version: 1 },
    plan: { ...plan, ...plans },
    extras: [],
    materials: { 'layer.component_id': 'Granite', 'wall.component_id': 'Moss' },
    count: 1,
    helper: '',
    state: 'planned',
    actual: {},
    revision: 1,
    position: 1,
    order: 1,
    done_at: null,
    figures: found === null ? null : { ...figures, ...found },
    problem: null,
    assessment: null,
    against: [],
    worst: null,
    stamp: '',
  };
}

const steps = (entry: Schemas['DayEntry']) =>
  stepsOf(entry, {
    n: String,
    q: (value, measure) => `${value} ${measure}`,
    percent: String,
    treatment: (word) => word,
    buried: () => 'a plate',
    side: (side) => side,
    word: (id) => id.replace('potting.step.', ''),
  });
const ids = (entry: Schemas['DayEntry']) => steps(entry).map(({ id }) => id.replace('potting.step.', ''));
const step = (entry: Schemas['DayEntry'], id: string) => steps(entry).find((each) => each.id === `potting.step.${id}`);

describe('the card of a plant', () => {
  test('goes from the ball to the water, in the order of the work', () => {
    expect(ids(entryOf())).toEqual(['ball', 'bed', 'collar', 'mix', 'fixNone', 'surface.bare', 'water']);
  });

  test('cuts the crown before the roots, and warns of what is buried before all', () => {
    const order = ids(entryOf({ crown_cut_share: 0.3 }, {}, [{ kind: 'plate', note: '' }]));
    expect(order.slice(0, 3)).toEqual(['buried', 'crown', 'ball']);
  });

  test('lays mesh, wire and layer before the mix, and feed into it before the tree is fixed', () => {
    const order = ids(
      entryOf(
        {
          layer: { component_id: 1, thickness_cm: 1 },
          fixing: 'wire',
          fertiliser: { id: 1, share: 1, where: 'mixed' },
        },
        {
          layer_l: 0.5,
          mesh: { pieces: 2, side_cm: 4 },
          wire: { gauge_mm: 2, wires: 1, length_cm: 70, through: 'outlets' },
          fertiliser: {
            name: 'Granules',
            where: 'mixed',
            cost: null,
            grams: 5,
            n: 1,
            p: 1,
            k: 1,
            washed_out_share: 0.2,
          },
        },
      ),
    );
    expect(order).toEqual([
      'ball',
      'mesh',
      'wire',
      'layer',
      'bed',
      'collar',
      'mix',
      'feed.mixed',
      'fixWire',
      'surface.bare',
      'water',
    ]);
  });

  test('feed that lies on top goes there once the tree is fixed, under the dressing', () => {
    const order = ids(
      entryOf(
        { fertiliser: { id: 1, share: 1, where: 'top' } },
        { fertiliser: { name: 'Cakes', where: 'top', cost: 0.1, grams: 5, n: 1, p: 1, k: 1, washed_out_share: 0.2 } },
      ),
    );
    expect(order).toEqual(['ball', 'bed', 'collar', 'mix', 'fixNone', 'feed.top', 'surface.bare', 'water']);
  });

  test('keeps water away from wounds, and asks for two where it is heavy', () => {
    const order = ids(entryOf({ surface: 'moss' }, { first_water_days: 7, two_to_lift: true }));
    expect(order).toContain('wait');
    expect(order).not.toContain('water');
    expect(order).toContain('surface.moss');
    expect(order.at(-1)).toBe('lift');
  });

  test('says the plan even where nothing could be worked out', () => {
    const entry = entryOf({ fixing: 'stones', bed_cm: 1 }, null);
    expect(ids(entry)).toEqual(['ball', 'bed', 'fixStones', 'surface.bare', 'water']);
  });

  test('gives the measure from the rim to the collar, the front, and how it stands and leans', () => {
    const fit = { ...stands, collar_over_rim_cm: 0.7, thin_cm: 0.4, mound_cm: 1.5 };
    const entry = entryOf(
      {
        lean: { deg: 20, to: 'left' },
        slope: { cm: 1.5, to: 'back' },
        placing: { x_cm: -1.5, y_cm: 0.5, turn_deg: 30 },
      },
      { fit },
    );
    expect(step(entry, 'collar')?.gaps).toEqual({ cm: '0.7 cm', where: 'over', front: 'noFront' });
    expect(step(entry, 'thin')?.gaps).toEqual({ cm: '0.4 cm' });
    expect(step(entry, 'mound')?.gaps).toEqual({ cm: '1.5 cm' });
    expect(step(entry, 'lean')?.gaps).toEqual({ deg: '20', side: 'left' });
    expect(step(entry, 'slope')?.gaps).toEqual({ cm: '1.5 cm', side: 'back' });
    expect(step(entry, 'place')?.gaps).toEqual({ x: '1.5 cm', h: 'left', y: '0.5 cm', v: 'back', turn: '30' });
    expect(ids(entry).indexOf('thin')).toBeLessThan(ids(entry).indexOf('bed'));
  });

  test('a wall of old soil has its litres, and moss is laid on the dressing', () => {
    const wall = { kind: 'old_soil' as const, component_id: null, thickness_cm: 1 };
    const entry = entryOf(
      { wall, surface: 'moss', dressing: { component_id: 3, cm: 0.5 } },
      { wall_soil_l: 0.4, dressing_l: 0.3 },
    );
    expect(step({ ...entry, materials: {} }, 'wall')?.gaps).toEqual({
      litres: '0.4 L',
      what: 'oldSoilName',
      cm: '1 cm',
    });
    expect(ids(entry).slice(-3)).toEqual(['dressing', 'surface.moss', 'water']);
    expect(ids(entryOf({ surface: 'stone', dressing: { component_id: 3, cm: 0.5 } }))).not.toContain('surface.stone');
  });
});
