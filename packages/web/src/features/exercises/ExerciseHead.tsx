/** The head of an exercise: its title, topic and level, and what can be done with it as a whole. */
import { Button, Menu, TextInput } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import type { Exercise } from '@hardy-sextant/core';
import type { KeptExercise } from '@hardy-sextant/contract';
import { Link, useNavigate } from 'react-router';
import type { KeptPhase } from '../../ui/kept/keptDocument.ts';
import { KeptNote } from '../../ui/kept/KeptNote.tsx';
import { PageHead } from '../../ui/PageHead.tsx';
import {
  saveExercises,
  useArchiveExercise,
  useDeleteExercise,
  useRestore,
  useWriteExercise,
} from '../../ui/records.ts';
import { showUndo } from '../../ui/showUndo.tsx';
import { GiveToClass } from './GiveToClass.tsx';
import { topics } from './topics.ts';
import type { useKeptExercise } from './useKeptExercise.ts';
import styles from './ExercisePage.module.css';

interface ExerciseHeadProps {
  readonly kept: KeptExercise;
  readonly exercise: Exercise;
  readonly phase: KeptPhase;
  /** Writes what is not stored yet. */
  readonly flush: () => Promise<void>;
  readonly onChange: ReturnType<typeof useKeptExercise>['change'];
  readonly onHistory: () => void;
}

export function ExerciseHead({ kept, exercise, phase, flush, onChange: change, onHistory }: ExerciseHeadProps) {
  const navigate = useNavigate();
  const copy = useWriteExercise();
  const archive = useArchiveExercise();
  const remove = useDeleteExercise();
  const restore = useRestore();
  const duplicate = async () => {
    const made = await copy.mutateAsync({
      document: { schemaVersion: 2, exercise: { ...exercise, title: `${exercise.title}, again`.slice(0, 160) } },
    });
    void navigate(`/exercises/${made.id}`);
  };

  const erase = async () => {
    await flush();
    await remove.mutateAsync(kept.id);
    await navigate('/exercises');
    showUndo(`“${exercise.title || 'An exercise'}” is deleted.`, async () => {
      await restore.mutateAsync({ kind: 'exercise', id: kept.id });
      await navigate(`/exercises/${kept.id}`);
    });
  };

  return (
    <PageHead
      title={exercise.title || 'An exercise'}
      where={
        <>
          <Link to="/exercises">Exercises</Link> · <KeptNote phase={phase} />
          {kept.archived && ' · archived'} ·{' '}
          <select
            className={styles.plainChoice}
            aria-label="topic"
            value={exercise.topic ?? ''}
            onChange={(event) => change({ ...exercise, topic: event.currentTarget.value || undefined })}
          >
            <option value="">no topic</option>
            {topics.map((topic) => (
              <option key={topic}>{topic}</option>
            ))}
          </select>{' '}
          ·{' '}
          <select
            className={styles.plainChoice}
            aria-label="level"
            value={exercise.level ?? ''}
            onChange={(event) =>
              change({ ...exercise, level: (event.currentTarget.value || undefined) as Exercise['level'] })
            }
          >
            <option value="">any level</option>
            <option value="first">first steps</option>
            <option value="second">second steps</option>
            <option value="third">for the exam</option>
          </select>
        </>
      }
      heading={
        <>
          <h1 className="visually-hidden">{exercise.title || 'An exercise'}</h1>
          <TextInput
            variant="unstyled"
            aria-label="title of the exercise"
            placeholder="Name this exercise"
            value={exercise.title}
            maxLength={160}
            classNames={{ input: styles.title }}
            onChange={(event) => change({ ...exercise, title: event.currentTarget.value })}
          />
        </>
      }
    >
      <Menu position="bottom-end" shadow="sm">
        <Menu.Target>
          <Button>More ▾</Button>
        </Menu.Target>
        <Menu.Dropdown>
          <Menu.Item onClick={() => void duplicate().catch(() => undefined)}>Duplicate</Menu.Item>
          <Menu.Item onClick={onHistory}>Earlier states</Menu.Item>
          <Menu.Item
            onClick={() =>
              void saveExercises({ ids: [kept.id] }).catch((error: Error) =>
                notifications.show({ message: error.message }),
              )
            }
          >
            Export as a file
          </Menu.Item>
          <Menu.Item onClick={() => void archive.mutateAsync({ id: kept.id, archived: !kept.archived })}>
            {kept.archived ? 'Restore' : 'Archive'}
          </Menu.Item>
          <Menu.Item
            onClick={() => void erase().catch((error: Error) => notifications.show({ message: error.message }))}
          >
            Delete
          </Menu.Item>
        </Menu.Dropdown>
      </Menu>
      <GiveToClass exerciseId={kept.id} title={exercise.title} />
    </PageHead>
  );
}
