/** Nothing that was typed is lost: by a server that is away, by typing fast, by a second window, by leaving, by an import, by a removal. */
import type { Page } from '@playwright/test';
import { expect, test } from '../application.ts';

const row = (page: Page, name: string) => page.getByRole('row', { name: new RegExp(name) });
const panel = (page: Page) => page.getByRole('complementary', { name: 'The answer explained' });
const read = async (page: Page, path: string) => (await page.request.get(`/api${path}`)).json();
const unsent = (page: Page) => page.getByRole('button', { name: /^Not stored yet/ });

interface Student {
  readonly id: string;
  readonly name: string;
  readonly entries: Record<string, Record<string, string>>;
}
const entriesOf = async (page: Page, set: string, name: string): Promise<Student['entries']> =>
  ((await read(page, `/sets/${set}/marking`)) as { students: Student[] }).students.find(
    (student) => student.name === name,
  )!.entries;

async function typeHere(page: Page, text: string): Promise<void> {
  await page.keyboard.press('Control+a');
  await page.keyboard.type(text);
  await page.keyboard.press('Enter');
}

test('what is typed while the server is away stays in sight and is stored when it is back', async ({
  page,
  application,
}) => {
  const title = page.getByLabel('title of the exercise');
  const due = page.getByLabel('Due');
  // Each screen has been seen once, so that its code is here.
  await page.goto('/exercises/starter-7');
  await expect(title).not.toHaveValue('');
  await page.goto('/sets/demo-midterm');
  await expect(page.getByLabel('title of the set')).toHaveValue('Midterm practice');
  await page.getByRole('link', { name: 'Exercises', exact: true }).click();
  await page.getByPlaceholder('Find…').fill('starter');
  await page.goBack();
  await page.goto('/sets/demo-week-6/marking?exercise=e1');
  await expect(row(page, 'Adaeze Holm')).toBeVisible();
  await page.getByRole('link', { name: 'Week 6, changing rates' }).click();
  await expect(due).toHaveValue('2026-11-27');
  await page.goBack();
  await row(page, 'Adaeze Holm').getByRole('gridcell').first().click();
  await page.keyboard.press('Enter');

  await application.kill();
  await typeHere(page, '111.11');
  await typeHere(page, '222.22');
  await page.keyboard.press('Escape');
  await expect(page.getByText('are not sent yet: the server cannot be reached.')).toBeVisible();
  await expect(row(page, 'Adaeze Holm')).toContainText('111.11');
  await expect(row(page, 'Bram Okonjo')).toContainText('222.22');
  // Left and come back to, also with another edit on another screen.
  await page.getByRole('link', { name: 'Week 6, changing rates' }).click();
  await due.fill('2026-12-03');
  await expect(page.getByText('not kept yet', { exact: false })).toBeVisible();
  await expect(due).toHaveValue('2026-12-03');
  await expect(unsent(page)).toHaveText('Not stored yet: 2');
  await page.goBack();
  await expect(row(page, 'Adaeze Holm')).toContainText('111.11');

  await application.restart();
  await expect(unsent(page)).toHaveCount(0);
  await expect(page.getByText('not sent yet')).toHaveCount(0);
  expect((await entriesOf(page, 'demo-week-6', 'Adaeze Holm'))['e1']!['a']).toBe('111.11');
  expect((await entriesOf(page, 'demo-week-6', 'Bram Okonjo'))['e1']!['a']).toBe('222.22');
  expect((await read(page, '/sets/demo-week-6')).document.due).toBe('2026-12-03');
});

test('an exercise left while the server is away is stored later, over a reload too', async ({ page, application }) => {
  const title = page.getByLabel('title of the exercise');
  await page.goto('/exercises');
  await page.goto('/exercises/starter-9');
  await expect(page.locator('[contenteditable=true]').first()).toBeVisible();
  await expect(title).not.toHaveValue('');
  await application.kill();
  await title.fill('Typed while it was away');
  await page.getByRole('link', { name: 'Exercises', exact: true }).first().click();
  await expect(unsent(page)).toBeVisible();
  await unsent(page).click();
  await expect(page.getByRole('menuitem', { name: 'exercise “Typed while it was away”' })).toBeVisible();
  await page.keyboard.press('Escape');
  await application.restart();
  await expect(unsent(page)).toHaveCount(0);
  expect((await read(page, '/exercises/starter-9')).document.exercise.title).toBe('Typed while it was away');

  await page.goto('/exercises/starter-9');
  await expect(title).toHaveValue('Typed while it was away');
  await page.route('**/api/exercises/starter-9', (route) =>
    route.request().method() === 'PUT' ? route.abort() : route.continue(),
  );
  await title.fill('Typed before a reload');
  await expect(page.getByText('not kept yet', { exact: false })).toBeVisible();
  await page.unroute('**/api/exercises/starter-9');
  page.on('dialog', (dialog) => void dialog.accept());
  await page.reload();
  await expect(title).toHaveValue('Typed before a reload');
  await expect
    .poll(async () => (await read(page, '/exercises/starter-9')).document.exercise.title as string)
    .toBe('Typed before a reload');
});

