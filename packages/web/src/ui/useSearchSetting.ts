/** What is chosen, filtered or opened on a screen, kept in its address: a link shows the same. */
import { useEffect } from 'react';
import { useLocation, useSearchParams } from 'react-router';

/** The settings asked of the router that no screen has been drawn with yet: a second change in the same moment goes on from them. */
let asked: { readonly pathname: string; readonly settings: string } | undefined;

/** The settings in the address, and a way to change several; empty ones are left out. The step back leads to the screen before. */
export function useAddress(): readonly [URLSearchParams, (change: (settings: URLSearchParams) => void) => void] {
  const [search, setSearch] = useSearchParams();
  const location = useLocation();
  const { pathname, search: shown } = location;
  const state: unknown = location.state;
  useEffect(() => {
    if (
      asked &&
      (asked.pathname !== pathname || `?${asked.settings}` === shown || (asked.settings === '' && shown === ''))
    )
      asked = undefined;
  }, [pathname, shown]);
  const change = (edit: (settings: URLSearchParams) => void): void => {
    const now = new URLSearchParams(
      asked?.pathname === window.location.pathname ? asked.settings : window.location.search,
    );
    edit(now);
    for (const [name, value] of [...now]) if (value === '') now.delete(name);
    asked = { pathname: window.location.pathname, settings: now.toString() };
    setSearch(now, { replace: true, state });
  };
  return [search, change];
}

/**
 * Lets the address of the screen that is shown follow something that moves by itself, such as the answer looked at. It goes
 * past the router: nothing is drawn again, and a step to another screen that is under way is not called off.
 */
export function followAddress(edit: (settings: URLSearchParams) => void): void {
  const { pathname, search } = window.location;
  // The router is about to write the address itself: what follows comes after it.
  if (asked?.pathname === pathname) {
    setTimeout(() => window.location.pathname === pathname && followAddress(edit), SOON_MS);
    return;
  }
  const now = new URLSearchParams(search);
  edit(now);
  window.history.replaceState(window.history.state, '', `${pathname}?${now.toString()}`);
}

const SOON_MS = 100;

/** The settings in the address, and a way to change one. Where something else changes than the page, the first page is shown. */
export function useSearchSetting(): readonly [URLSearchParams, (name: string, value: string) => void] {
  const [search, change] = useAddress();
  return [
    search,
    (name, value) =>
      change((settings) => {
        settings.set(name, value);
        if (name !== PAGE || value === '1') settings.delete(PAGE);
      }),
  ];
}

const PAGE = 'page';

/** Which page of a list the address names; the first where it names none. */
export function pageIn(search: URLSearchParams): number {
  const page = Number(search.get(PAGE) ?? 1);
  return Number.isInteger(page) && page >= 1 && page <= 1_000_000 ? page : 1;
}
