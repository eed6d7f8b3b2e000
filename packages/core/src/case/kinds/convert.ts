/** Converting a rate: the same growth quoted another way. There is no plan; what 100 grows to in a year stands for one. */

import { fail, ok, type Result } from '../../result.ts';
import { ratePerPayment } from '../../rates/quotedRate.ts';
import { buildTable } from '../../table/buildTable.ts';
import { exactRounding, type Plan, type TableRounding } from '../../table/plan.ts';
import { owing, sentenceOf, type KindOfCase } from '../kind.ts';
import { quotedRate } from '../quote.ts';
import type { SolvedCase } from '../solved.ts';
import type { Statement } from '../statement.ts';

export const convert: KindOfCase = {
  title: 'Converting a rate',
  slots: ['rate', 'converted'],
  asks: 'converted',
  timing: 'end',
  directions: owing,
  hasTable: false,
  compounds: true,
  level: false,
  pays: false,
  owes: false,
  takesChanges: false,
  refinances: false,
  solve: growthOfHundred,
  sentence: sentenceOf(`A rate of {rate} {quote}
    grows money as much as {converted} {into} .`),
  slotNames: { rate: 'rate', converted: 'the same rate, quoted otherwise' },
  flows: {},
};

/** What 100 grows to in a year at the rate, without payments. */
function growthOfHundred(statement: Statement, rounding: TableRounding): Result<SolvedCase> {
  const { numbers, quote, paymentsPerYear: payments } = statement;
  if (numbers.rate === undefined)
    return fail('blank', 'The plan behind this part is not complete yet.', { field: 'rate' });
  const rate = quotedRate(quote, numbers.rate);
  const i = ratePerPayment(rate, payments);
  if (!i.ok) return i;
  const grown = 100 * Math.exp(payments * Math.log1p(i.value));
  const plan: Plan = {
    kind: 'saving',
    amount: 100,
    rate,
    paymentsPerYear: payments,
    payments,
    timing: 'end',
    finalAmount: grown,
    payment: 0,
    rounding: exactRounding,
    changes: [],
  };
  const table = buildTable(plan);
  if (!table.ok) return table;
  return ok({
    unknown: 'rate',
    exact: numbers.rate,
    shown: numbers.rate,
    numbers: { amount: 100, rate: numbers.rate, payments, payment: 0, finalAmount: grown },
    values: { n: payments, i: i.value, pv: -100, pmt: 0, fv: grown, timing: 'end' },
    rate,
    plan: { ...plan, rounding },
    table: table.value,
  });
}
