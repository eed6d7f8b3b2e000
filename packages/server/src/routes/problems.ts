/** Refusals and accidents as RFC 9457 problem documents. */

import type { ErrorRequestHandler, RequestHandler, Response } from 'express';
import type { Logger } from 'pino';
import type { ZodError } from 'zod';
import { type z } from 'zod';
import { problemTypes, type ProblemDocument } from '@hardy-sextant/contract';
import { AskFirst, Invalid, NotAllowed, NotFound, SignInFirst, Stale, Unreadable } from '../services/refusal.ts';

export function sendProblem(response: Response, document: ProblemDocument): void {
  response.status(document.status).type('application/problem+json').send(JSON.stringify(document));
}

/** Nothing that is sent here is nested deeper. */
const DEEPEST = 100;

/** A body or query read through its schema; what is wrong with it is told by its fields. */
export function parsed<S extends z.ZodType>(schema: S, input: unknown): z.infer<S> {
  const read = schema.safeParse(bounded(input) ?? {});
  if (!read.success) throw refusedInput(read.error);
  return read.data;
}

/** What was sent, unless it is nested so deep that looking through it would fail. */
export function bounded(input: unknown): unknown {
  let level: unknown[] = [input];
  for (let depth = 0; level.length > 0; depth += 1) {
    if (depth > DEEPEST) throw new Invalid('What was sent is nested too deep to be read.');
    level = level.flatMap((each) => (typeof each === 'object' && each !== null ? Object.values(each) : []));
  }
  return input;
}

function refusedInput(error: ZodError): Invalid {
  return new Invalid(
    'Something in what was sent cannot be taken as it is.',
    error.issues.map((issue) => ({ path: issue.path.join('.'), message: issue.message })),
  );
}

export const noSuchPath: RequestHandler = (request, response) => {
  sendProblem(response, {
    type: problemTypes.notFound,
    title: 'Nothing here',
    status: 404,
    detail: `Nothing is served at ${request.path}.`,
  });
};

export function problemHandler(log: Logger): ErrorRequestHandler {
  return (error: unknown, _request, response, next) => {
    if (response.headersSent) next(error);
    else sendProblem(response, problemOf(error, log));
  };
}

/** What a full or read-only disk or a lock of another program says of itself. */
const ofTheFile: readonly (readonly [RegExp, string])[] = [
  [/SQLITE_FULL|ENOSPC/, 'There is no room left on the disk. Nothing of this was written.'],
  [/SQLITE_READONLY/, 'The book cannot be written: its file is read-only. Nothing of this was written.'],
  [/SQLITE_BUSY/, 'The book is locked by another program. Nothing of this was written; try again.'],
];

/** What a use case says no with. */
function refusalOf(error: unknown): ProblemDocument | undefined {
  if (error instanceof NotFound)
    return { type: problemTypes.notFound, title: 'Not found', status: 404, detail: error.message };
  if (error instanceof Stale)
    return {
      type: problemTypes.stale,
      title: 'Changed elsewhere',
      status: 409,
      detail: error.message,
      current: error.current,
    };
  if (error instanceof SignInFirst)
    return { type: problemTypes.signIn, title: 'Sign in', status: 401, detail: error.message };
  if (error instanceof NotAllowed)
    return { type: problemTypes.notAllowed, title: 'Not allowed', status: 403, detail: error.message };
  if (error instanceof AskFirst)
    return { type: problemTypes.askFirst, title: 'Asked first', status: 409, detail: error.message };
  if (error instanceof Invalid)
    return {
      type: problemTypes.invalid,
      title: 'Cannot be taken',
      status: 422,
      detail: error.message,
      fields: [...error.fields],
    };
  return undefined;
}

function problemOf(error: unknown, log: Logger): ProblemDocument {
  const refused = refusalOf(error);
  if (refused) return refused;
  if (error instanceof Unreadable) {
    log.error({ err: error }, 'unreadable');
    return { type: problemTypes.unreadable, title: 'Cannot be read', status: 500, detail: error.message };
  }
  const parser = error as { type?: string; status?: number };
  if (parser.type === 'entity.parse.failed')
    return {
      type: problemTypes.notJson,
      title: 'Not JSON',
      status: 400,
      detail: 'The body could not be read as JSON.',
    };
  if (parser.type === 'entity.too.large')
    return {
      type: problemTypes.tooLarge,
      title: 'Too large',
      status: 413,
      detail: 'What was sent is larger than this place takes.',
    };
  if (parser.status && parser.status < 500)
    return {
      type: problemTypes.invalid,
      title: 'Cannot be taken',
      status: parser.status,
      detail: 'The request could not be read.',
    };
  log.error({ err: error }, 'unexpected');
  const text = `${String(error)} ${String((error as { cause?: unknown } | null)?.cause ?? '')}`;
  const known = ofTheFile.find(([pattern]) => pattern.test(text));
  if (known) return { type: problemTypes.broken, title: 'Cannot be written', status: 503, detail: known[1] };
  return {
    type: problemTypes.broken,
    title: 'Something broke',
    status: 500,
    detail: 'Something went wrong on our side. Look whether your change is there before you try again.',
  };
}
