/** What many structures ask of one page is worked out once. */

import type { Page } from './page.ts';

/** @param read must tell the same of a page whenever it is asked, and nobody changes what it returns */
export function oncePerPage<T>(read: (page: Page) => T): (page: Page) => T {
  const known = new WeakMap<Page, { readonly value: T }>();
  return (page) => {
    const told = known.get(page) ?? { value: read(page) };
    known.set(page, told);
    return told.value;
  };
}
