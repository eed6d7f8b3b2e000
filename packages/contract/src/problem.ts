/** Errors on the wire: RFC 9457 problem documents. */

import { z } from 'zod';

/** Stable types; the client decides by these, never by the sentence. */
export const problemTypes = {
  notJson: 'urn:hardy-sextant:not-json',
  invalid: 'urn:hardy-sextant:invalid',
  notFound: 'urn:hardy-sextant:not-found',
  stale: 'urn:hardy-sextant:stale',
  /** The server asks back before it does this; sent again with `anyway` it does. */
  askFirst: 'urn:hardy-sextant:ask-first',
  /** Not sent by a page of this server. */
  foreign: 'urn:hardy-sextant:foreign',
  /** What is stored cannot be read; the request was right. */
  unreadable: 'urn:hardy-sextant:stored-unreadable',
  /** Nobody is signed in. */
  signIn: 'urn:hardy-sextant:sign-in',
  notAllowed: 'urn:hardy-sextant:not-allowed',
  /** Tried too often; after a while it goes on. */
  tooOften: 'urn:hardy-sextant:too-often',
  tooLarge: 'urn:hardy-sextant:too-large',
  broken: 'urn:hardy-sextant:broken',
} as const;

export const problemDocument = z.object({
  type: z.string(),
  title: z.string(),
  status: z.number().int(),
  detail: z.string(),
  /** Where in the input, as a path such as `parts.0.marks`, and what is wrong there. */
  fields: z.array(z.object({ path: z.string(), message: z.string() })).optional(),
  /** For `stale`: the record as it is stored now. */
  current: z.unknown().optional(),
});
export type ProblemDocument = z.infer<typeof problemDocument>;
