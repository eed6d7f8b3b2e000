/** The inputs of a table's worksheet: what the plan says, each number in a cell of its own. */

import { quotedNumber, type QuotedRate } from '../rates/quotedRate.ts';
import type { Plan } from '../table/plan.ts';
import { withoutDust } from '../working/term.ts';
import type { LabelledCells } from './liveSheet.ts';

export interface SheetInputs {
  readonly amount: string;
  readonly startRate: string;
  readonly payments: string;
  readonly timing: string;
  readonly final: string;
  /** The payment, where it is given. */
  readonly given?: string;
  readonly changes: ChangeCells;
}

/** For each kind of change, in which rows which cells count. */
export interface ChangeCells {
  readonly rate: ReadonlyMap<number, string>;
  readonly payment: ReadonlyMap<number, string>;
  readonly draw: ReadonlyMap<number, string>;
  readonly extra: ReadonlyMap<number, readonly string[]>;
}

/** Puts the inputs of a plan, `count` payments long, and gives the references to them. */
export function sheetInputs(top: LabelledCells, plan: Plan, count: number): SheetInputs {
  const { input } = top;
  const saving = plan.kind === 'saving';
  const amount = input(
    saving || plan.kind === 'drawing' ? 'amount at the start' : 'amount received',
    plan.amount,
    'money',
  );
  const frequency = input('payments a year', plan.paymentsPerYear, 'count');
  const rateCell = (label: string, rate: QuotedRate): string => {
    const quoted = input(label, withoutDust(quotedNumber(rate)), 'percent');
    return top.derived(`${label}, for each payment`, perPayment(rate, quoted, frequency, top), 'rate');
  };
  const startRate = rateCell(plan.rate.kind === 'periodic' ? 'rate' : 'rate a year', plan.rate);
  const payments = input('number of payments', count, 'count');
  const timing = input('payments at the beginning (1) or the end (0)', plan.timing === 'begin' ? 1 : 0, 'count');
  const final = input(saving ? 'amount at the end' : 'owed or left at the end', plan.finalAmount, 'money');
  const given = plan.payment === undefined ? {} : { given: input('payment', plan.payment, 'money') };
  return { amount, startRate, payments, timing, final, ...given, changes: changeCells(plan, top, rateCell) };
}

/** The rate per payment in terms of the quoted rate's cell; puts the cells it needs. */
function perPayment(rate: QuotedRate, quoted: string, frequency: string, { input }: LabelledCells): string {
  switch (rate.kind) {
    case 'nominal': {
      if (rate.compoundingsPerYear === 'continuous') return `EXP(${quoted}/${frequency})-1`;
      const m = input('compoundings a year', rate.compoundingsPerYear, 'count');
      return `IF(${m}=${frequency},${quoted}/${frequency},(1+${quoted}/${m})^(${m}/${frequency})-1)`;
    }
    case 'effective':
      return `(1+${quoted})^(1/${frequency})-1`;
    case 'periodic':
      return quoted;
    case 'daily': {
      const year = input('days a year', rate.daysPerYear, 'count');
      const period = input('days in a period', rate.daysPerPeriod, 'count');
      return `(1+${quoted}/${year})^${period}-1`;
    }
  }
}

/** Puts an input cell for each change's number, and says in which rows it counts. */
function changeCells(
  plan: Plan,
  { input }: LabelledCells,
  rateCell: (label: string, rate: QuotedRate) => string,
): ChangeCells {
  const rate = new Map<number, string>();
  const payment = new Map<number, string>();
  const draw = new Map<number, string>();
  const extra = new Map<number, string[]>();
  const count = plan.payments === 'until-cleared' ? Infinity : plan.payments;
  for (const change of plan.changes) {
    switch (change.kind) {
      case 'rate':
        rate.set(change.after + 1, rateCell(`rate after payment ${change.after}`, change.rate));
        if (change.payment === 'again') payment.delete(change.after + 1);
        break;
      case 'payment':
        payment.set(change.after + 1, input(`payment after payment ${change.after}`, change.amount, 'money'));
        break;
      case 'draw': {
        const cell = input(`received before payment ${change.before}`, change.amount, 'money');
        draw.set(change.before, draw.has(change.before) ? `${draw.get(change.before)}+${cell}` : cell);
        break;
      }
      case 'extra': {
        const cell = input(`extra from payment ${change.from}`, change.amount, 'money');
        const to = Math.min(count, change.to ?? (change.every === undefined ? change.from : count), 12_000);
        for (let k = change.from; k <= to; k += change.every ?? 1) extra.set(k, [...(extra.get(k) ?? []), cell]);
        break;
      }
      case 'interest-only':
      case 'deferred':
        break;
    }
  }
  return { rate, payment, draw, extra };
}
