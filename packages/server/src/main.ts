/** Starts the server: database, demo where it is wanted, one port. Settings come from the environment; what stands in the way is a sentence. */

import { readFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import { resolve } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { pino } from 'pino';
import { z } from 'zod';
import type { HouseRules } from '@hardy-sextant/core';
import { problemTypes } from '@hardy-sextant/contract';
import { createApplication } from './application.ts';
import { inWorkers } from './checking/checker.ts';
import { loadDemo } from './demo/loadDemo.ts';
import { backupsOf } from './services/backups.ts';
import { emptyBin } from './services/bin.ts';
import { checkSet, isWaiting } from './services/judging.ts';
import { linkForLogin } from './services/people.ts';
import { fillWords } from './services/searched.ts';
import { tidy } from './services/sessions.ts';
import { fillCodes } from './services/studentAccess.ts';
import { rulesOf } from './services/rules.ts';
import { CannotOpen, openBeside, openDatabase, type OpenDatabase } from './store/database.ts';
import { putInPlace } from './store/backupFiles.ts';
import { somebodySignsIn } from './store/people.ts';
import { assignedSetIds } from './store/sets.ts';

/** Between two sets that are looked through in the background, so that requests come first. */
const BETWEEN_MS = 5;
/** How long a stop waits for what is running. */
const PATIENCE_MS = 10_000;
/** How long a connection stays open for its next request. */
const KEPT_ALIVE_MS = 75_000;

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
    /** Files of a certificate and its key: then it is served by TLS. */
    TLS_CERT: z.string().optional(),
    TLS_KEY: z.string().optional(),
    /** How many proxies stand before it, one of which has the certificate. */
    TRUST_PROXY: z.coerce
      .number('TRUST_PROXY is how many proxies stand before this server.')
      .int('TRUST_PROXY is a whole number.')
      .min(0, 'TRUST_PROXY is at least 0.')
      .max(10, 'TRUST_PROXY is at most 10.')
      .default(0),
    WITHOUT_TLS: z.string().default(''),
    /** Prints a one-time link for somebody who forgot their password, and ends. */
    LINK_FOR: z.string().optional(),
    /** A backup to begin with, in place of a damaged book. */
    RESTORE: z.string().optional(),
    DATABASE_URL: z.string().default(pathToFileURL(resolve('data/hardy-sextant.db')).href),
    MIGRATIONS: z.string().default(resolve('packages/server/drizzle')),
    PAGES: z.string().optional(),
    DEMO: z.enum(['yes', 'no'], 'DEMO is yes or no.').default('yes'),
    LOG_LEVEL: z
      .enum(
        ['trace', 'debug', 'info', 'warn', 'error', 'fatal', 'silent'],
        'LOG_LEVEL is one of trace, debug, info, warn, error, fatal, silent.',
      )
      .optional(),
  })
  .safeParse(process.env);
if (!read.success) giveUp(read.error.issues.map(({ message }) => message).join(' '));
const settings = read.data!;
const isHere = ['127.0.0.1', 'localhost', '::1'].includes(settings.HOST);
// A proxy, or another name, brings others to it also where it listens on this machine only.
const local = isHere && settings.TRUST_PROXY === 0 && settings.HOSTS.trim() === '';
const log = pino({ level: settings.LOG_LEVEL ?? (local ? 'warn' : 'info') });
/** What somebody says who serves others without TLS all the same. */
const WITHOUT_TLS = 'passwords may be read on the way';

if (
  !isHere &&
  !(settings.TLS_CERT && settings.TLS_KEY) &&
  settings.TRUST_PROXY === 0 &&
  settings.WITHOUT_TLS !== WITHOUT_TLS
)
  giveUp(
    `On ${settings.HOST} others can reach it, and what they type could be read on the way. Give it a certificate with TLS_CERT and TLS_KEY, or say with TRUST_PROXY=1 that a proxy with one stands before it, or say WITHOUT_TLS="${WITHOUT_TLS}".`,
  );

function giveUp(sentence: string): never {
  console.error(`Hardy Sextant did not start. ${sentence}`);
  process.exit(1);
}

