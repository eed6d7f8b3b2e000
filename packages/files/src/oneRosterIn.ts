/** Classes and rosters from a zip of OneRoster 1.1 or 1.2 CSV: users, classes, enrollments, terms; who has left comes as withdrawn. */

import { unzipSync } from 'fflate';
import Papa from 'papaparse';
import { hasControls } from '@hardy-sextant/contract';
import { decode } from './bytes.ts';
import type { FileKind } from './format.ts';
import { ZIP } from './format.ts';
import type { RosterStudent } from './roster.ts';

export interface RosterClass {
  readonly code: string;
  readonly title: string;
  readonly term: string;
  readonly students: readonly RosterStudent[];
}

export interface RosterZip {
  readonly classes: readonly RosterClass[];
  /** What was left out, each in a sentence. */
  readonly notes: readonly string[];
}

const MOST_BYTES = 100_000_000;
const MOST_ROWS = 200_000;
const MOST_CLASSES = 200;
const MOST_STUDENTS = 2000;

type Row = Readonly<Record<string, string>>;

/** @throws with a sentence where it is no such zip */
export function readOneRoster(bytes: Uint8Array): RosterZip {
  const notes: string[] = [];
  const files = unpacked(bytes);
  const rowsOf = (name: string): Row[] => {
    const content = files.get(name);
    if (!content) return [];
    const { data } = Papa.parse<Row>(decode(content).text, { header: true, skipEmptyLines: 'greedy' });
    if (data.length > MOST_ROWS) throw new Error(`${name} has ${data.length} rows; at most ${MOST_ROWS} are read.`);
    return data;
  };
  for (const name of ['users.csv', 'classes.csv', 'enrollments.csv'])
    if (!files.has(name)) throw new Error(`There is no ${name} in this zip; a roster of OneRoster has one.`);
  const users = new Map(rowsOf('users.csv').map((row) => [cell(row, 'sourcedId'), row]));
  const terms = new Map(rowsOf('academicSessions.csv').map((row) => [cell(row, 'sourcedId'), cell(row, 'title')]));
  const byClass = new Map<string, Row[]>();
  for (const row of rowsOf('enrollments.csv')) {
    if (cell(row, 'role').toLowerCase() !== 'student') continue;
    const of = cell(row, 'classSourcedId');
    byClass.set(of, [...(byClass.get(of) ?? []), row]);
  }
  const classes: RosterClass[] = [];
  for (const row of rowsOf('classes.csv')) {
    const title = cell(row, 'title').slice(0, 120);
    if (isGone(row)) {
      notes.push(`The class “${title}” is marked to be deleted and is left out.`);
      continue;
    }
    const code = (cell(row, 'classCode') || title).slice(0, 30);
    if (code === '') {
      notes.push('A class has neither a code nor a title and is left out.');
      continue;
    }
    const [term = ''] = cell(row, 'termSourcedIds').split(',');
    const students = studentsOf(byClass.get(cell(row, 'sourcedId')) ?? [], users, code, notes);
    classes.push({ code, title, term: (terms.get(term.trim()) ?? '').slice(0, 40), students });
  }
  if (classes.length > MOST_CLASSES)
    notes.push(`There are ${classes.length} classes; the first ${MOST_CLASSES} are read.`);
  return { classes: classes.slice(0, MOST_CLASSES), notes: [...new Set(notes)] };
}

const cell = (row: Row, name: string): string => (row[name] ?? '').trim();
/** Marked to be deleted where it comes from. */
const isGone = (row: Row): boolean => cell(row, 'status').toLowerCase() === 'tobedeleted';

function unpacked(bytes: Uint8Array): Map<string, Uint8Array> {
  let size = 0;
  try {
    const files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        if (!/^[^/\\]+\.csv$/i.test(name) && !/^[^/\\]+\/[^/\\]+\.csv$/i.test(name)) return false;
        size += originalSize;
        return size <= MOST_BYTES;
      },
    });
    return new Map(Object.entries(files).map(([name, content]) => [name.split('/').at(-1)!, content]));
  } catch {
    throw new Error('This zip file cannot be unpacked. Make it again.');
  }
}

/** Who is enrolled, each once; doubled numbers are said. */
function studentsOf(
  enrollments: readonly Row[],
  users: ReadonlyMap<string, Row>,
  code: string,
  notes: string[],
): RosterStudent[] {
  const taken = new Map<string, RosterStudent>();
  for (const row of enrollments) {
    const user = users.get(cell(row, 'userSourcedId'));
    if (!user) {
      notes.push(`${code}: somebody is enrolled who is not among the users.`);
      continue;
    }
    const name = [cell(user, 'givenName'), cell(user, 'familyName')]
      .filter((each) => each !== '')
      .join(' ')
      .slice(0, 120);
    const number = (cell(user, 'identifier') || cell(user, 'username') || cell(user, 'sourcedId')).slice(0, 60);
    if (name === '' || number === '' || hasControls(name + number)) {
      notes.push(`${code}: a student without a name or a number is left out.`);
      continue;
    }
    const student = {
      name,
      number,
      section: '',
      withdrawn: isGone(row) || isGone(user) || cell(user, 'enabledUser') === 'false',
    };
    const before = taken.get(number.toLowerCase());
    if (before && before.name !== name) {
      notes.push(`${code}: the number ${number} is ${before.name}’s; ${name} is left out.`);
      continue;
    }
    // Enrolled twice, once still active: is in the class.
    if (!before || before.withdrawn) taken.set(number.toLowerCase(), student);
  }
  const all = [...taken.values()];
  if (all.length > MOST_STUDENTS)
    notes.push(`${code} has ${all.length} students; the first ${MOST_STUDENTS} are read.`);
  return all.slice(0, MOST_STUDENTS);
}

export const oneRosterClasses = {
  id: 'oneroster-classes',
  name: 'classes and rosters of OneRoster',
  ...ZIP,
  reads: readOneRoster,
} satisfies FileKind & Record<string, unknown>;
