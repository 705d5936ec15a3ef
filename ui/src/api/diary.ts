import { keepPreviousData, useQuery } from '@tanstack/react-query';

import { answerOf, api, type Schemas } from './client';
import type { paths } from './schema';

export type DiaryQuery = NonNullable<paths['/diary']['get']['parameters']['query']>;

const AT_ONCE = 200;
const MOST_PAGES = 50;

/** All lines that are asked for, page by page, up to ten thousand. */
export async function askWholeDiary(query: DiaryQuery) {
  const lines: Schemas['DiaryLine'][] = [];
  for (let page = 1; page <= MOST_PAGES; page += 1) {
    const { data, total } = answerOf(
      await api.GET('/diary', { params: { query: { ...query, page, per_page: AT_ONCE } } }),
    );
    lines.push(...data);
    if (lines.length >= total || data.length === 0) {
      break;
    }
  }

  return lines;
}

/** What was done, newest first. */
export function useDiary(query: DiaryQuery) {
  return useQuery({
    queryKey: ['diary', query],
    queryFn: async ({ signal }) => answerOf(await api.GET('/diary', { params: { query }, signal })),
    placeholderData: keepPreviousData,
    staleTime: 0,
  });
}
