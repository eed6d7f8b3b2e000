/** Whom a row of a file means. */
import { studentFinder } from '../src/studentFinder.ts';

const find = studentFinder([
  { id: '1', name: 'Jorunn Achterberg', number: 'K-2109' },
  { id: '2', name: 'Kofi Benedetti', number: 'K-2110' },
  { id: '3', name: 'Kofi Benedetti', number: 'K-2111' },
  { id: '4', name: 'Málaga Núñez', number: '0042' },
]);

it.each([
  ['K-2109', '1'],
  ['k 2109', '1'],
  ['Achterberg, Jorunn', '1'],
  ['jorunn  ACHTERBERG', '1'],
  ['Jorunn Achterberg (K-2109)', '1'],
  ['Malaga Nunez', '4'],
  ['0042', '4'],
  ['K-2111', '3'],
  ['Kofi Benedetti K-2110', '2'],
])('%s is student %s', (text, id) => {
  expect(find(text)).toMatchObject({ ok: true, id });
});

it.each([
  ['', 'There is no student in this row.'],
  ['  ', 'There is no student in this row.'],
  ['Kofi Benedetti', '2 students in the class are called “Kofi Benedetti”; use their numbers.'],
  ['42', 'Nobody in the class is called “42” or has that number.'],
])('“%s” is nobody', (text, why) => {
  expect(find(text)).toEqual({ ok: false, why });
});
