/** Files are unpacked and read here, so that the page goes on whatever is in them. */
import { expose } from 'comlink';
import { readBytes } from '@hardy-sextant/files/bytes';
import type { ReadRows } from '@hardy-sextant/files';

export type FileAnswer =
  { readonly ok: true; readonly rows: ReadRows } | { readonly ok: false; readonly message: string };

const worker = {
  async read(bytes: Uint8Array, name: string): Promise<FileAnswer> {
    try {
      return { ok: true, rows: await readBytes(bytes, name) };
    } catch (error) {
      return { ok: false, message: error instanceof Error ? error.message : `${name} cannot be read.` };
    }
  },
};

export type FileWorker = typeof worker;

expose(worker);
