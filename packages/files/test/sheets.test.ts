/** Students' worksheet files: every kind read to the same cells, what cannot be read said, files of a class matched, and given back with remarks. */
import exceljs from 'exceljs';
import { strToU8, zipSync } from 'fflate';
import {
  centRounding,
  defaultHouseRules,
  judgeSheetOfPlan,
  readSheet,
  type Plan,
  type SheetJudged,
} from '@hardy-sextant/core';
import {
  cellsOfText,
  isFolder,
  readSheetFile,
  returnedSheet,
  studentOfSheet,
  unpackFolder,
  type SheetFile,
} from '../src/index.ts';

const plan: Plan = {
  amount: 1200,
  rate: { kind: 'nominal', annual: 0.072, compoundingsPerYear: 12 },
  paymentsPerYear: 12,
  payments: 6,
  timing: 'end',
  finalAmount: 0,
  rounding: centRounding,
  changes: [],
};
const judge = ({ cells, names }: SheetFile): SheetJudged =>
  judgeSheetOfPlan(plan, readSheet(cells, { names }), defaultHouseRules);

/** A loan with its table from row 6; the rate of the interest column as it is given. */
const rows = (rate: string): (string | number)[][] => [
  ['Loan', 1200],
  ['Rate', 0.072],
  ['Payments', 6],
  ['Payment', '=PMT(B2/12,B3,-B1)'],
  ['No', 'Opening', 'Interest', 'Principal', 'Closing'],
  ...[1, 2, 3, 4, 5, 6].map((k) => [
    k,
    k === 1 ? '=B1' : `=E${4 + k}`,
    `=B${5 + k}*${rate}/12`,
    `=$B$4-C${5 + k}`,
    `=B${5 + k}-D${5 + k}`,
  ]),
];
const right = rows('$B$2');
const yearly = rows('$B$2').map((row) =>
  row.map((cell) => (typeof cell === 'string' ? cell.replace(/(=B\d+\*\$B\$2)\/12/, '$1') : cell)),
);

async function xlsx(
  typed: readonly (readonly (string | number)[])[],
  more: (book: exceljs.Workbook) => void = () => undefined,
): Promise<Uint8Array> {
  const book = new exceljs.Workbook();
  const sheet = book.addWorksheet('Loan');
  for (const [row, cells] of typed.entries())
    for (const [column, cell] of cells.entries())
      sheet.getCell(row + 1, column + 1).value =
        typeof cell === 'string' && cell.startsWith('=')
          ? { formula: cell.slice(1), result: 0, date1904: false }
          : cell;
  more(book);
  return new Uint8Array(await book.xlsx.writeBuffer());
}

function ods(typed: readonly (readonly (string | number)[])[]): Uint8Array {
  const cell = (value: string | number): string => {
    if (typeof value === 'number')
      return `<table:table-cell office:value-type="float" office:value="${value}"><text:p>${value}</text:p></table:table-cell>`;
    if (!value.startsWith('='))
      return `<table:table-cell office:value-type="string"><text:p>${value}</text:p></table:table-cell>`;
    const formula = value.replace(/\$?[A-Z]\$?\d+/g, (ref) => `[.${ref}]`).replaceAll(',', ';');
    return `<table:table-cell table:formula="of:${formula}" office:value-type="float" office:value="0"/>`;
  };
  const body = typed.map((row) => `<table:table-row>${row.map(cell).join('')}</table:table-row>`).join('');
  const xml = `<?xml version="1.0"?><office:document-content xmlns:office="o" xmlns:table="t" xmlns:text="x"><office:body><office:spreadsheet><table:table table:name="Loan">${body}</table:table></office:spreadsheet></office:body></office:document-content>`;
  return zipSync({
    mimetype: [strToU8('application/vnd.oasis.opendocument.spreadsheet'), { level: 0 }],
    'content.xml': strToU8(xml),
  });
}
const csv = (typed: readonly (readonly (string | number)[])[], mark = ','): Uint8Array =>
  strToU8(
    typed.map((row) => row.map((cell) => (String(cell).includes(mark) ? `"${cell}"` : cell)).join(mark)).join('\n'),
  );

describe('every kind of file', () => {
  it.each([
    ['.xlsx', () => xlsx(right)],
    ['.ods', () => Promise.resolve(ods(right))],
    ['.csv', () => Promise.resolve(csv(right))],
    ['.csv with semicolons', () => Promise.resolve(csv(right, ';'))],
  ])('%s is read with its formulas, and judged', async (name, made) => {
    const file = await readSheetFile(await made(), `sheet${name.split(' ')[0]}`);
    const judged = judge(file);
    expect(judged.cells.filter(({ verdict }) => verdict === 'wrong')).toEqual([]);
    expect(judged.cells.length).toBeGreaterThan(26);
    expect(judged.credit).toBe(1);
  });

  it('pasted cells too, numbers in whatever style', () => {
    const cells = cellsOfText('Loan\t$1,200.00\nRate\t7.2%\nWords\t3 rafts');
    expect(cells).toEqual({
      Sheet1: {
        A1: { value: 'Loan' },
        B1: { value: 1200 },
        A2: { value: 'Rate' },
        B2: { value: 0.072 },
        A3: { value: 'Words' },
        B3: { value: '3 rafts' },
      },
    });
  });

  it('with names and formulas copied down', async () => {
    const bytes = await xlsx(right, (book) => {
      const sheet = book.getWorksheet('Loan')!;
      book.definedNames.add('Loan!$B$2', 'yearly');
      sheet.getCell('G1').value = { formula: 'B1*yearly', result: 86.4, date1904: false };
      sheet.getCell('H6').value = {
        formula: 'A6*2',
        result: 2,
        shareType: 'shared',
        ref: 'H6:H8',
        date1904: false,
      } as exceljs.CellFormulaValue;
      sheet.getCell('H7').value = { sharedFormula: 'H6', result: 4, date1904: false } as exceljs.CellSharedFormulaValue;
    });
    const file = await readSheetFile(bytes, 'a.xlsx');
    expect(file.names).toEqual({ yearly: 'Loan!$B$2' });
    expect(file.cells.Loan!.H7).toMatchObject({ formula: '=A7*2' });
  });
});

