/** Opens the database: pragmas, a copy before migrations that change something, migrations. */

import { copyFileSync, existsSync, mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { createClient, type Client } from '@libsql/client';
import { sql } from 'drizzle-orm';
import { drizzle, type LibSQLDatabase } from 'drizzle-orm/libsql';
import { migrate } from 'drizzle-orm/libsql/migrator';
import { readMigrationFiles } from 'drizzle-orm/migrator';
import * as schema from './schema.ts';

export type Database = LibSQLDatabase<typeof schema>;
/** The database itself or a transaction on it. */
export type Queries = Database | Parameters<Parameters<Database['transaction']>[0]>[0];

export interface OpenDatabase {
  readonly database: Database;
  readonly close: () => void;
}

/**
 * @param url `file:…` for a local file, or a libSQL server
 * @param migrationsFolder where the committed migrations are
 */
export async function openDatabase(url: string, migrationsFolder: string): Promise<OpenDatabase> {
  const path = url.startsWith('file:') ? url.slice('file:'.length) : undefined;
  if (path) mkdirSync(dirname(path), { recursive: true });
  const existed = path !== undefined && existsSync(path);
  const client = createClient({ url });
  const database = drizzle(client, { schema });
  if (path) await client.execute('PRAGMA journal_mode = WAL');
  await client.execute('PRAGMA foreign_keys = ON');
  if (path) await client.execute('PRAGMA busy_timeout = 5000');
  const waiting = readMigrationFiles({ migrationsFolder }).length - (await migrationsDone(client));
  if (waiting > 0) {
    if (existed) {
      await client.execute('PRAGMA wal_checkpoint(TRUNCATE)');
      copyFileSync(path, `${path}.before-migration`);
    }
    await migrate(database, { migrationsFolder });
  }
  return { database, close: () => client.close() };
}

async function migrationsDone(client: Client): Promise<number> {
  const table = await client.execute("SELECT name FROM sqlite_master WHERE name = '__drizzle_migrations'");
  if (table.rows.length === 0) return 0;
  const found = await client.execute('SELECT count(*) AS done FROM __drizzle_migrations');
  return Number(found.rows[0]?.done ?? 0);
}

/** True while nothing has been stored at all. */
export async function isEmpty(database: Database): Promise<boolean> {
  const [row] = await database.all<{ found: number }>(sql`SELECT EXISTS(SELECT 1 FROM cases) OR EXISTS(SELECT 1 FROM exercises) OR EXISTS(SELECT 1 FROM classes) AS found`);
  return row?.found !== 1;
}
