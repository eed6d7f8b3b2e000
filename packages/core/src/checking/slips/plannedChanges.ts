/** Slips of plans that change on the way: a change left out, made twice, made a row late, or taken for the whole time. */

import { compute, computeByTable } from '../../case/compute.ts';
import { changed } from '../../case/inputs.ts';
import type { Inputs } from '../../case/quantity.ts';
import { ratePerPayment } from '../../rates/quotedRate.ts';
import type { Change, Plan } from '../../table/plan.ts';
import { defineSlip, percent, type Asked, type Slip, type SlipFamily, type WrongResult } from '../slip.ts';

type Kind = Change['kind'];

const changesBy = (asked: Asked, ...kinds: Kind[]): boolean =>
  asked.question.solved.plan.changes.some(({ kind }) => kinds.includes(kind));

/** What the question comes to with another plan behind it: by its table, and by the closed form where no change is left. */
function withPlan(asked: Asked, plan: Plan, inputs: Inputs, did: string): WrongResult[] {
  const { question } = asked;
  const other = { ...question, solved: { ...question.solved, plan } };
  const found = [...computeByTable(other, inputs, plan.rounding), ...compute(other, inputs)];
  return [...new Set(found)].map((result) => ({ result, did }));
}

function withChanges(asked: Asked, change: (change: Change) => readonly Change[], did: string): WrongResult[] {
  const { plan } = asked.question.solved;
  return withPlan(asked, { ...plan, changes: plan.changes.flatMap(change) }, asked.inputs, did);
}

interface ChangedOtherwise {
  readonly id: string;
  readonly family: SlipFamily;
  readonly of: readonly Kind[];
  readonly title: string;
  readonly advice: string;
  readonly weight: number;
  readonly did: string;
  /** What is made of a change of that kind. */
  readonly otherwise: (change: Change) => readonly Change[];
}

const slipOf = ({ of, did, otherwise, ...named }: ChangedOtherwise): Slip =>
  defineSlip({
    ...named,
    applies: (asked) => asked.kind.level && changesBy(asked, ...of),
    wrongMethod: (_inputs, asked) =>
      withChanges(asked, (change) => (of.includes(change.kind) ? otherwise(change) : [change]), did),
  });

export const changeSlips: readonly Slip[] = [
  slipOf({
    id: 'old-rate-kept',
    family: 'rate',
    of: ['rate'],
    title: 'The old rate kept',
    advice: 'The rate changes on the way; from then on interest is at the new one.',
    weight: 9,
    did: 'The rate was left as it was at the start.',
    otherwise: () => [],
  }),
  defineSlip({
    id: 'new-rate-throughout',
    family: 'rate',
    title: 'The new rate over the whole time',
    advice: 'Until the rate changes interest is at the old one.',
    weight: 8,
    applies: (asked) => asked.kind.level && changesBy(asked, 'rate'),
    wrongMethod: (inputs, asked) => {
      const { plan } = asked.question.solved;
      return plan.changes.flatMap((change): WrongResult[] => {
        if (change.kind !== 'rate') return [];
        const i = ratePerPayment(change.rate, inputs.p);
        if (!i.ok) return [];
        const changes = plan.changes.filter(({ kind }) => kind !== 'rate');
        const did = `The later rate, ${percent(asked, i.value)} for each payment, was used from the start.`;
        return withPlan(asked, { ...plan, rate: change.rate, changes }, changed(inputs, { i: i.value }), did);
      });
    },
  }),
  slipOf({
    id: 'extra-left-out',
    family: 'amount',
    of: ['extra'],
    title: 'Extra payment left out',
    advice: 'What is paid besides the agreed payment lowers what is owed from then on.',
    weight: 9,
    did: 'The extra payment was left out.',
    otherwise: () => [],
  }),
  slipOf({
    id: 'extra-a-row-late',
    family: 'amount',
    of: ['extra'],
    title: 'Extra payment a row late',
    advice: 'An extra payment lowers the balance in the row in which it is paid.',
    weight: 7,
    did: 'The extra payment was taken off one payment later than it was made.',
    otherwise: (change) =>
      change.kind === 'extra'
        ? [{ ...change, from: change.from + 1, ...(change.to === undefined ? {} : { to: change.to + 1 }) }]
        : [change],
  }),
  slipOf({
    id: 'draw-left-out',
    family: 'amount',
    of: ['draw'],
    title: 'A later draw left out',
    advice: 'Money that is drawn later is owed too, from the day it is received.',
    weight: 9,
    did: 'What is drawn later was left out.',
    otherwise: () => [],
  }),
  slipOf({
    id: 'draw-twice',
    family: 'amount',
    of: ['draw'],
    title: 'A later draw made twice',
    advice: 'Each draw is received once.',
    weight: 6,
    did: 'What is drawn later was counted twice.',
    otherwise: (change) => (change.kind === 'draw' ? [{ ...change, amount: 2 * change.amount }] : [change]),
  }),
  slipOf({
    id: 'easier-start-left-out',
    family: 'amount',
    of: ['interest-only', 'deferred'],
    title: 'The easier start left out',
    advice: 'While nothing or only interest is paid, what is owed does not fall; the level payment runs over the rest.',
    weight: 8,
    did: 'The time without full payments was left out.',
    otherwise: () => [],
  }),
];
