/** One current picture of each main view, made from the demo data. */
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { comeInAsStudent, expect, test } from '../application.ts';

const folder = join(import.meta.dirname, '../../docs/screenshots');

const views: readonly {
  readonly name: string;
  readonly path: string;
  readonly ready: string;
  readonly dark?: boolean;
  /** What is done before the picture is taken. */
  readonly act?: (page: Page) => Promise<void>;
}[] = [
  { name: 'desk', path: '/', ready: 'Kiln shed loan' },
  { name: 'bench', path: '/bench/demo-kiln-shed', ready: 'Does it close?' },
  { name: 'bench-dark', path: '/bench/demo-solar-roof?years=plan-year', ready: 'Does it close?', dark: true },
  { name: 'picture', path: '/bench/demo-kiln-shed?show=picture', ready: 'The numbers of the picture' },
  { name: 'papers', path: '/sets/demo-midterm/papers?room=30', ready: 'Room to work' },
  { name: 'texts', path: '/exercises/from-text', ready: 'Paste the text of one problem', act: readExample },
  { name: 'worksheets', path: '/sets/demo-week-3/worksheets?cause=reference-not-fixed', ready: 'Certain: mended' },
  { name: 'rules', path: '/rules?of=demo-bm210', ready: 'What that does to' },
  { name: 'working', path: '/bench/demo-kiln-shed?show=working&way=five-values', ready: 'Solve for PMT' },
  { name: 'worksheet', path: '/bench/demo-solar-roof?show=working&way=worksheet&step=9', ready: 'goes along' },
  { name: 'projector', path: '/bench/demo-kiln-shed?show=working&way=table&projector=on', ready: 'Step 1 of' },
  { name: 'exercises', path: '/exercises', ready: 'numbers vary' },
  { name: 'exercise', path: '/exercises/starter-23', ready: 'Parts · 10 marks' },
  { name: 'set', path: '/sets/demo-week-6', ready: 'one set for all' },
  { name: 'marking', path: '/sets/demo-week-6/marking?student=demo-k-2102&at=e1%2Fa', ready: 'Submitted' },
  {
    name: 'feedback',
    path: '/sets/demo-week-6/feedback?student=demo-k-2105',
    ready: 'What students read about each slip',
  },
  { name: 'live', path: '/sets/demo-week-6/live', ready: 'Open a classroom' },
  { name: 'student', path: '/my/demo-week-6', ready: 'Exercise 1 of 3', act: onAPhone },
  { name: 'went-wrong', path: '/sets/demo-midterm/went-wrong', ready: 'Every cause, by what it cost' },
];

for (const { name, path, ready, dark, act } of views)
  test(name, async ({ page }) => {
    if (dark) await page.emulateMedia({ colorScheme: 'dark' });
    if (path.startsWith('/my')) await comeInAsStudent(page);
    await page.goto(path);
    await expect(page.getByText(ready).first()).toBeVisible();
    await act?.(page);
    await page.evaluate(() => document.fonts.ready);
    await page.waitForLoadState('networkidle');
    await page.screenshot({ path: join(folder, `${name}.png`) });
  });

/** A problem pasted and read. */
async function readExample(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Try an example' }).click();
  await page.getByRole('button', { name: 'Read it' }).click();
  await page.getByRole('region', { name: 'what is asked' }).getByText('384.95').waitFor();
}

/** A student's page as it stands on a phone, with a number that cannot be read. */
async function onAPhone(page: Page): Promise<void> {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.getByRole('textbox', { name: /^a\s/ }).fill('62,5.72');
  await expect(page.getByText('Did you mean', { exact: false })).toBeVisible();
}
