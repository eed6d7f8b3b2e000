/** What parts are called in a few words. */

import { isQuantity, quantities, type Part } from '@hardy-sextant/core';

const special = {
  relation: 'relation',
  difference: 'difference',
  expression: 'result',
  table: 'table',
  choice: 'choice',
  'by-hand': 'by hand',
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
