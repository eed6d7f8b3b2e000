/** Typing into a cell of the marking grid: what is typed is written once, also where leaving the field follows the key that wrote it. */
import { useRef, useState } from 'react';
import type { MarkingGridProps } from './gridProps.ts';
import type { Place } from './MarkingRow.tsx';

interface Edited {
  readonly place: Place;
  readonly text: string;
  readonly was: string;
}

type Of = Pick<MarkingGridProps, 'columns' | 'students' | 'cells' | 'onWrite'>;

export type Typing = ReturnType<typeof useTyping>;

/** @param onLeft gives the focus back */
export function useTyping({ columns, students, cells, onWrite }: Of, onLeft: () => void) {
  const [editing, setEditing] = useState<Edited>();
  const typed = useRef<Edited>(undefined);
  const hold = (now: Edited | undefined) => {
    typed.current = now;
    setEditing(now);
  };
  const textAt = ({ studentId, column }: Place): string => {
    const cell = cells.get(studentId)?.get(column);
    if (cell) return cell.text;
    const at = columns.find(({ id }) => id === column);
    const student = students.find(({ id }) => id === studentId);
    return (at && student?.entries[at.assigned.itemId]?.[at.partId]) ?? '';
  };
  /** A table is filled in beside the grid, not in its cell. */
  const isTable = (column: string): boolean => {
    const at = columns.find(({ id }) => id === column);
    return at?.assigned.exercise.parts.find(({ id }) => id === at.partId)?.ask.quantity === 'table';
  };
  const leave = (write: boolean): void => {
    const now = typed.current;
    hold(undefined);
    if (write && now && now.text !== now.was) onWrite(now.place, now.text);
    onLeft();
  };
  return {
    editing,
    /** Where something is being typed this moment. */
    placeNow: () => typed.current?.place,
    edit: (place: Place): void => {
      if (isTable(place.column)) return;
      const text = textAt(place);
      hold({ place, text, was: text });
    },
    clear: (place: Place): void => {
      if (!isTable(place.column)) onWrite(place, '');
    },
    type: (text: string): void => hold(typed.current && { ...typed.current, text }),
    leave,
    blur: () => typed.current && leave(true),
    drop: () => hold(undefined),
  };
}
