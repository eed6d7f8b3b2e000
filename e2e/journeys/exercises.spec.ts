/** Exercises: one written from nothing in the browser, varied, looked at in draws, tried, carried out and in, filled in as a table. */
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from '../application.ts';

test('the ferry exercise is written from nothing, varied, drawn, tried and kept', async ({ page }) => {
  await page.goto('/exercises');
  await page.getByRole('button', { name: /^Start from/ }).click();
  await page.getByRole('menuitem', { name: 'A blank sheet' }).click();
  await page.getByLabel('title of the exercise').fill('The refit, from nothing');
  const givens: readonly (readonly [string, string, string])[] = [
    ['amount', 'money', '26,800'],
    ['rate', 'rate', '5.7'],
    ['years', 'years', '4'],
    ['new rate', 'rate', '7.2'],
  ];
  for (const [at, [name, kind, now]] of givens.entries()) {
    await page.getByRole('button', { name: '+ a given' }).click();
    await page.getByLabel(`name of given ${at + 1}`).fill(name);
    await page.getByLabel(`kind of ${name}`).selectOption(kind);
    await page.getByLabel(`${name} now`).fill(now);
  }
  await page.getByLabel('how amount varies').selectOption('range');
  await page.getByLabel('amount from').fill('32,000');
  await page.getByLabel('amount to').fill('22,000');
  await expect(page.getByText('The range is the wrong way round')).toBeVisible();
  await page.getByLabel('amount from').fill('22,000');
  await page.getByLabel('amount to').fill('32,000');
  await page.getByLabel('amount step').fill('200');
  await page.getByLabel('how years varies').selectOption('list');
  await page.getByLabel('values of years').fill('4; 5; 6');
  await page.getByLabel('how new rate varies').selectOption('expression');
  await page.getByLabel('what new rate follows from').fill('rate + 1.5');

  const story = page.getByRole('textbox', { name: 'Story' });
  await story.click();
  await page.keyboard.type('The co-op borrows ');
  await page.getByLabel('put a given into the story').selectOption('amount');
  await page.keyboard.type('at ');
  await page.getByLabel('put a given into the story').selectOption('rate');
  await expect(story.getByText('26,800')).toBeVisible();

  await page.getByLabel('amount received').fill('amount');
  await page.getByLabel('rate', { exact: true }).fill('rate');
  await page.getByLabel('number of payments', { exact: true }).fill('years × 12');
  await page.getByRole('button', { name: 'change part a' }).click();
  await page.getByLabel('prompt of part a').fill('Find the monthly payment.');
  await expect(page.getByRole('button', { name: 'working of part a' })).toHaveText('625.72');

  await page.getByRole('button', { name: '+ add a part' }).click();
  await page.getByLabel('prompt of part b').fill('How much is owed after 18 payments?');
  await page.getByLabel('what is asked of part b').selectOption('balance-after');
  await page.getByLabel('after payment of part b').fill('18');
  await expect(page.getByRole('button', { name: 'working of part b' })).toHaveText('17,456.86');
  await page.getByRole('button', { name: '+ another accepted reading' }).click();

  await page.getByRole('button', { name: '+ another plan' }).click();
  await page.getByLabel('amount received').fill('answer b');
  await page.getByLabel('rate', { exact: true }).fill('new rate');
  await page.getByLabel('number of payments', { exact: true }).fill('years × 12 − 18');
  await page.getByRole('button', { name: '+ add a part' }).click();
  await page.getByLabel('prompt of part c').fill('Find the new payment.');
  await page.getByLabel('what is asked of part c').selectOption('payment');
  await expect(page.getByRole('button', { name: 'working of part c' })).toHaveText('637.58');
  await page.getByRole('button', { name: '+ add a part' }).click();
  await page.getByLabel('prompt of part d').fill('How much more is paid because of the change?');
  await page.getByLabel('what is asked of part d').selectOption('expression');
  await page.getByLabel('expression of part d').fill('(years × 12 − 18) × (answer c − answer e)');
  await expect(page.getByText('is not a name that can be used here')).toBeVisible();
  await page.getByLabel('expression of part d').fill('(years × 12 − 18) × (answer c − answer a)');
  await expect(page.getByRole('button', { name: 'working of part d' })).toHaveText('355.80');

  // A given that is taken away is missed where it is used, and nothing else is lost.
  await page.getByRole('button', { name: 'remove new rate' }).click();
  await expect(
    page.getByText('“new rate” is neither a number nor a given').filter({ visible: true }).first(),
  ).toBeVisible();
  await expect(page.getByText(/A draft: \d+ things? keeps? it from being assigned/)).toBeVisible();
  await page.getByRole('button', { name: '+ a given' }).click();
  await page.getByLabel('name of given 4').fill('new rate');
  await page.getByLabel('kind of new rate').selectOption('rate');
  await page.getByLabel('new rate now').fill('7.2');
  await expect(page.getByRole('button', { name: 'working of part c' })).toHaveText('637.58');
  // Round in a circle: said, with the circle named.
  await page.getByRole('button', { name: 'plan 1' }).click();
  await page.getByLabel('amount received').fill('answer c');
  await expect(page.getByText(/round in a circle: .*needs/).first()).toBeVisible();
  await page.getByLabel('amount received').fill('amount');

  const draws = page.getByRole('region', { name: 'Other numbers' });
  await draws.getByRole('button', { name: 'Look at them' }).click();
  await expect(draws.getByText('all 30 can be solved')).toBeVisible();
  await expect(draws.getByText(/give the same number in \d+ draw/).first()).toBeVisible();
  await draws.getByRole('button', { name: 'show one' }).first().click();
  await expect(page.getByText('You see one draw:')).toBeVisible();
  await page.getByRole('button', { name: 'back to the exercise’s own numbers' }).click();
  await draws.getByRole('button', { name: 'limit part a to this range' }).click();
  await expect(page.getByLabel('least of limit 1')).not.toHaveValue('');
  await page.getByLabel('least of limit 1').fill('1');
  await page.getByLabel('most of limit 1').fill('2');
  await draws.getByRole('button', { name: 'Look at them' }).click();
  await expect(draws.getByText('breaks the limit of part a').first()).toBeVisible();

  const student = page.getByRole('region', { name: 'Try it as a student' });
  await student.getByLabel('answer to part b').fill('18,771.60');
  await expect(student).toContainText('other reading');
  await student.getByLabel('answer to part a').fill('1,642.38');
  await expect(student).toContainText('was used as the rate for each month');
  await expect(
    page
      .getByText('· kept')
      .or(page.getByText('kept', { exact: true }))
      .first(),
  ).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('title of the exercise')).toHaveValue('The refit, from nothing');
  await expect(page.getByRole('button', { name: 'working of part d' })).toHaveText('355.80');

  // The working marks in the story what the numbers came from.
  await page.getByRole('button', { name: 'working of part a' }).click();
  await expect(page.locator('mark', { hasText: '26,800' })).toBeVisible();
  await page.getByRole('button', { name: /^More/ }).click();
  await page.getByRole('menuitem', { name: 'Earlier states' }).click();
  await page.getByRole('list', { name: 'States' }).getByRole('button').last().click();
  await expect(page.getByText(/^now · Title: The refit/)).toBeVisible();
  await page.getByRole('button', { name: 'Take this state back' }).click();
  await expect(page.getByLabel('title of the exercise')).toHaveValue('');
});

