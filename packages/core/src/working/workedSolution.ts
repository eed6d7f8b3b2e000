/** Worked solutions: structured steps, one way each, every way with the number it gives by its own route. */

import { defaultNumberStyle, writeBrief, writeMoney, writePercent, type NumberStyle } from '../money/numberStyle.ts';
import { quotedNumber } from '../rates/quotedRate.ts';
import { accumulation, discounting, growthLessOne } from '../annuity/fiveValues.ts';
import { solveFor } from '../annuity/solveFor.ts';
import { frequencyOf } from '../case/frequency.ts';
import type { SlotName, StatementDraft } from '../case/draft.ts';
import { directions, type SolvedCase, type ValueSlot } from '../case/solved.ts';

export type Step =
  | { readonly kind: 'says'; readonly text: string }
  /** A formula in TeX. */
  | { readonly kind: 'formula'; readonly tex: string }
  | { readonly kind: 'entries'; readonly rows: readonly EntryRow[] }
  /** A worksheet formula and the labelled cells it refers to. */
  | { readonly kind: 'sheet'; readonly cells: readonly SheetCell[]; readonly formula: string };

export interface EntryRow {
  readonly name: string;
  readonly enter: string;
  readonly because: string;
}

export interface SheetCell {
  readonly at: string;
  readonly label: string;
  readonly content: string;
}

export interface Way {
  readonly id: 'formula' | 'five-values' | 'sheet-function';
  readonly title: string;
  /** The answer in the slot's terms, unrounded. */
  readonly number: number;
  readonly written: string;
  readonly steps: readonly Step[];
}

export interface WorkedSolution {
  readonly ways: readonly Way[];
}

/** Works a solved statement in three ways. */
export function workedSolution(draft: StatementDraft, solved: SolvedCase, style: NumberStyle = defaultNumberStyle): WorkedSolution {
  return { ways: [byFormula(draft, solved, style), byFiveValues(draft, solved, style), bySheet(draft, solved, style)] };
}

/** Writes a slot's number as its kind is written. */
export function writeSlot(slot: SlotName, value: number, style: NumberStyle): string {
  return slot === 'rate' || slot === 'converted' ? writePercent(value, style) : slot === 'payments' ? writeBrief(value, 0, 4, style) : writeMoney(value, style);
}

function texNumber(text: string): string {
  return text.replaceAll(',', '{,}').replaceAll('−', '-').replaceAll('\u00a0%', '\\,\\%').replaceAll('\u00a0', '\\,').replaceAll('’', "\\text{'}");
}

