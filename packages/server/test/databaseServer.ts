/**
 * A small stand-in for a database server, for tests: the client's HTTP protocol (version 2, JSON) over a local file. Each
 * stream has a connection of its own, as there; requests are answered late and in another order, and can be cut off.
 */
import { randomUUID } from 'node:crypto';
import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';
import { createClient, type Client, type InArgs, type InValue, type ResultSet, type Transaction } from '@libsql/client';

type Sql = { readonly sql?: string; readonly sql_id?: number };
interface Statement extends Sql {
  readonly args?: readonly Value[];
  readonly named_args?: readonly { readonly name: string; readonly value: Value }[];
}
type Value =
  | { readonly type: 'null' }
  | { readonly type: 'integer'; readonly value: string }
  | { readonly type: 'float'; readonly value: number }
  | { readonly type: 'text'; readonly value: string }
  | { readonly type: 'blob'; readonly base64: string };
type Condition =
  | { readonly type: 'ok' | 'error'; readonly step: number }
  | { readonly type: 'not'; readonly cond: Condition }
  | { readonly type: 'and' | 'or'; readonly conds: readonly Condition[] }
  | { readonly type: 'is_autocommit' };
type Request =
  | { readonly type: 'execute'; readonly stmt: Statement }
  | {
      readonly type: 'batch';
      readonly batch: { readonly steps: readonly { readonly condition?: Condition; readonly stmt: Statement }[] };
    }
  | ({ readonly type: 'sequence' } & Sql)
  | { readonly type: 'store_sql'; readonly sql_id: number; readonly sql: string }
  | { readonly type: 'close_sql'; readonly sql_id: number }
  | { readonly type: 'get_autocommit' }
  | { readonly type: 'close' };

interface Stream {
  readonly client: Client;
  /** The transaction that is open in it. */
  open?: Transaction | undefined;
  readonly texts: Map<number, string>;
}

export interface DatabaseServer {
  readonly url: string;
  /** The next request is cut off: before it was looked at, or after it was done. */
  cutNext: 'before' | 'after' | undefined;
  readonly close: () => Promise<void>;
}

/** So long a write waits for another connection's. */
const PATIENCE_MS = 8000;
const later = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));

/** @param late up to so many milliseconds each request waits, every one another time */
export async function databaseServer(file: string, late = 2): Promise<DatabaseServer> {
  const client = createClient({ url: `file:${file}`, intMode: 'bigint', timeout: 0 });
  await client.execute('PRAGMA journal_mode = WAL');
  const streams = new Map<string, Stream>();
  let turn = 0;
  const state: { cutNext: DatabaseServer['cutNext'] } = { cutNext: undefined };
  const answer = async (request: IncomingMessage, response: ServerResponse): Promise<void> => {
    if (request.method === 'GET') return void response.writeHead(request.url === '/v2' ? 200 : 404).end();
    const chunks: Buffer[] = [];
    for await (const chunk of request) chunks.push(chunk as Buffer);
    const { baton, requests } = JSON.parse(Buffer.concat(chunks).toString()) as {
      baton?: string;
      requests: readonly Request[];
    };
    const cut = state.cutNext;
    state.cutNext = undefined;
    turn += 1;
    await later((turn * 7) % (late + 1));
    if (cut === 'before') return void request.socket.destroy();
    const known = baton === undefined ? undefined : streams.get(baton);
    if (baton !== undefined) streams.delete(baton);
    const stream = known ?? { client, texts: new Map<number, string>() };
    const results: unknown[] = [];
    let isOpen = true;
    for (const each of requests) {
      if (each.type === 'close') isOpen = false;
      try {
        results.push({ type: 'ok', response: await done(stream, each) });
      } catch (error) {
        results.push({ type: 'error', error: problemOf(error) });
      }
    }
    // A stream whose caller never hears of it ends, and what it had begun with it.
    if (cut === 'after') isOpen = false;
    const next = randomUUID();
    if (isOpen) streams.set(next, stream);
    else stream.open?.close();
    if (cut === 'after') return void request.socket.destroy();
    response.setHeader('content-type', 'application/json');
    response.end(JSON.stringify({ baton: isOpen ? next : null, base_url: null, results }));
  };
  const server: Server = createServer((request, response) => void answer(request, response));
  // A test that computes for long in between finds its connection as it left it.
  server.keepAliveTimeout = 600_000;
  await new Promise<void>((listening) => server.listen(0, '127.0.0.1', listening));
  return {
    url: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    get cutNext() {
      return state.cutNext;
    },
    set cutNext(cut) {
      state.cutNext = cut;
    },
    close: async () => {
      for (const { open } of streams.values()) open?.close();
      client.close();
      server.closeAllConnections();
      await new Promise((closed) => server.close(closed));
    },
  };
}

