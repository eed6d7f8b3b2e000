/** The rows of a table's worksheet, each a formula over the row above and the inputs. */

import { ratePerPayment } from '../rates/quotedRate.ts';
import type { Table } from '../table/buildTable.ts';
import { paymentDate } from '../table/calendar.ts';
import { roundingRoom } from '../table/levelPayment.ts';
import type { Plan } from '../table/plan.ts';
import { readSchedule, type Schedule } from '../table/schedule.ts';
import type { ColumnName, LiveCell } from './liveSheet.ts';
import type { SheetInputs } from './sheetInputs.ts';

/** One row while it is written: references to its own cells and to those above. */
interface Here {
  readonly k: number;
  readonly line: number;
  readonly own: (name: ColumnName) => string;
  readonly above: (name: ColumnName) => string;
}

/** What falls due in a row: nothing of the level payment, the interest alone, or nothing at all. */
const LEVEL = 0;
const NOTHING = 2;

/** Formulas of one row that several cells need. */
interface RowTerms {
  /** What falls due before the end is looked at. */
  readonly due: string;
  /** The most that may be paid now. */
  readonly most: string;
  readonly extra: string;
  /** The interest as the rate brings it, where payments fall at the end. */
  readonly natural: string;
  /** What must be left in advance, so that interest brings it to the end. */
  readonly discounted: string;
  /** Whether the last deposit is what was agreed, rounding apart; only in the last row of savings whose deposit is given. */
  readonly agreed?: string;
  /** Whether this row settles the rest whatever it comes to. */
  readonly last: boolean;
}

export class SheetRows {
  readonly #table: Table;
  readonly #plan: Plan;
  readonly #inputs: SheetInputs;
  readonly #count: number;
  readonly #letter: (name: ColumnName) => string;
  readonly #schedule: Schedule;
  readonly #saving: boolean;
  readonly #begin: boolean;
  readonly #room: string;
  /** Whether a level payment stands in the rows above. */
  #levelKnown: boolean;

  constructor(table: Table, inputs: SheetInputs, count: number, letter: (name: ColumnName) => string) {
    const { plan } = table;
    const perPeriod = ratePerPayment(plan.rate, plan.paymentsPerYear);
    this.#table = table;
    this.#plan = plan;
    this.#inputs = inputs;
    this.#count = count;
    this.#letter = letter;
    this.#schedule = readSchedule(plan);
    this.#saving = plan.kind === 'saving';
    this.#begin = plan.timing === 'begin';
    this.#room = roundingRoom(plan, perPeriod.ok ? perPeriod.value : 0, count).toFixed(6);
    this.#levelKnown = inputs.given !== undefined;
  }

