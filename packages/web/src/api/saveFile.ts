/** Offers a file to the person. */

import { fileName } from '@hardy-sextant/files';

const LONG_ENOUGH_MS = 10_000;

export function saveFile(name: string, type: string, ...content: BlobPart[]): void {
  const url = URL.createObjectURL(new Blob(content, { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), LONG_ENOUGH_MS);
}

/** Offers a file in a format, named by a title, when its content is ready. */
export async function saveAs(
  format: { readonly type: string; readonly ending: string },
  title: string,
  content: BlobPart | Promise<BlobPart>,
): Promise<void> {
  saveFile(fileName(title, format), format.type, await content);
}
