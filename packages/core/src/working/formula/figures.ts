/** The closed forms of figures: ranges of payments, totals, what is left, the last payment, a term of the recurrence. */

import { roundTo } from '../../money/roundMoney.ts';
import type { Step } from '../solution.ts';
import { type Term, add, div, evaluate, mul, num, sub } from '../term.ts';
import { type Work, countLetter, formulaSteps, isZero, moneyLetter, rateLetter, roundsOf } from '../work.ts';
import { chain } from './chain.ts';
import { type Formula, balanceTerm, notLine, whole } from './formula.ts';
import { rightAfter, rightAfterName } from './inAdvance.ts';

/** The payments from a to b added up: so many alike, and the ones that are not. */
export function paidTerm(work: Work, from: number, to: number): Term {
  const { rows } = work.question.solved.table;
  const runs: { value: number; times: number }[] = [];
  for (const { payment: paid, extra } of rows.slice(from - 1, to)) {
    const value = paid + extra;
    const last = runs.at(-1);
    if (last && Math.abs(last.value - value) < 1e-9) last.times += 1;
    else runs.push({ value, times: 1 });
  }
  // Many different payments would make a line nobody reads.
  if (runs.length > 6) {
    const total = runs.reduce((sum, { value, times }) => sum + value * times, 0);
    return moneyLetter(work, `\\text{paid}_{${from}\\ldots ${to}}`, roundTo(total, 6));
  }
  return runs
    .map(({ value, times }, at): Term => {
      const P = moneyLetter(work, runs.length === 1 ? 'P' : `P_{${at + 1}}`, value);
      return times === 1 ? P : mul(num(times), P);
    })
    .reduce((sum, each) => add(sum, each));
}

/** When a balance is looked at: at the end of a payment's period, or right after it where payments come first. */
interface Looked {
  readonly balance: (work: Work, k: number) => Formula;
  readonly name: (k: number) => string;
}

const atEnd: Looked = { balance: chain, name: (k) => `B_{${k}}` };
const rightAfterIt: Looked = { balance: rightAfter, name: rightAfterName };

/** How far the balance goes from before payment a to after payment b, and the money drawn between. */
function movement(
  work: Work,
  from: number,
  to: number,
  { balance, name }: Looked,
): { readonly steps: Step[]; readonly term: Term } {
  const { solved } = work.question;
  const before = from === 1 ? { steps: [], number: solved.plan.amount } : balance(work, from - 1);
  const after = balance(work, to);
  const drawn = work.stages
    .filter((stage) => stage.from >= from && stage.from <= to && stage.from > 1)
    .reduce((sum, stage) => sum + stage.drawn, 0);
  const first = moneyLetter(work, from === 1 ? 'A' : name(from - 1), before.number);
  const last = moneyLetter(work, name(to), after.number);
  const opening = drawn === 0 ? first : add(first, moneyLetter(work, '\\text{drawn}', drawn));
  return {
    steps: [...before.steps.filter(notLine), ...after.steps.filter(notLine)],
    term: work.saving ? sub(last, opening) : sub(opening, last),
  };
}

/** The interest or the principal in payments, where they come first. */
export const portionFormula = (part: 'interest' | 'principal'): ((work: Work) => Formula | undefined) =>
  rangeFormula(part, rightAfterIt);

export function rangeFormula(
  part: 'interest' | 'principal' | 'paid',
  looked: Looked = atEnd,
): (work: Work) => Formula | undefined {
  return (work) => {
    const { from = 1, to = 1 } = work.question.ask;
    const last = Math.min(to, work.question.solved.table.count);
    const paid = paidTerm(work, from, last);
    if (part === 'paid') return { ...whole(work, '\\text{paid}', paid) };
    const moved = movement(work, from, last, looked);
    // What savings gain in principal is deposits and interest together; a loan's principal is what the balance falls by.
    const term =
      part === 'principal' || (work.saving && isZero(paid))
        ? moved.term
        : work.saving
          ? sub(moved.term, paid)
          : sub(paid, moved.term);
    const says: Step = {
      kind: 'says',
      text:
        part === 'principal'
          ? 'Principal is what the balance moves by.'
          : work.saving
            ? isZero(paid)
              ? 'Nothing is paid in: interest is all that the balance gains.'
              : 'Interest is what the balance gains beyond the deposits.'
            : 'Interest is what is paid beyond the principal.',
    };
    return {
      steps: [...moved.steps, says, ...formulaSteps(work, part === 'interest' ? 'I' : '\\text{principal}', term)],
      number: evaluate(term),
      term,
      rounds: roundsOf(work),
    };
  };
}

