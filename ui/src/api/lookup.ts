import { useQuery } from '@tanstack/react-query';

import { api, answerOf, type Schemas } from './client';

/** From how many characters on it is looked. */
export const SHORTEST = 2;

/** Where what was found is opened. */
export function addressOf({ kind, id }: Schemas['LookupHit']): string {
  switch (kind) {
    case 'plant':
    case 'plant_note':
      return `/plants/${id}`;
    case 'recipe':
      return `/blend?recipe=${id}`;
    case 'component':
    case 'lot':
      return `/bins/${id}`;
    case 'pot':
      return `/pots?open=${id}`;
    case 'batch':
      return `/log/${id}`;
    case 'day':
      return `/days/${id}`;
    case 'site':
      return `/season/weather?site=${id}`;
    case 'fertiliser':
      return `/fertilisers?open=${id}`;
    default:
      return `/season/zones?zone=${id}`;
    case 'trial':
      return `/log/trials/${id}`;
  }
}

/** Whatever is called so, wherever it lies; nothing is asked for too short a text. */
export function useLookup(text: string) {
  return useQuery({
    queryKey: ['lookup', text],
    queryFn: async ({ signal }) => answerOf(await api.GET('/lookup', { params: { query: { q: text } }, signal })).data,
    enabled: text.length >= SHORTEST,
    placeholderData: (before) => before,
    gcTime: 30_000,
    retry: false,
  });
}
