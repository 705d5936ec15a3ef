import { keepPreviousData, useQuery } from '@tanstack/react-query';

import { answerOf, api, type Schemas } from './client';
import { changedOf, useOpened } from './changed';
import type { ListQuery } from './lists';
import { useWrite } from './stale';

export function usePots(query: ListQuery) {
  return useQuery({
    queryKey: ['pots', query],
    queryFn: async ({ signal }) => answerOf(await api.GET('/pots', { params: { query }, signal })),
    placeholderData: keepPreviousData,
  });
}

export function useSavePot(record: Schemas['Pot'] | null) {
  const opened = useOpened(record);

  return useWrite(
    async ({ id, body }: { id: number | null; body: Schemas['PotInput'] }) =>
      answerOf(
        id === null || opened === null
          ? await api.POST('/pots', { body })
          : await api.PUT('/pots/{id}', { params: { path: { id } }, body: changedOf(opened, body) }),
      ),
    'pot',
  );
}

/** An entry of a day; a plant that is on none, in the mix that it stands in or another; or what stands in Blend. */
export type Whose =
  | { day: number; entry: number; revision: number }
  | { plant: number; recipe: number | null }
  | { question: Schemas['EvaluationInput'] };

export function useWhichPot(whose: Whose) {
  return useQuery({
    queryKey: ['which-pot', whose],
    queryFn: async ({ signal }) => {
      if ('question' in whose) {
        return answerOf(await api.POST('/views/pots', { body: whose.question, signal }));
      }
      if ('day' in whose) {
        const path = { id: whose.day, entry: whose.entry };

        return answerOf(await api.GET('/days/{id}/plants/{entry}/pots', { params: { path }, signal }));
      }
      const query = whose.recipe === null ? {} : { recipe_id: whose.recipe };

      return answerOf(await api.GET('/plants/{id}/pots', { params: { path: { id: whose.plant }, query }, signal }));
    },
    gcTime: 0,
  });
}

export function useArchivePot() {
  return useWrite(
    async ({ id, archived }: { id: number; archived: boolean }) =>
      answerOf(await api.PUT('/pots/{id}/archived', { params: { path: { id } }, body: { archived } })),
    'pot',
  );
}

export function usePotChecks(body: Schemas['PotChecksInput'] | null) {
  return useQuery({
    queryKey: ['checks', body],
    queryFn: async ({ signal }) =>
      answerOf(await api.POST('/pots/checks', { body: body ?? { pot_id: 0, recipe_id: 0 }, signal })),
    enabled: body !== null,
    placeholderData: keepPreviousData,
  });
}
