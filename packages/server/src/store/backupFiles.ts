/** Backup files beside the book: what is in them, one put in the place of a damaged book. */

import { copyFileSync, existsSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { basename, join, resolve } from 'node:path';
import { createClient } from '@libsql/client';
import { backupKinds, folderOf, type BackupKind } from './backupPaths.ts';
import { CannotOpen, localPath } from './database.ts';

export interface BackupFile {
  readonly name: string;
  readonly kind: BackupKind;
  /** ISO. */
  readonly at: string;
  /** Bytes. */
  readonly size: number;
}

const pattern = /^(\d{4}-\d{2}-\d{2})T(\d{2})-(\d{2})-(\d{2})-(\d{3})Z-([a-z-]+)\.db$/;

/** The newest first. */
export function listBackupFiles(path: string): BackupFile[] {
  if (!existsSync(folderOf(path))) return [];
  return readdirSync(folderOf(path))
    .flatMap((name): BackupFile[] => {
      const [, day, hour, minute, second, part, kind] = pattern.exec(name) ?? [];
      const known = backupKinds.find((each) => each === kind);
      if (!known) return [];
      const { size } = statSync(join(folderOf(path), name));
      return [{ name, kind: known, at: `${day}T${hour}:${minute}:${second}.${part}Z`, size }];
    })
    .sort((a, b) => b.at.localeCompare(a.at));
}

/** The path of a backup by its name; nothing where there is none, or where the name leads elsewhere. */
export function backupPath(path: string, name: string): string | undefined {
  const found = listBackupFiles(path).some((each) => each.name === name);
  return found ? join(folderOf(path), name) : undefined;
}

export function removeBackup(path: string, name: string): void {
  rmSync(join(folderOf(path), name), { force: true });
}

/** What stands in a backup. @throws CannotOpen where it is damaged */
export async function countsIn(file: string): Promise<Readonly<Record<string, number>>> {
  const client = createClient({ url: `file:${encodeURI(file)}` });
  try {
    const whole = await client.execute('PRAGMA quick_check');
    if (String(Object.values(whole.rows[0] ?? {})[0]) !== 'ok') throw new Error('damaged');
    const counts: Record<string, number> = {};
    for (const table of ['classes', 'students', 'exercises', 'sets', 'submissions', 'cases']) {
      const { rows } = await client.execute(`SELECT count(*) AS number FROM ${table}`);
      counts[table] = Number(rows[0]?.['number'] ?? 0);
    }
    return counts;
  } catch (error) {
    throw new CannotOpen('This backup is damaged, or it is no book. Take another one.', { cause: error });
  } finally {
    client.close();
  }
}

/**
 * Puts a backup in the place of a book that cannot be opened; what stood there is kept beside it.
 *
 * @param name of a backup, or the path of one
 * @returns what was done, in a sentence
 */
export async function putInPlace(url: string, name: string): Promise<string> {
  const path = localPath(url);
  if (path === undefined) throw new CannotOpen('Backups of a database server are brought back there.');
  const file = backupPath(path, name) ?? (existsSync(resolve(name)) ? resolve(name) : undefined);
  if (!file) {
    const known = listBackupFiles(path).map((each) => each.name);
    throw new CannotOpen(
      known.length === 0
        ? `There is no backup called ${name}, and none at ${folderOf(path)}.`
        : `There is no backup called ${name}. There are: ${known.slice(0, 20).join(', ')}.`,
    );
  }
  await countsIn(file);
  const aside = `${path}.replaced-${new Date().toISOString().replace(/[:.]/g, '-')}`;
  if (existsSync(path)) renameSync(path, aside);
  for (const end of ['-wal', '-shm']) if (existsSync(path + end)) renameSync(path + end, aside + end);
  copyFileSync(file, path);
  return `${basename(file)} is the book now; what stood there is kept as ${basename(aside)}.`;
}
