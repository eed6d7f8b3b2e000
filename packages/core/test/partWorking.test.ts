/** Every part worked: tables cell by cell, both sides of a difference, a choice, an expression with its numbers, what a part goes on from. */
import {
  answerKey,
  defaultHouseRules,
  emptyDraft,
  must,
  partWorking,
  plainStory,
  type Exercise,
  type Part,
  type PartAsk,
  type StatementDraft,
} from '../src/index.ts';

const rules = defaultHouseRules;
const draftOf = (slots: Partial<StatementDraft['slots']>, more: Partial<StatementDraft> = {}): StatementDraft => ({
  ...emptyDraft(more.kind ?? 'borrow'),
  ...more,
  slots: { ...emptyDraft().slots, ...slots },
});
const kiln = draftOf({ amount: '48,000', rate: '6.6', payments: '60' });
const longer = draftOf({ amount: '48,000', rate: '6.6', payments: '72' });
const part = (id: string, ask: PartAsk): Part => ({
  id,
  prompt: 'Find it.',
  marks: 1,
  ask,
  format: { kind: 'money', decimals: 2 },
});

const exercise: Exercise = {
  title: 'All of them',
  story: plainStory('A loan.'),
  plans: [
    { id: 'plan', name: 'plan 1', draft: kiln },
    { id: 'longer', name: 'plan 2', draft: longer },
  ],
  parts: [
    part('a', { quantity: 'payment', plan: 'plan' }),
    part('b', { quantity: 'balance-after', plan: 'plan', args: { after: '24' } }),
    part('c', { quantity: 'difference', of: 'total-interest', plan: 'longer', other: 'plan' }),
    part('d', { quantity: 'choice', of: 'total-paid', plans: ['plan', 'longer'], prefer: 'less' }),
    part('e', { quantity: 'expression', text: '60 × answer a − 48000' }),
    part('f', {
      quantity: 'table',
      plan: 'plan',
      blanks: ['*:interest', '2:opening', '*:closing'],
      args: { from: '1', to: '2' },
    }),
  ],
};
const key = answerKey(exercise, {}, rules);
const worked = (id: string) => {
  const at = exercise.parts.findIndex((each) => each.id === id);
  return partWorking(exercise, must(key[at]!), key, rules);
};
const texts = (steps: readonly { readonly text?: string }[]): string[] => steps.map(({ text = '' }) => text);

it('says what a part goes on from, and works its question', () => {
  expect(worked('a')).toMatchObject({ before: [], after: [], sides: [{ name: '' }] });
  expect(texts(worked('b').before as never)).toEqual(['Part a gave 941.43; this part goes on from it.']);
  expect(worked('b').sides).toHaveLength(1);
});

it('works both sides of a difference, then takes one from the other', () => {
  const { sides, after } = worked('c');
  expect(sides.map(({ name, question }) => [name, question.ask.quantity])).toEqual([
    ['plan 2', 'total-interest'],
    ['plan 1', 'total-interest'],
  ]);
  expect(texts(after as never)).toEqual([
    'The difference is the first less the second: 10,259.88 − 8,485.46.',
    'That is 1,774.42.',
  ]);
});

it('holds the plans of a choice against each other', () => {
  const { sides, after } = worked('d');
  expect(sides.map(({ name }) => name)).toEqual(['plan 1', 'plan 2']);
  expect(after[0]).toMatchObject({
    kind: 'rows',
    rows: [
      ['plan 1', '56,485.46'],
      ['plan 2', '58,259.88'],
    ],
  });
  expect(texts(after.slice(1) as never)).toEqual(['The one with less of it is better.', 'Plan 1, 56,485.46.']);
});

it('puts the numbers in for the answers’ names', () => {
  expect(texts(worked('e').after as never)).toEqual([
    'It asks for 60 × answer a − 48000.',
    'With the answers in their places: 60 × 941.43 − 48000.',
    'That is 8,485.80.',
  ]);
});

it('spells out each cell that is left blank', () => {
  expect(texts(worked('f').after as never)).toEqual([
    'Row 1: interest 48,000.00 × 0.0055 = 264.00; it closes at 48,000.00 − 677.43 = 47,322.57.',
    'Row 2: it opens with what row 1 has left, 47,322.57; interest 47,322.57 × 0.0055 = 260.27; it closes at 47,322.57 − 681.16 = 46,641.41.',
  ]);
  const saving = draftOf(
    { amount: '1,200', rate: '4.8', payments: '24', finalAmount: '12,000' },
    { kind: 'save', timing: 'begin' },
  );
  const one: Exercise = {
    ...exercise,
    plans: [{ id: 'plan', draft: saving }],
    parts: [part('f', { quantity: 'table', plan: 'plan', blanks: [], args: { from: '1', to: '1' } })],
  };
  const [keyed] = answerKey(one, {}, rules);
  const [first] = texts(partWorking(one, must(keyed!), [keyed!], rules).after as never);
  expect(first).toMatch(
    /^Row 1: it opens with 1,200\.00; interest \(1,200\.00 \+ [\d.]+\) × 0\.0040 = [\d.]+; deposit [\d.]+; added [\d.]+ \+ [\d.]+ = [\d.]+; it closes at/,
  );
});
