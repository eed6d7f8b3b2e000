/** Words without one of which a pattern cannot match: most cues need not be looked for at all. */

import { widened, wordClasses } from './pattern.ts';

/** One of them must be there; nothing where no such words are known. */
type AnyOf = readonly string[] | undefined;

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

/** Marks and gaps: they stand for no letters of their own. */
const mark = /^(?:\{[a-z]+\}|<\[?[a-z]+\]?>|~+)/;

const better = (one: AnyOf, other: AnyOf): AnyOf => {
  const least = (words: AnyOf): number => Math.min(...(words ?? ['']).map(({ length }) => length));
  return least(other) > least(one) ? other : one;
};

/** Of what stands one behind the other, the part that tells most. */
function ofSequence(source: string): AnyOf {
  let best: AnyOf;
  let run = '';
  const close = (): void => {
    if (run.length >= 3) best = better(best, [run]);
    run = '';
  };
  for (let at = 0; at < source.length;) {
    const marked = mark.exec(source.slice(at))?.[0];
    const end = marked ? at + marked.length : endOf(source, at);
    const often = quantifier.exec(source.slice(end))?.[0] ?? '';
    const mayMiss = /^[?*]|^\{0/.test(often);
    const part = source.slice(at, end);
    if (/^[a-z]$/.test(part) && often === '') run += part;
    else {
      close();
      const inner = /^\((?:\?:)?(?!\?)([\s\S]*)\)$/.exec(part)?.[1];
      if (inner !== undefined && !mayMiss) best = better(best, ofAlternatives(inner));
    }
    at = end + often.length;
  }
  close();
  return best;
}

/** Every one of several must tell. */
function ofAlternatives(source: string): AnyOf {
  const parts: string[] = [];
  let from = 0;
  for (let at = 0; at < source.length; at = endOf(source, at))
    if (source[at] === '|') {
      parts.push(source.slice(from, at));
      from = at + 1;
    }
  const each = [...parts, source.slice(from)].map(ofSequence);
  return each.every((words) => words !== undefined) ? each.flatMap((words) => words ?? []) : undefined;
}

/** @param source as `pattern` takes it */
export const requiredWords = (source: string): AnyOf =>
  ofAlternatives(widened(source).replace(/@([a-z]+)/g, (_, name: string) => wordClasses[name] ?? name));
