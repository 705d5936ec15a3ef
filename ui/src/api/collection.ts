import { keepPreviousData, useQuery } from '@tanstack/react-query';

import { answerOf, api, type Schemas } from './client';
import { type ListQuery, useWrite } from './queries';

export type PlantQuery = ListQuery & {
  due?: 0 | 1;
  place?: string;
  plant_group?: Schemas['PlantGroup'];
  health?: Schemas['Health'];
  helper?: string;
};

const TOUCHED = ['plants', 'plant', 'tasks', 'today', 'places'];

export function usePlants(query: PlantQuery) {
  return useQuery({
    queryKey: ['plants', query],
    queryFn: async ({ signal }) => answerOf(await api.GET('/plants', { params: { query }, signal })),
    placeholderData: keepPreviousData,
  });
}

export function usePlant(id: number) {
  return useQuery({
    queryKey: ['plant', id],
    queryFn: async ({ signal }) => answerOf(await api.GET('/plants/{id}', { params: { path: { id } }, signal })),
  });
}

export function usePlaces() {
  return useQuery({
    queryKey: ['places'],
    queryFn: async ({ signal }) => answerOf(await api.GET('/plant-places', { signal })).data,
  });
}

export function useSavePlant() {
  return useWrite(
    async ({ id, body }: { id: number | null; body: Schemas['PlantInput'] }) =>
      answerOf(
        id === null
          ? await api.POST('/plants', { body })
          : await api.PUT('/plants/{id}', { params: { path: { id } }, body }),
      ),
    TOUCHED,
  );
}

export function useArchivePlant() {
  return useWrite(
    async ({ id, archived }: { id: number; archived: boolean }) =>
      answerOf(await api.PUT('/plants/{id}/archived', { params: { path: { id } }, body: { archived } })),
    TOUCHED,
  );
}

export function useTellOfPlant(id: number) {
  return useWrite(
    async (body: Schemas['PlantEventInput']) =>
      answerOf(await api.POST('/plants/{id}/events', { params: { path: { id } }, body })),
    TOUCHED,
  );
}

export function useOffspring(id: number) {
  return useWrite(
    async (body: Schemas['OffspringInput']) =>
      answerOf(await api.POST('/plants/{id}/offspring', { params: { path: { id } }, body })),
    TOUCHED,
  );
}

export const judgeInspection = async (id: number, body: Schemas['InspectionInput'], signal: AbortSignal) =>
  answerOf(await api.POST('/plants/{id}/inspections/judge', { params: { path: { id } }, body, signal }));

export function useInspect(id: number) {
  return useWrite(
    async (body: Schemas['InspectionInput']) =>
      answerOf(await api.POST('/plants/{id}/inspections', { params: { path: { id } }, body })),
    TOUCHED,
  );
}

export function useOutOfTurn(id: number) {
  return useWrite(
    async (body: Schemas['OutOfTurnInput']) =>
      answerOf(await api.POST('/plants/{id}/out-of-turn', { params: { path: { id } }, body })),
    ['plant'],
  );
}

export function useMoisture(id: number) {
  return useWrite(
    async (body: Schemas['MoistureCheckInput']) =>
      answerOf(await api.POST('/plants/{id}/moisture', { params: { path: { id } }, body })),
    ['plant'],
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
    ['plant'],
  );
}

export function useRemovePhoto() {
  return useWrite(
    async (id: number) => {
      await api.DELETE('/photos/{id}', { params: { path: { id } } });
    },
    ['plant'],
  );
}

export type TaskQuery = {
  page?: number;
  per_page?: number;
  sort?: string;
  state?: 'open' | 'done' | 'skipped';
  from?: string;
  to?: string;
  plant_id?: number;
};

export function useTasks(query: TaskQuery) {
  return useQuery({
    queryKey: ['tasks', query],
    queryFn: async ({ signal }) => answerOf(await api.GET('/tasks', { params: { query }, signal })),
    placeholderData: keepPreviousData,
  });
}

export function useAddTask() {
  return useWrite(
    async (body: Schemas['CareTaskInput']) => answerOf(await api.POST('/tasks', { body })),
    ['tasks', 'today', 'plant'],
  );
}

export function useChangeTask() {
  return useWrite(
    async ({ id, ...body }: { id: number } & Schemas['CareTaskChange']) =>
      answerOf(await api.PUT('/tasks/{id}', { params: { path: { id } }, body })),
    ['tasks', 'today', 'plant'],
  );
}

export function useToday() {
  return useQuery({
    queryKey: ['today'],
    queryFn: async ({ signal }) => answerOf(await api.GET('/today', { signal })),
  });
}

export function useFertilisers(query: ListQuery) {
  return useQuery({
    queryKey: ['fertilisers', query],
    queryFn: async ({ signal }) => answerOf(await api.GET('/fertilisers', { params: { query }, signal })),
    placeholderData: keepPreviousData,
  });
}

export function useSaveFertiliser() {
  return useWrite(
    async ({ id, body }: { id: number | null; body: Schemas['FertiliserInput'] }) =>
      answerOf(
        id === null
          ? await api.POST('/fertilisers', { body })
          : await api.PUT('/fertilisers/{id}', { params: { path: { id } }, body }),
      ),
    ['fertilisers', 'day'],
  );
}

export function useArchiveFertiliser() {
  return useWrite(
    async ({ id, archived }: { id: number; archived: boolean }) =>
      answerOf(await api.PUT('/fertilisers/{id}/archived', { params: { path: { id } }, body: { archived } })),
    ['fertilisers'],
  );
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
    ['proportions', 'plant', 'checks'],
  );
}

export function usePotChecks(body: Schemas['PotChecksInput'] | null) {
  return useQuery({
    queryKey: ['checks', body],
    queryFn: async ({ signal }) =>
      answerOf(await api.POST('/pots/checks', { body: body ?? { pot_id: 0, recipe_id: 0 }, signal })),
    enabled: body !== null,
    placeholderData: keepPreviousData,
  });
}
