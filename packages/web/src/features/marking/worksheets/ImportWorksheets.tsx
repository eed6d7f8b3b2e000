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
import { listed, many, say } from '../../../words/say.ts';
import { tellAfter } from '../../../api/tellAfter.ts';

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
      .catch((error: unknown) =>
        notifications.show({ message: say('It could not be read: {{message}}', { message: asError(error).message }) }),
      );
  };
  return (
    <>
      <Menu position="bottom-end">
        <Menu.Target>
          <Button variant="filled" loading={bring.importing?.phase === 'going'}>
            {say('Import worksheets')}
          </Button>
        </Menu.Target>
        <Menu.Dropdown>
          <Menu.Item onClick={() => files.current?.click()}>{say('Files, or a zip of the class')}</Menu.Item>
          <Menu.Item onClick={() => folder.current?.click()}>{say('A folder')}</Menu.Item>
          <Menu.Item onClick={() => setPasting(true)}>{say('Cells copied from a worksheet')}</Menu.Item>
        </Menu.Dropdown>
      </Menu>
      <input
        ref={files}
        type="file"
        hidden
        multiple
        accept=".xlsx,.xlsm,.ods,.csv,.tsv,.txt,.zip"
        aria-label={say('worksheet files')}
        onChange={(event) => take(event.currentTarget)}
      />
      <input
        ref={folder}
        type="file"
        hidden
        multiple
        {...{ webkitdirectory: '' }}
        aria-label={say('worksheet folder')}
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
    tellAfter(
      remove.mutateAsync({ ids: taken.map((each) => each.id), removed: true }),
      () => {
        bring.close();
        showUndo(say('What was imported is taken away again.'), () =>
          remove.mutateAsync({ ids: taken.map((each) => each.id), removed: false }),
        );
      },
      (failed) => notifications.show({ message: failed.message }),
    );
  return (
    <div className={`sheet block ${styles.notice}`} role="status" aria-labelledby={id}>
      <div className="line">
        <p id={id}>{saidOf(importing, own, students)}</p>
        {phase === 'going' && (
          <>
            <progress aria-label={say('worksheets imported')} value={of - rest.length} max={of} />
            <Button size="compact-sm" onClick={bring.stop}>
              {say('Stop')}
            </Button>
          </>
        )}
        {phase === 'stopped' && (
          <Button size="compact-sm" onClick={bring.goOn}>
            {say('Go on')}
          </Button>
        )}
        {phase !== 'going' && taken.length > 0 && (
          <Button size="compact-sm" loading={remove.isPending} onClick={undo}>
            {say('Undo')}
          </Button>
        )}
        {phase !== 'going' && (
          <Button size="compact-sm" variant="subtle" onClick={bring.close}>
            {say('Close')}
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
  if (phase === 'going')
    return say('{{value}} of {{of}} worksheets are read and judged.', { value: of - rest.length, of });
  const stopped =
    phase === 'stopped' ? say('Stopped: {{rest}} of {{of}} are not sent yet.', { rest: rest.length, of }) : '';
  const count =
    taken.length === 0
      ? say('No worksheet came in.')
      : many(taken.length, '{{count}} worksheet is in.', '{{count}} worksheets are in.');
  const nobody = taken.filter(({ studentId }) => studentId === null).length;
  return [stopped, count, nobodysSaid(nobody, taken.length), twiceSaid(taken, own, students)]
    .filter((each) => each !== '')
    .join(' ');
}

/** What is to be done about worksheets that no student fits. */
function nobodysSaid(count: number, of: number): string {
  if (count === 0) return '';
  if (of === 1) return say('It is nobody’s yet: give it to a student.');
  return many(
    count,
    'One of them is nobody’s yet: give it to a student.',
    '{{count}} of them are nobody’s yet: give each to a student.',
  );
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
  const more = twice.length - names.length;
  return say('More than one worksheet of {{names}}: the last one counts.', {
    names: listed(more > 0 ? [...names, many(more, '{{count}} more', '{{count}} more')] : names),
  });
}
