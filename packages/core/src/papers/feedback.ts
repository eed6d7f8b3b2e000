/** What a student reads about their answers: the verdict, the cause in words, the marks, the working with their own numbers. */

import { nth } from '../nth.ts';
import { roundTo } from '../money/roundMoney.ts';
import { numberStyleById } from '../money/numberStyle.ts';
import { answerKeyOf } from '../exercise/answerKey.ts';
import type { Exercise, Numbers, Part } from '../exercise/exercise.ts';
import { givensInForce } from '../exercise/givens.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
import { fillText, storyText } from '../exercise/story.ts';
import type { EnteringStyle } from '../working/enteringStyle.ts';
import { stepsAt, type Step } from '../working/solution.ts';
import { stepsText } from '../working/solutionText.ts';
import { workedSolution, type WorkingOptions } from '../working/workedSolution.ts';
import { slipById } from '../checking/slips.ts';
import { wrongCells } from '../checking/tableVerdict.ts';
import type { Verdict, VerdictKind } from '../checking/verdict.ts';
import type { Decision } from '../marking/finalMark.ts';
import {
  itemShare,
  markedParts,
  totalOf,
  type AcceptedInSet,
  type SetToMark,
  type StudentToMark,
} from '../marking/totals.ts';
import type { PaperBlock } from './paper.ts';
import { stepBlocks } from './stepBlocks.ts';
import { tableBlock } from './questionSheet.ts';

/** A set with what was accepted in it, as feedback needs it. */
export interface MarkingOfSet {
  readonly set: SetToMark;
  readonly accepted: readonly AcceptedInSet[];
}

export interface FeedbackStudent extends StudentToMark {
  readonly name: string;
  readonly number: string;
  /** Own numbers, by place in the set. */
  readonly numbers: Readonly<Record<string, Numbers>>;
}

/** What students read about a slip, in the instructor's own words. */
export interface OwnSlipText {
  readonly slipId: string;
  readonly text: string;
}

export interface FeedbackPart {
  readonly id: string;
  readonly prompt: string;
  readonly answer: string;
  readonly kind: VerdictKind;
  readonly verdict: string;
  /** What to know about it, in sentences. */
  readonly says: readonly string[];
  readonly comment: string;
  /** The lines of a rubric, with whether the answer has them. */
  readonly rubric: readonly { readonly says: string; readonly has: boolean }[];
  readonly marks: string;
  readonly working: readonly Step[];
  /** The right table, where one was asked and is not right. */
  readonly table?: PaperBlock;
}

export interface FeedbackExercise {
  readonly title: string;
  readonly story: string;
  readonly parts: readonly FeedbackPart[];
}

export interface Feedback {
  readonly name: string;
  readonly number: string;
  readonly total: string;
  readonly exercises: readonly FeedbackExercise[];
}

const words: Readonly<Record<VerdictKind, string>> = {
  blank: 'Nothing was submitted.',
  unreadable: 'This could not be read as a number.',
  'shown-error': 'Your tool showed an error where a number is wanted.',
  right: 'Right.',
  'right-rounded': 'Right, written more coarsely than was asked.',
  'right-other-way': 'Right, by another way than your class’s own.',
  reading: 'Right for another reading of the question.',
  carried: 'Right, given your earlier answer.',
  slip: 'Not right, and we can say where it comes from.',
  'carried-slip': 'Not right from your earlier answer either, and we can say where it comes from.',
  unexplained: 'Not right, and we do not know where the number comes from. Compare it with the working.',
  'by-hand': 'Marked by your instructor.',
  'no-key': 'This could not be judged.',
};

/** The words about a slip: the instructor's own where there are any. */
export function wordsAbout(slipId: string, texts: readonly OwnSlipText[]): string {
  const own = texts.find((each) => each.slipId === slipId)?.text;
  return own !== undefined && own !== '' ? own : usualWords(slipId);
}

export function usualWords(slipId: string): string {
  return slipById(slipId)?.advice ?? '';
}

