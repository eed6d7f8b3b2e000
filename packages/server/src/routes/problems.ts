/** Refusals and accidents as RFC 9457 problem documents. */

import type { ErrorRequestHandler, RequestHandler, Response } from 'express';
import type { Logger } from 'pino';
import { ZodError, type z } from 'zod';
import { problemTypes, type ProblemDocument } from '@hardy-sextant/contract';
import { Invalid, NotFound, Stale } from '../services/refusal.ts';

function send(response: Response, document: ProblemDocument): void {
  response.status(document.status).type('application/problem+json').send(JSON.stringify(document));
}

/** A body or query read through its schema. */
export function parsed<S extends z.ZodType>(schema: S, input: unknown): z.infer<S> {
  return schema.parse(input ?? {});
}

export const noSuchPath: RequestHandler = (request, response) => {
  send(response, { type: problemTypes.notFound, title: 'Nothing here', status: 404, detail: `Nothing is served at ${request.path}.` });
};

export function problemHandler(log: Logger): ErrorRequestHandler {
  return (error: unknown, _request, response, _next) => send(response, problemOf(error, log));
}

function problemOf(error: unknown, log: Logger): ProblemDocument {
  if (error instanceof NotFound) return { type: problemTypes.notFound, title: 'Not found', status: 404, detail: error.message };
  if (error instanceof Stale) return { type: problemTypes.stale, title: 'Changed elsewhere', status: 409, detail: error.message, current: error.current };
  if (error instanceof Invalid) return { type: problemTypes.invalid, title: 'Cannot be taken', status: 422, detail: error.message, fields: [...error.fields] };
  if (error instanceof ZodError) {
    const fields = error.issues.map((issue) => ({ path: issue.path.join('.'), message: issue.message }));
    return { type: problemTypes.invalid, title: 'Cannot be taken', status: 422, detail: 'Something in what was sent cannot be taken as it is.', fields };
  }
  const parser = error as { type?: string; status?: number };
  if (parser.type === 'entity.parse.failed') return { type: problemTypes.notJson, title: 'Not JSON', status: 400, detail: 'The body could not be read as JSON.' };
  if (parser.type === 'entity.too.large') return { type: problemTypes.tooLarge, title: 'Too large', status: 413, detail: 'What was sent is larger than this place takes.' };
  if (parser.status && parser.status < 500) return { type: problemTypes.invalid, title: 'Cannot be taken', status: parser.status, detail: 'The request could not be read.' };
  log.error({ err: error }, 'unexpected');
  return { type: problemTypes.broken, title: 'Something broke', status: 500, detail: 'Something went wrong on our side. Nothing was written; try again.' };
}
