/** Recurrences as questions: read in whatever form they are written, judged piece by piece, terms and multipliers as numbers. */
import {
  answerKey,
  askCase,
  centRounding,
  checkSubmission,
  defaultHouseRules,
  must,
  numberStyleById,
  plainStory,
  readRelation,
  usualWriting,
  workedSolution,
  type Exercise,
  type HouseRules,
  type Part,
  type Verdict,
} from '../src/index.ts';
import { draftOf } from './drafts.ts';

const read = (text: string, id = 'comma-point') => readRelation(text, numberStyleById(id));

describe('a recurrence is read', () => {
  it.each([
    'V0 = 48000, V(n+1) = 1.0055 V(n) - 941.43',
    'V₀ = 48,000, Vₙ₊₁ = 1.0055·Vₙ − 941.43',
    'V_0 = 48,000.00; V_{n+1} = 1.0055 V_n − 941.43',
    'u_n = 1.0055*u_{n-1} - 941.43, u_0 = 48000',
    'Un = 1.0055Un-1 - 941.43 and U0 = 48 000',
    'T(k) = T(k-1) × 1.0055 − 941.43, starting at 48000',
    'A(n+1) = -941.43 + A(n)*(1 + 0.0055), A(0)=48000',
    'V0 = 48000. V(n+1) = V(n) + 0.0055 V(n) - 941.43',
    'start 48000; Vn+1 = 1.0055 x Vn - 941.43',
  ])('from “%s”', (text) => {
    const found = must(read(text));
    expect(found.start).toBe(48000);
    expect(found.multiplier).toBeCloseTo(1.0055, 12);
    expect(found.constant).toBeCloseTo(-941.43, 9);
  });

  it('with its brackets multiplied out, and with a decimal comma', () => {
    expect(must(read('V(n+1) = 1.004 (V(n) + 300), V(0) = 0'))).toMatchObject({
      start: 0,
      multiplier: expect.closeTo(1.004, 12),
      constant: expect.closeTo(301.2, 9),
    });
    expect(must(read('V(0) = 48.000; V(n+1) = 1,0055 V(n) − 941,43', 'point-comma'))).toMatchObject({
      start: 48000,
      multiplier: expect.closeTo(1.0055, 12),
      constant: expect.closeTo(-941.43, 9),
    });
    // Without a start the rest is still read.
    expect(must(read('V(n+1) = 1.0055 V(n) − 941.43')).start).toBeUndefined();
  });

  it.each([
    ['', 'Nothing was written.'],
    ['941.43', /A relation is expected/],
    ['V(n+1) = 941.43', /must have the term before/],
    ['V(n+1) = V(n) * V(n)', /times a number/],
    ['V(n+1) = 1.0055 V(n) −', /cannot be worked out/],
    ['V'.repeat(400), /characters long/],
  ])('and “%s” is answered in a sentence', (text, message) => {
    const found = read(text);
    expect(found.ok).toBe(false);
    if (!found.ok) expect(found.problem.message).toMatch(message);
  });
});

const kiln = draftOf('borrow', { amount: '48,000', rate: '6.6', payments: '60' });
const saving = draftOf(
  'save',
  { amount: '1,200', rate: '4.8', payments: '24', finalAmount: '12,000' },
  { timing: 'begin' },
);
const relation: Part = {
  id: 'r',
  prompt: 'State the recurrence.',
  marks: 3,
  ask: { quantity: 'relation', plan: 'plan' },
  format: { kind: 'number', decimals: 4 },
};
const made = (parts: readonly Part[], draft = kiln): Exercise => ({
  title: 'Terms',
  story: plainStory('x'),
  plans: [{ id: 'plan', draft }],
  parts,
});
const judged = (text: string, draft = kiln, rules: HouseRules = defaultHouseRules): Verdict =>
  checkSubmission(made([relation], draft), {}, { r: text }, rules)[0]!;

