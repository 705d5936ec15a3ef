import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';

import { askServer } from './token';
import { answerOf, api, ApiProblem, type Schemas } from './client';
import { useWrite } from './stale';

export type Activity = Schemas['Activity'];

export function usePeople() {
  return useQuery({
    queryKey: ['people'],
    queryFn: async ({ signal }) => answerOf(await api.GET('/people', { signal })).data,
  });
}

export function useAddPerson() {
  return useWrite(async (body: Schemas['PersonInput']) => answerOf(await api.POST('/people', { body })), 'people');
}

export function useChangePerson() {
  return useWrite(
    async ({ id, body }: { id: number; body: Schemas['PersonChange'] }) =>
      answerOf(await api.PUT('/people/{id}', { params: { path: { id } }, body })),
    'people',
  );
}

export function useArchivePerson() {
  return useWrite(
    async ({ id, archived }: { id: number; archived: boolean }) =>
      answerOf(await api.PUT('/people/{id}/archived', { params: { path: { id } }, body: { archived } })),
    'people',
  );
}

export function useSetPassword() {
  return useWrite(
    async ({ id, password }: { id: number; password: string }) =>
      answerOf(await api.PUT('/people/{id}/password', { params: { path: { id } }, body: { password } })),
    'people',
  );
}

export function useOfferPairing() {
  return useMutation({
    mutationFn: async (id: number) =>
      answerOf(await api.POST('/people/{id}/pairing', { params: { path: { id } }, body: {} })),
  });
}

export function useForgetDevice() {
  return useWrite(async (id: number) => {
    const result = await api.DELETE('/devices/{id}', { params: { path: { id } } });
    if (!result.response.ok) {
      answerOf(result as { error?: unknown; response: Response });
    }
  }, 'people');
}

export function useYards() {
  return useQuery({
    queryKey: ['yards'],
    queryFn: async ({ signal }) => answerOf(await api.GET('/yards', { signal })).data,
  });
}

export function useSaveYard() {
  return useWrite(
    async ({ id, name }: { id: number | null; name: string }) =>
      answerOf(
        id === null
          ? await api.POST('/yards', { body: { name } })
          : await api.PUT('/yards/{id}', { params: { path: { id } }, body: { name } }),
      ),
    'yards',
  );
}

export function useArchiveYard() {
  return useWrite(
    async ({ id, archived }: { id: number; archived: boolean }) =>
      answerOf(await api.PUT('/yards/{id}/archived', { params: { path: { id } }, body: { archived } })),
    'yards',
  );
}

export function useStatus() {
  return useQuery({
    queryKey: ['status'],
    queryFn: async ({ signal }) => answerOf(await api.GET('/status', { signal })),
  });
}

export function useActivity(query: { person?: string; page: number; per_page: number }) {
  return useQuery({
    queryKey: ['activity', query],
    queryFn: async ({ signal }) => answerOf(await api.GET('/activity', { params: { query }, signal })),
    placeholderData: keepPreviousData,
  });
}

/** Asks what takes back what was done. */
export function useTakeBack() {
  const client = useQueryClient();

  return useMutation({
    mutationFn: async ({ method, path, body }: NonNullable<Activity['undo']>) => {
      const answer = await askServer(
        new Request(new URL(`/api/v1/${path}`, window.location.href), {
          method,
          headers: { 'Content-Type': 'application/json', Accept: 'application/json' },
          ...(body === undefined ? {} : { body: JSON.stringify(body) }),
        }),
      );
      if (!answer.ok) {
        const told = (await answer.json()) as Schemas['Problem'];
        throw new ApiProblem(told.message, told.errors, answer.status);
      }
    },
    onSuccess: () => client.invalidateQueries(),
  });
}
