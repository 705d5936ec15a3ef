import { keepPreviousData, useQuery } from '@tanstack/react-query';

import { answerOf, api, type Schemas } from './client';
import type { ListQuery } from './lists';
import { useWrite } from './stale';

export function useFertilisers(query: ListQuery) {
  return useQuery({
    queryKey: ['fertilisers', query],
    queryFn: async ({ signal }) => answerOf(await api.GET('/fertilisers', { params: { query }, signal })),
    placeholderData: keepPreviousData,
  });
}

export function useSaveFertiliser() {
  return useWrite(
    async ({ id, body }: { id: number | null; body: Schemas['FertiliserInput'] }) =>
      answerOf(
        id === null
          ? await api.POST('/fertilisers', { body })
          : await api.PUT('/fertilisers/{id}', { params: { path: { id } }, body }),
      ),
    'fertiliser',
  );
}

export function useArchiveFertiliser() {
  return useWrite(
    async ({ id, archived }: { id: number; archived: boolean }) =>
      answerOf(await api.PUT('/fertilisers/{id}/archived', { params: { path: { id } }, body: { archived } })),
    'fertiliser',
  );
}
