/** `npm run bench -- grid`: opening the marking of a stored set of 112 students and 15 parts, and moving through it with a held arrow key, in the built application. */
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { chromium } from '@playwright/test';

const folder = mkdtempSync(join(tmpdir(), 'hardy-sextant-grid-'));
const server = spawn(process.execPath, [resolve('packages/server/dist/main.js')], {
  env: {
    ...process.env,
    PORT: '0',
    DATABASE_URL: `file:${join(folder, 'book.db')}`,
    MIGRATIONS: resolve('packages/server/drizzle'),
    PAGES: resolve('packages/web/dist'),
    NODE_ENV: 'production',
  },
  stdio: ['ignore', 'pipe', 'inherit'],
});
const address = await new Promise<string>((done) => {
  server.stdout.on('data', (text: Buffer) => {
    const found = /http:\/\/[\d.]+:\d+/.exec(text.toString());
    if (found) done(found[0]);
  });
});
const middle = (all: readonly number[], share = 0.5): number =>
  [...all].sort((a, b) => a - b)[Math.floor(share * (all.length - 1))]!;
// All is judged in the background after the start; only then is opening the opening of a stored set.
for (let left = 1; left > 0;)
  left = (
    (await (await fetch(`${address}/api/sets/demo-midterm/check`, { method: 'POST' })).json()) as { left: number }
  ).left;
const answers: number[] = [];
for (let k = 0; k < 15; k += 1) {
  const begun = performance.now();
  await (await fetch(`${address}/api/sets/demo-midterm/marking`)).text();
  answers.push(performance.now() - begun);
}
console.log(
  `the server answers with the whole marking: median ${middle(answers).toFixed(0)} ms, slowest ${Math.max(...answers).toFixed(0)} ms`,
);

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--disable-background-networking'],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`${address}/sets/demo-midterm`);
await page.getByRole('link', { name: 'Mark', exact: true }).waitFor();
const opened: number[] = [];
for (let k = 0; k < 7; k += 1) {
  const begun = performance.now();
  await page.getByRole('link', { name: 'Mark', exact: true }).click();
  await page.getByRole('gridcell').first().waitFor();
  opened.push(performance.now() - begun);
  await page.goBack();
  await page.getByRole('link', { name: 'Mark', exact: true }).waitFor();
}
console.log(
  `from the click on Mark to the grid: first ${opened[0]!.toFixed(0)} ms, then median ${middle(opened.slice(1)).toFixed(0)} ms`,
);

await page.goto(`${address}/sets/demo-midterm/marking?exercise=all`);
await page.getByRole('grid').focus();
await page.evaluate(() => {
  const frames: number[] = [];
  let last = performance.now();
  const tick = () => {
    const now = performance.now();
    frames.push(now - last);
    last = now;
    requestAnimationFrame(tick);
  };
  requestAnimationFrame(tick);
  (window as unknown as { frames: number[] }).frames = frames;
});
const held = async (key: string, times: number): Promise<void> => {
  await page.evaluate(() => ((window as unknown as { frames: number[] }).frames.length = 0));
  // As a held key repeats: some thirty times a second.
  for (let k = 0; k < times; k += 1) {
    await page.keyboard.press(key);
    await page.waitForTimeout(33);
  }
  const frames = await page.evaluate(() => (window as unknown as { frames: number[] }).frames);
  const dropped = frames.filter((frame) => frame > 25).length;
  console.log(
    `${key} held for ${times} answers: ${frames.length} frames, median ${middle(frames).toFixed(1)} ms, 95 of 100 within ${middle(frames, 0.95).toFixed(1)} ms, ${dropped} longer than 25 ms`,
  );
};
await held('ArrowDown', 100);
await held('ArrowRight', 14);
await held('PageUp', 11);
await browser.close();
server.kill();
rmSync(folder, { recursive: true, force: true });
