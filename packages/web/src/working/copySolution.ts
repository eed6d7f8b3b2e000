/** A solution on the clipboard: as plain text with formulas in TeX, or with formulas as MathML for documents that take it. */

import {
  solutionText,
  stepsAt,
  type Detail,
  type DrawnPiece,
  type Step,
  type Way,
  type WorkedSolution,
} from '@hardy-sextant/core';

export async function copyAsText(solution: WorkedSolution, ways: readonly Way[], detail: Detail): Promise<void> {
  await navigator.clipboard.writeText(solutionText(solution, ways, detail));
}

export async function copyWithMathml(solution: WorkedSolution, ways: readonly Way[], detail: Detail): Promise<void> {
  const html = await solutionHtml(solution, ways, detail);
  await navigator.clipboard.write([
    new ClipboardItem({
      'text/html': new Blob([html], { type: 'text/html' }),
      'text/plain': new Blob([solutionText(solution, ways, detail)], { type: 'text/plain' }),
    }),
  ]);
}

/** The solution as a piece of HTML whose formulas are MathML. */
export async function solutionHtml(solution: WorkedSolution, ways: readonly Way[], detail: Detail): Promise<string> {
  const { default: katex } = await import('katex');
  const mathml = (tex: string): string =>
    katex.renderToString(tex, { output: 'mathml', displayMode: true, throwOnError: false });
  const steps = (all: readonly Step[]): string =>
    stepsAt(all, detail)
      .map(
        (step) => `<li>${stepHtml(step, mathml)}${step.because ? `<br><small>${safe(step.because)}</small>` : ''}</li>`,
      )
      .join('');
  const facts =
    detail === 'answer'
      ? ''
      : `<ul>${solution.facts.map(({ name, written }) => `<li>${safe(name)}: ${safe(written)}</li>`).join('')}</ul><ol>${steps(solution.setting)}</ol>`;
  return `<h2>${safe(solution.title)}</h2>${facts}${ways.map((way) => `<h3>${safe(way.title)}</h3><ol>${steps(way.steps)}</ol>`).join('')}`;
}

function stepHtml(step: Step, mathml: (tex: string) => string): string {
  switch (step.kind) {
    case 'says':
      return safe(step.text);
    case 'answer':
      return `<strong>${safe(step.text)}</strong>`;
    case 'formula':
      return mathml(step.tex);
    case 'line':
      return `<code>${safe(step.line)}</code>`;
    case 'entries':
      return table(step.rows.map(({ name, enter, because }) => [name, enter, because]));
    case 'sheet':
      return `${table(step.cells.map(({ at, label, content }) => [at, label, content]))}<code>${safe(step.formula)}</code>`;
    case 'drawn':
      return `<b>${safe(step.title)}</b> ${safe(textOf(step.sentence))}<br><code>${safe(textOf(step.formula))}</code>`;
    case 'rows':
      return table([step.columns, ...step.rows.map((row) => (row === 'gap' ? ['…'] : row))]);
  }
}

const textOf = (pieces: readonly DrawnPiece[]): string => pieces.map(({ text }) => text).join('');

function table(rows: readonly (readonly string[])[]): string {
  return `<table>${rows.map((row) => `<tr>${row.map((cell) => `<td>${safe(cell)}</td>`).join('')}</tr>`).join('')}</table>`;
}

function safe(text: string): string {
  return text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');
}
