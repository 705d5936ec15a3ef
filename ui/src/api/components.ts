import { keepPreviousData, useQueries, useQuery } from '@tanstack/react-query';

import { answerOf, api, type Schemas } from './client';
import { changedOf, useOpened } from './changed';
import type { ListQuery } from './lists';
import { useWrite } from './stale';

export type ComponentQuery = ListQuery & { kind?: Schemas['Kind']; in_stock?: 0 | 1; low?: 0 | 1 };

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

export function useComponentSheets(ids: number[]) {
  return useQueries({
    queries: ids.map((id) => ({
      queryKey: ['components', 'sheet', id],
      queryFn: async ({ signal }: { signal: AbortSignal }) =>
        answerOf(await api.GET('/components/{id}/sheet', { params: { path: { id } }, signal })),
    })),
  });
}

export function useSaveComponent(record: Schemas['Component'] | null) {
  const opened = useOpened(record);

  return useWrite(
    async ({ id, body }: { id: number | null; body: Schemas['ComponentInput'] }) =>
      answerOf(
        id === null || opened === null
          ? await api.POST('/components', { body })
          : await api.PUT('/components/{id}', { params: { path: { id } }, body: changedOf(opened, body) }),
      ),
    'component',
  );
}

export function useArchiveComponent() {
  return useWrite(
    async ({ id, archived }: { id: number; archived: boolean }) =>
      answerOf(await api.PUT('/components/{id}/archived', { params: { path: { id } }, body: { archived } })),
    'component',
  );
}

export function useSaveMix(record: Schemas['Component'] | null) {
  // parts as a form sends them
  const opened = useOpened(
    record === null
      ? null
      : {
          ...record,
          mix_parts: record.mix_parts.map(({ component_id, parts, spread }) => ({ component_id, parts, spread })),
        },
  );

  return useWrite(
    async ({ id, body }: { id: number | null; body: Schemas['MixInput'] }) =>
      answerOf(
        id === null || opened === null
          ? await api.POST('/mixes', { body })
          : await api.PUT('/mixes/{id}', { params: { path: { id } }, body: changedOf(opened, body) }),
      ),
    'component',
  );
}

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
    'stock',
  );
}

export function useArchiveLot() {
  return useWrite(
    async ({ id, archived }: { id: number; archived: boolean }) =>
      answerOf(await api.PUT('/lots/{id}/archived', { params: { path: { id } }, body: { archived } })),
    'stock',
  );
}

/** Holds a delivery, so that nothing is taken of it, or lets it go. */
export function useHoldLot() {
  return useWrite(
    async ({ id, ...body }: { id: number } & Schemas['LotHeld']) =>
      answerOf(await api.PUT('/lots/{id}/held', { params: { path: { id } }, body })),
    'stock',
  );
}

/** Everything that holds something of a delivery. */
export function useLotUses(id: number) {
  return useQuery({
    queryKey: ['lots', 'uses', id],
    queryFn: async ({ signal }) => answerOf(await api.GET('/lots/{id}/uses', { params: { path: { id } }, signal })),
  });
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
    'stock',
  );
}
