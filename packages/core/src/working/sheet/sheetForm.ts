/** A small sheet in the class's own form: where the minus stands, the rate a year and the years in cells, commas or semicolons. */

import type { SheetWriting } from '../../exercise/writing.ts';
import type { NumberStyle } from '../../money/numberStyle.ts';
import { roundTo } from '../../money/roundMoney.ts';
import { quotedNumber } from '../../rates/quotedRate.ts';
import { plainNumber } from '../term.ts';
import type { Work } from '../work.ts';
import type { Labelled, SheetAnswer } from './cells.ts';

const flows = ['payment', 'amount at the start', 'amount at the end'];

/** The same answer with its cells and its minus as the class writes them. */
export function inSheetForm(found: SheetAnswer, work: Work, value: (sheet: SheetAnswer) => number): SheetAnswer {
  const { sheet, signs } = work.writing;
  const yearly = sheet.inputs === 'a-year' ? byTheYear(found, work) : found;
  const minus = signs === 'none' && sheet.minus === 'result' ? 'function' : sheet.minus;
  if (minus === 'result') return signs === 'lender' ? turned(yearly) : yearly;
  return positive(yearly, minus, value);
}

/** Seen from the other pocket every amount has the other sign, and so has the result. */
function turned(found: SheetAnswer): SheetAnswer {
  if (!/^=(PMT|PV|FV|NPER|RATE)\(/.test(found.formula)) return found;
  return {
    ...found,
    cells: found.cells.map((cell) => (flows.includes(cell.label) ? withSign(cell, -1) : cell)),
    inUnit: (shows) => found.inUnit(/^=(NPER|RATE)/.test(found.formula) ? shows : -shows),
  };
}

const withSign = (cell: Labelled, sign: 1 | -1): Labelled => {
  const number = Number(cell.content);
  return Number.isFinite(number) && number !== 0 ? { ...cell, content: plainNumber(sign * number) } : cell;
};

/** Every cell positive: the minus stands in the formula, before what is received or before the function. */
function positive(
  found: SheetAnswer,
  minus: 'amount' | 'function',
  value: (sheet: SheetAnswer) => number,
): SheetAnswer {
  const negative = new Set(
    found.cells.filter(({ label, content }) => flows.includes(label) && Number(content) < 0).map(({ label }) => label),
  );
  const cells = found.cells.map((cell) => (negative.has(cell.label) ? withSign(cell, -1) : cell));
  const plain = { ...found, cells, formula: signed(found.formula, (label) => negative.has(label), cells) };
  const isCall = /^=-?(PMT|PV|FV|IPMT|PPMT|CUMIPMT|CUMPRINC)\(/.test(plain.formula);
  if (!isCall) return plain;
  const hasMinus = plain.formula.startsWith('=-');
  const shows = value(plain);
  // A minus before the function already makes it positive; the amounts may carry it instead.
  if (!hasMinus && shows >= 0) return plain;
  if (minus === 'function')
    return hasMinus ? plain : { ...plain, formula: plain.formula.replace('=', '=-'), inUnit: inverse(found) };
  const turnedSigns = signed(
    found.formula.replace('=-', '='),
    (label) => flows.includes(label) && !negative.has(label),
    cells,
  );
  return { ...plain, formula: turnedSigns, inUnit: hasMinus ? found.inUnit : inverse(found) };
}

const inverse =
  ({ inUnit }: SheetAnswer): SheetAnswer['inUnit'] =>
  (shows) =>
    inUnit(-shows);

/** Puts a minus before the cells it belongs to; nothing needs none. */
function signed(formula: string, isNegative: (label: string) => boolean, cells: readonly Labelled[]): string {
  return formula.replace(/\{(\$?)([^}]+)\}/g, (whole, _fixed: string, label: string) =>
    isNegative(label) && cells.some((cell) => cell.label === label && cell.content !== '0') ? `-${whole}` : whole,
  );
}

/** The rate a year and the years in cells of their own, where the rate for one payment is a share of the rate a year. */
function byTheYear(found: SheetAnswer, { question: { solved, statement } }: Work): SheetAnswer {
  const p = statement.paymentsPerYear;
  const { rate } = solved;
  if (p === 1 || rate.kind !== 'nominal' || rate.compoundingsPerYear !== p) return found;
  let { formula } = found;
  const cells = found.cells.map((cell): Labelled => {
    if (cell.label === 'rate per payment') {
      formula = replaced(formula, cell.label, 'rate a year', `/${p}`);
      return { label: 'rate a year', content: plainNumber(quotedNumber(rate)) };
    }
    const years = Number(cell.content) / p;
    if (cell.label !== 'number of payments' || roundTo(years, 6) !== years) return cell;
    formula = replaced(formula, cell.label, 'years', `*${p}`);
    return { label: 'years', content: plainNumber(years) };
  });
  return { ...found, cells, formula };
}

const replaced = (formula: string, label: string, by: string, then: string): string =>
  formula.replaceAll(`{${label}}`, `{${by}}${then}`).replaceAll(`{$${label}}`, `{$${by}}${then}`);

/** A formula or a cell as it is typed in the class's worksheet: its separator, and its decimal mark to match. */
export function asTyped(content: string, { separator }: Pick<SheetWriting, 'separator'>, style: NumberStyle): string {
  const isFormula = content.startsWith('=');
  if (separator === ',') return isFormula ? content.replaceAll(';', ',') : content;
  return style.decimal === ',' ? content.replace(/(\d)\.(\d)/g, '$1,$2') : content;
}
