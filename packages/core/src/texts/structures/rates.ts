/** Several rates without a plan: each is converted, and they are held against each other. */

import type { DraftReading } from '../draftReading.ts';
import type { Page } from '../page.ts';
import type { Regions } from './offers.ts';
import { readTwo } from './offers.ts';

/** @returns nothing where the text has money, or not two rates */
export function readTwoRates(page: Page): DraftReading | undefined {
  const rates = page.tokens.flatMap(({ form }, at) => (form === 'percent' ? [page.places[at]!] : []));
  const hasMoney = page.tokens.some(({ form }) => form === 'money');
  const [one, other] = rates;
  if (hasMoney || rates.length !== 2 || !one || !other) return undefined;
  const between = page.flat.slice(one.end, other.start);
  const cut = Math.max(
    between.lastIndexOf(' or '),
    between.lastIndexOf(' and '),
    between.lastIndexOf('; '),
    between.lastIndexOf(', '),
    between.lastIndexOf(' with '),
    between.lastIndexOf('\n'),
  );
  const turn = cut < 0 ? other.start : one.end + cut;
  const end = page.sentences.find((each) => each.start <= other.start && each.end > other.start)?.end ?? other.end;
  const regions: Regions = [
    { start: 0, end: turn },
    { start: turn, end },
  ];
  return readTwo(page, regions);
}
