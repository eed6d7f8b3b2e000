/** A typed statement, as `StatementDraft` of core. */

import { z } from 'zod';
import type { StatementDraft } from '@hardy-sextant/core';

const slot = z.string().max(200, 'A slot takes at most 200 characters.');

export const statementDraft = z.object({
  kind: z.enum(['borrow', 'save', 'draw-down', 'lease']),
  unknown: z.enum(['amount', 'rate', 'payments', 'payment', 'finalAmount']),
  slots: z.object({ amount: slot, rate: slot, payments: slot, payment: slot, finalAmount: slot }),
  quote: z.object({
    kind: z.enum(['nominal', 'effective', 'periodic', 'daily']),
    compounding: z.union([z.number().int().min(1).max(366), z.literal('continuous')]),
    daysPerYear: z.union([z.literal(365), z.literal(360)]),
    daysPerPeriod: z.number().positive().max(3660),
  }),
  paymentsPerYear: z.number().int('Payments a year must be a whole number.').min(1).max(366),
  timing: z.enum(['end', 'begin']),
}) satisfies z.ZodType<StatementDraft>;

/** Record ids are made by the server and only compared. */
export const recordId = z.string().min(1).max(40);
export const revision = z.number().int().min(1);