test('a refused write is said once and not repeated until something changes', async ({ page }) => {
  await page.goto('/exercises/starter-11');
  const title = page.getByLabel('title of the exercise');
  await expect(title).not.toHaveValue('');
  let puts = 0;
  await page.route('**/api/exercises/starter-11', (route) => {
    if (route.request().method() !== 'PUT') return route.continue();
    puts += 1;
    const document = {
      type: 'urn:hardy-sextant:invalid',
      title: 'No',
      status: 422,
      detail: 'No.',
      fields: [{ path: 'document', message: 'This cannot be taken.' }],
    };
    return route.fulfill({ status: 422, contentType: 'application/problem+json', body: JSON.stringify(document) });
  });
  await title.fill('Refused');
  await expect(page.getByRole('alert')).toContainText('This cannot be taken. What you see here is not stored yet.');
  await expect(page.getByRole('status').filter({ hasText: 'not kept' })).toBeVisible();
  // Another write elsewhere comes and goes meanwhile; this one is not sent again by itself.
  await page.request.get('/api/health');
  expect(puts).toBe(1);
  await title.fill('Refused twice');
  await expect.poll(() => puts).toBe(2);
  await expect(title).toHaveValue('Refused twice');
});

test('a whole table typed as fast as keys go is stored whole, and taken back cell by cell', async ({ page }) => {
  await page.goto('/sets/demo-week-3/marking?exercise=e3&student=demo-k-2107&at=e3%2Fb');
  await expect(panel(page)).toContainText('part b');
  const cells = panel(page).locator('table input');
  const count = await cells.count();
  expect(count).toBeGreaterThanOrEqual(9);
  await cells.first().focus();
  for (let at = 0; at < count; at += 1) {
    await page.keyboard.type(String(1000 + at));
    await page.keyboard.press('Tab');
  }
  await expect
    .poll(
      async () =>
        Object.values((await entriesOf(page, 'demo-week-3', 'Greta Mbeki'))['e3'] ?? {}).filter((text) =>
          /^10\d\d$/.test(text),
        ).length,
    )
    .toBe(count);
  await expect(page.getByRole('alert')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect
    .poll(async () => Object.values((await entriesOf(page, 'demo-week-3', 'Greta Mbeki'))['e3'] ?? {}).length)
    .toBe(count - 1);
  // What was taken back is out of sight as well, and does not come back with the next field that is left.
  await expect(cells.last()).toHaveValue('');
  await cells.first().fill('7');
  await page.keyboard.press('Tab');
  await expect
    .poll(async () => Object.values((await entriesOf(page, 'demo-week-3', 'Greta Mbeki'))['e3'] ?? {}))
    .toContain('7');
  expect(Object.values((await entriesOf(page, 'demo-week-3', 'Greta Mbeki'))['e3'] ?? {})).toHaveLength(count - 1);
});

test('an answer written over is undone, and its earlier texts are there', async ({ page }) => {
  await page.goto('/sets/demo-week-6/marking?exercise=e2');
  const student = row(page, 'Chidi Szabo');
  await student.getByRole('gridcell').first().click();
  const before = (await entriesOf(page, 'demo-week-6', 'Chidi Szabo'))['e2']!['a']!;
  await page.keyboard.press('Enter');
  await typeHere(page, '55.55');
  await page.keyboard.press('Escape');
  await expect(student).toContainText('55.55');
  // Also from another screen and back.
  await page.getByRole('link', { name: 'Week 6, changing rates' }).click();
  await expect(page.getByLabel('title of the set')).toBeVisible();
  await page.goBack();
  await student.getByRole('gridcell').first().click();
  await panel(page).getByText('Earlier answers').click();
  await expect(panel(page).getByRole('listitem').first()).toContainText(`${before} until`);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(async () => (await entriesOf(page, 'demo-week-6', 'Chidi Szabo'))['e2']!['a']).toBe(before);
});

test('an import says what it stores, guesses nothing by position, and is undone', async ({ page }) => {
  const before = await entriesOf(page, 'demo-week-6', 'Dilan Navarro');
  await page.goto('/sets/demo-week-6/marking?exercise=e2');
  await page.getByRole('button', { name: 'Import answers' }).click();
  const bring = page.getByRole('dialog');
  await bring.getByLabel('Paste a block').fill('K-2125\t21,452.88\nNobody\t7');
  await bring.getByRole('button', { name: 'Look at its columns' }).click();
  await expect(bring.getByLabel('what column 1 is')).toHaveValue('student');
  await expect(bring.getByLabel('what column 2 is')).toHaveValue('');
  await expect(bring.getByRole('button', { name: 'Import 2 rows' })).toBeDisabled();
  // The exercise that is open comes first.
  await expect(bring.getByLabel('what column 2 is').getByRole('option').nth(2)).toHaveText('answer 2a');
  await bring.getByRole('button', { name: 'The others are the parts of exercise 2 in order' }).click();
  const says = bring.getByRole('region', { name: 'What will be stored' });
  await expect(says).toContainText('1 unmatched row is kept');
  await expect(says.getByRole('listitem')).toContainText('Dilan Navarro, 2a');
  await expect(says.getByRole('listitem')).toContainText('21,452.88');
  await bring.getByRole('button', { name: 'Import 2 rows' }).click();
  await expect(bring.getByRole('status')).toContainText('1 answer of 1 student came in');
  await bring.getByRole('button', { name: 'Undo the import' }).click();
  await expect(bring.getByText('Unmatched rows')).toHaveCount(0);
  expect(await entriesOf(page, 'demo-week-6', 'Dilan Navarro')).toEqual(before);

  // A lone column of numbers is one column.
  await bring.getByLabel('Paste a block').fill('21,452.88\n1,234.50');
  await bring.getByRole('button', { name: 'Look at its columns' }).click();
  await expect(bring.getByLabel('what column 2 is')).toHaveCount(0);
  await bring.getByLabel('what parts the columns').selectOption({ label: 'commas' });
  await expect(bring.getByLabel('what column 2 is')).toBeVisible();
});

test('two windows on one exercise: only a choice ends the question', async ({ page, context }) => {
  await page.goto('/exercises/starter-13');
  const title = page.getByLabel('title of the exercise');
  const other = await context.newPage();
  await other.goto('/exercises/starter-13');
  await expect(other.getByLabel('title of the exercise')).not.toHaveValue('');
  await title.fill('From the first window');
  await expect
    .poll(async () => (await read(page, '/exercises/starter-13')).document.exercise.title as string)
    .toBe('From the first window');
  await other.getByLabel('title of the exercise').fill('From the second window');
  const dialog = other.getByRole('dialog', { name: 'Changed elsewhere' });
  await expect(dialog).toContainText('From the first window');
  await other.keyboard.press('Escape');
  await other.mouse.click(8, 700);
  await expect(dialog).toBeVisible();
  expect((await read(page, '/exercises/starter-13')).document.exercise.title).toBe('From the first window');
  await dialog.getByRole('button', { name: 'Take theirs' }).click();
  await expect(other.getByLabel('title of the exercise')).toHaveValue('From the first window');
  await expect(dialog).toBeHidden();
});

test('an exercise removed from a set that students have keeps its answers and is put back', async ({ page }) => {
  await page.goto('/sets/demo-midterm');
  const list = page.getByRole('region', { name: 'Exercises in order' });
  await expect(list.getByRole('listitem')).toHaveCount(4);
  await page.getByRole('button', { name: 'remove exercise 4' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText(/\d+ students have answered “How long for the slipway”/);
  await dialog.getByRole('button', { name: 'Cancel' }).click();
  await expect(list.getByRole('listitem')).toHaveCount(4);
  await page.getByRole('button', { name: 'remove exercise 4' }).click();
  await dialog.getByRole('button', { name: 'Remove it' }).click();
  await expect(page.getByRole('region', { name: 'Removed after it was assigned' })).toContainText(
    'How long for the slipway',
  );
  await page.getByRole('combobox', { name: 'add an exercise' }).fill('balloon');
  await page.getByRole('option', { name: 'A balloon on the harbour crane' }).click();
  await dialog.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByRole('link', { name: 'A balloon on the harbour crane' })).toBeVisible();
  await page.goto('/sets/demo-midterm/marking');
  await page.getByLabel('exercise', { exact: true }).selectOption({ label: '4 · A balloon on the harbour crane' });
  await expect(page.getByRole('gridcell').first()).toContainText('–');
  await page.goto('/sets/demo-midterm');
  await page.getByRole('button', { name: 'put How long for the slipway back' }).click();
  await dialog.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByRole('region', { name: 'Removed after it was assigned' })).toHaveCount(0);
  await expect(page.getByRole('link', { name: 'How long for the slipway' })).toBeVisible();
});

test('who leaves a class keeps marks; what is deleted is undone or brought back from the bin', async ({ page }) => {
  await page.goto('/classes/demo-bm210');
  await page.getByRole('button', { name: 'Goran Nwosu has withdrawn' }).click();
  await expect(page.getByRole('region', { name: 'Withdrawn' })).toContainText('Goran Nwosu');
  await page.goto('/sets/demo-week-3/marking?exercise=e1');
  await expect(row(page, 'Goran Nwosu')).toContainText('withdrawn');
  await page.goto('/classes/demo-bm210');
  await page.getByRole('button', { name: 'Goran Nwosu is back' }).click();
  await expect(page.getByRole('region', { name: 'Withdrawn' })).toHaveCount(0);

  await page.goto('/sets/demo-week-3');
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Delete the set' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'More' })).toBeFocused();
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Delete the set' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Delete the set' }).click();
  await expect(page).toHaveURL(/\/sets$/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('title of the set')).toHaveValue('Week 3, payments');

  await page.goto('/exercises/starter-15');
  await page.getByRole('button', { name: /^More/ }).click();
  await page.getByRole('menuitem', { name: 'Delete' }).click();
  await expect(page).toHaveURL(/\/exercises$/);
  await page.goto('/bin');
  await page.getByRole('button', { name: 'bring A deposit on the delivery trolley back' }).click();
  await page.getByRole('link', { name: 'look at it' }).click();
  await expect(page.getByLabel('title of the exercise')).not.toHaveValue('');
});

