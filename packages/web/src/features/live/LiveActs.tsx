/** Beside the list: what can be done for the students that are chosen, the classroom, and what was done. */
import { Button } from '@mantine/core';
import type { Live, LiveStudent } from '@hardy-sextant/contract';
import { useState } from 'react';
import { teaches, useMe } from '../../api/session.ts';
import { Confirm } from '../../ui/Confirm.tsx';
import { Field } from '../../ui/Field.tsx';
import type { useLiveAct } from './liveRecords.ts';
import styles from './Live.module.css';
import { timeOfDay } from '../../ui/days.ts';
import { actWords } from './liveWords.ts';
import { say } from '../../words/say.ts';
import { Said } from '../../words/Said.tsx';

type Act = ReturnType<typeof useLiveAct>;

interface LiveActsProps {
  readonly live: Live;
  readonly chosen: readonly LiveStudent[];
  readonly act: Act;
}

export function LiveActs({ live, chosen, act }: LiveActsProps) {
  const isTeacher = teaches(useMe().data);
  return (
    <aside className="stack">
      {isTeacher && <Chosen chosen={chosen} act={act} />}
      {isTeacher && <Classroom live={live} act={act} />}
      <section className="sheet block" aria-label={say('What was done')}>
        <h2 className="label">{say('What was done')}</h2>
        {live.acts.length === 0 && (
          <p className="soft">{say('Nothing yet. Everything that is done here is kept, with who and when.')}</p>
        )}
        <ul className="list">
          {live.acts.slice(0, 14).map(({ at, by, act: done, who, says }, place) => (
            <li key={`${at} ${place}`}>
              <span className="figures soft">{timeOfDay(at)}</span>{' '}
              {[who, actWords[done] ?? done].filter(Boolean).join(': ')}
              {says && `, ${says}`} <span className="soft">{say('by {{by}}', { by })}</span>
            </li>
          ))}
        </ul>
      </section>
    </aside>
  );
}

const questions = {
  submit: {
    title: say('Submit for them?'),
    act: say('Submit for them'),
    says: say('What they have so far is submitted as it stands, with a receipt. It is kept that you did it.'),
  },
  reopen: {
    title: say('Open it again?'),
    act: say('Open it again'),
    says: say(
      'Their receipt is taken back and they may change their answers. Where the set is closed it is open to them for an hour from now.',
    ),
  },
  'take-late': {
    title: say('Take the late answers?'),
    act: say('Take them'),
    says: say(
      'What came after the set was closed counts from now on, in the place of what stood there. What stood there is kept.',
    ),
  },
  'leave-late': {
    title: say('Leave the late answers out?'),
    act: say('Leave them out'),
    says: say('What came after the set was closed does not count. The texts are kept.'),
  },
  'new-link': {
    title: say('Make another link?'),
    act: say('Make another link'),
    says: say(
      'The link before is worth nothing from now on, and whoever is in with it is out. The new one stands among the links and codes.',
    ),
  },
} as const;
type Asked = keyof typeof questions;

function Chosen({ chosen, act }: { readonly chosen: readonly LiveStudent[]; readonly act: Act }) {
  const [asked, setAsked] = useState<Asked>();
  const [minutes, setMinutes] = useState('30');
  const studentIds = chosen.map(({ id }) => id);
  const names =
    chosen.length <= 3
      ? chosen.map(({ name }) => name).join(', ')
      : say('{{chosen}} students', { chosen: chosen.length });
  const late = chosen.some(({ tooLate }) => tooLate > 0);
  const number = Number(minutes);
  const fits = /^\d{1,5}$/.test(minutes.trim()) && number <= 40_000;
  const question = asked && questions[asked];
  return (
    <section className="sheet block" aria-label={say('For those who are chosen')}>
      <h2 className="label">{chosen.length === 0 ? say('Choose students in the list') : names}</h2>
      <label className={styles.line}>
        {say('Extra time, in minutes')}
        <Field className="short" inputMode="numeric" value={minutes} aria-invalid={!fits} onText={setMinutes} />
        <Button
          disabled={chosen.length === 0 || !fits}
          onClick={() => act.mutate({ act: 'extra-time', studentIds, minutes: number })}
        >
          {say('Give it')}
        </Button>
      </label>
      {!fits && <p className="wrong">{say('Whole minutes, at most 40,000.')}</p>}
      <div className={styles.line}>
        <Button disabled={chosen.length === 0} onClick={() => setAsked('submit')}>
          {say('Submit for them')}
        </Button>
        <Button disabled={chosen.length === 0} onClick={() => setAsked('reopen')}>
          {say('Open it again')}
        </Button>
        {late && <Button onClick={() => setAsked('take-late')}>{say('Take late answers')}</Button>}
        {late && <Button onClick={() => setAsked('leave-late')}>{say('Leave them out')}</Button>}
        {chosen.length === 1 && <Button onClick={() => setAsked('new-link')}>{say('Another link')}</Button>}
      </div>
      {act.error && !asked && (
        <p role="alert" className="wrong">
          {act.error.message}
        </p>
      )}
      <Confirm
        opened={asked !== undefined}
        title={question?.title ?? ''}
        act={question?.act ?? ''}
        busy={act.isPending}
        error={act.error}
        onClose={() => setAsked(undefined)}
        onAct={() => asked && act.mutate({ act: asked, studentIds }, { onSuccess: () => setAsked(undefined) })}
      >
        <p>
          {names}: {question?.says}
        </p>
      </Confirm>
    </section>
  );
}

/** A word for everybody in the room: with it and their name students come in. */
function Classroom({ live: { classroom }, act }: { readonly live: Live; readonly act: Act }) {
  return (
    <section className="sheet block" aria-label={say('Classroom')}>
      <h2 className="label">{say('Classroom')}</h2>
      {classroom ? (
        <>
          <p>
            <Said
              text="Students go to <strong>{{host}}/in</strong> and type"
              values={{ host: window.location.host }}
              parts={{ strong: <strong /> }}
            />
          </p>
          <p className={styles.code}>{classroom.code}</p>
          <p className="soft">
            {say('Then each finds their name and types their number. Open until {{time}}.', {
              time: timeOfDay(classroom.endsAt),
            })}
          </p>
          <Button onClick={() => act.mutate({ act: 'close-classroom' })}>{say('Close the classroom')}</Button>
        </>
      ) : (
        <>
          <p className="soft">
            {say('One code for the whole room: each finds their own name, and proves it by their number.')}
          </p>
          <Button onClick={() => act.mutate({ act: 'open-classroom' })}>{say('Open a classroom')}</Button>
        </>
      )}
    </section>
  );
}
