import { useEffect } from 'react';

/** What lies over the page and takes the focus with it. */
const OVERLAYS =
  '.ant-drawer, .ant-modal-wrap, .ant-modal-root, .ant-select-dropdown, .ant-dropdown, .ant-picker-dropdown';

/** How many places are remembered, the newest last. */
const MOST = 24;

/**
 * Brings the focus back to where somebody was before something was opened over the page: drawers and dialogs are taken away with what holds the focus in them,
 * and whoever goes by keyboard or ear would begin at the top again.
 */
export function useFocusReturn(): void {
  useEffect(() => {
    const been: HTMLElement[] = [];
    const remember = (event: FocusEvent) => {
      if (event.target instanceof HTMLElement && event.target !== document.body) {
        been.push(event.target);
        been.splice(0, Math.max(0, been.length - MOST));
      }
    };
    /** Where the focus is lost to nothing, the last place that is still there and shown takes it. */
    const bringBack = () => {
      if (document.activeElement !== null && document.activeElement !== document.body) {
        return;
      }
      const open = [...document.querySelectorAll<HTMLElement>('.ant-drawer-open, .ant-modal-wrap')].findLast(isShown);
      const back = been.findLast(
        (each) =>
          each.isConnected &&
          isShown(each) &&
          (open === undefined ? each.closest(OVERLAYS) === null : open.contains(each)),
      );
      back?.focus({ preventScroll: true });
    };
    const watch = new MutationObserver((changes) => {
      const isGone = changes.some((change) =>
        [...change.removedNodes].some(
          (node) => node instanceof HTMLElement && (node.matches(OVERLAYS) || node.querySelector(OVERLAYS) !== null),
        ),
      );
      if (isGone) {
        bringBack();
      }
    });
    document.addEventListener('focusin', remember);
    watch.observe(document.body, { childList: true, subtree: true });

    return () => {
      document.removeEventListener('focusin', remember);
      watch.disconnect();
    };
  }, []);
}

function isShown(element: HTMLElement): boolean {
  return element.checkVisibility === undefined || element.checkVisibility({ visibilityProperty: true });
}
