/** The worksheet way: labelled cells and a formula over them, functions named as in OpenFormula, references fixed where they are copied. */

import { ok, type Result } from '../result.ts';
import { evaluateExpression, type Scope } from '../money/expression.ts';
import { quotedNumber, quoteRate } from '../rates/quotedRate.ts';
import { callableFunctions } from '../annuity/sheetFunctions.ts';
import { styleOf } from '../case/question.ts';
import type { Quantity } from '../case/quantities.ts';
import { readBuildUp } from '../case/readDraft.ts';
import { directions } from '../case/solved.ts';
import { balanceAfter } from '../table/readings.ts';
import { quotingSteps } from './byFormula.ts';
import type { ArgumentMeaning, Rounded, SheetCell, Step, Way } from './solution.ts';
import { oneLine } from './term.ts';
import { answerText, rateTerm, type Work } from './work.ts';

interface Labelled {
  readonly label: string;
  readonly content: string;
}

interface SheetAnswer {
  readonly cells: readonly Labelled[];
  /** With `{label}` where a cell is meant; `{$label}` where the reference is fixed. */
  readonly formula: string;
  /** From what the cell shows to the answer in its own unit. */
  readonly inUnit: (shows: number) => number;
  readonly meanings?: readonly ArgumentMeaning[];
  readonly after?: readonly Step[];
  readonly rounds?: readonly Rounded[];
}

/** The sheet way, or nothing where no worksheet function answers in one cell. */
export function bySheet(work: Work): Way | undefined {
  const found = sheets[work.question.ask.quantity]?.(work);
  if (!found) return undefined;
  const cells: SheetCell[] = found.cells.map((cell, at) => ({ at: `B${at + 1}`, ...cell }));
  const formula = found.formula.replace(/\{(\$?)([^}]+)\}/g, (_whole, fixed: string, label: string) => {
    const at = cells.findIndex((cell) => cell.label === label) + 1;
    return fixed ? `$B$${at}` : `B${at}`;
  });
  const shows = evaluateSheet(cells, formula);
  if (!shows.ok) return undefined;
  const number = found.inUnit(shows.value);
  if (!Number.isFinite(number)) return undefined;
  const written = answerText(work, number);
  return {
    id: 'sheet-function',
    title: 'Sheet function',
    number,
    written,
    rounds: found.rounds ?? [],
    line: formula,
    steps: [
      { kind: 'says', text: 'Put what is known into labelled cells.', because: 'A number in a cell of its own can be changed later; a number inside a formula is lost.' },
      { kind: 'sheet', cells, formula, meanings: found.meanings ?? [] },
      ...(found.after ?? []),
      { kind: 'answer', text: `The cell shows ${shownPlain(shows.value)}: ${written}.` },
    ],
  };
}

function shownPlain(value: number): string {
  return String(Number(value.toPrecision(12))).replace('-', '−');
}

/** Works a small sheet: the cells in order, then the formula over them. */
export function evaluateSheet(cells: readonly Pick<SheetCell, 'at' | 'content'>[], formula: string): Result<number> {
  const scope: Record<string, number> = {};
  for (const { at, content } of cells) {
    const value = evaluateCell(content, scope);
    if (!value.ok) return value;
    scope[at.toLowerCase()] = value.value;
  }
  return evaluateCell(formula, scope);
}

function evaluateCell(content: string, scope: Scope): Result<number> {
  const found = evaluateExpression(content.replace(/^=/, '').replaceAll('$', ''), scope, undefined, callableFunctions);
  return found.ok ? ok(found.value.percent ? found.value.value / 100 : found.value.value) : found;
}

/** A number as a cell takes it: a point, no grouping, an ordinary minus. */
function plain(value: number): string {
  const tidy = Number(value.toPrecision(15));
  const text = String(tidy);
  return text.includes('e') ? tidy.toFixed(20).replace(/\.?0+$/, '') : text;
}

