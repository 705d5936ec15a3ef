import { useQuery } from '@tanstack/react-query';

import { answerOf, api } from './client';

export function useMeta() {
  return useQuery({
    queryKey: ['meta'],
    queryFn: async ({ signal }) => answerOf(await api.GET('/meta', { signal })),
    staleTime: Infinity,
  });
}
