import { useQuery } from '@tanstack/react-query';

import { answerOf, api, type Schemas } from './client';

/** The rules of the job that screens go by, as the server told them: no place is shown before they are here. */
export let rules: Schemas['Rules'];

export function keepRules(told: Schemas['Rules']): void {
  rules = told;
}

/** What the server tells once: words of the model, targets of plant groups, rules. */
export function useMeta() {
  return useQuery({
    queryKey: ['meta'],
    queryFn: async ({ signal }) => {
      const meta = answerOf(await api.GET('/meta', { signal }));
      keepRules(meta.rules);

      return meta;
    },
    staleTime: Infinity,
  });
}
