/** A gradebook says how each student's work stands, with the marks of every part; a calendar has the days of a set. */
import exceljs from 'exceljs';
import Papa from 'papaparse';
import { gradebookCsv, gradebookRows, gradebookWorkbook, setCalendar } from '../src/index.ts';
import { ferry, markingOf, right } from './demoMarking.ts';

const marking = markingOf([right, { ...right, a: '777.77' }, {}, { a: '625.72' }]);
const heads = ['1a (2)', '1b (3)', '1c (3)', '1d (2)'];

describe('a gradebook', () => {
  it('has who, how it stands, the sum, what it is out of, and every part', () => {
    const [head, first, open, none, some] = gradebookRows(marking);
    expect(head).toEqual(['Number', 'Name', 'Status', 'Sum', 'Out of', ...heads, 'Comment']);
    expect(ferry.parts.map(({ marks }) => marks)).toEqual([2, 3, 3, 2]);
    expect(first).toEqual(['N-0', 'Student 0', 'marked', 10, 10, 2, 3, 3, 2, '']);
    expect(open!.slice(2, 6)).toEqual(['to be looked at', expect.any(Number), 10, '']);
    expect(none).toEqual(['N-2', 'Student 2', 'not submitted', '', 10, '', '', '', '', '']);
    expect(some!.slice(2)).toEqual(['marked', 2, 10, 2, 0, 0, 0, '']);
  });
  it('says that marks are released, and what is not judged yet', () => {
    const released = { ...marking, set: { ...marking.set, releasedAt: '2026-10-12' } };
    expect(gradebookRows(released)[1]![2]).toBe('released');
    const [student] = marking.students;
    const { verdicts: _none, ...unjudged } = student!;
    expect(gradebookRows({ ...marking, students: [unjudged] })[1]![2]).toBe('to be looked at');
  });
  it('says how late somebody was, and what that costs', () => {
    const [first, second] = marking.students;
    const own = { ...marking, students: [{ ...first!, minutesLate: 1565, less: 20 }, second!] };
    const [head, late, inTime] = gradebookRows(own);
    expect(head!.slice(2, 5)).toEqual(['Status', 'Late', 'Sum']);
    expect(late!.slice(2, 6)).toEqual(['marked', '1 d 2 h 5 min, 20 % less', 8, 10]);
    expect(inTime![3]).toBe('');
  });
  it('keeps what people typed as text, in both kinds of file', async () => {
    const [student] = marking.students;
    const odd = { ...student!, name: '=cmd|x', decisions: [{ itemId: 'e1', partId: 'a', comment: '+1' }] };
    const own = { ...marking, students: [odd] };
    const [, row] = Papa.parse<string[]>(gradebookCsv.writes(own)).data;
    expect([row![1], row!.at(-1)]).toEqual(["'=cmd|x", "'+1"]);
    const book = new exceljs.Workbook();
    await book.xlsx.load(await gradebookWorkbook.writes(own));
    const page = book.worksheets[0]!;
    expect([page.getCell('B2').value, page.getCell('D2').value]).toEqual(['=cmd|x', 10]);
    expect(page.getCell('B2').type).toBe(exceljs.ValueType.String);
  });
});

it('a calendar has a day for what is given and for what is due, in lines that are short enough', () => {
  const title = 'Week 3, payments; and what is left of a very long title that goes on and on — über alles';
  const text = setCalendar({ id: 's1', title, given: '2026-10-05', due: '2026-12-31' }, '2026-10-01T08:30:00.000Z');
  expect(text.split('\r\n').every((line) => new TextEncoder().encode(line).length <= 75)).toBe(true);
  const lines = text.replaceAll('\r\n ', '').split('\r\n');
  expect(lines.filter((line) => line === 'BEGIN:VEVENT')).toHaveLength(2);
  expect(lines).toContain('DTSTAMP:20261001T083000Z');
  expect(lines).toContain('DTSTART;VALUE=DATE:20261231');
  expect(lines).toContain('DTEND;VALUE=DATE:20270101');
  expect(lines.some((line) => line.startsWith('SUMMARY:Week 3\\, payments\\; and'))).toBe(true);
  expect(setCalendar({ id: 's1', title: 'x', given: '', due: '' }, '2026-10-01T08:30:00.000Z')).not.toContain('VEVENT');
});