/** The rate cell: how it is made from the quoted rate, so that no digit is lost. */
function rateCell({ question }: Work): Labelled {
  const { solved, draft } = question;
  const line = oneLine(rateTerm(solved.rate, draft.paymentsPerYear, styleOf(question)));
  return { label: 'rate per payment', content: /[-+*/^(]/.test(line) ? `=${line}` : line };
}

interface Known {
  readonly rate: Labelled;
  readonly n: Labelled;
  readonly pmt: Labelled;
  readonly pv: Labelled;
  readonly fv: Labelled;
  readonly type: 0 | 1;
}

function known(work: Work): Known {
  const { solved, draft } = work.question;
  const way = directions[draft.kind];
  const { numbers, values } = solved;
  const payments = solved.unknown === 'payments' ? values.n : numbers.payments;
  return {
    rate: rateCell(work),
    n: { label: 'number of payments', content: plain(payments) },
    pmt: { label: 'payment', content: plain(way.pmt * numbers.payment) },
    pv: { label: 'amount at the start', content: plain(way.pv * numbers.amount) },
    fv: { label: 'amount at the end', content: plain(way.fv * numbers.finalAmount) },
    type: values.timing === 'begin' ? 1 : 0,
  };
}

const means = (work: Work, ...names: (keyof typeof argumentWords)[]): ArgumentMeaning[] => names.map((name) => ({ argument: name, means: argumentWords[name](work) }));

const argumentWords = {
  rate: ({ period }: Work) => `rate for each ${period}, a decimal`,
  nper: () => 'number of payments',
  pmt: () => 'payment: minus is paid out',
  pv: () => 'amount at the start: plus is received',
  fv: () => 'amount at the end',
  type: ({ due, period }: Work) => (due ? `1: payments at the beginning of each ${period}` : `0: payments at the end of each ${period}`),
  from: () => 'first payment of the stretch',
  to: () => 'last payment of the stretch',
};

/** One function over four of the five values. */
function oneFunction(name: 'PMT' | 'PV' | 'FV' | 'NPER' | 'RATE'): (work: Work) => SheetAnswer | undefined {
  return (work) => {
    const { solved, draft } = work.question;
    if (!work.level || solved.flat) return undefined;
    const { rate, n, pmt, pv, fv, type } = known(work);
    const way = directions[draft.kind];
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
          inUnit: (shows) => shows * way.pv,
          meanings: means(work, 'rate', 'nper', 'pmt', 'fv', 'type'),
        };
      case 'FV':
        return {
          cells: [rate, n, pmt, pv],
          formula: `=FV({rate per payment};{number of payments};{payment};{amount at the start};${type})`,
          inUnit: (shows) => shows * way.fv,
          meanings: means(work, 'rate', 'nper', 'pmt', 'pv', 'type'),
        };
      case 'NPER': {
        const by = work.question.ask.quantity === 'years' ? draft.paymentsPerYear : 1;
        return {
          cells: [rate, pmt, pv, fv],
          formula: `=NPER({rate per payment};{payment};{amount at the start};{amount at the end};${type})`,
          inUnit: (shows) => (solved.said?.isWhole ? solved.said.count : shows) / by,
          meanings: means(work, 'rate', 'pmt', 'pv', 'fv', 'type'),
        };
      }
      case 'RATE': {
        const inUnit = (shows: number): number => {
          const quoted = quoteRate(shows, solved.rate, draft.paymentsPerYear);
          return quoted.ok ? quotedNumber(quoted.value) * 100 : NaN;
        };
        return {
          cells: [n, pmt, pv, fv],
          formula: `=RATE({number of payments};{payment};{amount at the start};{amount at the end};${type})`,
          inUnit,
          meanings: means(work, 'nper', 'pmt', 'pv', 'fv', 'type'),
          after: [{ kind: 'says', text: `RATE gives the rate for each ${work.period}.` }, ...quotingSteps(work, solved.values.i)],
        };
      }
    }
  };
}

/** The balance after k payments by FV; minus it for what is owed. */
function balanceSheet(work: Work): SheetAnswer | undefined {
  const k = work.question.ask.after ?? 0;
  const { solved, draft } = work.question;
  const stage = work.stages[0];
  if (!work.level || !stage || k > stage.to || k < 1) return undefined;
  const { rate, pv, type } = known(work);
  const way = directions[draft.kind];
  const paid = { label: 'payment', content: plain(way.pmt * solved.table.firstPayment) };
  return {
    cells: [rate, { label: 'payments made', content: String(k) }, paid, pv],
    formula: `=FV({rate per payment};{payments made};{payment};{amount at the start};${type})`,
    inUnit: (shows) => shows * way.fv,
    meanings: means(work, 'rate', 'nper', 'pmt', 'pv', 'type'),
    rounds: solved.unknown === 'payment' ? ['payment-rounded'] : [],
  };
}

