/** The demo's three sets, with what the students of both classes submitted. */

import { nth, defaultHouseRules, drawNumbers, seededRandom, type Exercise, type Numbers } from '@hardy-sextant/core';
import { starterExercises } from '@hardy-sextant/core/starters';
import { emptySet, type SetDocument } from '@hardy-sextant/contract';
import { answersTo } from './demoAnswers.ts';
import { kilnShedExercise } from './kilnShed.ts';
import { largeClass, largeRoster, smallClass, smallRoster, type DemoStudent } from './people.ts';

export interface DemoSubmission {
  readonly studentId: string;
  readonly numbers: Record<string, Numbers>;
  readonly entries: Record<string, Record<string, string>>;
}

export interface DemoSet {
  readonly id: string;
  readonly classId: string;
  readonly title: string;
  readonly document: SetDocument;
  readonly exercises: readonly { readonly itemId: string; readonly exerciseId: string; readonly exercise: Exercise }[];
  readonly released: boolean;
  readonly submissions: readonly DemoSubmission[];
}

/** The kiln shed's first dozen answers: one of each verdict, to point at. */
const kilnShed = [
  '941.43',
  '3,237.96',
  '9,758.98',
  '936.28',
  '-941.43',
  '1,064.00',
  '$800',
  '914.43',
  '941.4',
  '1,012.50',
  'ask the bank',
  '',
];

const starter = (title: string): { exerciseId: string; exercise: Exercise } => {
  const at = starterExercises.findIndex((each) => each.title === title);
  return { exerciseId: `starter-${at + 1}`, exercise: nth(starterExercises, at) };
};
const kiln = { exerciseId: 'demo-kiln-shed', exercise: kilnShedExercise };

function setOf(
  id: string,
  classId: string,
  title: string,
  roster: readonly DemoStudent[],
  chosen: readonly { readonly exerciseId: string; readonly exercise: Exercise }[],
  dates: { readonly given: string; readonly due: string },
  numbers: SetDocument['numbers'],
  released: boolean,
): DemoSet {
  const exercises = chosen.map((each, at) => ({ ...each, itemId: `e${at + 1}` }));
  const submissions = roster.map((student, place): DemoSubmission => {
    const random = seededRandom(`${id} ${student.number}`);
    const care = 0.5 + 0.42 * random();
    const absent = random() < 0.04;
    const own: Record<string, Numbers> = {};
    const entries: Record<string, Record<string, string>> = {};
    for (const { itemId, exercise } of exercises) {
      const drawn =
        numbers === 'own' ? drawNumbers(exercise, `${id} ${itemId} ${student.number}`, defaultHouseRules) : undefined;
      const mine = drawn?.ok ? drawn.value : {};
      if (drawn?.ok) own[itemId] = mine;
      const texts =
        exercise === kilnShedExercise && place < kilnShed.length
          ? plain(nth(kilnShed, place))
          : absent
            ? {}
            : answersTo(exercise, mine, `${id} ${itemId} ${student.number}`, care);
      if (Object.keys(texts).length > 0) entries[itemId] = texts;
    }
    return { studentId: student.id, numbers: own, entries };
  });
  const document: SetDocument = {
    ...emptySet,
    items: exercises.map(({ itemId, exerciseId }) => ({ id: itemId, exerciseId })),
    numbers,
    ...dates,
    // The large class writes its midterm on paper.
    online: classId === smallClass.id,
  };
  return { id, classId, title, document, exercises, released, submissions };
}

const plain = (text: string): Record<string, string> => (text === '' ? {} : { a: text });

let made: readonly DemoSet[] | undefined;

/** Made once and kept: the same every time. */
export function demoSets(): readonly DemoSet[] {
  return (made ??= [
    setOf(
      'demo-week-3',
      smallClass.id,
      'Week 3, payments',
      smallRoster,
      [kiln, starter('Oyster rafts with a trade-in'), starter('Fill in the first rows of the jetty loan')],
      { given: '2026-10-05', due: '2026-10-12' },
      'same',
      true,
    ),
    setOf(
      'demo-week-6',
      smallClass.id,
      'Week 6, changing rates',
      smallRoster,
      [
        starter('The ferry refit, with a rate review'),
        starter('A balloon on the harbour crane'),
        starter('The bakery oven on a lease'),
      ],
      { given: '2026-11-16', due: '2026-11-27' },
      'same',
      false,
    ),
    setOf(
      'demo-midterm',
      largeClass.id,
      'Midterm practice',
      largeRoster,
      [
        starter('The ferry refit, with a rate review'),
        starter('What the lighthouse stair costs in all'),
        starter('Oyster rafts with a trade-in'),
        starter('How long for the slipway'),
      ],
      { given: '2026-11-09', due: '2026-11-23' },
      'own',
      false,
    ),
  ]);
}