function byFormula(draft: StatementDraft, solved: SolvedCase, style: NumberStyle): Way {
  const { unknown, values, numbers } = solved;
  const { n, i, timing } = values;
  const due = timing === 'begin';
  const dueTex = due ? '(1+i)\\,' : '';
  const p = draft.paymentsPerYear;
  const [A, P, F] = [numbers.amount, numbers.payment, numbers.finalAmount].map((value) => texNumber(writeMoney(value, style)));
  const iTex = texNumber(writeBrief(i, 4, 10, style));
  const nTex = texNumber(writeBrief(n, 0, 4, style));
  const paysOff = draft.kind !== 'save';
  const hasFinal = numbers.finalAmount !== 0 || unknown === 'finalAmount';
  const hasAmount = numbers.amount !== 0 || unknown === 'amount';
  const discountTex = `\\dfrac{1-(1+i)^{-n}}{i}`;
  const growTex = `\\dfrac{(1+i)^{n}-1}{i}`;
  const steps: Step[] = [];

  if (unknown !== 'rate') {
    steps.push({ kind: 'says', text: `The rate for each ${frequencyOf(p).period}:` });
    steps.push({ kind: 'formula', tex: rateTex(draft, solved, style) });
  }
  if (i === 0 && unknown !== 'rate') {
    steps.push({ kind: 'says', text: 'Without interest the amounts simply add up: amount paid equals amount owed.' });
  }

  // By its own route: the annuity factors, not the solver.
  let number: number;
  const a = discounting(i, n, timing);
  const s = accumulation(i, n, timing);
  const back = 1 + growthLessOne(i, -n);
  const growth = 1 + growthLessOne(i, n);
  switch (unknown) {
    case 'payment':
      number = paysOff ? (numbers.amount - numbers.finalAmount * back) / a : (numbers.finalAmount - numbers.amount * growth) / s;
      if (paysOff) {
        steps.push({ kind: 'formula', tex: `P = \\dfrac{${hasFinal ? 'A - F\\,(1+i)^{-n}' : 'A'}}{${dueTex}${discountTex}}` });
        steps.push({
          kind: 'formula',
          tex: `P = \\dfrac{${A}${hasFinal ? ` - ${F}\\times(1+${iTex})^{-${nTex}}` : ''}}{${due ? `(1+${iTex})\\times` : ''}\\dfrac{1-(1+${iTex})^{-${nTex}}}{${iTex}}}`,
        });
      } else {
        steps.push({ kind: 'formula', tex: `P = \\dfrac{${hasAmount ? 'F - A\\,(1+i)^{n}' : 'F'}}{${dueTex}${growTex}}` });
        steps.push({
          kind: 'formula',
          tex: `P = \\dfrac{${F}${hasAmount ? ` - ${A}\\times(1+${iTex})^{${nTex}}` : ''}}{${due ? `(1+${iTex})\\times` : ''}\\dfrac{(1+${iTex})^{${nTex}}-1}{${iTex}}}`,
        });
      }
      break;
    case 'amount':
      number = paysOff ? numbers.payment * a + numbers.finalAmount * back : (numbers.finalAmount - numbers.payment * s) * back;
      steps.push({ kind: 'formula', tex: paysOff ? `A = P\\,${dueTex}${discountTex}${hasFinal ? ' + F\\,(1+i)^{-n}' : ''}` : `A = F\\,(1+i)^{-n} - P\\,${dueTex}${discountTex}` });
      steps.push({
        kind: 'formula',
        tex: paysOff
          ? `A = ${P}\\times${due ? `(1+${iTex})\\times` : ''}\\dfrac{1-(1+${iTex})^{-${nTex}}}{${iTex}}${hasFinal ? ` + ${F}\\times(1+${iTex})^{-${nTex}}` : ''}`
          : `A = ${F}\\times(1+${iTex})^{-${nTex}} - ${P}\\times${due ? `(1+${iTex})\\times` : ''}\\dfrac{1-(1+${iTex})^{-${nTex}}}{${iTex}}`,
      });
      break;
    case 'finalAmount':
      number = paysOff ? numbers.amount * growth - numbers.payment * s : numbers.amount * growth + numbers.payment * s;
      steps.push({ kind: 'formula', tex: `F = A\\,(1+i)^{n} ${paysOff ? '-' : '+'} P\\,${dueTex}${growTex}` });
      steps.push({
        kind: 'formula',
        tex: `F = ${A}\\times(1+${iTex})^{${nTex}} ${paysOff ? '-' : '+'} ${P}\\times${due ? `(1+${iTex})\\times` : ''}\\dfrac{(1+${iTex})^{${nTex}}-1}{${iTex}}`,
      });
      break;
    case 'payments': {
      const level = due ? numbers.payment * (1 + i) : numbers.payment;
      const [over, under] = paysOff ? [level - numbers.finalAmount * i, level - numbers.amount * i] : [level + numbers.finalAmount * i, level + numbers.amount * i];
      number = i === 0 ? Math.abs(numbers.finalAmount - numbers.amount) / numbers.payment : Math.log(over / under) / Math.log1p(i);
      const sign = paysOff ? '-' : '+';
      const levelTex = due ? `${P}\\times(1+${iTex})` : P;
      steps.push({ kind: 'formula', tex: `n = \\dfrac{\\ln\\dfrac{P${due ? '(1+i)' : ''} ${sign} F\\,i}{P${due ? '(1+i)' : ''} ${sign} A\\,i}}{\\ln(1+i)}` });
      steps.push({
        kind: 'formula',
        tex: `n = \\dfrac{\\ln\\dfrac{${levelTex} ${sign} ${F}\\times${iTex}}{${levelTex} ${sign} ${A}\\times${iTex}}}{\\ln(1+${iTex})} = ${texNumber(writeBrief(number, 2, 6, style))}`,
      });
      if (solved.said && !solved.said.isWhole)
        steps.push({ kind: 'says', text: `That is ${solved.said.count} payments, the last one smaller: ${writeMoney(solved.table.lastPayment, style)}.` });
      break;
    }
    case 'rate': {
      number = solved.exact;
      steps.push({ kind: 'says', text: 'No formula gives the rate itself. It is the one at which both sides agree, found by trying and correcting:' });
      steps.push({ kind: 'formula', tex: paysOff ? `A = P\\,${dueTex}${discountTex}${hasFinal ? ' + F\\,(1+i)^{-n}' : ''}` : `F = A\\,(1+i)^{n} + P\\,${dueTex}${growTex}` });
      steps.push({ kind: 'formula', tex: `i = ${texNumber(writePercent(i, style, 4, 8))}\\text{ for each ${frequencyOf(p).period}}` });
      steps.push({ kind: 'formula', tex: rateTex(draft, solved, style) });
      break;
    }
  }
  const written = writeSlot(unknown, unknown === 'payments' && solved.said ? (solved.said.isWhole ? solved.said.count : number) : number, style);
  steps.push({ kind: 'says', text: `${letterOf[unknown]} = ${written}` });
  return { id: 'formula', title: 'Formula', number, written, steps };
}

