/** From a case on the Bench to an exercise with other numbers, in few actions. */
import type { Page } from '@playwright/test';
import { expect, test } from '../application.ts';

/** Counts what a person does: a press, or a field that is filled in. */
class Person {
  actions = 0;
  readonly #page: Page;
  constructor(page: Page) {
    this.#page = page;
  }
  async press(name: string | RegExp, role: 'button' | 'menuitem' | 'tab' = 'button') {
    await this.#page.getByRole(role, { name, exact: typeof name === 'string' }).click();
    this.actions += 1;
  }
}

async function state(page: Page, slots: Readonly<Record<string, string>>) {
  await page.goto('/bench');
  await expect(page).toHaveURL(/bench\/./);
  for (const [name, text] of Object.entries(slots)) await page.getByLabel(name, { exact: true }).fill(text);
}

test('makes an exercise of four parts with own numbers and a checked draw in at most 20 actions', async ({ page }) => {
  await state(page, { 'amount received': '48,000', rate: '6.6', 'number of payments': '5y' });
  await page.getByLabel('name of the case').fill('A shed for the potters');
  await expect(page.getByRole('status', { name: 'each payment', exact: true })).toHaveText('941.43');
  const person = new Person(page);
  await person.press('Make an exercise of it');
  await expect(page).toHaveURL(/\/exercises\//);
  await expect(page.getByLabel('title of the exercise')).toHaveValue('A shed for the potters');
  await expect(page.getByText('is repaid over')).toBeVisible();
  for (const question of [
    'How much interest is paid in all?',
    'What is still owed after the first year?',
    'Find the last payment.',
  ]) {
    await person.press(/a usual question/);
    await person.press(question, 'menuitem');
  }
  const parts = page.getByRole('button', { name: /^change part/ });
  await expect(parts).toHaveCount(4);
  await expect(page.getByRole('button', { name: 'working of part a' })).toHaveText('941.43');
  await expect(page.getByRole('button', { name: 'working of part b' })).toHaveText('8,485.46');
  await person.press('vary all numbers');
  await expect(page.getByLabel('amount from')).toHaveValue('36,000');
  await person.press('Look at them');
  await expect(page.getByText('all 30 can be solved')).toBeVisible();
  expect(person.actions).toBeLessThanOrEqual(20);
  await expect(page.getByText('A draft:')).toHaveCount(0);
});

test('carries variations and what is open, and moves, copies and links the parts', async ({ page }) => {
  await state(page, { 'amount received': '62,000', rate: '5.4', 'number of payments': '96' });
  await page.getByLabel('name of the case').fill('A roof of slate');
  await page.getByRole('tab', { name: 'Working' }).click();
  await page.getByLabel('Work out').selectOption({ label: 'the balance after a payment' });
  await page.getByLabel('after payment').fill('30');
  await page.getByRole('button', { name: 'Make an exercise of it' }).click();
  await expect(page).toHaveURL(/\/exercises\//);
  await expect(page.getByRole('button', { name: 'change part b' })).toHaveText('What is still owed after payment 30?');
  await expect(page.getByText('goes on from part a')).toBeVisible();
  await page.getByRole('button', { name: 'change part b' }).click();
  await page.getByRole('button', { name: 'duplicate part b' }).click();
  await expect(page.getByRole('button', { name: 'change part c' })).toBeVisible();
  await page.getByRole('button', { name: 'move part c', exact: true }).focus();
  await page.keyboard.press('Space');
  await expect(page.getByText(/Part 3 is (picked up|over place 3)/)).toBeAttached();
  // The places are measured a moment after it is picked up: a step before that leads nowhere.
  await expect(async () => {
    await page.keyboard.press('ArrowUp');
    await expect(page.getByText('Part 3 is over place 2.')).toBeAttached({ timeout: 500 });
  }).toPass();
  await page.keyboard.press('Space');
  const letters = page.getByRole('button', { name: /^move part .$/ });
  await expect(letters.nth(1)).toHaveAccessibleName('move part c');
  await page.getByRole('button', { name: 'part a', exact: true }).first().click();
  await expect(page.getByLabel('prompt of part a')).toHaveValue('Find the monthly payment.');
});

test.use({ permissions: ['clipboard-read', 'clipboard-write'] });

test('a recurrence exercise is written, given to a class, and judged piece by piece', async ({ page }) => {
  await page.goto('/classes');
  await page.getByRole('button', { name: 'New class' }).click();
  await page.getByLabel('Code').fill('BM 660');
  await page.getByLabel('Course').fill('Sequences');
  await page.getByRole('button', { name: 'Make the class' }).click();
  await page.getByRole('button', { name: 'Add students' }).first().click();
  await page.getByRole('dialog').getByLabel('One student a line').fill('Ada Quill\nBen Osier');
  await page.getByRole('button', { name: 'Add 2 students' }).click();
  await expect(page.getByLabel('name of Ben Osier')).toBeVisible();
  await state(page, { 'amount received': '9,000', rate: '6', 'number of payments': '24' });
  await page.getByLabel('name of the case').fill('A boat shed, term by term');
  await page.getByRole('button', { name: 'Make an exercise of it' }).click();
  await expect(page).toHaveURL(/\/exercises\//);
  await page.getByRole('button', { name: /a usual question/ }).click();
  await page.getByRole('menuitem', { name: /State the recurrence/ }).click();
  await expect(page.getByRole('button', { name: 'working of part b' })).toHaveText(
    'V₀ = 9,000.00, Vₙ₊₁ = 1.005·Vₙ − 398.89',
  );
  await page.getByRole('button', { name: '+ add a part' }).click();
  await page.getByLabel('prompt of part c').fill('Which term first falls below 5,000?');
  await page.getByLabel('what is asked of part c').selectOption('term-below');
  await page.getByLabel('past of part c').fill('5,000');
  await expect(page.getByRole('button', { name: 'working of part c' })).toHaveText('12');
  // Tried as a student would write it.
  const student = page.getByRole('region', { name: 'Try it as a student' });
  await student.getByLabel('answer to part b').fill('u(n) = 1.005 u(n-1) + 398.89, u(0) = 9000');
  await expect(student).toContainText('the payment was added; it is taken away');
  await student.getByLabel('answer to part b').fill('V(n+1) = 9000');
  await expect(student).toContainText('The right side must have the term before in it');
  await page.getByRole('button', { name: 'working of part b' }).click();
  await expect(page.getByRole('tablist', { name: 'Ways' }).getByRole('tab', { name: /Recurrence/ })).toBeVisible();

  await expect(page.getByRole('status').filter({ hasText: 'kept' }).first()).toHaveText('kept');
  await page.getByRole('button', { name: 'Give it to a class' }).click();
  await page.getByRole('menuitem', { name: /BM 660/ }).click();
  await page.getByRole('button', { name: 'Give it out' }).click();
  await page.getByRole('link', { name: 'Mark', exact: true }).click();
  const grid = page.getByRole('grid', { name: 'Answers' });
  await grid.focus();
  await page.evaluate(
    (text) => navigator.clipboard.writeText(text),
    '398.89\tu(0) = 9000, u(n) = 1.005 u(n-1) − 398.89\t12\n398.89\tV(0) = 9000; V(n+1) = 0.005 V(n) − 398.89\t400',
  );
  await page.keyboard.press('Control+v');
  const row = (name: string) => page.getByRole('row', { name: new RegExp(name) });
  await expect(row('Ada Quill').getByRole('gridcell').last()).toHaveText('7');
  await expect(row('Ben Osier').getByRole('gridcell').last()).toHaveText('5');
  await row('Ben Osier').getByRole('gridcell').nth(1).click();
  await expect(page.getByRole('complementary', { name: 'The answer explained' })).toContainText(
    'a term keeps all of the one before it as well, so 1 is added',
  );
});
