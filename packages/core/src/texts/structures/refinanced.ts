/** A loan taken over by another on the way: its balance, with a fee, is the new amount. */

import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import { readPlan, type SolePlan } from '../onePlan.ts';
import { sentenceAt, tokenAt, type Page } from '../page.ts';
import { pattern } from '../pattern.ts';
import { wholeNumber } from '../changesOfText.ts';
import type { ReadLink, ReadPlan } from '../reading.ts';
import { yearsOf } from '../terms.ts';
import { ownedQuestions, questionsOf, readingOfTwo, wordsOf, type Across, type Owner } from './twoPlans.ts';

const words = /(?:refinanc\w*|takes? over the (?:balance|loan|debt)|take over|old (?:loan|lender|debt)|new (?:loan|lender)|(?:second|another|other) (?:lender|bank)|better terms|switch(?:es|ed)? (?:to|lender|bank)|remortgag\w*|replac(?:es|ed|ing) the (?:loan|debt))(?![a-z])/;
const left = pattern('(?:still (?:has|have)|with|has|have|after|are|leaving)? ?{n} (?:<e> )?(?:@payment) (?:still )?(?:left|to (?:make|go|run|come|pay)|remaining|outstanding|remain)');
const made = [
  pattern('(?:after|once|with|following)(?: (?:the|making|exactly|just|first))* {n}(?: of the| <e>)? ?(?:@payment)?'),
  pattern('(?:after|with|following)(?: (?:the|making|just))* {o} (?:<e> )?(?:@payment)?'),
  pattern('(?:after|once|at the end of)(?: (?:the|exactly|just|first))* {t}'),
  pattern('{t} (?:later|into|on|have passed|ago)'),
];

export function readRefinanced(page: Page): DraftReading | undefined {
  const rates = page.tokens.flatMap(({ form }, at) => (form === 'percent' && !['downPaymentRate', 'financedRate', 'feeRate'].includes(page.signs[at]?.[0]?.role ?? '') ? [at] : []));
  if (!words.test(page.flat) || rates.length !== 2 || page.questions.some(({ asked }) => asked === 'choice')) return undefined;
  const [, second] = rates;
  const told = second === undefined ? undefined : sentenceAt(page, page.places[second]!);
  if (!told || told.asks || second === undefined) return undefined;
  // Both loans in one sentence: the second begins with the words that tell it.
  const [one] = rates;
  const isSame = one !== undefined && page.places[one]!.start >= told.start;
  const region: Span = { start: isSame ? (words.exec(page.flat.slice(page.places[one]!.end))?.index ?? 0) + page.places[one]!.end : told.start, end: told.end };
  const moment = momentOf(page);
  const momentPlace = moment && page.places[moment.token];
  const questions = ownedQuestions(page, (question): Owner => {
    if (question.asked === 'difference') return 'across';
    const said = wordsOf(page, question);
    return question.asked === 'newPayment' || (/new/.test(said) && !/old/.test(said)) || (/(?:each|second|other|takes? over)/.test(said) && question.asked === 'payment' && /new|second/.test(said)) ? 1 : 0;
  });
  const outside = (place: Span): boolean => (place.start < region.start || place.start >= region.end) && place.start !== momentPlace?.start;
  const first = readPlan(page, { scope: outside, questions: questionsOf(questions, 0), as: 'borrowing' });
  const inside = (place: Span): boolean => place.start >= region.start && place.start < region.end && place.start !== momentPlace?.start;
  const own = readPlan(page, { scope: inside, questions: questionsOf(questions, 1), as: 'borrowing' });
  const all = first.plan.payments;
  const k = moment && (moment.isLeft ? (all === null ? undefined : all - moment.value(first.plan.paymentsPerYear)) : moment.value(first.plan.paymentsPerYear));
  if (k === undefined || all === null) return undefined;
  const plus = own.plan.fees ?? 0;
  const link: ReadLink = { field: 'amount', fromPlan: 0, quantity: 'balanceAfter', args: { k }, ...(plus > 0 ? { plus } : {}) };
  const plan: ReadPlan = { ...own.plan, name: 'new', amount: null, paymentsPerYear: own.terms.saysFrequency ? own.plan.paymentsPerYear : first.plan.paymentsPerYear, payments: own.plan.payments ?? all - k, timing: own.terms.timing ?? first.plan.timing, finalAmount: 0, unknown: 'payment', links: [link] };
  const secondPlan: SolePlan = { ...own, plan, read: { ...own.read, missing: [] }, terms: { ...own.terms, timing: plan.timing } };
  const across: Across = (question) => {
    const said = wordsOf(page, question);
    const isEach = /(?:each|per|a) (?:month|payment)|<e>|monthly|payment/.test(said) && !/rest|total|all|over/.test(said);
    return { quantity: 'difference', args: isEach ? { of: 'payment', between: [0, 1] } : { of: 'leftToPay', between: [{ plan: 0, quantity: 'leftToPay', args: { k } }, { plan: 1, quantity: 'totalPaid' }] } };
  };
  const found = readingOfTwo(page, [{ ...first, plan: { ...first.plan, name: 'old' } }, secondPlan], questions, across);
  const asks = found.asks.map((ask) => (ask.quantity === 'balanceAfter' && ask.plan === 0 && ask.args?.k === undefined ? { ...ask, args: { k } } : ask));
  const roles = moment ? new Map([...found.roles, [moment.token, { role: 'after' as const, plan: 0 }]]) : found.roles;
  return { ...found, asks, roles };
}

interface Moment {
  readonly token: number;
  readonly isLeft: boolean;
  readonly value: (perYear: number) => number;
}

function momentOf(page: Page): Moment | undefined {
  const remaining = [...page.flat.matchAll(left)][0];
  if (remaining) return { token: Number(remaining[1]), isLeft: true, value: () => tokenAt(page, Number(remaining[1])).value };
  for (const each of made) {
    const found = [...page.flat.matchAll(each)][0];
    if (!found) continue;
    const token = Number(found[1]);
    const { form, value } = tokenAt(page, token);
    return { token, isLeft: false, value: (perYear) => (form === 'time' ? wholeNumber(yearsOf(page, token) * perYear) : value) };
  }
  return undefined;
}
