/** What students read about their answers. */
import { defaultHouseRules, shippedStyles, slips } from '@hardy-sextant/core';
import { feedbackFor, feedbackText, usualWords, wordsAbout } from '@hardy-sextant/core';
import { markingOf, right } from '../../files/test/demoMarking.ts';

const marking = markingOf([
  right,
  { ...right, a: '1,642.38' },
  { a: '625.72', b: '18,000.01', c: '657.42', d: 'n/a' },
  {},
]);
const feedback = (at: number, texts: Parameters<typeof feedbackFor>[3] = [], working = true) =>
  feedbackFor(marking, marking.students[at]!, defaultHouseRules, texts, shippedStyles[0]!, working);
const parts = (at: number) => feedback(at).exercises[0]!.parts;

it('tells the verdict, the marks and nothing else where all is right', () => {
  expect(feedback(0)).toMatchObject({ name: 'Student 0', total: '10 of 10' });
  for (const part of parts(0)) expect(part).toMatchObject({ verdict: 'Right.', says: [], working: [] });
});

it('tells where a wrong number comes from, what to look at, and the working with the numbers', () => {
  const [a] = parts(1);
  expect(a).toMatchObject({ kind: 'slip', marks: '1 of 2', answer: '1,642.38' });
  expect(a!.says[0]).toContain('used as the rate for each month');
  expect(a!.says).toContain(usualWords('rate-left-annual'));
  expect(a!.working.length).toBeGreaterThan(3);
  expect(feedback(1, [], false).exercises[0]!.parts[0]!.working).toEqual([]);
});

it('speaks to the student about own answers, and of what could not be read', () => {
  const [, b, c, d] = parts(2);
  expect(b).toMatchObject({ kind: 'unexplained' });
  expect(c).toMatchObject({ kind: 'carried', marks: '3 of 3' });
  expect(c!.says.join(' ')).toContain('your own');
  expect(c!.says.join(' ')).not.toContain('the student');
  // The working begins with what the student had, and ends at their number.
  expect(JSON.stringify(c!.working)).toContain('18{,}000.01');
  expect(c!.working.at(-1)).toMatchObject({ kind: 'answer', text: expect.stringContaining('657.4') });
  expect(d!.verdict).toBe('This could not be read as a number.');
  expect(parts(3).map(({ verdict }) => verdict)).toEqual(Array.from({ length: 4 }, () => 'Nothing was submitted.'));
});

it('uses the instructor’s own words where there are any', () => {
  const texts = [
    { slipId: 'rate-left-annual', text: 'Divide first.', revision: 1 },
    { slipId: 'answer-sign', text: '', revision: 2 },
  ];
  expect(feedback(1, texts).exercises[0]!.parts[0]!.says).toContain('Divide first.');
  expect(wordsAbout('answer-sign', texts)).toBe(usualWords('answer-sign'));
});

it('has words for every slip', () => {
  for (const { id } of slips) expect([id, usualWords(id).length > 20]).toEqual([id, true]);
});

it('gives advice once, and says each cause where it is', () => {
  const twice = markingOf([{ ...right, a: '1,642.38', b: '1,642.38', c: '1,642.38' }]);
  const read = feedbackFor(twice, twice.students[0]!, defaultHouseRules, [], shippedStyles[0]!, true);
  const all = read.exercises.flatMap(({ parts: each }) => each);
  const advice = all.flatMap(({ says }) => says).filter((each) => each === usualWords('rate-left-annual'));
  expect(advice).toHaveLength(1);
  for (const { kind, says } of all) if (kind === 'slip') expect(says.length).toBeGreaterThan(0);
});

it('is plain text for a message', () => {
  const text = feedbackText('Week 6', feedback(1));
  expect(text).toMatch(/^Week 6: Student 1, 9 of 10 marks\n/);
  expect(text).toContain('a) Find the monthly payment.');
  expect(text).toContain('Your answer: 1,642.38. Not right, and we can say where it comes from. 1 of 2 marks.');
  expect(text).toContain('The working, with your numbers:');
  expect(text).toContain(feedback(1).exercises[0]!.story);
  expect(text).not.toContain('undefined');
});
