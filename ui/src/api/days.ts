import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';

import { answerOf, api, type Schemas } from './client';
import { changedOf, useOpened } from './changed';
import type { ListQuery } from './lists';
import { newTap, type Tap, tellOrKeep, useUnsent } from './outbox';
import { useStale } from './stale';
import { withUnsent } from './unsentDay';

type Day = Schemas['PottingDay'];

/** How often a day is read again while somebody looks at it: another helper may be at it on another device. */
const LOOK_AGAIN_MS = 4000;

/** The status of an answer that says that nothing changed. */
const NOTHING_NEW = 204;

export function useDays(query: ListQuery) {
  return useQuery({
    queryKey: ['days', query],
    queryFn: async ({ signal }) => answerOf(await api.GET('/days', { params: { query }, signal })),
    placeholderData: keepPreviousData,
  });
}

/** A day as it is, with what was tapped here and not sent yet. */
export function useDay(id: number) {
  const client = useQueryClient();
  const unsent = useUnsent();

  return useQuery({
    queryKey: ['day', id],
    queryFn: async ({ signal }) => {
      const has = client.getQueryData<Day>(['day', id]);

      return has === undefined
        ? answerOf(await api.GET('/days/{id}', { params: { path: { id } }, signal }))
        : newsOf(has, signal);
    },
    refetchInterval: LOOK_AGAIN_MS,
    select: useCallback((day: Day) => withUnsent(day, unsent), [unsent]),
  });
}

/** A day as it is now, of which only what changed since was told. */
async function newsOf(has: Day, signal: AbortSignal): Promise<Day> {
  const answer = await api.POST('/days/{id}/news', {
    params: { path: { id: has.id } },
    body: { stamp: has.stamp, entries: Object.fromEntries(has.entries.map((entry) => [entry.id, entry.stamp])) },
    signal,
  });
  if (answer.response.status === NOTHING_NEW) {
    return has;
  }
  const { day, order } = answerOf(answer);
  const entries = new Map([...has.entries, ...day.entries].map((entry) => [entry.id, entry]));

  return { ...day, entries: order.flatMap((id) => entries.get(id) ?? []) };
}

/** A write that answers with the whole day, worked out anew. */
function useDayWrite<Input>(write: (input: Input) => Promise<Day>) {
  const client = useQueryClient();
  const stale = useStale();

  return useMutation({
    mutationFn: write,
    onSuccess: (day) => {
      client.setQueryData(['day', day.id], day);
      void stale('day');
    },
  });
}

export function useSaveDay(record: Schemas['PottingDaySummary'] | null) {
  const opened = useOpened(record);

  return useDayWrite(async ({ id, body }: { id: number | null; body: Schemas['PottingDayInput'] }) =>
    answerOf(
      id === null || opened === null
        ? await api.POST('/days', { body })
        : await api.PUT('/days/{id}', { params: { path: { id } }, body: changedOf(opened, body) }),
    ),
  );
}

/** Mixes that plants share, as recipes of a day. */
export function useShareMixes() {
  return useDayWrite(async (body: Schemas['ShareMixesInput']) => answerOf(await api.POST('/days/shared', { body })));
}

export function useArchiveDay() {
  return useDayWrite(async ({ id, archived }: { id: number; archived: boolean }) =>
    answerOf(await api.PUT('/days/{id}/archived', { params: { path: { id } }, body: { archived } })),
  );
}

export function useAddToDay() {
  return useDayWrite(async ({ id, ...body }: { id: number } & Schemas['AddToDayInput']) =>
    answerOf(await api.POST('/days/{id}/plants', { params: { path: { id } }, body })),
  );
}

export function useChangeEntry(id: number) {
  return useDayWrite(async ({ entry, ...body }: { entry: number } & Schemas['EntryChange']) =>
    answerOf(await api.PUT('/days/{id}/plants/{entry}', { params: { path: { id, entry } }, body })),
  );
}

export function useChangeEntries(id: number) {
  return useDayWrite(async (body: Schemas['EntriesChange']) =>
    answerOf(await api.PUT('/days/{id}/plants', { params: { path: { id } }, body })),
  );
}

