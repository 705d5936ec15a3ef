import { useCallback, useRef } from 'react';

/** Puts the focus into the first field of what has just opened, so that one can type at once. A list of choices is left alone: it would open. */
export function useFirstField() {
  const inside = useRef<HTMLDivElement>(null);
  const focus = useCallback((open: boolean) => {
    if (open) {
      inside.current
        ?.querySelector<HTMLElement>(
          'input:not([type="hidden"], [type="file"], [role="combobox"], [disabled]), textarea',
        )
        ?.focus();
    }
  }, []);

  return { inside, focus };
}
