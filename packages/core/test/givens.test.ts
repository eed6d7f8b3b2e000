/** Givens, stories, draws and their report: names, circles, limits, the same numbers for a seed. */
import {
  defaultHouseRules,
  drawNumbers,
  drawReport,
  exerciseProblems,
  fillText,
  givensInForce,
  judgeDraw,
  must,
  nameProblem,
  namesIn,
  numberStyleById,
  plainStory,
  seededRandom,
  storyGivens,
  storyText,
  textGivens,
  writeGiven,
  type DrawReport,
  type Exercise,
  type Given,
  type Result,
} from '../src/index.ts';
import { asking, given, loan, part } from './exercises.ts';

const style = numberStyleById('comma-point');
const inForce = (givens: readonly Given[], numbers = {}) => givensInForce({ givens }, numbers, style);

describe('names', () => {
  it.each([
    ['amount', undefined],
    ['new rate', undefined],
    ['rate2', undefined],
    ['Rate', 'small letters'],
    ['2nd', 'small letters'],
    ['', 'small letters'],
    ['a  b', 'small letters'],
    ['answer a', 'stands for the answer of a part'],
    ['taken', 'two givens called'],
  ])('“%s”', (name, says) => {
    const problem = nameProblem(name, ['taken']);
    if (says === undefined) expect(problem).toBeUndefined();
    else expect(problem).toContain(says);
  });
  it('are found as whole words only', () => {
    expect(namesIn('years × 12 − new rate', ['years', 'year', 'rate', 'new rate'])).toEqual([
      'years',
      'rate',
      'new rate',
    ]);
    expect(namesIn('rates of pirates', ['rate'])).toEqual([]);
    expect(namesIn('RATE+1', ['rate'])).toEqual(['rate']);
  });
});

describe('givens in force', () => {
  it('follow from each other, whatever their order', () => {
    const givens = [
      given('new rate', '', 'rate', { by: 'expression', text: 'rate + 1.5' }),
      given('rate', '5.7', 'rate'),
    ];
    expect(inForce(givens).values).toEqual({ rate: 5.7, 'new rate': 7.2 });
    expect(inForce(givens, { rate: 6 }).values['new rate']).toBeCloseTo(7.5, 12);
  });
  it('name a circle and what has no number', () => {
    const circle = [
      given('a', '', 'money', { by: 'expression', text: 'b + 1' }),
      given('b', '', 'money', { by: 'expression', text: 'a + 1' }),
      given('c', ''),
      given('d', 'much'),
    ];
    const { problems } = inForce(circle);
    expect(Object.values(problems).some(({ message }) => message.includes('“a” needs “b” needs “a”'))).toBe(true);
    expect(problems['c']!.message).toBe('“c” has no number yet.');
    expect(problems['d']!.message).toContain('“d”');
  });
  it('read months as years, and words as they are', () => {
    expect(inForce([given('years', '18 months', 'years'), given('place', 'the jetty', 'words')]).values).toEqual({
      years: 1.5,
      place: 'the jetty',
    });
    expect(inForce([given('place', 'the jetty', 'words')], { place: 'the pier' }).written).toEqual({
      place: 'the pier',
    });
  });
  it('are written as their kind is', () => {
    const write = (one: Given, value: number) => writeGiven(one, value, style).replace(/\u00a0/g, ' ');
    expect(write(given('x', '', 'money'), 26_800)).toBe('26,800');
    expect(write(given('x', '', 'money'), 26_800.5)).toBe('26,800.50');
    expect(write(given('x', '', 'rate'), 5.7)).toBe('5.7 %');
    expect(write(given('x', '', 'rate'), 7.25)).toBe('7.25 %');
    expect(write({ ...given('x', '', 'count'), unit: 'payments' }, 48)).toBe('48 payments');
    expect(write({ ...given('x', '', 'money'), decimals: 3 }, 1.5)).toBe('1.500');
  });
});

