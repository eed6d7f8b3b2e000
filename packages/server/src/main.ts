/** Starts the server: database, demo where it is wanted, one port. Settings come from the environment; what stands in the way is a sentence. */

import { createServer } from 'node:http';
import { resolve } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { pino } from 'pino';
import { z } from 'zod';
import type { HouseRules } from '@hardy-sextant/core';
import { problemTypes } from '@hardy-sextant/contract';
import { createApplication } from './application.ts';
import { inWorkers } from './checking/checker.ts';
import { loadDemo } from './demo/loadDemo.ts';
import { checkSet, isWaiting } from './services/judging.ts';
import { fillWords } from './services/searched.ts';
import { rulesOf } from './services/rules.ts';
import { CannotOpen, isEmpty, openDatabase, type OpenDatabase } from './store/database.ts';
import { assignedSetIds } from './store/sets.ts';

/** Between two sets that are looked through in the background, so that requests come first. */
const BETWEEN_MS = 5;
/** How long a stop waits for what is running. */
const PATIENCE_MS = 10_000;

const read = z
  .object({
    PORT: z.coerce
      .number('PORT is a number from 0 to 65535.')
      .int('PORT is a whole number.')
      .min(0, 'PORT is a number from 0 to 65535.')
      .max(65535, 'PORT is a number from 0 to 65535.')
      .default(4600),
    HOST: z.string().default('127.0.0.1'),
    HOSTS: z.string().default(''),
    DATABASE_URL: z.string().default(pathToFileURL(resolve('data/hardy-sextant.db')).href),
    MIGRATIONS: z.string().default(resolve('packages/server/drizzle')),
    PAGES: z.string().optional(),
    DEMO: z.enum(['yes', 'no'], 'DEMO is yes or no.').default('yes'),
    LOG_LEVEL: z
      .enum(
        ['trace', 'debug', 'info', 'warn', 'error', 'fatal', 'silent'],
        'LOG_LEVEL is one of trace, debug, info, warn, error, fatal, silent.',
      )
      .default('warn'),
  })
  .safeParse(process.env);
if (!read.success) giveUp(read.error.issues.map(({ message }) => message).join(' '));
const settings = read.data!;
const log = pino({ level: settings.LOG_LEVEL });

function giveUp(sentence: string): never {
  console.error(`Hardy Sextant did not start. ${sentence}`);
  process.exit(1);
}

async function opened(): Promise<OpenDatabase> {
  try {
    const open = await openDatabase(settings.DATABASE_URL, settings.MIGRATIONS);
    await fillWords(open.database);
    if (settings.DEMO === 'yes' && (await isEmpty(open.database))) await loadDemo(open.database);
    return open;
  } catch (error) {
    if (!(error instanceof CannotOpen)) log.error({ err: error }, 'opening');
    return giveUp(error instanceof CannotOpen ? error.message : 'The book could not be opened; the log says more.');
  }
}

const { database, close } = await opened();
const {
  check,
  draw,
  judgeSheet,
  close: closeWorkers,
} = inWorkers(fileURLToPath(new URL('./checkWorker.js', import.meta.url)));
const hosts = [settings.HOST, ...settings.HOSTS.split(',')].map((name) => name.trim()).filter((name) => name !== '');
const server = createServer(
  createApplication({
    database,
    log,
    check,
    draw,
    judgeSheet,
    hosts,
    ...(settings.PAGES ? { pages: resolve(settings.PAGES) } : {}),
  }),
);
server.on('error', (error) =>
  giveUp(`It could not listen on port ${settings.PORT}: ${error.message}. Set PORT to another number.`),
);
// What is no request at all gets a problem document too.
server.on('clientError', (_error, socket) => {
  if (!socket.writable) return;
  const body = JSON.stringify({
    type: problemTypes.invalid,
    title: 'Cannot be taken',
    status: 400,
    detail: 'The request could not be read.',
  });
  socket.end(
    `HTTP/1.1 400 Bad Request\r\ncontent-type: application/problem+json\r\ncontent-length: ${Buffer.byteLength(body)}\r\nconnection: close\r\n\r\n${body}`,
  );
});
server.listen(settings.PORT, settings.HOST, () => {
  const address = server.address();
  const port = typeof address === 'object' && address ? address.port : settings.PORT;
  console.log(`Hardy Sextant is at http://${settings.HOST}:${port}`);
  void checkWaiting();
});

/** What waits to be judged is, in the background and a few at a time, so that marking opens at once and no request waits for it. */
async function checkWaiting(): Promise<void> {
  const rules = new Map<string, HouseRules>();
  for (const { id, classId } of await assignedSetIds(database)) {
    if (stopping) return;
    const begun = performance.now();
    try {
      const known = rules.get(classId) ?? (await rulesOf(database, classId));
      rules.set(classId, known);
      if (await isWaiting(database, id, known)) await checkSet(database, check, id);
    } catch (error) {
      log.error({ err: error, set: id }, 'checking in the background');
    }
    // As long again as it took: requests have the other half.
    const took = performance.now() - begun;
    await new Promise((turn) => setTimeout(turn, Math.max(BETWEEN_MS, took)));
  }
}

let stopping = false;

/** Lets what is running come to its end, then leaves one whole file behind. */
async function stop(): Promise<void> {
  if (stopping) return;
  stopping = true;
  const late = setTimeout(() => server.closeAllConnections(), PATIENCE_MS);
  const done = new Promise<void>((ended) => server.close(() => ended()));
  server.closeIdleConnections();
  await done;
  clearTimeout(late);
  await closeWorkers();
  await close();
  process.exit(0);
}

for (const signal of ['SIGINT', 'SIGTERM'] as const) process.on(signal, () => void stop());
