/** Papers are written as PDF here, so that the page goes on meanwhile. */
import { expose } from 'comlink';
import italic from '@expo-google-fonts/newsreader/400Regular_Italic/Newsreader_400Regular_Italic.ttf?url';
import text from '@expo-google-fonts/newsreader/400Regular/Newsreader_400Regular.ttf?url';
import strong from '@expo-google-fonts/newsreader/700Bold/Newsreader_700Bold.ttf?url';
import other from 'dejavu-fonts-ttf/ttf/DejaVuSans.ttf?url';
import { filesZip } from '@hardy-sextant/files';
import { fontFiles, paperPdf, type PaperSize } from '@hardy-sextant/files/papers';
import type { KeptClass, Marking } from '@hardy-sextant/contract';
import { paperOf, sheetsOf, type PaperChoice } from './paperOf.ts';

type Say = (done: number) => void;

/** Work that is not stopped in between says how far it is so often. */
const EVERY = 5;

const worker = {
  /** All sheets in one file. */
  async one(marking: Marking, chosen: KeptClass, choice: PaperChoice, size: PaperSize, say: Say): Promise<Uint8Array> {
    const fonts = await fontFiles({ text, strong, italic, other });
    const onSheet = (done: number) => {
      if (done % EVERY === 0) say(done);
    };
    return paperPdf(paperOf(sheetsOf(marking, chosen, choice)), { size, fonts, onSheet });
  },

  /** A file for each sheet, in a zip. */
  async each(marking: Marking, chosen: KeptClass, choice: PaperChoice, size: PaperSize, say: Say): Promise<Uint8Array> {
    const fonts = await fontFiles({ text, strong, italic, other });
    const { title, count, sheet } = sheetsOf(marking, chosen, choice);
    const files: Record<string, Uint8Array> = {};
    for (let at = 0; at < count; at += 1) {
      const own = sheet(at);
      files[`${nameOf(own.who ?? title)}.pdf`] = await paperPdf({ title, sheets: [own] }, { size, fonts });
      if ((at + 1) % EVERY === 0) say(at + 1);
    }
    return filesZip(files);
  },
};

/** What a file may be called anywhere. */
const nameOf = (text: string): string => text.replace(/[^\p{L}\p{N}, -]/gu, '').slice(0, 100);

export type PapersWorker = typeof worker;

expose(worker);
