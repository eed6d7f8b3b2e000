/** A set while students answer it: who has opened it, where they are, who has submitted; extra time, late answers, classroom. */
import { Button } from '@mantine/core';
import type { Live, LiveStudent } from '@hardy-sextant/contract';
import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { useSet } from '../../api/setRecords.ts';
import { PageHead } from '../../ui/PageHead.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { Failed, LoadingPage } from '../../ui/States.tsx';
import { LiveActs } from './LiveActs.tsx';
import { useLive, useLiveAct } from './liveRecords.ts';
import styles from './Live.module.css';
import { nearMoment, timeOfDay } from '../../ui/days.ts';
import { stateOf, states, type LiveState } from './liveWords.ts';
import { say } from '../../words/say.ts';
import { Said } from '../../words/Said.tsx';

export function LivePage() {
  const { setId = '' } = useParams();
  const set = useSet(setId);
  const live = useLive(setId);
  if (set.isError && !set.data) return <Failed what={say('set')} error={set.error} again={() => void set.refetch()} />;
  if (live.isError && !live.data)
    return <Failed what={say('set')} error={live.error} again={() => void live.refetch()} />;
  if (!set.data || !live.data) return <LoadingPage title={say('Live')} what={say('who is answering')} />;
  return (
    <>
      <PageHead
        title={say('{{title}}, live', { title: set.data.title })}
        where={
          <>
            <Link to="/sets">{say('Sets')}</Link> · <Link to={`/sets/${setId}`}>{set.data.title}</Link> ·{' '}
            {live.data.dueAt ? say('due {{when}}', { when: nearMoment(live.data.dueAt) }) : say('no due time')}
          </>
        }
        heading={<h1>{say('Live')}</h1>}
      >
        <Button component={Link} to={`/sets/${setId}/codes`}>
          {say('Links and codes')}
        </Button>
        <Button component={Link} to={`/sets/${setId}/marking`} variant="filled">
          {say('Mark')}
        </Button>
      </PageHead>
      {!set.data.document.online && (
        <p role="status" className="sheet block">
          <Said
            text="Students do not answer this set online. Say so on <to>the set</to> first."
            parts={{ to: <Link to={`/sets/${setId}`} /> }}
          />
        </p>
      )}
      {live.isError && (
        <p role="alert" className="wrong">
          {say('This is how it stood {{time}}: the server cannot be reached.', { time: timeOfDay(live.data.now) })}
        </p>
      )}
      <LiveDesk setId={setId} live={live.data} />
    </>
  );
}

function LiveDesk({ setId, live }: { readonly setId: string; readonly live: Live }) {
  const [search, setSearch] = useSearchParams();
  const show = search.get('show') ?? '';
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const act = useLiveAct(setId);
  const shown = live.students.filter((student) => show === '' || stateOf(student, live) === show);
  const counts = new Map<LiveState, number>();
  for (const student of live.students) {
    const state = stateOf(student, live);
    counts.set(state, (counts.get(state) ?? 0) + 1);
  }
  const toggle = (id: string) =>
    setChosen((before) =>
      before.has(id) ? new Set([...before].filter((each) => each !== id)) : new Set([...before, id]),
    );
  const allShown = shown.length > 0 && shown.every(({ id }) => chosen.has(id));
  return (
    <div className="beside">
      <section aria-label={say('Students')} className="sheet wide">
        <div className={styles.line}>
          <Pick
            label={say('which students')}
            value={show}
            options={[
              ['', say('all {{students}}', { students: live.students.length })],
              ...states.map(([state, words]) => [state as string, `${words}: ${counts.get(state) ?? 0}`] as const),
            ]}
            onPick={(next) => setSearch(next === '' ? {} : { show: next }, { replace: true })}
          />
          <span className="soft" role="status">
            {states
              .filter(([state]) => (counts.get(state) ?? 0) > 0)
              .map(([state, words]) => `${counts.get(state)} ${words}`)
              .join(' · ')}
          </span>
        </div>
        <table className="ledger">
          <Heads isAll={allShown} onAll={() => setChosen(allShown ? new Set() : new Set(shown.map(({ id }) => id)))} />
          <tbody>
            {shown.map((student) => (
              <Row
                key={student.id}
                setId={setId}
                student={student}
                live={live}
                isChosen={chosen.has(student.id)}
                onToggle={() => toggle(student.id)}
              />
            ))}
          </tbody>
        </table>
      </section>
      <LiveActs live={live} chosen={live.students.filter(({ id }) => chosen.has(id))} act={act} />
    </div>
  );
}

function Heads({ isAll, onAll }: { readonly isAll: boolean; readonly onAll: () => void }) {
  return (
    <thead>
      <tr>
        <th scope="col" className="words">
          <input type="checkbox" aria-label={say('choose all that are shown')} checked={isAll} onChange={onAll} />
        </th>
        <th scope="col" className="words">
          {say('Student')}
        </th>
        <th scope="col" className="words">
          {say('State')}
        </th>
        <th scope="col">{say('Answered')}</th>
        <th scope="col" className="words">
          {say('In part')}
        </th>
        <th scope="col">{say('Seen')}</th>
        <th scope="col" className="words">
          {say('Besides')}
        </th>
      </tr>
    </thead>
  );
}

interface RowProps {
  readonly setId: string;
  readonly student: LiveStudent;
  readonly live: Live;
  readonly isChosen: boolean;
  readonly onToggle: () => void;
}

function Row({ setId, student, live, isChosen, onToggle }: RowProps) {
  const state = stateOf(student, live);
  const besides = [
    student.extraMinutes > 0 ? say('{{extraMinutes}} min more', { extraMinutes: student.extraMinutes }) : '',
    student.minutesLate > 0 ? say('{{minutesLate}} min late', { minutesLate: student.minutesLate }) : '',
    student.tooLate > 0 ? say('{{tooLate}} too late', { tooLate: student.tooLate }) : '',
  ].filter((each) => each !== '');
  return (
    <tr data-state={state} className={styles.row}>
      <td className="words">
        <input
          type="checkbox"
          aria-label={say('choose {{name}}', { name: student.name })}
          checked={isChosen}
          onChange={onToggle}
        />
      </td>
      <td className="words">
        <Link to={`/sets/${setId}/live/${student.id}`}>{student.name}</Link>{' '}
        <span className="soft">{student.number}</span>
      </td>
      <td className="words">{states.find(([id]) => id === state)?.[1]}</td>
      <td>{say('{{answered}} of {{parts}}', { answered: student.answered, parts: live.parts })}</td>
      <td className="words">{student.place.replace('/', ' ')}</td>
      <td>{student.seenAt ? timeOfDay(student.seenAt) : '–'}</td>
      <td className="words">{besides.join(', ')}</td>
    </tr>
  );
}
