/** What students are asked on a screen, until when, and one more like what went wrong. */
import {
  answerKey,
  askedOnScreen,
  defaultHouseRules,
  drawNumbers,
  groupingProblem,
  lessForLate,
  minutesLate,
  moreLikeIt,
  numberStyleById,
  opennessAt,
  showsIn,
  type DueRule,
} from '../src/index.ts';
import { starterExercises } from '../src/starters/index.ts';

const rules = defaultHouseRules;
const at = (text: string): number => Date.parse(text);

describe('on a screen', () => {
  it('every starter has a place for each answer, and nothing of its key', () => {
    for (const exercise of starterExercises) {
      const drawn = drawNumbers(exercise, 'screen', rules);
      const numbers = drawn.ok ? drawn.value : {};
      const asked = askedOnScreen({ exercise, numbers, share: 1 }, rules);
      expect(asked.parts.map(({ id }) => id)).toEqual(exercise.parts.map(({ id }) => id));
      // What an exercise gives away itself, in the cells of a table, is its own affair.
      const text = JSON.stringify(asked, (name, value: unknown) => (name === 'table' ? undefined : value));
      for (const [place, keyed] of answerKey(exercise, numbers, rules).entries()) {
        const part = asked.parts[place]!;
        if (!keyed.ok) continue;
        if (part.answer === 'table') {
          const cells = part.table!.rows.flatMap((row) => row.cells);
          expect(cells.filter(({ id }) => id !== undefined).map(({ id }) => id)).toEqual(
            expect.arrayContaining([...keyed.value.table!.blanks]),
          );
          expect(cells.every(({ id, text: given }) => id === undefined || given === undefined)).toBe(true);
        } else if (keyed.value.part.format.kind === 'money' && keyed.value.expected % 1 !== 0)
          expect(text).not.toContain(keyed.value.written);
      }
    }
  });
  it('says what stands beside a place', () => {
    const ferry = starterExercises.find(({ title }) => title.startsWith('The ferry refit'))!;
    const { parts } = askedOnScreen({ exercise: ferry, numbers: {}, share: 2 }, rules);
    expect(parts.map(({ unit }) => unit).slice(0, 2)).toEqual(['each month', 'owed']);
    expect(parts[0]).toMatchObject({ marks: 4, answer: 'number' });
  });
});

describe('the due time', () => {
  const rule: DueRule = { due: at('2026-11-27T17:00:00Z'), late: true, lessADay: 10, extraMinutes: 0 };
  it.each([
    ['2026-11-27T17:00:00Z', 'open', 0, 0],
    ['2026-11-27T17:00:01Z', 'late', 1, 10],
    ['2026-11-28T17:00:00Z', 'late', 1440, 10],
    ['2026-11-28T17:00:01Z', 'late', 1441, 20],
    ['2027-02-01T00:00:00Z', 'late', 94_020, 100],
  ] as const)('at %s is %s, %i minutes and %i percent', (moment, openness, minutes, less) => {
    expect([opennessAt(rule, at(moment)), minutesLate(rule, at(moment)), lessForLate(rule, at(moment))]).toEqual([
      openness,
      minutes,
      less,
    ]);
  });
  it('moves for who has more time, is closed where late is not taken, and is never without one', () => {
    const later = at('2026-11-27T17:20:00Z');
    expect(opennessAt({ ...rule, extraMinutes: 30 }, later)).toBe('open');
    expect(opennessAt({ ...rule, late: false }, later)).toBe('closed');
    expect(opennessAt({ ...rule, due: undefined }, later)).toBe('open');
    expect(opennessAt({ ...rule, due: undefined, released: true }, later)).toBe('closed');
    expect(opennessAt({ ...rule, from: at('2026-11-27T18:00:00Z') }, later)).toBe('before');
    expect(minutesLate({ ...rule, due: undefined }, later)).toBe(0);
  });
});

describe('one more like it', () => {
  const exercise = starterExercises[0]!;
  it('has other numbers, in which the mistake made last time shows', () => {
    const made = [{ partId: 'a', slip: 'rate-left-annual' }];
    const first = moreLikeIt(exercise, [], made, 'seed', rules);
    if (!first.ok) throw new Error(first.problem.message);
    const second = moreLikeIt(exercise, [first.value], made, 'seed', rules);
    if (!second.ok) throw new Error(second.problem.message);
    expect(second.value).not.toEqual(first.value);
    const key = answerKey(exercise, first.value, rules).flatMap((each) => (each.ok ? [each.value] : []));
    expect(made.map((slip) => showsIn(key, slip, rules))).toEqual([true]);
    expect(showsIn(key, { partId: 'a', slip: 'no-such-slip' }, rules)).toBe(false);
  });
  it('says that nothing varies', () => {
    const fixed = { ...exercise, givens: [] };
    expect(moreLikeIt(fixed, [], [], 'seed', rules)).toMatchObject({ ok: false });
  });
});

it.each([
  ['20,1984.3', 'comma-point', 'four digits follow the comma. Did you mean 201,984.3?'],
  ['9,41.43', 'comma-point', 'two digits follow the comma. Did you mean 941.43?'],
  ['1.2.3', 'comma-point', '“.” stands in it 2 times.'],
  ['20.1984,3', 'point-comma', 'four digits follow the point. Did you mean 201.984,3?'],
  ['941.43', 'comma-point', undefined],
  ['about 9', 'comma-point', undefined],
] as const)('the grouping of %s in %s: %s', (text, style, says) => {
  expect(groupingProblem(text, numberStyleById(style))).toBe(says);
});
