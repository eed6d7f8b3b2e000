/** What axe finds wrong, in a line each. */
import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';

/** Only what is wrong is written down: on a screen of thousands of nodes the rest would take most of the time. */
const onlyViolations = { resultTypes: ['violations' as const] };

async function found(axe: AxeBuilder): Promise<string[]> {
  // No frames here: no second page is needed to put their results together.
  const { violations } = await axe.options(onlyViolations).setLegacyMode().analyze();
  return violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.html.slice(0, 120)).join(' | ')}`);
}

const part = (page: Page, within?: string): AxeBuilder =>
  within === undefined ? new AxeBuilder({ page }) : new AxeBuilder({ page }).include(within);

/** @param within a part of the page; all of it where nothing is said */
export const foundByAxe = (page: Page, within?: string): Promise<string[]> => found(part(page, within));

/** The dark theme differs in its colours alone. */
export const foundInColours = (page: Page, within?: string): Promise<string[]> =>
  found(part(page, within).withRules(['color-contrast']));
