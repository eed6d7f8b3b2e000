/** Answers imported: pasted or from a file, columns matched, what will be stored looked at, unmatched rows kept. */
import { Button, FileButton, Modal, Textarea } from '@mantine/core';
import type { ImportedReport, Marking } from '@hardy-sextant/contract';
import { useMemo, useRef, useState } from 'react';
import { readFileRows } from '../../ui/readFile.ts';
import {
  guessRoles,
  hasHead,
  inOrder,
  readText,
  rolesFor,
  separators,
  STUDENT,
  type ReadRows,
  type Separator,
} from '@hardy-sextant/files';
import { ImportColumns, InOrder, WhatHappens } from './ImportColumns.tsx';
import { previewOf, rowsOf } from './importPreview.ts';
import { useImportAnswers, useMatchings, useRememberMatching, useTakeBack } from './markingRecords.ts';
import { rewriting } from './rewriting.ts';
import { UnmatchedRows } from './UnmatchedRows.tsx';
import type { Steps } from './useSteps.ts';
import styles from './Import.module.css';

interface ImportAnswersProps {
  readonly setId: string;
  readonly marking: Marking;
  /** The exercise that is open: its parts come first. */
  readonly open: string;
  readonly steps: Steps;
  readonly onClose: () => void;
}

interface Source extends ReadRows {
  readonly name: string;
  readonly head: boolean;
  readonly roles: readonly string[];
}

