/** What the columns of a file are, from their names and what is in them; what was chosen before for the same columns comes first. */

import { addsUp, enteredNames, enteredTitles, usualColumns, type Part } from '@hardy-sextant/core';
import type { AssignedExercise, ColumnMatching, Student } from '@hardy-sextant/contract';
import { plainName, studentFinder } from './studentFinder.ts';

export const STUDENT = 'student';

/** What a column can be: the student, an entry as `place/entry`, or nothing. */
export interface Role {
  readonly id: string;
  readonly name: string;
}

/** @param open the exercise whose parts come first */
export function rolesFor(assignedExercises: readonly AssignedExercise[], open = ''): Role[] {
  const one = assignedExercises.length === 1;
  const places = assignedExercises.map((assigned, at) => ({ ...assigned, at }));
  return [
    { id: '', name: 'nothing' },
    { id: STUDENT, name: 'the student' },
    ...[...places.filter(({ itemId }) => itemId === open), ...places.filter(({ itemId }) => itemId !== open)].flatMap(
      ({ itemId, exercise, at }) =>
        exercise.parts.flatMap((part) => {
          const name = `${one ? '' : at + 1}${part.id}`;
          if (part.ask.quantity === 'table') return cellRoles(itemId, part, name);
          return [
            { id: `${itemId}/${part.id}`, name: `answer ${name}` },
            ...enteredNames.map((value) => ({
              id: `${itemId}/${part.id}.${value}`,
              name: `${name}, entered ${enteredTitles[value]}`,
            })),
          ];
        }),
    ),
  ];
}

/** So many rows of a table have columns of their own in a file. */
const MOST_ROWS = 24;

/** The cells of a table to fill in, as columns of a file: "2b row 3 interest". */
function cellRoles(itemId: string, part: Part, name: string): Role[] {
  const { ask } = part;
  const { args } = ask;
  const columns = (ask.quantity === 'table' ? (ask.columns ?? usualColumns) : []).map(({ column }) => column);
  const filled = columns.filter((column) => column !== 'date');
  const from = Number(args?.from) || 1;
  const to = Math.min(Number(args?.to) || from + MOST_ROWS - 1, from + MOST_ROWS - 1);
  const rows = Array.from({ length: Math.max(0, to - from + 1) }, (_, at) => from + at);
  const totals = ask.quantity === 'table' && ask.totals ? filled.filter(addsUp) : [];
  return [
    ...rows.flatMap((row) =>
      filled.map((column) => ({
        id: `${itemId}/${part.id}.${row}:${column}`,
        name: `${name} row ${row} ${column}`,
      })),
    ),
    ...totals.map((column) => ({ id: `${itemId}/${part.id}.total:${column}`, name: `${name} total ${column}` })),
  ];
}

/** True where the first row names columns rather than holding answers. */
export function hasHead(rows: readonly (readonly string[])[]): boolean {
  const head = rows[0] ?? [];
  return (
    head.length > 0 &&
    head.every((cell) => !/^[-−$€£]?\s*\d[\d.,\s]*%?$/.test(cell)) &&
    rows.length > 1 &&
    rows.slice(1).some((row) => row.some((cell) => /\d/.test(cell)))
  );
}

/** A head stands within so many lines. */
const MOST_ABOVE = 12;

/** How many lines at the top are no part of the table: a title, a date, an empty line, above the head of wider columns. */
export function linesAbove(rows: readonly (readonly string[])[]): number {
  const filled = rows.map((row) => row.filter((cell) => cell !== '').length);
  const widest = Math.max(0, ...filled);
  if (widest < 2) return 0;
  const at = filled.findIndex((count) => count > widest / 2);
  if (at <= 0 || at > MOST_ABOVE) return 0;
  // Only above a head: lines of answers with gaps are answers.
  return hasHead(rows.slice(at)) ? at : 0;
}

/** What the roles of columns follow from. */
interface Columns {
  /** Their names; none where the first line holds answers already. */
  readonly names: readonly string[];
  readonly rows: readonly (readonly string[])[];
  readonly assignedExercises: readonly AssignedExercise[];
  /** The exercise that is open: a part named without a number is one of its. */
  readonly open: string;
  readonly students: readonly Pick<Student, 'id' | 'name' | 'number'>[];
  readonly remembered: readonly ColumnMatching[];
}

/**
 * What each column is, as far as it says so itself: by what was chosen before for the same names, by its name, and the
 * student by who is in it. Nothing is guessed from where a column stands.
 */
export function guessRoles({ names, rows, assignedExercises, open, students, remembered }: Columns): string[] {
  const width = Math.max(names.length, 0, ...rows.map(({ length }) => length));
  const known = new Set(rolesFor(assignedExercises).map(({ id }) => id));
  const before =
    names.length > 0 &&
    remembered.find(
      (each) => each.columns.length === names.length && each.columns.every((name, at) => name === names[at]),
    );
  const roles = before
    ? before.roles.map((role) => (known.has(role) ? role : ''))
    : once(Array.from({ length: width }, (_, at) => roleByName(names[at] ?? '', assignedExercises, open)));
  const who = columnOfStudents(rows, students, width);
  // A column that is named like a student's and holds none of the class gives way to one that does.
  const named = roles.indexOf(STUDENT);
  if (named >= 0 && (before || who < 0 || who === named || shareOfStudents(rows, students, named) >= 0.5)) return roles;
  if (named >= 0) roles[named] = '';
  return Array.from({ length: width }, (_, at) => (at === who ? STUDENT : (roles[at] ?? '')));
}

