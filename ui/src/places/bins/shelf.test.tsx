import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { renderToStaticMarkup } from 'react-dom/server';
import { IntlProvider } from 'react-intl';
import { MemoryRouter } from 'react-router';
import { describe, expect, test } from 'vitest';

import type { Schemas } from '../../api/client';
import { en } from '../../catalogue';
import { BatchFigures } from '../blend/batch/BatchFigures';
import { PreparationWorth } from '../blend/mix/PreparationWorth';
import { MixContents } from './MixContents';
import { PropertyTable } from './PropertyTable';

function said(element: React.ReactElement): string {
  return renderToStaticMarkup(
    <QueryClientProvider client={new QueryClient()}>
      <IntlProvider locale="en" messages={en}>
        <MemoryRouter>{element}</MemoryRouter>
      </IntlProvider>
    </QueryClientProvider>,
  )
    .replace(/<[^>]+>/g, ' ')
    .replace(/\s+/g, ' ');
}

const component: Schemas['Component'] = {
  id: 3,
  key: 'pumice',
  name: 'Pumice',
  kind: 'porous stone',
  revision: 1,
  price_per_l: null,
  is_reference: true,
  basis: 'typical',
  bulk_density: 0.46,
  particle_density: 0.85,
  solid_density: 2.35,
  internal_water: 0.4,
  unavailable_water: 0.08,
  internal_median_cm: 60,
  internal_spread: 1.6,
  sphericity: 0.7,
  finest_mm: null,
  hydraulic_size_mm: null,
  hydraulic_spread: null,
  fines_weight: null,
  settled_index: null,
  structure_loss: null,
  ph: 7,
  buffer: 6,
  cec: 3,
  crumble_rate: 0.01,
  decay_rate: 0,
  sieve: { '4': 1, pan: 1 },
  hazards: ['dust'],
  colour: '#d8cdb8',
  stock_l: 10,
  pack_l: 40,
  pack_price: 20,
  low_l: null,
  runs_low: false,
  note: '',
  other_names: [],
  known_as: [],
  source: 'material',
  reclaimed_years: null,
  sieved_mm: null,
  measured: { properties: {}, findings: {} },
  mix_parts: [],
  archived: false,
};

describe('properties', () => {
  const sheet = (changed: Partial<Schemas['Component']>, uncertainty: Record<string, number>) =>
    ({ component: { ...component, ...changed }, uncertainty }) as unknown as Schemas['ComponentSheet'];

  test('that are typical stand with their uncertainty', () => {
    const text = said(<PropertyTable sheet={sheet({}, { bulk_density: 0.069 })} />);
    expect(text).toContain('Loose, dry 0.46 ± 0.069 kg/L');
    expect(text).not.toContain('rounds');
    expect(text).toContain('Figures are typical unless marked as measured');
  });

  test('that were measured say so, with the day and the rounds', () => {
    const bulk_density = { value: 0.52, uncertainty: 0.016, n: 3, on: '2026-05-02', sieve: null };
    const hydraulic_size_mm = { value: 1.4, uncertainty: 0.1, n: 1, on: '2026-05-03', sieve: null };
    const measured = { properties: { bulk_density, hydraulic_size_mm }, findings: {} };
    const text = said(<PropertyTable sheet={sheet({ measured }, { bulk_density: 0.016 })} />);
    expect(text).toContain('0.52 ± 0.016 kg/L');
    expect(text).toContain('measured May 2, 2026, 3 rounds');
    expect(text).toContain('Pores like grains of 1.4');
    expect(text).toContain('one round');
  });
});

