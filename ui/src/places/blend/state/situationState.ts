import type { Schemas } from '../../../api/client';
import { rules } from '../../../api/meta';
import { typedNumber } from '../../../i18n/numbers';

export const SEASONS = ['spring', 'summer', 'autumn', 'winter'] as const;
export type Season = (typeof SEASONS)[number];

/** Plant, place and care as they stand in the fields; numbers as they were typed. Empty means: as is usual. */
export interface Situation {
  speciesId: number | null;
  siteId: number | null;
  purpose: Schemas['Purpose'];
  stage: Schemas['GrowthStage'] | null;
  old: boolean;
  exposure: Schemas['Exposure'];
  wind: Schemas['Wind'];
  rainReaches: boolean;
  stand: Schemas['Stand'];
  winterShelter: boolean;
  /** Per cent. */
  rainShare: string;
  feed: Schemas['Feed'];
  feedWater: string;
  feedMix: string;
  canopyCm: string;
  heightCm: string;
  leaf: Schemas['Leaf'] | null;
  rootsCut: string;
  weeksSince: string;
  surface: Schemas['PotSurface'];
  alkalinity: string;
  hours: Record<Season, number>;
  method: Schemas['WateringMethod'];
  vigour: Schemas['Vigour'] | null;
  plannedYears: string;
  budget: string;
  potsWanted: string;
  tip: string;
}

export interface Named {
  id: number;
  name: string;
}

/** What else stands in the pot, as it stands in the fields. */
export interface Contents {
  ball: 'none' | 'share' | 'size';
  share: string;
  length: string;
  width: string;
  height: string;
  treatment: Schemas['BallTreatment'];
  oldRecipeId: number | null;
  /** A typical soil, in place of a mix that has aged. */
  soil: Exclude<Schemas['BallSoil'], 'as_stood'> | null;
  years: string;
  wall: 'none' | 'moss' | 'old_soil';
  wallComponent: Named | null;
  wallCm: string;
  holeCover: Named | null;
  dressing: Named | null;
  objects: string;
  bed: string;
  collar: string;
  mound: string;
}

const usual = {
  speciesId: null,
  siteId: null,
  purpose: 'grow_on',
  stage: null,
  old: false,
  exposure: 'full_sun',
  wind: 'usual',
  rainReaches: true,
  stand: 'bench',
  winterShelter: false,
  rainShare: '',
  feed: 'usual',
  feedWater: '',
  feedMix: '',
  canopyCm: '',
  heightCm: '',
  leaf: null,
  rootsCut: '0',
  weeksSince: '0',
  surface: 'bare',
  alkalinity: '',
  method: 'can',
  vigour: null,
  plannedYears: '',
  budget: '',
  potsWanted: '1',
  tip: '0',
} as const;

/** A plant in the sun that somebody comes by to water as is usual. */
export const usualSituation = (): Situation => ({ ...usual, hours: rules.hours });

export const noContents: Contents = {
  ball: 'none',
  share: '40',
  length: '15',
  width: '12',
  height: '5',
  treatment: 'teased',
  oldRecipeId: null,
  soil: null,
  years: '3',
  wall: 'none',
  wallComponent: null,
  wallCm: '1',
  holeCover: null,
  dressing: null,
  objects: '0',
  bed: '1',
  collar: '0',
  mound: '0',
};

/** What a text stands for: undefined where nothing was typed, null where it is no number. */
function optional(text: string): number | undefined | null {
  return text.trim() === '' ? undefined : typedNumber(text);
}

function without<T extends object>(values: T): { [K in keyof T]?: Exclude<T[K], undefined> } {
  return Object.fromEntries(Object.entries(values).filter(([, value]) => value !== undefined)) as never;
}

/** The situation as the API takes it, or null while a field holds no number. */
export function situationInput(situation: Situation): Schemas['SituationInput'] | null {
  const numbers = {
    canopy_cm: optional(situation.canopyCm),
    height_cm: optional(situation.heightCm),
    alkalinity_mg_l: optional(situation.alkalinity),
    feed_acidity_mg_l: optional(situation.feedWater),
    feed_acidity_mmol_l_year: optional(situation.feedMix),
    planned_years: optional(situation.plannedYears),
    budget: optional(situation.budget),
    pots_wanted: optional(situation.potsWanted),
    tip_deg: optional(situation.tip),
  };
  const cut = optional(situation.rootsCut);
  const rain = optional(situation.rainShare);
  const weeks = optional(situation.weeksSince);
  if ([...Object.values(numbers), cut, weeks, rain].includes(null)) {
    return null;
  }
  const { spring, summer, autumn, winter } = situation.hours;

  return {
    ...without({
      species_id: situation.speciesId ?? undefined,
      site_id: situation.siteId ?? undefined,
      stage: situation.stage ?? undefined,
      leaf: situation.leaf ?? undefined,
      vigour: situation.vigour ?? undefined,
      ...(numbers as Record<keyof typeof numbers, number | undefined>),
      ...(rain == null ? {} : { rain_share: rain / 100 }),
      ...(cut === undefined || cut === 0 ? {} : { roots_cut_share: (cut as number) / 100, weeks_since: weeks ?? 0 }),
    }),
    purpose: situation.purpose,
    old: situation.old,
    exposure: situation.exposure,
    wind: situation.wind,
    rain_reaches: situation.rainReaches,
    stand: situation.stand,
    winter_shelter: situation.winterShelter,
    feed: situation.feed,
    surface: situation.surface,
    habit: {
      spring_h: spring,
      summer_h: summer,
      autumn_h: autumn,
      winter_h: winter,
      method: situation.method,
    },
  };
}

/** What else is in the pot as the API takes it; undefined where nothing is, null while a field holds no number. */
export function contentsInput(contents: Contents): Schemas['ContentsInput'] | undefined | null {
  const read = (text: string) => typedNumber(text) ?? Number.NaN;
  const isBall = contents.ball !== 'none';
  const isWall = contents.wall === 'old_soil' || (contents.wall === 'moss' && contents.wallComponent !== null);
  const objects = read(contents.objects);
  if (!isBall && !isWall && contents.holeCover === null && contents.dressing === null && objects === 0) {
    return undefined;
  }
  const size = { length_cm: read(contents.length), width_cm: read(contents.width), height_cm: read(contents.height) };
  const input: Schemas['ContentsInput'] = {
    objects_l: objects,
    ...(contents.holeCover === null ? {} : { hole_cover_id: contents.holeCover.id }),
    ...(contents.dressing === null ? {} : { dressing_id: contents.dressing.id }),
    ...(isBall
      ? {
          bed_cm: read(contents.bed),
          collar_cm: read(contents.collar),
          mound_cm: read(contents.mound),
          ball: {
            ...(contents.ball === 'share' ? { share: read(contents.share) / 100 } : size),
            treatment: contents.treatment,
            years: read(contents.years),
            ...(contents.oldRecipeId === null || contents.soil !== null ? {} : { recipe_id: contents.oldRecipeId }),
            ...(contents.soil === null ? {} : { soil: contents.soil }),
          },
        }
      : {}),
    ...(isWall
      ? {
          wall: {
            kind: contents.wall === 'moss' ? ('moss' as const) : ('old_soil' as const),
            thickness_cm: read(contents.wallCm),
            ...(contents.wall === 'moss' && contents.wallComponent !== null
              ? { component_id: contents.wallComponent.id }
              : {}),
          },
        }
      : {}),
  };

  return JSON.stringify(input, (_, value: unknown) => (Number.isNaN(value) ? 'no number' : value)).includes('no number')
    ? null
    : input;
}
