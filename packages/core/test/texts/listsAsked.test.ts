import { readProblem } from '../../src/texts/index.ts';
import { askInALine } from './reference.ts';

const told = 'A firm borrows £58,000 at 8.1 % compounded monthly and repays it with 60 payments at month-end. ';

describe('a list of what to find', () => {
  test('is read item by item', () => {
    const { asks, doubts } = readProblem(`${told}Payment; total interest; balance after 24 payments.`);
    expect(asks.map(askInALine)).toEqual(['payment', 'totalInterest', 'balanceAfter k:24']);
    expect(doubts).toEqual([]);
  });

  test.each([
    `${told}Payment; the boss's own saving; balance after 24 payments.`,
    `${told}Give the payment, the balance after 24 payments, and the fairest amount.`,
  ])('has no item that is passed over in silence: %s', (text) => {
    expect(readProblem(text).doubts[0]?.says).toMatch(/What does this ask: “(?:and )?the (?:boss|fairest)/);
  });
});

describe('what comes out as it was asked before', () => {
  test('is doubted in a question of its own', () => {
    const { doubts } = readProblem(`${told}Monthly payment? Payment to the uncle?`);
    expect(doubts[0]?.says).toMatch(/Payment to the uncle/);
  });
});
