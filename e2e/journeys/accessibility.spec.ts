/** axe finds nothing on any screen, in both themes. */
import { foundByAxe, foundInColours } from '../axe.ts';
import { comeInAsStudent, expect, test } from '../application.ts';

const screens: readonly (readonly [string, string])[] = [
  ['/', 'Kiln shed loan'],
  ['/bench', 'Fill in the slots'],
  ['/bench/demo-kiln-shed', 'Does it close?'],
  ['/bench/demo-kiln-shed?show=working', 'Five values'],
  ['/bench/demo-kiln-shed?show=working&projector=on', 'Step 1 of'],
  ['/bench/demo-kiln-shed?show=cross-check', 'agree to 9 decimals'],
  ['/rules?style=per-payment', 'Copy and change it'],
  ['/bench/demo-ferry?show=picture', 'The numbers of the picture'],
  ['/bench/demo-boatyard?show=timeline', 'Numbers count periods'],
  ['/bench/demo-solar-roof?show=target', 'What is found'],
  ['/bench/demo-bakery-oven?show=together', 'One borrower has'],
  ['/bench/demo-card-rate', 'grows money'],
  ['/cases', 'Oyster rafts'],
  ['/rules', 'What that does to'],
  ['/exercises', 'The kiln shed loan'],
  ['/exercises/demo-kiln-shed', 'What students read'],
  ['/exercises/from-text', 'Paste the text of one problem'],
  ['/sets', 'Midterm practice'],
  ['/sets/demo-week-6', 'one set for all'],
  ['/sets/demo-week-6/marking', 'Submitted'],
  ['/sets/demo-week-3/worksheets?cause=reference-not-fixed', 'Certain: mended'],
  ['/sets/demo-midterm/marking?exercise=all&cause=unexplained', 'What would give'],
  ['/sets/demo-week-6/feedback', 'What students read about each slip'],
  ['/exercises/demo-kiln-shed/papers', 'Room to work'],
  ['/sets/demo-week-3/papers', 'Room to work'],
  ['/sets/demo-week-3/papers?what=solutions&way=worksheet', 'With reasons'],
  ['/sets/demo-week-3/papers?what=feedback', 'With the working'],
  ['/sets/demo-midterm/went-wrong', 'Every cause, by what it cost'],
  ['/classes/demo-bm210', 'Its sets'],
  ['/rules?of=demo-bm210', 'When an explanation is believed'],
  ['/exercises/starter-23?work=a', 'What students read'],
  ['/sets/demo-week-6/live', 'Extra time'],
  ['/sets/demo-week-6/codes', 'open the page'],
  ['/people', 'You are alone on this machine'],
  ['/backups', 'of the day'],
  ['/welcome', 'The link is not whole'],
  ['/in', 'Code on your paper'],
  ['/my', 'Week 3, payments'],
  ['/my/demo-week-6', 'Exercise 1 of 3'],
  ['/my/demo-week-6?see=review', 'Look over, and submit'],
  ['/my/demo-week-3?see=feedback', 'Your answer'],
  ['/my/demo-week-3?more=e3', 'Other numbers'],
  ['/classes', 'BM 210'],
  ['/nowhere', 'Nothing is kept'],
];

for (const [path, ready] of screens)
  test(path, async ({ window: page }) => {
    await page.emulateMedia({ colorScheme: 'light' });
    if (path.startsWith('/my')) await comeInAsStudent(page);
    await page.goto(path);
    await expect(page.getByText(ready).first()).toBeVisible();
    expect(await foundByAxe(page)).toEqual([]);
    await page.emulateMedia({ colorScheme: 'dark' });
    await expect(page.locator('html')).toHaveAttribute('data-mantine-color-scheme', 'dark');
    expect(await foundInColours(page)).toEqual([]);
  });
