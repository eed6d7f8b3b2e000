/** Fetches a page's code before it is asked for, so that its frame stands at once: the places of the bar when nothing else is to do, others when a link to them has the pointer or the focus. */

import { matchPath } from 'react-router';
import { pages, type Page } from './pages.ts';

/** What cannot be fetched now is fetched again when it is visited, and said then. */
const fetchCode = (page: Page | undefined): void => void page?.load().catch(() => undefined);

const pageAt = (pathname: string): Page | undefined =>
  pages.find(({ path }) => !path.includes(':') && matchPath(path, pathname)) ??
  pages.find(({ path }) => matchPath(path, pathname));

function ofLink({ target }: Event): void {
  const link = target instanceof Element ? target.closest<HTMLAnchorElement>('a[href^="/"]') : null;
  if (link) fetchCode(pageAt(new URL(link.href).pathname));
}

/** @returns what stops it */
export function fetchAhead(): () => void {
  const idle = 'requestIdleCallback' in window ? requestIdleCallback : (work: () => void) => setTimeout(work, 1000);
  idle(() => pages.filter(({ nav }) => nav !== undefined).forEach(fetchCode));
  document.addEventListener('pointerover', ofLink, { passive: true });
  document.addEventListener('focusin', ofLink);
  return () => {
    document.removeEventListener('pointerover', ofLink);
    document.removeEventListener('focusin', ofLink);
  };
}