export function overAll(part: 'interest' | 'paid'): (work: Work) => Formula | undefined {
  return (work) => {
    const { table } = work.question.solved;
    const paid = paidTerm(work, 1, table.count);
    if (part === 'paid') return whole(work, '\\text{paid}', paid);
    const { plan, totals, closing } = table;
    const A = moneyLetter(work, 'A', plan.amount);
    const F = moneyLetter(work, 'F', closing);
    const drawn = totals.drawn === 0 ? A : add(A, moneyLetter(work, '\\text{drawn}', totals.drawn));
    const moved = work.saving ? (isZero(drawn) ? F : sub(F, drawn)) : isZero(F) ? drawn : sub(drawn, F);
    return whole(work, 'I', work.saving ? (isZero(paid) ? moved : sub(moved, paid)) : sub(paid, moved));
  };
}

export function leftToPay(work: Work): Formula {
  const { solved, ask } = work.question;
  const k = ask.after ?? 0;
  const { count, closing } = solved.table;
  const paid = k >= count ? num(0) : paidTerm(work, k + 1, count);
  const term = closing === 0 ? paid : add(paid, moneyLetter(work, 'F', closing));
  return {
    steps: [
      {
        kind: 'says',
        text: `${count - k === 1 ? '1 payment is' : `${count - k} payments are`} left after payment ${k}. What is left to pay has interest still to come in it; the balance does not.`,
      },
      ...formulaSteps(work, '\\text{left}', term),
    ],
    number: evaluate(term),
    term,
  };
}

export function lastPayment(work: Work): Formula | undefined {
  const { solved, rounding } = work.question;
  const { table } = solved;
  const { count } = table;
  const before = count === 1 ? { steps: [], number: solved.plan.amount } : chain(work, count - 1);
  const B = moneyLetter(work, `B_{${count - 1}}`, before.number);
  const stage = work.stages.at(-1)!;
  const i = rateLetter(work, stage.i, work.level ? solved.plan.rate : undefined);
  const F = moneyLetter(work, 'F', solved.plan.finalAmount);
  if (rounding.last === 'as-others' && solved.unknown !== 'payments' && !solved.flat)
    return {
      steps: [{ kind: 'says', text: 'By the house rules the last payment is as the others.' }],
      number: table.lastPayment,
    };
  if (stage.extra > 0) return undefined;
  const grown = work.due ? B : mul(B, add(num(1), i));
  const end = work.due && !isZero(F) ? div(F, add(num(1), i)) : F;
  const term = work.saving ? sub(F, grown) : isZero(F) ? grown : sub(grown, end);
  return {
    steps: [
      ...before.steps.filter(notLine),
      { kind: 'says', text: 'The last payment settles what is owed then, with the interest of its own period.' },
      ...formulaSteps(work, 'P_{\\text{last}}', term, { line: false }),
    ],
    number: evaluate(term),
    rounds: roundsOf(work),
  };
}

export function recurrenceTerm(work: Work): Formula {
  const { solved, ask } = work.question;
  const A = moneyLetter(work, 'V_0', solved.numbers.amount);
  const d = moneyLetter(work, 'd', solved.table.firstPayment);
  return whole(
    work,
    `V_{${ask.after ?? 0}}`,
    balanceTerm(work, A, d, rateLetter(work, solved.values.i), countLetter(work, 'k', ask.after ?? 0)),
  );
}