async function opened(): Promise<OpenDatabase> {
  try {
    if (settings.LINK_FOR !== undefined) await printLink(settings.LINK_FOR);
    if (settings.RESTORE !== undefined) console.log(await putInPlace(settings.DATABASE_URL, settings.RESTORE));
    const open = await openDatabase(settings.DATABASE_URL, settings.MIGRATIONS);
    await fillWords(open.database);
    await fillCodes(open.database);
    // Who puts the demo away, or erases it, does not get it again.
    if (settings.DEMO === 'yes' && open.isNew) await loadDemo(open.database);
    return open;
  } catch (error) {
    if (!(error instanceof CannotOpen)) log.error({ err: error }, 'opening');
    return giveUp(error instanceof CannotOpen ? error.message : 'The book could not be opened; the log says more.');
  }
}

/** Works beside a server that is running: the link is good at once. */
async function printLink(login: string): Promise<never> {
  const { database: beside, close: closeBeside } = await openBeside(settings.DATABASE_URL);
  try {
    const { person, secret, endsAt } = await linkForLogin(beside, login);
    console.log(`${person.name} sets a password at /welcome#${secret}, once, until ${endsAt}.`);
  } catch (error) {
    giveUp(error instanceof Error ? error.message : String(error));
  } finally {
    await closeBeside();
  }
  return process.exit(0);
}

const { database, close } = await opened();
const backups = backupsOf(database, settings.MIGRATIONS, log);
const {
  check,
  draw,
  judgeSheet,
  studentJobs,
  close: closeWorkers,
} = inWorkers(fileURLToPath(new URL('./checkWorker.js', import.meta.url)));
const hosts = [settings.HOST, ...settings.HOSTS.split(',')].map((name) => name.trim()).filter((name) => name !== '');
const application = createApplication({
  database,
  log,
  check,
  draw,
  judgeSheet,
  studentJobs,
  local,
  proxies: settings.TRUST_PROXY,
  hosts,
  backups,
  ...(settings.PAGES ? { pages: resolve(settings.PAGES) } : {}),
});
const server = certified(settings.TLS_CERT, settings.TLS_KEY);

/** By TLS where there is a certificate. */
function certified(cert: string | undefined, key: string | undefined): Server {
  if (!cert || !key) return createServer(application);
  try {
    return createSecureServer({ cert: readFileSync(cert), key: readFileSync(key) }, application);
  } catch (error) {
    return giveUp(`The certificate could not be read: ${error instanceof Error ? error.message : String(error)}.`);
  }
}
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
// Longer than browsers and proxies keep a connection: else a request may meet one that is just being closed.
server.keepAliveTimeout = KEPT_ALIVE_MS;
server.listen(settings.PORT, settings.HOST, () => {
  const where = server.address();
  const port = typeof where === 'object' && where ? where.port : settings.PORT;
  const address = `${settings.TLS_CERT ? 'https' : 'http'}://${settings.HOST}:${port}`;
  console.log(`Hardy Sextant is at ${address}`);
  if (!local) void sayFirstLink(hosts[1] ?? hosts[0] ?? settings.HOST);
  void checkWaiting();
  backups.begin();
  tidyAtTimes();
});

/** Where others can reach it and nobody has a password yet: the link with which the owner sets one. */
async function sayFirstLink(host: string): Promise<void> {
  if (await somebodySignsIn(database)) return;
  const { secret, endsAt } = await linkForLogin(database, 'owner');
  const address = settings.TLS_CERT || settings.TRUST_PROXY > 0 ? `https://${host}` : `http://${host}:${settings.PORT}`;
  console.log(
    `Nobody has a password yet. The owner sets one here, once, until ${endsAt}: ${address}/welcome#${secret}`,
  );
}

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

/** Sessions whose time is over are let go, and the bin of what was in it long enough, at the start and each day. */
function tidyAtTimes(): void {
  const again = (): void =>
    void tidy(database)
      .then(() => emptyBin(database, new Date()))
      .catch((error: unknown) => log.error({ err: error }, 'tidying'));
  again();
  setInterval(again, 24 * 3_600_000).unref();
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
  backups.end();
  await closeWorkers();
  await close();
  process.exit(0);
}

for (const signal of ['SIGINT', 'SIGTERM'] as const) process.on(signal, () => void stop());
