/** The answers of a class to an exercise: typed or pasted, each judged at once. */
import { Button } from '@mantine/core';
import { checkHandIns, numberStyleById, type Exercise, type Verdict } from '@hardy-sextant/core';
import type { ClassAnswers, KeptClass } from '@hardy-sextant/contract';
import { useMemo, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useBarNote } from '../../ui/BarNote.tsx';
import { Chip } from '../../ui/Chip.tsx';
import { NumberStyleProvider } from '../../ui/Figures.tsx';
import { PageHead } from '../../ui/PageHead.tsx';
import { useSearchSetting } from '../../ui/useSearchSetting.ts';
import { useClasses, useExercise } from '../../ui/records.ts';
import { Empty, Failed, Loading } from '../../ui/States.tsx';
import { VerdictMark, verdictLooks } from '../../ui/VerdictMark.tsx';
import { useAnswers, useWriteAnswers } from './answers.ts';
import { AnswerExplained } from './AnswerExplained.tsx';
import styles from './AnswersPage.module.css';

export function AnswersPage() {
  const { exerciseId, classId } = useParams();
  const exercise = useExercise(exerciseId);
  const classes = useClasses();
  const chosen = classes.data?.find(({ id }) => id === classId) ?? (classId === undefined ? classes.data?.[0] : undefined);
  const answers = useAnswers(exerciseId!, chosen?.id ?? classId);
  if (exercise.isError) return <Failed what="exercise" error={exercise.error} again={() => void exercise.refetch()} />;
  if (classes.isError) return <Failed what="classes" error={classes.error} again={() => void classes.refetch()} />;
  if (answers.isError) return <Failed what="class" error={answers.error} again={() => void answers.refetch()} />;
  if (classes.data?.length === 0)
    return (
      <>
        <PageHead title="Answers" />
        <Empty title="There is no class yet">
          <p>Answers belong to students, and students to a class. Start with the demo to see one.</p>
        </Empty>
      </>
    );
  if (!exercise.data || !chosen || !answers.data) return <Loading what="the answers" />;
  return <Answers exerciseId={exerciseId!} exercise={exercise.data.document.exercise} chosen={chosen} classes={classes.data ?? []} answers={answers.data} />;
}

interface AnswersProps {
  readonly exerciseId: string;
  readonly exercise: Exercise;
  readonly chosen: KeptClass;
  readonly classes: readonly KeptClass[];
  readonly answers: ClassAnswers;
}

