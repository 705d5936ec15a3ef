import { describe, expect, test } from 'vitest';

import type { Schemas } from '../../api/client';
import { clockText, durationText } from '../../places/bench/duration';
import { aperturesOf, draftOf, keptOf, leftOf, stepOf, withAside, withRound, withSetup } from './readings';

const reading = (name: string, type: Schemas['BenchReading']['type'] = 'number'): Schemas['BenchReading'] => ({
  name,
  type,
  unit: 'g',
  instrument: null,
  optional: false,
  choices: type === 'choice' ? ['a', 'b'] : [],
});
const plan: Schemas['BenchPlan'] = {
  kind: 'sieve_analysis',
  begin: false,
  suits_component: true,
  suits_mix: true,
  tools: [],
  minutes: 5,
  wait_minutes: 0,
  rounds: 2,
  cautions: [],
  steps: [
    { code: 'dry', setup: ['apertures', 'method'], rounds: [], wait_s: 0 },
    { code: 'weigh', setup: [], rounds: ['before_g'], wait_s: 0 },
    { code: 'each', setup: [], rounds: ['retained'], wait_s: 0 },
  ],
  readings: [
    reading('apertures', 'apertures'),
    reading('method', 'choice'),
    reading('before_g'),
    reading('retained', 'retained'),
  ],
};

describe('readings in the fields', () => {
  const kept = {
    setup: { apertures: [4, 2], method: 'b' },
    rounds: [{ before_g: 200, retained: { '4': 90.5, '2': 100, pan: 9 }, set_aside: true }],
    sources: { 'rounds.0.before_g': 'scale' },
  };

  test('go into the fields and come back as they were', () => {
    const draft = draftOf(kept, plan);
    expect(draft.setup).toEqual({ apertures: '4 2', method: 'b' });
    expect(draft.rounds[0]).toEqual({
      before_g: '200',
      'retained.4': '90.5',
      'retained.2': '100',
      'retained.pan': '9',
      set_aside: 'true',
    });
    expect(draft.rounds).toHaveLength(2);
    expect(keptOf(draft, plan)).toEqual(kept);
  });

  test('are numbers with a comma too, and what is none is sent as it was typed', () => {
    let draft = draftOf({ setup: {}, rounds: [] }, plan);
    draft = withRound(draft, 0, { before_g: '12,5', 'retained.pan': 'some' });
    expect(keptOf(draft, plan).rounds).toEqual([{ before_g: 12.5, retained: { pan: 'some' } }]);
  });

  test('rounds with nothing in them are left out, but not one between others', () => {
    let draft = draftOf({ setup: {}, rounds: [] }, plan);
    expect(keptOf(draft, plan).rounds).toEqual([]);
    draft = withRound(draft, 1, { before_g: '7' });
    expect(keptOf(draft, plan).rounds).toEqual([{}, { before_g: 7 }]);
    draft = withAside(withAside(draft, 1, true), 1, false);
    expect(keptOf(draft, plan).rounds[1]).toEqual({ before_g: 7 });
  });

  test('sieves are sorted from the coarsest, however they are typed', () => {
    const draft = withSetup(draftOf({ setup: {}, rounds: [] }, plan), 'apertures', ' 0,5 8;2  x 0');
    expect(aperturesOf(draft)).toEqual([8, 2, 0.5]);
    expect(keptOf(draft, plan).setup['apertures']).toEqual([8, 2, 0.5]);
  });

  test('lead back to the step at which they are taken', () => {
    expect(stepOf('setup.apertures', plan)).toBe(0);
    expect(stepOf('rounds.1.before_g', plan)).toBe(1);
    expect(stepOf('rounds.0.retained.pan', plan)).toBe(2);
    expect(stepOf('rounds', plan)).toBe(1);
  });
});

test('a wait goes on while nobody looks, and never below nothing', () => {
  expect(leftOf('2026-06-01T10:00:00Z', 300, Date.parse('2026-06-01T10:01:30Z'))).toBe(210);
  expect(leftOf('2026-06-01T10:00:00Z', 300, Date.parse('2026-06-02T10:00:00Z'))).toBe(0);
});

test('times are said as people say them', () => {
  expect([5, 59, 60, 90, 720, 48 * 60, 10 * 1440].map(durationText)).toEqual([
    '5 min',
    '59 min',
    '1 h',
    '1.5 h',
    '12 h',
    '2 d',
    '10 d',
  ]);
  expect([0, 65, 3600, 43_199].map(clockText)).toEqual(['0:00', '1:05', '1:00:00', '11:59:59']);
});
