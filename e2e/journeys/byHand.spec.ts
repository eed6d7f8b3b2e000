/** A part in words: written with a rubric, asked on paper with room, marked by its lines, undone, read in the feedback. */
import { expect, test } from '../application.ts';

test('a part is marked by the lines of its rubric, undone and done again, and the student reads which it has', async ({
  page,
}) => {
  const { rows } = await (await page.request.get('/api/exercises?find=kiln')).json();
  await page.goto(`/exercises/${rows[0].id}`);
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Duplicate' }).click();
  await expect(page.getByText('The kiln shed loan, again').first()).toBeVisible();
  await page.getByRole('button', { name: 'add a part' }).click();
  await page.getByLabel('what is asked of part b').selectOption('words or a drawing, marked by hand');
  await page.getByLabel('prompt of part b').fill('Why does a shorter term cost less?');
  await page.getByLabel('marks of part b').fill('3');
  for (const [line, says, marks] of [
    [1, 'names the interest', '1'],
    [2, 'gives a reason', '1'],
  ] as const) {
    await page.getByRole('button', { name: 'Add a line to the rubric' }).click();
    await page.getByLabel(`line ${line} of the rubric of part b`).fill(says);
    await page.getByLabel(`marks of line ${line} of part b`).fill(marks);
  }
  await expect(page.getByText('The lines of the rubric come to 2, the part to 3.')).toBeVisible();
  await page.getByLabel('marks of line 2 of part b').fill('2');
  await expect(page.getByText('The lines of the rubric come to')).toHaveCount(0);
  await expect(page.getByText('kept', { exact: true }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Give it to a class' }).click();
  await page
    .getByRole('menuitem', { name: /BM 210/ })
    .first()
    .click();
  await expect(page).toHaveURL(/\/sets\//);
  const setPage = page.url();
  const given = page.waitForResponse((response) => response.url().endsWith('/assigned') && response.ok());
  await page.getByRole('button', { name: 'Give it out' }).click();
  await given;

  await page.getByRole('link', { name: 'Mark', exact: true }).click();
  await page.getByRole('button', { name: 'Import answers' }).click();
  const bring = page.getByRole('dialog');
  await bring
    .getByLabel('Paste a block')
    .fill('Number\ta\tb\nK-2101\t941.43\tLess interest is paid.\nK-2102\t941.43\tBecause.');
  await bring.getByRole('button', { name: 'Look at its columns' }).click();
  await bring.getByRole('button', { name: 'Import 2 rows' }).click();
  await expect(bring.getByRole('status')).toContainText('answers of 2 students came in');
  await page.keyboard.press('Escape');
  const row = page.getByRole('row', { name: /Adaeze Holm/ });
  await row.getByRole('gridcell', { name: /by hand/ }).click();
  const panel = page.getByRole('complementary', { name: 'The answer explained' });
  await expect(panel).toContainText('Less interest is paid.');
  await panel.getByRole('checkbox', { name: /gives a reason/ }).click();
  await expect(panel.getByRole('checkbox', { name: /gives a reason/ })).toBeChecked();
  await expect(panel.getByRole('button', { name: '2 of 3' })).toHaveAttribute('aria-pressed', 'true');
  await panel.getByRole('checkbox', { name: /names the interest/ }).click();
  await expect(panel.getByRole('button', { name: '3 of 3' })).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(panel.getByRole('checkbox', { name: /names the interest/ })).not.toBeChecked();
  await expect(panel.getByRole('button', { name: '2 of 3' })).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByText('Not stored yet')).toHaveCount(0);
  await page.goto(`${setPage}/feedback`);
  const feedback = page.getByRole('article', { name: 'Feedback for Adaeze Holm' });
  await expect(feedback).toContainText('6 of 7');
  await expect(feedback.getByRole('listitem').filter({ hasText: 'gives a reason' })).toContainText('✓');
  await expect(feedback.getByRole('listitem').filter({ hasText: 'names the interest' })).toContainText('–');
  await page.goto(`${setPage}/papers`);
  await expect(page.getByRole('article', { name: 'the first paper' })).toContainText('Why does a shorter term');
  await page.request.delete(`/api/sets/${setPage.split('/').at(-1)}`);
  const copies = await (await page.request.get('/api/exercises?find=kiln%20again')).json();
  for (const { id } of copies.rows) await page.request.delete(`/api/exercises/${id}`);
});
