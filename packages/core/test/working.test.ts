/** Worked solutions: each way computes its own number, and all are held against each other on every reference problem. */
import {
  askCase,
  callableFunctions,
  crossCheck,
  enteringStyleById,
  evaluateExpression,
  exactRounding,
  centRounding,
  must,
  numberStyleById,
  quantities,
  quantityIds,
  shippedStyles,
  workedSolution,
  type Ask,
  type Question,
  type StatementDraft,
  type Way,
} from '../src/index.ts';
import { draftOf, draftOfPlan, reference } from './reference.ts';

const slotQuantities = ['payment', 'amount', 'final-amount', 'payments', 'rate'] as const;

/** How far a way's number may lie from the answer: its share of the amounts the problem is about. */
function closeTo(way: Way, question: Question, tolerance: number): void {
  const size =
    quantities[question.ask.quantity].unit === 'money'
      ? Math.max(1, question.solved.plan.amount, question.solved.plan.finalAmount)
      : Math.max(1e-3, Math.abs(question.exact));
  const off = Math.abs(way.number - question.exact) / size;
  if (!(off <= tolerance))
    throw new Error(`${way.title} gives ${way.number} for ${question.ask.quantity}, not ${question.exact}`);
}

const sound = (value: unknown): void => expect(JSON.stringify(value)).not.toMatch(/NaN|Infinity|undefined|null/);

describe('every way of every reference problem', () => {
  it.each(reference.fiveValues.map((values) => [values.id, values] as const))('%s', (_id, values) => {
    const draft = draftOf(values);
    let asked = 0;
    for (const quantity of slotQuantities) {
      const question = askCase(draft, { quantity }, exactRounding);
      // A payment of nothing, or a zero-rate sum, leaves some of the five without an answer.
      if (!question.ok) continue;
      asked += 1;
      for (const entering of shippedStyles) {
        const solution = workedSolution(question.value, { entering });
        sound(solution);
        if (quantity !== 'rate')
          expect(solution.ways.map(({ id }) => id)).toEqual(
            expect.arrayContaining(['formula', 'five-values', 'sheet-function', 'table']),
          );
        for (const way of solution.ways) {
          if (way.rounds.includes('count-rounded')) expect(way.number).toBe(Math.ceil(question.value.exact - 0.005));
          else closeTo(way, question.value, quantity === 'rate' || quantity === 'payments' ? 1e-6 : 1e-9);
        }
      }
    }
    expect(asked).toBeGreaterThanOrEqual(3);
  });
});

/** A line read back as it stands gives the number of its way. */
function lineHolds(way: Way, question: Question): void {
  if (!way.line || way.id !== 'formula') return;
  const back = must(evaluateExpression(way.line, {}, numberStyleById('comma-point'), callableFunctions)).value;
  const size =
    quantities[question.ask.quantity].unit === 'money'
      ? Math.max(1, question.solved.plan.amount, question.solved.plan.finalAmount)
      : Math.max(1, Math.abs(way.number));
  if (!(Math.abs(back - way.number) <= (question.solved.said?.isWhole ? 0.006 : 1e-8) * size))
    throw new Error(`${way.line} gives ${back}, not ${way.number} (${question.ask.quantity})`);
}

describe('the line to type', () => {
  it.each(reference.fiveValues.map((values) => [values.id, values] as const))(
    'of %s, parsed back, gives the number',
    (_id, values) => {
      let lines = 0;
      for (const quantity of slotQuantities) {
        const question = askCase(draftOf(values), { quantity }, exactRounding);
        if (!question.ok) continue;
        for (const way of workedSolution(question.value).ways) {
          lineHolds(way, question.value);
          if (way.line) lines += 1;
        }
      }
      expect(lines).toBeGreaterThan(3);
    },
  );
});

/** Asks with arguments that every plan of some length has. */
function asksOf(count: number): Ask[] {
  const middle = Math.max(1, Math.floor(count / 2));
  const refinancing = {
    after: Math.max(1, Math.floor(count / 3)),
    rate: { kind: 'nominal', annual: 0.04, compoundingsPerYear: 12 },
    payments: middle,
    costs: 300,
    costsPaid: 'added',
  } as const;
  return quantityIds.map((quantity) => ({
    quantity,
    after: middle,
    from: Math.max(1, middle - 3),
    to: middle,
    refinancing,
  }));
}

