/** The marks of all worksheets at once, as decisions on the part that asks for a table; taken back as one. */
import { Button } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import type { AssignedExercise, ChangedDecisions, KeptWorksheet, Marking } from '@hardy-sextant/contract';
import { roundTo } from '@hardy-sextant/core';
import { showUndo } from '../../../ui/showUndo.tsx';
import { useWriteDecisions } from '../markingRecords.ts';

interface MarksFromSheetsProps {
  readonly marking: Marking;
  readonly item: AssignedExercise;
  readonly worksheets: readonly KeptWorksheet[];
}

type Decisions = ChangedDecisions['decisions'];

export function MarksFromSheets({ marking, item, worksheets }: MarksFromSheetsProps) {
  const write = useWriteDecisions(marking.set.id);
  const part = item.exercise.parts.find(({ ask }) => ask.quantity === 'table');
  const decisions = part ? decisionsOf(marking, item.itemId, part.id, part.marks, worksheets) : [];
  if (!part || decisions.length === 0) return null;
  const takeOver = () =>
    write.mutate(
      { decisions },
      {
        onSuccess: () =>
          showUndo(
            decisions.length === 1
              ? 'One student has the marks of the worksheet.'
              : `${decisions.length} students have the marks of their worksheets.`,
            () => write.mutateAsync({ decisions: decisions.map(back) }),
          ),
        onError: (error) => notifications.show({ message: error.message }),
      },
    );
  return (
    <Button loading={write.isPending} onClick={takeOver}>
      Take over the marks of {decisions.length}
    </Button>
  );
}

/** What each student gets; the last worksheet of a student counts, and what stands already is left out. */
function decisionsOf(
  marking: Marking,
  itemId: string,
  partId: string,
  marks: number,
  worksheets: readonly KeptWorksheet[],
): Decisions {
  const last = new Map(
    worksheets.flatMap((each) =>
      each.studentId !== null && !each.summary.says ? [[each.studentId, each] as const] : [],
    ),
  );
  return [...last].flatMap(([studentId, { summary }]) => {
    const student = marking.students.find(({ id }) => id === studentId);
    if (!student) return [];
    const stands = student.decisions.find((each) => each.itemId === itemId && each.partId === partId);
    const was = { comment: stands?.comment ?? '', ...(stands?.credit === undefined ? {} : { credit: stands.credit }) };
    // In half marks, as a hand would give them.
    const credit = marks === 0 ? summary.credit : roundTo(roundTo(summary.credit * marks * 2, 0) / 2 / marks, 6);
    const comment = summary.causes
      .filter(({ remark }) => !remark)
      .map(({ title }) => title)
      .join('. ');
    return was.credit === credit && was.comment === comment
      ? []
      : [{ studentId, itemId, partId, credit, comment, was }];
  });
}

const back = ({ was, credit, comment, ...place }: Decisions[number]): Decisions[number] => ({
  ...place,
  ...was,
  was: { comment, ...(credit === undefined ? {} : { credit }) },
});
