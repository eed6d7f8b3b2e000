/** A loan taken over by another on the way: its balance, with a fee, is the new amount. */

import type { DraftAsk, DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import { readPlan } from '../onePlan.ts';
import type { SolePlan } from '../solePlan.ts';
import { sentenceAt, tokenAt, withoutNewRates, type Page } from '../page.ts';
import { wholeNumber } from '../paymentCounts.ts';
import type { PlacedQuestion } from '../placedQuestions.ts';
import type { Compared, ReadArgs, ReadLink, ReadPlan } from '../reading.ts';
import { isIn } from './clauses.ts';
import { madeOf, momentAtHead, whatIsLeft, whatIsMade } from './momentTakenOver.ts';
import { ownedQuestions, questionsOf, readingOfPlans, wordsOf, type Owned, type Owner } from './severalPlans.ts';

const words =
  /(?:refinanc\w*|rewrites? (?:the (?:balance|loan|debt)|what)|takes? over (?:the (?:balance|loan|debt)|what (?:is|she|he|they))|take over|takes? (?:out )?an? (?:new |other )?loan at ⟨p\d+⟩[^.?!]{0,24} to (?:pay off|repay|clear|replace)|moves? to (?:a|another) (?:new )?(?:lender|bank)|(?:moves?|moved|transfers?|transferred|takes?) (?:the|her|his|their|its) (?:outstanding |remaining |whole )?(?:balance|debt|loan|mortgage) to (?:an?|another)|rates? (?:have|has) (?:now |since |meanwhile )?(?:fallen|dropped|come down|sunk|risen) to(?= ⟨p\d+⟩[^?]*(?:remaining|rest of))|old (?:loan|lender|debt|terms|contract)|(?:lends?|lend|offers?|advances?) (?:him |her |them )?what is (?:still |then )?owed|new (?:loan|lender|mortgage|bank)|(?:moves?|transfers?|takes?) what (?:she|he|they) (?:still )?owes? to |(?:second|another|other|rival|different|competing|cheaper) (?:(?:local|cheaper|nearby|online|larger|smaller) )?(?:lender|bank|credit union|building society|union|society|company|finance house|institution)|better terms|(?:offers|offered|(?:gets?|receives?|has) an offer of)(?= ⟨p\d+⟩[^.?!]{0,40} for (?:the (?:rest|remaining|remainder)|what is left))|switch(?:es|ed)? (?:to|lender|bank)|(?:bank|lender|society|union)(?: that)? (?:pays?|paid) (?:off )?what (?:she|he|they|it) (?:still )?owes?(?: off)?|remortgag\w*|takes? (?:it|the loan|the debt) over|replac(?:e|es|ed|ing) (?:(?:the rest|what is left) of (?:the|her|his|their|it)|the (?:loan|debt|mortgage)|(?:it|this|that) (?:by|with))|replaced by (?:a|an|another) (?:new )?loan|over a new (?=⟨t\d+⟩)|changes to (?:a|another) (?:new )?(?:lender|bank)|borrow what (?:she|he|they) (?:still )?owes?)(?![a-z])/;
/** The payment is asked before. */
const hasAsked = ({ flat, questions }: Page, { start }: Span): boolean =>
  questions.some(
    (each) =>
      each.start < start && (each.asked === 'payment' || paidBefore.test(flat.slice(each.unit.start, each.unit.end))),
  );

/** "… and the amount they save each month": the difference of the payments. */
const savingsHeard = (page: Page): Page => ({
  ...page,
  questions: page.questions.map((each) =>
    each.asked === 'payment' && /(?<![a-z])saves? (?:each|every|⟨[ea])/.test(page.flat.slice(each.start, each.unit.end))
      ? { ...each, asked: 'difference' as const }
      : each,
  ),
});

/** With the fee in it. */
const isRefinanced = /(?:amount|sum|loan) (?:to be |that is )?(?:re)?(?:financed|borrowed)/;

const paysNow = /(?:(?:does|will|must) (?:he|she|they) pay now|what (?:will|must) (?:he|she|they) (?:then )?pay)\W*$/;
const paidBefore =
  /(?<![a-z])what (?:did|does) (?:he|she|they) (?:formerly |once )?pay(?: before| (?:until|till|up to) (?:then|now)| so far)?\W*(?:\(?[a-h]\)?\W*)?$/;

/** "What was he paying? … What does he pay now?" asks for no sum at once; without the first it is the old payment. */
function heardAsPayment(page: Page, each: Owned): Owned {
  const words = wordsOf(page, each);
  if ((each.asked === 'amount' || each.asked === 'payment') && paysNow.test(words))
    return { ...each, asked: 'payment', owner: hasAsked(page, each) ? 1 : 0 };
  const isHeldAgainst = page.questions.some(
    ({ unit }) => unit.start > each.unit.start && paysNow.test(page.flat.slice(unit.start, unit.end)),
  );
  // "A bank pays off what he owes. What did he pay?" may sound like that.
  return (each.asked === 'totalPaid' || each.asked === 'balance') && isHeldAgainst && paidBefore.test(words)
    ? { ...each, asked: 'payment', place: undefined, owner: 0 }
    : each;
}

export function readRefinanced(told: Page): DraftReading | undefined {
  // The new loan's rate is no change of the old one's.
  const page = withoutNewRates(told);
  if (!words.test(page.flat) || page.questions.some(({ asked }) => asked === 'choice')) return undefined;
  const region = regionOfSecond(page);
  if (!region) return undefined;
  const head = headOf(page, region);
  const moment = whatIsLeft(page) ?? momentAtHead(page, head) ?? whatIsMade(page);
  const at = moment && page.places[moment.token];
  // "Twenty payments of a 60-payment loan have been made …, for the 40 that remain": one moment, told twice.
  const madeToo = page.places[Number([...page.flat.matchAll(madeOf)][0]?.[1] ?? -1)]?.start;
  // Of 48 payments 27 are left: those months, in a question, are no term of the old loan.
  const isAskedOf = (place: Span): boolean =>
    sentenceAt(page, place)?.asks === true &&
    page.tokens.some(({ form, value }) => form === 'count' && value > tokenAt(page, moment!.token).value);
  // "… and the saving over the 32 payments": what is left, named once more, is no term of the old loan.
  const isLeftAgain = (place: Span): boolean =>
    moment?.isLeft === true &&
    page.tokens.some(
      ({ form, value, unit }, other) =>
        (form === 'count' || (form === 'time' && (madeToo !== undefined || (unit === 'months' && isAskedOf(place))))) &&
        page.places[other]!.start === place.start &&
        value === tokenAt(page, moment.token).value,
    );
  const isMoment = (place: Span): boolean => place.start === at?.start || place.start === madeToo || isLeftAgain(place);
  const isInside = (place: Span): boolean => place.start >= region.start && place.start < region.end;
  const questions = ownedQuestions(savingsHeard(page), (question) => ownerOf(page, question)).map((each) =>
    heardAsPayment(page, each),
  );
  const first = readPlan(page, {
    scope: (place) => !isInside(place) && !isMoment(place),
    questions: questionsOf(questions, 0),
    as: 'borrowing',
  });
  const own = withCharge(
    page,
    readPlan(page, {
      scope: (place) => isInside(place) && !isMoment(place) && !(moment?.isAtHead && isIn([head], place)),
      questions: questionsOf(questions, 1),
      as: 'borrowing',
    }),
  );
  const { payments, paymentsPerYear } = first.plan;
  if (moment?.isLeft && payments === null && first.plan.payment !== null)
    return readLeft(page, isInside, moment.token, own, questions);
  if (!moment || payments === null) return undefined;
  const count = moment.value(paymentsPerYear);
  const k = moment.isLeft ? payments - count : count;
  const second = takenOver(first, own, k, payments - k);
  const roles = new Map(first.roles).set(moment.token, 'after');
  const old: SolePlan = { ...first, plan: { ...first.plan, name: 'old' }, roles };
  const found = readingOfPlans(page, [old, second], questions, (question) => savedBy(page, question, k));
  const hasFee = (second.plan.fees ?? 0) > 0;
  const asks = found.asks.map((ask) => meantAsk(page, ask, { hasFee, k, left: moment.isLeft ? count : undefined }));
  return { ...found, asks, roles: new Map([...found.roles, [moment.token, { role: 'after' as const, plan: 0 }]]) };
}

/** What is owed, with the fee where that is financed, and when the loan is taken over where the text says no other time. */
function meantAsk(
  page: Page,
  ask: DraftAsk,
  { hasFee, k, left }: { readonly hasFee: boolean; readonly k: number; readonly left: number | undefined },
): DraftAsk {
  if (ask.quantity !== 'balanceAfter') return ask;
  const words = page.flat.slice(ask.place.start, ask.place.end);
  if (hasFee && isRefinanced.test(words)) return { quantity: 'amount', plan: 1, place: ask.place };
  // "32 are still to be made. What was owed?": then, not after the 32nd.
  const isThen = ask.args?.k === undefined || (left !== undefined && ask.args.k === left && !/⟨/.test(words));
  return ask.plan === 0 && isThen ? { ...ask, args: { k } } : ask;
}

/** "84 payments of 512.30 are left, at 9.6 %. She can refinance …": what is owed is what they are worth. */
function readLeft(
  page: Page,
  isInside: (place: Span) => boolean,
  left: number,
  own: SolePlan,
  asked: readonly Owned[],
): DraftReading | undefined {
  const questions = asked.map((each) =>
    each.asked === 'balance' ? { ...each, asked: 'amount' as const, owner: 0 as const } : each,
  );
  const first = readPlan(page, {
    scope: (place) => !isInside(place),
    questions: questionsOf(questions, 0),
    as: 'borrowing',
  });
  const { plan } = first;
  if (plan.amount !== null || plan.payments !== tokenAt(page, left).value || !plan.rate) return undefined;
  const old: SolePlan = { ...first, plan: { ...plan, name: 'old', finalAmount: 0, unknown: 'amount' } };
  const second = takenOver(first, own, 0, plan.payments);
  const links = second.plan.links?.map((each): ReadLink => {
    const { args: _, ...link } = each;
    return { ...link, quantity: 'amount' };
  });
  const linked = { ...second, plan: { ...second.plan, ...(links ? { links } : {}) } };
  return readingOfPlans(page, [{ ...old, read: { ...old.read, missing: [] } }, linked], questions, (question) =>
    savedBy(page, question, undefined),
  );
}

/** Where the second loan is told: the sentence of its rate; where that tells both, from the words that say so. */
function regionOfSecond(page: Page): Span | undefined {
  const shares = ['downPaymentRate', 'financedRate', 'feeRate'];
  const rates = page.tokens.flatMap(({ form }, at) =>
    form === 'percent' && !shares.includes(page.signs[at]?.[0]?.role ?? '') ? [page.places[at]!] : [],
  );
  const [one, second] = rates;
  const told = second && sentenceAt(page, second);
  if (!one || !told || rates.length !== 2) return undefined;
  // "If they refinance the balance at 4.68 % over 20 years, what is the new payment?"
  const asks = page.questions.find(({ unit }) => unit.start >= second.start && unit.start < told.end);
  const behind = told.asks ? ifRefinanced.exec(told.text) : null;
  if (behind) return { start: told.start + behind.index, end: told.end };
  const isIf = /^\W*(?:⟨l\d+⟩\W*)?(?:if|should|supposing|suppose|assuming|when)(?![a-z])/.test(told.text);
  if (told.asks && !(asks && isIf)) return undefined;
  const end = told.asks && asks ? asks.unit.start : withItsFee(page, told.end);
  if (one.start < told.start) return { start: told.start, end };
  return { start: one.end + (words.exec(page.flat.slice(one.end))?.index ?? 0), end };
}

/** "Fees of 900 are added." behind it is said of the second loan, too. */
function withItsFee(page: Page, end: number): number {
  const next = page.sentences.find(({ start }) => start >= end - 1);
  const isFee =
    next !== undefined &&
    !next.asks &&
    page.signs.some(
      (each, at) =>
        each[0]?.role === 'fee' && page.places[at]!.start >= next.start && page.places[at]!.start < next.end,
    );
  return isFee ? next.end : end;
}

/** "(e) the payment if the balance is then refinanced over 10 years at 6 %" */
const ifRefinanced =
  /(?<![a-z])(?:if|when|once) (?:the )?(?:balance|debt|loan|rest|remainder|it|what is (?:still )?owed) (?:is|were|was) (?:then )?refinanced/;

function ownerOf(page: Page, question: PlacedQuestion): Owner {
  const { asked } = question;
  if (asked === 'difference') return 'across';
  const said = wordsOf(page, question);
  // "She now refinances. … What will the payment be?"
  const isOnly = page.questions.filter((each) => each.asked === 'payment').length === 1;
  const isLater =
    asked === 'payment' &&
    (/(?:(?:then|afterwards|later|from then)\W*$|second)/.test(said) ||
      /(?<![a-z])now pays?(?![a-z])/.test(said) ||
      ifRefinanced.test(said) ||
      (/(?<![a-z])its payment\W*$/.test(said) && isOfNew(page, question)) ||
      (isOnly && /(?<![a-z])(?:will|would|must)(?![a-z])/.test(said) && !/before|until/.test(said)));
  const isAfter =
    asked === 'payment' &&
    /after (?:the )?(?:refinanc|switch|move|change|takeover)|(?:to|at|with|by) the (?:second|new|other) (?:lender|bank|loan)/.test(
      said,
    );
  const isAgain =
    asked === 'payment' &&
    hasAsked(page, question) &&
    /(?:will|does|must) (?:he|she|they) pay(?: now)?\W*$|(?<![a-z])payment now\W*$/.test(said);
  if (
    asked === 'payment' &&
    /both|each|(?:the|find) (?:two|⟨n\d+⟩) payments|(?:old|present|original|first)(?![a-z])[^?]* and (?:the |her |his |their )?new(?![a-z])/.test(
      said,
    )
  )
    return 'each';
  // "Payment 1? … Payment 2?"
  const numbered = /^\W*payment ⟨[nl](\d+)⟩\W*$/.exec(said);
  if (numbered && tokenAt(page, Number(numbered[1])).value === 2) return 1;
  return asked === 'newPayment' || isLater || isAfter || isAgain || (/new/.test(said) && !/old/.test(said)) ? 1 : 0;
}

/** "How large must the new loan be? What is its payment?" */
const isOfNew = (page: Page, { start }: Span): boolean =>
  page.questions.some(
    (each) =>
      each.start < start && /(?<![a-z])new (?:loan|mortgage|debt)/.test(page.flat.slice(each.start, each.unit.end)),
  );

/** "… with a charge of 275 added": what the new lender charges is a fee. */
function withCharge(page: Page, own: SolePlan): SolePlan {
  const token = page.signs.findIndex(([sign], at) => sign?.role === 'charge' && own.terms.money.amount?.includes(at));
  if (token < 0 || own.plan.fees !== undefined) return own;
  const roles = new Map(own.roles).set(token, 'fee');
  return { ...own, plan: { ...own.plan, fees: tokenAt(page, token).value }, roles };
}

/** The new loan: the balance with the fee, over what is left. */
function takenOver(first: SolePlan, own: SolePlan, k: number, left: number): SolePlan {
  const plus = own.plan.fees ?? 0;
  const link: ReadLink = {
    field: 'amount',
    fromPlan: 0,
    quantity: 'balanceAfter',
    args: { k },
    ...(plus > 0 ? { plus } : {}),
  };
  const perYear = (own.terms.saysFrequency ? own : first).plan.paymentsPerYear;
  // A time is counted in the payments that it has.
  const told =
    own.plan.payments === null || own.terms.counts.length > 0
      ? own.plan.payments
      : wholeNumber((own.plan.payments / own.plan.paymentsPerYear) * perYear);
  // "… at 4.3 % for the rest": compounded as before, where it does not say.
  const { rate } = own.plan;
  const isAsBefore = rate?.quoted === 'nominal' && own.terms.rate.compounding === undefined;
  const plan: ReadPlan = {
    ...own.plan,
    ...(isAsBefore && first.plan.rate
      ? { rate: { ...rate, compoundingsPerYear: first.plan.rate.compoundingsPerYear } }
      : {}),
    name: 'new',
    amount: null,
    paymentsPerYear: perYear,
    // "After 28 of them …, over the 32 left": what was paid is no term.
    payments: told === null || (told === k && own.terms.counts.length > 0) ? left : told,
    timing: own.terms.timing ?? first.plan.timing,
    finalAmount: 0,
    unknown: 'payment',
    links: [link],
  };
  return { ...own, plan, read: { ...own.read, missing: [] }, terms: { ...own.terms, timing: plan.timing } };
}

/** Saved with each payment, or over all that is left to pay: all of it, where the old loan is told by what is left. */
function savedBy(page: Page, question: Owned, k: number | undefined): { quantity: 'difference'; args: ReadArgs } {
  const own = wordsOf(page, question);
  // "Would he pay less a month, and how much?"
  const said = /^\W*(?:and )?(?:by )?how much\W*$/.test(own) ? (sentenceAt(page, question)?.text ?? own) : own;
  const isEach =
    /(?:lower|less|higher|more) than the old(?: one)?|^\W*(?:and )?is (?:it|that|the new (?:one|payment)) (?:lower|smaller|higher|larger|less)(?![a-z])/.test(
      said,
    ) ||
    (/(?:each|per|a) (?:month|payment)|⟨[ea]\d+⟩|monthly|payment/.test(said) &&
      !/(?<![a-z])(?:rest|total|all|over|on (?:the|these|those|all) ⟨[nt]\d+⟩)(?![a-z])/.test(said));
  if (isEach) return { quantity: 'difference', args: { of: 'payment', between: [0, 1] } };
  if (k === undefined) return { quantity: 'difference', args: { of: 'totalPaid', between: [0, 1] } };
  const left: Compared = { plan: 0, quantity: 'leftToPay', args: { k } };
  return { quantity: 'difference', args: { of: 'leftToPay', between: [left, { plan: 1, quantity: 'totalPaid' }] } };
}

/** "With two years left, the balance is …": what stands before it is told. */
function headOf(page: Page, { start }: Span): Span {
  const sentence = sentenceAt(page, { start, end: start });
  const from = sentence?.start ?? start;
  const text = page.flat.slice(from, sentence?.end);
  const end = Math.min(...[/[,;]| at ⟨p/, words].map((each) => each.exec(text)?.index ?? Infinity));
  return { start: from, end: Number.isFinite(end) ? from + end : from };
}
