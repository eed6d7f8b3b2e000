/** Reads a word problem: numbers, cues, plans, what is asked with every right answer, and what is doubtful. */

import { answersOf, whyNot } from './answers.ts';
import { doubt } from './doubts.ts';
import type { DraftReading } from './draftReading.ts';
import { originOf } from './flatText.ts';
import { readPlans } from './structures/index.ts';
import { readPage, tokenAt, type Page } from './page.ts';
import type { ProblemReading, ReadAsk, ReadDoubt, ReadUse } from './reading.ts';
import { statementOfPlan } from './statementOfPlan.ts';

export interface ReadOptions {
  /** How numbers are written where the text does not tell. */
  readonly numberStyle?: 'point' | 'comma' | 'space';
}

export function readProblem(text: string, { numberStyle }: ReadOptions = {}): ProblemReading {
  const page = readPage(text, numberStyle === 'comma' ? ',' : undefined);
  return finished(page, readPlans(page));
}

function finished(page: Page, draft: DraftReading): ProblemReading {
  const { plans, wanted } = draft;
  const uses: ReadUse[] = [];
  const ignores: { quote: string; start: number }[] = [];
  page.tokens.forEach(({ form, start, end, value, unit }, at) => {
    const quote = page.text.slice(start, end);
    const role = draft.roles.get(at);
    if (role) uses.push({ quote, start, value, unit: unit || form, ...role });
    else if (form !== 'every' && form !== 'per') ignores.push({ quote, start });
  });
  const asks = draft.asks.map(({ quantity, plan, args, place }, at) => ({
    part: String.fromCharCode(97 + at),
    quantity,
    plan,
    ...(args ? { args } : {}),
    answers: answersOf(plans, wanted, { quantity, plan, ...(args ? { args } : {}) }),
    ...originOf(page, place),
  }));
  return {
    uses,
    cues: [],
    ignores,
    plans,
    statements: plans.map((plan, at) => statementOfPlan(plan, wanted[at])),
    asks,
    assumes: draft.assumes,
    doubts: [...draft.doubts, ...impossible(draft, asks)],
  };
}

export { tokenAt };

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
