/** Five values where one problem is not enough: stage after stage, and ranges read off the tool. */

import { kindOf } from '../case/kinds.ts';
import { writeMoney } from '../money/numberStyle.ts';
import { roundMoney } from '../money/roundMoney.ts';
import type { QuotedRate } from '../rates/quotedRate.ts';
import { type DeviceEntry, replay } from './device.ts';
import { type FiveValueProblem, entryList } from './fiveValueProblem.ts';
import type { Step } from './solution.ts';
import { stagesThrough } from './stages.ts';
import { type Work, money, roundsOf } from './work.ts';

import { problemSteps, seenByLender, solvedFor, statedProblem, turned, type Answered } from './fiveValueSteps.ts';

/** The balance after payment k, one problem a stage, each starting from what the one before left. */
export function stagedBalance(work: Work, k: number): Answered | undefined {
  const { question } = work;
  const { directions } = kindOf(question.statement);
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
export function stagedPayment(work: Work): Answered | undefined {
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
  const { directions } = kindOf(question.statement);
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
export function rangeOnDevice(
  work: Work,
  problem: FiveValueProblem,
  part: 'interest' | 'principal',
): Answered | undefined {
  const { question, entering, style } = work;
  const { from = 1, to = 1 } = question.ask;
  const cover = work.stages[0];
  if (!work.level || !cover || to > cover.to || !kindOf(question.statement).owes) return undefined;
  const seen = seenByLender(work) ? turned(problem) : problem;
  const lines = entryList({ ...seen, unknown: 'fv' }, entering, (value) =>
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
    steps.push({
      kind: 'says',
      text: `Ask the table for the ${words} of ${from === to ? `payment ${from}` : `payments ${from} to ${to}`}.`,
    });
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
  const number = seenByLender(work) ? -last.shows! : last.shows!;
  return {
    number,
    steps,
    entries,
    rounds: entering.decimals === 2 ? ['payment-rounded', 'rows-rounded'] : ['payment-rounded'],
  };
}
