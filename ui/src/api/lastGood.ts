import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';

import { ApiProblem } from './client';

export interface LastGood<T> {
  /** The newest answer there is; undefined before the first one. */
  data: T | undefined;
  /** Whether that answers what is asked now. */
  fresh: boolean;
  working: boolean;
  problem: ApiProblem | undefined;
  unreachable: boolean;
}

/**
 * Asks whenever the question changes and keeps the last good answer meanwhile, marked as not fresh. A question of null is not asked.
 */
export function useLastGood<Question, Answer>(
  key: string,
  question: Question | null,
  ask: (question: Question, signal: AbortSignal) => Promise<Answer>,
): LastGood<Answer> {
  const query = useQuery({
    queryKey: [key, question],
    queryFn: ({ signal }) => ask(question as Question, signal),
    enabled: question !== null,
    retry: (count, error) => !(error instanceof ApiProblem) && count < 2,
    retryDelay: 400,
    gcTime: 60_000,
  });
  const [last, setLast] = useState<Answer>();
  if (query.data !== undefined && query.data !== last) {
    setLast(query.data);
  }

  return {
    data: query.data ?? last,
    fresh: question !== null && query.data !== undefined,
    working: query.isFetching,
    problem: query.error instanceof ApiProblem ? query.error : undefined,
    unreachable: query.isError && !(query.error instanceof ApiProblem),
  };
}
