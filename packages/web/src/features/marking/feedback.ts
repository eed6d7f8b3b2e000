/** What a student reads about their answers: the verdict, the cause in words, the marks, the working with their own numbers. */

import {
  answerKeyOf,
  fillText,
  givensInForce,
  numberStyleById,
  slipById,
  stepsAt,
  storyText,
  workedSolution,
  type EnteringStyle,
  type HouseRules,
  type Step,
  type VerdictKind,
  roundTo,
  itemShare,
  markedParts,
  totalOf,
} from '@hardy-sextant/core';
import { type MarkedStudent, type Marking, type SlipText } from '@hardy-sextant/contract';

export interface FeedbackPart {
  readonly id: string;
  readonly prompt: string;
  readonly answer: string;
  readonly kind: VerdictKind;
  readonly verdict: string;
  /** What to know about it, in sentences. */
  readonly says: readonly string[];
  readonly comment: string;
  readonly marks: string;
  readonly working: readonly Step[];
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
  right: 'Right.',
  'right-rounded': 'Right, written more coarsely than was asked.',
  reading: 'Right for another reading of the question.',
  carried: 'Right, given your earlier answer.',
  slip: 'Not right, and we can say where it comes from.',
  'carried-slip': 'Not right from your earlier answer either, and we can say where it comes from.',
  unexplained: 'Not right, and we do not know where the number comes from. Compare it with the working.',
  'no-key': 'This could not be judged.',
};

/** The words about a slip: the instructor's own where there are any. */
export function wordsAbout(slipId: string, texts: readonly SlipText[]): string {
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
  marking: Marking,
  student: MarkedStudent,
  rules: HouseRules,
  texts: readonly SlipText[],
  entering: EnteringStyle,
  working: boolean,
): Feedback {
  const style = numberStyleById(rules.numberStyle);
  const total = totalOf(marking, student);
  return {
    name: student.name,
    number: student.number,
    total: `${plain(total.marks)} of ${plain(total.of)}`,
    exercises: marking.set.assignedExercises.map((assigned) => {
      const { exercise } = assigned;
      const numbers = student.numbers[assigned.itemId] ?? {};
      const { written } = givensInForce(exercise, numbers, style);
      const share = itemShare(marking, assigned.itemId);
      return {
        title: exercise.title,
        story: storyText(exercise.story, written).trim(),
        parts: markedParts(student, assigned, marking.accepted, share).map(
          ({ part, text, verdict, decision, marks }) => {
            const cause = ['slip', 'carried-slip', 'carried'].includes(verdict.kind)
              ? verdict.explanations[0]
              : undefined;
            const advice = cause && verdict.kind !== 'carried' ? cause.slips.map((id) => wordsAbout(id, texts)) : [];
            const showsWorking = working && !['right', 'right-rounded'].includes(verdict.kind);
            const keyed = showsWorking ? answerKeyOf(exercise, part.id, numbers, rules) : undefined;
            const question = keyed?.ok ? keyed.value.question : undefined;
            const solution =
              question && !(keyed?.ok && keyed.value.table) ? workedSolution(question, { style, entering }) : undefined;
            const sure =
              verdict.explanations.length > 1 && verdict.kind !== 'carried' ? ['Another cause may fit as well.'] : [];
            return {
              id: part.id,
              prompt: fillText(part.prompt, written),
              answer: verdict.cells ? (verdict.says ?? 'a table') : text,
              kind: verdict.kind,
              verdict: words[verdict.kind],
              says: [
                ...(cause ? [toYou(cause.says)] : []),
                ...advice,
                ...sure,
                ...(verdict.wrongEntered ? [verdict.wrongEntered.says] : []),
              ].filter((each) => each !== ''),
              comment: decision?.comment ?? '',
              marks: `${plain(marks)} of ${plain(part.marks * share)}`,
              working: solution
                ? [...stepsAt(solution.setting, 'steps'), ...stepsAt(solution.ways[0]!.steps, 'steps')]
                : [],
            };
          },
        ),
      };
    }),
  };
}

/** The same as plain text, for a message. */
export function feedbackText(title: string, feedback: Feedback): string {
  const lines = [`${title}: ${feedback.name}, ${feedback.total} marks`];
  for (const [at, { title: name, parts }] of feedback.exercises.entries()) {
    lines.push('', `${at + 1}. ${name}`);
    for (const { id, prompt, answer, verdict, says, comment, marks } of parts) {
      lines.push(`${id}) ${prompt}`, `   Your answer: ${answer || '–'}. ${verdict} ${marks} marks.`);
      for (const each of says) lines.push(`   ${each}`);
      if (comment !== '') lines.push(`   ${comment}`);
    }
  }
  return lines.join('\n');
}
