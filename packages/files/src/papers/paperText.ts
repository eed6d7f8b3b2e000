/** A paper as Markdown with TeX, and as a page of HTML with MathML: for mail, course pages and notes. */

import type { Paper, PaperBlock, PaperCell, PaperText } from '@hardy-sextant/core';
import type { FileKind } from '../format.ts';
import { xmlText } from '../xmlTree.ts';
import { formulaSetter, type FormulaSetter } from './formula.ts';

/** Signs that Markdown would read as something else. */
export const escaped = (text: string): string => text.replace(/([\\`*_[\]<>#|$])/g, '\\$1');

/** @returns the text of the file */
export function paperMarkdown({ sheets }: Paper): string {
  return `${sheets
    .map(({ blocks, code, who }) =>
      [...blocks.map(blockMarkdown), ...(code === undefined ? [] : [escaped(`${who ?? ''} · ${code}`)])]
        .filter((each) => each !== '')
        .join('\n\n'),
    )
    .join('\n\n---\n\n')}\n`;
}

function blockMarkdown(block: PaperBlock): string {
  switch (block.kind) {
    case 'heading':
      return `${'#'.repeat(block.level)} ${escaped(block.text)}`;
    case 'text':
      return `${piecesMarkdown(block.pieces)}${block.beside === undefined ? '' : ` (${escaped(block.beside)})`}`;
    case 'formula':
      return `$$${block.tex}$$`;
    case 'list':
      return block.items.map((item, at) => `${block.ordered ? `${at + 1}.` : '-'} ${piecesMarkdown(item)}`).join('\n');
    case 'table':
      return tableMarkdown(block);
    case 'fields':
      return block.fields
        .map(({ label, value }) => `${label}: ${value === '' ? '\\_\\_\\_\\_\\_\\_\\_\\_' : escaped(value)}`)
        .join('  \n');
    case 'boxes':
      return block.labels.map((label) => `${escaped(label)}: \\_\\_\\_\\_\\_\\_\\_\\_`).join(' · ');
    case 'room':
      return '';
    case 'together':
      return block.blocks
        .map(blockMarkdown)
        .filter((each) => each !== '')
        .join('\n\n');
  }
}

const piecesMarkdown = (pieces: readonly PaperText[]): string =>
  pieces
    .map(({ text, tex, strong, italic, code }) => {
      if (tex !== undefined) return `$${tex}$`;
      if (code) return `\`${text.replaceAll('`', 'ˋ')}\``;
      const bare = escaped(text);
      const [, before = '', inner = '', after = ''] = /^(\s*)([\s\S]*?)(\s*)$/.exec(bare) ?? [];
      const mark = strong ? '**' : italic ? '*' : '';
      return inner === '' ? bare : `${before}${mark}${inner}${mark}${after}`;
    })
    .join('');

/** Rows of the same width; a table without a head has an empty one. */
export function tableMarkdown({ head, rows }: Pick<Extract<PaperBlock, { kind: 'table' }>, 'head' | 'rows'>): string {
  const count = Math.max(0, head.length, ...rows.map(({ length }) => length));
  if (count === 0) return '';
  const line = (cells: readonly PaperCell[]): string =>
    `| ${Array.from({ length: count }, (_, at) => escaped(cells[at]?.text ?? '')).join(' | ')} |`;
  const sides = Array.from({ length: count }, (_, at) => ((head[at] ?? rows[0]?.[at])?.words ? '---' : '--:'));
  return [line(head), `| ${sides.join(' | ')} |`, ...rows.map(line)].join('\n');
}

/** @returns a page of its own, without scripts or anything from elsewhere */
export async function paperHtml({ title, sheets }: Paper): Promise<string> {
  const formula = await formulaSetter();
  const body = sheets
    .map(({ blocks, code, who }) => {
      const foot = code === undefined ? '' : `<footer>${xmlText(`${who ?? ''} · ${code}`)}</footer>`;
      return `<article>\n${blocks.map((block) => blockHtml(block, formula)).join('\n')}\n${foot}</article>`;
    })
    .join('\n');
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${xmlText(title)}</title>
<style>
body { max-width: 46rem; margin: 2rem auto; padding: 0 1rem; font-family: Georgia, serif; line-height: 1.45; }
article + article { margin-top: 3rem; border-top: 1px solid; break-before: page; }
table { border-collapse: collapse; margin: 0.5rem 0; }
th, td { padding: 0.15rem 0.5rem; border-bottom: 1px solid #b9b4a4; text-align: right; }
.words { text-align: left; }
.blank { min-width: 4rem; border: 1px solid #b9b4a4; }
.soft, footer { color: #5b6a72; font-size: 0.9em; }
.beside { float: right; }
</style>
</head>
<body>
${body}
</body>
</html>
`;
}

function blockHtml(block: PaperBlock, formula: FormulaSetter): string {
  switch (block.kind) {
    case 'heading':
      return `<h${block.level}>${xmlText(block.text)}</h${block.level}>`;
    case 'text': {
      const beside = block.beside === undefined ? '' : `<span class="beside soft">${xmlText(block.beside)}</span>`;
      return `<p${block.soft ? ' class="soft"' : ''}>${beside}${piecesHtml(block.pieces, formula)}</p>`;
    }
    case 'formula':
      return `<p>${formula(block.tex, true)?.mathml ?? xmlText(block.tex)}</p>`;
    case 'list': {
      const tag = block.ordered ? 'ol' : 'ul';
      return `<${tag}>${block.items.map((item) => `<li>${piecesHtml(item, formula)}</li>`).join('')}</${tag}>`;
    }
    case 'table': {
      const cell = (tag: string) => (each: PaperCell) =>
        `<${tag}${each.blank ? ' class="blank"' : each.words ? ' class="words"' : ''}>${xmlText(each.text)}</${tag}>`;
      const head = block.head.length > 0 ? `<thead><tr>${block.head.map(cell('th')).join('')}</tr></thead>` : '';
      const rows = block.rows.map((cells) => `<tr>${cells.map(cell('td')).join('')}</tr>`).join('');
      return `<table>${head}<tbody>${rows}</tbody></table>`;
    }
    case 'fields':
      return `<p>${block.fields.map(({ label, value }) => `${xmlText(label)} <strong>${xmlText(value === '' ? '____________' : value)}</strong>`).join(' &#160; ')}</p>`;
    case 'boxes':
      return `<p>${block.labels.map((label) => `${xmlText(label)} ________`).join(' &#160; ')}</p>`;
    case 'room':
      return `<div style="height:${block.height}mm"></div>`;
    case 'together':
      return `<section style="break-inside:avoid">${block.blocks.map((each) => blockHtml(each, formula)).join('\n')}</section>`;
  }
}

const piecesHtml = (pieces: readonly PaperText[], formula: FormulaSetter): string =>
  pieces
    .map(({ text, tex, strong, italic, code }) => {
      if (tex !== undefined) return formula(tex, false)?.mathml ?? xmlText(tex);
      const bare = xmlText(text);
      if (code) return `<code>${bare}</code>`;
      return strong ? `<strong>${bare}</strong>` : italic ? `<em>${bare}</em>` : bare;
    })
    .join('');

export const paperAsMarkdown = {
  id: 'paper-markdown',
  name: 'Markdown with TeX',
  type: 'text/markdown;charset=utf-8',
  ending: 'md',
  writes: paperMarkdown,
} satisfies FileKind & Record<string, unknown>;

export const paperAsHtml = {
  id: 'paper-html',
  name: 'HTML with MathML',
  type: 'text/html;charset=utf-8',
  ending: 'html',
  writes: paperHtml,
} satisfies FileKind & Record<string, unknown>;
