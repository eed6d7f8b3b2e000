/** The five-values way: what to enter under an entering style, why, and what the tool then shows. */

import { styleOf } from '../case/question.ts';
import { quotedRate } from '../case/quote.ts';
import { readBuildUp } from '../case/readDraft.ts';
import { kindOf } from '../case/kinds.ts';
import { writeMoney } from '../money/numberStyle.ts';
import { roundMoney } from '../money/roundMoney.ts';
import { type QuotedRate, quoteRate, quotedNumber } from '../rates/quotedRate.ts';
import { balanceAfter } from '../table/figures.ts';
import { type DeviceEntry, deviceWrites, replay } from './device.ts';
import type { EnteredName } from './enteringStyle.ts';
import { type FiveValueProblem, entryList, onDevice, order } from './fiveValueProblem.ts';
import { quotingSteps } from './quoting.ts';
import type { Rounded, Step, Way } from './solution.ts';
import { stagesThrough } from './stages.ts';
import { type Work, answerText, money, roundsOf } from './work.ts';

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

interface Answered {
  readonly number: number;
  readonly steps: readonly Step[];
  readonly entries: readonly DeviceEntry[];
  readonly rounds?: readonly Rounded[];
}

function answered(work: Work): Answered | undefined {
  const { question } = work;
  const { ask, draft, solved } = question;
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
        : solvedFor(work, { ...problem, unknown: 'pv' }, (value) => value * kindOf(draft).directions.pv);
    case 'final-amount':
      return work.level
        ? solvedFor(work, { ...problem, unknown: 'fv' }, (value) => value * kindOf(draft).directions.fv)
        : stagedBalance(work, solved.table.count);
    case 'payments':
      return countedOnDevice(work, problem, 1);
    case 'years':
      return countedOnDevice(work, problem, draft.paymentsPerYear);
    case 'rate':
      return solved.flat || !work.level ? undefined : solvedRate(work, { ...problem, unknown: 'rate' }, solved.rate);
    case 'rate-with-charges':
      return withCharges(work, problem);
    case 'nominal':
      return quotedLike(work, problem, { kind: 'nominal', annual: 0, compoundingsPerYear: draft.paymentsPerYear });
    case 'rate-per-payment':
      return quotedLike(work, problem, { kind: 'periodic', perPayment: 0 });
    case 'effective':
      return quotedLike(work, problem, { kind: 'effective', annual: 0 });
    case 'converted':
      return draft.into.kind === 'effective' ? grownHundred(work) : undefined;
    case 'balance-after':
      return (ask.after ?? 0) >= solved.table.count || ask.after === 0
        ? undefined
        : stagedBalance(work, ask.after ?? 0);
    case 'interest-in':
    case 'principal-in':
      return rangeOnDevice(work, problem, ask.quantity === 'interest-in' ? 'interest' : 'principal');
    case 'refinanced-payment':
      return refinanced(work, problem);
    default:
      return undefined;
  }
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
  const { draft, solved } = question;
  const built = draft.buildUp ? readBuildUp(draft.buildUp, styleOf(question), question.names) : undefined;
  if (!built?.ok) return undefined;
  const received = { ...problem, pv: built.value.proceeds, pmt: -solved.table.firstPayment };
  return solvedRate(work, { ...received, unknown: 'rate' }, solved.rate);
}

/** The rate solved for, quoted in another way; a rate that is given is only grown over a year. */
function quotedLike(work: Work, problem: FiveValueProblem, like: QuotedRate): Answered | undefined {
  const { solved } = work.question;
  if (!solved.flat && solved.unknown !== 'rate') return like.kind === 'effective' ? grownHundred(work) : undefined;
  return solvedRate(work, { ...problem, rate: like, unknown: 'rate' }, like);
}

function refinanced(work: Work, problem: FiveValueProblem): Answered | undefined {
  const { ask, draft, solved } = work.question;
  const { refinancing } = ask;
  const balance = refinancing && balanceAfter(solved.table, refinancing.after);
  if (!refinancing || !balance?.ok) return undefined;
  const { payments: n, rate, paymentsPerYear = draft.paymentsPerYear, costs, costsPaid } = refinancing;
  const pv = balance.value + (costsPaid === 'added' ? costs : 0);
  return solvedFor(work, { ...problem, n, rate, paymentsPerYear, pv, unknown: 'pmt' }, (value) => Math.abs(value));
}