test('a house rule that cannot be used is said beside its field, shows no example, and is still there after a reload', async ({
  page,
}) => {
  await page.goto('/rules');
  const decimals = page.getByLabel('Decimals of money');
  await expect(page.getByText('in 3 monthly payments')).toBeVisible();
  await decimals.fill('-5');
  await expect(page.getByText('An example stands here again')).toBeVisible();
  await page.getByRole('button', { name: 'Keep these rules' }).click();
  await expect(decimals).toHaveAttribute('aria-invalid', 'true');
  await page.reload();
  await expect(decimals).toHaveValue('-5');
  await decimals.fill('3');
  await expect(page.getByText('in 3 monthly payments')).toBeVisible();
  await decimals.fill('2');
});

test('letters typed as fast as keys go all arrive, also where they stand in the address', async ({ page }) => {
  const words = 'kiln shed loan of the potters';
  for (const [path, label] of [
    ['/cases', 'find a case'],
    ['/exercises', 'find exercises'],
    ['/sets', 'find a set'],
  ] as const) {
    await page.goto(path);
    await page.getByLabel(label).focus();
    await page.keyboard.type(words);
    await expect(page).toHaveURL(/find=kiln\+shed\+loan\+of\+the\+potters$/);
    await expect(page.getByLabel(label)).toHaveValue(words);
  }
  await page.goto('/bench/demo-kiln-shed?show=working&ask=balance-after');
  await page.getByLabel('after payment').fill('');
  await page.getByLabel('after payment').focus();
  await page.keyboard.type('36');
  await expect(page).toHaveURL(/at=36/);
  await expect(page.getByLabel('after payment')).toHaveValue('36');
});

