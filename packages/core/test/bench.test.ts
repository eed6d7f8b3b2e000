/** What the Bench states: expressions in slots, build-ups, changes, every kind and unknown, variations, number styles. */
import {
  applyVariation,
  buildTable,
  centRounding,
  describeVariation,
  emptyDraft,
  evaluateExpression,
  exactRounding,
  must,
  newChange,
  numberStyleById,
  priceFor,
  readBuildUp,
  readDraft,
  readSlotText,
  restyleDraft,
  restyleText,
  kindOf,
  solveCase,
  solveVariation,
  tableText,
  type ChangeDraft,
  type SlotName,
  type StatementDraft,
  type StatementKind,
  type Variation,
} from '../src/index.ts';

const draftOf = (
  kind: StatementKind,
  slots: Partial<Record<SlotName, string>>,
  more: Partial<StatementDraft> = {},
): StatementDraft => ({
  ...emptyDraft(kind),
  ...more,
  slots: { ...emptyDraft(kind).slots, ...slots },
});
const kiln = draftOf('borrow', { amount: '48,000', rate: '6.6', payments: '60', payment: '941.43' });
const change = (
  kind: ChangeDraft['kind'],
  texts: ChangeDraft['texts'],
  payment: ChangeDraft['payment'] = 'again',
): ChangeDraft => ({
  ...newChange(kind, `c-${kind}`),
  texts,
  payment,
});

function solved(draft: StatementDraft, rounding = centRounding) {
  const outcome = solveCase(draft, rounding);
  if (outcome.state !== 'solved') throw new Error(JSON.stringify(outcome));
  return outcome.solved;
}

describe('expressions in slots', () => {
  const value = (text: string, scope = {}) => must(evaluateExpression(text, scope)).value;

  it.each([
    ['price - 10%', 900],
    ['price + 5 %', 1050],
    ['price × 0.9', 900],
    ['(price - 100) / 2', 450],
    ['1,200 + 300', 1500],
    ['2^3^2', 512],
    ['-2^2', 4],
    ['10% ', 10],
    ['5% + 2%', 7],
    ['48k / 2', 24000],
    ['price * 10%', 100],
    ['2 × (3 + 4)', 14],
  ])('%s is %d', (text, expected) => expect(value(text, { price: 1000 })).toBeCloseTo(expected, 10));

  it.each(['price -', '(2', '2)', '2 + apples', '* 3', '1/0', 'alert(1)', '2 ** 3 ]', '('.repeat(60) + '1'])(
    'says that %s cannot be read',
    (text) => {
      expect(evaluateExpression(text, { price: 1000 })).toMatchObject({
        ok: false,
        problem: { message: expect.stringMatching(/.{10}/) },
      });
    },
  );

  it('falls back to a plain entry with its unit', () => {
    expect(must(readSlotText('4y', {}, numberStyleById('comma-point')))).toMatchObject({ value: 4, unit: 'years' });
    expect(readSlotText('ask', {}, numberStyleById('comma-point'))).toMatchObject({
      ok: false,
      problem: { code: 'unreadable' },
    });
  });

  it('may name the other slots', () => {
    expect(solved({ ...kiln, slots: { ...kiln.slots, finalAmount: 'amount × 20%' } }).numbers.finalAmount).toBe(9600);
  });
});

describe('building an amount up', () => {
  const buildUp = { price: '31,500', downPayment: '10%', tradeIn: '4,200', feesAdded: '180', feesTaken: '' };

  it('takes the down payment as money or percent, and adds and takes the rest', () => {
    expect(must(readBuildUp(buildUp, numberStyleById('comma-point')))).toMatchObject({
      downPayment: 3150,
      amount: 24330,
      proceeds: 24330,
    });
    expect(solved({ ...kiln, buildUp }).numbers.amount).toBe(24330);
    expect(priceFor(24330, buildUp, numberStyleById('comma-point'))).toBe(31500);
  });

  it('says in its own field what cannot be', () => {
    expect(readBuildUp({ ...buildUp, tradeIn: '40,000' }, numberStyleById('comma-point'))).toMatchObject({
      ok: false,
      problem: { field: 'buildUp.downPayment' },
    });
    expect(readBuildUp({ ...buildUp, feesAdded: 'some' }, numberStyleById('comma-point'))).toMatchObject({
      problem: { field: 'buildUp.feesAdded' },
    });
    expect(solveCase({ ...kiln, buildUp: { ...buildUp, price: '' } }, centRounding)).toEqual({
      state: 'waiting',
      missing: ['amount'],
    });
  });
});

