/** Mistakes as they are written into a right worksheet, one record each; what they are called, and where they can be made. */
import type { CauseId, Plan } from '../src/index.ts';
import type { Column, Draft } from './studentSheets.ts';

export interface SheetMistake {
  readonly id: CauseId;
  /** False where the layout has no place for it. */
  readonly make: (draft: Draft, random: () => number) => boolean;
  /** Only under some plans. */
  readonly plan?: Partial<Plan>;
  /** The numbers stay right: it is a remark. */
  readonly isRemark?: boolean;
}

const rows = ({ n }: Draft, from = 1): number[] => Array.from({ length: n - from + 1 }, (_, at) => from + at);
const before = (draft: Draft, k: number): string =>
  draft.layout.columns.opening ? draft.at('opening', k) : draft.at('closing', k - 1);
const rounded = ({ layout }: Draft, text: string): string => (layout.rounds ? `=ROUND(${text},2)` : `=${text}`);
/** A copied formula: what is not fixed in row 1 slides along. */
const slid = (address: string, down: number): string =>
  address.replace(/(\d+)$/, (digits) => String(Number(digits) + down));
const ownPmt = ({ layout, plan, input }: Draft): { rate: string; count: string; amount: string } => ({
  rate: layout.perPayment
    ? input('perPayment', false).split('!').at(-1)!
    : `${input('rate', false).split('!').at(-1)!}/${plan.paymentsPerYear}`,
  count: input('count', false).split('!').at(-1)!,
  amount: input('amount', false).split('!').at(-1)!,
});
const middle = ({ n }: Draft, random: () => number): number => 3 + Math.floor(random() * (n - 5));

export const sheetMistakes: readonly SheetMistake[] = [
  {
    id: 'reference-not-fixed',
    make: (draft) => {
      const rate = draft.layout.perPayment ? draft.input('perPayment', false) : draft.input('rate', false);
      for (const k of rows(draft))
        draft.put(
          'interest',
          k,
          rounded(draft, `${before(draft, k)}*${slid(rate, k - 1)}${draft.layout.perPayment ? '' : '/12'}`),
        );
      return true;
    },
  },
  {
    id: 'reference-fixed-but-should-move',
    make: (draft) => {
      if (!draft.layout.columns.opening) return false;
      const first = draft.at('opening', 1).replace(/([A-Z]+)(\d+)/, '$$$1$$$2');
      for (const k of rows(draft)) draft.put('interest', k, rounded(draft, `${first}*${draft.rate}`));
      return true;
    },
  },
  {
    id: 'interest-on-original-amount',
    make: (draft) => {
      for (const k of rows(draft)) draft.put('interest', k, rounded(draft, `${draft.input('amount')}*${draft.rate}`));
      return true;
    },
  },
  {
    id: 'wrong-cell',
    make: (draft) => {
      for (const k of rows(draft)) draft.put('closing', k, `=${before(draft, k)}-${draft.at('payment', k)}`);
      return true;
    },
  },
  {
    id: 'own-cell-circle',
    make: (draft) => {
      for (const k of rows(draft)) draft.put('closing', k, `=${draft.at('closing', k)}-${draft.at('principal', k)}`);
      return true;
    },
  },
  {
    id: 'yearly-rate-in-row',
    make: (draft) => {
      for (const k of rows(draft))
        draft.put('interest', k, rounded(draft, `${before(draft, k)}*${draft.input('rate')}`));
      return true;
    },
  },
  {
    id: 'rate-divided-by-wrong-count',
    make: (draft, random) => {
      const other = [4, 52, 365][Math.floor(random() * 3)];
      for (const k of rows(draft))
        draft.put('interest', k, rounded(draft, `${before(draft, k)}*${draft.input('rate')}/${other}`));
      return true;
    },
  },
  {
    id: 'percent-as-number',
    make: (draft) => {
      draft.putInput('rate', (draft.plan.rate.kind === 'nominal' ? draft.plan.rate.annual : 0) * 100);
      return true;
    },
  },
  {
    id: 'count-in-years',
    make: (draft) => {
      const { rate, count, amount } = ownPmt(draft);
      draft.putInput('payment', `=PMT(${rate},${count}/12,-${amount})`);
      return true;
    },
  },
  {
    id: 'arguments-swapped',
    make: (draft) => {
      const { rate, count, amount } = ownPmt(draft);
      draft.putInput('payment', `=PMT(${rate},-${amount},${count})`);
      return true;
    },
  },
  {
    id: 'argument-left-out',
    plan: { finalAmount: 4000 },
    make: (draft) => {
      const { rate, count, amount } = ownPmt(draft);
      draft.putInput('payment', `=PMT(${rate},${count},-${amount})`);
      return true;
    },
  },
  {
    id: 'sign-of-function',
    make: (draft) => {
      const { rate, count, amount } = ownPmt(draft);
      draft.putInput('payment', `=PMT(${rate},${count},${amount})`);
      return true;
    },
  },
  {
    id: 'sign-added-or-subtracted',
    make: (draft) => {
      for (const k of rows(draft)) draft.put('closing', k, `=${before(draft, k)}+${draft.at('principal', k)}`);
      return true;
    },
  },
  {
    id: 'principal-plus-interest',
    make: (draft) => {
      for (const k of rows(draft)) draft.put('principal', k, `=${draft.at('payment', k)}+${draft.at('interest', k)}`);
      return true;
    },
  },
  {
    id: 'opening-not-carried',
    make: (draft) => {
      if (!draft.layout.columns.opening) return false;
      for (const k of rows(draft, 2)) draft.put('opening', k, `=${draft.at('opening', k - 1)}`);
      return true;
    },
  },
  {
    id: 'number-typed-over',
    make: (draft, random) => {
      const column = (['interest', 'principal', 'closing'] as const)[Math.floor(random() * 3)]!;
      draft.put(column, middle(draft, random), 150 + Math.floor(random() * 900) / 100);
      return true;
    },
  },
  {
    id: 'number-in-formula',
    make: (draft) => {
      for (const k of rows(draft)) draft.put('interest', k, rounded(draft, `${before(draft, k)}*0.0725/12`));
      return true;
    },
  },
  {
    id: 'range-too-short',
    make: (draft, random) => {
      if (!draft.layout.totals) return false;
      const column: Column = random() < 0.5 ? 'interest' : 'principal';
      const letter = draft.layout.columns[column]![0];
      draft.cells[draft.layout.table.sheet]![`${letter}${draft.totalsRow}`] =
        `=SUM(${draft.at(column, 2)}:${draft.at(column, draft.n)})`;
      return true;
    },
  },
  {
    id: 'copied-too-few',
    make: (draft) => {
      const own = draft.cells[draft.layout.table.sheet]!;
      for (const k of rows(draft, draft.n - 2))
        for (const column of Object.keys(draft.layout.columns) as Column[]) delete own[draft.at(column, k)];
      for (const address of Object.keys(own)) if (address.endsWith(String(draft.totalsRow))) delete own[address];
      return true;
    },
  },
  {
    id: 'text-that-looks-like-a-number',
    make: (draft) => {
      draft.putInput('amount', `'${draft.plan.amount.toLocaleString('en-US')}`);
      return true;
    },
  },
  {
    id: 'type-left-out',
    plan: { timing: 'begin' },
    make: (draft) => {
      const { rate, count, amount } = ownPmt(draft);
      draft.putInput('payment', `=PMT(${rate},${count},-${amount})`);
      return true;
    },
  },
];
