/** The Bench, one journey a thing it does. */
import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import exceljs from 'exceljs';
import { HyperFormula } from 'hyperformula';
import { expect, test } from '../application.ts';

const answer = (page: Page, name: string) => page.getByRole('status', { name, exact: true });
const slot = (page: Page, name: string) => page.getByLabel(name, { exact: true });
const kind = (page: Page, name: string) => page.getByLabel('kind of case').selectOption({ label: name });
const comparison = (page: Page) => page.getByRole('table', { name: 'As stated, but…' });
const kept = (page: Page) => expect(page.getByText('kept', { exact: true })).toBeVisible();
/** A case of one's own, so that journeys do not meet in one. */
async function state(page: Page, amount = '48,000', rate = '6.6', payments = '60') {
  await page.goto('/bench');
  await expect(page).toHaveURL(/bench\/./);
  await slot(page, 'amount received').fill(amount);
  await slot(page, 'rate').fill(rate);
  await slot(page, 'number of payments').fill(payments);
}

test('states every kind of case, and takes what people type', async ({ page }) => {
  await state(page, '48k', '6.6%', '5y');
  await expect(answer(page, 'each payment')).toHaveText('941.43');
  await page.getByRole('button', { name: 'build up' }).click();
  await page.getByLabel('Price').fill('60,000');
  await page.getByLabel('Down payment, taken off').fill('12.5%');
  await page.getByLabel('Trade-in, taken off').fill('price × 10%');
  await page.getByLabel('Fees kept back from it').fill('400');
  await expect(page.getByText('Rate with these fees, effective a year')).toBeVisible();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(slot(page, 'amount received')).toHaveValue('46,500.00');
  await slot(page, 'amount received').fill('60,000 - 20%');
  await expect(answer(page, 'each payment')).toHaveText('941.43');
  await page.getByLabel('how the rate is quoted').selectOption({ label: 'a year, effective' });
  await expect(answer(page, 'each payment')).toHaveText('937.12');

  await kind(page, 'Leasing');
  await slot(page, 'value of the goods').fill('18,500');
  await slot(page, 'residual').fill('3,700');
  await slot(page, 'number of rents').fill('36');
  await page.getByLabel('how the rate is quoted').selectOption({ label: 'a year, compounded monthly' });
  await slot(page, 'rate').fill('8.4');
  await expect(answer(page, 'each rent')).toHaveText('488.99');
  await expect(page.getByText('paid out ·')).toBeVisible();

  await kind(page, 'Saving');
  await slot(page, 'amount at the end').fill('26,000');
  await slot(page, 'each deposit')
    .or(page.getByLabel(/each deposit, to be found/))
    .first()
    .waitFor();
  await expect(answer(page, 'each deposit')).not.toHaveText('–');

  await kind(page, 'Drawing down');
  await slot(page, 'left at the end').fill('?');
  await slot(page, 'each payment').fill('300');
  await expect(answer(page, 'left at the end')).toHaveText(/^\d/);

  await kind(page, 'Flat charge');
  await slot(page, 'amount financed').fill('3,600');
  await slot(page, 'flat charge').fill('7.5');
  await slot(page, 'number of payments').fill('24');
  await expect(answer(page, 'each payment')).toHaveText('172.50');
  await expect(page.getByText('really 14.70 % effective a year')).toBeVisible();

  await kind(page, 'Converting a rate');
  await slot(page, 'rate').fill('19.2');
  await expect(answer(page, 'the same rate, quoted otherwise')).toHaveText(/^20\.98/);
});

