/** Runs of words without which a pattern cannot match: most cues need not be looked for at all. */

import { writtenOut } from './pattern.ts';
import { LEAST_LETTERS } from './wordIndex.ts';

/** One of them must be there. */
type AnyOf = readonly string[];

/** Where a group, a class or an escape that begins at a place ends. */
function endOf(source: string, at: number): number {
  const first = source[at];
  if (first === '\\') return at + 2;
  if (first === '[') {
    let end = at + 1;
    while (end < source.length && source[end] !== ']') end += source[end] === '\\' ? 2 : 1;
    return end + 1;
  }
  if (first !== '(') return at + 1;
  let end = at + 1;
  while (end < source.length && source[end] !== ')') end = endOf(source, end);
  return end + 1;
}

const quantifier = /^(?:[?*+]|\{\d+(?:,\d*)?\})\??/;

/** Marks of tokens, and gaps. */
const mark = /^(?:\{([a-z]+)\}|<\[?([a-z]+)\]?>|~+)/;

/** What stands for itself; a blank stands for any in a line, as in the text that is looked through. */
const itself = /^[a-z0-9 ',;:%-]$/;

/** What tells most: the longer the shortest of its words is. */
const leastOf = (row: AnyOf): number => Math.min(...row.map(({ length }) => length));
const best = (rows: readonly AnyOf[]): AnyOf | undefined =>
  rows.reduce<AnyOf | undefined>((most, row) => (most && leastOf(most) >= leastOf(row) ? most : row), undefined);

/** What stands one behind the other must all be there. */
function ofSequence(source: string): AnyOf[] {
  const rows: AnyOf[] = [];
  let run = '';
  const close = (): void => {
    if (run.length >= LEAST_LETTERS) rows.push([run]);
    run = '';
  };
  for (let at = 0; at < source.length;) {
    const marked = mark.exec(source.slice(at));
    const end = marked ? at + marked[0].length : endOf(source, at);
    const often = quantifier.exec(source.slice(end))?.[0] ?? '';
    const mayMiss = /^[?*]|^\{0/.test(often);
    const part = source.slice(at, end);
    const forms = marked?.[1] ?? marked?.[2];
    if (forms !== undefined && often === '') {
      if (forms.length === 1) run += `⟨${forms}`;
      close();
      // "Each month-end": more may stand behind those.
      if (!/^[ea]+$/.test(forms)) run = '⟩';
    } else if (itself.test(part) && often === '') run += part;
    else {
      close();
      const inner = /^\((?:\?:)?(?!\?)([\s\S]*)\)$/.exec(part)?.[1];
      if (inner !== undefined && !mayMiss) rows.push(...ofAlternatives(inner));
    }
    at = end + often.length;
  }
  close();
  return rows;
}

/** Of several one is there: each must tell, by what tells most of it. */
function ofAlternatives(source: string): AnyOf[] {
  const parts: string[] = [];
  let from = 0;
  for (let at = 0; at < source.length; at = endOf(source, at))
    if (source[at] === '|') {
      parts.push(source.slice(from, at));
      from = at + 1;
    }
  const each = [...parts, source.slice(from)].map(ofSequence);
  if (each.length === 1) return each[0]!;
  const told = each.map(best);
  return told.every((row) => row !== undefined) ? [told.flat()] : [];
}

/**
 * @param source as `pattern` takes it
 * @returns rows, of each of which one run must be there, the row that tells most in front; none where nothing is known
 */
export const requiredWords = (source: string): readonly AnyOf[] =>
  ofAlternatives(writtenOut(source)).sort((one, other) => leastOf(other) - leastOf(one));
