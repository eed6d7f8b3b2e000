/** The list of formats: each is named once, and reads or writes. */
import { fileName, formats } from '../src/index.ts';

it('names every format once, with what it reads or writes', () => {
  expect(new Set(formats.map(({ id }) => id)).size).toBe(formats.length);
  for (const format of formats) expect('reads' in format || 'writes' in format).toBe(true);
});

it('makes a file name of any title', () => {
  expect(fileName('Kiln shed, 6.6 %', { ending: 'csv' })).toBe('kiln-shed-6-6.csv');
  expect(fileName(' …/../', { ending: 'json' })).toBe('case.json');
});