function Answers({ exerciseId, exercise, chosen, classes, answers }: AnswersProps) {
  const navigate = useNavigate();
  const [search, set] = useSearchSetting();
  const write = useWriteAnswers(exerciseId, chosen.id);
  const [typing, setTyping] = useState<{ studentId: string; text: string }>();
  const [leftOver, setLeftOver] = useState<readonly string[]>();
  const grid = useRef<HTMLTableElement>(null);
  const part = exercise.parts[0]!;
  const style = numberStyleById(chosen.rules.numberStyle);
  useBarNote(`${chosen.code} · ${answers.students.length} students`);

  const texts = useMemo(() => new Map(answers.handIns.map(({ studentId, entries }) => [studentId, entries[part.id] ?? ''])), [answers, part.id]);
  const textOf = (studentId: string) => (typing?.studentId === studentId ? typing.text : (texts.get(studentId) ?? ''));
  const verdicts = useMemo(() => {
    const written = answers.students.map(({ id }) => (typing?.studentId === id ? typing.text : (texts.get(id) ?? '')));
    const checked = checkAll(exercise, written, part.id, chosen);
    return new Map(answers.students.map(({ id }, at) => [id, checked[at]!]));
  }, [answers.students, exercise, part.id, chosen, typing, texts]);

  const selectedId = search.get('student') ?? answers.students[0]?.id;
  const filter = search.get('cause') ?? '';
  const causes = causesOf([...verdicts.values()]);
  const rows = answers.students.filter(({ id }) => filter === '' || causeOf(verdicts.get(id)!) === filter || id === typing?.studentId);
  const selected = answers.students.find(({ id }) => id === selectedId);

  const store = (changes: { studentId: string; text: string }[]) => {
    const real = changes.filter(({ studentId, text }) => text !== (texts.get(studentId) ?? ''));
    if (real.length > 0) write.mutate({ changes: real.map((change) => ({ ...change, partId: part.id })) });
  };
  const leave = () => {
    if (typing) store([typing]);
    setTyping(undefined);
  };
  const paste = (from: string, text: string) => {
    const lines = text
      .replace(/\r/g, '')
      .replace(/\n$/, '')
      .split('\n')
      .map((line) => line.split('\t')[0]!.trim());
    const start = rows.findIndex(({ id }) => id === from);
    const places = rows.slice(start);
    store(lines.slice(0, places.length).map((line, at) => ({ studentId: places[at]!.id, text: line })));
    setTyping(undefined);
    setLeftOver(lines.length > places.length ? lines.slice(places.length) : undefined);
  };
  const move = (from: string, by: number) => {
    const at = rows.findIndex(({ id }) => id === from) + by;
    const next = rows[at];
    if (next) grid.current?.querySelector<HTMLInputElement>(`[data-student="${next.id}"]`)?.focus();
  };
  const marks = (verdict: Verdict) => Math.round(verdict.credit * part.marks * 100) / 100;

  return (
    <NumberStyleProvider value={style}>
      <PageHead
        title={exercise.title}
        where={
          <>
            <Link to="/exercises">Exercises</Link> · <Link to={`/exercises/${exerciseId}`}>{exercise.title}</Link> · Answers
          </>
        }
      >
        {classes.length > 1 && (
          <select
            aria-label="class"
            className={styles.classChoice}
            value={chosen.id}
            onChange={(event) => void navigate(`/exercises/${exerciseId}/answers/${event.currentTarget.value}`)}
          >
            {classes.map(({ id, code }) => (
              <option key={id} value={id}>
                {code}
              </option>
            ))}
          </select>
        )}
        <Button component={Link} to={`/exercises/${exerciseId}`}>
          Change the exercise
        </Button>
      </PageHead>

      <div className={styles.chips} role="group" aria-label="Show">
        <Chip name="All" count={answers.students.length} pressed={filter === ''} onPress={() => set('cause', '')} />
        {causes.map(({ id, name, count }) => (
          <Chip key={id} name={name} count={count} pressed={filter === id} onPress={() => set('cause', filter === id ? '' : id)} />
        ))}
      </div>
      {write.isError && (
        <p role="alert" className={styles.failed}>
          {write.error.message}{' '}
          <button type="button" onClick={() => write.variables && write.mutate(write.variables)}>
            Write it again
          </button>
        </p>
      )}
      {leftOver && (
        <div role="alert" className={`sheet ${styles.leftOver}`}>
          <p>
            The pasted column was longer than the list: {leftOver.length} {leftOver.length === 1 ? 'line had' : 'lines had'} no student. The others are in. Nothing is lost; here is
            what was left over:
          </p>
          <pre>{leftOver.join('\n')}</pre>
          <Button onClick={() => setLeftOver(undefined)}>Put it away</Button>
        </div>
      )}

      <div className={styles.columns}>
        <div className={`sheet ${styles.gridBox}`}>
          <table className={styles.grid} ref={grid}>
            <thead>
              <tr>
                <th>Student</th>
                <th>
                  {part.id} · {part.prompt}
                </th>
                <th className={styles.number}>/ {part.marks}</th>
              </tr>
            </thead>
            <tbody>
              {rows.map(({ id, name, number }) => {
                const verdict = verdicts.get(id)!;
                return (
                  <tr key={id} data-selected={id === selectedId}>
                    <th scope="row">
                      {name} <span className="soft">{number}</span>
                    </th>
                    <td className={styles[verdictLooks[verdict.kind].tone]}>
                      <div className={styles.cell}>
                        <input
                          aria-label={`answer of ${name}`}
                          data-student={id}
                          value={textOf(id)}
                          autoComplete="off"
                          spellCheck={false}
                          placeholder="–"
                          onFocus={() => set('student', id)}
                          onChange={(event) => setTyping({ studentId: id, text: event.currentTarget.value })}
                          onBlur={leave}
                          onPaste={(event) => {
                            const text = event.clipboardData.getData('text');
                            if (!/[\n\t]/.test(text.trim())) return;
                            event.preventDefault();
                            paste(id, text);
                          }}
                          onKeyDown={(event) => {
                            if (event.key === 'ArrowDown' || event.key === 'Enter') move(id, 1);
                            else if (event.key === 'ArrowUp') move(id, -1);
                            else if (event.key === 'Escape') setTyping(undefined);
                            else return;
                            event.preventDefault();
                          }}
                        />
                        <VerdictMark verdict={verdict} />
                      </div>
                    </td>
                    <td className={`figures ${styles.number}`}>{marks(verdict)}</td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        </div>
        {selected && (
          <AnswerExplained
            name={selected.name}
            text={textOf(selected.id)}
            verdict={verdicts.get(selected.id)!}
            part={part}
            rules={chosen.rules}
            alike={sameCause(verdicts, selected.id)}
          />
        )}
      </div>
    </NumberStyleProvider>
  );
}

function checkAll(exercise: Exercise, texts: readonly string[], partId: string, chosen: KeptClass): Verdict[] {
  return checkHandIns(
    exercise,
    {},
    texts.map((text) => ({ [partId]: text })),
    chosen.rules,
  ).map((verdicts) => verdicts.find((verdict) => verdict.partId === partId)!);
}

/** What gathers answers: the likeliest slip, or the kind of verdict. */
function causeOf(verdict: Verdict): string {
  return verdict.explanations[0]?.slips.join('+') ?? verdict.kind;
}

function causesOf(verdicts: readonly Verdict[]): { id: string; name: string; count: number }[] {
  const found = new Map<string, { id: string; name: string; count: number }>();
  for (const verdict of verdicts) {
    const id = causeOf(verdict);
    const word = verdictLooks[verdict.kind].word;
    const name = verdict.explanations[0]?.title ?? `${word[0]!.toUpperCase()}${word.slice(1)}`;
    found.set(id, { id, name, count: (found.get(id)?.count ?? 0) + 1 });
  }
  return [...found.values()].sort((a, b) => b.count - a.count);
}

function sameCause(verdicts: ReadonlyMap<string, Verdict>, studentId: string): number {
  const cause = causeOf(verdicts.get(studentId)!);
  return [...verdicts.values()].filter((verdict) => causeOf(verdict) === cause).length;
}
