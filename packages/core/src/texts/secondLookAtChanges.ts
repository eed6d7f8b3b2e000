/** The second look at what changes on the way: is it known of which time something is asked? */

import { doubt } from './doubts.ts';
import type { DraftReading } from './draftReading.ts';
import type { Page } from './page.ts';
import type { ReadAsk, ReadDoubt } from './reading.ts';

/** The effective rate of a plan whose rate changes: of which part? */
export const rateOfChanged = ({ plans }: DraftReading, asks: readonly ReadAsk[]): ReadDoubt[] =>
  asks.flatMap(({ quantity, plan }) =>
    quantity === 'effectiveRate' && plans[plan ?? 0]?.changes.some(({ kind }) => kind === 'rate')
      ? [doubt('asks', 'The rate changes on the way: of which time is the effective rate asked?')]
      : [],
  );

/** The payment after one of several changes: after which? */
const changeUnnamed = ({ plans }: DraftReading, asks: readonly ReadAsk[]): ReadDoubt[] => {
  const later = asks.filter(({ quantity, args }) => quantity === 'payment' && args?.after !== undefined);
  const [first, more] = later;
  const changes = (plans[first?.plan ?? 0]?.changes ?? []).filter(
    (each) => each.kind === 'rate' && each.keep === 'payments',
  );
  return first && !more && changes.length > 1
    ? [doubt('asks', 'The rate changes more than once: after which change is the payment asked?')]
    : [];
};

/** A deposit that is sought, the same all the time though its rate changes: it is found as if the rate stayed. */
const soughtThroughChange = ({ plans }: DraftReading, asks: readonly ReadAsk[]): ReadDoubt[] =>
  plans.some(
    ({ kind, unknown, changes }) =>
      kind === 'saving' && unknown === 'payment' && changes.some((each) => each.kind === 'rate'),
  ) && asks.every(({ quantity, args }) => quantity !== 'payment' || args?.after === undefined)
    ? [doubt('rate', 'The payment is found as if the rate did not change. Is it known from the first that it will?')]
    : [];

/** A difference that comes to nothing: what is compared may not be what the question means. */
export const nothingBetween = (asks: readonly ReadAsk[]): ReadDoubt[] =>
  asks.some(
    ({ quantity, answers: [answer], values = [] }) =>
      (quantity === 'difference' && answer !== undefined && Math.abs(answer) < 1e-9) ||
      (quantity === 'choice' && values.length > 1 && values.every((each) => each === values[0])),
  )
    ? [doubt('asks', 'A difference is asked, and there is none. Is it read as it is meant?')]
    : [];

/** "Payments 13 to 15 are missed …. What is the payment?", found as if none were: before, or afterwards? */
const changeUnasked = (page: Page, { plans, asks: drafted }: DraftReading, asks: readonly ReadAsk[]): ReadDoubt[] => {
  const [plan, other] = plans;
  const change = plan?.changes.find((each) => 'keep' in each && each.keep === 'payments');
  const isOfAny = asks.every(({ quantity, args }, at) => {
    const place = drafted[at]?.place;
    const words = page.questions.find(({ start }) => start === place?.start)?.unit ?? place;
    return (
      quantity === 'payment' &&
      args?.after === undefined &&
      !(words && ofBefore.test(page.flat.slice(words.start, words.end)))
    );
  });
  return change && !other && asks.length > 0 && isOfAny
    ? [doubt('asks', 'Is it the payment before the change that is asked, or the one after it?')]
    : [];
};

const ofBefore = /(?<![a-z])(?:before|originally|original|old|first|initial|previous|earlier|up to then)(?![a-z])/;

/** What is asked of a plan that changes, and may be meant of another time. */
export const changesInDoubt = (page: Page, draft: DraftReading, asks: readonly ReadAsk[]): ReadDoubt[] => [
  ...changeUnasked(page, draft, asks),
  ...changeUnnamed(draft, asks),
  ...soughtThroughChange(draft, asks),
];
