/** "450 is paid each month for two years; what payment over the following four clears it?": a debt in two times of paying. */

import { groupFound } from '../pattern.ts';
import { quoteOfToken } from '../doubts.ts';
import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import { tokenAt, type Page } from '../page.ts';
import { paymentsTold } from '../paymentCounts.ts';
import type { ReadLink } from '../reading.ts';
import { yearsOf } from '../tokens.ts';
import { follow, without } from './followers.ts';
import { ownedQuestions, type Owned } from './severalPlans.ts';

const following =
  /(?<![a-z])(?:rest|remainder|remaining (?:debt|balance)) (?:of it )?(?:is |must be )?(?:then )?(?:repaid |paid (?:off |back )?|cleared )?(?:in|over|within|by|through|with) (?:another |a further )?(?:⟨t(\d+)⟩|⟨n(\d+)⟩ (?:[a-z]+ |⟨e\d+⟩ )*payments)|(?:following|next|remaining|further|another|other|last|final|additional) (?:period of |term of )?⟨[tn](\d+)⟩|⟨t(\d+)⟩ (?:later|more|further|longer|thereafter|afterwards|after that)(?![a-z])/;
const ofRest =
  /(?<![a-z])(?:over|during|in|for|through) (?:the )?(?:rest|remainder|remaining (?:time|term|years|months|payments)|time that (?:is left|remains))(?![a-z])|(?<![a-z])then (?:pays? )?(?:whatever|as much as|what(?= it takes)|equal (?:⟨e\d+⟩ )?payments that clear)|pay[^?]{0,24} (?:after (?:that|this)|afterwards|thereafter|from then on)(?= ?[?,]| to (?:be|end|finish|clear))|(?<![a-z])then as (?:large|much|high) as (?:is|are)? ?(?:needed|necessary|required)|payments after (?:that|them|these) are equal/;

const othersAlike =
  /(?<![a-z])(?:others|remaining (?:ones|payments)|rest(?: of them)?|later ones) (?:are|is|being) (?:all )?(?:alike|equal|the same)(?![a-z])/;

interface RestOfTime {
  readonly token: number;
  /** It is told as the whole time, of which the first part is over. */
  readonly isWhole: boolean;
}

/** @returns nothing where no payment of a first time is told, or none is asked of a second */
export function readPaidFirst(page: Page): DraftReading | undefined {
  const rates = page.tokens.filter(({ form }) => form === 'percent').length;
  const rest = restOf(page);
  const asks = page.questions.some(({ asked }) => asked === 'payment' || asked === 'newPayment');
  if (!rest || rates !== 1 || !asks) return undefined;
  const whole = wholeTold(page);
  const outside = [rest.token, ...whole].map((at) => page.places[at]!);
  const first = readPlan(page, { scope: without(...outside), as: 'borrowing', questions: [] });
  const { read } = first;
  // "In the first year, 300 at each month-end"
  const isYear = /(?<![a-z])(?:in|for|during|over) the first year(?! of)(?![a-z])/.test(page.flat);
  const plan = { ...first.plan, payments: first.plan.payments ?? (isYear ? first.plan.paymentsPerYear : null) };
  const isKnown = plan.amount !== null && (plan.payment ?? 0) > 0 && plan.rate !== null && plan.payments !== null;
  if (!isKnown || plan.changes.length > 0 || read.unfit !== undefined || !isOwed(page)) return undefined;
  const told = paymentsTold(page, rest.token, plan.paymentsPerYear);
  const payments = rest.isWhole ? told - (plan.payments ?? 0) : told;
  const all = payments + (plan.payments ?? 0);
  // The whole time is that of both.
  const isClash = whole.some((at) => at !== rest.token && paymentsTold(page, at, plan.paymentsPerYear) !== all);
  if (payments <= 0 || isClash) return undefined;
  const links: ReadLink[] = [{ field: 'amount', fromPlan: 0, quantity: 'finalAmount' }];
  const questions = ownedQuestions(page, ({ asked }) =>
    asked === 'payment' || asked === 'newPayment' ? 1 : asked === 'balance' || asked === 'finalAmount' ? 0 : 'across',
  ).map((each): Owned => {
    if (each.owner === 'across') return each;
    return { ...each, asked: each.owner === 1 ? 'payment' : 'finalAmount', place: undefined };
  });
  return follow(
    page,
    {
      ...first,
      plan: { ...plan, name: 'first', finalAmount: null, unknown: 'finalAmount' },
      read: { ...read, missing: [] },
    },
    questions,
    { name: 'then', amount: null, payments, payment: null, finalAmount: 0, unknown: 'payment' },
    links,
    [[rest.token, tokenAt(page, rest.token).form === 'time' ? 'duration' : 'payments']],
    () => undefined,
  );
}

/** The token of the time, or of the number of payments, that follow. */
function followingIn({ flat }: Page): number | undefined {
  const found = groupFound(following.exec(flat));
  return found === undefined ? undefined : Number(found);
}

/** The time of the payments that are asked. */
function restOf(page: Page): RestOfTime | undefined {
  const times = page.tokens.flatMap(({ form }, at) => (form === 'time' ? [at] : []));
  const more = times.find((at) => / (?:more|further|additional) /.test(quoteOfToken(page, at)));
  const token = followingIn(page) ?? more;
  if (token !== undefined) return { token, isWhole: false };
  // "24 payments, of which the first twelve are 300. The others are all alike."
  const [all] = othersAlike.test(page.flat) ? wholeTold(page) : [];
  if (all !== undefined) return { token: all, isWhole: true };
  // "What is owed after two years?": a time that is told again is the same.
  const isFirstTold = (at: number): boolean => times.find((each) => yearsOf(page, each) === yearsOf(page, at)) === at;
  const [one, other, third] = times.filter(isFirstTold);
  if (!ofRest.test(page.flat) || one === undefined || other === undefined || third !== undefined) return undefined;
  return { token: yearsOf(page, one) > yearsOf(page, other) ? one : other, isWhole: true };
}

/** "… by two years of payments. The first twelve are 250": the whole time, where the first payments are counted. */
const wholeTold = (page: Page): number[] => {
  const first =
    /(?<![a-z])first ⟨n(\d+)⟩ (?:(?:⟨e\d+⟩ )?(?:payments|instal?ments|of them)|(?:are|were|come to|amount to) ⟨m)/.exec(
      page.flat,
    );
  const rest = followingIn(page);
  const isWhole = (at: number): boolean =>
    page.tokens[at]?.form === 'time' ||
    (page.tokens[at]?.form === 'count' &&
      at !== Number(first?.[1]) &&
      at !== rest &&
      page.signs[at]?.[0]?.role === 'payments');
  return first ? page.tokens.flatMap((_, at) => (isWhole(at) ? [at] : [])) : [];
};

const isOwed = ({ flat }: Page): boolean => /(?<![a-z])(?:loan|borrow|debt|mortgage|lent|lends?|owe|repay)/.test(flat);
