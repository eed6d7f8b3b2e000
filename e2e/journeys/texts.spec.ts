/** Problems pasted as text: read with their marks, doubts settled, made into exercises, shown to a class. */
import type { Page } from '@playwright/test';
import { expect, test } from '../application.ts';

/** The newest exercises of the book. */
const newest = (page: Page): Promise<string[]> =>
  page.evaluate(async () => {
    const { rows } = (await (await fetch('/api/exercises')).json()) as { rows: { id: string }[] };
    return rows.map(({ id }) => id);
  });

let before: readonly string[] = [];
test.beforeEach(async ({ page }) => {
  await page.goto('/exercises/from-text');
  before = await newest(page);
});
// The book is everybody's: what was made here goes.
test.afterEach(async ({ page }) => {
  const made = (await newest(page)).filter((id) => !before.includes(id));
  await page.evaluate(async (ids) => {
    for (const id of ids)
      await fetch(`/api/exercises/${id}`, { method: 'DELETE', headers: { 'content-type': 'application/json' } });
    localStorage.clear();
  }, made);
});

const clear = [
  'A weaver borrows £6,400 at 6.9% a year compounded monthly and repays it over three years at the end of each month. Find the monthly payment.',
  'Nils puts €150 into a fund at the end of each month at 3 % compounded monthly. How much is in it after five years?',
  'What single sum must be invested today at 4 % effective to grow to $20,000 in eight years?',
  'Convert 7.2 % compounded monthly to an effective rate.',
  'From £90,000 at 4.2% compounded quarterly a choir draws the same sum at the end of every quarter for 12 years until nothing is left. How much can it draw each time?',
  'A flat-rate credit of £1,800 at 6% per annum flat is repaid in 24 equal monthly instalments. What is the instalment?',
  'A kiln worth £14,000 is leased for 36 months at 8.4% compounded monthly; rentals in advance, residual £3,000. What is the monthly rental?',
  'A boat costs $9,500. Tove pays $1,500 down and finances the rest at 7.5% compounded monthly in 48 payments at the end of each month. What is financed? What is the payment?',
  'A debt of €5,000 at 9 % compounded monthly is repaid with €160 at the end of each month. How many payments are needed?',
];
const doubtful = [
  'A loan of £9,000 at 6% compounded monthly is repaid in 30 payments, one a month, over three years, at the end of each month. What is the payment?',
  'A loan of £8,000 at 6% compounded monthly is repaid in 48 payments, one a month, over five years, at the end of each month. What is the payment?',
  'A loan of £7,000 at 6% compounded monthly is repaid in 20 payments, one a month, over two years, at the end of each month. What is the payment?',
];

test('twelve problems pasted at once become twelve exercises, three doubts settled on the way', async ({ page }) => {
  await page.goto('/exercises/from-text');
  const texts = [...clear, ...doubtful].map((text, at) => `${at + 1}. ${text}`);
  await page.getByLabel('text of the problems').fill(texts.join('\n'));
  await page.getByRole('button', { name: 'Read 12 problems' }).click();
  await page.getByRole('button', { name: 'Make all without a doubt (9)' }).click();
  await expect(page.getByText('9 exercises are made.')).toBeVisible();
  for (const [place, first, payment] of [
    [10, '30 payments', '323.81'],
    [11, '48 payments', '187.88'],
    [12, '20 payments', '368.67'],
  ] as const) {
    await page.getByRole('button', { name: `problem ${place}, doubtful` }).click();
    await expect(page.getByRole('list', { name: 'what is doubtful' })).toContainText('Which holds?');
    await page.getByRole('button', { name: first }).click();
    await expect(page.getByRole('list', { name: 'what is doubtful' })).toBeHidden();
    await expect(page.getByRole('region', { name: 'what is asked' })).toContainText(payment);
    await page.getByRole('button', { name: 'Make the exercise' }).click();
    await expect(page.getByRole('link', { name: 'Open the exercise' })).toBeVisible();
  }
  await page.getByRole('link', { name: 'Open the exercise' }).click();
  await expect(page.getByRole('textbox', { name: 'Story' })).toContainText('A loan of £');
  await expect(page.getByRole('button', { name: 'working of part a' })).toHaveText('368.67');

  // Everything is taken back as it came.
  await page.goto('/exercises?find=A%20weaver%20borrows');
  await expect(page.getByRole('link', { name: /^A weaver borrows/ })).toBeVisible();
  await page.goto('/exercises/from-text');
  await page.getByRole('button', { name: 'Put away' }).click();
  await expect(page.getByLabel('text of the problems')).toBeVisible();
});

