/** One loan and one account, with every pair of questions in every way in which parts are set down. */

import { describe, expect, test } from '@jest/globals';
import { readProblem } from '../../src/texts/index.ts';
import { askInALine } from './reference.ts';

interface Asked {
  readonly noun: string;
  readonly question: string;
  readonly is: string;
}

const asked = (is: string, noun: string, question: string): Asked => ({ is, noun, question });

const ofLoan: readonly Asked[] = [
  asked('payment', 'the monthly payment', 'How much is paid each month?'),
  asked('balanceAfter k:14', 'the balance after 14 payments', 'What is owed right after payment 14?'),
  asked('totalInterest', 'the total interest', 'How much interest is paid in all?'),
  asked('interestIn from:13 to:24', 'the interest in the second year', 'How much interest is paid in the second year?'),
  asked(
    'principalIn from:1 to:12',
    'the reduction of the debt in the first year',
    'By how much does the debt fall in the first year?',
  ),
  asked('interestIn from:14 to:14', 'the interest in payment 14', 'How much of the 14th payment is interest?'),
  asked('totalPaid', 'the total amount paid', 'What is the total of all payments?'),
];

const ofAccount: readonly Asked[] = [
  asked('finalAmount', 'the final balance', 'How much is there at the end?'),
  asked('totalInterest', 'the interest earned in all', 'How much of it is interest?'),
  asked('totalPaid', 'the amount paid in', 'How much is paid in altogether?'),
  asked('balanceAfter k:14', 'the balance after 14 deposits', 'How much is there right after the 14th deposit?'),
  asked(
    'interestIn from:13 to:24',
    'the interest earned in the second year',
    'How much interest is earned in the second year?',
  ),
];

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
const small = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

const ways: Readonly<Record<string, (one: Asked, other: Asked) => string>> = {
  'one after the other': (one, other) => ` ${one.question} ${other.question}`,
  'in one sentence': (one, other) => ` ${one.question.replace('?', '')}, and ${small(other.question)}`,
  'in letters': (one, other) => ` (a) ${one.question} (b) ${other.question}`,
  'to find, in letters': (one, other) => ` Find a) ${one.noun}; b) ${other.noun}.`,
  'to find, both': (one, other) => ` Find ${one.noun} and ${other.noun}.`,
  'in numbered lines': (one, other) => `\n1. ${one.question}\n2. ${other.question}`,
  'to find, in numbered lines': (one, other) => ` Find:\n1. ${one.noun}\n2. ${other.noun}`,
  'in bullets': (one, other) => ` Calculate:\n• ${one.noun}\n• ${other.noun}`,
  'in nouns': (one, other) => ` ${capital(one.noun.slice(4))}? ${capital(other.noun.slice(4))}?`,
  'in roman numbers': (one, other) => ` (i) ${capital(one.noun)}. (ii) ${capital(other.noun)}.`,
  'as what one would like to know': (one, other) => ` She would like to know ${one.noun} and ${other.noun}.`,
};

const pairsOf = (all: readonly Asked[]): [Asked, Asked][] =>
  all.flatMap((one, at) => all.slice(at + 1).map((other): [Asked, Asked] => [one, other]));

const told: readonly [string, readonly Asked[]][] = [
  ['Sanna borrows $31,500 at 6.72% compounded monthly for seven years and pays at the end of each month.', ofLoan],
  ['Sanna saves $150 at the end of each month for seven years. The account earns 3.6% compounded monthly.', ofAccount],
];

describe('two questions', () => {
  test.each(Object.keys(ways))('%s', (name) => {
    const failed = told.flatMap(([story, all]) =>
      pairsOf(all).flatMap(([one, other]) => {
        const text = `${story}${ways[name]!(one, other)}`;
        const { asks, doubts } = readProblem(text);
        const isRead = String(asks.map(askInALine)) === String([one.is, other.is]) && doubts.length === 0;
        return isRead ? [] : [text];
      }),
    );
    expect(failed).toEqual([]);
  });
});
