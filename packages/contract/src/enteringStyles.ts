/** Entering styles an instructor has made: copies of a shipped one with their own settings and labels. */

import { z } from 'zod';
import { abilities, type EnteringStyle } from '@hardy-sextant/core';
import { recordId, revision } from './statement.ts';

const label = z.string().trim().min(1, 'A label needs a word.').max(24, 'A label has at most 24 characters.');

const fields = z
  .object({
    name: z.string().trim().min(1, 'Give the style a name.').max(60, 'A name has at most 60 characters.'),
    rate: z.enum(['percent-a-year', 'percent-a-payment', 'decimal-a-payment']),
    setsFrequencies: z.boolean(),
    signs: z.enum(['cash-flow', 'all-positive']),
    count: z.enum(['payments', 'years']),
    solvedCount: z.enum(['exact', 'rounded-up']),
    decimals: z
      .number('Decimals are a whole number.')
      .int('Decimals are a whole number.')
      .min(0)
      .max(12, 'At most 12 decimals are shown.'),
    range: z.enum(['from-to', 'moves-on']),
    rows: z.enum(['cent', 'exact']),
    can: z.array(z.enum(abilities)).max(abilities.length).readonly().default([]),
    labels: z.object({
      n: label,
      rate: label,
      pv: label,
      pmt: label,
      fv: label,
      paymentsPerYear: label,
      compoundingsPerYear: label,
      timing: label,
      end: label,
      begin: label,
    }),
  })
  .refine((style) => style.setsFrequencies || (style.rate !== 'percent-a-year' && style.count !== 'years'), {
    path: ['setsFrequencies'],
    message: 'A rate by the year, or N in years, needs the payments a year set apart.',
  });

/** A style of before said how rows are rounded by its decimals alone. */
export const enteringStyle = z.preprocess(
  (style) =>
    typeof style === 'object' && style !== null && !('rows' in style)
      ? { ...style, rows: 'decimals' in style && style.decimals === 2 ? 'cent' : 'exact' }
      : style,
  fields,
);
export type EnteringStyleDocument = Omit<EnteringStyle, 'id'>;

export const enteringStyleDocument = z.object({ schemaVersion: z.literal(1), style: enteringStyle });

export const newEnteringStyle = z.object({ style: enteringStyle });
export const changedEnteringStyle = newEnteringStyle.extend({ revision });
export const keptEnteringStyle = newEnteringStyle.extend({ id: recordId, revision });
export type NewEnteringStyle = z.infer<typeof newEnteringStyle>;
export type ChangedEnteringStyle = z.infer<typeof changedEnteringStyle>;
export type KeptEnteringStyle = z.infer<typeof keptEnteringStyle>;
export const keptEnteringStyles = z.array(keptEnteringStyle);
