/** Tables to work in: those of the set's parts, and the first rows of any other plan, with every cell empty or as they are asked. */

import { answerKey } from '../exercise/answerKey.ts';
import type { Exercise, Numbers } from '../exercise/exercise.ts';
import { keyTable, type KeyTable } from '../exercise/fillTable.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
import { numberStyleById } from '../money/numberStyle.ts';
import type { PaperBlock, PaperSheet } from './paper.ts';
import { headOf, tableBlock, type AskedExercise, type PaperStudent, type SetOnPaper } from './questionSheet.ts';

/** Rows of a table that no part asks for. */
const MOST_ROWS = 12;

export function tablesSheet(
  set: SetOnPaper,
  exercises: readonly AskedExercise[],
  rules: HouseRules,
  show: 'asked' | 'empty',
  student?: PaperStudent,
): PaperSheet {
  const style = numberStyleById(rules.numberStyle);
  return {
    ...(student ? { who: `${student.name}, ${student.number}`, code: student.code } : {}),
    blocks: [
      ...headOf({ ...set, title: `Tables: ${set.title}` }, undefined, student),
      ...exercises.flatMap(({ exercise, numbers }, at): PaperBlock[] => {
        const [first, ...rest] = tablesOf(exercise, numbers, rules).map((table) => tableBlock(table, style, show));
        if (!first) return [];
        const title: PaperBlock = { kind: 'heading', level: 2, text: `${at + 1} · ${exercise.title}` };
        return [{ kind: 'together', blocks: [title, first] }, ...rest];
      }),
    ],
  };
}

function tablesOf(exercise: Exercise, numbers: Numbers, rules: HouseRules): KeyTable[] {
  const keyed = answerKey(exercise, numbers, rules).flatMap((each) => (each.ok ? [each.value] : []));
  const asked = keyed.flatMap(({ table }) => (table ? [table] : []));
  if (asked.length > 0) return asked;
  const rows = keyed.flatMap(({ questions }) => questions)[0]?.solved.table;
  if (!rows || rows.count < 1) return [];
  const made = keyTable(rows, { from: 1, to: Math.min(MOST_ROWS, rows.count), blanks: [] });
  return made.ok ? [made.value] : [];
}
