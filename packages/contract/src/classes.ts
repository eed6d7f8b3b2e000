/** Classes, students, house rules. */

import { z } from 'zod';
import type { HouseRules } from '@hardy-sextant/core';
import { recordId, revision } from './statement.ts';

const share = z.number().min(0).max(1);

export const houseRules = z.object({
  numberStyle: z.string().max(40),
  rounding: z.object({
    payment: z.enum(['exact', 'cent', 'cent-up', 'unit', 'unit-up']),
    interest: z.enum(['exact', 'cent']),
    last: z.enum(['clears', 'as-others']),
  }),
  tolerance: z.object({ money: z.number().min(0), percent: z.number().min(0), count: z.number().min(0) }),
  credit: z.object({ rightRounded: share, slip: share, sign: share }),
}) satisfies z.ZodType<HouseRules>;

export const houseRulesDocument = z.object({ schemaVersion: z.literal(1), rules: houseRules });

export const student = z.object({ id: recordId, name: z.string(), number: z.string() });
export type Student = z.infer<typeof student>;

export const keptClass = z.object({
  id: recordId,
  code: z.string(),
  title: z.string(),
  college: z.string(),
  rules: houseRules,
  students: z.number().int(),
  revision,
});
export type KeptClass = z.infer<typeof keptClass>;
export const keptClasses = z.array(keptClass);
