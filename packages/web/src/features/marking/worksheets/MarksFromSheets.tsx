/** What the worksheets answer, and the marks of their tables, taken over for all students at once; taken back as one. */
import { Button } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import type {
  AssignedExercise,
  ChangedDecisions,
  KeptWorksheet,
  Marking,
  WorksheetEntries,
  WrittenAnswer,
} from '@hardy-sextant/contract';
import { roundTo } from '@hardy-sextant/core';
import { useMutation } from '@tanstack/react-query';
import { showUndo } from '../../../ui/showUndo.tsx';
import { useWriteAnswers, useWriteDecisions } from '../markingRecords.ts';
import { readWorksheetEntries } from './worksheetRecords.ts';
import { many, say } from '../../../words/say.ts';

interface MarksFromSheetsProps {
  readonly marking: Marking;
  readonly item: AssignedExercise;
  readonly worksheets: readonly KeptWorksheet[];
}

type Decisions = ChangedDecisions['decisions'];

interface TakenOver {
  readonly decisions: Decisions;
  readonly changes: readonly WrittenAnswer[];
}

export function MarksFromSheets({ marking, item, worksheets }: MarksFromSheetsProps) {
  const write = useTakingOver(marking.set.id);
  const decisions = decisionsOf(marking, item, worksheets);
  if (decisions.length === 0) return null;
  const takeOver = async () => {
    const changes = changesOf(marking, item.itemId, await readWorksheetEntries(marking.set.id, item.itemId));
    await write.mutateAsync({ decisions, changes });
    showUndo(
      many(
        decisions.length,
        'One student has the answers and marks of the worksheet.',
        '{{count}} students have the answers and marks of their worksheets.',
      ),
      () => write.mutateAsync({ decisions: decisions.map(back), changes: changes.map(swapped) }),
    );
  };
  return (
    <Button
      loading={write.isPending}
      onClick={() => void takeOver().catch((error: Error) => notifications.show({ message: error.message }))}
    >
      {say('Take over the marks of {{decisions}}', { decisions: decisions.length })}
    </Button>
  );
}

/** So many answers go with one request. */
const AT_ONCE = 5000;

/** Answers first: a mark stands on what was answered. */
function useTakingOver(setId: string) {
  const answers = useWriteAnswers(setId);
  const marks = useWriteDecisions(setId);
  return useMutation({
    mutationFn: async ({ decisions, changes }: TakenOver) => {
      for (let at = 0; at < changes.length; at += AT_ONCE)
        await answers.mutateAsync({ source: 'worksheets', changes: changes.slice(at, at + AT_ONCE) });
      await marks.mutateAsync({ decisions });
    },
  });
}

/** The texts that differ from what stands. */
function changesOf({ students }: Marking, itemId: string, all: readonly WorksheetEntries[]): WrittenAnswer[] {
  const byId = new Map(students.map((student) => [student.id, student]));
  return all.flatMap(({ studentId, entries }) => {
    const stands = byId.get(studentId)?.entries[itemId] ?? {};
    return Object.entries(entries).flatMap(([entryId, text]): WrittenAnswer[] => {
      const was = stands[entryId] ?? '';
      return text === was || !byId.has(studentId) ? [] : [{ studentId, itemId, entryId, text, was }];
    });
  });
}

/** What each student gets; the last worksheet of a student counts, and what stands already is left out. */
function decisionsOf(
  { students }: Marking,
  { itemId, exercise }: AssignedExercise,
  worksheets: readonly KeptWorksheet[],
): Decisions {
  const part = exercise.parts.find(({ ask }) => ask.quantity === 'table');
  if (!part) return [];
  const { id: partId, marks } = part;
  const last = new Map(
    worksheets.flatMap((each) =>
      each.studentId !== null && !each.summary.says ? [[each.studentId, each] as const] : [],
    ),
  );
  return [...last].flatMap(([studentId, { summary }]) => {
    const student = students.find(({ id }) => id === studentId);
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

const swapped = ({ text, was, ...place }: WrittenAnswer): WrittenAnswer => ({ ...place, text: was, was: text });
