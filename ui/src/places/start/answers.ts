import type { Schemas } from '../../api/client';
import { rules } from '../../api/meta';
import { plain, typedNumber } from '../../i18n/numbers';

export const STEPS = ['plant', 'pot', 'place', 'water', 'have'] as const;
export type Step = (typeof STEPS)[number];

/** Shapes as they are asked for: by their measures, or by the water that fills one. */
export const SHAPES = ['round', 'oval', 'rectangular', 'polygon', 'bowl', 'measured'] as const;
export type Shape = (typeof SHAPES)[number];

/** Hours between two waterings that are offered. */
export const HOURS = [12, 24, 48, 72, 168] as const;

/** What was answered so far; every question may be passed by. */
export interface Answers {
  group: Schemas['PlantGroup'] | null;
  speciesId: number | null;
  potId: number | null;
  shape: Shape | null;
  length: string;
  width: string;
  depth: string;
  litres: string;
  sloping: boolean;
  holes: string;
  siteId: number | null;
  climate: Schemas['TypicalClimate']['key'] | null;
  hours: number | null;
  /** Components that were ticked. */
  have: number[];
}

export const nothing = (): Answers => ({
  group: null,
  speciesId: null,
  potId: null,
  shape: null,
  length: '',
  width: '',
  depth: '',
  litres: '',
  sloping: true,
  holes: plain(rules.usual_pot.holes),
  siteId: null,
  climate: null,
  hours: null,
  have: [],
});

const KEPT_AS = 'zolbek.start';

export function keptAnswers(): Answers {
  try {
    return { ...nothing(), ...(JSON.parse(sessionStorage.getItem(KEPT_AS) ?? '{}') as Partial<Answers>) };
  } catch {
    return nothing();
  }
}

export function keepAnswers(answers: Answers): void {
  sessionStorage.setItem(KEPT_AS, JSON.stringify(answers));
}

/** What has to be measured of a shape. */
export function measuresOf(shape: Shape): ('length' | 'width' | 'depth' | 'litres')[] {
  return shape === 'measured'
    ? ['litres', 'depth']
    : shape === 'oval' || shape === 'rectangular'
      ? ['length', 'width', 'depth']
      : ['length', 'depth'];
}

/** Measures of a pot as the server takes them; null while one is missing. */
export function potOf(answers: Answers, name: string): Schemas['PotInput'] | null {
  const { shape } = answers;
  const usual = rules.usual_pot;
  if (shape === null) {
    return null;
  }
  const asked = measuresOf(shape).map((measure) => typedNumber(answers[measure]));
  const holes = typedNumber(answers.holes);
  if (asked.includes(null) || holes === null) {
    return null;
  }
  const [length, width, depth, litres] = (['length', 'width', 'depth', 'litres'] as const).map(
    (measure) => typedNumber(answers[measure]) ?? 0,
  ) as [number, number, number, number];
  const floor = (cm: number) => Math.round(cm * (answers.sloping ? usual.floor_of_rim : 1) * 10) / 10;

  return {
    name,
    shape,
    depth,
    measures: {
      round: () => ({ top: length, base: floor(length) }),
      polygon: () => ({ top: length, base: floor(length), sides: usual.sides }),
      bowl: () => ({ top: length }),
      oval: () => ({ top_length: length, top_width: width, base_length: floor(length), base_width: floor(width) }),
      rectangular: () => ({
        top_length: length,
        top_width: width,
        base_length: floor(length),
        base_width: floor(width),
      }),
      measured: () => ({ volume_l: litres }),
    }[shape]() as Record<string, number>,
    hole_count: holes,
    hole_diameter_cm: holes > 0 ? usual.hole_cm : null,
  };
}

/** Where the mixes are found that the answers lead to. */
export function addressOf(answers: Answers, potId: number | null, siteId: number | null): string {
  const given = {
    group: answers.group,
    species: answers.speciesId,
    pot: potId,
    site: siteId,
    summer: answers.hours,
    only: answers.have.length === 0 ? null : answers.have.join(','),
  };
  const params = new URLSearchParams({ go: '1' });
  for (const [name, value] of Object.entries(given)) {
    if (value !== null) {
      params.set(name, String(value));
    }
  }

  return `/blend/find?${params.toString()}`;
}
