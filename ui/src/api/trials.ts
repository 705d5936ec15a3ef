import { keepPreviousData, useQuery } from '@tanstack/react-query';

import { answerOf, api, type Schemas } from './client';
import type { ListQuery } from './lists';
import { useWrite } from './stale';

export function useTrials(query: ListQuery) {
  return useQuery({
    queryKey: ['trials', query],
    queryFn: async ({ signal }) => answerOf(await api.GET('/trials', { params: { query }, signal })),
    placeholderData: keepPreviousData,
  });
}

export function useTrial(id: number) {
  return useQuery({
    queryKey: ['trials', id],
    queryFn: async ({ signal }) => answerOf(await api.GET('/trials/{id}', { params: { path: { id } }, signal })),
  });
}

/** Of one that is there only what was changed in it. */
export function useSaveTrial() {
  return useWrite(
    async ({ id, body }: { id: number | null; body: Partial<Schemas['TrialInput']> }) =>
      answerOf(
        id === null
          ? await api.POST('/trials', { body: body as Schemas['TrialInput'] })
          : await api.PUT('/trials/{id}', { params: { path: { id } }, body: body as Schemas['TrialInput'] }),
      ),
    'trial',
  );
}

export function useArchiveTrial() {
  return useWrite(
    async ({ id, archived }: { id: number; archived: boolean }) =>
      answerOf(await api.PUT('/trials/{id}/archived', { params: { path: { id } }, body: { archived } })),
    'trial',
  );
}

/** A step of a trial that needs nothing but a tap. */
export function useTrialStep(id: number) {
  return useWrite(
    async (step: 'begin' | 'key' | 'end') =>
      answerOf(
        step === 'begin'
          ? await api.POST('/trials/{id}/begin', { params: { path: { id } } })
          : step === 'key'
            ? await api.POST('/trials/{id}/key', { params: { path: { id } } })
            : await api.POST('/trials/{id}/end', { params: { path: { id } } }),
      ),
    'trialTasks',
  );
}

export function useTrialValues(id: number) {
  return useWrite(
    async (body: Schemas['TrialValuesInput']) =>
      answerOf(await api.PUT('/trials/{id}/values', { params: { path: { id } }, body })),
    'trialTasks',
  );
}

export function useTrialLoss(id: number) {
  return useWrite(
    async (body: Schemas['TrialLossInput']) =>
      answerOf(await api.PUT('/trials/{id}/lost', { params: { path: { id } }, body })),
    'trial',
  );
}

export const askNeeded = async (body: Schemas['TrialNeededInput']) =>
  answerOf(await api.POST('/trials/needed', { body }));
