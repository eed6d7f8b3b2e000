/** A problem of five values entered and solved, step by step. */

import { kindOf } from '../case/kinds.ts';
import { writeMoney } from '../money/numberStyle.ts';
import { type DeviceEntry, clearedDevice, deviceWrites } from './device.ts';
import { type EnteredLine, type FiveValueProblem, entryList, onDevice, isEntered } from './fiveValueProblem.ts';
import type { Rounded, Step } from './solution.ts';
import { type Work } from './work.ts';

export interface Answered {
  readonly number: number;
  readonly steps: readonly Step[];
  readonly entries: readonly DeviceEntry[];
  readonly rounds?: readonly Rounded[];
}

/** The case as five values, signed by the pocket, payments as the plan has them. */
export function statedProblem({ question, saving }: Work): FiveValueProblem {
  const { statement, solved } = question;
  const { directions } = kindOf(statement);
  const { numbers } = solved;
  return {
    unknown: 'pmt',
    n: solved.unknown === 'payments' ? solved.values.n : numbers.payments,
    rate: solved.rate,
    paymentsPerYear: statement.paymentsPerYear,
    pv: directions.pv * numbers.amount,
    pmt: directions.pmt * numbers.payment,
    fv: directions.fv * numbers.finalAmount,
    timing: solved.values.timing,
    saving,
  };
}

export interface ProblemSteps {
  readonly steps: Step[];
  readonly entries: readonly DeviceEntry[];
  readonly number: number;
  /** What the tool holds in sight, in the style's own terms. */
  readonly shows: number;
}

/**
 * The steps that enter a problem and solve it, and the number it comes to.
 *
 * @param stored what the tool's memory holds; a start amount of the same size is recalled, not typed
 */
export function problemSteps(work: Work, problem: FiveValueProblem, stored?: number): ProblemSteps | undefined {
  const { entering, style } = work;
  const isTurned = seenByLender(work);
  const seen = isTurned ? turned(problem) : problem;
  const lines = entryList(seen, entering, amountWriter(work)).map((line) =>
    stored === undefined ? line : recalled(line, stored, work),
  );
  const done = onDevice(seen, entering, { ...clearedDevice, memory: stored ?? 0 }, lines);
  if (!done) return undefined;
  const settings = lines.filter(({ entry }) => 'put' in entry && !isEntered(entry.put));
  const values = lines.filter(({ entry }) => 'recall' in entry || ('put' in entry && isEntered(entry.put)));
  const clears = lines.some(({ entry }) => 'clear' in entry) ? 'Clear the five values. ' : '';
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
        text: clears + settings.map(({ row }) => `Set “${row.name}” to ${row.enter}.`).join(' '),
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
    number: isTurned && moneyAsked ? -done.number : done.number,
    shows,
  };
}

/** Amounts as the list of entries writes them: whole ones without decimals. */
export const amountWriter =
  ({ style }: Pick<Work, 'style'>) =>
  (value: number): string =>
    writeMoney(value, style, Number.isInteger(value) ? 0 : 2);

/** A start amount that the memory holds is recalled from it, with its sign turned where it now flows the other way. */
function recalled(line: EnteredLine, stored: number, { entering, style }: Work): EnteredLine {
  const { entry, row } = line;
  if (!('put' in entry) || entry.put !== 'pv' || Math.abs(Math.abs(entry.value) - Math.abs(stored)) > 1e-6) return line;
  const isTurned = entry.value !== 0 && Math.sign(entry.value) !== Math.sign(stored);
  return {
    entry: { recall: 'pv', turned: isTurned },
    row: {
      name: row.name,
      enter: isTurned ? 'recall, sign turned' : 'recall',
      because: `what was stored: ${deviceWrites(stored, entering, style)}`,
    },
  };
}

/** Whether amounts are entered from the lender's pocket: only where signs say which way they flow. */
export const seenByLender = ({ writing, entering }: Pick<Work, 'writing' | 'entering'>): boolean =>
  writing.signs === 'lender' && entering.signs === 'cash-flow';

/** The same problem from the other pocket. */
export const turned = (problem: FiveValueProblem): FiveValueProblem => ({
  ...problem,
  pv: -problem.pv + 0,
  pmt: -problem.pmt + 0,
  fv: -problem.fv + 0,
});

export function solvedFor(
  work: Work,
  problem: FiveValueProblem,
  inUnit: (value: number) => number,
): Answered | undefined {
  const found = problemSteps(work, problem);
  return found && { number: inUnit(found.number), steps: found.steps, entries: found.entries };
}
