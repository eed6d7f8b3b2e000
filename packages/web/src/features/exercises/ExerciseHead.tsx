/** The head of an exercise: its title, topic and level, and what can be done with it as a whole. */
import { Button, Menu, TextInput } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { topics, type Exercise } from '@hardy-sextant/core';
import { usualRulesId, type KeptExercise } from '@hardy-sextant/contract';
import { Link, useNavigate } from 'react-router';
import type { KeptPhase } from '../../api/kept/keptDocument.ts';
import { KeptNote } from '../../api/kept/KeptNote.tsx';
import { PageHead } from '../../ui/PageHead.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { saveExercises, useArchiveExercise, useDeleteExercise, useWriteExercise } from '../../api/records.ts';
import { usePickRules, useRules } from '../../api/rulesRecords.ts';
import { useLeaveDeleted } from '../../api/useLeaveDeleted.ts';
import { GiveToClass } from './GiveToClass.tsx';
import type { useKeptExercise } from './useKeptExercise.ts';
import { say } from '../../words/say.ts';

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
  const { duplicate, archive, erase, save } = useExerciseActions(kept, exercise, flush);
  return (
    <PageHead
      title={exercise.title || say('An exercise')}
      where={<Where kept={kept} exercise={exercise} phase={phase} onChange={change} />}
      heading={
        <>
          <h1 className="visually-hidden">{exercise.title || say('An exercise')}</h1>
          <TextInput
            variant="unstyled"
            aria-label={say('title of the exercise')}
            placeholder={say('Name this exercise')}
            value={exercise.title}
            maxLength={160}
            classNames={{ input: 'title-field' }}
            onChange={(event) => change({ ...exercise, title: event.currentTarget.value })}
          />
        </>
      }
    >
      <Menu position="bottom-end" shadow="sm">
        <Menu.Target>
          <Button>{say('More ▾')}</Button>
        </Menu.Target>
        <Menu.Dropdown>
          <Menu.Item onClick={duplicate}>{say('Duplicate')}</Menu.Item>
          <Menu.Item onClick={onHistory}>{say('Earlier states')}</Menu.Item>
          <Menu.Item component={Link} to={`/exercises/${kept.id}/papers`}>
            {say('Papers: questions, key, worked solutions')}
          </Menu.Item>
          <Menu.Item onClick={save}>{say('Export as a file')}</Menu.Item>
          <Menu.Item onClick={archive}>{kept.archived ? say('Restore') : say('Archive')}</Menu.Item>
          <Menu.Item onClick={erase}>{say('Delete')}</Menu.Item>
        </Menu.Dropdown>
      </Menu>
      <GiveToClass exerciseId={kept.id} title={exercise.title} />
    </PageHead>
  );
}

const levels: readonly (readonly [NonNullable<Exercise['level']> | '', string])[] = [
  ['', say('any level')],
  ['first', say('first steps')],
  ['second', say('second steps')],
  ['third', say('for the exam')],
];

/** Above the title: how far it is kept, its topic and its level. */
function Where({ kept, exercise, phase, onChange }: Omit<ExerciseHeadProps, 'flush' | 'onHistory'>) {
  return (
    <>
      <Link to="/exercises">{say('Exercises')}</Link> · <KeptNote phase={phase} />
      {kept.archived && ` · ${say('archived')}`} · <WrittenUnder kept={kept} /> ·{' '}
      <Pick
        label={say('topic')}
        className="control quiet"
        value={exercise.topic ?? ''}
        options={[['', say('no topic')], ...topics.map((topic) => [topic, topic] as const)]}
        onPick={(topic) => onChange({ ...exercise, topic: topic || undefined })}
      />{' '}
      ·{' '}
      <Pick
        label={say('level')}
        className="control quiet"
        value={exercise.level ?? ''}
        options={levels}
        onPick={(level) => onChange({ ...exercise, level: level || undefined })}
      />
    </>
  );
}

/** The house rules whose numbers its key shows. */
function WrittenUnder({ kept: { id, rulesId } }: { readonly kept: KeptExercise }) {
  const rules = useRules();
  const pick = usePickRules(id);
  const all = rules.data ?? [];
  return (
    <Pick
      label={say('house rules of the key')}
      className="control quiet"
      value={all.some((each) => each.id === rulesId) ? rulesId : usualRulesId}
      options={all.map((each) => [each.id, say('rules: {{name}}', { name: each.name })] as const)}
      onPick={(next) => pick.mutate(next, { onError: (error) => void notifications.show({ message: error.message }) })}
    />
  );
}

/** What can be done with an exercise as a whole; what fails is said. */
function useExerciseActions(kept: KeptExercise, exercise: Exercise, flush: () => Promise<void>) {
  const navigate = useNavigate();
  const copy = useWriteExercise();
  const archive = useArchiveExercise();
  const remove = useDeleteExercise();
  const leave = useLeaveDeleted();
  const orSay = (done: Promise<unknown>) =>
    void done.catch((error: Error) => notifications.show({ message: error.message }));
  const duplicate = async () => {
    const title = say('{{title}}, again', { title: exercise.title }).slice(0, 160);
    const document = { schemaVersion: 2, exercise: { ...exercise, title } } as const;
    const made = await copy.mutateAsync({ document, rulesId: kept.rulesId });
    await navigate(`/exercises/${made.id}`);
  };
  const erase = async () => {
    await flush();
    await remove.mutateAsync(kept.id);
    const name = `“${exercise.title || say('An exercise')}”`;
    await leave({ kind: 'exercise', id: kept.id, name, list: '/exercises', page: `/exercises/${kept.id}` });
  };
  return {
    duplicate: () => orSay(duplicate()),
    erase: () => orSay(erase()),
    archive: () => orSay(archive.mutateAsync({ id: kept.id, archived: !kept.archived })),
    save: () => orSay(saveExercises({ ids: [kept.id] })),
  };
}