test('varies a case, shows the differences, refinances, and puts plans together', async ({ page }) => {
  await state(page);
  const add = (what: string) =>
    page
      .getByRole('button', { name: '+ one more' })
      .click()
      .then(() => page.getByRole('menuitem', { name: what, exact: true }).click());
  await add('number of payments');
  await page.getByLabel(/^number of payments in/).fill('72');
  await expect(comparison(page)).toContainText('−132.27');
  await add('rate');
  await page.getByLabel(/^rate in/).fill('5.9');
  await expect(comparison(page)).toContainText('−940.78');
  await add('how often is paid');
  await add('extra payments');
  await slot(page, 'extra payment').fill('100');
  await add('end or beginning');
  await add('refinanced on the way');
  await slot(page, 'refinanced at a rate of').fill('4.8');
  await slot(page, 'refinanced in so many payments').fill('48');
  await slot(page, 'costs of refinancing').fill('450');
  await expect(comparison(page)).toContainText(/saves [\d,.]+ · paid for itself after \d+ more/);
  await expect(comparison(page).getByRole('columnheader')).toHaveCount(9);

  // A menu that is still closing has the same items: each is asked for in its own.
  const doWith = async (title: string, what: string) => {
    await page.getByRole('button', { name: `what to do with: ${title}` }).click();
    await page
      .getByRole('menu', { name: `what to do with: ${title}` })
      .getByRole('menuitem', { name: what })
      .click();
  };
  await doWith('at 5.90 %', 'Move left');
  await expect(comparison(page).getByRole('columnheader').nth(2)).toContainText('at 5.90');
  await doWith('in 72 payments', 'Make it the statement');
  await expect(answer(page, 'each payment')).toHaveText('809.16');
  await doWith('at 5.90 %', 'Remove');
  await expect(comparison(page).getByRole('columnheader')).toHaveCount(7);

  await page.getByRole('tab', { name: 'Together' }).click();
  await page.getByRole('combobox', { name: 'put another case beside it' }).fill('oven');
  await page.getByRole('option', { name: 'Bakery oven on a lease' }).click();
  await page.getByLabel('Bakery oven on a lease starts after so many payments').fill('12');
  const joint = page.getByRole('region', { name: 'Joint table' });
  await expect(joint.getByRole('row').nth(12)).toContainText('809.16');
  await expect(joint.getByRole('row').nth(13)).toContainText('1,298.15');
  await expect(page.getByText('with payment 48')).toBeVisible();
});

test('changes a plan on the way, in sentences edited in place', async ({ page }) => {
  await state(page, '26,800', '5.7', '48');
  const add = (what: string) =>
    page
      .getByRole('button', { name: '+ a change on the way' })
      .click()
      .then(() => page.getByRole('menuitem', { name: what }).click());
  await add('another rate');
  await slot(page, 'rate changes after payment').fill('18');
  await slot(page, 'new rate').fill('7.2');
  await page.getByLabel('go to payment').fill('19');
  await expect(page.getByRole('row', { name: /^19 / })).toContainText('637.58');
  await page.getByLabel('the payment then').selectOption({ label: 'stays the same' });
  await expect(page.getByRole('row', { name: /^19 / })).toContainText('625.72');
  await add('more money received');
  await slot(page, 'more money received').fill('9,000');
  await slot(page, 'more money before payment').fill('90');
  await expect(page.getByRole('alert')).toContainText('from 1 to 48');
  await slot(page, 'more money before payment').fill('3');
  await page.getByLabel('go to payment').fill('3');
  await expect(page.getByRole('row', { name: /^3 / })).toContainText('34,800');
  await add('interest only for a while');
  await slot(page, 'interest only through payment').fill('6');
  await page.getByLabel('remove: more money received').click();
  await expect(page.getByRole('row', { name: /^6 / })).toContainText('127.30');
  // Any slot may still be asked for.
  await slot(page, 'number of payments').fill('?');
  await slot(page, 'each payment').fill('700');
  await expect(answer(page, 'number of payments')).toHaveText(/^4\d$/);
});

test('reads the table: totals so far, years, jumps, ranges of payments, and copies it', async ({ page }) => {
  await state(page, '310,000', '5.25', '1560');
  await page.getByLabel('how often payments fall').selectOption('52');
  await expect(page.getByText('1,560 of them')).toBeVisible();
  await page.getByLabel('running totals').click();
  await expect(page.getByRole('columnheader', { name: 'Interest so far' })).toBeVisible();
  await page.getByLabel('years').selectOption('plan-year');
  await page.getByLabel('go to payment').fill('52');
  await expect(page.getByRole('row', { name: /^Year 1 / })).toBeVisible();
  await page.getByLabel('first payment on').fill('2027-01-29');
  await page.getByLabel('years').selectOption('calendar-year');
  await page.getByLabel('go to payment').fill('800');
  await expect(page.getByRole('row', { name: /^800 / })).toBeVisible();
  await expect(page.getByRole('row', { name: /^800 / })).toContainText('2042-');
  await page.getByRole('row', { name: /^800 / }).click();
  await page.getByRole('row', { name: /^803 / }).click({ modifiers: ['Shift'] });
  await expect(slot(page, 'from payment')).toHaveValue('800');
  await expect(slot(page, 'to payment')).toHaveValue('803');
  await expect(page).toHaveURL(/from=800&to=803|to=803/);
  await page.getByRole('button', { name: 'Copy' }).click();
  await expect(page.getByText('Payments 800 to 803 are copied.')).toBeVisible();
  const lines = (await page.evaluate(() => navigator.clipboard.readText())).split('\n');
  expect(lines).toHaveLength(5);
  expect(lines[1]!.split('\t')).toHaveLength(8);
  expect(lines[1]!.split('\t')[3]).toMatch(/^\d+\.\d\d$/);
  await page.getByRole('region', { name: /Amortization table/ }).focus();
  await page.keyboard.press('End');
  await expect(page.getByRole('row', { name: /^1,560 / })).toBeVisible();
  // A payment too small for its interest: the row where the balance grows is marked.
  await slot(page, 'each payment')
    .or(page.getByLabel(/each payment, to be found/))
    .first()
    .waitFor();
  await slot(page, 'still owed at the end').fill('?');
  await slot(page, 'each payment').fill('250');
  await expect(page.getByText('in row 1 the balance grows')).toBeVisible();
});