describe('readings of every reference table', () => {
  it.each(reference.tables.map((table) => [`${table.id} ${table.kind}`, table] as const))('%s', (_name, { plan }) => {
    const draft = draftOfPlan(plan);
    const base = askCase(draft, { quantity: 'total-interest' }, plan.rounding);
    if (!base.ok) throw new Error(base.problem.message);
    const { count } = base.value.solved.table;
    let ways = 0;
    for (const ask of asksOf(count)) {
      if (!quantities[ask.quantity].applies(draft)) continue;
      const question = askCase(draft, ask, plan.rounding);
      if (!question.ok) continue;
      const solution = workedSolution(question.value);
      sound(solution);
      expect(solution.ways.length).toBeGreaterThan(0);
      const money = quantities[ask.quantity].unit === 'money';
      for (const way of solution.ways) {
        ways += 1;
        lineHolds(way, question.value);
        // Rounded rows and payments part the ways by cents, more over many rows; never by a share of the amount.
        const room = money ? 0.05 * count : ask.quantity === 'payments' || ask.quantity === 'years' ? 1 : 0.05;
        const off = Math.abs(way.number - question.value.exact);
        // Payments in whole units clear a table earlier or later; what is left then is held by the unrounded check below.
        if (off > room && !plan.rounding.payment.startsWith('unit'))
          throw new Error(`${way.title} gives ${way.number} for ${ask.quantity}, not ${question.value.exact}`);
      }
      // Unrounded, all ways agree closely, so that what parts them above is rounding alone.
      const exact = askCase(draft, ask, exactRounding);
      if (!exact.ok) continue;
      for (const way of workedSolution(exact.value, { entering: enteringStyleById('sheet-function') }).ways)
        if (!way.rounds.includes('count-rounded') && !['paid-for-itself'].includes(ask.quantity))
          closeTo(way, exact.value, money ? 2e-8 : 1e-6);
    }
    expect(ways).toBeGreaterThan(15);
  });
});

describe('cross-check', () => {
  const kiln: StatementDraft = draftOf({
    id: '',
    paymentsPerYear: 12,
    rate: { kind: 'nominal', annual: 0.066, compoundingsPerYear: 12 },
    perPayment: 0.0055,
    timing: 'end',
    n: 60,
    pv: 48_000,
    pmt: -941.43,
    fv: 0,
  });
  const style = numberStyleById('comma-point');

  it('says that all ways agree to the cent, and why they part beyond it', () => {
    const solution = workedSolution(must(askCase(kiln, { quantity: 'payment' }, centRounding)));
    expect(solution.ways.map(({ id }) => id)).toEqual([
      'formula',
      'recurrence',
      'five-values',
      'sheet-function',
      'worksheet',
      'table',
      'search',
    ]);
    expect(crossCheck(solution, 2, style).says).toBe('All seven agree to 2 decimals.');
    const fine = crossCheck(solution, 9, style);
    expect(fine.ways.find(({ id }) => id === 'formula')!.written).toBe('941.425061490');
    expect(fine.ways.find(({ id }) => id === 'table')).toMatchObject({
      written: '941.430000000',
      because: expect.stringMatching(/rounded/),
    });
    expect(fine.says).toMatch(
      /^Five of seven agree to 9 decimals; worksheet differs: .*; table differs: the payment is rounded before it is used further\.$/,
    );
  });

  it('explains the rounding of rows for a balance', () => {
    const solution = workedSolution(must(askCase(kiln, { quantity: 'balance-after', after: 24 }, centRounding)));
    const checked = crossCheck(solution, 4, style);
    for (const { difference, because } of checked.ways) expect(because === undefined).toBe(difference === 0);
    expect(checked.ways.some(({ because }) => because?.includes('every row'))).toBe(true);
  });
});
