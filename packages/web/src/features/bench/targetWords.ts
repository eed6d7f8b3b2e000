/** What may move and what may be reached in a search for a target, and how what was found is said and kept. */

import {
  capital,
  priceFor,
  readBuildUp,
  writeBrief,
  writeMoney,
  writeNumber,
  writePercent,
  kindOf,
  type ChangeDraft,
  type ClosingIn,
  type NumberStyle,
  type SolvedCase,
  type StatementDraft,
  type TargetInput,
  type TargetOutput,
  type Variation,
  slotName,
} from '@hardy-sextant/core';
import { newId } from '../../statement/Changes.tsx';
import type { SlotKind } from '../../statement/Slot.tsx';
import type { TargetAnswer } from './target.worker.ts';
import { say } from '../../words/say.ts';

export interface Movable {
  readonly id: string;
  readonly words: string;
  readonly vary: TargetInput;
  readonly kind: SlotKind;
}

export interface Reachable {
  readonly id: TargetOutput['output'];
  readonly words: string;
  readonly kind: SlotKind;
}

const paid: Reachable = { id: 'payment', words: say('the payment'), kind: 'money' };

export const reachables: readonly Reachable[] = [
  paid,
  { id: 'count', words: say('the number of payments'), kind: 'count' },
  { id: 'total-interest', words: say('the interest in all'), kind: 'money' },
  { id: 'total-paid', words: say('what is paid in all'), kind: 'money' },
  { id: 'last-payment', words: say('the last payment'), kind: 'money' },
  { id: 'closing', words: say('what is left after the last payment'), kind: 'money' },
  { id: 'balance-after', words: say('the balance after payment'), kind: 'money' },
  { id: 'left-to-pay', words: say('what is left to pay after payment'), kind: 'money' },
];

/** How a search may close in. */
export const closings: readonly (readonly [ClosingIn, string])[] = [
  ['trial', say('by trial, along a straight line')],
  ['halving', say('by halving')],
  ['exact', say('exactly, with nothing rounded on the way')],
];

export const reachable = (id: Reachable['id']): Reachable => reachables.find((each) => each.id === id) ?? paid;

export const extraPayment: Movable = {
  id: 'extra',
  words: say('an extra payment each time'),
  vary: { input: 'extra' },
  kind: 'money',
};

/** What may move in a case: its slots, an extra payment with each, and every number of its changes. */
export function movables(draft: StatementDraft, solved: SolvedCase): readonly Movable[] {
  const amount = draft.buildUp
    ? say('the price')
    : say('the {{slotName}}', { slotName: slotName(draft.kind, 'amount') });
  const found: Movable[] = [extraPayment, { id: 'amount', words: amount, vary: { input: 'amount' }, kind: 'money' }];
  if (draft.buildUp)
    found.push({ id: 'down', words: say('the down payment'), vary: { input: 'amount' }, kind: 'money' });
  found.push(
    { id: 'rate', words: say('the rate'), vary: { input: 'rate' }, kind: 'percent' },
    { id: 'payments', words: say('the number of payments'), vary: { input: 'payments' }, kind: 'count' },
    { id: 'payment', words: slotName(draft.kind, 'payment'), vary: { input: 'payment' }, kind: 'money' },
    { id: 'finalAmount', words: slotName(draft.kind, 'finalAmount'), vary: { input: 'finalAmount' }, kind: 'money' },
  );
  solved.plan.changes.forEach((change, at) => {
    const which = say('change {{at}}', { at: at + 1 });
    if ('amount' in change)
      found.push({
        id: `amount-${at}`,
        words: say('the amount in {{which}}', { which }),
        vary: { input: 'change-amount', change: at },
        kind: 'money',
      });
    if (change.kind === 'rate')
      found.push({
        id: `rate-${at}`,
        words: say('the rate in {{which}}', { which }),
        vary: { input: 'change-rate', change: at },
        kind: 'percent',
      });
    found.push({
      id: `after-${at}`,
      words: say('when {{which}} comes', { which }),
      vary: { input: 'change-after', change: at },
      kind: 'count',
    });
  });
  return found;
}

/** The down payment that leaves an amount to finance. */
function downFor(amount: number, draft: StatementDraft, style: NumberStyle): number {
  const built = draft.buildUp && readBuildUp({ ...draft.buildUp, downPayment: '0' }, style);
  return built?.ok ? built.value.amount - amount : NaN;
}

/** A value of what moves, as it is written. */
export function written(what: Movable, value: number, draft: StatementDraft, style: NumberStyle): string {
  if (what.id === 'amount' && draft.buildUp) return writeMoney(priceFor(value, draft.buildUp, style) ?? value, style);
  if (what.kind === 'percent') return writePercent(value, style, 2, 4);
  if (what.kind === 'count') return writeBrief(value, 0, 0, style);
  return writeMoney(what.id === 'down' ? downFor(value, draft, style) : value, style);
}

