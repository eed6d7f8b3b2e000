/** What an import would do before it does it: whose answers are new, which are there already, which are written over. */

import type { ImportedAnswers, MarkedStudent } from '@hardy-sextant/contract';
import { studentFinder } from '@hardy-sextant/files';
import { say } from '../../words/say.ts';

export type ImportRow = ImportedAnswers['rows'][number];

/** An answer that another one stands in the place of. */
export interface WrittenOver {
  readonly student: string;
  readonly itemId: string;
  readonly entryId: string;
  readonly was: string;
  readonly text: string;
}

export interface ImportPreview {
  readonly rows: readonly { readonly row: ImportRow; readonly student?: MarkedStudent; readonly why?: string }[];
  readonly fresh: number;
  readonly same: number;
  readonly over: readonly WrittenOver[];
  readonly unmatched: number;
}

/** Rows as answers, by what each column is. */
export function rowsOf(
  rows: readonly (readonly string[])[],
  roles: readonly string[],
  who: number,
  firstLine: number,
): ImportRow[] {
  return rows.map((row, at) => {
    const entries = new Map<string, Map<string, string>>();
    roles.forEach((role, column) => {
      const [itemId, entryId] = role.split('/');
      if (!itemId || !entryId) return;
      const texts = entries.get(itemId) ?? new Map<string, string>();
      texts.set(entryId, (row[column] ?? '').slice(0, 40_000));
      entries.set(itemId, texts);
    });
    return {
      place: at + firstLine,
      student: (row[who] ?? '').slice(0, 400),
      entries: Object.fromEntries([...entries].map(([itemId, texts]) => [itemId, Object.fromEntries(texts)])),
    };
  });
}

export function previewOf(rows: readonly ImportRow[], students: readonly MarkedStudent[]): ImportPreview {
  const find = studentFinder(students.filter(({ withdrawn }) => !withdrawn));
  const byId = new Map(students.map((student) => [student.id, student]));
  const taken = new Set<string>();
  const over: WrittenOver[] = [];
  let [fresh, same, unmatched] = [0, 0, 0];
  const read = rows.map((row) => {
    const found = find(row.student);
    const student = found.ok ? byId.get(found.id) : undefined;
    const why = !found.ok
      ? found.why
      : taken.has(found.id)
        ? say('There is another row for {{name}}.', { name: found.name })
        : undefined;
    if (why !== undefined || !student) {
      unmatched += 1;
      return { row, ...(why === undefined ? {} : { why }) };
    }
    taken.add(student.id);
    for (const [itemId, texts] of Object.entries(row.entries))
      for (const [entryId, text] of Object.entries(texts)) {
        const was = student.entries[itemId]?.[entryId] ?? '';
        if (text === '') continue;
        if (was === '') fresh += 1;
        else if (was === text) same += 1;
        else over.push({ student: student.name, itemId, entryId, was, text });
      }
    return { row, student };
  });
  return { rows: read, fresh, same, over, unmatched };
}
