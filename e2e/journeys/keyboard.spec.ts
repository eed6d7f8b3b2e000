/** An exercise written, tried and given to a class with the keyboard alone. */
import type { Page } from '@playwright/test';
import { expect, test } from '../application.ts';

/** What a screen reader would call the element that has the focus. */
const focused = (page: Page): Promise<string> =>
  page.evaluate(() => {
    const here = document.activeElement as HTMLInputElement | null;
    if (!here || here === document.body) return '';
    const labels = [...(here.labels ?? [])].map((label) => label.innerText);
    return [here.getAttribute('aria-label'), ...labels, here.innerText].find((name) => name?.trim())?.trim() ?? '';
  });

/** More steps than any page here has. */
const MOST_STEPS = 160;

/** Tab until the focus is on what is called so. */
async function reach(page: Page, name: string | RegExp, key = 'Tab'): Promise<void> {
  const is = (called: string): boolean => (typeof name === 'string' ? called === name : name.test(called));
  const passed: string[] = [];
  for (let step = 0; step < MOST_STEPS; step += 1) {
    const called = await focused(page);
    if (is(called)) return;
    passed.push(called);
    await page.keyboard.press(key);
  }
  expect(passed, `the keyboard reaches ${name}`).toEqual([String(name)]);
}

/** Types into the field that is called so. */
async function write(page: Page, name: string | RegExp, text: string): Promise<void> {
  await reach(page, name);
  await page.keyboard.press('Control+A');
  await page.keyboard.type(text);
}

test('an exercise is written from a blank sheet and given to a class without a pointer', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { level: 1, name: 'Desk' })).toBeVisible();
  await page.keyboard.press('Tab');
  expect(await focused(page)).toMatch(/^Skip to the work/i);
  await page.keyboard.press('Control+K');
  await expect(page.getByLabel('command search').and(page.locator('input'))).toBeFocused();
  await page.keyboard.type('exercises');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/exercises$/);

  await reach(page, /^Start from/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('menuitem', { name: 'A problem’s text, pasted' })).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/exercises\/[0-9a-f-]{36}$/);

  await write(page, 'title of the exercise', 'By keys alone');
  await write(page, 'Story', 'A loan of 26,800 is repaid monthly over four years.');
  await reach(page, '+ a given');
  await page.keyboard.press('Enter');
  await write(page, 'name of given 1', 'rate');
  await reach(page, 'kind of rate');
  await page.keyboard.type('rate');
  await write(page, 'rate now', '5.7');
  await write(page, 'amount received', '26,800');
  await write(page, 'rate', 'rate');
  await write(page, 'number of payments', '48');
  await reach(page, 'change part a');
  await page.keyboard.press('Enter');
  const stored = page.waitForResponse(
    (response) => response.request().postData()?.includes('Find the monthly payment.') ?? false,
  );
  await write(page, 'prompt of part a', 'Find the monthly payment.');
  await expect(page.getByRole('button', { name: 'working of part a' })).toHaveText('625.72');
  expect((await stored).ok()).toBe(true);

  await page.reload();
  await expect(page.getByLabel('title of the exercise')).toHaveValue('By keys alone');
  await reach(page, /^Give it to/);
  await page.keyboard.press('Enter');
  await reach(page, /^BM 210/, 'ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('link', { name: /By keys alone/ }).first()).toBeVisible();
});