/** As a student is spoken to. */
const toYou = (text: string): string =>
  text.replaceAll('the student’s own', 'your own').replaceAll('the student', 'you');

const plain = (value: number): string => String(roundTo(value, 2));

export function feedbackFor(
  marking: MarkingOfSet,
  student: FeedbackStudent,
  rules: HouseRules,
  texts: readonly OwnSlipText[],
  entering: EnteringStyle,
  working: boolean,
): Feedback {
  const style = numberStyleById(rules.numberStyle);
  const total = totalOf(marking, student);
  const said = new Set<string>();
  return {
    name: student.name,
    number: student.number,
    total: `${plain(total.marks)} of ${plain(total.of)}`,
    exercises: marking.set.assignedExercises.map((assigned) => {
      const { exercise } = assigned;
      const numbers = student.numbers[assigned.itemId] ?? {};
      const { written } = givensInForce(exercise, numbers, style);
      const share = itemShare(marking, assigned.itemId);
      const own = ownOf(student, assigned.itemId);
      const worked = new Set<string>();
      return {
        title: exercise.title,
        story: storyText(exercise.story, written).trim(),
        parts: markedParts(student, assigned, marking.accepted, share).map(
          ({ part, text, verdict, decision, marks }) => {
            const isRight = ['right', 'right-rounded', 'right-other-way'].includes(verdict.kind);
            const asked: PartOf = { exercise, part, numbers, rules };
            const how = { style, entering, writing: rules.writing };
            const steps = working && !isRight ? workingFor(asked, verdict, own, how, worked) : [];
            const table = isRight ? undefined : rightTable(asked);
            return {
              id: part.id,
              prompt: fillText(part.prompt, written),
              answer: verdict.cells ? (verdict.says ?? 'a table') : text,
              kind: verdict.kind,
              verdict: words[verdict.kind],
              says: saidOf(verdict, texts, said),
              comment: decision?.comment ?? '',
              rubric: rubricOf(part, decision),
              marks: `${plain(marks)} of ${plain(part.marks * share)}`,
              working: steps,
              ...(table ? { table } : {}),
            };
          },
        ),
      };
    }),
  };
}

/** Sentences that have not been said yet; from here on they have. */
const notYet = (sentences: readonly string[], said: Set<string>): string[] =>
  sentences.filter((each) => !said.has(each) && !!said.add(each));

/** Once it is marked, what the answer has of the lines of its rubric. */
function rubricOf({ ask }: Part, decision: Decision | undefined): FeedbackPart['rubric'] {
  if (ask.quantity !== 'by-hand' || !decision?.lines) return [];
  return ask.rubric.map(({ id, says }) => ({ says, has: decision.lines!.includes(id) }));
}

/** The table as it is filled in rightly, where the part asks for one. */
function rightTable({ exercise, part, numbers, rules }: PartOf): PaperBlock | undefined {
  if (part.ask.quantity !== 'table') return undefined;
  const keyed = answerKeyOf(exercise, part.id, numbers, rules);
  if (!keyed.ok || !keyed.value.table) return undefined;
  return tableBlock(keyed.value.table, numberStyleById(rules.numberStyle), 'filled');
}

/** What to know about an answer, in sentences, each once; advice that was given for an answer before is not given again. */
function saidOf(verdict: Verdict, texts: readonly OwnSlipText[], said: Set<string>): string[] {
  const { kind, explanations, cells, says, wrongEntered } = verdict;
  const cause = ['slip', 'carried-slip', 'carried'].includes(kind) ? explanations[0] : undefined;
  const isCarried = kind === 'carried';
  return [
    ...new Set([
      ...(cause ? [toYou(cause.says)] : []),
      ...wrongCells(verdict),
      ...(kind === 'right-other-way' && says ? [says] : []),
      ...(cause && !isCarried && !cells
        ? notYet(
            cause.slips.map((id) => wordsAbout(id, texts)),
            said,
          )
        : []),
      ...(explanations.length > 1 && !isCarried && !cells ? ['Another cause may fit as well.'] : []),
      ...(wrongEntered ? [wrongEntered.says] : []),
    ]),
  ].filter((each) => each !== '');
}

