/** A book with nothing in it, from its first minute to an assigned set. */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Browser, Page } from '@playwright/test';
import { expect, startUntil, test } from '../application.ts';

const loan =
  'A weaver borrows £6,400 at 6.9% a year compounded monthly and repays it over three years at the end of each month. (a) Find the monthly payment. (b) How much interest is paid in all?';

/** Tells a story in a book with nothing in it. */
async function inBlankBook(browser: Browser, story: (page: Page) => Promise<void>): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'blank-'));
  const server = await startUntil(folder, { DEMO: 'no' }, /http:\/\/127\.0\.0\.1:\d+/);
  const address = /http:\/\/127\.0\.0\.1:\d+/.exec(server.said)![0];
  const page = await (await browser.newContext({ baseURL: address, viewport: { width: 1280, height: 800 } })).newPage();
  try {
    await page.goto('/');
    await story(page);
  } finally {
    await page.context().close();
    await server.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}

test('a blank book greets with its ways in; a pasted problem is in a set that students have within thirty acts', async ({
  browser,
}) => {
  await inBlankBook(browser, async (page) => {
    let acts = 0;
    const press = async (role: 'button' | 'link' | 'option' | 'menuitem', name: string | RegExp) => {
      acts += 1;
      await page.getByRole(role, { name }).first().click();
    };
    const type = async (label: string | RegExp, text: string) => {
      acts += 1;
      await page.getByLabel(label).first().fill(text);
    };
    await expect(page.getByRole('heading', { name: 'This book is empty. Begin with any of these.' })).toBeVisible();
    await expect(page.getByRole('button', { name: /^Take all \d+/ })).toBeEnabled();
    await press('link', 'Paste a problem');
    await type('text of the problems', loan);
    await press('button', 'Read it');
    await press('button', 'Make the exercise');
    await expect(page).toHaveURL(/\/exercises\/[0-9a-f-]{36}$/);

    await press('link', 'Classes');
    await press('button', 'New class');
    await type('Code', 'BM 99');
    await type('Course', 'Money');
    await press('button', 'Make the class');
    await press('button', 'Add students');
    await type('One student a line', 'Ada Birk, K-1\nBo Lind, K-2');
    await press('button', 'Add 2 students');
    await expect(page.getByLabel('name of Bo Lind')).toBeVisible();

    await press('link', 'Sets');
    await press('button', 'New set');
    await type('Title', 'First set');
    acts += 1;
    await page.getByRole('combobox', { name: 'Class' }).click();
    await press('option', /BM 99/);
    await press('button', 'Put it together');
    acts += 1;
    await page.getByRole('combobox', { name: 'add an exercise' }).fill('A weaver');
    await press('option', /^A weaver borrows/);
    await expect(page.getByRole('link', { name: /^A weaver borrows/ })).toBeVisible();
    const given = page.waitForResponse((response) => response.url().endsWith('/assigned') && response.ok());
    await press('button', 'Give it out');
    await given;
    await expect(page.getByRole('link', { name: 'Mark', exact: true })).toBeVisible();
    expect(acts).toBeLessThan(30);
  });
});

test('the demo is looked at in a blank book, put away, taken back at once, and found in the bin', async ({
  browser,
}) => {
  await inBlankBook(browser, async (page) => {
    await page.getByRole('button', { name: 'Look at the demo' }).click();
    const cases = page.getByRole('region', { name: 'Kept cases' }).getByRole('listitem');
    await expect(cases.first()).toBeVisible();
    const putAway = async (): Promise<void> => {
      await page.getByRole('button', { name: 'Put the demo away' }).click();
      await expect(
        page.getByText(/2 classes with \d+ sets, \d+ exercises and \d+ cases go into the bin/),
      ).toBeVisible();
      await page.getByRole('button', { name: 'Put it away' }).click();
      await expect(page.getByRole('heading', { name: 'This book is empty. Begin with any of these.' })).toBeVisible();
    };
    await putAway();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(cases.first()).toBeVisible();
    await putAway();
    await page.getByRole('link', { name: 'Bin' }).click();
    await expect(page.getByRole('columnheader', { name: 'Erased' })).toBeVisible();
    await page.getByRole('button', { name: /^bring BM 110, Mathematics/ }).click();
    await page.getByRole('link', { name: 'look at it' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('BM 110');
  });
});
