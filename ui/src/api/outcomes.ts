import { keepPreviousData, useQuery } from '@tanstack/react-query';

import { answerOf, api, type Schemas } from './client';
import type { ListQuery } from './lists';
import { useWrite } from './stale';

export interface OutcomeQuery {
  beside?: number;
  version?: number;
  species_id?: number;
  place?: string;
  depth?: Schemas['OutcomeDepth'];
  year?: number;
  by?: 'version' | 'species' | 'place' | 'depth' | 'year';
}

/** Recipes, and how many plants stand in them. */
export function useOutcomeRecipes(query: ListQuery) {
  return useQuery({
    queryKey: ['outcomes', 'list', query],
    queryFn: async ({ signal }) => answerOf(await api.GET('/outcomes', { params: { query }, signal })),
    placeholderData: keepPreviousData,
  });
}

export function useMixOutcome(id: number | null, query: OutcomeQuery) {
  return useQuery({
    enabled: id !== null,
    queryKey: ['outcomes', id, query],
    queryFn: async ({ signal }) =>
      answerOf(await api.GET('/outcomes/{id}', { params: { path: { id: id ?? 0 }, query }, signal })),
    placeholderData: keepPreviousData,
  });
}

/** What a plant stood in. */
export function useStays(plant: number) {
  return useQuery({
    queryKey: ['outcomes', 'plant', plant],
    queryFn: async ({ signal }) =>
      answerOf(await api.GET('/plants/{id}/stays', { params: { path: { id: plant } }, signal })),
  });
}

export function useGrowth(plant: number) {
  return useQuery({
    queryKey: ['growth', plant],
    queryFn: async ({ signal }) =>
      answerOf(await api.GET('/plants/{id}/growth', { params: { path: { id: plant } }, signal })),
  });
}

export function useMeasureGrowth(plant: number) {
  return useWrite(
    async (body: Schemas['GrowthInput']) =>
      answerOf(await api.POST('/plants/{id}/growth', { params: { path: { id: plant } }, body })),
    'growth',
  );
}

export function useTakeBackGrowth(plant: number) {
  return useWrite(
    async (measure: number) =>
      answerOf(await api.DELETE('/plants/{id}/growth/{measure}', { params: { path: { id: plant, measure } } })),
    'growth',
  );
}