interface PartOf {
  readonly exercise: Exercise;
  readonly part: Part;
  readonly numbers: Numbers;
  readonly rules: HouseRules;
}

/** What a student answered to the parts of an exercise, as numbers. */
function ownOf(student: FeedbackStudent, itemId: string): Record<string, number> {
  return Object.fromEntries(
    (student.verdicts?.[itemId] ?? []).flatMap(({ partId, read }) => (read === undefined ? [] : [[partId, read]])),
  );
}

/** The working with the student's numbers: where an answer is carried, from their own earlier one to the number they have. */
function workingFor(
  { exercise, part, numbers, rules }: PartOf,
  verdict: Verdict,
  own: Readonly<Record<string, number>>,
  how: WorkingOptions,
  worked: Set<string>,
): Step[] {
  const from = ['carried', 'carried-slip'].includes(verdict.kind) ? (verdict.explanations[0]?.carriedFrom ?? []) : [];
  const goesOn = Object.fromEntries(from.flatMap((id) => (own[id] === undefined ? [] : [[id, own[id]]])));
  const keyed = answerKeyOf(exercise, part.id, numbers, rules, goesOn);
  const question = keyed.ok && !keyed.value.table ? keyed.value.question : undefined;
  if (!question) return [];
  const { setting, ways } = workedSolution(question, how);
  const { decimals } = part.format;
  const theirs = ways.find(({ number }) => roundTo(number, decimals) === roundTo(verdict.read ?? NaN, decimals));
  const way = (verdict.kind === 'carried' ? theirs : undefined) ?? nth(ways, 0);
  // What a part before has set up already is not set up again.
  const fresh = stepsAt(setting, 'steps').filter((step) => notYet([JSON.stringify(step)], worked).length > 0);
  return [...fresh, ...stepsAt(way.steps, 'steps')];
}

/**
 * The working of one part with a student's numbers, as blocks: from own earlier answers where it is right that way, and the
 * table filled in where one was asked.
 *
 * @param verdicts of all parts, as the answers stand
 */
export function workingOfPart(
  exercise: Exercise,
  partId: string,
  numbers: Numbers,
  rules: HouseRules,
  entering: EnteringStyle,
  verdicts: readonly Verdict[],
): PaperBlock[] {
  const part = exercise.parts.find(({ id }) => id === partId);
  const verdict = verdicts.find((each) => each.partId === partId);
  if (!part || !verdict) return [];
  const asked: PartOf = { exercise, part, numbers, rules };
  const own = Object.fromEntries(verdicts.flatMap(({ partId: id, read }) => (read === undefined ? [] : [[id, read]])));
  const how = { style: numberStyleById(rules.numberStyle), entering, writing: rules.writing };
  const table = rightTable(asked);
  return [...(table ? [table] : []), ...stepBlocks(workingFor(asked, verdict, own, how, new Set()))];
}

/** The same as plain text, for a message. */
export function feedbackText(title: string, feedback: Feedback): string {
  const lines = [`${title}: ${feedback.name}, ${feedback.total} marks`];
  for (const [at, { title: name, story, parts }] of feedback.exercises.entries()) {
    lines.push('', `${at + 1}. ${name}`, story);
    for (const { id, prompt, answer, verdict, says, comment, marks, working, table } of parts) {
      lines.push(`${id}) ${prompt}`, `   Your answer: ${answer || '–'}. ${verdict} ${marks} marks.`);
      for (const each of says) lines.push(`   ${each}`);
      if (comment !== '') lines.push(`   ${comment}`);
      if (working.length > 0)
        lines.push('   The working, with your numbers:', ...stepsText(working).map((each) => `   ${each}`));
      if (table?.kind === 'table')
        lines.push(...[table.head, ...table.rows].map((cells) => `   ${cells.map(({ text }) => text).join('\t')}`));
    }
  }
  return lines.join('\n');
}
