/** Papers as PDF: their text is read back by a reader that is not ours, and says what was asked with the student's own numbers. */
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
  answerKey,
  defaultHouseRules,
  drawNumbers,
  givensInForce,
  keyLines,
  keySheet,
  markingSheet,
  must,
  numberStyleById,
  paperCode,
  formulaSheet,
  questionSheet,
  readPaperCode,
  shippedStyles,
  solutionSheet,
  tablesSheet,
  writeMoney,
  type Paper,
  type PaperBlock,
  type WayId,
} from '@hardy-sextant/core';
import { starterExercises } from '@hardy-sextant/core/starters';
import { writtenOut } from '../src/papers/outline.ts';
import { paperPdf } from '../src/papers/paperPdf.ts';
import { paperFonts } from './paperFonts.ts';

const fonts = paperFonts();
const table = starterExercises.find(({ parts }) => parts.some(({ ask }) => ask.quantity === 'table'))!;
const exercises = [starterExercises[0]!, starterExercises[1]!, table];
const set = { title: 'Week 3, payments', className: 'BM 210', given: '6 October 2026', due: '' };
const form = { room: 40, boxes: true, entered: false };
const style = numberStyleById(defaultHouseRules.numberStyle);

interface ReadPdf {
  readonly pages: readonly string[];
  readonly outline: readonly string[];
  readonly isTagged: boolean;
  /** What formulas say to who cannot see them. */
  readonly formulas: readonly string[];
}

/** The text of each page; in a process of its own, as the reader is no module of this kind. */
function read(bytes: Uint8Array): ReadPdf {
  const folder = mkdtempSync(join(tmpdir(), 'paper-'));
  try {
    const file = join(folder, 'paper.pdf');
    writeFileSync(file, bytes);
    return JSON.parse(
      execFileSync(process.execPath, [join(__dirname, '../../../tools/readPdf.mjs'), file], {
        maxBuffer: 1e8,
      }).toString(),
    );
  } finally {
    rmSync(folder, { recursive: true });
  }
}

const students = ['Łucja Żak', 'Мария Ким', 'Dilan Navarro'].map((name, at) => ({
  name,
  number: `K-21${at}`,
  code: paperCode('set', String(at)),
  numbers: exercises.map((exercise) => must(drawNumbers(exercise, `${at}`, defaultHouseRules))),
}));
const asked = (at: number) =>
  exercises.map((exercise, place) => ({ exercise, numbers: students[at]!.numbers[place]!, share: 1 }));

describe('question sheets', () => {
  const paper: Paper = {
    title: set.title,
    sheets: students.map((student, at) => questionSheet(set, asked(at), defaultHouseRules, form, student)),
  };
  it('have each student’s own numbers, name in any script, code and page numbers', async () => {
    const { pages, outline, isTagged } = read(await paperPdf(paper, { size: 'A4', fonts }));
    expect(isTagged).toBe(true);
    expect(outline).toEqual(students.map(({ name, number }) => `${name}, ${number}`));
    for (const [at, { name, code }] of students.entries()) {
      const own = pages.filter((text) => text.includes(code)).join(' ');
      expect(own).toContain(name);
      expect(own).toMatch(/page 1 of \d/);
      for (const [place, exercise] of exercises.entries()) {
        const { written } = givensInForce(exercise, students[at]!.numbers[place]!, style);
        for (const { name: given } of exercise.givens ?? [])
          expect(own).toContain(written[given]!.replaceAll('\u00a0', ' '));
      }
    }
  });
  it('part no question between two pages, on either size of paper', async () => {
    for (const size of ['A4', 'Letter'] as const) {
      const { pages } = read(await paperPdf(paper, { size, fonts }));
      const prompts = exercises.flatMap(({ parts }) => parts.map(({ id }) => `${id} `));
      expect(pages.length).toBeGreaterThanOrEqual(students.length);
      expect(prompts.length).toBeGreaterThan(4);
      for (const text of pages) expect(text).toMatch(/page \d of \d/);
    }
  });
});

