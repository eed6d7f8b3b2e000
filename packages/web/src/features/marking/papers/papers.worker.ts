/** Papers are written as PDF here, so that the page goes on meanwhile. */
import { expose } from 'comlink';
import italic from '@expo-google-fonts/newsreader/400Regular_Italic/Newsreader_400Regular_Italic.ttf?url';
import text from '@expo-google-fonts/newsreader/400Regular/Newsreader_400Regular.ttf?url';
import strong from '@expo-google-fonts/newsreader/700Bold/Newsreader_700Bold.ttf?url';
import other from 'dejavu-fonts-ttf/ttf/DejaVuSans.ttf?url';
import { filesZip } from '@hardy-sextant/files';
import { fontFiles, paperDocx, paperHtml, paperMarkdown, paperPdf, type PaperSize } from '@hardy-sextant/files/papers';
import type { Paper } from '@hardy-sextant/core';
import { paperOf, sheetsOf, type PaperChoice, type PaperSources } from './paperOf.ts';

export type PaperFormat = 'pdf' | 'docx' | 'html' | 'md';
type Say = (done: number) => void;
type Write = (paper: Paper, onSheet?: (done: number) => void) => Promise<Uint8Array>;

/** Work that is not stopped in between says how far it is so often. */
const EVERY = 5;

async function writerOf(format: PaperFormat, size: PaperSize): Promise<Write> {
  const encoded = (text: string): Uint8Array => new TextEncoder().encode(text);
  if (format === 'docx') return (paper, onSheet) => paperDocx(paper, { size, onSheet });
  if (format === 'html') return async (paper) => encoded(await paperHtml(paper));
  if (format === 'md') return (paper) => Promise.resolve(encoded(paperMarkdown(paper)));
  const fonts = await fontFiles({ text, strong, italic, other });
  return (paper, onSheet) => paperPdf(paper, { size, fonts, onSheet });
}

const worker = {
  /** All sheets in one file. */
  async one(sources: PaperSources, choice: PaperChoice, format: PaperFormat, size: PaperSize, onDone: Say) {
    const write = await writerOf(format, size);
    return write(paperOf(sheetsOf(sources, choice)), (done) => {
      if (done % EVERY === 0) onDone(done);
    });
  },

  /** A file for each sheet, in a zip. */
  async each(sources: PaperSources, choice: PaperChoice, format: PaperFormat, size: PaperSize, onDone: Say) {
    const write = await writerOf(format, size);
    const { title, count, sheet } = sheetsOf(sources, choice);
    const files: Record<string, Uint8Array> = {};
    for (let at = 0; at < count; at += 1) {
      const own = sheet(at);
      const name = nameOf(own.who ?? `${title} ${at + 1}`);
      files[`${name}.${format}`] = await write({ title, sheets: [own] });
      if ((at + 1) % EVERY === 0) onDone(at + 1);
    }
    return filesZip(files);
  },
};

/** What a file may be called anywhere. */
const nameOf = (words: string): string => words.replace(/[^\p{L}\p{N}, -]/gu, '').slice(0, 100);

export type PapersWorker = typeof worker;

expose(worker);
