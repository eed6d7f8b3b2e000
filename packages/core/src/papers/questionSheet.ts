/** The question sheet of a set: what a student is asked, with room to work and boxes to answer, in the student's own numbers. */

import { answerKeyOf } from '../exercise/answerKey.ts';
import type { Exercise, Numbers, Part } from '../exercise/exercise.ts';
import type { KeyTable } from '../exercise/fillTable.ts';
import { givensInForce } from '../exercise/givens.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
import { fillText } from '../exercise/story.ts';
import { roundTo } from '../money/roundMoney.ts';
import { numberStyleById, writeMoney, type NumberStyle } from '../money/numberStyle.ts';
import { plain, type PaperBlock, type PaperCell, type PaperSheet } from './paper.ts';
import { storyBlocks } from './storyBlocks.ts';

/** An exercise of a set as it is asked on paper. */
export interface AskedExercise {
  readonly exercise: Exercise;
  /** The student's own numbers; none where it is asked with those of the exercise. */
  readonly numbers: Numbers;
  /** What a mark of a part counts in the set. */
  readonly share: number;
}

/** What every sheet of a set has in common. */
export interface SetOnPaper {
  readonly title: string;
  /** "BM 210, Autumn 2026". */
  readonly className: string;
  /** As they are written: "6 October 2026"; empty where there are none. */
  readonly given: string;
  readonly due: string;
}

export interface SheetForm {
  /** Room to work under each part, in millimetres. */
  readonly room: number;
  readonly boxes: boolean;
  /** Boxes for the five values that are entered into a tool. */
  readonly entered: boolean;
}

/** Whose sheet it is; lines for name and number where it is anybody's. */
export interface PaperStudent {
  readonly name: string;
  readonly number: string;
  readonly code: string;
}

const enteredLabels = ['N', 'rate', 'PV', 'PMT', 'FV'];

export function questionSheet(
  set: SetOnPaper,
  exercises: readonly AskedExercise[],
  rules: HouseRules,
  form: SheetForm,
  student?: PaperStudent,
): PaperSheet {
  return {
    ...(student ? { who: `${student.name}, ${student.number}`, code: student.code } : {}),
    blocks: [
      ...headOf(set, marksOf(exercises), student),
      { kind: 'text', pieces: plain(roundingSentence(rules)), soft: true },
      ...exercises.flatMap((asked, at) => exerciseBlocks(asked, at + 1, rules, form)),
    ],
  };
}

const marksOf = (exercises: readonly AskedExercise[]): number =>
  roundTo(
    exercises.reduce(
      (sum, { exercise, share }) => sum + exercise.parts.reduce((all, { marks }) => all + marks * share, 0),
      0,
    ),
    2,
  );

/** "6 marks". */
export const marksInWords = (marks: number): string => `${marks} ${marks === 1 ? 'mark' : 'marks'}`;

/** The head of every paper of a set: what it is, whose, and when. */
export function headOf(
  { title, className, given, due }: SetOnPaper,
  marks: number | undefined,
  student?: Pick<PaperStudent, 'name' | 'number'>,
): PaperBlock[] {
  const facts = [
    className,
    given === '' ? '' : `given ${given}`,
    due === '' ? '' : `due ${due}`,
    marks === undefined ? '' : marksInWords(marks),
  ].filter((each) => each !== '');
  return [
    { kind: 'heading', level: 1, text: title },
    { kind: 'text', pieces: plain(facts.join(' · ')), soft: true },
    {
      kind: 'fields',
      fields: [
        { label: 'Name', value: student?.name ?? '' },
        { label: 'Number', value: student?.number ?? '' },
      ],
    },
  ];
}

/** What a student must know of how this class rounds. */
export function roundingSentence({ rounding: { payment, interest, last } }: HouseRules): string {
  const payments = {
    exact: 'Round only your answers.',
    cent: 'Round payments to the cent.',
    'cent-up': 'Round payments up to the cent.',
    unit: 'Round payments to whole units.',
    'unit-up': 'Round payments up to whole units.',
  }[payment];
  const rows =
    interest === 'cent'
      ? ' In a table round the interest of each row to the cent'
      : ' In a table keep all digits of the interest';
  const end = last === 'clears' ? '; the last payment settles what is left.' : '; the last payment is like the others.';
  return `${payments}${rows}${end}`;
}

function exerciseBlocks(
  { exercise, numbers, share }: AskedExercise,
  place: number,
  rules: HouseRules,
  form: SheetForm,
): PaperBlock[] {
  const style = numberStyleById(rules.numberStyle);
  const { written } = givensInForce(exercise, numbers, style);
  const [first, ...rest] = exercise.parts.map((part) =>
    partBlocks(part, exercise, numbers, { written, style, rules, form, share }),
  );
  const head: PaperBlock[] = [
    { kind: 'heading', level: 2, text: `${place} · ${exercise.title}` },
    ...storyBlocks(exercise.story, written),
  ];
  return [
    // A heading and a story stand with the first part.
    { kind: 'together', blocks: [...head, ...(first ?? [])] },
    ...rest.map((blocks): PaperBlock => ({ kind: 'together', blocks })),
  ];
}

interface PartForm {
  readonly written: Readonly<Record<string, string>>;
  readonly style: NumberStyle;
  readonly rules: HouseRules;
  readonly form: SheetForm;
  readonly share: number;
}

function partBlocks(
  part: Part,
  exercise: Exercise,
  numbers: Numbers,
  { written, style, rules, form, share }: PartForm,
): PaperBlock[] {
  const question: PaperBlock = {
    kind: 'text',
    pieces: [{ text: `${part.id}  `, strong: true }, { text: fillText(part.prompt, written) }],
    beside: marksInWords(roundTo(part.marks * share, 2)),
  };
  const room: PaperBlock[] = form.room > 0 ? [{ kind: 'room', height: form.room }] : [];
  if (part.ask.quantity === 'table') {
    const keyed = answerKeyOf(exercise, part.id, numbers, rules);
    return [question, ...(keyed.ok && keyed.value.table ? [tableBlock(keyed.value.table, style)] : []), ...room];
  }
  if (part.ask.quantity === 'by-hand') return [question, ...room];
  return [
    question,
    ...room,
    ...(form.entered ? [{ kind: 'boxes', labels: enteredLabels } as const] : []),
    ...(form.boxes ? [{ kind: 'boxes', labels: ['Answer'] } as const] : []),
  ];
}

/** A table as it is asked, given cells written and blank ones empty; filled in with the key's; or empty in every cell. */
export function tableBlock(
  { columns, rows, totals }: KeyTable,
  style: NumberStyle,
  show: 'asked' | 'filled' | 'empty' = 'asked',
): PaperBlock {
  const cellOf = ({ blank, text, value }: KeyTable['rows'][number][number]): PaperCell =>
    show === 'empty' || (blank && show === 'asked')
      ? { text: '', blank: true }
      : { text: text ?? writeMoney(value, style) };
  const total = columns.map(({ column }): PaperCell => {
    const cell = totals.find((each) => each.column === column);
    return cell ? cellOf(cell) : { text: '' };
  });
  return {
    kind: 'table',
    head: [{ text: 'No.', words: true }, ...columns.map(({ name }) => ({ text: name }))],
    rows: [
      ...rows.map((cells): PaperCell[] => [{ text: String(cells[0]?.row ?? ''), words: true }, ...cells.map(cellOf)]),
      ...(totals.length > 0 ? [[{ text: 'Total', words: true } as PaperCell, ...total]] : []),
    ],
  };
}
