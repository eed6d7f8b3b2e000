/** House rules: what they say, and the sets of them by name. */

import { z } from 'zod';
import { defaultHouseRules, letterProblems, type HouseRules, type Letters, type Writing } from '@hardy-sextant/core';
import { recordId, revision } from './statement.ts';
import { oneLine } from './text.ts';

const share = z.number().min(0).max(1);
const usual = defaultHouseRules;

const letter = z.string().max(4, 'One to four letters.');
const letters: z.ZodType<Letters> = z
  .object({ amount: letter, payment: letter, finalAmount: letter, rate: letter, quoted: letter, count: letter })
  .superRefine((written, context) => {
    for (const [name, message] of Object.entries(letterProblems(written)))
      context.addIssue({ code: 'custom', path: [name], message });
  });

const writing: z.ZodType<Writing> = z.object({
  letters,
  power: z.enum(['negative', 'denominator']),
  rate: z.enum(['computed', 'inside']),
  factor: z.enum(['written-out', 'named']),
  relation: z.enum(['next', 'last']),
  sheet: z.object({
    separator: z.enum([';', ',']),
    minus: z.enum(['amount', 'function', 'result']),
    inputs: z.enum(['per-payment', 'a-year']),
  }),
  signs: z.enum(['borrower', 'lender', 'none']),
  digits: z.object({
    places: z.number().int('Places are a whole number.').min(4, 'At least 4 places.').max(12, 'At most 12 places.'),
    dots: z.boolean(),
  }),
});

export const houseRules: z.ZodType<HouseRules> = z.object({
  currency: z.string().max(8, 'A currency sign has at most 8 characters.').default(usual.currency),
  numberStyle: z.string().max(40),
  decimals: z
    .number()
    .int('Decimals are a whole number.')
    .min(0)
    .max(6, 'At most 6 decimals are shown.')
    .default(usual.decimals),
  rounding: z.object({
    payment: z.enum(['exact', 'cent', 'cent-up', 'unit', 'unit-up']),
    interest: z.enum(['exact', 'cent']),
    last: z.enum(['clears', 'as-others']),
  }),
  usual: z
    .object({ timing: z.enum(['end', 'begin']), paymentsPerYear: z.number().int().min(1).max(366) })
    .default(usual.usual),
  earlier: z.enum(['rounded', 'exact']).default(usual.earlier),
  entering: z.string().min(1).max(40).default(usual.entering),
  writing: writing.default(usual.writing),
  tolerance: z.object({ money: z.number().min(0), percent: z.number().min(0), count: z.number().min(0) }),
  sign: z.enum(['counts', 'free']).default(usual.sign),
  credit: z.object({
    rightRounded: share,
    carried: share.default(usual.credit.carried),
    slip: share,
    sign: share,
    byFamily: z.record(z.string().max(20), share).default({}),
    bySlip: z.record(z.string().max(40), share).default({}),
    byConvention: z.record(z.string().max(40), share).default({}),
  }),
  specific: z.object({ mostFitting: z.number().int().min(1).max(50), mostByChance: share }).default(usual.specific),
});

export const houseRulesDocument = z.object({ schemaVersion: z.literal(1), rules: houseRules });

const name = oneLine(60, 'A name has at most 60 characters.').min(1, 'House rules have a name.');

/** The rules that hold wherever no others are picked. */
export const usualRulesId = 'default';

/** House rules by name, and the classes that follow them. */
export const keptRules = z.object({
  id: recordId,
  name: z.string(),
  rules: houseRules,
  revision,
  classes: z.array(z.object({ id: recordId, code: z.string(), term: z.string() })).default([]),
});
export type KeptRules = z.infer<typeof keptRules>;
export const keptRulesList = z.array(keptRules);
export const newRules = z.object({ name, rules: houseRules });
export type NewRules = z.infer<typeof newRules>;
/** A change without a name leaves the name as it is. */
export const changedRules = z.object({ name: name.optional(), rules: houseRules, revision });
export type ChangedRules = z.infer<typeof changedRules>;

/** Which house rules something follows from now on. */
export const pickedRules = z.object({ rulesId: recordId });

/** A part whose main number is another one under the rules of the class. */
export const movedPart = z.object({
  itemId: recordId,
  title: z.string(),
  partId: z.string(),
  /** What the rules are called that the exercise is written under. */
  writtenUnder: z.string(),
  /** The number under those, and under the rules of the class. */
  there: z.string(),
  here: z.string(),
  /** Of a table to fill in: how many of its cells differ. */
  cells: z.number().int().optional(),
  /** Whether an answer with the number it was written under is right in the class too; not said of tables. */
  bothRight: z.boolean().optional(),
});
export type MovedPart = z.infer<typeof movedPart>;
export const movedParts = z.array(movedPart);
