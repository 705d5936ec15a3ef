import { useEffect } from 'react';

/**
 * Keys like "ctrl+z", "alt+1" or "?"; plain letters do nothing while somebody types. A place hears a key before the
 * frame around it, which hears only what the place left.
 */
export function useShortcuts(shortcuts: Record<string, () => void>, of: 'place' | 'frame' = 'place') {
  useEffect(() => {
    const ear: Document | Window = of === 'place' ? document : window;
    const onKey = (event: KeyboardEvent) => {
      if (of === 'frame' && event.defaultPrevented) {
        return;
      }
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
    const heard = onKey as EventListener;
    ear.addEventListener('keydown', heard);

    return () => ear.removeEventListener('keydown', heard);
  }, [shortcuts, of]);
}

function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement && (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName))
  );
}