/** How many of the cells of a column are students of the class, as a share. */
function shareOfStudents(rows: Columns['rows'], students: Columns['students'], column: number): number {
  const find = studentFinder(students);
  const cells = rows.map((row) => row[column] ?? '').filter((cell) => cell !== '');
  return cells.length === 0 ? 0 : cells.filter((cell) => find(cell).ok).length / cells.length;
}

/** The column in which at least half of the cells are students of the class; −1 where there is none. */
function columnOfStudents(rows: Columns['rows'], students: Columns['students'], width: number): number {
  const shares = Array.from({ length: width }, (_, at) => shareOfStudents(rows, students, at));
  const most = Math.max(0, ...shares);
  return most >= 0.5 ? shares.indexOf(most) : -1;
}

/** The columns that are nothing yet, from left to right, as the parts of one exercise in order: only when somebody says so. */
export function inOrder(roles: readonly string[], assigned: AssignedExercise): string[] {
  const taken = new Set(roles);
  const parts = assigned.exercise.parts
    .filter(({ ask }) => ask.quantity !== 'table')
    .map(({ id }) => `${assigned.itemId}/${id}`);
  const free = parts.filter((id) => !taken.has(id));
  return roles.map((role) => (role === '' ? (free.shift() ?? '') : role));
}

function once(roles: readonly string[]): string[] {
  return roles.map((role, at) => (role !== '' && roles.indexOf(role) !== at ? '' : role));
}

/** Shorter than this, a question is no name: "Find i." may be anywhere. */
const LEAST_QUESTION = 12;

/** The part whose own question a head is, perhaps behind its letter; where several ask the same, that of the open exercise. */
function roleByQuestion(words: string, assignedExercises: readonly AssignedExercise[], open: string): string {
  const said = plainName(words);
  const found = assignedExercises.flatMap(({ itemId, exercise }, at) =>
    exercise.parts.flatMap(({ id, prompt, ask }) => {
      if (ask.quantity === 'table') return [];
      // Numbers in a question are the student's own; what stands between them is the same for all.
      const pieces = prompt
        .split(/\{[^}]*\}/)
        .map(plainName)
        .filter((piece) => piece !== '');
      if (pieces.join(' ').length < LEAST_QUESTION || !standIn(said, pieces)) return [];
      const lead = said.slice(0, said.indexOf(pieces[0] ?? '')).trim();
      const isNamed = lead === id || lead === `${at + 1}${id}` || lead === `${at + 1} ${id}`;
      return [{ itemId, id, isNamed }];
    }),
  );
  const named = found.filter(({ isNamed }) => isNamed);
  const fitting = named.length > 0 ? named : found;
  const here = fitting.filter(({ itemId }) => itemId === open);
  const [only, ...others] = here.length > 0 ? here : fitting;
  return only && others.length === 0 ? `${only.itemId}/${only.id}` : '';
}

/** Whether pieces stand in a text one after the other. */
function standIn(text: string, pieces: readonly string[]): boolean {
  let from = 0;
  for (const piece of pieces) {
    const at = text.indexOf(piece, from);
    if (at < 0) return false;
    from = at + piece.length;
  }
  return true;
}

function roleByName(name: string, assignedExercises: readonly AssignedExercise[], open: string): string {
  const words = name.toLowerCase().trim();
  if (/^(student|name|number|student (number|name|id)|id|identifier|username|sourcedid|full name)$/.test(words))
    return STUDENT;
  const asked = roleByQuestion(words, assignedExercises, open);
  if (asked !== '') return asked;
  const cell = rolesFor(assignedExercises).find(({ id, name: role }) => id !== '' && role.toLowerCase() === words);
  if (cell) return cell.id;
  const match =
    /^(?:(?:part|answer|question|q)\s*)?(?:e?(\d{1,2})[\s.]*)?([a-z](?:-?\d{0,2})?)(?:[\s.,:]*(?:entered\s*)?(n|rate|pv|pmt|fv|peryear|compounding|timing)(?:\s*entered)?)?$/.exec(
      words,
    );
  if (!match) return '';
  const [, place, part, value] = match;
  const assigned =
    place === undefined
      ? (assignedExercises.find(({ itemId }) => itemId === open) ??
        (assignedExercises.length === 1 ? assignedExercises[0] : undefined))
      : assignedExercises[Number(place) - 1];
  if (!assigned?.exercise.parts.some(({ id }) => id === part)) return '';
  const entry = value === undefined ? '' : `.${value}`;
  return `${assigned.itemId}/${part}${entry}`;
}
