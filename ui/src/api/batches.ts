import { keepPreviousData, useQuery } from '@tanstack/react-query';

import { answerOf, api, type Schemas } from './client';
import type { ListQuery } from './lists';
import { useWrite } from './stale';

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
