/** The library: exercises found by search, topic, level and what is asked; new ones from patterns; in and out as files. */
import { Button, Menu, Modal, TextInput } from '@mantine/core';
import { quantities, type Exercise, type Quantity, roundTo } from '@hardy-sextant/core';
import type { ImportReport, ListedExercise } from '@hardy-sextant/contract';
import { useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { PageHead } from '../../ui/PageHead.tsx';
import { Pages } from '../../ui/Pages.tsx';
import { UnreadableRows } from '../../ui/UnreadableRows.tsx';
import { saveExercises, useExercises, useImportExercises, useSets, useWriteExercise } from '../../ui/records.ts';

import { Empty, Failed, Loading } from '../../ui/States.tsx';
import { pageIn, useSearchSetting } from '../../ui/useSearchSetting.ts';
import { blankExercise } from './blank.ts';
import { topics } from './topics.ts';
import styles from './ExercisesPage.module.css';

const levels = { first: 'first steps', second: 'second steps', third: 'for the exam' } as const;
/** Larger files are refused before they are read. */
const LARGEST_FILE = 20_000_000;

/** What the address asks for. */
const askedBy = (search: URLSearchParams) => ({
  find: search.get('find') ?? '',
  topic: search.get('topic') ?? '',
  level: search.get('level') ?? '',
  asks: search.get('asks') ?? '',
  used: search.get('used') ?? '',
  archived: search.get('aside') === 'yes' ? ('yes' as const) : ('no' as const),
});

export function ExercisesPage() {
  const navigate = useNavigate();
  const [search, set] = useSearchSetting();
  const page = pageIn(search);
  const asked = askedBy(search);
  const exercises = useExercises({ ...asked, page });
  const write = useWriteExercise();
  const importFile = useImportExercises();
  const file = useRef<HTMLInputElement>(null);
  const [report, setReport] = useState<ImportReport>();
  const [problem, setProblem] = useState('');
  const shown = exercises.data?.rows ?? [];
  const total = exercises.data?.total ?? 0;
  // The newest sets to choose from, and the one that was chosen.
  const sets = useSets().data?.rows ?? [];
  const isThere = ['', 'none', ...sets.map(({ id }) => id)].includes(asked.used);
  const setChoices = isThere ? sets : [...sets, { id: asked.used, title: 'the set chosen before' }];
  const filtered = Object.values(asked).some((value) => value !== '' && value !== 'no');
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
        `“${chosen.name}” has ${roundTo(chosen.size / 1e6, 0)} MB; a file of exercises may have 20. Nothing was taken in.`,
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
          onClick={() => void saveExercises({ asked }).catch((error: Error) => setProblem(error.message))}
          disabled={total === 0}
        >
          Export {filtered ? `these ${total}` : 'all'}
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
          {(exercises.data?.asks ?? []).map((each) => (
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
          {setChoices.map(({ id, title }) => (
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
          {total} {total === 1 ? 'exercise' : 'exercises'}
        </span>
      </div>
      <UnreadableRows rows={exercises.data?.unreadable} />
      {exercises.isPending && <Loading what="your exercises" />}
      {exercises.isError && !exercises.data && (
        <Failed what="exercises" error={exercises.error} again={() => void exercises.refetch()} />
      )}
      {exercises.data && total === 0 && !filtered && (
        <Empty title="No exercises yet">
          <p>
            Start from a pattern, or <Link to="/bench">state a case on the Bench</Link> and make an exercise of it.
          </p>
        </Empty>
      )}
      {exercises.data && total === 0 && filtered && <p className="soft">Nothing fits. Take a filter away.</p>}
      <ul className={styles.list}>
        {shown.map((each) => (
          <Row key={each.id} exercise={each} />
        ))}
      </ul>
      <Pages
        of="exercises"
        total={total}
        page={exercises.data?.page ?? page}
        onPage={(to) => set('page', String(to))}
      />
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

function Row({ exercise }: { readonly exercise: ListedExercise }) {
  const { id, title, summary, topic, level, parts, marks, varies, sets } = exercise;
  return (
    <li className="sheet">
      <Link to={`/exercises/${id}`}>{title || 'Unnamed exercise'}</Link>
      <p className="soft">{summary}</p>
      <p className="soft">
        {topic && `${topic} · `}
        {level && `${levels[level]} · `}
        {parts} {parts === 1 ? 'part' : 'parts'} · {marks} marks
        {varies && ' · numbers vary'}
        {sets.newest.map((each, at) => (
          <span key={each.id}>
            {at === 0 ? ' · in ' : ', '}
            <Link to={`/sets/${each.id}`} className={styles.inSet}>
              {each.title}
            </Link>
          </span>
        ))}
        {sets.more && ' and others'}
      </p>
    </li>
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
