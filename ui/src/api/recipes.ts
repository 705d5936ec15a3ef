import { keepPreviousData, useQuery } from '@tanstack/react-query';

import { answerOf, api, type Schemas } from './client';
import type { ListQuery } from './lists';
import { useWrite } from './stale';

/** One recipe by its id; not asked for without one. */
export function useRecipe(id: number | null) {
  return useQuery({
    queryKey: ['recipes', 'one', id],
    queryFn: async ({ signal }) =>
      answerOf(await api.GET('/recipes/{id}', { params: { path: { id: id ?? 0 } }, signal })),
    enabled: id !== null,
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

/** For what plants and pots a recipe is used; not asked for without one. */
export function useRecipeUses(id: number | null) {
  return useQuery({
    queryKey: ['uses', id],
    queryFn: async ({ signal }) =>
      answerOf(await api.GET('/recipes/{id}/uses', { params: { path: { id: id ?? 0 } }, signal })),
    enabled: id !== null,
  });
}

export function useSaveRecipe() {
  return useWrite(
    async ({ id, revision, body }: { id: number | null; revision: number | null; body: Schemas['RecipeInput'] }) =>
      answerOf(
        id === null
          ? await api.POST('/recipes', { body })
          : await api.PUT('/recipes/{id}', {
              params: { path: { id } },
              body: revision === null ? body : { ...body, revision },
            }),
      ),
    'recipe',
  );
}

export function useArchiveRecipe() {
  return useWrite(
    async ({ id, archived }: { id: number; archived: boolean }) =>
      answerOf(await api.PUT('/recipes/{id}/archived', { params: { path: { id } }, body: { archived } })),
    'recipe',
  );
}
