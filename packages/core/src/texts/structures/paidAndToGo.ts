/** "36 payments have been made and 24 are to go": together they are all, and what is asked is asked between them. */

import { doubt } from '../doubts.ts';
import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import type { Page } from '../page.ts';
import { pattern } from '../pattern.ts';
import type { AskedPlace } from '../lexicon/placeRecord.ts';
import type { Question } from '../question.ts';
import type { RoleSign } from '../roles.ts';
import { without } from './followers.ts';
import { ownedQuestions, readingOfPlans, type Owned } from './severalPlans.ts';

const made =
  '(?:(?:has|have|had) (?:now |already |so far |just )?(?:made|paid) {n}(?: (?:<e> )?@payment)?|{n} (?:<e> )?@payment (?:have|had) (?:now |already |so far )?been (?:made|paid)|{n} (?:<e> )?@payment (?:are |were |lie )?(?:made|paid|behind (?:him|her|them|it)))';
const toGo =
  '{n}(?: more)?(?: (?:<e> )?@payment)?,? (?:(?:are|were) )?(?:still )?(?:to (?:go|come|make|be (?:made|paid))|left|remain(?:ing)?|outstanding|ahead)(?! of (?:his|her|their))';
const both = pattern(`${made}(?:[^.?!⟨]|⟨[mpea]\\d+⟩){0,60}(?:,|;|\\.|and|with|has|have)[^.?!⟨]{0,30} ${toGo}`);

const mayStand: ReadonlySet<Question['asked']> = new Set(['balance', 'leftToPay']);

/** @returns nothing where the text does not tell both counts, or asks for nothing between them */
export function readPaidAndToGo(page: Page): DraftReading | undefined {
  const [found] = [...page.flat.matchAll(both)];
  const [k, left] = (found ?? []).slice(1).flatMap((each) => (each === undefined ? [] : [Number(each)]));
  if (k === undefined || left === undefined) return undefined;
  const after = page.tokens[k]!.value;
  const count = after + page.tokens[left]!.value;
  const taken = [{ token: k, role: 'after' as const }];
  const all = ownedQuestions(page, () => 0);
  if (all.every(({ asked }) => !mayStand.has(asked))) return undefined;
  const placed = (place: AskedPlace): Owned[] =>
    all.map((each) => (mayStand.has(each.asked) ? { ...each, place } : each));
  const askedOfTold = placed({ after, taken: [...taken, { token: left, role: 'after' }] });
  const told = readPlan(page, { scope: without(page.places[k]!, page.places[left]!), questions: askedOfTold });
  if (told.terms.counts.length + told.terms.times.length > 0) {
    const reading = readingOfPlans(page, [told], askedOfTold, () => undefined);
    if (told.plan.payments === count) return reading;
    const says = `${after} payments made and ${count - after} to go are ${count}. The text says ${told.plan.payments}. Which holds?`;
    return { ...reading, doubts: [...reading.doubts, doubt('payments', says)] };
  }
  const asked = placed({ after, taken });
  const counted = readPlan(counting(page, left, count), {
    scope: without(page.places[k]!),
    questions: asked,
  });
  return readingOfPlans(page, [counted], asked, () => undefined);
}

/** The page as if the payments that are left were all of them. */
function counting(page: Page, left: number, value: number): Page {
  const isAll: RoleSign = { role: 'payments', weight: 99, ...page.places[left]! };
  return {
    ...page,
    signs: page.signs.map((each, at) => (at === left ? [isAll] : each)),
    tokens: page.tokens.map((each, at) => (at === left ? { ...each, value } : each)),
  };
}