describe('a recurrence is judged', () => {
  it('right in any form, whoever rounds the payment', () => {
    for (const text of [
      'V0 = 48000, V(n+1) = 1.0055 V(n) - 941.43',
      'u_n = 1.0055 u_{n-1} - 941.4251, u_0 = 48000',
      'V(n+1) = V(n)(1 + 0.066/12) - 941.43, V(0) = 48,000',
    ])
      expect(judged(text)).toMatchObject({ kind: 'right', credit: 1 });
  });

  it('in advance the amount grows too, in brackets or out of them', () => {
    const key = must(answerKey(made([relation], saving), {}, defaultHouseRules)[0]!);
    const { step, multiplier } = key.relation!;
    expect(key.written).toMatch(/^V₀ = 1,200\.00, Vₙ₊₁ = 1\.004·\(Vₙ \+ \d/);
    expect(judged(`V0 = 1200, V(n+1) = 1.004 (V(n) + ${step})`, saving).kind).toBe('right');
    expect(judged(`V0 = 1200, V(n+1) = 1.004 V(n) + ${(step * multiplier).toFixed(2)}`, saving).kind).toBe('right');
    expect(judged(`V0 = 1200, V(n+1) = 1.004 V(n) + ${step}`, saving).says).toContain('it grows too');
  });

  it.each([
    ['V0 = 48000, V(n+1) = 0.0055 V(n) - 941.43', 'multiplier', /1 is added/],
    ['V0 = 48000, V(n+1) = 1.066 V(n) - 941.43', 'multiplier', /rate a year was added/],
    ['V0 = 48000, V(n+1) = 0.9945 V(n) - 941.43', 'multiplier', /grows by it/],
    ['V0 = 48000, V(n+1) = 1.55 V(n) - 941.43', 'multiplier', /in percent/],
    ['V0 = 48000, V(n+1) = 1.0055 V(n) + 941.43', 'amount', /it is taken away/],
    ['V0 = 48000, V(n+1) = 1.0055 V(n)', 'amount', /left out/],
    ['V0 = 941.43, V(n+1) = 1.0055 V(n) - 941.43', 'start', /this is the payment/],
    ['V(n+1) = 1.0055 V(n) - 941.43', 'start', /not written/],
  ])('piece by piece: %s', (text, piece, why) => {
    const verdict = judged(text);
    expect(verdict.credit).toBeCloseTo(2 / 3, 9);
    const wrong = verdict.cells!.filter(({ kind }) => kind !== 'right');
    expect(wrong.map(({ id }) => id)).toEqual([`relation:${piece}`]);
    expect(verdict.says).toMatch(why);
  });

  it('as it cannot be read, with what was written kept', () => {
    expect(judged('no idea')).toMatchObject({
      kind: 'unreadable',
      credit: 0,
      says: expect.stringMatching(/A relation is expected/),
    });
    expect(judged('')).toMatchObject({ kind: 'blank' });
  });

  it('from the student’s own earlier payment', () => {
    const payment: Part = {
      id: 'a',
      prompt: 'Find the payment.',
      marks: 2,
      ask: { quantity: 'payment', plan: 'plan' },
      format: { kind: 'money', decimals: 2 },
    };
    const verdicts = checkSubmission(
      made([payment, relation]),
      {},
      { a: '950', r: 'V0 = 48000, V(n+1) = 1.0055 V(n) - 950' },
      defaultHouseRules,
    );
    expect(verdicts[1]).toMatchObject({ kind: 'carried', credit: 1 });
  });

  it('is written as the class writes it', () => {
    const rules = { ...defaultHouseRules, writing: { ...usualWriting, relation: 'last' as const } };
    expect(must(answerKey(made([relation]), {}, rules)[0]!).written).toBe('u₀ = 48,000.00, uₙ = 1.0055·uₙ₋₁ − 941.43');
  });
});

const part = (id: string, ask: Part['ask'], format: Part['format']): Part => ({
  id,
  prompt: 'Find it.',
  marks: 1,
  ask,
  format,
});

describe('numbers of a recurrence', () => {
  const exercise = made([
    part('m', { quantity: 'multiplier', plan: 'plan' }, { kind: 'number', decimals: 8 }),
    part('t', { quantity: 'term', plan: 'plan', args: { after: '3' } }, { kind: 'money', decimals: 2 }),
    part(
      'f',
      { quantity: 'term-below', plan: 'plan', args: { below: '40,000' } },
      { kind: 'count', decimals: 0, up: true },
    ),
  ]);

  it('are the multiplier to eight places, a term, and the first term past an amount', () => {
    const weekly = { ...kiln, paymentsPerYear: 52, quote: { ...kiln.quote, compounding: 2 as const } };
    expect(answerKey(exercise, {}, defaultHouseRules).map((each) => must(each).written)).toEqual([
      '1.00550000',
      '45,956.51',
      '12',
    ]);
    const other = made(exercise.parts, weekly);
    expect(must(answerKey(other, {}, defaultHouseRules)[0]!).exact).toBeCloseTo(1.033 ** (2 / 52), 12);
    const verdict = (m: string): string => checkSubmission(other, {}, { m }, defaultHouseRules)[0]!.kind;
    expect(verdict((1.033 ** (2 / 52)).toFixed(8))).toBe('right');
    expect(verdict((1.033 ** (2 / 52)).toFixed(5))).toBe('right-rounded');
    expect(verdict('1.066')).not.toMatch(/^right/);
  });

  it('stop where no term gets there', () => {
    const never = made(
      [part('f', { quantity: 'term-below', plan: 'plan', args: { below: '900,000' } }, { kind: 'count', decimals: 0 })],
      draftOf('borrow', { amount: '48,000', rate: '6.6', payments: '60', payment: '263' }, { unknown: 'finalAmount' }),
    );
    expect(answerKey(never, {}, defaultHouseRules)[0]).toMatchObject({ ok: false, problem: { code: 'not-reached' } });
  });

  it('rise to an amount where something is saved', () => {
    const plan = draftOf(
      'save',
      { amount: '0', rate: '6', payments: '36', payment: '100' },
      { unknown: 'finalAmount' },
    );
    const asks = made(
      [part('f', { quantity: 'term-below', plan: 'plan', args: { below: '1,000' } }, { kind: 'count', decimals: 0 })],
      plan,
    );
    expect(must(answerKey(asks, {}, defaultHouseRules)[0]!).exact).toBe(10);
  });
});

it('a plan that changes on the way has terms that follow the changes, and no single relation', () => {
  const draft = draftOf(
    'borrow',
    { amount: '48,000', rate: '6.6', payments: '60' },
    {
      changes: [
        { id: 'd', kind: 'draw', texts: { amount: '5,000', before: '13' }, payment: 'again' },
        { id: 'r', kind: 'rate', texts: { after: '24', rate: '7.8' }, payment: 'again' },
      ],
    },
  );
  const term = must(askCase(draft, { quantity: 'term', after: 30 }, centRounding));
  const { rows } = term.solved.table;
  let value = 48_000;
  for (let k = 1; k <= 30; k += 1)
    value = (value + (k === 13 ? 5000 : 0)) * (1 + (k <= 24 ? 0.066 : 0.078) / 12) - rows[k - 1]!.payment;
  expect(term.exact).toBeCloseTo(value, 6);
  for (const way of workedSolution(term).ways) expect([way.id, way.number]).toEqual([way.id, expect.closeTo(value, 1)]);
  const past = must(askCase(draft, { quantity: 'term-below', below: rows[36]!.closing + 1 }, centRounding));
  expect(past.exact).toBe(37);
  const stated = made([part('r', { quantity: 'relation', plan: 'plan' }, { kind: 'number', decimals: 4 })], draft);
  expect(answerKey(stated, {}, defaultHouseRules)[0]).toMatchObject({ ok: false, problem: { field: 'plan' } });
});
