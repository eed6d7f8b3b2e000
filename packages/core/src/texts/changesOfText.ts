/** What changes on the way: another rate, an extra payment, a higher payment, a pause; and after which payment. */

import type { ChangeRead, Moment } from './changeRead.ts';
import { missedPayments } from './missedPayments.ts';
import { momentOf, nearestMoment, twoMoments } from './momentOfChange.ts';
import { oncePerPage } from './oncePerPage.ts';
import { sentenceAt, tokenAt, type Page } from './page.ts';
import { groupFound, pattern } from './pattern.ts';
import { multipliedPayment, steppedPayment } from './steppedPayment.ts';
import { withoutRepeats, yearsOf } from './tokens.ts';

const kindsOf = {
  newRate: 'rate',
  extra: 'extra',
  paymentRise: 'rise',
  newPayment: 'new payment',
  skip: 'skip',
} as const;

export const keepsEnd = pattern(
  '(?:original|same|agreed|stated|old|planned|end|final) (?:end )?(?:date|term|time|day|number)|(?:end|finish|final|closing|maturity) date|on time|(?:still|must|should|nevertheless)(?: to)? (?:be )?(?:end|ends|finish|finishes|gone|cleared|repaid|paid off)|term (?:of the loan )?(?:is unchanged|being unchanged|is the same|stays|stayed|unchanged|remains|does not change|is kept|staying)|(?:over|for|in) the remaining (?:term|time|years|months|payments|period|<[nt]>)|renewed|(?:remaining|rest of the) (?:term|time|payments)(?: are| is)? (?:unchanged|recalculated)|(?:number|count) of (?:remaining )?payments (?:stays|unchanged|remains|is kept|does not change)|remaining number of payments|(?:last|final) payment (?:is (?:still )?(?:made )?|stays? |remains? |keeps )(?:on )?(?:its|the|that) (?:agreed |original |old |same )?(?:date|day)|(?:date|day) of the (?:last|final) payment (?:is |being )?(?:unchanged|the same|kept|as before|stays?|remains?)|so that (?:it|the loan|the debt) still|recalculated|re-?calculated|worked out (?:again|afresh|anew)|reset to clear|new payment|payments? (?:is|are|be) (?:then )?(?:adjusted|adapted|reset|changed)|(?:when|as) planned|ends? (?:when|as) it (?:would|should|was to|was meant to)|(?:payments?|instal?lments?)(?: that follow)? (?:is|are|be) (?:then )?(?:lowered|reduced|made (?:smaller|lower))|so that the <t> (?:stay|remain|hold|are kept)|on schedule|pays? less|smaller payments?|lower payments?|keep the (?:end|term|time)|payments? (?:lowered|reduced|cut) so that|ends? when it should|keeping the (?:original |agreed |old |same )?(?:end|term|time)',
);
export const keepsPayment = pattern(
  '(?<!number of )(?<!number of remaining )(?<!last )(?<!final )(?:payments?|instal?lments?|it)(?: itself| [a-z]+)? (?:stays?|stayed|unchanged|remains?|remained|is kept|are kept|does not change|do not change|(?:is|was|were|are) left|staying|remaining|is not changed|as (?:it was|before))|(?:same|unchanged|usual|normal) (?:<e> )?(?:@payment)|(?:regular|original) (?:<e> )?(?:@payment) (?:is|are|was) (?:kept|left)|(?:keeps?|continues?|goes on|carries on|kept|continuing|keeping) (?:on |up )?(?:paying|making|with|the(?! term| end| time)|her|his|their|its(?! term| end| time)|to pay)|payments? unchanged|pays? the (?:old|original|same|usual) payment (?:again|as before|once more)|(?:resumes?|takes up) (?:the|her|his|their) (?:old |original |usual )?payments?|(?:old|original|same|usual|first) payment (?:goes on|continues|is resumed|is paid again)|sooner|earlier|shorten|payment as it (?:was|is)|pays (?:on )?as before|paying as before|goes on as before',
);