describe('stories', () => {
  const story = plainStory('The co-op borrows {amount} at {rate}.\nIt repays {amount}.');
  it('show givens by name and write them out', () => {
    expect(storyGivens(story)).toEqual(['amount', 'rate', 'amount']);
    expect(storyText(story, { amount: '26,800' })).toBe('The co-op borrows 26,800 at {rate}.\nIt repays 26,800.');
  });
  it('have formulas, lists and tables as text', () => {
    const rich = {
      type: 'doc',
      content: [
        {
          type: 'paragraph',
          content: [
            { type: 'text', text: 'So ' },
            { type: 'formula', attrs: { tex: 'i=j/12' } },
            { type: 'hardBreak' },
            { type: 'text', text: 'then' },
          ],
        },
        {
          type: 'bulletList',
          content: ['one', 'two'].map((text) => ({
            type: 'listItem',
            content: [{ type: 'paragraph', content: [{ type: 'text', text }] }],
          })),
        },
        {
          type: 'table',
          content: [
            {
              type: 'tableRow',
              content: ['a', 'b'].map((text) => ({ type: 'tableCell', content: [{ type: 'text', text }] })),
            },
          ],
        },
      ],
    } as Parameters<typeof storyText>[0];
    expect(storyText(rich)).toBe('So i=j/12\nthen\none\ntwo\na\tb');
  });
  it('and prompts leave unknown names in their braces', () => {
    expect(fillText('after {k} of {n}', { k: '18' })).toBe('after 18 of {n}');
    expect(textGivens('after { k } of {n}')).toEqual(['k', 'n']);
    expect(storyText(plainStory(''))).toBe('');
  });
});

const varied = (more: Partial<Exercise> = {}): Exercise => ({
  ...asking(
    [{ id: 'plan', draft: loan({ amount: 'amount', rate: 'rate', payments: 'years × 12' }) }],
    [part('a', { quantity: 'payment', plan: 'plan' })],
    [
      given('amount', '26,800', 'money', { by: 'range', from: '20,000', to: '30,000', step: '500' }),
      given('rate', '5.7', 'rate', { by: 'list', values: '5.4; 5.7; 6' }),
      given('years', '4', 'years', { by: 'list', values: '3, 4, 5' }),
    ],
  ),
  ...more,
});

describe('draws', () => {
  it('keep to ranges, steps and lists, and repeat for a seed', () => {
    for (let seed = 0; seed < 200; seed += 1) {
      const numbers = must(drawNumbers(varied(), seed)) as Record<string, number>;
      expect(numbers).toEqual(must(drawNumbers(varied(), String(seed))));
      expect(numbers['amount']! % 500).toBe(0);
      expect(numbers['amount']).toBeGreaterThanOrEqual(20_000);
      expect(numbers['amount']).toBeLessThanOrEqual(30_000);
      expect([5.4, 5.7, 6]).toContain(numbers['rate']);
      expect([3, 4, 5]).toContain(numbers['years']);
    }
  });
  it('reach both ends of a range', () => {
    const seen = new Set(
      Array.from({ length: 400 }, (_, seed) => (must(drawNumbers(varied(), seed)) as Record<string, number>)['amount']),
    );
    expect(seen.has(20_000)).toBe(true);
    expect(seen.has(30_000)).toBe(true);
  });
  it('are drawn again until they keep the limits, and say so where none does', () => {
    const limited = varied({ limits: [{ of: { part: 'a' }, least: 600, most: 650 }] });
    for (let seed = 0; seed < 60; seed += 1) {
      const { key, refused } = judgeDraw(limited, must(drawNumbers(limited, seed)), defaultHouseRules);
      expect(refused).toBeUndefined();
      expect(must(key[0]!).exact).toBeGreaterThanOrEqual(600);
      expect(must(key[0]!).exact).toBeLessThanOrEqual(650);
    }
    const never = drawNumbers(varied({ limits: [{ of: { part: 'a' }, most: 1 }] }), 1);
    expect(never).toMatchObject({
      ok: false,
      problem: { code: 'not-reached', message: 'No draw of 200 keeps the limit of part a.' },
    });
    const byGiven = drawNumbers(varied({ limits: [{ of: { given: 'amount' }, least: 1e9 }] }), 1);
    expect(byGiven.ok ? '' : byGiven.problem.message).toContain('“amount”');
  });
  it.each([
    [{ by: 'range', from: '5', to: '1', step: '1' }],
    [{ by: 'range', from: '', to: '10', step: '1' }],
    [{ by: 'range', from: '1', to: '10', step: '0' }],
    [{ by: 'range', from: '1', to: '10', step: 'some' }],
    [{ by: 'list', values: ' ; ' }],
    [{ by: 'list', values: '1; two' }],
  ] as const)('say what is wrong with %j', (vary) => {
    const drawn = drawNumbers(
      varied({
        givens: [given('amount', '1', 'money', vary), given('rate', '5', 'rate'), given('years', '4', 'years')],
      }),
      1,
    );
    expect(drawn).toMatchObject({ ok: false });
    if (!drawn.ok) expect(drawn.problem.message).toMatch(/^“amount”: /);
  });
  it('come from numbers that are spread evenly and never one', () => {
    const random = seededRandom('even');
    const counts = Array.from({ length: 10 }, () => 0);
    for (let k = 0; k < 20_000; k += 1) {
      const value = random();
      expect(value).toBeLessThan(1);
      counts[Math.floor(value * 10)]! += 1;
    }
    for (const count of counts) expect(Math.abs(count - 2000)).toBeLessThan(250);
  });
});

