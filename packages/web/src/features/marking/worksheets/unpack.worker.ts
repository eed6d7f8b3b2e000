/** A zip of worksheets is unpacked here, so that the page goes on whatever is in it. */
import { expose, transfer } from 'comlink';
import { isFolder, unpackFolder, type NamedFile, type UnpackedFolder } from '@hardy-sextant/files/folder';

const worker = {
  /** The worksheets in a zip; the file itself where it is none. */
  unpack({ name, bytes }: NamedFile): UnpackedFolder {
    if (!isFolder(bytes)) return transfer({ files: [{ name, bytes }], leftOut: [] }, [bytes.buffer]);
    try {
      const folder = unpackFolder(bytes);
      return transfer(folder, [...new Set(folder.files.map((file) => file.bytes.buffer))]);
    } catch (error) {
      return { files: [], leftOut: [error instanceof Error ? error.message : `${name} cannot be unpacked.`] };
    }
  },
};

export type UnpackWorker = typeof worker;

expose(worker);
