/** Irregular extra payments as a list: single ones, rules, lines that cannot be read, and the table that follows. */
import {
  centRounding,
  emptyDraft,
  extrasInWords,
  numberStyleById,
  readExtras,
  restyleDraft,
  solveCase,
  withExtra,
  withExtraPayment,
  type SolvedCase,
  type StatementDraft,
} from '../src/index.ts';

const style = numberStyleById('comma-point');
const monthly = { firstPaymentDate: '', paymentsPerYear: 12 };
const read = (text: string, calendar = {}) => readExtras(text, style, { ...monthly, ...calendar });
const extrasOf = (text: string, calendar = {}) =>
  read(text, calendar).extras.map(({ payment, amount }) => [payment, amount]);

describe('a list of extra payments', () => {
  it.each([
    [
      '12: 500\n24: 1,000',
      [
        [12, 500],
        [24, 1000],
      ],
    ],
    [
      '12\t500\r\n24\t1,000.50',
      [
        [12, 500],
        [24, 1000.5],
      ],
    ],
    [
      '24 200; payment 3: 50',
      [
        [3, 50],
        [24, 200],
      ],
    ],
    ['5: 100\n5: 20', [[5, 120]]],
    ['', []],
  ])('reads %j', (text, extras) => {
    expect(read(text).unread).toEqual([]);
    expect(extrasOf(text)).toEqual(extras);
  });

  it('reads rules, to the last payment and no further', () => {
    expect(extrasOf('every 12 from 6: 500', { last: 36 })).toEqual([
      [6, 500],
      [18, 500],
      [30, 500],
    ]);
    expect(extrasOf('every 12th payment: 500', { last: 36 })).toEqual([
      [12, 500],
      [24, 500],
      [36, 500],
    ]);
    // The first payment that falls in the month, each year.
    expect(extrasOf('every January: 300', { firstPaymentDate: '2026-11-15', last: 30 })).toEqual([
      [3, 300],
      [15, 300],
      [27, 300],
    ]);
    expect(extrasOf('every jan 300', { firstPaymentDate: '2026-01-05', paymentsPerYear: 52, last: 60 })).toEqual([
      [1, 300],
      [53, 300],
    ]);
  });

  it('names each line that cannot be read and keeps the rest', () => {
    const lines = Array.from({ length: 500 }, (_, at) => `${at + 1}: ${100 + at}`);
    lines[6] = 'seven';
    lines[99] = '100: lots';
    lines[499] = '0: 5';
    const { extras, unread } = read(lines.join('\n'));
    expect(extras).toHaveLength(497);
    expect(unread.map(({ line, text }) => [line, text])).toEqual([
      [7, 'seven'],
      [100, '100: lots'],
      [500, '0: 5'],
    ]);
    expect(unread.map(({ why }) => why)).toEqual([
      'A payment’s number and an amount are expected, such as 12: 500.',
      '“lots” is no amount.',
      'Payments are counted from 1.',
    ]);
  });

  it.each([
    ['every January: 300', {}, /give the date of payment 1/],
    ['every Smarch: 300', { firstPaymentDate: '2026-01-05' }, /is no month/],
    ['97: 100', { last: 60 }, /last payment is payment 60/],
    ['5: 10 %', {}, /amount of money/],
    ['5: -10', {}, /amount of money/],
  ])('says what is wrong with %j', (text, calendar, why) => {
    expect(read(text, calendar).unread[0]!.why).toMatch(why);
  });

  it('takes no more than 500', () => {
    const { extras, unread } = read(Array.from({ length: 501 }, (_, at) => `${at + 1}: 1`).join('\n'));
    expect(extras).toHaveLength(500);
    expect(unread[0]!.why).toBe('A list takes at most 500 extra payments; there are 501.');
  });

  it('is said in one sentence, whatever its count', () => {
    const say = (count: number): string =>
      extrasInWords(
        Array.from({ length: count }, (_, at) => ({ payment: at + 1, amount: 100 })),
        style,
      );
    expect([0, 1, 2, 7, 13].map(say)).toEqual([
      'no extra payments, 0.00 in all',
      'one extra payment, 100.00 in all',
      'two extra payments, 200.00 in all',
      'seven extra payments, 700.00 in all',
      '13 extra payments, 1,300.00 in all',
    ]);
  });

  it('takes one row in or out, and leaves what it cannot read', () => {
    expect(withExtra('12: 500\nsoon', 3, 80, style, monthly)).toBe('3: 80.00\n12: 500.00\nsoon');
    expect(withExtra('12: 500', 12, 0, style, monthly)).toBe('');
  });
});

