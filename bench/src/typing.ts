/**
 * Typing on the Bench, measured in Chromium: from the key to the new answer and rows in the laid-out page, with 360 rows
 * and 4 variations; and how much compressed script the Bench needs at the first visit. Prints; asserts nothing.
 */

import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { chromium } from '@playwright/test';
import { emptyDraft } from '@hardy-sextant/core';

const root = resolve(import.meta.dirname, '../..');
const folder = mkdtempSync(join(tmpdir(), 'hardy-sextant-typing-'));
const server = spawn(process.execPath, [join(root, 'packages/server/dist/main.js')], {
  env: {
    ...process.env,
    PORT: '0',
    DATABASE_URL: `file:${join(folder, 'book.db')}`,
    MIGRATIONS: join(root, 'packages/server/drizzle'),
    PAGES: join(root, 'packages/web/dist'),
    NODE_ENV: 'production',
  },
  stdio: ['ignore', 'pipe', 'inherit'],
});
const address = await new Promise<string>((done) =>
  server.stdout.on('data', (text: Buffer) => {
    const found = /http:\/\/\S+/.exec(text.toString());
    if (found) done(found[0]);
  }),
);

const draft = { ...emptyDraft(), slots: { ...emptyDraft().slots, amount: '310,000', rate: '5.25', payments: '360' } };
const variations = ['4.9', '5.5', '6', '6.5'].map((rate, at) => ({ id: `v${at}`, slots: { rate }, changes: [] }));
const made = await fetch(`${address}/api/cases`, {
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify({
    title: 'Thirty years',
    document: { schemaVersion: 2, draft, variations, together: [], tags: [], rules: 'default' },
  }),
});
const { id } = (await made.json()) as { id: string };

const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
let script = 0;
const counted: Promise<void>[] = [];
page.on('requestfinished', (request) => {
  if (request.resourceType() === 'script')
    counted.push(
      request.sizes().then(({ responseBodySize }) => {
        script += responseBodySize;
      }),
    );
});
await page.goto(`${address}/bench/${id}`);
await page.getByText('Does it close?').waitFor();
await page.waitForLoadState('networkidle');
await Promise.all(counted);
console.log(`first visit of the Bench: ${(script / 1000).toFixed(0)} kB of compressed script`);

await page.evaluate(() => {
  const times: number[] = [];
  (window as unknown as { times: number[] }).times = times;
  let pressed = 0;
  window.addEventListener(
    'keydown',
    () => {
      pressed = performance.now();
    },
    true,
  );
  new MutationObserver(() => {
    if (pressed === 0) return;
    // Everything the key changed is in the page; asking for a size makes the browser lay it out now.
    void document.body.offsetHeight;
    times.push(performance.now() - pressed);
    pressed = 0;
  }).observe(document.querySelector('output')!, { childList: true, characterData: true, subtree: true });
});
const slot = page.getByLabel('amount received', { exact: true });
await slot.focus();
for (let round = 0; round < 30; round += 1) {
  await page.keyboard.press('Control+a');
  for (const key of String(211_317 + round * 1_013)) await page.keyboard.press(key);
}
const times = (await page.evaluate(() => (window as unknown as { times: number[] }).times)).sort((a, b) => a - b);
const at = (share: number) => times[Math.min(times.length - 1, Math.floor(times.length * share))]!.toFixed(1);
console.log(
  `from the key to the new answer and rows, 360 rows and 4 variations, ${times.length} keys: median ${at(0.5)} ms, 95 of 100 within ${at(0.95)} ms, slowest ${at(1)} ms`,
);

await browser.close();
server.kill();
rmSync(folder, { recursive: true, force: true });
