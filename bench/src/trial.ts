/** A question of the bench's own with its numbers by textbook formulas, and what such questions are made with. */
import { emptyDraft, type AnswerFormat, type Ask, type StatementDraft } from '@hardy-sextant/core';

/** One question with its right numbers and what mistakes lead to, each as it would be written. */
export interface Trial {
  readonly what: string;
  readonly draft: StatementDraft;
  readonly ask: Ask;
  readonly format: AnswerFormat;
  readonly right: readonly number[];
  /** By the slips the product knows them by; several where they are the same by mathematics. */
  readonly wrong: readonly { readonly ids: readonly string[]; readonly number: number }[];
}

export const money: AnswerFormat = { kind: 'money', decimals: 2 };
export const growth = (i: number, n: number): number => (1 + i) ** n;
export const s = (i: number, n: number): number => (growth(i, n) - 1) / i;
export const a = (i: number, n: number): number => (1 - growth(i, -n)) / i;

type Slots = Partial<StatementDraft['slots']>;
export function stated(
  kind: StatementDraft['kind'],
  perYear: number,
  slots: Slots,
  more: Partial<StatementDraft> = {},
) {
  const start = emptyDraft(kind);
  return {
    ...start,
    paymentsPerYear: perYear,
    ...more,
    quote: { ...start.quote, compounding: perYear },
    slots: { ...start.slots, ...slots },
  };
}

export interface Drawn {
  readonly rate: number;
  readonly perYear: number;
  readonly years: number;
  readonly random: () => number;
}

/** The rates and counts that are put in wrongly, each with its names. */
export function inputs({ rate, perYear, years }: Drawn): { ids: string[]; i: number; n: number }[] {
  const [i, n] = [rate / perYear, years * perYear];
  return [
    ...(perYear > 1 ? [{ ids: ['rate-left-annual'], i: rate, n }] : []),
    ...[1, 2, 4, 12, 52, 365]
      .filter((count) => count !== perYear && count > 1)
      .map((count) => ({ ids: ['rate-divided-by-wrong-count'], i: rate / count, n })),
    ...(perYear > 1 ? [{ ids: ['years-for-payments'], i, n: years }] : []),
    { ids: ['count-off-by-one', 'wrong-period'], i, n: n - 1 },
    { ids: ['count-off-by-one', 'wrong-period'], i, n: n + 1 },
    ...(perYear > 1
      ? [{ ids: ['effective-for-nominal', 'settings-left-at-one'], i: growth(rate, 1 / perYear) - 1, n }]
      : []),
  ];
}

/** Those of the rates alone: where a count is not what is asked. */
export const rates = (drawn: Drawn) => inputs(drawn).filter(({ n }) => n === drawn.years * drawn.perYear);
