import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { answerOf, api, type Schemas } from './client';
import { useWrite } from './queries';

const TOUCHED = ['components', 'lots', 'movements', 'evaluation', 'plan'];

/** Deliveries of a component, newest first; none is asked for while no component is chosen. */
export function useLots(componentId: number | null, archived: 0 | 1 = 0) {
  return useQuery({
    queryKey: ['lots', componentId, archived],
    queryFn: async ({ signal }) =>
      answerOf(
        await api.GET('/components/{id}/lots', {
          params: { path: { id: componentId ?? 0 }, query: { per_page: 100, archived } },
          signal,
        }),
      ),
    enabled: componentId !== null,
  });
}

export function useSaveLot(componentId: number) {
  return useWrite(
    async ({ id, body }: { id: number | null; body: Schemas['LotInput'] }) =>
      answerOf(
        id === null
          ? await api.POST('/components/{id}/lots', { params: { path: { id: componentId } }, body })
          : await api.PUT('/lots/{id}', { params: { path: { id } }, body }),
      ),
    TOUCHED,
  );
}

export function useArchiveLot() {
  return useWrite(
    async ({ id, archived }: { id: number; archived: boolean }) =>
      answerOf(await api.PUT('/lots/{id}/archived', { params: { path: { id } }, body: { archived } })),
    TOUCHED,
  );
}

export function useMovements(componentId: number, page: number) {
  return useQuery({
    queryKey: ['movements', componentId, page],
    queryFn: async ({ signal }) =>
      answerOf(
        await api.GET('/components/{id}/movements', {
          params: { path: { id: componentId }, query: { per_page: 8, page } },
          signal,
        }),
      ),
    placeholderData: keepPreviousData,
  });
}

export function useMoveStock(componentId: number) {
  return useWrite(
    async (body: Schemas['StockMovementInput']) =>
      answerOf(await api.POST('/components/{id}/movements', { params: { path: { id: componentId } }, body })),
    TOUCHED,
  );
}

export function useSaveMix() {
  return useWrite(
    async ({ id, body }: { id: number | null; body: Schemas['MixInput'] }) =>
      answerOf(
        id === null
          ? await api.POST('/mixes', { body })
          : await api.PUT('/mixes/{id}', { params: { path: { id } }, body }),
      ),
    ['components', 'recipes', 'evaluation', 'plan'],
  );
}
