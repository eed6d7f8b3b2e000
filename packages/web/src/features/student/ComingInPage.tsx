/** Where a student comes in: with the link of their own, the code on a paper, or a classroom's code and their name. */
import { readPaperCode } from '@hardy-sextant/core';
import { useSessionStorage } from '@mantine/hooks';
import type { ClassroomList, ComingIn } from '@hardy-sextant/contract';
import { useEffect, useRef, useState, type FormEvent } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { Act } from '../../student/Act.tsx';
import { useClassroom, useComeIn } from '../../student/studentRecords.ts';
import styles from '../../student/Student.module.css';
import { say } from '../../words/say.ts';
import { StudentFrame } from './StudentFrame.tsx';

/** A classroom's code has six letters, a paper's seven. */
const CLASSROOM_LENGTH = 6;

export function ComingInPage() {
  const navigate = useNavigate();
  // What stands behind # is never sent with the address, so it is in no log.
  const link = useLocation().hash.slice(1);
  const comeIn = useComeIn();
  const classroom = useClassroom();
  const enter = (body: ComingIn) =>
    comeIn.mutate(body, {
      onSuccess: ({ setId }) => void navigate(setId ? `/my/${setId}` : '/my', { replace: true }),
    });
  const tried = useRef('');
  useEffect(() => {
    if (link === '' || tried.current === link) return;
    tried.current = link;
    // A paper's picture has its code, a student's own link a longer word.
    enter(readPaperCode(link) === undefined ? { link } : { code: link });
  });
  // What is typed stands a reload, and a change of language.
  const [code, setCode] = useSessionStorage({
    key: 'hardy-sextant.code',
    defaultValue: '',
    getInitialValueInEffect: false,
  });
  const [list, setList] = useState<ClassroomList & { readonly code: string }>();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const plain = code.replace(/[^a-z0-9]/gi, '');
    if (plain.length === CLASSROOM_LENGTH)
      classroom.mutate(plain, { onSuccess: (found) => setList({ ...found, code: plain }) });
    else enter({ code });
  };
  const error = comeIn.error ?? classroom.error;
  return (
    <StudentFrame title={say('Come in')}>
      {link !== '' && !error && <p role="status">{say('Opening…')}</p>}
      {list ? (
        <Names list={list} busy={comeIn.isPending} onEnter={enter} onBack={() => setList(undefined)} />
      ) : (
        <form onSubmit={submit}>
          <TextField id="code" label={say('Code on your paper, or of your classroom')} value={code} onText={setCode} />
          <p className={styles['note']}>{say('Or open the link that your instructor gave you.')}</p>
          <Act type="submit" main disabled={code.trim().length < 4 || comeIn.isPending || classroom.isPending}>
            {say('Come in')}
          </Act>
        </form>
      )}
      {error && (
        <p role="alert" className={styles['wrong']}>
          {error.message}
        </p>
      )}
    </StudentFrame>
  );
}

interface NamesProps {
  readonly list: ClassroomList & { readonly code: string };
  readonly busy: boolean;
  readonly onEnter: (body: ComingIn) => void;
  readonly onBack: () => void;
}

/** Each finds their own name, and proves it by their number. */
function Names({ list, busy, onEnter, onBack }: NamesProps) {
  const [find, setFind] = useState('');
  const [chosen, setChosen] = useState<string>();
  const [number, setNumber] = useState('');
  const shown = list.students.filter(({ name }) => name.toLowerCase().includes(find.toLowerCase().trim()));
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        if (chosen) onEnter({ classroom: list.code, studentId: chosen, number });
      }}
    >
      <h2>
        {list.title} · {list.className}
      </h2>
      <TextField id="find" label={say('Who are you?')} hint={say('Find your name…')} value={find} onText={setFind} />
      <div className={styles['acts']} role="group" aria-label={say('Who are you?')}>
        {shown.slice(0, 60).map(({ id, name }) => (
          <Act key={id} aria-pressed={chosen === id} onClick={() => setChosen(id)}>
            {name}
          </Act>
        ))}
      </div>
      {chosen !== undefined && (
        <TextField id="number" label={say('Your student number')} value={number} onText={setNumber} />
      )}
      <div className={styles['acts']}>
        <Act type="submit" main disabled={chosen === undefined || number.trim() === '' || busy}>
          {say('Come in')}
        </Act>
        <Act onClick={onBack}>{say('Another code')}</Act>
      </div>
    </form>
  );
}

interface TextFieldProps {
  readonly id: string;
  readonly label: string;
  readonly hint?: string;
  readonly value: string;
  readonly onText: (text: string) => void;
}

function TextField({ id, label, hint, value, onText }: TextFieldProps) {
  return (
    <>
      <label className={styles['prompt']} htmlFor={id}>
        {label}
      </label>
      <div className={styles['field']} data-empty={value === ''}>
        <input
          id={id}
          value={value}
          placeholder={hint}
          maxLength={60}
          autoComplete="off"
          spellCheck={false}
          onChange={(event) => onText(event.currentTarget.value)}
        />
      </div>
    </>
  );
}
