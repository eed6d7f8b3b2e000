/** A cause said with the cells it is about: what the formula reads, seen from where it stands. */

import { addressOf, type Place } from './cells.ts';
import { causeWords, type CauseId } from './causes.ts';
import { readFormula } from './formula.ts';
import { refsOf, type SheetModel } from './sheetModel.ts';
import { foundColumnTitles, inputTitles } from './words.ts';

/** "interest, row 2", "rate a year", "an empty cell". */
function placeInWords(model: SheetModel, place: Place): string {
  const role = model.role(place);
  switch (role.kind) {
    case 'cell':
      return `${foundColumnTitles[role.column]}, row ${role.k}`;
    case 'input':
      return inputTitles[role.name];
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

/** What a formula reads, in words: "B9 (owed before, row 2), B4 (number of payments)". */
function readsInWords(model: SheetModel, formula: string): string {
  const node = readFormula(formula);
  if (!node.ok) return '';
  const { sheet } = model.table;
  const said = refsOf(node.value).map((ref) => {
    const place = { sheet: ref.sheet ?? sheet, row: ref.row, column: ref.column };
    return `${ref.sheet === undefined ? '' : `${ref.sheet}!`}${addressOf(place)} (${placeInWords(model, place)})`;
  });
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
