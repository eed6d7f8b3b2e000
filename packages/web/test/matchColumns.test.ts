/** Columns of a file matched to students and parts. */
import { starterExercises } from '@hardy-sextant/core/starters';
import type { SetCopy } from '@hardy-sextant/contract';
import { guessRoles, hasHead, rolesFor } from '../src/features/marking/matchColumns.ts';
import { ferry } from './marks.ts';

const table = starterExercises.find(({ parts }) => parts.some(({ ask }) => ask.quantity === 'table'))!;
const copy = (itemId: string, exercise: SetCopy['exercise']): SetCopy => ({ itemId, exercise, revision: 1, latest: 1 });
const one = [copy('e1', ferry)];
const two = [copy('e4', ferry), copy('e2', table)];
const guess = (columns: string[], copies = one, remembered: { columns: string[]; roles: string[] }[] = []) => guessRoles(columns, copies, remembered, []);

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
    ['student', 'e1/a'],
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
  expect(guess(['student', '1a', `2${part} row 1 interest`, 'a'], two)).toEqual(['student', 'e4/a', `e2/${part}.1:interest`, '']);
});

it('takes what was chosen before for the same columns, as far as it is still there', () => {
  expect(guess(['x', 'y', 'z'], one, [{ columns: ['x', 'y', 'z'], roles: ['e1/b', 'student', 'e9/a'] }])).toEqual(['e1/b', 'student', '']);
});

it('without names takes the first column for the student and the others for the parts in order', () => {
  expect(guessRoles([], one, [], [['K-1', '1', '2', '3', '4', '5']])).toEqual(['student', 'e1/a', 'e1/b', 'e1/c', 'e1/d', '']);
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

it('offers each part once, with the five values, and no more than that for nobody', () => {
  const roles = rolesFor(one);
  expect(new Set(roles.map(({ id }) => id)).size).toBe(roles.length);
  expect(roles.filter(({ id }) => id.startsWith('e1/a'))).toHaveLength(6);
  expect(rolesFor([]).map(({ id }) => id)).toEqual(['', 'student']);
});
