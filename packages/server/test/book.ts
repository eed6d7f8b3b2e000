/** A temporary book with the demo in it, for tests of the HTTP interface. */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { pino } from 'pino';
import request from 'supertest';
import { createApplication } from '../src/application.ts';
import { loadDemo } from '../src/demo/loadDemo.ts';
import { openDatabase, type OpenDatabase } from '../src/store/database.ts';

export interface Book {
  readonly open: OpenDatabase;
  readonly api: () => ReturnType<typeof request>;
  readonly close: () => void;
}

export async function openBook(demo: boolean): Promise<Book> {
  const folder = mkdtempSync(join(tmpdir(), 'hardy-sextant-book-'));
  const open = await openDatabase(`file:${join(folder, 'book.db')}`, resolve('packages/server/drizzle'));
  if (demo) await loadDemo(open.database);
  const application = createApplication({ database: open.database, log: pino({ level: 'silent' }) });
  return {
    open,
    api: () => request(application),
    close: () => {
      open.close();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
