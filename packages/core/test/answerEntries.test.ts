/** Answers as students write them: words around a number, units, brackets that multiply, and what a tool shows instead. */
import { checkSubmission, defaultHouseRules, type AnswerFormat, type Quantity } from '../src/index.ts';
import { asking, loan, part } from './exercises.ts';

const money: AnswerFormat = { kind: 'money', decimals: 2 };
const verdict = (text: string, quantity: Quantity, format: AnswerFormat, draft = loan()) =>
  checkSubmission(
    asking([{ id: 'plan', draft }], [part('a', { quantity, plan: 'plan' }, { format })]),
    {},
    { a: text },
    defaultHouseRules,
  )[0]!;

it.each([
  '625.72 per month',
  '625.72/month',
  '625.72 / mo.',
  '625.72 a month',
  '625.72 monthly',
  'PMT = 625.72',
  'x = 625.72',
  'payment: 625.72',
  'a) 625.72',
  '≈ 625.72',
  '~625.72',
  'about 625.72',
  'approx. $625.72',
  '625.72.',
  'US$625.72',
  'US$ 625.72 per month.',
  'PLN 625.72',
  '625.72 CZK',
  '26800(0.057/12)/(1-(1+0.057/12)^-48)',
  '26800(0.057/12)(1/(1-(1+0.057/12)^-48))',
  '=PMT(0.057/12;48;-26800)',
  '=PMT(0.057/12,48,-26800)',
])('%s is the payment', (text) => expect(verdict(text, 'payment', money).kind).toBe('right'));

const rate = loan({ rate: '', payment: '625.72' }, { unknown: 'rate' });
it.each(['5.70 % p.a.', '5.70% per year', '5.70 pct', '5.70 percent a year', 'r = 5.70 %', '5.7'])(
  '%s is the rate',
  (text) => expect(verdict(text, 'rate', { kind: 'percent', decimals: 2 }, rate).kind).toMatch(/^right/),
);

const quarterly = loan({ payments: '', payment: '890.66' }, { unknown: 'payments', paymentsPerYear: 4 });
it.each(['40', '40 quarters', '10 years', '40 payments', 'n = 40', '120 months', 'about 40 payments.'])(
  '%s are 40 quarterly payments',
  (text) => {
    const exact = loan({ payments: '40' }, { paymentsPerYear: 4 });
    const { expected } = verdict('0', 'payment', money, exact);
    const draft = { ...quarterly, slots: { ...quarterly.slots, payment: String(expected) } };
    expect(verdict(text, 'payments', { kind: 'count', decimals: 0, up: true }, draft).kind).toBe('right');
  },
);

it.each(['12 years 5 months', '149 months', '149', '12y5m'])('%s are 149 monthly payments', (text) => {
  const { expected } = verdict('0', 'payment', money, loan({ payments: '149' }));
  const draft = loan({ payments: '', payment: String(expected) }, { unknown: 'payments' });
  expect(verdict(text, 'payments', { kind: 'count', decimals: 0, up: true }, draft).kind).toBe('right');
});

it.each(['3y9m', '3 yr. 9 mo.', '3 years, 9 months', '3 yrs and 9 months.', '45 months'])('%s is a time', (text) => {
  const { expected } = verdict('0', 'payment', money, loan({ payments: '45' }));
  const draft = loan({ payments: '', payment: String(expected) }, { unknown: 'payments' });
  expect(verdict(text, 'years', { kind: 'years-months', decimals: 0, up: true }, draft).kind).toBe('right');
});

it.each(['Error 1', 'ERROR', 'Err:502', '#NUM!', '#DIV/0!', 'no solution', 'No solution.', 'math error', 'E'])(
  '%s is what a tool shows, kept as such',
  (text) =>
    expect(verdict(text, 'payment', money)).toMatchObject({
      kind: 'shown-error',
      credit: 0,
      says: 'The tool showed an error instead of a number.',
    }),
);

it('guesses where there is one number in what cannot be read', () => {
  expect(verdict('I think 625.72 because of the table', 'payment', money)).toMatchObject({
    kind: 'unreadable',
    says: expect.stringMatching(/Perhaps 625\.72\?$/),
  });
  expect(verdict('either 600 or 625.72', 'payment', money).says).not.toContain('Perhaps');
});
