/** A set on the student's page: one exercise a screen, what is typed kept at once, looked over and submitted at the end. */
import type { StudentPage, StudentPart } from '@hardy-sextant/contract';
import { Navigate, useParams, useSearchParams } from 'react-router';
import { Act } from '../../student/Act.tsx';
import { Refusal } from '../../api/call.ts';
import { Failed, Loading } from '../../ui/States.tsx';
import { AskedExercise } from '../../student/AskedExercise.tsx';
import { isAnswered, type AnswerPlace } from '../../student/answerPlace.ts';
import { KeptNote } from '../../student/PartAnswer.tsx';
import { useStudentPage } from '../../student/studentRecords.ts';
import { useStudentAnswers, type StudentAnswers } from '../../student/useStudentAnswers.ts';
import styles from '../../student/Student.module.css';
import { momentIn, useWords } from '../../student/words.ts';
import { MorePage } from './MorePage.tsx';
import { PracticeSteps } from './PracticeSteps.tsx';
import { Review } from './Review.tsx';
import { SendFile } from './SendFile.tsx';
import { StudentFeedbackPage } from './StudentFeedbackPage.tsx';
import { StudentFrame } from './StudentFrame.tsx';
import { ToolSheet } from './ToolSheet.tsx';
import { TryAgain } from './TryAgain.tsx';

export function StudentSetPage() {
  const { setId = '' } = useParams();
  const { say } = useWords();
  const page = useStudentPage(setId);
  const [search] = useSearchParams();
  if (page.error instanceof Refusal && page.error.document.status === 401) return <Navigate to="/in" replace />;
  if (!page.data)
    return (
      <StudentFrame title={say('home.title')} inSet>
        {page.isError ? (
          <Failed what="set" error={page.error} again={() => void page.refetch()} />
        ) : (
          <Loading what="the set" />
        )}
      </StudentFrame>
    );
  const more = search.get('more');
  if (more !== null && page.data.exercises.some(({ itemId }) => itemId === more))
    return <MorePage key={more} page={page.data} itemId={more} />;
  if (search.get('see') === 'feedback') return <StudentFeedbackPage page={page.data} />;
  return <Writing key={`${page.data.setId} ${page.data.number}`} page={page.data} />;
}

function Writing({ page }: { readonly page: StudentPage }) {
  const { say } = useWords();
  const [search, setSearch] = useSearchParams();
  const found = page.exercises.findIndex(({ itemId }) => itemId === search.get('exercise'));
  const at = Math.max(0, found);
  const exercise = page.exercises[at];
  const isReview = search.get('see') === 'review';
  const answers = useStudentAnswers(page);
  const go = (next: Readonly<Record<string, string>>) => {
    setSearch(next);
    window.scrollTo(0, 0);
  };
  const last = at === page.exercises.length - 1;
  return (
    <StudentFrame
      title={page.title}
      who={page.name}
      inSet
      beside={
        <Places page={page} answers={answers} at={isReview ? -1 : at} onGo={(itemId) => go({ exercise: itemId })} />
      }
      foot={
        <>
          <FootNote answers={answers} />
          {isReview ? (
            <Act onClick={() => go({})}>{say('review.back')}</Act>
          ) : (
            <Act main onClick={() => go(last ? { see: 'review' } : { exercise: page.exercises[at + 1]?.itemId ?? '' })}>
              {say(last ? 'page.review' : 'page.next')}
            </Act>
          )}
        </>
      }
    >
      {page.state.released && (
        <p className={styles['notice']}>
          <Act onClick={() => go({ see: 'feedback' })}>{say('feedback.open')}</Act>
        </p>
      )}
      {isReview || !exercise ? (
        <Review page={page} answers={answers} onGo={(itemId) => go({ exercise: itemId })} />
      ) : (
        <ExerciseScreen page={page} exercise={exercise} at={at} answers={answers} />
      )}
    </StudentFrame>
  );
}

interface OneExerciseProps {
  readonly page: StudentPage;
  readonly exercise: StudentPage['exercises'][number];
  readonly at: number;
  readonly answers: StudentAnswers;
}

function ExerciseScreen(props: OneExerciseProps) {
  const { page, exercise, at } = props;
  const { say } = useWords();
  return (
    <>
      <div className={styles['where']}>
        <span>
          {say('page.exercise', { at: at + 1, of: page.exercises.length })}
          {page.ownNumbers && ` · ${say('page.own')}`}
        </span>
        <Due page={page} />
      </div>
      {page.state.released && page.purpose === 'marks' ? (
        <TryAgain key={exercise.itemId} page={page} exercise={exercise} />
      ) : (
        <OneExercise key={exercise.itemId} {...props} />
      )}
      <details className={styles['note']}>
        <summary>{say('page.rounding')}</summary>
        {page.rounding}
      </details>
    </>
  );
}

