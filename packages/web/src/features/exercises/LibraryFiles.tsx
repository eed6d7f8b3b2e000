/** Exercises in and out as files: JSON of ours, QTI packages, Markdown; what of a file cannot be taken is said. */
import { Button, Menu, Modal } from '@mantine/core';
import { defaultHouseRules, roundTo, type HouseRules } from '@hardy-sextant/core';
import { usualRulesId, type AskedOfExercises, type ImportReport } from '@hardy-sextant/contract';
import type { LibraryFormat } from '@hardy-sextant/files/library';
import { proxy, transfer, wrap } from 'comlink';
import { useRef, useState } from 'react';
import { readChosenExercises, saveExercises, useImportExercises } from '../../api/records.ts';
import { useRules } from '../../api/rulesRecords.ts';
import { saveAs } from '../../api/saveFile.ts';
import { useCountedWork } from '../../ui/useCountedWork.ts';
import type { LibraryWorker } from './library.worker.ts';
import { many, say } from '../../words/say.ts';

/** Larger files are refused before they are read. */
const LARGEST_FILE = 20_000_000;
/** Items of each exercise in a package with numbers of their own. */
const DRAWS = 10;

const begun = (): Worker => new Worker(new URL('./library.worker.ts', import.meta.url), { type: 'module' });

/** The rules by which answers are written and judged where no class is asked. */
function useUsualRules(): HouseRules {
  return useRules().data?.find(({ id }) => id === usualRulesId)?.rules ?? defaultHouseRules;
}

interface ExportMenuProps {
  readonly asked: Partial<Omit<AskedOfExercises, 'page'>>;
  readonly total: number;
  readonly filtered: boolean;
  readonly onProblem: (problem: string) => void;
}

/** What the list shows, as a file. */
export function ExportMenu({ asked, total, filtered, onProblem }: ExportMenuProps) {
  const rules = useUsualRules();
  const { done, run, stop } = useCountedWork(say('The file'));
  const json = () => void saveExercises({ asked }).catch((error: Error) => onProblem(error.message));
  const write = (format: LibraryFormat, draws: number) =>
    run(async (onDone, signal) => {
      const exercises = await readChosenExercises({ asked });
      const worker = begun();
      signal.addEventListener('abort', () => worker.terminate());
      try {
        const form = { title: say('Exercises'), draws };
        const bytes = await wrap<LibraryWorker>(worker).write(format, exercises, rules, form, proxy(onDone));
        await saveAs(kinds[format], 'exercises', new Blob([new Uint8Array(bytes)]));
      } finally {
        worker.terminate();
      }
    });
  if (done !== undefined) return <Button onClick={stop}>{say('Stop: {{done}} items', { done })}</Button>;
  return (
    <Menu position="bottom-end">
      <Menu.Target>
        <Button disabled={total === 0}>
          {say('Export {{all}}', { all: filtered ? say('these {{total}}', { total }) : say('all') })}
        </Button>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Item onClick={json}>{say('All that is known of them, as JSON')}</Menu.Item>
        <Menu.Item onClick={() => write('qti', 0)}>{say('QTI 3.0 package, an item each')}</Menu.Item>
        <Menu.Item onClick={() => write('qti', DRAWS)}>
          {say('QTI 3.0 package, {{draws}} items each with other numbers', { draws: DRAWS })}
        </Menu.Item>
        <Menu.Item onClick={() => write('markdown', 0)}>{say('Markdown with TeX, and answers')}</Menu.Item>
      </Menu.Dropdown>
    </Menu>
  );
}

const kinds = {
  qti: { type: 'application/zip', ending: 'zip' },
  markdown: { type: 'text/markdown;charset=utf-8', ending: 'md' },
} as const;

interface Taken {
  readonly report: ImportReport;
  readonly notes: readonly string[];
}

/** A file of exercises taken in; what cannot be read is said. */
export function ImportFile({ onProblem }: { readonly onProblem: (problem: string) => void }) {
  const rules = useUsualRules();
  const importFile = useImportExercises();
  const file = useRef<HTMLInputElement>(null);
  const [taken, setTaken] = useState<Taken>();
  const take = async (chosen: File | undefined) => {
    onProblem('');
    if (!chosen) return;
    try {
      const { file: content, notes } = await readFile(chosen, rules);
      setTaken({ report: await importFile.mutateAsync(content), notes });
    } catch (error) {
      onProblem(error instanceof Error ? error.message : say('The file could not be taken in.'));
    }
  };
  return (
    <>
      <input
        ref={file}
        type="file"
        accept=".json,.zip,.xml,.md,.markdown,.txt"
        hidden
        aria-label={say('a file of exercises')}
        onChange={(event) =>
          void take(event.currentTarget.files?.[0]).finally(() => file.current && (file.current.value = ''))
        }
      />
      <Button onClick={() => file.current?.click()} loading={importFile.isPending}>
        {say('Import a file')}
      </Button>
      <Modal opened={taken !== undefined} onClose={() => setTaken(undefined)} title={say('Imported')}>
        {taken && <Imported {...taken} />}
      </Modal>
    </>
  );
}

/** @throws with a sentence where it cannot be read */
async function readFile(chosen: File, rules: HouseRules): Promise<{ file: unknown; notes: readonly string[] }> {
  const size = roundTo(chosen.size / 1e6, 0);
  if (chosen.size > LARGEST_FILE)
    throw new Error(
      say('“{{name}}” has {{size}} MB; a file of exercises may have 20. Nothing was taken in.', {
        name: chosen.name,
        size,
      }),
    );
  const bytes = new Uint8Array(await chosen.arrayBuffer());
  const worker = begun();
  try {
    const answer = await wrap<LibraryWorker>(worker).read(transfer(bytes, [bytes.buffer]), chosen.name, rules);
    if (!answer.ok) throw new Error(say('{{message}} Nothing was taken in.', { message: answer.message }));
    return answer;
  } finally {
    worker.terminate();
  }
}

function Imported({ report: { taken, same, refused }, notes }: Taken) {
  return (
    <>
      <p>
        {many(taken.length, '{{count}} exercise was taken in.', '{{count}} exercises were taken in.')}{' '}
        {same.length > 0 &&
          many(
            same.length,
            '{{count}} is there already, word for word, and nothing was changed.',
            '{{count}} are there already, word for word, and nothing was changed.',
          )}{' '}
        {refused.length > 0 &&
          many(
            refused.length,
            '{{count}} could not be read; nothing of it is lost, it is still in your file:',
            '{{count}} could not be read; nothing of them is lost, they are still in your file:',
          )}
      </p>
      {refused.map(({ place, title, problems }) => (
        <div key={place}>
          <strong>{say('No. {{place}} {{value}}', { place: place + 1, value: title && `“${title}”` })}</strong>
          <ul>
            {problems.map(({ path, message }) => (
              <li key={path + message}>
                {path || say('the whole')}: {message}
              </li>
            ))}
          </ul>
        </div>
      ))}
      {notes.length > 0 && (
        <section aria-label={say('What was left out')}>
          <h3 className="label">{say('What was left out')}</h3>
          <ul>
            {notes.slice(0, MOST_NOTES).map((note) => (
              <li key={note}>{note}</li>
            ))}
          </ul>
          {notes.length > MOST_NOTES && (
            <p className="soft">{many(notes.length - MOST_NOTES, 'and {{count}} more.', 'and {{count}} more.')}</p>
          )}
        </section>
      )}
    </>
  );
}

const MOST_NOTES = 40;
