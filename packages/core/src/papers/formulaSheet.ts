/** A formula sheet: the formulas that a set needs in the class's letters, what the letters stand for, and the functions of a worksheet. */

import { answerKey } from '../exercise/answerKey.ts';
import type { Exercise } from '../exercise/exercise.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
import { letterNames, letterWords } from '../exercise/writing.ts';
import { numberStyleById } from '../money/numberStyle.ts';
import { capital } from '../capital.ts';
import { workedSolution } from '../working/workedSolution.ts';
import type { PaperBlock, PaperSheet } from './paper.ts';
import { headOf, type SetOnPaper } from './questionSheet.ts';

export function formulaSheet(set: SetOnPaper, exercises: readonly Exercise[], rules: HouseRules): PaperSheet {
  const [title, facts] = headOf({ ...set, title: `Formulas: ${set.title}` }, undefined);
  return { blocks: [title!, facts!, ...formulaBlocks(exercises, rules)] };
}

/** The formulas alone, to stand at the end of a question sheet. */
export function formulaBlocks(exercises: readonly Exercise[], rules: HouseRules): PaperBlock[] {
  const { formulas, functions } = neededBy(exercises, rules);
  const { letters, sheet } = rules.writing;
  const list: PaperBlock[] =
    formulas.length === 0
      ? []
      : [
          { kind: 'heading', level: 2, text: 'Formulas' },
          ...formulas.map((tex): PaperBlock => ({ kind: 'formula', tex })),
          {
            kind: 'table',
            head: [],
            rows: letterNames
              .filter((name) => formulas.some((tex) => hasLetter(tex, letters[name])))
              .map((name) => [
                { text: letters[name], words: true },
                { text: capital(letterWords[name]), words: true },
              ]),
          },
        ];
  if (functions.length === 0) return list;
  return [
    ...list,
    { kind: 'heading', level: 2, text: 'Functions of a worksheet' },
    {
      kind: 'table',
      head: [],
      rows: functions.map((name) => [
        { text: `${name}(${functionArguments[name]!.join(`${sheet.separator} `)})`, words: true },
      ]),
    },
  ];
}

/** Whether a letter stands in a formula by itself, and not within the name of a command. */
const hasLetter = (tex: string, letter: string): boolean =>
  new RegExp(`(^|[^a-zA-Z\\\\])${letter}($|[^a-zA-Z])`).test(tex.replace(/\\[a-zA-Z]+/g, ' '));

/** Arguments of the functions of OpenFormula that finance needs, those in brackets may be left out. */
const functionArguments: Readonly<Record<string, readonly string[]>> = {
  PMT: ['rate', 'nper', 'pv', '[fv]', '[type]'],
  PV: ['rate', 'nper', 'pmt', '[fv]', '[type]'],
  FV: ['rate', 'nper', 'pmt', '[pv]', '[type]'],
  NPER: ['rate', 'pmt', 'pv', '[fv]', '[type]'],
  RATE: ['nper', 'pmt', 'pv', '[fv]', '[type]', '[guess]'],
  IPMT: ['rate', 'period', 'nper', 'pv', '[fv]', '[type]'],
  PPMT: ['rate', 'period', 'nper', 'pv', '[fv]', '[type]'],
  CUMIPMT: ['rate', 'nper', 'pv', 'start', 'end', 'type'],
  CUMPRINC: ['rate', 'nper', 'pv', 'start', 'end', 'type'],
  EFFECT: ['nominal rate', 'periods a year'],
  NOMINAL: ['effective rate', 'periods a year'],
  ROUND: ['number', 'decimals'],
  ROUNDUP: ['number', 'decimals'],
};

/** What the worked solutions of the exercises use, each once, in the order in which it is needed first. */
function neededBy(exercises: readonly Exercise[], rules: HouseRules) {
  const formulas = new Set<string>();
  const functions = new Set<string>();
  const style = numberStyleById(rules.numberStyle);
  for (const exercise of exercises)
    for (const keyed of answerKey(exercise, {}, rules)) {
      if (!keyed.ok) continue;
      for (const question of keyed.value.questions) {
        const { ways } = workedSolution(question, { style, writing: rules.writing });
        for (const { id, steps, line } of ways) {
          for (const step of steps) if (step.kind === 'formula' && step.general) formulas.add(step.tex);
          if (id !== 'sheet-function') continue;
          for (const [, name] of (line ?? '').matchAll(/\b([A-Z]+)\(/g))
            if (name !== undefined && name in functionArguments) functions.add(name);
        }
      }
    }
  return { formulas: [...formulas], functions: [...functions] };
}