test('draws the picture and the timeline, with their numbers as text', async ({ page }) => {
  await page.goto('/bench/demo-kiln-shed?show=picture');
  await expect(page.getByRole('img', { name: 'balance over time' })).toBeVisible();
  await expect(page.getByText('The numbers of the picture')).toBeVisible();
  await expect(page.getByRole('row', { name: /^1 39,620\.36/ })).toBeVisible();
  await page.getByRole('tab', { name: 'Timeline' }).click();
  await expect(
    page.getByRole('img', { name: /Timeline: at 0 \+48,000\.00 received; at 1 −941\.43 paid/ }),
  ).toBeVisible();
});

test('searches a target over the real table and puts what it found beside the statement', async ({ page }) => {
  await state(page);
  await page.getByRole('tab', { name: 'Search' }).click();
  await slot(page, 'the target').fill('48');
  await page.getByRole('button', { name: 'Find it' }).click();
  await expect(
    page.getByText(/An extra payment each time of [\d.]+ brings the number of payments to 48\./),
  ).toBeVisible();
  await expect(comparison(page)).toContainText('−12');
  await page.getByLabel('what may move').selectOption({ label: 'the amount received' });
  await page.getByLabel('what must be reached').selectOption({ label: 'the payment' });
  await slot(page, 'the target').fill('700');
  await page.getByRole('button', { name: 'Find it' }).click();
  await expect(page.getByText(/brings the payment to 700\.00/)).toBeVisible();
  await slot(page, 'the target').fill('much');
  await page.getByRole('button', { name: 'Find it' }).click();
  await expect(page.getByText('Write the number that must be reached.')).toBeVisible();
});

test('searches the payment of a plan laden with fees, by trial, by halving and exactly', async ({ page }) => {
  await state(page, '', '7.2', '4y');
  await page.getByRole('button', { name: 'build up' }).click();
  await page.getByLabel('Price').fill('31,500');
  await page.getByLabel('Down payment, taken off').fill('10%');
  await page.getByLabel('Fees added').fill('1,180');
  await page.getByLabel('Fees kept back from it').fill('400');
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(slot(page, 'amount received')).toHaveValue('29,530.00');
  await expect(answer(page, 'each payment')).toHaveText('709.88');
  await page.getByRole('tab', { name: 'Search' }).click();
  await page.getByLabel('what may move').selectOption({ label: 'each payment' });
  await page.getByLabel('what must be reached').selectOption({ label: 'what is left after the last payment' });
  await slot(page, 'the target').fill('0');
  const says = page.getByRole('status').filter({ hasText: 'left after the last payment' });
  const tries = page.getByRole('table', { name: /tries/ }).getByRole('row');
  const found: string[] = [];
  for (const [way, count] of [
    ['trial', 4],
    ['halving', 10],
    ['exact', 3],
  ] as const) {
    await page.getByLabel('how it closes in').selectOption(way);
    await page.getByRole('button', { name: 'Find it' }).click();
    await expect(says).toContainText('with each payment at 709.88');
    await expect(says).toContainText('the last payment is like the others');
    await expect.poll(() => tries.count()).toBeGreaterThan(count);
    await expect(tries.last()).toContainText(/709\.8[78]/);
    found.push(await says.innerText());
  }
  expect(found.at(-1)).toMatch(/With nothing rounded it would be 709\.87\d+/);
  await slot(page, 'the target').fill('90,000');
  await page.getByRole('button', { name: 'Find it' }).click();
  await expect(page.getByText(/the target is out of reach/)).toBeVisible();
  await page.getByRole('tab', { name: 'Working' }).click();
  await page
    .getByRole('tablist', { name: 'Ways' })
    .getByRole('tab', { name: /Search/ })
    .click();
  await expect(page.getByText(/run the whole table with it, see what is left over/)).toBeVisible();
});