describe('every kind, every unknown', () => {
  it('is solved back from its own answer', () => {
    const starts: readonly StatementDraft[] = [
      kiln,
      draftOf('lease', { amount: '18,500', rate: '8.4', payments: '36', finalAmount: '3,700' }),
      draftOf('save', { amount: '1,200', rate: '3.6', payments: '48', finalAmount: '26,000' }),
      draftOf('draw-down', { amount: '180,000', rate: '4.2', payments: '60', finalAmount: '40,000' }),
      draftOf('flat', { amount: '3,600', rate: '7.5', payments: '24' }),
      draftOf('flat', { amount: '3,600', rate: '9', payments: '24' }, { flatBy: 'outright' }),
    ];
    for (const start of starts) {
      const first = solved({ ...start, unknown: 'payment' }, exactRounding);
      const texts = Object.fromEntries(
        kindOf(start).slots.map((slot) => [
          slot,
          slot === 'payment' ? String(first.exact) : slot === 'converted' ? '' : start.slots[slot],
        ]),
      );
      for (const unknown of kindOf(start).slots) {
        const again = solved({ ...start, unknown, slots: { ...start.slots, ...texts } }, exactRounding);
        const expected =
          unknown === 'payment' ? first.exact : readDraft({ ...start, unknown: 'payment' }).numbers[unknown]!;
        expect({
          kind: start.kind,
          unknown,
          close: Math.abs(again.exact - expected) < 1e-6 * Math.max(1, expected),
        }).toEqual({ kind: start.kind, unknown, close: true });
      }
    }
  });

  it('asks a flat charge for sums of any size: only payments are counted', () => {
    const payment = draftOf('flat', { amount: '500,000', rate: '8', payments: '48' });
    expect(solved(payment)).toMatchObject({ shown: 13_750, flat: { charge: 160_000 } });
    const amount = draftOf('flat', { payment: '500', rate: '8', payments: '48' }, { unknown: 'amount' });
    expect(solved(amount).shown).toBeCloseTo(18_181.82, 2);
  });

  it('tells what a flat charge really is, and keeps its payments alike', () => {
    const flat = solved(draftOf('flat', { amount: '3,600', rate: '7.5', payments: '24' }));
    expect(flat).toMatchObject({ shown: 172.5, flat: { charge: 540 } });
    expect(flat.table.totalPaid).toBeCloseTo(4140, 6);
    expect(flat.flat!.nominal).toBeGreaterThan(0.137);
  });

  it('converts rates both ways', () => {
    const there = solveCase(draftOf('convert', { rate: '19.2' }), centRounding);
    expect(there).toMatchObject({ state: 'converted', converted: { unknown: 'converted' } });
    if (there.state !== 'converted') return;
    expect(there.converted.exact).toBeCloseTo(1.016 ** 12 - 1, 12);
    const back = solveCase(
      { ...draftOf('convert', { converted: String(there.converted.exact * 100) }), unknown: 'rate' },
      centRounding,
    );
    expect(back).toMatchObject({ state: 'converted' });
    if (back.state === 'converted') expect(back.converted.exact).toBeCloseTo(0.192, 10);
  });
});

