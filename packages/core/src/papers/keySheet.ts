/** The key of a set: every answer with the other numbers that are right, or one line a student where numbers are their own. */

import { answerKey } from '../exercise/answerKey.ts';
import { conventionNames, partNumbers } from '../exercise/conventions.ts';
import type { Exercise, Numbers, RubricLine } from '../exercise/exercise.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
import { writeAnswer } from '../exercise/format.ts';
import { numberStyleById } from '../money/numberStyle.ts';
import { plain, type PaperBlock, type PaperCell, type PaperSheet } from './paper.ts';
import { headOf, tableBlock, type AskedExercise, type SetOnPaper } from './questionSheet.ts';

/** The key of one paper: its answers, what else is right, its tables filled in. */
export function keySheet(
  set: SetOnPaper,
  exercises: readonly AskedExercise[],
  rules: HouseRules,
  who?: { readonly who: string; readonly code: string },
): PaperSheet {
  const [title, facts] = headOf({ ...set, title: `Key: ${set.title}` }, undefined);
  const person: PaperBlock[] = who ? [{ kind: 'text', pieces: plain(`${who.who} · ${who.code}`), soft: true }] : [];
  return {
    ...(who ?? {}),
    blocks: [
      title!,
      facts!,
      ...person,
      ...exercises.flatMap(({ exercise, numbers }, at) => keyBlocks(exercise, numbers, rules, at + 1)),
    ],
  };
}

const word = (text: string): PaperCell => ({ text, words: true });

function keyBlocks(exercise: Exercise, numbers: Numbers, rules: HouseRules, place: number): PaperBlock[] {
  const key = answerKey(exercise, numbers, rules);
  const rows = exercise.parts.map((part, at): PaperCell[] => {
    const keyed = key[at];
    if (!keyed?.ok) return [word(part.id), { text: 'no answer' }, word(keyed?.problem.message ?? '')];
    if (keyed.value.table) return [word(part.id), { text: '' }, word('the table below')];
    if (part.ask.quantity === 'by-hand')
      return [word(part.id), { text: 'by hand' }, word(rubricInWords(part.ask.rubric))];
    return [
      word(part.id),
      { text: keyed.value.written },
      word(alsoRight(exercise, part.id, numbers, rules, keyed.value.written)),
    ];
  });
  const style = numberStyleById(rules.numberStyle);
  const tables = key.flatMap((keyed) =>
    keyed.ok && keyed.value.table ? [tableBlock(keyed.value.table, style, 'filled')] : [],
  );
  return [
    {
      kind: 'together',
      blocks: [
        { kind: 'heading', level: 2, text: `${place} · ${exercise.title}` },
        { kind: 'table', head: [word('Part'), { text: 'Answer' }, word('Also right')], rows },
      ],
    },
    ...tables,
  ];
}

/** "1 for the formula; 2 for the reason". */
export const rubricInWords = (rubric: readonly RubricLine[]): string =>
  rubric.map(({ says, marks }) => `${marks} for: ${says}`).join('; ');

/** "625.73 (nothing rounded)". */
function alsoRight(exercise: Exercise, id: string, numbers: Numbers, rules: HouseRules, written: string): string {
  const part = exercise.parts.find((each) => each.id === id);
  if (!part) return '';
  const others = new Map<string, string>();
  for (const { expected, conventions } of partNumbers(exercise, part, numbers, rules)) {
    const text = writeAnswer(expected, part.format, rules);
    if (text !== written && !others.has(text))
      others.set(text, conventions.map((each) => conventionNames[each]).join(', '));
  }
  return [...others].map(([text, names]) => (names === '' ? text : `${text} (${names})`)).join('; ');
}

export interface StudentKey {
  readonly name: string;
  readonly number: string;
  readonly code: string;
  /** Own numbers by place of the exercise. */
  readonly numbers: readonly Numbers[];
}

/** One line a student: the answers to every part, in tables of one exercise each. */
export function keyLines(
  set: SetOnPaper,
  exercises: readonly Exercise[],
  rules: HouseRules,
  students: readonly StudentKey[],
): PaperSheet {
  const [title, facts] = headOf({ ...set, title: `Key: ${set.title}` }, undefined);
  return {
    blocks: [
      title!,
      facts!,
      ...exercises.flatMap((exercise, at): PaperBlock[] => [
        { kind: 'heading', level: 2, text: `${at + 1} · ${exercise.title}` },
        {
          kind: 'table',
          head: [word('Number'), word('Name'), word('Code'), ...numberParts(exercise).map(({ id }) => ({ text: id }))],
          rows: students.map(({ name, number, code, numbers }) => [
            word(number),
            word(name),
            word(code),
            ...writtenKey(exercise, numbers[at] ?? {}, rules),
          ]),
        },
      ]),
    ],
  };
}

/** A table has more than one answer and stands in the key of each paper. */
const hasNumber = ({ ask }: Exercise['parts'][number]): boolean =>
  ask.quantity !== 'table' && ask.quantity !== 'by-hand';
const numberParts = ({ parts }: Exercise) => parts.filter(hasNumber);

function writtenKey(exercise: Exercise, numbers: Numbers, rules: HouseRules): PaperCell[] {
  const key = answerKey(exercise, numbers, rules);
  return exercise.parts.flatMap((part, at) => {
    const keyed = key[at];
    return !hasNumber(part) ? [] : [{ text: keyed?.ok ? keyed.value.written : '–' }];
  });
}

/** So many columns to write in stand side by side. */
const MOST_COLUMNS = 10;

/** A roster with a column for each part, to mark on paper; where there are many, in several tables. */
export function markingSheet(
  set: SetOnPaper,
  exercises: readonly Exercise[],
  students: readonly Pick<StudentKey, 'name' | 'number' | 'code'>[],
): PaperSheet {
  const [title, facts] = headOf({ ...set, title: `Marks: ${set.title}` }, undefined);
  const columns = [
    ...exercises.flatMap(({ parts: own }, at) => own.map(({ id, marks }) => `${at + 1}${id} /${marks}`)),
    'Sum',
  ];
  const groups = Array.from({ length: Math.ceil(columns.length / MOST_COLUMNS) }, (_, at) =>
    columns.slice(at * MOST_COLUMNS, (at + 1) * MOST_COLUMNS),
  );
  return {
    blocks: [
      title!,
      facts!,
      ...groups.map((group): PaperBlock => ({
        kind: 'table',
        head: [word('Number'), word('Name'), ...group.map((text) => ({ text }))],
        rows: students.map(({ name, number }) => [
          word(number),
          word(name),
          ...group.map((): PaperCell => ({ text: '', blank: true })),
        ]),
      })),
    ],
  };
}