export const changesOfText = oncePerPage((page): readonly ChangeRead[] => {
  const found: ChangeRead[] = [];
  page.signs.forEach((signs, token) => {
    const [sign] = signs;
    if (!sign || !(sign.role in kindsOf) || signs.some(({ role, weight }) => role === 'fee' && weight >= 9)) return;
    const kind = kindsOf[sign.role as keyof typeof kindsOf];
    const form = tokenAt(page, token).form;
    if (kind !== 'skip' && form !== 'money' && form !== 'percent') return;
    if (
      kind === 'extra' &&
      sign.weight < 9 &&
      !/owe|loan|debt|mortgage|borrow|pays? off|repay|repaid|instal/.test(page.flat)
    )
      return;
    const from =
      (kind === 'rise' && isOfEach(page, token)) || (kind === 'skip' && isAtFirst(page, token))
        ? { after: 0, taken: [] }
        : momentOf(page, token);
    const twice = kind === 'extra' ? twoMoments(page, token) : undefined;
    const begun = kind === 'skip' && from.taken.length === 0 ? pauseBegun(page) : undefined;
    for (const moment of twice ?? [begun ?? from]) found.push({ token, kind, ...moment, ...keepOf(page) });
  });
  const missedOnes = missedPayments(page).map((each) => ({ ...each, ...keepOf(page) }));
  const isTold = ({ token, kind }: ChangeRead): boolean =>
    (kind === 'skip' && missedOnes.length > 0) ||
    missedOnes.some((each) => each.token === token || each.taken.some((taken) => taken.token === token));
  // "… puts in a further 3,000. Find the balance after the extra 3,000": one, spoken of again.
  const isAgain = (each: ChangeRead): boolean =>
    each.kind === 'extra' &&
    sentenceAt(page, page.places[each.token]!)?.asks === true &&
    found.some((other) => other.token < each.token && isSameChange(page, other, each));
  const once = found.filter((each) => !isAgain(each));
  return [...once.filter((each) => !isTold(each)), ...laterPayment(page, once), ...missedOnes];
});

/** The same sum, at the same time as far as that is told. */
const isSameChange = (page: Page, one: ChangeRead, other: ChangeRead): boolean =>
  one.kind === other.kind &&
  tokenAt(page, one.token).value === tokenAt(page, other.token).value &&
  (other.after ?? one.after) === one.after &&
  (other.afterYears ?? one.afterYears) === one.afterYears;

const pause = '(?:suspension|pause|break|holiday|interruption|respite|gap|deferral)';
const pauseBegins = new RegExp(
  `⟨n(\\d+)⟩ payments (?:had|have|has) (?:already |then )?been (?:made|paid) (?:when|before|by the time) (?:the|this|that) ${pause}|(?:the|this|that) ${pause} (?:began|begins|started|starts|came|comes) (?:right |just |immediately )?after (?:⟨n(\\d+)⟩ payments|(?:the|her|his|their) ⟨o(\\d+)⟩ payment)`,
);

/** "Payments were suspended for half a year. … 50 payments had been made when the suspension began." */
function pauseBegun(page: Page): Moment | undefined {
  const found = groupFound(pauseBegins.exec(page.flat));
  const token = Number(found);
  return found === undefined ? undefined : { after: tokenAt(page, token).value, taken: [{ token, role: 'after' }] };
}

/** "The first 6 payments are missed out.", "A loan of 27,000: no payments for two years; then monthly payments over 8 years." */
const isAtFirst = ({ flat, places }: Page, token: number): boolean => {
  const [before, behind] = [flat.slice(0, places[token]!.start), flat.slice(places[token]!.end)];
  const isThen =
    /^[^.?!]*[;,] (?:and )?(?:then|thereafter|after that|afterwards) (?:⟨e\d+⟩ )?(?:payments|instalments)/.test(behind);
  return (
    /(?<![a-z])first $/.test(before) ||
    (isThen && !/(?<![a-z])(?:after|once|following|payments)(?![a-z])/.test(before.replace(/no payments for $/, '')))
  );
};

/** "She adds 50 to every payment": from the first, where nothing is said of when. */
function isOfEach(page: Page, token: number): boolean {
  const { start, end } = page.places[token]!;
  const sentence = sentenceAt(page, { start, end });
  // "If she adds 100 to every payment, after how many payments is it paid off?"
  const told = (sentence?.text ?? '').replace(
    /after how many[^?]*\?|(?<![a-z])when (?:will|would|does|do|is|are) [^?]*\?/,
    '',
  );
  const isEach =
    /(?:each|every) (?:payment |one |of them )?(?:is|are|was|were) (?:(?:raised|increased|lifted|put up) by )?$|(?:is|are|was|were) each (?:raised|increased|lifted|put up) by $/.test(
      page.flat.slice(0, start),
    ) ||
    /^ (?:(?:extra|more)(?: than [a-z ]{3,20}?)? )?(?:(?:is|are|was|were) (?:paid|added|put in) )?(?:(?:to|with) )?(?:each|every|⟨e\d+⟩|all)(?![a-z])/.test(
      page.flat.slice(end, end + 40),
    );
  const isAtOnce =
    /(?:right|straight) from (?:the )?(?:very )?(?:start|beginning|first|outset)|(?:from|starting with|beginning with|beginning at|starting from) the (?:very )?(?:start|first (?:payment|month|one)|outset|beginning)/;
  // "30 more than she must", "150 a month more than required"
  const isOnTop =
    /^(?: ⟨[ea]\d+⟩)? (?:(?:more|extra) than|above|over) (?:(?:he|she|they|it) (?:must|has to|have to|needs?(?: to)?|is required|are required)|(?:is |was |what is )?(?:required|needed|necessary|agreed|asked|due)(?![a-z])|(?:the |her |his |their |its )?(?:required|scheduled|regular|agreed|minimum|usual|normal|contractual|calculated) (?:⟨e\d+⟩ )?(?:payment|instal?ment|amount|sum)s?(?![a-z]))/.test(
      page.flat.slice(end, end + 90),
    );
  const isFrom = /(?<![a-z])(?:from|after|beginning with|starting with) (?:the )?⟨[onl]\d+⟩/.test(told);
  if (isAtOnce.test(told) || (isOnTop && !isFrom)) return true;
  // "It has just had its 24th payment. Now she pays 150 more each month."
  const isNow =
    /(?<![a-z])(?:now|today|from now on)(?![a-z])/.test(told) &&
    /(?:has|have|had) (?:just |now |already )*(?:had|made|paid|seen) (?:its|his|her|their|the) ⟨o\d+⟩/.test(page.flat);
  return (
    isEach &&
    !isNow &&
    !/(?:^|[^a-z])(?:after|from|once|later|then|when|beginning|starting|begins|starts)(?![a-z])/.test(told)
  );
}

