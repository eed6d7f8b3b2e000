/** The worksheets that the 28 students of the demo's small class submitted for the jetty loan: right ones, and one of most causes. */

import { defaultHouseRules, judgeSheet, nth, readSheet } from '@hardy-sextant/core';
import type { Exercise } from '@hardy-sextant/core';
import { cellsOfText } from '@hardy-sextant/files';
import { summaryOfSheet } from '../checking/sheetSummary.ts';
import type { DemoStudent } from './people.ts';

export interface DemoWorksheet {
  readonly studentId: string;
  readonly name: string;
  readonly bytes: Buffer;
  readonly summary: unknown;
  readonly entries: unknown;
}

const ROWS = 24;
/** What a worksheet is written with: the formulas of row `r`, payment `k`. */
interface Written {
  readonly rate?: string;
  readonly payment?: string;
  readonly rows?: number;
  readonly opening?: (row: number, k: number) => string;
  readonly interest?: (row: number, k: number) => string;
  readonly principal?: (row: number, k: number) => string;
  readonly closing?: (row: number, k: number) => string;
}

const right: Written = {};
const mistakes: readonly Written[] = [
  right,
  { interest: (row, k) => `=B${row}*B${1 + k}/12` },
  right,
  { interest: (row) => `=B${row}*$B$2` },
  { principal: (row) => `=$B$4+C${row}` },
  right,
  { interest: () => '=$B$1*$B$2/12' },
  { opening: (row, k) => (k === 1 ? '=B1' : `=B${row - 1}`) },
  right,
  { interest: (row, k) => (k === 9 ? '31.15' : `=B${row}*$B$2/12`) },
  { payment: '"=PMT(B2/12,B3,B1)"' },
  { payment: '"=PMT(B2/12,B3/12,-B1)"' },
  { rows: ROWS - 3 },
  right,
  { interest: (row, k) => `=B${row}*B${1 + k}/12` },
  { rate: '6.6' },
  { interest: (row) => `=B${row}*$B$2/4` },
  right,
  { closing: (row) => `=B${row}+D${row}` },
  { interest: (row, k) => `=B${row}*B${1 + k}/12`, principal: (row) => `=$B$4+C${row}` },
  right,
  { closing: (row) => `=B${row}-$B$4` },
  { interest: (row) => `=B${row}*0.07/12` },
  right,
  { interest: (row, k) => `=B${row}*B${1 + k}/12` },
  { payment: '"=ROUND(PMT(B2/12,B3,-B1),2)"', interest: (row) => `"=ROUND(B${row}*$B$2/12,2)"` },
  { interest: (row) => `=B${row}*$B$2` },
  right,
];

function textOf({
  rate = '0.066',
  payment = '"=PMT(B2/12,B3,-B1)"',
  rows = ROWS,
  opening,
  interest,
  principal,
  closing,
}: Written): string {
  const head = [
    'Amount,8000',
    `Rate a year,${rate}`,
    `Number of payments,${ROWS}`,
    `Payment,${payment}`,
    'No.,Owed before,Interest,To principal,Owed after',
  ];
  const lines = Array.from({ length: rows }, (_, at) => {
    const [row, k] = [6 + at, at + 1];
    return [
      k,
      opening?.(row, k) ?? (k === 1 ? '=B1' : `=E${row - 1}`),
      interest?.(row, k) ?? `=B${row}*$B$2/12`,
      principal?.(row, k) ?? `=$B$4-C${row}`,
      closing?.(row, k) ?? `=B${row}-D${row}`,
    ].join(',');
  });
  return [...head, ...lines].join('\n');
}

/** @param exercise as it was assigned, with the same numbers for all */
export function demoWorksheets(exercise: Exercise, roster: readonly DemoStudent[]): DemoWorksheet[] {
  return roster.map((student, at) => {
    const text = textOf(nth(mistakes, at % mistakes.length));
    const judged = judgeSheet(exercise, {}, readSheet(cellsOfText(text)), defaultHouseRules);
    return {
      studentId: student.id,
      name: `${student.number} jetty.csv`,
      bytes: Buffer.from(text),
      summary: summaryOfSheet(judged),
      entries: judged.entries,
    };
  });
}
