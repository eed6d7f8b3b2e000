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
import { nearMoment } from '../../ui/days.ts';
import { MorePage } from './MorePage.tsx';
import { PracticeSteps } from './PracticeSteps.tsx';
import { Review } from './Review.tsx';
import { SendFile } from './SendFile.tsx';
import { StudentFeedbackPage } from './StudentFeedbackPage.tsx';
import { StudentFrame } from './StudentFrame.tsx';
import { ToolSheet } from './ToolSheet.tsx';
import { TryAgain } from './TryAgain.tsx';
import { say } from '../../words/say.ts';

export function StudentSetPage() {
  const { setId = '' } = useParams();
  const page = useStudentPage(setId);
  const [search] = useSearchParams();
  if (page.error instanceof Refusal && page.error.document.status === 401) return <Navigate to="/in" replace />;
  if (!page.data)
    return (
      <StudentFrame title={say('Your sets')} inSet>
        {page.isError ? (
          <Failed what={say('set')} error={page.error} again={() => void page.refetch()} />
        ) : (
          <Loading what={say('the set')} />
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
            <Act onClick={() => go({})}>{say('Back to the exercises')}</Act>
          ) : (
            <Act main onClick={() => go(last ? { see: 'review' } : { exercise: page.exercises[at + 1]?.itemId ?? '' })}>
              {say(last ? 'Look over' : 'Next exercise')}
            </Act>
          )}
        </>
      }
    >
      {page.state.released && (
        <p className={styles['notice']}>
          <Act onClick={() => go({ see: 'feedback' })}>{say('Read your feedback')}</Act>
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
  return (
    <>
      <div className={styles['where']}>
        <span>
          {say('Exercise {{at}} of {{of}}', { at: at + 1, of: page.exercises.length })}
          {page.ownNumbers && ` · ${say('your own numbers')}`}
        </span>
        <Due page={page} />
      </div>
      {page.state.released && page.purpose === 'marks' ? (
        <TryAgain key={exercise.itemId} page={page} exercise={exercise} />
      ) : (
        <OneExercise key={exercise.itemId} {...props} />
      )}
      <details className={styles['note']}>
        <summary>{say('Rounding')}</summary>
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
  if (!state.dueAt) return <span>{say(purpose === 'practice' ? 'practice' : 'no due time')}</span>;
  if (state.released && purpose === 'marks') return <span>{say('marked')}</span>;
  const when = nearMoment(state.dueAt);
  if (state.openness === 'closed') return <span>{say('closed {{when}}', { when })}</span>;
  if (state.openness !== 'late') return <span>{say('due {{when}}', { when })}</span>;
  return (
    <span>
      {state.lessADay > 0
        ? say('was due {{when}}; each day late costs {{percent}} %', { when, percent: state.lessADay })
        : say('was due {{when}}; late answers are taken', { when })}
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
  const held = answers.heldAt(itemId, entryId);
  if (held?.theirs !== undefined)
    return (
      <div role="alert" className={styles['notice']}>
        {say('On another device you wrote: {{theirs}}', {
          theirs: held.theirs === '' ? say('(nothing)') : held.theirs,
        })}
        <div className={styles['acts']}>
          <Act onClick={() => answers.settle(held, 'mine')}>{say('Keep what is here')}</Act>
          <Act onClick={() => answers.settle(held, 'theirs')}>{say('Take that')}</Act>
        </div>
      </div>
    );
  if (held)
    return (
      <p role="alert" className={styles['wrong']}>
        {held.why === 'gone'
          ? say('This question was taken out of the set. Your text is kept on this device.')
          : held.why}
      </p>
    );
  if (answers.isTooLate(itemId, entryId))
    return (
      <p className={styles['wrong']}>
        {say('This came after the due time. It is kept, and your instructor may still take it.')}
      </p>
    );
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
  if (page.exercises.length > 12) return null;
  return (
    <nav className={styles['places']} aria-label={say('Back to the exercises')}>
      {page.exercises.map(({ itemId, parts }, place) => {
        const answered = parts.filter((part) => isAnswered(part, (entryId) => answers.textOf(itemId, entryId))).length;
        const is = answered === 0 ? 'blank' : answered < parts.length ? 'begun' : 'answered';
        return (
          <button
            key={itemId}
            type="button"
            data-is={is}
            aria-current={place === at ? 'step' : undefined}
            aria-label={`${say('Exercise {{at}} of {{of}}', { at: place + 1, of: page.exercises.length })}: ${answered}/${parts.length}`}
            onClick={() => onGo(itemId)}
          />
        );
      })}
    </nav>
  );
}

/** Whether everything has arrived. */
function FootNote({ answers }: { readonly answers: StudentAnswers }) {
  const words = {
    sent: answers.hasSent ? say('everything has arrived') : '',
    sending: say('sending…'),
    waiting: say('kept on this device'),
    away: say('no connection · kept on this device'),
    held: say('something was not taken'),
  }[answers.phase];
  return (
    <span role="status" title={answers.problem}>
      {words}
    </span>
  );
}