describe('in a statement', () => {
  const loan: StatementDraft = {
    ...emptyDraft('borrow'),
    slots: { ...emptyDraft().slots, amount: '24,330', rate: '7.2', payments: '48' },
  };
  const listed = (list: string): StatementDraft => ({
    ...loan,
    changes: [{ id: 'x', kind: 'extras', payment: 'again', texts: { list } }],
  });
  const solved = (draft: StatementDraft): SolvedCase => {
    const outcome = solveCase(draft, centRounding);
    if (outcome.state !== 'solved') throw new Error(JSON.stringify(outcome));
    return outcome.solved;
  };

  it('is the same table as the extra payments one by one', () => {
    const single = (id: string, from: string, amount: string) => ({
      id,
      kind: 'extra' as const,
      payment: 'again' as const,
      texts: { from, amount },
    });
    const byList = solved(listed('7: 400\n20: 1,000')).table;
    const byOne = solved({ ...loan, changes: [single('a', '7', '400'), single('b', '20', '1,000')] }).table;
    expect(byList.rows).toEqual(byOne.rows);
    expect(byList.totals.extra).toBe(1400);
    // More than is owed is cut to what is owed.
    expect(solved(listed('7: 90,000')).table.count).toBe(7);
  });

  it('goes on with what can be read, waits while nothing is there, and is wrong where nothing can', () => {
    expect(solved(listed('7: 400\nsoon')).table.totals.extra).toBe(400);
    expect(solved(listed('')).table.totals.extra).toBe(0);
    expect(solveCase(listed('soon'), centRounding)).toMatchObject({
      state: 'wrong',
      changeProblems: { x: { list: { message: expect.stringContaining('Line 1, “soon”') } } },
    });
  });

  it('is typed into a row: added, changed, taken out; beside a rule only what is missing', () => {
    const type = (draft: StatementDraft, payment: number, amount: number): StatementDraft =>
      withExtraPayment(
        draft,
        { payment, amount, shown: solved(draft).table.rows[payment - 1]!.extra, id: 'new' },
        style,
      );
    const one = type(loan, 5, 250);
    expect(one.changes).toEqual([{ id: 'new', kind: 'extras', payment: 'again', texts: { list: '5: 250.00' } }]);
    expect(solved(type(one, 5, 300)).table.rows[4]!.extra).toBe(300);
    expect(type(one, 5, 0).changes).toEqual([]);
    const rule = {
      id: 'r',
      kind: 'extra' as const,
      payment: 'again' as const,
      texts: { from: '1', to: '48', amount: '60' },
    };
    const both = type({ ...loan, changes: [rule] }, 5, 250);
    expect(both.changes[1]!.texts.list).toBe('5: 190.00');
    expect(solved(both).table.rows[4]!.extra).toBe(250);
  });
});

it('in another number style has its amounts written otherwise, its payments as they were', () => {
  const list = '12: 1,000.50\n24 200; every 12 from 6: 1,500\nsoon';
  const draft: StatementDraft = {
    ...emptyDraft('borrow'),
    changes: [{ id: 'x', kind: 'extras', payment: 'again', texts: { list } }],
  };
  const { changes } = restyleDraft(draft, 'point-comma');
  expect(changes[0]!.texts.list).toBe('12: 1.000,50\n24 200; every 12 from 6: 1.500\nsoon');
  const read = (text: string, id: string) => readExtras(text, numberStyleById(id), { ...monthly, last: 30 }).extras;
  expect(read(changes[0]!.texts.list!, 'point-comma')).toEqual(read(list, 'comma-point'));
});
