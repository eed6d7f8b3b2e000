/** The library: exercises found by search, topic, level and what is asked; new ones from patterns; in and out as files. */
import { Button, Menu, Modal, TextInput } from '@mantine/core';
import { quantities, storyText, type Exercise, type Quantity, roundTo } from '@hardy-sextant/core';
import type { ImportReport, KeptExercise, ListedSet } from '@hardy-sextant/contract';
import { useMemo, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { exerciseSummary } from '../../ui/exerciseSummary.ts';
import { PageHead } from '../../ui/PageHead.tsx';
import { UnreadableRows } from '../../ui/UnreadableRows.tsx';
import { saveExercises, useExercises, useImportExercises, useWriteExercise, useSets } from '../../ui/records.ts';

import { Empty, Failed, Loading } from '../../ui/States.tsx';
import { useSearchSetting } from '../../ui/useSearchSetting.ts';
import { blankExercise } from './blank.ts';
import { topics } from './topics.ts';
import styles from './ExercisesPage.module.css';

const levels = { first: 'first steps', second: 'second steps', third: 'for the exam' } as const;
/** Larger files are refused before they are read. */
const LARGEST_FILE = 8_000_000;

function asked(exercise: Exercise): string[] {
  return [...new Set(exercise.parts.map(({ ask }) => ('of' in ask ? ask.of : ask.quantity)))];
}

/** By exercise, the sets it is in. */
type SetsOf = ReadonlyMap<string, readonly ListedSet[]>;

function found(kept: KeptExercise, search: URLSearchParams, setsOf: SetsOf): boolean {
  const used = search.get('used') ?? '';
  const sets = setsOf.get(kept.id) ?? [];
  const { exercise } = kept.document;
  const words = (search.get('find') ?? '').toLowerCase().trim();
  const text =
    `${exercise.title} ${exercise.topic ?? ''} ${storyText(exercise.story)} ${exercise.parts.map(({ prompt }) => prompt).join(' ')}`.toLowerCase();
  return (
    kept.archived === (search.get('aside') === 'yes') &&
    words.split(/\s+/).every((word) => text.includes(word)) &&
    (!search.get('topic') || exercise.topic === search.get('topic')) &&
    (!search.get('level') || exercise.level === search.get('level')) &&
    (used === '' || (used === 'none' ? sets.length === 0 : sets.some(({ id }) => id === used))) &&
    (!search.get('asks') || asked(exercise).includes(search.get('asks')!))
  );
}

export function ExercisesPage() {
  const exercises = useExercises();
  const navigate = useNavigate();
  const [search, set] = useSearchSetting();
  const write = useWriteExercise();
  const importFile = useImportExercises();
  const file = useRef<HTMLInputElement>(null);
  const [report, setReport] = useState<ImportReport>();
  const [problem, setProblem] = useState('');
  const sets = useSets();
  const setsOf = useMemo((): SetsOf => {
    const byExercise = new Map<string, ListedSet[]>();
    for (const each of sets.data ?? [])
      for (const id of new Set(each.document.items.map(({ exerciseId }) => exerciseId)))
        byExercise.set(id, [...(byExercise.get(id) ?? []), each]);
    return byExercise;
  }, [sets.data]);
  const shown = useMemo(
    () => (exercises.data ?? []).filter((kept) => found(kept, search, setsOf)),
    [exercises.data, search, setsOf],
  );
  const allAsked = useMemo(
    () => [...new Set((exercises.data ?? []).flatMap(({ document }) => asked(document.exercise)))].sort(),
    [exercises.data],
  );
  const begin = async (exercise: Exercise) => {
    const made = await write.mutateAsync({ document: { schemaVersion: 2, exercise } });
    void navigate(`/exercises/${made.id}`);
  };
  const fromPattern = async (title: string) => {
    const { starterExercises } = await import('@hardy-sextant/core/starters');
    const pattern = starterExercises.find((each) => each.title === title);
    if (pattern) await begin(pattern);
  };
  const take = async (chosen: File | undefined) => {
    setProblem('');
    if (!chosen) return;
    if (chosen.size > LARGEST_FILE)
      return setProblem(
        `“${chosen.name}” has ${roundTo(chosen.size / 1e6, 0)} MB; a file of exercises may have 8. Nothing was taken in.`,
      );
    let content: unknown;
    try {
      content = JSON.parse(await chosen.text());
    } catch {
      return setProblem(`“${chosen.name}” is not JSON. Nothing was taken in.`);
    }
    try {
      setReport(await importFile.mutateAsync(content));
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'The file could not be taken in.');
    }
  };
  return (
    <>
      <PageHead title="Exercises">
        <Button component={Link} to="/bin">
          Bin
        </Button>
        <input
          ref={file}
          type="file"
          accept=".json,application/json"
          hidden
          aria-label="a file of exercises"
          onChange={(event) =>
            void take(event.currentTarget.files?.[0]).finally(() => file.current && (file.current.value = ''))
          }
        />
        <Button onClick={() => file.current?.click()} loading={importFile.isPending}>
          Import a file
        </Button>
        <Button
          onClick={() =>
            void saveExercises(shown.map(({ id }) => id)).catch((error: Error) => setProblem(error.message))
          }
          disabled={shown.length === 0}
        >
          Export {shown.length === exercises.data?.length ? 'all' : 'these'}
        </Button>
        <PatternMenu
          onBlank={() => void begin(blankExercise()).catch(() => undefined)}
          onPattern={(title) => void fromPattern(title).catch(() => undefined)}
        />
      </PageHead>
      {problem && (
        <p role="alert" className={styles.problem}>
          {problem}
        </p>
      )}
      <div className={styles.filters}>
        <TextInput
          aria-label="find exercises"
          placeholder="Find…"
          value={search.get('find') ?? ''}
          onChange={(event) => set('find', event.currentTarget.value)}
        />
        <select
          aria-label="topic"
          value={search.get('topic') ?? ''}
          onChange={(event) => set('topic', event.currentTarget.value)}
        >
          <option value="">every topic</option>
          {topics.map((topic) => (
            <option key={topic}>{topic}</option>
          ))}
        </select>
        <select
          aria-label="level"
          value={search.get('level') ?? ''}
          onChange={(event) => set('level', event.currentTarget.value)}
        >
          <option value="">every level</option>
          {Object.entries(levels).map(([id, words]) => (
            <option key={id} value={id}>
              {words}
            </option>
          ))}
        </select>
        <select
          aria-label="what is asked"
          value={search.get('asks') ?? ''}
          onChange={(event) => set('asks', event.currentTarget.value)}
        >
          <option value="">whatever is asked</option>
          {allAsked.map((each) => (
            <option key={each} value={each}>
              {each in quantities ? quantities[each as Quantity].title : each}
            </option>
          ))}
        </select>
        <select
          aria-label="used in"
          value={search.get('used') ?? ''}
          onChange={(event) => set('used', event.currentTarget.value)}
        >
          <option value="">in any set or none</option>
          <option value="none">in no set yet</option>
          {sets.data?.map(({ id, title }) => (
            <option key={id} value={id}>
              in {title}
            </option>
          ))}
        </select>
        <label>
          <input
            type="checkbox"
            checked={search.get('aside') === 'yes'}
            onChange={(event) => set('aside', event.currentTarget.checked ? 'yes' : '')}
          />{' '}
          archived
        </label>
        <span className="soft" role="status">
          {shown.length} {shown.length === 1 ? 'exercise' : 'exercises'}
        </span>
      </div>
      <UnreadableRows list="exercises" />
      {exercises.isPending && <Loading what="your exercises" />}
      {exercises.isError && !exercises.data && (
        <Failed what="exercises" error={exercises.error} again={() => void exercises.refetch()} />
      )}
      {exercises.data?.length === 0 && (
        <Empty title="No exercises yet">
          <p>
            Start from a pattern, or <Link to="/bench">state a case on the Bench</Link> and make an exercise of it.
          </p>
        </Empty>
      )}
      {exercises.data && exercises.data.length > 0 && shown.length === 0 && (
        <p className="soft">Nothing fits. Take a filter away.</p>
      )}
      <ul className={styles.list}>
        {shown.map(({ id, document: { exercise } }) => (
          <li key={id} className="sheet">
            <Link to={`/exercises/${id}`}>{exercise.title || 'Unnamed exercise'}</Link>
            <p className="soft">{exerciseSummary(exercise)}</p>
            <p className="soft">
              {exercise.topic && `${exercise.topic} · `}
              {exercise.level && `${levels[exercise.level]} · `}
              {exercise.parts.length} {exercise.parts.length === 1 ? 'part' : 'parts'} ·{' '}
              {exercise.parts.reduce((sum, part) => sum + part.marks, 0)} marks
              {(exercise.givens ?? []).some(({ vary }) => vary.by !== 'fixed') && ' · numbers vary'}
              {(setsOf.get(id) ?? []).map((each, at) => (
                <span key={each.id}>
                  {at === 0 ? ' · in ' : ', '}
                  <Link to={`/sets/${each.id}`} className={styles.inSet}>
                    {each.title}
                  </Link>
                </span>
              ))}
            </p>
          </li>
        ))}
      </ul>
      <Modal opened={report !== undefined} onClose={() => setReport(undefined)} title="Imported">
        {report && (
          <>
            <p>
              {report.taken.length} {report.taken.length === 1 ? 'exercise was' : 'exercises were'} taken in.
              {report.refused.length > 0 &&
                ` ${report.refused.length} could not be read; nothing of them is lost, they are still in your file:`}
            </p>
            {report.refused.map(({ place, title, problems }) => (
              <div key={place}>
                <strong>
                  No. {place + 1} {title && `“${title}”`}
                </strong>
                <ul>
                  {problems.map(({ path, message }) => (
                    <li key={path + message}>
                      {path || 'the whole'}: {message}
                    </li>
                  ))}
                </ul>
              </div>
            ))}
          </>
        )}
      </Modal>
    </>
  );
}

/** Kinds of case one can start from. */
function PatternMenu({
  onBlank,
  onPattern,
}: {
  readonly onBlank: () => void;
  readonly onPattern: (title: string) => void;
}) {
  const [patterns, setPatterns] = useState<readonly { words: string; title: string }[]>([]);
  const load = () => void import('@hardy-sextant/core/starters').then((starters) => setPatterns(starters.patterns));
  return (
    <Menu position="bottom-end" shadow="sm" onOpen={load}>
      <Menu.Target>
        <Button variant="filled">Start from ▾</Button>
      </Menu.Target>
      <Menu.Dropdown mah={420} style={{ overflowY: 'auto' }}>
        <Menu.Item onClick={onBlank}>A blank sheet</Menu.Item>
        <Menu.Item component={Link} to="/bench">
          A case on the Bench
        </Menu.Item>
        <Menu.Divider />
        {patterns.map(({ words, title }) => (
          <Menu.Item key={title} onClick={() => onPattern(title)}>
            {words}
          </Menu.Item>
        ))}
      </Menu.Dropdown>
    </Menu>
  );
}
