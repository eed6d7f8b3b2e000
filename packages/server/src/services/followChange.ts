/** What becomes of a set when one of its exercises was changed after it was assigned. */

import { exerciseProblems, type Exercise } from '@hardy-sextant/core';
import { exerciseDocument, ownNumbers, type FollowChange, type KeptSet } from '@hardy-sextant/contract';
import { listStudents } from '../store/classes.ts';
import type { Database } from '../store/database.ts';
import { findDocument } from '../store/documents.ts';
import { listSubmissions, writeNumbers } from '../store/submissions.ts';
import { exercises } from '../store/schema.ts';
import { listAssignedExercises, updateAssignedExercise } from '../store/sets.ts';
import { OwnNumbers } from './ownNumbers.ts';
import { Invalid, NotFound, Stale } from './refusal.ts';
import { rulesOf } from './rules.ts';
import { readSet } from './sets.ts';
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
    const assigned = (await listAssignedExercises(transaction, id)).find((each) => each.itemId === itemId);
    if (!assigned) throw new NotFound('exercise in this set');
    const row = await findDocument(transaction, exercises, assigned.exerciseId);
    if (!row) throw new NotFound('exercise');
    if (row.revision !== latest) throw new Stale('exercise', set);
    if (how === 'keep') await updateAssignedExercise(transaction, assigned.id, { keptAgainst: row.revision });
    else {
      const rules = await rulesOf(transaction, set.classId);
      const now = stored(exerciseDocument, row.document, 'exercise').exercise;
      const problem = exerciseProblems(now, rules)[0];
      if (problem)
        throw new Invalid(`“${now.title}” is a draft now and cannot be assigned.`, [
          { path: 'how', message: problem.message },
        ]);
      const given = stored(exerciseDocument, assigned.document, 'exercise of a set').exercise;
      // Regradeed, students keep what they read and the numbers in it; plans and parts are the new ones.
      const exercise =
        how === 'regrade' ? { ...now, title: given.title, story: given.story, givens: mergedGivens(given, now) } : now;
      await updateAssignedExercise(transaction, assigned.id, {
        document: { schemaVersion: 2, exercise },
        exerciseRevision: row.revision,
        keptAgainst: null,
      });
      const ahead = new OwnNumbers(rules);
      const students = new Map((await listStudents(transaction, set.classId)).map((student) => [student.id, student]));
      for (const submission of await listSubmissions(transaction, id)) {
        const numbers = stored(ownNumbers, submission.numbers, 'submission');
        const student = students.get(submission.studentId);
        const own =
          how === 'reissue' && set.document.numbers !== 'same' && student
            ? {
                ...numbers,
                [itemId]: ahead.of(
                  exercise,
                  id,
                  itemId,
                  submission.version === ''
                    ? { student: student.number }
                    : { version: submission.version, of: set.document.versions },
                ),
              }
            : numbers;
        await writeNumbers(transaction, submission.id, own);
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
