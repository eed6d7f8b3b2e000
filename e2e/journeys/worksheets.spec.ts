/** Students' worksheets: one with a slid reference proved and mended, a class by its causes, marks taken over, a zip to files given back. */
import { readFileSync } from 'node:fs';
import { strToU8, unzipSync, zipSync } from 'fflate';
import { expect, test } from '../application.ts';

/** The jetty loan's table; `rate` is what the interest of a row is multiplied by. */
const table = (rate: string): string =>
  [
    'Amount,8000',
    'Rate a year,0.066',
    'Number of payments,24',
    'Payment,"=PMT(B2/12,B3,-B1)"',
    'No.,Owed before,Interest,To principal,Owed after',
    ...Array.from({ length: 24 }, (_, at) => {
      const row = 6 + at;
      return `${at + 1},${at === 0 ? '=B1' : `=E${row - 1}`},=B${row}*${rate},=$B$4-C${row},=B${row}-D${row}`;
    }),
  ].join('\n');

test('a slid reference is proved and mended; a class is seen by cause, marked at once, and taken back', async ({
  page,
}) => {
  await page.goto('/sets/demo-week-3/marking');
  await page.getByRole('link', { name: 'Worksheets' }).click();
  const list = page.getByRole('list', { name: 'worksheets' });
  await expect(list.getByRole('button')).toHaveCount(28);
  await page
    .getByRole('button', { name: /^A reference that slid/ })
    .first()
    .click();
  await expect(list.getByRole('button')).toHaveCount(4);
  await expect(page.getByText('Certain: mended, every cell comes right.')).toBeVisible();
  const sheet = page.getByRole('table', { name: 'the table of the worksheet' });
  // The first wrong cell is chosen, and what it reads is drawn around.
  await expect(page.getByText('=B7*B3/12 · from the cells before it: 42.28')).toBeVisible();
  await expect(sheet.getByRole('button', { name: 'right 7,687.27' }).first()).toBeVisible();
  await expect(sheet.locator('[data-verdict="wrong"]')).toHaveCount(3);
  await sheet.getByRole('button', { name: /15,374\.54/ }).press('n');
  await expect(page.getByText('=B8*B4/12')).toBeVisible();
  await page.getByRole('button', { name: 'See it mended' }).click();
  await expect(sheet.getByRole('button', { name: 'right 42.28' })).toBeVisible();
  await expect(sheet.getByRole('button', { name: 'right 0.00' })).toBeVisible();
  await sheet.getByRole('button', { name: 'right 42.28' }).press(']');
  await expect(list.locator('[aria-current="true"]')).toContainText('K-2115');

  // The class sees it, without names.
  await page.getByRole('button', { name: 'Show the class' }).first().click();
  const projected = page.getByRole('dialog');
  await expect(projected.getByText('worksheet 1 of 4')).toBeVisible();
  await expect(projected).not.toContainText('K-21');
  await page.keyboard.press('ArrowRight');
  await expect(projected.getByRole('heading', { name: /A reference that slid/ })).toBeVisible();
  await page.keyboard.press('End');
  await expect(projected.getByText('worksheet 4 of 4')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(projected).toBeHidden();

  await page.getByRole('button', { name: /^Take over the marks of \d+$/ }).click();
  await expect(page.getByText(/students have the answers and marks of their worksheets/)).toBeVisible();
  await expect(page.getByRole('button', { name: /^Take over the marks/ })).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /^Take over the marks/ })).toBeVisible();
});

