/** Open formats: a QTI package goes out and comes in again; a library comes in twice; classes of OneRoster; papers as text and as a document. */
import { readFileSync } from 'node:fs';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { expect, test } from '../application.ts';

test('a QTI package of the exercises of a set goes out, comes in and is judged; the same library again changes nothing', async ({
  page,
}) => {
  await page.goto('/exercises?used=demo-week-3');
  await page.getByRole('button', { name: /^Export these 3/ }).click();
  const [qti] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: 'QTI 3.0 package, an item each' }).click(),
  ]);
  const files = unzipSync(readFileSync(await qti.path()));
  expect(Object.keys(files).filter((name) => name.startsWith('items/'))).toHaveLength(3);
  expect(strFromU8(files['imsmanifest.xml']!)).toContain('3.0.0');

  await page.goto('/exercises');
  await page.getByLabel('a file of exercises').setInputFiles(await qti.path());
  const report = page.getByRole('dialog', { name: 'Imported' });
  await expect(report).toContainText('3 exercises were taken in.');
  await page.keyboard.press('Escape');
  await expect(report).toBeHidden();
  const list = await (await page.request.get('/api/exercises')).json();
  const imported = ['The kiln shed loan', 'Oyster rafts with a trade-in', 'Fill in the first rows of the jetty loan'];
  const came = list.rows.filter(
    ({ title, sets }: { title: string; sets: { newest: object[] } }) =>
      title === 'The kiln shed loan' && sets.newest.length === 0,
  );
  expect(came.length).toBeGreaterThan(0);
  await page.goto(`/exercises/${came[0].id}`);
  await expect(page.getByText('941.43').first()).toBeVisible();

  // A file of the library as it is: nothing is taken in twice.
  await page.goto('/exercises');
  await page.getByRole('button', { name: /^Export all/ }).click();
  const [json] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: 'All that is known of them, as JSON' }).click(),
  ]);
  await page.getByLabel('a file of exercises').setInputFiles(await json.path());
  await expect(report).toContainText(/0 exercises were taken in\. \d+ are there already, word for word/);
  await page.keyboard.press('Escape');

  // Markdown, and a file that is none of these.
  const typed = '# A loft\n\nA loft costs 12,000.\n\na) Find the payment. [2 marks]\nAnswer: 231.99\n\nb) Why?';
  await page
    .getByLabel('a file of exercises')
    .setInputFiles({ name: 'loft.md', mimeType: 'text/markdown', buffer: Buffer.from(typed) });
  await expect(report).toContainText('1 exercise was taken in.');
  await expect(report).toContainText('part b has no answer: connect it to a plan.');
  await page.keyboard.press('Escape');
  await page
    .getByLabel('a file of exercises')
    .setInputFiles({ name: 'x.txt', mimeType: 'text/plain', buffer: Buffer.from('') });
  await expect(page.getByRole('alert')).toContainText('Nothing was taken in.');
  const lofts = (await (await page.request.get('/api/exercises?find=loft')).json()).rows;
  const typedIn = lofts.filter(({ title }: { title: string }) => title === 'A loft');
  const taken = (await (await page.request.get('/api/exercises?used=none')).json()).rows.filter(
    ({ title }: { title: string }) => imported.includes(title),
  );
  for (const { id } of [...taken, ...typedIn]) await page.request.delete(`/api/exercises/${id}`);
});

test('classes of OneRoster are looked at, made, and left alone the second time', async ({ page }) => {
  const zip = zipSync({
    'users.csv': strToU8(
      'sourcedId,status,givenName,familyName,identifier\nu1,active,Ana,Tern,Z-1\nu2,tobedeleted,Bo,Gull,Z-2',
    ),
    'classes.csv': strToU8(
      'sourcedId,status,title,classCode,termSourcedIds\nc1,active,Loans at sea,ZZ 1,\nc2,active,Sinking funds,ZZ 2,',
    ),
    'enrollments.csv': strToU8(
      'classSourcedId,userSourcedId,role,status\nc1,u1,student,active\nc1,u2,student,active\nc1,u9,student,active',
    ),
  });
  const file = { name: 'roster.zip', mimeType: 'application/zip', buffer: Buffer.from(zip) };
  await page.goto('/classes');
  await page.getByRole('button', { name: 'From OneRoster' }).click();
  const dialog = page.getByRole('dialog', { name: 'Classes from OneRoster' });
  await dialog.getByLabel('a zip of OneRoster').setInputFiles({ ...file, buffer: Buffer.from('no zip') });
  await expect(dialog.getByRole('alert')).toContainText('cannot be unpacked');
  await dialog.getByLabel('a zip of OneRoster').setInputFiles(file);
  await expect(dialog).toContainText('ZZ 1, Loans at sea: 1 student, 1 withdrawn');
  await expect(dialog).toContainText('somebody is enrolled who is not among the users');
  await dialog.getByRole('checkbox', { name: /ZZ 2/ }).uncheck();
  await dialog.getByRole('button', { name: 'Make 1 class' }).click();
  await expect(dialog.getByRole('status')).toHaveText('1 class was made.');
  await dialog.getByRole('link', { name: 'ZZ 1' }).click();
  await expect(page.getByRole('region', { name: 'Withdrawn' })).toContainText('Bo Gull');
  const id = page.url().split('/').at(-1)!;
  await page.goto('/classes');
  await page.getByRole('button', { name: 'From OneRoster' }).click();
  await dialog.getByLabel('a zip of OneRoster').setInputFiles(file);
  await dialog.getByRole('checkbox', { name: /ZZ 2/ }).uncheck();
  await dialog.getByRole('button', { name: 'Make 1 class' }).click();
  await expect(dialog).toContainText('is there already and was not changed');
  await page.request.delete(`/api/classes/${id}`);
});

test('papers go out as a document to edit, as HTML and as Markdown; feedback as one file a student', async ({
  page,
}) => {
  const take = async (what: string, button: string, item: RegExp) => {
    await page.goto(`/sets/demo-week-3/papers?what=${what}`);
    await page.getByRole('button', { name: button }).click();
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('menuitem', { name: item }).click(),
    ]);
    return readFileSync(await download.path());
  };
  const docx = unzipSync(await take('solutions', 'Document to edit', /^One file$/));
  const document = strFromU8(docx['word/document.xml']!);
  for (const piece of ['941.43', '<m:f>', 'Heading1']) expect(document).toContain(piece);
  const html = (await take('key', 'Text', /^HTML: One file$/)).toString();
  expect(html).toContain('Also right');
  const markdown = (await take('formulas', 'Text', /^Markdown with TeX: One file$/)).toString();
  expect(markdown).toContain('$$P = ');
  const feedback = unzipSync(await take('feedback', 'PDF', /^A file for each, in a zip$/));
  expect(Object.keys(feedback)).toHaveLength(28);
  expect(Object.keys(feedback)).toContain('Adaeze Holm, K-2101.pdf');
});
