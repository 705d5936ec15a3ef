import { keepPreviousData, useMutation, useQueries, useQuery, useQueryClient } from '@tanstack/react-query';

import { answerOf, api, type Schemas } from './client';

export interface ListQuery {
  page?: number;
  per_page?: number;
  sort?: string;
  search?: string;
  archived?: 0 | 1;
}

export type ComponentQuery = ListQuery & { kind?: Schemas['Kind']; in_stock?: 0 | 1; low?: 0 | 1 };

export function useMeta() {
  return useQuery({
    queryKey: ['meta'],
    queryFn: async ({ signal }) => answerOf(await api.GET('/meta', { signal })),
    staleTime: Infinity,
  });
}

export function useComponents(query: ComponentQuery, enabled = true) {
  return useQuery({
    queryKey: ['components', query],
    queryFn: async ({ signal }) => answerOf(await api.GET('/components', { params: { query }, signal })),
    placeholderData: keepPreviousData,
    enabled,
  });
}

/** One component by its id; not asked for without one. */
export function useComponent(id: number | null) {
  return useQuery({
    queryKey: ['components', 'one', id],
    queryFn: async ({ signal }) =>
      answerOf(await api.GET('/components/{id}', { params: { path: { id: id ?? 0 } }, signal })),
    enabled: id !== null,
  });
}

/** One recipe by its id; not asked for without one. */
export function useRecipe(id: number | null) {
  return useQuery({
    queryKey: ['recipes', 'one', id],
    queryFn: async ({ signal }) =>
      answerOf(await api.GET('/recipes/{id}', { params: { path: { id: id ?? 0 } }, signal })),
    enabled: id !== null,
  });
}

export function useComponentSheets(ids: number[]) {
  return useQueries({
    queries: ids.map((id) => ({
      queryKey: ['components', 'sheet', id],
      queryFn: async ({ signal }: { signal: AbortSignal }) =>
        answerOf(await api.GET('/components/{id}/sheet', { params: { path: { id } }, signal })),
    })),
  });
}

export function usePots(query: ListQuery) {
  return useQuery({
    queryKey: ['pots', query],
    queryFn: async ({ signal }) => answerOf(await api.GET('/pots', { params: { query }, signal })),
    placeholderData: keepPreviousData,
  });
}

export function useRecipes(query: ListQuery & { tag?: string }) {
  return useQuery({
    queryKey: ['recipes', query],
    queryFn: async ({ signal }) => answerOf(await api.GET('/recipes', { params: { query }, signal })),
    placeholderData: keepPreviousData,
  });
}

export function useRecipeVersions(id: number | null) {
  return useQuery({
    queryKey: ['recipes', 'versions', id],
    queryFn: async ({ signal }) =>
      answerOf(await api.GET('/recipes/{id}/versions', { params: { path: { id: id ?? 0 } }, signal })),
    enabled: id !== null,
  });
}

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

/** A write that makes the lists it touches load anew. */
export function useWrite<Input, Output>(write: (input: Input) => Promise<Output>, touches: string[]) {
  const client = useQueryClient();

  return useMutation({
    mutationFn: write,
    onSuccess: () => Promise.all(touches.map((key) => client.invalidateQueries({ queryKey: [key] }))),
  });
}

export function useSaveComponent() {
  return useWrite(
    async ({ id, body }: { id: number | null; body: Schemas['ComponentInput'] }) =>
      answerOf(
        id === null
          ? await api.POST('/components', { body })
          : await api.PUT('/components/{id}', { params: { path: { id } }, body }),
      ),
    ['components', 'recipes'],
  );
}

export function useArchiveComponent() {
  return useWrite(
    async ({ id, archived }: { id: number; archived: boolean }) =>
      answerOf(await api.PUT('/components/{id}/archived', { params: { path: { id } }, body: { archived } })),
    ['components', 'recipes', 'evaluation'],
  );
}

export function useSavePot() {
  return useWrite(
    async ({ id, body }: { id: number | null; body: Schemas['PotInput'] }) =>
      answerOf(
        id === null
          ? await api.POST('/pots', { body })
          : await api.PUT('/pots/{id}', { params: { path: { id } }, body }),
      ),
    ['pots', 'evaluation'],
  );
}

export function useArchivePot() {
  return useWrite(
    async ({ id, archived }: { id: number; archived: boolean }) =>
      answerOf(await api.PUT('/pots/{id}/archived', { params: { path: { id } }, body: { archived } })),
    ['pots'],
  );
}

export function useSaveRecipe() {
  return useWrite(
    async ({ id, body }: { id: number | null; body: Schemas['RecipeInput'] }) =>
      answerOf(
        id === null
          ? await api.POST('/recipes', { body })
          : await api.PUT('/recipes/{id}', { params: { path: { id } }, body }),
      ),
    ['recipes'],
  );
}

export function useArchiveRecipe() {
  return useWrite(
    async ({ id, archived }: { id: number; archived: boolean }) =>
      answerOf(await api.PUT('/recipes/{id}/archived', { params: { path: { id } }, body: { archived } })),
    ['recipes'],
  );
}

export function useSaveBatch() {
  return useWrite(async (body: Schemas['BatchInput']) => answerOf(await api.POST('/batches', { body })), ['batches']);
}
