/** One more like an exercise: other numbers, each answer judged at once; as many as wanted. */
import type { StudentPage } from '@hardy-sextant/contract';
import { Link } from 'react-router';
import { Act } from '../../student/Act.tsx';
import { Failed, Loading } from '../../ui/States.tsx';
import { useMore } from '../../student/studentRecords.ts';
import styles from '../../student/Student.module.css';
import { Practising } from './Practising.tsx';
import { StudentFrame } from './StudentFrame.tsx';
import { say } from '../../words/say.ts';

export function MorePage({ page, itemId }: { readonly page: StudentPage; readonly itemId: string }) {
  const { last, another } = useMore(page.setId, itemId);
  const error = another.error ?? last.error;
  return (
    <StudentFrame
      title={say('One more like it')}
      who={page.name}
      inSet
      foot={
        <>
          <Link className={styles['act']} to={`/my/${page.setId}`}>
            {page.title}
          </Link>
          <Act main disabled={another.isPending || !last.data} onClick={() => another.mutate()}>
            {say('Other numbers')}
          </Act>
        </>
      }
    >
      {last.isPending && <Loading what={say('another like it')} />}
      {error && <Failed what={say('exercise')} error={error} />}
      {last.data && (
        <Practising
          key={last.data.id}
          page={page}
          itemId={itemId}
          path={`/my/more/${last.data.id}`}
          exercise={last.data.exercise}
          entries={last.data.entries}
          tries={last.data.tries}
        />
      )}
    </StudentFrame>
  );
}
