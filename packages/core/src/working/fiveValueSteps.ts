/** A problem of five values entered and solved, step by step. */

import { kindOf } from '../case/kinds.ts';
import { writeMoney } from '../money/numberStyle.ts';
import { type DeviceEntry, deviceWrites } from './device.ts';
import { type FiveValueProblem, entryList, onDevice, isEntered } from './fiveValueProblem.ts';
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

/** The steps that enter a problem and solve it, and the number it comes to. */
export function problemSteps(
  work: Work,
  problem: FiveValueProblem,
): { readonly steps: Step[]; readonly entries: readonly DeviceEntry[]; readonly number: number } | undefined {
  const { entering, style } = work;
  const isTurned = seenByLender(work);
  const seen = isTurned ? turned(problem) : problem;
  const done = onDevice(seen, entering);
  if (!done) return undefined;
  const lines = entryList(seen, entering, (value) => writeMoney(value, style, Number.isInteger(value) ? 0 : 2));
  const settings = lines.filter(({ entry }) => 'put' in entry && !isEntered(entry.put));
  const values = lines.filter(({ entry }) => 'put' in entry && isEntered(entry.put));
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
    number: isTurned && moneyAsked ? -done.number : done.number,
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
