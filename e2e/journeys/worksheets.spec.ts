/** Students' worksheets: one with a slid reference proved and mended, a class by its causes, marks taken over, a zip to files given back. */
import { readFileSync } from 'node:fs';
import { strToU8, zipSync } from 'fflate';
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

  await page.getByRole('button', { name: /^Take over the marks of \d+$/ }).click();
  await expect(page.getByText(/students have the marks of their worksheets/)).toBeVisible();
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
  await expect(
    page.getByText(
      '2 worksheets are in. One of them is nobody’s yet: give it to a student. photo.png is no worksheet.',
    ),
  ).toBeVisible();
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
  await page.getByRole('button', { name: 'Remove' }).click();
  await expect(list.getByRole('button')).toHaveCount(1);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(list.getByRole('button')).toHaveCount(2);
  await page.reload();
  await expect(list.getByRole('button', { name: /Bram Okonjo/ })).toBeVisible();
});
