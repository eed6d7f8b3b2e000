/** Judges a student's worksheet against an exercise: its table as a table, its answers as answers. */

import type { Exercise, Numbers } from '../exercise/exercise.ts';
import { answerKey, type KeyedPart } from '../exercise/answerKey.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
import { prepareChecking } from '../checking/checkSubmission.ts';
import type { Entries, Verdict, VerdictKind } from '../checking/verdict.ts';
import { numberStyleById, writeNumber } from '../money/numberStyle.ts';
import { lookUp } from '../records.ts';
import { fullPlace } from './cells.ts';
import { judgeSheetOfPlan, type SheetJudged } from './judgeSheetOfPlan.ts';
import type { TableFound } from './findTables.ts';
import type { SheetFound } from './readSheet.ts';
import { Calculation, workbookOf } from './recalculate.ts';
import { textsOfSheet } from './tableEntries.ts';
import { CellError } from './values.ts';
import type { InputName } from './words.ts';

export interface ExerciseSheetJudged extends SheetJudged {
  /** A verdict for each part that the sheet answers, in their order. */
  readonly parts: readonly Verdict[];
  /** What the sheet answers, as a student would type it: parts, and the cells of a table to fill in. */
  readonly entries: Entries;
}

/** What a labelled number of a sheet answers, where no cell is labelled as the part. */
const answeredBy: Readonly<Record<string, InputName>> = {
  payment: 'payment',
  'total-interest': 'totalInterest',
  'total-paid': 'totalPaid',
  'rate-per-payment': 'ratePerPayment',
};

/** @param numbers the student's own numbers */
export function judgeSheet(
  exercise: Exercise,
  numbers: Numbers,
  found: SheetFound,
  rules: HouseRules,
): ExerciseSheetJudged {
  const key = answerKey(exercise, numbers, rules).flatMap((each) => (each.ok ? [each.value] : []));
  const tablePart =
    key.find(({ part }) => part.ask.quantity === 'table') ?? key.find(({ question }) => question !== undefined);
  const plan = tablePart?.question?.solved.plan;
  const sheet: SheetJudged = plan
    ? judgeSheetOfPlan(plan, found, rules, tablePart?.table?.to)
    : { cells: [], causes: [], credit: 0, mended: {}, says: 'No part of this exercise has a table.' };
  const entries = entriesOf(key, found, rules);
  const verdicts = prepareChecking(exercise, numbers, rules).check(entries);
  const parts = verdicts.flatMap((verdict): Verdict[] => {
    const part = exercise.parts.find(({ id }) => id === verdict.partId);
    if (part?.ask.quantity === 'table') return [tableVerdict(verdict, sheet)];
    return entries[verdict.partId] === undefined ? [] : [verdict];
  });
  const filled = sheet.table ? cellEntries(key, sheet.table, found, rules) : {};
  return { ...sheet, parts, entries: { ...entries, ...filled } };
}

/** The cells of each table to fill in, from the table that was judged. */
function cellEntries(
  key: readonly KeyedPart[],
  table: TableFound,
  found: SheetFound,
  { numberStyle }: HouseRules,
): Entries {
  const calculation = new Calculation(workbookOf(found.cells, found.names));
  const style = numberStyleById(numberStyle);
  return Object.fromEntries(
    key.flatMap(({ part, table: asked, question }) => {
      if (!asked || !question) return [];
      const texts = textsOfSheet(asked, table, calculation, question.solved.table.count, style);
      return Object.entries(texts).map(([id, text]) => [`${part.id}.${id}`, text] as const);
    }),
  );
}

/** What the sheet answers, as a student would type it. */
function entriesOf(key: readonly KeyedPart[], found: SheetFound, { numberStyle }: HouseRules): Entries {
  const calculation = new Calculation(workbookOf(found.cells, found.names));
  const style = numberStyleById(numberStyle);
  return Object.fromEntries(
    key.flatMap(({ part, expected }): [string, string][] => {
      const name = lookUp(answeredBy, part.ask.quantity);
      const at = lookUp(found.answers, part.id) ?? (name && found.inputs[name]);
      const place = at === undefined ? undefined : fullPlace(at);
      const value = place && calculation.valueAt(place);
      if (value === undefined || value === null || value instanceof CellError)
        return value instanceof CellError ? [[part.id, value.code]] : [];
      if (typeof value !== 'number') return [[part.id, String(value)]];
      // A rate is a fraction in a worksheet, whatever it is shown as.
      const isFraction =
        part.format.kind === 'percent' && Math.abs(value) < 1 && Math.abs(expected) > Math.abs(value) * 20;
      // Functions give what is paid a minus; a worksheet's sign is no mistake of the answer.
      const signed = part.format.kind === 'money' && expected > 0 ? Math.abs(value) : value;
      const written = writeNumber(isFraction ? value * 100 : signed, Math.max(part.format.decimals, 2), style);
      return [[part.id, isFraction ? `${written} %` : written]];
    }),
  );
}

/** The verdict of a table part from the sheet that was submitted for it. */
function tableVerdict(verdict: Verdict, { cells, causes, credit, says }: SheetJudged): Verdict {
  const wrong = cells.filter((cell) => cell.verdict === 'wrong');
  const faults = causes.filter(({ remark }) => !remark);
  const kind: VerdictKind =
    cells.length === 0
      ? 'blank'
      : faults.length > 0
        ? 'slip'
        : wrong.length > 0
          ? 'unexplained'
          : cells.some((cell) => cell.verdict === 'carried')
            ? 'carried'
            : 'right';
  const { partId, expected, expectedWritten } = verdict;
  return {
    partId,
    kind,
    credit,
    ...(expected === undefined ? {} : { expected }),
    ...(expectedWritten === undefined ? {} : { expectedWritten }),
    explanations: faults.map((cause) => ({ slips: [cause.id], title: cause.title, result: 0, says: cause.says })),
    ...(says === undefined ? {} : { says }),
  };
}
