/** The first path, end to end: state, solve, table, exercise, answers, verdict; and all of it still there after a restart. */
import { expect, test } from '../application.ts';

test('a case becomes an exercise, answers are judged, and a restart keeps everything', async ({
  page,
  application,
}) => {
  await page.goto('/bench');
  await page.getByLabel('amount received').fill('26,800');
  await page.getByLabel('rate', { exact: true }).fill('5.7');
  await page.getByLabel('number of payments', { exact: true }).fill('4y');
  await expect(page.getByRole('status', { name: 'each payment' })).toHaveText('625.72');

  // The table closes, and a range of payments reads off it.
  await expect(page.getByText('✓ owed after payment 48 is 0.00')).toBeVisible();
  await page.getByLabel('to payment', { exact: true }).fill('18');
  await expect(page.locator('dl').getByText('17,456.86').first()).toBeVisible();

  // Another unknown: the payment keeps the number it was solved for.
  await page.getByText('solve for something else').click();
  await page.getByRole('menuitem', { name: 'rate' }).click();
  await expect(page.getByRole('status', { name: 'rate' })).toHaveText(/^5\.70/);
  await page.getByLabel('each payment', { exact: true }).fill('?');
  await expect(page.getByRole('status', { name: 'each payment' })).toHaveText('625.72');

  // Seven ways, one number.
  await page.getByRole('tab', { name: 'Working' }).click();
  await expect(page.getByRole('tablist', { name: 'Ways' }).getByText('625.72')).toHaveCount(7);
  await expect(page.locator('.katex').first()).toBeVisible();
  await page.getByRole('tab', { name: /Sheet function/ }).click();
  await expect(page.getByText('=PMT(B1;B2;B3;B4;0)')).toBeVisible();

  await page.getByLabel('name of the case').fill('Island ferry refit');
  await page.getByRole('button', { name: 'Make an exercise of it' }).click();
  await expect(page.getByRole('heading', { name: 'Island ferry refit' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'working of part a' })).toHaveText('625.72');
  await page
    .getByRole('textbox', { name: 'Story' })
    .fill('The island ferry needs a refit. The co-op borrows 26,800 at 5.7 % a year, compounded monthly.');
  await page.getByRole('button', { name: 'change part a' }).click();
  await page.getByLabel('marks of part a').fill('3');
  await expect(page.getByText('Parts · 3 marks')).toBeVisible();
  await expect(page.getByRole('status').filter({ hasText: 'kept' }).first()).toHaveText('kept');

  // From the exercise to a class: a set, assigned, its answers typed into the grid.
  await page.getByRole('button', { name: 'Give it to a class' }).click();
  await page.getByRole('menuitem', { name: 'BM 210' }).click();
  await expect(page.getByLabel('title of the set')).toHaveValue('Island ferry refit');
  await page.getByRole('button', { name: 'Give it out' }).click();
  await page.getByRole('link', { name: 'Mark', exact: true }).click();
  const row = (name: string) => page.getByRole('row', { name: new RegExp(name) });
  await expect(row('Adaeze Holm')).toBeVisible();
  const grid = page.getByRole('grid', { name: 'Answers' });
  await grid.focus();
  await page.keyboard.press('Enter');
  await page.keyboard.type('625.72');
  await page.keyboard.press('Enter');
  await page.keyboard.type('1,642.38');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  await expect(row('Adaeze Holm')).toContainText('✓');
  await expect(row('Bram Okonjo')).toContainText('△ slip');
  await page.keyboard.press('ArrowUp');
  await expect(page.getByRole('complementary')).toContainText('That gives 1,642.38.');

  // A column from a worksheet goes down the list; what is too long for it is kept in sight.
  await page.keyboard.press('End');
  await page.keyboard.press('ArrowUp');
  await page.evaluate(() => navigator.clipboard.writeText(['-625.72', '625.7', '7.25', '8.25'].join('\n')));
  await page.keyboard.press('Control+v');
  await expect(page.getByText('2 lines had no place')).toBeVisible();
  await expect(page.locator('pre')).toHaveText(/7\.25\s+8\.25/);
  await expect(page.getByRole('complementary')).toContainText('Right number, other sign');

  const address = page.url();
  await application.restart();
  await page.goto(address);
  await page.getByRole('grid', { name: 'Answers' }).focus();
  await page.keyboard.press('Home');
  await expect(row('Bram Okonjo')).toContainText('1,642.38');
  await expect(row('Adaeze Holm')).toContainText('✓');
  await page.goto('/exercises');
  await expect(page.getByRole('link', { name: 'Island ferry refit' }).first()).toBeVisible();
});

test('the demo shows a verdict of every kind', async ({ page }) => {
  await page.goto('/sets/demo-week-3/marking');
  const grid = page.getByRole('grid', { name: 'Answers' });
  await expect(grid).toBeVisible();
  for (const [name, words] of [
    ['Adaeze Holm', '✓'],
    ['Bram Okonjo', 'slip'],
    ['Jorunn Achterberg', 'rounded'],
    ['Kofi Benedetti', '✕'],
    ['Lupe Vestergaard', '?'],
    ['Maren Oyelaran', '–'],
  ] as const) {
    await grid.focus();
    await expect(async () => {
      if (!(await page.getByRole('row', { name: new RegExp(name) }).isVisible())) await page.keyboard.press('PageDown');
      await expect(page.getByRole('row', { name: new RegExp(name) })).toContainText(words, { timeout: 300 });
    }).toPass();
  }
  const more = page.getByRole('button', { name: /^\d+ more$/ });
  if (await more.isVisible()) await more.click();
  await page.getByRole('button', { name: /Two digits swapped/ }).click();
  await expect(page.getByRole('row', { name: /Ignace Tamura/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /Adaeze Holm/ })).toHaveCount(0);
  await expect(page).toHaveURL(/cause=digits-swapped/);
});

test('bad input is answered in its place and nothing is lost', async ({ page }) => {
  // A case of its own: what is typed is kept, and other journeys look at the demo's.
  await page.goto('/bench');
  const amount = page.getByLabel('amount received');
  await page.getByLabel('rate', { exact: true }).fill('6.6');
  await page.getByLabel('number of payments', { exact: true }).fill('60');
  await amount.fill('-48000');
  await expect(page.getByRole('alert')).toContainText('cannot be below zero');
  await amount.fill('a lot');
  await expect(page.getByRole('alert')).toContainText('should be a number');
  await expect(amount).toHaveValue('a lot');
  await amount.fill('48k');
  await page.getByLabel('rate', { exact: true }).fill('0');
  await expect(page.getByRole('status', { name: 'each payment' })).toHaveText('800.00');
  await page.getByLabel('rate', { exact: true }).fill('6.6');
  await page.getByLabel('number of payments', { exact: true }).fill('?');
  await page.getByLabel('each payment', { exact: true }).fill('200');
  await expect(page.getByRole('alert')).toContainText('does not cover the interest');

  await page.goto('/bench/nothing');
  await expect(page.getByRole('alert')).toContainText('There is no such case');
  await page.goto('/nowhere');
  await expect(page.getByRole('heading', { name: 'Nothing is kept at this address' })).toBeVisible();
});
