/** Short forms for writing starter exercises down. */

import { namesOf } from '../records.ts';
import { nth } from '../nth.ts';
import type { SlotName, StatementKind } from '../case/statement.ts';
import type { BuildUp, StatementDraft } from '../statement/draft.ts';
import { emptyDraft } from '../statement/newDraft.ts';
import type { ChangeDraft } from '../statement/changeDraft.ts';
import type { Quantity } from '../case/quantity.ts';
import type {
  AskTexts,
  Exercise,
  Given,
  GivenKind,
  Limit,
  Part,
  PartAsk,
  Reading,
  Vary,
} from '../exercise/exercise.ts';
import { usualFormat } from '../exercise/format.ts';
import { plainStory } from '../exercise/story.ts';

/** `now`, then how it varies: `4.8..6.6/0.1` a range, `4; 5; 6` a list, `= rate + 1.5` what it follows from. */
function given(kind: GivenKind, name: string, now: string, varies = '', unit?: string): Given {
  const range = /^(.+)\.\.(.+)\/(.+)$/.exec(varies);
  const vary: Vary =
    varies === ''
      ? { by: 'fixed' }
      : varies.startsWith('=')
        ? { by: 'expression', text: varies.slice(1).trim() }
        : range
          ? { by: 'range', from: nth(range, 1), to: nth(range, 2), step: nth(range, 3) }
          : { by: 'list', values: varies };
  return { name, kind, now, vary, ...(unit ? { unit } : {}) };
}

export const money = (name: string, now: string, varies?: string): Given => given('money', name, now, varies);
export const rate = (name: string, now: string, varies?: string): Given => given('rate', name, now, varies);
export const count = (name: string, now: string, varies?: string): Given => given('count', name, now, varies);
export const years = (name: string, now: string, varies?: string): Given => given('years', name, now, varies);
export const words = (name: string, now: string, varies?: string): Given => given('words', name, now, varies);

interface PlanOptions {
  readonly perYear?: number;
  /** Compoundings a year; as often as payments when left out. */
  readonly compounding?: number | 'continuous';
  readonly effective?: boolean;
  readonly daily?: boolean;
  readonly begin?: boolean;
  readonly outright?: boolean;
  readonly changes?: readonly Omit<ChangeDraft, 'id'>[];
  readonly buildUp?: Partial<BuildUp>;
  readonly into?: StatementDraft['into'];
}

/** A statement: the slot whose text is `?` is the unknown. */
export function plan(
  kind: StatementKind,
  slots: Partial<Record<SlotName, string>>,
  { perYear = 12, compounding, effective, daily, begin, outright, changes = [], buildUp, into }: PlanOptions = {},
): StatementDraft {
  const empty = emptyDraft(kind);
  const unknown = namesOf(slots).find((slot) => slots[slot] === '?') ?? empty.unknown;
  return {
    ...empty,
    unknown,
    slots: { ...empty.slots, ...slots, [unknown]: '' },
    paymentsPerYear: perYear,
    timing: begin === undefined ? empty.timing : begin ? 'begin' : 'end',
    quote: {
      ...empty.quote,
      kind: effective ? 'effective' : daily ? 'daily' : 'nominal',
      compounding: compounding ?? perYear,
    },
    into: into ?? empty.into,
    flatBy: outright ? 'outright' : 'a-year',
    changes: changes.map((change, at) => ({ id: `c${at + 1}`, ...change })),
    ...(buildUp
      ? { buildUp: { price: '', downPayment: '', tradeIn: '', feesAdded: '', feesTaken: '', ...buildUp } }
      : {}),
  };
}

export const change = (
  kind: ChangeDraft['kind'],
  texts: ChangeDraft['texts'],
  payment: ChangeDraft['payment'] = kind === 'draw' ? 'same' : 'again',
): Omit<ChangeDraft, 'id'> => ({
  kind,
  texts,
  payment,
});

interface PartOptions {
  readonly args?: AskTexts;
  readonly plan?: string;
  readonly format?: Part['format'];
  readonly readings?: readonly Reading[];
}

/** A part that asks for a quantity of the plan. */
export function ask(
  id: string,
  marks: number,
  prompt: string,
  quantity: Quantity,
  { args, plan: planId = 'plan', format, readings }: PartOptions = {},
): Part {
  return {
    id,
    prompt,
    marks,
    ask: { quantity, plan: planId, ...(args ? { args } : {}) },
    format: format ?? usualFormat(quantity),
    ...(readings ? { readings } : {}),
  };
}

/** A part that asks for an expression over earlier answers. */
export function sum(
  id: string,
  marks: number,
  prompt: string,
  text: string,
  format: Part['format'] = { kind: 'money', decimals: 2 },
): Part {
  return { id, prompt, marks, ask: { quantity: 'expression', text }, format };
}

export function asks(
  id: string,
  marks: number,
  prompt: string,
  what: PartAsk,
  format: Part['format'] = { kind: 'money', decimals: 2 },
): Part {
  return { id, prompt, marks, ask: what, format };
}

interface Starter {
  readonly title: string;
  readonly topic: string;
  readonly level?: Exercise['level'];
  /** Plain text; `{name}` is a given. */
  readonly story: string;
  readonly givens: readonly Given[];
  readonly limits?: readonly Limit[];
  readonly plan?: StatementDraft;
  readonly plans?: Exercise['plans'];
  readonly parts: readonly Part[];
}

export function starter({ story, plan: only, plans, level = 'first', ...rest }: Starter): Exercise {
  return { ...rest, level, story: plainStory(story), plans: plans ?? [{ id: 'plan', draft: only! }] };
}
