/** The changes of a plan in numbers: after which payment, at which rate, by how much. */

import { roundTo } from '../money/roundMoney.ts';
import type { ChangeRead } from './changeRead.ts';
import { paymentAfter, wholeNumber } from './paymentCounts.ts';
import { tokenAt, type Page } from './page.ts';
import type { ReadChange, ReadPlan, ReadRate } from './reading.ts';
import { yearsIn } from './tokens.ts';

/**
 * The changes in numbers, in the order in which they come, for a plan. Those without a moment are left out: they are doubts.
 *
 * @param solved the payment before them, where the text does not tell it and the plan does
 */
export function changesInNumbers(
  page: Page,
  reads: readonly ChangeRead[],
  plan: Pick<ReadPlan, 'paymentsPerYear' | 'payment' | 'rate' | 'amount' | 'payments'>,
  keepOtherwise: 'payments' | 'payment',
  solved: () => number | undefined,
): ReadChange[] {
  const found = reads.flatMap((read): ReadChange[] => {
    const after = paymentAfter(read, plan.paymentsPerYear);
    if (after === undefined) return [];
    const { value, unit, form } = tokenAt(page, read.token);
    const keep = plan.payment === 0 ? 'payment' : (read.keep ?? keepOtherwise);
    switch (read.kind) {
      case 'rate':
        return plan.rate
          ? [{ kind: 'rate', after, rate: { ...plan.rate, ...ownQuoting(page, read.token), value }, keep }]
          : [];
      case 'extra':
        return [{ kind: 'extra', after, value, keep }];
      case 'rise': {
        // "by 10 %" of the payment before, "doubles it".
        const share = read.times ?? (form === 'percent' ? value : undefined);
        const before = share !== undefined ? (plan.payment ?? solved()) : undefined;
        if (share !== undefined)
          return before === undefined ? [] : [{ kind: 'payment', after, by: roundTo(before * share, 2) }];
        return isOnce(value, after, plan)
          ? [{ kind: 'extra', after, value, keep }]
          : [{ kind: 'payment', after, by: value }];
      }
      case 'new payment': {
        const before = plan.payment ?? solved();
        if (before === undefined) return [];
        return plan.payment !== null && isOnce(value, after, plan)
          ? [{ kind: 'extra', after, value, keep }]
          : [{ kind: 'payment', after, by: value - before, to: value }];
      }
      case 'skip': {
        const skipped =
          read.count ??
          (read.years === undefined ? undefined : wholeNumber(read.years * plan.paymentsPerYear)) ??
          (form === 'time' ? wholeNumber(value * (yearsIn[unit] ?? NaN) * plan.paymentsPerYear) : value);
        return [
          {
            kind: 'skip',
            after,
            payments: skipped,
            keep: read.keep ?? (plan.payment === null ? 'payments' : 'payment'),
          },
        ];
      }
    }
  });
  return found.sort((one, other) => one.after - other.after);
}

/** "… is changed to 2.88 % compounded monthly": how the new rate is quoted, where the text says so. */
function ownQuoting(page: Page, token: number): Partial<ReadRate> {
  const behind = /^(?: ⟨a\d+⟩)?(?: (effective)(?![a-z])|,? (?:compounded|convertible) ⟨e(\d+)⟩)/.exec(
    page.flat.slice(page.places[token]!.end),
  );
  if (behind?.[1]) return { quoted: 'effective', compoundingsPerYear: 1 };
  return behind?.[2] === undefined
    ? {}
    : { quoted: 'nominal', compoundingsPerYear: tokenAt(page, Number(behind[2])).value };
}

/** Many times a payment more: paid once. */
function isOnce(
  value: number,
  after: number,
  { amount, payment, payments }: Pick<ReadPlan, 'amount' | 'payment' | 'payments'>,
): boolean {
  const usual = payment ?? (amount && payments ? (amount / payments) * 3 : null);
  return after > 0 && usual !== null && value > 3 * usual;
}
