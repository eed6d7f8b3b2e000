/** Files of exercises are read and written here, so that the page goes on whatever is in them. */
import type { Exercise, HouseRules } from '@hardy-sextant/core';
import { readLibrary, writeLibrary, type LibraryFormat, type ReadLibrary } from '@hardy-sextant/files/library';
import { expose } from 'comlink';

export type LibraryAnswer = ({ readonly ok: true } & ReadLibrary) | { readonly ok: false; readonly message: string };

const worker = {
  read(bytes: Uint8Array, name: string, rules: HouseRules): LibraryAnswer {
    try {
      return { ok: true, ...readLibrary(bytes, name, rules) };
    } catch (error) {
      return { ok: false, message: error instanceof Error ? error.message : `“${name}” cannot be read.` };
    }
  },

  write(
    format: LibraryFormat,
    exercises: readonly Exercise[],
    rules: HouseRules,
    form: { readonly title: string; readonly draws: number },
    onDone: (done: number) => void,
  ): Promise<Uint8Array> {
    return writeLibrary(format, exercises, rules, { ...form, onItem: onDone });
  },
};

export type LibraryWorker = typeof worker;

expose(worker);
