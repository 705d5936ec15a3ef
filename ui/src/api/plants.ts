import { keepPreviousData, useQuery } from '@tanstack/react-query';

import { answerOf, api, type Schemas } from './client';
import { changedOf, useOpened } from './changed';
import type { ListQuery } from './lists';
import { newTap, tellOrKeep } from './outbox';
import { useSession } from './session';
import { useWrite } from './stale';

export type PlantQuery = ListQuery & {
  due?: 0 | 1;
  place?: string;
  plant_group?: Schemas['PlantGroup'];
  health?: Schemas['Health'];
  helper?: string;
};

export const askPlants = async (query: PlantQuery, signal?: AbortSignal) =>
  answerOf(await api.GET('/plants', { params: { query }, ...(signal === undefined ? {} : { signal }) }));

export function usePlants(query: PlantQuery) {
  return useQuery({
    queryKey: ['plants', query],
    queryFn: ({ signal }) => askPlants(query, signal),
    placeholderData: keepPreviousData,
  });
}

export function usePlant(id: number, enabled = true) {
  return useQuery({
    enabled,
    queryKey: ['plant', id],
    queryFn: async ({ signal }) => answerOf(await api.GET('/plants/{id}', { params: { path: { id } }, signal })),
  });
}

/** What a plant stands in, by delivery. */
export function usePlantDeliveries(id: number) {
  return useQuery({
    queryKey: ['plant', id, 'deliveries'],
    queryFn: async ({ signal }) =>
      answerOf(await api.GET('/plants/{id}/deliveries', { params: { path: { id } }, signal })),
  });
}

export function usePlaces() {
  return useQuery({
    queryKey: ['places'],
    queryFn: async ({ signal }) => answerOf(await api.GET('/plant-places', { signal })).data,
  });
}

export function useSavePlant(record: Schemas['Plant'] | null) {
  const opened = useOpened(record);

  return useWrite(
    async ({ id, body }: { id: number | null; body: Schemas['PlantInput'] }) =>
      answerOf(
        id === null || opened === null
          ? await api.POST('/plants', { body })
          : await api.PUT('/plants/{id}', { params: { path: { id } }, body: changedOf(opened, body) }),
      ),
    'plant',
  );
}

export function useArchivePlant() {
  return useWrite(
    async ({ id, archived }: { id: number; archived: boolean }) =>
      answerOf(await api.PUT('/plants/{id}/archived', { params: { path: { id } }, body: { archived } })),
    'plant',
  );
}

export function useTellOfPlant(id: number) {
  return useWrite(
    async (body: Schemas['PlantEventInput']) =>
      answerOf(await api.POST('/plants/{id}/events', { params: { path: { id } }, body })),
    'plant',
  );
}

export function useOffspring(id: number) {
  return useWrite(
    async (body: Schemas['OffspringInput']) =>
      answerOf(await api.POST('/plants/{id}/offspring', { params: { path: { id } }, body })),
    'plant',
  );
}

/** A layer on a plant; answers with its top where it was separated. */
export function useLayer(id: number) {
  return useWrite(
    async (body: Schemas['AirLayerInput']) =>
      answerOf(await api.POST('/plants/{id}/layer', { params: { path: { id } }, body })),
    'plant',
  );
}

/** Some of a group become a plant or a group of their own. */
export function useSplitGroup(id: number) {
  return useWrite(
    async (body: Schemas['SplitInput']) =>
      answerOf(await api.POST('/plants/{id}/split', { params: { path: { id } }, body })),
    'plant',
  );
}

/** A potting that was done without a day. */
export function usePottedAlready(id: number) {
  return useWrite(
    async (body: Schemas['PottedInput']) =>
      answerOf(await api.POST('/plants/{id}/potted', { params: { path: { id } }, body })),
    'day',
  );
}

export const judgeInspection = async (id: number, body: Schemas['InspectionInput'], signal: AbortSignal) =>
  answerOf(await api.POST('/plants/{id}/inspections/judge', { params: { path: { id } }, body, signal }));

export function useInspect(id: number) {
  return useWrite(
    async (body: Schemas['InspectionInput']) =>
      answerOf(await api.POST('/plants/{id}/inspections', { params: { path: { id } }, body })),
    'plant',
  );
}

export function useOutOfTurn(id: number) {
  return useWrite(
    async (body: Schemas['OutOfTurnInput']) =>
      answerOf(await api.POST('/plants/{id}/out-of-turn', { params: { path: { id } }, body })),
    'plantPage',
  );
}

/** Watered, or it can wait: told to the server, or kept on this device (null) until it is reached. */
export function useMoisture(id: number) {
  // whoever taps it, not whoever is signed in once it can be sent
  const me = useSession().data?.person?.name;

  return useWrite(
    async (body: Schemas['MoistureCheckInput']) =>
      tellOrKeep<Schemas['MoistureCheck']>(
        newTap({
          method: 'POST',
          path: `/plants/${id}/moisture`,
          body: me === undefined ? body : { person: me, ...body },
          effect: { kind: 'water', plant: id, verdict: body.verdict },
        }),
      ),
    'moisture',
  );
}

/** Keeps what a dry-down found of a plant's use, or forgets it. */
export function useKeepUse(id: number) {
  return useWrite(
    async (keep: boolean) => answerOf(await api.PUT('/plants/{id}/use', { params: { path: { id } }, body: { keep } })),
    'moisture',
  );
}

export function useAddPhoto(id: number) {
  return useWrite(
    async ({
      file,
      ...query
    }: {
      file: File;
      subject: Schemas['PhotoSubject'];
      caption?: string;
      day_plant_id?: number;
    }) =>
      answerOf(
        await api.POST('/plants/{id}/photos', {
          params: { path: { id }, query },
          body: file as unknown as string,
          bodySerializer: (body) => body as unknown as Blob,
          headers: { 'Content-Type': file.type },
        }),
      ),
    'plantPage',
  );
}

export function useRemovePhoto() {
  return useWrite(async (id: number) => {
    await api.DELETE('/photos/{id}', { params: { path: { id } } });
  }, 'plantPage');
}

export function useProportions() {
  return useQuery({
    queryKey: ['proportions'],
    queryFn: async ({ signal }) => answerOf(await api.GET('/proportions', { signal })),
  });
}

export function useChangeProportions() {
  return useWrite(
    async (body: Schemas['ProportionRules']) => answerOf(await api.PUT('/proportions', { body })),
    'proportions',
  );
}
