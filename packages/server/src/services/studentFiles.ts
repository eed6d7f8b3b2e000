/** A worksheet that a student uploads: read and judged as others are, and never told whether it is right. */

import type { StudentFile, studentFileSent } from '@hardy-sextant/contract';
import type { z } from 'zod';
import type { SheetJudge } from '../checking/sheetJob.ts';
import type { Database } from '../store/database.ts';
import { noteSubmission } from '../store/submissions.ts';
import { listWorksheetsOf } from '../store/worksheets.ts';
import { Invalid, NotAllowed } from './refusal.ts';
import { ownSet, stateOf, stillHere } from './studentSets.ts';
import { importWorksheets } from './worksheets.ts';

/** More of one student are not kept of a set. */
const MOST_FILES = 40;

export async function takeFile(
  database: Database,
  judge: SheetJudge,
  studentId: string,
  setId: string,
  { itemId, name, data }: z.output<typeof studentFileSent>,
): Promise<StudentFile[]> {
  await stillHere(database, studentId);
  const own = await ownSet(database, studentId, setId);
  const { openness } = stateOf(own.set, own.document, own.row);
  if (openness === 'closed' || openness === 'before')
    throw new NotAllowed('It is past the due time; files are not taken any more. Ask your instructor.');
  if ((await listWorksheetsOf(database, setId, studentId)).length >= MOST_FILES)
    throw new NotAllowed(`${MOST_FILES} files are enough for one set.`);
  const { worksheets, leftOut } = await importWorksheets(database, judge, setId, {
    itemId,
    files: [{ name, data, studentId }],
  });
  if (worksheets.length === 0) throw new Invalid(leftOut[0] ?? `${name} cannot be read as a worksheet.`);
  const now = new Date().toISOString();
  await database.transaction((writes) =>
    noteSubmission(writes, own.row.id, {
      seenAt: now,
      answeredAt: now,
      ...(own.row.openedAt ? {} : { openedAt: now }),
    }),
  );
  return (await listWorksheetsOf(database, setId, studentId)).map(({ createdAt, ...file }) => ({
    ...file,
    at: createdAt,
  }));
}
