/** Classes, students, house rules. */

import { z } from 'zod';
import { defaultHouseRules, type HouseRules } from '@hardy-sextant/core';
import { recordId, revision } from './statement.ts';

const share = z.number().min(0).max(1);
const usual = defaultHouseRules;

export const houseRules: z.ZodType<HouseRules> = z.object({
  currency: z.string().max(8, 'A currency sign has at most 8 characters.').default(usual.currency),
  numberStyle: z.string().max(40),
  decimals: z.number().int('Decimals are a whole number.').min(0).max(6, 'At most 6 decimals are shown.').default(usual.decimals),
  rounding: z.object({
    payment: z.enum(['exact', 'cent', 'cent-up', 'unit', 'unit-up']),
    interest: z.enum(['exact', 'cent']),
    last: z.enum(['clears', 'as-others']),
  }),
  usual: z.object({ timing: z.enum(['end', 'begin']), paymentsPerYear: z.number().int().min(1).max(366) }).default(usual.usual),
  earlier: z.enum(['rounded', 'exact']).default(usual.earlier),
  entering: z.string().min(1).max(40).default(usual.entering),
  tolerance: z.object({ money: z.number().min(0), percent: z.number().min(0), count: z.number().min(0) }),
  sign: z.enum(['counts', 'free']).default(usual.sign),
  credit: z.object({
    rightRounded: share,
    carried: share.default(usual.credit.carried),
    slip: share,
    sign: share,
    byFamily: z.record(z.string().max(20), share).default({}),
    bySlip: z.record(z.string().max(40), share).default({}),
  }),
  specific: z.object({ mostFitting: z.number().int().min(1).max(50), mostByChance: share }).default(usual.specific),
});

export const houseRulesDocument = z.object({ schemaVersion: z.literal(1), rules: houseRules });

/** A set of house rules: the default one, or a class's. */
export const keptRules = z.object({ id: recordId, name: z.string(), rules: houseRules, revision });
export type KeptRules = z.infer<typeof keptRules>;
export const keptRulesList = z.array(keptRules);
export const changedRules = z.object({ rules: houseRules, revision });
export type ChangedRules = z.infer<typeof changedRules>;

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
