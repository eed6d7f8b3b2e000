/** Classes, sets, answers in, marking, feedback, what went wrong: the whole path, and once by keyboard alone. */
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Locator, Page } from '@playwright/test';
import { expect, test } from '../application.ts';

const row = (page: Page, name: string | RegExp) => page.getByRole('row', { name: new RegExp(name) });
const panel = (page: Page) => page.getByRole('complementary', { name: 'The answer explained' });

async function setWith(page: Page, title: string, exercises: readonly string[], classCode: string): Promise<void> {
  await page.goto('/sets');
  await page.getByRole('button', { name: 'New set' }).click();
  await page.getByLabel('Title').fill(title);
  await page.getByRole('combobox', { name: 'Class' }).click();
  await page.getByRole('option', { name: new RegExp(classCode) }).click();
  await page.getByRole('button', { name: 'Put it together' }).click();
  await expect(page.getByLabel('title of the set')).toHaveValue(title);
  for (const exercise of exercises) {
    await page.getByRole('combobox', { name: 'add an exercise' }).fill(exercise);
    await page.getByRole('option', { name: exercise, exact: true }).click();
    await expect(page.getByRole('link', { name: exercise, exact: true })).toBeVisible();
  }
}

test('roster, set, pasted answers, marked by cause, a reading accepted, feedback, charts, export', async ({
  page,
}, info) => {
  await page.goto('/classes');
  await page.getByRole('button', { name: 'New class' }).click();
  await page.getByRole('button', { name: 'Make the class' }).click();
  await expect(page.getByText('A class has a code')).toBeVisible();
  await page.getByLabel('Code').fill('BM 330');
  await page.getByLabel('Course').fill('Money at sea');
  await page.getByLabel('Term').fill('Spring 2027');
  await page.getByRole('button', { name: 'Make the class' }).click();

  // A roster with doubles: what can be taken is, the rest is listed.
  await page.getByRole('button', { name: 'Add students' }).first().click();
  const roster = page.getByRole('dialog');
  await roster
    .getByLabel('One student a line')
    .fill(
      [
        'name,number',
        'Anahera Kamau,S-1',
        'Bram Virtanen,S-2',
        'Chidi Bakken,S-3',
        'Dorothea Eze,s-1',
        ',S-9',
        'Emeka Holm,S-4',
        'Fenna Rahimi,S-5',
      ].join('\n'),
    );
  await expect(roster.getByRole('status')).toContainText('5 students to add');
  await expect(roster.getByText('The number s-1 is there already, for Anahera Kamau.')).toBeVisible();
  await expect(roster.getByText('There is no name in this row.')).toBeVisible();
  await roster.getByRole('button', { name: 'Add 5 students' }).click();
  await expect(page.getByLabel('name of Fenna Rahimi')).toBeVisible();

  // OneRoster's user columns from a file, in an older encoding.
  mkdirSync(info.outputDir, { recursive: true });
  const path = join(info.outputDir, 'users.csv');
  const csv = [
    'sourcedId,status,role,username,givenName,familyName,identifier',
    'u1,active,student,gs,Greta,Sørensen,S-6',
    'u2,active,teacher,tt,Theo,Teacher,T-1',
    'u3,active,student,an,Anahera,Kamau,S-1',
  ].join('\r\n');
  writeFileSync(path, Buffer.from(csv, 'latin1'));
  await page.getByRole('button', { name: 'Add students' }).click();
  await page.getByLabel('a file with a roster').setInputFiles(path);
  await expect(roster.getByText('Windows-1252')).toBeVisible();
  await expect(roster.getByRole('status')).toContainText('1 student to add, 1 there already: Greta Sørensen (S-6)');
  await expect(roster.getByText('The role is “teacher”, not student.')).toBeVisible();
  await roster.getByRole('button', { name: 'Add 1 student' }).click();
  await expect(page.getByLabel('name of Greta Sørensen')).toBeVisible();
  // Two cannot have one number; what was typed stays until it is mended.
  await page.getByLabel('number of Fenna Rahimi').fill('S-4');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('is there already');
  await expect(page.getByLabel('number of Fenna Rahimi')).toHaveValue('S-4');
  await page.getByLabel('number of Fenna Rahimi').fill('S-55');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toHaveCount(0);

  // A set of two, moved by keyboard, with marks of its own and dates.
  await setWith(page, 'Week 9', ['The kiln shed loan', 'The ferry refit, with a rate review'], 'BM 330');
  const items = page.getByRole('region', { name: 'Exercises in order' }).getByRole('listitem');
  await expect(items.first()).toContainText('kiln shed');
  await page.getByRole('button', { name: 'move exercise 2, The ferry' }).focus();
  await page.keyboard.press('Space');
  await expect(page.getByText('Exercise 2 is over place 2.')).toBeAttached();
  await expect(async () => {
    await page.keyboard.press('ArrowUp');
    await expect(page.getByText('Exercise 2 is over place 1.')).toBeAttached({ timeout: 500 });
  }).toPass();
  await page.keyboard.press('Space');
  await expect(items.first()).toContainText('ferry refit');
  await page.getByRole('button', { name: 'move exercise 1 down' }).click();
  await expect(items.first()).toContainText('kiln shed');
  await page.getByRole('button', { name: 'move exercise 2 up' }).click();
  await expect(items.first()).toContainText('ferry refit');
  await page.getByLabel('marks of exercise 2').fill('none');
  await expect(page.getByText('a number above zero')).toBeVisible();
  await page.getByLabel('marks of exercise 2').fill('8');
  await page.keyboard.press('Enter');
  await expect(page.getByText('2 exercises, 18 marks, 6 students')).toBeVisible();
  await page.getByLabel('Given').fill('2027-03-01');
  await page.getByLabel('Due').fill('2027-02-01');
  await expect(page.getByText('It is due before it is given.')).toBeVisible();
  await page.getByLabel('Due').fill('2027-03-08');
  await expect(page.getByText('It is due before it is given.')).toHaveCount(0);
  await page.getByRole('button', { name: 'Give it out' }).click();
  await page.getByRole('link', { name: 'Mark', exact: true }).click();

  // Answers pasted with the names of their columns, one with the five values entered; two rows match no student.
  await page.getByRole('button', { name: 'Import answers' }).click();
  const bring = page.getByRole('dialog');
  const block = [
    ['student', '1a', '1a N', '1b', '1c', '1d', '2a'],
    ['S-1', '625.72', '', '17,456.87', '637.58', '355.80', '941.43'],
    ['Virtanen, Bram', '625.72', '', '18,771.60', '685.59', '1,796.10', '-941.43'],
    ['S-3', '6,779.75', '4', '9,000', 'n/a', '=1/0', '3,237.96'],
    ['S-4', '=PMT(5.7%/12,48,-26800)', '', '17457', '638', '12', '914.43'],
    ['s-55', '1,642.38', '', '', '', '', '777.77'],
    ['Nobody Here', '1', '2', '3', '4', '5', '6'],
    ['S-6', '625.7', '', '17,456.86', '637.58', '355.80', '777.77'],
    ['S-6', '1', '', '', '', '', ''],
  ];
  await bring.getByLabel('Paste a block').fill(block.map((cells) => cells.join('\t')).join('\n'));
  await bring.getByRole('button', { name: 'Look at its columns' }).click();
  await expect(bring.getByLabel('what column 3 is')).toHaveValue(/^e-[0-9a-f]+\/a\.n$/);
  await bring.getByLabel('what column 1 is').selectOption({ label: 'nothing' });
  await expect(bring.getByText('Say which column is the student.')).toBeVisible();
  await bring.getByLabel('what column 1 is').selectOption({ label: 'the student' });
  await bring.getByRole('button', { name: 'Import 8 rows' }).click();
  await expect(bring.getByRole('status')).toContainText('answers of 6 students came in');
  await expect(bring.getByText('Nobody in the class is called “Nobody Here”')).toBeVisible();
  await expect(bring.getByText('There is another row for Greta Sørensen in this file.')).toBeVisible();
  await bring.getByRole('button', { name: 'Put it away' }).first().click();
  await expect(bring.getByRole('listitem')).toHaveCount(1);
  await page.keyboard.press('Escape');
  await expect(page.getByText('1 row of what was imported is unmatched.')).toBeVisible();

  // The same again changes nothing.
  await page.getByRole('button', { name: 'Import answers' }).click();
  await bring.getByLabel('Paste a block').fill(
    block
      .slice(0, 3)
      .map((cells) => cells.join('\t'))
      .join('\n'),
  );
  await bring.getByRole('button', { name: 'Look at its columns' }).click();
  await expect(bring.getByLabel('what column 3 is')).toHaveValue(/^e-[0-9a-f]+\/a\.n$/);
  await bring.getByRole('button', { name: 'Import 2 rows' }).click();
  await expect(bring.getByRole('status')).toContainText('Nothing changed; 10 were there already');
  await page.keyboard.press('Escape');

  // Judged: carried along the chain, a reading of the exercise, typed formulas, what cannot be read.
  await expect(row(page, 'Anahera Kamau')).toContainText('10');
  await expect(row(page, 'Bram Virtanen').getByRole('img', { name: 'other reading' })).toBeVisible();
  await expect(row(page, 'Bram Virtanen')).toContainText('↪ carried');
  await expect(row(page, 'Chidi Bakken')).toContainText('=1/0');
  await expect(row(page, 'Emeka Holm')).toContainText('✓');
  await row(page, 'Chidi Bakken').getByRole('gridcell').first().click();
  await expect(panel(page)).toContainText('Years entered for payments');
  await expect(panel(page)).toContainText(
    '4 was entered for the number of payments, which is 48. Those are the years.',
  );

  // By cause, and by equal numbers where there is none.
  await page.getByLabel('exercise', { exact: true }).selectOption({ label: '2 · The kiln shed loan' });
  await page.getByRole('button', { name: /^Not explained 2/ }).click();
  await expect(row(page, 'Fenna Rahimi')).toBeVisible();
  await expect(row(page, 'Anahera Kamau')).toHaveCount(0);
  await expect(page.getByRole('list', { name: 'By number' })).toContainText('777.77');
  await expect(panel(page)).toContainText('2 alike');
  const search = page.getByRole('region', { name: 'Not explained' });
  await search.getByLabel('what would give this number').fill('945.94');
  await search.getByRole('button', { name: 'Search' }).click();
  await expect(search.getByRole('status')).toContainText('All else right: a rate of 6.8');
  await panel(page).getByRole('button', { name: '1 of 4' }).click();
  await expect(row(page, 'Fenna Rahimi')).toContainText('2');
  await expect(row(page, 'Greta Sørensen')).toContainText('2');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(row(page, 'Fenna Rahimi')).toContainText('0');
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(row(page, 'Fenna Rahimi')).toContainText('2');
  await panel(page).getByLabel('comment').fill('See me about this one.');
  await page.getByRole('button', { name: 'All 6' }).click();
  await row(page, 'Emeka Holm').getByRole('gridcell').first().click();
  await expect(panel(page)).toContainText('Two digits swapped');
  await panel(page).getByRole('button', { name: 'Accept as a reading' }).click();
  await expect(row(page, 'Emeka Holm')).toContainText('other reading');
  await expect(row(page, 'Emeka Holm')).toContainText('8');

  // Filters are in the address.
  await page.getByLabel('verdict').selectOption('slip');
  await expect(row(page, 'Bram Virtanen')).toBeVisible();
  await expect(row(page, 'Anahera Kamau')).toHaveCount(0);
  await page.reload();
  await expect(row(page, 'Bram Virtanen')).toBeVisible();
  await expect(row(page, 'Anahera Kamau')).toHaveCount(0);
  // Two answers are still to be looked at: it asks, and the way out leaves everything as it was.
  await page.getByRole('button', { name: 'Release marks' }).click();
  const asked = page.getByRole('dialog', { name: 'Release the marks now?' });
  await expect(asked).toContainText(/still to be looked at/);
  await asked.getByRole('button', { name: 'Cancel' }).click();
  await expect(asked).toBeHidden();
  await page.getByRole('button', { name: 'Release marks' }).click();
  await asked.getByRole('button', { name: 'Release them anyway' }).click();
  await expect(page.getByRole('button', { name: 'Released' })).toBeVisible();

  // Feedback in the instructor's own words, copied, and as files.
  await page.getByRole('link', { name: 'Feedback' }).click();
  await page.getByLabel('student', { exact: true }).selectOption({ label: 'Chidi Bakken, S-3' });
  const sheet = page.getByRole('article');
  await expect(sheet).toContainText('The years were used where the number of payments belongs.');
  await expect(sheet.getByText('The working, with your numbers').first()).toBeVisible();
  await expect(sheet.locator('.katex').first()).toBeVisible();
  await page.getByLabel('words about Years entered for payments').fill('Forty-eight payments, not four.');
  await page.getByLabel('words about Years entered for payments').blur();
  await expect(sheet).toContainText('Forty-eight payments, not four.');
  await page.reload();
  await expect(sheet).toContainText('Forty-eight payments, not four.');
  await page.getByRole('button', { name: 'Copy' }).click();
  expect(await page.evaluate(() => navigator.clipboard.readText())).toContain('Forty-eight payments, not four.');
  const saved = async (name: string) => {
    await page.getByRole('button', { name: 'Marks as a file' }).click();
    const waiting = page.waitForEvent('download');
    await page.getByRole('menuitem', { name }).click();
    const to = join(info.outputDir, 'saved');
    await (await waiting).saveAs(to);
    return readFileSync(to, 'utf8');
  };
  const results = (await saved('CSV with OneRoster')).split(/\r?\n/);
  expect(results[0]).toBe(
    'sourcedId,status,dateLastModified,lineItemSourcedId,studentSourcedId,scoreStatus,score,scoreDate,comment',
  );
  expect(results.find((line) => line.includes(',S-1,'))).toContain(',fully graded,18,');
  expect(results.find((line) => line.includes(',S-55,'))).toContain('See me about this one.');
  const gradebook = (await saved('a gradebook as CSV')).split(/\r?\n/);
  expect(gradebook[0]).toContain('Number,Name,Status,Sum,Out of,1a (');
  expect(gradebook.find((line) => line.startsWith('S-1,'))).toMatch(/,released,18,18,/);
  const everything = JSON.parse(await saved('JSON')) as {
    format: string;
    students: { number: string; marks: number; parts: { verdict: string }[] }[];
  };
  expect(everything.format).toBe('hardy-sextant-marks');
  expect(everything.students.find(({ number }) => number === 'S-1')).toMatchObject({ marks: 18, of: 18 });

  // What went wrong, with the working on the projector.
  await page.getByRole('link', { name: 'Marking' }).click();
  await page.getByRole('link', { name: 'What went wrong' }).click();
  await expect(page.getByRole('region', { name: 'Three things to go over' }).getByRole('article')).toHaveCount(3);
  await expect(page.getByRole('img', { name: /Answers to each part: 1a/ })).toBeVisible();
  await page.getByLabel('beside another set').selectOption({ label: 'BM 110, Autumn 2026: Midterm practice' });
  await expect(page.getByRole('columnheader', { name: 'BM 110, Autumn 2026' })).toBeVisible();
  await page.getByRole('button', { name: 'Show the working' }).first().click();
  await expect(page.getByText('Step 1 of')).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText('Step 2 of')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Waiting' })).toBeVisible();
  // The library says in which sets an exercise is.
  await page.goto('/exercises');
  await page.getByLabel('used in').selectOption({ label: 'in Week 9' });
  await expect(page.getByText('2 exercises', { exact: true })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Week 9' })).toHaveCount(2);
});

/** Tab until something has the focus. */
async function tabTo(page: Page, wanted: Locator, most = 90): Promise<void> {
  await wanted.waitFor();
  for (let step = 0; step < most; step += 1) {
    if (await wanted.evaluate((element) => element === document.activeElement)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error('the focus never came there');
}

test('by keyboard alone, from the set to the released marks', async ({ page }) => {
  const { keyboard } = page;
  await page.goto('/sets/demo-week-6');
  await tabTo(page, page.getByRole('link', { name: 'Mark', exact: true }));
  await keyboard.press('Enter');
  const grid = page.getByRole('grid', { name: 'Answers' });
  await expect(row(page, 'Adaeze Holm')).toContainText('✓');
  await tabTo(page, page.getByRole('button', { name: /^Right number, other sign/ }));
  await keyboard.press('Space');
  await tabTo(page, grid);
  await expect(panel(page)).toContainText('part a');
  await keyboard.press('End');
  await keyboard.press('Home');
  await keyboard.press('ArrowRight');
  await expect(panel(page)).toContainText('part b');
  await keyboard.press('ArrowLeft');

  // All of the class again; one answer typed, one cleared, marks by digits, undone and redone.
  await page.keyboard.press('Shift+Tab');
  await tabTo(page, page.getByRole('button', { name: /^All 112/ }), 200);
  await keyboard.press('Enter');
  await tabTo(page, grid);
  await keyboard.press('Home');
  await expect(panel(page)).toContainText('Adaeze Holm');
  await keyboard.press('ArrowRight');
  await keyboard.press('Enter');
  await keyboard.type('18,000.01');
  await keyboard.press('Enter');
  await keyboard.press('Escape');
  await keyboard.press('ArrowUp');
  await expect(panel(page)).toContainText('Not explained');
  const first = row(page, 'Adaeze Holm').getByRole('gridcell');
  await expect(first.nth(1)).toContainText('18,000.01');
  await keyboard.press('2');
  await expect(first.nth(1)).toContainText('✎');
  await keyboard.press('u');
  await expect(first.nth(1)).not.toContainText('✎');
  await keyboard.press('y');
  await expect(first.nth(1)).toContainText('✎');
  await keyboard.press('a');
  await expect(first.nth(1).getByRole('img', { name: 'other reading' })).toBeVisible();
  await keyboard.press('u');
  await expect(first.nth(1).getByRole('img', { name: 'other reading' })).toHaveCount(0);
  await keyboard.press('c');
  await expect(panel(page).getByLabel('comment')).toBeFocused();
  await keyboard.type('A number of its own.');
  await keyboard.press('Control+Enter');
  await expect(grid).toBeFocused();
  await expect(panel(page).getByLabel('comment')).toHaveValue('A number of its own.');
  await keyboard.press('n');
  await expect(panel(page)).not.toContainText('Adaeze Holm');
  await keyboard.press('?');
  await expect(page.getByRole('dialog', { name: /^Help/ })).toContainText('accept the answer as another reading');
  await keyboard.press('Escape');
  await tabTo(page, page.getByRole('button', { name: 'Release marks' }), 200);
  await keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Release them anyway' })).toBeFocused();
  await keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Released' })).toBeVisible();
});

test('what was assigned stays when its exercise changes, until the instructor says otherwise', async ({ page }) => {
  await setWith(page, 'Own numbers', ['The rate behind the pump house offer'], 'BM 210');
  await page.getByLabel('each student their own').check();
  await page.getByRole('button', { name: 'Give it out' }).click();
  await expect(page.getByText('what students got stays as it was')).toBeVisible();
  const set = page.url();
  await page.getByRole('link', { name: 'The rate behind the pump house offer' }).click();
  await page.getByLabel('title of the exercise').fill('The pump house, renamed');
  await expect(page.getByRole('status').filter({ hasText: 'kept' }).first()).toHaveText('kept');
  await page.goto(set);
  await expect(page.getByText('This exercise was changed after it was assigned.')).toBeVisible();
  await expect(page.getByRole('link', { name: 'The rate behind the pump house offer' })).toBeVisible();
  await page.getByRole('button', { name: 'Keep as given' }).click();
  await expect(page.getByText('This exercise was changed after it was assigned.')).toHaveCount(0);
  await page.getByRole('link', { name: 'The rate behind the pump house offer' }).click();
  await page.getByLabel('title of the exercise').fill('The pump house, renamed again');
  await expect(page.getByRole('status').filter({ hasText: 'kept' }).first()).toHaveText('kept');
  await page.goto(set);
  await page.getByRole('button', { name: 'Give it anew' }).click();
  await expect(page.getByRole('link', { name: 'The pump house, renamed again' })).toBeVisible();
});

test('a workbook with merged cells, notes and formulas comes in as what it shows, and nothing in it is worked out', async ({
  page,
}, info) => {
  const { Workbook } = (await import('exceljs')).default;
  const book = new Workbook();
  const sheet = book.addWorksheet('Answers');
  sheet.addRow(['Week 3, answers']);
  sheet.mergeCells('A1:C1');
  sheet.addRow(['Student', '1a', 'remark']);
  sheet.addRow(['K-2101', 941.43, '']);
  sheet.addRow(['K-2102', { formula: '470.5*2', result: 941 }, '']);
  sheet.addRow(['K-2103', '=WEBSERVICE("x")', '']);
  sheet.getCell('B3').note = 'checked twice';
  mkdirSync(info.outputDir, { recursive: true });
  const path = join(info.outputDir, 'answers.xlsx');
  await book.xlsx.writeFile(path);
  await page.goto('/sets/demo-week-3/marking');
  await page.getByRole('button', { name: 'Import answers' }).click();
  const bring = page.getByRole('dialog');
  await bring.getByLabel('a file of answers').setInputFiles(path);
  await expect(bring.getByText('2 merged cells were read as empty')).toBeVisible();
  await expect(bring.getByText('1 notes on cells were left out')).toBeVisible();
  await expect(bring.getByText('none was worked out')).toBeVisible();
  // What stands above the names of the columns is no answer, and the names say what is what.
  await expect(bring.getByText('The line above the names of the columns is left out.')).toBeVisible();
  await expect(bring.getByLabel('what column 1 is')).toHaveValue('student');
  await expect(bring.getByLabel('what column 2 is')).toHaveValue(/\/a$/);
  await bring.getByRole('button', { name: 'Import 3 rows' }).click();
  await expect(bring.getByRole('status')).toContainText('answers of 2 students came in; 1 was there already');
  await page.keyboard.press('Escape');
  await expect(row(page, 'Catarina Lindqvist')).toContainText('=WEBSERVICE("x")');
  await expect(row(page, 'Bram Okonjo')).toContainText('941');
  await page.getByRole('button', { name: 'Import answers' }).click();
  writeFileSync(path, 'not a workbook');
  await bring.getByLabel('a file of answers').setInputFiles(path);
  await expect(bring.getByRole('alert')).toContainText('is not a workbook that can be read');
  writeFileSync(path, 'x'.repeat(11_000_000));
  await bring.getByLabel('a file of answers').setInputFiles(path);
  await expect(bring.getByRole('alert')).toContainText('at most 10 MB');
});

test('a server killed in the middle of an import leaves all of it or nothing', async ({ page, application }) => {
  const marking = async () =>
    (await (await page.request.get('/api/sets/demo-midterm/marking')).json()) as {
      students: { number: string; entries: Record<string, Record<string, string>> }[];
    };
  const before = await marking();
  const rows = before.students.map(({ number }, at) => ({
    place: at + 2,
    student: number,
    entries: { e1: { a: `${1000 + at}.11`, b: `${at}.5` }, e2: { a: 'x'.repeat(30_000) } },
  }));
  const post = page.request.post('/api/sets/demo-midterm/import', { data: { source: 'large.csv', rows } }).then(
    () => 'answered',
    () => 'broken off',
  );
  // The import is on its way for as long as the server answers these.
  for (let times = 0; times < 4; times += 1) await page.request.get('/api/health').catch(() => undefined);
  await application.kill();
  await post;
  await application.restart();
  const after = await marking();
  const written = after.students.filter(({ entries }, at) => entries['e1']?.['a'] === `${1000 + at}.11`).length;
  expect([0, before.students.length]).toContain(written);
  if (written === 0)
    expect(after.students.map(({ entries }) => entries)).toEqual(before.students.map(({ entries }) => entries));
});

test('a table is typed cell by cell, the five values beside an answer; feedback goes to paper', async ({ page }) => {
  await page.goto('/sets/demo-week-3/marking?exercise=e3&student=demo-k-2105&at=e3%2Fb');
  await expect(panel(page)).toContainText('part b');
  const first = panel(page)
    .getByLabel(/^row 1 /)
    .first();
  await first.fill('77.77');
  await first.blur();
  await expect(panel(page)).toContainText('1 not explained');
  await expect(row(page, 'Eilidh Navarro')).toContainText('0 of 9 cells');
  await page.reload();
  await expect(
    panel(page)
      .getByLabel(/^row 1 /)
      .first(),
  ).toHaveValue('77.77');

  await page.getByLabel('exercise', { exact: true }).selectOption({ label: '1 · The kiln shed loan' });
  await row(page, 'Bram Okonjo').getByRole('gridcell').first().click();
  await panel(page).getByText('The five values and settings, as entered').click();
  await panel(page).getByLabel('entered N').fill('5');
  await panel(page).getByLabel('entered N').blur();
  await expect(panel(page)).toContainText('5 was entered for the number of payments, which is 60.');

  // Another tab has written something else meanwhile: it is said, and nothing is written over.
  const taken = await page.request.put('/api/sets/demo-week-3/answers', {
    data: { changes: [{ studentId: 'demo-k-2102', itemId: 'e1', entryId: 'a', text: '1.23' }] },
  });
  expect(taken.ok()).toBe(true);
  await page.getByRole('grid', { name: 'Answers' }).focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Control+a');
  await page.keyboard.type('4.56');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  const held = page.getByRole('alert').filter({ hasText: 'you typed “4.56”' });
  await expect(held).toContainText('“1.23” stands there now.');
  await expect(row(page, 'Bram Okonjo')).toContainText('1.23');
  await held.getByRole('button', { name: 'Write mine' }).click();
  await expect(row(page, 'Bram Okonjo')).toContainText('4.56');
  await expect(held).toHaveCount(0);

  await page.goto('/sets/demo-week-3/feedback?student=demo-k-2103');
  await expect(page.getByRole('article')).toContainText('Catarina Lindqvist');
  await page.emulateMedia({ media: 'print' });
  await expect(page.locator('section[aria-hidden]').getByText('Catarina Lindqvist')).toBeVisible();
  await expect(page.getByRole('article')).toBeHidden();
});

test('checking shows how far it is, when house rules have changed', async ({ page }) => {
  await page.goto('/sets/demo-midterm/marking');
  // What another journey has left to be judged is judged first.
  await expect(page.getByRole('gridcell').filter({ hasText: '✓' }).first()).toBeVisible({ timeout: 120_000 });
  await expect(page.getByText(/^Checking/)).toHaveCount(0, { timeout: 120_000 });
  const { rules, revision } = (
    (await (await page.request.get('/api/rules')).json()) as {
      id: string;
      rules: { credit: object };
      revision: number;
    }[]
  ).find(({ id }) => id === 'demo-bm110')!;
  await page.request.put('/api/rules/demo-bm110', {
    data: { rules: { ...rules, credit: { ...rules.credit, slip: 0.25 } }, revision },
  });
  // The first step waits until it has been looked at.
  let goOn = () => {};
  const looked = new Promise<void>((done) => (goOn = done));
  await page.route('**/api/sets/demo-midterm/check', async (route) => {
    await looked;
    await route.continue();
  });
  await page.reload();
  await expect(page.getByRole('status').filter({ hasText: /Checking: 0 of \d+ students/ })).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();
  goOn();
  await expect(page.getByText(/Stopped: 12 of \d+ students/)).toBeVisible();
  await page.getByRole('button', { name: 'Go on' }).click();
  await expect(page.getByText(/^Checking|^Stopped/)).toHaveCount(0, { timeout: 120_000 });
});

test('the four closed-form answers of a loan are right in a class with cent tables; a share off where its rules teach one way', async ({
  page,
}) => {
  // A loan of 26,800 at 5.7 % over 48 months: what is owed after 40, and the interest in all.
  const i = 0.057 / 12;
  const exact = (26_800 * i) / (1 - (1 + i) ** -48);
  const payment = Math.round(exact * 100) / 100;
  const owed = (paid: number): string => (26_800 * (1 + i) ** 40 - (paid * ((1 + i) ** 40 - 1)) / i).toFixed(2);
  const interest = (paid: number): string => (48 * paid - 26_800).toFixed(2);
  await page.goto('/classes');
  await page.getByRole('button', { name: 'New class' }).click();
  await page.getByLabel('Code').fill('BM 440');
  await page.getByLabel('Course').fill('Tables in cents');
  await page.getByRole('button', { name: 'Make the class' }).click();
  await page.getByRole('button', { name: 'Add students' }).first().click();
  await page.getByRole('dialog').getByLabel('One student a line').fill('Odalys Brandt\nPim Arakaki');
  await page.getByRole('button', { name: 'Add 2 students' }).click();
  await expect(page.getByLabel('name of Pim Arakaki')).toBeVisible();
  const ofClass = page.url();
  await page.goto('/rules');
  await page.getByRole('button', { name: 'Copy to new rules' }).click();
  await expect(page.getByRole('heading', { name: 'Usual, otherwise' })).toBeVisible();
  const rulesOf = page.url();
  await page.getByLabel('Name', { exact: true }).fill('In cents');
  await page.getByRole('button', { name: 'Keep these rules' }).click();
  await expect(page.getByText('The rules of In cents are kept.')).toBeVisible();
  await page.goto(ofClass);
  await page.getByRole('combobox', { name: 'house rules of the class' }).click();
  await page.getByRole('option', { name: 'In cents' }).click();
  await expect(page.getByText('BM 440 follows “In cents” now')).toBeVisible();

  await page.goto('/bench');
  await page.getByLabel('amount received').fill('26,800');
  await page.getByLabel('rate', { exact: true }).fill('5.7');
  await page.getByLabel('number of payments', { exact: true }).fill('48');
  await page.getByLabel('name of the case').fill('Slipway winch');
  await page.getByRole('button', { name: 'Make an exercise of it' }).click();
  await expect(page.getByRole('heading', { name: 'Slipway winch' })).toBeVisible();
  await page.getByRole('textbox', { name: 'Story' }).fill('The boatyard buys a winch for its slipway on a loan.');
  for (const [id, quantity] of [
    ['b', 'balance-after'],
    ['c', 'total-interest'],
  ] as const) {
    await page.getByRole('button', { name: '+ add a part' }).click();
    await page
      .getByLabel(`prompt of part ${id}`)
      .fill(id === 'b' ? 'What is owed after 40 payments?' : 'How much is the interest?');
    await page.getByLabel(`what is asked of part ${id}`).selectOption(quantity);
    if (id === 'b') await page.getByLabel('after payment of part b').fill('40');
  }
  await expect(page.getByRole('status').filter({ hasText: 'kept' }).first()).toHaveText('kept');
  await page.getByRole('button', { name: 'Give it to a class' }).click();
  await page.getByRole('menuitem', { name: 'BM 440' }).click();
  await page.getByRole('button', { name: 'Give it out' }).click();
  await page.getByRole('link', { name: 'Mark', exact: true }).click();
  const grid = page.getByRole('grid', { name: 'Answers' });
  await grid.focus();
  await page.keyboard.press('ArrowRight');
  await page.evaluate(
    (text) => navigator.clipboard.writeText(text),
    `${owed(exact)}\t${interest(exact)}\n${owed(payment)}\t${interest(payment)}`,
  );
  await page.keyboard.press('Control+v');
  await expect(grid.getByRole('gridcell').filter({ hasText: '✓ other way' })).toHaveCount(4);
  await expect(panel(page)).toContainText('Nothing rounded: 4,900.43. A table in cents: 4,900.38.');
  await expect(row(page, 'Odalys Brandt').getByRole('gridcell').last()).toHaveText('2');

  // The class teaches tables in cents, and takes a share off what is not rounded.
  const marking = page.url();
  await page.goto(rulesOf);
  await page.getByRole('combobox', { name: 'Another credit for a way of rounding' }).click();
  await page.getByRole('option', { name: 'nothing rounded' }).click();
  await expect(page.getByLabel('right by nothing rounded')).toHaveValue('50 %');
  await page.getByRole('button', { name: 'Keep these rules' }).click();
  await expect(page.getByRole('button', { name: 'Keep these rules' })).toBeDisabled();
  await page.goto(marking);
  await expect(page.getByText(/^Checking/)).toHaveCount(0);
  await expect(row(page, 'Odalys Brandt').getByRole('gridcell').last()).toHaveText('1.5');
  await row(page, 'Odalys Brandt').getByRole('gridcell').nth(1).click();
  await expect(panel(page)).toContainText('The house rules give 50 % of the marks for it.');
});
