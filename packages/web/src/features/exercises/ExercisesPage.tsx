/** The exercises there are. */
import { Button } from '@mantine/core';
import { Link } from 'react-router';
import { PageHead } from '../../ui/PageHead.tsx';
import { useExercises } from '../../ui/records.ts';
import { Empty, Failed, Loading } from '../../ui/States.tsx';
import styles from './ExercisesPage.module.css';

export function ExercisesPage() {
  const exercises = useExercises();
  return (
    <>
      <PageHead title="Exercises">
        <Button component={Link} to="/bench" variant="filled">
          State a case for a new one
        </Button>
      </PageHead>
      {exercises.isPending && <Loading what="your exercises" />}
      {exercises.isError && <Failed what="exercises" error={exercises.error} again={() => void exercises.refetch()} />}
      {exercises.data?.length === 0 && (
        <Empty title="No exercises yet">
          <p>
            An exercise begins as a case: <Link to="/bench">state one on the Bench</Link>, then make an exercise of it.
          </p>
        </Empty>
      )}
      <ul className={styles.list}>
        {exercises.data?.map(({ id, document: { exercise } }) => (
          <li key={id} className="sheet">
            <Link to={`/exercises/${id}`}>{exercise.title}</Link>
            <p className="soft">{exercise.story || exercise.parts[0]?.prompt}</p>
            <p className="soft">
              {exercise.parts.length} {exercise.parts.length === 1 ? 'part' : 'parts'} · {exercise.parts.reduce((sum, part) => sum + part.marks, 0)} marks
            </p>
          </li>
        ))}
      </ul>
    </>
  );
}
