/** "90 a month for the first three years, 140 for the next three and 200 for the last four": payments of three sizes or more. */

import { roundTo } from '../../money/roundMoney.ts';
import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import { sentenceAt, tokenAt, type Page } from '../page.ts';
import { wholeNumber } from '../paymentCounts.ts';
import type { ReadChange, ReadPlan, Role } from '../reading.ts';
import { yearsIn } from '../tokens.ts';
import { without } from './followers.ts';
import { ownedQuestions, questionsOf, readingOfPlans } from './severalPlans.ts';

const size =
  '⟨m\\d+⟩(?: (?:a|each|per) payment)?(?: ⟨[ea]\\d+⟩(?:-end)?| at (?:the )?(?:end|start|beginning) of ⟨e\\d+⟩| each)*(?:,? (?:for|in|during|over|through) (?:the |another )?(?:first |next |following |last |remaining |other |final |second |third )?⟨[tn]\\d+⟩)';
const join = '(?:[,;]| and|[,;] and)(?: then)?(?: (?!or )[a-z]+){0,3} ';
const inARow = new RegExp(`${size}(?:${join}${size}){2,5}`);

interface Step {
  readonly size: number;
  readonly time: number;
}

const ofSavings: ReadonlySet<string> = new Set(['finalAmount', 'balance', 'interest', 'totalPaid']);

/** @returns nothing where no three sizes follow one another, each with its time */
export function readSeveralSizes(page: Page): DraftReading | undefined {
  const steps = stepsIn(page);
  const [first] = steps;
  if (!first) return undefined;
  const questions = ownedQuestions(page, () => 0).map((each) =>
    each.asked === 'balance' ? { ...each, asked: 'finalAmount' as const } : each,
  );
  const told = steps.flatMap(({ size: of, time }) => (of === first.size ? [time] : [of, time]));
  const sole = readPlan(page, {
    scope: without(...told.map((at) => page.places[at]!)),
    questions: questionsOf(questions, 0),
  });
  const { plan } = sole;
  const isSaved = plan.kind === 'saving' && questions.every(({ asked }) => ofSavings.has(asked));
  const isWorth =
    plan.kind !== 'saving' && questions.every(({ asked }) => ['amount', 'totalPaid', 'interest'].includes(asked));
  const isKnown = plan.payment === tokenAt(page, first.size).value && plan.rate !== null && plan.changes.length === 0;
  if (!isKnown || !(isSaved || isWorth) || questions.some(({ place }) => place)) return undefined;
  const counts = steps.map(({ time }) => paymentsIn(page, time, first.time, plan.paymentsPerYear));
  const total = counts.reduce((sum, each) => sum + each, 0);
  // All of them are told as well: then there are as many.
  if (counts.some((each) => !(each > 0)) || (plan.payments !== null && plan.payments !== total)) return undefined;
  const whole: ReadPlan = {
    ...plan,
    payments: total,
    ...(isSaved ? { finalAmount: null, unknown: 'finalAmount' } : { amount: null, unknown: 'amount' }),
    changes: changesBetween(page, steps, counts),
  };
  const roles = new Map<number, Role>([
    ...sole.roles,
    ...steps.slice(1).map(({ size: at }) => [at, 'paymentRise'] as const),
    ...steps.map(({ time }) => [time, 'duration'] as const),
  ]);
  const read = { ...sole.read, missing: [] };
  return readingOfPlans(page, [{ ...sole, plan: whole, read, roles }], questions, () => undefined);
}

function stepsIn(page: Page): Step[] {
  const found = inARow.exec(page.flat);
  const sentence = found && sentenceAt(page, { start: found.index, end: found.index });
  const tokens = [...(found?.[0].matchAll(/⟨([mtn])(\d+)⟩/g) ?? [])];
  return sentence?.asks === false
    ? tokens.flatMap(([, form, at], index) =>
        form === 'm' ? [{ size: Number(at), time: Number(tokens[index + 1]?.[2]) }] : [],
      )
    : [];
}

/** "… for the next three": of what the first is. */
function paymentsIn(page: Page, at: number, first: number, perYear: number): number {
  const { form, value, unit } = tokenAt(page, at);
  const of = form === 'time' ? unit : tokenAt(page, first).form === 'time' ? tokenAt(page, first).unit : undefined;
  return of === undefined ? value : wholeNumber(value * (yearsIn[of] ?? NaN) * perYear);
}

const changesBetween = (page: Page, steps: readonly Step[], counts: readonly number[]): ReadChange[] =>
  steps.slice(1).map(({ size: at }, index) => {
    const to = tokenAt(page, at).value;
    const before = tokenAt(page, steps[index]!.size).value;
    const after = counts.slice(0, index + 1).reduce((sum, each) => sum + each, 0);
    return { kind: 'payment', after, by: roundTo(to - before, 2), to };
  });
