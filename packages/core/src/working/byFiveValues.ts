/** The five-values way: what to enter under an entering style, why, and what the tool then shows. */

import { quotedRate } from '../case/quote.ts';
import { kindOf } from '../case/kinds.ts';
import { type QuotedRate, quoteRate, quotedNumber } from '../rates/quotedRate.ts';
import { balanceAfter } from '../table/figures.ts';
import type { FiveValueProblem } from './fiveValueProblem.ts';
import { quotingSteps } from './quoting.ts';
import type { Way } from './solution.ts';
import { type Work, answerText, money, roundsOf } from './work.ts';
import { rangeOnDevice, stagedBalance, stagedPayment } from './fiveValueStages.ts';
import { problemSteps, solvedFor, statedProblem, type Answered } from './fiveValueSteps.ts';

/** The five-values way, or nothing where five stored values cannot answer. */
export function byFiveValues(work: Work): Way | undefined {
  const found = answered(work);
  if (!found || !Number.isFinite(found.number)) return undefined;
  const written = answerText(work, found.number);
  return {
    id: 'five-values',
    title: 'Five values',
    number: found.number,
    written,
    entries: found.entries,
    rounds: found.rounds ?? [],
    steps: [...found.steps, { kind: 'answer', text: `That is ${written}.` }],
  };
}

function answered(work: Work): Answered | undefined {
  const { question } = work;
  const { ask, statement, solved } = question;
  const problem = statedProblem(work);
  switch (ask.quantity) {
    case 'payment':
      if (solved.flat) return undefined;
      return work.level
        ? solvedFor(work, { ...problem, unknown: 'pmt' }, (value) => Math.abs(value))
        : stagedPayment(work);
    case 'amount':
      return solved.flat || !work.level
        ? undefined
        : solvedFor(work, { ...problem, unknown: 'pv' }, (value) => value * kindOf(statement).directions.pv);
    case 'final-amount':
      return work.level
        ? solvedFor(work, { ...problem, unknown: 'fv' }, (value) => value * kindOf(statement).directions.fv)
        : stagedBalance(work, solved.table.count);
    case 'payments':
      return countedOnDevice(work, problem, 1);
    case 'years':
      return countedOnDevice(work, problem, statement.paymentsPerYear);
    case 'rate':
      return solved.flat || !work.level ? undefined : solvedRate(work, { ...problem, unknown: 'rate' }, solved.rate);
    case 'rate-with-charges':
      return withCharges(work, problem);
    case 'nominal':
      return quotedLike(work, problem, { kind: 'nominal', annual: 0, compoundingsPerYear: statement.paymentsPerYear });
    case 'rate-per-payment':
      return quotedLike(work, problem, { kind: 'periodic', perPayment: 0 });
    case 'effective':
      return quotedLike(work, problem, { kind: 'effective', annual: 0 });
    case 'converted':
      return statement.into.kind === 'effective' ? grownHundred(work) : undefined;
    case 'balance-after':
      return (ask.after ?? 0) >= solved.table.count || ask.after === 0
        ? undefined
        : stagedBalance(work, ask.after ?? 0);
    case 'balance-right-after':
      return rightAfterOnDevice(work, problem);
    case 'interest-in':
    case 'principal-in':
      return rangeOnDevice(work, problem, ask.quantity === 'interest-in' ? 'interest' : 'principal');
    case 'refinanced-payment':
      return refinanced(work, problem);
    default:
      return undefined;
  }
}

/** The first payment falls at once: from what it leaves the others come at the end of each period. */
function rightAfterOnDevice(work: Work, problem: FiveValueProblem): Answered | undefined {
  const { ask, statement, solved } = work.question;
  const k = ask.after ?? 1;
  const cover = work.stages[0];
  if (!work.level || !cover || k < 2 || k > cover.to) return undefined;
  const { directions } = kindOf(statement);
  const paid = solved.table.firstPayment;
  const start = solved.numbers.amount + (work.saving ? paid : -paid);
  const found = solvedFor(
    work,
    {
      ...problem,
      unknown: 'fv',
      n: k - 1,
      pv: directions.pv * start,
      pmt: directions.pmt * paid,
      fv: 0,
      timing: 'end',
    },
    (value) => value * directions.fv,
  );
  const text = `The first payment falls at once and leaves ${money(work, start)}. From then on ${k === 2 ? '1 payment comes' : `${k - 1} payments come`} at the end of each ${work.period}.`;
  return found && { ...found, steps: [{ kind: 'says', text }, ...found.steps], rounds: roundsOf(work) };
}

