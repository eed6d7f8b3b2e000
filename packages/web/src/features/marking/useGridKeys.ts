/** The keyboard of the marking grid: moving from answer to answer, opening one, typing on in the next. */
import type { KeyboardEvent } from 'react';
import type { MarkingGridProps } from './gridProps.ts';
import type { Place } from './MarkingRow.tsx';
import type { Typing } from './useTyping.ts';

const PAGE = 10;

/** By how many rows and columns a key moves. */
const moves: Readonly<Record<string, readonly [number, number]>> = {
  ArrowDown: [1, 0],
  ArrowUp: [-1, 0],
  ArrowRight: [0, 1],
  ArrowLeft: [0, -1],
  PageDown: [PAGE, 0],
  PageUp: [-PAGE, 0],
  Home: [-Infinity, 0],
  End: [Infinity, 0],
};

type Of = Pick<MarkingGridProps, 'columns' | 'students' | 'chosen' | 'onChoose' | 'onKey'>;

export function useGridKeys({ columns, students, chosen, onChoose, onKey }: Of, typing: Typing) {
  const move = (down: number, right: number): Place | undefined => {
    const row = students.findIndex(({ id }) => id === chosen?.studentId);
    const column = columns.findIndex(({ id }) => id === chosen?.column);
    const student = students[clamp(row + down, students.length)];
    const at = columns[clamp(column + right, columns.length)];
    if (!student || !at) return undefined;
    const to = { studentId: student.id, column: at.id };
    onChoose(to);
    return to;
  };
  /** @returns whether the key was one for typing */
  const typingKey = ({ key, shiftKey }: KeyboardEvent): boolean => {
    if (key === 'Escape') {
      typing.leave(false);
      return true;
    }
    if (!['Enter', 'ArrowDown', 'ArrowUp', 'Tab'].includes(key)) return false;
    const before = typing.placeNow();
    typing.leave(true);
    const to = key === 'Tab' ? move(0, shiftKey ? -1 : 1) : move(key === 'ArrowUp' ? -1 : 1, 0);
    // Typing goes on in the next field; at the edge it ends.
    if (to && before && (to.studentId !== before.studentId || to.column !== before.column)) typing.edit(to);
    return true;
  };
  /** @returns whether the key meant something */
  const movingKey = (event: KeyboardEvent): boolean => {
    if (event.ctrlKey || event.metaKey || event.altKey || !chosen) return onKey(event);
    const by = moves[event.key];
    if (by) move(...by);
    else if (event.key === 'Enter' || event.key === 'F2') typing.edit(chosen);
    else if (event.key === 'Delete') typing.clear(chosen);
    else return onKey(event);
    return true;
  };
  return (event: KeyboardEvent): void => {
    if (typing.editing ? typingKey(event) : movingKey(event)) event.preventDefault();
  };
}

const clamp = (at: number, length: number): number => Math.max(0, Math.min(length - 1, at));
