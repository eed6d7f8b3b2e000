/** A file chosen by a person as rows of cells: read in a worker, ended when it takes too long. */

import { transfer, wrap } from 'comlink';
import type { FileWorker } from './readFile.worker.ts';
import type { ReadRows } from '@hardy-sextant/files';
import { say } from '../words/say.ts';

const MOST_BYTES = 10_000_000;
const PATIENCE_MS = 30_000;

/** @throws a sentence where it cannot be read */
export async function readFileRows(file: File): Promise<ReadRows> {
  if (file.size > MOST_BYTES)
    throw new Error(
      say('{{name}} has {{ceil}} MB; at most 10 MB come in.', { name: file.name, ceil: Math.ceil(file.size / 1e6) }),
    );
  const bytes = new Uint8Array(await file.arrayBuffer());
  const worker = new Worker(new URL('./readFile.worker.ts', import.meta.url), { type: 'module' });
  try {
    const late = new Promise<never>((_done, failed) =>
      setTimeout(
        () => failed(new Error(say('{{name}} takes too long to read; save it as CSV.', { name: file.name }))),
        PATIENCE_MS,
      ),
    );
    const answer = await Promise.race([
      wrap<FileWorker>(worker).read(transfer(bytes, [bytes.buffer]), file.name),
      late,
    ]);
    if (!answer.ok) throw new Error(answer.message);
    return answer.rows;
  } finally {
    worker.terminate();
  }
}
