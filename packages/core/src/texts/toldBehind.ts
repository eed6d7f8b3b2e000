/** A term that is told behind a change of rate: what is asked "then" is asked of its end, and not of the change. */

import { changesOfText } from './changesOfText.ts';
import { sentenceAt, type Page } from './page.ts';
import type { Question } from './question.ts';

/** "For the first 10 years it earns 4 %, and after that 5 %. She pays in for 25 years. What is it worth then?" */
export function isTermToldBehind(page: Page, { start }: Question): boolean {
  const [change, more] = changesOfText(page);
  const from = change && sentenceAt(page, page.places[change.token]!)?.end;
  if (!change || more || from === undefined) return false;
  return /(?:for|over|during) ⟨t\d+⟩[^?⟨]*$/.test(page.flat.slice(from, start));
}