const letterOf: Readonly<Record<ValueSlot, string>> = { amount: 'A', payment: 'P', finalAmount: 'F', payments: 'n', rate: 'Rate' };

/** How the quoted rate becomes the rate per payment, in numbers. */
function rateTex(draft: StatementDraft, solved: SolvedCase, style: NumberStyle): string {
  const { rate, values } = solved;
  const p = draft.paymentsPerYear;
  const quoted = texNumber(writeBrief(quotedNumber(rate), 3, 8, style));
  const result = texNumber(writeBrief(values.i, 4, 10, style));
  switch (rate.kind) {
    case 'nominal':
      if (rate.compoundingsPerYear === p) return `i = \\dfrac{${quoted}}{${p}} = ${result}`;
      if (rate.compoundingsPerYear === 'continuous') return `i = e^{${quoted}/${p}} - 1 = ${result}`;
      return `i = \\left(1+\\dfrac{${quoted}}{${rate.compoundingsPerYear}}\\right)^{${rate.compoundingsPerYear}/${p}} - 1 = ${result}`;
    case 'effective':
      return `i = (1+${quoted})^{1/${p}} - 1 = ${result}`;
    case 'periodic':
      return `i = ${result}`;
    case 'daily':
      return `i = \\left(1+\\dfrac{${quoted}}{${rate.daysPerYear}}\\right)^{${rate.daysPerPeriod}} - 1 = ${result}`;
  }
}

const fiveNames: Readonly<Record<ValueSlot, string>> = { payments: 'N', rate: 'rate', amount: 'PV', payment: 'PMT', finalAmount: 'FV' };

function byFiveValues(draft: StatementDraft, solved: SolvedCase, style: NumberStyle): Way {
  const { unknown, values, numbers, rate } = solved;
  const way = directions[draft.kind];
  const p = draft.paymentsPerYear;
  const flows = (sign: number, when: string): string => `${sign > 0 ? 'received' : 'paid'} ${when}: ${sign > 0 ? 'plus' : 'minus'}`;
  const signed = (sign: number, value: number): string => (value === 0 ? '0' : `${sign > 0 ? '+' : '−'}${writeMoney(value, style)}`);
  const years = numbers.payments / p;
  const rows: Record<ValueSlot, EntryRow> = {
    payments: { name: 'N', enter: writeBrief(numbers.payments, 0, 2, style), because: p === 1 ? 'payments, one a year' : `${writeBrief(years, 0, 2, style)} years × ${p}` },
    rate: { name: 'rate', enter: writeBrief(values.i * 100, 2, 8, style), because: `percent for each ${frequencyOf(p).period}` },
    amount: { name: 'PV', enter: signed(way.pv, numbers.amount), because: numbers.amount === 0 ? 'nothing at the start' : flows(way.pv, 'at the start') },
    payment: { name: 'PMT', enter: signed(way.pmt, numbers.payment), because: flows(way.pmt, `each ${frequencyOf(p).period}`) },
    finalAmount: { name: 'FV', enter: signed(way.fv, numbers.finalAmount), because: numbers.finalAmount === 0 ? 'nothing at the end' : flows(way.fv, 'at the end') },
  };
  const field = ({ amount: 'pv', rate: 'i', payments: 'n', payment: 'pmt', finalAmount: 'fv' } as const)[unknown];
  const found = solveFor(field, values);
  const raw = found.ok ? found.value : NaN;
  const number = unknown === 'rate' ? solved.exact : unknown === 'payments' ? raw : raw * way[field as 'pv' | 'pmt' | 'fv'];
  const sign = unknown === 'amount' ? way.pv : unknown === 'payment' ? way.pmt : unknown === 'finalAmount' ? way.fv : 0;
  const shows =
    unknown === 'rate' ? `${writeBrief(values.i * 100, 4, 8, style)} % for each ${frequencyOf(p).period}` : sign === 0 ? writeBrief(raw, 2, 4, style) : signed(sign, Math.abs(raw));
  const steps: Step[] = [
    { kind: 'says', text: `Payments fall at the ${values.timing === 'end' ? 'end' : 'beginning'} of each ${frequencyOf(p).period}.` },
    { kind: 'says', text: 'Enter what is known, money received as plus, money paid as minus.' },
    { kind: 'entries', rows: (['payments', 'rate', 'amount', 'payment', 'finalAmount'] as const).filter((slot) => slot !== unknown).map((slot) => rows[slot]) },
    { kind: 'says', text: `Solve for ${fiveNames[unknown]}: ${shows}${sign < 0 ? '. The minus says it is paid out.' : sign > 0 ? '. The plus says it is received.' : '.'}` },
  ];
  if (unknown === 'rate' && rate.kind !== 'periodic') steps.push({ kind: 'says', text: `As it is quoted by the year, that is ${writePercent(quotedNumber(rate), style)}.` });
  return {
    id: 'five-values',
    title: 'Five values',
    number,
    written: writeSlot(unknown, unknown === 'payments' && solved.said?.isWhole ? solved.said.count : number, style),
    steps,
  };
}

