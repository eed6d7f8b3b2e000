import { readProblem, settle } from '../../src/texts/index.ts';
import { askInALine, planInALine } from './reference.ts';

/** A text in which not everything fits as the words say it first, what fits, and the doubt that stays. */
const taken: readonly (readonly [text: string, plan: string, ask: string, says: RegExp])[] = [
  [
    'Rosalind puts $7,500 into a five-year certificate that pays 3.95 % compounded daily. What does the certificate pay out at the end?',
    'lump-sum amount=7500 rate=0.0395/nominal/365 n=1825 p=365 ?finalAmount',
    'finalAmount',
    /as a single sum/,
  ],
  [
    'Tobias lends his nephew £3,000. The nephew repays £3,412.50 after two and a half years. What annual rate, compounded annually, did Tobias earn?',
    'lump-sum amount=3000 n=2.5 p=1 final=3412.5 ?rate',
    'nominalRate compoundingsPerYear:1',
    /£3,412.50 as final amount/,
  ],
  [
    'Bakery oven, £11,400. Deposit £1,400, then 36 payments of £325.80, one at the end of each month. What is the nominal rate, monthly compounding?',
    'borrowing price=11400 down=1400 amount=10000 n=36 p=12 payment=325.8 final=0 ?rate',
    'nominalRate compoundingsPerYear:12',
    /£11,400 as price/,
  ],
  [
    'To replace its minibus in 4 years (estimated price $46,000) a youth club already has $9,200 in the bank. It earns 4.2 % compounded monthly. What further deposit is required at each month-end?',
    'saving amount=9200 rate=0.042/nominal/12 n=48 p=12 final=46000 ?payment',
    'payment',
    /as saving/,
  ],
];

describe('what fits', () => {
  test.each(taken)('is taken, and doubted: %s', (text, plan, ask, says) => {
    const { plans, asks, doubts } = readProblem(text);
    expect(plans.map(planInALine)).toEqual([plan]);
    expect(asks.map(askInALine)).toEqual([ask]);
    expect(doubts).toHaveLength(1);
    expect(doubts[0]?.says).toMatch(says);
  });

  test.each(taken)('is settled by the first choice: %s', (text, plan) => {
    const { choices } = readProblem(text).doubts[0]!;
    const [first] = choices;
    expect(choices.filter(({ says }) => says === first!.says)).toHaveLength(1);
    const { plans, doubts } = readProblem(text, { settled: settle({}, first!.sets) });
    expect(plans.map(planInALine)).toEqual([plan]);
    expect(doubts).toEqual([]);
  });

  test('is not looked for where something is settled by hand', () => {
    const [text] = taken[3]!;
    const { doubts } = readProblem(text, { settled: { timing: 'end' } });
    expect(doubts[0]?.says).toMatch(/\$46,000/);
  });
});

describe('what is left of a sum', () => {
  test.each([
    ['wins £20,000, spends £5,000 on a boat and invests the rest', 15_000],
    ['sells a shop for £310,000, pays off a mortgage of £42,000 and puts the rest in a bond', 268_000],
    ['inherits £64,000. She gives £9,000 to her brother; the rest goes into a bond', 55_000],
  ])('is what grows: Rhona %s', (words, amount) => {
    const { plans, doubts } = readProblem(
      `Rhona ${words} at 4.2 % compounded monthly. What is it worth after 6 years?`,
    );
    expect(plans.map((plan) => [plan.kind, plan.amount])).toEqual([['lump-sum', amount]]);
    expect(doubts).toEqual([]);
  });

  test('is not looked for where the other sum is paid each month', () => {
    const text =
      'Rhona has £20,000 in a fund and pays in £200 at the end of each month; the rest of her pay she spends. The fund earns 3 % compounded monthly. What is there after 5 years?';
    expect(readProblem(text).plans.map(planInALine)).toEqual([
      'saving amount=20000 rate=0.03/nominal/12 n=60 p=12 payment=200 ?finalAmount',
    ]);
  });
});

describe('what is left as it is', () => {
  test.each([
    [
      'a number that fits nowhere',
      'A £240 fine; Mr Pell owes £5,900 at 21.6 % compounded monthly. What payment at each month’s end clears it in three years?',
    ],
    [
      'how often a loan is repaid',
      'A loan of $20,000 at 6% compounded half-yearly is amortized over 5 years. What does it cost in interest?',
    ],
  ])('%s', (_, text) => {
    const { doubts } = readProblem(text);
    expect(doubts.length).toBeGreaterThan(0);
    expect(doubts[0]?.says).not.toMatch(/everything fit/);
  });
});
