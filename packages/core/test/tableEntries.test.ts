/** A table to fill in, filled from a pasted block and from a worksheet. */
import {
  answerKeyOf,
  defaultHouseRules,
  judgeSheet,
  must,
  prepareChecking,
  readSheet,
  textsOfBlock,
  type KeyTable,
} from '../src/index.ts';
import { asking, loan, part } from './exercises.ts';
import { grid, range } from './rightSheets.ts';
import { workedOut } from './studentSheets.ts';

const exercise = asking(
  [{ id: 'plan', draft: loan() }],
  [
    part('a', { quantity: 'payment', plan: 'plan' }),
    part('b', {
      quantity: 'table',
      plan: 'plan',
      blanks: ['*:interest', '*:principal', '*:closing', 'total:interest'],
      args: { from: '2', to: '4' },
      totals: true,
    }),
  ],
);
const key: KeyTable = must(answerKeyOf(exercise, 'b', {}, defaultHouseRules)).table!;
const right = (id: string): string =>
  [...key.rows.flat(), ...key.totals].find((cell) => cell.id === id)!.value.toFixed(2);
const cells = key.rows.map((row) => row.map(({ id }) => right(id)));

describe('a pasted block lands in the cells to fill in', () => {
  it('from the cell it is pasted into; what is given is passed over', () => {
    const block = cells.map((row) => row.slice(1));
    expect(textsOfBlock(key, '2:interest', block)).toMatchObject({
      '2:interest': right('2:interest'),
      '4:closing': right('4:closing'),
    });
    expect(textsOfBlock(key, '3:principal', [[' 1,234.50 ', '', '7'], ['5']])).toEqual({
      '3:principal': '1,234.50',
      '4:principal': '5',
    });
  });
  it('from the left where it is as wide as the table, with the numbers of the rows before it too', () => {
    const whole = textsOfBlock(key, '2:closing', cells);
    expect(Object.keys(whole)).toHaveLength(9);
    expect(whole['2:interest']).toBe(right('2:interest'));
    expect(
      textsOfBlock(
        key,
        '2:closing',
        cells.map((row, at) => [String(at + 2), ...row]),
      ),
    ).toEqual(whole);
  });
  it('by its heads and row numbers, in any order of columns', () => {
    const block = [
      ['No.', 'Closing balance', 'Interest', 'Payment'],
      ...cells.map((_row, at) => [String(at + 2), right(`${at + 2}:closing`), right(`${at + 2}:interest`), '9']),
      ['Total', '', '999.99', ''],
    ];
    const texts = textsOfBlock(key, '4:closing', block);
    expect(texts).toMatchObject({ '2:closing': right('2:closing'), '4:interest': right('4:interest') });
    expect(texts).toMatchObject({ 'total:interest': '999.99' });
    expect(texts).not.toHaveProperty('2:payment');
  });
  it('nothing lands outside the table', () => {
    expect(textsOfBlock(key, '4:closing', [['1', '2'], ['3'], ['4'], ['5']])).toEqual({ '4:closing': '1' });
  });
});

it('a worksheet answers the parts and fills the cells, and its answers are judged like typed ones', () => {
  const rows = grid([
    ['Loan', 26800],
    ['Rate', 0.057],
    ['Payments', 48],
    ['Payment', '=ROUND(PMT(B2/12,B3,-B1),2)'],
    ['No', 'Opening', 'Interest', 'Principal', 'Closing'],
    ...range(48).map((k) => [
      k,
      k === 1 ? '=B1' : `=E${4 + k}`,
      `=ROUND(B${5 + k}*$B$2/12,2)`,
      `=$B$4-C${5 + k}`,
      `=B${5 + k}-D${5 + k}`,
    ]),
    ['Total', '', '=SUM(C6:C53)'],
  ]);
  const { entries } = judgeSheet(exercise, {}, readSheet(workedOut(rows)), defaultHouseRules);
  // The total of 48 rows is not that of three.
  expect(Object.keys(entries)).toHaveLength(10);
  expect(entries['b.3:closing']?.replace(',', '')).toBe(right('3:closing'));
  const [a, b] = prepareChecking(exercise, {}, defaultHouseRules).check(entries);
  expect([a!.kind, b!.cells!.filter(({ kind }) => kind === 'right').length]).toEqual(['right', 9]);
});