test('a zip comes in, what is none is said, what is nobody’s is given to a student, and files go back', async ({
  page,
}) => {
  await page.goto('/sets/demo-week-3/worksheets?item=e1');
  await expect(page.getByText('No worksheets yet')).toBeVisible();
  const zip = zipSync({
    'week 3/K-2101 kiln.csv': strToU8(table('$B$2/12')),
    'week 3/somebody.csv': strToU8(table('$B$2')),
    'week 3/photo.png': new Uint8Array([1, 2, 3]),
  });
  await page
    .getByLabel('worksheet files')
    .setInputFiles({ name: 'class.zip', mimeType: 'application/zip', buffer: Buffer.from(zip) });
  await expect(page.getByText('2 worksheets are in. One of them is nobody’s yet: give it to a student.')).toBeVisible();
  await expect(page.getByText('photo.png is no worksheet.')).toBeVisible();
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  const list = page.getByRole('list', { name: 'worksheets' });
  await list.getByRole('button', { name: /Nobody yet/ }).click();
  await page.getByLabel('whose worksheet it is').selectOption({ label: 'Bram Okonjo, K-2102' });
  await expect(list.getByRole('button', { name: /Bram Okonjo/ })).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Give back with remarks' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('somebody, with remarks.xlsx');
  const saved = await download.path();
  expect(readFileSync(saved).subarray(0, 2).toString()).toBe('PK');
  const [all] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Give all back' }).click(),
  ]);
  const back = unzipSync(readFileSync(await all.path()));
  expect(Object.keys(back)).toEqual(['K-2101 kiln, with remarks.xlsx', 'somebody, with remarks.xlsx']);
  await page.getByRole('button', { name: 'Remove' }).click();
  await expect(list.getByRole('button')).toHaveCount(1);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(list.getByRole('button')).toHaveCount(2);
  await page.reload();
  await expect(list.getByRole('button', { name: /Bram Okonjo/ })).toBeVisible();
});

/** Heads that say nothing, and neither opening nor principal: only somebody can say what is what. */
const unheard = (rate: string): string =>
  table(rate)
    .replace('Amount', 'Alpha')
    .replace('No.,Owed before,Interest,To principal,Owed after', 'p,q,r')
    .split('\n')
    .map((line, at) => (at < 5 ? line : line.split(',').slice(0, 3).join(',')))
    .map((line, at) => (at < 6 ? line : line.replace(/=E\d+/, `=B${at}*(1+$B$2/12)-$B$4`)))
    .join('\n');
test('the class’s worksheets in one zip come to their students, are marked, and go back', async ({ page }) => {
  const of = '/api/sets/demo-week-3/worksheets';
  const all = (await (await page.request.get(of)).json()).filter(({ itemId }: { itemId: string }) => itemId === 'e3');
  const files: Record<string, Uint8Array> = {};
  for (const { id, name } of all)
    files[`week 3/${name}`] = new Uint8Array(await (await page.request.get(`${of}/${id}/file`)).body());
  expect(Object.keys(files)).toHaveLength(28);
  // They are taken away first, so that each student has one again.
  const ids = all.map(({ id }: { id: string }) => id);
  expect((await page.request.post(`${of}/removed`, { data: { ids, removed: true } })).ok()).toBe(true);

  await page.goto('/sets/demo-week-3/worksheets?item=e3');
  await expect(page.getByText('No worksheets yet')).toBeVisible();
  await page
    .getByLabel('worksheet files')
    .setInputFiles({ name: 'class.zip', mimeType: 'application/zip', buffer: Buffer.from(zipSync(files)) });
  await expect(page.getByText('28 worksheets are in.', { exact: true })).toBeVisible();
  const list = page.getByRole('list', { name: 'worksheets' });
  await expect(list.getByRole('button')).toHaveCount(28);
  await expect(list.getByText('Nobody yet')).toHaveCount(0);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Give all back' }).click(),
  ]);
  expect(Object.keys(unzipSync(readFileSync(await download.path())))).toHaveLength(28);
  await page.getByRole('button', { name: /^Take over the marks of \d+$/ }).click();
  await expect(page.getByText(/students have the answers and marks of their worksheets/)).toBeVisible();
  // What was taken over stands in the table's cells, and goes again.
  const student = async () => (await (await page.request.get('/api/sets/demo-week-3/marking')).json()).students[0];
  expect((await student()).entries.e3['b.2:interest']).toMatch(/^\d+\.\d\d$/);
  await page.getByRole('alert').getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /^Take over the marks/ })).toBeVisible();
});

test('a template with own numbers goes out to each, and comes back to its student', async ({ page }) => {
  await page.goto('/sets/demo-midterm/worksheets?item=e1');
  await page.getByRole('button', { name: 'Templates' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: 'One for each student, in a zip' }).click(),
  ]);
  expect(download.suggestedFilename()).toMatch(/^the-ferry-refit.*\.zip$/);
  const files = unzipSync(readFileSync(await download.path()));
  const [name, bytes] = Object.entries(files)[0]!;
  const number = /^([a-z]+-\d+)-/.exec(name)![1]!.toUpperCase();
  await page
    .getByLabel('worksheet files')
    .setInputFiles({ name: 'back.xlsx', mimeType: 'application/octet-stream', buffer: Buffer.from(bytes) });
  await expect(page.getByText('1 worksheet is in.')).toBeVisible();
  await expect(page.getByRole('list', { name: 'worksheets' })).toBeVisible();
  await expect(page.getByLabel('whose worksheet it is').locator('option:checked')).toContainText(number);
});

