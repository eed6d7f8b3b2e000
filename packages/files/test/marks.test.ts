/** Marks for a gradebook: what counts, and in which columns. */
import { checkSubmission, defaultHouseRules, itemShare, markedParts, totalOf } from '@hardy-sextant/core';
import { starterExercises } from '@hardy-sextant/core/starters';
import { itemVerdicts, marking as markingSchema, type Marking } from '@hardy-sextant/contract';
import { strFromU8, unzipSync } from 'fflate';
import Papa from 'papaparse';
import { marksFile, oneRosterZip, resultColumns, resultRows } from '../src/index.ts';

const exercise = starterExercises.find(({ title }) => title === 'The ferry refit, with a rate review')!;
const answers = [
  { a: '625.72', b: '17,456.86', c: '637.58', d: '355.80' },
  { a: '1,642.38', b: '', c: '', d: '' },
  {},
] as Record<string, string>[];

const marking = (marks?: number): Marking =>
  markingSchema.parse({
    set: {
      id: 's1',
      classId: 'c1',
      title: 'Week 6',
      document: {
        schemaVersion: 1,
        items: [{ id: 'e1', exerciseId: 'x', ...(marks ? { marks } : {}) }],
        numbers: 'same',
        given: '',
        due: '',
      },
      revision: 1,
      updatedAt: '',
      assignedExercises: [{ itemId: 'e1', exercise, revision: 1, latest: 1 }],
      counts: { students: 3, submitted: 2, toLookAt: 0, unmatched: 0 },
    },
    students: answers.map((entries, at) => ({
      id: `st${at}`,
      name: `Student ${at}`,
      number: `N-${at}`,
      entries: { e1: entries },
      numbers: {},
      revision: 1,
      verdicts: { e1: checkSubmission(exercise, {}, entries, defaultHouseRules) },
      decisions: at === 1 ? [{ itemId: 'e1', partId: 'a', credit: 0.75, comment: 'Nearly.' }] : [],
    })),
    accepted: [],
    unmatchedRows: [],
    unchecked: 0,
  });

it('adds up what was judged and what was decided', () => {
  const now = marking();
  expect(now.students.map((student) => totalOf(now, student))).toEqual([
    { marks: 10, of: 10, submitted: true },
    { marks: 1.5, of: 10, submitted: true },
    { marks: 0, of: 10, submitted: false },
  ]);
});

it('counts an exercise for what the set says', () => {
  const now = marking(25);
  expect(itemShare(now, 'e1')).toBe(2.5);
  expect(totalOf(now, now.students[0]!)).toMatchObject({ marks: 25, of: 25 });
});

it('makes rows for a gradebook', () => {
  const rows = resultRows(marking(), '2026-11-25T10:00:00.000Z');
  expect(Object.keys(rows[0]!)).toEqual([...resultColumns]);
  expect(rows[1]).toMatchObject({
    studentSourcedId: 'N-1',
    score: '1.5',
    scoreStatus: 'partially graded',
    comment: 'Nearly.',
    scoreDate: '2026-11-25',
  });
  expect(rows[2]).toMatchObject({ score: '', scoreStatus: 'not submitted' });
});

it('lists every answer in JSON', () => {
  const file = marksFile(marking()) as { students: { parts: { verdict: string; answer: string }[] }[] };
  expect(file.students[1]!.parts[0]).toMatchObject({
    answer: '1,642.38',
    verdict: 'slip',
    marks: 1.5,
    comment: 'Nearly.',
  });
});

it('has a reading accepted for everyone, wherever its cause or its number fits', () => {
  const now = marking();
  const accept = (match: object) =>
    ({
      ...now,
      accepted: [{ id: 'r', itemId: 'e1', partId: 'a', match, says: 'Read another way.', credit: 1 }],
    }) as Marking;
  const partA = (each: Marking) =>
    markedParts({ ...each.students[1]!, decisions: [] }, each.set.assignedExercises[0]!, each.accepted, 1)[0]!;
  expect(partA(now)).toMatchObject({ verdict: { kind: 'slip' }, marks: 1 });
  expect(partA(accept({ slips: ['rate-left-annual'] }))).toMatchObject({
    judged: { kind: 'slip' },
    verdict: { kind: 'reading', says: 'Read another way.' },
    marks: 2,
  });
  expect(partA(accept({ value: 1642.38 }))).toMatchObject({ verdict: { kind: 'reading' } });
  expect(partA(accept({ value: 1642.39 }))).toMatchObject({ verdict: { kind: 'slip' } });
  expect(partA(accept({ slips: ['years-for-payments'] }))).toMatchObject({ verdict: { kind: 'slip' } });
});

it('reads verdicts back as core made them', () => {
  const verdicts = { e1: checkSubmission(exercise, {}, answers[1]!, defaultHouseRules) };
  expect(itemVerdicts.parse(JSON.parse(JSON.stringify(verdicts)))).toEqual(JSON.parse(JSON.stringify(verdicts)));
});

it('go out as a zip of OneRoster whose files name each other and are named by its manifest', () => {
  const files = unzipSync(oneRosterZip(marking(20), '2026-11-27T08:00:00.000Z'));
  const rows = (name: string) =>
    Papa.parse<Record<string, string>>(strFromU8(files[name]!), { header: true, skipEmptyLines: true }).data;
  const manifest = new Map(rows('manifest.csv').map(({ propertyName, value }) => [propertyName, value]));
  expect(manifest.get('oneroster.version')).toBe('1.2');
  for (const name of ['categories', 'lineItems', 'results']) expect(manifest.get(`file.${name}`)).toBe('bulk');
  expect(manifest.get('file.users')).toBe('absent');
  const [item] = rows('lineItems.csv');
  expect(item).toMatchObject({ sourcedId: 's1', title: 'Week 6', resultValueMax: '20' });
  expect(rows('categories.csv')[0]!.sourcedId).toBe(item!.categorySourcedId);
  const results = rows('results.csv');
  expect(results).toHaveLength(3);
  for (const { lineItemSourcedId, score } of results) {
    expect(lineItemSourcedId).toBe('s1');
    expect(Number(score)).toBeLessThanOrEqual(20);
  }
});
