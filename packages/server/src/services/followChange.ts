/** What becomes of a set when one of its exercises was changed after it was given out. */

import { exerciseProblems, type Exercise } from '@hardy-sextant/core';
import { exerciseDocument, ownNumbers, type FollowChange, type KeptSet } from '@hardy-sextant/contract';
import { listStudents } from '../store/classes.ts';
import type { Database } from '../store/database.ts';
import { findDocument } from '../store/documents.ts';
import { listHandIns, writeNumbers } from '../store/handIns.ts';
import { exercises } from '../store/schema.ts';
import { listCopies, updateCopy } from '../store/sets.ts';
import { OwnNumbers } from './ownNumbers.ts';
import { Invalid, NotFound, Stale } from './refusal.ts';
import { readSet, rulesOf } from './sets.ts';
import { stored } from './stored.ts';

/** Nothing, the same story and numbers judged by the new key, or the new exercise with new numbers. */
export async function followChange(
  database: Database,
  id: string,
  itemId: string,
  { how, latest }: FollowChange,
): Promise<KeptSet> {
  return database.transaction(async (transaction) => {
    const set = await readSet(transaction, id);
    const copy = (await listCopies(transaction, id)).find((each) => each.itemId === itemId);
    if (!copy) throw new NotFound('exercise in this set');
    const row = await findDocument(transaction, exercises, copy.exerciseId);
    if (!row) throw new NotFound('exercise');
    if (row.revision !== latest) throw new Stale('exercise', set);
    if (how === 'keep') await updateCopy(transaction, copy.id, { keptAgainst: row.revision });
    else {
      const rules = await rulesOf(transaction, set.classId);
      const now = stored(exerciseDocument, row.document, 'exercise').exercise;
      const problem = exerciseProblems(now, rules)[0];
      if (problem)
        throw new Invalid(`“${now.title}” is a draft now and cannot be given out.`, [
          { path: 'how', message: problem.message },
        ]);
      const given = stored(exerciseDocument, copy.document, 'exercise of a set').exercise;
      // Re-keyed, students keep what they read and the numbers in it; plans and parts are the new ones.
      const exercise =
        how === 're-key' ? { ...now, title: given.title, story: given.story, givens: mergedGivens(given, now) } : now;
      await updateCopy(transaction, copy.id, {
        document: { schemaVersion: 2, exercise },
        exerciseRevision: row.revision,
        keptAgainst: null,
      });
      const ahead = new OwnNumbers(rules);
      const students = new Map((await listStudents(transaction, set.classId)).map((student) => [student.id, student]));
      for (const handIn of await listHandIns(transaction, id)) {
        const numbers = stored(ownNumbers, handIn.numbers, 'submission');
        const student = students.get(handIn.studentId);
        const own =
          how === 'give-anew' && set.document.numbers === 'own' && student
            ? { ...numbers, [itemId]: ahead.of(exercise, id, itemId, student.number) }
            : numbers;
        await writeNumbers(transaction, handIn.id, own);
      }
    }
    return readSet(transaction, id);
  });
}

/** Givens as students got them; those that the new key has besides come with their own numbers. */
function mergedGivens(given: Exercise, now: Exercise): Exercise['givens'] {
  const old = given.givens ?? [];
  return [...old, ...(now.givens ?? []).filter(({ name }) => !old.some((each) => each.name === name))];
}
