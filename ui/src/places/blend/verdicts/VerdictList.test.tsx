import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { renderToStaticMarkup } from 'react-dom/server';
import { IntlProvider } from 'react-intl';
import { MemoryRouter } from 'react-router';
import { afterAll, describe, expect, test, vi } from 'vitest';

import type { Schemas } from '../../../api/client';
import { en } from '../../../catalogue';
import { BlendProvider } from '../state/BlendProvider';
import { emptyMix } from '../state/mix';
import { Notes } from './Notes';
import { VerdictList } from './VerdictList';

type Verdict = Schemas['Verdict'];
type Mend = Schemas['Mend'];

// other files follow in the same process
afterAll(() => vi.unstubAllGlobals());
vi.stubGlobal('sessionStorage', {
  getItem: () =>
    JSON.stringify({
      ...emptyMix(),
      rows: [{ componentId: 1, name: 'Loam', kind: 'soil', colour: '#7b5a3a', text: '2' }],
    }),
  setItem: () => undefined,
});

const good: Verdict = {
  criterion: 'air',
  value: 0.2,
  low: 0.14,
  high: 0.38,
  level: 'good',
  desirability: 1,
  outside: 0,
  kills: false,
  note: false,
  uncertainty: null,
  close: null,
  mends: [],
};
const mend: Mend = {
  kind: 'less',
  component_id: 1,
  component_name: 'Loam',
  component_kind: 'soil',
  component_colour: '#7b5a3a',
  by: 1,
  depth_cm: 6.5,
  hole_count: 2,
  hole_diameter_cm: 2,
  value: 0.16,
  suffices: true,
  worsens: [],
  to: null,
  pot_name: null,
  replaces_id: null,
  replaces_name: null,
};

type Speed = Schemas['Evaluation']['pot']['run_through_speed'];

const water = { habit_h: 24, interval_h: 19.7, still_open: 0.61 };
const years = { value: 4, fast: 1.35, slow: null, drop_cm: 0.12 };

function said(verdict: Partial<Verdict>, limitedByHoles = false, speed: Speed = 'fast'): string {
  return words(
    <BlendProvider>
      <VerdictList
        verdicts={[{ ...good, ...verdict }]}
        group="airy_conifers"
        water={water}
        years={years}
        pot={{ limited_by_holes: limitedByHoles, run_through_speed: speed }}
      />
    </BlendProvider>,
  );
}

