/** Exercises made of the problems that are written out: each key is the reading's. */

import { exerciseFromText, readProblem } from '../../src/texts/index.ts';
import { hasSteps, keyHolds, keyHoldsSomewhere } from './keys.ts';
import { written } from './written.ts';

describe('an exercise made of a text', () => {
  it.each(written.map(({ text }) => [text.slice(0, 60), text] as const))(
    '%s…: its key has the reading’s answers',
    (_, text) => {
      const reading = readProblem(text);
      const made = exerciseFromText(text, reading)!;
      if (hasSteps(reading)) keyHoldsSomewhere(reading, made);
      else keyHolds(reading, made);
    },
  );
});