/** "After a year she can pay 480 a month": a second payment with a moment beside it. */
function laterPayment(page: Page, found: readonly ChangeRead[]): ChangeRead[] {
  const stepped = found.length === 0 ? (steppedPayment(page) ?? multipliedPayment(page)) : undefined;
  if (stepped) return [stepped];
  const paid = page.signs.flatMap(([best], at) =>
    best?.role === 'payment' && best.weight >= (isFromThere(page, at) ? 6 : 9) && page.tokens[at]?.form === 'money'
      ? [at]
      : [],
  );
  // "… and then 320 a month. How many payments of 320 …?": once more.
  const [first, second, third] = withoutRepeats(page, paid);
  if (first === undefined || second === undefined || third !== undefined || found.length > 0) return [];
  if (tokenAt(page, first).value === tokenAt(page, second).value) return [];
  // "He saves 320 a month. After 20 years he takes out 2,000": no larger deposit.
  const before = (at: number): string => page.flat.slice(0, page.places[at]!.start);
  if (
    /(?:withdraws?|draws?|takes?|spends?)(?: out)? $/.test(before(second)) &&
    /sav|deposit|puts?|pays? in|aside/.test(before(first))
  )
    return [];
  const sentence = sentenceAt(page, page.places[second]!);
  const moment = nearestMoment(page, sentence ?? page.places[second]!, second) ?? timeOfFirst(page, first, second);
  const told = page.flat.slice(page.places[first]!.end, page.places[second]!.start);
  const behind = page.flat.slice(page.places[second]!.end, page.places[second]!.end + 60);
  const goesOn =
    /(?:for|in|during|over) (?:the (?:following|next)|another|a further) ⟨t|^ (?:from then|thereafter)/.test(behind);
  if (
    !moment ||
    (!goesOn &&
      !/(?:^|[^a-z])(?:after|then|from|later|thereafter|afterwards|once|(?:beginning|starting) with)(?![a-z])/.test(
        told,
      ))
  )
    return [];
  return [{ token: second, kind: 'new payment', instead: first, ...moment }];
}

/** "Beginning with the 25th deposit it puts by 450": a payment, though nothing says how often. */
const isFromThere = ({ flat, places }: Page, at: number): boolean =>
  /(?:from|beginning with|starting with) (?:the |her |his |their )?(?:⟨o\d+⟩ (?:⟨e\d+⟩ )?(?:payment|deposit|month|instal?ment)|(?:payment|deposit|month|instal?ment) (?:number |no )?⟨n\d+⟩)(?: on(?:wards?)?)?,? (?:he|she|they|it|the [a-z]+) [a-z ]{3,16}$/.test(
    flat.slice(0, places[at]!.start),
  );

/** "200 a month for 4 years. Then 350 for 6 years": the change comes when the time of the first is over. */
function timeOfFirst(page: Page, first: number, second: number): Moment | undefined {
  const times = page.tokens.flatMap(({ form }, at) =>
    form === 'time' && at > first && !sentenceAt(page, page.places[at]!)?.asks ? [at] : [],
  );
  const [made, more] = times;
  if (made === undefined || more === undefined || made > second || more < second) return undefined;
  return { afterYears: yearsOf(page, made), taken: [{ token: made, role: 'after' }] };
}

function keepOf({ flat }: Page): { keep?: 'payments' | 'payment' } {
  const ends = [...flat.matchAll(keepsEnd)].length > 0;
  const pays = [...flat.matchAll(keepsPayment)].length > 0;
  return ends === pays ? {} : { keep: ends ? 'payments' : 'payment' };
}
