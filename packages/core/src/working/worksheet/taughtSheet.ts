/**
 * A table as it is taught in a worksheet: labelled inputs, one short formula a column, copied down. Its numbers are worked
 * out here by the same steps as its formulas say; an independent engine holds the two together in the tests.
 */

import { nth } from '../../nth.ts';
import { frequencyOf } from '../../case/frequency.ts';
import { isSaving, kindOf } from '../../case/kinds.ts';
import type { SolvedCase } from '../../case/solved.ts';
import type { Statement } from '../../case/statement.ts';
import type { SheetWriting } from '../../exercise/writing.ts';
import { roundCent, roundMoney, roundTo } from '../../money/roundMoney.ts';
import { quotedNumber } from '../../rates/quotedRate.ts';
import { levelPayment } from '../../table/levelPayment.ts';
import type { Change, TableRounding } from '../../table/plan.ts';
import { defaultNumberStyle } from '../../money/numberStyle.ts';
import { oneLine, withoutDust } from '../term.ts';
import { rateTerm } from '../work.ts';

export type InputId = 'amount' | 'rate' | 'term' | 'final' | 'payment';
export type TaughtColumn = 'number' | 'before' | 'interest' | 'paid' | 'extra' | 'principal' | 'after';
export type ShownAs = 'money' | 'percent' | 'count' | 'rate';

export interface TaughtCell {
  readonly at: string;
  readonly value: number;
  /** Without the `=`, arguments parted by commas; none where the number itself is typed. */
  readonly formula?: string;
  readonly shownAs: ShownAs;
}

export interface TaughtInput extends TaughtCell {
  readonly id: InputId;
  readonly label: string;
}

export interface TaughtSheet {
  readonly inputs: readonly TaughtInput[];
  readonly columns: readonly { readonly id: TaughtColumn; readonly letter: string; readonly title: string }[];
  /** The line of the column titles, and those of the first and the last payment. */
  readonly head: number;
  readonly first: number;
  readonly last: number;
  readonly count: number;
  /** The cells of payment k, from 1. */
  readonly row: (k: number) => Readonly<Partial<Record<TaughtColumn, TaughtCell>>>;
  readonly input: (id: InputId) => TaughtInput | undefined;
  readonly at: (column: TaughtColumn, k: number) => string;
  /** How each word of the table is said for this kind. */
  readonly words: Words;
  /** Whether the last payment settles and so has a formula of its own. */
  readonly lastSettles: boolean;
  readonly saving: boolean;
}

type Words = Readonly<Record<TaughtColumn, string>>;

/** What may change on the way and still be taught: extra payments, typed into a column of their own. */
const isTaught = ({ kind }: Change): boolean => kind === 'extra';

/** @returns nothing where the plan has no table of payments, or changes in a way that needs more than short formulas */
export function taughtSheet(
  statement: Statement,
  solved: SolvedCase,
  rounding: TableRounding,
  writing: SheetWriting,
): TaughtSheet | undefined {
  const kind = kindOf(statement);
  if (!kind.hasTable || !kind.pays || solved.flat || !solved.plan.changes.every(isTaught)) return undefined;
  // There is no second row to copy down.
  if (solved.table.count < 2) return undefined;
  return new Taught(statement, solved, rounding, writing).sheet();
}

const FIRST_INPUT = 2;

class Taught {
  readonly #statement: Statement;
  readonly #solved: SolvedCase;
  readonly #rounding: TableRounding;
  readonly #writing: SheetWriting;
  readonly #saving: boolean;
  readonly #begin: boolean;
  readonly #extras: boolean;
  readonly #inputs: TaughtInput[] = [];
  readonly #columns: TaughtSheet['columns'];
  readonly #words: Words;
  readonly #count: number;
  readonly #head: number;
  /** `$B$3/12`, and what it comes to. */
  readonly #ratePart: string;
  readonly #i: number;
  readonly #values: Record<TaughtColumn, number>[] = [];