function bySheet(draft: StatementDraft, solved: SolvedCase, style: NumberStyle): Way {
  const { unknown, values, numbers } = solved;
  const way = directions[draft.kind];
  const type = values.timing === 'begin' ? 1 : 0;
  const signedCell = (sign: number, value: number): string => plainNumber(sign * value);
  const all: Record<ValueSlot, { label: string; content: string }> = {
    rate: { label: 'rate per payment', content: plainNumber(values.i) },
    payments: { label: 'number of payments', content: plainNumber(values.n) },
    payment: { label: 'payment', content: signedCell(way.pmt, numbers.payment) },
    amount: { label: 'amount at the start', content: signedCell(way.pv, numbers.amount) },
    finalAmount: { label: 'amount at the end', content: signedCell(way.fv, numbers.finalAmount) },
  };
  const order: readonly ValueSlot[] = ['rate', 'payments', 'payment', 'amount', 'finalAmount'];
  const known = order.filter((slot) => slot !== unknown);
  const cells = known.map((slot, at) => ({ at: `B${at + 1}`, ...all[slot] }));
  const ref = (slot: ValueSlot): string => `B${known.indexOf(slot) + 1}`;
  const calls: Readonly<Record<ValueSlot, string>> = {
    payment: `=PMT(${ref('rate')};${ref('payments')};${ref('amount')};${ref('finalAmount')};${type})`,
    amount: `=PV(${ref('rate')};${ref('payments')};${ref('payment')};${ref('finalAmount')};${type})`,
    finalAmount: `=FV(${ref('rate')};${ref('payments')};${ref('payment')};${ref('amount')};${type})`,
    payments: `=NPER(${ref('rate')};${ref('payment')};${ref('amount')};${ref('finalAmount')};${type})`,
    rate: `=RATE(${ref('payments')};${ref('payment')};${ref('amount')};${ref('finalAmount')};${type})`,
  };
  const found = solveFor(({ amount: 'pv', rate: 'i', payments: 'n', payment: 'pmt', finalAmount: 'fv' } as const)[unknown], values);
  const raw = found.ok ? found.value : NaN;
  const sign = unknown === 'amount' ? way.pv : unknown === 'payment' ? way.pmt : unknown === 'finalAmount' ? way.fv : 1;
  const number = unknown === 'rate' ? solved.exact : raw * sign;
  const shows = unknown === 'rate' ? writePercent(raw, style, 4, 8) : unknown === 'payments' ? writeBrief(raw, 2, 4, style) : writeMoney(raw, style);
  return {
    id: 'sheet-function',
    title: 'Sheet function',
    number,
    written: writeSlot(unknown, unknown === 'payments' && solved.said?.isWhole ? solved.said.count : number, style),
    steps: [
      { kind: 'says', text: 'Put what is known into labelled cells, money received as plus, money paid as minus.' },
      { kind: 'sheet', cells, formula: calls[unknown] },
      { kind: 'says', text: `The cell shows ${shows}. The last argument, ${type}, says that payments fall at the ${type === 1 ? 'beginning' : 'end'} of each period.` },
    ],
  };
}

/** A number as a worksheet cell takes it: a point, no grouping, an ordinary minus. */
function plainNumber(value: number): string {
  return String(Number(value.toPrecision(12)));
}
