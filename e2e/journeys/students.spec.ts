/** Students on their phones, an instructor beside: answered online, offline, late, with extra time; watched, marked, released, read, practised. */
import type { Browser, BrowserContext, Page } from '@playwright/test';
import { expect, test } from '../application.ts';

const PHONE = { viewport: { width: 390, height: 844 }, locale: 'en-GB', colorScheme: 'light' } as const;

const day = (days: number): string => new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 10);

/** A set that is answered online, assigned by the interface's own requests. */
async function aSet(page: Page, title: string, rule: object, exerciseIds: readonly string[]): Promise<string> {
  const items = exerciseIds.map((exerciseId, at) => ({ id: `e${at + 1}`, exerciseId }));
  const document = { schemaVersion: 1, items, numbers: 'own', given: '', due: day(3), online: true, ...rule };
  const made = await page.request.post('/api/sets', { data: { classId: 'demo-bm210', title, document } });
  const { id, revision } = await made.json();
  expect((await page.request.post(`/api/sets/${id}/assigned`, { data: { revision } })).ok()).toBe(true);
  return id;
}

interface Phone {
  readonly context: BrowserContext;
  readonly page: Page;
  readonly name: string;
  readonly id: string;
}

/** A student's phone, come in with the link of their own. */
async function phone(browser: Browser, instructor: Page, setId: string, at: number): Promise<Phone> {
  const { students } = await (await instructor.request.get(`/api/sets/${setId}/codes`)).json();
  const { name, id, token } = students[at];
  const baseURL = new URL(instructor.url()).origin;
  const context = await browser.newContext({ ...PHONE, baseURL });
  const page = await context.newPage();
  await page.goto(`/in#${token}`);
  await expect(page.getByText(`Hello, ${name}`)).toBeVisible();
  return { context, page, name, id };
}

const answer = (page: Page, part: string) => page.getByRole('textbox', { name: new RegExp(`^${part}\\s`) }).first();
const arrived = (page: Page) => expect(page.getByRole('contentinfo')).toContainText('everything has arrived');

const remove = async (page: Page, setId: string) => {
  expect((await page.request.delete(`/api/sets/${setId}`)).ok()).toBe(true);
};

test('three students on phones: one offline for a while, one late, one with extra time; watched, marked, released, practised', async ({
  page,
  browser,
}) => {
  await page.goto('/');
  const setId = await aSet(page, 'Phones', { due: day(-1), dueTime: '12:00', lessADay: 10 }, ['starter-23']);
  await page.goto(`/sets/${setId}`);
  await expect(page.getByLabel('students answer online')).toBeChecked();
  await page.getByRole('link', { name: 'Live' }).click();
  await expect(page.getByText('28 not opened')).toBeVisible();
  const [one, two, three] = [
    await phone(browser, page, setId, 0),
    await phone(browser, page, setId, 1),
    await phone(browser, page, setId, 2),
  ];
  // Extra time for the third, by hand.
  await page.getByLabel(`choose ${three.name}`).check();
  await page.getByLabel('Extra time, in minutes').fill('6000');
  await page.getByRole('button', { name: 'Give it' }).click();
  await expect(page.getByRole('row', { name: new RegExp(three.name) })).toContainText('6000 min more');

  for (const { page: own } of [one, two, three]) await own.getByRole('link', { name: /Phones/ }).click();
  await expect(two.page.getByText('each day late costs 10 %', { exact: false })).toBeVisible();
  await expect(three.page.getByText(/^due /)).toBeVisible();

  // The first writes without a connection, and reloads without one.
  await one.page.evaluate(async () => (await navigator.serviceWorker.ready).active?.state);
  await one.page.reload();
  await expect(answer(one.page, 'a')).toBeVisible();
  await one.context.setOffline(true);
  await answer(one.page, 'a').fill('111.11');
  await expect(one.page.getByRole('contentinfo')).toContainText('no connection · kept on this device');
  await one.page.reload();
  await expect(answer(one.page, 'a')).toHaveValue('111.11');

  await answer(two.page, 'a').fill('9,41.43');
  await expect(two.page.getByText('two digits follow the comma. Did you mean 941.43?')).toBeVisible();
  await answer(two.page, 'a').fill('941.43');
  await arrived(two.page);
  await answer(three.page, 'a').fill('777.77');
  await three.page.getByRole('button', { name: 'Lines of working' }).first().click();
  await three.page.getByLabel('Lines of working, a').fill('i = 0.06/12 = 0.005\n2 * 3 = 7');
  await arrived(three.page);
  // The instructor sees it without reloading.
  await expect(page.getByRole('row', { name: new RegExp(two.name) })).toContainText('writing');
  await expect(page.getByRole('row', { name: new RegExp(two.name) })).toContainText('min late');
  await expect(page.getByRole('row', { name: new RegExp(three.name) })).not.toContainText('min late');

  await one.context.setOffline(false);
  await arrived(one.page);
  await one.page.getByRole('button', { name: 'Look over' }).click();
  await one.page.getByRole('button', { name: 'Submit', exact: true }).click();
  await expect(one.page.getByText(/Receipt [0-9A-F]{4}-[0-9A-F]{4}/)).toBeVisible();
  await expect(page.getByRole('row', { name: new RegExp(one.name) })).toContainText('submitted');
  // As the student sees it.
  await page.getByRole('link', { name: two.name }).click();
  await expect(page.getByRole('heading', { name: two.name })).toBeVisible();
  await expect(answer(page, 'a')).toHaveValue('941.43');

  // Marking holds the lines against what could stand there, and the mark knows that it was late.
  await page.goto(`/sets/${setId}/marking?student=${three.id}`);
  const lines = page.getByRole('region', { name: 'Lines of working' });
  await page
    .getByRole('row', { name: new RegExp(three.name) })
    .getByRole('gridcell')
    .first()
    .click();
  await expect(lines).toContainText('Line 2 goes wrong first: 2 * 3 is 6, not 7.');
  const { revision } = await (await page.request.get(`/api/sets/${setId}`)).json();
  const before = await one.page.request.get(`/api/my/sets/${setId}/feedback`);
  expect(before.status()).toBe(403);
  const release = { data: { released: true, revision, anyway: true } };
  expect((await page.request.put(`/api/sets/${setId}/released`, release)).ok()).toBe(true);

  await two.page.reload();
  // Marked: nothing more is taken, and the answers are there to be tried again.
  await expect(two.page.getByText('This set is marked.', { exact: false })).toBeVisible();
  await two.page.getByRole('button', { name: 'Read your feedback' }).click();
  await expect(two.page.getByText('Your answer:').first()).toBeVisible();
  await expect(two.page.getByText('941.43').first()).toBeVisible();
  await two.page.getByRole('link', { name: /One more like/ }).click();
  await answer(two.page, 'a').fill('941.43');
  await two.page.getByRole('button', { name: 'Check' }).first().click();
  await expect(two.page.getByText('Not right yet.')).toBeVisible();
  await two.page.getByRole('button', { name: 'What should I look at?' }).click();
  await two.page.getByRole('button', { name: 'Tell me what went wrong' }).click();
  await two.page.getByRole('button', { name: 'Show the working' }).click();
  await expect(two.page.getByRole('status').locator('.katex, p').nth(3)).toBeVisible();
  const story = await two.page.locator('main').innerText();
  await two.page.getByRole('button', { name: 'Other numbers' }).click();
  await expect(two.page.locator('main')).not.toHaveText(story);
  for (const { context } of [one, two, three]) await context.close();
  await remove(page, setId);
});

