/** Focus comes back to where it was when a dialog, a menu or a list goes, however it goes. */

const OVERLAY = '[role="dialog"], [role="menu"], [role="listbox"], [role="alertdialog"]';

/** Something stands over the page in sight; lists that wait unseen do not count. */
function isOverlaid(): boolean {
  return [...document.querySelectorAll(OVERLAY)].some((each) => each.getClientRects().length > 0);
}

/** Watches where the focus is; call once. @returns stops watching */
export function keepFocus(): () => void {
  /** What had the focus last outside of whatever stands over the page. */
  let before: HTMLElement | undefined;
  const settle = (): void => {
    if (document.activeElement !== document.body || isOverlaid()) return;
    watcher.disconnect();
    const back = before?.isConnected ? before : document.getElementById('main');
    back?.focus({ preventScroll: true });
  };
  const watcher = new MutationObserver(settle);
  const moved = (event: FocusEvent): void => {
    const target = event.target;
    if (!(target instanceof HTMLElement) || target === document.body) return;
    if (target.closest(OVERLAY)) watcher.observe(document.body, { childList: true, subtree: true });
    else {
      watcher.disconnect();
      before = target;
    }
  };
  // A field that was left for nowhere is not gone back to: the next key, a shortcut, would be typed into it.
  const left = ({ target, relatedTarget }: FocusEvent): void => {
    const isField = target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement;
    if (isField && target === before && relatedTarget === null) before = undefined;
  };
  document.addEventListener('focusin', moved);
  document.addEventListener('focusout', left);
  return () => {
    document.removeEventListener('focusin', moved);
    document.removeEventListener('focusout', left);
    watcher.disconnect();
  };
}
