/** Lengths of time that belong together, and numbers that share the unit of the one beside them. */

import { yearsIn, type Token } from './tokens.ts';

/** "five years and three months" is one length of time. */
export function joinTimes(tokens: readonly Token[], lower: string): Token[] {
  const joined: Token[] = [];
  for (const each of tokens) {
    const before = joined.at(-1);
    const between = before ? lower.slice(before.end, each.start) : '';
    const smaller = (yearsIn[each.unit] ?? 1) < (yearsIn[before?.unit ?? ''] ?? 0);
    if (before?.form === 'time' && each.form === 'time' && smaller && /^(?: and |,? )$/.test(between))
      joined[joined.length - 1] = {
        ...before,
        end: each.end,
        value: before.value + (each.value * (yearsIn[each.unit] ?? 0)) / (yearsIn[before.unit] ?? 1),
      };
    else joined.push(each);
  }
  return joined.map((each, at) => {
    // "for the first four years …, for the next three."
    const isNext =
      /(?:next|following|remaining|other|another|first|last|back after|due after|in after) $/.test(
        lower.slice(0, each.start),
      ) &&
      /^(?:[.,;:?]| ?[$£€¥₹]| \(| at | on (?:the|her|his|their|its|an?) | and (?=[$£€¥₹\d])| \d| of (?:an?|the|its|her|his|their) \d+[- ]years?(?![a-z])| (?:it|she|he|they|the [a-z]+) (?:[a-z]+s|will|is|are|must|can|then)(?![a-z]))/.test(
        lower.slice(each.end),
      );
    const before = joined.slice(0, at).findLast(({ form }) => form === 'time');
    // "… the payment, and the principal repaid by the first four."
    const isOfPayments = /(?:payment|instal?ment|deposit)[^.;?!]*(?:by|in|after|with) the first $/.test(
      lower.slice(0, each.start),
    );
    // "for six years, and then leaves it for two more"
    const isMore =
      /(?:for|over|after|in) $/.test(lower.slice(0, each.start)) &&
      /^ more(?=[.,;?]| at | with | on | without )/.test(lower.slice(each.end));
    // "… is paid off in 5 years. With how much a month would it be paid off in 4?"
    const repaidIn = /(?:paid off|repaid|cleared|paid back|settled|free of it) (?:in|over|within) $/;
    const isRepaidIn =
      before !== undefined &&
      repaidIn.test(lower.slice(0, each.start)) &&
      repaidIn.test(lower.slice(0, before.start)) &&
      /^\s*[?.]/.test(lower.slice(each.end));
    if ((isMore || isRepaidIn) && each.form === 'count' && before && Number.isInteger(each.value))
      return { ...each, form: 'time', unit: before.unit };
    if (isNext && each.form === 'count' && before && !isOfPayments) return { ...each, form: 'time', unit: before.unit };
    const told = each.form === 'count' && Number.isInteger(each.value) ? ellipsis(each, joined, at, lower) : undefined;
    if (told) return { ...each, form: 'time', unit: told.unit };
    // "After five of these years …"
    const ofThese = /^ of (?:these|those) (years|months|quarters)(?![a-z])/.exec(lower.slice(each.end))?.[1];
    if (ofThese && each.form === 'count' && before) return { ...each, form: 'time', unit: ofThese };
    // "36, 48 or 60 months"
    const unit = each.form === 'count' ? unitOfRow(joined, at, lower) : undefined;
    if (unit) return { ...each, form: 'time', unit };
    return sharingUnit(each, joined[at - 1], joined[at + 1], lower);
  });
}

/** "36, 48 or 60 months", "after 5, 10 and 15 years": a row of three or more has the unit of its last. */
function unitOfRow(joined: readonly Token[], at: number, lower: string): string | undefined {
  const last = joined.findIndex(({ form }, index) => index > at && form !== 'count');
  const time = joined[last];
  if (time?.form !== 'time') return undefined;
  const first = joined.slice(0, at).findLastIndex(({ form }) => form !== 'count') + 1;
  const between = joined
    .slice(first, last)
    .map((each, index, all) => lower.slice(each.end, (all[index + 1] ?? time).start));
  const row = between.slice(between.slice(0, at - first).findLastIndex((each) => each !== ', ') + 1);
  const isRow =
    row.length > 1 &&
    row.every((each, index) => (index < row.length - 1 ? each === ', ' : /^,? (?:or|and) $/.test(each)));
  return isRow ? time.unit : undefined;
}

/** "saves for 20 years, then lives on it for 15", "4 % in the first three and 5 % in the last five years". */
function ellipsis(each: Token, joined: readonly Token[], at: number, lower: string): Token | undefined {
  const [before, behind] = [lower.slice(0, each.start), lower.slice(each.end)];
  const [last, next] = [
    joined.slice(0, at).findLast(({ form }) => form === 'time'),
    joined.slice(at + 1).find(({ form }) => form === 'time'),
  ];
  const sentence = last ? lower.slice(last.end, each.start) : '';
  // "4.5 % for the first four years and 5.1 % for the three after that"
  if (
    last &&
    / for the $/.test(before) &&
    /first $/.test(lower.slice(0, last.start)) &&
    /^ (?:after (?:that|those|them)|that follow|following|thereafter)(?![a-z])/.test(behind)
  )
    return last;
  const isSoLong =
    /(?:then|afterwards|after that)(?![a-z])[^.;?!\d]{0,30} for $/.test(before) ||
    (each.value <= 40 && !/[?!]|\.\s/.test(sentence) && / (?:for|gives (?:him|her|them)) $/.test(before)) ||
    // "2,000 in one year, 3,000 in two and 4,000 in three"
    (/ in $/.test(before) &&
      /^(?:,? (?:and )?[$£€]?[\d., ]*\d ?[$£€]?(?: (?:is |are )?(?:due|payable))? in(?: [a-z\d]+(?=,| and ))?)+ $/.test(
        sentence,
      )) ||
    // "… for two years, and then what it takes to be clear after five"
    / (?:clear|free|done|finished|out of debt) (?:of (?:it|debt) )?(?:after|in|within) $/.test(before);
  if (last && isSoLong && /^(?:[.,:;?](?!\d)| at | in all| and )/.test(behind)) return last;
  // "After three years? After all seven?"
  if (last && /(?:after|in|over) all (?:the |these )?$/.test(before) && /^\s*[?.,]/.test(behind)) return last;
  // "3,000 due in one year and 4,500 due in three"
  if (
    last &&
    (/ due in $/.test(before) || /^,? and (?:one|another) of [$£€]?[\d., ]*\d ?[$£€]? in $/.test(sentence)) &&
    / due in $/.test(lower.slice(0, last.start)) &&
    /^(?:[.,;](?!\d)| (?:are|and|is|at)(?![a-z]))/.test(behind)
  )
    return last;
  // "three years at 4 %, then five at 5 %"
  if (last && /(?:^|[ ,])then $/.test(before) && /^ at \d/.test(behind)) return last;
  // "in the first two years, and what in the eight that follow?"
  if (
    last &&
    / (?:for|in|over|during) the $/.test(before) &&
    /^ (?:that follow|which follow|thereafter|after(?= ?[.?,]))/.test(behind)
  )
    return last;
  const isLed =
    next !== undefined &&
    /(?:in|for|during) the first $/.test(before) &&
    /^,? and /.test(behind) &&
    /(?:in|for|during) the (?:last|next|other|remaining|following) $/.test(lower.slice(0, next.start));
  return isLed ? next : undefined;
}

/** "three years or five", "20 or 30 years": one unit for both. */
function sharingUnit(each: Token, before: Token | undefined, after: Token | undefined, lower: string): Token {
  if (each.form !== 'count') return each;
  // "after 5 and after 10 years", not "after 5 years and after 10 payments".
  const isBare = !/^ ?(?:[a-z-]+ )?(?:payments?|instal|deposits?|rentals?|withdrawals?|of (?:them|these))/.test(
    lower.slice(each.end),
  );
  const joins = (start: number, end: number, isBehind = false): boolean =>
    // "… over 20 years, the other over 25", not "to three heirs over 12 years"
    (isBehind && /^,? (?:and )?[a-z]+ over $/.test(lower.slice(start, end))) ||
    // "after 4 of 10 years"
    (/(?<![a-z])after $/.test(lower.slice(0, each.start)) &&
      /^ of (?:(?:the|its|her|his|their) )?$/.test(lower.slice(start, end))) ||
    /^,? (?:and )?\(?[b2i]+\) (?:over|for|in) $/.test(lower.slice(start, end)) ||
    /^,? (?:and )?(?:(?:the )?(?:one|other|another|second|latter)(?: [a-z]+)? (?:over|for|in)) $/.test(
      lower.slice(start, end),
    ) ||
    (isBare &&
      /^,? and (?:(?:what|how much|again|then) )?(?:after|in|at the end of) $|^,? (?:and )?(?:the|its|her|his|their) (?:sum|balance|amount|value|debt|total) after $/.test(
        lower.slice(start, end),
      )) ||
    // "terms of three and six years"
    (!isBehind &&
      /(?:terms|periods) of $/.test(lower.slice(0, each.start)) &&
      / (?:and|or) $/.test(lower.slice(start, end))) ||
    // "Loan A runs 20 years, loan B 25."
    (isBehind &&
      /(?<![a-z])(?:loan|offer|plan|bank|option) [a-z] [a-z]+ [^ ]+ [a-z]+$/.test(lower.slice(0, start)) &&
      /^[,;] (?:and )?(?:loan|offer|plan|bank|option) [a-z] $/.test(lower.slice(start, end))) ||
    (isBare && /^ against $/.test(lower.slice(start, end))) ||
    /^ (?:or|versus|rather than|instead of|than|with) (?:over |for |in )?(?:(?:the|her|his|their|its) )?(?:(?:usual|normal|full|planned|agreed|original|customary|ordinary) )?$|^ against (?:over |for |in )$|^,? and the same (?:over|for|in) $/.test(
      lower.slice(start, end),
    );
  // "The boy is eighteen today": of somebody whose birth is told.
  const isAge =
    /(?<![a-z])(?:born|birth)(?![a-z])/.test(lower) &&
    /(?:is|turns|turned) (?:now )?$/.test(lower.slice(0, each.start)) &&
    (/^ ?(?:today|now|years old)/.test(lower.slice(each.end)) ||
      /(?:today|now) [a-z ]{2,16}(?:is|turns) $/.test(lower.slice(0, each.start)));
  if (isAge) return { ...each, form: 'time', unit: 'years' };
  // "… in five years? What would it be in eight?"
  const isAgain =
    /(?:(?:it|they|that|payment)(?: be| come to)?|\?\s*(?:and)?|,? and what) (?:in|over|for|after) $/.test(
      lower.slice(0, each.start),
    ) && /^\s*\?/.test(lower.slice(each.end));
  if (isAgain && before?.form === 'time') return { ...each, form: 'time', unit: before.unit };
  const like =
    before?.form === 'time' && joins(before.end, each.start, true)
      ? before
      : after?.form === 'time' && joins(each.end, after.start)
        ? after
        : undefined;
  return like ? { ...each, form: 'time', unit: like.unit } : each;
}
