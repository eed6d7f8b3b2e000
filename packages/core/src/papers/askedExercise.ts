/** An exercise as a student is asked it on a screen: the story and the parts in the student's numbers, with a place for each answer, and nothing of the key. */

import { roundTo } from '../money/roundMoney.ts';
import { numberStyleById, writeMoney } from '../money/numberStyle.ts';
import { frequencyOf } from '../case/frequency.ts';
import { kindOf } from '../case/kinds.ts';
import { quantities } from '../case/quantities.ts';
import { answerKeyOf } from '../exercise/answerKey.ts';
import type { AnswerFormat, Exercise, Part } from '../exercise/exercise.ts';
import { givensInForce } from '../exercise/givens.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
import { fillText } from '../exercise/story.ts';
import type { AskedExercise } from './questionSheet.ts';
import type { PaperBlock } from './paper.ts';
import { storyBlocks } from './storyBlocks.ts';

/** A cell of a table to fill in: with an id where the student writes, with its text where it is given. */
export interface ScreenCell {
  readonly id?: string;
  readonly text?: string;
}

export interface ScreenTable {
  readonly head: readonly string[];
  readonly rows: readonly { readonly label: string; readonly cells: readonly ScreenCell[] }[];
}

export interface ScreenPart {
  readonly id: string;
  readonly prompt: string;
  readonly marks: number;
  /** What is written: a number (also a formula), a number and the plan it is of, cells, a recurrence, words. */
  readonly answer: 'number' | 'choice' | 'table' | 'relation' | 'words';
  /** Stands beside the place for the answer: "a month", "%". */
  readonly unit: string;
  /** How the answer is read. */
  readonly format: AnswerFormat;
  readonly table?: ScreenTable;
  /** What the plans are called, where one of them is to be chosen. */
  readonly plans?: readonly string[];
}

export interface ScreenExercise {
  readonly title: string;
  readonly story: readonly PaperBlock[];
  readonly parts: readonly ScreenPart[];
}

/** @returns what the student sees; a table that cannot be worked out has no cells, and the part is answered in words */
export function askedOnScreen({ exercise, numbers, share }: AskedExercise, rules: HouseRules): ScreenExercise {
  const { written } = givensInForce(exercise, numbers, numberStyleById(rules.numberStyle));
  return {
    title: exercise.title,
    story: storyBlocks(exercise.story, written),
    parts: exercise.parts.map((part) => {
      const table = part.ask.quantity === 'table' ? tableOf(exercise, part, numbers, rules) : undefined;
      const plans = part.ask.quantity === 'choice' ? part.ask.plans.map((id) => planName(exercise, id)) : undefined;
      return {
        id: part.id,
        prompt: fillText(part.prompt, written),
        marks: roundTo(part.marks * share, 2),
        answer: answerOf(part, table),
        unit: unitOf(part, exercise),
        format: part.format,
        ...(table ? { table } : {}),
        ...(plans ? { plans } : {}),
      };
    }),
  };
}

function answerOf({ ask }: Part, table: ScreenTable | undefined): ScreenPart['answer'] {
  switch (ask.quantity) {
    case 'table':
      return table ? 'table' : 'words';
    case 'by-hand':
      return 'words';
    case 'relation':
      return 'relation';
    case 'choice':
      return 'choice';
    default:
      return 'number';
  }
}

const planName = (exercise: Exercise, id: string): string => exercise.plans.find((plan) => plan.id === id)?.name ?? id;

/** Ids of cells and texts of given ones: the key's values stay here. */
function tableOf(
  exercise: Exercise,
  part: Part,
  numbers: AskedExercise['numbers'],
  rules: HouseRules,
): ScreenTable | undefined {
  const keyed = answerKeyOf(exercise, part.id, numbers, rules);
  if (!keyed.ok || !keyed.value.table) return undefined;
  const { columns, rows, totals } = keyed.value.table;
  const style = numberStyleById(rules.numberStyle);
  const cellOf = (cell: (typeof totals)[number]): ScreenCell =>
    cell.blank ? { id: cell.id } : { text: cell.text ?? writeMoney(cell.value, style) };
  return {
    head: ['No.', ...columns.map(({ name }) => name)],
    rows: [
      ...rows.map((cells) => ({ label: String(cells[0]?.row ?? ''), cells: cells.map(cellOf) })),
      ...(totals.length === 0
        ? []
        : [
            {
              label: 'Total',
              cells: columns.map(({ column }): ScreenCell => {
                const total = totals.find((each) => each.column === column);
                return total ? cellOf(total) : { text: '' };
              }),
            },
          ]),
    ],
  };
}

/** What stands beside the place for an answer. */
function unitOf({ ask, format }: Part, exercise: Exercise): string {
  if (format.kind === 'percent') return '%';
  if (format.kind === 'years-months') return 'years, months';
  if (!('plan' in ask) || !(ask.quantity in quantities)) return '';
  const draft = exercise.plans.find(({ id }) => id === ask.plan)?.draft;
  if (format.kind === 'count') return ask.quantity === 'payments' ? 'payments' : '';
  if (format.kind !== 'money' || !draft) return '';
  const isPayment = ask.quantity === 'payment' || ask.quantity === 'refinanced-payment';
  if (isPayment) return `each ${frequencyOf(draft.paymentsPerYear).period}`;
  const isBalance = ask.quantity === 'balance-after' || ask.quantity === 'balance-right-after';
  return isBalance && kindOf(draft).owes ? 'owed' : '';
}
