/** Verdicts as they are stored and carried; core makes them. */

import { z } from 'zod';
import { conventionIds, enteredNames, type CellVerdict, type Verdict } from '@hardy-sextant/core';

const kind = z.enum([
  'blank',
  'unreadable',
  'shown-error',
  'right',
  'right-rounded',
  'right-other-way',
  'reading',
  'carried',
  'slip',
  'carried-slip',
  'unexplained',
  'by-hand',
  'no-key',
]);

const cell: z.ZodType<CellVerdict> = z.object({
  id: z.string(),
  kind,
  expected: z.number(),
  expectedOwn: z.number(),
  read: z.number().optional(),
  slip: z.string().optional(),
  says: z.string().optional(),
});

export const verdict: z.ZodType<Verdict> = z.object({
  partId: z.string(),
  kind,
  credit: z.number(),
  expected: z.number().optional(),
  expectedWritten: z.string().optional(),
  read: z.number().optional(),
  difference: z.number().optional(),
  explanations: z.array(
    z.object({
      slips: z.array(z.string()),
      title: z.string(),
      result: z.number(),
      says: z.string(),
      carriedFrom: z.array(z.string()).optional(),
    }),
  ),
  byChance: z.number().optional(),
  conventions: z.array(z.enum(conventionIds)).optional(),
  says: z.string().optional(),
  cells: z.array(cell).optional(),
  wrongEntered: z.object({ name: z.enum(enteredNames), entered: z.string(), says: z.string() }).optional(),
});
