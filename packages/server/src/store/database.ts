/** Opens the database: one process a file, a copy before migrations that change something, migrations, one writer at a time. */

import { existsSync, mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { createClient, type Client, type Transaction } from '@libsql/client';
import { sql, type Logger } from 'drizzle-orm';
import { drizzle, type LibSQLDatabase } from 'drizzle-orm/libsql';
import { migrate } from 'drizzle-orm/libsql/migrator';
import { readMigrationFiles } from 'drizzle-orm/migrator';
import { folderOf, newBackupPath } from './backupPaths.ts';
import * as schema from './schema.ts';

type Whole = LibSQLDatabase<typeof schema>;
type Changing = 'insert' | 'update' | 'delete' | 'run' | 'batch' | 'transaction';

/** Reading, on the database itself or inside a transaction. */
export type Queries = Omit<Whole, Changing>;
/** Writing, which is done inside a transaction only: one at a time in this process. */
export type Writes = Parameters<Parameters<Whole['transaction']>[0]>[0];

export interface Database extends Queries {
  /** Runs one action's writes together, after those that were asked for before it. Never called inside another. */
  readonly transaction: <T>(work: (writes: Writes) => Promise<T>) => Promise<T>;
}

export interface OpenDatabase {
  readonly database: Database;
  /** It was made just now: nothing was ever in it. */
  readonly isNew: boolean;
  /** Afterwards a local file holds everything by itself. */
  readonly close: () => Promise<void>;
}

/** A local book as a whole: copied, or replaced by a copy; nothing else is written meanwhile. */
export interface WholeBook {
  readonly path: string;
  /** A whole and consistent copy. */
  readonly copyTo: (file: string) => Promise<void>;
  /** Takes everything from a copy of the same version in one transaction; who is signed in stays so. */
  readonly takeFrom: (file: string) => Promise<void>;
}

const books = new WeakMap<Database, WholeBook>();
/** Nothing where the database is a server: that makes its own backups. */
export const wholeBook = (database: Database): WholeBook | undefined => books.get(database);

/** Why a book cannot be opened, in a sentence for whoever started the server. */
export class CannotOpen extends Error {}

/** How long a statement waits for a lock of another program. */
const PATIENCE_MS = 5000;

/**
 * @param url `file:…` for a local file, or a libSQL server
 * @param migrationsFolder where the committed migrations are
 * @param logger is told every statement, for tests
 * @throws CannotOpen where the file is no book, is in use, cannot be written, or is from a newer version
 */
export async function openDatabase(url: string, migrationsFolder: string, logger?: Logger): Promise<OpenDatabase> {
  const known = knownMigrations(migrationsFolder);
  const path = localPath(url);
  const existed = path !== undefined && existsSync(path);
  const claim = path === undefined ? undefined : await claimFile(path);
  let client: Client | undefined;
  try {
    client = createClient({ url, timeout: PATIENCE_MS });
    const done = await migrationsDone(client);
    if (done.some((at) => !known.includes(at)))
      throw new CannotOpen(
        `${path ?? url} was written by a newer version of Hardy Sextant. It was not touched; start that version, or name another file with DATABASE_URL.`,
      );
    if (path !== undefined) await client.execute('PRAGMA journal_mode = WAL');
    await client.execute('PRAGMA foreign_keys = ON');
    const database = drizzle(client, { schema, ...(logger ? { logger } : {}) });
    if (done.length < known.length) {
      if (existed && done.length > 0) await copyTo(client, newBackupPath(path, 'before-upgrade'));
      await migrate(database, { migrationsFolder });
    } else if (path !== undefined) await tryWriting(client);
    const { ordered, alone } = inTurn(database);
    const opened = client;
    if (path !== undefined)
      books.set(ordered, {
        path,
        copyTo: (file) => alone(() => copyTo(opened, file)),
        takeFrom: (file) => alone(() => takeFrom(opened, file)),
      });
    return { database: ordered, isNew: done.length === 0, close: closing(client, path, claim) };
  } catch (error) {
    client?.close();
    await claim?.release();
    throw error instanceof CannotOpen ? error : explained(error, path ?? url);
  }
}

/** The path of a local file's URL, percent signs decoded as the driver does; undefined for a server. */
export function localPath(url: string): string | undefined {
  if (!url.startsWith('file:')) return undefined;
  return decodeURIComponent(
    url
      .slice('file:'.length)
      .replace(/^\/\/(localhost)?(?=\/)/, '')
      .replace(/[?#].*$/, ''),
  );
}

function knownMigrations(migrationsFolder: string): number[] {
  try {
    return readMigrationFiles({ migrationsFolder }).map(({ folderMillis }) => folderMillis);
  } catch {
    throw new CannotOpen(`The migrations are not at ${migrationsFolder}. Say with MIGRATIONS where they are.`);
  }
}

/** Transactions one after another: on a local file a second one would wait in the driver and hold up the first with everything else. */
function inTurn(database: Whole): { ordered: Database; alone: <T>(work: () => Promise<T>) => Promise<T> } {
  let last: Promise<unknown> = Promise.resolve();
  const at = database.transaction.bind(database);
  const alone = <T>(work: () => Promise<T>): Promise<T> => {
    const next = last.then(work);
    last = next.catch(() => undefined);
    return next;
  };
  database.transaction = (work, config) => alone(() => at(work, config));
  return { ordered: database, alone };
}

/** A book that another process may have open: for a word on the machine itself. Nothing of it is upgraded. */
export async function openBeside(url: string): Promise<OpenDatabase> {
  const path = localPath(url);
  if (path !== undefined && !existsSync(path)) throw new CannotOpen(`There is no book at ${path}.`);
  const client = createClient({ url, timeout: PATIENCE_MS });
  await client.execute('PRAGMA foreign_keys = ON');
  const { ordered } = inTurn(drizzle(client, { schema }));
  return {
    database: ordered,
    isNew: false,
    close: () => {
      client.close();
      return Promise.resolve();
    },
  };
}

interface Claim {
  readonly release: () => Promise<void>;
}

/** Holds a lock beside the file as long as this process lives: the operating system gives it back whatever ends the process. */
async function claimFile(path: string): Promise<Claim> {
  let client: Client | undefined;
  try {
    mkdirSync(dirname(path), { recursive: true });
    client = createClient({ url: `file:${encodeURI(path)}.in-use`, timeout: 0 });
    const held: Transaction = await client.transaction('write');
    const opened = client;
    return {
      release: async () => {
        await held.rollback();
        opened.close();
      },
    };
  } catch (error) {
    client?.close();
    if (/SQLITE_BUSY|locked/.test(String(error)))
      throw new CannotOpen(
        `${path} is open in another process of Hardy Sextant. Stop that one, or name another file with DATABASE_URL.`,
      );
    throw explained(error, path);
  }
}

async function migrationsDone(client: Client): Promise<number[]> {
  const table = await client.execute("SELECT name FROM sqlite_master WHERE name = '__drizzle_migrations'");
  if (table.rows.length === 0) return [];
  const found = await client.execute('SELECT created_at FROM __drizzle_migrations');
  return found.rows.map(({ created_at: at }) => Number(at));
}

/** A whole and consistent copy; made by the database, so that no lock of ours is lost. */
async function copyTo(client: Client, file: string): Promise<void> {
  await client.execute({ sql: 'VACUUM INTO ?', args: [file] });
}

/** Who is signed in, and what is counted against guessing, is of now and not of then. */
const OF_NOW = ['sessions', 'attempts', 'one_time_links'];

async function takeFrom(client: Client, file: string): Promise<void> {
  const { rows } = await client.execute(
    "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'",
  );
  const tables = rows.map(({ name }) => String(name)).filter((name) => !OF_NOW.includes(name));
  await client.executeMultiple(
    [
      'PRAGMA foreign_keys = OFF',
      `ATTACH '${file.replaceAll("'", "''")}' AS earlier`,
      'BEGIN IMMEDIATE',
      ...tables.flatMap((table) => [
        `DELETE FROM main."${table}"`,
        `INSERT INTO main."${table}" SELECT * FROM earlier."${table}"`,
      ]),
      'DELETE FROM sessions WHERE person_id IS NOT NULL AND person_id NOT IN (SELECT id FROM people)',
      'DELETE FROM sessions WHERE student_id IS NOT NULL AND student_id NOT IN (SELECT id FROM students)',
      'DELETE FROM one_time_links WHERE person_id NOT IN (SELECT id FROM people)',
      'COMMIT',
      'DETACH earlier',
      'PRAGMA foreign_keys = ON',
    ].join(';\n'),
  );
}

/** Finds out at the start, not at the first answer somebody types, that nothing can be written. */
async function tryWriting(client: Client): Promise<void> {
  const attempt = await client.transaction('write');
  try {
    await attempt.execute('UPDATE __drizzle_migrations SET created_at = created_at');
  } finally {
    await attempt.rollback();
  }
}

function closing(client: Client, path: string | undefined, claim: Claim | undefined): () => Promise<void> {
  return async () => {
    if (client.closed) return;
    if (path !== undefined) await client.execute('PRAGMA wal_checkpoint(TRUNCATE)');
    client.close();
    await claim?.release();
  };
}

function explained(error: unknown, where: string): CannotOpen {
  const text = `${String(error)} ${String((error as { cause?: unknown } | null)?.cause ?? '')}`;
  if (/SQLITE_NOTADB|not a database|malformed|SQLITE_CORRUPT/i.test(text))
    return new CannotOpen(
      `${where} is not a book, or it is damaged. It was not touched; bring a backup back with RESTORE=name (they stand in ${folderOf(where)}), or name another file with DATABASE_URL.`,
    );
  if (/SQLITE_READONLY|readonly|EACCES|EPERM|EROFS|SQLITE_CANTOPEN|unable to open/i.test(text))
    return new CannotOpen(
      `${where} cannot be written. Change what may be done with it, or name another file with DATABASE_URL.`,
    );
  if (/SQLITE_FULL|ENOSPC/i.test(text)) return new CannotOpen(`There is no room left on the disk for ${where}.`);
  return new CannotOpen(`${where} could not be opened: ${error instanceof Error ? error.message : String(error)}`);
}

/** True while nothing has been stored at all. */
export async function isEmpty(database: Queries): Promise<boolean> {
  const [row] = await database.all<{ found: number }>(
    sql`SELECT EXISTS(SELECT 1 FROM cases) OR EXISTS(SELECT 1 FROM exercises) OR EXISTS(SELECT 1 FROM classes) AS found`,
  );
  return row?.found !== 1;
}