/** How well an entry is potted as it is at a revision. */
export function useJudgement(id: number, entry: number, revision: number) {
  return useQuery({
    queryKey: ['judgement', id, entry, revision],
    queryFn: async ({ signal }) =>
      answerOf(await api.GET('/days/{id}/plants/{entry}/judgement', { params: { path: { id, entry } }, signal })),
    placeholderData: keepPreviousData,
  });
}

export function useRemoveEntry(id: number) {
  return useDayWrite(async (entry: number) =>
    answerOf(await api.DELETE('/days/{id}/plants/{entry}', { params: { path: { id, entry } } })),
  );
}

/** A tap at the bench: told to the server, which answers with the whole day, or kept on this device (null). */
function useDayTap<Input>(day: number, tapOf: (input: Input) => Omit<Tap, 'id' | 'at' | 'yard'>) {
  const client = useQueryClient();
  const stale = useStale();

  return useMutation({
    mutationFn: async (input: Input) => tellOrKeep<Day>(newTap(tapOf(input))),
    onSuccess: (answer) => {
      if (answer !== null) {
        client.setQueryData(['day', day], answer);
        void stale('day');
      }
    },
  });
}

export function usePotEntry(id: number) {
  return useDayTap(id, ({ entry, ...body }: { entry: number } & Schemas['EntryDone']) => ({
    method: 'POST',
    path: `/days/${id}/plants/${entry}/state`,
    body,
    effect: { kind: 'entry', day: id, entry, state: body.state },
  }));
}

export function useMixLoad(id: number) {
  return useDayTap(id, (body: Schemas['MixLoadInput']) => ({
    method: 'POST',
    path: `/days/${id}/loads`,
    body,
    effect: { kind: 'load', day: id, recipe: body.recipe_id, number: body.number ?? 0 },
  }));
}

/** Ticks what is in the tub; the answer holds the ticks alone. */
export function useTickPart(id: number) {
  const client = useQueryClient();

  return useMutation({
    mutationFn: async (body: Schemas['TickInput']) =>
      tellOrKeep<Schemas['DayTicks']>(
        newTap({
          method: 'PUT',
          path: `/days/${id}/ticks`,
          body,
          effect: {
            kind: 'tick',
            day: id,
            recipe: body.recipe_id,
            number: body.number,
            component: body.component_id,
            ticked: body.ticked,
          },
        }),
      ),
    onSuccess: (answer) => {
      if (answer === null) {
        return;
      }
      const { recipe_id, ticked } = answer;
      client.setQueryData<Day>(['day', id], (day) =>
        day === undefined
          ? day
          : { ...day, mixes: day.mixes.map((mix) => (mix.recipe_id === recipe_id ? { ...mix, ticked } : mix)) },
      );
    },
  });
}

export function useUnmixLoad(id: number) {
  return useDayWrite(async (load: number) =>
    answerOf(await api.DELETE('/days/{id}/loads/{load}', { params: { path: { id, load } } })),
  );
}

export function useBuyForDay(id: number) {
  return useDayWrite(async (body: Schemas['PurchaseInput']) =>
    answerOf(await api.POST('/days/{id}/purchases', { params: { path: { id } }, body })),
  );
}

export function useCloseMix(id: number) {
  return useDayWrite(async (body: Schemas['LeftoverInput']) =>
    answerOf(await api.POST('/days/{id}/leftovers', { params: { path: { id } }, body })),
  );
}

export function useReopenMix(id: number) {
  return useDayWrite(async (leftover: number) =>
    answerOf(await api.DELETE('/days/{id}/leftovers/{leftover}', { params: { path: { id, leftover } } })),
  );
}

export function useReopenDay(id: number) {
  return useDayWrite(async () => answerOf(await api.DELETE('/days/{id}/finished', { params: { path: { id } } })));
}

export function useFinishDay(id: number) {
  return useDayWrite(async () =>
    answerOf(await api.POST('/days/{id}/finished', { params: { path: { id } }, body: {} })),
  );
}

export function useStandIns(id: number, component: number | null) {
  return useQuery({
    queryKey: ['stand-ins', id, component],
    queryFn: async ({ signal }) =>
      answerOf(
        await api.GET('/days/{id}/stand-ins/{component}', {
          params: { path: { id, component: component ?? 0 } },
          signal,
        }),
      ),
    enabled: component !== null,
  });
}