  /** The cells of row k; rows are asked for in order. */
  row(k: number, line: number): LiveCell[] {
    const here: Here = {
      k,
      line,
      own: (name) => `${this.#letter(name)}${line}`,
      above: (name) => `${this.#letter(name)}${line - 1}`,
    };
    const level = this.#level(here);
    const terms = this.#terms(here);
    return [...this.#start(here), this.#cell(here, 'level', level, undefined), ...this.#money(here, terms)];
  }

  /** Number, date, rate, what was received, and the opening balance. */
  #start(here: Here): LiveCell[] {
    const { k, own, above } = here;
    const { firstPaymentDate, paymentsPerYear } = this.#plan;
    const { amount, startRate, changes } = this.#inputs;
    const draws = this.#schedule.lastDraw > 0;
    const before = k === 1 ? amount : above('closing');
    const opening = draws ? this.#tidy(`${before}${this.#saving ? '-' : '+'}${own('drawn')}`) : before;
    return [
      { at: own('number'), value: k, format: 'count' },
      ...(firstPaymentDate
        ? [{ at: own('date'), value: paymentDate(firstPaymentDate, paymentsPerYear, k), format: 'text' } as const]
        : []),
      {
        at: own('rate'),
        formula: changes.rate.get(k) ?? (k === 1 ? startRate : above('rate')),
        format: 'rate',
      },
      ...(draws ? [this.#cell(here, 'drawn', changes.draw.get(k) ?? '0', this.#schedule.at.get(k)?.draw ?? 0)] : []),
      this.#cell(here, 'opening', opening, this.#table.rows[k - 1]?.opening),
    ];
  }

  /** The level payment: worked out where it starts or is worked out again, carried down otherwise. */
  #level({ k, own, above }: Here): string {
    const { payments, timing, final, given, changes } = this.#inputs;
    const newPayment = changes.payment.get(k);
    if (newPayment === undefined && this.#schedule.at.get(k)?.again) this.#levelKnown = false;
    const isKnown = this.#levelKnown;
    if (newPayment !== undefined) {
      this.#levelKnown = true;
      return newPayment;
    }
    if (isKnown) return k === 1 && given !== undefined ? given : above('level');
    if ((this.#schedule.mode?.[k] ?? LEVEL) !== LEVEL) return '0';
    this.#levelKnown = true;
    const left = `${payments}-${own('number')}+1`;
    return paymentRule(
      this.#plan,
      this.#saving
        ? `-PMT(${own('rate')},${left},-${own('opening')},${final},${timing})`
        : `-PMT(${own('rate')},${left},${own('opening')},-${final},${timing})`,
    );
  }

  #terms({ k, own }: Here): RowTerms {
    const { final, given, changes } = this.#inputs;
    const { rounding, payments } = this.#plan;
    const mode = this.#schedule.mode?.[k] ?? LEVEL;
    const inAdvance = this.#interestOf(`${own('opening')}*${own('rate')}/(1+${own('rate')})`);
    const interestAlone = this.#begin ? inAdvance : own('interest');
    const due = mode === LEVEL ? own('level') : mode === NOTHING ? '0' : interestAlone;
    const discounted = this.#interestOf(`${final}/(1+${own('rate')})`);
    const most = this.#most(own, final, discounted);
    const extra = changes.extra.get(k)?.join('+') ?? '0';
    const last = k === this.#count && payments !== 'until-cleared' && rounding.last === 'clears';
    const natural = this.#interestOf(`${own('opening')}*${own('rate')}`);
    const open = this.#begin ? most : `(${final}-${own('opening')}-${natural})`;
    const agreed = this.#saving && last && given !== undefined;
    return {
      due,
      most,
      extra,
      natural,
      discounted,
      last,
      ...(agreed ? { agreed: `ABS(${open}-(${extra})-${due})<=${this.#room}` } : {}),
    };
  }

  #most(own: Here['own'], final: string, discounted: string): string {
    if (this.#saving)
      return this.#begin ? `(${discounted}-${own('opening')})` : `(${final}-${own('opening')}-${own('interest')})`;
    return this.#begin ? `(${own('opening')}-${discounted})` : `(${own('opening')}+${own('interest')}-${final})`;
  }

  /** Payment, extra payment, interest, principal, closing balance. */
  #money(here: Here, terms: RowTerms): LiveCell[] {
    const { own, k } = here;
    const row = this.#table.rows[k - 1];
    const sign = this.#saving ? '+' : '-';
    const { extra, most, agreed } = terms;
    const extraPaid =
      extra === '0' ? '0' : agreed ? extra : this.#tidy(`MAX(0,MIN(${extra},${most}-${own('payment')}))`);
    const principal = `${own('payment')}+${own('extra')}${this.#saving ? '+' : '-'}${own('interest')}`;
    const closing = `${own('opening')}+${own('interest')}${sign}${own('payment')}${sign}${own('extra')}`;
    return [
      this.#cell(here, 'payment', this.#tidy(this.#payment(own, terms)), row?.payment ?? 0),
      this.#cell(here, 'extra', extraPaid, row?.extra ?? 0),
      this.#cell(here, 'interest', this.#interest(own, terms), row?.interest ?? 0),
      this.#cell(here, 'principal', this.#tidy(principal), row?.principal ?? 0),
      this.#cell(here, 'closing', this.#tidy(closing), row?.closing),
    ];
  }

  /**
   * Past the end nothing is due: the most that may be paid is nothing. The last deposit is what was agreed where rounding
   * alone parts it from what reaches the end; the interest takes the difference.
   */
  #payment(own: Here['own'], { due, most, extra, agreed, last, natural }: RowTerms): string {
    const { final } = this.#inputs;
    const open = this.#begin ? most : `(${final}-${own('opening')}-${natural})`;
    if (agreed) return `IF(${agreed},${due},${open}-(${extra}))`;
    if (last) return extra === '0' ? most : `IF(${due}+${extra}>=${most},MIN(${due},${most}),${most}-(${extra}))`;
    if (!this.#saving) return `IF(${own('opening')}>=${final},MIN(${due},${most}),${due})`;
    const capped = `IF(${own('opening')}<=${final},MIN(${due},${most}),${due})`;
    const onItsWay = this.#isOnItsWay(own, due);
    return onItsWay === undefined ? capped : `IF(${onItsWay},${due},${capped})`;
  }

  /** Whether agreed deposits still to come end where they should, rounding apart: reaching the end early is only rounding. */
  #isOnItsWay(own: Here['own'], due: string): string | undefined {
    const { final, given, payments, timing } = this.#inputs;
    const { rounding, payments: count } = this.#plan;
    if (!this.#saving || given === undefined || count === 'until-cleared' || rounding.last !== 'clears')
      return undefined;
    const left = `${payments}-${own('number')}+1`;
    return `ABS(-FV(${own('rate')},${left},${due},${own('opening')},${timing})-${final})<=${this.#room}`;
  }

  #interest(own: Here['own'], { due, agreed, natural, discounted }: RowTerms): string {
    const { final } = this.#inputs;
    const kept = this.#saving
      ? `(${own('opening')}+${own('payment')}+${own('extra')})`
      : `(${own('opening')}-${own('payment')}-${own('extra')})`;
    if (!this.#begin) return agreed ? this.#tidy(`IF(${agreed},${final}-${kept},${natural})`) : natural;
    const reached = `${this.#tidy(kept)}${this.#saving ? '>=' : '<='}${discounted}`;
    const brought = this.#interestOf(`${kept}*${own('rate')}`);
    const settled = `IF(${agreed ?? reached},${final}-${kept},${brought})`;
    const onItsWay = agreed === undefined ? this.#isOnItsWay(own, due) : undefined;
    return this.#tidy(onItsWay === undefined ? settled : `IF(${onItsWay},${brought},${settled})`);
  }

  #cell({ own }: Here, name: ColumnName, formula: string, result: number | undefined): LiveCell {
    return { at: own(name), formula, format: 'money', ...(result === undefined ? {} : { result }) };
  }

  #interestOf(text: string): string {
    return this.#plan.rounding.interest === 'cent' ? `ROUND(${text},2)` : text;
  }

  /** Sums of cents are cents; what is not rounded stays as it is. */
  #tidy(text: string): string {
    const { interest, payment } = this.#plan.rounding;
    return interest === 'cent' && payment !== 'exact' ? `ROUND(${text},2)` : text;
  }
}

function paymentRule({ rounding }: Plan, text: string): string {
  switch (rounding.payment) {
    case 'exact':
      return `MAX(0,${text})`;
    case 'cent':
      return `MAX(0,ROUND(${text},2))`;
    case 'cent-up':
      return `MAX(0,ROUNDUP(${text},2))`;
    case 'unit':
      return `MAX(0,ROUND(${text},0))`;
    case 'unit-up':
      return `MAX(0,ROUNDUP(${text},0))`;
  }
}
