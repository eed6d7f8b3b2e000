/** Looking over what is answered, submitting it, and the receipt. */
import type { StudentPage, StudentPart } from '@hardy-sextant/contract';
import { Act } from '../../student/Act.tsx';
import { isAnswered } from '../../student/answerPlace.ts';
import { useSubmit } from '../../student/studentRecords.ts';
import type { StudentAnswers } from '../../student/useStudentAnswers.ts';
import styles from '../../student/Student.module.css';
import { nearMoment } from '../../ui/days.ts';
import { many, say } from '../../words/say.ts';

interface ReviewProps {
  readonly page: StudentPage;
  readonly answers: StudentAnswers;
  readonly onGo: (itemId: string) => void;
}

export function Review({ page, answers, onGo }: ReviewProps) {
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
      <h2>{say('Look over, and submit')}</h2>
      <ol className={styles['list']}>
        {page.exercises.map(({ itemId, title, parts }, at) => (
          <li key={itemId}>
            <button type="button" className="link" onClick={() => onGo(itemId)}>
              {at + 1} · {title}
            </button>
            <div className="soft">
              {parts.map((part) => (
                <span key={part.id}>
                  {part.id} {say(has(part, itemId) ? 'answered' : 'blank')}{' '}
                </span>
              ))}
            </div>
          </li>
        ))}
      </ol>
      {answers.waiting > 0 && (
        <p className={styles['notice']}>
          {many(
            answers.waiting,
            '{{count}} answer has not arrived yet; it goes by itself as soon as it can.',
            '{{count}} answers have not arrived yet; they go by themselves as soon as they can.',
          )}
        </p>
      )}
      <Receipt state={state} />
      {isOpen && state.dueAt && (
        <p className="soft">{say('You can change your answers until {{when}}.', { when: nearMoment(state.dueAt) })}</p>
      )}
      {isOpen && (
        <Act main disabled={answered === 0 || answers.waiting > 0 || submit.isPending} onClick={() => void send()}>
          {say(state.submittedAt ? 'Submit again' : 'Submit')}
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
  if (submittedAt === undefined) return null;
  return (
    <div className={styles['notice']} data-is="right" role="status">
      <strong>{say('Submitted {{when}}', { when: nearMoment(submittedAt) })}</strong>
      <div className="figures">{say('Receipt {{receipt}}', { receipt })}</div>
      {answeredAt !== undefined && answeredAt > submittedAt && (
        <div>{say('You changed something after your receipt. It counts; submit again for a new receipt.')}</div>
      )}
    </div>
  );
}
