/** Reads a word problem: numbers, cues, plans, what is asked with every right answer, and what is doubtful. */

import { cuesOfText } from './cuesOfText.ts';
import { answersOf, sidesOf, whyNot } from './answers.ts';
import { choice, doubt } from './doubts.ts';
import type { DraftReading } from './draftReading.ts';
import { originOf } from './flatText.ts';
import { growthIn } from './growth.ts';
import { readPlans } from './structures/index.ts';
import { readPage, type Page } from './page.ts';
import type { Settled } from './settled.ts';
import { LONGEST_TEXT } from './splitProblems.ts';
import type { TokenForm } from './tokens.ts';
import type { Ignored, ProblemReading, ReadAsk, ReadDoubt, ReadUse, Role } from './reading.ts';
import { readOtherwise } from './readOtherwise.ts';
import { secondLook } from './secondLook.ts';
import { statementOfPlan } from './statementOfPlan.ts';

export interface ReadOptions {
  /** What was settled by hand since it was read. */
  readonly settled?: Settled;
  /** How numbers are written where the text does not tell. */
  readonly numberStyle?: 'point' | 'comma' | 'space';
}

/**
 * Reads one problem.
 *
 * @param text plain text; at most `LONGEST_TEXT` characters of it are read
 * @returns always a reading: what is not understood, missing or doubtful is said in `doubts`
 */
export function readProblem(text: string, { numberStyle, settled = {} }: ReadOptions = {}): ProblemReading {
  if (text.length > LONGEST_TEXT) return unread('This is too long for one problem: paste problems one by one.');
  if (text.trim() === '') return unread('There is nothing to read yet.');
  const page = readPage(text, numberStyle === 'comma' ? ',' : undefined, settled);
  const isGrowth = growthIn(page) !== undefined && page.tokens.some(({ form }) => form === 'time');
  if (!isGrowth && !page.tokens.some(({ form }) => form === 'money' || form === 'percent' || form === 'count'))
    return unread('There are no numbers in this text that a problem could rest on.');
  const read = (each: Page): ProblemReading => finished(each, readPlans(each));
  return readOtherwise(page, read(page), read);
}

const unread = (says: string): ProblemReading => ({
  uses: [],
  cues: [],
  ignores: [],
  plans: [],
  statements: [],
  asks: [],
  assumes: [],
  doubts: [doubt('text', says)],
});

function finished(page: Page, draft: DraftReading): ProblemReading {
  const { plans, wanted } = draft;
  const uses: ReadUse[] = [];
  const ignores: Ignored[] = [];
  page.tokens.forEach(({ form, start, end, value, inPoints, unit }, at) => {
    const quote = page.text.slice(start, end);
    const role = draft.roles.get(at);
    if (role) uses.push({ quote, start, value: inPoints ?? value, unit: unitOf(role.role, form, unit), ...role });
    else if (form !== 'every' && form !== 'per')
      ignores.push({ quote, start, ...(form === 'label' ? { isLabel: true } : {}) });
  });
  const asks = draft.asks.map(({ quantity, plan, args, place }, at) => ({
    part: String.fromCharCode(97 + at),
    quantity,
    plan,
    ...(args ? { args } : {}),
    answers: answersOf(plans, wanted, { quantity, plan, ...(args ? { args } : {}) }),
    ...sidesAsked(plans, wanted, { quantity, plan, ...(args ? { args } : {}) }),
    ...originOf(page, place),
  }));
  return {
    uses,
    cues: cuesOfText(page, draft),
    ignores,
    plans,
    statements: plans.map((plan, at) => statementOfPlan(plan, wanted[at])),
    asks,
    assumes: draft.assumes,
    doubts: doubtsOf(page, draft, asks),
  };
}

/** What the reading says itself; where it has no doubt, what a second look finds. */
function doubtsOf(page: Page, draft: DraftReading, asks: readonly ReadAsk[]): ReadDoubt[] {
  const isAnswered = asks.length > 0 && asks.every(({ answers }) => answers.length > 0);
  const mayStand = ({ about, choices }: ReadDoubt): boolean => about === 'asks' && choices.length === 0 && isAnswered;
  const said = [...draft.doubts, ...impossible(draft, asks)];
  if (page.settled.asRead) return said.filter((each) => !mayStand(each));
  const doubts = said.map((each) => (mayStand(each) ? { ...each, choices: [asRead] } : each));
  return doubts.length > 0
    ? doubts
    : secondLook(page, draft, asks).map((each) => ({ ...each, choices: [asRead, ...each.choices] }));
}

const asRead = choice('It is right as it is', { asRead: 'yes' });

const counted: ReadonlySet<Role> = new Set<Role>(['payments', 'after', 'from', 'to', 'skip']);

/** Percentages that are no rates. */
const ofPrice: ReadonlySet<Role> = new Set<Role>(['downPaymentRate', 'finalAmountRate', 'rebate', 'fee']);

/** `$`, `money`, `per-year`, `of-price`, `years`, `payments`, `year`. */
function unitOf(role: Role, form: TokenForm, unit: string): string {
  if (form === 'percent') return ofPrice.has(role) ? 'of-price' : 'per-year';
  if (form === 'time') return unit;
  if (role === 'yearIndex') return 'year';
  // An age.
  if (role === 'duration') return 'years';
  return counted.has(role) ? 'payments' : unit || 'money';
}

/** Nothing fits, though nothing is missing: why. */
function impossible({ plans, wanted, doubts }: DraftReading, asks: readonly ReadAsk[]): ReadDoubt[] {
  const negative = asks.find(({ quantity, answers }) => /Rate|ratePer/.test(quantity) && (answers[0] ?? 1) <= 0);
  if (negative && doubts.length === 0)
    return [doubt('answers', 'The rate that fits is not above zero: less comes back than was put in.')];
  const failed = asks.filter(({ answers }) => answers.length === 0);
  if (failed.length === 0 || doubts.length > 0) return [];
  const says = whyNot(plans, wanted);
  return [doubt('answers', says ?? 'No answer fits these numbers.')];
}

function sidesAsked(...[plans, wanted, ask]: Parameters<typeof sidesOf>): Pick<ReadAsk, 'values'> {
  const values = sidesOf(plans, wanted, ask);
  return values.length > 0 && values.every(Number.isFinite) ? { values } : {};
}
