/** The file itself: what was answered is in it, whatever is done to it from outside; what cannot be opened is said in a sentence. */
import { spawn } from 'node:child_process';
import {
  chmodSync,
  copyFileSync,
  cpSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { emptyDraft } from '@hardy-sextant/core';
import { createClient } from '@libsql/client';
import { createApplication } from '../src/application.ts';
import { CannotOpen, localPath, openDatabase, type OpenDatabase } from '../src/store/database.ts';
import { pino } from 'pino';
import request from 'supertest';

const migrations = resolve('packages/server/drizzle');
let folder: string;
const open: OpenDatabase[] = [];

beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'hardy-sextant-file-'));
});
afterEach(async () => {
  for (const each of open.splice(0)) await each.close();
  rmSync(folder, { recursive: true, force: true });
});

const file = (name = 'book.db'): string => join(folder, name);
const opened = async (path = file(), folderOfMigrations = migrations): Promise<OpenDatabase> => {
  const made = await openDatabase(pathToFileURL(path).href, folderOfMigrations);
  open.push(made);
  return made;
};
const api = ({ database }: OpenDatabase) => request(createApplication({ database, log: pino({ level: 'silent' }) }));
const aCase = (title: string) => ({
  title,
  document: { schemaVersion: 2, draft: emptyDraft('borrow'), variations: [], together: [], tags: [], rules: 'default' },
});
const titles = async (book: OpenDatabase): Promise<string[]> =>
  ((await api(book).get('/api/cases').expect(200)).body.rows as { title: string }[]).map(({ title }) => title).sort();

/** The migrations but for the newest ones. */
function olderMigrations(missing: number): string {
  const older = join(folder, `older-${missing}`);
  cpSync(migrations, older, { recursive: true });
  const journal = join(older, 'meta/_journal.json');
  const read = JSON.parse(readFileSync(journal, 'utf8')) as { entries: unknown[] };
  writeFileSync(journal, JSON.stringify({ ...read, entries: read.entries.slice(0, -missing) }));
  return older;
}

describe('an upgrading start', () => {
  it('makes a dated copy that opens by itself, and loses no write when another program opens and closes the file meanwhile', async () => {
    await (await opened(file(), olderMigrations(1))).close();
    const book = await opened();
    const copies = readdirSync(file('book.db-backups'));
    expect(copies).toHaveLength(1);
    expect(copies[0]).toMatch(/^\d{4}-\d\d-\d\dT.*-before-upgrade\.db$/);
    for (let at = 0; at < 8; at += 1) {
      await api(book)
        .post('/api/cases')
        .send(aCase(`Case ${at}`))
        .expect(201);
      // Another process looks into the file, as a backup would.
      await new Promise<void>((done, failed) => {
        const script = `require('@libsql/client').createClient({ url: process.argv[1] }).execute('SELECT count(*) FROM cases').then(() => process.exit(0), () => process.exit(1))`;
        spawn(process.execPath, ['-e', script, pathToFileURL(file()).href], { cwd: resolve('packages/server') }).on(
          'exit',
          (code) => (code === 0 ? done() : failed(new Error(`the other program ended with ${code}`))),
        );
      });
    }
    await book.close();
    const elsewhere = file('alone.db');
    copyFileSync(file(), elsewhere);
    expect(await titles(await opened(elsewhere))).toHaveLength(8);
  });
});

it('is found under a path with a space and a percent sign', async () => {
  mkdirSync(join(folder, '50 % of it'));
  const path = join(folder, '50 % of it', 'book.db');
  await opened(path);
  expect(existsSync(path)).toBe(true);
  expect(localPath(pathToFileURL(path).href)).toBe(path);
  expect(localPath('libsql://somewhere')).toBeUndefined();
});