describe('what is no worksheet says so', () => {
  it.each([
    ['an empty file', new Uint8Array(), /is empty/],
    ['a password', new Uint8Array([0xd0, 0xcf, 0x11, 0xe0, 0, 0]), /has a password/],
    ['a picture', new Uint8Array([0x89, 0x50, 0x4e, 0x47, 0, 0, 0, 1]), /is not a workbook/],
    ['words under the name of a workbook', strToU8('hello'), /is not a workbook/],
    ['a zip of something else', zipSync({ 'a.txt': strToU8('hello') }), /cannot be read as a workbook/],
    ['a broken zip', new Uint8Array([0x50, 0x4b, 3, 4, 1, 2, 3]), /cannot be read/],
  ])('%s', async (_what, bytes, says) => {
    await expect(readSheetFile(bytes, 'week8.xlsx')).rejects.toThrow(says);
  });
  it('nor is a picture under the name of a list', async () => {
    await expect(readSheetFile(new Uint8Array([0x89, 0x50, 0, 1]), 'week8.csv')).rejects.toThrow(/is no worksheet/);
  });
  it('a list of very many rows', async () => {
    const many = strToU8('1\n'.repeat(20_002));
    await expect(readSheetFile(many, 'week8.csv')).rejects.toThrow('week8.csv has more than 20000 rows');
    const row =
      '<table:table-row table:number-rows-repeated="30000"/><table:table-row><table:table-cell office:value-type="float" office:value="1"/></table:table-row>';
    const content = `<office:document-content><table:table table:name="S">${row}</table:table></office:document-content>`;
    const ods = zipSync({
      mimetype: [strToU8('application/vnd.oasis.opendocument.spreadsheet'), { level: 0 }],
      'content.xml': strToU8(content),
    });
    await expect(readSheetFile(ods, 'week8.ods')).rejects.toThrow('week8.ods has more than 20000 rows');
  });
  it('one that unpacks to gigabytes stops early', async () => {
    const bomb = zipSync({ 'xl/worksheets/sheet1.xml': new Uint8Array(70_000_000) });
    await expect(readSheetFile(bomb, 'bomb.xlsx')).rejects.toThrow(/unpacks to more than 60 MB/);
  });
});

describe('the files of a class', () => {
  const students = [
    { id: 's1', name: 'Goran Nwosu', number: 'K-2123' },
    { id: 's2', name: 'Ana Nwosu', number: 'K-2124' },
  ];
  it('come out of a zip, folders and all; what is none is left out', async () => {
    const folder = zipSync({
      'week 8/K-2123 table.xlsx': await xlsx(right),
      'week 8/nwosu_ana.csv': csv(right),
      'week 8/photo.png': new Uint8Array([1]),
      '__MACOSX/x.xlsx': new Uint8Array([1]),
    });
    expect(isFolder(folder)).toBe(true);
    expect(isFolder(await xlsx(right))).toBe(false);
    const { files, leftOut } = unpackFolder(folder);
    expect(files.map(({ name }) => name)).toEqual(['K-2123 table.xlsx', 'nwosu_ana.csv']);
    expect(leftOut).toEqual(['photo.png is no worksheet.']);
    expect(files.map(({ name }) => studentOfSheet(name, {}, students))).toEqual(['s1', 's2']);
  });
  it('are known by a cell too, and by nobody where two fit', () => {
    expect(studentOfSheet('table.xlsx', { S: { A1: { value: 'K-2124' } } }, students)).toBe('s2');
    expect(studentOfSheet('nwosu.xlsx', {}, students)).toBeUndefined();
  });
});

it('goes back with a note in each wrong cell and a sheet of remarks', async () => {
  const bytes = await xlsx(yearly);
  const file = await readSheetFile(bytes, 'a.xlsx');
  const judged = judge(file);
  expect(judged.causes[0]).toMatchObject({ id: 'yearly-rate-in-row', certain: true });
  const book = new exceljs.Workbook();
  const back = await returnedSheet(bytes, file.cells, { judged, write: (value) => value.toFixed(2), marks: '4 of 6' });
  await book.xlsx.load(back.slice().buffer);
  expect(JSON.stringify(book.getWorksheet('Loan')!.getCell('C6').note)).toContain('From the cells before it: 7.20.');
  expect(book.getWorksheet('Loan')!.getCell('C6').formula).toBe('B6*$B$2');
  const remarks = book.getWorksheet('Remarks')!;
  expect(remarks.getCell('B1').value).toBe('4 of 6');
  expect(remarks.getCell('A2').value).toBe('The yearly rate for one payment');
  // A file that is no workbook comes back as one.
  const other = await returnedSheet(csv(right), cellsOfText('Loan\t5'), {
    judged: { cells: [], causes: [] },
    write: String,
  });
  await new exceljs.Workbook().xlsx.load(other.slice().buffer);
});
