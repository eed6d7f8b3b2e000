/** Every format that comes in or goes out. Adding one: its file with its record, a line here, its test. */

import { setAsCalendar } from './calendar.ts';
import { rowsCsv } from './csv.ts';
import { exercisesJson } from './exercises.ts';
import { gradebookCsv, gradebookOds, gradebookWorkbook } from './gradebook.ts';
import { marksJson, oneRosterResults } from './marks.ts';
import { tableAsCsv, tableAsOds, tableAsWorkbook, taughtAsOds, taughtAsWorkbook } from './tableFiles.ts';
import { returnedSheetFile } from './sheets/sheetReturned.ts';
import { sheetTemplateFile } from './sheets/sheetTemplate.ts';
import { studentSheetFile } from './sheets/sheetFile.ts';
import { paperAsDocx } from './papers/paperDocx.ts';
import { paperAsPdf } from './papers/paperPdf.ts';
import { exercisesAsMarkdown } from './exercisesMarkdown.ts';
import { oneRosterClasses } from './oneRosterIn.ts';
import { oneRosterMarks } from './oneRosterOut.ts';
import { paperAsHtml, paperAsMarkdown } from './papers/paperText.ts';
import { exercisesAsQti } from './qti/qtiPackage.ts';
import { rowsWorkbook } from './workbook.ts';

/** Each with `reads`, `writes`, or both. */
export const formats = [
  rowsCsv,
  rowsWorkbook,
  studentSheetFile,
  returnedSheetFile,
  sheetTemplateFile,
  exercisesJson,
  tableAsCsv,
  tableAsWorkbook,
  taughtAsWorkbook,
  gradebookCsv,
  gradebookWorkbook,
  oneRosterResults,
  marksJson,
  setAsCalendar,
  paperAsPdf,
  paperAsDocx,
  paperAsHtml,
  paperAsMarkdown,
  exercisesAsQti,
  exercisesAsMarkdown,
  oneRosterClasses,
  oneRosterMarks,
  tableAsOds,
  taughtAsOds,
  gradebookOds,
] as const;