type Found = Extract<TargetAnswer, { ok: true }>;

/** A value of what is reached, as it is written. */
export function writtenReached(reached: Reachable, value: number, style: NumberStyle): string {
  return reached.kind === 'count' ? writeBrief(value, 0, 0, style) : writeMoney(value, style);
}

/** What was found, in sentences: the value, all its digits where they were asked for, and what else there is to know. */
export function sayFound(
  found: Found,
  moved: Movable,
  reached: Reachable,
  draft: StatementDraft,
  style: NumberStyle,
): string {
  const shown = written(moved, found.value, draft, style);
  const comes = writtenReached(reached, found.reached, style);
  const down =
    moved.id === 'down'
      ? ` ${say('with {{down}} paid down', { down: writeNumber(downFor(found.value, draft, style), 2, style) })}`
      : '';
  const first = found.exact
    ? say('{{capital}} of {{shown}}{{down}} brings {{words}} to {{comes}}.', {
        capital: capital(moved.words),
        shown,
        down,
        words: reached.words,
        comes,
      })
    : say('{{capital}} cannot be exactly that. The nearest is {{comes}}, with {{words}} at {{shown}}{{down}}.', {
        capital: capital(reached.words),
        comes,
        words: moved.words,
        shown,
        down,
      });
  return [first, ...moreSaid(found, moved, draft, style)].join(' ');
}

function moreSaid(found: Found, moved: Movable, draft: StatementDraft, style: NumberStyle): string[] {
  const { unrounded, another, lastAsOthers } = found;
  return [
    ...(unrounded === undefined
      ? []
      : [say('With nothing rounded it would be {{allDigits}}.', { allDigits: allDigits(moved, unrounded, style) })]),
    ...(another === undefined
      ? []
      : [
          say('There is another: {{written}}. To find one of them, say where to look.', {
            written: written(moved, another, draft, style),
          }),
        ]),
    ...(lastAsOthers
      ? [
          say(
            'For this search the last payment is like the others; under the house rules it settles what is left, so nothing would ever be left to look for.',
          ),
        ]
      : []),
  ];
}

function allDigits(moved: Movable, value: number, style: NumberStyle): string {
  return moved.kind === 'percent' ? writePercent(value, style, 4, 10) : writeBrief(value, 2, 8, style);
}

/** Where the end that was searched for is not the statement's own, the variation has it too. */
function closingSlot(
  draft: StatementDraft,
  solved: SolvedCase,
  closesAt: number,
  style: NumberStyle,
): Variation['slots'] {
  const own = kindOf(draft).slots.includes('finalAmount');
  return own && closesAt !== solved.numbers.finalAmount ? { finalAmount: writeMoney(closesAt, style) } : {};
}

/**
 * What was found as a variation of the statement.
 *
 * @param closesAt the end that was searched for, where it was
 */
export function foundVariation(
  draft: StatementDraft,
  solved: SolvedCase,
  { vary }: Movable,
  value: number,
  style: NumberStyle,
  closesAt?: number,
): Variation | undefined {
  const money = writeMoney(value, style);
  const end = closesAt === undefined || closesAt < 0 ? {} : closingSlot(draft, solved, closesAt, style);
  const empty: Variation = { id: newId(), slots: end, changes: [] };
  switch (vary.input) {
    case 'extra': {
      const texts = { amount: money, from: '1', to: String(solved.plan.payments), every: '' };
      return { ...empty, changes: [{ id: newId(), kind: 'extra', payment: 'again', texts }] };
    }
    case 'rate':
      return { ...empty, slots: { ...end, rate: writePercent(value, style, 2, 4) } };
    case 'payments':
      return { ...empty, slots: { ...end, payments: String(value) } };
    case 'amount':
    case 'payment':
    case 'finalAmount':
      return { ...empty, slots: { ...end, [vary.input]: money } };
    default: {
      // A change with the same id takes the place of the statement's own.
      const change = draft.changes[vary.change];
      if (!change) return undefined;
      const texts =
        vary.input === 'change-amount'
          ? { amount: money }
          : vary.input === 'change-rate'
            ? { rate: writeNumber(value * 100, 4, style) }
            : { [placeOf[change.kind]]: String(value) };
      return { ...empty, changes: [{ ...change, texts: { ...change.texts, ...texts } }] };
    }
  }
}

/** The field that says when a change comes. */
const placeOf: Readonly<Record<ChangeDraft['kind'], keyof ChangeDraft['texts']>> = {
  extra: 'from',
  extras: 'list',
  draw: 'before',
  rate: 'after',
  payment: 'after',
  'interest-only': 'through',
  deferred: 'through',
};
