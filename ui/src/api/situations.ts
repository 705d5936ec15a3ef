import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';

import { answerOf, api, type Schemas } from './client';
import { changedOf, useOpened } from './changed';
import type { ListQuery } from './lists';
import { useWrite } from './stale';

export function useSites(query: ListQuery) {
  return useQuery({
    queryKey: ['sites', query],
    queryFn: async ({ signal }) => answerOf(await api.GET('/sites', { params: { query }, signal })),
    placeholderData: keepPreviousData,
  });
}

/** What a site can begin with: asked for once. */
export function useClimates() {
  return useQuery({
    queryKey: ['climates'],
    queryFn: async ({ signal }) => answerOf(await api.GET('/climates', { signal })),
    staleTime: Infinity,
  });
}

export function useSpecies(query: ListQuery) {
  return useQuery({
    queryKey: ['species', query],
    queryFn: async ({ signal }) => answerOf(await api.GET('/species', { params: { query }, signal })),
    placeholderData: keepPreviousData,
  });
}

export function useSaveSite(record: Schemas['Site'] | null) {
  const opened = useOpened(record);

  return useWrite(
    async ({ id, body }: { id: number | null; body: Schemas['SiteInput'] }) =>
      answerOf(
        id === null || opened === null
          ? await api.POST('/sites', { body })
          : await api.PUT('/sites/{id}', { params: { path: { id } }, body: changedOf(opened, body) }),
      ),
    'site',
  );
}

export function useArchiveSite() {
  return useWrite(
    async ({ id, archived }: { id: number; archived: boolean }) =>
      answerOf(await api.PUT('/sites/{id}/archived', { params: { path: { id } }, body: { archived } })),
    'site',
  );
}

export function useSaveSpecies(record: Schemas['Species'] | null) {
  const opened = useOpened(record);

  return useWrite(
    async ({ id, body }: { id: number | null; body: Schemas['SpeciesInput'] }) =>
      answerOf(
        id === null || opened === null
          ? await api.POST('/species', { body })
          : await api.PUT('/species/{id}', { params: { path: { id } }, body: changedOf(opened, body) }),
      ),
    'species',
  );
}

export function useArchiveSpecies() {
  return useWrite(
    async ({ id, archived }: { id: number; archived: boolean }) =>
      answerOf(await api.PUT('/species/{id}/archived', { params: { path: { id } }, body: { archived } })),
    'species',
  );
}

/** Months out of a CSV file; nothing is kept. */
export function useReadMonths() {
  return useMutation({
    mutationFn: async (text: string) =>
      answerOf(
        await api.POST('/imports/site-months', {
          body: text,
          bodySerializer: (body: string) => body,
          headers: { 'Content-Type': 'text/csv' },
        }),
      ),
  });
}
