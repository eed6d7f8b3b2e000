/** Columns of a file matched to students and parts. */
import { starterExercises } from '@hardy-sextant/core/starters';
import type { AssignedExercise } from '@hardy-sextant/contract';
import { guessRoles, hasHead, inOrder, linesAbove, rolesFor } from '../src/answers.ts';
import { ferry } from './demoMarking.ts';

const table = starterExercises.find(({ parts }) => parts.some(({ ask }) => ask.quantity === 'table'))!;
const assigned = (itemId: string, exercise: AssignedExercise['exercise']): AssignedExercise => ({
  itemId,
  exercise,
  revision: 1,
  latest: 1,
  answered: 0,
});
const one = [assigned('e1', ferry)];
const two = [assigned('e4', ferry), assigned('e2', table)];
const students = [
  { id: '1', name: 'Oona Kamau', number: 'K-1' },
  { id: '2', name: 'Tariq Bakken', number: 'K-2' },
];
const nothing = { names: [], rows: [], assignedExercises: one, open: '', students, remembered: [] };
const guess = (names: string[], assignedExercises = one, remembered: { columns: string[]; roles: string[] }[] = []) =>
  guessRoles({ ...nothing, names, assignedExercises, remembered });

it.each([
  [
    ['Student', 'a', 'b', 'c', 'd'],
    ['student', 'e1/a', 'e1/b', 'e1/c', 'e1/d'],
  ],
  [
    ['number', 'Part a', 'answer b', 'Q c'],
    ['student', 'e1/a', 'e1/b', 'e1/c'],
  ],
  [
    ['id', '1a', '1b', 'remark'],
    ['student', 'e1/a', 'e1/b', ''],
  ],
  [
    ['name', 'a', 'a N', 'a PV', 'a rate', 'a x'],
    ['student', 'e1/a', 'e1/a.n', 'e1/a.pv', 'e1/a.rate', ''],
  ],
  [
    ['who', 'a'],
    ['', 'e1/a'],
  ],
  [
    ['Timestamp', 'a'],
    ['', 'e1/a'],
  ],
  [
    ['Student', 'a', 'a'],
    ['student', 'e1/a', ''],
  ],
])('%j', (columns, roles) => {
  expect(guess(columns)).toEqual(roles);
});

it('counts exercises by their place in the set, and knows the cells of a table', () => {
  const part = table.parts.find(({ ask }) => ask.quantity === 'table')!.id;
  expect(guess(['student', '1a', `2${part} row 1 interest`, 'a'], two)).toEqual([
    'student',
    'e4/a',
    `e2/${part}.1:interest`,
    '',
  ]);
});

it('takes what was chosen before for the same columns, as far as it is still there', () => {
  expect(guess(['x', 'y', 'z'], one, [{ columns: ['x', 'y', 'z'], roles: ['e1/b', 'student', 'e9/a'] }])).toEqual([
    'e1/b',
    'student',
    '',
  ]);
});

it('guesses nothing from where a column stands', () => {
  const rows = [
    ['K-1', '21,452.88', '48'],
    ['K-2', '941.43', '60'],
  ];
  expect(guessRoles({ ...nothing, rows })).toEqual(['student', '', '']);
  expect(guessRoles({ ...nothing, rows, assignedExercises: two, open: 'e2' })).toEqual(['student', '', '']);
  expect(guessRoles({ ...nothing, rows: rows.map(([who, ...rest]) => [...rest, who!]) })).toEqual(['', '', 'student']);
  expect(guessRoles({ ...nothing, rows: [['941.43'], ['942']] })).toEqual(['']);
});

it('finds the student by who is in a column, not by a time stamp before it', () => {
  const names = ['Submitted at', 'Who are you?', 'a'];
  const rows = [
    ['2026-11-20 08:01', 'Kamau, Oona', '941.43'],
    ['2026-11-20 08:02', 'tariq bakken', '942'],
    ['2026-11-20 08:03', 'Somebody Else', '943'],
  ];
  expect(guessRoles({ ...nothing, names, rows })).toEqual(['', 'student', 'e1/a']);
});

it('takes a part without a number for one of the exercise that is open, and lists its parts first', () => {
  const part = table.parts.find(({ ask }) => ask.quantity !== 'table')?.id;
  expect(guess(['student', 'a'], two)).toEqual(['student', '']);
  expect(guessRoles({ ...nothing, names: ['student', 'a'], assignedExercises: two, open: 'e4' })).toEqual([
    'student',
    'e4/a',
  ]);
  expect(rolesFor(two, 'e2')[2]!.id.startsWith('e2/')).toBe(true);
  expect(rolesFor(two, 'e4')[2]!.id.startsWith('e4/')).toBe(true);
  expect(part === undefined || rolesFor(two, 'e2').some(({ id }) => id === `e2/${part}`)).toBe(true);
});

it('fills the columns left in order only when somebody says so', () => {
  expect(inOrder(['student', '', 'e4/a', ''], two[0]!)).toEqual(['student', 'e4/b', 'e4/a', 'e4/c']);
});

it('knows a line that names columns from one with answers', () => {
  expect(
    hasHead([
      ['Student', '1a'],
      ['K-1', '625.72'],
    ]),
  ).toBe(true);
  expect(
    hasHead([
      ['K-1', '625.72'],
      ['K-2', '7'],
    ]),
  ).toBe(false);
  expect(hasHead([['Student', '1a']])).toBe(false);
  expect(hasHead([])).toBe(false);
});

it('offers each part once, with the five values and the settings, and no more than that for nobody', () => {
  const roles = rolesFor(one);
  expect(new Set(roles.map(({ id }) => id)).size).toBe(roles.length);
  expect(roles.filter(({ id }) => id.startsWith('e1/a'))).toHaveLength(9);
  expect(rolesFor([]).map(({ id }) => id)).toEqual(['', 'student']);
});

it('knows a part by its own question, with or without its letter; where two ask the same, that of the open exercise', () => {
  const [a, b] = ferry.parts;
  expect(guess(['student', `a) ${a!.prompt}`, b!.prompt.toUpperCase()])).toEqual(['student', 'e1/a', 'e1/b']);
  const twice = [assigned('e4', ferry), assigned('e5', ferry)];
  const names = ['student', a!.prompt, `2b. ${b!.prompt}`];
  expect(guess(names, twice)).toEqual(['student', '', 'e5/b']);
  const roles = guessRoles({ ...nothing, names, assignedExercises: twice, open: 'e4' });
  expect(roles).toEqual(['student', 'e4/a', 'e5/b']);
});

it('skips what stands above the head, and never lines of answers', () => {
  const head = ['Student', 'a', 'b'];
  expect(linesAbove([['Export of Week 3'], [''], ['6 Oct', ''], head, ['K-1', '1', '2']])).toBe(3);
  expect(linesAbove([head, ['K-1', '1', '2']])).toBe(0);
  expect(
    linesAbove([
      ['K-1', '', ''],
      ['K-2', '1', '2'],
    ]),
  ).toBe(0);
  expect(linesAbove([['941.43'], ['17']])).toBe(0);
});

it('a column named like a student’s that holds none of the class gives way to one that does', () => {
  const rows = [
    ['7731', 'oona.kamau@bay.example', '941.43'],
    ['7732', 'k-2@bay.example', '1'],
  ];
  expect(guessRoles({ ...nothing, names: ['ID', 'Mail', 'a'], rows })).toEqual(['', 'student', 'e1/a']);
});
