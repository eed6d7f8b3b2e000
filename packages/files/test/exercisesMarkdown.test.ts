/** Exercises as Markdown and back, and Markdown that somebody typed. */
import { answerKey, defaultHouseRules, must, storyText, type Exercise } from '@hardy-sextant/core';
import { starterExercises } from '@hardy-sextant/core/starters';
import { marked } from 'marked';
import { readExercisesMarkdown, writeExercisesMarkdown } from '../src/exercisesMarkdown.ts';

const read = (text: string) => readExercisesMarkdown(text, defaultHouseRules);
const numeric = (exercise: Exercise): boolean =>
  answerKey(exercise, {}, defaultHouseRules).every((each) => {
    const { table, choice, relation, part } = must(each);
    return !table && choice === undefined && !relation && part.format.kind !== 'years-months';
  });

it('goes out and comes back with stories, parts, marks and keys', () => {
  const all = starterExercises.filter(numeric);
  expect(all.length).toBeGreaterThan(15);
  const { exercises, notes } = read(writeExercisesMarkdown(all, defaultHouseRules));
  expect(notes).toEqual([]);
  expect(exercises.map(({ title, topic, level }) => [title, topic, level])).toEqual(
    all.map(({ title, topic, level }) => [title, topic, level]),
  );
  all.forEach((before, at) => {
    const after = exercises[at]!;
    const keys = (exercise: Exercise) =>
      answerKey(exercise, {}, defaultHouseRules).map((each) => {
        const { expected, part } = must(each);
        return { id: part.id, marks: part.marks, expected: expect.closeTo(expected, 9) };
      });
    expect(
      answerKey(after, {}, defaultHouseRules).map((each) => {
        const { expected, part } = must(each);
        return { id: part.id, marks: part.marks, expected };
      }),
    ).toEqual(keys(before));
    expect(storyText(after.story).replace(/\s+/g, ' ').length).toBeGreaterThan(20);
  });
  // What is written a second time is the same.
  expect(
    writeExercisesMarkdown(read(writeExercisesMarkdown(exercises, defaultHouseRules)).exercises, defaultHouseRules),
  ).toBe(writeExercisesMarkdown(exercises, defaultHouseRules));
});

it('is Markdown to a reader that is not ours: one heading an exercise', () => {
  const tokens = marked.lexer(writeExercisesMarkdown(starterExercises, defaultHouseRules));
  expect(tokens.filter(({ type }) => type === 'heading')).toHaveLength(starterExercises.length);
});

it('takes formulas, lists, tables, words in bold, parts over several lines', () => {
  const text = `# The *net* loft

topic: Loans, the basics
level: second

A loft costs **12,000**; with $R_n = 1 + \\frac{i}{12}$ it grows.

- first
- second

| year | paid |
| --- | --: |
| 1 | 100 |

a) Find the
payment. [4 marks]
Answer: 231.99
Also right: 232.00

b. What rate is that? [1 mark]

Answer: 6.60 %

c) Say why.`;
  const { exercises, notes } = read(text);
  const [exercise] = exercises;
  expect(exercise!.title).toBe('The net loft');
  expect(exercise!.story.content!.map(({ type }) => type)).toEqual(['paragraph', 'bulletList', 'table']);
  expect(JSON.stringify(exercise!.story)).toContain('"tex":"R_n = 1 + \\\\frac{i}{12}"');
  expect(JSON.stringify(exercise!.story)).toContain('"bold"');
  expect(exercise!.parts).toMatchObject([
    { id: 'a', prompt: 'Find the payment.', marks: 4, ask: { text: '231.99' } },
    { id: 'b', marks: 1, ask: { text: '6.6' }, format: { kind: 'percent', decimals: 2 } },
    { id: 'c', prompt: 'Say why.', ask: { quantity: 'payment' } },
  ]);
  expect(notes.join(' ')).toMatch(/part c has no answer: connect it to a plan/);
  expect(notes.join(' ')).toMatch(/there is no topic “Loans, the basics”/);
});

it('says what it leaves out, and takes the rest', () => {
  const { exercises, notes } = read(
    'Hello\n\n# One\n\n<script>x</script>\n\na) N? [2 marks]\nAnswer: many\n\na) Again?\n\n# Empty\n\nA poem.',
  );
  expect(exercises).toHaveLength(1);
  const said = notes.join(' ');
  for (const word of ['before the first heading', 'HTML in the text', 'is no number', 'two parts a', 'it has no part'])
    expect(said).toContain(word);
  expect(read('').exercises).toEqual([]);
  expect(() => read('x'.repeat(5_000_001))).toThrow('5 million');
});
