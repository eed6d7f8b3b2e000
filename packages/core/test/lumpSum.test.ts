/** A lump sum: one amount growing, asked for each of its slots, worked in every way, read off its table, and judged. */
import {
  askCase,
  centRounding,
  checkSubmission,
  closingChecks,
  crossCheck,
  defaultHouseRules,
  emptyDraft,
  must,
  numberStyleById,
  quantities,
  quantityIds,
  solveCase,
  workedSolution,
  type Ask,
  type StatementDraft,
} from '../src/index.ts';
import { asking, part } from './exercises.ts';

const lump = (slots: Partial<StatementDraft['slots']>, unknown: StatementDraft['unknown']): StatementDraft => ({
  ...emptyDraft('lump-sum'),
  unknown,
  slots: { amount: '4,000', rate: '6', payments: '36', payment: '', finalAmount: '4,800', converted: '', ...slots },
});
const asked = (draft: StatementDraft, ask: Ask) => must(askCase(draft, ask, centRounding));
const style = numberStyleById('comma-point');

it.each([
  ['final-amount', {}, 'finalAmount', 4000 * 1.005 ** 36],
  ['amount', {}, 'amount', 4800 / 1.005 ** 36],
  ['rate', {}, 'rate', 1200 * (1.2 ** (1 / 36) - 1)],
  ['payments', {}, 'payments', Math.log(1.2) / Math.log(1.005)],
  ['years', {}, 'payments', Math.log(1.2) / Math.log(1.005) / 12],
  ['balance-after', { after: 12 }, 'finalAmount', 4246.71],
  ['total-interest', {}, 'finalAmount', 786.72],
  ['interest-in', { from: 1, to: 12 }, 'finalAmount', 246.71],
] as const)('answers %s', (quantity, args, unknown, expected) => {
  const { exact } = asked(lump({}, unknown), { quantity, ...args });
  expect(Math.abs(exact - expected)).toBeLessThan(1e-9 * Math.max(1, expected));
});

it('has no payment to ask for, and every other quantity it offers agrees in all its ways', () => {
  const offered = quantityIds.filter((quantity) => quantities[quantity].applies(lump({}, 'finalAmount')));
  expect(offered).not.toContain('payment');
  expect(offered).toEqual(
    expect.arrayContaining(['amount', 'final-amount', 'rate', 'payments', 'years', 'total-interest']),
  );
  for (const quantity of offered) {
    const question = asked(lump({}, 'finalAmount'), { quantity, after: 12, from: 1, to: 12, below: 4500 });
    const solution = workedSolution(question);
    expect(solution.ways.length).toBeGreaterThan(0);
    // Ways that differ say why.
    for (const way of crossCheck(solution, 2, style).ways)
      expect(way.difference === 0 || way.because !== undefined).toBe(true);
  }
});

it('runs to the first whole period in which the amount is reached, and past it', () => {
  const outcome = solveCase(lump({}, 'payments'), centRounding);
  if (outcome.state !== 'solved') throw new Error(outcome.state);
  const { table, said, numbers } = outcome.solved;
  expect(said).toMatchObject({ count: 37, isWhole: false });
  expect(table.count).toBe(37);
  expect(table.rows[35]!.closing).toBeLessThan(4800);
  expect(table.closing).toBeGreaterThan(4800);
  expect(numbers.finalAmount).toBe(4800);
  expect(table.rows.every(({ payment, extra }) => payment === 0 && extra === 0)).toBe(true);
  expect(closingChecks(table)).toMatchObject({ closingDifference: 0, principalDifference: 0 });
});

it('is judged like any other case: simple interest for compound, the year’s rate for the month’s', () => {
  const exercise = asking(
    [{ id: 'plan', draft: lump({}, 'finalAmount') }],
    [part('a', { quantity: 'final-amount', plan: 'plan' })],
  );
  const verdict = (text: string) => checkSubmission(exercise, {}, { a: text }, defaultHouseRules)[0]!;
  expect(verdict('4,786.72').kind).toBe('right');
  expect(verdict((4000 * 1.06 ** 36).toFixed(2)).explanations[0]!.slips).toEqual(['rate-left-annual']);
  expect(verdict((4000 * 1.005 ** 3).toFixed(2)).kind).toBe('slip');
  expect(verdict('4,720').explanations[0]!.slips).toEqual(['simple-for-compound']);
});
