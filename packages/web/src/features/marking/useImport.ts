/** An import while it is prepared: what was read, what its columns are, what will be stored; and what has become of it. */

import type { ImportedAnswers, ImportedReport, Marking } from '@hardy-sextant/contract';
import {
  guessRoles,
  hasHead,
  inOrder,
  linesAbove,
  readText,
  rolesFor,
  STUDENT,
  type ReadRows,
  type Separator,
} from '@hardy-sextant/files';
import { useMemo, useState } from 'react';
import { readFileRows } from '../../api/readFile.ts';
import { previewOf, rowsOf } from './importPreview.ts';
import { useImportAnswers, useMatchings, useRememberMatching, useTakeBack } from './markingRecords.ts';
import { rewriting } from './rewriting.ts';
import type { Steps } from './useSteps.ts';
import { many, say } from '../../words/say.ts';

export interface Source extends ReadRows {
  readonly name: string;
  /** Whether the first line names the columns. */
  readonly head: boolean;
  /** So many lines stood above it. */
  readonly above: number;
  readonly roles: readonly string[];
}

interface Imported {
  readonly setId: string;
  readonly marking: Marking;
  /** The exercise that is open: its parts come first. */
  readonly open: string;
  readonly steps: Steps;
}

export type Import = ReturnType<typeof useImport>;

export function useImport({ setId, marking, open, steps }: Imported) {
  const { assignedExercises } = marking.set;
  const [text, setText] = useState('');
  const sending = useSending(setId, steps);
  const { source, setSource, problem, setProblem, take } = useSource(marking, open, sending.dropReport);
  const columns = useColumns(source, marking);
  const look = (name: string, pasted: string, separator?: Separator) => {
    try {
      take(name, separator === undefined ? readText(pasted) : readText(pasted, separator));
    } catch (error) {
      setProblem(error instanceof Error ? error.message : say('This cannot be read.'));
    }
  };
  const takeFile = (file: File) =>
    readFileRows(file).then(
      (read) => take(file.name, read),
      (error: Error) => setProblem(error.message),
    );
  const setRoles = (roles: readonly string[]) => source && setSource({ ...source, roles });
  const rolesNow = Array.from({ length: columns.width }, (_role, at) => source?.roles[at] ?? '');
  const send = async () => {
    if (!source || !columns.wanted || !(await sending.send(source, columns.wanted))) return;
    setSource(undefined);
    setText('');
  };
  return {
    ...columns,
    text,
    setText,
    source,
    problem,
    report: sending.report,
    roles: useMemo(() => rolesFor(assignedExercises, open), [assignedExercises, open]),
    assignedExercises,
    open,
    take,
    look,
    takeFile,
    /** What a column is; what another column was before, it is no more. */
    setRole: (column: number, role: string) =>
      setRoles(rolesNow.map((before, at) => (at === column ? role : role !== '' && before === role ? '' : before))),
    setInOrder: (assigned: Parameters<typeof inOrder>[1]) => setRoles(inOrder(rolesNow, assigned)),
    back: () => setSource(undefined),
    dropReport: sending.dropReport,
    send,
    sending: sending.isPending,
    error: sending.error,
  };
}

/** What was read, with what its columns probably are. */
function useSource(marking: Marking, open: string, onTaken: () => void) {
  const matchings = useMatchings();
  const [source, setSource] = useState<Source>();
  const [problem, setProblem] = useState('');
  const take = (name: string, whole: ReadRows, said?: boolean) => {
    setProblem('');
    onTaken();
    const above = said === undefined ? linesAbove(whole.rows) : 0;
    const read = above === 0 ? whole : withoutLines(whole, above);
    const head = said ?? hasHead(read.rows);
    const [first, ...others] = read.rows;
    if (!first) return setProblem(say('There are no rows in it.'));
    const roles = guessRoles({
      names: head ? first : [],
      rows: head ? others : read.rows,
      assignedExercises: marking.set.assignedExercises,
      open,
      students: marking.students.filter(({ withdrawn }) => !withdrawn),
      remembered: matchings.data ?? [],
    });
    setSource({ ...read, name, head, above: said === undefined ? above : (source?.above ?? 0), roles });
  };
  return { source, setSource, problem, setProblem, take };
}

/** Without the lines above its head, and a note that says so. */
function withoutLines({ rows, notes, ...more }: ReadRows, above: number): ReadRows {
  const left = many(
    above,
    'The line above the names of the columns is left out.',
    'The {{count}} lines above the names of the columns are left out.',
  );
  return { ...more, rows: rows.slice(above), notes: [...notes, left] };
}

/** Stores what was prepared, remembers its columns, and makes it a step that can be taken back. */
function useSending(setId: string, steps: Steps) {
  const remember = useRememberMatching();
  const bring = useImportAnswers(setId);
  const { mutateAsync: takeBack } = useTakeBack(setId);
  const [report, setReport] = useState<ImportedReport>();
  /** @returns whether it was stored; where it was not, what was read stays and the error is shown */
  const send = async (
    { name, head, rows: [names], roles }: Source,
    rows: ImportedAnswers['rows'],
  ): Promise<boolean> => {
    try {
      const done = await bring.mutateAsync({ source: name, rows });
      if (done.written.length > 0 || done.newRows.length > 0)
        steps.taken(rewriting(takeBack, done.written, done.newRows, 'away'));
      if (head && names) remember.mutate({ columns: names.map((each) => each.slice(0, 200)), roles: [...roles] });
      setReport(done);
      return true;
    } catch {
      return false;
    }
  };
  return { send, report, dropReport: () => setReport(undefined), isPending: bring.isPending, error: bring.error };
}

/** What the columns of a source say: its rows, who is who, and what importing them would do. */
function useColumns(source: Source | undefined, { students }: Marking) {
  const rows = useMemo(() => (source ? source.rows.slice(source.head ? 1 : 0) : []), [source]);
  const width = source ? Math.max(source.roles.length, ...source.rows.map(({ length }) => length)) : 0;
  const who = source?.roles.indexOf(STUDENT) ?? -1;
  const answers = source?.roles.some((role) => role !== '' && role !== STUDENT) ?? false;
  const ready = source !== undefined && who >= 0 && answers && rows.length > 0;
  const wanted = useMemo(
    () => (source && ready ? rowsOf(rows, source.roles, who, source.above + (source.head ? 2 : 1)) : undefined),
    [source, ready, rows, who],
  );
  const preview = useMemo(() => wanted && previewOf(wanted, students), [wanted, students]);
  return { rows, width, hasStudent: who >= 0, hasAnswers: answers, ready, wanted, preview };
}
