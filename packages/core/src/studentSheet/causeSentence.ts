/** A cause said with the cells it is about: what the formula reads, seen from where it stands. */

import { addressOf, fullPlace } from './cells.ts';
import { causeWords, type CauseId } from './causes.ts';
import { nodesOf, readFormula } from './formula.ts';
import type { SheetModel } from './sheetModel.ts';

const inputWords: Readonly<Record<string, string>> = {
  amount: 'the amount',
  price: 'the price',
  downPayment: 'the down payment',
  rate: 'the yearly rate',
  ratePerPayment: 'the rate for one payment',
  payments: 'the number of payments',
  years: 'the years',
  term: 'the time',
  paymentsPerYear: 'the payments a year',
  payment: 'the payment',
  finalAmount: 'the amount at the end',
  extra: 'the extra payment',
  totalInterest: 'the interest in all',
  totalPaid: 'what is paid in all',
};

const columnWords: Readonly<Record<string, string>> = {
  number: 'the number',
  date: 'the date',
  opening: 'what is owed before',
  interest: 'the interest',
  payment: 'the payment',
  extra: 'the extra payment',
  principal: 'the principal',
  closing: 'what is owed after',
  'interest-so-far': 'the interest so far',
  'principal-so-far': 'the principal so far',
};

/** "the interest of row 2", "the yearly rate", "an empty cell". */
export function placeInWords(model: SheetModel, address: string): string {
  const place = fullPlace(address);
  const role = place && model.role(place);
  switch (role?.kind) {
    case 'cell':
      return `${columnWords[role.column]} of row ${role.k}`;
    case 'input':
      return inputWords[role.name] ?? 'an input';
    case 'start':
      return 'what is owed at the start';
    case 'head':
      return 'a heading';
    case 'total':
      return 'a total';
    case 'empty':
      return 'an empty cell';
    default:
      return 'another cell';
  }
}

/** "C9 to C55", or the one cell. */
export function cellsInWords(cells: readonly string[]): string {
  const bare = cells.map((cell) => cell.slice(cell.lastIndexOf('!') + 1));
  const [first = '', last = ''] = [bare[0], bare.at(-1)];
  return bare.length > 1 ? `${first} to ${last}` : first;
}

/** What a formula reads, in words: "B9, what is owed before of row 2, and B4, the number of payments". */
function readsInWords(model: SheetModel, formula: string): string {
  const node = readFormula(formula);
  if (!node.ok) return '';
  const { sheet } = model.table;
  const read = nodesOf(node.value).flatMap((each) =>
    each.op === 'ref' ? [{ sheet: each.ref.sheet ?? sheet, row: each.ref.row, column: each.ref.column }] : [],
  );
  const said = read.map(
    (place) =>
      `${place.sheet === sheet ? '' : `${place.sheet}!`}${addressOf(place)} (${placeInWords(model, `${place.sheet}!${addressOf(place)}`)})`,
  );
  return [...new Set(said)].join(', ');
}

/** @returns one or two sentences: what the cells hold, and what to look at */
export function causeSentence(
  model: SheetModel,
  id: CauseId,
  cells: readonly string[],
  wrongFormula?: string,
  rightFormula?: string,
): string {
  const where = cellsInWords(cells);
  const reads = wrongFormula?.startsWith('=') ? readsInWords(model, wrongFormula) : '';
  const holds = reads === '' ? '' : ` ${where.split(' ')[0]} reads ${reads}.`;
  const right = rightFormula === undefined ? '' : ` It would be ${rightFormula}.`;
  return `${where}: ${causeWords[id].advice}${holds}${right}`;
}
