import { useQuery } from '@tanstack/react-query';

import { answerOf, api } from './client';
import { useWrite } from './stale';

/** The model beside published figures and practice cases; the same until the model changes. */
export function useValidation() {
  return useQuery({
    queryKey: ['validation'],
    queryFn: async ({ signal }) => answerOf(await api.GET('/validation', { signal })),
    staleTime: Infinity,
  });
}

/** Whether it is still to be told that verdicts have changed. */
export function useModelNews() {
  return useQuery({
    queryKey: ['model-news'],
    queryFn: async ({ signal }) => answerOf(await api.GET('/model-news', { signal })),
    staleTime: Infinity,
  });
}

export function useTellModelNews() {
  return useWrite(async (untold: boolean) => answerOf(await api.PUT('/model-news', { body: { untold } })), 'modelNews');
}
