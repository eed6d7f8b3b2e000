/** A class's worksheets of 360 rows brought into the started application as the page does it, while others go on using it. */

import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { starterExercises } from '@hardy-sextant/core/starters';
import { startBook, type StartedBook } from './startedBook.ts';

const STUDENTS = 300;
/** As many as the page sends with a request. */
const AT_ONCE = 8;
const ROWS = 360;
const BETWEEN_MS = 40;

export interface ClassOfSheets {
  /** Until all were stored, in seconds. */
  readonly took: number;
  /** Other requests meanwhile, each in ms, the shortest first. */
  readonly others: readonly number[];
  readonly certain: number;
}

/** A table of formulas; in two of three a reference slid, or the yearly rate stands in the row. */
function textOf(at: number): string {
  const interest = (row: number): string =>
    at % 3 === 0 ? `=B${row}*$B$2/12` : at % 3 === 1 ? `=B${row}*$B$2` : `=B${row}*B${row - 4}/12`;
  return [
    'Loan,48000',
    'Rate,0.066',
    `Payments,${ROWS}`,
    'Payment,"=PMT(B2/12,B3,-B1)"',
    'No,Opening,Interest,Principal,Closing',
    ...Array.from({ length: ROWS }, (_, k) => {
      const row = 6 + k;
      return `${k + 1},${k === 0 ? '=B1' : `=E${row - 1}`},${interest(row)},=$B$4-C${row},=B${row}-D${row}`;
    }),
  ].join('\n');
}

/** A set with a table to fill in of 360 payments, assigned to 300. */
async function assignedSet({ ask }: StartedBook): Promise<string> {
  const table = starterExercises.find(({ parts }) => parts.some(({ ask: { quantity } }) => quantity === 'table'))!;
  const given = (name: string): string | undefined => ({ amount: '48,000', rate: '6.6', months: String(ROWS) })[name];
  const long = {
    ...table,
    givens: (table.givens ?? []).map((each) => ({ ...each, now: given(each.name) ?? each.now })),
  };
  const { taken } = await ask<{ taken: { id: string }[] }>('POST', '/exercise-file', {
    format: 'hardy-sextant-exercises',
    version: 2,
    exercises: [long],
  });
  const { id: classId } = await ask<{ id: string }>('POST', '/classes', {
    code: 'BM 300',
    title: 'Money',
    college: 'Kestrel Bay',
    term: '',
  });
  await ask('PUT', `/classes/${classId}/roster`, {
    revision: 1,
    add: Array.from({ length: STUDENTS }, (_, k) => ({
      name: `Student ${k}`,
      number: `N-${String(k).padStart(3, '0')}`,
    })),
  });
  const { id } = await ask<{ id: string }>('POST', '/sets', {
    classId,
    title: 'Tables',
    document: { schemaVersion: 1, items: [{ id: 'q', exerciseId: taken[0]!.id }], numbers: 'same', given: '', due: '' },
  });
  await ask('POST', `/sets/${id}/assigned`, { revision: 1 });
  return id;
}

interface Report {
  readonly worksheets: readonly { readonly summary: { readonly causes: readonly { readonly certain: boolean }[] } }[];
}

export async function bringClass(): Promise<ClassOfSheets> {
  const folder = mkdtempSync(join(tmpdir(), 'hardy-sextant-sheets-'));
  const book = await startBook(join(folder, 'book.db'));
  try {
    const set = await assignedSet(book);
    const files = Array.from({ length: STUDENTS }, (_, at) => ({
      name: `N-${String(at).padStart(3, '0')}.csv`,
      data: Buffer.from(textOf(at)).toString('base64'),
    }));
    const others: number[] = [];
    let isDone = false;
    const using = (async () => {
      for (let at = 0; !isDone; at += 1) {
        const begun = performance.now();
        await book.ask('GET', ['/sets', `/sets/${set}`, '/exercises', `/sets/${set}/marking`][at % 4]!);
        others.push(performance.now() - begun);
        await new Promise((done) => setTimeout(done, BETWEEN_MS));
      }
    })();
    const begun = performance.now();
    let certain = 0;
    for (let at = 0; at < STUDENTS; at += AT_ONCE) {
      const body = { itemId: 'q', files: files.slice(at, at + AT_ONCE) };
      const { worksheets } = await book.ask<Report>('POST', `/sets/${set}/worksheets`, body);
      certain += worksheets.filter(({ summary }) => summary.causes.some((cause) => cause.certain)).length;
    }
    const took = (performance.now() - begun) / 1000;
    isDone = true;
    await using;
    return { took, others: others.sort((a, b) => a - b), certain };
  } finally {
    await book.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}
