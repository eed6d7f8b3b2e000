/** A typed statement, its changes and variations, as core's drafts. Fields added later have defaults, so that older ones still read. */

import { z } from 'zod';
import {
  emptyDraft,
  statementKinds,
  type ChangeDraft,
  type RateQuote,
  type StatementDraft,
  type Variation,
} from '@hardy-sextant/core';

const slot = z.string().max(200, 'A slot takes at most 200 characters.');
const localId = z.string().min(1).max(40);
const slotName = z.enum(['amount', 'rate', 'payments', 'payment', 'finalAmount', 'converted']);
const paymentsPerYear = z.number().int('Payments a year must be a whole number.').min(1).max(366);
const start = emptyDraft();

const rateQuote: z.ZodType<RateQuote> = z.object({
  kind: z.enum(['nominal', 'effective', 'periodic', 'daily']),
  compounding: z.union([z.number().int().min(1).max(366), z.literal('continuous')]),
  daysPerYear: z.union([z.literal(365), z.literal(360)]),
  daysPerPeriod: z.number().positive().max(3660),
});

const changeDraft: z.ZodType<ChangeDraft> = z.object({
  id: localId,
  kind: z.enum(['extra', 'extras', 'rate', 'payment', 'interest-only', 'deferred', 'draw']),
  texts: z
    .partialRecord(z.enum(['amount', 'rate', 'from', 'to', 'every', 'after', 'through', 'before']), slot)
    .and(z.object({ list: z.string().max(12_000, 'A list has at most 12,000 characters.').optional() })),
  payment: z.enum(['again', 'same']),
});

export const statementDraft: z.ZodType<StatementDraft> = z.object({
  kind: z.enum(statementKinds),
  unknown: slotName,
  slots: z.object({
    amount: slot,
    rate: slot,
    payments: slot,
    payment: slot,
    finalAmount: slot,
    converted: slot.default(''),
  }),
  quote: rateQuote,
  paymentsPerYear,
  timing: z.enum(['end', 'begin']),
  flatBy: z.enum(['a-year', 'outright']).default(start.flatBy),
  into: rateQuote.default(start.into),
  changes: z.array(changeDraft).max(100, 'A statement takes at most 100 changes.').default([]),
  buildUp: z.object({ price: slot, downPayment: slot, tradeIn: slot, feesAdded: slot, feesTaken: slot }).optional(),
  firstPaymentDate: z.union([z.literal(''), z.iso.date()]).default(''),
  numberStyle: z.string().max(40).default(start.numberStyle),
});

export const variation: z.ZodType<Variation> = z.object({
  id: localId,
  slots: z.partialRecord(slotName, slot),
  timing: z.enum(['end', 'begin']).optional(),
  paymentsPerYear: paymentsPerYear.optional(),
  quote: rateQuote.optional(),
  atRate: z.literal('found').optional(),
  changes: z.array(changeDraft).max(100),
  refinancing: z
    .object({ after: slot, rate: slot, payments: slot, costs: slot, costsPaid: z.enum(['added', 'cash']) })
    .optional(),
});

/** Record ids are made by the server and only compared. */
export const recordId = z.string().min(1).max(40);
export const revision = z.number().int().min(1);
