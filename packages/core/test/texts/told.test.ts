/** `told.txt`: one case told in many words. Below each reading stand texts that must all be read so, without a doubt. */

import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { readProblem } from '../../src/texts/index.ts';
import { askInALine, planInALine } from './reference.ts';

const groups = readFileSync(new URL('told.txt', import.meta.url), 'utf8')
  .split(/^## /m)
  .slice(1)
  .map((group) => {
    const [reading = '', ...texts] = group.trim().split('\n');
    return { reading, texts };
  });

/** A loan, a lease and a fund drawn down are told apart by their words, and have the same numbers. */
const inNumbers = (plan: string): string => plan.replace(/^(?:borrowing|leasing|drawing-down) /, 'owed ');

const readAs = (text: string) => {
  const { plans, asks, doubts } = readProblem(text);
  const reading = `${plans.map(planInALine).map(inNumbers).join(' ; ')} || ${asks.map(askInALine).join(' ; ')}`;
  const answers = asks.map((ask) => ask.answers[0]?.toPrecision(9));
  return { reading, answers, doubts: doubts.map(({ says }) => says) };
};

describe('one case told in many words', () => {
  test('the file has its cases', () => expect(groups.length).toBeGreaterThan(50));

  test.each(groups)('$reading', ({ reading, texts }) => {
    const read = texts.map((text) => ({ text, ...readAs(text) }));
    const [first] = read;
    expect(first?.answers.length).toBeGreaterThan(0);
    const others = read.filter(
      (each) => each.reading !== reading || String(each.answers) !== String(first?.answers) || each.doubts.length > 0,
    );
    expect(others).toEqual([]);
  });
});
