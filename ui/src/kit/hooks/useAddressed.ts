import { useCallback, useState } from 'react';

/** What the address of the page says by a name; null where it says nothing. */
export function said(name: string): string | null {
  return new URLSearchParams(window.location.search).get(name);
}

/** Writes into the address what stands on the page, so that a reload, Back and a link find it again; the page itself is not left. */
export function say(name: string, value: string | null): void {
  const url = new URL(window.location.href);
  if (value === null) {
    url.searchParams.delete(name);
  } else {
    url.searchParams.set(name, value);
  }
  if (url.href !== window.location.href) {
    window.history.replaceState(window.history.state, '', url);
  }
}

/** State that the address keeps; what is usual is not written into it. */
export function useAddressed(name: string, usual: string): [string, (value: string) => void] {
  const [value, setValue] = useState(() => said(name) ?? usual);
  const write = useCallback(
    (next: string) => {
      setValue(next);
      say(name, next === usual ? null : next);
    },
    [name, usual],
  );

  return [value, write];
}
