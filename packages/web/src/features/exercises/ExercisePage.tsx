/** One exercise: what students read, the plan behind it, its part and the key. */
import { Button, Group, NumberInput, Textarea, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { notifications } from '@mantine/notifications';
import { answerKey, defaultHouseRules, numberStyleById, solveCase, type AnswerFormat, type Exercise } from '@hardy-sextant/core';
import { exercise as exerciseSchema, keptExercise, type KeptExercise } from '@hardy-sextant/contract';
import { useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { Refusal } from '../../ui/api.ts';
import { NumberStyleProvider } from '../../ui/Figures.tsx';
import { ChangedElsewhere } from '../../ui/ChangedElsewhere.tsx';
import { PageHead } from '../../ui/PageHead.tsx';
import { useExercise, useWriteExercise } from '../../ui/records.ts';
import { Failed, Loading } from '../../ui/States.tsx';
import { Changes } from '../../ui/statement/Changes.tsx';
import { Statement } from '../../ui/statement/Statement.tsx';
import styles from './ExercisePage.module.css';

export function ExercisePage() {
  const { exerciseId } = useParams();
  const kept = useExercise(exerciseId);
  if (kept.isPending) return <Loading what="the exercise" />;
  if (kept.isError) return <Failed what="exercise" error={kept.error} again={() => void kept.refetch()} />;
  return <ExerciseEditor key={`${kept.data.id}`} kept={kept.data} />;
}

const formats: readonly { readonly id: string; readonly words: string; readonly format: AnswerFormat }[] = [
  { id: 'money-2', words: 'money to the cent', format: { kind: 'money', decimals: 2 } },
  { id: 'money-0', words: 'money in whole units', format: { kind: 'money', decimals: 0 } },
  { id: 'percent-1', words: 'percent, one decimal', format: { kind: 'percent', decimals: 1 } },
  { id: 'percent-2', words: 'percent, two decimals', format: { kind: 'percent', decimals: 2 } },
  { id: 'percent-4', words: 'percent, four decimals', format: { kind: 'percent', decimals: 4 } },
  { id: 'count-0', words: 'a whole number of payments', format: { kind: 'count', decimals: 0 } },
];

function ExerciseEditor({ kept }: { readonly kept: KeptExercise }) {
  const rules = defaultHouseRules;
  const style = numberStyleById(rules.numberStyle);
  const navigate = useNavigate();
  const write = useWriteExercise();
  const [revision, setRevision] = useState(kept.revision);
  const [theirs, setTheirs] = useState<KeptExercise>();
  const form = useForm<Exercise>({
    initialValues: kept.document.exercise,
    validate: (values) => {
      const read = exerciseSchema.safeParse(values);
      return read.success ? {} : Object.fromEntries(read.error.issues.map((issue) => [issue.path.join('.'), issue.message]));
    },
  });
  const exercise = form.values;
  const key = useMemo(() => answerKey(exercise, {}, rules), [exercise, rules]);
  const plan = exercise.plans[0]!;
  const outcome = useMemo(() => solveCase(plan.draft, rules.rounding), [plan.draft, rules]);

  const save = async (against: number) => {
    try {
      const stored = await write.mutateAsync({ id: kept.id, revision: against, document: { schemaVersion: 1, exercise: form.values } });
      setRevision(stored.revision);
      form.resetDirty(form.values);
      setTheirs(undefined);
      notifications.show({ message: `“${stored.document.exercise.title}” is kept.` });
    } catch (error) {
      if (error instanceof Refusal && error.isStale) setTheirs(keptExercise.parse(error.document.current));
      else if (error instanceof Refusal && error.document.fields)
        form.setErrors(Object.fromEntries(error.document.fields.map(({ path, message }) => [path.replace('document.exercise.', ''), message])));
    }
  };
  const submit = form.onSubmit(() => void save(revision));

  return (
    <NumberStyleProvider value={style}>
      <PageHead
        title={exercise.title || 'An exercise'}
        where={
          <>
            <Link to="/exercises">Exercises</Link> · {form.isDirty() ? 'changed' : 'kept'}
          </>
        }
      >
        <Button onClick={() => submit()} loading={write.isPending} disabled={!form.isDirty()}>
          Save
        </Button>
        <Button variant="filled" onClick={() => void navigate(`/exercises/${kept.id}/answers`)}>
          Take in answers
        </Button>
      </PageHead>
      {write.error && !theirs && (
        <p role="alert" className={styles.failed}>
          {write.error.message} What you see here is not stored yet.
        </p>
      )}
      <form onSubmit={submit} className={styles.columns} noValidate>
        <div>
          <h2 className="label">What students read</h2>
          <div className={`sheet ${styles.block}`}>
            <TextInput label="Title" maxLength={200} {...form.getInputProps('title')} />
            <Textarea
              label="Story"
              autosize
              minRows={3}
              placeholder="Tell what happens, with every number a student needs."
              classNames={{ input: styles.story }}
              {...form.getInputProps('story')}
            />
          </div>
          <h2 className="label">The plan behind it</h2>
          <div className={`sheet ${styles.block}`}>
            <Statement
              draft={plan.draft}
              outcome={outcome}
              rounding={rules.rounding}
              onChange={(draft) => form.setFieldValue('plans', [{ ...plan, draft }, ...exercise.plans.slice(1)])}
            />
            <Changes
              draft={plan.draft}
              outcome={outcome}
              onChange={(changes) => form.setFieldValue('plans', [{ ...plan, draft: { ...plan.draft, changes } }, ...exercise.plans.slice(1)])}
            />
          </div>
        </div>
        <div>
          <h2 className="label">Parts · {exercise.parts.reduce((sum, part) => sum + (Number(part.marks) || 0), 0)} marks</h2>
          {exercise.parts.map((part, at) => {
            const keyed = key[at]!;
            const format = formats.find(({ format: each }) => each.kind === part.format.kind && each.decimals === part.format.decimals);
            return (
              <div key={part.id} className={`sheet ${styles.block}`}>
                <Group align="flex-start" wrap="nowrap" gap={10}>
                  <span className={styles.letter}>{part.id}</span>
                  <Textarea label="What is asked" autosize minRows={1} style={{ flex: 1 }} {...form.getInputProps(`parts.${at}.prompt`)} />
                  <NumberInput label="Marks" w={78} clampBehavior="none" {...form.getInputProps(`parts.${at}.marks`)} />
                </Group>
                <label className={styles.format}>
                  <span>Answer as</span>
                  <select value={format?.id} onChange={(event) => form.setFieldValue(`parts.${at}.format`, formats.find(({ id }) => id === event.currentTarget.value)!.format)}>
                    {formats
                      .filter(({ format: each }) => each.kind === part.format.kind)
                      .map(({ id, words }) => (
                        <option key={id} value={id}>
                          {words}
                        </option>
                      ))}
                  </select>
                </label>
                <p className={styles.key}>
                  {keyed.ok ? (
                    <>
                      Key <strong className="figures">{keyed.value.written}</strong>
                    </>
                  ) : (
                    <span className={styles.failed}>{keyed.problem.message}</span>
                  )}
                </p>
              </div>
            );
          })}
        </div>
      </form>
      <ChangedElsewhere
        what="this exercise"
        theirs={theirs?.document.exercise.title}
        mine={exercise.title}
        onTheirs={() => {
          if (!theirs) return;
          form.setValues(theirs.document.exercise);
          form.resetDirty(theirs.document.exercise);
          setRevision(theirs.revision);
          setTheirs(undefined);
        }}
        onMine={() => theirs && void save(theirs.revision)}
        onClose={() => setTheirs(undefined)}
      />
    </NumberStyleProvider>
  );
}
