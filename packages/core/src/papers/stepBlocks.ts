/** Steps of a worked solution as blocks of a paper. */

import type { Step } from '../working/solution.ts';
import type { DrawnSheet } from '../working/worksheet/drawn.ts';
import { plain, type PaperBlock, type PaperCell } from './paper.ts';

const word = (text: string): PaperCell => ({ text, words: true });

/** Each step with its reason stays on one page. A worksheet that is built step by step is drawn once, as it stands at the end. */
export function stepBlocks(steps: readonly Step[]): PaperBlock[] {
  const lastDrawn = steps.findLast(({ kind }) => kind === 'drawn');
  return steps.map((step): PaperBlock => {
    const because: PaperBlock[] = step.because ? [{ kind: 'text', pieces: plain(step.because), soft: true }] : [];
    return { kind: 'together', blocks: [...bodyOf(step, step === lastDrawn), ...because] };
  });
}

function bodyOf(step: Step, isDrawn: boolean): PaperBlock[] {
  switch (step.kind) {
    case 'says':
      return [{ kind: 'text', pieces: plain(step.text) }];
    case 'answer':
      return [{ kind: 'text', pieces: [{ text: step.text, strong: true }] }];
    case 'formula':
      return [{ kind: 'formula', tex: step.tex }];
    case 'line':
      return [{ kind: 'text', pieces: [{ text: 'Type  ' }, { text: step.line, code: true }] }];
    case 'entries':
      return [
        {
          kind: 'table',
          head: [word('Value'), { text: 'Enter' }, word('Because')],
          rows: step.rows.map(({ name, enter, because }) => [word(name), { text: enter }, word(because)]),
        },
      ];
    case 'sheet':
      return [
        {
          kind: 'table',
          head: [],
          rows: step.cells.map(({ at, label, content }) => [word(at), word(label), { text: content }]),
        },
        { kind: 'text', pieces: [{ text: step.formula, code: true }] },
        ...(step.meanings.length === 0
          ? []
          : [
              {
                kind: 'table' as const,
                head: [],
                rows: step.meanings.map(({ argument, means }) => [word(argument), word(means)]),
              },
            ]),
      ];
    case 'rows':
      return [
        {
          kind: 'table',
          head: step.columns.map((text) => ({ text })),
          rows: step.rows.map((row) => (row === 'gap' ? [{ text: '…' }] : row.map((text) => ({ text })))),
        },
      ];
    case 'drawn':
      return [
        { kind: 'text', pieces: [{ text: `${step.title}: `, strong: true }, ...plain(joined(step.sentence))] },
        ...(step.formula.length === 0
          ? []
          : [{ kind: 'text' as const, pieces: [{ text: joined(step.formula), code: true as const }] }]),
        ...(step.note === '' ? [] : [{ kind: 'text' as const, pieces: plain(step.note), soft: true as const }]),
        ...(isDrawn ? drawnBlocks(step.sheet) : []),
      ];
  }
}

/** What stands in the worksheet by then. */
function drawnBlocks({ inputs, titles, rows }: DrawnSheet): PaperBlock[] {
  const known: PaperBlock[] =
    inputs.length === 0
      ? []
      : [
          {
            kind: 'table',
            head: [],
            rows: inputs.map(({ at, label, shows }) => [word(at), word(label), { text: shows }]),
          },
        ];
  if (titles.length === 0) return known;
  return [
    ...known,
    {
      kind: 'table',
      head: titles.map((text) => ({ text })),
      rows: rows.map((row) => (row === 'gap' ? [{ text: '…' }] : row.map(({ shows }) => ({ text: shows })))),
    },
  ];
}

const joined = (pieces: readonly { readonly text: string }[]): string => pieces.map(({ text }) => text).join('');
