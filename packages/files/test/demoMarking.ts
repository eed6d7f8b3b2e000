/** A small marking for tests: the ferry refit answered by some students. */
import { checkSubmission, defaultHouseRules } from '@hardy-sextant/core';
import { starterExercises } from '@hardy-sextant/core/starters';
import { marking as markingSchema, type Marking } from '@hardy-sextant/contract';

export const ferry = starterExercises.find(({ title }) => title === 'The ferry refit, with a rate review')!;

export const markingOf = (answers: readonly Record<string, string>[], more: object = {}): Marking =>
  markingSchema.parse({
    set: {
      id: 's1',
      classId: 'c1',
      title: 'Week 6',
      document: { schemaVersion: 1, items: [{ id: 'e1', exerciseId: 'x' }], numbers: 'same', given: '', due: '' },
      revision: 1,
      updatedAt: '',
      assignedExercises: [{ itemId: 'e1', exercise: ferry, revision: 1, latest: 1 }],
      counts: { students: answers.length, submitted: 0, toLookAt: 0, unmatched: 0 },
    },
    students: answers.map((entries, at) => ({
      id: `st${at}`,
      name: `Student ${at}`,
      number: `N-${at}`,
      entries: { e1: entries },
      numbers: {},
      revision: 1,
      verdicts: { e1: checkSubmission(ferry, {}, entries, defaultHouseRules) },
      decisions: [],
    })),
    accepted: [],
    unmatchedRows: [],
    unchecked: 0,
    ...more,
  });

export const right = { a: '625.72', b: '17,456.86', c: '637.58', d: '355.80' };