/** Interest or principal of a stretch: IPMT and PPMT for one payment, CUMIPMT and CUMPRINC for more. */
function stretchSheet(part: 'interest' | 'principal', all = false): (work: Work) => SheetAnswer | undefined {
  return (work) => {
    const { ask, solved, draft } = work.question;
    if (!work.level || solved.flat || work.saving || draft.kind === 'draw-down') return undefined;
    const from = all ? 1 : (ask.from ?? 1);
    const to = all ? solved.table.count : Math.min(ask.to ?? 1, solved.table.count);
    const { rate, n, pv, fv, type } = known(work);
    const base = { rounds: ['payment-unrounded'] as const };
    // The functions take the level payment itself from rate, count and amount; a payment that was given is another plan.
    if (solved.unknown !== 'payment') return undefined;
    if (from === to)
      return {
        ...base,
        cells: [rate, n, pv, fv, { label: 'payment number', content: String(from) }],
        formula: `=-${part === 'interest' ? 'IPMT' : 'PPMT'}({$rate per payment};{payment number};{$number of payments};{$amount at the start};{$amount at the end};${type})`,
        inUnit: (shows) => shows,
        meanings: [{ argument: 'per', means: 'which payment' }, ...means(work, 'rate', 'nper', 'pv', 'fv', 'type')],
        after: [{ kind: 'says', text: 'The references with $ stay where they are when the formula is copied down; the payment number moves.' }],
      };
    if (solved.numbers.finalAmount !== 0) return undefined;
    return {
      ...base,
      cells: [rate, n, pv, { label: 'from', content: String(from) }, { label: 'to', content: String(to) }],
      formula: `=-${part === 'interest' ? 'CUMIPMT' : 'CUMPRINC'}({$rate per payment};{$number of payments};{$amount at the start};{from};{to};${type})`,
      inUnit: (shows) => shows,
      meanings: means(work, 'rate', 'nper', 'pv', 'from', 'to', 'type'),
      after: [{ kind: 'says', text: 'The references with $ stay where they are when the formula is copied to another stretch.' }],
    };
  };
}