export default function ImportAnswers({ setId, marking, open, steps, onClose }: ImportAnswersProps) {
  const matchings = useMatchings();
  const remember = useRememberMatching();
  const bring = useImportAnswers(setId);
  const { mutateAsync: takeBack } = useTakeBack(setId);
  const [text, setText] = useState('');
  const [source, setSource] = useState<Source>();
  const [problem, setProblem] = useState('');
  const [report, setReport] = useState<ImportedReport>();
  const { assignedExercises } = marking.set;
  const roles = useMemo(() => rolesFor(assignedExercises, open), [assignedExercises, open]);

  const take = (name: string, read: ReadRows, head = hasHead(read.rows)) => {
    setProblem('');
    setReport(undefined);
    if (read.rows.length === 0) return setProblem('There are no rows in it.');
    const names = head ? read.rows[0]! : [];
    const rows = head ? read.rows.slice(1) : read.rows;
    const students = marking.students.filter(({ withdrawn }) => !withdrawn);
    setSource({
      ...read,
      name,
      head,
      roles: guessRoles({ names, rows, assignedExercises, open, students, remembered: matchings.data ?? [] }),
    });
  };
  const look = (name: string, pasted: string, separator?: Separator) => {
    try {
      take(name, separator === undefined ? readText(pasted) : readText(pasted, separator));
    } catch (error) {
      setProblem((error as Error).message);
    }
  };
  // The same file chosen again is read again.
  const again = useRef<() => void>(null);
  const takeFile = (file: File | null) => {
    if (!file) return;
    again.current?.();
    readFileRows(file).then(
      (read) => take(file.name, read),
      (error: Error) => setProblem(error.message),
    );
  };
  const rows = useMemo(() => (source ? source.rows.slice(source.head ? 1 : 0) : []), [source]);
  const width = source ? Math.max(source.roles.length, ...source.rows.map(({ length }) => length)) : 0;
  const who = source?.roles.indexOf(STUDENT) ?? -1;
  const answers = source?.roles.some((role) => role !== '' && role !== STUDENT) ?? false;
  const ready = source !== undefined && who >= 0 && answers && rows.length > 0;
  const wanted = useMemo(
    () => (source && ready ? rowsOf(rows, source.roles, who, source.head ? 2 : 1) : undefined),
    [source, ready, rows, who],
  );
  const preview = useMemo(() => wanted && previewOf(wanted, marking.students), [wanted, marking.students]);
  const setRole = (column: number, value: string) =>
    source &&
    setSource({
      ...source,
      roles: Array.from({ length: width }, (_role, at) =>
        at === column ? value : source.roles[at] === value && value !== '' ? '' : (source.roles[at] ?? ''),
      ),
    });

  const send = async () => {
    if (!source || !wanted) return;
    try {
      const done = await bring.mutateAsync({ source: source.name, rows: wanted });
      if (done.written.length > 0 || done.newRows.length > 0)
        steps.taken(rewriting(takeBack, done.written, done.newRows, 'away'));
      if (source.head)
        remember.mutate({ columns: source.rows[0]!.map((name) => name.slice(0, 200)), roles: [...source.roles] });
      setReport(done);
      setSource(undefined);
      setText('');
    } catch {
      // The error stands below; what was read stays here.
    }
  };

  return (
    <Modal opened onClose={onClose} size="xl" title="Import answers">
      {!source && (
        <div className={styles.first}>
          <Textarea
            label="Paste a block from a worksheet or a list"
            description="One student a line: number or name, then the answers. A first line may name the columns: student, 1a, 1b, 1a N, 1a PV…"
            autosize
            minRows={5}
            maxRows={10}
            value={text}
            onChange={(event) => setText(event.currentTarget.value)}
            data-autofocus
          />
          <div className={styles.buttons}>
            <Button variant="filled" disabled={text.trim() === ''} onClick={() => look('pasted', text)}>
              Look at its columns
            </Button>
            <FileButton
              resetRef={again}
              onChange={takeFile}
              accept=".csv,.tsv,.txt,.xlsx"
              inputProps={{ 'aria-label': 'a file of answers' }}
            >
              {(props) => <Button {...props}>Choose a CSV file or a workbook</Button>}
            </FileButton>
          </div>
        </div>
      )}
      {problem !== '' && (
        <p role="alert" className={styles.problem}>
          {problem}
        </p>
      )}
      {bring.error && (
        <p role="alert" className={styles.problem}>
          {bring.error.message} What was read stays here.
        </p>
      )}
      {source && (
        <>
          {source.notes.map((note) => (
            <p key={note} className="soft">
              {note}
            </p>
          ))}
          <div className={styles.head}>
            <label>
              <input
                type="checkbox"
                checked={source.head}
                onChange={(event) => take(source.name, source, event.currentTarget.checked)}
              />{' '}
              The first line names the columns
            </label>
            {source.text !== undefined && (
              <label>
                Columns are parted by{' '}
                <select
                  aria-label="what parts the columns"
                  value={source.separator ?? ''}
                  onChange={(event) => look(source.name, source.text!, event.currentTarget.value as Separator)}
                >
                  {separators.map(({ id, name }) => (
                    <option key={id} value={id}>
                      {name}
                    </option>
                  ))}
                </select>
              </label>
            )}
          </div>
          <ImportColumns
            roles={roles}
            chosen={source.roles}
            names={source.head ? source.rows[0]! : []}
            rows={rows}
            width={width}
            preview={preview}
            onRole={setRole}
          />
          {source.roles.filter((role) => role === '').length > 0 && (
            <InOrder
              assignedExercises={assignedExercises}
              open={open}
              onOrder={(assigned) =>
                setSource({
                  ...source,
                  roles: inOrder(
                    Array.from({ length: width }, (_role, at) => source.roles[at] ?? ''),
                    assigned,
                  ),
                })
              }
            />
          )}
          {who < 0 && <p className={styles.problem}>Say which column is the student.</p>}
          {!answers && <p className={styles.problem}>Say which column holds answers.</p>}
          {preview && <WhatHappens preview={preview} assignedExercises={assignedExercises} />}
          <div className={styles.buttons}>
            <Button variant="filled" loading={bring.isPending} disabled={!ready} onClick={() => void send()}>
              Import {rows.length} {rows.length === 1 ? 'row' : 'rows'}
            </Button>
            <Button onClick={() => setSource(undefined)}>Back</Button>
          </div>
        </>
      )}
      {report && (
        <p role="status" className={styles.report}>
          {report.changed === 0
            ? 'Nothing changed'
            : `${report.changed} ${report.changed === 1 ? 'answer' : 'answers'} of ${report.students} ${report.students === 1 ? 'student' : 'students'} came in`}
          ; {report.same} were there already
          {report.kept.length > 0
            ? `; ${report.kept.length} ${report.kept.length === 1 ? 'row is unmatched and is' : 'rows are unmatched and are'} kept below`
            : ''}
          .{' '}
          {(report.written.length > 0 || report.newRows.length > 0) && (
            <Button
              size="compact-xs"
              onClick={() => {
                steps.undo();
                setReport(undefined);
              }}
            >
              Undo the import
            </Button>
          )}
        </p>
      )}
      {steps.error && (
        <p role="alert" className={styles.problem}>
          {steps.error.message}
        </p>
      )}
      <UnmatchedRows setId={setId} marking={marking} steps={steps} />
    </Modal>
  );
}