function OneExercise({ page, exercise, answers }: OneExerciseProps) {
  const { itemId } = exercise;
  const place: AnswerPlace = {
    textOf: (entryId) => answers.textOf(itemId, entryId),
    write: (entryId, text) => answers.write(itemId, entryId, text),
    noteOf: (entryId) => <EntryNote answers={answers} itemId={itemId} entryId={entryId} />,
  };
  const isPractice = page.purpose === 'practice';
  return (
    <AskedExercise
      exercise={exercise}
      style={page.numberStyle}
      place={place}
      under={(part) => (
        <>
          {page.tools && <ToolSheet page={page} />}
          {!isPractice && takesFile(part) && <SendFile page={page} itemId={itemId} />}
        </>
      )}
      after={(part) =>
        isPractice && (
          <PracticeSteps
            ready={answers.flush}
            path={`/my/sets/${page.setId}`}
            itemId={itemId}
            part={part}
            entries={entriesAt(page, itemId, answers, exercise.parts)}
            before={page.practice[itemId]?.[part.id]}
          />
        )
      }
    />
  );
}

const takesFile = ({ answer }: StudentPart): boolean => answer !== 'words' && answer !== 'relation';

/** Everything typed in an exercise, as it stands on the screen. */
function entriesAt(
  page: StudentPage,
  itemId: string,
  answers: StudentAnswers,
  parts: readonly StudentPart[],
): Record<string, string> {
  const ids = new Set([
    ...Object.keys(page.entries[itemId] ?? {}),
    ...parts.flatMap((part) => [
      part.id,
      ...(part.table?.rows.flatMap(({ cells }) => cells.flatMap(({ id }) => (id ? [`${part.id}.${id}`] : []))) ?? []),
    ]),
  ]);
  return Object.fromEntries([...ids].map((id) => [id, answers.textOf(itemId, id)]).filter(([, text]) => text !== ''));
}

/** When the set is due, and what happens after. */
function Due({ page: { state, purpose } }: { readonly page: StudentPage }) {
  const { say, language } = useWords();
  if (!state.dueAt) return <span>{say(purpose === 'practice' ? 'state.practice' : 'state.noDue')}</span>;
  if (state.released && purpose === 'marks') return <span>{say('state.released')}</span>;
  const when = momentIn(language, state.dueAt);
  if (state.openness === 'closed') return <span>{say('state.closed', { when })}</span>;
  if (state.openness !== 'late') return <span>{say('state.due', { when })}</span>;
  return (
    <span>
      {state.lessADay > 0 ? say('state.lateLess', { when, percent: state.lessADay }) : say('state.late', { when })}
    </span>
  );
}

interface EntryNoteProps {
  readonly answers: StudentAnswers;
  readonly itemId: string;
  readonly entryId: string;
}

/** What is to be known of one entry: on its way, in question, too late. */
function EntryNote({ answers, itemId, entryId }: EntryNoteProps) {
  const { say } = useWords();
  const held = answers.heldAt(itemId, entryId);
  if (held?.theirs !== undefined)
    return (
      <div role="alert" className={styles['notice']}>
        {say('conflict.says', { theirs: held.theirs === '' ? say('conflict.empty') : held.theirs })}
        <div className={styles['acts']}>
          <Act onClick={() => answers.settle(held, 'mine')}>{say('conflict.mine')}</Act>
          <Act onClick={() => answers.settle(held, 'theirs')}>{say('conflict.theirs')}</Act>
        </div>
      </div>
    );
  if (held)
    return (
      <p role="alert" className={styles['wrong']}>
        {held.why === 'gone' ? say('answer.gone') : held.why}
      </p>
    );
  if (answers.isTooLate(itemId, entryId)) return <p className={styles['wrong']}>{say('answer.tooLate')}</p>;
  if (answers.textOf(itemId, entryId) === '') return null;
  const waiting = answers.isWaiting(itemId, entryId);
  return <KeptNote waiting={waiting} at={answers.arrivedAt(itemId, entryId)} />;
}

interface PlacesProps {
  readonly page: StudentPage;
  readonly answers: StudentAnswers;
  readonly at: number;
  readonly onGo: (itemId: string) => void;
}

/** One mark an exercise: untouched, begun, answered. */
function Places({ page, answers, at, onGo }: PlacesProps) {
  const { say } = useWords();
  if (page.exercises.length > 12) return null;
  return (
    <nav className={styles['places']} aria-label={say('review.back')}>
      {page.exercises.map(({ itemId, parts }, place) => {
        const answered = parts.filter((part) => isAnswered(part, (entryId) => answers.textOf(itemId, entryId))).length;
        const is = answered === 0 ? 'blank' : answered < parts.length ? 'begun' : 'answered';
        return (
          <button
            key={itemId}
            type="button"
            data-is={is}
            aria-current={place === at ? 'step' : undefined}
            aria-label={`${say('page.exercise', { at: place + 1, of: page.exercises.length })}: ${answered}/${parts.length}`}
            onClick={() => onGo(itemId)}
          />
        );
      })}
    </nav>
  );
}

/** Whether everything has arrived. */
function FootNote({ answers }: { readonly answers: StudentAnswers }) {
  const { say } = useWords();
  const words = {
    sent: answers.hasSent ? say('foot.sent') : '',
    sending: say('foot.sending'),
    waiting: say('foot.waiting'),
    away: say('foot.away'),
    held: say('foot.held'),
  }[answers.phase];
  return (
    <span role="status" title={answers.problem}>
      {words}
    </span>
  );
}
