import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';

import { answerOf, api, type Schemas } from './client';
import type { ListQuery } from './lists';
import { useStale, useWrite } from './stale';

export function useBatches(query: ListQuery) {
  return useQuery({
    queryKey: ['batches', query],
    queryFn: async ({ signal }) => answerOf(await api.GET('/batches', { params: { query }, signal })),
    placeholderData: keepPreviousData,
  });
}

export function useBatch(id: number) {
  return useQuery({
    queryKey: ['batch', id],
    queryFn: async ({ signal }) => answerOf(await api.GET('/batches/{id}', { params: { path: { id } }, signal })),
    staleTime: Infinity,
  });
}

export function useSaveBatch() {
  return useWrite(async (body: Schemas['BatchInput']) => answerOf(await api.POST('/batches', { body })), 'batch');
}

/** That a batch is mixed, by whom, or that it is not: null. */
export function useMixBatch(id: number) {
  const client = useQueryClient();
  const stale = useStale();

  return useMutation({
    mutationFn: async (person: string | null) =>
      answerOf(
        person === null
          ? await api.DELETE('/batches/{id}/mixed', { params: { path: { id } } })
          : await api.POST('/batches/{id}/mixed', { params: { path: { id } }, body: { person } }),
      ),
    onSuccess: (batch) => {
      client.setQueryData(['batch', id], batch);
      void stale('batchMixed');
    },
  });
}