function totalPaid(work: Work): SheetAnswer | undefined {
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

/** EFFECT and NOMINAL, one inside the other where both are needed. */
function conversion(into: 'nominal' | 'effective' | 'other'): (work: Work) => SheetAnswer | undefined {
  return (work) => {
    const { solved, draft } = work.question;
    if (solved.flat || (solved.unknown === 'rate' && draft.kind !== 'convert')) return undefined;
    const { rate } = solved;
    const effective: { cells: Labelled[]; formula: string } | undefined =
      rate.kind === 'nominal' && rate.compoundingsPerYear !== 'continuous'
        ? {
            cells: [
              { label: 'nominal rate', content: plain(rate.annual) },
              { label: 'compoundings a year', content: String(rate.compoundingsPerYear) },
            ],
            formula: 'EFFECT({nominal rate};{compoundings a year})',
          }
        : rate.kind === 'effective'
          ? { cells: [{ label: 'effective rate', content: plain(rate.annual) }], formula: '{effective rate}' }
          : undefined;
    if (!effective) return undefined;
    const target =
      into === 'nominal'
        ? draft.paymentsPerYear
        : into === 'effective' || draft.into.kind === 'effective'
          ? 'effective'
          : draft.into.kind === 'nominal'
            ? draft.into.compounding
            : undefined;
    if (target === undefined || target === 'continuous') return undefined;
    const inUnit = (shows: number): number => shows * 100;
    if (target === 'effective') return { ...effective, formula: `=${effective.formula}`, inUnit };
    return {
      cells: [...effective.cells, { label: 'wanted compoundings a year', content: String(target) }],
      formula: `=NOMINAL(${effective.formula};{wanted compoundings a year})`,
      inUnit,
    };
  };
}

function flatSheet(part: 'payment' | 'charge'): (work: Work) => SheetAnswer | undefined {
  return (work) => {
    const { solved, draft } = work.question;
    if (!solved.flat || solved.unknown !== 'payment') return undefined;
    const years = draft.flatBy === 'a-year';
    const cells: Labelled[] = [
      { label: 'amount', content: plain(solved.numbers.amount) },
      { label: 'flat charge', content: plain(solved.numbers.rate) },
      { label: 'number of payments', content: plain(solved.numbers.payments) },
      ...(years ? [{ label: 'years', content: `=B3/${draft.paymentsPerYear}` }] : []),
    ];
    const charge = `{amount}*{flat charge}${years ? '*{years}' : ''}`;
    return {
      cells,
      formula: part === 'charge' ? `=${charge}` : `=({amount}+${charge})/{number of payments}`,
      inUnit: (shows) => shows,
      rounds: part === 'charge' ? ['charge-rounded'] : [],
    };
  };
}

function buildUpSheet(part: 'amount' | 'downPayment'): (work: Work) => SheetAnswer | undefined {
  return (work) => {
    const { draft, names } = work.question;
    const built = draft.buildUp ? readBuildUp(draft.buildUp, styleOf(work.question), names) : undefined;
    if (!built?.ok) return undefined;
    const { price, downPayment, tradeIn, feesAdded } = built.value;
    const cells: Labelled[] = [
      { label: 'price', content: plain(price) },
      { label: 'down payment', content: plain(downPayment) },
      { label: 'trade-in', content: plain(tradeIn) },
      { label: 'fees added', content: plain(feesAdded) },
    ];
    if (part === 'amount') return { cells, formula: '={price}-{down payment}-{trade-in}+{fees added}', inUnit: (shows) => shows };
    const share = price > 0 ? downPayment / price : 0;
    return /%/.test(draft.buildUp!.downPayment)
      ? { cells: [cells[0]!, { label: 'share paid down', content: plain(share) }], formula: '={price}*{share paid down}', inUnit: (shows) => shows }
      : undefined;
  };
}

function refinancedSheet(work: Work): SheetAnswer | undefined {
  const { ask, solved, draft } = work.question;
  const { refinancing } = ask;
  const balance = refinancing && balanceAfter(solved.table, refinancing.after);
  if (!refinancing || !balance?.ok) return undefined;
  const rate = oneLine(rateTerm(refinancing.rate, refinancing.paymentsPerYear ?? draft.paymentsPerYear, styleOf(work.question)));
  const { fv, type } = known(work);
  return {
    cells: [
      { label: 'new rate per payment', content: /[-+*/^(]/.test(rate) ? `=${rate}` : rate },
      { label: 'new number of payments', content: String(refinancing.payments) },
      { label: 'balance', content: plain(balance.value) },
      { label: 'costs added', content: plain(refinancing.costsPaid === 'added' ? refinancing.costs : 0) },
      fv,
    ],
    formula: `=PMT({new rate per payment};{new number of payments};{balance}+{costs added};{amount at the end};${type})`,
    inUnit: Math.abs,
    rounds: ['payment-unrounded'],
  };
}

const sheets: Readonly<Partial<Record<Quantity, (work: Work) => SheetAnswer | undefined>>> = {
  payment: (work) => (work.question.solved.flat ? flatSheet('payment')(work) : oneFunction('PMT')(work)),
  amount: oneFunction('PV'),
  'final-amount': oneFunction('FV'),
  payments: oneFunction('NPER'),
  years: oneFunction('NPER'),
  rate: oneFunction('RATE'),
  'balance-after': balanceSheet,
  'interest-in': stretchSheet('interest'),
  'principal-in': stretchSheet('principal'),
  'total-interest': stretchSheet('interest', true),
  'total-paid': totalPaid,
  'finance-charge': flatSheet('charge'),
  'rate-per-payment': (work) => {
    const cell = rateCell(work);
    const { solved } = work.question;
    return solved.flat || solved.unknown === 'rate' || solved.rate.kind === 'periodic'
      ? undefined
      : {
          cells: [{ label: 'quoted rate', content: plain(quotedNumber(solved.rate)) }],
          formula: cell.content.startsWith('=') ? cell.content : `=${cell.content}`,
          inUnit: (shows) => shows * 100,
        };
  },
  nominal: conversion('nominal'),
  effective: conversion('effective'),
  converted: conversion('other'),
  'amount-financed': buildUpSheet('amount'),
  'down-payment': buildUpSheet('downPayment'),
  'refinanced-payment': refinancedSheet,
};
