import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';

/** The first part of the key under which an answer of the server is kept. */
export type Kept =
  | 'batches'
  | 'calendar-address'
  | 'checks'
  | 'components'
  | 'day'
  | 'days'
  | 'evaluation'
  | 'fertilisers'
  | 'instruments'
  | 'lots'
  | 'growth'
  | 'model-news'
  | 'movements'
  | 'outcomes'
  | 'people'
  | 'places'
  | 'plan'
  | 'plant'
  | 'plants'
  | 'pots'
  | 'proportions'
  | 'recipes'
  | 'sieve-sets'
  | 'sites'
  | 'species'
  | 'tasks'
  | 'test'
  | 'tests'
  | 'today'
  | 'trials'
  | 'uses'
  | 'vessels'
  | 'yards'
  | 'session'
  | 'round'
  | 'weather'
  | 'right'
  | 'season'
  | 'zones';

/** What a change makes stale: the one place that says so. */
export const STALE = {
  batch: ['batches'],
  batchMixed: ['batches', 'components', 'lots', 'movements', 'evaluation', 'plan', 'day'],
  calendarAddress: ['calendar-address'],
  component: ['components', 'recipes', 'evaluation', 'plan'],
  day: ['outcomes', 'days', 'today', 'plants', 'plant', 'tasks', 'components', 'lots', 'movements', 'uses'],
  fit: ['right'],
  fertiliser: ['fertilisers', 'day'],
  growth: ['growth', 'plant', 'plants', 'outcomes'],
  calibration: ['right', 'evaluation', 'plants', 'plant', 'today', 'round', 'season', 'recipes', 'components'],
  file: ['components', 'lots', 'movements', 'tests', 'evaluation', 'plan', 'plants', 'plant', 'pots', 'today', 'uses'],
  instrument: ['instruments', 'weather', 'round'],
  modelNews: ['model-news'],
  moisture: ['plant', 'today', 'round', 'season'],
  people: ['people'],
  plant: ['plants', 'plant', 'tasks', 'today', 'places', 'uses', 'round', 'season', 'outcomes'],
  plantPage: ['plant'],
  pot: ['pots', 'evaluation', 'uses'],
  proportions: ['proportions', 'plant', 'checks'],
  recipe: ['recipes', 'uses'],
  sieveSet: ['sieve-sets'],
  site: ['sites', 'evaluation'],
  species: ['species', 'evaluation'],
  stock: ['components', 'lots', 'movements', 'evaluation', 'plan'],
  task: ['tasks', 'today', 'plant'],
  test: ['tests', 'test'],
  testInUse: ['tests', 'test', 'components', 'recipes', 'evaluation', 'plan'],
  trial: ['trials'],
  trialTasks: ['trials', 'tasks', 'today', 'plant'],
  vessel: ['vessels'],
  walk: ['round'],
  weather: ['weather', 'round', 'today', 'plant', 'season'],
  yards: ['yards', 'session'],
  zone: ['zones', 'round', 'plant', 'today'],
} as const satisfies Record<string, readonly Kept[]>;

export type Change = keyof typeof STALE;

/** Has what a change made stale loaded anew. */
export function useStale() {
  const client = useQueryClient();

  return useCallback(
    (change: Change) => Promise.all(STALE[change].map((key) => client.invalidateQueries({ queryKey: [key] }))),
    [client],
  );
}

/** A write, and what it makes stale. */
export function useWrite<Input, Output>(write: (input: Input) => Promise<Output>, change: Change) {
  const stale = useStale();

  return useMutation({ mutationFn: write, onSuccess: () => stale(change) });
}
