/** Papers as files. */

export { fontFiles, paperPdf, paperSizes, type PaperSize } from './paperPdf.ts';
export { paperDocx } from './paperDocx.ts';
export { paperHtml, paperMarkdown } from './paperText.ts';
