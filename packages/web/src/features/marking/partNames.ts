/** What parts are called in a few words. */

import { quantities, type Part } from '@hardy-sextant/core';

const special = { difference: 'difference', expression: 'result', table: 'table', choice: 'choice' } as const;

/** "payment", "balance after 18", "table". */
export function partName({ ask }: Part): string {
  if (ask.quantity in special) return special[ask.quantity as keyof typeof special];
  const { title } = quantities[ask.quantity as keyof typeof quantities];
  const { after, from, to } = ask.args ?? {};
  return title
    .replace(/^the /, '')
    .replace(/ a payment$/, after === undefined ? ' a payment' : ` ${after}`)
    .replace(/ in a range of payments$/, from === undefined ? '' : `, ${from} to ${to ?? ''}`);
}