  constructor(statement: Statement, solved: SolvedCase, rounding: TableRounding, writing: SheetWriting) {
    this.#statement = statement;
    this.#solved = solved;
    this.#rounding = rounding;
    this.#writing = writing;
    this.#saving = isSaving(kindOf(statement));
    this.#begin = solved.values.timing === 'begin';
    this.#extras = solved.table.totals.extra !== 0;
    this.#count = solved.table.count;
    this.#words = wordsFor(kindOf(statement).directions.plan);
    this.#i = solved.values.i;
    this.#ratePart = this.#putInputs();
    this.#head = FIRST_INPUT + this.#inputs.length + 1;
    const ids: TaughtColumn[] = ['number', 'before', 'interest', 'paid'];
    if (this.#extras) ids.push('extra');
    ids.push('principal', 'after');
    this.#columns = ids.map((id, at) => ({ id, letter: String.fromCharCode(65 + at), title: this.#words[id] }));
    this.#run();
  }

  sheet(): TaughtSheet {
    const first = this.#head + 1;
    return {
      inputs: this.#inputs,
      columns: this.#columns,
      head: this.#head,
      first,
      last: this.#head + this.#count,
      count: this.#count,
      row: (k) => this.#row(k),
      input: (id) => this.#inputs.find((each) => each.id === id),
      at: (column, k) => this.#at(column, k),
      words: this.#words,
      lastSettles: this.#lastSettles,
      saving: this.#saving,
    };
  }

  /** Deposits that were agreed stay so: the last interest takes what rounding leaves. */
  get #agreed(): boolean {
    const { table, unknown } = this.#solved;
    return this.#saving && unknown !== 'payment' && Math.abs(table.lastPayment - this.#solved.numbers.payment) < 1e-9;
  }

  get #lastSettles(): boolean {
    // What is asked is where the rows lead: nothing is settled to reach it.
    if (this.#solved.unknown === 'finalAmount') return false;
    const { closing } = this.#solved.table;
    const level = this.#cents || this.#rounding.payment !== 'exact' || this.#solved.unknown !== 'payment';
    return (level || this.#extras) && closing === this.#solved.plan.finalAmount;
  }

  get #cents(): boolean {
    return this.#rounding.interest === 'cent';
  }

