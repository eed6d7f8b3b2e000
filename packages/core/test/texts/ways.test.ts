/**
 * `ways.txt`: one part of a text, told or asked in many ways. A group has texts with a gap ("= … "), what stands in it first
 * (": …"), and below it what may stand there as well: whatever does, the text has the same answers, without a doubt.
 */

import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { readProblem } from '../../src/texts/index.ts';

interface Group {
  readonly name: string;
  readonly texts: readonly string[];
  readonly first: string;
  readonly ways: readonly string[];
}

const groups = readFileSync(new URL('ways.txt', import.meta.url), 'utf8')
  .split(/^## /m)
  .slice(1)
  .map((block): Group => {
    const [name = '', ...lines] = block.trim().split('\n');
    const marked = (mark: string): string[] =>
      lines.flatMap((line) => (line.startsWith(mark) ? [line.slice(mark.length)] : []));
    const [first = ''] = marked(': ');
    return { name, texts: marked('= '), first, ways: lines.filter((line) => !/^[=:] /.test(line)) };
  });

/** Every answer of a text to seven digits, and what is doubted of it. */
function answersOf(text: string): { readonly answers: readonly string[]; readonly doubts: readonly string[] } {
  const { asks, doubts } = readProblem(text);
  return {
    answers: asks.map(({ answers: [answer] }) => String(answer && Number(answer.toPrecision(7)))),
    doubts: doubts.map(({ about, says }) => `${about}: ${says}`),
  };
}

test('every group has texts with a gap, and ways to fill it', () => {
  expect(groups.length).toBeGreaterThan(30);
  for (const { texts, first, ways } of groups) {
    expect(texts.length).toBeGreaterThan(0);
    expect(texts.every((text) => text.split('…').length === 2)).toBe(true);
    expect(ways.length).toBeGreaterThan(0);
    expect(first).not.toBe('');
  }
});

describe.each(groups)('$name', ({ texts, first, ways }) => {
  test.each(ways.map((way, at) => [way, texts[at % texts.length]!] as const))('%s', (way, text) => {
    const read = answersOf(text.replace('…', way));
    expect(read).toEqual(answersOf(text.replace('…', first)));
    expect(read.doubts).toEqual([]);
    expect(read.answers).not.toContain('undefined');
  });
});