describe('worked solutions', () => {
  const solution = { way: 'formula', detail: 'reasons', entering: shippedStyles[0]! } as const;
  const pages = async (size: 'A4' | 'Letter', ways: readonly WayId[] = ['formula']): Promise<ReadPdf> => {
    const sheets = ways.map((way) =>
      solutionSheet(set, asked(0), defaultHouseRules, { ...solution, way }, { who: 'x', code: students[0]!.code }),
    );
    return read(await paperPdf({ title: 'Worked', sheets }, { size, fonts }));
  };
  it('have every answer of the key, and formulas as drawings that say what they are', async () => {
    const { pages: texts, formulas } = await pages('A4');
    const text = texts.join(' ');
    for (const [place, exercise] of exercises.entries())
      for (const keyed of answerKey(exercise, students[0]!.numbers[place]!, defaultHouseRules))
        if (keyed.ok && !keyed.value.table) expect(text).toContain(keyed.value.written.replaceAll('\u00a0', ' '));
    expect(formulas).toContainEqual('P = A/((1 − (1 + i)^(−n))/i)');
    expect(formulas.length).toBeGreaterThan(5);
    expect(text).not.toContain('dfrac');
  });
  it('are written in every way, and fall back to the first where a part does not have it', async () => {
    const all: readonly WayId[] = ['recurrence', 'five-values', 'sheet-function', 'worksheet', 'table', 'search'];
    const { outline, pages: texts } = await pages('Letter', all);
    expect(outline).toHaveLength(all.length);
    expect(texts.join(' ')).toContain('Enter');
  });
});

it('formula sheets have the formulas, letters and functions of the set; tables stand empty', async () => {
  const sheets = [
    formulaSheet(set, exercises, defaultHouseRules),
    tablesSheet(set, asked(0), defaultHouseRules, 'empty', students[0]!),
  ];
  const { pages, formulas } = read(await paperPdf({ title: 'Sheets', sheets }, { size: 'A4', fonts }));
  expect(formulas.length).toBeGreaterThan(0);
  expect(pages[0]).toContain('PMT(rate; nper; pv; [fv]; [type])');
  expect(pages[0]).toContain('the rate for one payment'.replace('the', 'The'));
  const filled = keyTableOf(2);
  expect(pages.slice(1).join(' ')).not.toContain(filled);
});

/** A number that stands in the filled-in table of an exercise. */
function keyTableOf(place: number): string {
  const keyed = answerKey(exercises[place]!, students[0]!.numbers[place]!, defaultHouseRules);
  const found = keyed.flatMap((each) => (each.ok && each.value.table ? [each.value.table] : []))[0]!;
  return writeMoney(found.rows[0]!.at(-1)!.value, style);
}

it('a formula longer than the line is broken at its equals; one that is none stands as it was typed', async () => {
  const long = `P = ${Array.from({ length: 12 }, (_, at) => `\\dfrac{14{,}850\\times ${at}}{1-\\left(1+i\\right)^{-48}}`).join(' = ')}`;
  const blocks: PaperBlock[] = [
    { kind: 'formula', tex: long },
    { kind: 'formula', tex: '\\frac{a' },
    { kind: 'text', pieces: [{ text: 'With ' }, { text: 'x', tex: 'R = 1 + \\frac{j}{12}' }, { text: ' it grows.' }] },
    { kind: 'list', ordered: true, items: [[{ text: 'i', tex: 'i_2 = \\sqrt[12]{1+e} - 1' }]] },
  ];
  const { pages, formulas } = read(await paperPdf({ title: 'Odd', sheets: [{ blocks }] }, { size: 'Letter', fonts }));
  expect(pages.join(' ')).toContain('\\frac{a');
  expect(pages.join(' ')).toMatch(/With\s+it grows/);
  expect(formulas).toEqual([
    expect.stringMatching(/^P = /),
    '\\frac{a',
    'R = 1 + j/12',
    'i_2 = root 12 of (1 + e) − 1',
  ]);
});

it('outlines write every curve out', () => {
  expect(writtenOut('M0 0Q10 20 20 0T40 0T60 0H5V7Z')).toBe('M0 0Q10 20 20 0Q30 -20 40 0Q50 20 60 0H5V7Z');
  expect(writtenOut('M1-2L3 4 5 6T7 8')).toBe('M1 -2L3 4L5 6Q5 6 7 8');
});

