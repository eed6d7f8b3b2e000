/** Files that a person chose, zips of many among them, as worksheets: a few at a time, as one request takes them. */

import { MOST_IMPORT_BYTES } from '@hardy-sextant/contract';
import type { NamedFile, UnpackedFolder } from '@hardy-sextant/files';
import { transfer, wrap } from 'comlink';
import type { UnpackWorker } from './unpack.worker.ts';
import { say } from '../../../words/say.ts';

const MOST_FILE_BYTES = 100_000_000;
/** So few that a request is answered soon and can be stopped after. */
const FILES_AT_ONCE = 8;
/** A worksheet that takes no zip: what else stands in a folder is none. */
const isOffered = ({ name }: File): boolean => !name.startsWith('.') && !name.startsWith('~$');

/** Unpacks each in a worker; what cannot be taken is a sentence. */
export async function unpackFiles(files: readonly File[]): Promise<UnpackedFolder> {
  const all: NamedFile[] = [];
  const leftOut: string[] = [];
  const worker = new Worker(new URL('./unpack.worker.ts', import.meta.url), { type: 'module' });
  try {
    const unpacker = wrap<UnpackWorker>(worker);
    for (const file of files.filter(isOffered)) {
      if (file.size > MOST_FILE_BYTES) {
        leftOut.push(
          say('{{name}} has {{ceil}} MB; at most 100 MB come in.', {
            name: file.name,
            ceil: Math.ceil(file.size / 1e6),
          }),
        );
        continue;
      }
      const bytes = new Uint8Array(await file.arrayBuffer());
      const unpacked = await unpacker.unpack(transfer({ name: file.name, bytes }, [bytes.buffer]));
      all.push(...unpacked.files);
      leftOut.push(...unpacked.leftOut);
    }
  } finally {
    worker.terminate();
  }
  return { files: all, leftOut };
}

/** In their order, so many that each request stays small. */
export function batchesOf(files: readonly NamedFile[]): NamedFile[][] {
  const batches: NamedFile[][] = [];
  let size = 0;
  for (const file of files) {
    const last = batches.at(-1);
    if (!last || last.length >= FILES_AT_ONCE || size + file.bytes.length > MOST_IMPORT_BYTES) {
      batches.push([file]);
      size = file.bytes.length;
    } else {
      last.push(file);
      size += file.bytes.length;
    }
  }
  return batches;
}
