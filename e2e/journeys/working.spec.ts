/** Working: every way, the stand-in walked entry by entry, the projector, the cross-check, a number explained, an entering style of one's own. */
import exceljs from 'exceljs';
import { expect, test } from '../application.ts';

test.use({ permissions: ['clipboard-read', 'clipboard-write'] });

test('a case is worked in every way, with the steps typeset and the line to type', async ({ page }) => {
  await page.goto('/bench/demo-kiln-shed?show=working');
  const ways = page.getByRole('tablist', { name: 'Ways' });
  await expect(ways.getByRole('tab')).toHaveText([
    /Formula\s*941\.43/,
    /Recurrence\s*941\.43/,
    /Five values\s*941\.43/,
    /Sheet function\s*941\.43/,
    /Worksheet\s*941\.43/,
    /Table\s*941\.43/,
    /Search\s*941\.43/,
  ]);
  await expect(page.locator('.katex').first()).toBeVisible();
  await expect(page.getByText('48000/((1-(1+0.066/12)^(-60))/(0.066/12))')).toBeVisible();
  await page.getByLabel('Work out').selectOption('balance-after');
  await page.getByLabel('after payment').fill('24');
  await expect(ways.getByRole('tab', { name: /Table/ })).toContainText('30,670.64');
  await page.getByLabel('after payment').fill('240');
  await expect(page.getByRole('alert')).toHaveText(/60 payments/);
  await page.getByLabel('after payment').fill('36');
  await ways.getByRole('tab', { name: /Sheet function/ }).click();
  await expect(page.getByText('=FV(B1;B2;B3;B4;0)')).toBeVisible();
  await page.reload();
  await expect(page.getByText('=FV(B1;B2;B3;B4;0)')).toBeVisible();

  await page.getByLabel('Show', { exact: true }).selectOption('answer');
  await expect(page.getByRole('list', { name: 'Sheet function' }).getByRole('listitem')).toHaveCount(1);
  await page.getByLabel('Show', { exact: true }).selectOption('reasons');
  await expect(page.getByText('A number in a cell of its own can be changed later')).toBeVisible();
  await page.getByRole('button', { name: /^Copy/ }).click();
  await page.getByRole('menuitem', { name: 'This way as text, formulas in TeX' }).click();
  await expect(page.getByText('The working is copied.')).toBeVisible();
  expect(await page.evaluate(() => navigator.clipboard.readText())).toMatch(
    /\$i = \\dfrac\{j\}\{12\}[\s\S]*=FV\(B1;B2;B3;B4;0\)/,
  );
  await page.getByRole('button', { name: /^Copy/ }).click();
  await page.getByRole('menuitem', { name: 'This way with formulas in MathML' }).click();
  await expect
    .poll(() =>
      page.evaluate(async () => {
        const [item] = await navigator.clipboard.read();
        return item?.types.includes('text/html') ? (await item.getType('text/html')).text() : '';
      }),
    )
    .toMatch(/<math/);
});

test('the stand-in fills up one entry at a time, and shows what a value left over does', async ({ page }) => {
  await page.goto('/bench/demo-kiln-shed?show=working&way=five-values');
  const walk = page.getByRole('region', { name: 'Walk the entries on a stand-in' });
  await expect(walk.getByText('0 of 8 entered.')).toBeVisible();
  for (let entry = 0; entry < 4; entry += 1) await walk.getByRole('button', { name: 'Next entry' }).click();
  await expect(walk.getByText('4 of 8 entered. In sight: 60.00.')).toBeVisible();
  await walk.getByRole('button', { name: 'To the end' }).click();
  await expect(walk.getByText('The tool shows −941.43')).toBeVisible();
  await walk.getByLabel('begin with').selectOption('left');
  await walk.getByRole('button', { name: 'To the end' }).click();
  await expect(walk.getByText('every value was entered anew, so nothing left over counts.')).toBeVisible();
  await walk.getByRole('listitem').filter({ hasText: 'FV: 0' }).getByLabel('leave out').check();
  await expect(
    walk.getByText(/The tool shows −889\.21\. It should be −941\.43: FV was left over from before\./),
  ).toBeVisible();
  await walk.getByLabel('FV', { exact: true }).fill('-9000');
  await walk.getByRole('button', { name: 'To the end' }).click();
  await expect(walk.getByText('The tool shows −814.41')).toBeVisible();

  await page.getByLabel('Tool').selectOption('per-payment');
  await page.getByLabel('Work out').selectOption('interest-in');
  await page.getByLabel('payments', { exact: true }).fill('13');
  await expect(page).toHaveURL(/first=13/);
  await page.getByLabel('to', { exact: true }).fill('24');
  await expect(page.getByText('Move on by 12 payments; those are not wanted.')).toBeVisible();
  await expect(page.getByText('Store it again as it is really paid: −941.43.')).toBeVisible();
  await expect(
    page.getByText(/The tool shows interest 2,347\.44, principal .*, balance .*: read the interest\./),
  ).toBeVisible();
  await expect(page.getByRole('tab', { name: /Five values/ })).toContainText('2,347.44');
});

