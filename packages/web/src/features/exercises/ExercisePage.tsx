/** One exercise: what students read, the givens, the plans behind it, its parts with their key; tried, drawn, worked. */
import { notifications } from '@mantine/notifications';
import {
  answerKey,
  exerciseProblems,
  givensInForce,
  numberStyleById,
  storyText,
  usualFormat,
  type Exercise,
  type HouseRules,
  type Numbers,
  type Part,
  kindOf,
  quantityOfSlot,
} from '@hardy-sextant/core';
import type { KeptExercise } from '@hardy-sextant/contract';
import { lazy, Suspense, useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { ChangedElsewhere } from '../../ui/ChangedElsewhere.tsx';
import { NumberStyleProvider } from '../../ui/Figures.tsx';
import { useExercise, useRules } from '../../ui/records.ts';
import { Failed, Loading } from '../../ui/States.tsx';
import { useSearchSetting } from '../../ui/useSearchSetting.ts';
import { DrawsPanel } from './DrawsPanel.tsx';
import { ExerciseHead } from './ExerciseHead.tsx';
import { GivensTable } from './GivensTable.tsx';
import { HistoryPanel } from './HistoryPanel.tsx';
import { Limits } from './Limits.tsx';
import { PartCard } from './PartCard.tsx';
import { PartWorked } from './PartWorked.tsx';
import { Places } from './Places.tsx';
import { planAtPlace } from './planAtPlace.ts';
import { Plans } from './Plans.tsx';
import { renamed } from './rename.ts';
import { TryIt } from './TryIt.tsx';
import { useKeptExercise } from './useKeptExercise.ts';
import styles from './ExercisePage.module.css';

/** Without the server the editor of the story may not come: the rest of the exercise works all the same. */
function StoryNotHere({
  exercise,
}: {
  readonly exercise: Exercise;
  readonly onChange: (story: Exercise['story']) => void;
}) {
  return (
    <>
      <p className={styles.story}>{storyText(exercise.story)}</p>
      <p role="status">The story cannot be changed while the server is away. Load the page again when it is back.</p>
    </>
  );
}

const StoryEditor = lazy(() => import('./StoryEditor.tsx').catch(() => ({ default: StoryNotHere })));

export function ExercisePage() {
  const { exerciseId } = useParams();
  const kept = useExercise(exerciseId);
  const rules = useRules();
  if (kept.isError && !kept.data)
    return <Failed what="exercise" error={kept.error} again={() => void kept.refetch()} />;
  if (rules.isError && !rules.data)
    return <Failed what="house rules" error={rules.error} again={() => void rules.refetch()} />;
  if (!kept.data || !rules.data) return <Loading what="the exercise" />;
  return <ExerciseEditor key={kept.data.id} kept={kept.data} rules={rules.data[0]!.rules} />;
}

const own: Numbers = {};

function ExerciseEditor({ kept, rules }: { readonly kept: KeptExercise; readonly rules: HouseRules }) {
  const [search, set] = useSearchSetting();
  const { exercise, change, phase, problem, theirs, settle, flush } = useKeptExercise(kept);
  const [numbers, setNumbers] = useState<Numbers>(own);
  const [openPart, setOpenPart] = useState('');
  const [planAt, setPlanAt] = useState(0);
  const style = numberStyleById(exercise.plans[0]?.draft.numberStyle ?? rules.numberStyle);
  const key = useMemo(() => answerKey(exercise, numbers, rules), [exercise, numbers, rules]);
  const givens = useMemo(() => givensInForce(exercise, numbers, style), [exercise, numbers, style]);
  const problems = useMemo(() => exerciseProblems(exercise, rules), [exercise, rules]);
  const plan = planAtPlace(exercise, planAt);
  // Slots that name an answer are worked with the key's own.
  const names = useMemo(
    () => ({
      ...givens.names,
      ...Object.fromEntries(
        key.flatMap((each) =>
          each.ok
            ? [
                [
                  `answer ${each.value.part.id}`,
                  each.value.part.format.kind === 'percent' ? { percent: each.value.expected } : each.value.expected,
                ],
              ]
            : [],
        ),
      ),
    }),
    [givens, key],
  );
  const marks = exercise.parts.reduce((sum, part) => sum + (Number(part.marks) || 0), 0);
  const setPart = (part: Part) =>
    change((before) => ({ ...before, parts: before.parts.map((each) => (each.id === part.id ? part : each)) }));
  const addPart = () => {
    const id = nextLetter(exercise.parts.map((part) => part.id));
    const { hasTable } = kindOf(plan.draft);
    const quantity = !hasTable
      ? 'converted'
      : exercise.parts.length > 0
        ? 'total-interest'
        : plan.draft.unknown === 'converted'
          ? 'payment'
          : quantityOfSlot(plan.draft.unknown);
    change((before) => ({
      ...before,
      parts: [
        ...before.parts,
        { id, prompt: '', marks: 1, ask: { quantity, plan: plan.id }, format: usualFormat(quantity) },
      ],
    }));
    setOpenPart(id);
  };
  const worked = exercise.parts.findIndex(({ id }) => id === search.get('work'));
  const workedKey = key[worked];
  const varies = Object.keys(numbers).length > 0;

  return (
    <NumberStyleProvider value={style}>
      <ExerciseHead
        kept={kept}
        exercise={exercise}
        phase={phase}
        flush={flush}
        onChange={change}
        onHistory={() => set('history', 'on')}
      />
      {problem && (
        <p role="alert" className={styles.failed}>
          {problem} What you see here is not stored yet.
        </p>
      )}
      {varies && (
        <p role="status" className={styles.drawn}>
          You see one draw:{' '}
          {Object.entries(givens.written)
            .map(([name, text]) => `${name} ${text}`)
            .join(', ')}
          .{' '}
          <button type="button" className={styles.add} onClick={() => setNumbers(own)}>
            back to the exercise’s own numbers
          </button>
        </p>
      )}
      <div className={styles.columns}>
        <div>
          <h2 className="label">What students read</h2>
          <div className={`sheet ${styles.block}`}>
            <Suspense fallback={<p className={styles.story}>{storyText(exercise.story, givens.written)}</p>}>
              <StoryEditor exercise={exercise} onChange={(story) => change((before) => ({ ...before, story }))} />
            </Suspense>
            <Places of="story" problems={problems} />
          </div>
          <GivensTable
            givens={exercise.givens ?? []}
            problems={problems}
            onChange={(next, rename) =>
              change((before) =>
                rename ? renamed({ ...before, givens: next }, rename.from, rename.to) : { ...before, givens: next },
              )
            }
          />
          <Plans exercise={exercise} names={names} rules={rules} at={planAt} onAt={setPlanAt} onChange={change} />
        </div>
        <div>
          <h2 className="label">
            Parts · {marks} {marks === 1 ? 'mark' : 'marks'}
          </h2>
          <ol className={`sheet ${styles.parts}`}>
            {exercise.parts.map((part, at) => (
              <PartCard
                key={part.id}
                exercise={exercise}
                part={part}
                keyed={key[at]!}
                problems={problems}
                rules={rules}
                open={openPart === part.id}
                onOpen={() => setOpenPart(part.id)}
                onChange={setPart}
                onMove={(by) => change((before) => ({ ...before, parts: moved(before.parts, at, by) }))}
                onRemove={() =>
                  change((before) => ({ ...before, parts: before.parts.filter(({ id }) => id !== part.id) }))
                }
                onWork={() => set('work', part.id)}
              />
            ))}
            <li>
              <button type="button" className={styles.add} onClick={addPart}>
                + add a part
              </button>
            </li>
          </ol>
          <Limits
            exercise={exercise}
            problems={problems}
            onChange={(limits) => change((before) => ({ ...before, limits }))}
          />
          {problems.length > 0 && (
            <p className={styles.warn} role="status">
              A draft: {problems.length} {problems.length === 1 ? 'thing keeps' : 'things keep'} it from being assigned.
              It is kept all the same.
            </p>
          )}
          <DrawsPanel
            exercise={exercise}
            rules={rules}
            onShow={setNumbers}
            onLimit={(limit) => change((before) => ({ ...before, limits: [...(before.limits ?? []), limit] }))}
          />
          <TryIt exercise={exercise} numbers={numbers} rules={rules} />
        </div>
      </div>
      {worked >= 0 && (
        <section className={styles.worked} aria-label={`Working of part ${exercise.parts[worked]!.id}`}>
          <div className={styles.planTabs}>
            <h2 className="label">Working</h2>
            {exercise.parts.map(({ id }) => (
              <button key={id} type="button" aria-pressed={id === search.get('work')} onClick={() => set('work', id)}>
                part {id}
              </button>
            ))}
            <button type="button" className={styles.add} onClick={() => set('work', '')}>
              close
            </button>
          </div>
          <PartWorked
            exercise={exercise}
            numbers={numbers}
            rules={rules}
            part={exercise.parts[worked]!}
            keyed={workedKey!}
          />
        </section>
      )}
      {search.get('history') === 'on' && (
        <HistoryPanel
          exerciseId={kept.id}
          present={exercise}
          rules={rules}
          onClose={() => set('history', '')}
          onRestore={(earlier) => {
            change(earlier);
            set('history', '');
            notifications.show({ message: 'The earlier state is back; what was there before is in the history too.' });
          }}
        />
      )}
      <ChangedElsewhere
        what="this exercise"
        theirs={theirs?.document.exercise.title}
        mine={exercise.title}
        onTheirs={() => settle('theirs')}
        onMine={() => settle('mine')}
      />
    </NumberStyleProvider>
  );
}

function nextLetter(taken: readonly string[]): string {
  for (let k = 0; ; k += 1) {
    const id = k < 26 ? String.fromCharCode(97 + k) : `p${k}`;
    if (!taken.includes(id)) return id;
  }
}

function moved<T>(list: readonly T[], at: number, by: number): T[] {
  const to = at + by;
  if (to < 0 || to >= list.length) return [...list];
  const next = [...list];
  [next[at], next[to]] = [next[to]!, next[at]!];
  return next;
}
