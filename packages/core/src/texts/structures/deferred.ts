/** Payments that begin later: a sum that first grows and is then drawn down, a debt on which nothing is paid at first. */

import { agesOf } from '../ages.ts';
import { setAsideAtBirth } from '../lexicon/kindAndRole.ts';
import { groupFound, pattern } from '../pattern.ts';
import { firstOrPeriod } from '../doubts.ts';
import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import { changesOfText } from '../changesOfText.ts';
import { wholeNumber } from '../paymentCounts.ts';
import { readPlan } from '../onePlan.ts';
import type { SolePlan } from '../solePlan.ts';
import type { Page } from '../page.ts';
import type { PlacedQuestion } from '../placedQuestions.ts';
import type { ReadPlan, Role } from '../reading.ts';
import { yearsOf } from '../tokens.ts';
import { without } from './followers.ts';
import { rolesOfTime, spansOfTime, toldTime, type ToldTime } from './toldTime.ts';
import { comparedBy, ownedQuestions, questionsOf, readingOfPlans, wordsOf, type Across } from './severalPlans.ts';

const later =
  /from (?:his|her|their|its) ⟨t(\d+)⟩ on(?= )|deferred (?:for|by) ⟨t(\d+)⟩|(?:starting|beginning|commencing|starts?|begins?|(?:the )?first(?: [a-z]+){0,6}?) (?:(?:in )?⟨t(\d+)⟩ (?:from (?:now|today)|hence|from then)|in ⟨t(\d+)⟩(?=[.,;?])|on (?:his|her|their|its|the [a-z]+'s) ⟨t(\d+)⟩(?=[.,;?])|(?:at the end of |in )?the ⟨o(\d+)⟩ (?:month|quarter|half-year|year))/;

/** "… so that, after three years, 500 can be drawn each month": then the first of their periods begins. */
const drawnAfter =
  /so that,? (?:after|in|from) ⟨t(\d+)⟩(?: on(?:wards?)?| from now)?,? (?:[a-z]+ )?⟨m\d+⟩ (?:can|may|could|is|are) (?:be )?(?:drawn|withdrawn|taken|paid)/;

const untouched =
  /(?:not(?:hing)?|none)(?![a-z])[^.;?!⟨]{0,20} (?:touch(?:ed)?|withdrawn|taken out|taken|drawn) for ⟨t(\d+)⟩|(?:stays?|remains?|lies?|sits?|is left)(?![a-z])(?:[^.;?!⟨]|⟨[pea]\d+⟩){0,60} while [^.;?!⟨]{0,30} for ⟨t(\d+)⟩|(?:invests?|invested|deposits?|deposited|puts?) (?:it|this|the (?:money|sum|amount)|them)? ?(?:away |in |at )?(?:[^.;?!⟨]|⟨[pea]\d+⟩){0,40} for ⟨t(\d+)⟩(?= and then (?:draws?|withdraws?|takes?))|(?:for|during) (?:the (?:first|next) )?⟨t(\d+)⟩,?[^.;?!⟨]{0,40}(?:touch|nothing|untouched|alone|(?<![a-z])lies|grow)|(?:leaves?|left|leaving|lies?|stays?|kept|untouched|grows?)(?![a-z])(?:[^.;?!⟨]|⟨[mpae]\d+⟩){0,60} for (?:the (?:first|next) )?⟨t(\d+)⟩/;
/** "In ten years she begins to withdraw", "ten years later it is turned into a pension". */
const drawnFrom =
  /(?:in|after) ⟨t(\d+)⟩,? (?:he|she|they|it|the [a-z]+|[a-z]+) (?:then )?(?:starts?|begins?|will (?:start|begin)|wants? to (?:start|begin)|plans? to (?:start|begin)) (?:to )?(?:withdraw|draw|tak)|⟨t(\d+)⟩ later,? (?:it|this|the (?:money|fund|capital|sum|amount|account)) (?:is|was|will be) (?:then )?(?:turned|converted|changed|exchanged|used)|(?:does|do|is|are|was|were) not touch(?:ed)?[^.;?!⟨]{0,24} for ⟨t(\d+)⟩[^?!]{0,60}(?:income|pension|draw|withdr)/;
const drawnThen =
  /from (?:then|that (?:time|day|date)) on[^?!]{0,60}(?:draw|withdr|tak(?:e|es|ing)|paid out)|⟨t\d+⟩[^?!.]{0,60}, (?:the [a-z]+|he|she|they|it) (?:then )?(?:draws|withdraws|takes)|(?:then|on finishing|(?<![a-z])once|(?<![a-z])when|after (?:that|which|this)|afterwards|thereafter)[^?!]{0,60}(?:draw|withdr|tak(?:e|es|ing)|pay(?:s|ing)? (?:out|for)|paid out)/;

/** @returns nothing where payments begin at once */
export function readDeferred(page: Page): DraftReading | undefined {
  return readOwedLater(page) ?? readDrawnLater(page) ?? readPaidLater(page);
}

const unpaid =
  /(?:(?:no|without(?: any)?) (?:re)?payments?|nothing (?:is (?:paid|due|repaid)|to pay)|nothing(?= for ⟨)|not a (?:penny|cent|farthing)|stands? still|not (?:re)?paid|pays? nothing|payment-free|defer(?:red|s|ment)?|grace|payments? (?:is |are )?(?:put off|postponed|delayed|suspended)|payment holiday)(?:[^.?!⟨]|⟨[mpea]\d+⟩){0,70} (?:for|during|in|of|by) (?:the |her |his |their |an? )?(?:(?:first |next )?⟨t(\d+)⟩(?!,? (?:except|but for|other than|save for) )|first year(?!,? (?:except|but for|other than|save for) )(?! of (?!(?:his|her|their|the|its) (?:⟨m\d+⟩ )?(?:loan|debt|credit|mortgage))))|(?:for|during|in) (?:the |her |his |their )?(?:first |next )?⟨t(\d+)⟩,? and (?:pays?|paid|repays?|repaid) nothing|(?:for|during|in) (?:the |her |his |their )?(?:first |next )?⟨t(\d+)⟩[^.?!⟨]{0,24} (?:(?:no|without(?: any)?) (?:re)?payments?|nothing is (?:paid|due|repaid)|(?:he|she|they|the [a-z]+|[a-z]+) pays? nothing)|(?:for|during|in|over) the first year,? [^.?!⟨]{0,24}(?:(?:no|without(?: any)?) (?:re)?payments?|nothing is (?:paid|due|repaid)|pays? nothing)|(?:gathers?|gathered|accrues?|accumulates?|accumulated|rolls? up|rolled up) (?:the )?interest(?:[^.?!⟨]|⟨[mpea]\d+⟩){0,70} for ⟨t(\d+)⟩|interest (?:is|was|being) (?:simply |merely |only )?(?:added|charged|accrued)(?: to (?:the|her|his|their) (?:debt|loan))? for ⟨t(\d+)⟩ (?:while|during|before)/;
/** "She begins to repay it after a year", "… is due 13 months after the loan": payments that begin later, told as such. */
const beginsLater =
  /(?:re)?payments? (?:is |are |will |shall )?(?:to )?(?:begins?|starts?|commences?) (?:only )?(?:after|in) ⟨t(\d+)⟩|(?:begins?|starts?|commences?) (?:repaying|to repay|paying(?: it)? (?:back|off)|repayment|payments?|to pay(?: it)? (?:back|off))(?: it| the (?:loan|debt))? (?:only )?(?:after|in) ⟨t(\d+)⟩/;
const firstDue =
  /first (?:of (?:the )?⟨n\d+⟩ )?(?:(?:[a-z]+|⟨[ea]\d+⟩) ){0,3}?payments?,? (?:(?:is|being|falls?|comes?|to be) )?(?:due |made |paid |payable )?⟨t(\d+)⟩ (?:from now|from today|hence|later|(?:after|from) (?:the (?:loan|date|day|money|start|debt)|taking|(?:he|she|they|it) ))/;
/** "ten equal payments, the first after three years" */
const firstAfter =
  /⟨n\d+⟩ (?:(?:[a-z]+|⟨[ea]\d+⟩) ){0,3}?payments?,? (?:with |of which )?the first (?:one |of them |payment )?(?:(?:is|being|falls?|falling|comes?|to be|due|made|paid|payable) )*(?:only )?(?:after|in) ⟨t(\d+)⟩/;
/** "24 monthly payments, starting in seven months", "…, deferred for six months" */
const startsLater =
  /payments,? (?:with (?:the )?payments )?(?:starting|beginning|commencing)(?: (?:only|in|at the end of))* (?:⟨t(\d+)⟩|the ⟨o(\d+)⟩ (?:month|quarter|half-year|year))/;
const drawsLater =
  /(?:withdrawals?|months?|years?|⟨[te]\d+⟩),? (?:with (?:the )?withdrawals )?(?:starting|beginning|commencing)(?: (?:only|in|at the end of))* (?:⟨t(\d+)⟩|the ⟨o(\d+)⟩ (?:month|quarter|half-year|year))/;
const putOff = /(?:payments|withdrawals|years?|⟨[te]\d+⟩),? deferred for ⟨t(\d+)⟩/;
const draws = /(?<![a-z])(?:withdraw\w*|draws?|pension|income)(?![a-z])/;
const firstThen =
  /first (?:(?:one|of (?:them|these|which)|payment|withdrawal|instalment|pension) )?(?:being )?(?:due )?(?:⟨t(\d+)⟩ (?:from now|from today|hence)|at the end of the ⟨o(\d+)⟩ (?:month|quarter|half-year|year))/;
const theRest = /(?:remaining|other) ⟨n(\d+)⟩ (?:equal |level )?(?:⟨e\d+⟩ )?payments/;
const startsThen =
  /(?:when|before|once|as|by the time) (?:he|she|they|it) (?:starts?|begins?) (?:to pay|to repay|paying|repaying)|(?:when|before|once|as|by the time) (?:the )?(?:re)?payments? (?:starts?|begins?|commences?|is to start)/;
const paidThen =
  /(?:then|after (?:that|which|this)|afterwards|thereafter|followed by|when|after (?:the|her|his) )[^?!]{0,90}(?:repa(?:y|id)|pa(?:y|id)|instal)|clears? it (?:in|over) the ⟨t\d+⟩ (?:that|which) follows?/;

/** "…, and then settles the debt with one payment": nothing is repaid over time. */
const isOnce =
  /(?:repaid|paid back|repays?|settled|settles?|clears?|cleared)[^.?!⟨]{0,24} (?:in|by|with) (?:one|a single) (?:payment|sum)/;
const owes =
  /loan|borrow|debt|(?<![a-z])owes?(?![a-z])|lent|lends|buy now|deferred|on credit|(?:pays?|paid) (?:for it )?(?:by|in|with) ⟨n\d+⟩|(?:payment|credit) plan|buyer|purchase|(?<![a-z])(?:shop|store|dealer|seller)(?![a-z])/;

const ofRepaying: ReadonlySet<string> = new Set(['payment', 'payments', 'howLong', 'years', 'lastPayment']);

/** "Nothing is paid for three years, then it is repaid over ten": what is owed by then is repaid. */
function readOwedLater(page: Page): DraftReading | undefined {
  const wait = waitOf(page);
  if (isOnce.test(page.flat)) return undefined;
  if (!wait || !owes.test(page.flat)) return undefined;
  const isPause = changesOfText(page).some(
    ({ kind, after = 0, afterYears = 0 }) => kind === 'skip' && after + afterYears > 0,
  );
  // "…; then 24 payments, the first seven months after the purchase" is no pause on the way.
  const isFirstLater =
    /the first (?:one |payment |of (?:them|these|which) )?⟨t\d+⟩ (?:after|from) (?:the|that)(?![a-z])/.test(page.flat);
  if (isPause && !isFirstLater) return undefined;
  const isThen = (question: PlacedQuestion): boolean => startsThen.test(wordsOf(page, question));
  const questions = ownedQuestions(page, (question) => {
    const { asked, place } = question;
    const isPlaced = place?.after !== undefined || place?.afterYears !== undefined;
    // "What has the debt grown to after the two years?"
    const isAtStart =
      place?.afterYears !== undefined &&
      place.afterYears <= wait.years &&
      place.afterYears > wait.years - (wait.isFirst ? 1.01 / 12 : 1e-9) &&
      !/payment/.test(wordsOf(page, question));
    return ofRepaying.has(asked) || (isPlaced && !isAtStart && !isThen(question))
      ? 1
      : asked === 'balance' || asked === 'finalAmount'
        ? 0
        : 'across';
  }).map((each) => (each.owner === 0 ? { ...each, asked: 'finalAmount' as const, place: undefined } : each));
  const ofFirst = questions.flatMap(({ owner, unit }) => (owner === 0 ? [unit] : []));
  const whole = wholeTimes(page, wait.years);
  const repaid = readPlan(page, {
    scope: without(
      ...spansOfTime(page, wait),
      ...toldAgain(page, wait),
      ...ofFirst,
      ...whole.map((at) => page.places[at]!),
    ),
    as: 'borrowing',
    questions: questionsOf(questions, 1),
  });
  const { plan } = repaid;
  const timed = { ...repaid, roles: new Map([...repaid.roles, ...whole.map((at) => [at, 'duration'] as const)]) };
  const isKnown =
    plan.amount !== null &&
    (plan.payments !== null || plan.payment !== null) &&
    plan.rate &&
    plan.changes.every(({ kind }) => kind === 'skip');
  const isOpen = plan.payment === null || plan.payments === null;
  if (!isKnown || !isOpen || plan.rate?.quoted === 'flat' || repaid.read.missing.length > 0) return undefined;
  const years = wait.years - (wait.isFirst ? 1 / plan.paymentsPerYear : 0);
  if (years <= 0) return undefined;
  const both = lyingFirst(withTheRest(page, timed, years), { ...wait, years }, 'repaid');
  return readingOfPlans(page, both, questions, ({ asked }) =>
    asked === 'interest' || asked === 'financeCharge' ? chargedInAll(both) : undefined,
  );
}

/** "No payments for six months; …, the first a month after the six months": the same time once more. */
const toldAgain = (page: Page, { token, years }: ToldTime): Span[] =>
  page.places.filter(
    (_, at) =>
      token !== undefined &&
      at > token &&
      page.tokens[at]?.form === 'time' &&
      yearsOf(page, at) === years &&
      /(?:after|when|once) (?:the|those|these) $/.test(page.flat.slice(0, page.places[at]!.start)),
  );

/** "Over 5 years; nothing is paid for six months; then 54 payments": the whole time, which the others tell as well. */
function wholeTimes(page: Page, wait: number): number[] {
  const [often] = page.periods.filter(({ use }) => use === 'frequency');
  const counts = page.tokens.filter(({ form }, at) => form === 'count' && page.signs[at]?.[0]?.role === 'payments');
  return page.tokens.flatMap(({ form }, at) =>
    form === 'time' &&
    counts.some(({ value }) => Math.abs(yearsOf(page, at) - wait - value / (often?.perYear ?? NaN)) < 1e-9)
      ? [at]
      : [],
  );
}

/** All that is repaid, less what was lent. */
function chargedInAll([lent, repaid]: readonly [SolePlan, SolePlan]): ReturnType<Across> {
  const put = { plan: 0, quantity: 'amount' as const };
  return lent.plan.fees === undefined && repaid.plan.finalAmount === 0
    ? { quantity: 'difference', args: { of: 'totalInterest', between: [{ plan: 1, quantity: 'totalPaid' }, put] } }
    : undefined;
}

/** "… over five years, but nothing in the first three months. The remaining 57 payments …": as many as are left. */
function withTheRest(page: Page, sole: SolePlan, years: number): SolePlan {
  const token = Number(theRest.exec(page.flat)?.[1] ?? NaN);
  const { payments, paymentsPerYear } = sole.plan;
  const left = token >= 0 && payments !== null ? wholeNumber(payments - years * paymentsPerYear) : undefined;
  if (left === undefined || page.tokens[token]?.value !== left) return sole;
  return { ...sole, plan: { ...sole.plan, payments: left }, roles: new Map(sole.roles).set(token, 'payments') };
}

/** For how long nothing is paid; `isFirst` where it is the first payment that is told. */
function waitOf(page: Page): (ToldTime & { readonly isFirst?: true }) | undefined {
  const found = unpaid.exec(page.flat);
  // "Nothing is paid in the first three months …. The remaining 57 payments are equal."
  if (found && (theRest.test(page.flat) || paidThen.test(page.flat.slice(found.index))))
    return toldTime(page, groupFound(found));
  const begins = beginsLater.exec(page.flat);
  // "The 60 payments begin in 13 months": the first of them falls then.
  const isFirst = begins !== null && /(?<![a-z])in ⟨t\d+⟩$/.test(begins[0]);
  if (begins) return { ...toldTime(page, begins[1] ?? begins[2]), ...(isFirst ? { isFirst } : {}) };
  const isDrawn = draws.test(page.flat);
  const off = isDrawn ? null : putOff.exec(page.flat);
  if (off) return toldTime(page, off[1]);
  const first =
    firstDue.exec(page.flat) ??
    firstAfter.exec(page.flat) ??
    (isDrawn ? null : (firstThen.exec(page.flat) ?? startsLater.exec(page.flat)));
  return first ? { ...toldTime(page, first[1] ?? first[2]), isFirst: true } : undefined;
}

const drawnAsked: ReadonlySet<string> = new Set([
  'payment',
  'finalAmount',
  'payments',
  'howLong',
  'years',
  'lastPayment',
]);

/** "She leaves 50,000 for four years, and then draws equal amounts": what it has grown to is drawn down. */
function readDrawnLater(page: Page): DraftReading | undefined {
  const lies = untouched.exec(page.flat);
  const lying = lies && drawnThen.test(page.flat.slice(lies.index)) ? lies : drawnFrom.exec(page.flat);
  const isDrawn = draws.test(page.flat);
  const first = lying || !isDrawn ? null : (firstThen.exec(page.flat) ?? drawsLater.exec(page.flat));
  const found = lying ?? first ?? (isDrawn ? putOff.exec(page.flat) : null);
  if (!found || /sav(?:es?|ing)(?![a-z])|deposits/.test(page.flat)) return undefined;
  const time = toldTime(page, groupFound(found));
  const questions = ownedQuestions(page, ({ asked }) => (asked === 'finalAmount' ? 0 : 1));
  if (!questions.every(({ asked }) => drawnAsked.has(asked))) return undefined;
  const paidOut = readPlan(page, {
    scope: without(...spansOfTime(page, time)),
    as: 'drawing-down',
    questions: questionsOf(questions, 1),
  });
  const { plan } = paidOut;
  // The payment is sought, or how many there are.
  const isOpen = (plan.payment === null) !== (plan.payments === null);
  if (plan.amount === null || !isOpen || !plan.rate) return undefined;
  const years = time.years - (first && plan.timing === 'end' ? 1 / plan.paymentsPerYear : 0);
  if (!(years > 1e-9)) return undefined;
  const both = lyingFirst(paidOut, { ...time, years }, 'drawing');
  const reading = readingOfPlans(page, both, questions, (question, plans) => comparedBy(page, question, plans));
  return first && isBegunAtEnd(page, first[0]) ? { ...reading, doubts: [...reading.doubts, firstOrPeriod] } : reading;
}

/** A plan whose amount lies for a while first: what it is by then, and the plan that goes on from it. */
export function lyingFirst(sole: SolePlan, time: ToldTime, name: string): [SolePlan, SolePlan] {
  const { plan, roles } = sole;
  const grown = grownFor(plan, time.years, { amount: plan.amount, unknown: 'finalAmount' });
  const { price: _, downPayment: _down, tradeIn: _old, rebate: _off, fees: _fees, ...bare } = plan;
  const then: ReadPlan = {
    ...bare,
    name,
    amount: null,
    changes: [],
    links: [{ field: 'amount', fromPlan: 0, quantity: 'finalAmount' }],
  };
  const isOfFirst = ([, role]: readonly [number, Role]): boolean => role === 'amount';
  const rest = [...roles].filter((each) => !isOfFirst(each) && each[1] !== 'skip');
  return [
    {
      ...sole,
      plan: grown,
      changes: [],
      roles: new Map([...[...roles].filter(isOfFirst), ...rolesOfTime(time)]),
    },
    { ...sole, plan: then, changes: [], roles: new Map(rest) },
  ];
}

/** The plan's rate at work for so many years, with nothing paid in or out. */
function grownFor(plan: ReadPlan, years: number, own: Pick<ReadPlan, 'amount' | 'unknown'>): ReadPlan {
  const perYear = plan.rate?.compoundingsPerYear ?? 1;
  return {
    ...plan,
    ...own,
    kind: 'lump-sum',
    name: 'growing',
    paymentsPerYear: perYear,
    payments: wholeNumber(years * perYear),
    payment: 0,
    timing: 'end',
    finalAmount: null,
    changes: [],
  };
}

const atBirth = pattern(setAsideAtBirth);

/** "How much must be put away on the day of her birth, so that she has 1,000 a month from her 18th birthday on?" */
function setAsideFromBirth(page: Page): ToldTime | undefined {
  if (
    page.flat.search(atBirth) < 0 ||
    !/(?:from|on|after) (?:his|her|their|the) (?:⟨o\d+⟩|\d\dth) birthday/.test(page.flat)
  )
    return undefined;
  const ages = agesOf(page);
  return ages && { years: ages.years, token: ages.tokens[0] };
}

/** A sum today for payments that end no periods: the first says when they begin. */
function readPaidLater(page: Page): DraftReading | undefined {
  const found = drawnAfter.exec(page.flat) ?? later.exec(page.flat);
  // What is deferred for so long has its first period then.
  const birth = found ? undefined : setAsideFromBirth(page);
  const exact = birth !== undefined || (found && !/^(?:start|begin|commenc|the first|first)/.test(found[0]));
  const time = birth ?? (found ? toldTime(page, groupFound(found)) : undefined);
  if (!time) return undefined;
  const questions = ownedQuestions(page, () => 1);
  if (questions.length !== 1 || questions[0]?.asked !== 'amount') return undefined;
  const spans = spansOfTime(page, time);
  const drawn = readPlan(page, {
    scope: without(...spans),
    as: 'drawing-down',
    questions: questionsOf(questions, 0),
    isAgeless: true,
  });
  const { plan: told } = drawn;
  // Payments at the end begin a period before the first of them falls.
  const isInside = (each: Span): boolean => spans.some(({ start, end }) => each.start <= start && each.end >= end);
  const isEnd = page.timings.some((each) => each.says === 'end' && !isInside(each));
  const plan: ReadPlan = { ...told, timing: isEnd ? 'end' : 'beginning' };
  const before = time.years - (isEnd && !exact ? 1 / plan.paymentsPerYear : 0);
  // The first payment a period from now is late in nothing.
  const isLate = time.years > 1 / plan.paymentsPerYear + 1e-9;
  if (!isLate || plan.payment === null || plan.payments === null || !plan.rate) return undefined;
  const grown: ReadPlan = {
    ...grownFor(plan, before, { amount: null, unknown: 'amount' }),
    links: [{ field: 'finalAmount', fromPlan: 0, quantity: 'amount' }],
  };
  const first: SolePlan = {
    ...drawn,
    plan: { ...plan, name: 'drawing', unknown: 'amount' },
    read: { ...drawn.read, missing: [] },
  };
  const second: SolePlan = { ...first, plan: grown, roles: new Map(rolesOfTime(time)) };
  const reading = readingOfPlans(page, [first, second], questions, (question, plans) =>
    comparedBy(page, question, plans),
  );
  // "At the end of each month, beginning three years from now": then the first falls, or its month begins.
  const isUnclear = isEnd && !exact && !/first/.test(found?.[0] ?? '');
  return isUnclear ? { ...reading, doubts: [...reading.doubts, firstOrPeriod] } : reading;
}

/** "At the end of each month, starting in 25 months". */
const isBegunAtEnd = (page: Page, words: string): boolean =>
  !/first/.test(words) && page.timings.some(({ says }) => says === 'end');
