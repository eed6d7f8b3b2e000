/** Statements: read as typed, solved for any slot. */
import { emptyDraft, centRounding, solveCase, type SlotName, type StatementDraft } from '../src/index.ts';

const kiln: StatementDraft = {
  ...emptyDraft('borrow'),
  slots: { amount: '48,000', rate: '6.6', payments: '60', payment: '941.43', finalAmount: '0', converted: '' },
};

function solved(draft: StatementDraft, rounding = centRounding) {
  const outcome = solveCase(draft, rounding);
  if (outcome.state !== 'solved') throw new Error(JSON.stringify(outcome));
  return outcome.solved;
}

describe('a statement', () => {
  it.each<[SlotName, number, number]>([
    ['payment', 941.43, 2],
    ['amount', 48000.25, 2],
    ['rate', 0.066, 5],
    ['payments', 60, 9],
    ['finalAmount', 0, 9],
  ])('is solved for its %s', (unknown, expected, digits) => {
    // The rounded payment clears the loan by 0.34 too much, so that nothing can be owed at the end.
    const outcome = solveCase(
      { ...kiln, unknown, ...(unknown === 'finalAmount' ? { slots: { ...kiln.slots, payment: '941' } } : {}) },
      centRounding,
    );
    if (outcome.state !== 'solved') throw new Error(JSON.stringify(outcome));
    if (unknown === 'finalAmount') expect(outcome.solved.shown).toBeCloseTo(30.1, 1);
    else expect(outcome.solved.shown).toBeCloseTo(expected, digits);
  });

  it('reads a term in years and thousands with k', () => {
    expect(solved({ ...kiln, slots: { ...kiln.slots, amount: '48k', payments: '5y' } }).shown).toBe(941.43);
  });

  it('says in its slot what cannot be, and keeps the rest', () => {
    const at = (slots: Partial<StatementDraft['slots']>, unknown: SlotName = 'payment') =>
      solveCase({ ...kiln, unknown, slots: { ...kiln.slots, ...slots } }, centRounding);
    expect(at({ amount: '-5' })).toMatchObject({ state: 'wrong', problems: { amount: { code: 'out-of-range' } } });
    expect(at({ rate: 'low' })).toMatchObject({ state: 'wrong', problems: { rate: { code: 'unreadable' } } });
    expect(at({ amount: '', rate: 'x' })).toMatchObject({ state: 'wrong' });
    expect(at({ payments: '2.5' })).toMatchObject({
      problems: { payments: { message: expect.stringContaining('whole') } },
    });
    expect(at({ payment: '200' }, 'payments')).toMatchObject({ problems: { payment: { code: 'never-repaid' } } });
    expect(at({ amount: '' })).toEqual({ state: 'waiting', missing: ['amount'] });
    expect(at({ rate: '0' })).toMatchObject({ state: 'solved', solved: { shown: 800 } });
  });
});