describe('keys', () => {
  it('have every answer with what else is right', async () => {
    const sheet = keySheet(set, asked(0), defaultHouseRules, { who: 'x', code: students[0]!.code });
    const { pages } = read(await paperPdf({ title: 'Key', sheets: [sheet] }, { size: 'A4', fonts }));
    const text = pages.join(' ');
    for (const [place, exercise] of exercises.entries())
      for (const keyed of answerKey(exercise, students[0]!.numbers[place]!, defaultHouseRules))
        if (keyed.ok && !keyed.value.table) expect(text).toContain(keyed.value.written.replaceAll('\u00a0', ' '));
    expect(text).toMatch(/nothing rounded|payments × payment/);
  });
  it('have a line for each student, and a roster to mark on', async () => {
    const sheets = [keyLines(set, exercises, defaultHouseRules, students), markingSheet(set, exercises, students)];
    const { pages } = read(await paperPdf({ title: 'Key', sheets }, { size: 'Letter', fonts }));
    for (const { code, number } of students) {
      expect(pages[0]).toContain(code);
      expect(pages.at(-1)).toContain(number);
    }
  });
});

it('a roster of many parts keeps its names on a line each, its cells narrower', async () => {
  const many = Array.from({ length: 16 }, (_, at) => ({ ...exercises[0]!, title: `No. ${at}` }));
  const sheet = markingSheet(set, many, students);
  const { pages } = read(await paperPdf({ title: 'Roster', sheets: [sheet] }, { size: 'A4', fonts }));
  expect(pages).toHaveLength(1);
  for (const { name } of students) expect(pages[0]).toContain(name);
});

it('a name without end, a table that is too wide and an exercise without a key stop nothing', async () => {
  const long = 'x'.repeat(200);
  const sheet = questionSheet(set, asked(0), defaultHouseRules, form, { name: long, number: '1', code: 'A' });
  const wide = {
    kind: 'table' as const,
    head: Array.from({ length: 16 }, (_, at) => ({ text: `Column ${at}` })),
    rows: [Array.from({ length: 16 }, () => ({ text: '1,234,567.89' }))],
  };
  const broken = { ...exercises[0]!, plans: [] };
  const key = keySheet(set, [{ exercise: broken, numbers: {}, share: 1 }], defaultHouseRules);
  const sheets = [{ ...sheet, blocks: [...sheet.blocks, wide] }, key];
  const { pages } = read(await paperPdf({ title: 'Odd', sheets }, { size: 'A4', fonts }));
  expect(pages.join('').replaceAll(' ', '')).toContain('Column15');
  expect(pages.at(-1)).toContain('no answer');
});

describe('codes', () => {
  const codes = Array.from({ length: 2000 }, (_, at) => paperCode('set', `student ${at}`));
  it('differ, and are read however they are typed', () => {
    expect(new Set(codes).size).toBe(codes.length);
    expect(readPaperCode(` ${codes[0]!.toLowerCase().replace('-', ' ')}`)).toBe(codes[0]);
  });
  it('with one letter wrong, or two exchanged, are none', () => {
    const letters = [...codes[7]!.replace('-', '')];
    for (const at of letters.keys()) {
      const wrong = letters.with(at, letters[at] === 'A' ? 'B' : 'A').join('');
      expect(readPaperCode(wrong)).toBeUndefined();
      const next = letters[at + 1];
      if (next === undefined || next === letters[at]) continue;
      expect(
        readPaperCode(
          letters
            .with(at, next)
            .with(at + 1, letters[at]!)
            .join(''),
        ),
      ).toBeUndefined();
    }
    expect(readPaperCode('K-2101')).toBeUndefined();
  });
});

it('a sheet with a way to the student’s page says where it is, on each page, and has the picture of it once', async () => {
  const sheet = questionSheet(set, asked(2), defaultHouseRules, form, students[2]!);
  const link = `https://sextant.college.test/in#${students[2]!.code}`;
  const plain = await paperPdf({ title: 'x', sheets: [sheet] }, { size: 'A4', fonts });
  const withLink = await paperPdf({ title: 'x', sheets: [{ ...sheet, link }] }, { size: 'A4', fonts });
  const { pages, isTagged } = read(withLink);
  expect(isTagged).toBe(true);
  expect(pages.length).toBe(read(plain).pages.length);
  for (const page of pages) expect(page).toContain(`${students[2]!.code} · sextant.college.test/in`);
  // Some hundred squares more than without.
  expect(withLink.length).toBeGreaterThan(plain.length + 500);
});