/** The number of payments, or of as many to a `unit` (a year). */
function countedOnDevice(work: Work, problem: FiveValueProblem, unit: number): Answered | undefined {
  const { solved } = work.question;
  if (solved.flat || !work.level) return undefined;
  const found = solvedFor(work, { ...problem, unknown: 'n' }, (value) => value / unit);
  return found && work.entering.solvedCount === 'rounded-up' && !Number.isInteger(solved.exact)
    ? { ...found, rounds: ['count-rounded'] }
    : found;
}

/** The rate that what was really received costs. */
function withCharges(work: Work, problem: FiveValueProblem): Answered | undefined {
  const { question } = work;
  const { statement, solved } = question;
  const built = statement.buildUp;
  if (!built) return undefined;
  const received = { ...problem, pv: built.proceeds, pmt: -solved.table.firstPayment };
  return solvedRate(work, { ...received, unknown: 'rate' }, solved.rate);
}

/** The rate solved for, quoted in another way; a rate that is given is only grown over a year. */
function quotedLike(work: Work, problem: FiveValueProblem, like: QuotedRate): Answered | undefined {
  const { solved } = work.question;
  if (!solved.flat && solved.unknown !== 'rate') return like.kind === 'effective' ? grownHundred(work) : undefined;
  return solvedRate(work, { ...problem, rate: like, unknown: 'rate' }, like);
}

function refinanced(work: Work, problem: FiveValueProblem): Answered | undefined {
  const { ask, statement, solved } = work.question;
  const { refinancing } = ask;
  const balance = refinancing && balanceAfter(solved.table, refinancing.after);
  if (!refinancing || !balance?.ok) return undefined;
  const { payments: n, rate, paymentsPerYear = statement.paymentsPerYear, costs, costsPaid } = refinancing;
  const pv = balance.value + (costsPaid === 'added' ? costs : 0);
  return solvedFor(work, { ...problem, n, rate, paymentsPerYear, pv, unknown: 'pmt' }, (value) => Math.abs(value));
}

function solvedRate(work: Work, problem: FiveValueProblem, like: QuotedRate): Answered | undefined {
  const found = problemSteps(work, problem);
  if (!found) return undefined;
  const quoted = quoteRate(found.number, like, problem.paymentsPerYear);
  if (!quoted.ok) return undefined;
  const direct =
    work.entering.rate === 'percent-a-year' &&
    (like.kind === 'effective' || (like.kind === 'nominal' && like.compoundingsPerYear !== 'continuous'));
  const steps = direct
    ? found.steps
    : [
        ...found.steps,
        ...quotingSteps(
          { ...work, question: { ...work.question, solved: { ...work.question.solved, rate: like } } },
          found.number,
        ),
      ];
  return { number: quotedNumber(quoted.value) * 100, steps, entries: found.entries };
}

/** Effective rates on five values: what 100 grows to in a year. */
function grownHundred(work: Work): Answered | undefined {
  const { solved, statement } = work.question;
  const { rate } = solved;
  const p =
    rate.kind === 'nominal' && rate.compoundingsPerYear !== 'continuous'
      ? rate.compoundingsPerYear
      : statement.paymentsPerYear;
  const periodic =
    rate.kind === 'nominal' || rate.kind === 'effective'
      ? rate
      : quotedRate({ ...statement.quote, kind: 'periodic' }, solved.values.i);
  const found = problemSteps(work, {
    unknown: 'fv',
    n: p,
    rate: periodic,
    paymentsPerYear: p,
    pv: -100,
    pmt: 0,
    fv: 0,
    timing: 'end',
    saving: true,
  });
  if (!found) return undefined;
  return {
    number: found.number - 100,
    entries: found.entries,
    steps: [
      { kind: 'says', text: 'Let 100 grow for a year; what it gains is the effective rate in percent.' },
      ...found.steps,
    ],
  };
}
