import { kindCues } from '../../src/texts/lexicon/kinds.ts';
import { moneyEndCues } from '../../src/texts/lexicon/moneyEnds.ts';
import { moneyPaidCues } from '../../src/texts/lexicon/moneyPaid.ts';
import { moneyCues } from '../../src/texts/lexicon/moneyRoles.ts';
import { numberCues } from '../../src/texts/lexicon/numberRoles.ts';
import { questionCues } from '../../src/texts/lexicon/questions/index.ts';
import { readPage } from '../../src/texts/page.ts';
import { pattern } from '../../src/texts/pattern.ts';
import { requiredWords } from '../../src/texts/requiredWords.ts';
import { wordIndex } from '../../src/texts/wordIndex.ts';
import { referenceProblems } from './reference.ts';

describe('runs of words without which a cue cannot match', () => {
  it.each([
    ['what stands beside a choice', '(?:a|b) fund', [[' fund']]],
    ['every branch of a choice', '(?:loan|debt) {m}', [['loan', 'debt'], [' ⟨m']]],
    ['what may not be missing', 'rent(?:al)?s? of {m}', [[' of ⟨m'], ['rent']]],
    [
      'all that must be there, the longest in front',
      'rent for (?:(?:the )?first|last) month',
      [['rent for '], [' month'], ['first', 'last']],
    ],
    [
      'whole runs of words, up to a token and behind it',
      '{mp} a month for <n> years',
      [['⟩ a month for ⟨n'], ['⟩ years']],
    ],
    ['not what may be told otherwise beside a token', 'due <e> in full', [[' in full'], ['due ⟨e']]],
    ['none across words that may stand between', 'paid at <p>', [['paid at ']]],
    ['none, where a branch has none', '(?:fund|of)', []],
    ['none of what must not stand there', '(?<!sinking )(?!fund)of', []],
  ])('are %s', (_, source, words) => {
    expect(requiredWords(source)).toEqual(words);
  });

  it('stand in every text in which the cue is found', () => {
    const flats = referenceProblems.map(({ text }) => readPage(text).flat);
    const cues = [kindCues, moneyEndCues, moneyPaidCues, moneyCues, numberCues, questionCues].flat();
    const sources = cues.flatMap(({ words }) => words);
    const lost = sources.filter((source) => {
      const needs = requiredWords(source);
      const isLeftOut = (flat: string) =>
        needs.some((row) => !row.some((word) => flat.replace(/[^\S\n]+/g, ' ').includes(word)));
      return flats.some((flat) => isLeftOut(flat) && flat.search(pattern(source)) >= 0);
    });
    expect(sources.length).toBeGreaterThan(1000);
    expect(lost).toEqual([]);
  });

  it('are found in a text as `includes` finds them, in one pass', () => {
    const { add, in: wordsIn } = wordIndex();
    const words = ['loan', 'payment', 'pay', 'ment', 'loans', 'pay'];
    const numbers = words.map(add);
    expect(numbers).toEqual([0, 1, 2, 3, 4, 2]);
    const text = 'Repayments of a loan';
    const found = wordsIn(text);
    expect(numbers.map((number) => found.has(number))).toEqual(words.map((word) => text.includes(word)));
  });

  it('stand in a text however its blanks are written', () => {
    const { add, in: wordsIn } = wordIndex();
    const run = add('payment of ⟨m');
    expect([...wordsIn('a payment  of\u00a0⟨m3⟩')]).toEqual([run]);
    expect([...wordsIn('a payment\nof ⟨m3⟩')]).toEqual([]);
  });
});
