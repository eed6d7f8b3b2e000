/** Questions for what has been paid by a moment: all that lies before it. */

import { momentBefore, placeAsked } from './askArgs.ts';
import type { Span } from './flatText.ts';
import type { AskedPlace } from './lexicon/placeRecord.ts';
import type { Page } from './page.ts';
import type { Question } from './question.ts';

/** "What has been paid in interest so far, after 30 payments?" */
export function paidSoFar(page: Page, question: Question): AskedPlace | undefined {
  const isSoFar =
    question.asked === 'interest' &&
    /so far|to date|(?:up to|until|by) (?:then|that (?:time|moment|date))|what (?:he|she|they) (?:have|has) paid/.test(
      page.flat.slice(question.unit.start, question.unit.end),
    );
  return isSoFar ? (untilThen(page, { ...question, asked: 'principal' }) ?? untilTold(page, question)) : undefined;
}

/** "What has she paid in interest at the end of the third year?", and not in it. */
export function paidByThen(page: Page, question: Question): AskedPlace | undefined {
  const isMoment =
    /(?<![a-z])(?:has|have|had)(?![a-z])[^?]*(?<![a-z])(?<!to be )(?:re)?paid(?![a-z])/.test(
      page.flat.slice(question.unit.start, question.unit.end),
    ) &&
    byThen.test(page.flat.slice(leadOf(page, question).start, question.unit.end)) &&
    !/(?:in|with|of) the payment/.test(page.flat.slice(question.unit.start, question.unit.end));
  return isMoment ? untilThen(page, question) : undefined;
}

const byThen =
  /(?<![a-z])(?:after|once|when|at|on|upon)(?: (?!in |during |over |within )[a-z]+){0,7} ⟨[on]\d+⟩|with ⟨[nt]\d+⟩(?: of (?:the|her|his|their|its) ⟨[nt]\d+⟩)?(?: (?:⟨e\d+⟩ )?payments)? (?:still )?(?:left|remaining|to )/;

/** "It is paid off after five years. What has been paid in interest up to then?" */
function untilTold(page: Page, { start, unit }: Question): AskedPlace | undefined {
  const isFirst = page.questions.every((each) => each.unit.start >= unit.start);
  const told = isFirst ? momentBefore(page, start) : undefined;
  if (told?.afterYears !== undefined) return { fromYear: 1, toYear: told.afterYears, taken: told.taken };
  return told?.after === undefined ? undefined : { from: 1, to: told.after, taken: told.taken };
}

/** "How much of the loan has been paid off after ten years?" looks at all that is before. */
export function untilThen(page: Page, { asked, unit }: Question): AskedPlace | undefined {
  // "What have they paid in interest after five years?"
  const isPaid =
    asked === 'interest' &&
    /(?<![a-z])(?:has|have|had|having)(?![a-z])[^?]*(?<![a-z])(?<!to be )paid(?![a-z])/.test(
      page.flat.slice(unit.start, unit.end),
    );
  if (asked !== 'principal' && !isPaid) return undefined;
  const moment = placeAsked(page, unit, 'moment') ?? placeAsked(page, leadOf(page, { unit }), 'moment');
  if (moment?.afterYears !== undefined) return { fromYear: 1, toYear: moment.afterYears, taken: moment.taken };
  if (moment?.part === 1 / 2) return { half: 'first', taken: moment.taken };
  if (moment && (moment.leftYears ?? moment.leftPayments ?? moment.lastInYear ?? moment.part) !== undefined)
    return { ...moment, isUntil: true };
  return moment?.after === undefined ? undefined : { from: 1, to: moment.after, taken: moment.taken };
}

/** "After payment 48, the sum of …": what stands before a question in its own sentence, if it tells when. */
export function leadOf({ flat, questions, sentences }: Page, { unit }: Pick<Question, 'unit'>): Span {
  const sentence = sentences.find(({ start, end }) => start <= unit.start && end >= unit.end);
  const before = questions.filter((each) => each.unit.end <= unit.start).map((each) => each.unit.end);
  const start = Math.max(sentence?.start ?? unit.start, ...before);
  const lead =
    /(?:^|[\s)])(?:⟨t\d+⟩ (?:on|later|afterwards|into it|(?:after|before) (?:the|her|his|their|its|it was|they were|taking|borrowing) ?[a-z ]{2,24})(?=[,:])|with(?= (?:still )?⟨[tn]\d+⟩ (?:of (?:the |his |her |their |its )?⟨[nt]\d+⟩ )?(?:⟨e\d+⟩(?:-end)? )?(?:payments? )?(?:still )?(?:to (?:go|run|come|make|be made)|left|remaining))|after|once|when|in|at|by(?= (?:then|that))|during|over|just|immediately|right|following|of(?= (?:the )?(?:⟨o|first|last))|(?:for|between|from)(?= (?:the )?⟨o)|(?:payment|instalment|installment|deposit)(?= (?:(?:number|no)\.? )?⟨n\d+⟩[:,])|make out|draw up|construct|complete|fill in|set out|write out|break|split|take|consider|look at)(?![a-z])[^?]*$/.exec(
      flat.slice(start, unit.start),
    );
  return { start: lead ? start + lead.index : unit.start, end: unit.start };
}
