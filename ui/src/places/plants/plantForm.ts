import type { Schemas } from '../../api/client';
import { plain, typedNumber } from '../../i18n/numbers';

type Input = Required<Omit<Schemas['PlantInput'], 'stage'>>;
type Step = Omit<Schemas['PlanStep'], 'year'> & { year: string };

/** Fields that stand in the form as they were typed, and become numbers when it is sent. */
export type NumberName = { [Name in keyof Input]: number | null extends Input[Name] ? Name : never }[Exclude<
  keyof Input,
  `${string}_id`
>];
type DayName = 'potted_on' | 'quarters_from' | 'quarters_to';
export type TextName = 'number' | 'name' | 'place' | 'front' | DayName | 'note';

/** What stands in the form: figures and days as texts, all else as the API has it. */
export type PlantForm = Omit<Input, NumberName | 'plan' | DayName> &
  Record<NumberName | DayName, string> & { plan: Step[] };

const EMPTY: PlantForm = {
  number: '',
  name: '',
  count: '',
  plant_group: 'broadleaf_deciduous',
  species_id: null,
  year_started: '',
  height_cm: '',
  canopy_cm: '',
  trunk_mm: '',
  weight_kg: '',
  planned_years: '',
  site_id: null,
  place: '',
  front: '',
  exposure: 'full_sun',
  vigour: 'middling',
  health: 'well',
  purpose: 'grow_on',
  origin: 'bought',
  shelter: false,
  stand: 'bench',
  feed: 'usual',
  winter_shelter: false,
  roofed: false,
  quarters_from: '',
  quarters_to: '',
  quarters_exposure: 'shade',
  quarters_roofed: false,
  pot_id: null,
  recipe_id: null,
  potted_on: '',
  buried: [],
  plan: [],
  note: '',
};

export const NUMBERS: NumberName[] = [
  'count',
  'year_started',
  'height_cm',
  'canopy_cm',
  'trunk_mm',
  'weight_kg',
  'planned_years',
];

export function formOf(plant: Schemas['Plant'] | null): PlantForm {
  if (plant === null) {
    return EMPTY;
  }
  const own = Object.fromEntries(Object.keys(EMPTY).map((name) => [name, plant[name as keyof PlantForm]])) as Input;

  return {
    ...own,
    ...(Object.fromEntries(NUMBERS.map((name) => [name, plant[name] == null ? '' : plain(plant[name])])) as Record<
      NumberName,
      string
    >),
    potted_on: plant.potted_on ?? '',
    quarters_from: plant.quarters_from ?? '',
    quarters_to: plant.quarters_to ?? '',
    plan: plant.plan.map((step) => ({ ...step, year: plain(step.year) })),
  };
}

/** Fields that hold something that is no number. */
export function wrongNumbers(form: PlantForm): string[] {
  return [
    ...NUMBERS.filter((name) => form[name].trim() !== '' && typedNumber(form[name]) === null),
    ...form.plan.flatMap((step, i) => (typedNumber(step.year) === null ? [`plan.${i}.year`] : [])),
  ];
}

const orNull = (text: string) => (text === '' ? null : text);

export function inputOf(form: PlantForm): Schemas['PlantInput'] {
  return {
    ...form,
    ...(Object.fromEntries(NUMBERS.map((name) => [name, typedNumber(form[name])])) as Record<
      NumberName,
      number | null
    >),
    potted_on: orNull(form.potted_on),
    quarters_from: orNull(form.quarters_from.trim()),
    quarters_to: orNull(form.quarters_to.trim()),
    plan: form.plan.map((step) => ({ ...step, year: typedNumber(step.year) ?? 0 })),
  };
}
