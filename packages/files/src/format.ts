/** What every format has: what it is called, what kind of file it is, and how the file is named. */

import { zipSync } from 'fflate';

export interface FileKind {
  readonly id: string;
  /** For choosing. */
  readonly name: string;
  /** Media type. */
  readonly type: string;
  /** What a file's name ends with. */
  readonly ending: string;
}

export const WORKBOOK = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';
export const CSV = 'text/csv;charset=utf-8';
export const JSON_FILE = 'application/json';

/** Files in one. */
export const ZIP = { type: 'application/zip', ending: 'zip' };

/** Files by name in one zip file; those that are packed already are not packed again. */
export const filesZip = (files: Readonly<Record<string, Uint8Array>>): Uint8Array =>
  zipSync({ ...files }, { level: 0 });

/** A file's name from a title: "Kiln shed, 6.6 %" is "kiln-shed-6-6.csv". */
export function fileName(title: string, { ending }: Pick<FileKind, 'ending'>): string {
  const name = title
    .trim()
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-+|-+$/g, '')
    .toLowerCase();
  return `${name || 'case'}.${ending}`;
}