test('a mark is changed, left aside, given another value; the plan follows, and a reload keeps it', async ({
  page,
}) => {
  await page.goto('/exercises/from-text');
  await page.getByRole('button', { name: 'Try an example' }).click();
  await page.getByRole('button', { name: 'Read it' }).click();
  const asked = page.getByRole('region', { name: 'what is asked' });
  await expect(asked).toContainText('384.95');
  await page.getByRole('button', { name: /^\$180, fee/ }).click();
  await page.getByRole('button', { name: 'Leave aside' }).click();
  await expect(page.getByRole('region', { name: 'not used' })).toContainText('$180');
  await expect(asked).toContainText('379.41');
  await page.getByRole('button', { name: /^36, payments/ }).press('Enter');
  await page.getByLabel('Value').fill('48');
  await page.getByRole('button', { name: 'Take it so' }).press('Enter');
  await expect(page.getByRole('region', { name: 'the plan' })).toContainText('48 monthly payments');
  await expect(page.getByRole('button', { name: /^36, payments/ })).toBeFocused();
  await page.reload();
  await expect(page.getByRole('region', { name: 'the plan' })).toContainText('48 monthly payments');

  await page.getByLabel('title of the exercise').fill('The cider press, varied');
  // Faster than it can be read again: what is made is what stands there.
  await page.getByLabel('Vary the numbers').evaluate(async (box: HTMLInputElement) => {
    box.click();
    await Promise.resolve();
    [...document.querySelectorAll('button')].find(({ textContent }) => textContent === 'Make the exercise')!.click();
  });
  await expect(page).toHaveURL(/\/exercises\/[\w-]+$/);
  await expect(page.getByLabel('how price varies')).toHaveValue('range');
  await expect(page.getByLabel('title of the exercise')).toHaveValue('The cider press, varied');
  await page.goto('/exercises/from-text');
  await page.getByRole('button', { name: 'Put away' }).click();
});

test('with the numbers varied it says which vary, and which the wording holds', async ({ page }) => {
  await page
    .getByLabel('text of the problems')
    .fill(
      'A loft is priced at $36,000. The sail makers pay $6,000 down and borrow the rest at 6.3% compounded monthly for 2 years, that is for 24 month-end payments. What is the payment?',
    );
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByRole('region', { name: 'what is asked' })).toContainText('1,333.68');
  const varies = page.getByRole('region', { name: 'what varies' });
  await expect(varies).toBeHidden();
  await page.getByLabel('Vary the numbers').check();
  await expect(varies).toContainText('price 27,000 to 45,000');
  await expect(varies).toContainText('Stays as it is: 2 years, 24');
  await page.getByLabel('Vary the numbers').uncheck();
  await expect(varies).toBeHidden();
});

test('what is typed while an exercise is being made stays', async ({ page }) => {
  let letGo = () => {};
  const held = new Promise<void>((done) => (letGo = done));
  await page.route('**/api/exercise-file', async (route) => {
    await held;
    await route.continue();
  });
  await page.getByLabel('text of the problems').fill(`1. ${clear[0]}\n2. ${clear[1]}`);
  await page.getByRole('button', { name: 'Read 2 problems' }).click();
  await page.getByRole('button', { name: 'Make the exercise' }).click();
  await page.getByRole('button', { name: 'problem 2, ready' }).click();
  const title = page.getByLabel('title of the exercise');
  await title.fill('A fund for later');
  letGo();
  await expect(page.getByText('One exercise is made.')).toBeVisible();
  await expect(title).toHaveValue('A fund for later');
  await page.getByRole('button', { name: 'problem 1, made' }).click();
  await expect(page.getByRole('link', { name: 'Open the exercise' })).toBeVisible();
});

