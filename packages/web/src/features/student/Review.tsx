/** Looking over what is answered, submitting it, and the receipt. */
import type { StudentPage, StudentPart } from '@hardy-sextant/contract';
import { Act } from '../../student/Act.tsx';
import { isAnswered } from '../../student/answerPlace.ts';
import { useSubmit } from '../../student/studentRecords.ts';
import type { StudentAnswers } from '../../student/useStudentAnswers.ts';
import styles from '../../student/Student.module.css';
import { momentIn, useWords } from '../../student/words.ts';

interface ReviewProps {
  readonly page: StudentPage;
  readonly answers: StudentAnswers;
  readonly onGo: (itemId: string) => void;
}

export function Review({ page, answers, onGo }: ReviewProps) {
  const { say, language } = useWords();
  const submit = useSubmit(page.setId);
  const { state } = page;
  const has = (part: StudentPart, itemId: string) => isAnswered(part, (entryId) => answers.textOf(itemId, entryId));
  const answered = page.exercises.reduce(
    (sum, { itemId, parts }) => sum + parts.filter((part) => has(part, itemId)).length,
    0,
  );
  const isOpen = state.openness === 'open' || state.openness === 'late';
  const send = async () => {
    await answers.flush();
    submit.mutate(answered);
  };
  return (
    <>
      <h2>{say('review.title')}</h2>
      <ol className={styles['list']}>
        {page.exercises.map(({ itemId, title, parts }, at) => (
          <li key={itemId}>
            <button type="button" className="link" onClick={() => onGo(itemId)}>
              {at + 1} · {title}
            </button>
            <div className="soft">
              {parts.map((part) => (
                <span key={part.id}>
                  {part.id} {say(has(part, itemId) ? 'review.answered' : 'review.blank')}{' '}
                </span>
              ))}
            </div>
          </li>
        ))}
      </ol>
      {answers.waiting > 0 && <p className={styles['notice']}>{say('review.waiting', { count: answers.waiting })}</p>}
      <Receipt state={state} />
      {isOpen && state.dueAt && (
        <p className="soft">{say('review.until', { when: momentIn(language, state.dueAt) })}</p>
      )}
      {isOpen && (
        <Act main disabled={answered === 0 || answers.waiting > 0 || submit.isPending} onClick={() => void send()}>
          {say(state.submittedAt ? 'review.again' : 'review.submit')}
        </Act>
      )}
      {submit.error && (
        <p role="alert" className={styles['wrong']}>
          {submit.error.message}
        </p>
      )}
    </>
  );
}

function Receipt({ state: { submittedAt, answeredAt, receipt = '' } }: Pick<StudentPage, 'state'>) {
  const { say, language } = useWords();
  if (submittedAt === undefined) return null;
  return (
    <div className={styles['notice']} data-is="right" role="status">
      <strong>{say('review.receipt', { when: momentIn(language, submittedAt) })}</strong>
      <div className="figures">{say('review.number', { receipt })}</div>
      {answeredAt !== undefined && answeredAt > submittedAt && <div>{say('review.changed')}</div>}
    </div>
  );
}
