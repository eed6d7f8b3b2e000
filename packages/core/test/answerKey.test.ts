/** Keys of exercises whose parts use each other: order, circles, names, what is rounded on the way. */
import {
  answerKey,
  answerKeyOf,
  defaultHouseRules,
  exerciseProblems,
  must,
  usesOf,
  type Exercise,
} from '../src/index.ts';
import { asking, ferry, given, loan, part } from './exercises.ts';

const keys = (exercise: Exercise, rules = defaultHouseRules, own = {}) =>
  answerKey(exercise, {}, rules, own).map((keyed) => (keyed.ok ? keyed.value.written : keyed.problem.message));

describe('a chain of parts', () => {
  it('is worked in the order in which the parts use each other', () => {
    expect(keys(ferry)).toEqual(['625.72', '17,456.86', '637.58', '355.80']);
    expect(keys({ ...ferry, parts: [...ferry.parts].reverse() })).toEqual(['355.80', '637.58', '17,456.86', '625.72']);
  });

  it('says which parts each uses, by name and silently', () => {
    expect(ferry.parts.map((each) => usesOf(ferry, each))).toEqual([[], ['a'], ['b'], ['a', 'c']]);
  });

  it('goes on from own answers where there are any', () => {
    const own = answerKey(ferry, {}, defaultHouseRules, { b: 18_771.6 }).map(must);
    expect(own[2]!.written).toBe('685.59');
    expect(own[3]!.written).toBe('1,796.10');
    expect(own[0]!.written).toBe('625.72');
  });

  it('works one part by itself as among all', () => {
    for (const [at, { id }] of ferry.parts.entries())
      expect(must(answerKeyOf(ferry, id, {}, defaultHouseRules)).exact).toBe(
        must(answerKey(ferry, {}, defaultHouseRules)[at]!).exact,
      );
  });

  it('rounds an earlier answer before it is used, or not, as the rules and the part say', () => {
    const chain = (earlier?: 'rounded' | 'exact') =>
      asking(
        [{ id: 'plan', draft: loan() }],
        [
          part('a', { quantity: 'rate-per-payment', plan: 'plan' }, { format: { kind: 'percent', decimals: 1 } }),
          part('b', { quantity: 'expression', text: '1000 × answer a' }, earlier ? { earlier } : {}),
        ],
      );
    expect(keys(chain())).toEqual(['0.5\u00a0%', '5.00']);
    expect(keys(chain(), { ...defaultHouseRules, earlier: 'exact' })).toEqual(['0.5\u00a0%', '4.75']);
    expect(keys(chain('exact'))).toEqual(['0.5\u00a0%', '4.75']);
    expect(keys(chain('rounded'), { ...defaultHouseRules, earlier: 'exact' })).toEqual(['0.5\u00a0%', '5.00']);
  });
});

