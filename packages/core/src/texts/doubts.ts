/** What a text leaves open, each in a sentence with its choices. */

import type { ChangeRead } from './changesOfText.ts';
import type { DraftAsk } from './draftReading.ts';
import { tokenAt, type Page } from './page.ts';
import type { SolePlan } from './onePlan.ts';
import type { DoubtChoice, ReadDoubt, ReadKind, Unknown } from './reading.ts';

const kindNames: Readonly<Record<ReadKind, string>> = {
  borrowing: 'borrowing',
  saving: 'saving',
  'drawing-down': 'drawing down',
  'lump-sum': 'a single sum',
  leasing: 'leasing',
  flat: 'a flat charge',
  convert: 'converting a rate',
};

export const missingNames: Readonly<Record<Unknown, string>> = {
  amount: 'the amount at the start',
  rate: 'the interest rate',
  payments: 'the number of payments or the time',
  payment: 'the payment',
  finalAmount: 'the amount at the end',
};

export const doubt = (about: string, says: string, choices: readonly DoubtChoice[] = []): ReadDoubt => ({ about, says, choices });

export const choice = (says: string, sets: DoubtChoice['sets'] = {}): DoubtChoice => ({ says, sets });

/** The words of the text that a token stands for. */
export const quoteOfToken = (page: Page, at: number): string => page.text.slice(tokenAt(page, at).start, tokenAt(page, at).end);

export function doubtsOfPlan(page: Page, { terms, read, plan, roles }: SolePlan, changes: readonly ChangeRead[], asks: readonly Pick<DraftAsk, 'quantity' | 'args'>[] = []): ReadDoubt[] {
  const doubts: ReadDoubt[] = [];
  if (read.clash) {
    const { payments, term } = read.clash;
    doubts.push(
      doubt('payments', `The text says ${payments} payments, but its time makes ${term}. Which holds?`, [
        choice(`${payments} payments`, { payments: String(payments) }),
        choice(`${term} payments`, { payments: String(term) }),
      ]),
    );
  }
  if (read.unfit !== undefined)
    doubts.push(doubt('payments', `The time makes ${Number(read.unfit.toFixed(2))} payments, which is no whole number.`, [choice(`${Math.floor(read.unfit)} payments`, { payments: String(Math.floor(read.unfit)) }), choice(`${Math.ceil(read.unfit)} payments`, { payments: String(Math.ceil(read.unfit)) })]));
  for (const slot of read.missing) {
    if (slot === 'payments' && read.clash) continue;
    doubts.push(doubt(slot, `The text does not say ${missingNames[slot]}.`));
  }
  if (terms.otherKind)
    doubts.push(doubt('kind', `Is this ${kindNames[terms.kind]} or ${kindNames[terms.otherKind]}?`, [choice(kindNames[terms.kind], { kind: terms.kind }), choice(kindNames[terms.otherKind], { kind: terms.otherKind })]));
  if (terms.timingClash)
    doubts.push(doubt('timing', 'Do payments fall at the beginning or at the end of each period?', timingChoices(plan.timing)));
  for (const at of terms.unexplained) doubts.push(doubt(quoteOfToken(page, at), `What is ${quoteOfToken(page, at)}?`));
  for (const at of terms.rate.others) if (!roles.has(at)) doubts.push(doubt(quoteOfToken(page, at), `What is ${quoteOfToken(page, at)}, besides the rate?`));
  for (const at of unreadTimes(page, terms.times, roles)) doubts.push(doubt(quoteOfToken(page, at), `What is ${quoteOfToken(page, at)}?`));
  for (const { token, after, afterYears } of changes)
    if (after === undefined && afterYears === undefined) doubts.push(doubt(quoteOfToken(page, token), `After which payment does ${quoteOfToken(page, token)} come?`));
  for (const { quantity, args } of asks)
    if ((quantity === 'balanceAfter' || quantity === 'leftToPay') && args?.k === undefined) doubts.push(doubt('after', 'After which payment is that asked?'));
  if (terms.rate.continuous) doubts.push(doubt('compounding', 'Continuous compounding is not read from a text.'));
  if (page.questions.length === 0) doubts.push(doubt('asks', 'The text does not say what to find.'));
  for (const { start, end } of page.unread) doubts.push(doubt('asks', `What does this ask: “${page.flat.slice(start, end).replace(/⟨[a-z](\d+)⟩/g, (_, at: string) => quoteOfToken(page, Number(at))).trim()}”?`));
  return doubts;
}

export const timingChoices = (taken: 'end' | 'beginning'): DoubtChoice[] => {
  const end = choice('at the end', { timing: 'end' });
  const beginning = choice('at the beginning', { timing: 'beginning' });
  return taken === 'end' ? [end, beginning] : [beginning, end];
};

/** Lengths of time that nothing took. */
const unreadTimes = (page: Page, times: readonly number[], roles: ReadonlyMap<number, unknown>): number[] =>
  times.filter((at) => !roles.has(at) && page.signs[at]?.[0]?.role !== 'ignored');
