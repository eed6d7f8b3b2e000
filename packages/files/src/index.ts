/** Every format in and out, one file each; used by the pages and by the server. */
export * from './answers.ts';
export * from './calendar.ts';
export * from './csv.ts';
export * from './exercises.ts';
export * from './format.ts';
export * from './formats.ts';
export * from './gradebook.ts';
export * from './marks.ts';
export { odsKind } from './odsWorkbook.ts';
export * from './roster.ts';
export { returnedSheet } from './sheets/sheetReturned.ts';
export { cellsOfText } from './sheets/sheetText.ts';
export { sheetTemplate, sheetTemplateFile, templateName, type TemplateStudent } from './sheets/sheetTemplate.ts';
export { isFolder, studentOfSheet, unpackFolder, type NamedFile, type UnpackedFolder } from './sheets/sheetFolder.ts';
export type { SheetFile } from './sheets/sheetCells.ts';
export { MOST_SHEET_BYTES, readSheetFile } from './sheets/sheetFile.ts';
export * from './studentFinder.ts';
export * from './tableFiles.ts';
