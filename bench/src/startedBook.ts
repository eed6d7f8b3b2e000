/** The built application, started on a book of its own. */

import { spawn } from 'node:child_process';
import { resolve } from 'node:path';

export interface StartedBook {
  /** Until it answered, in ms. */
  readonly took: number;
  /** @throws with what the server says where it refuses */
  readonly ask: <T = never>(method: string, path: string, body?: unknown) => Promise<T>;
  readonly address: string;
  readonly stop: () => Promise<void>;
  /** Ends it at once, as a power cut would. */
  readonly kill: () => Promise<void>;
}

/** @param file of the database; it is made where there is none. @param more settings */
export async function startBook(file: string, more: Readonly<Record<string, string>> = {}): Promise<StartedBook> {
  const begun = performance.now();
  const child = spawn(process.execPath, [resolve('packages/server/dist/main.js')], {
    env: {
      ...process.env,
      PORT: '0',
      DATABASE_URL: `file:${file}`,
      MIGRATIONS: resolve('packages/server/drizzle'),
      DEMO: 'no',
      NODE_ENV: 'production',
      ...more,
    },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const address = await new Promise<string>((done) =>
    child.stdout.on('data', (text: Buffer) =>
      ((found) => found && done(found[0]))(/http:\/\/[\d.]+:\d+/.exec(text.toString())),
    ),
  );
  const ask = async <T = never>(method: string, path: string, body?: unknown): Promise<T> => {
    const answer = await fetch(`${address}/api${path}`, {
      method,
      headers: { 'content-type': 'application/json' },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    });
    const text = await answer.text();
    if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status} ${text.slice(0, 200)}`);
    return (text === '' ? undefined : JSON.parse(text)) as T;
  };
  await ask('GET', '/health');
  const end = (signal: NodeJS.Signals): Promise<void> =>
    new Promise((done) => {
      if (child.exitCode !== null || child.signalCode !== null) return done();
      child.on('exit', () => done());
      child.kill(signal);
    });
  return {
    took: performance.now() - begun,
    address,
    ask,
    stop: () => end('SIGTERM'),
    kill: () => end('SIGKILL'),
  };
}
