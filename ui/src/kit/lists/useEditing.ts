import { useEffect, useState } from 'react';

import { said, say } from '../hooks/useAddressed';

/** The record that the address asks to open, for the list to bring it along: an id, "new", or nothing. */
export function useAsked(name = 'open'): { with?: number } {
  const [id] = useState(() => Number(said(name) ?? ''));

  return Number.isInteger(id) && id > 0 ? { with: id } : {};
}

/**
 * Which record of a list is open for editing, kept in the address: a reload and a link open it again, once the list has brought it.
 *
 * @param rows of the list, asked for with `useAsked()`
 */
export function useEditing<T extends { id: number }>(
  rows: readonly T[] | undefined,
  name = 'open',
): [T | 'new' | null, (editing: T | 'new' | null) => void] {
  const [first] = useState(() => (new URLSearchParams(window.location.search).has('new') ? 'new' : said(name)));
  const [chosen, setChosen] = useState<T | 'new' | null | undefined>(first === 'new' ? 'new' : undefined);
  const found = chosen === undefined ? rows?.find((row) => String(row.id) === first) : undefined;
  const editing = chosen === undefined ? (found ?? null) : chosen;
  const isWaited = chosen === undefined && first !== null && rows === undefined;
  useEffect(() => {
    const mark = () => {
      if (!isWaited) {
        say('new', null);
        say(name, editing === null ? null : editing === 'new' ? 'new' : String(editing.id));
      }
    };
    mark();
    window.addEventListener('popstate', mark);

    return () => window.removeEventListener('popstate', mark);
  }, [editing, isWaited, name]);

  return [editing, setChosen];
}
