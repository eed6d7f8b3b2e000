/** A worksheet to be filled in: whose it is and what is asked stand in it, and filled in rightly it is right. */
import exceljs from 'exceljs';
import { unzipSync } from 'fflate';
import {
  answerKey,
  defaultHouseRules,
  judgeSheet,
  must,
  readSheet,
  type Exercise,
  type Numbers,
} from '@hardy-sextant/core';
import { starterExercises } from '@hardy-sextant/core/starters';
import { filesZip, sheetTemplate, templateName } from '../src/index.ts';
import { studentOfSheet } from '../src/sheets/sheetFolder.ts';
import { readSheetFile } from '../src/sheets/sheetFile.ts';

const withTable = starterExercises.filter(({ parts }) => parts.some(({ ask }) => ask.quantity === 'table'));
const student = { id: 's1', name: 'Dilan Navarro', number: 'K-2125' };

/** The template with every cell to be filled in as it should be. */
async function filled(exercise: Exercise, numbers: Numbers, wrong?: string) {
  const book = new exceljs.Workbook();
  await book.xlsx.load((await sheetTemplate(exercise, numbers, defaultHouseRules, student)).slice().buffer);
  const page = book.worksheets[0]!;
  const rowOf = new Map<string, number>();
  page.eachRow((row, at) => rowOf.set(String(row.getCell(1).value).split(':')[0]!, at));
  for (const keyed of answerKey(exercise, numbers, defaultHouseRules)) {
    const { part, expected, table } = must(keyed);
    if (!table) {
      page.getCell(rowOf.get(`Part ${part.id}`)!, 2).value = part.format.kind === 'percent' ? expected / 100 : expected;
      continue;
    }
    for (const cell of [...table.rows.flat(), ...table.totals])
      if (cell.blank) {
        const at = table.columns.findIndex(({ column }) => column === cell.column);
        const row = rowOf.get(cell.row === 0 ? 'Total' : String(cell.row))!;
        page.getCell(row, at + 2).value = cell.value + (cell.id === wrong ? 7 : 0);
      }
  }
  const bytes = new Uint8Array(await book.xlsx.writeBuffer());
  const { cells, names } = await readSheetFile(bytes, 'back.xlsx');
  return { cells, judged: judgeSheet(exercise, numbers, readSheet(cells, { names }), defaultHouseRules) };
}

it('there are exercises with tables to try it on', () => expect(withTable.length).toBeGreaterThan(2));

it.each(withTable.map((exercise) => [exercise.title, exercise] as const))(
  '%s: filled in rightly it is right, and one wrong cell is found',
  async (_title, exercise) => {
    const { cells, judged } = await filled(exercise, {});
    expect(judged.says).toBeUndefined();
    expect(judged.cells.filter(({ verdict }) => verdict === 'wrong')).toEqual([]);
    expect(judged.causes.filter(({ remark }) => !remark)).toEqual([]);
    expect(judged.credit).toBe(1);
    expect(judged.parts.filter(({ kind }) => kind !== 'right').map(({ partId, kind }) => [partId, kind])).toEqual([]);
    expect(studentOfSheet('back.xlsx', cells, [student])).toBe('s1');
    const { table } = must(answerKey(exercise, {}, defaultHouseRules).find((each) => each.ok && each.value.table)!);
    const wrong = await filled(
      exercise,
      {},
      table!.blanks.find((id) => !id.startsWith('total')),
    );
    expect(wrong.judged.cells.some(({ verdict }) => verdict === 'wrong')).toBe(true);
  },
);

it('the student’s own numbers stand in it, nobody’s has lines to fill in', async () => {
  const exercise = withTable[0]!;
  const [given] = exercise.givens!;
  const read = async (bytes: Uint8Array) => Object.values((await readSheetFile(bytes, 'x.xlsx')).cells)[0]!;
  const own = await read(await sheetTemplate(exercise, { [given!.name]: 7100 }, defaultHouseRules, student));
  expect(Object.values(own).map(({ value }) => value)).toEqual(expect.arrayContaining([7100, 'K-2125']));
  expect(Object.values(await read(await sheetTemplate(exercise, {}, defaultHouseRules)))).not.toContainEqual(
    expect.objectContaining({ value: 'K-2125' }),
  );
});

it('many go in one zip, each named so that it finds its student again', () => {
  const name = templateName({ title: 'The jetty loan' }, student);
  expect(name).toBe('k-2125-dilan-navarro-the-jetty-loan.xlsx');
  expect(studentOfSheet(name, {}, [student])).toBe('s1');
  expect(Object.keys(unzipSync(filesZip({ [name]: new Uint8Array([1]) })))).toEqual([name]);
});
