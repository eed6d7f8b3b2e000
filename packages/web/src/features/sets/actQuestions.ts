/** What each act on a set that students have does, said before it is done. */

import type { AskedAct } from './useContents.ts';
import { many, say } from '../../words/say.ts';

const people = (count: number): string => many(count, '{{count}} student', '{{count}} students');

interface Question {
  readonly title: string;
  readonly does: string;
  readonly says: (asked: AskedAct, students: number) => string;
}

export const actQuestions: Readonly<Record<AskedAct['act']['act'], Question>> = {
  add: {
    title: say('Add it to a set that students have?'),
    does: say('Add it'),
    says: ({ title }, students) =>
      say('“{{title}}” comes at the end. The {{people}} of the class get it too, and it counts in their marks.', {
        title,
        people: people(students),
      }),
  },
  remove: {
    title: say('Remove it from a set that students have?'),
    does: say('Remove it'),
    says: ({ title, answered }) =>
      answered === 0
        ? say('Nobody has answered “{{title}}” yet. It counts no more; it can be put back.', { title })
        : many(
            answered,
            'One student has answered “{{title}}”. The answers are kept with the exercise as it was given, and count no more; it can be put back with all of them.',
            '{{count}} students have answered “{{title}}”. Their answers are kept with the exercise as they were given it, and count no more; it can be put back with all of them.',
            { title },
          ),
  },
  'put-back': {
    title: say('Put it back into the set?'),
    does: say('Put it back'),
    says: ({ title, answered }) =>
      say(
        '“{{title}}” comes at the end again, with its numbers and the answers of {{people}}, and counts in their marks.',
        { title, people: people(answered) },
      ),
  },
  order: {
    title: say('Change the order students have?'),
    does: say('Change the order'),
    says: () =>
      say(
        'Exercises are numbered by their place: what was number 2 on a sheet that was printed may be another one now. Answers stay with their exercises.',
      ),
  },
};
