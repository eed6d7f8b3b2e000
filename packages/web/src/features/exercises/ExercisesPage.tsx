/** The library: exercises found by search, topic, level and what is asked; new ones from patterns; in and out as files. */
import { Button, Menu } from '@mantine/core';
import { isQuantity, quantities, type Exercise, topics } from '@hardy-sextant/core';
import type { ListedExercise } from '@hardy-sextant/contract';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { FindField } from '../../ui/FindField.tsx';
import { PageHead } from '../../ui/PageHead.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { Pages } from '../../ui/Pages.tsx';
import { UnreadableRows } from '../../ui/UnreadableRows.tsx';
import { useExercises, useSets, useWriteExercise } from '../../api/records.ts';

import { Empty, Failed, Loading } from '../../ui/States.tsx';
import { pageIn, useSearchSetting } from '../../ui/useSearchSetting.ts';
import { blankExercise } from './blank.ts';
import { ExportMenu, ImportFile } from './LibraryFiles.tsx';
import styles from './ExercisesPage.module.css';
import { many, say } from '../../words/say.ts';
import { Said } from '../../words/Said.tsx';

const levels = { first: say('first steps'), second: say('second steps'), third: say('for the exam') } as const;

/** What the address asks for. */
const askedBy = (search: URLSearchParams) => ({
  find: search.get('find') ?? '',
  topic: search.get('topic') ?? '',
  level: search.get('level') ?? '',
  asks: search.get('asks') ?? '',
  used: search.get('used') ?? '',
  archived: search.get('aside') === 'yes' ? ('yes' as const) : ('no' as const),
});

type Asked = ReturnType<typeof askedBy>;
type Setting = (name: string, value: string) => void;

export function ExercisesPage() {
  const [search, set] = useSearchSetting();
  const asked = askedBy(search);
  const page = pageIn(search);
  const exercises = useExercises({ ...asked, page });
  const [problem, setProblem] = useState('');
  const total = exercises.data?.total ?? 0;
  const filtered = Object.values(asked).some((value) => value !== '' && value !== 'no');
  return (
    <>
      <Head asked={asked} total={total} filtered={filtered} onProblem={setProblem} />
      {problem && (
        <p role="alert" className="wrong">
          {problem}
        </p>
      )}
      <Filters asked={asked} asks={exercises.data?.asks ?? []} total={total} onChange={set} />
      <UnreadableRows rows={exercises.data?.unreadable} />
      {exercises.isPending && <Loading what={say('your exercises')} />}
      {exercises.isError && !exercises.data && (
        <Failed what={say('exercises')} error={exercises.error} again={() => void exercises.refetch()} />
      )}
      {exercises.data && total === 0 && !filtered && (
        <Empty title={say('No exercises yet')}>
          <p>
            <Said
              text="<to>Paste a problem</to>, start from a pattern, or <to2>state a case on the Bench</to2> and make an exercise of it."
              parts={{ to: <Link to="/exercises/from-text" />, to2: <Link to="/bench" /> }}
            />
          </p>
        </Empty>
      )}
      {exercises.data && total === 0 && filtered && <p className="soft">{say('Nothing fits. Take a filter away.')}</p>}
      <ul className={styles.list}>
        {exercises.data?.rows.map((each) => (
          <Row key={each.id} exercise={each} />
        ))}
      </ul>
      <Pages
        of="exercises"
        total={total}
        page={exercises.data?.page ?? page}
        onPage={(to) => set('page', String(to))}
      />
    </>
  );
}

interface HeadProps {
  readonly asked: Asked;
  readonly total: number;
  readonly filtered: boolean;
  readonly onProblem: (problem: string) => void;
}

/** Files in and out, and the ways to begin an exercise. */
function Head({ asked, total, filtered, onProblem }: HeadProps) {
  const navigate = useNavigate();
  const write = useWriteExercise();
  const begin = async (exercise: Exercise) => {
    const made = await write.mutateAsync({ document: { schemaVersion: 2, exercise } });
    void navigate(`/exercises/${made.id}`);
  };
  const fromPattern = async (title: string) => {
    const { starterExercises } = await import('@hardy-sextant/core/starters');
    const pattern = starterExercises.find((each) => each.title === title);
    if (pattern) await begin(pattern);
  };
  return (
    <PageHead title={say('Exercises')}>
      <Button component={Link} to="/bin">
        {say('Bin')}
      </Button>
      <Button component={Link} to="/exercises/from-text">
        {say('Paste a problem')}
      </Button>
      <ImportFile onProblem={onProblem} />
      <ExportMenu asked={asked} total={total} filtered={filtered} onProblem={onProblem} />
      <PatternMenu
        onBlank={() => void begin(blankExercise()).catch(() => undefined)}
        onPattern={(title) => void fromPattern(title).catch(() => undefined)}
      />
    </PageHead>
  );
}

