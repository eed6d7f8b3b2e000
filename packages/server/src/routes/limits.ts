/** How often a password or a code may be tried: counted in the book, so that several processes count together. */

import { rateLimit, ipKeyGenerator, type Store } from 'express-rate-limit';
import type { Request, RequestHandler } from 'express';
import { problemTypes } from '@hardy-sextant/contract';
import { attemptsIn, type Attempts } from '../services/attempts.ts';
import type { Database } from '../store/database.ts';
import { sendProblem } from './problems.ts';

const MINUTE = 60_000;

/** What is counted by: where a request comes from, and whose account it tries. */
const addressOf = (request: Request): string => ipKeyGenerator(request.ip ?? 'nowhere');
const accountOf = (request: Request): string => {
  const { login } = (request.body ?? {}) as { login?: unknown };
  return typeof login === 'string' ? login.trim().toLowerCase().slice(0, 120) : '';
};

/** Only what fails counts: a class that signs in at once behind one address is not held up. */
function limit(
  database: Database,
  name: string,
  most: number,
  windowMs: number,
  keyOf: (request: Request) => string,
): RequestHandler {
  return rateLimit({
    windowMs,
    limit: most,
    skipSuccessfulRequests: true,
    standardHeaders: 'draft-8',
    legacyHeaders: false,
    keyGenerator: (request) => `${name} ${keyOf(request)}`,
    store: storeOf(attemptsIn(database, windowMs)),
    passOnStoreError: false,
    handler: (_request, response) =>
      sendProblem(response, {
        type: problemTypes.tooOften,
        title: 'Too often',
        status: 429,
        detail: 'That was tried too often. Wait a few minutes, then try again.',
      }),
  });
}

const storeOf = ({ count, uncount, forget }: Attempts): Store => ({
  localKeys: false,
  increment: count,
  decrement: uncount,
  resetKey: forget,
});

export const signInLimits = (database: Database): RequestHandler[] => [
  limit(database, 'sign-in from', 30, 10 * MINUTE, addressOf),
  limit(database, 'sign-in as', 8, 10 * MINUTE, accountOf),
];

/** Wrong codes and links: a code has 887 million others beside it. */
export const codeLimits = (database: Database): RequestHandler[] => [
  limit(database, 'code from', 60, 10 * MINUTE, addressOf),
];