test('what is wrong in one slot stands in the way of no other, and is said for each', async ({ page }) => {
  await page.goto('/bench');
  for (const name of ['amount received', 'rate', 'number of payments']) {
    await page.getByLabel(name, { exact: true }).click();
    await page.keyboard.press('Control+a');
    await page.keyboard.type('12 or so');
    await expect(page.getByRole('alert')).toContainText('should be a number, and this is not one.');
  }
  await page.getByLabel('still owed at the end').click();
  for (const what of ['amount', 'rate', 'number of payments'])
    await expect(page.getByText(`The ${what} should be a number, and this is not one.`).last()).toBeVisible();
  await page.getByLabel('rate', { exact: true }).fill('6.6');
  await expect(page.getByText('The rate should be a number')).toHaveCount(0);
});

test('a page to which a link had the pointer opens its frame though its code cannot be fetched any more', async ({
  page,
}) => {
  await page.goto('/sets/demo-week-6');
  const link = page.getByRole('link', { name: 'Mark', exact: true });
  const fetched = page.waitForResponse((response) => /MarkingPage.*\.js/.test(response.url()));
  await link.hover();
  await fetched;
  await page.route('**/assets/MarkingPage*', (route) => route.abort());
  await link.click();
  await expect(page.getByRole('grid').first()).toBeVisible();
});

test('a page whose code could not be fetched when its link had the pointer opens when it can be', async ({ page }) => {
  await page.goto('/sets/demo-week-6');
  const link = page.getByRole('link', { name: 'Mark', exact: true });
  await page.route('**/assets/MarkingPage*', (route) => route.abort());
  const failed = page.waitForEvent('requestfailed', (request) => request.url().includes('MarkingPage'));
  await link.hover();
  await failed;
  await page.unroute('**/assets/MarkingPage*');
  await link.click();
  await expect(page.getByRole('grid').first()).toBeVisible();
});
