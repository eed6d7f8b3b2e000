/** A worked solution as plain text, formulas as TeX between dollar signs, for pasting elsewhere. */

import { stepsAt, type Detail, type Step, type Way, type WorkedSolution } from './solution.ts';

/** The chosen ways of a solution as text. */
export function solutionText(solution: WorkedSolution, ways: readonly Way[], detail: Detail): string {
  const lines: string[] = [solution.title, ''];
  if (detail !== 'answer') {
    for (const { name, written, from } of solution.facts)
      lines.push(`${name}: ${written}${detail === 'reasons' ? ` (${from})` : ''}`);
    lines.push('');
    for (const step of stepsAt(solution.setting, detail)) lines.push(...stepLines(step));
  }
  for (const way of ways) {
    if (detail !== 'answer') lines.push('', way.title);
    for (const step of stepsAt(way.steps, detail)) lines.push(...stepLines(step));
  }
  return `${lines
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim()}\n`;
}

/** Steps alone, a line or more each. */
export const stepsText = (steps: readonly Step[]): string[] => steps.flatMap(stepLines);

function stepLines(step: Step): string[] {
  const because = step.because ? [`  ${step.because}`] : [];
  switch (step.kind) {
    case 'says':
    case 'answer':
      return [step.text, ...because];
    case 'formula':
      return [`$${step.tex}$`, ...because];
    case 'line':
      return [`Type: ${step.line}`, ...because];
    case 'entries':
      return [...step.rows.map(({ name, enter, because: why }) => `${name}\t${enter}\t${why}`), ...because];
    case 'sheet':
      return [...step.cells.map(({ at, label, content }) => `${at}\t${label}\t${content}`), step.formula, ...because];
    case 'drawn':
      return [`${step.title}: ${joined(step.sentence)}`, joined(step.formula), step.note].filter((line) => line !== '');
    case 'rows':
      return [step.columns.join('\t'), ...step.rows.map((row) => (row === 'gap' ? '…' : row.join('\t'))), ...because];
  }
}

const joined = (pieces: readonly { readonly text: string }[]): string => pieces.map(({ text }) => text).join('');
