/** After marks are released: the student's own answers, to be tried again; what was submitted stays as it was marked. */
import type { StudentPage } from '@hardy-sextant/contract';
import styles from '../../student/Student.module.css';
import { say } from '../../words/say.ts';
import { Practising } from './Practising.tsx';

interface TryAgainProps {
  readonly page: StudentPage;
  readonly exercise: StudentPage['exercises'][number];
}

export function TryAgain({ page, exercise }: TryAgainProps) {
  const { itemId } = exercise;
  return (
    <>
      <p className={styles['note']}>
        {say('This set is marked. Your answers are here to be tried again; what you submitted stays as it is.')}
      </p>
      <Practising
        page={page}
        itemId={itemId}
        path={`/my/sets/${page.setId}`}
        exercise={exercise}
        entries={page.entries[itemId] ?? {}}
        tries={page.practice[itemId] ?? {}}
      />
    </>
  );
}
