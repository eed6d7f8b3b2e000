/** Classes and students. */

import { z } from 'zod';
import { houseRules, usualRulesId } from './houseRules.ts';
import { askedOfList, listPage } from './lists.ts';
import { recordId, revision } from './statement.ts';
import { oneLine } from './text.ts';

const name = oneLine(120, 'A name has at most 120 characters.').min(1, 'A student has a name.');
const number = oneLine(60, 'A number has at most 60 characters.').min(
  1,
  'A student has a number, or whatever tells two of them apart.',
);

/** "Tuesday", "B": which part of the class somebody is in. */
const section = oneLine(30, 'A section has at most 30 characters.');

/** `number` is the college's own; it is unique in a class. */
export const student = z.object({
  id: recordId,
  name: z.string(),
  number: z.string(),
  /** Has left the class: answers and marks are kept, nothing new is given. */
  withdrawn: z.boolean().default(false),
  /** Empty where the class has no sections. */
  section: z.string().default(''),
});
export type Student = z.infer<typeof student>;

const classFields = {
  code: oneLine(30, 'A code has at most 30 characters.').min(1, 'A class has a code, such as BM 210.'),
  title: oneLine(120, 'A title has at most 120 characters.'),
  college: oneLine(120, 'At most 120 characters.'),
  term: oneLine(40, 'A term has at most 40 characters.').default(''),
};
/** `rulesId` names the house rules the class follows; a change without it leaves them as they are. */
export const newClass = z.object({ ...classFields, rulesId: recordId.default(usualRulesId) });
export type NewClass = z.infer<typeof newClass>;
export const changedClass = z.object({ ...classFields, rulesId: recordId.optional(), revision });
export type ChangedClass = z.infer<typeof changedClass>;

export const keptClass = z.object({
  id: recordId,
  code: z.string(),
  title: z.string(),
  college: z.string(),
  term: z.string(),
  rulesId: recordId,
  /** What the house rules it follows are called, and what they say. */
  rulesName: z.string(),
  rules: houseRules,
  /** Those who have not withdrawn. */
  students: z.number().int(),
  /** Out of the way: kept with all it has, and not in lists unless they are asked for. */
  archived: z.boolean().default(false),
  revision,
});
export type KeptClass = z.infer<typeof keptClass>;
/** `archived`: only those that are. */
export const askedOfClasses = askedOfList.extend({ archived: z.enum(['yes', 'no']).default('no') });
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
    add: z
      .array(z.object({ name, number, section: section.default(''), withdrawn: z.boolean().default(false) }))
      .max(2000, 'At most 2,000 students can be added at once.')
      .default([]),
    change: z
      .array(z.object({ id: recordId, name, number, section: section.optional() }))
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

/** A class copied for another term: its rules, and the sets that are named with their days moved; no answers and, unless wanted, no students. */
export const copiedClass = z.object({
  ...classFields,
  sets: z.array(recordId).max(500).default([]),
  /** So many days later a set is given and due. */
  days: z.number('Days are a number.').int('Days are a whole number.').min(-3700).max(3700).default(0),
  roster: z.boolean().default(false),
});
export type CopiedClass = z.input<typeof copiedClass>;

/** Classes with their rosters, as a list of them was made elsewhere. */
export const importedClasses = z.object({
  classes: z
    .array(
      z.object({
        ...classFields,
        rulesId: recordId.default(usualRulesId),
        students: z
          .array(z.object({ name, number, section: section.default(''), withdrawn: z.boolean().default(false) }))
          .max(2000, 'At most 2,000 students can be added at once.'),
      }),
    )
    .min(1)
    .max(200, 'At most 200 classes come in at once.'),
});
export type ImportedClasses = z.input<typeof importedClasses>;

/** The classes that were made, and those that were there already by code and term. */
export const importedClassesReport = z.object({
  made: z.array(z.object({ id: recordId, code: z.string(), term: z.string(), students: z.number().int() })),
  there: z.array(z.object({ id: recordId, code: z.string(), term: z.string() })),
});
export type ImportedClassesReport = z.infer<typeof importedClassesReport>;