describe('changes on the way', () => {
  const ferry = draftOf('borrow', { amount: '26,800', rate: '5.7', payments: '48', payment: '625.72' });

  it('are read into the plan; half-filled ones wait', () => {
    expect(
      solved({ ...ferry, changes: [change('rate', { after: '18', rate: '7.2 %' })] }).table.rows[18]!.payment,
    ).toBe(637.58);
    expect(solved({ ...ferry, changes: [change('extra', { amount: '', from: '1' })] }).table.rows).toHaveLength(48);
  });

  it('say at their own field what cannot be', () => {
    expect(
      solveCase({ ...ferry, changes: [change('draw', { amount: '900', before: '99' })] }, centRounding),
    ).toMatchObject({
      state: 'wrong',
      changeProblems: { 'c-draw': { before: { code: 'out-of-range' } } },
    });
    expect(
      solveCase({ ...ferry, changes: [change('extra', { amount: 'lots', from: '1' })] }, centRounding),
    ).toMatchObject({
      changeProblems: { 'c-extra': { amount: { code: 'unreadable' } } },
    });
    expect(
      solveCase({ ...ferry, changes: [change('extra', { amount: '5', from: '1.5' })] }, centRounding),
    ).toMatchObject({
      changeProblems: { 'c-extra': { from: { message: expect.stringContaining('whole') } } },
    });
  });

  it('leave any slot to be solved over the real table', () => {
    const extra = change('extra', { amount: '50', from: '1', to: '48' });
    const count = solved({ ...ferry, unknown: 'payments', changes: [extra] });
    expect(count.shown).toBe(count.table.rows.length);
    expect(count.shown).toBeLessThan(48);
    // Interest only at first: the amount for which the payment still clears it in 48.
    const waits = change('interest-only', { through: '6' });
    const payment = solved({ ...ferry, unknown: 'payment', changes: [waits] }, exactRounding).exact;
    const withPayment = {
      ...ferry,
      slots: {
        ...ferry.slots,
        payment: String(solved({ ...ferry, changes: [waits] }, exactRounding).table.firstPayment),
      },
      changes: [waits],
    };
    expect(payment).toBeGreaterThan(0);
    expect(solved({ ...withPayment, unknown: 'amount' }, exactRounding).exact).toBeCloseTo(26800, 4);
    expect(solved({ ...withPayment, unknown: 'rate' }, exactRounding).exact).toBeCloseTo(0.057, 8);
    const left = solved({ ...withPayment, unknown: 'finalAmount', slots: { ...withPayment.slots, payment: '600' } });
    expect(must(buildTable({ ...left.plan, finalAmount: left.shown })).lastPayment).toBeCloseTo(600, 1);
  });

  it('say so where a payment worked out again lets any amount fit', () => {
    expect(
      solveCase({ ...ferry, unknown: 'amount', changes: [change('rate', { after: '18', rate: '7.2' })] }, centRounding),
    ).toMatchObject({
      state: 'wrong',
      problems: { amount: { code: 'not-reached' } },
    });
  });

  it.each(['borrow', 'save', 'draw-down'] as const)(
    'say so where any end fits, and find it where what is paid afterwards is stated: %s',
    (kind) => {
      const stated = draftOf(kind, { amount: '9,800', rate: '4.8', payments: '24', payment: '300' });
      const pause = change('deferred', { from: '13', through: '15' });
      const asked = { ...stated, unknown: 'finalAmount' as const };
      expect(solveCase({ ...asked, changes: [pause] }, centRounding)).toMatchObject({
        state: 'wrong',
        problems: { finalAmount: { code: 'not-reached' } },
      });
      // 24 months of interest, and 21 payments of 300.
      const end = solved(
        { ...asked, changes: [pause, change('payment', { after: '15', amount: '300' })] },
        exactRounding,
      );
      const grown = (months: number): number => 1.004 ** months;
      const paid = (1 - grown(-12)) / 0.004 + ((1 - grown(-9)) / 0.004) * grown(-15);
      const sign = kind === 'save' ? 1 : -1;
      expect(end.exact).toBeCloseTo((9800 + sign * 300 * paid) * grown(24), 6);
    },
  );
});

