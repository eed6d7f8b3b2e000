/** The same exercise under other house rules, against numbers worked here by hand. */
import { defaultHouseRules, movedNumbers, type HouseRules } from '../src/index.ts';
import { asking, loan, part } from './exercises.ts';

// 26,800 at 5.7 % over 48 months.
const i = 0.057 / 12;
const exact = (26_800 * i) / (1 - (1 + i) ** -48);
const written = (value: number): string =>
  value.toLocaleString('en-US', { minimumFractionDigits: 2, maximumFractionDigits: 2 });
const owedAfter18 = 26_800 * (1 + i) ** 18 - (exact * ((1 + i) ** 18 - 1)) / i;
function inCents(rows: number): number {
  let balance = 2_680_000;
  for (let row = 1; row <= rows; row += 1) balance += Math.round(balance * i) - Math.round(exact * 100);
  return balance / 100;
}
const unrounded: HouseRules = {
  ...defaultHouseRules,
  rounding: { payment: 'exact', interest: 'exact', last: 'as-others' },
};
const exercise = asking(
  [{ id: 'plan', draft: loan() }],
  [
    part('a', { quantity: 'payment', plan: 'plan' }),
    part('b', { quantity: 'balance-after', plan: 'plan', args: { after: '18' } }),
    part('t', { quantity: 'table', plan: 'plan', args: { from: '1', to: '3' }, blanks: ['*:closing'] }),
    part('x', { quantity: 'balance-after', plan: 'plan', args: { after: '99' } }),
  ],
);

it('names the parts whose number is another one, with both', () => {
  const moved = movedNumbers(exercise, {}, defaultHouseRules, unrounded);
  expect(written(inCents(18))).not.toBe(written(owedAfter18));
  expect(moved.find(({ partId }) => partId === 'b')).toEqual({
    partId: 'b',
    here: written(inCents(18)),
    there: written(owedAfter18),
  });
  // The payment is the same to the cent, and a part that cannot be worked says nothing here.
  expect(moved.map(({ partId }) => partId)).not.toContain('a');
  expect(moved.map(({ partId }) => partId)).not.toContain('x');
});

it('counts the cells of a table and shows the first', () => {
  const up: HouseRules = { ...defaultHouseRules, rounding: { ...defaultHouseRules.rounding, payment: 'unit-up' } };
  const [first] = [26_800 + Math.round(26_800 * i * 100) / 100];
  expect(movedNumbers(exercise, {}, defaultHouseRules, up).find(({ partId }) => partId === 't')).toEqual({
    partId: 't',
    here: written(first! - Math.round(exact * 100) / 100),
    there: written(first! - Math.ceil(exact)),
    cells: 3,
  });
  expect(movedNumbers(exercise, {}, defaultHouseRules, { ...defaultHouseRules, currency: '€' })).toEqual([]);
});
