/** Lines of working: what is right on any road is not called wrong; the first line that goes wrong is named with its cause. */
import {
  answerKey,
  defaultHouseRules,
  judgeLines,
  linesInWords,
  partWorking,
  workedSolution,
  type Exercise,
} from '../src/index.ts';
import { starterExercises } from '../src/starters/index.ts';

const rules = defaultHouseRules;
const called = (title: string): Exercise => starterExercises.find((each) => each.title === title)!;
const ferry = called('The ferry refit, with a rate review');
const judge = (text: string, exercise = ferry, part = 'a') => judgeLines(exercise, part, {}, text, rules);
const kinds = (text: string) => judge(text).lines.map(({ is }) => is);

describe('lines of working', () => {
  it('stand where each could stand, also by names and with what was rounded on the way', () => {
    expect(kinds('i = 0.057 / 12 = 0.00475\nn = 4*12 = 48\nPMT = 26800*i/(1-(1+i)^-n) = 625.72')).toEqual([
      'stands',
      'stands',
      'stands',
    ]);
    expect(kinds('5.7% / 12 = 0.475%\n1.00475^-48 = 0.7966')).toEqual(['stands', 'stands']);
  });
  it('name the first that goes wrong: its arithmetic, or a mistake with a name', () => {
    const arithmetic = judge('n = 4*12 = 46\n625.72*48 = 30034.56');
    expect(arithmetic.firstWrong).toBe(0);
    expect(arithmetic.lines[0]!.says).toBe('4*12 is 48, not 46.');
    const late = judge('i = 0.057/12\n26800*0.057/(1-1.057^-48)');
    expect(late.firstWrong).toBe(1);
    expect(late.lines[1]).toMatchObject({ is: 'wrong', slip: expect.stringContaining('rate') });
    expect(linesInWords(late)).toContain('Line 2 goes wrong first:');
  });
  it('are left to the eye where they cannot be read, and counted on where we do not know them', () => {
    expect(kinds('the rate first\n12345 + 1 = 12346')).toEqual(['unread', 'follows']);
    expect(linesInWords(judge('so we divide'))).toBe('No line that could be read goes wrong; 1 is left to the eye.');
    expect(judge('').lines).toEqual([]);
    expect(judge('1\n'.repeat(200)).lines).toHaveLength(60);
  });
  it('call no line of our own ways wrong, in any starter', () => {
    let tried = 0;
    for (const exercise of starterExercises) {
      const key = answerKey(exercise, {}, rules);
      for (const keyed of key) {
        if (!keyed.ok) continue;
        for (const { question } of partWorking(exercise, keyed.value, key, rules).sides)
          for (const { line, written } of workedSolution(question).ways) {
            if (line === undefined) continue;
            tried += 1;
            const [judged] = judgeLines(exercise, keyed.value.part.id, {}, line, rules).lines;
            expect({ title: exercise.title, line, written, is: judged?.is }).not.toMatchObject({ is: 'wrong' });
          }
      }
    }
    expect(tried).toBeGreaterThan(30);
  });
});
