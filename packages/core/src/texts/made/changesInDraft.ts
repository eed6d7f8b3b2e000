/** What changes on the way, as it is typed: its texts name the givens, as long as that comes to the same. */

import { roundTo } from '../../money/roundMoney.ts';
import { quotedRate } from '../../case/quote.ts';
import { convertRate } from '../../rates/conversions.ts';
import type { ChangeDraft } from '../../statement/changeDraft.ts';
import type { ReadAsk, ReadPlan, ReadRate } from '../reading.ts';
import { quoteOf } from '../statementOfPlan.ts';
import { paymentUnchanged } from '../answers.ts';
import { named, ofPlan, timesIn, wordedAs, type PlanToDraft } from './wordings.ts';

/** A later rate in percent; one that is quoted otherwise than the plan's, as the plan quotes it: a change has no quote of its own. */
function changedRate(to: PlanToDraft, rate: ReadRate): string {
  const { plan, wanted } = to;
  const own = quoteOf(plan.rate, plan.paymentsPerYear, wanted).quote;
  const { quote, number = rate.value } = quoteOf(rate, plan.paymentsPerYear);
  const isAlike = quote.kind === own.kind && quote.compounding === own.compounding;
  if (isAlike) return wordedAs(to, laterRates(to), roundTo(rate.value * 100, 10));
  const same = convertRate(quotedRate(quote, number), quotedRate(own, number), plan.paymentsPerYear);
  return wordedAs(to, [], roundTo((same.ok ? same.value : number) * 100, 10));
}

export function changesOf(to: PlanToDraft): ChangeDraft[] {
  const { plan } = to;
  return plan.changes.flatMap((change, at): ChangeDraft[] => {
    const id = `c${at + 1}`;
    const after = afterText(to, change.after);
    switch (change.kind) {
      case 'rate':
        return [
          {
            id,
            kind: 'rate',
            texts: { after, rate: changedRate(to, change.rate) },
            payment: change.keep === 'payments' ? 'again' : 'same',
          },
        ];
      case 'extra': {
        const made: ChangeDraft = {
          id,
          kind: 'extra',
          texts: { amount: wordedAs(to, named(to, 'extra'), change.value), from: after, to: '', every: '' },
          payment: 'again',
        };
        const rate = wordedAs(to, named(to, 'rate'), roundTo((plan.rate?.value ?? 0) * 100, 10));
        return change.keep === 'payment'
          ? [made]
          : [made, { id: `${id}r`, kind: 'rate', texts: { after, rate }, payment: 'again' }];
      }
      case 'payment': {
        const rises = named(to, 'paymentRise');
        if (isOnTop(plan, to.asks)) {
          const from = String(change.after + 1);
          const amount = wordedAs(to, rises, change.by);
          return [{ id, kind: 'extra', texts: { amount, from, to: '', every: '1' }, payment: 'again' }];
        }
        const sums = named(to, 'payment').flatMap((payment) =>
          rises.flatMap((rise) => [`${payment} + ${rise}`, `${payment} + ${payment} * ${rise} / 100`]),
        );
        const amount = wordedAs(to, [...sums, ...rises], change.to ?? paymentBefore(to) + change.by);
        return [{ id, kind: 'payment', texts: { after, amount }, payment: 'again' }];
      }
      case 'skip': {
        const through = String(change.after + change.payments);
        const pause: ChangeDraft = {
          id,
          kind: 'deferred',
          texts: { from: String(change.after + 1), through },
          payment: 'again',
        };
        if (change.keep !== 'payment') return [pause];
        // Then it is paid again as before.
        const amount = wordedAs(to, named(to, 'payment'), paymentBefore(to));
        return [pause, { id: `${id}p`, kind: 'payment', texts: { after: through, amount }, payment: 'again' }];
      }
    }
  });
}

/** A later rate as it is told, or by how much it is above or below the first. */
const laterRates = (to: PlanToDraft): string[] => {
  const told = named(to, 'newRate');
  const byPoints = named(to, 'rate').flatMap((rate) =>
    told.flatMap((more) => [`${rate} + ${more}`, `${rate} - ${more}`]),
  );
  return [...told, ...byPoints];
};

/** After which payment: told, or when the first of two times is over. */
const afterText = (to: PlanToDraft, after: number): string =>
  wordedAs(to, to.isTold(after) ? [] : timesIn(ofPlan(to, 'duration'), to.plan).flat(), after);

/** More is paid than a payment that is sought: each time it is paid on top. The last payment would be without it. */
export const isOnTop = ({ payment, changes }: ReadPlan, asks: readonly Pick<ReadAsk, 'quantity'>[]): boolean =>
  payment === null &&
  changes.length === 1 &&
  changes.every((each) => each.kind === 'payment' && each.by > 0 && each.to === undefined) &&
  asks.every(({ quantity }) => quantity !== 'lastPayment');

/** The payment that rises: stated, or computed and paid in cents. */
const paymentBefore = ({ plan, wanted }: PlanToDraft): number => plan.payment ?? paymentUnchanged(plan, wanted) ?? 0;
