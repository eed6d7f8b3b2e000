/** "If she raises the payment by 15 %, how many fewer are there?": the payment that is sought, and more of it each time. */

import { groupFound } from '../pattern.ts';
import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import { sentenceAt, tokenAt, type Page } from '../page.ts';
import type { ReadLink } from '../reading.ts';
import { follow, without } from './followers.ts';
import { acrossBoth, ownedQuestions, type Owner } from './severalPlans.ts';

const thePayment = '(?:the|her|his|their|its|each|every|all|these|those)? ?(?:⟨e\\d+⟩ )?(?:re)?payments?';
const raised = new RegExp(
  [
    `(?:increases?|raises?|lifts?|ups|rais(?:ed|ing)|increas(?:ed|ing)) ${thePayment} by ⟨p(\\d+)⟩`,
    `${thePayment} (?:is|are|was|were|be) (?:increased|raised|lifted) by ⟨p(\\d+)⟩`,
    `(?:pays?|paid|paying|repays?) ⟨p(\\d+)⟩ more(?: (?:each|every) [a-z]+| ⟨[ea]\\d+⟩| than (?:the |this |that )?(?:⟨e\\d+⟩ )?(?:payment|required|necessary|agreed|(?:he|she|they) (?:must|has to|have to)))`,
  ].join('|'),
);
/** It is raised on the way, not from the first. */
const later = /(?<![a-z])(?:after|from|once|later|starting|beginning with|each year|every year)(?![a-z])/;
const laterThan =
  /(?<![a-z])(?:after|once|from|with|following) (?:the )?(?:⟨[tno]\d+⟩|a year|an? half)|⟨[tn]\d+⟩ (?:years |months |payments )?later/;
const ofSecond: ReadonlySet<string> = new Set(['payments', 'howLong', 'years', 'lastPayment', 'interest', 'totalPaid']);

/** @returns nothing where no payment is sought, or it is raised by no share of it from the first */
export function readRaisedByShare(page: Page): DraftReading | undefined {
  const found = raised.exec(page.flat);
  const token = Number(groupFound(found) ?? NaN);
  const front = sentenceAt(page, { start: found?.index ?? 0, end: found?.index ?? 0 });
  if (
    !found ||
    later.test(found[0]) ||
    laterThan.test(page.flat.slice(front?.start ?? 0, found.index)) ||
    /^ (?:after|from|each year|every year)/.test(page.flat.slice(found.index + found[0].length))
  )
    return undefined;
  const first = readPlan(page, { scope: without(page.places[token]!), questions: [] });
  const { plan, read } = first;
  const isOpen = plan.kind === 'borrowing' && plan.payment === null && plan.payments !== null && plan.finalAmount === 0;
  if (!isOpen || plan.changes.length > 0 || read.missing.length > 0) return undefined;
  const said = sentenceAt(page, { start: found.index, end: found.index });
  const questions = ownedQuestions(page, (question): Owner => {
    if (question.asked === 'difference') return 'across';
    // "How many are there if it is raised by 15 %?"
    const isBeside = ofSecond.has(question.asked) && sentenceAt(page, question) === said;
    return isBeside || question.start > found.index ? 1 : 0;
  });
  const links: ReadLink[] = [
    { field: 'payment', fromPlan: 0, quantity: 'payment', times: 1 + tokenAt(page, token).value },
  ];
  return follow(
    page,
    { ...first, plan: { ...plan, name: 'as agreed' } },
    questions,
    { name: 'with more', payments: null, payment: null, unknown: 'payments' },
    links,
    [[token, 'extra']],
    acrossBoth(page),
  );
}
