/** Parts that are marked by hand: a rubric that adds up, no number for anybody to go on from, open until somebody decides. */
import {
  answerKey,
  checkSubmission,
  creditOfLines,
  defaultHouseRules,
  exerciseProblems,
  isOpen,
  keySheet,
  marksOf,
  partStatistics,
  questionSheet,
  type Exercise,
  type Part,
} from '../src/index.ts';
import { starterExercises } from '../src/starters/index.ts';

const first = starterExercises[0]!;
const rubric = [
  { id: 'l1', says: 'names the rate', marks: 1 },
  { id: 'l2', says: 'gives a reason', marks: 2 },
];
const why: Part = {
  id: 'z',
  prompt: 'Why does a shorter term cost less?',
  marks: 3,
  ask: { quantity: 'by-hand', rubric },
  format: { kind: 'number', decimals: 0 },
};
const exercise: Exercise = { ...first, parts: [...first.parts, why] };
const key = first.parts.map(({ id }, at) => {
  const keyed = answerKey(first, {}, defaultHouseRules)[at]!;
  return [id, keyed.ok ? keyed.value.written : ''] as const;
});

it('are open once anything of the exercise is submitted, and count what is decided', () => {
  const verdicts = checkSubmission(
    exercise,
    {},
    { ...Object.fromEntries(key), z: 'Less interest.' },
    defaultHouseRules,
  );
  const verdict = verdicts.at(-1)!;
  expect(verdicts.slice(0, -1).every(({ kind }) => kind === 'right')).toBe(true);
  expect(verdict).toEqual({ partId: 'z', kind: 'by-hand', credit: 0, explanations: [] });
  expect(isOpen(verdict)).toBe(true);
  const credit = creditOfLines(why, ['l2']);
  expect(credit).toBeCloseTo(2 / 3, 9);
  expect(isOpen(verdict, { credit, comment: '' })).toBe(false);
  expect(marksOf(verdict, why, { credit, comment: '' })).toBe(2);
  expect([creditOfLines(why, []), creditOfLines(why, ['l1', 'l2', 'gone'])]).toEqual([0, 1]);
  expect(checkSubmission(exercise, {}, { z: ' ' }, defaultHouseRules).at(-1)!.kind).toBe('blank');
  expect(checkSubmission(exercise, {}, { a: '1' }, defaultHouseRules).at(-1)!.kind).toBe('by-hand');
});

it('have a rubric that adds up and says something, and give no number to others', () => {
  expect(exerciseProblems(exercise, defaultHouseRules)).toEqual([]);
  const bare: Exercise = { ...first, parts: [...first.parts, { ...why, ask: { quantity: 'by-hand', rubric: [] } }] };
  expect(exerciseProblems(bare, defaultHouseRules)).toEqual([]);
  const short = { ...why, ask: { quantity: 'by-hand' as const, rubric: [{ id: 'l', says: '', marks: 1 }] } };
  const problems = exerciseProblems({ ...first, parts: [short] }, defaultHouseRules);
  expect(problems.map(({ place }) => place)).toEqual(['parts.z.marks', 'parts.z']);
  const leaning: Part = { ...why, id: 'y', ask: { quantity: 'expression', text: 'answer z + 1' } };
  const [, keyed] = answerKey({ ...first, parts: [why, leaning] }, {}, defaultHouseRules);
  expect(keyed).toMatchObject({ ok: false, problem: { message: expect.stringContaining('marked by hand') } });
});

it('stand on papers with room and no box, in the key with their lines, in figures by their marks', () => {
  const set = { title: 'T', className: '', given: '', due: '' };
  const asked = [{ exercise: { ...first, parts: [why] }, numbers: {}, share: 1 }];
  const sheet = JSON.stringify(questionSheet(set, asked, defaultHouseRules, { room: 30, boxes: true, entered: true }));
  expect(sheet).toContain('Why does a shorter');
  expect(sheet).not.toContain('"boxes"');
  expect(JSON.stringify(keySheet(set, asked, defaultHouseRules))).toContain(
    '1 for: names the rate; 2 for: gives a reason',
  );
  const verdicts = { e: checkSubmission({ ...first, parts: [why] }, {}, { z: 'x' }, defaultHouseRules) };
  const student = (credit?: number) => ({
    entries: { e: { z: 'x' } },
    verdicts,
    decisions: credit === undefined ? [] : [{ itemId: 'e', partId: 'z', credit, comment: '' }],
  });
  const [figures] = partStatistics({
    set: { assignedExercises: [{ itemId: 'e', exercise: { ...first, parts: [why] } }], document: { items: [] } },
    students: [student(1), student(1 / 3), student()],
    accepted: [],
  });
  expect(figures).toMatchObject({ students: 3, answered: 3, right: 1 });
  expect(figures!.facility).toBeCloseTo(4 / 9, 6);
});
