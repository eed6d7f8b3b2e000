/** The started application as tests see it: built pages, its own database, its own port; it can be stopped and started again. */
import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { test as base, type Page } from '@playwright/test';

const root = resolve(import.meta.dirname, '..');

export interface Application {
  readonly address: string;
  /** Stops the server and starts another on the same database and port. */
  readonly restart: () => Promise<void>;
  /** Kills the server at once, as a power cut would. */
  readonly kill: () => Promise<void>;
}

/** Starts the server and waits until it says something that fits, or ends. */
export async function startUntil(
  folder: string,
  env: Readonly<Record<string, string>>,
  fits: RegExp,
): Promise<{ readonly said: string; readonly code: number | null; readonly stop: () => Promise<void> }> {
  const child = spawn(process.execPath, [join(root, 'packages/server/dist/main.js')], {
    env: {
      ...process.env,
      PORT: '0',
      DATABASE_URL: `file:${join(folder, 'book.db')}`,
      MIGRATIONS: join(root, 'packages/server/drizzle'),
      PAGES: join(root, 'packages/web/dist'),
      NODE_ENV: 'production',
      ...env,
    },
  });
  let said = '';
  const code = await new Promise<number | null>((done) => {
    const hear = (text: Buffer): void => {
      said += text.toString();
      if (fits.test(said)) done(null);
    };
    child.stdout.on('data', hear);
    child.stderr.on('data', hear);
    child.on('close', done);
  });
  return { said, code, stop: () => stop(child) };
}

async function launch(folder: string, port: number): Promise<{ child: ChildProcess; address: string }> {
  const child = spawn(process.execPath, [join(root, 'packages/server/dist/main.js')], {
    env: {
      ...process.env,
      PORT: String(port),
      DATABASE_URL: `file:${join(folder, 'book.db')}`,
      MIGRATIONS: join(root, 'packages/server/drizzle'),
      PAGES: join(root, 'packages/web/dist'),
      NODE_ENV: 'production',
    },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const address = await new Promise<string>((done, failed) => {
    child.on('exit', (code) => failed(new Error(`the server ended with ${code}`)));
    child.stdout!.on('data', (text: Buffer) => {
      const found = /http:\/\/[\d.]+:\d+/.exec(text.toString());
      if (found) done(found[0]);
    });
  });
  return { child, address };
}

/** Until the answers of the demo have been judged in the background: two workers on two cores would else wait for them in their first test. */
async function idle(address: string): Promise<void> {
  for (let tries = 0; tries < 150; tries += 1) {
    const { rows } = (await (await fetch(`${address}/api/sets`)).json()) as {
      rows: { assignedAt?: string; counts: { toLookAt: number } }[];
    };
    if (rows.every(({ assignedAt, counts }) => !assignedAt || counts.toLookAt > 0)) return;
    await new Promise((done) => setTimeout(done, 100));
  }
}

const stop = (child: ChildProcess, signal: NodeJS.Signals = 'SIGTERM'): Promise<void> =>
  new Promise((done) => {
    if (child.exitCode !== null || child.signalCode !== null) return done();
    child.removeAllListeners('exit');
    child.on('exit', () => done());
    child.kill(signal);
  });

interface OfATest {
  /** A book of its own, for a test after which others could not go on. */
  readonly own: Application & { readonly folder: string };
}

interface OfAWorker {
  readonly application: Application;
  /** One window for all tests that only look: its scripts are read once, and no other is opened for each. */
  readonly window: Page;
}

/** Comes in as a student of the small class, with the link of their own; the window stays the instructor's too. */
export async function comeInAsStudent(page: Page): Promise<void> {
  const { students } = (await (await page.request.get('/api/sets/demo-week-6/codes')).json()) as {
    students: { token: string }[];
  };
  const came = await page.request.post('/api/my/session', { data: { link: students[5]!.token } });
  if (!came.ok()) throw new Error(`the student could not come in: ${came.status()}`);
}

export const test = base.extend<OfATest, OfAWorker>({
  own: async ({ browserName }, use) => {
    const folder = mkdtempSync(join(tmpdir(), `hardy-sextant-${browserName}-`));
    let { child, address } = await launch(folder, 0);
    await use({
      address,
      folder,
      kill: () => stop(child, 'SIGKILL'),
      restart: async () => {
        await stop(child);
        ({ child, address } = await launch(folder, Number(new URL(address).port)));
      },
    });
    await stop(child);
    rmSync(folder, { recursive: true, force: true });
  },
  application: [
    // Playwright reads the fixtures a fixture needs from this pattern; none here.
    // eslint-disable-next-line no-empty-pattern
    async ({}, use) => {
      const folder = mkdtempSync(join(tmpdir(), 'hardy-sextant-'));
      let { child, address } = await launch(folder, 0);
      await idle(address);
      await use({
        address,
        kill: () => stop(child, 'SIGKILL'),
        restart: async () => {
          await stop(child);
          ({ child, address } = await launch(folder, Number(new URL(address).port)));
        },
      });
      await stop(child);
      rmSync(folder, { recursive: true, force: true });
    },
    { scope: 'worker' },
  ],
  window: [
    async ({ browser, application }, use) => {
      const size = { width: 1280, height: 800 };
      const page = await browser.newPage({ baseURL: application.address, viewport: size, colorScheme: 'light' });
      await use(page);
      await page.close();
    },
    { scope: 'worker' },
  ],
  baseURL: async ({ application }, use) => use(application.address),
});

export { expect } from '@playwright/test';