test('keeps a case while it is typed; undo, tags, duplicate, delete and its undo', async ({ page, application }) => {
  await state(page, '7,200', '6', '24');
  await page.getByLabel('name of the case').fill('Net mending shed');
  await page.getByLabel('tags, parted by commas').fill('sheds, level loan');
  await page.keyboard.press('Enter');
  await kept(page);
  await expect(page).toHaveURL(/\/bench\/[0-9a-f-]{36}/);
  const address = page.url();
  await slot(page, 'amount received').fill('7,900');
  await page.getByRole('button', { name: 'undo' }).click();
  await expect(slot(page, 'amount received')).toHaveValue('7,200.00');
  await page.keyboard.press('Control+Shift+z');
  await expect(slot(page, 'amount received')).toHaveValue('7,900.00');
  await slot(page, 'rate').fill('not sure');
  await kept(page);
  await application.restart();
  await page.goto(`${address}?show=timeline`);
  await expect(slot(page, 'rate')).toHaveValue('not sure');
  await expect(slot(page, 'amount received')).toHaveValue('7,900.00');
  await slot(page, 'rate').fill('6');
  await expect(page.getByRole('img', { name: /Timeline/ })).toBeVisible();
  await kept(page);

  await page.getByLabel('more to do with this case').click();
  await page.getByRole('menuitem', { name: 'Duplicate' }).click();
  await expect(page.getByLabel('name of the case')).toHaveValue('Net mending shed, again');
  await page.getByRole('link', { name: 'Kept cases' }).click();
  await page.getByLabel('find a case').fill('mending');
  await expect(page.getByRole('row')).toHaveCount(3);
  await page.getByRole('button', { name: 'sheds' }).click();
  await expect(page).toHaveURL(/find=mending/);
  await page.getByLabel('delete Net mending shed, again').click();
  await expect(page.getByRole('row')).toHaveCount(2);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('row')).toHaveCount(3);
});

test('stays as it is when it is looked at before it was ever kept, also after a reload', async ({ page }) => {
  await page.goto('/bench');
  await expect(page.getByText('Fill in the slots')).toBeVisible();
  await page.getByRole('tab', { name: 'Timeline' }).click();
  await expect(page).toHaveURL(/show=timeline/);
  await page.reload();
  await expect(page.getByText('Fill in the slots')).toBeVisible();
  await slot(page, 'amount received').fill('900');
  await page.getByRole('tab', { name: 'Working' }).click();
  await kept(page);
  await expect(page).toHaveURL(/show=working/);
  await page.getByRole('link', { name: 'Bench' }).click();
  await expect(slot(page, 'amount received')).toHaveValue('');
  await page.goBack();
  await expect(slot(page, 'amount received')).toHaveValue('900.00');
});

test('shows both versions when two windows change one case, and loses neither', async ({ page, context }) => {
  await state(page, '5,000', '5', '12');
  await page.getByLabel('name of the case').fill('Slipway repair');
  await kept(page);
  const other = await context.newPage();
  await other.goto(page.url());
  await slot(other, 'amount received').fill('6,000');
  await expect(other.getByRole('status').filter({ hasText: /^(changed|keeping…)$/ })).toBeVisible();
  await kept(other);
  await slot(page, 'amount received').fill('7,000');
  const dialog = page.getByRole('dialog', { name: 'Changed elsewhere' });
  await expect(dialog).toContainText('7,000');
  await expect(dialog).toContainText('6,000');
  await dialog.getByRole('button', { name: 'Keep both' }).click();
  await kept(page);
  await page.goto('/cases?find=slipway');
  await expect(page.getByRole('row')).toHaveCount(3);
});

