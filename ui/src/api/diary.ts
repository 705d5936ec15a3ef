import { keepPreviousData, useQuery } from '@tanstack/react-query';

import { answerOf, api } from './client';
import type { paths } from './schema';

export type DiaryQuery = NonNullable<paths['/diary']['get']['parameters']['query']>;

/** What was done, newest first. */
export function useDiary(query: DiaryQuery) {
  return useQuery({
    queryKey: ['diary', query],
    queryFn: async ({ signal }) => answerOf(await api.GET('/diary', { params: { query }, signal })),
    placeholderData: keepPreviousData,
    staleTime: 0,
  });
}
