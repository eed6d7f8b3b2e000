/** Answers imported: pasted or from a file, columns matched, what will be stored looked at, unmatched rows kept. */
import { Button, FileButton, Modal, Textarea } from '@mantine/core';
import type { Marking } from '@hardy-sextant/contract';
import { separators } from '@hardy-sextant/files';
import { useRef } from 'react';
import { Pick } from '../../ui/Pick.tsx';
import { ImportColumns, InOrder, WhatHappens } from './ImportColumns.tsx';
import { UnmatchedRows } from './UnmatchedRows.tsx';
import { useImport, type Import, type Source } from './useImport.ts';
import type { Steps } from './useSteps.ts';
import styles from './Import.module.css';
import { many, say } from '../../words/say.ts';

interface ImportAnswersProps {
  readonly setId: string;
  readonly marking: Marking;
  /** The exercise that is open: its parts come first. */
  readonly open: string;
  readonly steps: Steps;
  readonly onClose: () => void;
}

export default function ImportAnswers({ setId, marking, open, steps, onClose }: ImportAnswersProps) {
  const bring = useImport({ setId, marking, open, steps });
  const { source, problem, error, report } = bring;
  const undo = () => {
    steps.undo();
    bring.dropReport();
  };
  return (
    <Modal opened onClose={onClose} size="xl" title={say('Import answers')}>
      {!source && <FirstStep bring={bring} />}
      {problem !== '' && <Wrong>{problem}</Wrong>}
      {error && <Wrong>{say('{{message}} What was read stays here.', { message: error.message })}</Wrong>}
      {source && <SecondStep bring={bring} source={source} />}
      {report && <Report report={report} onUndo={undo} />}
      {steps.error && <Wrong>{steps.error.message}</Wrong>}
      <UnmatchedRows setId={setId} marking={marking} steps={steps} />
    </Modal>
  );
}

function Wrong({ children }: { readonly children: React.ReactNode }) {
  return (
    <p role="alert" className="wrong">
      {children}
    </p>
  );
}

/** A block is pasted, or a file chosen. */
function FirstStep({ bring: { text, setText, look, takeFile } }: { readonly bring: Import }) {
  // The same file chosen again is read again.
  const again = useRef<() => void>(null);
  const take = (file: File | null) => {
    if (!file) return;
    again.current?.();
    void takeFile(file);
  };
  return (
    <div className="stack">
      <Textarea
        label={say('Paste a block from a worksheet or a list')}
        description={say(
          'One student a line: number or name, then the answers. A first line may name the columns: student, 1a, 1b, 1a N, 1a PV…',
        )}
        autosize
        minRows={5}
        maxRows={10}
        value={text}
        onChange={(event) => setText(event.currentTarget.value)}
        data-autofocus
      />
      <div className="line">
        <Button variant="filled" disabled={text.trim() === ''} onClick={() => look('pasted', text)}>
          {say('Look at its columns')}
        </Button>
        <FileButton
          resetRef={again}
          onChange={take}
          accept=".csv,.tsv,.txt,.xlsx"
          inputProps={{ 'aria-label': say('a file of answers') }}
        >
          {(props) => <Button {...props}>{say('Choose a CSV file or a workbook')}</Button>}
        </FileButton>
      </div>
    </div>
  );
}

/** Its columns are matched, and what importing them would do is looked at. */
function SecondStep({ bring, source }: { readonly bring: Import; readonly source: Source }) {
  const { rows, assignedExercises, preview } = bring;
  return (
    <>
      {source.notes.map((note) => (
        <p key={note} className="soft">
          {note}
        </p>
      ))}
      <HowItIsRead bring={bring} source={source} />
      <ImportColumns
        roles={bring.roles}
        chosen={source.roles}
        names={source.head ? (source.rows[0] ?? []) : []}
        rows={rows}
        width={bring.width}
        preview={preview}
        onRole={bring.setRole}
      />
      {source.roles.includes('') && (
        <InOrder assignedExercises={assignedExercises} open={bring.open} onOrder={bring.setInOrder} />
      )}
      {!bring.hasStudent && <p className="wrong">{say('Say which column is the student.')}</p>}
      {!bring.hasAnswers && <p className="wrong">{say('Say which column holds answers.')}</p>}
      {preview && <WhatHappens preview={preview} assignedExercises={assignedExercises} />}
      <div className="line">
        <Button variant="filled" loading={bring.sending} disabled={!bring.ready} onClick={() => void bring.send()}>
          {many(rows.length, 'Import {{count}} row', 'Import {{count}} rows')}
        </Button>
        <Button onClick={bring.back}>{say('Back')}</Button>
      </div>
    </>
  );
}

function HowItIsRead({ bring: { take, look }, source }: { readonly bring: Import; readonly source: Source }) {
  const { name, head, text, separator } = source;
  const parted = separators.map(({ id, name: words }) => [id, words] as const);
  return (
    <div className="line">
      <label>
        <input type="checkbox" checked={head} onChange={(event) => take(name, source, event.currentTarget.checked)} />{' '}
        {say('The first line names the columns')}
      </label>
      {text !== undefined && separator !== undefined && (
        <label>
          {say('Columns are parted by')}{' '}
          <Pick
            label={say('what parts the columns')}
            value={separator}
            options={parted}
            onPick={(chosen) => look(name, text, chosen)}
          />
        </label>
      )}
    </div>
  );
}

interface ReportProps {
  readonly report: NonNullable<Import['report']>;
  readonly onUndo: () => void;
}

function Report({ report: { changed, students, same, kept, written, newRows }, onUndo }: ReportProps) {
  const of = many(students, '{{count}} student', '{{count}} students');
  const parts = [
    changed === 0
      ? say('Nothing changed')
      : many(changed, '{{count}} answer of {{of}} came in', '{{count}} answers of {{of}} came in', { of }),
    many(same, '{{count}} was there already', '{{count}} were there already'),
    ...(kept.length === 0
      ? []
      : [
          many(
            kept.length,
            '{{count}} row is unmatched and is kept below',
            '{{count}} rows are unmatched and are kept below',
          ),
        ]),
  ];
  return (
    <p role="status" className={styles.report}>
      {parts.join('; ')}.{' '}
      {(written.length > 0 || newRows.length > 0) && (
        <Button size="compact-xs" onClick={onUndo}>
          {say('Undo the import')}
        </Button>
      )}
    </p>
  );
}
