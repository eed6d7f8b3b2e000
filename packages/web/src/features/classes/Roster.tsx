/** The students of a class: renamed in place, withdrawn and back, erased for good. */
import { Button } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import type { ClassWithStudents, Student } from '@hardy-sextant/contract';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { Refusal } from '../../api/call.ts';
import { useWriteRoster } from '../../api/setRecords.ts';
import { Confirm } from '../../ui/Confirm.tsx';
import { RowButton } from '../../ui/RowButton.tsx';
import { showUndo } from '../../ui/showUndo.tsx';
import { Field } from '../../ui/Field.tsx';
import { say } from '../../words/say.ts';
import { tellAfter } from '../../api/tellAfter.ts';

export function Roster({ kept, onAdd }: { readonly kept: ClassWithStudents; readonly onAdd: () => void }) {
  const { typing, type, store, error, isStale, lookAgain, withdraw, readmit, erase } = useRoster(kept);
  const [going, setGoing] = useState<Student>();
  const left = kept.roster.filter(({ withdrawn }) => withdrawn);
  if (kept.roster.length === 0)
    return (
      <div className="sheet block">
        <h2 className="called">{say('Nobody is in this class yet')}</h2>
        <p>{say('Paste the roster from wherever it is, type it, or take a CSV file.')}</p>
        <Button onClick={onAdd}>{say('Add students')}</Button>
      </div>
    );
  return (
    <div>
      {error !== undefined && (
        <p role="alert" className="wrong">
          {say('{{error}} It is not stored; what you typed stands below.', { error })}{' '}
          {isStale && (
            <Button size="compact-xs" onClick={lookAgain}>
              {say('Show the roster as it is now')}
            </Button>
          )}
        </p>
      )}
      <RosterTable>
        {kept.roster
          .filter(({ withdrawn }) => !withdrawn)
          .map((student) => (
            <StudentRow
              key={student.id}
              student={student}
              typed={typing?.id === student.id ? typing : student}
              onType={type}
              onStore={store}
              onWithdraw={withdraw}
              onErase={setGoing}
            />
          ))}
      </RosterTable>
      {left.length > 0 && <Withdrawn students={left} onReadmit={readmit} onErase={setGoing} />}
      <Confirm
        opened={going !== undefined}
        title={say('Erase {{name}}?', { name: going?.name ?? '' })}
        act={say('Erase for good')}
        danger
        onClose={() => setGoing(undefined)}
        onAct={() => {
          if (going) erase(going);
          setGoing(undefined);
        }}
      >
        <p>
          {say(
            'Their answers and marks in every set of this class are erased with them. This cannot be undone. Who only leaves the class is withdrawn, and keeps them.',
          )}
        </p>
      </Confirm>
    </div>
  );
}

function RosterTable({ children }: { readonly children: ReactNode }) {
  return (
    <table className="ledger sheet tight">
      <caption className="visually-hidden">{say('Students')}</caption>
      <thead>
        <tr>
          <th className="words">{say('Name')}</th>
          <th className="words">{say('Number')}</th>
          <th className="words">{say('Section')}</th>
          <th>
            <span className="visually-hidden">{say('What can be done')}</span>
          </th>
        </tr>
      </thead>
      <tbody>{children}</tbody>
    </table>
  );
}

/** The student who is typed over, and what can be done with students; each write says which state of the roster it is about. */
function useRoster(kept: ClassWithStudents) {
  const write = useWriteRoster(kept.id);
  const queries = useQueryClient();
  const { typing, type, store, lookAnew } = useTypedStudent(kept, write);
  const refused = write.error instanceof Refusal ? write.error : undefined;
  return {
    typing,
    type,
    store,
    error: refused?.document.fields?.[0]?.message ?? write.error?.message,
    isStale: refused?.isStale ?? false,
    lookAgain: () => {
      lookAnew();
      void queries.invalidateQueries({ queryKey: ['classes', kept.id] }).then(() => write.reset());
    },
    withdraw: ({ id, name }: Student) =>
      tellAfter(write.mutateAsync({ revision: kept.revision, withdraw: [id] }), ({ revision }) =>
        showUndo(say('{{name}} has withdrawn; answers and marks are kept.', { name }), () =>
          write.mutateAsync({ revision, readmit: [id] }),
        ),
      ),
    readmit: ({ id }: Student) => write.mutate({ revision: kept.revision, readmit: [id] }),
    erase: ({ id, name }: Student) =>
      tellAfter(write.mutateAsync({ revision: kept.revision, remove: [id] }), () =>
        notifications.show({ message: say('{{name}} is erased.', { name }) }),
      ),
  };
}