test('a lesson covers what each number is until it is asked, by the keyboard', async ({ page }) => {
  await page.goto('/exercises/from-text');
  await page.getByRole('button', { name: 'Try an example' }).click();
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByRole('region', { name: 'what is asked' })).toContainText('384.95');
  await page.getByRole('button', { name: 'Show the class' }).click();
  const lesson = page.getByRole('dialog');
  await expect(lesson.getByRole('button', { name: '$14,500: what is it?' })).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(lesson.getByRole('button', { name: '34: not used' })).toBeVisible();
  await lesson.getByRole('button', { name: '$14,500: what is it?' }).click();
  await expect(lesson.getByRole('button', { name: '$14,500: price' })).toBeVisible();
  await lesson.getByRole('button', { name: 'Cover all' }).click();
  await expect(lesson.getByRole('button', { name: '$14,500: what is it?' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Show the class' })).toBeFocused();
  await page.getByRole('button', { name: 'Put away' }).click();
});

test('what cannot be read is said in a sentence, and nothing is lost', async ({ page }) => {
  await page.goto('/exercises/from-text');
  const box = page.getByLabel('text of the problems');
  await box.fill('The tide comes in, the tide goes out.');
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByText('There are no numbers in this text that a problem could rest on.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Make the exercise' })).toBeDisabled();
  await page.getByRole('button', { name: 'Edit the text' }).click();
  await page.getByLabel('the text of this problem').fill('Find the monthly payment on a loan of $8,000 over 3 years.');
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText('The text does not say the interest rate.')).toBeVisible();
  await page.getByRole('button', { name: 'Put away' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('The text does not say the interest rate.')).toBeVisible();
  await page.getByRole('button', { name: 'Put away' }).click();
  await box.fill('A loan of £5,000. '.repeat(12_000));
  await expect(page.getByText(/longer than 8,000 characters/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Read it' })).toBeDisabled();
});

test('help stands on each page with its words, and is found by the command search', async ({ page }) => {
  await page.goto('/exercises/from-text');
  await page.getByRole('button', { name: 'help on this page' }).click();
  const help = page.getByRole('dialog', { name: 'Help: Paste a problem' });
  await expect(help).toContainText('becomes exercises with your wording');
  await expect(help).toContainText('The rate a year that money really grows by');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'help on this page' })).toBeFocused();
  await page.getByRole('button', { name: 'doubt' }).click();
  await expect(page.getByRole('dialog', { name: 'doubt' })).toContainText('can be read two ways');
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+k');
  await page.getByRole('textbox', { name: 'command search' }).fill('sinking fund');
  await page.getByText('What it means: sinking fund').click();
  await expect(page.getByRole('dialog', { name: /^Help/ })).toContainText(
    'Equal deposits that grow to a sum needed later.',
  );
});

test('a phone: desk, bench, marking and feedback stay within the screen, and the places are a menu', async ({
  page,
}) => {
  await page.setViewportSize({ width: 360, height: 740 });
  for (const [path, ready] of [
    ['/', /^All \d+ kept cases$/],
    ['/bench/demo-kiln-shed', 'Does it close?'],
    ['/sets/demo-week-6/marking', 'Submitted'],
    ['/sets/demo-week-6/feedback', 'What students read about each slip'],
    ['/exercises/from-text', 'Paste the text of one problem'],
    ['/cases', 'Oyster rafts'],
  ] as const) {
    await page.goto(path);
    await expect(page.getByText(ready).first()).toBeVisible();
    const widths = await page.evaluate(() => [
      document.documentElement.scrollWidth,
      document.querySelector('main')!.scrollWidth,
    ]);
    expect(widths).toEqual([360, 360]);
  }
  await page.getByRole('button', { name: 'Places ▾' }).click();
  await page.getByRole('menuitem', { name: 'Sets' }).click();
  await expect(page).toHaveURL(/\/sets$/);
});

test('a problem that is in the library already is opened, not made a second time', async ({ page }) => {
  const pasteAndMake = async () => {
    await page.getByLabel('text of the problems').fill(clear[0]!);
    await page.getByRole('button', { name: 'Read it' }).click();
    await page.getByRole('button', { name: 'Make the exercise' }).click();
  };
  await pasteAndMake();
  await page.waitForURL(/\/exercises\/(?!from-text)/);
  const made = new URL(page.url()).pathname;
  await page.goto('/exercises/from-text');
  await page.getByRole('button', { name: 'Put away' }).click();
  await pasteAndMake();
  await expect(page.getByRole('status').filter({ hasText: 'word for word' })).toHaveText(
    'It is in your library already, word for word.',
  );
  await expect(page.getByRole('link', { name: 'Open the exercise' })).toHaveAttribute('href', made);
});
