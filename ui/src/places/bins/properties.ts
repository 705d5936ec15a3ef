import type { Schemas } from '../../api/client';
import type { MessageId } from '../../i18n/words';

/** What the model computes a material from: each property with its unit, under a head. */
export const GROUPS = [
  {
    title: 'bins.section.weights',
    fields: [
      ['bulk_density', 'unit.kgL'],
      ['particle_density', 'unit.kgL'],
      ['solid_density', 'unit.kgL'],
    ],
  },
  {
    title: 'bins.section.water',
    fields: [
      ['internal_water', 'unit.share'],
      ['unavailable_water', 'unit.share'],
      ['internal_median_cm', 'unit.cm'],
      ['internal_spread', null],
      ['sphericity', null],
      ['hydraulic_size_mm', 'unit.mm'],
      ['hydraulic_spread', null],
      ['fines_weight', null],
      ['settled_index', null],
    ],
  },
  {
    title: 'bins.section.chemistry',
    fields: [
      ['ph', null],
      ['buffer', 'unit.buffer'],
      ['cec', 'unit.cec'],
    ],
  },
  {
    title: 'bins.section.age',
    fields: [
      ['crumble_rate', 'unit.perYear'],
      ['decay_rate', 'unit.perYear'],
      ['structure_loss', 'unit.perYear'],
    ],
  },
] as const satisfies readonly {
  title: MessageId;
  fields: readonly (readonly [keyof Schemas['Component'], MessageId | null])[];
}[];

export const PROPERTIES = GROUPS.flatMap(({ fields }) => [...fields]);
