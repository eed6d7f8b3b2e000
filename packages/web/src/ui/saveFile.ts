/** Offers a file to the person. */

const LONG_ENOUGH_MS = 10_000;

export function saveFile(name: string, type: string, ...content: BlobPart[]): void {
  const url = URL.createObjectURL(new Blob(content, { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), LONG_ENOUGH_MS);
}
