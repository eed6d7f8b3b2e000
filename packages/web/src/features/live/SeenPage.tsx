/** A student's page as the student sees it, while they write: looked at, not changed. */
import { useParams, Link } from 'react-router';
import { AskedExercise } from '../../student/AskedExercise.tsx';
import { PageHead } from '../../ui/PageHead.tsx';
import { Failed, LoadingPage } from '../../ui/States.tsx';
import { useSeenPage } from './liveRecords.ts';
import styles from './Live.module.css';
import { nearMoment } from '../../ui/days.ts';
import { say } from '../../words/say.ts';
import { Said } from '../../words/Said.tsx';

export function SeenPage() {
  const { setId = '', studentId = '' } = useParams();
  const page = useSeenPage(setId, studentId);
  if (page.isError && !page.data)
    return <Failed what={say('page')} error={page.error} again={() => void page.refetch()} />;
  if (!page.data) return <LoadingPage title={say('A student’s page')} what={say('the student’s page')} />;
  const { name, number, title, exercises, numberStyle, entries, state, files } = page.data;
  return (
    <>
      <PageHead
        title={`${name}, ${title}`}
        where={
          <>
            <Link to={`/sets/${setId}`}>{title}</Link> · <Link to={`/sets/${setId}/live`}>{say('Live')}</Link> ·{' '}
            {number} ·{' '}
            {state.submittedAt
              ? say('submitted {{when}}, receipt {{receipt}}', {
                  when: nearMoment(state.submittedAt),
                  receipt: state.receipt ?? '',
                })
              : say('not submitted')}
          </>
        }
        heading={<h1>{name}</h1>}
      />
      <p className="soft">
        <Said
          text="As {{name}} sees it. Answers are typed for a student in <to>Marking</to>."
          values={{ name }}
          parts={{ to: <Link to={`/sets/${setId}/marking?student=${studentId}`} /> }}
        />
      </p>
      {exercises.map((exercise) => (
        <section key={exercise.itemId} className={`sheet ${styles.seen}`} aria-label={exercise.title}>
          <AskedExercise
            exercise={exercise}
            style={numberStyle}
            place={{ textOf: (entryId) => entries[exercise.itemId]?.[entryId] ?? '' }}
          />
          {files
            .filter(({ itemId }) => itemId === exercise.itemId)
            .map((file) => (
              <p key={file.id} className="soft">
                {file.name}, {nearMoment(file.at)}
              </p>
            ))}
        </section>
      ))}
    </>
  );
}