test('follows the house rules it says it follows', async ({ page }) => {
  const before = await (await page.request.get('/api/rules')).json();
  await page.goto('/rules?of=demo-bm210');
  await page.getByRole('combobox', { name: 'Numbers are written' }).click();
  await page.getByRole('option', { name: '1.234,56' }).click();
  await page.getByRole('combobox', { name: 'The payment is' }).click();
  await page.getByRole('option', { name: 'rounded up to whole units' }).click();
  await page.getByLabel('Decimals of money').fill('12');
  await page.getByRole('button', { name: 'Keep these rules' }).click();
  await expect(page.getByText('At most 6 decimals are shown.')).toBeVisible();
  await page.getByLabel('Decimals of money').fill('0');
  await page.getByLabel('Currency sign').fill('€');
  await page.getByRole('button', { name: 'Keep these rules' }).click();
  await expect(page.getByText('The rules of BM 210 are kept.')).toBeVisible();
  await page.goto('/bench/demo-kiln-shed');
  await expect(page.getByText('BM 210 · payments up to whole, end of period')).toBeVisible();
  await expect(answer(page, 'each payment')).toHaveText('€ 942');
  await expect(page.getByRole('row', { name: /^1 48\.000 264 942/ })).toBeVisible();
  await expect(slot(page, 'amount received')).toHaveValue('48.000,00');
  await page.getByLabel('house rules').selectOption({ label: 'Usual' });
  await expect(answer(page, 'each payment')).toHaveText('941.43');
  await expect(slot(page, 'amount received')).toHaveValue('48,000.00');
  // The other journeys count on the class's own rules.
  const own = (await (await page.request.get('/api/rules')).json()).find(
    ({ id }: { id: string }) => id === 'demo-bm210',
  );
  await page.request.put('/api/rules/demo-bm210', {
    data: { rules: before.find(({ id }: { id: string }) => id === 'demo-bm210').rules, revision: own.revision },
  });
});

test('goes out as CSV, as a workbook of live formulas, and on paper', async ({ page }) => {
  await state(page, '26,800', '5.7', '48');
  await page.getByLabel('name of the case').fill('Ferry, to export');
  const send = async (what: string) => {
    await page.getByRole('button', { name: 'Export' }).click();
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('menuitem', { name: what }).click(),
    ]);
    return download;
  };
  const csv = await send('CSV of the table');
  expect(csv.suggestedFilename()).toBe('ferry-to-export.csv');
  const lines = (await readFile(await csv.path(), 'utf8')).replace('\ufeff', '').trim().split(/\r?\n/);
  expect(lines).toHaveLength(49);
  expect(lines[1]).toBe('1,26800,127.3,625.72,0,498.42,26301.58');

  const file = await send('Workbook with live formulas');
  const workbook = new exceljs.Workbook();
  await workbook.xlsx.readFile(await file.path());
  const grid: (string | number | null)[][] = [];
  workbook.worksheets[0]!.eachRow({ includeEmpty: true }, (row, line) => {
    const cells: (string | number | null)[] = [];
    row.eachCell({ includeEmpty: true }, (cell, column) => {
      cells[column - 1] = cell.formula ? `=${cell.formula}` : ((cell.value as string | number | null) ?? null);
    });
    grid[line - 1] = Array.from(cells, (cell) => cell ?? null);
  });
  const head = grid.findIndex((row) => row?.[0] === 'No.');
  const rate = grid.findIndex((row) => row?.[0] === 'rate a year');
  const engine = HyperFormula.buildFromArray(
    Array.from(grid, (row) => row ?? []),
    { licenseKey: 'gpl-v3' },
  );
  const column = (title: string) => grid[head]!.indexOf(title);
  const at = (line: number, title: string) =>
    engine.getCellValue({ sheet: 0, row: head + line, col: column(title) }) as number;
  lines.slice(1).forEach((text, line) => {
    const [, opening, interest, payment, , , closing] = text.split(',').map(Number);
    expect(
      [at(line + 1, 'Opening'), at(line + 1, 'Interest'), at(line + 1, 'Payment'), at(line + 1, 'Closing')].map(
        (value) => Math.round(value * 100),
      ),
    ).toEqual([opening, interest, payment, closing].map((value) => Math.round(value! * 100)));
  });
  engine.setCellContents({ sheet: 0, row: rate, col: 1 }, 0.072);
  expect(at(1, 'Payment')).toBeCloseTo(644.25, 2);
  expect(at(48, 'Closing')).toBeCloseTo(0, 6);
  engine.destroy();

  await page.emulateMedia({ media: 'print' });
  const paper = page.locator('section[aria-hidden]');
  await expect(paper).toBeVisible();
  await expect(paper).toContainText(
    'The borrower receives 26,800.00 at 5.7 % a year, compounded monthly, repays 48 monthly payments of 625.72 at the end of each month, and then owes 0.00.',
  );
  await expect(paper.getByRole('row', { includeHidden: true })).toHaveCount(49);
  await expect(page.locator('#root')).toBeHidden();
});

