/** What a student reads after marks were released, with one more like each exercise to practise. */
import type { StudentPage } from '@hardy-sextant/contract';
import { Link } from 'react-router';
import { Blocks } from '../../ui/PaperShown.tsx';
import { Failed, Loading } from '../../ui/States.tsx';
import { useStudentFeedback } from '../../student/studentRecords.ts';
import styles from '../../student/Student.module.css';
import { useWords } from '../../student/words.ts';
import { StudentFrame } from './StudentFrame.tsx';

export function StudentFeedbackPage({ page }: { readonly page: StudentPage }) {
  const { say } = useWords();
  const feedback = useStudentFeedback(page.setId);
  return (
    <StudentFrame title={say('feedback.title')} who={page.name} inSet>
      <div className={styles['acts']}>
        <Link className={styles['act']} to={`/my/${page.setId}`}>
          {say('review.back')}
        </Link>
      </div>
      {feedback.isPending && <Loading what="your feedback" />}
      {feedback.isError && <Failed what="feedback" error={feedback.error} again={() => void feedback.refetch()} />}
      {feedback.data && (
        <div className={styles['wide']}>
          <Blocks blocks={feedback.data.blocks} />
        </div>
      )}
      <div className={styles['acts']}>
        {page.exercises.map(({ itemId, title }) => (
          <Link key={itemId} className={styles['act']} to={`/my/${page.setId}?more=${itemId}`}>
            {say('feedback.moreOf', { title })}
          </Link>
        ))}
      </div>
    </StudentFrame>
  );
}
