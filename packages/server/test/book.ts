/** A temporary book with the demo in it, for tests of the HTTP interface. */
import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import type { Express } from 'express';
import { pino } from 'pino';
import request from 'supertest';
import { createApplication, type ApplicationOptions } from '../src/application.ts';
import { loadDemo } from '../src/demo/loadDemo.ts';
import { openDatabase, type OpenDatabase } from '../src/store/database.ts';
import { databaseServer } from './databaseServer.ts';

export interface Book {
  readonly open: OpenDatabase;
  readonly application: Express;
  readonly api: () => ReturnType<typeof request>;
  readonly close: () => Promise<void>;
}

const migrations = resolve('packages/server/drizzle');
const place = (folder: string): string => join(folder, 'book.db');
/** A book with the demo, made once a test file and copied. */
let pattern: string | undefined;

async function demoBook(): Promise<string> {
  const folder = mkdtempSync(join(tmpdir(), 'hardy-sextant-pattern-'));
  const { database, close } = await openDatabase(`file:${place(folder)}`, migrations);
  await loadDemo(database);
  await close();
  return folder;
}

export async function openBook(demo: boolean, more: Partial<ApplicationOptions> = {}): Promise<Book> {
  const folder = mkdtempSync(join(tmpdir(), 'hardy-sextant-book-'));
  if (demo) copyFileSync(place((pattern ??= await demoBook())), place(folder));
  // The same tests run once on a database server (`npm test` does, with this setting).
  const server = process.env['DATABASE'] === 'server' ? await databaseServer(place(folder)) : undefined;
  const open = await openDatabase(server?.url ?? `file:${place(folder)}`, migrations);
  const application = createApplication({ database: open.database, log: pino({ level: 'silent' }), ...more });
  return {
    open,
    application,
    api: () => request(application),
    close: async () => {
      await open.close();
      await server?.close();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
