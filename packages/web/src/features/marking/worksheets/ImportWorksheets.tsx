/** Worksheets are imported: files, zips, a folder, pasted cells; how far it is, what came of it, and taking it back. */
import { Button, Menu } from '@mantine/core';
import { useId, useRef, useState } from 'react';
import { notifications } from '@mantine/notifications';
import type { KeptWorksheet, MarkedStudent } from '@hardy-sextant/contract';
import { asError } from '../../../api/call.ts';
import { showUndo } from '../../../ui/showUndo.tsx';
import { PasteCells } from './PasteCells.tsx';
import type { Importing, useImporting } from './useImporting.ts';
import { useRemoveWorksheets } from './worksheetRecords.ts';
import styles from '../Marking.module.css';

interface ImportWorksheetsProps {
  readonly itemId: string;
  readonly students: readonly MarkedStudent[];
  readonly bring: ReturnType<typeof useImporting>;
}

export function ImportWorksheets({ itemId, students, bring }: ImportWorksheetsProps) {
  const [pasting, setPasting] = useState(false);
  const files = useRef<HTMLInputElement>(null);
  const folder = useRef<HTMLInputElement>(null);
  const take = (input: HTMLInputElement) => {
    const chosen = [...(input.files ?? [])];
    // The same file chosen again is read again.
    input.value = '';
    if (chosen.length === 0) return;
    bring
      .take(itemId, chosen)
      .catch((error: unknown) => notifications.show({ message: `It could not be read: ${asError(error).message}` }));
  };
  return (
    <>
      <Menu position="bottom-end">
        <Menu.Target>
          <Button variant="filled" loading={bring.importing?.phase === 'going'}>
            Import worksheets
          </Button>
        </Menu.Target>
        <Menu.Dropdown>
          <Menu.Item onClick={() => files.current?.click()}>Files, or a zip of the class</Menu.Item>
          <Menu.Item onClick={() => folder.current?.click()}>A folder</Menu.Item>
          <Menu.Item onClick={() => setPasting(true)}>Cells copied from a worksheet</Menu.Item>
        </Menu.Dropdown>
      </Menu>
      <input
        ref={files}
        type="file"
        hidden
        multiple
        accept=".xlsx,.xlsm,.ods,.csv,.tsv,.txt,.zip"
        aria-label="worksheet files"
        onChange={(event) => take(event.currentTarget)}
      />
      <input
        ref={folder}
        type="file"
        hidden
        multiple
        {...{ webkitdirectory: '' }}
        aria-label="worksheet folder"
        onChange={(event) => take(event.currentTarget)}
      />
      {pasting && (
        <PasteCells
          students={students}
          onPaste={(file) => void bring.paste(itemId, file)}
          onClose={() => setPasting(false)}
        />
      )}
    </>
  );
}

interface ImportNoticeProps {
  readonly setId: string;
  readonly bring: ReturnType<typeof useImporting>;
  /** All of the exercise, to tell which students have more than one. */
  readonly own: readonly KeptWorksheet[];
  readonly students: readonly MarkedStudent[];
}

/** What the import has come to; it stays until it is closed. */
export function ImportNotice({ setId, bring, own, students }: ImportNoticeProps) {
  const remove = useRemoveWorksheets(setId);
  const id = useId();
  const { importing } = bring;
  if (!importing) return null;
  const { phase, of, taken, rest, error } = importing;
  const undo = () =>
    remove.mutate(
      { ids: taken.map((each) => each.id), removed: true },
      {
        onSuccess: () => {
          bring.close();
          showUndo('What was imported is taken away again.', () =>
            remove.mutateAsync({ ids: taken.map((each) => each.id), removed: false }),
          );
        },
        onError: (failed) => notifications.show({ message: failed.message }),
      },
    );
  return (
    <div className={`sheet block ${styles.notice}`} role="status" aria-labelledby={id}>
      <div className="line">
        <p id={id}>{saidOf(importing, own, students)}</p>
        {phase === 'going' && (
          <>
            <progress aria-label="worksheets imported" value={of - rest.length} max={of} />
            <Button size="compact-sm" onClick={bring.stop}>
              Stop
            </Button>
          </>
        )}
        {phase === 'stopped' && (
          <Button size="compact-sm" onClick={bring.goOn}>
            Go on
          </Button>
        )}
        {phase !== 'going' && taken.length > 0 && (
          <Button size="compact-sm" loading={remove.isPending} onClick={undo}>
            Undo
          </Button>
        )}
        {phase !== 'going' && (
          <Button size="compact-sm" variant="subtle" onClick={bring.close}>
            Close
          </Button>
        )}
      </div>
      {error && <p className="wrong">{error.message}</p>}
      {importing.leftOut.length > 0 && (
        <ul className="wrong">
          {importing.leftOut.map((each) => (
            <li key={each}>{each}</li>
          ))}
        </ul>
      )}
    </div>
  );
}

function saidOf(
  { phase, of, taken, rest }: Importing,
  own: readonly KeptWorksheet[],
  students: readonly MarkedStudent[],
): string {
  if (phase === 'going') return `${of - rest.length} of ${of} worksheets are read and judged.`;
  const stopped = phase === 'stopped' ? `Stopped: ${rest.length} of ${of} are not sent yet. ` : '';
  if (taken.length === 0) return `${stopped}No worksheet came in.`;
  const count = `${taken.length} ${taken.length === 1 ? 'worksheet is' : 'worksheets are'} in.`;
  const nobody = taken.filter(({ studentId }) => studentId === null).length;
  return [`${stopped}${count}`, nobodysSaid(nobody, taken.length), twiceSaid(taken, own, students)]
    .filter((each) => each !== '')
    .join(' ');
}

/** What is to be done about worksheets that no student fits. */
function nobodysSaid(count: number, of: number): string {
  if (count === 0) return '';
  const which = of === 1 ? 'It is' : count === 1 ? 'One of them is' : `${count} of them are`;
  return `${which} nobody’s yet: give ${count === 1 ? 'it' : 'each'} to a student.`;
}

/** Students of whom there is more than one now. */
function twiceSaid(
  taken: readonly KeptWorksheet[],
  own: readonly KeptWorksheet[],
  students: readonly MarkedStudent[],
): string {
  const twice = students.filter(
    ({ id }) =>
      taken.some(({ studentId }) => studentId === id) && own.filter(({ studentId }) => studentId === id).length > 1,
  );
  if (twice.length === 0) return '';
  const names = twice.slice(0, 4).map(({ name }) => name);
  const more = twice.length > names.length ? ` and ${twice.length - names.length} more` : '';
  return `More than one worksheet of ${names.join(', ')}${more}: the last one counts.`;
}
