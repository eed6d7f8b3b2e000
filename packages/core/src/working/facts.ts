/** The facts of a case, each with where it came from, and their places in the words of a story. */

import { readEntry } from '../money/readEntry.ts';
import { writeBrief, writeMoney, writePercent, type NumberStyle } from '../money/numberStyle.ts';
import { quotedNumber } from '../rates/quotedRate.ts';
import type { SlotName } from '../case/statement.ts';
import { kindOf } from '../case/kinds.ts';
import { frequencyOf } from '../case/frequency.ts';
import type { Question } from '../statement/question.ts';
import { slotWords } from '../statement/readDraft.ts';
import type { ValueSlot } from '../case/solved.ts';

export interface Fact {
  readonly id: SlotName | 'timing' | 'frequency' | 'compounding' | 'flat';
  readonly name: string;
  readonly written: string;
  /** Where it is said: a slot of the statement, the words of it, or the parts it is built from. */
  readonly from: string;
  /** Numbers that stand for it where a story writes them: 6.6, 60 or 5 (years). */
  readonly numbers: readonly number[];
  /** Words that decide it where a story uses them. */
  readonly words: readonly string[];
}

/** The facts a question is worked from: the known slots, and the words that decide how they are meant. */
export function factsOf(question: Question, style: NumberStyle): Fact[] {
  const { statement } = question;
  return [
    ...slotFacts(question, style),
    frequencyFact(statement.paymentsPerYear),
    kindOf(statement).compounds ? quoteFact(question.solved.rate) : flatFact,
    ...(kindOf(statement).hasTable ? [timingFact(statement)] : []),
  ];
}

/** The numbers that are given. */
function slotFacts({ draft, statement, solved, ask }: Question, style: NumberStyle): Fact[] {
  const { slots, hasTable } = kindOf(statement);
  const facts: Fact[] = [];
  for (const slot of slots) {
    if (slot === statement.unknown || slot === 'converted') continue;
    if (slot === 'rate' && !hasTable && ask.quantity !== 'converted') continue;
    const value = solved.numbers[slot];
    if (slot === 'finalAmount' && value === 0) continue;
    const isBuilt = slot === 'amount' && statement.buildUp;
    facts.push({
      id: slot,
      name: slotWords[slot],
      ...numbersOf(slot, value, statement.paymentsPerYear, style),
      from: isBuilt ? 'price less what is paid down, plus fees' : `written: ${draft.slots[slot].trim() || '0'}`,
      words: [],
    });
  }
  return facts;
}

/** How a slot's value is written, and the numbers that stand for it in a story. */
function numbersOf(
  slot: ValueSlot,
  value: number,
  perYear: number,
  style: NumberStyle,
): Pick<Fact, 'written' | 'numbers'> {
  if (slot === 'rate') return { written: writePercent(value, style), numbers: [value * 100] };
  if (slot === 'payments') {
    const years = value / perYear;
    return { written: writeBrief(value, 0, 2, style), numbers: [value, years, years * 12] };
  }
  return { written: writeMoney(value, style), numbers: [value] };
}

function frequencyFact(perYear: number): Fact {
  const { period, adverb } = frequencyOf(perYear);
  return {
    id: 'frequency',
    name: 'how often',
    written: adverb,
    from: `payments fall ${adverb}`,
    numbers: [],
    words: [adverb, `each ${period}`, `every ${period}`, `a ${period}`, `per ${period}`],
  };
}

const flatFact: Fact = {
  id: 'flat',
  name: 'how interest is charged',
  written: 'flat, on the whole amount',
  from: 'the word “flat” or “add-on”',
  numbers: [],
  words: ['flat charge', 'flat rate', 'flat', 'add-on', 'added on'],
};

const quoteFact = (rate: Question['solved']['rate']): Fact => ({
  id: 'compounding',
  name: 'how the rate is quoted',
  ...quotedAs(rate),
  numbers: [],
  words: compoundingWords(rate),
});

const inArrears = ['at the end', 'in arrears', 'at the close'];
const inAdvance = [
  'in advance',
  'at the beginning',
  'at the start of each',
  'starting today',
  'beginning today',
  'starting now',
];

