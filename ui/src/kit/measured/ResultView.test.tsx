import { renderToStaticMarkup } from 'react-dom/server';
import { IntlProvider } from 'react-intl';
import { describe, expect, test } from 'vitest';

import type { Schemas } from '../../api/client';
import { PICTURES } from '../../drawing/SetupPicture';
import { en } from '../../catalogue';
import { ComparedList, ResultView } from './ResultView';

type Test = Schemas['BenchTest'];

const result: Schemas['BenchResult'] = {
  missing: [],
  faults: [],
  doubts: [],
  figures: [
    {
      name: 'bulk_density',
      mean: 0.46,
      uncertainty: 0.0138,
      spread: 0.01,
      n: 3,
      rounds: [
        { round: 0, value: 0.45, set_aside: false, stands_out: false },
        { round: 1, value: 0.47, set_aside: true, stands_out: false },
        { round: 2, value: 0.7, set_aside: false, stands_out: true },
      ],
    },
  ],
  findings: {},
  changes: [
    {
      figure: 'bulk_density',
      before: 0.5,
      before_uncertainty: 0.075,
      after: 0.46,
      after_uncertainty: 0.0138,
      is_property: true,
    },
    {
      figure: 'theta_10',
      before: 0.24,
      before_uncertainty: null,
      after: 0.26,
      after_uncertainty: null,
      is_property: false,
    },
  ],
  trouble: null,
  compared: [],
};

function said(changed: Partial<Schemas['BenchResult']> = {}, test: Partial<Test> = {}): string {
  const whole = { component_id: 1, result: { ...result, ...changed }, ...test } as Test;
  return renderToStaticMarkup(
    <IntlProvider locale="en" messages={en}>
      <ResultView test={whole} />
    </IntlProvider>,
  )
    .replace(/<[^>]+>/g, ' ')
    .replace(/\s+/g, ' ');
}

describe('what a test found', () => {
  test('is said with its uncertainty, its rounds and what it changes', () => {
    const text = said();
    expect(text).toContain('0.46 ± 0.014 kg/L');
    expect(text).toContain('mean of 3 rounds');
    expect(text).toContain('0.7 kg/L stands out from the others');
    expect(text).toContain('0.47 kg/L set aside');
    expect(text).toContain('Loose, dry 0.5 ± 0.075 kg/L 0.46 ± 0.014 kg/L');
    expect(text).toContain('Water 10 cm up 24.0% 26.0%');
  });

  test('that cannot be used says why', () => {
    expect(said({ trouble: 'Grains cannot lie so.', changes: [] })).toContain(
      'This cannot be used yet: Grains cannot lie so.',
    );
    expect(said({ changes: [] })).toContain('This test replaces no figure of the model.');
  });

  test('with a doubt shows the reason that was given', () => {
    const doubt = { path: 'rounds.0', rule: 'sieve_loss', message: '4 % is lost.', reason: 'Wind' };
    expect(said({ doubts: [doubt] })).toContain('4 % is lost. Reason: Wind');
  });

  test('may be a finding', () => {
    expect(said({ figures: [], changes: [], findings: { lime: 'strong' } })).toContain('Much lime');
  });
});

test('measured against computed is put in words', () => {
  const each = (verdict: Schemas['Compared']['verdict'], measured: number): Schemas['Compared'] => ({
    figure: 'air',
    measured,
    uncertainty: 0.01,
    computed: 0.24,
    difference: measured - 0.24,
    verdict,
  });
  const text = renderToStaticMarkup(
    <IntlProvider locale="en" messages={en}>
      <ComparedList compared={[each('agrees', 0.23), each('lower', 0.12), each('higher', 0.36)]} />
    </IntlProvider>,
  );
  expect(text).toContain('23 ± 1% measured, 24.0% computed. They agree');
  expect(text).toContain('Measured is 12.0% less than the model expects');
  expect(text).toContain('Measured is 12.0% more than the model expects');
});

test('every step of every test has its words and its picture', () => {
  const steps = Object.keys(en)
    .filter((id) => id.startsWith('step.'))
    .map((id) => id.slice('step.'.length));
  expect(steps.filter((step) => PICTURES[step] === undefined)).toEqual([]);
  expect(Object.keys(PICTURES).filter((step) => !steps.includes(step))).toEqual([]);
});