async function done(stream: Stream, request: Request): Promise<unknown> {
  switch (request.type) {
    case 'execute':
      return { type: 'execute', result: await executed(stream, request.stmt) };
    case 'batch':
      return { type: 'batch', result: await batched(stream, request.batch.steps) };
    case 'sequence':
      await stream.client.executeMultiple(textOf(stream, request));
      return { type: 'sequence' };
    case 'store_sql':
      stream.texts.set(request.sql_id, request.sql);
      return { type: 'store_sql' };
    case 'close_sql':
      stream.texts.delete(request.sql_id);
      return { type: 'close_sql' };
    case 'get_autocommit':
      return { type: 'get_autocommit', is_autocommit: stream.open === undefined };
    case 'close':
      return { type: 'close' };
  }
}

const textOf = ({ texts }: Stream, { sql, sql_id: id }: Sql): string => sql ?? texts.get(id ?? -1) ?? '';

/** Waits for another connection's write, as a server does: a single-threaded test would wait for itself. */
async function executed(stream: Stream, statement: Statement): Promise<unknown> {
  const until = Date.now() + PATIENCE_MS;
  for (;;) {
    try {
      return await run(stream, textOf(stream, statement), statement);
    } catch (error) {
      if (!/SQLITE_BUSY|locked/.test(String((error as { code?: string }).code ?? error)) || Date.now() > until)
        throw error;
      await later(3);
    }
  }
}

async function run(stream: Stream, sql: string, { args = [], named_args: named = [] }: Statement): Promise<unknown> {
  const given: InArgs =
    named.length > 0
      ? Object.fromEntries(named.map(({ name, value }) => [name.replace(/^[:@$]/, ''), plain(value)]))
      : args.map(plain);
  const { columns, columnTypes, rows, rowsAffected, lastInsertRowid } = await said(stream, sql, given);
  return {
    cols: columns.map((name, at) => ({ name, decltype: columnTypes[at] ?? null })),
    rows: rows.map((row) => columns.map((_name, at) => wire(row[at]))),
    affected_row_count: rowsAffected,
    last_insert_rowid: lastInsertRowid === undefined ? null : String(lastInsertRowid),
  };
}

/** What begins a transaction opens one; what is said in it goes to it. */
async function said(stream: Stream, sql: string, args: InArgs): Promise<ResultSet> {
  const nothing = {
    columns: [],
    columnTypes: [],
    rows: [],
    rowsAffected: 0,
    lastInsertRowid: undefined,
    toJSON: () => ({}),
  };
  if (/^\s*BEGIN/i.test(sql)) {
    stream.open = await stream.client.transaction(/IMMEDIATE/i.test(sql) ? 'write' : 'deferred');
    return nothing;
  }
  const { open } = stream;
  if (!open) return stream.client.execute({ sql, args });
  if (!/^\s*(COMMIT|ROLLBACK)/i.test(sql)) return open.execute({ sql, args });
  await (/COMMIT/i.test(sql) ? open.commit() : open.rollback());
  stream.open = undefined;
  return nothing;
}

async function batched(
  stream: Stream,
  steps: readonly { readonly condition?: Condition; readonly stmt: Statement }[],
): Promise<unknown> {
  const results: unknown[] = [];
  const errors: unknown[] = [];
  const holds = (condition: Condition): boolean => {
    switch (condition.type) {
      case 'ok':
        return results[condition.step] !== null && results[condition.step] !== undefined;
      case 'error':
        return errors[condition.step] !== null && errors[condition.step] !== undefined;
      case 'not':
        return !holds(condition.cond);
      case 'and':
        return condition.conds.every(holds);
      case 'or':
        return condition.conds.some(holds);
      case 'is_autocommit':
        return stream.open === undefined;
    }
  };
  for (const { condition, stmt } of steps) {
    let [result, error]: [unknown, unknown] = [null, null];
    if (!condition || holds(condition))
      try {
        result = await executed(stream, stmt);
      } catch (thrown) {
        error = problemOf(thrown);
      }
    results.push(result);
    errors.push(error);
  }
  return { step_results: results, step_errors: errors };
}

const problemOf = (error: unknown): { message: string; code: string } => ({
  message: error instanceof Error ? error.message : String(error),
  code: (error as { code?: string }).code ?? 'SQLITE_ERROR',
});

function plain(value: Value): InValue {
  switch (value.type) {
    case 'null':
      return null;
    case 'integer':
      return BigInt(value.value);
    case 'blob':
      return Buffer.from(value.base64, 'base64');
    default:
      return value.value;
  }
}

function wire(value: unknown): Value {
  if (value === null || value === undefined) return { type: 'null' };
  if (typeof value === 'bigint') return { type: 'integer', value: String(value) };
  if (typeof value === 'number') return { type: 'float', value };
  if (typeof value === 'string') return { type: 'text', value };
  return { type: 'blob', base64: Buffer.from(value as ArrayBuffer).toString('base64') };
}
