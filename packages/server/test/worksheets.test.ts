/** Students' worksheets over HTTP: taken in one by one and by the zip, matched, judged by own numbers, taken away and brought back, given back. */
import exceljs from 'exceljs';
import { zipSync } from 'fflate';
import { answerKey, defaultHouseRules, must, type Exercise, type Numbers } from '@hardy-sextant/core';
import type { KeptWorksheet, WorksheetDetail, WorksheetsReport } from '@hardy-sextant/contract';
import { openBook, type Book } from './book.ts';

const of = '/api/sets/demo-midterm';
let book: Book;
let exercise: Exercise;
let student: { readonly id: string; readonly number: string; readonly numbers: Record<string, Numbers> };
let itemId: string;

beforeAll(async () => {
  book = await openBook(true);
  const { body: set } = await book.api().get(of).expect(200);
  ({ exercise, itemId } = set.assignedExercises[0]);
  const { body: marking } = await book.api().get(`${of}/marking`).expect(200);
  student = marking.students[0];
});
afterAll(() => book.close());

/** The student's own table as formulas; `rate` is what the interest of a row is multiplied by. */
function table(rate: string): string {
  const { plan } = must(answerKey(exercise, student.numbers[itemId]!, defaultHouseRules)[0]!).question!.solved;
  const n = plan.payments as number;
  const annual = plan.rate.kind === 'nominal' ? plan.rate.annual : 0;
  const rows = Array.from({ length: n }, (_, at) => {
    const row = 6 + at;
    return [at + 1, at === 0 ? '=B1' : `=E${row - 1}`, `=B${row}*${rate}`, `=$B$4-C${row}`, `=B${row}-D${row}`];
  });
  const head = [
    ['Loan', plan.amount],
    ['Rate', annual],
    ['Payments', n],
    ['Payment', '"=PMT(B2/12,B3,-B1)"'],
    ['No', 'Opening', 'Interest', 'Principal', 'Closing'],
  ];
  return [...head, ...rows].map((cells) => cells.join(',')).join('\n');
}
const base64 = (text: string | Uint8Array): string => Buffer.from(text).toString('base64');
const take = async (...files: { name: string; data: string }[]): Promise<WorksheetsReport> =>
  (await book.api().post(`${of}/worksheets`).send({ itemId, files }).expect(201)).body;

it('takes a file in, finds whose it is, and judges it by own numbers', async () => {
  const { worksheets, leftOut } = await take({ name: `${student.number}.csv`, data: base64(table('$B$2/12')) });
  expect(leftOut).toEqual([]);
  expect(worksheets[0]).toMatchObject({ studentId: student.id, summary: { credit: 1, wrong: 0 } });
  const { body } = await book.api().get(`${of}/worksheets`).expect(200);
  expect(body.map(({ id }: KeptWorksheet) => id)).toEqual([worksheets[0]!.id]);
});

it('names what is wrong, cell by cell, and gives the file back with remarks', async () => {
  const { worksheets } = await take({ name: `${student.number} again.csv`, data: base64(table('$B$2')) });
  const path = `${of}/worksheets/${worksheets[0]!.id}`;
  const detail = (await book.api().get(path).expect(200)).body as WorksheetDetail;
  expect(detail.causes[0]).toMatchObject({ id: 'yearly-rate-in-row', certain: true, mends: 'all' });
  expect(detail.judged[0]).toMatchObject({ address: 'Sheet1!C6', verdict: 'wrong', cause: 'yearly-rate-in-row' });
  expect(detail.sheets.Sheet1!.C6).toMatchObject({ formula: '=B6*$B$2' });
  const original = await book.api().get(`${path}/file`).expect(200);
  expect(original.headers['content-disposition']).toContain('.csv');
  expect(original.body.toString()).toBe(table('$B$2'));
  const returned = await book.api().get(`${path}/file?as=returned`).buffer(true).expect(200);
  const workbook = new exceljs.Workbook();
  await workbook.xlsx.load(Uint8Array.from(returned.body as Buffer).buffer);
  expect(workbook.getWorksheet('Remarks')!.getCell('A1').value).toBe('The yearly rate for one payment');
});