describe('what cannot be worked', () => {
  it('names a circle', () => {
    const circle = asking(
      [
        { id: 'one', draft: loan({ amount: 'answer b' }) },
        { id: 'two', draft: loan({ amount: 'answer a' }) },
      ],
      [part('a', { quantity: 'payment', plan: 'one' }), part('b', { quantity: 'payment', plan: 'two' })],
    );
    expect(keys(circle)[0]).toBe('The parts go round in a circle: a needs b needs a.');
  });

  it('says what comes first and has no answer yet, and the others go on', () => {
    const broken = asking(
      [
        { id: 'plan', draft: loan({ amount: 'nothing known' }) },
        { id: 'after', draft: loan({ amount: 'answer a' }) },
        { id: 'whole', draft: loan() },
      ],
      [
        part('a', { quantity: 'payment', plan: 'plan' }),
        part('b', { quantity: 'payment', plan: 'after' }),
        part('c', { quantity: 'payment', plan: 'whole' }),
        part('d', { quantity: 'payment', plan: 'gone' }),
      ],
    );
    const [a, b, c, d] = keys(broken);
    expect(a).toContain('should be a number');
    expect(b).toContain('Part a comes first, and it has no answer yet');
    expect(c).toBe('625.72');
    expect(d).toContain('a plan that is not in the exercise');
  });

  it.each([
    [
      'an expression with a name nobody knows',
      { quantity: 'expression', text: '2 × answer z' },
      'is not a name that can be used here',
    ],
    ['an expression that divides by nothing', { quantity: 'expression', text: '1 / (2 − 2)' }, ''],
    ['a balance after the end', { quantity: 'balance-after', plan: 'plan', args: { after: '99' } }, '48'],
    ['a choice of one', { quantity: 'choice', of: 'total-interest', plans: ['plan'], prefer: 'less' }, 'two plans'],
    [
      'a table that begins after the end',
      { quantity: 'table', plan: 'plan', blanks: [], args: { from: '60' } },
      'from 1 to 48',
    ],
    [
      'a table that ends before it begins',
      { quantity: 'table', plan: 'plan', blanks: [], args: { from: '9', to: '3' } },
      'at or after its first',
    ],
    ['a table too long to fill in', { quantity: 'table', plan: 'long', blanks: [] }, 'At most 120 rows'],
    [
      'a table with nothing to fill in',
      { quantity: 'table', plan: 'plan', blanks: ['99:interest'], args: { from: '1', to: '3' } },
      'No cell is left blank',
    ],
  ] as const)('says so of %s', (_what, ask, says) => {
    const exercise = asking(
      [
        { id: 'plan', draft: loan() },
        { id: 'long', draft: loan({ payments: '240' }) },
      ],
      [part('a', ask)],
    );
    const [keyed] = answerKey(exercise, {}, defaultHouseRules);
    expect(keyed!.ok).toBe(false);
    expect(keys(exercise)[0]).toContain(says);
    expect(exerciseProblems(exercise, defaultHouseRules)).not.toEqual([]);
  });
});

describe('two plans', () => {
  const two = [
    { id: 'bank', name: 'the harbour bank', draft: loan() },
    { id: 'island', name: 'the island bank', draft: loan({ rate: '5.9' }) },
  ];
  it('have a difference', () => {
    expect(
      keys(asking(two, [part('a', { quantity: 'difference', of: 'payment', plan: 'island', other: 'bank' })])),
    ).toEqual(['2.45']);
  });
  it('have a better one, by less or by more', () => {
    const choice = (prefer: 'less' | 'more') =>
      keys(
        asking(two, [part('a', { quantity: 'choice', of: 'total-interest', plans: ['bank', 'island'], prefer })]),
      )[0];
    expect(choice('less')).toMatch(/^the harbour bank, 3,2/);
    expect(choice('more')).toMatch(/^the island bank, 3,3/);
  });
});

describe('givens', () => {
  const drawn = asking(
    [{ id: 'plan', draft: loan({ amount: 'amount', rate: 'rate', payments: 'years × 12' }) }],
    [part('a', { quantity: 'payment', plan: 'plan' })],
    [
      given('amount', '26,800', 'money', { by: 'range', from: '20,000', to: '30,000', step: '100' }),
      given('rate', '5.7', 'rate'),
      given('years', '4', 'years'),
    ],
  );
  it('stand in slots and their arithmetic, with a student’s own numbers where there are any', () => {
    expect(keys(drawn)).toEqual(['625.72']);
    expect(must(answerKey(drawn, { amount: 13_400 }, defaultHouseRules)[0]!).written).toBe('312.86');
    expect(must(answerKey(drawn, { rate: 6.6, amount: 48_000, years: 5 }, defaultHouseRules)[0]!).written).toBe(
      '941.43',
    );
  });
  it('that have no number yet are named where they are used', () => {
    const missing = {
      ...drawn,
      givens: [given('amount', '', 'money'), given('rate', '5.7', 'rate'), given('years', '4', 'years')],
    };
    expect(keys(missing)).toEqual(['“amount” has no number yet.']);
  });
});
