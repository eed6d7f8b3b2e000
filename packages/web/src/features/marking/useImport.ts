/** An import while it is prepared: what was read, what its columns are, what will be stored; and what has become of it. */

import type { ImportedReport, Marking } from '@hardy-sextant/contract';
import {
  guessRoles,
  hasHead,
  inOrder,
  readText,
  rolesFor,
  STUDENT,
  type ReadRows,
  type Separator,
} from '@hardy-sextant/files';
import { useMemo, useState } from 'react';
import { readFileRows } from '../../ui/readFile.ts';
import { previewOf, rowsOf } from './importPreview.ts';
import { useImportAnswers, useMatchings, useRememberMatching, useTakeBack } from './markingRecords.ts';
import { rewriting } from './rewriting.ts';
import type { Steps } from './useSteps.ts';

export interface Source extends ReadRows {
  readonly name: string;
  /** Whether the first line names the columns. */
  readonly head: boolean;
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
  const matchings = useMatchings();
  const remember = useRememberMatching();
  const bring = useImportAnswers(setId);
  const { mutateAsync: takeBack } = useTakeBack(setId);
  const [text, setText] = useState('');
  const [source, setSource] = useState<Source>();
  const [problem, setProblem] = useState('');
  const [report, setReport] = useState<ImportedReport>();
  const { assignedExercises } = marking.set;
  const columns = useColumns(source, marking);
  const { wanted, width } = columns;

  const take = (name: string, read: ReadRows, head = hasHead(read.rows)) => {
    setProblem('');
    setReport(undefined);
    const [first, ...others] = read.rows;
    if (!first) return setProblem('There are no rows in it.');
    const names = head ? first : [];
    const rows = head ? others : read.rows;
    const students = marking.students.filter(({ withdrawn }) => !withdrawn);
    const remembered = matchings.data ?? [];
    setSource({
      ...read,
      name,
      head,
      roles: guessRoles({ names, rows, assignedExercises, open, students, remembered }),
    });
  };
  const look = (name: string, pasted: string, separator?: Separator) => {
    try {
      take(name, separator === undefined ? readText(pasted) : readText(pasted, separator));
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'This cannot be read.');
    }
  };
  const setRoles = (roles: readonly string[]) => source && setSource({ ...source, roles });
  const rolesNow = Array.from({ length: width }, (_role, at) => source?.roles[at] ?? '');
  const send = async () => {
    if (!source || !wanted) return;
    try {
      const done = await bring.mutateAsync({ source: source.name, rows: wanted });
      if (done.written.length > 0 || done.newRows.length > 0)
        steps.taken(rewriting(takeBack, done.written, done.newRows, 'away'));
      const [names] = source.rows;
      if (source.head && names)
        remember.mutate({ columns: names.map((name) => name.slice(0, 200)), roles: [...source.roles] });
      setReport(done);
      setSource(undefined);
      setText('');
    } catch {
      // The error stands below; what was read stays here.
    }
  };
  return {
    ...columns,
    text,
    setText,
    source,
    problem,
    report,
    roles: useMemo(() => rolesFor(assignedExercises, open), [assignedExercises, open]),
    assignedExercises,
    open,
    take,
    look,
    takeFile: (file: File) =>
      readFileRows(file).then(
        (read) => take(file.name, read),
        (error: Error) => setProblem(error.message),
      ),
    /** What a column is; what another column was before, it is no more. */
    setRole: (column: number, role: string) =>
      setRoles(rolesNow.map((before, at) => (at === column ? role : role !== '' && before === role ? '' : before))),
    setInOrder: (assigned: Parameters<typeof inOrder>[1]) => setRoles(inOrder(rolesNow, assigned)),
    back: () => setSource(undefined),
    dropReport: () => setReport(undefined),
    send,
    sending: bring.isPending,
    error: bring.error,
  };
}

/** What the columns of a source say: its rows, who is who, and what importing them would do. */
function useColumns(source: Source | undefined, { students }: Marking) {
  const rows = useMemo(() => (source ? source.rows.slice(source.head ? 1 : 0) : []), [source]);
  const width = source ? Math.max(source.roles.length, ...source.rows.map(({ length }) => length)) : 0;
  const who = source?.roles.indexOf(STUDENT) ?? -1;
  const answers = source?.roles.some((role) => role !== '' && role !== STUDENT) ?? false;
  const ready = source !== undefined && who >= 0 && answers && rows.length > 0;
  const wanted = useMemo(
    () => (source && ready ? rowsOf(rows, source.roles, who, source.head ? 2 : 1) : undefined),
    [source, ready, rows, who],
  );
  const preview = useMemo(() => wanted && previewOf(wanted, students), [wanted, students]);
  return { rows, width, hasStudent: who >= 0, hasAnswers: answers, ready, wanted, preview };
}
