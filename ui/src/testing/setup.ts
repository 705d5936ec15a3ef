import * as React from 'react';
import { afterEach, beforeEach, vi } from 'vitest';

import type { Schemas } from '../api/client';
import meta from './answers/meta.json';
import { server } from './server';

// what the browser has and the stand-in for one has not
if (typeof window !== 'undefined') {
  window.matchMedia = ((query: string) => ({
    matches: query.includes('reduce'),
    media: query,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
    addListener: () => undefined,
    removeListener: () => undefined,
  })) as unknown as typeof window.matchMedia;
  globalThis.fetch = ((input: Request | string, init?: RequestInit) =>
    server.answer(input instanceof Request ? input : new Request(input, init))) as typeof fetch;
}

// what is shown is asked of the true browser; here only what an element says itself counts, for each question would cost a walk through all styles
if (typeof window !== 'undefined') {
  window.getComputedStyle = (element) => (element as HTMLElement).style;
}

// React keeps for each element where in the code it was made, which is told in no test and takes a quarter of the time
const inside = (React as unknown as Record<string, Record<string, number>>)[
  '__CLIENT_INTERNALS_DO_NOT_USE_OR_WARN_USERS_THEY_CANNOT_UPGRADE'
];
if (inside !== undefined) {
  Object.defineProperty(inside, 'recentlyCreatedOwnerStacks', { get: () => Infinity, set: () => undefined });
}

// how fast a machine is, is not what is tried; whether a thing can be seen is asked of the true browser: here each question costs a walk through all styles
if (typeof window !== 'undefined') {
  (await import('@testing-library/react')).configure({ defaultHidden: true, asyncUtilTimeout: 10_000 });
}

// only now: the client takes hold of what fetches when it is first imported
(await import('../api/meta')).keepRules(meta.rules as Schemas['Rules']);

beforeEach(() => server.forget());

afterEach(async () => {
  vi.useRealTimers();
  if (typeof window !== 'undefined') {
    (await import('@testing-library/react')).cleanup();
    localStorage.clear();
    (await import('../api/outbox')).outbox.reread();
    sessionStorage.clear();
    window.history.replaceState(null, '', '/');
  }
});
