/** Where backups of a book stand, and what they are called. */

import { mkdirSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';

export const backupKinds = ['daily', 'by-hand', 'before-upgrade', 'before-import', 'before-bringing-back'] as const;
export type BackupKind = (typeof backupKinds)[number];

export const folderOf = (path: string): string => join(dirname(path), `${basename(path)}-backups`);

/** Where a new backup goes. */
export function newBackupPath(path: string, kind: BackupKind, now = new Date()): string {
  mkdirSync(folderOf(path), { recursive: true });
  return join(folderOf(path), `${now.toISOString().replace(/[:.]/g, '-')}-${kind}.db`);
}
