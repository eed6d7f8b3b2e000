/** OpenDocument spreadsheets that go out: read by our reader of students' files and worked out anew, they say what the workbook says. */
import { strFromU8, unzipSync } from 'fflate';
import { answerKey, Calculation, Workbook, defaultHouseRules, type SheetCells } from '@hardy-sextant/core';
import { starterExercises } from '@hardy-sextant/core/starters';
import { gradebookOds, gradebookRows } from '../src/gradebook.ts';
import { openFormula } from '../src/odsWorkbook.ts';
import { readSheetFile } from '../src/sheets/sheetFile.ts';
import { sheetTemplate } from '../src/sheets/sheetTemplate.ts';
import { tableAsOds, tableAsWorkbook } from '../src/tableFiles.ts';
import { readXml } from '../src/xmlTree.ts';
import { markingOf, right } from './demoMarking.ts';

const read = async (bytes: Uint8Array | ArrayBuffer, name: string) => readSheetFile(new Uint8Array(bytes), name);

/** Every number of a file, as its own formulas give it. */
function numbersIn(cells: SheetCells, names: Readonly<Record<string, string>>): number[] {
  const book = new Workbook(cells, names);
  const worked = new Calculation(book);
  return [...book.cells.values()].flatMap(({ place }) => {
    const value = worked.valueAt(place);
    return typeof value === 'number' ? [value] : [];
  });
}

it('a table with live formulas comes to the same numbers as the workbook', async () => {
  const tables = starterExercises
    .flatMap((exercise) =>
      answerKey(exercise, {}, defaultHouseRules)
        .flatMap((each) => (each.ok && each.value.question ? [each.value.question.solved.table] : []))
        .slice(0, 1),
    )
    .slice(0, 6);
  expect(tables).toHaveLength(6);
  for (const table of tables) {
    const ods = await read(await tableAsOds.writes('A table', table), 'a.ods');
    const xlsx = await read(await tableAsWorkbook.writes('A table', table), 'a.xlsx');
    const formulas = (cells: SheetCells) =>
      Object.values(cells).flatMap((own) => Object.values(own).filter(({ formula }) => formula)).length;
    expect(formulas(ods.cells)).toBe(formulas(xlsx.cells));
    expect(formulas(ods.cells)).toBeGreaterThan(10);
    const [one, other] = [numbersIn(ods.cells, ods.names), numbersIn(xlsx.cells, xlsx.names)];
    expect(one).toHaveLength(other.length);
    one.forEach((value, at) => expect(value).toBeCloseTo(other[at]!, 6));
  }
});

it('a gradebook and a template are well-formed, with their texts as texts and their names', async () => {
  const marking = markingOf([right, {}]);
  const named = { ...marking, students: [{ ...marking.students[0]!, name: '=1+1 <x>' }, marking.students[1]!] };
  const { cells } = await read(await gradebookOds.writes(named), 'g.ods');
  const [sheet] = Object.values(cells);
  expect(sheet!.B2).toEqual({ value: '=1+1 <x>' });
  expect(Object.keys(sheet!).length).toBeGreaterThan(gradebookRows(named)[0]!.length);
  const bytes = await sheetTemplate(starterExercises[0]!, {}, defaultHouseRules, undefined, 'ods');
  const parts = unzipSync(bytes);
  expect(strFromU8(parts.mimetype!)).toBe('application/vnd.oasis.opendocument.spreadsheet');
  expect(readXml(strFromU8(parts['content.xml']!)).name).toBe('document-content');
  expect(readXml(strFromU8(parts['META-INF/manifest.xml']!)).name).toBe('manifest');
  const template = await read(bytes, 't.ods');
  expect(Object.keys(template.names)).toContain('answer_a');
});

it.each([
  ['=ROUND(B3*$B$4,2)', 'of:=ROUND([.B3]*[.$B$4];2)'],
  ["SUM('My data'!A1:A9)+Data!$B$4", "of:=SUM([$'My data'.A1:.A9])+[$Data.$B$4]"],
  ['IF(A1="B2, C3",rate,LOG10(2))', 'of:=IF([.A1]="B2, C3";rate;LOG10(2))'],
])('%s is %s', (formula, open) => {
  expect(openFormula(formula)).toBe(open);
});
