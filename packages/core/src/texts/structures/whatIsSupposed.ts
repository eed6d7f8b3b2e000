/** What a later question supposes otherwise, and which of a plan's terms that is. */

import { agesOf } from '../ages.ts';
import type { Span } from '../flatText.ts';
import type { WordRole } from '../lexicon/wordRole.ts';
import { sentenceAt, tokenAt, type Page } from '../page.ts';
import { paymentsTold, wholeNumber } from '../paymentCounts.ts';
import type { Question } from '../question.ts';
import type { ReadPlan, Role, Unknown } from '../reading.ts';
import type { Sentence } from '../sentences.ts';

const supposes =
  /(?<![a-z])(?:would|could|if|instead|were|suppose|supposing|assuming|should|what about|for (?:a|an) (?:return|yield|rate) of|had|compare (?:it |this |that )?with|compared with)(?![a-z])/;

/** "What would it be over seven years?" asks again what was asked. */
export const itAgain =
  /^\W*(?:⟨l\d+⟩[.)]\s*|\(?[a-h]\)\s*)?(?:and |but )?(?:(?:what|how (?:large|high|much|long|big|many))(?: (?:would|will|could|must|is|are) (?:it|they|that|this)(?: (?:then|now))?(?: (?:be|take|have (?:to be|been)))?)? )?(?:if|over|for|at|with|in|were|should)(?![a-z])/;

/** "How large would it be with a residual of 7,000?": its words ask for nothing else. */
const itWould =
  /^\W*(?:⟨l\d+⟩[.)]\s*|\(?[a-h]\)\s*)?(?:and |but )?(?:what|how (?:large|high|much|long|big|many)) (?:would|will|could|must) (?:it|they|that|this) /;

/** "And at 7 %?" */
export const isBare = (text: string): boolean =>
  text.length < 40 && !/(?<![a-z])(?:what|how|which|find|when)(?![a-z])/.test(text);

/** Whether what a question seems to ask is only what it supposes. */
export const isOnlySupposed = ({ isSupposed, start }: Question, { asking }: Supposed): boolean =>
  itAgain.test(asking.text) &&
  (isSupposed === true || itWould.test(asking.text) || isBare(asking.text)) &&
  start >= asking.start &&
  start < asking.start + asking.text.length;

export interface Supposed {
  /** The question that supposes it. */
  readonly asking: Span & { readonly text: string };
  /** The number that is supposed; nothing where payments fall the other way, or nothing is there at first or left at the end. */
  readonly token?: number;
}

const numbers = (text: string): number[] =>
  [
    ...text.matchAll(
      /⟨[mptn](\d+)⟩(?! (?:⟨e\d+⟩ )?(?:payments?|loans?|cases?|terms?|ways?|plans?)(?= (?:and|then)|\W*$))/g,
    ),
  ].map(([, at]) => Number(at));

/** "…, and how much would it be if …?": the last question of a sentence. */
const lastAsked = /,? and (?=(?:by )?(?:how|what)(?![a-z])(?:(?!,? and (?:by )?(?:how|what)(?![a-z]))[^?])*[?.]\s*$)/;

const nothingYet =
  /(?<![a-z])without (?:the|this|that|these|those|her|his|their) (?:⟨m\d+⟩|savings|(?:initial|first|opening) (?:sum|deposit|amount|balance))(?= ?[?,]| (?:she|he|they)(?![a-z]))|(?<![a-z])(?:nothing|no (?:savings|money|capital)) (?:yet|so far|at first|to (?:begin|start) with|already|saved|put (?:by|aside|away)|in (?:it|the [a-z]+))(?![a-z])/;

const nothingLeft =
  /(?<![a-z])(?:if|so that|should) (?:nothing|no money) (?:at all )?(?:is|were|was|should be|shall be|is to be|be) left(?![a-z])|(?<![a-z])if (?:it|all of it|everything|the [a-z]+) (?:is|were|was) (?:all )?(?:emptied|exhausted|used up|spent|drawn|withdrawn)(?![a-z])/;

/** What each question supposes from the first on that does; nothing where one has more numbers in it, or supposes nothing. */
export function supposedIn(page: Page): Supposed[] {
  const found: Supposed[] = [];
  for (const sentence of page.sentences.filter(({ asks }) => asks)) {
    const own = supposedBy(page, sentence);
    if (own) found.push(own);
    else if (found.length > 0 && numbers(sentence.text).length > 0) return [];
  }
  const [first] = found;
  const isTold = ({ asks, start, text }: Sentence): boolean =>
    !asks && first !== undefined && start > first.asking.start && numbers(text).length > 0;
  return page.sentences.some(isTold) ? [] : found;
}

/** What the last question of a sentence supposes, or the whole sentence. */
function supposedBy(page: Page, sentence: Sentence): Supposed | undefined {
  const cut = lastAsked.exec(sentence.text);
  const tail = cut && { ...sentence, start: sentence.start + cut.index, text: sentence.text.slice(cut.index) };
  for (const asking of [...(tail ? [tail] : []), sentence]) {
    const isWithout = nothingYet.test(asking.text) || nothingLeft.test(asking.text);
    const [token, more] = isWithout ? [] : numbers(asking.text);
    const isTurned = page.timings.some(({ start, end }) => start >= asking.start && end <= sentence.end);
    const isOne = token === undefined ? isTurned || isWithout : more === undefined;
    if (!isOne || !(supposes.test(asking.text) || itAgain.test(asking.text))) continue;
    if (token === undefined) return { asking };
    return isToldBefore(page, token) ? undefined : { asking, token };
  }
  return undefined;
}

