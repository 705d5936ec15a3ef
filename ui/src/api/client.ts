import createClient from 'openapi-fetch';

import { askServer } from './token';
import type { components, paths } from './schema';

export type Schemas = components['schemas'];

export const api = createClient<paths>({ baseUrl: '/api/v1', fetch: askServer });

/** In which language the server is to answer: the one of the page. */
export function spokenHere(): string {
  return document.documentElement.lang || 'en';
}

api.use({
  onRequest: ({ request }) => {
    request.headers.set('Accept-Language', spokenHere());

    // what says all in its address is sent as an empty object: the server takes writes as JSON only
    return request.method === 'POST' && !request.headers.has('Content-Type')
      ? new Request(request, {
          body: '{}',
          headers: { ...Object.fromEntries(request.headers), 'content-type': 'application/json' },
        })
      : request;
  },
});

/** What the API could not use, field by field; without fields when it could not be reached or failed. */
export class ApiProblem extends Error {
  constructor(
    message: string,
    public readonly errors: Schemas['Problem']['errors'],
    public readonly status: number,
  ) {
    super(message);
  }

  /** Sentence for a field, or for anything beneath it. */
  at(path: string): string | undefined {
    return this.errors.find((error) => error.path === path)?.message;
  }
}

/** What was refused, where it was that and not that nobody answers. */
export function problemOf({ error }: { error: Error | null }): ApiProblem | undefined {
  return error instanceof ApiProblem ? error : undefined;
}

/** The answer's data, or the problem thrown. */
export function answerOf<T>(result: { data?: T; error?: unknown; response: Response }): T {
  if (result.data !== undefined) {
    return result.data;
  }
  const problem = result.error as Partial<Schemas['Problem']> | undefined;
  throw new ApiProblem(problem?.message ?? result.response.statusText, problem?.errors ?? [], result.response.status);
}
