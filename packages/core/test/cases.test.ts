/** Statements: read as typed, solved for any slot, worked three ways that agree. */
import { emptyDraft, exactRounding, centRounding, must, solveCase, workedSolution, type SlotName, type StatementDraft, type StatementKind } from '../src/index.ts';

const kiln: StatementDraft = { ...emptyDraft('borrow'), slots: { amount: '48,000', rate: '6.6', payments: '60', payment: '941.43', finalAmount: '0', converted: '' } };

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
    const outcome = solveCase({ ...kiln, unknown, ...(unknown === 'finalAmount' ? { slots: { ...kiln.slots, payment: '941' } } : {}) }, centRounding);
    if (outcome.state !== 'solved') throw new Error(JSON.stringify(outcome));
    if (unknown === 'finalAmount') expect(outcome.solved.shown).toBeCloseTo(30.1, 1);
    else expect(outcome.solved.shown).toBeCloseTo(expected, digits);
  });

  it('reads a term in years and thousands with k', () => {
    expect(solved({ ...kiln, slots: { ...kiln.slots, amount: '48k', payments: '5y' } }).shown).toBe(941.43);
  });

  it('says in its slot what cannot be, and keeps the rest', () => {
    const at = (slots: Partial<StatementDraft['slots']>, unknown: SlotName = 'payment') => solveCase({ ...kiln, unknown, slots: { ...kiln.slots, ...slots } }, centRounding);
    expect(at({ amount: '-5' })).toMatchObject({ state: 'wrong', problems: { amount: { code: 'out-of-range' } } });
    expect(at({ rate: 'low' })).toMatchObject({ state: 'wrong', problems: { rate: { code: 'unreadable' } } });
    expect(at({ amount: '', rate: 'x' })).toMatchObject({ state: 'wrong' });
    expect(at({ payments: '2.5' })).toMatchObject({ problems: { payments: { message: expect.stringContaining('whole') } } });
    expect(at({ payment: '200' }, 'payments')).toMatchObject({ problems: { payment: { code: 'never-repaid' } } });
    expect(at({ amount: '' })).toEqual({ state: 'waiting', missing: ['amount'] });
    expect(at({ rate: '0' })).toMatchObject({ state: 'solved', solved: { shown: 800 } });
  });
});

describe('the three ways', () => {
  const kinds: readonly StatementKind[] = ['borrow', 'lease', 'save', 'draw-down'];
  const slots: readonly SlotName[] = ['amount', 'rate', 'payments', 'payment', 'finalAmount'];

  it.each(kinds.flatMap((kind) => slots.flatMap((unknown) => (['end', 'begin'] as const).map((timing) => ({ kind, unknown, timing })))))(
    'agree for $unknown of $kind at the $timing',
    ({ kind, unknown, timing }) => {
      const save = kind === 'save';
      const full = solved(
        {
          ...emptyDraft(kind),
          timing,
          unknown: 'payment',
          slots: { amount: save ? '1,000' : '30,000', rate: '7.2', payments: '36', payment: '', finalAmount: save ? '20,000' : '4,000', converted: '' },
        },
        exactRounding,
      );
      const texts = { amount: save ? '1000' : '30000', rate: '7.2', payments: '36', payment: String(full.exact), finalAmount: save ? '20000' : '4000', converted: '' };
      const draft: StatementDraft = { ...emptyDraft(kind), timing, unknown, slots: texts };
      const again = solved(draft, exactRounding);
      const { ways } = workedSolution(draft, again);
      expect(ways.map(({ id }) => id)).toEqual(['formula', 'five-values', 'sheet-function']);
      for (const way of ways) expect(Math.abs(way.number - again.exact)).toBeLessThan(1e-7 * Math.max(1, Math.abs(again.exact)));
      const expected = { amount: save ? 1000 : 30000, rate: 0.072, payments: 36, payment: full.exact, finalAmount: save ? 20000 : 4000, converted: 0 }[unknown];
      expect(Math.abs(ways[0]!.number - expected)).toBeLessThan(1e-6 * expected);
      expect(must({ ok: true, value: JSON.stringify(ways) })).not.toMatch(/NaN|Infinity|undefined/);
    },
  );
});
