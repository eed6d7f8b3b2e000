/** Papers as they are chosen: the first one shown, all of them printed or taken as files. */
import { Button, Menu } from '@mantine/core';
import type { Marking } from '@hardy-sextant/contract';
import { ZIP } from '@hardy-sextant/files';
import type { PaperSize } from '@hardy-sextant/files/papers';
import { proxy, wrap } from 'comlink';
import { Fragment, useMemo, type ReactNode } from 'react';
import { saveAs } from '../../../api/saveFile.ts';
import { useBarNote } from '../../../ui/BarNote.tsx';
import { PageHead } from '../../../ui/PageHead.tsx';
import { Paper } from '../../../ui/Paper.tsx';
import { useCountedWork } from '../../../ui/useCountedWork.ts';
import { usePrinting } from '../../../ui/usePrinting.ts';
import { useChecking } from '../markingRecords.ts';
import { PaperChoices, usePaperChoice } from './PaperChoices.tsx';
import { paperOf, sheetsOf, type PaperChoice, type PaperSources } from './paperOf.ts';
import { PaperShown } from '../../../ui/PaperShown.tsx';
import type { PaperFormat, PapersWorker } from './papers.worker.ts';
import styles from './Papers.module.css';
import { many, say } from '../../../words/say.ts';

interface PapersProps {
  readonly sources: PaperSources;
}

interface PapersDeskProps extends PapersProps {
  /** Also those of other sections. */
  readonly everybody: Marking;
  /** Where the way back leads. */
  readonly where: ReactNode;
  /** There is no class: what goes to paper is for anybody. */
  readonly alone?: boolean;
}

export function PapersDesk({ sources, everybody, where, alone = false }: PapersDeskProps) {
  const { set: kept, students, unchecked } = sources.marking;
  const { choice, size, set } = usePaperChoice(alone);
  const sheets = useMemo(() => sheetsOf(sources, choice), [sources, choice]);
  const first = useMemo(() => (sheets.count > 0 ? sheets.sheet(0) : undefined), [sheets]);
  useChecking(kept.id, choice.kind === 'feedback' ? unchecked : 0);
  const printing = usePrinting();
  useBarNote(many(sheets.count, '{{count}} paper', '{{count}} papers'));
  return (
    <>
      <PageHead title={say('Papers')} where={where}>
        <Outgoing sources={sources} choice={choice} size={size} count={sheets.count} title={sheets.title} />
      </PageHead>
      <div className="beside wide-side">
        <article className={`sheet ${styles.sheet}`} aria-label={say('the first paper')}>
          {choice.kind === 'feedback' && unchecked > 0 && (
            <p role="status">
              {many(unchecked, '{{count}} submission is being checked.', '{{count}} submissions are being checked.')}
            </p>
          )}
          {first ? (
            <PaperShown sheet={first} />
          ) : (
            <p>{say('There is nobody to give a paper to: the class has no students.')}</p>
          )}
        </article>
        <PaperChoices choice={choice} size={size} students={students} everybody={everybody} alone={alone} onSet={set} />
      </div>
      {printing && (
        <Paper>
          {paperOf(sheets).sheets.map((sheet, at) => (
            <div key={at} className={styles.page}>
              <PaperShown sheet={sheet} />
            </div>
          ))}
        </Paper>
      )}
    </>
  );
}

interface OutgoingProps extends PapersProps {
  readonly choice: PaperChoice;
  readonly size: PaperSize;
  readonly count: number;
  readonly title: string;
}

function Outgoing({ sources, choice, size, count, title }: OutgoingProps) {
  const { done, run, stop } = useCountedWork(say('The papers'));
  const write = (format: PaperFormat, how: 'one' | 'each') =>
    run(async (onDone, signal) => {
      const worker = new Worker(new URL('./papers.worker.ts', import.meta.url), { type: 'module' });
      signal.addEventListener('abort', () => worker.terminate());
      const bytes = await wrap<PapersWorker>(worker)[how](sources, choice, format, size, proxy(onDone));
      await saveAs(how === 'one' ? kinds[format] : ZIP, title, new Blob([new Uint8Array(bytes)]));
    });
  if (done !== undefined)
    return <Button onClick={stop}>{say('Stop: {{done}} of {{count}} papers', { done, count })}</Button>;
  return (
    <>
      <Button disabled={count === 0} onClick={() => window.print()}>
        {say('Print')}
      </Button>
      {files.map(({ name, formats }) => (
        <Menu key={name} position="bottom-end">
          <Menu.Target>
            <Button variant={name === 'PDF' ? 'filled' : 'default'} disabled={count === 0}>
              {name}
            </Button>
          </Menu.Target>
          <Menu.Dropdown>
            {formats.map(([format, lead]) => (
              <Fragment key={format}>
                <Menu.Item onClick={() => write(format, 'one')}>{say('{{lead}}One file', { lead })}</Menu.Item>
                <Menu.Item onClick={() => write(format, 'each')} disabled={count < 2}>
                  {say('{{lead}}A file for each, in a zip', { lead })}
                </Menu.Item>
              </Fragment>
            ))}
          </Menu.Dropdown>
        </Menu>
      ))}
    </>
  );
}

/** The buttons, and the formats that each offers. */
const files: readonly { readonly name: string; readonly formats: readonly (readonly [PaperFormat, string])[] }[] = [
  {
    name: say('Text'),
    formats: [
      ['html', say('HTML: ')],
      ['md', say('Markdown with TeX: ')],
    ],
  },
  { name: say('Document to edit'), formats: [['docx', '']] },
  { name: 'PDF', formats: [['pdf', '']] },
];

const kinds = {
  pdf: { type: 'application/pdf', ending: 'pdf' },
  docx: { type: 'application/vnd.openxmlformats-officedocument.wordprocessingml.document', ending: 'docx' },
  html: { type: 'text/html;charset=utf-8', ending: 'html' },
  md: { type: 'text/markdown;charset=utf-8', ending: 'md' },
} as const;