/** The case as five values, signed by the pocket, payments as the plan has them. */
function statedProblem({ question, saving }: Work): FiveValueProblem {
  const { draft, solved } = question;
  const { directions } = kindOf(draft);
  const { numbers } = solved;
  return {
    unknown: 'pmt',
    n: solved.unknown === 'payments' ? solved.values.n : numbers.payments,
    rate: solved.rate,
    paymentsPerYear: draft.paymentsPerYear,
    pv: directions.pv * numbers.amount,
    pmt: directions.pmt * numbers.payment,
    fv: directions.fv * numbers.finalAmount,
    timing: solved.values.timing,
    saving,
  };
}

/** The steps that enter a problem and solve it, and the number it comes to. */
function problemSteps(
  work: Work,
  problem: FiveValueProblem,
): { readonly steps: Step[]; readonly entries: readonly DeviceEntry[]; readonly number: number } | undefined {
  const { entering, style } = work;
  const done = onDevice(problem, entering);
  if (!done) return undefined;
  const lines = entryList(problem, entering, (value) => writeMoney(value, style, Number.isInteger(value) ? 0 : 2));
  const settings = lines.filter(({ entry }) => 'put' in entry && !order.includes(entry.put as EnteredName));
  const values = lines.filter(({ entry }) => 'put' in entry && order.includes(entry.put as EnteredName));
  const shows = done.shown.at(-1)!.shows!;
  const moneyAsked = problem.unknown === 'pv' || problem.unknown === 'pmt' || problem.unknown === 'fv';
  const direction =
    !moneyAsked || entering.signs === 'all-positive' || shows === 0
      ? ''
      : shows < 0
        ? ' The minus says it is paid out.'
        : ' The plus says it is received.';
  const sign = moneyAsked && shows > 0 && entering.signs === 'cash-flow' ? '+' : '';
  return {
    steps: [
      {
        kind: 'says',
        text: settings.map(({ row }) => `Set ${row.name}: ${row.enter}.`).join(' '),
        because: 'Settings stay as they were left: look at them first.',
      },
      {
        kind: 'says',
        text:
          entering.signs === 'cash-flow'
            ? 'Enter what is known, money received as plus, money paid as minus.'
            : 'Enter what is known, every amount positive.',
      },
      { kind: 'entries', rows: values.map(({ row }) => row) },
      {
        kind: 'says',
        text: `Solve for ${entering.labels[problem.unknown]}: ${sign}${deviceWrites(shows, entering, style)}.${direction}`,
      },
    ],
    entries: done.entries,
    number: done.number,
  };
}

