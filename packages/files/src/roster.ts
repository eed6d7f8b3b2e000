/** Reads a roster from rows of cells: OneRoster's user columns, columns with names of their own, or none. docs/formats.md describes it. */

import type { Student } from '@hardy-sextant/contract';
import { hasControls } from '@hardy-sextant/contract';

export interface RosterStudent {
  readonly name: string;
  readonly number: string;
  /** Empty where the roster has none. */
  readonly section: string;
  /** Marked to be deleted where the roster comes from: has left the class. */
  readonly withdrawn: boolean;
}

export interface ReadRoster {
  readonly students: readonly RosterStudent[];
  /** Students that are there already, with the same number and name. */
  readonly known: number;
  /** Rows that cannot be taken, as they were, with why. */
  readonly refused: readonly { readonly place: number; readonly text: string; readonly why: string }[];
}

const NUMBER = /^(student ?)?(number|no\.?|nr\.?|id|identifier|username|sourcedid)$/i;
const FIRST = /^(given ?name|first ?name|forename)$/i;
const LAST = /^(family ?name|last ?name|surname)$/i;
const SECTION = /^(section|group|tutorial|set)$/i;
const NAME = /^(full ?)?name$|^student( ?name)?$/i;

interface Columns {
  readonly header: boolean;
  readonly name: readonly number[];
  readonly number: readonly number[];
  readonly role: number;
  readonly status: number;
  readonly section: number;
}

/** Which column is what; OneRoster's `identifier` comes before its `username` and `sourcedId`. */
function columnsOf(rows: readonly (readonly string[])[]): Columns {
  const head = (rows[0] ?? []).map((cell) => cell.trim());
  const at = (pattern: RegExp): number => head.findIndex((cell) => pattern.test(cell));
  const found = [FIRST, LAST].map(at).filter((place) => place >= 0);
  const name = found.length > 0 ? found : [at(NAME)].filter((place) => place >= 0);
  const preferred = [/^identifier$/i, /^username$/i, /^sourcedid$/i, NUMBER].map(at).filter((place) => place >= 0);
  if (name.length > 0 || preferred.length > 0)
    return {
      header: true,
      name,
      number: [...new Set(preferred)],
      role: at(/^role$/i),
      status: at(/^status$/i),
      section: at(SECTION),
    };
  const widest = Math.max(...rows.map((row) => row.filter((cell) => cell.trim() !== '').length), 0);
  if (widest <= 1) return { header: false, name: [0], number: [], role: -1, status: -1, section: -1 };
  // Without a head, the column with digits in most of its cells is the number; all others make up the name.
  const width = Math.max(...rows.map((row) => row.length));
  const digits = Array.from(
    { length: width },
    (_, column) => rows.filter((row) => /\d/.test(row[column] ?? '')).length,
  );
  const numbered = digits.indexOf(Math.max(...digits));
  return {
    header: false,
    name: Array.from({ length: width }, (_, column) => column).filter((column) => column !== numbered),
    number: [numbered],
    role: -1,
    status: -1,
    section: -1,
  };
}

/**
 * Reads a roster.
 *
 * @param rows cells of each line, as a CSV reader gives them
 * @param there students already in the class; nobody is taken twice
 */
export function readRoster(
  rows: readonly (readonly string[])[],
  there: readonly Pick<Student, 'name' | 'number'>[] = [],
): ReadRoster {
  const filled = rows.map((row, place) => ({ row, place })).filter(({ row }) => row.some((cell) => cell.trim() !== ''));
  const columns = columnsOf(filled.map(({ row }) => row));
  const students: RosterStudent[] = [];
  const refused: { place: number; text: string; why: string }[] = [];
  const taken = new Map(there.map(({ name, number }) => [number.toLowerCase(), name]));
  let known = 0;
  let running = there.length;
  for (const { row, place } of columns.header ? filled.slice(1) : filled) {
    const cell = (column: number): string => (row[column] ?? '').trim();
    const refuse = (why: string): void =>
      void refused.push({ place: place + 1, text: row.join(', ').slice(0, 300), why });
    if (columns.role >= 0 && cell(columns.role) !== '' && !/student|learner/i.test(cell(columns.role))) {
      refuse(`The role is “${cell(columns.role)}”, not student.`);
      continue;
    }
    const name = columns.name
      .map(cell)
      .filter((part) => part !== '')
      .join(' ')
      .slice(0, 120);
    let number = (columns.number.map(cell).find((part) => part !== '') ?? '').slice(0, 60);
    if (name === '' && number === '') continue;
    if (name === '') {
      refuse('There is no name in this row.');
      continue;
    }
    if (number === '') {
      if (columns.number.length > 0) {
        refuse('There is no number in this row, and the others have one.');
        continue;
      }
      do number = String((running += 1)).padStart(2, '0');
      while (taken.has(number));
    }
    if (hasControls(name + number)) {
      refuse('A character that cannot be seen stands in the name or the number.');
      continue;
    }
    const before = taken.get(number.toLowerCase());
    if (before !== undefined) {
      if (before === name && there.some((each) => each.number.toLowerCase() === number.toLowerCase())) known += 1;
      else refuse(`The number ${number} is there already, for ${before}.`);
      continue;
    }
    taken.set(number.toLowerCase(), name);
    students.push({
      name,
      number,
      section: columns.section >= 0 ? cell(columns.section).slice(0, 30) : '',
      withdrawn: columns.status >= 0 && /^(tobedeleted|inactive|withdrawn)$/i.test(cell(columns.status)),
    });
  }
  return { students, known, refused };
}
