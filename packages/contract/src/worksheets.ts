/** Worksheets that students submitted: files in, what was found in them, whose they are. */

import { z } from 'zod';
import { foundColumnTitles, inputTitles, namesOf, type KnownMapping, type SheetMapping } from '@hardy-sextant/core';
import { itemEntries } from './marking.ts';
import { itemId } from './sets.ts';
import { recordId, revision } from './statement.ts';
import { oneLine } from './text.ts';

/** Files of one import together, before they are written as text. */
export const MOST_IMPORT_BYTES = 16_000_000;

const fileName = oneLine(200, 'A file name has at most 200 characters.').min(1, 'A file has a name.');

/** Files as they are read from a disk: a workbook, a CSV file, or a zip of many. */
export const importedWorksheets = z.object({
  itemId,
  files: z
    .array(
      z.object({
        name: fileName,
        data: z.base64('A file comes as base64 text.'),
        /** Whose it is, where that is known already. */
        studentId: recordId.optional(),
      }),
    )
    .min(1, 'Choose a file.')
    .max(60, 'At most 60 files at once; put more into a zip file.'),
});
export type ImportedWorksheets = z.infer<typeof importedWorksheets>;

const address = z.string().max(80);

export const worksheetCause = z.object({
  id: z.string().max(40),
  title: z.string().max(120),
  cells: z.array(address).max(60_000),
  says: z.string().max(4000),
  wrongFormula: z.string().max(4100).optional(),
  rightFormula: z.string().max(4100).optional(),
  mends: z.enum(['all', 'some', 'untried']),
  certain: z.boolean(),
  remark: z.boolean(),
});
export type WorksheetCause = z.infer<typeof worksheetCause>;

/** What lists say of a worksheet. */
export const worksheetSummary = z.object({
  /** 0 to 1, of the table. */
  credit: z.number(),
  /** Why nothing could be judged. */
  says: z.string().max(400).optional(),
  causes: z.array(worksheetCause.pick({ id: true, title: true, certain: true, remark: true })).max(60),
  wrong: z.number().int(),
  cells: z.number().int(),
});
export type WorksheetSummary = z.infer<typeof worksheetSummary>;

const columnLetters = z.string().regex(/^[A-Z]{1,3}$/, 'A column is named by letters.');
const sheetRow = z.number().int().min(1).max(1_048_576);
const sheetName = z.string().max(120);
const oneAddress = z.string().max(140);

/** Where things stand in a worksheet, as somebody said it. */
export const sheetMapping = z.object({
  table: z
    .object({
      sheet: sheetName,
      firstRow: sheetRow,
      lastRow: sheetRow.optional(),
      columns: z.partialRecord(z.enum(namesOf(foundColumnTitles)), columnLetters),
    })
    .optional(),
  inputs: z.partialRecord(z.enum(namesOf(inputTitles)), oneAddress.nullable()),
  answers: z.record(z.string().max(8), oneAddress.nullable()),
}) satisfies z.ZodType<SheetMapping>;

export const knownMapping = sheetMapping.extend({
  words: z.record(oneAddress, z.string().max(4000)),
}) satisfies z.ZodType<KnownMapping>;

export const keptWorksheet = z.object({
  id: recordId,
  itemId,
  /** Nobody's where none of the class fits. */
  studentId: recordId.nullable(),
  name: z.string(),
  size: z.number().int(),
  revision,
  /** Whether somebody said where things stand in it. */
  isMapped: z.boolean(),
  summary: worksheetSummary,
});
export type KeptWorksheet = z.infer<typeof keptWorksheet>;
export const keptWorksheets = z.array(keptWorksheet);

export const worksheetsReport = z.object({
  worksheets: keptWorksheets,
  /** Files that could not be taken, each in a sentence. */
  leftOut: z.array(z.string()),
});
export type WorksheetsReport = z.infer<typeof worksheetsReport>;

/** What each student's last worksheet answers, as it would be typed. */
export const worksheetEntries = z.object({ studentId: recordId, entries: itemEntries });
export type WorksheetEntries = z.infer<typeof worksheetEntries>;

const cellContent = z.object({
  value: z.union([z.number(), z.string(), z.boolean(), z.null()]),
  formula: z.string().optional(),
  format: z.string().optional(),
});

const tableFound = z.object({
  sheet: z.string(),
  headRow: z.number().optional(),
  row0: z.number().optional(),
  firstRow: z.number(),
  lastRow: z.number(),
  totalsRow: z.number().optional(),
  columns: z.record(z.string(), z.string()),
});

/** One worksheet, cell by cell. */
export const worksheetDetail = keptWorksheet.extend({
  sheets: z.record(z.string(), z.record(z.string(), cellContent)),
  /** Names the workbook defines. */
  names: z.record(z.string(), z.string()),
  inputs: z.record(z.string(), z.string()),
  answers: z.record(z.string(), z.string()),
  /** What somebody said of it. */
  mapping: sheetMapping.nullable(),
  table: tableFound.optional(),
  judged: z.array(
    z.object({
      address,
      verdict: z.enum(['right', 'right-rounded', 'right-other-way', 'carried', 'wrong', 'remark']),
      expected: z.number().optional(),
      cause: z.string().optional(),
    }),
  ),
  causes: z.array(worksheetCause),
  /** The numbers of the cells when everything that was found is mended. */
  mended: z.record(z.string(), z.number()),
  notes: z.array(z.string()),
});
export type WorksheetDetail = z.infer<typeof worksheetDetail>;

export const matchedWorksheet = z.object({ studentId: recordId.nullable(), revision });
export type MatchedWorksheet = z.infer<typeof matchedWorksheet>;

const mappedWorksheet = z.object({ id: recordId, revision, mapping: sheetMapping.nullable() });

/** Where things stand in some worksheets; found by itself again with null. */
export const mappedWorksheets = z.object({
  worksheets: z.array(mappedWorksheet).min(1, 'Choose a worksheet.').max(1000),
  /** Whether the first one's mapping is taken for the others of its exercise that look alike. */
  alike: z.boolean().default(false),
});
export type MappedWorksheets = z.input<typeof mappedWorksheets>;

/** What was changed, and how it was before, to be sent again as an undo. */
export const mappedReport = z.object({ worksheets: keptWorksheets, was: z.array(mappedWorksheet) });
export type MappedReport = z.infer<typeof mappedReport>;

/** Worksheets taken away together, or brought back. */
export const removedWorksheets = z.object({
  ids: z.array(recordId).min(1, 'Choose a worksheet.').max(1000),
  removed: z.boolean(),
});
export type RemovedWorksheets = z.infer<typeof removedWorksheets>;
