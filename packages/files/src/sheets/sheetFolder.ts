/** The worksheets of a class in one zip file, and whose each is. */

import { unzipSync } from 'fflate';
import type { SheetCells } from '@hardy-sextant/core';
import type { Student } from '@hardy-sextant/contract';
import { plainName } from '../studentFinder.ts';
import { isZip } from '../workbook.ts';
import { MOST_SHEET_BYTES } from './sheetFile.ts';

export interface NamedFile {
  readonly name: string;
  readonly bytes: Uint8Array;
}

export interface UnpackedFolder {
  readonly files: readonly NamedFile[];
  /** Files that were left out, each in a sentence. */
  readonly leftOut: readonly string[];
}

const MOST_FILES = 400;
const MOST_FOLDER_BYTES = 200_000_000;

/** A zip of worksheets, not a workbook (which is a zip of its own parts). */
export function isFolder(bytes: Uint8Array): boolean {
  if (!isZip(bytes)) return false;
  const names: string[] = [];
  try {
    unzipSync(bytes, {
      filter: ({ name }) => {
        names.push(name);
        return false;
      },
    });
  } catch {
    return false;
  }
  return !names.some((name) => name === '[Content_Types].xml' || name === 'mimetype' || name === 'content.xml');
}

/** @throws with a sentence where it cannot be unpacked or comes to too much */
export function unpackFolder(bytes: Uint8Array): UnpackedFolder {
  const leftOut: string[] = [];
  let [count, size] = [0, 0];
  let unpacked: Record<string, Uint8Array>;
  try {
    unpacked = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        const bare = name.split('/').at(-1) ?? '';
        if (bare === '' || bare.startsWith('.') || bare.startsWith('~$') || name.startsWith('__MACOSX')) return false;
        if (!/\.(xlsx|xlsm|ods|csv|tsv|txt)$/i.test(bare)) {
          leftOut.push(`${bare} is no worksheet.`);
          return false;
        }
        if (originalSize > MOST_SHEET_BYTES) {
          leftOut.push(`${bare} is larger than ${MOST_SHEET_BYTES / 1e6} MB.`);
          return false;
        }
        count += 1;
        size += originalSize;
        return count <= MOST_FILES && size <= MOST_FOLDER_BYTES;
      },
    });
  } catch {
    throw new Error('This zip file cannot be unpacked. Make it again.');
  }
  if (count > MOST_FILES) leftOut.push(`The zip file has ${count} worksheets; the first ${MOST_FILES} were taken.`);
  if (size > MOST_FOLDER_BYTES) leftOut.push('The zip file unpacks to more than 200 MB; the rest of it was left out.');
  const files = Object.entries(unpacked).map(([name, own]) => ({ name: name.split('/').at(-1) ?? name, bytes: own }));
  return { files, leftOut };
}

const MOST_ROWS_LOOKED_AT = 20;

/** The student a worksheet is of: by number or name in the file's name, else in one of its first cells; nothing where none or several fit. */
export function studentOfSheet(
  name: string,
  cells: SheetCells,
  students: readonly Pick<Student, 'id' | 'name' | 'number'>[],
): string | undefined {
  const texts = [name.replace(/\.\w+$/, ''), ...firstTexts(cells)].map((text) => ` ${plainName(text)} `);
  for (const fits of [
    (text: string, { number }: Pick<Student, 'number'>) =>
      plainName(number) !== '' && text.includes(` ${plainName(number)} `),
    (text: string, student: Pick<Student, 'name'>) =>
      plainName(student.name)
        .split(' ')
        .every((word) => text.includes(` ${word} `)),
  ])
    for (const text of texts) {
      const found = students.filter((student) => fits(text, student));
      if (found.length === 1) return found[0]?.id;
    }
  return undefined;
}

/** Words near the top, where a name would stand. */
function firstTexts(cells: SheetCells): string[] {
  return Object.values(cells).flatMap((own) =>
    Object.entries(own).flatMap(([address, { value }]) =>
      typeof value === 'string' && value.length < 80 && Number(/\d+$/.exec(address)?.[0]) <= MOST_ROWS_LOOKED_AT
        ? [value]
        : [],
    ),
  );
}