test('the projector shows step by step, the answer hidden until it is wanted', async ({ page }) => {
  await page.goto('/bench/demo-kiln-shed?show=working');
  await page.getByRole('button', { name: 'Show on the projector' }).click();
  const sheet = page.getByRole('dialog');
  await expect(sheet.getByText('repays 60 monthly payments of ?')).toBeVisible();
  await expect(sheet.getByRole('img', { name: 'the answer is hidden' })).toBeVisible();
  await expect(sheet.getByText(/Step 1 of/)).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(sheet.getByText(/Step 3 of/)).toBeVisible();
  await page.keyboard.press('ArrowLeft');
  await expect(sheet.getByText(/Step 2 of/)).toBeVisible();
  await page.keyboard.press('h');
  await expect(sheet.getByRole('heading', { name: /The payment 941\.43/ })).toBeVisible();
  await sheet.getByLabel('way').selectOption('table');
  await page.keyboard.press('End');
  await expect(sheet.getByText('With this payment the table closes at 0.00.')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(sheet).toBeHidden();
  await expect(page).not.toHaveURL(/projector/);
});

test('the cross-check says which ways agree, to as many decimals as wanted, and why others differ', async ({
  page,
}) => {
  await page.goto('/bench/demo-kiln-shed?show=cross-check');
  const table = page.getByRole('table');
  await expect(table.getByRole('row', { name: /Formula/ })).toContainText('941.425061490');
  await expect(table.getByRole('row', { name: /Table/ })).toContainText(
    'the payment is rounded before it is used further',
  );
  await page.getByLabel('decimals compared').fill('2');
  await expect(page.getByText('All seven agree to 2 decimals.')).toBeVisible();
  await page.getByLabel('Work out').selectOption('total-interest');
  await expect(table.getByRole('row', { name: /Sheet function/ })).toContainText(/rounded/);
});

test('a number somebody got is explained', async ({ page }) => {
  await page.goto('/bench/demo-kiln-shed?show=working');
  const box = page.getByRole('region', { name: 'If someone gets another number' });
  await expect(box.getByRole('row', { name: /Rate left annual/ })).toContainText('3,237.96');
  await box.getByLabel('a number somebody got').fill('9,758.98');
  await expect(box.getByRole('status')).toContainText('The 5 years were entered as the number of payments');
  await box.getByLabel('a number somebody got').fill('1,234.56');
  await expect(box.getByRole('status')).toContainText('No slip we know leads to it.');
  await box.getByLabel('a number somebody got').fill('about nine hundred');
  await expect(box.getByRole('status')).toContainText('cannot be read as a number');
  await box.getByRole('button', { name: 'Rate left annual' }).click();
  await expect(box.getByRole('status')).toContainText('6.60 %');
});

test('an entering style is copied, changed and used; a setting that cannot be is said beside it', async ({ page }) => {
  await page.goto('/rules');
  await page.getByRole('button', { name: /^Per-payment style/ }).click();
  await page.getByRole('button', { name: 'Copy and change it' }).click();
  await expect(page.getByRole('heading', { name: 'Per-payment style, ours' })).toBeVisible();
  await page.getByLabel('Name').fill('Harbour school tool');
  await page.getByLabel('number of payments').fill('periods');
  await page.getByRole('combobox', { name: 'The rate is entered' }).click();
  await page.getByRole('option', { name: 'in percent a year' }).click();
  await page.getByRole('button', { name: 'Keep this style' }).click();
  await expect(page.getByText('needs the payments a year set apart')).toBeVisible();
  await page.getByLabel('Payments and compoundings a year are set apart').check();
  await page.getByRole('button', { name: 'Keep this style' }).click();
  await expect(page.getByText('“Harbour school tool” is kept.')).toBeVisible();
  await page.goto('/bench/demo-kiln-shed?show=working&way=five-values');
  await page.getByLabel('Tool').selectOption({ label: 'Harbour school tool' });
  await expect(page.getByRole('cell', { name: 'periods' })).toBeVisible();
  await page.goto('/rules');
  await page.getByRole('button', { name: /^Harbour school tool/ }).click();
  await page.getByRole('button', { name: 'Delete it' }).click();
  await expect(page.getByRole('button', { name: /^Harbour school tool/ })).toHaveCount(0);
});

test('a worksheet is built step by step on the projector, and its workbook is the one that is taught', async ({
  page,
}) => {
  await page.goto('/bench/demo-oyster-rafts?show=working&way=worksheet');
  const steps = page.getByRole('list', { name: 'Steps of the worksheet' });
  await steps.getByRole('button', { name: 'Row 2: interest' }).click();
  const drawn = page.getByRole('tabpanel', { name: /Worksheet/ });
  await expect(drawn.getByText('B9 goes along when copied down · $B$3 stays')).toBeVisible();
  await expect(drawn.getByText('143.35')).toBeVisible();
  await steps.getByRole('button', { name: 'What must stay fixed' }).click();
  await drawn.getByRole('button', { name: 'What if B3, the rate, is not fixed?' }).click();
  await expect(drawn.getByText(/payment 3 reads B4/)).toBeVisible();
  await page.reload();
  await expect(drawn.getByText('B3 and B5 stay; every other reference goes along.')).toBeVisible();

  await page.getByRole('button', { name: 'Show on the projector' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText('Each number that is given stands in a cell of its own')).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(dialog.getByText('The interest of payment 1 is what is owed before it')).toBeVisible();
  await expect(dialog.getByText('Each number that is given stands in a cell of its own')).toHaveCount(0);
  await page.keyboard.press('Escape');

  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Workbook, as taught' }).click();
  const book = new exceljs.Workbook();
  await book.xlsx.readFile(await (await download).path());
  const sheet = book.worksheets[0]!;
  expect(sheet.getCell('C9').value).toMatchObject({ formula: 'ROUND(B9*$B$3,2)', result: 143.35 });
  expect(sheet.getCell('D9').value).toMatchObject({ formula: '$B$5', result: 584.87 });
});
