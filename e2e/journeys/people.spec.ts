/** People: an owner, an instructor, an assistant; who may do what on the screen; a backup broken and brought back. */
import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { tmpdir } from 'node:os';
import { expect, startUntil, test } from '../application.ts';
import type { Page } from '@playwright/test';

const PASSWORD = 'a long way round the bay';

async function setPassword(page: Page, link: string): Promise<void> {
  await page.goto(link);
  await page.getByLabel('Password', { exact: true }).fill(PASSWORD);
  await page.getByLabel('The same again').fill(PASSWORD);
  await page.getByRole('button', { name: 'Set the password' }).click();
  await expect(page.getByRole('heading', { name: 'Desk' })).toBeVisible();
}

async function add(page: Page, name: string, login: string, role: string, code?: RegExp): Promise<string> {
  await page.getByRole('button', { name: 'Add a person' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name', { exact: true }).fill(name);
  await dialog.getByLabel(/^Signs in as/).fill(login);
  await dialog.getByLabel('role').selectOption({ value: role });
  if (code) await dialog.getByLabel(code).check();
  await dialog.getByRole('button', { name: 'Add, and make a link' }).click();
  const link = page.getByRole('dialog').getByRole('link');
  await expect(link).toBeVisible();
  const address = await link.getAttribute('href');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  return address!;
}

test('the owner adds people; an assistant marks and cannot release; signing out shows nothing', async ({
  own,
  browser,
}) => {
  const open = async () => {
    const context = await browser.newContext({ baseURL: own.address, viewport: { width: 1280, height: 800 } });
    return context.newPage();
  };
  const owner = await open();
  await owner.goto('/people');
  await expect(owner.getByText('You are alone on this machine')).toBeVisible();
  const first = await add(owner, 'Odile Marchetti', 'odile', 'owner');
  await setPassword(owner, first);
  await owner.goto('/people');
  const link = await add(owner, 'Tobias Lindqvist', 'tobias', 'assistant', /BM 210/);
  await expect(owner.getByRole('row', { name: /Tobias/ })).toContainText('not set yet');

  const helper = await open();
  await helper.goto('/sets');
  await expect(helper.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await helper.getByLabel('Name or address you sign in with').fill('tobias');
  await helper.getByLabel('Password', { exact: true }).fill('not it at all');
  await helper.getByRole('button', { name: 'Sign in' }).click();
  await expect(helper.getByRole('alert')).toContainText('do not belong together');
  await setPassword(helper, link);
  await helper.goto('/sets/demo-week-6/marking');
  await expect(helper.getByRole('row', { name: /Adaeze Holm/ })).toBeVisible();
  await expect(helper.getByRole('button', { name: 'Release marks' })).toHaveCount(0);
  await expect(helper.getByRole('navigation', { name: 'Places' })).toHaveText(/^DeskSetsClasses$/);
  const marking = await (await helper.request.get('/api/sets/demo-week-6/marking')).json();
  const [{ id }] = marking.students;
  const decision = { studentId: id, itemId: 'e1', partId: 'a', credit: 0.5, comment: '', was: { comment: '' } };
  expect((await helper.request.put('/api/sets/demo-week-6/decisions', { data: { decisions: [decision] } })).ok()).toBe(
    true,
  );
  const release = { data: { released: true, revision: marking.set.revision, anyway: true } };
  expect((await helper.request.put('/api/sets/demo-week-6/released', release)).status()).toBe(403);
  expect((await helper.request.get('/api/sets/demo-midterm/marking')).status()).toBe(404);
  // A link is worth nothing the second time.
  const late = await open();
  await late.goto(link);
  await expect(late.getByRole('alert')).toContainText('was used already');

  await helper.getByRole('button', { name: 'Tobias Lindqvist' }).click();
  await helper.getByRole('menuitem', { name: 'Sign out' }).click();
  await expect(helper.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await expect(helper.getByText('Adaeze Holm')).toHaveCount(0);
  expect((await helper.request.get('/api/sets')).status()).toBe(401);
  await helper.getByLabel('Name or address you sign in with').fill('Tobias');
  await helper.getByLabel('Password', { exact: true }).fill(PASSWORD);
  await helper.getByRole('button', { name: 'Sign in' }).click();
  // Where one was, one is.
  await expect(helper.getByRole('row', { name: /Adaeze Holm/ })).toBeVisible();
});

test('a backup is made, looked into and brought back; a broken file is refused, and replaced by one', async ({
  own,
  page,
}) => {
  await page.goto(`${own.address}/backups`);
  await page.getByRole('button', { name: 'Make one now' }).click();
  const row = page.getByRole('row', { name: /made by hand/ });
  await row.getByRole('button', { name: /^look into/ }).click();
  await expect(row).toContainText('3 sets');
  const api = `${own.address}/api`;
  expect((await page.request.delete(`${api}/sets/demo-week-3`)).ok()).toBe(true);
  expect((await (await page.request.get(`${api}/sets`)).json()).rows).toHaveLength(2);
  await row.getByRole('button', { name: /^bring back/ }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.getByText('The book is as it was then.', { exact: false })).toBeVisible();
  expect((await (await page.request.get(`${api}/sets`)).json()).rows).toHaveLength(3);
  await expect(page.getByRole('row', { name: /before another was brought back/ })).toBeVisible();

  // The file breaks while nobody looks.
  await own.kill();
  for (const end of ['-wal', '-shm']) rmSync(join(own.folder, `book.db${end}`), { force: true });
  writeFileSync(join(own.folder, 'book.db'), 'this is no book');
  await expect(own.restart()).rejects.toThrow('the server ended with 1');
  const [newest] = readdirSync(join(own.folder, 'book.db-backups')).sort().reverse();
  process.env.RESTORE = newest;
  try {
    await own.restart();
  } finally {
    delete process.env.RESTORE;
  }
  const { rows } = await (await page.request.get(`${api}/sets`)).json();
  expect(rows.length).toBeGreaterThan(1);
});

test('listening elsewhere it asks for a certificate or a word; the first start prints the owner’s link; a forgotten password is mended on the machine', async ({
  page,
}) => {
  const folder = mkdtempSync(join(tmpdir(), 'hardy-sextant-elsewhere-'));
  const refused = await startUntil(folder, { HOST: '0.0.0.0' }, /WITHOUT_TLS=/);
  expect(refused.said).toContain('others can reach it');
  await refused.stop();
  const first = await startUntil(folder, { TRUST_PROXY: '1' }, /welcome#[\w-]+/);
  const port = /127\.0\.0\.1:(\d+)/.exec(first.said)![1];
  const secret = /welcome#([\w-]+)/.exec(first.said)![1];
  await page.goto(`http://127.0.0.1:${port}/`);
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await setPassword(page, `http://127.0.0.1:${port}/welcome#${secret}`);
  // Beside the server that is running.
  const mended = await startUntil(folder, { LINK_FOR: 'owner' }, /welcome#[\w-]+ *, once/);
  const again = /welcome#([\w-]+)/.exec(mended.said)![1];
  await mended.stop();
  expect((await page.request.get(`http://127.0.0.1:${port}/api/sets`)).status()).toBe(200);
  const second = await page.context().browser()!.newPage();
  await setPassword(second, `http://127.0.0.1:${port}/welcome#${again}`);
  // The password that is new ends what was open with the old one.
  expect((await page.request.get(`http://127.0.0.1:${port}/api/sets`)).status()).toBe(401);
  await second.close();
  await first.stop();
  rmSync(folder, { recursive: true, force: true });
});