describe('as stated, but…', () => {
  const stated = solved(kiln).table;
  const but = (more: Partial<Variation>): Variation => ({ id: 'v', slots: {}, changes: [], ...more });
  const outcome = (more: Partial<Variation>) => {
    const found = solveVariation(kiln, but(more), stated, centRounding);
    if (!found.ok) throw new Error(found.says);
    return found;
  };

  it('names only what differs, with the difference to the first', () => {
    expect(outcome({ slots: { payments: '72' } })).toMatchObject({
      figures: { payment: 809.16 },
      difference: { payment: -132.27, totalPaid: 1774.42 },
    });
    expect(outcome({ slots: { rate: '5.9' } }).difference.totalInterest).toBe(-940.78);
    expect(
      describeVariation(kiln.numberStyle, but({ slots: { payments: '72' } }), numberStyleById('comma-point')),
    ).toEqual({
      title: 'in 72 payments',
      only: 'only the count differs',
    });
    expect(
      describeVariation(
        kiln.numberStyle,
        but({ slots: { rate: '5.9' }, timing: 'begin' }),
        numberStyleById('comma-point'),
      ).only,
    ).toBe('2 things differ');
  });

  it('keeps the years when it pays at another frequency', () => {
    expect(applyVariation(kiln, but({ paymentsPerYear: 52 }))).toMatchObject({
      slots: { payments: '260' },
      quote: { compounding: 52 },
    });
    expect(outcome({ paymentsPerYear: 52 }).figures.years).toBe(5);
  });

  it('asks for the count where it names the payment that was asked', () => {
    const named = outcome({ slots: { payment: '1,200' } });
    expect(named.outcome.solved.unknown).toBe('payments');
    expect(named.figures.count).toBeLessThan(60);
  });

  it('puts a change of the same id in the place of the statement’s own', () => {
    const reviewed = { ...kiln, changes: [change('rate', { after: '12', rate: '7' })] };
    expect(
      applyVariation(reviewed, but({ changes: [change('rate', { after: '12', rate: '9' })] })).changes,
    ).toHaveLength(1);
    expect(
      applyVariation(reviewed, but({ changes: [change('extra', { amount: '5', from: '1' })] })).changes,
    ).toHaveLength(2);
  });

  it('refinances on the way, and counts what was paid before', () => {
    const refinancing = { after: '12', rate: '4.8', payments: '48', costs: '450', costsPaid: 'cash' as const };
    const done = outcome({ refinancing });
    expect(done.refinanced!.balance).toBe(39620.36);
    expect(done.figures.totalPaid).toBeCloseTo(11297.16 + done.table.totalPaid + 450, 2);
    expect(done.figures.totalPaid - stated.totalPaid).toBeCloseTo(-done.refinanced!.saves, 2);
    expect(
      solveVariation(kiln, but({ refinancing: { ...refinancing, rate: '' } }), stated, centRounding),
    ).toMatchObject({ ok: false, waiting: true });
    expect(
      solveVariation(kiln, but({ refinancing: { ...refinancing, after: '90' } }), stated, centRounding),
    ).toMatchObject({ ok: false, says: expect.stringContaining('59') });
  });
});

describe('another number style', () => {
  it('carries every text over without changing a number', () => {
    const [from, to] = [numberStyleById('comma-point'), numberStyleById('point-comma')];
    expect(restyleText('48,000.50', from, to)).toBe('48.000,50');
    expect(restyleText('price - 2.5%', from, to)).toBe('price - 2,5%');
    expect(restyleText('4y', from, to)).toBe('4y');
    const draft = {
      ...kiln,
      changes: [change('extra', { amount: '1,250.75', from: '3' })],
      buildUp: { price: '60,000', downPayment: '12.5%', tradeIn: '', feesAdded: '', feesTaken: '' },
    };
    const restyled = restyleDraft(draft, 'point-comma');
    expect(restyled.changes[0]!.texts.amount).toBe('1.250,75');
    expect(solved(restyled).table.totalPaid).toBe(solved(draft).table.totalPaid);
    expect(restyleDraft(restyled, 'comma-point').slots.amount).toBe('48,000');
  });
});

describe('the table as text', () => {
  it('has a head and a line a row, in plain digits', () => {
    const rows = tableText(solved(kiln).table, { from: 1, to: 2 });
    expect(rows).toEqual([
      ['No.', 'Opening', 'Interest', 'Payment', 'Extra', 'To principal', 'Closing'],
      ['1', '48000', '264', '941.43', '0', '677.43', '47322.57'],
      ['2', '47322.57', '260.27', '941.43', '0', '681.16', '46641.41'],
    ]);
    expect(tableText(solved({ ...kiln, firstPaymentDate: '2027-01-31' }).table)[2]!.slice(0, 2)).toEqual([
      '2',
      '2027-02-28',
    ]);
  });
});