interface FiltersProps {
  readonly asked: Asked;
  /** Everything that an exercise asks for. */
  readonly asks: readonly string[];
  readonly total: number;
  readonly onChange: Setting;
}

function Filters({ asked, asks, total, onChange }: FiltersProps) {
  const titleOf = (id: string): string => (isQuantity(id) ? quantities[id].title : id);
  const same = (name: string): readonly [string, string] => [name, name];
  return (
    <div className="line small filters">
      <FindField
        label={say('find exercises')}
        placeholder={say('Find…')}
        find={asked.find}
        onFind={(text) => onChange('find', text)}
      />
      <Pick
        label={say('topic')}
        value={asked.topic}
        options={[['', say('every topic')], ...topics.map(same)]}
        onPick={(topic) => onChange('topic', topic)}
      />
      <Pick
        label={say('level')}
        value={asked.level}
        options={[['', say('every level')], ...Object.entries(levels)]}
        onPick={(level) => onChange('level', level)}
      />
      <Pick
        label={say('what is asked')}
        value={asked.asks}
        options={[['', say('whatever is asked')], ...asks.map((id) => [id, titleOf(id)] as const)]}
        onPick={(id) => onChange('asks', id)}
      />
      <UsedIn used={asked.used} onPick={(used) => onChange('used', used)} />
      <label>
        <input
          type="checkbox"
          checked={asked.archived === 'yes'}
          onChange={(event) => onChange('aside', event.currentTarget.checked ? 'yes' : '')}
        />{' '}
        {say('archived')}
      </label>
      <span className="soft" role="status">
        {many(total, '{{count}} exercise', '{{count}} exercises')}
      </span>
    </div>
  );
}

/** The newest sets to choose from, and the one that was chosen. */
function UsedIn({ used, onPick }: { readonly used: string; readonly onPick: (used: string) => void }) {
  const sets = useSets().data?.rows ?? [];
  const choices: readonly (readonly [string, string])[] = [
    ['', say('in any set or none')],
    ['none', say('in no set yet')],
    ...sets.map(({ id, title }) => [id, say('in {{title}}', { title })] as const),
  ];
  const isThere = choices.some(([id]) => id === used);
  const options = isThere ? choices : [...choices, [used, say('in the set chosen before')] as const];
  return <Pick label={say('used in')} value={used} options={options} onPick={onPick} />;
}

function Row({ exercise }: { readonly exercise: ListedExercise }) {
  const { id, title, summary, topic, level, parts, marks, varies, sets } = exercise;
  return (
    <li className="sheet">
      <Link to={`/exercises/${id}`}>{title || say('Unnamed exercise')}</Link>
      <p className="soft">{summary}</p>
      <p className="soft">
        {topic && `${topic} · `}
        {level && `${levels[level]} · `}
        {many(parts, '{{count}} part · {{marks}} marks', '{{count}} parts · {{marks}} marks', { marks })}
        {varies && ` · ${say('numbers vary')}`}
        {sets.newest.map((each, at) => (
          <span key={each.id}>
            {at === 0 ? ` · ${say('in')} ` : ', '}
            <Link to={`/sets/${each.id}`} className={styles.inSet}>
              {each.title}
            </Link>
          </span>
        ))}
        {sets.more && `, ${say('and others')}`}
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
        <Button variant="filled">{say('Start from ▾')}</Button>
      </Menu.Target>
      <Menu.Dropdown mah={420} style={{ overflowY: 'auto' }}>
        <Menu.Item component={Link} to="/exercises/from-text">
          {say('A problem’s text, pasted')}
        </Menu.Item>
        <Menu.Item onClick={onBlank}>{say('A blank sheet')}</Menu.Item>
        <Menu.Item component={Link} to="/bench">
          {say('A case on the Bench')}
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
