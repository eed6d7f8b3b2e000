/** Worksheet functions over the five values: one function, a balance, a range of payments, what is paid in all. */

import { kindOf } from '../../case/kinds.ts';
import { isPortion } from '../../case/quantities/inAdvance.ts';
import { quoteRate, quotedNumber } from '../../rates/quotedRate.ts';
import { quotingSteps } from '../quoting.ts';
import type { Work } from '../work.ts';
import { plainNumber } from '../term.ts';
import { type SheetAnswer, known, means } from './cells.ts';

/** One function over four of the five values. */
export function oneFunction(name: 'PMT' | 'PV' | 'FV' | 'NPER' | 'RATE'): (work: Work) => SheetAnswer | undefined {
  return (work) => {
    const { solved, statement } = work.question;
    if (!work.level || solved.flat) return undefined;
    const { rate, n, pmt, pv, fv, type } = known(work);
    const { directions } = kindOf(statement);
    switch (name) {
      case 'PMT':
        return {
          cells: [rate, n, pv, fv],
          formula: `=PMT({rate per payment};{number of payments};{amount at the start};{amount at the end};${type})`,
          inUnit: Math.abs,
          meanings: means(work, 'rate', 'nper', 'pv', 'fv', 'type'),
        };
      case 'PV':
        return {
          cells: [rate, n, pmt, fv],
          formula: `=PV({rate per payment};{number of payments};{payment};{amount at the end};${type})`,
          inUnit: (shows) => shows * directions.pv,
          meanings: means(work, 'rate', 'nper', 'pmt', 'fv', 'type'),
        };
      case 'FV':
        return {
          cells: [rate, n, pmt, pv],
          formula: `=FV({rate per payment};{number of payments};{payment};{amount at the start};${type})`,
          inUnit: (shows) => shows * directions.fv,
          meanings: means(work, 'rate', 'nper', 'pmt', 'pv', 'type'),
        };
      case 'NPER': {
        const by = work.question.ask.quantity === 'years' ? statement.paymentsPerYear : 1;
        return {
          cells: [rate, pmt, pv, fv],
          formula: `=NPER({rate per payment};{payment};{amount at the start};{amount at the end};${type})`,
          inUnit: (shows) => (solved.said?.isWhole ? solved.said.count : shows) / by,
          meanings: means(work, 'rate', 'pmt', 'pv', 'fv', 'type'),
        };
      }
      case 'RATE': {
        const inUnit = (shows: number): number => {
          const quoted = quoteRate(shows, solved.rate, statement.paymentsPerYear);
          return quoted.ok ? quotedNumber(quoted.value) * 100 : NaN;
        };
        return {
          cells: [n, pmt, pv, fv],
          formula: `=RATE({number of payments};{payment};{amount at the start};{amount at the end};${type})`,
          inUnit,
          meanings: means(work, 'nper', 'pmt', 'pv', 'fv', 'type'),
          after: [
            { kind: 'says', text: `RATE gives the rate for each ${work.period}.` },
            ...quotingSteps(work, solved.values.i),
          ],
        };
      }
    }
  };
}

/** The balance after k payments by FV; minus it for what is owed. */
export function balanceSheet(work: Work, k = work.question.ask.after ?? 0): SheetAnswer | undefined {
  const { solved, statement } = work.question;
  const stage = work.stages[0];
  if (!work.level || !stage || k > stage.to || k < 1) return undefined;
  const { rate, pv, type } = known(work);
  const { directions } = kindOf(statement);
  const paid = { label: 'payment', content: plainNumber(directions.pmt * solved.table.firstPayment) };
  return {
    cells: [rate, { label: 'payments made', content: String(k) }, paid, pv],
    formula: `=FV({rate per payment};{payments made};{payment};{amount at the start};${type})`,
    inUnit: (shows) => shows * directions.fv,
    meanings: means(work, 'rate', 'nper', 'pmt', 'pv', 'type'),
    rounds: solved.unknown === 'payment' ? ['payment-rounded'] : [],
  };
}

/** The balance right after payment k, where payments come first: FV over the periods before it, and the payment. */
export function rightAfterSheet(work: Work): SheetAnswer | undefined {
  const k = work.question.ask.after ?? 1;
  const stage = work.stages[0];
  if (!work.level || !stage || k < 2 || k > stage.to) return undefined;
  const found = balanceSheet(work, k - 1);
  return found && { ...found, formula: `${found.formula}-{payment}` };
}

/**
 * Interest or principal of a range of payments: IPMT and PPMT for one payment, CUMIPMT and CUMPRINC for more. Where payments
 * come first the functions give what is in the payments, not what runs up in their periods.
 */
export function rangeSheet(part: 'interest' | 'principal', all = false): (work: Work) => SheetAnswer | undefined {
  return (work) => {
    const { ask, solved, statement } = work.question;
    if (!work.level || solved.flat || work.saving || !kindOf(statement).owes) return undefined;
    if (work.due && !all && !isPortion(ask.quantity)) return undefined;
    const from = all ? 1 : (ask.from ?? 1);
    const to = all ? solved.table.count : Math.min(ask.to ?? 1, solved.table.count);
    const { rate, n, pv, fv, type } = known(work);
    const base = { rounds: ['payment-unrounded'] as const };
    // The functions take the level payment itself from rate, count and amount; a payment that was given is another plan.
    if (solved.unknown !== 'payment') return undefined;
    if (from === to && !(all && work.due))
      return {
        ...base,
        cells: [rate, n, pv, fv, { label: 'payment number', content: String(from) }],
        formula: `=-${part === 'interest' ? 'IPMT' : 'PPMT'}({$rate per payment};{payment number};{$number of payments};{$amount at the start};{$amount at the end};${type})`,
        inUnit: (shows) => shows,
        meanings: [{ argument: 'per', means: 'which payment' }, ...means(work, 'rate', 'nper', 'pv', 'fv', 'type')],
        after: [
          {
            kind: 'says',
            text: 'The references with $ stay where they are when the formula is copied down; the payment number moves.',
          },
        ],
      };
    if (solved.numbers.finalAmount !== 0) return undefined;
    return {
      ...base,
      cells: [rate, n, pv, { label: 'from', content: String(from) }, { label: 'to', content: String(to) }],
      formula: `=-${part === 'interest' ? 'CUMIPMT' : 'CUMPRINC'}({$rate per payment};{$number of payments};{$amount at the start};{from};{to};${type})`,
      inUnit: (shows) => shows,
      meanings: means(work, 'rate', 'nper', 'pv', 'from', 'to', 'type'),
      after: [
        {
          kind: 'says',
          text: 'The references with $ stay where they are when the formula is copied to other rows.',
        },
      ],
    };
  };
}

export function totalPaid(work: Work): SheetAnswer | undefined {
  const { solved } = work.question;
  if (!work.level || solved.flat || solved.unknown !== 'payment') return undefined;
  const { rate, n, pv, fv, type } = known(work);
  return {
    cells: [rate, n, pv, fv],
    formula: `=PMT({rate per payment};{number of payments};{amount at the start};{amount at the end};${type})*{number of payments}`,
    inUnit: Math.abs,
    meanings: means(work, 'rate', 'nper', 'pv', 'fv', 'type'),
    rounds: ['payment-unrounded'],
  };
}