it('takes a zip of a class; what is none is said, what is nobody’s waits', async () => {
  const zip = zipSync({
    'x/unknown.csv': Buffer.from(table('$B$2/12')),
    'x/notes.docx': Buffer.from('words'),
    [`x/${student.number}.csv`]: Buffer.from(table('$B$2/4')),
    'x/broken.xlsx': Buffer.from([0x50, 0x4b, 1, 2]),
  });
  const { worksheets, leftOut } = await take(
    { name: 'class.zip', data: base64(zip) },
    { name: 'empty.csv', data: base64('') },
  );
  expect(worksheets.map(({ studentId, name }) => [name, studentId])).toEqual([
    ['unknown.csv', null],
    [`${student.number}.csv`, student.id],
  ]);
  expect(leftOut.join(' ')).toMatch(/notes\.docx is no worksheet.*broken\.xlsx.*empty\.csv is empty/);

  // The one that is nobody's is given to the student; a second writer is told.
  const path = `${of}/worksheets/${worksheets[0]!.id}`;
  const matched = (await book.api().put(path).send({ studentId: student.id, revision: 1 }).expect(200)).body;
  expect(matched).toMatchObject({ studentId: student.id, revision: 2, summary: { credit: 1 } });
  await book.api().put(path).send({ studentId: null, revision: 1 }).expect(409);
  await book.api().put(path).send({ studentId: 'nobody', revision: 2 }).expect(422);
});

it('says what each student’s last worksheet answers', async () => {
  const { body } = await book.api().get(`${of}/worksheets/entries?item=${itemId}`).expect(200);
  const own = body.find(({ studentId }: { studentId: string }) => studentId === student.id);
  expect(own.entries[exercise.parts[0]!.id]).toMatch(/^[\d,]+\.\d\d$/);
  await book.api().get(`${of}/worksheets/entries`).expect(422);
});

it('is told where things stand; what looks alike follows, later files too, and it can be taken back', async () => {
  const odd = table('$B$2').replace('No,Opening,Interest,Principal,Closing', 'p,q,r,s,t').replace('Loan', 'Alpha');
  const { worksheets } = await take(
    { name: 'one odd.csv', data: base64(odd) },
    { name: 'another odd.csv', data: base64(odd) },
  );
  const columns = { number: 'A', opening: 'B', interest: 'C', principal: 'D', closing: 'E' };
  const mapping = {
    table: { sheet: 'Sheet1', firstRow: 6, columns },
    inputs: { amount: 'Sheet1!B1', rate: 'Sheet1!B2' },
    answers: {},
  };
  const all = `${of}/worksheets/mappings`;
  const [first] = worksheets;
  const said = { worksheets: [{ id: first!.id, revision: 1, mapping }], alike: true };
  const { body: report } = await book.api().put(all).send(said).expect(200);
  expect(report.worksheets.map(({ name }: KeptWorksheet) => name).sort()).toEqual(['another odd.csv', 'one odd.csv']);
  expect(report.worksheets[0]).toMatchObject({ isMapped: true, revision: 2 });
  await book.api().put(all).send(said).expect(409);
  const later = await take({ name: 'later.csv', data: base64(odd.replace('Alpha', ' ALPHA:')) });
  expect(later.worksheets[0]).toMatchObject({ isMapped: true });
  const { body: detail } = await book.api().get(`${of}/worksheets/${first!.id}`).expect(200);
  expect(detail.mapping).toMatchObject(mapping);
  const { body: back } = await book.api().put(all).send({ worksheets: report.was }).expect(200);
  expect(back.worksheets.map(({ isMapped }: KeptWorksheet) => isMapped)).toEqual([false, false]);
  await book
    .api()
    .put(all)
    .send({ worksheets: [{ id: first!.id, revision: 3, mapping: { ...mapping, inputs: { colour: 'B1' } } }] })
    .expect(422);
});

it('some are taken away together and brought back, from the bin too', async () => {
  const all = (await book.api().get(`${of}/worksheets`).expect(200)).body as KeptWorksheet[];
  const ids = all.slice(0, 2).map(({ id }) => id);
  const path = `${of}/worksheets/${ids[0]!}`;
  await book.api().post(`${of}/worksheets/removed`).send({ ids, removed: true }).expect(200);
  await book.api().get(path).expect(404);
  const { body: bin } = await book.api().get('/api/bin').expect(200);
  expect(bin).toContainEqual(
    expect.objectContaining({ kind: 'worksheet', id: ids[1], title: all[1]!.name, setId: 'demo-midterm' }),
  );
  await book.api().post(`/api/sets/demo-week-3/worksheets/removed`).send({ ids, removed: false }).expect(404);
  const back = await book.api().post(`${of}/worksheets/removed`).send({ ids, removed: false }).expect(200);
  expect(back.body).toHaveLength(2);
  await book.api().get(path).expect(200);
});

it('refuses what it cannot take: no files, text that is no file, an exercise that is not there', async () => {
  await book.api().post(`${of}/worksheets`).send({ itemId, files: [] }).expect(422);
  await book
    .api()
    .post(`${of}/worksheets`)
    .send({ itemId, files: [{ name: 'a.csv', data: '§§' }] })
    .expect(422);
  await book
    .api()
    .post(`${of}/worksheets`)
    .send({ itemId: 'zz', files: [{ name: 'a.csv', data: base64('1') }] })
    .expect(422);
  await book.api().get('/api/sets/nothing/worksheets/none').expect(404);
});
