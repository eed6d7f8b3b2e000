/** What each act on a set that students have does, said before it is done. */

import type { AskedAct } from './useContents.ts';

const people = (count: number): string => `${count} ${count === 1 ? 'student' : 'students'}`;

interface Question {
  readonly title: string;
  readonly does: string;
  readonly says: (asked: AskedAct, students: number) => string;
}

export const actQuestions: Readonly<Record<AskedAct['act']['act'], Question>> = {
  add: {
    title: 'Add it to a set that students have?',
    does: 'Add it',
    says: ({ title }, students) =>
      `“${title}” comes at the end. The ${people(students)} of the class get it too, and it counts in their marks.`,
  },
  remove: {
    title: 'Remove it from a set that students have?',
    does: 'Remove it',
    says: ({ title, answered }) =>
      answered === 0
        ? `Nobody has answered “${title}” yet. It counts no more; it can be put back.`
        : `${people(answered)} ${answered === 1 ? 'has' : 'have'} answered “${title}”. Their answers are kept with the exercise as they were given it, and count no more; it can be put back with all of them.`,
  },
  'put-back': {
    title: 'Put it back into the set?',
    does: 'Put it back',
    says: ({ title, answered }) =>
      `“${title}” comes at the end again, with its numbers and the answers of ${people(answered)}, and counts in their marks.`,
  },
  order: {
    title: 'Change the order students have?',
    does: 'Change the order',
    says: () =>
      'Exercises are numbered by their place: what was number 2 on a sheet that was printed may be another one now. Answers stay with their exercises.',
  },
};