const mayFill: ReadonlySet<WordRole> = new Set<WordRole>([
  'rate',
  'amount',
  'payment',
  'payments',
  'duration',
  'finalAmount',
]);

/** "… than if the rate had stayed at 3.6 %": nothing else. */
const isToldBefore = ({ tokens }: Page, at: number): boolean =>
  tokens.some(({ form, value }, other) => other < at && form === tokens[at]!.form && value === tokens[at]!.value);

const sums = ['amount', 'payment', 'finalAmount'] as const;

/** The sum of the plan that is of its size; where none is, the one that the plan seeks. */
function sumLike(plan: ReadPlan, value: number): (typeof sums)[number] | undefined {
  const apart = (each: (typeof sums)[number]): number => Math.abs(Math.log(value / (plan[each] || NaN)));
  const [nearest] = sums.filter((each) => apart(each) < Math.log(6)).sort((one, other) => apart(one) - apart(other));
  return nearest ?? sums.find((each) => each === plan.unknown);
}

/** "… if she had begun at 22?" */
const isAge = ({ flat, places }: Page, at: number): boolean =>
  /(?:at|aged?|turned|turns|(?:she|he|they) (?:is|are|was|were)) (?:age |the age of )?$/.test(
    flat.slice(0, places[at]!.start),
  );

/** The payments from another age on, or until another. */
function paymentsFromAge(page: Page, token: number, { payments, paymentsPerYear }: ReadPlan): number | undefined {
  const [from, until] = (agesOf(page)?.tokens ?? []).map((at) => tokenAt(page, at).value);
  const age = tokenAt(page, token).value;
  if (from === undefined || until === undefined || payments !== wholeNumber((until - from) * paymentsPerYear))
    return undefined;
  const words = sentenceAt(page, page.places[token]!)?.text ?? '';
  const begins = /(?:beg[aiu]n|begins?|start(?:s|ed)?|wait(?:s|ed)?)(?![a-z])/.test(words);
  const ends = /(?:stop(?:s|ped)?|retire[sd]?|until|till|up to|goes on|went on|ended|ends)(?![a-z])/.test(words);
  // "If she waits until she is 35, …" begins then.
  const years = begins ? until - age : ends ? age - from : 0;
  return years > 0 ? wholeNumber(years * paymentsPerYear) : undefined;
}

/** What a plan has otherwise than the one before. */
export interface Filled {
  /** Its term that is told anew; nothing where payments fall the other way. */
  readonly slot?: Unknown;
  readonly is: Partial<ReadPlan>;
  readonly role?: Role;
}

/** What is supposed, as it stands in the plan; nothing where it is none of its terms, or what it has already. */
export function filledBy(page: Page, { asking, token }: Supposed, plan: ReadPlan): Filled | undefined {
  if (token !== undefined) return filledByNumber(page, token, plan);
  if (nothingYet.test(asking.text))
    return plan.kind === 'saving' && (plan.amount ?? 0) > 0 ? { slot: 'amount', is: { amount: 0 } } : undefined;
  if (nothingLeft.test(asking.text))
    return plan.kind !== 'lump-sum' && (plan.finalAmount ?? 0) > 0 && plan.unknown !== 'finalAmount'
      ? { slot: 'finalAmount', is: { finalAmount: 0 } }
      : undefined;
  const inside = page.timings.filter(({ start }) => start >= asking.start && start < asking.start + asking.text.length);
  const turned = inside.find(({ says }) => says !== plan.timing);
  return turned && inside.every(({ says }) => says === turned.says) ? { is: { timing: turned.says } } : undefined;
}

/** "How much over 20 years? How much over 25?" */
const isTimeToo = ({ flat, places, tokens, signs }: Page, at: number): boolean =>
  /(?:over|in|for|within|with) $/.test(flat.slice(0, places[at]!.start)) &&
  !/^ (?:⟨e\d+⟩ )?(?:payments|instal|deposits|withdrawals|months|quarters)/.test(flat.slice(places[at]!.end)) &&
  tokens.some(({ form, unit }, other) => form === 'time' && unit === 'years' && other < at) &&
  !tokens.some(({ form }, other) => form === 'count' && other < at && signs[other]?.[0]?.role === 'payments');

/** The term that a number is: a rate, how long, or a sum. */
function filledByNumber(page: Page, token: number, plan: ReadPlan): Filled | undefined {
  const { form, value } = tokenAt(page, token);
  const [sign] = page.signs[token] ?? [];
  if (sign && sign.weight >= 9 && !mayFill.has(sign.role)) return undefined;
  if (form === 'percent') return { slot: 'rate', is: {}, role: 'rate' };
  if (form === 'count' && isAge(page, token)) {
    const payments = paymentsFromAge(page, token, plan);
    return payments === undefined ? undefined : { slot: 'payments', is: { payments }, role: 'duration' };
  }
  // "300 000 kr" bears no sign of money that is known.
  const isSum = form === 'money' || (form === 'count' && value >= 1000 && sums.some((each) => each === sign?.role));
  if (!isSum) {
    const isYears = form === 'count' && isTimeToo(page, token);
    const payments = isYears ? value * plan.paymentsPerYear : paymentsTold(page, token, plan.paymentsPerYear);
    return !Number.isInteger(payments) || payments === plan.payments
      ? undefined
      : { slot: 'payments', is: { payments }, role: form === 'time' || isYears ? 'duration' : 'payments' };
  }
  const slot = (sign && sign.weight >= 9 ? sums.find((each) => each === sign.role) : undefined) ?? sumLike(plan, value);
  if (!slot) return undefined;
  return { slot, is: { [slot]: value }, role: slot };
}
