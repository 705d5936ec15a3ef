import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';

import { answerOf, api, type Schemas } from './client';

/** Made-up pots to learn with, and one's own score. */
export function useTrainer() {
  return useQuery({
    queryKey: ['trainer'],
    queryFn: async ({ signal }) => answerOf(await api.GET('/trainer', { signal })),
    staleTime: Infinity,
  });
}

/** Guesses about a pot; what is asked of the others stays as it is. */
export function useAnswerTrainer(pot: number) {
  const client = useQueryClient();

  return useMutation({
    mutationFn: async (body: Schemas['TrainerInput']) =>
      answerOf(await api.POST('/trainer/{id}/answers', { params: { path: { id: pot } }, body })),
    onSuccess: ({ scores }) =>
      client.setQueryData<Schemas['Trainer']>(['trainer'], (now) =>
        now === undefined ? now : { ...now, scores, done: [...new Set([...now.done, pot])] },
      ),
  });
}