function words(element: React.ReactElement): string {
  return renderToStaticMarkup(
    <QueryClientProvider client={new QueryClient()}>
      <IntlProvider locale="en" messages={en}>
        {element}
      </IntlProvider>
    </QueryClientProvider>,
  )
    .replace(/<[^>]+>/g, ' ')
    .replace(/&#x27;/g, "'")
    .replace(/\s+/g, ' ')
    .trim();
}

describe('a verdict', () => {
  test('says level, figure and band in words', () => {
    expect(said({})).toBe(
      '● Good: air after watering ● Good Air after watering 20% Pines and junipers in this pot want 14% to 38%.',
    );
    expect(said({ criterion: 'ph', value: 6.24, low: 5.5, high: 6.8 })).toContain(
      '6.2 After a month; pines and junipers want 5.5 to 6.8 in this mix.',
    );
    expect(said({ criterion: 'wet_weight', value: 18.3, low: 0, high: 15, level: 'mind' })).toContain(
      '▲ Mind Weight when wet 18 kg',
    );
    expect(said({ criterion: 'largest_grain', value: 6.7, low: 0, high: 13 })).toContain(
      'up to a fifth of the depth (13 mm)',
    );
    expect(said({ criterion: 'drought', value: 0.06, low: 0, high: 0.15 })).toContain(
      '6% Somebody comes by every day; on a hot day the water lasts 20 h. Pines and junipers bear going 15% short.',
    );
    expect(said({ criterion: 'drought', value: 0.6, low: 0, high: 0.15, level: 'stop' })).toContain(
      'it would be 61% open when water comes',
    );
    expect(said({ criterion: 'years', value: 8, low: 3, high: null })).toContain(
      'more than 8 years Planned to be repotted after 3 years. With ageing twice and half as fast: 1.4 to more than 8. The level sinks 0.12 cm by then',
    );
    expect(said({ criterion: 'float_share', value: 0.09, low: 0, high: 0.05, level: 'mind' })).toContain('9%');
    expect(said({ criterion: 'later_ph', value: 7.1, low: 5.8, high: 7 })).toContain(
      'pines and junipers want 5.8 to 7',
    );
    expect(said({ criterion: 'segregation', value: 5.2, low: 0, high: 4, level: 'mind' })).toContain('5.2 ×');
  });

  test.each([
    ['fast', 'Fast'],
    ['free', 'Free'],
    ['slow', 'Slow'],
    ['stagnant', 'Stagnant'],
  ] as const)('calls a run-through that is %s %s', (speed, word) => {
    expect(said({ criterion: 'run_through', value: 30, low: 0, high: 45 }, false, speed)).toContain(
      `${word}: 2 cm of clean water`,
    );
  });

  test('names the holes where they set the speed and it is wrong', () => {
    expect(said({ criterion: 'run_through', value: 90, low: 0, high: 45, level: 'mind' }, true)).toContain(
      'The holes set the speed.',
    );
    expect(said({ criterion: 'run_through', value: 9, low: 0, high: 45 }, true)).not.toContain('The holes set');
  });

  test('has words where there is no figure', () => {
    expect(said({ criterion: 'run_through', value: null, level: 'stop' })).toContain(
      '■ Stop Run-through no outlet No outlet: water cannot leave',
    );
  });

  test('says how far its figure may be off, and where that could put it on another level', () => {
    expect(said({ uncertainty: 0.041, close: false })).toContain('20% ± 4%');
    expect(said({ uncertainty: 0.041, close: false })).not.toContain('close');
    expect(said({ uncertainty: 0.07, close: true })).toContain('● Good ◇ close Air after watering');
    expect(said({ criterion: 'later_ph', value: 6.9, uncertainty: 0.52, close: false })).toContain('± 0.5');
    expect(said({ criterion: 'run_through', value: 11, uncertainty: 4.5, close: false })).toContain('± 4.5');
    expect(said({ criterion: 'years', value: 4, close: false })).toContain('(1.4 to more than 8)');
    expect(said({ criterion: 'years', value: 4, close: null })).not.toContain('(1.4');
  });

  test('says from where to where when a figure may be off by more than its half, and nothing of what nobody would notice', () => {
    const wide = said({ criterion: 'run_through', value: 100, uncertainty: 100 * Math.sinh(Math.log(4)), close: true });
    expect(wide).toContain('100 s 25 to 400');
    expect(wide).not.toContain('±');
    expect(said({ criterion: 'drought', value: 0, uncertainty: 0.002, close: false })).not.toContain('±');
    expect(said({ criterion: 'ph', value: 6, uncertainty: 0, close: false })).not.toContain('±');
  });

  test('has no forecast for what fails new', () => {
    const failing = words(
      <BlendProvider>
        <VerdictList
          verdicts={[{ ...good, criterion: 'years', value: 0, low: 3, high: null, level: 'stop', close: false }]}
          group="airy_conifers"
          water={water}
          years={{ value: 0, fast: 0, slow: 0, drop_cm: 0 }}
          pot={{ limited_by_holes: false, run_through_speed: 'slow' }}
        />
      </BlendProvider>,
    );
    expect(failing).toContain('It fails before it has aged, so there is no forecast.');
    expect(failing).not.toContain('0 to 0');
  });

  test('offers what would mend it, with what that brings and costs', () => {
    const stop = { level: 'stop', value: 0.03, desirability: 0.05 } as const;
    expect(said({ ...stop, mends: [mend] })).toContain('Would mend it: one part less Loam then 16% Try it');
    expect(said({ ...stop, mends: [{ ...mend, by: 2 }] })).toContain('no Loam then 16%');
    expect(said({ ...stop, mends: [{ ...mend, suffices: false }] })).toContain(
      'No single change brings it there. Nearest:',
    );
    expect(said({ ...stop, mends: [{ ...mend, worsens: ['ph', 'wet_weight'] }] })).toContain(
      'at the cost of reaction (pH), weight when wet',
    );
    expect(said({ ...stop, mends: [{ ...mend, kind: 'add', component_id: 5, component_name: 'Lava' }] })).toContain(
      'add one part of Lava',
    );
    expect(said(stop)).toContain('No single change mends this');
  });

  test('offers to try only what can be changed on the bench', () => {
    const stop = { level: 'stop', value: 0.03, desirability: 0.05 } as const;
    const other = { ...mend, component_id: null, component_name: null, component_kind: null, component_colour: null };
    expect(said({ ...stop, mends: [{ ...other, kind: 'deeper', depth_cm: 9.5 }] })).toContain(
      'a pot 9.5 cm deep then 16% Try it',
    );
    expect(said({ ...stop, mends: [{ ...other, kind: 'holes', hole_count: 4 }] })).toContain(
      '4 holes of 2 cm then 16% Try it',
    );
    expect(said({ ...stop, mends: [{ ...other, kind: 'more', by: 1 }] })).not.toContain('Try it');
    expect(said({ ...stop, mends: [{ ...other, kind: 'no_layer' }] })).toContain('no drainage layer then 16% Try it');
  });
});

test('what makes figures less sure is said once, with the test that settles it', () => {
  const said = words(
    <MemoryRouter>
      <Notes
        notes={[
          { code: 'pan', component_name: 'Pumice', share: 0.17 },
          { code: 'pan', component_name: 'Lava', share: 0.2 },
          { code: 'compressible', component_name: null, share: 0.3 },
          { code: 'segregation', component_name: null, share: 9.3 },
        ]}
      />
    </MemoryRouter>,
  );
  expect(said).toContain('Do a sieve analysis');
  expect(said).toContain('Do a drained pot');
  expect(said).toContain('How fine the dust in Pumice, Lava is, is assumed');
  expect(said).toContain('30% of the mix is compressible');
  expect(said).toContain('9.3 times the size');
  expect(
    words(
      <MemoryRouter>
        <Notes notes={[]} />
      </MemoryRouter>,
    ),
  ).not.toContain('compressible');
});