  /** Puts the inputs, and gives the rate for one payment as formulas of the table name it. */
  #putInputs(): string {
    const { plan, numbers, rate, unknown } = this.#solved;
    const p = this.#statement.paymentsPerYear;
    const amount = this.#put('amount', inputLabel[plan.kind ?? 'loan'], plan.amount, 'money');
    const shared = p > 1 && rate.kind === 'nominal' && rate.compoundingsPerYear === p;
    const yearly = shared && this.#writing.inputs === 'a-year';
    const made = oneLine(rateTerm(rate, p, defaultNumberStyle));
    const { period } = frequencyOf(p);
    const rateAt = yearly
      ? this.#put('rate', 'rate a year', withoutDust(quotedNumber(rate)), 'percent')
      : this.#put('rate', `rate for each ${period}`, this.#i, 'rate', /[-+*/^(]/.test(made) ? made : undefined);
    const per = yearly ? `/${p}` : '';
    const planned = typeof plan.payments === 'number' ? plan.payments : this.#count;
    const years = planned / p;
    const inYears = this.#writing.inputs === 'a-year' && p > 1 && roundTo(years, 4) === years;
    const term = inYears
      ? this.#put('term', 'years', years, 'count')
      : this.#put('term', 'number of payments', planned, 'count');
    const times = inYears ? `*${p}` : '';
    const final =
      plan.finalAmount === 0 ? undefined : this.#put('final', endLabel[plan.kind ?? 'loan'], plan.finalAmount, 'money');
    const own = unknown === 'payment';
    const level = own ? this.#level(planned) : numbers.payment;
    const formula = own
      ? this.#rounded(this.#pmt({ amount, rate: `${rateAt}${per}`, term: `${term}${times}`, final }))
      : undefined;
    this.#put('payment', this.#words.paid === 'deposit' ? 'deposit' : 'payment', level, 'money', formula);
    return `${fixed(rateAt)}${per}`;
  }

  #put(id: InputId, label: string, value: number, shownAs: ShownAs, formula?: string): string {
    const at = `B${FIRST_INPUT + this.#inputs.length}`;
    this.#inputs.push({ id, label, at, value, shownAs, ...(formula === undefined ? {} : { formula }) });
    return at;
  }

  /** The payment function with the class's minus; where the class leaves it in the result, before the function: a table needs it positive. */
  #pmt(of: {
    readonly amount: string;
    readonly rate: string;
    readonly term: string;
    readonly final: string | undefined;
  }): string {
    const { amount, rate, term, final } = of;
    const isAmount = this.#writing.minus === 'amount';
    const [start, end] = this.#saving === isAmount ? ['', '-'] : ['-', ''];
    const rest = final ?? (this.#begin ? '0' : undefined);
    const args = [
      rate,
      term,
      `${start}${amount}`,
      ...(rest === undefined ? [] : [rest === '0' ? rest : `${end}${rest}`]),
    ];
    return `${isAmount ? '' : '-'}PMT(${[...args, ...(this.#begin ? ['1'] : [])].join(',')})`;
  }

  /** In a formula the payment is rounded as the house rules say. */
  #rounded(formula: string): string {
    const [name, places] = paymentRounding[this.#rounding.payment];
    return name === '' ? formula : `${name}(${formula},${places})`;
  }

  #level(planned: number): number {
    const { plan } = this.#solved;
    const sign = this.#saving ? -1 : 1;
    const exact = levelPayment(sign * plan.amount, sign * plan.finalAmount, this.#i, planned, this.#begin);
    return roundMoney(exact, this.#rounding.payment);
  }

  #at(column: TaughtColumn, k: number): string {
    const { letter } = nth(
      this.#columns,
      this.#columns.findIndex(({ id }) => id === column),
    );
    return `${letter}${this.#head + k}`;
  }

  /** Every row by the steps that its formulas say. */
  #run(): void {
    const { table, plan } = this.#solved;
    const level = nth(this.#inputs, this.#inputs.length - 1).value;
    const cut = (value: number): number => (this.#cents ? roundCent(value) : value);
    const tidy = (value: number): number => (this.#cents ? roundTo(value, 6) : value);
    let before = plan.amount;
    for (let k = 1; k <= this.#count; k += 1) {
      const extra = nth(table.rows, k - 1).extra;
      const settles = k === this.#count && this.#lastSettles;
      const paid = settles && !this.#agreed ? tidy(this.#settling(before, cut) - extra) : level;
      const out = paid + extra;
      const base = !this.#begin ? before : this.#saving ? before + out : before - out;
      const takesRest = settles && (this.#begin || this.#agreed);
      const end = this.#begin ? base : base + out;
      const interest = takesRest ? tidy(plan.finalAmount - end) : cut(base * this.#i);
      const principal = tidy(this.#saving ? out + interest : out - interest);
      const after = tidy(this.#saving ? before + principal : before - principal);
      this.#values.push({ number: k, before, interest, paid, extra, principal, after });
      before = after;
    }
  }

  /** What the last payment must be, extra included. */
  #settling(before: number, cut: (value: number) => number): number {
    const { finalAmount } = this.#solved.plan;
    const end = this.#begin ? cut(finalAmount / (1 + this.#i)) : finalAmount;
    const owed = this.#begin ? before : before + cut(before * this.#i);
    return this.#saving ? end - owed : owed - end;
  }

  #row(k: number): ReturnType<TaughtSheet['row']> {
    const values = nth(this.#values, k - 1);
    const formulas = this.#formulas(k);
    return Object.fromEntries(
      this.#columns.map(({ id }): [TaughtColumn, TaughtCell] => [
        id,
        {
          at: this.#at(id, k),
          value: values[id],
          shownAs: id === 'number' ? 'count' : 'money',
          ...(formulas[id] === undefined ? {} : { formula: formulas[id] }),
        },
      ]),
    );
  }

  #formulas(k: number): Readonly<Partial<Record<TaughtColumn, string>>> {
    const at = (column: TaughtColumn): string => this.#at(column, k);
    const settles = k === this.#count && this.#lastSettles;
    const amount = nth(this.#inputs, 0).at;
    const payment = nth(this.#inputs, this.#inputs.length - 1).at;
    const join = this.#saving ? '+' : '-';
    const out = this.#extras ? [at('paid'), at('extra')] : [at('paid')];
    const base = this.#begin ? `(${[at('before'), ...out].join(join)})` : at('before');
    const takesRest = this.#begin || this.#agreed;
    return {
      ...(k === 1 ? {} : { number: `${this.#at('number', k - 1)}+1` }),
      before: k === 1 ? amount : this.#at('after', k - 1),
      interest:
        settles && takesRest ? this.#closingInterest([at('before'), ...out]) : this.#cut(`${base}*${this.#ratePart}`),
      paid: settles && !this.#agreed ? this.#lastPaid(k) : fixed(payment),
      principal: `${out.join('+')}${this.#saving ? '+' : '-'}${at('interest')}`,
      after: `${at('before')}${join}${at('principal')}`,
    };
  }

  get #end(): string {
    return this.#inputs.find(({ id }) => id === 'final')?.at ?? '0';
  }

  /** The last interest where it is what brings the rest to the end. */
  #closingInterest(parts: readonly string[]): string {
    const end = this.#end === '0' ? '' : fixed(this.#end);
    if (end === '') return `-(${parts.join(this.#saving ? '+' : '-')})`;
    return `${end}-${parts.join(this.#saving ? '-' : '+')}`;
  }

  #lastPaid(k: number): string {
    const at = (column: TaughtColumn): string => this.#at(column, k);
    const hasEnd = this.#end !== '0';
    const end = this.#begin ? this.#cut(`${fixed(this.#end)}/(1+${this.#ratePart})`) : fixed(this.#end);
    const extra = this.#extras ? `-${at('extra')}` : '';
    if (this.#saving)
      return this.#begin ? `${end}-${at('before')}${extra}` : `${end}-${at('before')}-${at('interest')}${extra}`;
    const owed = this.#begin ? at('before') : `${at('before')}+${at('interest')}`;
    return `${owed}${hasEnd ? `-${end}` : ''}${extra}`;
  }

  #cut(formula: string): string {
    return this.#cents ? `ROUND(${formula},2)` : formula;
  }
}

/** A reference that stays where it is when the formula is copied. */
export const fixed = (at: string): string => at.replace(/^([A-Z]+)(\d+)$/, '$$$1$$$2');

const paymentRounding: Readonly<Record<TableRounding['payment'], readonly [string, number]>> = {
  exact: ['', 0],
  cent: ['ROUND', 2],
  'cent-up': ['ROUNDUP', 2],
  unit: ['ROUND', 0],
  'unit-up': ['ROUNDUP', 0],
};

const inputLabel = { loan: 'amount borrowed', saving: 'amount at the start', drawing: 'amount in the fund' } as const;
const endLabel = { loan: 'owed at the end', saving: 'amount at the end', drawing: 'left at the end' } as const;

const wordsFor = (plan: 'loan' | 'saving' | 'drawing'): Words => {
  const own = {
    loan: { before: 'owed before', paid: 'paid', principal: 'to principal', after: 'owed after' },
    saving: { before: 'saved before', paid: 'deposit', principal: 'added', after: 'saved after' },
    drawing: { before: 'left before', paid: 'taken out', principal: 'out of the fund', after: 'left after' },
  }[plan];
  return { number: 'payment', interest: 'interest', extra: 'extra', ...own };
};