test('two devices with two texts for one answer: both stay until the student has chosen', async ({ page, browser }) => {
  await page.goto('/');
  const setId = await aSet(page, 'Two devices', {}, ['starter-23']);
  const first = await phone(browser, page, setId, 4);
  const second = await phone(browser, page, setId, 4);
  for (const { page: own } of [first, second]) {
    await own.getByRole('link', { name: /Two devices/ }).click();
    await expect(answer(own, 'a')).toBeVisible();
  }
  await answer(first.page, 'a').fill('100');
  await arrived(first.page);
  await answer(second.page, 'a').fill('200');
  await expect(second.page.getByText('On another device you wrote: 100')).toBeVisible();
  await second.page.getByRole('button', { name: 'Keep what is here' }).click();
  await arrived(second.page);
  await first.page.reload();
  await expect(answer(first.page, 'a')).toHaveValue('200');
  // The picture on a question sheet has the paper's code, and opens the set.
  await page.goto(`/sets/${setId}/papers`);
  await expect(page.getByRole('img', { name: 'QR code of the link' })).toBeVisible();
  const { students } = await (await page.request.get(`/api/sets/${setId}/codes`)).json();
  await second.page.goto('/my');
  await second.page.goto(`/in#${students[5].code}`);
  await expect(second.page).toHaveURL(new RegExp(`/my/${setId}$`));
  await expect(second.page.getByText(students[5].name)).toBeVisible();
  for (const { context } of [first, second]) await context.close();
  await remove(page, setId);
});

