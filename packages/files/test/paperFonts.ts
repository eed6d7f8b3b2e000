/** The fonts of papers, read from where they are installed. */
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { resolve } from 'node:path';
import type { PaperFonts } from '../src/papers/pdfPage.ts';

/** From the root of the project, where tests and measurements run. */
const { resolve: find } = createRequire(resolve('packages/web/package.json'));
const font = (path: string): Uint8Array => new Uint8Array(readFileSync(find(path)));
const newsreader = (cut: string): Uint8Array => font(`@expo-google-fonts/newsreader/${cut}/Newsreader_${cut}.ttf`);

export const paperFonts = (): PaperFonts => ({
  text: newsreader('400Regular'),
  strong: newsreader('700Bold'),
  italic: newsreader('400Regular_Italic'),
  other: font('dejavu-fonts-ttf/ttf/DejaVuSans.ttf'),
});