test('exercises go out as a file and come back in; what cannot be read is said and the rest is taken', async ({
  page,
}, info) => {
  await page.goto('/exercises?find=chandlery card');
  await expect(page.getByText('1 exercise', { exact: true })).toBeVisible();
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export these' }).click();
  await page.getByRole('menuitem', { name: 'All that is known of them, as JSON' }).click();
  const path = join(info.outputDir, 'exercises.json');
  await (await waiting).saveAs(path);
  const file = JSON.parse(readFileSync(path, 'utf8')) as {
    format: string;
    exercises: { title: string; parts: { marks: unknown }[] }[];
  };
  expect(file).toMatchObject({
    format: 'hardy-sextant-exercises',
    version: 2,
    exercises: [{ title: 'The chandlery card, effective' }],
  });
  const good = { ...file.exercises[0]!, title: 'Brought back' };
  const bad = { ...file.exercises[0]!, title: 'Broken', parts: [{ ...file.exercises[0]!.parts[0]!, marks: 'many' }] };
  writeFileSync(path, JSON.stringify({ ...file, exercises: [good, bad] }));
  await page.getByLabel('a file of exercises').setInputFiles(path);
  const report = page.getByRole('dialog', { name: 'Imported' });
  await expect(report).toContainText('1 exercise was taken in. 1 could not be read');
  await expect(report).toContainText('parts.0.marks: Marks are a number.');
  await page.keyboard.press('Escape');
  await page.getByLabel('find exercises').fill('Brought back');
  await expect(page.getByRole('link', { name: 'Brought back' })).toBeVisible();
  writeFileSync(path, 'x'.repeat(21_000_000));
  await page.getByLabel('a file of exercises').setInputFiles(path);
  await expect(page.getByRole('alert')).toContainText('21 MB');
  writeFileSync(path, '{"format": "something"}');
  await page.getByLabel('a file of exercises').setInputFiles(path);
  await expect(page.getByRole('alert')).toContainText('cannot be taken in');
});