test('a classroom: one code for the room, a name from the list, the number proves it; in French, at 320 pixels', async ({
  page,
  browser,
}) => {
  await page.goto('/');
  const setId = await aSet(page, 'Classroom', { purpose: 'practice', due: '' }, ['starter-1']);
  await page.goto(`/sets/${setId}/live`);
  await page.getByRole('button', { name: 'Open a classroom' }).click();
  await expect(page.getByRole('button', { name: 'Close the classroom' })).toBeVisible();
  const code = await page
    .getByRole('region', { name: 'Classroom' })
    .getByText(/^[2-9A-Z]{6}$/)
    .innerText();
  const { students } = await (await page.request.get(`/api/sets/${setId}/codes`)).json();
  const context = await browser.newContext({
    ...PHONE,
    viewport: { width: 320, height: 640 },
    locale: 'fr-FR',
    baseURL: new URL(page.url()).origin,
  });
  const own = await context.newPage();
  await own.goto('/in');
  await expect(own.locator('html')).toHaveAttribute('lang', 'fr');
  await own.getByLabel('Code de votre feuille ou de votre classe').fill(code.toLowerCase());
  // Another language, and back: what is typed stands.
  await own.getByRole('button', { name: 'English' }).click();
  await expect(own.getByLabel('Code on your paper, or of your classroom')).toHaveValue(code.toLowerCase());
  await own.getByRole('button', { name: 'Français' }).click();
  await own.getByRole('button', { name: 'Entrer' }).click();
  await own.getByLabel('Qui êtes-vous ?').first().fill(students[7].name.split(' ')[1]);
  await own.getByRole('button', { name: students[7].name }).click();
  await own.getByLabel('Votre numéro d’étudiant').fill('X-1');
  await own.getByRole('button', { name: 'Entrer' }).click();
  await expect(own.getByRole('alert')).toContainText('do not belong together');
  await own.getByLabel('Votre numéro d’étudiant').fill(students[7].number);
  await own.getByRole('button', { name: 'Entrer' }).click();
  await expect(own.getByText('Exercice 1 sur 1')).toBeVisible();
  await answer(own, 'a').fill('5');
  await own.getByRole('button', { name: 'Vérifier' }).first().click();
  await expect(own.getByText('1 essai')).toBeVisible();
  await expect(own.getByText('Pas encore juste.')).toBeVisible();
  // Typed on at once, before anything is quiet: one device is no other.
  await answer(own, 'a').fill('56');
  await own.getByRole('button', { name: 'Vérifier' }).first().click();
  await answer(own, 'a').fill('567');
  await own.getByRole('button', { name: 'Vérifier' }).first().click();
  await expect(own.getByText('3 essais')).toBeVisible();
  await expect(own.getByText('Sur un autre appareil', { exact: false })).toHaveCount(0);
  // Nothing is wider than the screen.
  expect(await own.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(320);
  await own.getByRole('button', { name: 'Outil' }).first().click();
  const tool = own.getByRole('dialog');
  // As the class's own: the rate by the year, payments and compoundings set apart.
  for (const [name, value] of [
    ['N', '48'],
    ['rate', '5.7'],
    ['PV', '26800'],
    ['FV', '0'],
  ] as const)
    await tool.getByLabel(name, { exact: true }).fill(value);
  await tool.getByRole('button', { name: 'Trouver PMT' }).click();
  await expect(tool.getByLabel('PMT', { exact: true })).toHaveValue(/^[-−]625\.719/);
  await tool.getByRole('button', { name: 'Feuille de calcul' }).click();
  await tool.getByLabel('cellule A1', { exact: true }).fill('26800');
  await tool.getByLabel('cellule B1', { exact: true }).fill('=A1*0.00475');
  await tool.getByLabel('cellule C1', { exact: true }).click();
  await expect(tool.getByLabel('cellule B1', { exact: true })).toHaveValue('127.3');
  await own.keyboard.press('Escape');
  await expect(tool).toHaveCount(0);
  await own.getByRole('button', { name: 'English' }).click();
  await expect(own.getByText('Exercise 1 of 1')).toBeVisible();
  await expect(answer(own, 'a')).toHaveValue('567');
  await expect(own.locator('html')).toHaveAttribute('lang', 'en');
  await context.close();
  await remove(page, setId);
});

test('a file is sent, and a closed set keeps what comes too late for the instructor to take', async ({
  page,
  browser,
}) => {
  await page.goto('/');
  const setId = await aSet(page, 'Closed', {}, ['starter-23']);
  const one = await phone(browser, page, setId, 9);
  await one.page.getByRole('link', { name: /Closed/ }).click();
  await one.page
    .getByLabel('Add a file')
    .first()
    .setInputFiles({
      name: 'loan.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from('No,Opening,Interest\n1,100,1\n'),
    });
  await expect(one.page.getByText('loan.csv has arrived').first()).toBeVisible();
  const set = await (await page.request.get(`/api/sets/${setId}`)).json();
  const document = { ...set.document, due: day(-2), late: false };
  const changed = { data: { title: set.title, revision: set.revision, document } };
  expect((await page.request.put(`/api/sets/${setId}`, changed)).ok()).toBe(true);
  // The rules changed while the student writes.
  await answer(one.page, 'a').fill('500');
  await expect(one.page.getByText('This came after the due time.', { exact: false })).toBeVisible();
  await page.goto(`/sets/${setId}/live`);
  await page.getByLabel(`choose ${one.name}`).check();
  await expect(page.getByRole('row', { name: new RegExp(one.name) })).toContainText('1 too late');
  await page.getByRole('button', { name: 'Take late answers' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Take them' }).click();
  await expect(page.getByRole('row', { name: new RegExp(one.name) })).toContainText('1 of');
  await expect(page.getByRole('region', { name: 'What was done' })).toContainText(
    'late answers taken, 1 answer by the instructor',
  );
  await one.context.close();
  await remove(page, setId);
});
