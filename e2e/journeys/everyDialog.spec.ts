/** Every button and every menu item that opens something, on every page: it has a name, axe finds nothing in it, Escape closes it, the focus comes back. */
import type { Page } from '@playwright/test';
import { expect, test } from '../application.ts';
import { foundByAxe, foundInColours } from '../axe.ts';

const pages = [
  '/',
  '/bench/demo-kiln-shed',
  '/bench/demo-ferry?show=target',
  '/cases',
  '/exercises',
  '/exercises/demo-kiln-shed',
  '/exercises/from-text',
  '/sets',
  '/sets/demo-week-6',
  '/sets/demo-week-6/marking',
  '/sets/demo-week-6/feedback',
  '/exercises/demo-kiln-shed/papers',
  '/sets/demo-week-3/papers',
  '/sets/demo-midterm/went-wrong',
  '/sets/demo-week-3/worksheets',
  '/classes',
  '/classes/demo-bm210',
  '/rules',
  '/bin',
  '/sets/demo-week-6/live',
  '/people',
] as const;

/** What does something at once, or leads away, instead of opening something. */
const acts =
  /delete|remove|has withdrawn|is back|give it out|save|print|workbook|csv|copy|duplicate|archived|make an exercise|theme|bring .* back|undo|redo|release|json|paper|as a file|export|new case|import a file|draw|classroom|give it|français|english|light or dark|not you|lines of working|show how|exercise \d|look over|next exercise|move exercise|add a part|^[+↑↓×]/i;

const overlays = (page: Page) => page.locator('[role=dialog]:visible, [role=menu]:visible');
const named = (page: Page): Promise<string[]> =>
  page.evaluate(() =>
    [
      ...document.querySelectorAll<HTMLElement>(
        '[role=dialog] button, [role=dialog] input, [role=dialog] select, [role=dialog] textarea, [role=menuitem]',
      ),
    ]
      .filter((each) => each.getClientRects().length > 0)
      .filter((each) => {
        const labels = [...((each as HTMLInputElement).labels ?? [])].map((label) => label.textContent);
        const by = (each.getAttribute('aria-labelledby') ?? '')
          .split(' ')
          .map((id) => (id ? document.getElementById(id)?.textContent : ''));
        return ![each.getAttribute('aria-label'), each.getAttribute('title'), each.innerText, ...labels, ...by].some(
          (text) => text?.trim(),
        );
      })
      .map((each) => each.outerHTML.slice(0, 120)),
  );
/** What is open, looked through in both themes. */
async function lookThrough(page: Page, what: string): Promise<void> {
  expect(await named(page)).toEqual([]);
  const within = '[role=dialog], [role=menu]';
  const dark = page.locator('html[data-mantine-color-scheme=dark]');
  // While it still fades in its colours are none.
  await expect.poll(() => isFaded(page, within), { message: `“${what}” has opened` }).toBe(false);
  expect(await foundByAxe(page, within), `axe in what “${what}” opens`).toEqual([]);
  await page.emulateMedia({ colorScheme: 'dark' });
  await expect(dark).toHaveCount(1);
  expect(await foundInColours(page, within), `colours in what “${what}” opens, dark`).toEqual([]);
  await page.emulateMedia({ colorScheme: 'light' });
  await expect(dark).toHaveCount(0);
}

/** Something open, or what it stands in, is not fully there yet. */
const isFaded = (page: Page, within: string): Promise<boolean> =>
  page.locator(within).evaluateAll((all) =>
    all.some((each) => {
      if (each.getClientRects().length === 0) return false;
      for (let at: Element | null = each; at; at = at.parentElement)
        if (Number(getComputedStyle(at).opacity) < 1) return true;
      return false;
    }),
  );

const focusIsLost = (page: Page): Promise<boolean> => page.evaluate(() => document.activeElement === document.body);

/** Presses Escape until nothing is open; what one press each does not close is a fault. */
async function closed(page: Page, what: string): Promise<void> {
  const open = await overlays(page).count();
  await page.keyboard.press('Escape');
  await expect(overlays(page), `Escape closes what “${what}” opens`).toHaveCount(open - 1);
  await expect.poll(() => focusIsLost(page), { message: `the focus comes back after “${what}”` }).toBe(false);
}

for (const path of pages)
  test(path, async ({ window: page }) => {
    await page.emulateMedia({ colorScheme: 'light' });
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expect(page.getByText(/^Fetching/)).toHaveCount(0);
    const buttons = page.locator('header button:visible, main button[aria-haspopup]:visible, main button:visible');
    const names = await buttons.evaluateAll((all) =>
      all.map((each) => (each.getAttribute('aria-label') ?? (each as HTMLElement).innerText).trim()),
    );
    let opened = 0;
    for (const name of [...new Set(names)]) {
      if (name === '' || acts.test(name)) continue;
      const button = page.getByRole('button', { name, exact: true }).first();
      if (!(await button.isVisible()) || !(await button.isEnabled())) continue;
      if (
        (await button.getAttribute('aria-haspopup')) === null &&
        // The files of worksheets are chosen in the machine's own dialog.
        !/import(?! worksheets)|add students|new |rename|command search|from oneroster|start from|^more|give it to/i.test(
          name,
        )
      )
        continue;
      await button.click();
      await expect(overlays(page), `“${name}” opens something`).not.toHaveCount(0);
      opened += 1;
      await lookThrough(page, name);
      const items = await page.getByRole('menuitem').allInnerTexts();
      await closed(page, name);
      for (const item of items.filter((each) => /delete the|rename|earlier states|copy for/i.test(each))) {
        await button.click();
        await page.getByRole('menuitem', { name: item, exact: true }).click();
        await expect(page.getByRole('dialog').first(), `“${item}” opens a dialog`).toBeVisible();
        await expect(page.getByRole('menu')).toHaveCount(0);
        await lookThrough(page, item);
        await closed(page, item);
      }
    }
    expect(opened, 'at least the command search opens').toBeGreaterThan(0);

    // The command search closes by Escape, by a click beside it, and by choosing.
    for (const close of [() => page.keyboard.press('Escape'), () => page.mouse.click(12, 780)]) {
      await page.keyboard.press('Control+k');
      await expect(page.getByLabel('command search').and(page.locator('input'))).toBeFocused();
      await close();
      await expect(overlays(page)).toHaveCount(0);
    }
    await page.keyboard.press('Control+k');
    await expect(page.getByLabel('command search').and(page.locator('input'))).toBeFocused();
    await page.keyboard.type('house rules');
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(/\/rules/);
    await expect(overlays(page)).toHaveCount(0);
  });