function solvedFor(work: Work, problem: FiveValueProblem, inUnit: (value: number) => number): Answered | undefined {
  const found = problemSteps(work, problem);
  return found && { number: inUnit(found.number), steps: found.steps, entries: found.entries };
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
  const { solved, draft } = work.question;
  const { rate } = solved;
  const p =
    rate.kind === 'nominal' && rate.compoundingsPerYear !== 'continuous'
      ? rate.compoundingsPerYear
      : draft.paymentsPerYear;
  const periodic =
    rate.kind === 'nominal' || rate.kind === 'effective'
      ? rate
      : quotedRate({ ...draft.quote, kind: 'periodic' }, solved.values.i);
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

/** The balance after payment k, one problem a stage, each starting from what the one before left. */
function stagedBalance(work: Work, k: number): Answered | undefined {
  const { question } = work;
  const { directions } = kindOf(question.draft);
  const stages = stagesThrough(work.stages, k);
  if (stages.length > 4) return undefined;
  const problem = statedProblem(work);
  const steps: Step[] = [];
  const entries: DeviceEntry[] = [];
  let balance = question.solved.plan.amount;
  for (const [at, stage] of stages.entries()) {
    const opening = balance + stage.drawn;
    if (stage.pause === 'interest-only') {
      balance = opening;
      steps.push({
        kind: 'says',
        text: `Payments ${stage.from} to ${stage.to} cover the interest only: the balance stays ${money(work, opening)}.`,
      });
      continue;
    }
    if (stage.settles) {
      balance = stage.closing;
      steps.push({ kind: 'says', text: `Payment ${stage.to} settles the rest.` });
      continue;
    }
    const rate: QuotedRate = at === 0 ? problem.rate : { kind: 'periodic', perPayment: stage.i };
    const found = problemSteps(work, {
      ...problem,
      unknown: 'fv',
      n: stage.to - stage.from + 1,
      rate,
      pv: directions.pv * opening,
      pmt: directions.pmt * (stage.pause === 'deferred' ? 0 : stage.payment),
      fv: 0,
    });
    if (!found) return undefined;
    if (stages.length > 1) steps.push({ kind: 'says', text: `Payments ${stage.from} to ${stage.to}:` });
    steps.push(...found.steps);
    entries.push(...found.entries);
    balance = Math.abs(found.number) * Math.sign(found.number * directions.fv || 1);
  }
  return { number: balance, steps, entries, rounds: roundsOf(work) };
}

/** The level payment after a pause or a rate change at the start, from the balance it is worked out of. */
function stagedPayment(work: Work): Answered | undefined {
  const { question } = work;
  const stage = work.stages.find(({ pause }) => pause === undefined);
  const { plan } = question.solved;
  if (
    !stage ||
    typeof plan.payments !== 'number' ||
    plan.changes.some((change) => change.kind === 'draw' && change.payment === 'again')
  )
    return undefined;
  const problem = statedProblem(work);
  const rate: QuotedRate = stage.from === 1 ? problem.rate : { kind: 'periodic', perPayment: stage.i };
  const { directions } = kindOf(question.draft);
  const found = solvedFor(
    work,
    {
      ...problem,
      unknown: 'pmt',
      n: plan.payments - (stage.from - 1),
      rate,
      pv: directions.pv * roundMoney(stage.opening, 'cent'),
    },
    (value) => Math.abs(value),
  );
  return found && { ...found, rounds: ['rows-rounded'] };
}

/** Reading a range of payments on the device, as its style reads tables. */
function rangeOnDevice(work: Work, problem: FiveValueProblem, part: 'interest' | 'principal'): Answered | undefined {
  const { question, entering, style } = work;
  const { from = 1, to = 1 } = question.ask;
  const cover = work.stages[0];
  if (!work.level || !cover || to > cover.to || !kindOf(question.draft).owes) return undefined;
  const lines = entryList({ ...problem, unknown: 'fv' }, entering, (value) =>
    writeMoney(value, style, Number.isInteger(value) ? 0 : 2),
  );
  const entries: DeviceEntry[] = lines.map(({ entry }) => entry);
  const words = part === 'interest' ? 'interest' : 'principal';
  const steps: Step[] = [
    { kind: 'says', text: 'Store the plan, the payment as it is really paid.' },
    { kind: 'entries', rows: lines.map(({ row }) => row) },
  ];
  if (entering.range === 'from-to') {
    entries.push({ read: part, from, to });
    steps.push({ kind: 'says', text: `Ask the table for the ${words} of payments ${from} to ${to}.` });
  } else {
    if (from > 1) {
      entries.push({ moveOn: from - 1 });
      steps.push({
        kind: 'says',
        text: `Move on by ${from - 1} payments; those are not wanted.`,
        because: `The stored ${entering.labels.pv} is now the balance after payment ${from - 1}.`,
      });
    }
    entries.push({ moveOn: to - from + 1, read: part });
    steps.push({
      kind: 'says',
      text: `Move on by ${to - from + 1} more and read the ${words}. The stored ${entering.labels.pv} has changed: put the amount back before the next question.`,
    });
  }
  const shown = replay(entering, entries);
  if (!shown.ok) return undefined;
  const last = shown.value.at(-1)!;
  const number = last.shows!;
  return {
    number,
    steps,
    entries,
    rounds: entering.decimals === 2 ? ['payment-rounded', 'rows-rounded'] : ['payment-rounded'],
  };
}
