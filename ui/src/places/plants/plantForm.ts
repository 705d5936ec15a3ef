import type { Schemas } from '../../api/client';
import { plain, typedNumber } from '../../i18n/numbers';

export const NUMBERS = ['year_started', 'height_cm', 'canopy_cm', 'trunk_mm', 'weight_kg', 'planned_years'] as const;
export type NumberName = (typeof NUMBERS)[number];
export const TEXTS = ['number', 'name', 'place', 'front', 'potted_on', 'note'] as const;
export type TextName = (typeof TEXTS)[number];

/** What stands in the form, as it was typed. */
export interface PlantForm {
  texts: Record<TextName, string>;
  numbers: Record<NumberName, string>;
  group: Schemas['PlantGroup'];
  speciesId: number | null;
  exposure: Schemas['Exposure'];
  vigour: Schemas['Vigour'];
  health: Schemas['Health'];
  purpose: Schemas['Purpose'];
  origin: Schemas['Origin'];
  shelter: boolean;
  stand: Schemas['Stand'];
  feed: Schemas['Feed'];
  winterShelter: boolean;
  siteId: number | null;
  potId: number | null;
  recipeId: number | null;
  buried: Schemas['Buried'][];
  plan: { year: string; what: Schemas['PlanKind']; note: string; potId: number | null }[];
}

export function formOf(plant: Schemas['Plant'] | null): PlantForm {
  return {
    texts: {
      number: plant?.number ?? '',
      name: plant?.name ?? '',
      place: plant?.place ?? '',
      front: plant?.front ?? '',
      potted_on: plant?.potted_on ?? '',
      note: plant?.note ?? '',
    },
    numbers: Object.fromEntries(
      NUMBERS.map((name) => [name, plant?.[name] == null ? '' : plain(plant[name])]),
    ) as PlantForm['numbers'],
    group: plant?.plant_group ?? 'broadleaf_deciduous',
    speciesId: plant?.species_id ?? null,
    exposure: plant?.exposure ?? 'full_sun',
    vigour: plant?.vigour ?? 'middling',
    health: plant?.health ?? 'well',
    purpose: plant?.purpose ?? 'grow_on',
    origin: plant?.origin ?? 'bought',
    shelter: plant?.shelter ?? false,
    stand: plant?.stand ?? 'bench',
    feed: plant?.feed ?? 'usual',
    winterShelter: plant?.winter_shelter ?? false,
    siteId: plant?.site_id ?? null,
    potId: plant?.pot_id ?? null,
    recipeId: plant?.recipe_id ?? null,
    buried: plant?.buried ?? [],
    plan: (plant?.plan ?? []).map((step) => ({
      year: plain(step.year),
      what: step.what,
      note: step.note,
      potId: step.pot_id,
    })),
  };
}

/** Fields that hold something that is no number. */
export function wrongNumbers(form: PlantForm): string[] {
  return [
    ...NUMBERS.filter((name) => form.numbers[name].trim() !== '' && typedNumber(form.numbers[name]) === null),
    ...form.plan.flatMap((step, i) => (typedNumber(step.year) === null ? [`plan.${i}.year`] : [])),
  ];
}

export function inputOf(form: PlantForm): Schemas['PlantInput'] {
  const { potted_on, ...texts } = form.texts;

  return {
    ...texts,
    ...(Object.fromEntries(NUMBERS.map((name) => [name, typedNumber(form.numbers[name])])) as Record<
      NumberName,
      number | null
    >),
    potted_on: potted_on === '' ? null : potted_on,
    plant_group: form.group,
    species_id: form.speciesId,
    exposure: form.exposure,
    vigour: form.vigour,
    health: form.health,
    purpose: form.purpose,
    origin: form.origin,
    shelter: form.shelter,
    stand: form.stand,
    feed: form.feed,
    winter_shelter: form.winterShelter,
    site_id: form.siteId,
    pot_id: form.potId,
    recipe_id: form.recipeId,
    buried: form.buried,
    plan: form.plan.map((step) => ({
      year: typedNumber(step.year) ?? 0,
      what: step.what,
      note: step.note,
      pot_id: step.potId,
    })),
  };
}