const csv = (name: string, text: string) => ({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });

test('where things stand is said by dragging and by keyboard, for all that look alike, and taken back', async ({
  page,
}) => {
  await page.goto('/sets/demo-week-3/worksheets?item=e2');
  await page
    .getByLabel('worksheet files')
    .setInputFiles([csv('K-2101.csv', unheard('$B$2')), csv('K-2102.csv', unheard('$B$2/12'))]);
  await expect(page.getByText('2 worksheets are in.')).toBeVisible();
  const list = page.getByRole('list', { name: 'worksheets' });
  await expect(list.getByText('No table was found')).toHaveCount(2);
  const where = page.getByRole('region', { name: 'where things stand' });
  // By mouse: a mark dragged over its column.
  const column = where.locator('td[data-address="C6"]');
  await where.locator('[data-kind="column"]', { hasText: /^interest$/ }).hover();
  await page.mouse.down();
  await column.hover();
  await column.hover({ position: { x: 12, y: 12 } });
  await page.mouse.up();
  await expect(where.getByRole('columnheader', { name: 'C interest' })).toBeVisible();
  // By keyboard: a cell reached with the arrows, and what it is.
  await where.getByRole('button', { name: 'A1 Alpha' }).press('ArrowRight');
  await where.getByLabel('B1 is').selectOption('amount');
  await where.getByRole('button', { name: 'B1 8,000' }).press('ArrowDown');
  for (let row = 2; row < 6; row += 1) await where.locator(`td[data-address="B${row}"] button`).press('ArrowDown');
  await where.getByLabel('column B holds').selectOption('owed before');
  await where.getByLabel('row 6 is').selectOption('first row');
  await where.getByRole('button', { name: 'Judge it like this' }).click();
  await expect(page.getByText('It is judged anew; one other that looks alike follows.')).toBeVisible();
  await expect(list.getByText('No table was found')).toHaveCount(0);
  await expect(page.getByRole('table', { name: 'the table of the worksheet' })).toBeVisible();
  // The next file that looks so is known by itself.
  await page.getByRole('button', { name: 'Import worksheets' }).click();
  await page.getByRole('menuitem', { name: 'Cells copied from a worksheet' }).click();
  await page.getByLabel('the cells, with the words over them').fill(unheard('$B$2/4').replaceAll(',', '\t'));
  await page.getByLabel('whose cells they are').selectOption({ label: 'Adaeze Holm, K-2101' });
  await page.getByRole('button', { name: 'Judge them' }).click();
  await expect(page.getByText('More than one worksheet of Adaeze Holm: the last one counts.')).toBeVisible();
  await expect(list.getByText('No table was found')).toHaveCount(0);
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
  await expect(list.getByRole('button')).toHaveCount(2);
});

test('a long import shows how far it is, stops, goes on, and is taken away whole', async ({ page }) => {
  await page.goto('/sets/demo-midterm/worksheets?item=e4');
  let release = (): void => {};
  const held = new Promise<void>((done) => {
    release = done;
  });
  let requests = 0;
  await page.route('**/worksheets', async (route) => {
    if (route.request().method() === 'POST' && (requests += 1) === 2) await held;
    await route.continue();
  });
  const files = Array.from({ length: 20 }, (_, at) => csv(`sheet ${at + 1}.csv`, table('$B$2/12')));
  await page.getByLabel('worksheet files').setInputFiles(files);
  await expect(page.getByText('8 of 20 worksheets are read and judged.')).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();
  release();
  await expect(page.getByText('Stopped: 4 of 20 are not sent yet. 16 worksheets are in.')).toBeVisible();
  await page.getByRole('button', { name: 'Go on' }).click();
  await expect(page.getByText('20 worksheets are in. 20 of them are nobody’s yet')).toBeVisible();
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('No worksheets yet')).toBeVisible();
});
