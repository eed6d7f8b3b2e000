/** A worked solution of a question: facts, setting, timeline, and every way with the number it gives by its own route. */

import { capital } from '../capital.ts';
import { nth } from '../nth.ts';
import { roundTo } from '../money/roundMoney.ts';
import { defaultNumberStyle, type NumberStyle } from '../money/numberStyle.ts';
import { kindOf } from '../case/kinds.ts';
import { frequencyOf } from '../case/frequency.ts';
import { questionInWords, writeQuantity } from '../case/question.ts';
import type { Question } from '../statement/question.ts';
import { quantities } from '../case/quantities.ts';
import { usualWriting, type Writing } from '../exercise/writing.ts';
import { byFiveValues } from './byFiveValues.ts';
import { byFormula } from './byFormula.ts';
import { byRecurrence } from './byRecurrence.ts';
import { bySearch } from './bySearch.ts';
import { bySheet } from './bySheet.ts';
import { byTable } from './byTable.ts';
import { byWorksheet } from './byWorksheet.ts';
import { shippedStyles, type EnteringStyle } from './enteringStyle.ts';
import { factsOf } from './facts.ts';
import { inLetters } from './inClassForm.ts';
import type { Step, Way, WorkedSolution } from './solution.ts';
import { seenBy, timelineOf } from './timeline.ts';
import { rateSteps, workOf, type Work } from './work.ts';

export interface WorkingOptions {
  /** How numbers are written. */
  readonly style?: NumberStyle;
  /** How the class's tool wants numbers. */
  readonly entering?: EnteringStyle;
  /** How the class writes formulas. */
  readonly writing?: Writing;
}

/** The ways in the order they are offered; adding one adds its file and its place here. */
const ways: readonly ((work: Work) => Way | undefined)[] = [
  byFormula,
  byRecurrence,
  byFiveValues,
  bySheet,
  byWorksheet,
  byTable,
  bySearch,
];

/**
 * Works a question about a case, or a part of an exercise, in every way that answers it.
 *
 * @param question as `askCase` gives it
 */
export function workedSolution(
  question: Question,
  { style = defaultNumberStyle, entering = nth(shippedStyles, 0), writing = usualWriting }: WorkingOptions = {},
): WorkedSolution {
  const work = workOf(question, style, entering, writing);
  return {
    title: questionInWords(question),
    unit: quantities[question.ask.quantity].unit,
    facts: factsOf(question, style),
    setting: settingSteps(work),
    timeline: kindOf(question.statement).hasTable
      ? seenBy(timelineOf(question.statement.kind, question.solved), writing.signs)
      : [],
    signs: writing.signs,
    ways: ways.flatMap((way) => way(work) ?? []),
    answer: writeQuantity(question, question.exact, style),
    exact: question.exact,
  };
}

/** Rate per payment and number of payments, with the arithmetic shown. */
function settingSteps(work: Work): Step[] {
  const { question } = work;
  const { solved, statement } = question;
  if (solved.flat)
    return [
      { kind: 'says', text: 'The charge is flat: it is taken on the whole amount, however much has been repaid.' },
    ];
  const steps: Step[] = [];
  if (solved.unknown !== 'rate' || !kindOf(statement).hasTable)
    steps.push(...rateSteps(work, solved.rate, solved.values.i));
  const p = statement.paymentsPerYear;
  if (solved.unknown !== 'payments' && kindOf(statement).hasTable) {
    const n = solved.numbers.payments;
    const years = roundTo(n / p, 6);
    if (p > 1)
      steps.push({
        kind: 'formula',
        tex: `${inLetters('n', work.writing)} = ${years} \\times ${p} = ${n}`,
        because: `${capital(frequencyOf(p).adverb)} payments: ${p} in each year.`,
      });
  }
  return steps;
}
