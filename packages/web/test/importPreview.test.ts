/** What an import would do, told before it is done. */
import type { MarkedStudent } from '@hardy-sextant/contract';
import { previewOf, rowsOf } from '../src/features/marking/importPreview.ts';

const student = (
  id: string,
  name: string,
  number: string,
  entries: MarkedStudent['entries'] = {},
  withdrawn = false,
): MarkedStudent => ({
  id,
  name,
  number,
  withdrawn,
  entries,
  numbers: {},
  version: '',
  section: '',
  revision: 1,
  decisions: [],
  minutesLate: 0,
  less: 0,
});
const students = [
  student('1', 'Oona Kamau', 'K-1', { e1: { a: '941.43', b: '5' } }),
  student('2', 'Tariq Bakken', 'K-2'),
  student('3', 'Ulla Eze', 'K-3', {}, true),
];
const rows = rowsOf(
  [
    ['K-1', '941.43', '6'],
    ['Bakken, Tariq', '942', ''],
    ['K-3', '1', '2'],
    ['K-1', '7', '8'],
  ],
  ['student', 'e1/a', 'e1/b'],
  0,
  2,
);

it('names what is new, the same, written over, and who matches no student', () => {
  const preview = previewOf(rows, students);
  expect(preview).toMatchObject({ fresh: 1, same: 1, unmatched: 2 });
  expect(preview.over).toEqual([{ student: 'Oona Kamau', itemId: 'e1', entryId: 'b', was: '5', text: '6' }]);
  expect(preview.rows.map(({ student: found, why }) => found?.name ?? why)).toEqual([
    'Oona Kamau',
    'Tariq Bakken',
    'Nobody in the class is called “K-3” or has that number.',
    'There is another row for Oona Kamau.',
  ]);
});

it('reads each row with its line, the cells that are nothing left out', () => {
  expect(rows[0]).toEqual({ place: 2, student: 'K-1', entries: { e1: { a: '941.43', b: '6' } } });
  expect(rowsOf([['x', 'y']], ['', 'e1/a'], -1, 1)).toEqual([{ place: 1, student: '', entries: { e1: { a: 'y' } } }]);
});
