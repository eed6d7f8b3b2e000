/** A term later: a class and its sets copied, assigned, answered, and set beside the term before; then put out of the way and back. */
import { expect, test } from '../application.ts';

test('a class copied to a new term is compared with the old one part by part; a section has figures of its own', async ({
  page,
}) => {
  await page.goto('/classes/demo-bm210');
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Copy for another term' }).click();
  const copying = page.getByRole('dialog', { name: 'Copy BM 210 for another term' });
  await copying.getByRole('textbox', { name: 'Term' }).fill('Spring 2027');
  await copying.getByRole('checkbox', { name: /Week 6/ }).uncheck();
  await copying.getByLabel('The first set is given on').fill('2027-02-01');
  await expect(copying).toContainText('Every day is 119 days later.');
  await copying.getByRole('checkbox', { name: 'Its 28 students too' }).check();
  await copying.getByRole('button', { name: 'Copy the class' }).click();
  await expect(page).toHaveURL(/\/classes\/[0-9a-f-]{36}$/);
  await expect(page.getByText('Kestrel Bay Technical College, Spring 2027')).toBeVisible();
  const classPage = page.url();

  // Sections are typed in the roster.
  for (const name of ['Adaeze Holm', 'Bram Okonjo']) {
    await page.getByLabel(`section of ${name}`).fill('Tuesday');
    const written = page.waitForResponse((response) => response.url().endsWith('/roster'));
    await page.getByLabel(`section of ${name}`).press('Enter');
    await written;
  }
  await page.getByRole('link', { name: 'Week 3, payments' }).click();
  await expect(page.getByLabel('Due')).toHaveValue('2027-02-08');
  const written = page.waitForResponse((response) => response.url().endsWith('/assigned') && response.ok());
  await page.getByRole('button', { name: 'Give it out' }).click();
  await written;
  await page.getByRole('link', { name: 'Mark', exact: true }).click();
  await page.getByRole('button', { name: 'Import answers' }).click();
  const bring = page.getByRole('dialog');
  await bring
    .getByLabel('Paste a block')
    .fill(['Number\t1a', ...['K-2101', 'K-2102', 'K-2103'].map((number) => `${number}\t941.43`)].join('\n'));
  await bring.getByRole('button', { name: 'Look at its columns' }).click();
  await bring.getByRole('button', { name: 'Import 3 rows' }).click();
  await expect(bring.getByRole('status')).toContainText('answers of 3 students came in');
  await page.goto(`${page.url().split('/marking')[0]}/went-wrong`);
  await page.getByLabel('beside another set').selectOption({ label: 'BM 210, Autumn 2026: Week 3, payments' });
  const figures = page.getByRole('table', { name: 'Part by part' });
  await expect(figures.getByRole('row', { name: /^1a · payment BM 210, Spring 2027 3 3 3 100 % 100 %/ })).toBeVisible();
  await expect(figures.getByRole('row', { name: /^BM 210, Autumn 2026 28 \d+ \d+ \d+ %/ }).first()).toBeVisible();
  await page.getByLabel('section', { exact: true }).selectOption('Tuesday');
  await expect(figures.getByRole('row', { name: /^1a · payment BM 210, Spring 2027 2 2 2/ })).toBeVisible();

  // Out of the way with its set, and back; then deleted, as the book is everybody's.
  await page.goto(classPage);
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Archive', exact: true }).click();
  await expect(page.getByText('Spring 2027, archived')).toBeVisible();
  await page.goto('/classes');
  await expect(page.getByRole('cell', { name: 'Autumn 2026' }).first()).toBeVisible();
  const copied = page.getByRole('row', { name: /^BM 210 .* Spring 2027/ });
  await expect(copied).toHaveCount(0);
  await page.getByRole('button', { name: 'Archived' }).click();
  await copied.getByRole('link').click();
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Take it out of the archive' }).click();
  await expect(page.getByText('Spring 2027, archived')).toHaveCount(0);
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Delete the class' }).click();
  await page.getByRole('button', { name: 'Delete the class' }).click();
  await expect(page).toHaveURL(/\/classes$/);
});

test('a set is copied with versions: each paper says its own, each version has a key', async ({ page }) => {
  await page.goto('/sets/demo-week-3');
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Copy for another class or term' }).click();
  const copying = page.getByRole('dialog', { name: 'Copy for another class or term' });
  await copying.getByLabel('Title').fill('Week 3, in versions');
  await copying.getByRole('button', { name: 'Copy the set' }).click();
  await expect(page.getByLabel('title of the set')).toHaveValue('Week 3, in versions');
  await page.getByRole('radio', { name: 'a few versions, equally hard' }).check();
  await page.getByLabel('how many versions').selectOption('3 versions');
  await expect(page.getByText('kept', { exact: true }).first()).toBeVisible();
  const written = page.waitForResponse((response) => response.url().endsWith('/assigned') && response.ok());
  await page.getByRole('button', { name: 'Give it out' }).click();
  await written;
  await page.getByRole('link', { name: 'Papers' }).click();
  const paper = page.getByRole('article', { name: 'the first paper' });
  await expect(paper).toContainText('Week 3, in versions, version A');
  await page.getByLabel('what goes to paper').selectOption('Key, with what else is right');
  await page.getByLabel('for whom').selectOption('one of each version');
  await expect(page.getByText('3 papers')).toBeVisible();
  await page.getByRole('link', { name: 'Week 3, in versions' }).click();
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Delete the set' }).click();
  await page.getByRole('button', { name: 'Delete the set' }).click();
  await expect(page).toHaveURL(/\/sets$/);
});
