/** The second look at sums by how often they are paid, and at what is counted from now: "How many more payments …?" */

import { doubt, notUnderstood, quoteOfToken } from './doubts.ts';
import type { DraftReading } from './draftReading.ts';
import { sentenceAt, type Page } from './page.ts';
import { isSimpleAlone } from './repaidAtOnce.ts';
import type { ReadDoubt, Role } from './reading.ts';
import { yearsOf } from './tokens.ts';

const once: ReadonlySet<Role> = new Set<Role>(['amount', 'price', 'finalAmount']);
const paidEach: ReadonlySet<string> = new Set(['payment', 'newPayment', 'paymentRise']);

/** "260, put by at the end of each month", "140 for the next three". */
const isRegular =
  /^(?:,? (?:put (?:by|away|aside)|saved|paid in|deposited|set aside|laid by))? (?:at (?:the )?(?:end|start|beginning|close) of ⟨e\d+⟩|(?:for|in|during) (?:each of )?the (?:next|following) ⟨[tn]\d+⟩(?! (?:from|at)))/;
const tellsOften =
  /⟨[ea]\d+⟩|(?<![a-z])(?:each|every|per|payments?|instal?ments?|rents?|rentals?|deposits?|withdrawals?|pmt|r ?=)(?![a-z])/;

/** A sum of each period taken as one that is paid once, and the other way round. */
const paidAsOften = (page: Page, { roles }: DraftReading): ReadDoubt[] =>
  [...roles].flatMap(([token, { role }]) => {
    const { start, end } = page.places[token]!;
    if (page.tokens[token]?.form !== 'money') return [];
    const [before, behind] = [page.flat.slice(Math.max(0, start - 60), start), page.flat.slice(end, end + 60)];
    const isOnce =
      once.has(role) &&
      isRegular.test(behind) &&
      !/(?:from|(?<!rents?|rentals?|payments?|deposits?|instalments?|sums?) of|out of|on|for|at|have|reach|get)(?: (?:his|her|their|its|the|an?))? $/.test(
        before,
      );
    const signs = page.signs[token] ?? [];
    const isSigned = signs.length === 0 || signs.some((sign) => paidEach.has(sign.role));
    const isAgain = page.tokens.some(
      (each, at) => at !== token && each.form === 'money' && each.value === page.tokens[token]!.value,
    );
    const isAsked = sentenceAt(page, { start, end })?.asks === true;
    const isEach =
      role === 'payment' && !isAgain && !isAsked && !isSigned && !tellsOften.test(before) && !tellsOften.test(behind);
    const quote = quoteOfToken(page, token);
    return isOnce || isEach
      ? [doubt(quote, `What is ${quote}? ${isOnce ? 'It reads like a payment.' : 'It does not read like a payment.'}`)]
      : [];
  });

/** "What single payment two years from now is equal in value to 700 at the end of each quarter for four years?": no balance on the way. */
const oneForAll = (page: Page, { asks, plans }: DraftReading): ReadDoubt[] =>
  asks.flatMap(({ quantity, plan, place }) => {
    const unit = page.questions.find(({ start }) => start === place.start)?.unit;
    const words = unit ? page.flat.slice(unit.start, unit.end) : '';
    const isOne = /(?<![a-z])(?:single|one|lump) (?:payment|sum|amount)[^?]*(?:equal|equivalent|replace|instead)/.test(
      words,
    );
    return unit && isOne && quantity === 'balanceAfter' && plans[plan ?? 0]?.kind === 'saving'
      ? [notUnderstood(page, unit)]
      : [];
  });

/** "How many more years does it take?", in a plan that begins before now. */
const countedFromStart = (page: Page, { asks, plans }: DraftReading): ReadDoubt[] =>
  asks.flatMap(({ quantity, plan, place }) => {
    const unit = page.questions.find(({ start }) => start === place.start)?.unit;
    const of = plans[plan ?? 0];
    const isMore =
      unit && /how (?:many (?:more|further)|much longer)(?![a-z])/.test(page.flat.slice(unit.start, unit.end));
    const isGoingOn = plans.some(({ finalAmount }) => finalAmount !== null && finalAmount === of?.amount);
    const isFromStart = !of?.links?.some(({ field }) => field === 'amount') && of?.changes.length === 0 && !isGoingOn;
    const isBegun = /(?<![a-z])(?:ago|already|so far)(?![a-z])/.test(page.flat);
    return isMore && isBegun && isFromStart && (quantity === 'payments' || quantity === 'years')
      ? [notUnderstood(page, unit)]
      : [];
  });

/** "What has she after a further five years?", counted from the start. */
const furtherFromStart = (page: Page, { asks, plans }: DraftReading): ReadDoubt[] =>
  asks.flatMap(({ plan, place, args }) => {
    const unit = page.questions.find(({ start }) => start === place.start)?.unit;
    const perYear = plans[plan ?? 0]?.paymentsPerYear ?? NaN;
    const isFurther = page.tokens.some(({ form, start }, at) => {
      const own = page.places[at]!;
      const isHere = form === 'time' && unit && own.start >= unit.start && own.start < unit.end;
      return (
        isHere &&
        /(?<![a-z])(?:further|another) \S*$/.test(page.text.slice(0, start)) &&
        Math.abs((args?.k ?? NaN) - yearsOf(page, at) * perYear) < 1e-9
      );
    });
    return unit && isFurther ? [notUnderstood(page, unit)] : [];
  });

/** Simple interest on one sum: no sum of it is a payment, and none that falls due later is lent today. */
const simpleAsPaid = (page: Page, { plans, roles }: DraftReading): ReadDoubt[] => {
  if (!isSimpleAlone(page) || plans.every(({ kind }) => kind !== 'flat')) return [];
  const isDueLater = /(?:owes?|owed|debt of|note of|bill of) ⟨m\d+⟩[^.?!⟨]{0,20} due /.test(page.flat);
  const isNow = page.sentences.some(({ asks, text }) => asks && /(?<![a-z])(?:today|now|present)(?![a-z])/.test(text));
  const paid = [...roles].filter(([token, { role }]) => role === 'payment' && page.tokens[token]?.form === 'money');
  const [token] = paid[0] ?? [];
  if (token !== undefined) return [doubt(quoteOfToken(page, token), `What is ${quoteOfToken(page, token)}?`)];
  return isDueLater && isNow ? [doubt('amount', 'Is it the sum that is due, or what it is worth today?')] : [];
};

/** "What quarterly deposit provides 1,500 at the end of each month …?": what is told is no deposit. */
const depositSought = (page: Page, { asks, plans }: DraftReading): ReadDoubt[] =>
  asks.flatMap(({ quantity, plan, place }) => {
    const unit = page.questions.find(({ start }) => start === place.start)?.unit;
    const of = plans[plan ?? 0];
    const isDeposit =
      unit &&
      /^\W*(?:what|how (?:large|big) an?|which) (?:(?:equal|level|regular|fixed) |⟨e\d+⟩ )*(?:deposit|contribution)(?![a-z])/.test(
        page.flat.slice(unit.start, unit.end),
      );
    return isDeposit && quantity === 'finalAmount' && of?.kind === 'saving' && (of.payment ?? 0) > 0
      ? [notUnderstood(page, unit)]
      : [];
  });

/** What is paid once, what each time, and from when on something is counted. */
export const sumsInDoubt = (page: Page, draft: DraftReading): ReadDoubt[] => [
  ...paidAsOften(page, draft),
  ...countedFromStart(page, draft),
  ...furtherFromStart(page, draft),
  ...oneForAll(page, draft),
  ...depositSought(page, draft),
  ...simpleAsPaid(page, draft),
];
