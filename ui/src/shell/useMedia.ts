import { useSyncExternalStore } from 'react';

/** Whether the screen is of some kind, now and after it was turned or resized. */
export function useMedia(query: string): boolean {
  return useSyncExternalStore(
    (changed) => {
      const media = window.matchMedia(query);
      media.addEventListener('change', changed);

      return () => media.removeEventListener('change', changed);
    },
    () => window.matchMedia(query).matches,
  );
}
