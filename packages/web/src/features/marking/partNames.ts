/** What parts are called in a few words. */

import { isQuantity, quantities, type Part } from '@hardy-sextant/core';
import { say } from '../../words/say.ts';

const special = {
  relation: say('relation'),
  difference: say('difference'),
  expression: say('result'),
  table: say('table'),
  choice: say('choice'),
  'by-hand': say('by hand'),
} as const;

/** "payment", "balance after 18", "table". */
export function partName({ ask }: Part): string {
  if (!isQuantity(ask.quantity)) return special[ask.quantity];
  const { title } = quantities[ask.quantity];
  const { after, from, to } = ask.args ?? {};
  return title
    .replace(/^the /, '')
    .replace(/ a payment$/, after === undefined ? ' a payment' : ` ${after}`)
    .replace(/ in a range of payments$/, from === undefined ? '' : `, ${from} to ${to ?? ''}`);
}
