/** Answers that students type on their own pages: taken, kept apart where they come too late, never written over unseen; submitted with a receipt. */

import { createHash } from 'node:crypto';
import type { z } from 'zod';
import type { AnswersTaken, StudentAnswer, studentAnswers, StudentState } from '@hardy-sextant/contract';
import type { Database, Writes } from '../store/database.ts';
import { listParts, recount } from '../store/sets.ts';
import { insertActs, insertLate } from '../store/studentWork.ts';
import { noteSubmission } from '../store/submissions.ts';
import { overwrite } from './answers.ts';
import { answerAt } from './entries.ts';
import { Invalid, NotAllowed } from './refusal.ts';
import { answeredParts, entriesOf, ownSet, stateOf, stillHere, type OwnSet } from './studentSets.ts';

/** Takes what a device has; what it could not write it says, answer by answer, and the rest is written. */
export async function takeAnswers(
  database: Database,
  studentId: string,
  setId: string,
  { answers, place }: z.output<typeof studentAnswers>,
): Promise<AnswersTaken> {
  return database.transaction(async (writes) => {
    await stillHere(writes, studentId);
    const own = await ownSet(writes, studentId, setId);
    const state = stateOf(own.set, own.document, own.row);
    if (state.openness === 'before') throw new NotAllowed('This set is not open yet.');
    const now = entriesOf(own.row);
    const isPart = await knownParts(writes, own);
    const at = (each: StudentAnswer): string => answerAt(now, each.itemId, each.entryId);
    const gone = answers.filter((each) => !isPart(each.itemId, each.entryId));
    const known = answers.filter((each) => !gone.includes(each) && at(each) !== each.text);
    // Another device has written there since: both texts are kept until the student has chosen.
    const conflicts = known.filter((each) => at(each) !== each.was);
    const changes = known.filter((each) => at(each) === each.was);
    const isClosed = state.openness === 'closed';
    const notes = { seenAt: state.now, place, ...(own.row.openedAt ? {} : { openedAt: state.now }) };
    if (isClosed) {
      await insertLate(
        writes,
        changes.map(({ itemId, entryId, text, typedAt }) => ({
          setId,
          studentId,
          itemId,
          entryId,
          text,
          at: state.now,
          typedAt,
        })),
      );
      await noteSubmission(writes, own.row.id, notes);
    } else {
      const written = await overwrite(writes, own.row, changes, 'the student');
      await noteSubmission(writes, own.row.id, {
        ...notes,
        ...(written.length > 0 ? { answeredAt: state.now } : {}),
      });
      if (Object.keys(now).length === 0 && written.length > 0) await recount(writes, setId);
    }
    const { row, ...rest } = own;
    const answered = !isClosed && changes.length > 0 ? { answeredAt: state.now } : {};
    return {
      state: stateOf(rest.set, rest.document, { ...row, ...answered }),
      conflicts: conflicts.map(({ itemId, entryId, ...each }) => ({
        itemId,
        entryId,
        theirs: at({ itemId, entryId, ...each }),
      })),
      tooLate: isClosed ? changes.map(({ itemId, entryId }) => ({ itemId, entryId })) : [],
      gone: gone.map(({ itemId, entryId }) => ({ itemId, entryId })),
    };
  });
}

/** Parts that are asked, and those that were removed meanwhile: what is typed for these is kept with them. */
async function knownParts(writes: Writes, { set }: OwnSet): Promise<(itemId: string, entryId: string) => boolean> {
  const names = new Set((await listParts(writes, set.id, true)).map(({ itemId, partId }) => `${itemId}/${partId}`));
  return (itemId, entryId) => names.has(`${itemId}/${entryId.split('.')[0]}`);
}

/** Submits what the server has. A device that knows of more answers sends these first. */
export async function submitSet(
  database: Database,
  studentId: string,
  setId: string,
  known: number,
): Promise<StudentState> {
  return database.transaction(async (writes) => {
    await stillHere(writes, studentId);
    const own = await ownSet(writes, studentId, setId);
    const state = stateOf(own.set, own.document, own.row);
    if (state.openness === 'before' || state.openness === 'closed')
      throw new NotAllowed(
        state.openness === 'closed'
          ? own.set.releasedAt === null
            ? 'It is past the due time. What had arrived by then counts; ask your instructor about the rest.'
            : 'This set is marked already; nothing more is taken.'
          : 'This set is not open yet.',
      );
    const answered = answeredParts(entriesOf(own.row));
    if (answered < known)
      throw new Invalid('Some of your answers have not arrived yet. Wait until they are sent, and submit again.');
    return submitRow(writes, own, state.now);
  });
}

/** Notes that a submission is made, with its receipt. @param by who does it for the student, where somebody does */
export async function submitRow(
  writes: Writes,
  { set, document, row }: OwnSet,
  now: string,
  by?: string,
): Promise<StudentState> {
  const submittedAt = now;
  const receipt = receiptOf(row.id, submittedAt, row.entries);
  await noteSubmission(writes, row.id, { submittedAt, receipt });
  await insertActs(writes, [
    {
      setId: set.id,
      studentId: row.studentId,
      by: by ?? 'the student',
      act: 'submitted',
      document: { receipt, answered: answeredParts(entriesOf(row)) },
    },
  ]);
  return stateOf(set, document, { ...row, submittedAt, receipt });
}

/** Says the same of the same answers at the same time: what a student shows can be held against the book. */
function receiptOf(id: string, at: string, entries: unknown): string {
  const hash = createHash('sha256')
    .update(JSON.stringify([id, at, entries]))
    .digest('hex');
  return `${hash.slice(0, 4)}-${hash.slice(4, 8)}`.toUpperCase();
}
