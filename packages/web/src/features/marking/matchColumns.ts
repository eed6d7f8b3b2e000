/** Guesses what the columns of a file are, from their names; what was chosen before for the same columns comes first. */

import { tableColumns, type Part } from '@hardy-sextant/core';
import type { ColumnMatching, SetCopy } from '@hardy-sextant/contract';

export const STUDENT = 'student';

/** What a column can be: the student, an entry as `place/entry`, or nothing. */
export interface Role {
  readonly id: string;
  readonly name: string;
}

const entered = ['n', 'rate', 'pv', 'pmt', 'fv'] as const;

export function rolesFor(copies: readonly SetCopy[]): Role[] {
  const one = copies.length === 1;
  return [
    { id: '', name: 'nothing' },
    { id: STUDENT, name: 'the student' },
    ...copies.flatMap(({ itemId, exercise }, at) =>
      exercise.parts.flatMap((part) => {
        const name = `${one ? '' : at + 1}${part.id}`;
        if (part.ask.quantity === 'table') return cellRoles(itemId, part, name);
        return [
          { id: `${itemId}/${part.id}`, name: `answer ${name}` },
          ...entered.map((value) => ({ id: `${itemId}/${part.id}.${value}`, name: `${name}, entered ${value === 'rate' ? 'rate' : value.toUpperCase()}` })),
        ];
      }),
    ),
  ];
}

/** So many rows of a table have columns of their own in a file. */
const MOST_ROWS = 24;

/** The cells of a table to fill in, as columns of a file: "2b row 3 interest". */
function cellRoles(itemId: string, part: Part, name: string): Role[] {
  const { args } = part.ask;
  const from = Number(args?.from) || 1;
  const to = Math.min(Number(args?.to) || from + MOST_ROWS - 1, from + MOST_ROWS - 1);
  return Array.from({ length: Math.max(0, to - from + 1) }, (_, at) => from + at).flatMap((row) =>
    tableColumns.map((column) => ({ id: `${itemId}/${part.id}.${row}:${column}`, name: `${name} row ${row} ${column}` })),
  );
}

/** True where the first row names columns rather than holding answers. */
export function hasHead(rows: readonly (readonly string[])[]): boolean {
  const head = rows[0] ?? [];
  return head.length > 0 && head.every((cell) => !/^[-−$€£]?\s*\d[\d.,\s]*%?$/.test(cell)) && rows.length > 1 && rows.slice(1).some((row) => row.some((cell) => /\d/.test(cell)));
}

export function guessRoles(columns: readonly string[], copies: readonly SetCopy[], remembered: readonly ColumnMatching[], rows: readonly (readonly string[])[]): string[] {
  const before = remembered.find((each) => each.columns.length === columns.length && each.columns.every((name, at) => name === columns[at]));
  const known = new Set(rolesFor(copies).map(({ id }) => id));
  if (before) return before.roles.map((role) => (known.has(role) ? role : ''));
  const named = columns.map((name) => roleByName(name, copies));
  if (named.some((role) => role !== '')) {
    if (!named.includes(STUDENT)) {
      const free = named.indexOf('');
      if (free >= 0) named[free] = STUDENT;
    }
    return once(named);
  }
  // Without names: the first column is the student, the others are the parts in order.
  const parts = copies.flatMap(({ itemId, exercise }) => exercise.parts.filter(({ ask }) => ask.quantity !== 'table').map(({ id }) => `${itemId}/${id}`));
  const width = Math.max(0, ...rows.map(({ length }) => length));
  return Array.from({ length: width }, (_, at) => (at === 0 ? STUDENT : (parts[at - 1] ?? '')));
}

function once(roles: readonly string[]): string[] {
  return roles.map((role, at) => (role !== '' && roles.indexOf(role) !== at ? '' : role));
}

function roleByName(name: string, copies: readonly SetCopy[]): string {
  const words = name.toLowerCase().trim();
  if (/^(student|name|number|student (number|name|id)|id|identifier|username|sourcedid|full name)$/.test(words)) return STUDENT;
  const cell = rolesFor(copies).find(({ id, name: role }) => id !== '' && role.toLowerCase() === words);
  if (cell) return cell.id;
  const match = /^(?:(?:part|answer|question|q)\s*)?(?:e?(\d{1,2})[\s.]*)?([a-z](?:-?\d{0,2})?)(?:[\s.,:]*(?:entered\s*)?(n|rate|pv|pmt|fv)(?:\s*entered)?)?$/.exec(words);
  if (!match) return '';
  const [, place, part, value] = match;
  const copy = place === undefined ? (copies.length === 1 ? copies[0] : undefined) : copies[Number(place) - 1];
  if (!copy?.exercise.parts.some(({ id }) => id === part)) return '';
  const entry = value === undefined ? '' : `.${value}`;
  return `${copy.itemId}/${part}${entry}`;
}
