/** node tools/readPdf.mjs FILE: what a PDF says, by a reader that is not ours: the text of each page, its bookmarks, whether it is tagged, what its formulas say. */
import { readFileSync } from 'node:fs';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

const data = new Uint8Array(readFileSync(process.argv[2]));
const document = await getDocument({ data, useSystemFonts: false, verbosity: 0 }).promise;
const pages = [];
const formulas = [];

/** Formulas of the tree of tags, in the order of reading. */
function gather({ role, alt, children = [] }) {
  if (role === 'Formula') formulas.push(alt);
  for (const child of children) gather(child);
}

for (let at = 1; at <= document.numPages; at += 1) {
  const page = await document.getPage(at);
  const { items } = await page.getTextContent();
  pages.push(
    items
      .map(({ str = '', hasEOL }) => str + (hasEOL ? ' ' : ''))
      .join('')
      .replace(/\s+/g, ' '),
  );
  const tree = await page.getStructTree();
  if (tree) gather(tree);
}
const outline = ((await document.getOutline()) ?? []).map(({ title }) => title);
const isTagged = (await document.getMarkInfo())?.Marked === true;
console.log(JSON.stringify({ pages, outline, isTagged, formulas }));
