/** What each page is for, in three sentences, with its words. The first that fits the address counts. */
import type { TradeWord } from './tradeWords.ts';
import { say } from '../words/say.ts';

export interface PageHelp {
  readonly path: RegExp;
  readonly title: string;
  readonly says: readonly [string, string, string];
  readonly words: readonly TradeWord[];
  /** The group of shortcuts that holds here. */
  readonly keys?: string;
}

export const pageHelp: readonly PageHelp[] = [
  {
    path: /^\/$/,
    title: say('Desk'),
    says: [
      say('What is waiting for you, and what you worked on last.'),
      say('A set stands under Waiting while answers are to be looked at, marks are not released, or its day has come.'),
      say('Begin something new with a pasted problem or a stated case.'),
    ],
    words: ['case', 'set', 'release'],
  },
  {
    path: /^\/bench/,
    title: say('Bench'),
    says: [
      say('State a loan, lease, savings plan, fund or single sum in one sentence; it is solved as you type.'),
      say('Type ? into a slot to ask for that number, and look at its table, working, timeline and picture below.'),
      say('Variations stand beside the case; a case becomes an exercise with one button.'),
    ],
    words: ['statement', 'nominal', 'effective', 'in advance', 'balloon', 'convention'],
    keys: say('On the Bench'),
  },
  {
    path: /^\/cases/,
    title: say('Kept cases'),
    says: [
      say('Cases you have stated, found by their words and tags.'),
      say('Open one to go on with it, or copy it to try something else.'),
      say('What you delete stays in the bin for 30 days and can be brought back.'),
    ],
    words: ['case', 'statement'],
  },
  {
    path: /^\/exercises\/from-text/,
    title: say('Paste a problem'),
    says: [
      say('The text of a problem, or of many, becomes exercises with your wording.'),
      say(
        'Press a mark to change what a number is; settle what is doubtful on top; the plan and the answers follow at once.',
      ),
      say('Making the exercise keeps the wording with its numbers in place; with Vary, each number gets a range.'),
    ],
    words: ['doubt', 'given', 'plan', 'part', 'nominal', 'effective', 'flat charge', 'residual'],
  },
  {
    path: /^\/exercises\/.+\/papers/,
    title: say('Papers'),
    says: [
      say('Question sheets, keys, worked solutions and tables, as they will be printed.'),
      say('Choose what is on the paper on the left; the page shows it as it is.'),
      say('Print it, or take it as a PDF or as a document to edit.'),
    ],
    words: ['part', 'key'],
  },
  {
    path: /^\/exercises\/.+/,
    title: say('An exercise'),
    says: [
      say('What students read, the numbers that may vary, the plans behind them and the parts that ask.'),
      say('Everything is kept as you type, and can be undone; the key stands beside each part with its working.'),
      say('Look at draws to see whether every student gets sensible numbers.'),
    ],
    words: ['given', 'plan', 'part', 'key', 'reading', 'slip'],
  },
  {
    path: /^\/exercises/,
    title: say('Exercises'),
    says: [
      say('Your library: found by words, topic, level and what is asked.'),
      say('Begin one from a pasted problem, a pattern, a case or a blank sheet.'),
      say('Exercises come in and go out as files.'),
    ],
    words: ['given', 'part', 'set'],
  },
  {
    path: /^\/sets\/.+\/(marking|worksheets)/,
    title: say('Marking'),
    says: [
      say('Every answer of a set with its verdict and its marks.'),
      say('Type or paste answers; what is explained is marked, and what is not waits for you.'),
      say('A decision counts for all alike or for one answer, and can be undone; release marks when you are done.'),
    ],
    words: ['verdict', 'slip', 'carried', 'reading', 'convention', 'release'],
    keys: say('In marking'),
  },
  {
    path: /^\/sets\/.+\/(feedback|went-wrong)/,
    title: say('Going over a set'),
    says: [
      say('What went wrong, by cause and by what it cost, and what each student will read.'),
      say('Your own words about a slip are used for everyone who made it.'),
      say('Causes can be shown to the class without names.'),
    ],
    words: ['slip', 'verdict', 'release'],
  },
  {
    path: /^\/sets\/.+/,
    title: say('A set'),
    says: [
      say('Exercises in order, with marks, a due day and a class.'),
      say('Giving it out makes each student their numbers; later changes to an exercise are followed only as you say.'),
      say('Papers, answers, marking and feedback are reached from here.'),
    ],
    words: ['set', 'assigned', 'submission'],
  },
  {
    path: /^\/sets/,
    title: say('Sets'),
    says: [
      say('Sets of exercises, by class and by what is waiting.'),
      say('Put one together from your exercises, then give it out.'),
      say('A set can be copied for another class or term.'),
    ],
    words: ['set', 'assigned'],
  },
  {
    path: /^\/classes/,
    title: say('Classes'),
    says: [
      say('Your classes with their students and their house rules.'),
      say('Students are typed, pasted or taken from a roster file.'),
      say('Who leaves is withdrawn: answers and marks stay.'),
    ],
    words: ['house rules', 'entering style'],
  },
  {
    path: /^\/rules/,
    title: say('House rules'),
    says: [
      say('How a class writes and rounds numbers, and how strictly answers are judged.'),
      say('Entering styles say how the class’s calculator or worksheet is used; working and feedback follow them.'),
      say('A change shows what it does to keys before it is kept.'),
    ],
    words: ['house rules', 'entering style', 'convention'],
  },
  {
    path: /./,
    title: say('Hardy Sextant'),
    says: [
      say('Loan and time-value exercises, from the statement to the marks.'),
      say('Everything is kept as you type, and what is deleted stays in the bin for 30 days.'),
      say('Search with Ctrl K for a place, a case, a word or a thing to do.'),
    ],
    words: ['case', 'set'],
  },
];

/** The last one fits everywhere. */
export const helpFor = (path: string): PageHelp => pageHelp.find((each) => each.path.test(path)) ?? pageHelp.at(-1)!;
