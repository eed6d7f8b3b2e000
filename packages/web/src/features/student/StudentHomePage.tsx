/** A student's sets: what is due, how far each is, what has been marked. */
import type { StudentSet } from '@hardy-sextant/contract';
import { Link, Navigate } from 'react-router';
import { Refusal } from '../../api/call.ts';
import { Failed, Loading } from '../../ui/States.tsx';
import { useStudentHome } from '../../student/studentRecords.ts';
import styles from '../../student/Student.module.css';
import { nearMoment } from '../../ui/days.ts';
import { StudentFrame } from './StudentFrame.tsx';
import { say } from '../../words/say.ts';

export function StudentHomePage() {
  const home = useStudentHome();
  if (home.error instanceof Refusal && home.error.document.status === 401) return <Navigate to="/in" replace />;
  return (
    <StudentFrame title={say('Your sets')} who={home.data?.name}>
      {home.isError && <Failed what={say('page')} error={home.error} again={() => void home.refetch()} />}
      {home.isPending && <Loading what={say('your sets')} />}
      {home.data && (
        <>
          <p className="soft">
            {say('Hello, {{name}}', { name: home.data.name })} · {home.data.className}
          </p>
          {home.data.sets.length === 0 && <p>{say('Nothing is assigned to you yet.')}</p>}
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
  const when = set.dueAt ? nearMoment(set.dueAt) : '';
  const state = set.released
    ? say('marked')
    : set.submittedAt
      ? say('submitted {{when}}', { when: nearMoment(set.submittedAt) })
      : !set.dueAt
        ? say(set.purpose === 'practice' ? 'practice' : 'no due time')
        : set.openness === 'closed'
          ? say('closed {{when}}', { when })
          : say(set.openness === 'late' ? 'was due {{when}}; late answers are taken' : 'due {{when}}', { when });
  return (
    <span className={styles['two']}>
      <span>{state}</span>
      <span className="soft">
        {say('{{answered}} of {{parts}} answered', { answered: set.answered, parts: set.parts })}
      </span>
    </span>
  );
}
