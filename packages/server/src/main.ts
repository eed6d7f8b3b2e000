/** Starts the server: database, demo where it is wanted, one port. Settings come from the environment. */

import { resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { pino } from 'pino';
import { z } from 'zod';
import { createApplication } from './application.ts';
import { checkInWorkers } from './checking/checker.ts';
import { loadDemo } from './demo/loadDemo.ts';
import { checkSet } from './services/marking.ts';
import { readSets } from './services/sets.ts';
import { isEmpty, openDatabase } from './store/database.ts';

const settings = z
  .object({
    PORT: z.coerce.number().int().min(0).max(65535).default(4600),
    HOST: z.string().default('127.0.0.1'),
    DATABASE_URL: z.string().default(`file:${resolve('data/hardy-sextant.db')}`),
    MIGRATIONS: z.string().default(resolve('packages/server/drizzle')),
    PAGES: z.string().optional(),
    DEMO: z.enum(['yes', 'no']).default('yes'),
    LOG_LEVEL: z.string().default('warn'),
  })
  .parse(process.env);

const log = pino({ level: settings.LOG_LEVEL });
const { database, close } = await openDatabase(settings.DATABASE_URL, settings.MIGRATIONS);
if (settings.DEMO === 'yes' && (await isEmpty(database))) await loadDemo(database);

const { check, close: closeWorkers } = checkInWorkers(fileURLToPath(new URL('./checkWorker.js', import.meta.url)));
const application = createApplication({ database, log, check, ...(settings.PAGES ? { pages: settings.PAGES } : {}) });
const server = application.listen(settings.PORT, settings.HOST, (error?: Error) => {
  if (error) {
    console.error(`Hardy Sextant could not listen on port ${settings.PORT}: ${error.message}. Set PORT to another number.`);
    process.exit(1);
  }
  const address = server.address();
  const port = typeof address === 'object' && address ? address.port : settings.PORT;
  void checkWaiting();
  console.log(`Hardy Sextant is at http://${settings.HOST}:${port}`);
});

/** What waits to be judged is, in the background, so that marking opens at once and the Desk can say what is to be looked at. */
async function checkWaiting(): Promise<void> {
  try {
    for (const { id, givenOutAt } of await readSets(database)) if (givenOutAt) await checkSet(database, check, id);
  } catch (error) {
    log.error({ err: error }, 'checking in the background');
  }
}

for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.on(signal, () => {
    server.close(() => {
      void closeWorkers();
      close();
      process.exit(0);
    });
    server.closeAllConnections();
  });
