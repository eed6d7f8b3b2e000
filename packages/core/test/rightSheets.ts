/** Right worksheets as people make them, each laid out in another way. */
import { buildTable, centRounding, columnLetters, exactRounding, must, type Plan } from '../src/index.ts';
import type { Typed, TypedSheets } from './studentSheets.ts';

export const rafts: Plan = {
  amount: 24_800,
  rate: { kind: 'nominal', annual: 0.063, compoundingsPerYear: 12 },
  paymentsPerYear: 12,
  payments: 48,
  timing: 'end',
  finalAmount: 0,
  rounding: centRounding,
  changes: [],
};

/** Rows of cells, from A1. */
export const grid = (rows: readonly (readonly (Typed | undefined)[])[], sheet = 'S'): TypedSheets => {
  const own: Record<string, Typed> = {};
  rows.forEach((row, r) =>
    row.forEach((t, c) => {
      if (t !== undefined && t !== '') own[`${columnLetters(c + 1)}${r + 1}`] = t;
    }),
  );
  return { [sheet]: own };
};
export const range = (n: number) => Array.from({ length: n }, (_, at) => at + 1);
const inAdvance: Plan = { ...rafts, timing: 'begin', rounding: exactRounding };
const advanceInputs = [
  ['Amount', 24_800],
  ['Rate', 0.063],
  ['n', 48],
  ['PMT', '=-PMT(B2/12,B3,B1,0,1)'],
] as const;

