import { keepPreviousData, useQuery } from '@tanstack/react-query';

import { answerOf, api, type Schemas } from './client';
import { useWrite } from './stale';

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

/** The secret address by which a phone follows the calendar. */
export function useCalendarAddress() {
  return useQuery({
    queryKey: ['calendar-address'],
    queryFn: async ({ signal }) => answerOf(await api.GET('/calendar-address', { signal })),
  });
}

export function useRenewCalendarAddress() {
  return useWrite(async () => answerOf(await api.POST('/calendar-address', { body: {} })), 'calendarAddress');
}

export function useAddTask() {
  return useWrite(async (body: Schemas['CareTaskInput']) => answerOf(await api.POST('/tasks', { body })), 'task');
}

export function useChangeTask() {
  return useWrite(
    async ({ id, ...body }: { id: number } & Schemas['CareTaskChange']) =>
      answerOf(await api.PUT('/tasks/{id}', { params: { path: { id } }, body })),
    'task',
  );
}

/** One task for many plants. */
export function useAddRound() {
  return useWrite(async (body: Schemas['RoundInput']) => answerOf(await api.POST('/rounds', { body })), 'task');
}

export function useChangeRound() {
  return useWrite(
    async ({ round, ...body }: { round: string } & Schemas['CareTaskChange']) =>
      answerOf(await api.PUT('/rounds/{id}', { params: { path: { id: round } }, body })),
    'task',
  );
}

export function useToday() {
  return useQuery({
    queryKey: ['today'],
    queryFn: async ({ signal }) => answerOf(await api.GET('/today', { signal })),
  });
}
