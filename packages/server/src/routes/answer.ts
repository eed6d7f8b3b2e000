/** Handlers that answer with what some work gives. */

import type { Request, RequestHandler } from 'express';
import { z } from 'zod';
import { recordId } from '@hardy-sextant/contract';
import { parsed } from './problems.ts';

const byId = z.object({ id: recordId });
/** The id in the address of a request. */
export const idOf = (request: Request): string => parsed(byId, request.params).id;

/** JSON of what the work gives; 204 without a body where it gives nothing. */
export const answer =
  (work: (request: Request) => unknown, status = 200): RequestHandler =>
  async (request, response) => {
    const given = await work(request);
    if (given === undefined) response.status(204).end();
    else response.status(status).json(given);
  };

/** The same, for what is new. */
export const answerNew = (work: (request: Request) => unknown): RequestHandler => answer(work, 201);
