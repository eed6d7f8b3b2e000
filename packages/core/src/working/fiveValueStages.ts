/** Five values where one problem is not enough: stage after stage, and ranges read off the tool. */

import { kindOf } from '../case/kinds.ts';
import { roundMoney } from '../money/roundMoney.ts';
import type { QuotedRate } from '../rates/quotedRate.ts';
import { type DeviceEntry, type DeviceShown, deviceWrites, replay } from './device.ts';
import { type FiveValueProblem, entryList } from './fiveValueProblem.ts';
import type { Step } from './solution.ts';
import { stagesThrough } from './stages.ts';
import { type Work, money, roundsOf } from './work.ts';

import {
  amountWriter,
  problemSteps,
  seenByLender,
  solvedFor,
  statedProblem,
  turned,
  type Answered,
} from './fiveValueSteps.ts';

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
  let stored: number | undefined;
  for (const [at, stage] of stages.entries()) {
    const opening = balance + stage.drawn;
    if (stage.pause === 'interest-only') {
      balance = opening;
      steps.push({
        kind: 'says',
        text:
          stage.from === stage.to
            ? `Payment ${stage.from} covers the interest only: the balance stays ${money(work, opening)}.`
            : `Payments ${stage.from} to ${stage.to} cover the interest only: the balance stays ${money(work, opening)}.`,
      });
      continue;
    }
    if (stage.settles) {
      balance = stage.closing;
      steps.push({ kind: 'says', text: `Payment ${stage.to} settles the rest.` });
      continue;
    }
    const rate: QuotedRate = at === 0 ? problem.rate : { kind: 'periodic', perPayment: stage.i };
    const found = problemSteps(
      work,
      {
        ...problem,
        unknown: 'fv',
        n: stage.to - stage.from + 1,
        rate,
        pv: directions.pv * opening,
        pmt: directions.pmt * (stage.pause === 'deferred' ? 0 : stage.payment),
        fv: 0,
      },
      stored,
    );
    if (!found) return undefined;
    if (stages.length > 1) steps.push({ kind: 'says', text: `${inPayments(stage.from, stage.to)}:` });
    steps.push(...found.steps);
    entries.push(...found.entries);
    if (work.entering.can.includes('memory') && at < stages.length - 1) {
      stored = found.shows;
      entries.push({ store: 'in-sight' });
      steps.push({ kind: 'says', text: 'Store it.' });
    }
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
  const { question, entering } = work;
  const { from = 1, to = 1 } = question.ask;
  const cover = work.stages[0];
  if (!work.level || !cover || to > cover.to || !kindOf(question.statement).owes) return undefined;
  const seen = seenByLender(work) ? turned(problem) : problem;
  const stored = planStored(work, seen);
  if (!stored) return undefined;
  const entries: DeviceEntry[] = [...stored.entries];
  const steps: Step[] = [...stored.steps];
  if (entering.range === 'from-to') {
    entries.push({ read: part, from, to });
    steps.push({ kind: 'says', text: `Ask the table for the ${part} of ${lower(inPayments(from, to))}.` });
  } else {
    if (from > 1) {
      entries.push({ moveOn: from - 1 });
      steps.push({
        kind: 'says',
        text:
          from === 2
            ? 'Move on by 1 payment; it is not wanted.'
            : `Move on by ${from - 1} payments; those are not wanted.`,
        because: `The stored ${entering.labels.pv} is now the balance after payment ${from - 1}.`,
      });
    }
    entries.push({ moveOn: to - from + 1, read: part });
  }
  const shown = replay(entering, entries);
  if (!shown.ok) return undefined;
  const last = shown.value.at(-1)!;
  if (last.range) steps.push(movedOn(work, to - from + 1, from > 1, part, last.range));
  const number = seenByLender(work) ? -last.shows! : last.shows!;
  return {
    number,
    steps,
    entries,
    rounds: entering.rows === 'cent' ? ['payment-rounded', 'rows-rounded'] : ['payment-rounded'],
  };
}

const inPayments = (from: number, to: number): string =>
  from === to ? `Payment ${from}` : `Payments ${from} to ${to}`;

const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/** The plan put into the tool: its payment solved for first where it was asked, then stored as it is really paid. */
function planStored(
  work: Work,
  seen: FiveValueProblem,
): { readonly entries: readonly DeviceEntry[]; readonly steps: readonly Step[] } | undefined {
  const { entering, question } = work;
  const solves = question.solved.unknown === 'payment';
  const lines = entryList({ ...seen, unknown: solves ? 'pmt' : 'fv' }, entering, amountWriter(work));
  const entered = lines.map(({ entry }) => entry);
  const rows: Step = { kind: 'entries', rows: lines.map(({ row }) => row) };
  if (!solves) return { entries: entered, steps: [{ kind: 'says', text: 'Store the plan.' }, rows] };
  const solved = replay(entering, [...entered, { solve: 'pmt' }]);
  const shows = solved.ok ? solved.value.at(-1)?.shows : undefined;
  if (shows === undefined) return undefined;
  const paid = entering.signs === 'all-positive' ? Math.abs(seen.pmt) : seen.pmt;
  const rounded: DeviceEntry[] = Math.abs(paid - shows) < 1e-9 ? [] : [{ put: 'pmt', value: paid }];
  const written = deviceWrites(shows, { ...entering, decimals: Math.max(entering.decimals, 4) }, work.style);
  return {
    entries: [...entered, { solve: 'pmt' }, ...rounded],
    steps: [
      { kind: 'says', text: 'Enter the plan.' },
      rows,
      { kind: 'says', text: `Solve for ${entering.labels.pmt}: ${written}.` },
      ...rounded.map((): Step => ({
        kind: 'says',
        text: `Store it again as it is really paid: ${deviceWrites(paid, { ...entering, decimals: 2 }, work.style)}.`,
        because: 'The table of the tool then has the payment of the contract.',
      })),
    ],
  };
}

/** What the tool shows after moving on: all three numbers, the one that is read named. */
function movedOn(
  work: Work,
  count: number,
  more: boolean,
  part: 'interest' | 'principal',
  { interest, principal, balance }: NonNullable<DeviceShown['range']>,
): Step {
  const { entering, style } = work;
  const written = (value: number): string => deviceWrites(value, entering, style);
  const by = `${count}${more ? ' more' : ''}${more ? '' : count === 1 ? ' payment' : ' payments'}`;
  return {
    kind: 'says',
    text: `Move on by ${by}. The tool shows interest ${written(interest)}, principal ${written(principal)}, balance ${written(balance)}: read the ${part}.`,
    because: `The stored ${entering.labels.pv} has changed: put the amount back before the next question.`,
  };
}
