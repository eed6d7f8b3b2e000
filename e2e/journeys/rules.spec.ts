/** House rules by name: a class picks them, an exercise is written under them, and a set says where a number moves. */
import { expect, test } from '../application.ts';

test('rules of their own name are picked by a class, shown beside a key, told before a set is given, and deleted with a way back', async ({
  page,
}) => {
  await page.goto('/rules');
  await page.getByRole('button', { name: 'Copy to new rules' }).click();
  await expect(page.getByRole('heading', { name: 'Usual, otherwise' })).toBeVisible();
  const ofRules = page.url();
  await page.getByLabel('Name', { exact: true }).fill('');
  await page.getByRole('button', { name: 'Keep these rules' }).click();
  await expect(page.getByText('House rules have a name.')).toBeVisible();
  await page.getByLabel('Name', { exact: true }).fill('Whole payments');
  await page.getByRole('combobox', { name: 'The payment is' }).click();
  await page.getByRole('option', { name: 'rounded up to whole units' }).click();
  await page.getByRole('button', { name: 'Keep these rules' }).click();
  await expect(page.getByText('The rules of Whole payments are kept.')).toBeVisible();
  await expect(page.getByText('No class follows them.')).toBeVisible();

  await page.goto('/classes');
  await page.getByRole('button', { name: 'New class' }).click();
  await page.getByLabel('Code').fill('BM 550');
  await page.getByRole('dialog').getByRole('combobox', { name: 'House rules' }).click();
  await page.getByRole('option', { name: 'Whole payments' }).click();
  await page.getByRole('button', { name: 'Make the class' }).click();
  const ofClass = page.getByRole('combobox', { name: 'house rules of the class' });
  await expect(ofClass).toHaveValue('Whole payments');
  const classPage = page.url();

  await page.goto('/exercises/demo-kiln-shed');
  await expect(page.getByLabel('house rules of the key')).toHaveValue('default');
  await expect(page.getByText(/Whole payments[^:]*: 942\.00/)).toBeVisible();
  await page.getByRole('button', { name: 'Give it to a class' }).click();
  await page.getByRole('menuitem', { name: 'BM 550' }).click();
  const moved = page.getByRole('region', { name: 'Other main numbers in this class' });
  await expect(moved).toContainText('BM 550 follows Whole payments');
  await expect(moved).toContainText('part a: 942.00 (under Usual 941.43)');
  await expect(moved).toContainText('An answer with either number is right.');
  const setPage = page.url();
  await page.goto('/exercises/demo-kiln-shed');
  await page.getByLabel('house rules of the key').selectOption({ label: 'rules: Whole payments' });
  await expect(page.getByText(/BM 210[^:]*: 941\.43/)).toBeVisible();
  await page.goto(setPage);
  await expect(page.getByRole('heading', { name: 'For BM 550' })).toBeVisible();
  await expect(moved).toHaveCount(0);

  // While the class follows them they stay.
  await page.goto(ofRules);
  await expect(page.getByText('Followed by BM 550')).toBeVisible();
  await page.getByRole('button', { name: 'Delete them' }).click();
  await expect(page.getByText('BM 550 follows these rules. Pick other rules for that class first.')).toBeVisible();
  await page.goto(classPage);
  await ofClass.click();
  await page.getByRole('option', { name: 'Usual' }).click();
  await expect(page.getByText('BM 550 follows “Usual” now')).toBeVisible();
  await page.goto(setPage);
  await expect(moved).toContainText('part a: 941.43 (under Whole payments 942.00, which is not right in this class)');
  await page.goto(ofRules);
  const named = page.getByRole('list', { name: 'Sets of house rules' });
  await expect(named).toContainText('Whole payments');
  await page.getByRole('button', { name: 'Delete them' }).click();
  await expect(named).not.toContainText('Whole payments');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(named).toContainText('Whole payments');
  await page.goto('/exercises/demo-kiln-shed');
  await page.getByLabel('house rules of the key').selectOption({ label: 'rules: Usual' });
  await expect(page.getByLabel('house rules of the key')).toHaveValue('default');
});

test('a class writes formulas in its own form, and every way follows', async ({ page }) => {
  await page.goto('/rules?page=writing');
  await page.getByRole('button', { name: 'Copy to new rules' }).click();
  await expect(page.getByRole('heading', { name: 'Usual, otherwise' })).toBeVisible();
  await page.getByRole('tab', { name: 'How we write it' }).click();
  const sample = page.getByRole('list', { name: 'Sample: Formula' });
  const letter = (name: string) => page.getByLabel(name, { exact: true });
  const choose = async (name: string, option: RegExp) => {
    await page.getByRole('combobox', { name }).click();
    await page.getByRole('option', { name: option }).click();
  };
  await letter('the payment').fill('A');
  await expect(page.getByText('A sample stands here again')).toBeVisible();
  await page.getByRole('button', { name: 'Keep these rules' }).click();
  await expect(page.getByText('A also stands for the amount at the start.')).toBeVisible();
  await expect(page.getByRole('tab', { name: 'How we write it △' })).toBeVisible();
  await letter('the payment').fill('PMT');
  await letter('the amount at the start').fill('PV');
  await choose('The annuity factor is', /named/);
  await choose('The minus stands', /before the amount/);
  await choose('Arguments are parted by', /commas/);
  await choose('A recurrence', /uₙ =/);
  await expect(sample).toContainText('PMT');
  await expect(page.getByText('=PMT(B1,B2,-B3,B4,0)')).toBeVisible();
  await page.getByRole('tab', { name: /Conventions/ }).click();
  await letter('Name').fill('Own letters');
  await page.getByRole('button', { name: 'Keep these rules' }).click();
  await expect(page.getByText('The rules of Own letters are kept.')).toBeVisible();

  await page.goto('/bench?show=working');
  await expect(page).toHaveURL(/bench\/./);
  await page.getByLabel('amount received', { exact: true }).fill('48,000');
  await page.getByLabel('rate', { exact: true }).fill('6.6');
  await page.getByLabel('number of payments', { exact: true }).fill('60');
  await page.getByLabel('house rules').selectOption({ label: 'Own letters' });
  await expect(page.getByRole('list', { name: 'Formula' })).toContainText('PMT');
  await page.getByRole('tab', { name: /Sheet function/ }).click();
  await expect(page.getByText('=PMT(B1,B2,-B3,B4,0)')).toBeVisible();
  await page.getByRole('button', { name: 'Show on the projector' }).click();
  await page.getByLabel('way', { exact: true }).selectOption('recurrence');
  await page.getByRole('button', { name: 'Next' }).focus();
  // The way that was chosen has more steps than the one before: the last of them is there once it is drawn.
  await expect(async () => {
    await page.keyboard.press('End');
    await expect(page.getByRole('dialog').getByText('u₆₀', { exact: true })).toBeVisible({ timeout: 2000 });
  }).toPass();
});
