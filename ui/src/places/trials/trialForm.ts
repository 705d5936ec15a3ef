import type { Schemas } from '../../api/client';
import { isoDay } from '../../i18n/isoDay';

export interface Arm {
  key: number;
  label: string;
  recipe: number | null;
  pot: number | null;
}

export interface TrialForm {
  name: string;
  question: string;
  varies: Schemas['TrialVaries'];
  arms: Arm[];
  measure: Schemas['TrialMeasure'];
  unit: string;
  fromStart: boolean;
  days: string[];
  blocking: Schemas['TrialBlocking'];
  blinded: boolean;
  plants: { id: number; name: string }[];
  conclusion: string;
}

const arm = (key: number): Arm => ({ key, label: '', recipe: null, pot: null });

/** What the form of a trial begins with: a trial that is there, or two things to try on today's plants. */
export function formOf(trial: Schemas['Trial'] | null): TrialForm {
  return {
    name: trial?.name ?? '',
    question: trial?.question ?? '',
    varies: trial?.varies ?? 'mix',
    arms: trial?.arms.map(({ label, recipe_id, pot_id }, key) => ({
      key,
      label: label ?? '',
      recipe: recipe_id,
      pot: pot_id,
    })) ?? [arm(0), arm(1)],
    measure: trial?.measure ?? 'trunk_mm',
    unit: trial?.measure === 'other' ? trial.unit : '',
    fromStart: trial?.from_start ?? true,
    days: trial?.days ?? [isoDay(), ''],
    blocking: trial?.blocking ?? 'bench_and_size',
    blinded: trial?.blinded ?? false,
    plants: trial?.plants.map(({ plant_id, number, name }) => ({ id: plant_id, name: `${number} ${name}` })) ?? [],
    conclusion: trial?.conclusion ?? '',
  };
}

export const oneMore = (arms: Arm[]): Arm[] => [...arms, arm(Math.max(0, ...arms.map(({ key }) => key)) + 1)];

/** What is sent of a form; days that were left empty are none. */
export function bodyOf(form: TrialForm): Schemas['TrialInput'] {
  return {
    name: form.name,
    question: form.question,
    varies: form.varies,
    arms: form.arms.map(({ label, recipe, pot }) => ({
      label,
      recipe_id: form.varies === 'mix' ? recipe : null,
      pot_id: form.varies === 'pot' ? pot : null,
    })),
    measure: form.measure,
    unit: form.measure === 'other' ? form.unit : '',
    from_start: form.fromStart,
    days: form.days.filter((each) => each !== ''),
    blocking: form.blocking,
    blinded: form.blinded,
    plants: form.plants.map(({ id }) => id),
    conclusion: form.conclusion,
  };
}
