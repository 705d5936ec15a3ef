import type { Schemas } from '../../api/client';
import type { ShownLoad } from '../../kit/loads/loads';

type Mix = Schemas['DayMix'];

/** Loads of a mix, those that are mixed and those to come. */
export const shownLoads = (mix: Mix): ShownLoad[] => [
  ...mix.mixed.map((load) => ({ ...load, mixed: true })),
  ...mix.load_plan.map((load) => ({ ...load, mixed: false })),
];

/** The next load to mix, of the first mix that has one. */
export function nextLoad(day: Schemas['PottingDay']): { mix: Mix; load: Schemas['PlannedLoad'] } | null {
  for (const mix of day.mixes) {
    const load = mix.load_plan[0];
    if (load !== undefined && mix.closed === null) {
      return { mix, load };
    }
  }

  return null;
}

export const nameIn = (mix: Mix) => (id: number) => mix.parts.find((part) => part.component_id === id)?.name ?? '';
