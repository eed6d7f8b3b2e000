/** Marks for a gradebook: what students and instructors typed is text, never a formula. */
import Papa from 'papaparse';
import { resultsCsv } from '../src/marks.ts';
import { markingOf, right } from './demoMarking.ts';

it.each(['=1+1', '+1', '-1', '@SUM(A1)', '\t=1', '=cmd|x'])(
  'puts a cell that begins like a formula as text: %j',
  (text) => {
    const marking = markingOf([right]);
    const student = {
      ...marking.students[0]!,
      number: text,
      decisions: [{ itemId: 'e1', partId: 'a', comment: text }],
    };
    const [, row] = Papa.parse<string[]>(
      resultsCsv({ ...marking, students: [student] }, '2026-11-25T08:00:00.000Z'),
    ).data;
    expect([row![4], row![8]]).toEqual([`'${text}`, `'${text}`]);
    expect(row![6]).toBe('10');
  },
);
