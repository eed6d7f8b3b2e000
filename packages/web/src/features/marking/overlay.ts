/** A marking with what has not arrived yet laid over it, student by student. */

import type { MarkedStudent, Marking } from '@hardy-sextant/contract';

/** @param lay what a student is with what is waiting for them */
export function overlaid<T extends { readonly studentId: string }>(
  marking: Marking,
  waiting: readonly T[],
  lay: (student: MarkedStudent, pending: readonly T[]) => MarkedStudent,
): Marking {
  if (waiting.length === 0) return marking;
  const byStudent = new Map<string, T[]>();
  for (const each of waiting) byStudent.set(each.studentId, [...(byStudent.get(each.studentId) ?? []), each]);
  const students = marking.students.map((student) => {
    const pending = byStudent.get(student.id);
    return pending ? lay(student, pending) : student;
  });
  return { ...marking, students };
}
