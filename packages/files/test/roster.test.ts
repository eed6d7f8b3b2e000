/** Rosters read from whatever an instructor has. */
import { readRoster } from '../src/index.ts';

const usual = { section: '', withdrawn: false };
const rows = (text: string) => text.split('\n').map((line) => line.split(','));

it.each([
  ['a head with names', 'Name,Number\nOona Kamau,K-1\nTariq Bakken,K-2'],
  ['given and family name', 'first name,last name,student id\nOona,Kamau,K-1\nTariq,Bakken,K-2'],
  [
    'OneRoster',
    'sourcedId,status,role,givenName,familyName,identifier\nx1,active,student,Oona,Kamau,K-1\nx2,active,student,Tariq,Bakken,K-2',
  ],
  ['no head, number last', 'Oona Kamau,K-1\nTariq Bakken,K-2'],
  ['no head, number first', 'K-1,Oona Kamau\nK-2,Tariq Bakken'],
  ['empty lines between', 'Oona Kamau,K-1\n,\n\nTariq Bakken,K-2'],
])('reads %s', (_what, text) => {
  expect(readRoster(rows(text))).toEqual({
    students: [
      { name: 'Oona Kamau', number: 'K-1', ...usual },
      { name: 'Tariq Bakken', number: 'K-2', ...usual },
    ],
    known: 0,
    refused: [],
  });
});

it('numbers names that come without, past those that are taken', () => {
  const { students } = readRoster([['Oona Kamau'], ['Tariq Bakken']], [{ name: 'A', number: '02' }]);
  expect(students).toEqual([
    { name: 'Oona Kamau', number: '03', ...usual },
    { name: 'Tariq Bakken', number: '04', ...usual },
  ]);
});

it('lists what it does not take, by line and with why', () => {
  const text =
    'name,number,role,status\nA,1,student,\nB,1,student,\nC,,student,\n,5,student,\nD,6,teacher,\nE,7,student,tobedeleted\nZ,9,student,';
  const read = readRoster(rows(text), [{ name: 'Z', number: '9' }]);
  expect(read.students).toEqual([
    { name: 'A', number: '1', ...usual },
    { name: 'E', number: '7', section: '', withdrawn: true },
  ]);
  expect(read.known).toBe(1);
  expect(read.refused.map(({ place, why }) => [place, why])).toEqual([
    [3, 'The number 1 is there already, for A.'],
    [4, 'There is no number in this row, and the others have one.'],
    [5, 'There is no name in this row.'],
    [6, 'The role is “teacher”, not student.'],
  ]);
});

it('takes nothing from nothing', () => {
  expect(readRoster([])).toEqual({ students: [], known: 0, refused: [] });
  expect(readRoster([[''], ['', '']])).toEqual({ students: [], known: 0, refused: [] });
});

it('takes sections, and who has left as withdrawn', () => {
  const { students } = readRoster(rows('Name,Number,Group,Status\nA,1,Tuesday,active\nB,2,Friday,inactive'));
  expect(students).toEqual([
    { name: 'A', number: '1', section: 'Tuesday', withdrawn: false },
    { name: 'B', number: '2', section: 'Friday', withdrawn: true },
  ]);
});