test('a table to fill in is built, and judged cell by cell', async ({ page }) => {
  await page.goto('/exercises?find=jetty');
  await page.getByRole('link', { name: /jetty loan/ }).click();
  await page.getByRole('button', { name: 'change part b' }).click();
  await page.getByRole('button', { name: 'row 1 opening blank' }).click();
  await expect(page.getByRole('button', { name: 'row 1 opening blank' })).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByRole('button', { name: 'working of part b' })).toHaveText('10 cells');
  await page.getByRole('button', { name: 'row 1 opening blank' }).click();
  const student = page.getByRole('region', { name: 'Try it as a student' });
  await student.getByLabel('row 1 interest').fill('44');
  await expect(student.getByRole('cell', { name: /right/ }).first()).toBeVisible();
  await student.getByLabel('row 2 interest').fill('44');
  await expect(student).toContainText('Interest was taken on the amount at the very start');
  await student.getByLabel('row 2 principal').fill('312.73');
  await expect(student.getByRole('cell', { name: /carried/ })).toBeVisible();
  // A block that was copied from a worksheet lands in the cells.
  await student.getByLabel('row 1 interest').evaluate((field) => {
    const clipboardData = new DataTransfer();
    clipboardData.setData(
      'text/plain',
      'Interest\tTo principal\tOwed after\n44.00\t312.73\t7,687.27\n42.28\t314.45\t7,372.82\n',
    );
    field.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
  });
  await expect(student.getByLabel('row 2 closing')).toHaveValue('7,372.82');
  await expect(student.getByRole('cell', { name: /right/ })).toHaveCount(6);
});

test('columns of a table are chosen, named and moved by the keyboard, added up, and left blank by a pattern', async ({
  page,
}) => {
  await page.goto('/exercises?find=awning');
  await page.getByRole('link', { name: /awning plan/ }).click();
  await page.getByRole('button', { name: 'change part a' }).click();
  const heads = page.locator('table.ledger').last().getByRole('columnheader');
  await page.getByLabel('add a column').selectOption({ label: 'Interest so far' });
  await page.getByLabel('name of column Closing').fill('Owed');
  await page.getByRole('button', { name: 'remove column Opening' }).click();
  await expect(heads).toHaveText(['No.', 'Interest', 'Paid', 'Principal', 'Owed', 'Interest so far']);
  const grip = page.getByRole('button', { name: 'move column Interest so far', exact: true });
  await grip.focus();
  await page.keyboard.press('Space');
  await expect(page.getByText('Column 5 is over place 5.')).toBeAttached();
  // The places are measured a moment after it is picked up: a step before that leads nowhere.
  await expect(async () => {
    await page.keyboard.press('ArrowUp');
    await expect(page.getByText('Column 5 is over place 3.')).toBeAttached({ timeout: 3000 });
  }).toPass();
  await page.keyboard.press('Space');
  await expect(heads).toHaveText(['No.', 'Interest', 'Paid', 'Interest so far', 'Principal', 'Owed']);
  await page.getByLabel('a row of totals').check();
  await page.getByRole('button', { name: 'every second row' }).click();
  await expect(page.getByRole('button', { name: 'working of part a' })).toHaveText('15 cells');
  await page.getByRole('button', { name: 'total interest blank' }).click();
  const student = page.getByRole('region', { name: 'Try it as a student' });
  await expect(student.getByLabel('row 1 interest')).toHaveCount(0);
  await student.getByLabel('total interest').fill('1.00');
  await expect(student).toContainText('1.00 is not explained');
});

test('the library comes in pages, and is searched through all of them', async ({ page }) => {
  await page.goto('/exercises');
  const found = page.getByRole('status').filter({ hasText: /exercises?$/ });
  const pages = page.getByRole('navigation', { name: 'pages of exercises' });
  const titles = page.getByRole('main').getByRole('listitem').getByRole('link');
  await expect(pages).toContainText('1–50 of');
  await pages.getByRole('button', { name: 'next page' }).click();
  await expect(page).toHaveURL(/page=2/);
  await expect(pages).toContainText('51–');
  const last = await titles.last().innerText();
  await page.reload();
  await expect(titles.last()).toHaveText(last);
  // A word that is looked for leads back to the first page of what has it.
  await page.getByPlaceholder('Find…').fill(last.toUpperCase());
  await expect(titles.filter({ hasText: last })).toBeVisible();
  await expect(pages).toBeHidden();
  await expect(page).not.toHaveURL(/page=/);
  await page.getByPlaceholder('Find…').fill('nothing is called this');
  await expect(page.getByText('Nothing fits.')).toBeVisible();
  await expect(found).toHaveText('0 exercises');
  await page.getByPlaceholder('Find…').fill('');
  await expect(pages).toContainText('1–50 of');
});
