import { useQuery } from '@tanstack/react-query';

import { api, answerOf, type Schemas } from './client';
import type { ListQuery } from './lists';
import { newTap, tellOrKeep } from './outbox';
import { useSession } from './session';
import { useWrite } from './stale';

/** Today's round with the can, of all places. */
export function useRound() {
  return useQuery({
    queryKey: ['round'],
    queryFn: async ({ signal }) => answerOf(await api.GET('/round', { signal })),
    refetchInterval: 60_000,
  });
}

/** Watered all here: told to the server, or kept on this device (null) until it is reached. */
export function useWaterMany() {
  const me = useSession().data?.person?.name;

  return useWrite(
    async (body: Schemas['WaterRoundInput']) =>
      tellOrKeep<{ data: Schemas['RoundTap'][] }>(
        newTap({
          method: 'POST',
          path: '/round',
          body: me === undefined ? body : { person: me, ...body },
          effect: { kind: 'round', plants: body.plant_ids },
        }),
      ),
    'moisture',
  );
}

export function useTakeBackWater() {
  return useWrite(
    async (check_ids: number[]) => answerOf(await api.DELETE('/round', { body: { check_ids } })),
    'moisture',
  );
}

export function useWalk() {
  return useWrite(async (body: Schemas['WalkInput']) => answerOf(await api.PUT('/round/walk', { body })), 'walk');
}

/** A look at one of the plants of a round; kept on this device (null) where the server is not reached. */
export function useLookAt() {
  const me = useSession().data?.person?.name;

  return useWrite(
    async ({ plant, ...body }: Schemas['MoistureCheckInput'] & { plant: number }) =>
      tellOrKeep<Schemas['MoistureCheck']>(
        newTap({
          method: 'POST',
          path: `/plants/${plant}/moisture`,
          body: me === undefined ? body : { person: me, ...body },
          effect: { kind: 'water', plant, verdict: body.verdict },
        }),
      ),
    'moisture',
  );
}

export const askYear = async (body: Schemas['SeasonQuestion'], signal: AbortSignal) =>
  answerOf(await api.POST('/season/year', { body, signal }));

export function useAway(body: Schemas['AwayInput'] | null) {
  return useQuery({
    queryKey: ['season', 'away', body],
    queryFn: async ({ signal }) => answerOf(await api.POST('/season/away', { body: body ?? { days: 7 }, signal })),
    enabled: body !== null,
    placeholderData: (before) => before,
    retry: false,
  });
}

export function useAwayHelps(body: Schemas['AwayHelpsInput'] | null) {
  return useQuery({
    queryKey: ['season', 'helps', body],
    queryFn: async ({ signal }) =>
      answerOf(await api.POST('/season/away/helps', { body: body ?? { plant_id: 0, days: 7 }, signal })),
    enabled: body !== null,
    retry: false,
  });
}

export function useSiteWeather(id: number | null) {
  return useQuery({
    queryKey: ['weather', id],
    queryFn: async ({ signal }) =>
      answerOf(await api.GET('/sites/{id}/weather', { params: { path: { id: id ?? 0 } }, signal })),
    enabled: id !== null,
  });
}

/** Keeps the days of the station that are over. */
export function useBringWeather() {
  return useWrite(
    async (id: number) => answerOf(await api.POST('/sites/{id}/weather', { params: { path: { id } } })),
    'weather',
  );
}

export function useWriteWeather(id: number) {
  return useWrite(
    async (body: Schemas['WeatherInput']) =>
      answerOf(await api.PUT('/sites/{id}/weather', { params: { path: { id } }, body })),
    'weather',
  );
}

export function useZones(query: ListQuery) {
  return useQuery({
    queryKey: ['zones', query],
    queryFn: async ({ signal }) => answerOf(await api.GET('/zones', { params: { query }, signal })),
  });
}

export function useZone(id: number | null) {
  return useQuery({
    queryKey: ['zones', id],
    queryFn: async ({ signal }) =>
      answerOf(await api.GET('/zones/{id}', { params: { path: { id: id ?? 0 } }, signal })),
    enabled: id !== null,
  });
}

export function useSaveZone() {
  return useWrite(
    async ({ id, body }: { id: number | null; body: Schemas['ZoneInput'] }) =>
      answerOf(
        id === null
          ? await api.POST('/zones', { body })
          : await api.PUT('/zones/{id}', { params: { path: { id } }, body }),
      ),
    'zone',
  );
}

export function useArchiveZone() {
  return useWrite(
    async ({ id, archived }: { id: number; archived: boolean }) =>
      answerOf(await api.PUT('/zones/{id}/archived', { params: { path: { id } }, body: { archived } })),
    'zone',
  );
}

/** What a tap has the controller do. */
export function useSwitchZone(id: number) {
  return useWrite(
    async (what: { program: Schemas['ZoneProgram']['season'] } | { minutes: number } | 'shut') =>
      answerOf(
        what === 'shut'
          ? await api.DELETE('/zones/{id}/run', { params: { path: { id } } })
          : 'program' in what
            ? await api.POST('/zones/{id}/program', { params: { path: { id } }, body: { season: what.program } })
            : await api.POST('/zones/{id}/run', { params: { path: { id } }, body: { minutes: what.minutes } }),
      ),
    'zone',
  );
}

/** The plants of a place through a year under one way of watering. */
export const askPlaceYear = async (body: Schemas['PlaceYearInput'], signal: AbortSignal) =>
  answerOf(await api.POST('/season/place', { body, signal }));
