import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';

import { answerOf, api, type Schemas } from './client';
import type { ListQuery } from './lists';
import { useWrite } from './stale';

export type TestQuery = Omit<ListQuery, 'archived'> & {
  archived?: undefined;
  status?: Schemas['BenchTestSummary']['status'];
  component_id?: number;
  recipe_id?: number;
};

export function useBenchPlans() {
  return useQuery({
    queryKey: ['bench-plans'],
    queryFn: async ({ signal }) => answerOf(await api.GET('/bench/plans', { signal })).data,
    staleTime: Infinity,
  });
}

/** Which single test would settle most verdicts of the recipes in use. */
export function useNextTests() {
  return useQuery({
    queryKey: ['tests', 'next'],
    queryFn: async ({ signal }) => answerOf(await api.GET('/bench/next', { signal })),
  });
}

export function useTests(query: TestQuery, enabled = true) {
  return useQuery({
    queryKey: ['tests', query],
    queryFn: async ({ signal }) => answerOf(await api.GET('/bench/tests', { params: { query }, signal })),
    placeholderData: keepPreviousData,
    enabled,
  });
}

export function useTest(id: number) {
  return useQuery({
    queryKey: ['test', id],
    queryFn: async ({ signal }) => answerOf(await api.GET('/bench/tests/{id}', { params: { path: { id } }, signal })),
    refetchOnWindowFocus: false,
  });
}

export function useStartTest() {
  return useWrite(
    async (body: Schemas['BenchTestInput']) => answerOf(await api.POST('/bench/tests', { body })),
    'test',
  );
}

/** Keeps readings; what they come to replaces the test at hand. */
export function useKeepTest(id: number) {
  const client = useQueryClient();
  return async (body: Schemas['BenchTestChange']) => {
    const kept = answerOf(await api.PUT('/bench/tests/{id}', { params: { path: { id } }, body }));
    client.setQueryData(['test', id], kept);
    return kept;
  };
}

export function useFinishTest(id: number) {
  return useWrite(
    async () => answerOf(await api.POST('/bench/tests/{id}/finish', { params: { path: { id } }, body: {} })),
    'test',
  );
}

export function useUseTest(id: number) {
  return useWrite(
    async (in_use: boolean) =>
      answerOf(await api.PUT('/bench/tests/{id}/in-use', { params: { path: { id } }, body: { in_use } })),
    'testInUse',
  );
}

export function useDiscardTest(id: number) {
  return useWrite(
    async (discarded: boolean) =>
      answerOf(await api.PUT('/bench/tests/{id}/discarded', { params: { path: { id } }, body: { discarded } })),
    'testInUse',
  );
}

export function useInstruments(enabled: boolean, everyMs: number) {
  return useQuery({
    queryKey: ['instruments'],
    queryFn: async ({ signal }) => answerOf(await api.GET('/instruments', { signal })).data,
    refetchInterval: everyMs,
    enabled,
  });
}

export function useSetInstrument() {
  return useWrite(
    async ({ key, body }: { key: Schemas['InstrumentKey']; body: Schemas['InstrumentSettings'] }) =>
      answerOf(await api.PUT('/instruments/{id}', { params: { path: { id: key } }, body })),
    'instrument',
  );
}

export async function readInstrument(key: Schemas['InstrumentKey']): Promise<Schemas['InstrumentReading']> {
  return answerOf(await api.GET('/instruments/{id}', { params: { path: { id: key } } }));
}

export async function tareScale(): Promise<Schemas['InstrumentReading']> {
  return answerOf(await api.POST('/instruments/{id}/tare', { params: { path: { id: 'scale' } }, body: {} }));
}

export async function shakeSieves(apertures: number[]): Promise<Schemas['InstrumentReading']> {
  return answerOf(
    await api.POST('/instruments/{id}/shake', { params: { path: { id: 'sieve_shaker' } }, body: { apertures } }),
  );
}

export function useVessels(query: ListQuery = { per_page: 200 }) {
  return useQuery({
    queryKey: ['vessels', query],
    queryFn: async ({ signal }) => answerOf(await api.GET('/vessels', { params: { query }, signal })),
  });
}

export function useSaveVessel() {
  return useWrite(
    async ({ id, body }: { id: number | null; body: Schemas['VesselInput'] }) =>
      answerOf(
        id === null
          ? await api.POST('/vessels', { body })
          : await api.PUT('/vessels/{id}', { params: { path: { id } }, body }),
      ),
    'vessel',
  );
}

export function useArchiveVessel() {
  return useWrite(
    async ({ id, archived }: { id: number; archived: boolean }) =>
      answerOf(await api.PUT('/vessels/{id}/archived', { params: { path: { id } }, body: { archived } })),
    'vessel',
  );
}

export function useSieveSets(query: ListQuery = { per_page: 200 }) {
  return useQuery({
    queryKey: ['sieve-sets', query],
    queryFn: async ({ signal }) => answerOf(await api.GET('/sieve-sets', { params: { query }, signal })),
  });
}

export function useSaveSieveSet() {
  return useWrite(
    async ({ id, body }: { id: number | null; body: Schemas['SieveSetInput'] }) =>
      answerOf(
        id === null
          ? await api.POST('/sieve-sets', { body })
          : await api.PUT('/sieve-sets/{id}', { params: { path: { id } }, body }),
      ),
    'sieveSet',
  );
}

export function useArchiveSieveSet() {
  return useWrite(
    async ({ id, archived }: { id: number; archived: boolean }) =>
      answerOf(await api.PUT('/sieve-sets/{id}/archived', { params: { path: { id } }, body: { archived } })),
    'sieveSet',
  );
}