function timingFact({ timing, paymentsPerYear }: Question['statement']): Fact {
  const { period } = frequencyOf(paymentsPerYear);
  const isEnd = timing === 'end';
  return {
    id: 'timing',
    name: 'when payments fall',
    written: `at the ${isEnd ? 'end' : 'beginning'} of each ${period}`,
    from: isEnd ? 'nothing says in advance, or it says at the end' : 'the words “in advance” or “at the beginning”',
    numbers: [],
    words: isEnd ? inArrears : inAdvance,
  };
}

function quotedAs(rate: Question['solved']['rate']): Pick<Fact, 'written' | 'from'> {
  switch (rate.kind) {
    case 'nominal': {
      const words =
        rate.compoundingsPerYear === 'continuous' ? 'continuously' : frequencyOf(rate.compoundingsPerYear).adverb;
      return { written: `nominal a year, compounded ${words}`, from: `the words “compounded ${words}”` };
    }
    case 'effective':
      return { written: 'effective a year', from: 'the word “effective”' };
    case 'periodic':
      return {
        written: `for each payment: ${quotedNumber(rate) === 0 ? 'no interest' : 'as it is'}`,
        from: 'the rate is given for each payment',
      };
    case 'daily':
      return {
        written: `interest every day, ${rate.daysPerYear} days a year, ${rate.daysPerPeriod} days a period`,
        from: 'the words “daily interest”',
      };
  }
}

function compoundingWords(rate: Question['solved']['rate']): string[] {
  switch (rate.kind) {
    case 'nominal': {
      const adverb =
        rate.compoundingsPerYear === 'continuous' ? 'continuously' : frequencyOf(rate.compoundingsPerYear).adverb;
      return [`compounded ${adverb}`, `${adverb} compounding`, 'nominal'];
    }
    case 'effective':
      return ['effective'];
    case 'periodic':
      return ['per payment', 'each payment'];
    case 'daily':
      return ['interest every day', 'daily interest', 'daily'];
  }
}

/** A piece of a story; `fact` names the fact it states. */
export interface StoryPiece {
  readonly text: string;
  readonly fact?: Fact['id'];
}

const NUMBER = /(?:[$€£]\s?)?\d(?:[\d.,'’\u00a0]*\d)?/g;

/** Marks in a story the numbers and the deciding words of the facts; the pieces joined are the story again. */
export function markStory(story: string, facts: readonly Fact[], style: NumberStyle): StoryPiece[] {
  const marks: { from: number; to: number; fact: Fact['id'] }[] = [];
  const lower = story.toLowerCase();
  for (const { id, words } of facts)
    for (const word of [...words].sort((a, b) => b.length - a.length)) {
      const at = lower.indexOf(word.toLowerCase());
      if (at >= 0 && !/[a-z]/i.test(story[at - 1] ?? ' ')) {
        marks.push({ from: at, to: at + word.length, fact: id });
        break;
      }
    }
  const used = new Set<Fact['id']>();
  for (const match of story.matchAll(NUMBER)) {
    const entry = readEntry(match[0].replace(/[.,]$/, ''), style);
    if (!entry.ok) continue;
    const fact = facts.find(
      ({ id, numbers }) =>
        !used.has(id) && numbers.some((number) => Math.abs(number - entry.value.value) <= 1e-9 * Math.abs(number)),
    );
    if (!fact) continue;
    used.add(fact.id);
    marks.push({ from: match.index, to: match.index + match[0].length, fact: fact.id });
  }
  marks.sort((a, b) => a.from - b.from);
  const pieces: StoryPiece[] = [];
  let at = 0;
  for (const mark of marks) {
    if (mark.from < at) continue;
    if (mark.from > at) pieces.push({ text: story.slice(at, mark.from) });
    pieces.push({ text: story.slice(mark.from, mark.to), fact: mark.fact });
    at = mark.to;
  }
  if (at < story.length) pieces.push({ text: story.slice(at) });
  return pieces;
}
