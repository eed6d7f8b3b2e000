/** One exercise as a student is asked it: the story in their numbers and a place for each answer. */
import type { StudentExercise, StudentPart } from '@hardy-sextant/contract';
import type { ReactNode } from 'react';
import { Blocks } from '../ui/PaperShown.tsx';
import type { AnswerPlace } from './answerPlace.ts';
import { PartAnswer } from './PartAnswer.tsx';
import styles from './Student.module.css';

interface AskedExerciseProps {
  readonly exercise: StudentExercise;
  readonly style: string;
  readonly place: AnswerPlace;
  /** Things to do under each answer, and what is said there. */
  readonly under?: (part: StudentPart) => ReactNode;
  readonly after?: (part: StudentPart) => ReactNode;
}

export function AskedExercise({ exercise, style, place, under, after }: AskedExerciseProps) {
  return (
    <>
      <h2 className={styles['title']}>{exercise.title}</h2>
      <div className={styles['story']}>
        <Blocks blocks={exercise.story} />
      </div>
      {exercise.parts.map((part) => (
        <div key={part.id}>
          <PartAnswer part={part} style={style} place={place}>
            {under?.(part)}
          </PartAnswer>
          {after?.(part)}
        </div>
      ))}
    </>
  );
}
