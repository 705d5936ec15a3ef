import { useState } from 'react';

/** What is compared of a value: numbers as they are written, named fields in whatever order. */
function plain(value: unknown): unknown {
  if (Array.isArray(value)) {
    return value.map(plain);
  }
  if (typeof value === 'object' && value !== null) {
    return Object.fromEntries(
      Object.entries(value)
        .filter(([, each]) => each !== undefined)
        .toSorted(([a], [b]) => a.localeCompare(b))
        .map(([key, each]) => [key, plain(each)]),
    );
  }
  return value;
}

const isSame = (a: unknown, b: unknown) => JSON.stringify(plain(a ?? null)) === JSON.stringify(plain(b ?? null));

/** Of a form only what somebody changed in it, and at which revision it was opened: nobody else's change is undone by it. */
export function changedOf<Body extends object>(
  opened: { revision: number },
  body: Body,
): Partial<Body> & { revision: number } {
  const before = opened as Record<string, unknown> & { revision: number };
  const changed = Object.entries(body).filter(([field, value]) => !isSame(before[field], value));

  return { ...(Object.fromEntries(changed) as Partial<Body>), revision: before.revision };
}

/** The record as it was when its form was opened, whatever is read of it meanwhile. */
export function useOpened<Opened>(record: Opened): Opened {
  return useState(record)[0];
}
