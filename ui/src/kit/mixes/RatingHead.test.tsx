import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { renderToStaticMarkup } from 'react-dom/server';
import { IntlProvider } from 'react-intl';
import { afterAll, describe, expect, test, vi } from 'vitest';

import type { Schemas } from '../../api/client';
import { en } from '../../catalogue';
import { BlendProvider } from '../../places/blend/state/BlendProvider';
import { emptyMix } from '../../places/blend/state/mix';
import { CanopyAsk } from '../../places/blend/situation/CanopyAsk';
import { RatingHead, RatingWord } from './RatingHead';
import { Supply } from '../../places/blend/verdicts/Supply';

const stored = { ...emptyMix() };
// other files follow in the same process
afterAll(() => vi.unstubAllGlobals());
vi.stubGlobal('sessionStorage', { getItem: () => JSON.stringify(stored), setItem: () => undefined });

function words(element: React.ReactElement): string {
  return renderToStaticMarkup(
    <QueryClientProvider client={new QueryClient()}>
      <IntlProvider locale="en" messages={en}>
        <BlendProvider>{element}</BlendProvider>
      </IntlProvider>
    </QueryClientProvider>,
  )
    .replace(/<[^>]+>/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();
}

function verdict(criterion: Schemas['Criterion'], more: Partial<Schemas['Verdict']> = {}): Schemas['Verdict'] {
  return {
    criterion,
    value: 0.2,
    low: 0,
    high: 1,
    level: 'good',
    desirability: 1,
    outside: 0,
    kills: false,
    note: false,
    uncertainty: null,
    close: null,
    mends: [],
    ...more,
  };
}

describe('the word of the whole', () => {
  const rated = (rating: Schemas['Rating'], verdicts: Schemas['Verdict'][], fit = 0.5) =>
    words(<RatingHead rated={{ rating, fit, verdicts }} />);

  test('comes before the fit and names what decided it', () => {
    const air = verdict('air', { level: 'stop', kills: true });
    const years = verdict('years', { level: 'stop' });
    const ph = verdict('ph', { level: 'mind' });
    expect(rated('lethal', [air, years, ph], 0.01)).toBe('■ Lethal Fit 1% It kills: air after watering.');
    expect(rated('poor', [years, ph])).toContain('▲ Poor Fit 50% It will fail the plant: years before it fails.');
    expect(rated('workable', [ph, verdict('air')])).toContain(
      '◐ Workable Fit 50% It can be lived with. To mind: reaction (pH).',
    );
    expect(rated('good', [ph, verdict('air')], 0.9)).toContain('● Good Fit 90% It serves. To mind: reaction (pH).');
    expect(rated('good', [verdict('air')], 1)).toContain('Nothing speaks against it here.');
  });

  test('says where it may as well be on the other side, notes apart', () => {
    const close = [
      verdict('drought', { close: true }),
      verdict('wet_weight', { close: true, note: true }),
      verdict('air', { close: false }),
    ];
    expect(rated('good', close)).toContain('◇ Close: short of water in a hot spell may as well be on the other side.');
    expect(rated('good', close)).not.toContain('weight');
    expect(rated('good', [verdict('air', { close: false })])).not.toContain('◇');
  });

  test('says what is not rated without a site', () => {
    const without = words(<RatingHead rated={{ rating: 'good', fit: 1, verdicts: [] }} hasSite={false} />);
    expect(without).toContain('Without a site only mix and pot are rated');
    expect(rated('good', [])).not.toContain('Without a site');
  });

  test('stands alone in lists, by shape and word', () => {
    expect(words(<RatingWord rating="lethal" />)).toBe('■ Lethal');
    expect(words(<RatingWord rating="workable" />)).toBe('◐ Workable');
  });
});

describe('stock and cost stand beside', () => {
  const supply: Schemas['Supply'] = { cost_per_pot: 1.5, budget: null, pots_from_stock: 7, pots_wanted: 1 };

  test('in plain words, with a mark only where a wish is not met', () => {
    expect(words(<Supply supply={supply} />)).toBe('The mix in one pot costs €1.50. The stock fills 7 pots.');
    expect(words(<Supply supply={{ ...supply, budget: 1 }} />)).toContain(
      '▲ The mix in one pot costs €1.50; it may cost €1.00.',
    );
    expect(words(<Supply supply={{ ...supply, budget: 2 }} />)).not.toContain('▲');
    expect(words(<Supply supply={{ ...supply, pots_from_stock: 1, pots_wanted: 9 }} />)).toContain(
      '▲ The stock fills 1 pot of 9 wanted.',
    );
  });

  test('and are silent where nothing is known', () => {
    expect(words(<Supply supply={null} />)).toBe('');
    expect(words(<Supply supply={{ ...supply, cost_per_pot: null, pots_from_stock: null }} />)).toBe('');
  });
});

describe('the crown is asked for', () => {
  const evaluation = (canopy_given: boolean) =>
    ({
      water: { canopy_cm: 41.2, canopy_given },
      section: {
        depth_cm: 6.5,
        outline: [
          { height_cm: 0, width_cm: 30 },
          { height_cm: 6.5, width_cm: 34 },
        ],
      },
    }) as unknown as Schemas['Evaluation'];

  test('with a start that says it is reckoned, drawn to the scale of the pot', () => {
    const markup = renderToStaticMarkup(
      <QueryClientProvider client={new QueryClient()}>
        <IntlProvider locale="en" messages={en}>
          <BlendProvider>
            <CanopyAsk evaluation={evaluation(false)} />
          </BlendProvider>
        </IntlProvider>
      </QueryClientProvider>,
    );
    expect(markup).toContain('aria-label="The pot, 34 cm wide, under a crown of 41 cm, to one scale."');
    expect(markup).toContain('placeholder="41"');
    const [, crown] = /rx="([\d.]+)"/.exec(markup) ?? [];
    const [, rim] = /M[\d.]+ [\d.]+h([\d.]+)l/.exec(markup) ?? [];
    expect((2 * Number(crown)) / Number(rim)).toBeCloseTo(41.2 / 34, 6);
    expect(words(<CanopyAsk evaluation={evaluation(false)} />)).toContain('the largest doubt here. Measure it.');
    expect(words(<CanopyAsk evaluation={evaluation(true)} />)).toContain('Reckoned with 41 cm.');
  });

  test('only where water is judged', () => {
    expect(words(<CanopyAsk evaluation={{ ...evaluation(false), water: null }} />)).toBe('');
  });
});
