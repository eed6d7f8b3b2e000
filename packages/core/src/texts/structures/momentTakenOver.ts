/** When a loan is taken over by another: what is made of it by then, or what is left. */

import { placeAsked } from '../askArgs.ts';
import type { Span } from '../flatText.ts';
import { tokenAt, type Page } from '../page.ts';
import { pattern } from '../pattern.ts';
import { wholeNumber } from '../paymentCounts.ts';
import { yearsOf } from '../tokens.ts';

const left = pattern(
  '(?:still (?:has|have)|with|has|have|after|are|leaving)? ?{n} (?:<e> |[a-z]+ )?(?:@payment)(?: of <m>)? (?:that |which )?(?:are )?(?:still )?(?:left|to (?:make|go|run|come|pay|be made)|remaining|outstanding|remain|ahead|unpaid)',
);
const ofAll = pattern(
  '{n} of (?:(?:his|her|their|the|its) )?<n> (?:<e> |[a-z]+ )?(?:@payment) (?:are )?(?:still )?(?:left|to (?:make|go|run|come|pay|be made)|remaining)',
);
const ofThem = pattern(
  '{n} of (?:them|these|those) (?:are )?(?:still |yet )?(?:left|to (?:make|go|run|come|pay|be made|be paid)|remaining|outstanding|remain|unpaid)',
);
const remaining = pattern('{n} remaining (?:<e> |[a-z]+ )?(?:@payment)');
/** "Twenty payments of a 60-payment loan" */
export const madeOf = pattern('{n} (?:<e> )?(?:@payment) of (?:an?|the|his|her|their|its) <n>');
const made = [
  madeOf,
  pattern('having (?:made|paid) {n}'),
  pattern('{n} (?:of (?:them|these|the payments) )?(?:have|has|had) (?:already |just |now )?been (?:made|paid)'),
  pattern('{n} of (?:them|these|those|the payments),? (?:(?:are|were|is|already|now) )*(?:made|paid)(?= ?[.,;)])'),
  pattern('(?:after|once|following)(?: (?:the|making|exactly|just|first))* {n}(?: of the| <e>)? ?(?:@payment)?'),
  pattern('(?:after|with|following) (?:the |making |just |his |her |their )*payment (?:number |no )?{n}'),
  pattern('(?:after|with|following)(?: (?:the|making|just|his|her|their|its))* {o} (?:<e> )?(?:@payment)?'),
  pattern('(?:after|once|at the end of)(?: (?:the|exactly|just|first))* {t}'),
  pattern('of which {n} (?:have|has|had|are|were) (?:already |just )?(?:been )?(?:made|paid)'),
  pattern('of which (?:she|he|they) (?:have|has|had) (?:already |just )?(?:made|paid) {n}'),
  pattern('(?:has|have|had) (?:already )?(?:run|gone on|lasted)(?: for)? {n} of (?:its|the|her|his|their) <t>'),
  pattern('{n} of (?:its|the|her|his|their) <t> (?:have|had) (?:passed|gone|run)'),
  pattern('{t} (?:later|into|on|have passed|ago|old)'),
  pattern('(?:end|close) of @year {n}'),
  pattern('(?:end|close) of (?:the |its |her |his )?{o} @year'),
  pattern('(?:has|have|had) (?:had|seen|made|paid) {n}(?: of the| <e>)? ?(?:@payment)?'),
];

export interface MomentTakenOver {
  readonly token: number;
  readonly isLeft: boolean;
  readonly isAtHead?: true;
  readonly value: (perYear: number) => number;
}

/** @param head what stands before the new loan in its sentence */
export function momentAtHead(page: Page, head: Span): MomentTakenOver | undefined {
  const isMoment =
    /^\W*(?:after|when|once|with|at|on|upon|in|by|following|immediately|just|right|⟨t\d+⟩ (?:later|on|from now))(?![a-z])/.test(
      page.flat.slice(head.start, head.end),
    );
  const place = isMoment ? placeAsked(page, head, 'moment') : undefined;
  const [taken] = place?.taken ?? [];
  if (!place || !taken || place.same || place.atChange) return undefined;
  const { leftYears, leftPayments } = place;
  const isLeft = (leftYears ?? leftPayments) !== undefined;
  return {
    token: taken.token,
    isLeft,
    isAtHead: true,
    value: (perYear) =>
      leftPayments ?? place.after ?? wholeNumber((leftYears ?? place.afterYears ?? place.lastInYear ?? NaN) * perYear),
  };
}

export function whatIsLeft(page: Page): MomentTakenOver | undefined {
  const found = [ofAll, ofThem, left, remaining].flatMap((each) => [...page.flat.matchAll(each)])[0];
  return found && { token: Number(found[1]), isLeft: true, value: () => tokenAt(page, Number(found[1])).value };
}

export function whatIsMade(page: Page): MomentTakenOver | undefined {
  for (const each of made) {
    const found = [...page.flat.matchAll(each)][0];
    if (!found) continue;
    const token = Number(found[1]);
    const { form, value } = tokenAt(page, token);
    return {
      token,
      isLeft: false,
      value: (perYear) =>
        form === 'time'
          ? wholeNumber(yearsOf(page, token) * perYear)
          : /year|⟨t/.test(found[0])
            ? value * perYear
            : value,
    };
  }
  return undefined;
}
