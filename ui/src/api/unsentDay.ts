import type { Schemas } from './client';
import type { Effect, Unsent } from './outbox';

type Day = Schemas['PottingDay'];
type Mix = Schemas['DayMix'];

/** A load that is mixed as far as this device knows; the server has not given it a number. */
export const UNSENT_LOAD = -1;

/** A day as it is with the taps that the server was not told of. */
export function withUnsent(day: Day, unsent: Unsent[]): Day {
  return unsent
    .filter(({ refused }) => refused === null)
    .map(({ effect, body, at }) => ({ effect, body: body as { person?: string }, at }))
    .filter(({ effect }) => 'day' in effect && effect.day === day.id)
    .reduce((now, { effect, body, at }) => after(now, effect, body.person ?? '', at), day);
}

function after(day: Day, effect: Effect, person: string, at: string): Day {
  switch (effect.kind) {
    case 'tick':
      return ofMix(day, effect.recipe, (mix) => ({ ...mix, ticked: ticksAfter(mix.ticked, effect) }));
    case 'load':
      return ofMix(day, effect.recipe, (mix) => mixed(mix, effect.number, person, at));
    case 'entry':
      return {
        ...day,
        entries: day.entries.map((entry) => (entry.id === effect.entry ? { ...entry, state: effect.state } : entry)),
      };
    default:
      return day;
  }
}

function ofMix(day: Day, recipe: number, change: (mix: Mix) => Mix): Day {
  return { ...day, mixes: day.mixes.map((mix) => (mix.recipe_id === recipe ? change(mix) : mix)) };
}

function ticksAfter(ticked: Mix['ticked'], { number, component, ticked: on }: Effect & { kind: 'tick' }) {
  const before = ticked.find((load) => load.number === number)?.component_ids ?? [];
  const others = before.filter((id) => id !== component);

  return [
    ...ticked.filter((load) => load.number !== number),
    { number, component_ids: on ? [...others, component] : others },
  ];
}

function mixed(mix: Mix, number: number, person: string, at: string): Mix {
  const load = mix.load_plan.find((each) => each.number === number);
  if (load === undefined) {
    return mix;
  }

  return {
    ...mix,
    load_plan: mix.load_plan.filter((each) => each !== load),
    mixed: [
      ...mix.mixed,
      {
        id: UNSENT_LOAD,
        number,
        litres: load.litres,
        poured_l: load.litres,
        person,
        mixed_at: at,
        lines: [],
        taken: [],
      },
    ],
  };
}
