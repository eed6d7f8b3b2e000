/** The key of an exercise: what each part's answer is, and how it is written. */

import { fail, ok, type Result } from '../result.ts';
import { numberStyleById, writeNumber } from '../money/numberStyle.ts';
import { roundTo } from '../money/roundMoney.ts';
import { solveCase, type CaseOutcome } from '../case/solveCase.ts';
import type { SolvedCase, ValueSlot } from '../case/solved.ts';
import type { AnswerFormat, Exercise, Numbers, Part, Quantity } from './exercise.ts';
import type { HouseRules } from './houseRules.ts';

export interface KeyedPart {
  readonly part: Part;
  /** In the answer's own unit, unrounded: money, percent (6.6, not 0.066), payments. */
  readonly exact: number;
  /** Rounded as the part's format says. */
  readonly expected: number;
  /** `expected` in writing. */
  readonly written: string;
  readonly solved: SolvedCase;
}

const slots: Readonly<Record<Quantity, ValueSlot>> = {
  payment: 'payment',
  amount: 'amount',
  'final-amount': 'finalAmount',
  rate: 'rate',
  payments: 'payments',
};

/** The quantity a statement's `?` asks for. */
export function quantityOf(slot: ValueSlot): Quantity {
  return (Object.keys(slots) as Quantity[]).find((quantity) => slots[quantity] === slot)!;
}

/** The format answers to a quantity usually have. */
export function usualFormat(quantity: Quantity): AnswerFormat {
  return quantity === 'rate' ? { kind: 'percent', decimals: 2 } : quantity === 'payments' ? { kind: 'count', decimals: 0 } : { kind: 'money', decimals: 2 };
}

/**
 * Works out every part.
 *
 * @param numbers a student's own numbers, by given
 * @returns one result a part, in order; a part that cannot be worked says why and the others go on
 */
export function answerKey(exercise: Exercise, _numbers: Numbers, rules: HouseRules): Result<KeyedPart>[] {
  return exercise.parts.map((part) => {
    const plan = exercise.plans.find(({ id }) => id === part.ask.plan);
    if (!plan) return fail('out-of-range', 'This part asks about a plan that is not in the exercise.', { field: 'plan' });
    const outcome = solveCase({ ...plan.draft, unknown: slots[part.ask.quantity] }, rules.rounding);
    if (outcome.state === 'waiting') return fail('blank', 'The plan behind this part is not complete yet.', { field: outcome.missing[0]! });
    if (outcome.state === 'converted') return fail('out-of-range', 'A conversion has no plan to ask about.', { field: 'plan' });
    if (outcome.state === 'wrong') return firstProblem(outcome);
    const { solved } = outcome;
    const exact = inUnit(part.ask.quantity, solved);
    const expected = roundTo(exact, part.format.decimals);
    return ok({ part, exact, expected, written: writeAnswer(expected, part.format, rules), solved });
  });
}

function firstProblem({ problems, changeProblems }: Extract<CaseOutcome, { state: 'wrong' }>): Result<never> {
  const all = [...Object.values(problems), ...Object.values(changeProblems).flatMap((each) => Object.values(each))];
  return all[0] ? { ok: false, problem: all[0] } : fail('out-of-range', 'The plan behind this part cannot be worked out.', { field: 'plan' });
}

/** Money as it is, rates in percent; a number of payments as it is said. */
function inUnit(quantity: Quantity, solved: SolvedCase): number {
  if (quantity === 'rate') return solved.exact * 100;
  if (quantity === 'payments') return solved.shown;
  return quantity === 'payment' ? (solved.table.plan.rounding.payment === 'exact' ? solved.exact : solved.table.firstPayment) : solved.exact;
}

/** An answer in the class's own writing. */
export function writeAnswer(value: number, format: AnswerFormat, rules: HouseRules): string {
  const text = writeNumber(value, format.decimals, numberStyleById(rules.numberStyle));
  return format.kind === 'percent' ? `${text}\u00a0%` : text;
}