export const rightSheets: Readonly<Record<string, readonly [Plan, TypedSheets, Record<string, string>?]>> = {
  'IPMT and PPMT with minus signs': [
    rafts,
    grid([
      ['Principal', 24800],
      ['APR', 0.063],
      ['Term (months)', 48],
      [],
      ['Period', 'Beginning Balance', 'Payment', 'Interest', 'Principal', 'Ending Balance'],
      ...range(48).map((k) => [
        k,
        k === 1 ? '=B1' : `=F${4 + k}`,
        '=PMT($B$2/12,$B$3,$B$1)',
        `=IPMT($B$2/12,A${5 + k},$B$3,$B$1)`,
        `=PPMT($B$2/12,A${5 + k},$B$3,$B$1)`,
        `=B${5 + k}+E${5 + k}`,
      ]),
    ]),
  ],
  'two balances called the same, a unit row, a title': [
    rafts,
    grid([
      ['My loan table'],
      [],
      ['Loan:', '', 24800],
      ['Rate:', '', 0.063],
      ['Years:', '', 4],
      ['PMT', '', '=ROUND(PMT(C4/12,C5*12,-C3),2)'],
      [],
      ['Month', 'Balance', 'Interest', 'Principal', 'Balance'],
      ['', '$', '$', '$', '$'],
      ...range(48).map((k) => [
        k,
        k === 1 ? '=C3' : `=E${8 + k}`,
        `=ROUND(B${9 + k}*$C$4/12,2)`,
        k === 48 ? `=B${9 + k}` : `=$C$6-C${9 + k}`,
        `=B${9 + k}-D${9 + k}`,
      ]),
    ]),
  ],
  'literals everywhere': [
    rafts,
    grid([
      ['#', 'Opening', 'Interest', 'Repayment', 'Capital repaid', 'Closing'],
      ...range(48).map((k) => [
        k,
        k === 1 ? 24800 : `=F${k}`,
        `=B${1 + k}*6.3%/12`,
        '=PMT(6.3%/12,48,-24800)',
        `=D${1 + k}-C${1 + k}`,
        `=B${1 + k}-E${1 + k}`,
      ]),
    ]),
  ],
  'no heads': [
    rafts,
    grid([
      ...range(48).map((k) => [
        k,
        k === 1 ? 24800 : `=F${k - 1}`,
        `=B${k}*0.063/12`,
        '=PMT(0.063/12,48,-24800)',
        `=D${k}-C${k}`,
        `=B${k}-E${k}`,
      ]),
    ]),
  ],
  'typed values': [
    rafts,
    grid([
      ['n', 'Interest', 'Principal', 'Balance'],
      ...must(buildTable(rafts)).rows.map((r) => [r.number, r.interest, r.principal, r.closing]),
    ]),
  ],
  'balance by FV': [
    rafts,
    grid([
      ['loan', 24800],
      ['annual rate', '6.3%'],
      ['n', 48],
      ['payment', '=-PMT(B2/12,B3,B1)'],
      ['k', 'Balance'].concat(['Interest paid', 'Principal paid']),
      [0, '=B1'],
      ...range(48).map((k) => [k, `=-FV($B$2/12,A${6 + k},-$B$4,$B$1)`, `=B${5 + k}*$B$2/12`, `=$B$4-C${6 + k}`]),
    ]),
  ],
  names: [
    rafts,
    grid([
      ['Amount', 24800],
      ['Rate', 0.063],
      ['N', 48],
      ['Pmt', '=PMT(j/12,n_,-A_)'],
      [],
      ['Payment number', 'Interest', 'Principal', 'Remaining balance'],
      ...range(48).map((k) => [
        k,
        k === 1 ? '=A_*j/12' : `=D${5 + k}*j/12`,
        `=pay_-B${6 + k}`,
        k === 1 ? `=A_-C${6 + k}` : `=D${5 + k}-C${6 + k}`,
      ]),
    ]),
    { A_: 'S!$B$1', j: 'S!$B$2', n_: 'S!$B$3', pay_: 'S!$B$4' },
  ],
  'extra payments': [
    { ...rafts, changes: [{ kind: 'extra', from: 1, to: 400, every: 1, amount: 100 }] },
    grid([
      ['Loan amount', 24800],
      ['Interest rate', 0.063],
      ['Number of payments', 48],
      ['Monthly payment', '=ROUND(PMT(B2/12,B3,-B1),2)'],
      ['Extra payment', 100],
      [],
      ['No', 'Start balance', 'Payment', 'Extra', 'Interest', 'Principal', 'End balance'],
      ...range(41).map((k) => [
        k,
        k === 1 ? '=B1' : `=G${6 + k}`,
        `=MIN($B$4,B${7 + k}+E${7 + k})`,
        `=MIN($B$5,B${7 + k}+E${7 + k}-C${7 + k})`,
        `=ROUND(B${7 + k}*$B$2/12,2)`,
        `=C${7 + k}+D${7 + k}-E${7 + k}`,
        `=B${7 + k}-F${7 + k}`,
      ]),
    ]),
  ],
  'guarded rows to 60': [
    rafts,
    grid([
      ['Loan amount', 24800],
      ['Interest rate', 0.063],
      ['Number of payments', 48],
      ['Monthly payment', '=PMT(B2/12,B3,-B1)'],
      [],
      ['No', 'Start', 'Interest', 'Principal', 'End'],
      ...range(60).map((k) => [
        `=IF(${k}<=$B$3,${k},"")`,
        k === 1 ? '=B1' : `=IF(A${6 + k}="","",E${5 + k})`,
        `=IF(A${6 + k}="","",B${6 + k}*$B$2/12)`,
        `=IF(A${6 + k}="","",$B$4-C${6 + k})`,
        `=IF(A${6 + k}="","",B${6 + k}-D${6 + k})`,
      ]),
    ]),
  ],
  savings: [
    {
      ...rafts,
      kind: 'saving',
      amount: 1000,
      payment: 150,
      payments: 24,
      finalAmount: must(
        buildTable({
          ...rafts,
          kind: 'saving',
          amount: 1000,
          payment: 150,
          payments: 24,
          finalAmount: 0,
          rounding: { ...exactRounding, last: 'as-others' },
        } as Plan),
      ).closing,
    },
    grid([
      ['start', 1000],
      ['rate', 0.063],
      ['deposit', 150],
      [],
      ['month', 'opening balance', 'interest', 'deposit', 'closing balance'],
      ...range(24).map((k) => [
        k,
        k === 1 ? '=B1' : `=E${4 + k}`,
        `=B${5 + k}*$B$2/12`,
        '=$B$3',
        `=B${5 + k}+C${5 + k}+D${5 + k}`,
      ]),
    ]),
  ],
  'compounded half-yearly': [
    { ...rafts, rate: { kind: 'nominal', annual: 0.063, compoundingsPerYear: 2 } },
    grid([
      ['Mortgage', 24800],
      ['Nominal rate', 0.063],
      ['Payments', 48],
      ['Periodic rate', '=(1+B2/2)^(2/12)-1'],
      ['Payment', '=PMT(B4,B3,-B1)'],
      [],
      ['Period', 'Interest portion', 'Principal portion', 'Outstanding balance'],
      [0, '', '', '=B1'],
      ...range(48).map((k) => [k, `=D${7 + k}*$B$4`, `=$B$5-B${8 + k}`, `=D${7 + k}-C${8 + k}`]),
    ]),
  ],
  'running totals and dates': [
    rafts,
    grid([
      ['Amount financed', 24800, '', 'First payment', 46000],
      ['Rate', 0.063],
      ['Months', 48],
      ['Payment', '=ROUND(PMT(B2/12,B3,-B1),2)'],
      [],
      ['No.', 'Date', 'Payment', 'Interest', 'Principal', 'Total interest', 'Balance'],
      ...range(48).map((k) => [
        k,
        k === 1 ? '=E1' : `=EDATE(B${5 + k},1)`,
        k === 48 ? `=G${5 + k}+D${6 + k}` : '=$B$4',
        k === 1 ? '=ROUND(B1*$B$2/12,2)' : `=ROUND(G${5 + k}*$B$2/12,2)`,
        `=C${6 + k}-D${6 + k}`,
        k === 1 ? '=D7' : `=F${5 + k}+D${6 + k}`,
        k === 1 ? '=B1-E7' : `=G${5 + k}-E${6 + k}`,
      ]),
    ]),
  ],
  'heads over two rows, a rate in every row, a title right above': [
    rafts,
    grid([
      ['Loan amount', 24_800],
      ['Interest rate per year', 0.063],
      ['Term in months', 48],
      ['Monthly payment', '=PMT(B2/12,B3,-B1)'],
      ['Amortization of the loan with interest at 6.3 percent', 'Opening', '', '', '', 'Closing'],
      ['Month', 'balance', 'Rate', 'Interest charged', 'Principal repaid', 'balance'],
      ...range(48).map((k) => [
        k,
        k === 1 ? '=B1' : `=F${5 + k}`,
        '=$B$2/12',
        `=B${6 + k}*C${6 + k}`,
        `=$B$4-D${6 + k}`,
        `=B${6 + k}-E${6 + k}`,
      ]),
    ]),
  ],
  'payments in advance, interest in the row of the next one': [
    inAdvance,
    grid([
      ...advanceInputs,
      ['Period', 'Opening balance', 'Payment', 'Interest', 'Principal', 'Closing balance'],
      ...range(48).map((k) => [
        k,
        k === 1 ? '=B1' : `=F${4 + k}`,
        '=$B$4',
        k === 1 ? 0 : `=B${5 + k}*$B$2/12`,
        `=C${5 + k}-D${5 + k}`,
        `=B${5 + k}-E${5 + k}`,
      ]),
    ]),
  ],
  'payments in advance, numbered from 0': [
    inAdvance,
    grid([
      ...advanceInputs,
      ['Period', 'Payment', 'Interest', 'Principal', 'Balance'],
      ...range(48).map((k) => [
        k - 1,
        '=$B$4',
        k === 1 ? 0 : `=E${4 + k}*$B$2/12`,
        `=B${5 + k}-C${5 + k}`,
        k === 1 ? '=B1-D6' : `=E${4 + k}-D${5 + k}`,
      ]),
    ]),
  ],
  'payments in advance, taken off before interest is': [
    inAdvance,
    grid([
      ...advanceInputs,
      ['Month', 'Owed', 'Paid', 'Interest', 'Then owed'],
      ...range(48).map((k) => [
        k,
        k === 1 ? '=B1' : `=E${4 + k}`,
        '=$B$4',
        `=(B${5 + k}-C${5 + k})*$B$2/12`,
        `=B${5 + k}-C${5 + k}+D${5 + k}`,
      ]),
    ]),
  ],
};
