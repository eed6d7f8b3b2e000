/** What a student reads after marks were released, with one more like each exercise to practise. */
import type { StudentPage } from '@hardy-sextant/contract';
import { Link } from 'react-router';
import { Blocks } from '../../ui/PaperShown.tsx';
import { Failed, Loading } from '../../ui/States.tsx';
import { useStudentFeedback } from '../../student/studentRecords.ts';
import styles from '../../student/Student.module.css';
import { StudentFrame } from './StudentFrame.tsx';
import { say } from '../../words/say.ts';

export function StudentFeedbackPage({ page }: { readonly page: StudentPage }) {
  const feedback = useStudentFeedback(page.setId);
  return (
    <StudentFrame title={say('Your feedback')} who={page.name} inSet>
      <div className={styles['acts']}>
        <Link className={styles['act']} to={`/my/${page.setId}`}>
          {say('Back to the exercises')}
        </Link>
      </div>
      {feedback.isPending && <Loading what={say('your feedback')} />}
      {feedback.isError && (
        <Failed what={say('feedback')} error={feedback.error} again={() => void feedback.refetch()} />
      )}
      {feedback.data && (
        <div className={styles['wide']}>
          <Blocks blocks={feedback.data.blocks} />
        </div>
      )}
      <div className={styles['acts']}>
        {page.exercises.map(({ itemId, title }) => (
          <Link key={itemId} className={styles['act']} to={`/my/${page.setId}?more=${itemId}`}>
            {say('One more like “{{title}}”', { title })}
          </Link>
        ))}
      </div>
    </StudentFrame>
  );
}
