/** Backups of the book: made each day, before upgrades and large imports, and by hand; thinned; looked into; brought back. */

import { copyFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Logger } from 'pino';
import type { Backup, BackupInside } from '@hardy-sextant/contract';
import { backupPath, countsIn, listBackupFiles, removeBackup, type BackupFile } from '../store/backupFiles.ts';
import { newBackupPath, type BackupKind } from '../store/backupPaths.ts';
import { CannotOpen, openDatabase, wholeBook, type Database, type WholeBook } from '../store/database.ts';
import { Invalid, NotFound } from './refusal.ts';
import { newSecret } from './secrets.ts';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
/** Of those that are made before something, the newest so many are kept besides. */
const MOST_BEFORE = 5;
/** An import of so many rows is large. */
const LARGE = 100;
const BETWEEN_IMPORTS = 10 * 60_000;

export interface Backups {
  /** The newest first; `undefined` where the database is a server and makes its own. */
  readonly list: () => Backup[] | undefined;
  readonly make: (kind: BackupKind) => Promise<Backup>;
  readonly look: (name: string) => Promise<BackupInside>;
  /** Where a backup's file is. */
  readonly file: (name: string) => string;
  readonly bringBack: (name: string) => Promise<Backup>;
  /** Makes one before an import of so many rows, where that is many. */
  readonly beforeImport: (rows: number) => Promise<void>;
  /** From now on one a day. */
  readonly begin: () => void;
  readonly end: () => void;
}

/** @param migrations the folder they are in, to upgrade an old backup before it is brought back */
export function backupsOf(database: Database, migrations: string, log: Logger): Backups {
  const book = wholeBook(database);
  let timer: ReturnType<typeof setInterval> | undefined;
  const make = async (kind: BackupKind): Promise<Backup> => {
    const { path, copyTo } = theBook(book);
    const file = newBackupPath(path, kind);
    try {
      await copyTo(file);
    } catch (error) {
      // Half of one is none.
      rmSync(file, { force: true });
      throw error;
    }
    thin(path);
    const made = listBackupFiles(path)[0];
    if (!made) throw new NotFound('backup');
    return made;
  };
  const daily = (): void => {
    if (!book) return;
    const today = new Date().toISOString().slice(0, 10);
    if (listBackupFiles(book.path).some(({ at }) => at.startsWith(today))) return;
    make('daily').catch((error: unknown) => log.error({ err: error }, 'the backup of the day could not be made'));
  };
  const pathOf = (name: string): string => {
    const found = backupPath(theBook(book).path, name);
    if (!found) throw new NotFound('backup');
    return found;
  };
  return {
    list: () => (book ? listBackupFiles(book.path) : undefined),
    make,
    look: async (name) => ({ name, counts: await readable(() => countsIn(pathOf(name))) }),
    file: pathOf,
    bringBack: async (name) => {
      const file = pathOf(name);
      await readable(() => countsIn(file));
      const before = await make('before-bringing-back');
      await broughtBack(theBook(book), file, migrations);
      return before;
    },
    beforeImport: async (rows) => {
      if (!book || rows < LARGE) return;
      const last = listBackupFiles(book.path).find(({ kind }) => kind === 'before-import');
      if (last && Date.now() - Date.parse(last.at) < BETWEEN_IMPORTS) return;
      // An import that could be undone goes on also where there is no room for a copy of everything.
      await make('before-import').catch((error: unknown) => log.error({ err: error }, 'no backup before an import'));
    },
    begin: () => {
      daily();
      timer = setInterval(daily, HOUR);
      timer.unref();
    },
    end: () => clearInterval(timer),
  };
}

function theBook(book: WholeBook | undefined): WholeBook {
  if (!book) throw new Invalid('This book stands on a database server, which makes its own backups.');
  return book;
}

async function readable<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (error) {
    if (error instanceof CannotOpen) throw new Invalid(error.message);
    throw error;
  }
}

/** A copy of the backup is upgraded first, so that it has the same tables; the backup itself stays as it is. */
async function broughtBack(book: WholeBook, file: string, migrations: string): Promise<void> {
  const copy = join(tmpdir(), `hardy-sextant-${newSecret()}.db`);
  try {
    copyFileSync(file, copy);
    const open = await readable(() => openDatabase(`file:${copy}`, migrations));
    await open.close();
    await book.takeFrom(copy);
  } finally {
    for (const end of ['', '-wal', '-shm', '.in-use', '.in-use-wal', '.in-use-shm'])
      rmSync(copy + end, { force: true });
    rmSync(`${copy}-backups`, { recursive: true, force: true });
  }
}

function thin(path: string): void {
  const all = listBackupFiles(path);
  const kept = keptBackups(all, Date.now());
  for (const { name } of all) if (!kept.has(name)) removeBackup(path, name);
}

/**
 * Which backups stay: the last of each of the last 7 days, 4 weeks and 12 months; those made by hand; the newest few from
 * before something.
 *
 * @param all the newest first
 */
export function keptBackups(all: readonly BackupFile[], now: number): ReadonlySet<string> {
  const kept = new Set<string>();
  const lastOfEach = (nameOf: (at: Date) => string, most: number, oldest: number): void => {
    const seen = new Set<string>();
    for (const { name, at } of all) {
      const period = nameOf(new Date(at));
      if (now - Date.parse(at) > oldest || seen.has(period) || seen.size >= most) continue;
      seen.add(period);
      kept.add(name);
    }
  };
  lastOfEach((at) => at.toISOString().slice(0, 10), 7, 8 * DAY);
  lastOfEach((at) => String(Math.floor((at.getTime() / DAY + 3) / 7)), 4, 35 * DAY);
  lastOfEach((at) => at.toISOString().slice(0, 7), 12, 366 * DAY);
  for (const { name, kind } of all) if (kind === 'by-hand') kept.add(name);
  for (const kind of ['before-upgrade', 'before-import', 'before-bringing-back'])
    for (const { name } of all.filter((each) => each.kind === kind).slice(0, MOST_BEFORE)) kept.add(name);
  return kept;
}
