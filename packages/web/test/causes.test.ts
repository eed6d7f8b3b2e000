/** What gathers answers, and what went wrong over a class. */
import type { KeptWorksheet, Marking } from '@hardy-sextant/contract';
import { alikeKey, causeOf, causesOf, cellsOf } from '../src/features/marking/causes.ts';
import { toGoOver, wentWrong } from '../src/features/marking/wentWrong.ts';
import { markingOf, right } from '../../files/test/demoMarking.ts';

const marking = markingOf([
  right,
  { ...right, a: '1,642.38' },
  { ...right, a: '1642.38' },
  { ...right, a: '-625.72' },
  { ...right, a: '777.77' },
  { ...right, a: '777.77' },
  { ...right, a: '888.88' },
  { ...right, a: 'n/a' },
  { ...right, a: 'N/A' },
  { a: '625.72' },
]);
const cells = cellsOf(marking, marking.set.assignedExercises);
const partA = marking.students.map(({ id }) => cells.get(id)!.get('e1/a')!);

it('gathers by the likeliest slip, or by the kind of verdict', () => {
  expect(partA.map(causeOf)).toEqual([
    'right',
    'rate-left-annual',
    'rate-left-annual',
    'answer-sign',
    'unexplained',
    'unexplained',
    'unexplained',
    'unreadable',
    'unreadable',
    'right',
  ]);
});

it('calls answers alike that share part and cause, and the number itself where nothing explains it', () => {
  const alike = (at: number): number => partA.filter((cell) => alikeKey(cell) === alikeKey(partA[at]!)).length;
  expect([0, 1, 3, 4, 6, 7].map(alike)).toEqual([2, 2, 1, 2, 1, 2]);
});

it('lists what many share before single slips, and what is right last', () => {
  const causes = causesOf(partA);
  expect(causes[0]).toMatchObject({ id: 'rate-left-annual', count: 2 });
  expect(
    causes
      .slice(1, 3)
      .map(({ id }) => id)
      .sort(),
  ).toEqual(['unexplained', 'unreadable']);
  expect(causes.at(-1)!.id).toBe('right');
  expect(causes.reduce((sum, { count }) => sum + count, 0)).toBe(partA.length);
});

describe('what went wrong', () => {
  const found = wentWrong(marking, []);
  it('counts every answer of a part once', () => {
    for (const { right: good, carried, slip, unexplained, blank, answers } of found.parts) {
      expect(good + carried + slip + unexplained).toBe(answers);
      expect(answers + blank).toBe(marking.students.length);
    }
    expect(found.parts[0]).toMatchObject({ right: 2, slip: 3, unexplained: 5 });
  });
  it('puts what cost the most first, with its share of the answers', () => {
    expect(found.causes.map(({ lost }) => lost)).toEqual(
      [...found.causes.map(({ lost }) => lost)].sort((a, b) => b - a),
    );
    expect(found.causes.find(({ id }) => id === 'rate-left-annual')).toMatchObject({ count: 2, share: 0.2, lost: 2 });
  });
  it('names up to three things to go over, never what nobody can explain', () => {
    const over = toGoOver(found);
    expect(over.length).toBeLessThanOrEqual(3);
    expect(over.map(({ id }) => id)).not.toContain('unexplained');
    expect(over[0]!.id).toBe('rate-left-annual');
  });
  it('is nothing where all is right', () => {
    expect(toGoOver(wentWrong(markingOf([right, right]), []))).toEqual([]);
  });
});

it('counts what went wrong in worksheets, the last of each student, what it cost shared between its causes', () => {
  const table = markingOf([right, right, right]);
  const [assigned] = table.set.assignedExercises;
  const { itemId, exercise } = assigned!;
  const part = exercise.parts[0]!;
  const asked: Marking = {
    ...table,
    set: {
      ...table.set,
      assignedExercises: [
        {
          ...assigned!,
          exercise: { ...exercise, parts: [{ ...part, ask: { quantity: 'table', plan: 'plan', blanks: [] } }] },
        },
      ],
    },
  };
  const cause = (id: string, remark = false) => ({ id, title: id, certain: true, remark });
  const sheet = (id: string, at: number, credit: number, ...causes: ReturnType<typeof cause>[]): KeptWorksheet => ({
    id,
    itemId,
    studentId: table.students[at]!.id,
    name: `${id}.csv`,
    size: 1,
    revision: 1,
    isMapped: false,
    summary: { credit, causes, wrong: 1, cells: 9 },
  });
  const found = wentWrong(asked, [
    sheet('first', 0, 0, cause('wrong-cell')),
    sheet('second', 0, 0.5, cause('slid'), cause('slid'), cause('values-no-formulas', true)),
    sheet('other', 1, 0.5, cause('slid'), cause('typed')),
  ]);
  const marks = part.marks;
  expect(found.causes).toEqual([
    expect.objectContaining({ id: 'slid', count: 2, share: 1, lost: 0.75 * marks }),
    expect.objectContaining({ id: 'typed', count: 1, share: 0.5, lost: 0.25 * marks }),
  ]);
});