describe('what cannot be opened is a sentence', () => {
  const sentence = async (path = file(), folderOfMigrations = migrations): Promise<string> => {
    const refusal: unknown = await openDatabase(pathToFileURL(path).href, folderOfMigrations).then(
      () => undefined,
      (error: unknown) => error,
    );
    expect(refusal).toBeInstanceOf(CannotOpen);
    return (refusal as CannotOpen).message;
  };

  it('a file in use by another process', async () => {
    await opened();
    expect(await sentence()).toContain('is open in another process');
    await open.splice(0)[0]!.close();
    await opened();
  });

  it('a book of a newer version, which stays as it was', async () => {
    await (await opened()).close();
    const client = createClient({ url: pathToFileURL(file()).href });
    await client.execute("INSERT INTO __drizzle_migrations (hash, created_at) VALUES ('later', 9999999999999)");
    client.close();
    const before = readFileSync(file());
    expect(await sentence()).toContain('written by a newer version');
    expect(readFileSync(file()).equals(before)).toBe(true);
  });

  it('a file that is no database, and one that is damaged', async () => {
    writeFileSync(file(), 'This is a letter, not a book. '.repeat(200));
    expect(await sentence()).toContain('is not a book, or it is damaged');
    expect(readFileSync(file(), 'utf8')).toContain('This is a letter');
  });

  it('migrations that are not there', async () => {
    expect(await sentence(file(), join(folder, 'nowhere'))).toContain('The migrations are not at');
  });

  it('a place where nothing can be written', async () => {
    writeFileSync(file('taken'), '');
    expect(await sentence(join(file('taken'), 'book.db'))).toMatch(/cannot be written|could not be opened/);
    chmodSync(file('taken'), 0o600);
  });
});

describe('one process', () => {
  it('writes many actions at once, each whole, none refused', async () => {
    const book = await opened();
    const application = createApplication({ database: book.database, log: pino({ level: 'silent' }) });
    const answers = await Promise.all(
      Array.from({ length: 24 }, (_, at) =>
        request(application)
          .post('/api/cases')
          .send(aCase(`Case ${at}`)),
      ),
    );
    expect(answers.map(({ status }) => status)).toEqual(Array.from({ length: 24 }, () => 201));
    expect(await titles(book)).toHaveLength(24);
  });

  it('goes on after an action that failed', async () => {
    const { database } = await opened();
    const failing = database.transaction(() => Promise.reject(new Error('no')));
    const after = database.transaction((writes) => writes.all('SELECT 1'));
    await expect(failing).rejects.toThrow('no');
    await expect(after).resolves.toHaveLength(1);
  });

  it('waits for a lock of another program on every connection', async () => {
    const { database } = await opened();
    const patience = await Promise.all([
      database.all<{ timeout: number }>('PRAGMA busy_timeout'),
      database.transaction((writes) => writes.all<{ timeout: number }>('PRAGMA busy_timeout')),
      database.all<{ timeout: number }>('PRAGMA busy_timeout'),
    ]);
    expect(patience.flat().map(({ timeout }) => timeout)).toEqual([5000, 5000, 5000]);
  });
});

describe('one row that cannot be read', () => {
  it('is shown as one in its list, and never told as a wrong request', async () => {
    const book = await opened();
    const { body } = await api(book).post('/api/cases').send(aCase('Broken')).expect(201);
    await api(book).post('/api/cases').send(aCase('Whole')).expect(201);
    await book.database.transaction((writes) =>
      writes.run(`UPDATE cases SET document = '{"schemaVersion":99}' WHERE title = 'Broken'`),
    );
    const { body: list } = await api(book).get('/api/cases').expect(200);
    expect(list.rows).toEqual(
      expect.arrayContaining([
        { id: body.id, title: 'Broken', unreadable: true },
        expect.objectContaining({ title: 'Whole', revision: 1 }),
      ]),
    );
    const refused = await api(book).get(`/api/cases/${body.id}`).expect(500);
    expect(refused.body).toMatchObject({ type: 'urn:hardy-sextant:stored-unreadable' });
    expect(refused.body.detail).toContain('cannot be read by this version');
  });
});
