/** Small exercises for tests, written as short as they can be. */
import {
  emptyDraft,
  plainStory,
  type Exercise,
  type Given,
  type Part,
  type PartAsk,
  type StatementDraft,
} from '../src/index.ts';

type Slots = Partial<StatementDraft['slots']>;

export const loan = (slots: Slots = {}, more: Partial<StatementDraft> = {}): StatementDraft => {
  const start = emptyDraft(more.kind ?? 'borrow');
  return { ...start, ...more, slots: { ...start.slots, amount: '26,800', rate: '5.7', payments: '48', ...slots } };
};

export const part = (id: string, ask: PartAsk, more: Partial<Part> = {}): Part => ({
  id,
  prompt: `Part ${id}.`,
  marks: 2,
  ask,
  format: { kind: 'money', decimals: 2 },
  ...more,
});

export const asking = (plans: Exercise['plans'], parts: readonly Part[], givens: readonly Given[] = []): Exercise => ({
  title: 'A test',
  story: plainStory('A story.'),
  plans,
  parts,
  givens,
});

export const given = (
  name: string,
  now: string,
  kind: Given['kind'] = 'money',
  vary: Given['vary'] = { by: 'fixed' },
): Given => ({ name, kind, now, vary });

/** The ferry refit: payment, balance after 18, the new payment from it, what the change costs. */
export const ferry = asking(
  [
    { id: 'plan', draft: loan() },
    { id: 'after', draft: loan({ amount: 'answer b', rate: '7.2', payments: '30' }) },
  ],
  [
    part('a', { quantity: 'payment', plan: 'plan' }),
    part('b', { quantity: 'balance-after', plan: 'plan', args: { after: '18' } }, { marks: 3 }),
    part('c', { quantity: 'payment', plan: 'after' }, { marks: 3 }),
    part('d', { quantity: 'expression', text: '30 × (answer c − answer a)' }),
  ],
);
