import { useEffect, useRef } from 'react';

/** How many overlays the entry of the browser's history that one stands on has open. */
function depthHere(): number {
  return (window.history.state as { overlays?: number } | null)?.overlays ?? 0;
}

let open = 0;

/** An entry for an overlay that is gone, or whose page was left while it was open, is passed over. */
function passOver(): void {
  if (depthHere() > open) {
    window.history.back();
  }
}

/**
 * Back closes what lies over the page before it leaves the page: an overlay is an entry of its own in the browser's history, with the same address. `leave` is what
 * Esc does; if it asks first and the overlay stays, so does its entry.
 */
export function useBackCloses(isOpen: boolean, leave: () => void): void {
  const latest = useRef(leave);
  useEffect(() => {
    latest.current = leave;
  }, [leave]);
  useEffect(() => {
    if (!isOpen) {
      return undefined;
    }
    window.addEventListener('popstate', passOver);
    open += 1;
    const depth = open;
    const push = () => window.history.pushState({ ...(window.history.state as object | null), overlays: depth }, '');
    const onBack = () => {
      if (depthHere() < depth && open === depth) {
        push();
        latest.current();
      }
    };
    // one that takes the place of another takes its entry, too
    if (depthHere() < depth) {
      push();
    }
    window.addEventListener('popstate', onBack);

    return () => {
      open -= 1;
      window.removeEventListener('popstate', onBack);
      setTimeout(passOver);
    };
  }, [isOpen]);
}