/** What is typed over a student, stored one write after the other, each on what the one before has made. */
function useTypedStudent(kept: ClassWithStudents, write: ReturnType<typeof useWriteRoster>) {
  const [typing, setTyping] = useState<Student>();
  // What was typed is based on the roster as it stood when the typing began; after a refusal, on what stands now.
  const seen = useRef(kept.revision);
  const isIdle = !typing && !write.isPending;
  useEffect(() => {
    if (isIdle) seen.current = kept.revision;
  }, [isIdle, kept.revision]);
  const writing = useRef<Promise<unknown>>(Promise.resolve());
  const sent = useRef<Student>(undefined);
  const store = () => {
    const before = kept.roster.find(({ id }) => id === typing?.id);
    if (!typing || !before) return;
    const { id, name, number, section } = typing;
    const same = name.trim() === before.name && number.trim() === before.number && section.trim() === before.section;
    if (same) return setTyping(undefined);
    if (sent.current === typing) return;
    sent.current = typing;
    const send = async () => {
      const change = [{ id, name, number, section }];
      const { revision } = await write.mutateAsync({ revision: seen.current, change });
      seen.current = revision;
      // What is typed into another row meanwhile stays.
      setTyping((now) => (now === typing ? undefined : now));
    };
    writing.current = writing.current.then(send).catch(() => {
      sent.current = undefined;
    });
  };
  const lookAnew = () => {
    seen.current = kept.revision;
  };
  return { typing, type: setTyping, store, lookAnew };
}

interface StudentRowProps {
  readonly student: Student;
  /** As it stands in its fields. */
  readonly typed: Student;
  readonly onType: (student: Student | undefined) => void;
  readonly onStore: () => void;
  readonly onWithdraw: (student: Student) => void;
  readonly onErase: (student: Student) => void;
}

function StudentRow({ student, typed, onType, onStore, onWithdraw, onErase }: StudentRowProps) {
  return (
    <tr>
      {(['name', 'number', 'section'] as const).map((field) => (
        <td key={field} className="words">
          <Field
            className="quiet long"
            label={say('{{field}} of {{name}}', { field, name: student.name })}
            value={typed[field]}
            maxLength={field === 'section' ? 30 : 120}
            onText={(text) => onType({ ...typed, [field]: text })}
            onBlur={onStore}
            onKeyDown={(event) => {
              if (event.key === 'Enter') onStore();
              if (event.key === 'Escape') onType(undefined);
            }}
          />
        </td>
      ))}
      <td>
        <RowButton
          label={say('{{name}} has withdrawn', { name: student.name })}
          title={say('Leaves the class; answers and marks are kept')}
          onAct={() => onWithdraw(student)}
        >
          {say('Withdraw')}
        </RowButton>
        <RowButton label={say('erase {{name}}', { name: student.name })} onAct={() => onErase(student)}>
          {say('Erase')}
        </RowButton>
      </td>
    </tr>
  );
}

interface WithdrawnProps {
  readonly students: readonly Student[];
  readonly onReadmit: (student: Student) => void;
  readonly onErase: (student: Student) => void;
}

function Withdrawn({ students, onReadmit, onErase }: WithdrawnProps) {
  return (
    <section aria-label={say('Withdrawn')}>
      <h2 className="label">{say('Withdrawn')}</h2>
      <ul className="list">
        {students.map((student) => (
          <li key={student.id}>
            {student.name}, <span className="soft">{student.number}</span>{' '}
            <RowButton label={say('{{name}} is back', { name: student.name })} onAct={() => onReadmit(student)}>
              {say('Is back')}
            </RowButton>
            <RowButton label={say('erase {{name}}', { name: student.name })} onAct={() => onErase(student)}>
              {say('Erase')}
            </RowButton>
          </li>
        ))}
      </ul>
    </section>
  );
}
