import { useQuery } from '@tanstack/react-query';

import { answerOf, api } from './client';
import { useWrite } from './stale';

/** What was computed beside what came, and the calibrations that were made. */
export function useRight() {
  return useQuery({
    queryKey: ['right'],
    queryFn: async ({ signal }) => answerOf(await api.GET('/right', { signal })),
  });
}

/** Fits the model to the yard's own tests. */
export function useFit() {
  return useWrite(async () => answerOf(await api.POST('/right/calibrations')), 'fit');
}

export function useSwitchCalibration() {
  return useWrite(
    async ({ id, in_use }: { id: number; in_use: boolean }) =>
      answerOf(await api.PUT('/right/calibrations/{id}', { params: { path: { id } }, body: { in_use } })),
    'calibration',
  );
}
