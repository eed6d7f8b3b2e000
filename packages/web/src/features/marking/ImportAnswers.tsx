/** Answers brought in: pasted or from a file, columns matched, rows that belong to nobody kept. */
import { Button, FileButton, Modal, Textarea } from '@mantine/core';
import type { ImportedReport, KeptRow, Marking, SetEntries } from '@hardy-sextant/contract';
import { useRef, useState } from 'react';
import { guessRoles, hasHead, rolesFor, STUDENT } from './matchColumns.ts';
import { useAssignRow, useDismissRow, useImportAnswers, useMatchings, useRememberMatching } from './markingRecords.ts';
import { readFileRows, readText, type ReadRows } from '../../ui/readFile.ts';
import styles from './Import.module.css';

interface ImportAnswersProps {
  readonly setId: string;
  readonly marking: Marking;
  readonly onClose: () => void;
}

interface Source extends ReadRows {
  readonly name: string;
  readonly head: boolean;
  readonly roles: readonly string[];
}

const SHOWN = 6;

export default function ImportAnswers({ setId, marking, onClose }: ImportAnswersProps) {
  const matchings = useMatchings();
  const remember = useRememberMatching();
  const bring = useImportAnswers(setId);
  const [text, setText] = useState('');
  const [source, setSource] = useState<Source>();
  const [problem, setProblem] = useState('');
  const [report, setReport] = useState<ImportedReport>();
  const { copies } = marking.set;
  const roles = rolesFor(copies);

  const take = (name: string, read: ReadRows) => {
    setProblem('');
    setReport(undefined);
    if (read.rows.length === 0) return setProblem('There are no rows in it.');
    const head = hasHead(read.rows);
    const columns = head ? read.rows[0]! : [];
    setSource({ ...read, name, head, roles: guessRoles(columns, copies, matchings.data ?? [], read.rows) });
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
  const rows = source ? source.rows.slice(source.head ? 1 : 0) : [];
  const width = source ? Math.max(source.roles.length, ...source.rows.map(({ length }) => length)) : 0;
  const who = source?.roles.indexOf(STUDENT) ?? -1;
  const answers = source?.roles.some((role) => role !== '' && role !== STUDENT) ?? false;

  const send = async () => {
    if (!source) return;
    const read = rows.map((row, at) => {
      const entries: SetEntries = {};
      source.roles.forEach((role, column) => {
        const [itemId, entryId] = role.split('/');
        if (!itemId || !entryId) return;
        (entries[itemId] ??= {})[entryId] = (row[column] ?? '').slice(0, 40_000);
      });
      return { place: at + (source.head ? 2 : 1), student: (row[who] ?? '').slice(0, 400), entries };
    });
    try {
      const done = await bring.mutateAsync({ source: source.name, rows: read });
      if (source.head) remember.mutate({ columns: source.rows[0]!.map((name) => name.slice(0, 200)), roles: [...source.roles] });
      setReport(done);
      setSource(undefined);
      setText('');
    } catch {
      // The error stands below; what was read stays here.
    }
  };

  return (
    <Modal opened onClose={onClose} size="xl" title="Bring in answers">
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
            <Button variant="filled" disabled={text.trim() === ''} onClick={() => take('pasted', readText(text))}>
              Look at its columns
            </Button>
            <FileButton resetRef={again} onChange={takeFile} accept=".csv,.tsv,.txt,.xlsx" inputProps={{ 'aria-label': 'a file of answers' }}>
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
          {bring.error.message} Nothing was written.
        </p>
      )}
      {source && (
        <>
          {source.notes.map((note) => (
            <p key={note} className="soft">
              {note}
            </p>
          ))}
          <label className={styles.head}>
            <input
              type="checkbox"
              checked={source.head}
              onChange={(event) => {
                const head = event.currentTarget.checked;
                setSource({ ...source, head });
              }}
            />{' '}
            The first line names the columns
          </label>
          <div className={styles.wide}>
            <table className={styles.preview}>
              <thead>
                <tr>
                  {Array.from({ length: width }, (_, column) => (
                    <th key={column}>
                      <select
                        aria-label={`what column ${column + 1} is`}
                        value={source.roles[column] ?? ''}
                        onChange={(event) => {
                          const { value } = event.currentTarget;
                          setSource({
                            ...source,
                            roles: Array.from({ length: width }, (_role, at) =>
                              at === column ? value : source.roles[at] === value && value !== '' ? '' : (source.roles[at] ?? ''),
                            ),
                          });
                        }}
                      >
                        {roles.map(({ id, name }) => (
                          <option key={id} value={id}>
                            {name}
                          </option>
                        ))}
                      </select>
                      {source.head && <span className="soft">{source.rows[0]![column]}</span>}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {rows.slice(0, SHOWN).map((row, at) => (
                  <tr key={at}>
                    {Array.from({ length: width }, (_, column) => (
                      <td key={column} data-off={(source.roles[column] ?? '') === ''}>
                        {(row[column] ?? '').slice(0, 60)}
                      </td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
          {rows.length > SHOWN && <p className="soft">and {rows.length - SHOWN} more rows</p>}
          {who < 0 && <p className={styles.problem}>Say which column is the student.</p>}
          {!answers && <p className={styles.problem}>Say which column holds answers.</p>}
          <div className={styles.buttons}>
            <Button variant="filled" loading={bring.isPending} disabled={who < 0 || !answers || rows.length === 0} onClick={() => void send()}>
              Bring in {rows.length} {rows.length === 1 ? 'row' : 'rows'}
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
            ? `; ${report.kept.length} ${report.kept.length === 1 ? 'row belongs' : 'rows belong'} to nobody and ${report.kept.length === 1 ? 'is' : 'are'} kept below`
            : ''}
          .
        </p>
      )}
      <KeptRows setId={setId} marking={marking} />
    </Modal>
  );
}

function KeptRows({ setId, marking }: { readonly setId: string; readonly marking: Marking }) {
  const assign = useAssignRow(setId);
  const dismiss = useDismissRow(setId);
  if (marking.keptRows.length === 0) return null;
  return (
    <section aria-label="Rows that belong to nobody">
      <h3 className="label">Rows that belong to nobody yet</h3>
      {(assign.error ?? dismiss.error) && (
        <p role="alert" className={styles.problem}>
          {(assign.error ?? dismiss.error)!.message}
        </p>
      )}
      <ul className={styles.kept}>
        {marking.keptRows.map((row) => (
          <li key={row.id}>
            <div>
              <strong>{row.student || 'no student'}</strong>{' '}
              <span className="soft">
                {row.source}, line {row.place}
              </span>
              <p>{row.why}</p>
              <p className="figures">{rowText(row)}</p>
            </div>
            <select aria-label={`whose row ${row.place} is`} value="" onChange={(event) => assign.mutate({ rowId: row.id, studentId: event.currentTarget.value })}>
              <option value="">give it to…</option>
              {marking.students.map(({ id, name, number }) => (
                <option key={id} value={id}>
                  {name}, {number}
                </option>
              ))}
            </select>
            <Button size="compact-sm" onClick={() => dismiss.mutate(row.id)}>
              Put it away
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

function rowText({ entries }: KeptRow): string {
  return Object.values(entries)
    .flatMap((texts) => Object.entries(texts).map(([id, text]) => `${id}: ${text.slice(0, 40)}`))
    .join(' · ');
}
