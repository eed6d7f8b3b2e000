/** One more like an exercise: other numbers, each answer judged at once; as many as wanted. */
import type { MorePractice, StudentPage } from '@hardy-sextant/contract';
import { useState } from 'react';
import { Link } from 'react-router';
import { Failed, Loading } from '../../ui/States.tsx';
import { AskedExercise } from '../../student/AskedExercise.tsx';
import { useMore } from '../../student/studentRecords.ts';
import styles from '../../student/Student.module.css';
import { useWords } from '../../student/words.ts';
import { PracticeSteps } from './PracticeSteps.tsx';
import { StudentFrame } from './StudentFrame.tsx';
import { ToolSheet } from './ToolSheet.tsx';

export function MorePage({ page, itemId }: { readonly page: StudentPage; readonly itemId: string }) {
  const { say } = useWords();
  const { last, another } = useMore(page.setId, itemId);
  const error = another.error ?? last.error;
  return (
    <StudentFrame
      title={say('feedback.more')}
      who={page.name}
      inSet
      foot={
        <>
          <Link className={styles['act']} to={`/my/${page.setId}`}>
            {page.title}
          </Link>
          <button
            type="button"
            className={styles['go']}
            disabled={another.isPending || !last.data}
            onClick={() => another.mutate()}
          >
            {say('feedback.another')}
          </button>
        </>
      }
    >
      {last.isPending && <Loading what="another like it" />}
      {error && <Failed what="exercise" error={error} />}
      {last.data && <Practising key={last.data.id} page={page} itemId={itemId} more={last.data} />}
    </StudentFrame>
  );
}

interface PractisingProps {
  readonly page: StudentPage;
  readonly itemId: string;
  readonly more: MorePractice;
}

function Practising({ page, itemId, more }: PractisingProps) {
  const [entries, setEntries] = useState<Readonly<Record<string, string>>>(more.entries);
  const place = {
    textOf: (entryId: string) => entries[entryId] ?? '',
    write: (entryId: string, text: string) => setEntries((before) => ({ ...before, [entryId]: text })),
  };
  return (
    <AskedExercise
      exercise={more.exercise}
      style={page.numberStyle}
      place={place}
      under={() => page.tools && <ToolSheet page={page} />}
      after={(part) => (
        <PracticeSteps
          path={`/my/more/${more.id}`}
          itemId={itemId}
          part={part}
          entries={Object.fromEntries(Object.entries(entries).filter(([, text]) => text !== ''))}
          before={more.tries[part.id]}
        />
      )}
    />
  );
}
