/** Papers as documents to edit: unzipped and read by an XML reader, they have named styles, real equations, tables and every answer. */
import {
  answerKey,
  defaultHouseRules,
  drawNumbers,
  must,
  paperCode,
  questionSheet,
  shippedStyles,
  solutionSheet,
  type PaperBlock,
} from '@hardy-sextant/core';
import { starterExercises } from '@hardy-sextant/core/starters';
import { strFromU8, unzipSync } from 'fflate';
import { SaxesParser } from 'saxes';
import { paperDocx } from '../src/papers/paperDocx.ts';

interface ReadDocx {
  readonly text: string;
  readonly styles: ReadonlySet<string>;
  /** How often each element occurs. */
  readonly counts: ReadonlyMap<string, number>;
  readonly parts: readonly string[];
}

/** Elements are counted, text is joined; what is not well-formed throws. */
function read(bytes: Uint8Array): ReadDocx {
  const parts = unzipSync(bytes);
  const counts = new Map<string, number>();
  const styles = new Set<string>();
  const texts: string[] = [];
  const parser = new SaxesParser();
  parser.on('error', (error) => {
    throw error;
  });
  parser.on('opentag', ({ name, attributes }) => {
    counts.set(name, (counts.get(name) ?? 0) + 1);
    if (name === 'w:pStyle' || name === 'w:rStyle') styles.add(String(attributes['w:val']));
    if (name === 'w:p') texts.push('\n');
  });
  parser.on('text', (text) => texts.push(text));
  parser.write(strFromU8(parts['word/document.xml']!)).close();
  return { text: texts.join(''), styles, counts, parts: Object.keys(parts) };
}

const table = starterExercises.find(({ parts }) => parts.some(({ ask }) => ask.quantity === 'table'))!;
const exercises = [starterExercises[0]!, table];
const set = { title: 'Week 3, payments', className: 'BM 210', given: '6 October 2026', due: '' };
const asked = exercises.map((exercise) => ({
  exercise,
  numbers: must(drawNumbers(exercise, 'one', defaultHouseRules)),
  share: 1,
}));

it('question sheets have headings, questions, tables to fill in, a code in the foot', async () => {
  const code = paperCode('set', 'a');
  const student = { name: 'Мария Ким', number: 'K-1', code };
  const sheet = questionSheet(set, asked, defaultHouseRules, { room: 30, boxes: true, entered: true }, student);
  const bytes = await paperDocx({ title: set.title, sheets: [sheet, sheet] }, { size: 'A4' });
  const { text, styles, counts, parts } = read(bytes);
  expect([...styles]).toEqual(expect.arrayContaining(['Heading1', 'Heading2', 'Facts', 'Cell', 'Number', 'Room']));
  expect(text).toContain('Мария Ким');
  for (const { exercise } of asked) expect(text).toContain(exercise.title);
  expect(counts.get('w:tbl')).toBeGreaterThan(4);
  expect(counts.get('w:sectPr')).toBe(2);
  const foot = parts.filter((name) => /footer\d+\.xml$/.test(name));
  expect(foot).toHaveLength(2);
  expect(strFromU8(unzipSync(bytes)[foot[0]!]!)).toContain(code);
});

it('worked solutions have equations, and every answer of the key', async () => {
  const form = { way: 'formula', detail: 'reasons', entering: shippedStyles[0]! } as const;
  const sheet = solutionSheet(set, asked, defaultHouseRules, form, { who: 'x', code: 'y' });
  const { text, counts } = read(await paperDocx({ title: 'Worked', sheets: [sheet] }, { size: 'Letter' }));
  for (const { exercise, numbers } of asked)
    for (const keyed of answerKey(exercise, numbers, defaultHouseRules))
      if (keyed.ok && !keyed.value.table) expect(text).toContain(keyed.value.written);
  expect(counts.get('m:oMath')).toBeGreaterThan(5);
  expect(counts.get('m:f')).toBeGreaterThan(5);
  expect(counts.get('m:d')).toBeGreaterThan(2);
  expect(text).not.toContain('dfrac');
});

it('roots, indices, lists and formulas that cannot be read all come through', async () => {
  const blocks: PaperBlock[] = [
    { kind: 'formula', tex: 'i_2 = \\sqrt[12]{1+e} - \\sqrt{x_1^2}' },
    {
      kind: 'text',
      pieces: [
        { text: 'x', tex: '\\frac{a' },
        { text: ' and ', italic: true },
        { text: '=1+1', code: true },
      ],
    },
    { kind: 'list', ordered: true, items: [[{ text: 'first' }], [{ text: 'R', tex: 'R=1+i' }]] },
    { kind: 'list', ordered: false, items: [[{ text: '<&>\u0007' }]] },
    { kind: 'table', head: [], rows: [] },
  ];
  const { text, counts, styles } = read(await paperDocx({ title: 'Odd', sheets: [{ blocks }] }, { size: 'A4' }));
  expect(counts.get('m:rad')).toBe(2);
  expect(counts.get('m:sSubSup')).toBe(1);
  expect(text).toContain('\\frac{a');
  expect(text).toContain('<&>');
  expect(styles).toContain('Typed');
});
