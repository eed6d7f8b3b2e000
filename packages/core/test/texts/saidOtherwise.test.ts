/** The reference problems once more, each said a little otherwise: what is read must be the same. */

import { describe, expect, test } from '@jest/globals';
import { readProblem } from '../../src/texts/index.ts';
import { askInALine, planInALine, referenceProblems } from './reference.ts';

/** The lines of a text cut to a width, as in a letter. */
const cutTo = (text: string, width: number): string =>
  text
    .split('\n')
    .map((line) =>
      line.split(' ').reduce((cut, word) => {
        const last = cut.slice(cut.lastIndexOf('\n') + 1);
        return cut === '' ? word : `${cut}${last.length + 1 + word.length > width ? '\n' : ' '}${word}`;
      }, ''),
    )
    .join('\n');

const otherwise: Readonly<Record<string, (text: string) => string>> = {
  'in narrow lines': (text) => cutTo(text, 52),
  'in wide lines': (text) => cutTo(text, 76),
  'with its number in a list': (text) => `12. ${text}`,
  'with how to answer': (text) => `${text} Round your answers to two decimal places. Show your working.`,
  'with where it was found': (text) => `${text} (Source: lecture notes, 2024.)`,
  'in capitals': (text) => text.toUpperCase(),
  'with repayments for payments': (text) =>
    text.replace(/(?<!deposit|save|sav|pension|fund)\binstall?ment(s?)\b/g, 'repayment$1'),
  'of a rate said annually': (text) => text.replace(/(%|percent) a year,? (compound|convert)/g, '$1 annually $2'),
  'of an interest rate of so much': (text) => text.replace(/ at (\d+(?:\.\d+)?\s?%) /g, ' at an interest rate of $1 '),
  'over a term of so long': (text) => text.replace(/\bover (\w+) years/g, 'over a term of $1 years'),
  'asked for with a task': (text) =>
    text.replace(/\b(?:Find|Calculate|Compute) (the|her|his)\b/g, 'You are asked to find $1'),
  'asked for to the nearest cent': (text) => text.replace(/\bWhat is the\b/g, 'What, to the nearest cent, is the'),
};

const readingOf = (text: string): readonly string[] => {
  const { plans, asks, doubts } = readProblem(text);
  return [...plans.map(planInALine), ...asks.map(askInALine), ...doubts.map(({ about }) => `? ${about}`)];
};

describe('a problem said otherwise', () => {
  test.each(Object.keys(otherwise))('%s', (name) => {
    const changed = referenceProblems.map(({ text }) => [text, otherwise[name]!(text)] as const);
    const others = changed.filter(([text, other]) => text !== other);
    expect(others.length).toBeGreaterThan(2);
    expect(others.filter(([text, other]) => String(readingOf(text)) !== String(readingOf(other)))).toEqual([]);
  });
});
