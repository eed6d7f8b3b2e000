/** Worksheets imported, a few with each request: how many are in, what was left out; stopped and gone on with. */

import { worksheetsReport, type KeptWorksheet } from '@hardy-sextant/contract';
import type { NamedFile } from '@hardy-sextant/files';
import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { asError, call } from '../../../api/call.ts';
import { batchesOf, unpackFiles } from './unpackFiles.ts';
import { worksheetsKey } from './worksheetRecords.ts';
import { say } from '../../../words/say.ts';

/** An import under way, or at its end. */
export interface Importing {
  readonly itemId: string;
  readonly of: number;
  readonly taken: readonly KeptWorksheet[];
  /** Sentences on files that could not be taken. */
  readonly leftOut: readonly string[];
  /** Those that have not been sent. */
  readonly rest: readonly NamedFile[];
  readonly phase: 'going' | 'stopped' | 'done';
  /** Why it stopped by itself. */
  readonly error?: Error | undefined;
}

export interface OwnedFile extends NamedFile {
  readonly studentId?: string;
}

export function useImporting(setId: string) {
  const queries = useQueryClient();
  const [importing, setImporting] = useState<Importing>();
  const stopped = useRef(false);

  const send = async (start: Importing) => {
    stopped.current = false;
    let now: Importing = { ...start, phase: 'going', error: undefined };
    setImporting(now);
    for (const batch of batchesOf(start.rest)) {
      if (stopped.current) {
        setImporting({ ...now, phase: 'stopped' });
        return;
      }
      try {
        const files = await Promise.all(batch.map(asText));
        const report = await call(`/sets/${setId}/worksheets`, worksheetsReport, {
          method: 'POST',
          body: { itemId: start.itemId, files },
        });
        queries.setQueryData<KeptWorksheet[]>(worksheetsKey(setId), (all = []) => [...all, ...report.worksheets]);
        now = {
          ...now,
          taken: [...now.taken, ...report.worksheets],
          leftOut: [...now.leftOut, ...report.leftOut],
          rest: now.rest.slice(batch.length),
        };
        setImporting(now);
      } catch (error) {
        setImporting({ ...now, phase: 'stopped', error: asError(error) });
        return;
      }
    }
    setImporting({ ...now, phase: 'done' });
  };

  return {
    importing,
    take: async (itemId: string, chosen: readonly File[]) => {
      const { files, leftOut } = await unpackFiles(chosen);
      await send({ itemId, of: files.length, taken: [], leftOut, rest: files, phase: 'going' });
    },
    paste: (itemId: string, file: OwnedFile) =>
      send({ itemId, of: 1, taken: [], leftOut: [], rest: [file], phase: 'going' }),
    stop: () => {
      stopped.current = true;
    },
    goOn: () => void (importing && send(importing)),
    close: () => setImporting(undefined),
  };
}

/** A file as text, as requests carry it. */
function asText({ bytes, ...rest }: OwnedFile): Promise<{ name: string; data: string; studentId?: string }> {
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve({ ...rest, data: String(reader.result).replace(/^[^,]*,/, '') });
    reader.onerror = () => reject(new Error(say('{{name}} could not be read.', { name: rest.name })));
    reader.readAsDataURL(new Blob([new Uint8Array(bytes)]));
  });
}