describe('a mix in a bin', () => {
  const parts = [
    { component_id: 1, component_name: 'Pumice', parts: 3, spread: 0 },
    { component_id: 2, component_name: 'Bark', parts: 1, spread: 0 },
  ];

  test('tells what is in it and how old it is', () => {
    const mix = { ...component, source: 'reclaimed' as const, mix_parts: parts, reclaimed_years: 2.5, sieved_mm: 1.5 };
    const text = said(<MixContents component={mix} />);
    expect(text).toContain('Pumice 3 parts, 75%');
    expect(text).toContain('2.5 years in a pot, sieved on 1.5 mm');
    expect(said(<MixContents component={{ ...mix, sieved_mm: null }} />)).toContain('2.5 years in a pot, not sieved');
    expect(said(<MixContents component={{ ...mix, source: 'premix' }} />)).not.toContain('years');
    const rough = [{ component_id: 1, component_name: 'Pumice', parts: 3, spread: 1 }, ...parts.slice(1)];
    // 2 of 3 to 4 of 5
    expect(said(<MixContents component={{ ...mix, mix_parts: rough }} />)).toContain('Pumice 2 to 4 parts, 67% to 80%');
  });

  test('is nothing to be told of a material', () => {
    expect(said(<MixContents component={component} />).trim()).toBe('');
  });
});

describe('preparing', () => {
  const evaluation = {
    mix: { fines_below_1_mm: 0.01, price_per_l: 0.6 },
    pot: { air: 0.21, water_l: 3.1, easy_l: 1.5, run_through_s: 10 },
    preparation: {
      losses: [
        { component_id: 3, name: 'Pumice', kept_share: 0.85, lost_share_of_mix: 0.09, loss_price_per_l: 0.05 },
        { component_id: 4, name: 'Own sand', kept_share: 0.5, lost_share_of_mix: 0.1, loss_price_per_l: null },
      ],
      without: { air: 0.18, water_l: 3.3, easy_l: 1.6, run_through_s: null, price_per_l: null, fines_below_1_mm: 0.04 },
    },
  } as unknown as Schemas['Evaluation'];

  test('is weighed against not preparing', () => {
    const text = said(<PreparationWorth evaluation={evaluation} />);
    expect(text).toContain('Air after draining 21.0% 18.0%');
    expect(text).toContain('Run-through 10 s no outlet');
    expect(text).toContain('Price per litre €0.60 –');
    expect(text).toContain('Pumice: 85% kept, 15% thrown away, worth €0.05 a litre of mix.');
    expect(text).toContain('Own sand: 50% kept, 50% thrown away.');
  });

  test('is not spoken of where nothing is prepared', () => {
    expect(said(<PreparationWorth evaluation={{ ...evaluation, preparation: null }} />).trim()).toBe('');
  });
});

test('a batch says what is taken from the bin where that is more', () => {
  const line = (changed: Partial<Schemas['BatchLine']>): Schemas['BatchLine'] => ({
    component_id: 3,
    name: 'Pumice',
    colour: '#d8cdb8',
    kind: 'porous stone',
    dusty: true,
    share: 1,
    true_share: 1,
    mix_l: 10,
    layer_l: 0,
    litres: 10,
    gross_l: 10,
    mass_kg: 4.6,
    deviation_share: 0,
    scooped_l: 10,
    stock_l: 2,
    pack_l: null,
    packs: null,
    cost: null,
    packs_cost: null,
    ...changed,
  });
  const plan = {
    net_per_pot_l: 1,
    loose_l: 10,
    layer_l: 0,
    yield_share: 0.9,
    spare_share: 0.08,
    loads: 1,
    scoop_l: 1,
    scooped_l: 20,
    load_plan: [],
    warnings: [{ code: 'too_small', part: 4 }],
    lines: [line({}), line({ component_id: 4, name: 'Bark', gross_l: 12.5 })],
    mass_kg: 9,
    wet_pot_kg: 4,
    cost: null,
    packs_cost: null,
  } as unknown as Schemas['BatchPlan'];
  const text = said(<BatchFigures plan={plan} pots={4} fresh lots={{}} setLot={() => undefined} />);
  expect(text).toContain('12.5');
  expect(text).toContain('10.5 L short');
  expect(text).toContain('Bark: too little to measure');
});