describe('the report over draws', () => {
  const reportOf = (exercise: Exercise, draws: number): DrawReport => {
    const run = drawReport(exercise, draws, defaultHouseRules);
    for (;;) {
      const step = run.next();
      if (step.done) return must(step.value as Result<DrawReport>);
    }
  };
  it('says how many are sensible and how answers spread', () => {
    const report = reportOf(varied(), 40);
    expect(report).toMatchObject({ draws: 40, sensible: 40, refusals: [] });
    const [spread] = report.spreads;
    expect([spread!.least, spread!.quarter, spread!.middle, spread!.threeQuarters, spread!.most]).toEqual(
      [spread!.least, spread!.quarter, spread!.middle, spread!.threeQuarters, spread!.most].sort((a, b) => a - b),
    );
  });
  it('says why draws were refused, with one such draw', () => {
    const report = reportOf(varied({ limits: [{ of: { part: 'a' }, most: 600 }] }), 40);
    expect(report.sensible).toBeLessThan(40);
    expect(report.refusals[0]).toMatchObject({ why: 'breaks the limit of part a', draws: 40 - report.sensible });
    expect(
      judgeDraw(varied({ limits: [{ of: { part: 'a' }, most: 600 }] }), report.refusals[0]!.example, defaultHouseRules)
        .refused,
    ).toBeDefined();
  });
  it('names two slips that give one number', () => {
    const report = reportOf(varied(), 10);
    for (const { ids, draws } of report.collisions) {
      expect(ids[0]).not.toBe(ids[1]);
      expect(draws).toBeGreaterThan(0);
    }
  });
});

describe('what keeps an exercise from being assigned', () => {
  it('is nothing for a sound one', () => expect(exerciseProblems(varied(), defaultHouseRules, true)).toEqual([]));
  it.each([
    ['no title', { title: ' ' }, 'title'],
    ['no story', { story: plainStory('') }, 'story'],
    ['a story with a given that is gone', { story: plainStory('It borrows {loan}.') }, 'story'],
    ['no part', { parts: [] }, 'parts'],
    [
      'a part without a prompt',
      { parts: [part('a', { quantity: 'payment', plan: 'plan' }, { prompt: '' })] },
      'parts.a.prompt',
    ],
    [
      'a part without marks',
      { parts: [part('a', { quantity: 'payment', plan: 'plan' }, { marks: 0 })] },
      'parts.a.marks',
    ],
    [
      'a prompt with a given that is gone',
      { parts: [part('a', { quantity: 'payment', plan: 'plan' }, { prompt: 'After {k}?' })] },
      'parts.a.prompt',
    ],
    ['a limit the wrong way round', { limits: [{ of: { part: 'a' }, least: 5, most: 1 }] }, 'limits.0'],
    ['a limit about nothing', { limits: [{ of: { part: 'z' }, least: 5 }] }, 'limits.0'],
    ['limits that no draw keeps', { limits: [{ of: { part: 'a' }, most: 1 }] }, 'givens'],
  ] as const)('%s', (_what, more, place) => {
    expect(
      exerciseProblems(varied(more as Partial<Exercise>), defaultHouseRules, true).map((each) => each.place),
    ).toContain(place);
  });
});

it.each(['constructor', 'toString', '__proto__', 'hasOwnProperty', 'valueOf'])(
  'may be called what every object has: %s',
  (name) => {
    const given = { name, kind: 'money' as const, now: '1,200', vary: { by: 'fixed' as const } };
    const style = numberStyleById('comma-point');
    expect(givensInForce({ givens: [given] }, {}, style).written[name]).toBe('1,200');
    expect(givensInForce({ givens: [given] }, {}, style).values[name]).toBe(1200);
    expect(fillText(`It costs {${name}}.`, {})).toBe(`It costs {${name}}.`);
    expect(storyText({ type: 'doc', content: [{ type: 'given', attrs: { name } }] })).toBe(`{${name}}`);
  },
);
