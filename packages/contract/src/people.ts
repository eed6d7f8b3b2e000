/** People who work with the book, and signing in. */

import { z } from 'zod';
import { recordId } from './statement.ts';
import { oneLine } from './text.ts';

export const role = z.enum(['owner', 'instructor', 'assistant']);
export type Role = z.infer<typeof role>;

const name = oneLine(120, 'A name has at most 120 characters.').min(1, 'A person has a name.');
/** An address of mail, or any short name. */
const login = oneLine(120, 'At most 120 characters.').min(2, 'At least two characters to sign in with.');
export const password = z
  .string()
  .min(10, 'A password has at least 10 characters.')
  .max(200, 'A password has at most 200 characters.');

const classIds = z.array(recordId).max(500).default([]);
export const newPerson = z.object({ name, login, role, classIds });
export type NewPerson = z.input<typeof newPerson>;
export const changedPerson = z.object({ name, role, classIds });
export type ChangedPerson = z.input<typeof changedPerson>;

export const person = z.object({
  id: recordId,
  name: z.string(),
  login: z.string(),
  role,
  /** Empty for an owner, who sees all. */
  classes: z.array(z.object({ id: recordId, code: z.string() })),
  /** Whether a password was set: until then only the one-time link lets the person in. */
  hasPassword: z.boolean(),
});
export type Person = z.infer<typeof person>;
export const peopleList = z.object({ people: z.array(person) });

/** What stands in a one-time link, shown once to whoever made it. */
export const madeLink = z.object({ person, secret: z.string(), endsAt: z.string() });
export type MadeLink = z.infer<typeof madeLink>;

export const signingIn = z.object({ login: z.string().max(120), password: z.string().max(200) });
export const usedLink = z.object({ secret: z.string().max(80), password });
export const askedLink = z.object({ secret: z.string().max(80) });
export const linkShown = z.object({ name: z.string(), login: z.string() });
export const newPassword = z.object({ old: z.string().max(200), password });

/** Who is asking, for a screen: `alone` on the instructor's own machine. */
export const me = z.object({
  is: z.enum(['alone', 'person', 'nobody']),
  name: z.string().default(''),
  role: role.optional(),
});
export type Me = z.infer<typeof me>;
