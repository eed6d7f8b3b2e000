/** A typed statement read once into numbers: slots, changes, build-up, and what stands in the way. */
import {
  capital,
  emptyDraft,
  lookUp,
  mapTexts,
  namesOf,
  newChange,
  nth,
  readStatement,
  slotNames,
  type ChangeDraft,
  type StatementDraft,
} from '../src/index.ts';

const loan = (part: Partial<StatementDraft> = {}, slots: Partial<StatementDraft['slots']> = {}): StatementDraft => ({
  ...emptyDraft('borrow'),
  slots: { ...emptyDraft().slots, amount: '7,200', rate: '6', payments: '24', ...slots },
  ...part,
});
const change = (kind: ChangeDraft['kind'], id: string, texts: ChangeDraft['texts']): ChangeDraft => ({
  ...newChange(kind, id),
  texts,
});

it('reads every slot but the unknown one: rates as fractions, terms as payments', () => {
  expect(readStatement(loan({}, { payment: '319.11', payments: '2 years' }))).toMatchObject({
    state: 'read',
    statement: { unknown: 'payment', numbers: { amount: 7200, rate: 0.06, payments: 24, finalAmount: 0 } },
  });
  const read = readStatement(loan({}, { payment: '319.11' }));
  expect(read.state === 'read' && 'payment' in read.statement.numbers).toBe(false);
});

it('means the same in every number style', () => {
  const [here, there] = [
    readStatement(loan({}, { amount: '7,200.50' })),
    readStatement(loan({ numberStyle: 'point-comma' }, { amount: '7.200,50' })),
  ];
  expect(here).toEqual(there);
  expect(here).toMatchObject({ state: 'read', statement: { numbers: { amount: 7200.5 } } });
});

it('takes what slots name from outside', () => {
  const read = readStatement(loan({}, { amount: 'price asked', payments: 'years × 12' }), {
    'price asked': 5400,
    years: 3,
  });
  expect(read).toMatchObject({ state: 'read', statement: { numbers: { amount: 5400, payments: 36 } } });
});

it('counts the changes that are filled in, each with its id, and leaves the others waiting', () => {
  const changes = [
    change('extra', 'half-typed', { amount: '', from: '1' }),
    change('extra', 'more', { amount: '50', from: '3', to: '6', every: '' }),
    change('rate', 'review', { after: '12', rate: '7.5' }),
  ];
  expect(readStatement(loan({ changes }))).toMatchObject({
    state: 'read',
    changeIds: ['more', 'review'],
    statement: {
      changes: [
        { kind: 'extra', amount: 50, from: 3, to: 6 },
        { kind: 'rate', after: 12, rate: { kind: 'nominal', annual: 0.075 } },
      ],
    },
  });
});

it('lays a sentence beside each slot and each change that cannot be read', () => {
  const changes = [change('draw', 'odd', { amount: '500', before: '2.5' })];
  expect(readStatement(loan({ changes }, { amount: 'many' }))).toMatchObject({
    state: 'wrong',
    problems: { amount: { field: 'amount' } },
    changeProblems: { odd: { before: { field: 'before' } } },
  });
});

it('waits for what is empty, and says for what', () => {
  expect(readStatement(loan({}, { amount: '', rate: ' ' }))).toEqual({ state: 'waiting', missing: ['amount', 'rate'] });
});

it('carries a build-up in numbers, a share paid down as the share that was stated', () => {
  const buildUp = { price: '31,333', downPayment: '20 %', tradeIn: '', feesAdded: '120', feesTaken: '' };
  const read = readStatement(loan({ buildUp }));
  expect(read).toMatchObject({
    state: 'read',
    statement: {
      numbers: { amount: 25186.4 },
      buildUp: { price: 31333, downPayment: 6266.6, downPaymentShare: 0.2, feesAdded: 120, amount: 25186.4 },
    },
  });
  const plain = readStatement(loan({ buildUp: { ...buildUp, downPayment: '6,266.60' } }));
  expect(plain.state === 'read' && plain.statement.buildUp).not.toHaveProperty('downPaymentShare');
});

it('finds elements, names and texts of records, and says where there is nothing', () => {
  expect(nth(['a', 'b'], 1)).toBe('b');
  expect(() => nth(['a', 'b'], 2)).toThrow(RangeError);
  expect(lookUp({ rate: 1 }, 'toString')).toBeUndefined();
  expect(namesOf(loan().slots).toSorted()).toEqual([...slotNames].toSorted());
  expect(mapTexts({ says: 'one', count: 1, none: undefined }, (text) => `${text}!`)).toEqual({
    says: 'one!',
    count: 1,
    none: undefined,
  });
  expect([capital('still owed'), capital('')]).toEqual(['Still owed', '']);
});
