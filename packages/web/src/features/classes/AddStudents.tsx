/** Students added: typed or pasted as a list, or from a CSV file; doubles and rows that cannot be taken are listed. */
import { Button, FileButton, Modal, Textarea } from '@mantine/core';
import type { ClassWithStudents } from '@hardy-sextant/contract';
import { readRoster, readText, type ReadRows } from '@hardy-sextant/files';
import { useMemo, useRef, useState } from 'react';
import { Refusal } from '../../api/call.ts';
import { readFileRows } from '../../api/readFile.ts';
import { useWriteRoster } from '../../api/setRecords.ts';
import styles from './ClassPage.module.css';
import { many, say } from '../../words/say.ts';
import { Said } from '../../words/Said.tsx';

interface AddStudentsProps {
  readonly kept: ClassWithStudents;
  readonly onClose: () => void;
}

export default function AddStudents({ kept, onClose }: AddStudentsProps) {
  const write = useWriteRoster(kept.id);
  const { text, setText, file, dropFile, take, notes, read } = useRosterSource(kept);
  const refused = write.error instanceof Refusal ? (write.error.document.fields ?? []) : [];
  const { length: count } = read.students;
  return (
    <Modal opened onClose={onClose} size="lg" title={say('Add students to {{code}}', { code: kept.code })}>
      {file === undefined ? (
        <Textarea
          label={say('One student a line: name and number, parted by a comma or a tab')}
          description={say(
            'The first line may name the columns: name, number, section. Those of OneRoster’s users are known.',
          )}
          autosize
          minRows={6}
          maxRows={12}
          value={text}
          onChange={(event) => setText(event.currentTarget.value)}
          data-autofocus
        />
      ) : (
        <p>
          <Said text="From <strong>{{file}}</strong>." values={{ file }} parts={{ strong: <strong /> }} />{' '}
          <Button size="compact-sm" onClick={dropFile}>
            {say('Another')}
          </Button>
        </p>
      )}
      {notes.map((each) => (
        <p key={each} role="alert" className="wrong">
          {each}
        </p>
      ))}
      <WhatIsRead read={read} />
      {write.error && (
        <p role="alert" className="wrong">
          {say('{{message}} Nothing was added.', { message: refused[0]?.message ?? write.error.message })}
        </p>
      )}
      <div className="line">
        <Button
          variant="filled"
          disabled={count === 0}
          loading={write.isPending}
          onClick={() => write.mutate({ revision: kept.revision, add: [...read.students] }, { onSuccess: onClose })}
        >
          {many(count, 'Add 1 student', 'Add {{count}} students')}
        </Button>
        <TakeFile onTake={take} />
      </div>
    </Modal>
  );
}

/** Rows from the field or from a file, and the students in them. */
function useRosterSource(kept: ClassWithStudents) {
  const [text, setText] = useState('');
  const [file, setFile] = useState<ReadRows & { readonly name: string }>();
  const [problem, setProblem] = useState('');
  const source = useMemo((): ReadRows => file ?? readOrSay(text), [file, text]);
  const read = useMemo(() => readRoster(source.rows, kept.roster), [source, kept.roster]);
  const take = (chosen: File) =>
    void readFileRows(chosen).then(
      (rows) => {
        setProblem('');
        setFile({ ...rows, name: chosen.name });
      },
      (error: Error) => setProblem(error.message),
    );
  const notes = [problem, ...source.notes].filter((each) => each !== '');
  return { text, setText, file: file?.name, dropFile: () => setFile(undefined), take, notes, read };
}

/** What was typed as rows; why it cannot be one, as a note. */
function readOrSay(text: string): ReadRows {
  try {
    return readText(text);
  } catch (error) {
    return { rows: [], notes: [error instanceof Error ? error.message : say('This cannot be read.')] };
  }
}

function TakeFile({ onTake }: { readonly onTake: (file: File) => void }) {
  // The same file chosen again is read again.
  const again = useRef<() => void>(null);
  const take = (chosen: File | null) => {
    if (!chosen) return;
    again.current?.();
    onTake(chosen);
  };
  return (
    <FileButton
      resetRef={again}
      onChange={take}
      accept=".csv,.tsv,.txt,.xlsx"
      inputProps={{ 'aria-label': say('a file with a roster') }}
    >
      {(props) => <Button {...props}>{say('Take a CSV file or a workbook')}</Button>}
    </FileButton>
  );
}

function WhatIsRead({ read: { students, known, refused } }: { readonly read: ReturnType<typeof readRoster> }) {
  const first = students.slice(0, 3).map(({ name, number }) => `${name} (${number})`);
  return (
    <>
      {(students.length > 0 || known > 0) && (
        <p role="status">
          {many(students.length, '{{count}} student to add', '{{count}} students to add')}
          {known > 0 && `, ${say('{{known}} there already', { known })}`}
          {first.length > 0 && `: ${first.join(', ')}${students.length > 3 ? '…' : ''}`}
        </p>
      )}
      {refused.length > 0 && (
        <section aria-label={say('Rows that are not taken')}>
          <h3 className="label">{say('Rows that are not taken')}</h3>
          <ul className={styles.refused}>
            {refused.map(({ place, text, why }) => (
              <li key={place}>
                <Said
                  text="Line {{place}}: {{text}}. <span>{{why}}</span>"
                  values={{ place, text, why }}
                  parts={{ span: <span className="soft" /> }}
                />
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
