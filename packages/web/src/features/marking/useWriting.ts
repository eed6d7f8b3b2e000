/** Answers typed and pasted into the grid, as the server takes them; what stood there goes with each. */
import type { Cell } from './causes.ts';
import type { Place } from './MarkingRow.tsx';
import type { Answers } from './useAnswers.ts';
import type { MarkingView } from './useMarkingView.ts';

interface TypedAt {
  readonly place: Place;
  readonly text: string;
}

export function useWriting({ students, shown, columns }: MarkingView, write: Answers['write']) {
  const writeAt = (changes: readonly TypedAt[], source: 'typed' | 'pasted') =>
    write(
      changes.flatMap(({ place: { studentId, column: id }, text }) => {
        const at = columns.find((each) => each.id === id);
        if (!at) return [];
        const { itemId } = at.assigned;
        const was = students.find((student) => student.id === studentId)?.entries[itemId]?.[at.partId] ?? '';
        return [{ studentId, itemId, entryId: at.partId, text, was }];
      }),
      source,
    );
  const writeEntries = (
    { student, assigned: { itemId } }: Cell,
    entries: readonly { readonly entryId: string; readonly text: string }[],
  ) =>
    write(
      entries.map(({ entryId, text }) => {
        const was = student.entries[itemId]?.[entryId] ?? '';
        return { studentId: student.id, itemId, entryId, text, was };
      }),
      'typed',
    );
  /** @returns the lines of the block that had no place */
  const paste = (from: Place, rows: readonly (readonly string[])[]): readonly string[] => {
    const row = shown.findIndex(({ id }) => id === from.studentId);
    const at = columns.findIndex(({ id }) => id === from.column);
    const changes: TypedAt[] = [];
    const over: string[] = [];
    rows.forEach((texts, down) => {
      const student = shown[row + down];
      texts.forEach((text, right) => {
        const to = columns[at + right];
        if (student && to && to.assigned.exercise.parts.find(({ id }) => id === to.partId)?.ask.quantity !== 'table')
          changes.push({ place: { studentId: student.id, column: to.id }, text });
      });
      const rest = student ? texts.slice(columns.length - at) : texts;
      if (rest.some((text) => text !== '')) over.push(rest.join('\t'));
    });
    writeAt(changes, 'pasted');
    return over;
  };
  return { writeAt, writeEntries, paste };
}
