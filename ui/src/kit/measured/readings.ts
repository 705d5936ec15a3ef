import type { Schemas } from '../../api/client';
import { plain, typedNumber } from '../../i18n/numbers';

type Plan = Schemas['BenchPlan'];
type Kept = Schemas['BenchReadings'];
type Texts = Record<string, string>;

/** Readings as they stand in the fields. Masses on sieves stand under "retained.<aperture>", a round set aside has "set_aside". */
export interface Draft {
  setup: Texts;
  rounds: Texts[];
  sources: Texts;
}

export const SIEVE = 'retained.';
const ASIDE = 'set_aside';

const textOf = (value: unknown): string => (typeof value === 'number' ? plain(value) : String(value));

function textsOf(values: Record<string, unknown>): Texts {
  const texts: Texts = {};
  for (const [name, value] of Object.entries(values)) {
    if (Array.isArray(value)) {
      texts[name] = value.map(textOf).join(' ');
    } else if (typeof value === 'object' && value !== null) {
      for (const [aperture, mass] of Object.entries(value)) {
        texts[`${name}.${aperture}`] = textOf(mass);
      }
    } else {
      texts[name] = textOf(value);
    }
  }
  return texts;
}

export function draftOf(kept: Kept, plan: Plan): Draft {
  const rounds = kept.rounds.map((round) => textsOf(round));
  while (rounds.length < plan.rounds) {
    rounds.push({});
  }
  return { setup: textsOf(kept.setup), rounds, sources: kept.sources ?? {} };
}

/** The sieves chosen, coarsest first. */
export function aperturesOf(draft: Draft): number[] {
  const sizes = (draft.setup['apertures'] ?? '').split(/[\s;]+/).map((text) => typedNumber(text));
  return sizes.filter((size): size is number => size !== null && size > 0).sort((a, b) => b - a);
}

/** What stands in a field: a number where it is one, else the text, so that the server says what is wrong with it. */
function valueOf(text: string): number | string {
  return typedNumber(text) ?? text;
}

/** The readings as the API keeps them; rounds with nothing in them are left out unless one after them has something. */
export function keptOf(draft: Draft, plan: Plan): Kept {
  const choices = new Set(plan.readings.filter((reading) => reading.type === 'choice').map((reading) => reading.name));
  const setup: Record<string, unknown> = {};
  for (const [name, text] of Object.entries(draft.setup)) {
    if (name === 'apertures') {
      setup[name] = aperturesOf(draft);
    } else if (text.trim() !== '') {
      setup[name] = choices.has(name) ? text : valueOf(text);
    }
  }
  const rounds = draft.rounds.map((texts) => {
    const round: Record<string, unknown> = {};
    for (const [name, text] of Object.entries(texts)) {
      if (text.trim() === '') {
        continue;
      }
      if (name === ASIDE) {
        round[ASIDE] = text === 'true';
      } else if (name.startsWith(SIEVE)) {
        round['retained'] = { ...(round['retained'] as object | undefined), [name.slice(SIEVE.length)]: valueOf(text) };
      } else {
        round[name] = choices.has(name) ? text : valueOf(text);
      }
    }
    return round;
  });
  while (rounds.length > 0 && Object.keys(rounds.at(-1) ?? {}).length === 0) {
    rounds.pop();
  }
  return { setup, rounds, sources: draft.sources };
}

export const withSetup = (draft: Draft, name: string, text: string): Draft => ({
  ...draft,
  setup: { ...draft.setup, [name]: text },
});

export const withRound = (draft: Draft, at: number, changed: Texts): Draft => ({
  ...draft,
  rounds: draft.rounds.map((round, i) => (i === at ? { ...round, ...changed } : round)),
});

export const withAside = (draft: Draft, at: number, aside: boolean): Draft =>
  withRound(draft, at, { [ASIDE]: aside ? 'true' : '' });

/** The step at which a reading is taken, by the reading's path such as "rounds.0.full_g". */
export function stepOf(path: string, plan: Plan): number {
  const name = path.split('.').find((part) => part !== 'setup' && part !== 'rounds' && !/^\d+$/.test(part)) ?? '';
  const at = plan.steps.findIndex((step) => step.setup.includes(name) || step.rounds.includes(name));
  return at < 0
    ? Math.max(
        0,
        plan.steps.findIndex((step) => step.rounds.length > 0),
      )
    : at;
}

/** Seconds of a wait that are left. */
export function leftOf(waitingSince: string, waitS: number, now: number): number {
  return Math.max(0, Math.round(waitS - (now - Date.parse(waitingSince)) / 1000));
}
