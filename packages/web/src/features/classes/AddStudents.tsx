/** Students added: typed or pasted as a list, or from a CSV file; doubles and rows that cannot be taken are listed. */
import { Button, FileButton, Modal, Textarea } from '@mantine/core';
import type { ClassWithStudents } from '@hardy-sextant/contract';
import { readRoster, readText, type ReadRows } from '@hardy-sextant/files';
import { useMemo, useRef, useState } from 'react';
import { Refusal } from '../../ui/api.ts';
import { readFileRows } from '../../ui/readFile.ts';
import { useWriteRoster } from '../../ui/setRecords.ts';
import styles from './ClassPage.module.css';

/** What was typed as rows; why it cannot be one, as a note. */
function readOrSay(text: string): ReadRows {
  try {
    return readText(text);
  } catch (error) {
    return { rows: [], notes: [(error as Error).message] };
  }
}

export default function AddStudents({
  kept,
  onClose,
}: {
  readonly kept: ClassWithStudents;
  readonly onClose: () => void;
}) {
  const write = useWriteRoster(kept.id);
  const [text, setText] = useState('');
  const [file, setFile] = useState<ReadRows & { readonly name: string }>();
  const [problem, setProblem] = useState('');
  const source = useMemo((): ReadRows => file ?? readOrSay(text), [file, text]);
  const read = useMemo(() => readRoster(source.rows, kept.roster), [source, kept.roster]);
  // The same file chosen again is read again.
  const again = useRef<() => void>(null);
  const take = (chosen: File | null) => {
    if (!chosen) return;
    again.current?.();
    readFileRows(chosen).then(
      (rows) => {
        setProblem('');
        setFile({ ...rows, name: chosen.name });
      },
      (error: Error) => setProblem(error.message),
    );
  };
  const refused = write.error instanceof Refusal ? (write.error.document.fields ?? []) : [];
  return (
    <Modal opened onClose={onClose} size="lg" title={`Add students to ${kept.code}`}>
      {file ? (
        <p>
          From <strong>{file.name}</strong>.{' '}
          <Button size="compact-sm" onClick={() => setFile(undefined)}>
            Another
          </Button>
        </p>
      ) : (
        <Textarea
          label="One student a line: name and number, parted by a comma or a tab"
          description="The first line may name the columns; those of OneRoster’s users are known."
          autosize
          minRows={6}
          maxRows={12}
          value={text}
          onChange={(event) => setText(event.currentTarget.value)}
          data-autofocus
        />
      )}
      {[problem, ...source.notes]
        .filter((each) => each !== '')
        .map((each) => (
          <p key={each} role="alert" className={styles.problem}>
            {each}
          </p>
        ))}
      {(read.students.length > 0 || read.known > 0) && (
        <p role="status">
          {read.students.length} {read.students.length === 1 ? 'student' : 'students'} to add
          {read.known > 0 ? `, ${read.known} there already` : ''}
          {read.students.length > 0 &&
            `: ${read.students
              .slice(0, 3)
              .map(({ name, number }) => `${name} (${number})`)
              .join(', ')}${read.students.length > 3 ? '…' : ''}`}
        </p>
      )}
      {read.refused.length > 0 && (
        <section aria-label="Rows that are not taken">
          <h3 className="label">Rows that are not taken</h3>
          <ul className={styles.refused}>
            {read.refused.map(({ place, text: row, why }) => (
              <li key={place}>
                Line {place}: {row}. <span className="soft">{why}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {write.error && (
        <p role="alert" className={styles.problem}>
          {refused[0]?.message ?? write.error.message} Nothing was added.
        </p>
      )}
      <div className={styles.buttons}>
        <Button
          variant="filled"
          disabled={read.students.length === 0}
          loading={write.isPending}
          onClick={() => write.mutate({ revision: kept.revision, add: [...read.students] }, { onSuccess: onClose })}
        >
          Add {read.students.length === 1 ? '1 student' : `${read.students.length} students`}
        </Button>
        <FileButton
          resetRef={again}
          onChange={take}
          accept=".csv,.tsv,.txt,.xlsx"
          inputProps={{ 'aria-label': 'a file with a roster' }}
        >
          {(props) => <Button {...props}>Take a CSV file or a workbook</Button>}
        </FileButton>
      </div>
    </Modal>
  );
}
