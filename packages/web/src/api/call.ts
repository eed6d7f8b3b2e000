/** Talking to the server: JSON in and out, read through the contract; refusals as problem documents. */

import { problemDocument, problemTypes, type ProblemDocument } from '@hardy-sextant/contract';
import type { z } from 'zod';
import { say } from '../words/say.ts';

/** The server said no, and why. */
export class Refusal extends Error {
  readonly document: ProblemDocument;

  constructor(document: ProblemDocument) {
    super(document.detail);
    this.document = document;
  }

  /** There is no such record, or no longer. */
  get isGone(): boolean {
    return this.document.status === 404;
  }

  get isStale(): boolean {
    return this.document.type === problemTypes.stale;
  }
}

/** What was thrown, as an error. */
export const asError = (thrown: unknown): Error => (thrown instanceof Error ? thrown : new Error(String(thrown)));

interface Call {
  readonly method?: 'GET' | 'POST' | 'PUT' | 'DELETE';
  readonly body?: unknown;
  readonly signal?: AbortSignal;
}

/** Calls `/api` + path and reads the answer through a schema. */
export async function call<S extends z.ZodType>(
  path: string,
  schema: S,
  { method = 'GET', body, signal }: Call = {},
): Promise<z.infer<S>> {
  const response = await send(path, method, body, signal);
  return schema.parse(await response.json());
}

/** Calls for the effect alone. */
export async function callFor(path: string, { method = 'POST', body, signal }: Call = {}): Promise<void> {
  await send(path, method, body, signal);
}

/** Calls for a file. */
export async function callForFile(path: string, signal: AbortSignal): Promise<Uint8Array> {
  const response = await send(path, 'GET', undefined, signal);
  return new Uint8Array(await response.arrayBuffer());
}

async function send(path: string, method: string, body: unknown, signal: AbortSignal | undefined): Promise<Response> {
  let response: Response;
  try {
    response = await fetch(`/api${path}`, {
      method,
      ...(body === undefined ? {} : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
      ...(signal ? { signal } : {}),
    });
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') throw error;
    throw new Error(say('The server cannot be reached. What you typed is still here; try again when it is back.'), {
      cause: error,
    });
  }
  if (response.ok) return response;
  const document = problemDocument.safeParse(await response.json().catch(() => undefined));
  throw new Refusal(
    document.success
      ? document.data
      : {
          type: problemTypes.broken,
          title: say('Something broke'),
          status: response.status,
          detail: say('The server gave an answer that cannot be read.'),
        },
  );
}
