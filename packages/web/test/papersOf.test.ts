/** Papers of a set as they are chosen: how many, whose, and with whose numbers. */
import { defaultHouseRules, shippedStyles } from '@hardy-sextant/core';
import type { KeptClass } from '@hardy-sextant/contract';
import {
  paperKinds,
  paperOf,
  sheetsOf,
  type PaperChoice,
  type PaperKind,
} from '../src/features/marking/papers/paperOf.ts';
import { markingOf, right } from '../../files/test/demoMarking.ts';

const marking = markingOf([right, { ...right, a: '1,642.38' }, {}]);
const students = marking.students.map((student, at) => ({
  ...student,
  version: 'ABA'[at]!,
  numbers: { e1: { amount: 30_000 + 1000 * (at % 2) } },
}));
const chosen = { code: 'BM 210', term: 'Autumn', rules: defaultHouseRules } as KeptClass;
const sources = { marking: { ...marking, students }, chosen, entering: shippedStyles[0]!, texts: [] };
const choice = (kind: PaperKind, more: Partial<PaperChoice> = {}): PaperChoice => ({
  kind,
  who: 'each',
  form: { room: 30, boxes: true, entered: false },
  formulas: false,
  tables: 'asked',
  way: 'formula',
  reasons: true,
  ...more,
});
const written = (kind: PaperKind, more?: Partial<PaperChoice>): string =>
  JSON.stringify(paperOf(sheetsOf(sources, choice(kind, more))));

it('are one for each student, one of each version, one for all, or one student’s', () => {
  const count = (more: Partial<PaperChoice>, kind: PaperKind = 'questions') =>
    sheetsOf(sources, choice(kind, more)).count;
  expect([count({}), count({ who: 'version' }), count({ who: 'all' }), count({ who: 'st1' })]).toEqual([3, 2, 1, 1]);
  expect(count({ who: 'all' }, 'feedback')).toBe(3);
  expect(count({}, 'roster')).toBe(1);
  expect(count({ who: 'nobody' })).toBe(0);
});

it('of every kind say something, and those of a version say which', () => {
  for (const kind of Object.keys(paperKinds) as PaperKind[]) expect(written(kind).length).toBeGreaterThan(200);
  expect(written('key', { who: 'version' })).toContain('version B');
  expect(written('solutions', { who: 'version' })).toContain('version A');
  expect(written('questions', { formulas: true })).toContain('"tex"');
});

it('feedback tells where a number comes from, with the working where it is wanted', () => {
  const [all, bare] = [written('feedback', { who: 'st1' }), written('feedback', { who: 'st1', reasons: false })];
  expect(all).toContain('used as the rate for each month');
  expect(all).toContain('"tex"');
  expect(bare).not.toContain('"tex"');
});

it('have the way to the student’s own page where the set is answered online, and nowhere else', () => {
  const online = { ...marking.set, document: { ...marking.set.document, online: true } };
  const links = (set: typeof marking.set, kind: PaperKind, who = 'each') => {
    const own = { ...sources, marking: { ...marking, set, students }, origin: 'https://sextant.college.test' };
    return paperOf(sheetsOf(own, choice(kind, { who }))).sheets.map(({ link, code }) => [link, code]);
  };
  const sheets = links(online, 'questions');
  expect(sheets).toHaveLength(3);
  for (const [link, code] of sheets) expect(link).toBe(`https://sextant.college.test/in#${code}`);
  for (const [link] of [
    ...links(marking.set, 'questions'),
    ...links(online, 'key'),
    ...links(online, 'questions', 'all'),
  ])
    expect(link).toBeUndefined();
});
