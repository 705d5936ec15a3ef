import { renderToStaticMarkup } from 'react-dom/server';
import { IntlProvider } from 'react-intl';
import { describe, expect, test } from 'vitest';

import type { Schemas } from '../../api/client';
import { en } from '../../catalogue';
import { MixingSheet } from './MixingSheet';

function line(changed: Partial<Schemas['BatchLine']>): Schemas['BatchLine'] {
  return {
    component_id: 1,
    name: 'Pumice',
    colour: '#d8cdb8',
    kind: 'porous stone',
    dusty: true,
    share: 0.6,
    true_share: 0.62,
    mix_l: 15,
    layer_l: 0,
    litres: 15,
    mass_kg: 7,
    deviation_share: 0,
    scooped_l: 15,
    stock_l: 40,
    pack_l: 20,
    packs: 0,
    cost: 8,
    packs_cost: 0,
    ...changed,
  };
}

function sheet(result: Partial<Schemas['BatchPlan']> = {}, batch: Partial<Schemas['Batch']> = {}): string {
  const whole: Schemas['Batch'] = {
    id: 1,
    name: 'Spring trays',
    recipe_id: null,
    recipe_version: null,
    pot_name: 'Oval tray',
    pots: 8,
    loose_l: 25,
    note: '',
    made_at: '2026-03-04T08:00:00+00:00',
    mixed_at: null,
    mixed_by: '',
    taken: [],
    used_cost: null,
    inputs: {
      components: [],
      parts: [],
      pot: { name: 'Oval tray', shape: 'oval', depth: 6, weight_kg: 2 },
      plant_group: 'desert',
      headspace_cm: 0.8,
      top_dressing_cm: 0,
      tree_weight_kg: 0,
      drainage_layer: null,
      order: { pots: 8, ball_share: 0, gap_share: 0, objects_l: 0, spare: 0.08, tub_l: 20, scoop_l: 1 },
    },
    result: {
      net_per_pot_l: 2.6,
      root_zone_l: 3.3,
      loose_l: 25,
      layer_l: 0,
      yield_share: 0.9,
      spare_share: 0.08,
      loads: 2,
      scooped_l: 25,
      tub_l: 20,
      load_plan: [1, 2].map((number) => ({
        number,
        litres: 12.5,
        lines: [
          { component_id: 1, scoops: 7.5, scoop_l: 1, ml: 0, litres: 7.5 },
          { component_id: 2, scoops: 5, scoop_l: 1, ml: 0, litres: 5 },
        ],
      })),
      warnings: [],
      scoop_l: 1,
      lines: [
        line({}),
        line({ component_id: 2, name: 'Bark', kind: 'bark', dusty: false, mix_l: 10, litres: 10, scooped_l: 10 }),
      ],
      mass_kg: 9,
      wet_pot_kg: 6.8,
      two_to_lift: false,
      cost: 12,
      packs_cost: 0,
      hazards: ['dust'],
      ...result,
    },
    ...batch,
  };

  return renderToStaticMarkup(
    <IntlProvider locale="en" timeZone="UTC" messages={en}>
      <MixingSheet batch={whole} />
    </IntlProvider>,
  );
}

/** The words of the sheet without its drawings. */
function text(html: string): string {
  return html
    .replace(/<svg.*?<\/svg>/g, '')
    .replace(/<[^>]+>/g, ' ')
    .replace(/\s+/g, ' ');
}

describe('the mixing sheet', () => {
  test('says for what, when, and what goes into each load', () => {
    const words = text(sheet());
    expect(words).toContain('Spring trays');
    expect(words).toContain('8 pots: Oval tray');
    expect(words).toContain('March 4, 2026');
    expect(words).toContain('2 loads, 25 L for 25 L');
    expect(words).toContain('Scoop 1 L, tub 20 L');
    expect(words).toContain('Loads 1 to 2 12.5 L each');
    expect(words).toContain('Pumice dusty 7.5 15 L 62%');
    expect(words).toContain('Bark 5 10 L');
    expect(words).toContain('Fill 2.6 L settled into each pot');
  });

  test('has a box to tick for each load, unless there are too many', () => {
    expect([...sheet().matchAll(/class="tick"/g)]).toHaveLength(2);
    expect(sheet({ loads: 25 })).not.toContain('class="tick"');
  });

  test('says when it was mixed and by whom, once it is', () => {
    expect(text(sheet())).not.toContain('Mixed March');
    expect(text(sheet({}, { mixed_at: '2026-03-05T08:00:00+00:00', mixed_by: 'Orsolt' }))).toContain(
      'Mixed March 5, 2026 by Orsolt',
    );
    expect(text(sheet({}, { mixed_at: '2026-03-05T08:00:00+00:00' }))).not.toContain(' by ');
  });

  test('lists what to buy, by packs or by litres where no pack is known', () => {
    expect(text(sheet())).toContain('All of it is in stock.');
    const words = text(
      sheet({
        lines: [
          line({ packs: 2, stock_l: 0 }),
          line({ component_id: 2, name: 'Bark', packs: null, pack_l: null, stock_l: 4, litres: 10 }),
        ],
      }),
    );
    expect(words).toContain('Pumice: 2 packs of 20 L');
    expect(words).toContain('Bark: 6 L short');
  });

  test('holds the cautions of what is in it, and no others', () => {
    expect(text(sheet())).toContain('crystalline silica');
    expect(text(sheet())).not.toContain('legionella');
    const words = text(sheet({ hazards: ['compost', 'sphagnum', 'vermiculite'] }));
    expect(words).not.toContain('crystalline silica');
    expect(words).toContain('legionella');
    expect(words).toContain('sporotrichosis');
    expect(words).toContain('asbestos: do not use it');
  });

  test('asks for two people where the pot is heavy', () => {
    expect(text(sheet())).toContain('6.8 kg wet: lift with a straight back');
    expect(text(sheet({ wet_pot_kg: 15.4, two_to_lift: true }))).toContain('15 kg wet: two people or a trolley');
  });

  test('names what is too little for a scoop', () => {
    expect(text(sheet({ warnings: [{ code: 'too_small', part: 2 }] }))).toContain('Bark: too little to measure.');
  });

  test('tells of the drainage layer only where there is one', () => {
    expect(text(sheet())).not.toContain('Drainage layer');
    const layered = sheet({
      layer_l: 4,
      lines: [line({}), line({ component_id: 3, name: 'Chip', layer_l: 4, mix_l: 0, true_share: null })],
    });
    expect(text(layered)).not.toContain('Chip dusty');
  });

  test('keeps a note, written as it was', () => {
    expect(sheet({}, { note: 'For <the> wall' })).toContain('For &lt;the&gt; wall');
    expect(sheet()).not.toContain('sheet-note');
  });
});

test('what is prepared first stands on the sheet, with what goes in and what is left', () => {
  const said = sheet({
    lines: [
      line({ gross_l: 20, kept_share: 0.75, preparation: { screen_lo_mm: 2.8, rinse_mm: 0.5 } }),
      line({ component_id: 2, name: 'Bark', gross_l: 15, preparation: { wet: 'soak' }, lot: 'B-7' }),
    ],
  });
  expect(said).toContain('Take 20 L of Pumice from the bin, over 2.8 mm, rinsed at 0.5 mm: 15 L are left.');
  expect(said).toContain('Bark: soaked before mixing.');
  expect(said).toContain('delivery B-7');
  expect(sheet()).not.toContain('Prepare first');
});
