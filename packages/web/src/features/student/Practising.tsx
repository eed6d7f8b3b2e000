/** An exercise whose answers are tried and judged at once; nothing of it counts. */
import type { StudentExercise, StudentPage, TriesByPart } from '@hardy-sextant/contract';
import { useState } from 'react';
import { AskedExercise } from '../../student/AskedExercise.tsx';
import { PracticeSteps } from './PracticeSteps.tsx';
import { ToolSheet } from './ToolSheet.tsx';

interface PractisingProps {
  readonly page: StudentPage;
  readonly itemId: string;
  /** Where tries are sent. */
  readonly path: string;
  readonly exercise: StudentExercise;
  /** What stands there at first. */
  readonly entries: Readonly<Record<string, string>>;
  readonly tries: TriesByPart;
}

export function Practising({ page, itemId, path, exercise, entries: first, tries }: PractisingProps) {
  const [entries, setEntries] = useState(first);
  const place = {
    textOf: (entryId: string) => entries[entryId] ?? '',
    write: (entryId: string, text: string) => setEntries((before) => ({ ...before, [entryId]: text })),
  };
  return (
    <AskedExercise
      exercise={exercise}
      style={page.numberStyle}
      place={place}
      under={() => page.tools && <ToolSheet page={page} />}
      after={(part) => (
        <PracticeSteps
          path={path}
          itemId={itemId}
          part={part}
          entries={Object.fromEntries(Object.entries(entries).filter(([, text]) => text !== ''))}
          before={tries[part.id]}
        />
      )}
    />
  );
}
