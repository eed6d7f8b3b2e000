/** Classes, students, house rules. */

import { z } from 'zod';
import { defaultHouseRules, type HouseRules } from '@hardy-sextant/core';
import { askedOfList, listPage } from './lists.ts';
import { recordId, revision } from './statement.ts';
import { oneLine } from './text.ts';

const share = z.number().min(0).max(1);
const usual = defaultHouseRules;

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

/** A set of house rules: the default one, or a class's. */
export const keptRules = z.object({ id: recordId, name: z.string(), rules: houseRules, revision });
export type KeptRules = z.infer<typeof keptRules>;
export const keptRulesList = z.array(keptRules);
export const changedRules = z.object({ rules: houseRules, revision });
export type ChangedRules = z.infer<typeof changedRules>;

const name = oneLine(120, 'A name has at most 120 characters.').min(1, 'A student has a name.');
const number = oneLine(60, 'A number has at most 60 characters.').min(
  1,
  'A student has a number, or whatever tells two of them apart.',
);

/** `number` is the college's own; it is unique in a class. */
export const student = z.object({
  id: recordId,
  name: z.string(),
  number: z.string(),
  /** Has left the class: answers and marks are kept, nothing new is given. */
  withdrawn: z.boolean().default(false),
});
export type Student = z.infer<typeof student>;

const classFields = {
  code: oneLine(30, 'A code has at most 30 characters.').min(1, 'A class has a code, such as BM 210.'),
  title: oneLine(120, 'A title has at most 120 characters.'),
  college: oneLine(120, 'At most 120 characters.'),
  term: oneLine(40, 'A term has at most 40 characters.').default(''),
};
export const newClass = z.object(classFields);
export type NewClass = z.infer<typeof newClass>;
export const changedClass = newClass.extend({ revision });
export type ChangedClass = z.infer<typeof changedClass>;

export const keptClass = z.object({
  id: recordId,
  code: z.string(),
  title: z.string(),
  college: z.string(),
  term: z.string(),
  rules: houseRules,
  /** Those who have not withdrawn. */
  students: z.number().int(),
  revision,
});
export type KeptClass = z.infer<typeof keptClass>;
export const askedOfClasses = askedOfList;
export type AskedOfClasses = z.infer<typeof askedOfClasses>;
export const classPage = listPage(keptClass);
export type ClassPage = z.infer<typeof classPage>;

export const classWithStudents = keptClass.extend({ roster: z.array(student) });
export type ClassWithStudents = z.infer<typeof classWithStudents>;

const ids = z.array(recordId).max(2000).default([]);

/** All changes of one action to a roster, based on a revision of the class; they are written together or not at all. */
export const changedRoster = z
  .object({
    revision,
    add: z.array(z.object({ name, number })).max(2000, 'At most 2,000 students can be added at once.').default([]),
    change: z
      .array(z.object({ id: recordId, name, number }))
      .max(2000)
      .default([]),
    /** Leave the class; what they have submitted stays. */
    withdraw: ids,
    /** Come back to it. */
    readmit: ids,
    /** Erased, with everything they have submitted. */
    remove: ids,
  })
  .refine(({ change, withdraw, readmit, remove }) => {
    const named = [...change.map(({ id }) => id), ...withdraw, ...readmit, ...remove];
    return new Set(named).size === named.length;
  }, 'One student is named twice in this change.');
export type ChangedRoster = z.infer<typeof changedRoster>;
