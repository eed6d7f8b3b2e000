/** Reads a student's worksheet: where its inputs, its tables and its answers are. Pure; readers of files give the cells. */

import { fail, ok, type Result } from '../result.ts';
import { fullAddress, fullPlace, type CellContent, type Place, type SheetCells } from './cells.ts';
import { findAnswers, findInputs } from './findInputs.ts';
import { findTables, tableAt, type ColumnWords, type TableFound } from './findTables.ts';
import { SheetView } from './sheetView.ts';
import { Calculation, MOST_CELLS, workbookOf } from './recalculate.ts';
import type { SheetMapping } from './sheetMapping.ts';
import { CellError } from './values.ts';
import type { InputName } from './words.ts';

/** What is what in a worksheet. */
export interface SheetFound {
  readonly cells: SheetCells;
  readonly names: Readonly<Record<string, string>>;
  readonly tables: readonly TableFound[];
  /** `Data!B2` by what it is; the first of each. */
  readonly inputs: Readonly<Partial<Record<InputName, string>>>;
  /** `Data!B9` by part. */
  readonly answers: Readonly<Record<string, string>>;
}

export interface ReadOptions {
  /** Names the workbook defines, with what they stand for: `{ rate: 'Data!$B$3' }`. */
  readonly names?: Readonly<Record<string, string>> | undefined;
  /** The class's own words over columns. */
  readonly words?: ColumnWords | undefined;
  /** Where things stand, as somebody said it; the rest is looked for. */
  readonly mapping?: SheetMapping | undefined;
}

/** Reads whatever is there: a sheet without a table has none, and nothing fails. */
export function readSheet(cells: SheetCells, { names = {}, words, mapping }: ReadOptions = {}): SheetFound {
  const calculation = new Calculation(workbookOf(cells, names));
  const views = Object.keys(cells).map((sheet) => new SheetView(calculation, sheet));
  const said = mapping?.table;
  const tables = views.flatMap((view) => {
    if (!said) return findTables(view, words);
    return view.sheet === said.sheet ? (tableAt(view, said) ?? []) : [];
  });
  const inputs: Partial<Record<InputName, string>> = {};
  const answers: Record<string, string> = {};
  for (const view of views) {
    const own = tables.filter(({ sheet }) => sheet === view.sheet);
    for (const { name, place } of findInputs(view, own)) inputs[name] ??= fullAddress(place);
    for (const [part, place] of Object.entries(findAnswers(view, own))) answers[part] ??= fullAddress(place);
  }
  for (const [name, at] of Object.entries(names)) {
    const [, part] = /^(?:answer|part)_?([a-z])$/i.exec(name) ?? [];
    const place = part === undefined ? undefined : placeOfName(at);
    if (part !== undefined && place) answers[part.toLowerCase()] = fullAddress(place);
  }
  return {
    cells,
    names,
    tables,
    inputs: asSaid(inputs, mapping?.inputs ?? {}),
    answers: asSaid(answers, mapping?.answers ?? {}),
  };
}

/** What was found, with what somebody says instead. */
function asSaid<T extends Readonly<Partial<Record<string, string>>>>(
  found: T,
  said: Readonly<Partial<Record<keyof T & string, string | null>>>,
): T {
  const both = { ...found, ...said };
  return Object.fromEntries(Object.entries(both).filter(([, at]) => at !== null && at !== undefined)) as T;
}

function placeOfName(at: string): Place | undefined {
  return fullPlace(at.replace(/^=/, '').replaceAll('$', ''));
}

/** The cells with a number in each formula that the file gives none for: formulas in a CSV file have never been worked out. */
export function workedOut({ cells, names }: Pick<SheetFound, 'cells' | 'names'>): SheetCells {
  const calculation = new Calculation(workbookOf(cells, names));
  const shown = (sheet: string, address: string, content: CellContent): CellContent => {
    const place = fullPlace(`${sheet}!${address}`);
    if (content.formula === undefined || content.value !== null || !place) return content;
    const value = calculation.valueAt(place);
    return { ...content, value: value instanceof CellError ? value.code : value };
  };
  return Object.fromEntries(
    Object.entries(cells).map(([sheet, own]) => [
      sheet,
      Object.fromEntries(Object.entries(own).map(([address, content]) => [address, shown(sheet, address, content)])),
    ]),
  );
}

/** A sheet that nobody could mark, in a sentence. */
export function sheetProblem(cells: SheetCells): Result<true> {
  const count = Object.values(cells).reduce((all, own) => all + Object.keys(own).length, 0);
  if (count === 0) return fail('blank', 'There is nothing in this worksheet.');
  if (count > MOST_CELLS)
    return fail('out-of-range', `This worksheet has ${count} cells; at most ${MOST_CELLS} are looked at.`);
  return ok(true);
}
