/** The worksheets that are listed, each with remarks in its cells, in one zip to be given back. */
import { Button } from '@mantine/core';
import type { KeptWorksheet } from '@hardy-sextant/contract';
import { filesZip, ZIP } from '@hardy-sextant/files';
import { callForFile } from '../../../api/call.ts';
import { saveAs } from '../../../api/saveFile.ts';
import { useCountedWork } from '../../../ui/useCountedWork.ts';
import { filePath } from './worksheetRecords.ts';
import { say } from '../../../words/say.ts';

interface GiveBackProps {
  readonly setId: string;
  /** What the exercise is called. */
  readonly title: string;
  readonly worksheets: readonly KeptWorksheet[];
}

export function GiveBack({ setId, title, worksheets }: GiveBackProps) {
  const { done, run, stop } = useCountedWork(say('The files with remarks'));
  if (worksheets.length === 0) return null;
  const give = () =>
    run(async (onDone, signal) => {
      const files: Record<string, Uint8Array> = {};
      for (const [at, { id, name }] of worksheets.entries()) {
        files[freeName(`${name.replace(/\.\w+$/, '')}, with remarks.xlsx`, files)] = await callForFile(
          filePath(setId, id, 'returned'),
          signal,
        );
        onDone(at + 1);
      }
      await saveAs(ZIP, say('{{title}} with remarks', { title }), new Blob([new Uint8Array(filesZip(files))]));
    });
  return done === undefined ? (
    <Button onClick={give}>{say('Give all back')}</Button>
  ) : (
    <Button onClick={stop}>
      {say('Stop: {{done}} of {{worksheets}} files', { done, worksheets: worksheets.length })}
    </Button>
  );
}

/** A name that no other file has: two students may call theirs the same. */
function freeName(name: string, files: Readonly<Record<string, unknown>>): string {
  let free = name;
  for (let at = 2; Object.hasOwn(files, free); at += 1) free = name.replace(/(\.\w+)$/, ` ${at}$1`);
  return free;
}
