/** Papers of a set: each student's own numbers as PDF, read back; a code opens the student's row; what is typed there is judged by those numbers. */
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { expect, test } from '../application.ts';

/** What a PDF says, by a reader that is not ours. */
const read = (file: string): { pages: string[]; outline: string[]; isTagged: boolean; formulas: string[] } =>
  JSON.parse(execFileSync(process.execPath, [resolve('tools/readPdf.mjs'), file], { maxBuffer: 1e8 }).toString());

test('own papers as PDF, a code typed in marking, an answer judged by the numbers on the paper', async ({ page }) => {
  await page.goto('/sets/demo-midterm');
  await page.getByRole('link', { name: 'Papers' }).click();
  await expect(page.getByRole('article', { name: 'the first paper' })).toBeVisible();
  await page.getByLabel('size of the paper').selectOption('Letter');
  await page.getByRole('button', { name: 'PDF' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: 'One file' }).click(),
  ]);
  expect(download.suggestedFilename()).toMatch(/question-sheets\.pdf$/);
  const { pages, outline, isTagged } = read(await download.path());
  expect(isTagged).toBe(true);
  // Each student's pages bear name and code; the numbers are those that the marking judges by.
  const marking = await (await page.request.get('/api/sets/demo-midterm/marking')).json();
  expect(outline).toHaveLength(marking.students.length);
  for (const [at, student] of marking.students.entries()) {
    expect(outline[at]).toBe(`${student.name}, ${student.number}`);
    const own = pages.filter((text) => text.includes(`${student.name}, ${student.number} · `)).join(' ');
    const numbers = Object.values(student.numbers as Record<string, Record<string, unknown>>).flatMap((each) =>
      Object.values(each).filter((value): value is number => typeof value === 'number' && value >= 1000),
    );
    expect(numbers.length).toBeGreaterThan(0);
    for (const number of numbers) expect(own).toContain(number.toLocaleString('en-US', { maximumFractionDigits: 2 }));
  }
  const student = marking.students[3];
  const code = /([2-9A-Z]{4}-[2-9A-Z]{3})/.exec(pages.find((text) => text.includes(`${student.number} · `))!)![1]!;

  await page.goto('/sets/demo-midterm/marking');
  const field = page.getByLabel('code on a paper');
  await field.fill(`${code.slice(0, -1)}${code.endsWith('A') ? 'B' : 'A'}`);
  await expect(page.getByText('This is mistyped: look at the code again.')).toBeVisible();
  await field.fill(code.toLowerCase());
  await expect(field).toHaveValue('');
  await expect(page).toHaveURL(new RegExp(`student=${student.id}`));
  // Another journey may have changed the rules: then all answers are checked again first.
  await expect(page.getByRole('progressbar', { name: 'checked' })).toHaveCount(0, { timeout: 120_000 });
  const explained = page.getByRole('complementary', { name: 'The answer explained' });
  await expect(explained).toContainText(student.name);

  // The key's line for this student is what is right for them; typed, it is, and the gradebook has its marks.
  await page.goto('/sets/demo-midterm/papers?what=lines');
  const line = page.getByRole('row', { name: new RegExp(`^${student.number} `) }).first();
  const right = await line.getByRole('cell').nth(3).innerText();
  await page.goto(`/sets/demo-midterm/marking?student=${student.id}`);
  const row = page.getByRole('row', { name: new RegExp(student.name) });
  await row.getByRole('gridcell').first().click();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Control+a');
  await page.keyboard.type(right);
  await page.keyboard.press('Enter');
  await expect(row.getByRole('gridcell').first()).toContainText(right);
  await expect(page.getByText('Not stored yet')).toHaveCount(0);
  await page.goto('/sets/demo-midterm/feedback');
  await page.getByRole('button', { name: 'Marks as a file' }).click();
  const [gradebook] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: 'a gradebook as CSV' }).click(),
  ]);
  const lines = readFileSync(await gradebook.path(), 'utf8').split(/\r?\n/);
  const own = lines.find((each) => each.startsWith(`${student.number},`))!;
  expect(lines[0]).toContain('1a (2)');
  // Other journeys of this book may have added an exercise: what the set counts is what marking says now.
  const { set } = await (await page.request.get('/api/sets/demo-midterm/marking')).json();
  const most = set.assignedExercises
    .flatMap(({ exercise }: { exercise: { parts: { marks: number }[] } }) => exercise.parts)
    .reduce((sum: number, { marks }: { marks: number }) => sum + marks, 0);
  expect(own).toMatch(
    new RegExp(`^${student.number},${student.name},(marked|released|to be looked at),[\\d.]+,${most},2,`),
  );
  // The book is everybody's: what stood there comes back.
  const [{ itemId }] = marking.set.assignedExercises;
  const text = student.entries[itemId]?.a ?? '';
  const changes = [{ studentId: student.id, itemId, entryId: 'a', text }];
  const back = await page.request.put('/api/sets/demo-midterm/answers', { data: { changes } });
  expect(back.ok()).toBe(true);
});

test('a key has what else is right, a roster has room for marks; one paper is for all', async ({ page }) => {
  await page.goto('/sets/demo-week-3/papers');
  const paper = page.getByRole('article', { name: 'the first paper' });
  await expect(paper).toContainText('Adaeze Holm');
  await page.getByLabel('for whom').selectOption('all');
  await expect(paper).not.toContainText('Adaeze Holm');
  await page.getByLabel('what goes to paper').selectOption('Key, with what else is right');
  await expect(paper.getByRole('columnheader', { name: 'Also right' }).first()).toBeVisible();
  await page.getByLabel('what goes to paper').selectOption('Key, a line for each student');
  await expect(paper.getByRole('row', { name: /K-2101 Adaeze Holm/ }).first()).toBeVisible();
  await page.getByLabel('what goes to paper').selectOption('Marking sheet');
  await expect(paper.getByRole('row')).toHaveCount(29);
  await page.reload();
  await expect(paper.getByRole('row')).toHaveCount(29);
});

test('an exercise has papers of its own: worked by another way, with formulas drawn, as PDF', async ({ page }) => {
  await page.goto('/exercises/demo-kiln-shed');
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: /^Papers/ }).click();
  const paper = page.getByRole('article', { name: 'the first paper' });
  await expect(paper).toContainText('The kiln shed loan');
  const what = page.getByLabel('what goes to paper');
  await expect(what.getByRole('option', { name: 'Marking sheet' })).toHaveCount(0);
  await what.selectOption('Worked solutions');
  await page.getByLabel('way of working').selectOption('five values');
  await expect(
    paper.getByRole('cell', { name: 'Enter' }).or(paper.getByRole('columnheader', { name: 'Enter' })),
  ).toBeVisible();
  await page.getByRole('button', { name: 'PDF' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: 'One file' }).click(),
  ]);
  const { pages, formulas } = read(await download.path());
  expect(pages.join(' ')).toContain('941.43');
  expect(formulas).toContain('n = 5 × 12 = 60');
});

test('a case on the Bench has papers too: its question, its key, its working', async ({ page }) => {
  await page.goto('/bench/demo-kiln-shed');
  await page.getByRole('button', { name: 'Export' }).click();
  await page.getByRole('menuitem', { name: /^Papers/ }).click();
  await expect(page).toHaveURL(/\/bench\/demo-kiln-shed\/papers/);
  const paper = page.getByRole('article', { name: 'the first paper' });
  await expect(paper).toContainText('48,000');
  await page.getByLabel('what goes to paper').selectOption('Key, with what else is right');
  await expect(paper).toContainText('941.43');
});
