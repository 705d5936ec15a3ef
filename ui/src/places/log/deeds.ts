import type { Activity } from '../../api/people';

/** What was done, out of the address that was asked. */
export const DEEDS = [
  'added',
  'changed',
  'archived',
  'restored',
  'removed',
  'tookBack',
  'mixed',
  'potted',
  'finished',
  'watered',
  'opened',
  'inspected',
  'counted',
  'pictured',
  'paired',
  'password',
  'tookIn',
] as const;
export type Deed = (typeof DEEDS)[number];

/** To what it was done. */
export const SUBJECTS = [
  'components',
  'pots',
  'recipes',
  'sites',
  'species',
  'batches',
  'mixes',
  'lots',
  'vessels',
  'sieve-sets',
  'bench',
  'plants',
  'photos',
  'fertilisers',
  'days',
  'tasks',
  'rounds',
  'round',
  'zones',
  'people',
  'devices',
  'proportions',
  'calendar-address',
  'yard',
  'files',
] as const;
export type Subject = (typeof SUBJECTS)[number];

/** By the last part of the address that is no number. */
const BY_LAST: Partial<Record<string, Deed>> = {
  mixed: 'mixed',
  loads: 'mixed',
  leftovers: 'finished',
  finish: 'finished',
  finished: 'finished',
  potted: 'potted',
  moisture: 'watered',
  round: 'watered',
  run: 'opened',
  inspections: 'inspected',
  movements: 'counted',
  photos: 'pictured',
  pairing: 'paired',
  password: 'password',
};

export function deedOf({ method, route, undo }: Activity): Deed {
  const last = route
    .split('/')
    .filter((part) => !part.startsWith('{'))
    .at(-1);
  if (last === 'archived') {
    return undo?.body?.['archived'] === true ? 'restored' : 'archived';
  }
  if (last === 'state') {
    return undo === null ? 'tookBack' : 'potted';
  }
  if (method === 'DELETE') {
    return last === 'photos' || last === 'devices' || last === 'plants' ? 'removed' : 'tookBack';
  }
  if (/^(imports|.*-files|yard$)/.test(route)) {
    return 'tookIn';
  }

  return BY_LAST[last ?? ''] ?? (method === 'POST' ? 'added' : 'changed');
}

export function subjectOf({ route }: Activity): Subject {
  const first = route.split('/')[0] ?? '';

  return SUBJECTS.find((each) => each === first) ?? 'files';
}
