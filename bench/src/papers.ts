/** `npm run bench -- papers`: question sheets of 300 students with three exercises each, own numbers, as one PDF, and their key. Exits 1 where a limit is passed. */
import { defaultHouseRules, drawNumbers, keyLines, must, paperCode, questionSheet } from '@hardy-sextant/core';
import { starterExercises } from '@hardy-sextant/core/starters';
import { paperPdf } from '@hardy-sextant/files/papers';
import { paperFonts } from '../../packages/files/test/paperFonts.ts';

const STUDENTS = 300;
const fonts = paperFonts();
const table = starterExercises.find(({ parts }) => parts.some(({ ask }) => ask.quantity === 'table'))!;
const exercises = [starterExercises[0]!, starterExercises[1]!, table];
const set = { title: 'Week 3', className: 'BM 300', given: '', due: '' };
const form = { room: 50, boxes: true, entered: true };

let short = 0;
function say(what: string, is: number, limit: number, unit: string): void {
  if (is > limit) short += 1;
  console.log(`${is <= limit ? 'ok   ' : 'SHORT'} ${what.padEnd(56)} ${is.toFixed(1).padStart(8)} ${unit} of ${limit}`);
}

const begun = performance.now();
const students = Array.from({ length: STUDENTS }, (_, at) => ({
  name: `Student ${at}`,
  number: `N-${at}`,
  code: paperCode('set', `${at}`),
  numbers: exercises.map((exercise) => must(drawNumbers(exercise, `${at}`, defaultHouseRules))),
}));
const drawn = performance.now();
const sheets = students.map((student) =>
  questionSheet(
    set,
    exercises.map((exercise, at) => ({ exercise, numbers: student.numbers[at]!, share: 1 })),
    defaultHouseRules,
    form,
    student,
  ),
);
const pdf = await paperPdf({ title: set.title, sheets }, { size: 'A4', fonts });
const written = performance.now();
const key = await paperPdf(
  { title: 'Key', sheets: [keyLines(set, exercises, defaultHouseRules, students)] },
  { size: 'A4', fonts },
);
say(`question sheets of ${STUDENTS} students, ${exercises.length} exercises each`, (written - drawn) / 1000, 60, 's ');
say('their key, a line each', (performance.now() - written) / 1000, 60, 's ');
say('size of the one PDF', pdf.length / 1e6, 500, 'MB');
console.log(`     key ${(key.length / 1e6).toFixed(1)} MB; numbers drawn in ${((drawn - begun) / 1000).toFixed(1)} s`);
if (short > 0) process.exit(1);