test('is worked from the keyboard alone, with the list of shortcuts and the command search', async ({ page }) => {
  await page.goto('/bench');
  await expect(page.getByText('Fill in the slots')).toBeVisible();
  await page.keyboard.press('Shift+?');
  await expect(page.getByRole('dialog', { name: /^Help/ })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.keyboard.press('s');
  await page.keyboard.type('48k');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Tab');
  await page.keyboard.type('6.6');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Tab');
  await page.keyboard.type('60');
  await expect(answer(page, 'each payment')).toHaveText('941.43');
  await page.keyboard.press('Enter');
  await page.keyboard.press('v');
  // The first item has the focus.
  await expect(page.getByRole('menuitem').first()).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(comparison(page).getByRole('columnheader')).toHaveCount(4);
  await expect(page.getByRole('menu')).toHaveCount(0);
  await page.keyboard.press('2');
  await expect(page.getByRole('tablist', { name: 'Ways' })).toBeVisible();
  // The key was a shortcut, and was typed into no slot.
  await expect(answer(page, 'each payment')).toHaveText('941.43');
  await page.keyboard.press('Control+k');
  await page.getByPlaceholder('Go to, open, do…').fill('orchard endow');
  await expect(page.getByRole('button', { name: /^Orchard endowment/ })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('name of the case')).toHaveValue('Orchard endowment');
});

test('irregular extra payments are typed into the table, pasted as a list and given by a rule', async ({ page }) => {
  await state(page, '24,330', '7.2', '48');
  await expect(answer(page, 'each payment')).toHaveText('584.87');
  const table = page.getByRole('region', { name: /^Amortization table/ });
  const third = table.getByRole('row').filter({ hasText: /^3/ }).first();
  await third.getByRole('cell').nth(4).dblclick();
  await table.getByLabel('extra with payment 3').fill('1,000');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'one extra payment, 1,000.00 in all' })).toBeVisible();
  await expect(third).toContainText('1,000.00');
  // The next one by the keyboard alone.
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await table.getByLabel('extra with payment 4').fill('lots');
  await page.keyboard.press('Enter');
  await expect(page.getByText('“lots” is no amount: nothing was changed.')).toBeVisible();
  await page.keyboard.press('Enter');
  await table.getByLabel('extra with payment 4').fill('250');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'two extra payments, 1,250.00 in all' }).click();
  const list = page.getByLabel('Extra payments, one a line');
  await expect(list).toHaveValue('3: 1,000.00\n4: 250.00');
  await list.fill('3: 1,000\nsoon\nevery 12 from 6: 200\n97: 50');
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText('five extra payments, 1,800.00 in all.')).toBeVisible();
  await expect(dialog.getByText('Line 2, “soon”: A payment’s number and an amount are expected')).toBeVisible();
  await expect(dialog.getByText('Line 4, “97: 50”: The last payment is payment 48.')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(dialog).toHaveCount(0);
  await expect(page.getByText('2 lines are not read: line 2, “soon”')).toBeVisible();
  await expect(table.getByRole('row').filter({ hasText: /^6/ }).first()).toContainText('200.00');
  await page.getByRole('button', { name: 'undo' }).click();
  await expect(page.getByRole('button', { name: 'two extra payments, 1,250.00 in all' })).toBeVisible();
});

test('while the rate is asked a variation keeps the payment, or the rate that was found', async ({ page }) => {
  await state(page, '48,000', '6.6', '60');
  await slot(page, 'rate').fill('?');
  await slot(page, 'each payment').fill('950');
  await expect(answer(page, 'rate')).toHaveText(/^6\.97/);
  await page.getByRole('button', { name: '+ one more' }).click();
  await page.getByRole('menuitem', { name: 'number of payments', exact: true }).click();
  await page.getByLabel(/^number of payments in/).fill('72');
  await expect(comparison(page)).toContainText('950.00');
  await page.getByLabel(/^what stays/).selectOption('found');
  await expect(comparison(page)).toContainText('in 72 payments, at the rate found');
  await expect(comparison(page)).toContainText('817.89');
});
