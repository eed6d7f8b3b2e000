/** One exercise: what students read, the givens, the plans behind it, its parts with their key; tried, drawn, worked. */
import { Button, Menu, TextInput } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import {
  answerKey,
  askInWords,
  emptyDraft,
  exerciseProblems,
  fillText,
  givensInForce,
  markStory,
  numberStyleById,
  solveCase,
  storyText,
  takesChanges,
  usualFormat,
  workedSolution,
  type Exercise,
  type HouseRules,
  type Numbers,
  type Part,
  type StatementDraft,
  type StatementKind,
} from '@hardy-sextant/core';
import type { KeptExercise } from '@hardy-sextant/contract';
import { lazy, Suspense, useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { ChangedElsewhere } from '../../ui/ChangedElsewhere.tsx';
import { NumberStyleProvider } from '../../ui/Figures.tsx';
import { PageHead } from '../../ui/PageHead.tsx';
import { useArchiveExercise, useDeleteExercise, useExercise, useRules, useWriteExercise } from '../../ui/records.ts';
import { Failed, Loading } from '../../ui/States.tsx';
import { AddChange, Changes, newId } from '../../ui/statement/Changes.tsx';
import { withKind } from '../../ui/statement/editing.ts';
import { sentences } from '../../ui/statement/sentences.ts';
import { Statement } from '../../ui/statement/Statement.tsx';
import { useSearchSetting } from '../../ui/useSearchSetting.ts';
import { newChange } from '@hardy-sextant/core';
import { DrawsPanel } from './DrawsPanel.tsx';
import { GiveToClass } from './GiveToClass.tsx';
import { GivensTable } from './GivensTable.tsx';
import { HistoryPanel } from './HistoryPanel.tsx';
import { PartCard } from './PartCard.tsx';
import { renamed } from './rename.ts';
import { topics } from './topics.ts';
import { TryIt } from './TryIt.tsx';
import { useKeptExercise } from './useKeptExercise.ts';
import styles from './ExercisePage.module.css';

const StoryEditor = lazy(() => import('./StoryEditor.tsx'));
const WorkingDesk = lazy(() => import('../../ui/working/WorkingDesk.tsx'));

export function ExercisePage() {
  const { exerciseId } = useParams();
  const kept = useExercise(exerciseId);
  const rules = useRules();
  if (kept.isPending || rules.isPending) return <Loading what="the exercise" />;
  if (kept.isError) return <Failed what="exercise" error={kept.error} again={() => void kept.refetch()} />;
  if (rules.isError) return <Failed what="house rules" error={rules.error} again={() => void rules.refetch()} />;
  return <ExerciseEditor key={kept.data.id} kept={kept.data} rules={rules.data[0]!.rules} />;
}

const states = { kept: 'kept', changed: 'changed', keeping: 'keeping…', 'not-kept': 'not kept' } as const;
const own: Numbers = {};

function ExerciseEditor({ kept, rules }: { readonly kept: KeptExercise; readonly rules: HouseRules }) {
  const navigate = useNavigate();
  const [search, set] = useSearchSetting();
  const { exercise, change, state, error, theirs, settle } = useKeptExercise(kept);
  const copy = useWriteExercise();
  const archive = useArchiveExercise();
  const remove = useDeleteExercise();
  const [numbers, setNumbers] = useState<Numbers>(own);
  const [openPart, setOpenPart] = useState('');
  const [planAt, setPlanAt] = useState(0);
  const style = numberStyleById(exercise.plans[0]?.draft.numberStyle ?? rules.numberStyle);
  const key = useMemo(() => answerKey(exercise, numbers, rules), [exercise, numbers, rules]);
  const givens = useMemo(() => givensInForce(exercise, numbers, style), [exercise, numbers, style]);
  const problems = useMemo(() => exerciseProblems(exercise, rules), [exercise, rules]);
  const plan = exercise.plans[Math.min(planAt, exercise.plans.length - 1)]!;
  // Slots that name an answer are worked with the key's own.
  const names = useMemo(
    () => ({
      ...givens.names,
      ...Object.fromEntries(
        key.flatMap((each) =>
          each.ok ? [[`answer ${each.value.part.id}`, each.value.part.format.kind === 'percent' ? { percent: each.value.expected } : each.value.expected]] : [],
        ),
      ),
    }),
    [givens, key],
  );
  const outcome = useMemo(() => solveCase(plan.draft, rules.rounding, names), [plan.draft, rules.rounding, names]);
  const marks = exercise.parts.reduce((sum, part) => sum + (Number(part.marks) || 0), 0);
  const setDraft = (draft: StatementDraft) => change((before) => ({ ...before, plans: before.plans.map((each) => (each.id === plan.id ? { ...each, draft } : each)) }));
  const setPart = (part: Part) => change((before) => ({ ...before, parts: before.parts.map((each) => (each.id === part.id ? part : each)) }));
  const addPart = () => {
    const id = nextLetter(exercise.parts.map((part) => part.id));
    const quantity = exercise.parts.length === 0 && plan.draft.kind !== 'convert' ? 'payment' : plan.draft.kind === 'convert' ? 'converted' : 'total-interest';
    change((before) => ({ ...before, parts: [...before.parts, { id, prompt: '', marks: 1, ask: { quantity, plan: plan.id }, format: usualFormat(quantity) }] }));
    setOpenPart(id);
  };
  const worked = exercise.parts.findIndex(({ id }) => id === search.get('work'));
  const workedKey = key[worked];
  const varies = Object.keys(numbers).length > 0;
  const duplicate = async () => {
    const made = await copy.mutateAsync({ document: { schemaVersion: 2, exercise: { ...exercise, title: `${exercise.title}, again`.slice(0, 160) } } });
    void navigate(`/exercises/${made.id}`);
  };

  return (
    <NumberStyleProvider value={style}>
      <PageHead
        title={exercise.title || 'An exercise'}
        where={
          <>
            <Link to="/exercises">Exercises</Link> · <span role="status">{states[state]}</span>
            {kept.archived && ' · put aside'} ·{' '}
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
              onChange={(event) => change({ ...exercise, level: (event.currentTarget.value || undefined) as Exercise['level'] })}
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
            <Menu.Item onClick={() => set('history', 'on')}>Earlier states</Menu.Item>
            <Menu.Item component="a" href={`/api/exercise-file?ids=${kept.id}`} download>
              Save as a file
            </Menu.Item>
            <Menu.Item onClick={() => void archive.mutateAsync({ id: kept.id, archived: !kept.archived })}>{kept.archived ? 'Take back out' : 'Put aside'}</Menu.Item>
            <Menu.Item onClick={() => void remove.mutateAsync(kept.id).then(() => navigate('/exercises'))}>Delete</Menu.Item>
          </Menu.Dropdown>
        </Menu>
        <GiveToClass exerciseId={kept.id} title={exercise.title} />
      </PageHead>
      {error && (
        <p role="alert" className={styles.failed}>
          {error} What you see here is not stored yet.
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
            onChange={(next, rename) => change((before) => (rename ? renamed({ ...before, givens: next }, rename.from, rename.to) : { ...before, givens: next }))}
          />
          <div className={styles.planTabs}>
            <h2 className="label">{exercise.plans.length > 1 ? 'The plans behind it' : 'The plan behind it'}</h2>
            {exercise.plans.length > 1 &&
              exercise.plans.map((each, at) => (
                <button key={each.id} type="button" aria-pressed={each.id === plan.id} onClick={() => setPlanAt(at)}>
                  {each.name ?? each.id}
                </button>
              ))}
            <button
              type="button"
              className={styles.add}
              disabled={exercise.plans.length >= 10}
              onClick={() => {
                const id = `plan-${exercise.plans.length + 1}`;
                change((before) => ({
                  ...before,
                  plans: [
                    ...before.plans.map((each, at) => (each.name ? each : { ...each, name: `plan ${at + 1}` })),
                    { id, name: `plan ${before.plans.length + 1}`, draft: { ...emptyDraft(), numberStyle: plan.draft.numberStyle } },
                  ],
                }));
                setPlanAt(exercise.plans.length);
              }}
            >
              + another plan
            </button>
            <select
              className={styles.plainChoice}
              aria-label="kind of plan"
              value={plan.draft.kind}
              onChange={(event) => setDraft(withKind(plan.draft, event.currentTarget.value as StatementKind))}
            >
              {Object.entries(sentences).map(([kind, { title }]) => (
                <option key={kind} value={kind}>
                  {title}
                </option>
              ))}
            </select>
          </div>
          <div className={`sheet ${styles.block} ${styles.plan}`}>
            {exercise.plans.length > 1 && (
              <div className={styles.line}>
                <label>
                  called{' '}
                  <input
                    className={styles.wide}
                    aria-label="name of the plan"
                    value={plan.name ?? ''}
                    onChange={(event) => {
                      const name = event.currentTarget.value;
                      change((before) => ({ ...before, plans: before.plans.map((each) => (each.id === plan.id ? { ...each, name } : each)) }));
                    }}
                  />
                </label>
                <button
                  type="button"
                  className={styles.add}
                  onClick={() => {
                    change((before) => ({ ...before, plans: before.plans.filter(({ id }) => id !== plan.id) }));
                    setPlanAt(0);
                  }}
                >
                  remove this plan
                </button>
              </div>
            )}
            <Statement draft={plan.draft} outcome={outcome} rounding={rules.rounding} names={names} onChange={setDraft} />
            {takesChanges(plan.draft.kind) && (
              <>
                <Changes draft={plan.draft} outcome={outcome} onChange={(changes) => setDraft({ ...plan.draft, changes })} />
                <AddChange saving={plan.draft.kind === 'save'} onAdd={(kind) => setDraft({ ...plan.draft, changes: [...plan.draft.changes, newChange(kind, newId())] })} />
              </>
            )}
            {outcome.state === 'waiting' && <p className="soft">Fill in every slot with a number, a given, or an expression such as years × 12.</p>}
          </div>
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
                onRemove={() => change((before) => ({ ...before, parts: before.parts.filter(({ id }) => id !== part.id) }))}
                onWork={() => set('work', part.id)}
              />
            ))}
            <li>
              <button type="button" className={styles.add} onClick={addPart}>
                + add a part
              </button>
            </li>
          </ol>
          <Limits exercise={exercise} problems={problems} onChange={(limits) => change((before) => ({ ...before, limits }))} />
          {problems.length > 0 && (
            <p className={styles.warn} role="status">
              A draft: {problems.length} {problems.length === 1 ? 'thing keeps' : 'things keep'} it from being given out. It is kept all the same.
            </p>
          )}
          <DrawsPanel exercise={exercise} rules={rules} onShow={setNumbers} onLimit={(limit) => change((before) => ({ ...before, limits: [...(before.limits ?? []), limit] }))} />
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
          <PartWorked exercise={exercise} numbers={numbers} rules={rules} part={exercise.parts[worked]!} keyed={workedKey!} />
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
        onClose={() => settle('mine')}
      />
    </NumberStyleProvider>
  );
}

/** The sentences about one place. */
function Places({ of, problems }: { readonly of: string; readonly problems: readonly { readonly place: string; readonly message: string }[] }) {
  return problems
    .filter(({ place }) => place === of)
    .map(({ message }) => (
      <p key={message} role="alert" className={styles.failed}>
        {message}
      </p>
    ));
}

interface LimitsProps {
  readonly exercise: Exercise;
  readonly problems: readonly { readonly place: string; readonly message: string }[];
  readonly onChange: (limits: Exercise['limits']) => void;
}

/** Bounds that every draw keeps. */
function Limits({ exercise, problems, onChange }: LimitsProps) {
  const limits = exercise.limits ?? [];
  const set = (at: number, field: 'least' | 'most', text: string) => {
    const value = Number(text);
    onChange(limits.map((limit, place) => (place === at ? { ...limit, [field]: text.trim() === '' || !Number.isFinite(value) ? undefined : value } : limit)));
  };
  return (
    <div className={styles.limits}>
      {limits.map(({ of, least, most, whole }, at) => (
        <div key={at} className={styles.line}>
          <select
            aria-label={`what limit ${at + 1} is about`}
            value={'part' in of ? `part ${of.part}` : `given ${of.given}`}
            onChange={(event) => {
              const [kind, ...name] = event.currentTarget.value.split(' ');
              onChange(limits.map((limit, place) => (place === at ? { ...limit, of: kind === 'part' ? { part: name.join(' ') } : { given: name.join(' ') } } : limit)));
            }}
          >
            {exercise.parts.map(({ id }) => (
              <option key={id} value={`part ${id}`}>
                answer {id}
              </option>
            ))}
            {(exercise.givens ?? []).map(({ name }) => (
              <option key={name} value={`given ${name}`}>
                {name}
              </option>
            ))}
          </select>
          from{' '}
          <input
            className={styles.small}
            aria-label={`least of limit ${at + 1}`}
            type="number"
            value={least ?? ''}
            onChange={(event) => set(at, 'least', event.currentTarget.value)}
          />
          to{' '}
          <input
            className={styles.small}
            aria-label={`most of limit ${at + 1}`}
            type="number"
            value={most ?? ''}
            onChange={(event) => set(at, 'most', event.currentTarget.value)}
          />
          <label>
            <input
              type="checkbox"
              checked={whole ?? false}
              onChange={(event) => onChange(limits.map((limit, place) => (place === at ? { ...limit, whole: event.currentTarget.checked || undefined } : limit)))}
            />{' '}
            whole
          </label>
          <button type="button" className={styles.add} onClick={() => onChange(limits.filter((_limit, place) => place !== at))}>
            remove
          </button>
          <Places of={`limits.${at}`} problems={problems} />
        </div>
      ))}
      {exercise.parts.length > 0 && (
        <button type="button" className={styles.add} onClick={() => onChange([...limits, { of: { part: exercise.parts[0]!.id } }])}>
          + a limit for draws
        </button>
      )}
    </div>
  );
}

interface PartWorkedProps {
  readonly exercise: Exercise;
  readonly numbers: Numbers;
  readonly rules: HouseRules;
  readonly part: Part;
  readonly keyed: ReturnType<typeof answerKey>[number];
}

/** A part worked: the story with its facts marked, then every way. */
function PartWorked({ exercise, numbers, rules, part, keyed }: PartWorkedProps) {
  const style = numberStyleById(rules.numberStyle);
  const { written } = givensInForce(exercise, numbers, style);
  if (!keyed.ok) return <p className={styles.failed}>{keyed.problem.message}</p>;
  const question = keyed.value.question ?? keyed.value.questions[0];
  const story = storyText(exercise.story, written);
  const facts = question ? workedSolution(question, { style }).facts : [];
  return (
    <>
      <p className={styles.markedStory}>
        {markStory(story, facts, style).map((piece, at) =>
          piece.fact ? (
            <mark key={at} title={facts.find(({ id }) => id === piece.fact)?.name}>
              {piece.text}
            </mark>
          ) : (
            <span key={at}>{piece.text}</span>
          ),
        )}
      </p>
      <p>
        <strong>{part.id}</strong> {fillText(part.prompt, written)}
      </p>
      {question ? (
        <Suspense fallback={<Loading what="the working" />}>
          <WorkingDesk
            view="working"
            draft={question.draft}
            rules={rules}
            style={style}
            title={exercise.title}
            statement={{ solved: `${story} ${fillText(part.prompt, written)}`, asked: `${story} ${fillText(part.prompt, written)}` }}
            ask={question.ask}
            question={question}
            fixed
          />
        </Suspense>
      ) : (
        <p>
          {'text' in part.ask ? `${part.ask.text} = ` : ''}
          <strong>{keyed.value.written}</strong>
        </p>
      )}
      {keyed.value.questions.length > 1 && (
        <p>
          {keyed.value.questions.map((each) => `${askInWords(each.ask)}: ${each.exact.toFixed(2)}`).join('; ')} → <strong>{keyed.value.written}</strong>
        </p>
      )}
    </>
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
