/** A student's sets: what is due, how far each is, what has been marked. */
import type { StudentSet } from '@hardy-sextant/contract';
import { Link, Navigate } from 'react-router';
import { Refusal } from '../../api/call.ts';
import { Failed, Loading } from '../../ui/States.tsx';
import { useStudentHome } from '../../student/studentRecords.ts';
import styles from '../../student/Student.module.css';
import { momentIn, useWords } from '../../student/words.ts';
import { StudentFrame } from './StudentFrame.tsx';

export function StudentHomePage() {
  const { say } = useWords();
  const home = useStudentHome();
  if (home.error instanceof Refusal && home.error.document.status === 401) return <Navigate to="/in" replace />;
  return (
    <StudentFrame title={say('home.title')} who={home.data?.name}>
      {home.isError && <Failed what="page" error={home.error} again={() => void home.refetch()} />}
      {home.isPending && <Loading what="your sets" />}
      {home.data && (
        <>
          <p className="soft">
            {say('home.hello', { name: home.data.name })} · {home.data.className}
          </p>
          {home.data.sets.length === 0 && <p>{say('home.none')}</p>}
          <ul className={styles['list']}>
            {home.data.sets.map((set) => (
              <li key={set.id}>
                <Link className={`sheet ${styles['card']}`} to={`/my/${set.id}`}>
                  <strong>{set.title}</strong>
                  <SetLine set={set} />
                </Link>
              </li>
            ))}
          </ul>
        </>
      )}
    </StudentFrame>
  );
}

function SetLine({ set }: { readonly set: StudentSet }) {
  const { say, language } = useWords();
  const when = set.dueAt ? momentIn(language, set.dueAt) : '';
  const state = set.released
    ? say('state.released')
    : set.submittedAt
      ? say('state.submitted', { when: momentIn(language, set.submittedAt) })
      : !set.dueAt
        ? say(set.purpose === 'practice' ? 'state.practice' : 'state.noDue')
        : set.openness === 'closed'
          ? say('state.closed', { when })
          : say(set.openness === 'late' ? 'state.late' : 'state.due', { when });
  return (
    <span className={styles['two']}>
      <span>{state}</span>
      <span className="soft">{say('home.answered', { answered: set.answered, parts: set.parts })}</span>
    </span>
  );
}
