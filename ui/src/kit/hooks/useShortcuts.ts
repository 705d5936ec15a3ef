import { useEffect } from 'react';

/** Keys like "ctrl+z", "alt+1" or "?"; plain letters do nothing while somebody types. */
export function useShortcuts(shortcuts: Record<string, () => void>) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const name = [
        event.ctrlKey || event.metaKey ? 'ctrl+' : '',
        event.altKey ? 'alt+' : '',
        event.shiftKey && event.key.length > 1 ? 'shift+' : '',
        event.key.toLowerCase(),
      ].join('');
      const act = shortcuts[name];
      if (act === undefined || (isTyping(event.target) && !event.ctrlKey && !event.metaKey && !event.altKey)) {
        return;
      }
      event.preventDefault();
      act();
    };
    window.addEventListener('keydown', onKey);

    return () => window.removeEventListener('keydown', onKey);
  }, [shortcuts]);
}

function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement && (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName))
  );
}
