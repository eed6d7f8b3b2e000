/** Worked solutions of a set on paper: every part worked in the class's form, with the numbers of the sheet. */

import { answerKey, type KeyedPart } from '../exercise/answerKey.ts';
import type { Exercise, Numbers, Part } from '../exercise/exercise.ts';
import { givensInForce } from '../exercise/givens.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
import { fillText } from '../exercise/story.ts';
import { numberStyleById } from '../money/numberStyle.ts';
import type { Result } from '../result.ts';
import type { EnteringStyle } from '../working/enteringStyle.ts';
import { partWorking } from '../working/partWorking.ts';
import { stepsAt, type Detail, type Step, type Way, type WayId, type WorkedSolution } from '../working/solution.ts';
import { workedSolution } from '../working/workedSolution.ts';
import { plain, type PaperBlock, type PaperSheet } from './paper.ts';
import { headOf, tableBlock, type AskedExercise, type SetOnPaper } from './questionSheet.ts';
import { stepBlocks } from './stepBlocks.ts';
import { storyBlocks } from './storyBlocks.ts';

export interface SolutionForm {
  /** The way that is shown where a part has it; its first one elsewhere. */
  readonly way: WayId;
  readonly detail: Exclude<Detail, 'answer'>;
  readonly entering: EnteringStyle;
}

/** @param who whose numbers they are; nothing where they are for all */
export function solutionSheet(
  set: SetOnPaper,
  exercises: readonly AskedExercise[],
  rules: HouseRules,
  form: SolutionForm,
  who?: { readonly who: string; readonly code: string },
): PaperSheet {
  const [title, facts] = headOf({ ...set, title: `Worked solutions: ${set.title}` }, undefined);
  return {
    ...(who ?? {}),
    blocks: [
      title!,
      facts!,
      ...(who ? [{ kind: 'text', pieces: plain(`${who.who} · ${who.code}`), soft: true } as const] : []),
      ...exercises.flatMap(({ exercise, numbers }, at) => exerciseBlocks(exercise, numbers, rules, form, at + 1)),
    ],
  };
}

function exerciseBlocks(
  exercise: Exercise,
  numbers: Numbers,
  rules: HouseRules,
  form: SolutionForm,
  place: number,
): PaperBlock[] {
  const key = answerKey(exercise, numbers, rules);
  const setUp = new Set<string>();
  const { written } = givensInForce(exercise, numbers, numberStyleById(rules.numberStyle));
  return [
    {
      kind: 'together',
      blocks: [
        { kind: 'heading', level: 2, text: `${place} · ${exercise.title}` },
        ...storyBlocks(exercise.story, written),
      ],
    },
    ...exercise.parts.flatMap((part, at) => {
      const before = { key, setUp };
      const question: PaperBlock = {
        kind: 'text',
        pieces: [{ text: `${part.id}  ${fillText(part.prompt, written)}`, strong: true }],
      };
      const [first, ...rest] = partBlocks(exercise, part, key[at], before, rules, form);
      // A question does not stand alone at the end of a page.
      return [{ kind: 'together', blocks: [question, ...(first ? [first] : [])] } as const, ...rest];
    }),
  ];
}

function partBlocks(
  exercise: Exercise,
  part: Part,
  keyed: Result<KeyedPart> | undefined,
  { key, setUp }: { readonly key: readonly Result<KeyedPart>[]; readonly setUp: Set<string> },
  rules: HouseRules,
  form: SolutionForm,
): PaperBlock[] {
  if (!keyed?.ok)
    return [
      {
        kind: 'text',
        pieces: plain(`Part ${part.id} has no answer: ${keyed?.problem.message ?? 'it has no key.'}`),
        soft: true,
      },
    ];
  if (part.ask.quantity === 'by-hand')
    return [
      { kind: 'list', ordered: false, items: part.ask.rubric.map(({ says, marks }) => plain(`${says} (${marks})`)) },
    ];
  const style = numberStyleById(rules.numberStyle);
  const { before, sides, after } = partWorking(exercise, keyed.value, key, rules);
  const shown = (steps: readonly Step[]): PaperBlock[] => stepBlocks(stepsAt(steps, form.detail));
  const worked = sides.flatMap(({ name, question }) => {
    const solution = workedSolution(question, { style, entering: form.entering, writing: rules.writing });
    const way = chosenWay(solution, form.way);
    return [
      ...(name === '' ? [] : [{ kind: 'heading', level: 3, text: name } as const]),
      // What a part before has set up already is not set up again.
      ...shown(solution.setting.filter((step) => isNew(JSON.stringify(step), setUp))),
      ...(way ? shown(way.steps) : []),
    ];
  });
  const table: PaperBlock[] = keyed.value.table ? [tableBlock(keyed.value.table, style, 'filled')] : [];
  return [...shown(before), ...worked, ...table, ...shown(after)];
}

const isNew = (step: string, setUp: Set<string>): boolean => !setUp.has(step) && !!setUp.add(step);

const chosenWay = ({ ways }: WorkedSolution, wanted: WayId): Way | undefined =>
  ways.find(({ id }) => id === wanted) ?? ways[0];
