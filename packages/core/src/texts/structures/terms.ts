/** The same over two times: "three years or five?" */

import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import { askingNothing, sentenceAt, type Page } from '../page.ts';
import { pattern } from '../pattern.ts';
import type { Sentence } from '../sentences.ts';
import { yearsOf } from '../tokens.ts';
import { isOfPause, readTwo } from './offers.ts';

const termsAsked: ReadonlySet<string> = new Set([
  'payment',
  'amount',
  'totalPaid',
  'interest',
  'financeCharge',
  'difference',
  'choice',
]);

const askedAgain =
  /\?\s*(?:and )?what if (?:he|she|they|one|it|you|the [a-z]+) (?:has|have|had|takes?|took|wants?|wanted|gets?) (?:it )?(?:only |just )?(?:to be )?(?:over |in )?⟨t(\d+)⟩[^?⟨]{0,24}\?|\?\s*(?:and )?(?:(?:what|how (?:much|large|big))(?: (?:would|will|is|are|does) (?:be )?(?:it|they|that|the (?:⟨e\d+⟩ )?payments?)(?: be| come to)?)? |(?:by|with|for|at) the same [^?]{0,16} )?(?:in|over|for) ⟨t(\d+)⟩[^?⟨]*\?/;

/** "What is the payment over five years? What would it be over eight?" */
function readAskedAgain(page: Page): DraftReading | undefined {
  const found = askedAgain.exec(page.flat);
  const asked = Number(found?.[1] ?? found?.[2] ?? NaN);
  const place = found && page.places[asked];
  const sentence = place && sentenceAt(page, place);
  const isOfTerm =
    sentence &&
    page.questions.every(
      ({ asked, start, isSupposed }) => termsAsked.has(asked) || (isSupposed && start >= sentence.start),
    );
  if (!sentence || !isOfTerm) return undefined;
  const other = asked;
  const isTerm = (at: number): boolean =>
    page.tokens[at]?.form === 'time' &&
    page.signs[at]?.[0]?.role !== 'ignored' &&
    yearsOf(page, at) !== yearsOf(page, other);
  const terms = page.tokens.flatMap((_, at) => (isTerm(at) ? [at] : []));
  const [one, third] = terms;
  if (one === undefined || third !== undefined) return undefined;
  const once = askingNothing(page, sentence);
  const like = (at: number, place: Span): boolean => {
    const token = page.places.findIndex(({ start }) => start === place.start);
    return page.tokens[token]?.form === 'time' && yearsOf(page, token) === yearsOf(page, at);
  };
  return readTwo(once, [page.places[one]!, page.places[other]!], (place, plan) =>
    like(plan === 0 ? other : one, place),
  );
}

/** "How much would he pay if he took two years instead?" */
const isSupposed =
  /(?<![a-z])if [^?⟨]{0,50}(?<![a-z])(?:took|takes|chose|chooses|were|was|ran|runs|lasted|lasts|had|wanted|spread|over|repaid|paid|for|agreed (?:on|to))[^?⟨]{0,24}⟨t\d+⟩|⟨t\d+⟩ instead(?! of)/;

/** "How much less is paid in all on a 25-year mortgage if it is paid off in 20 years instead?": behind the "if". */
function supposedIn(page: Page, whole: Sentence): Sentence {
  const from = whole.text.search(/(?<![a-z])if (?!.*(?<![a-z])if )[^?]*⟨t\d+⟩/);
  const isTold = from > 0 && /⟨[mpnto]\d+⟩/.test(whole.text.slice(0, from));
  const isCompared = page.questions.every(({ asked }) => asked === 'difference');
  return isTold && isCompared ? { ...whole, start: whole.start + from, text: whole.text.slice(from) } : whole;
}

function readSupposedTerm(page: Page): DraftReading | undefined {
  const whole = page.sentences.find(({ asks, text }) => asks && isSupposed.test(text));
  const sentence = whole && supposedIn(page, whole);
  const tokens = [...(sentence?.text.matchAll(/⟨([mpnto])(\d+)⟩/g) ?? [])];
  const [only] = tokens;
  if (!sentence || only?.[1] !== 't' || tokens.length > 1) return undefined;
  const other = Number(only[2]);
  const before = page.questions.filter(({ start }) => start < whole.start);
  const own = page.questions.filter(({ start }) => start >= whole.start && start < whole.end);
  const isOfTerm = [...before, ...own].every(({ asked }) => termsAsked.has(asked));
  const terms = page.tokens.flatMap(({ form }, at) =>
    form === 'time' &&
    at !== other &&
    page.places[at]!.start < sentence.start &&
    page.signs[at]?.[0]?.role !== 'ignored' &&
    yearsOf(page, at) !== yearsOf(page, other)
      ? [at]
      : [],
  );
  const [term, more] = terms;
  const isAlike =
    own.every(({ asked }) => asked === 'difference' || before.some((each) => each.asked === asked)) &&
    before.length + own.length > 0;
  return isOfTerm && isAlike && term !== undefined && more === undefined
    ? readTwo(page, [page.places[term]!, { start: sentence.start, end: sentence.end }])
    : undefined;
}

const countedTwice =
  /(?:by|in|with|over) ⟨n(\d+)⟩ (?:(?:equal|level) )?(?:⟨e\d+⟩ )?(?:(?:payments|instal?lments|months),? )?or (?:else )?(?:by |in |with |over )?⟨n(\d+)⟩(?= ?[.,;?]| (?:equal |level |⟨e\d+⟩(?:-end)? )*(?:payments|instal|months))|⟨n(\d+)⟩ (?:rather than|instead of|and not|or) (?:in )?⟨n(\d+)⟩ (?:⟨e\d+⟩ )?(?:payments|instal|months|deposits)|⟨n(\d+)⟩ (?:⟨e\d+⟩ )?(?:payments|instal?lments),? (?:and )?[a-z]+ (?:it )?(?:in|with|by|over) ⟨n(\d+)⟩|⟨n(\d+)⟩ (?:⟨e\d+⟩(?:-end)? )?payments\. (?:what|how much) (?:would|do|does|will) ⟨n(\d+)⟩ (?:⟨e\d+⟩(?:-end)? )?payments save|instead of ⟨n(\d+)⟩ (?:⟨e\d+⟩(?:-end)? )?payments[^.?]{0,120} makes? ⟨n(\d+)⟩/;

/** "… if it is repaid in 36 rather than 60 monthly payments". */
function readTwoCounts(page: Page): DraftReading | undefined {
  const [one, other] = (countedTwice.exec(page.flat) ?? []).slice(1).filter((each) => each !== undefined);
  const [first, second] = [page.places[Number(one)], page.places[Number(other)]];
  const counted = [Number(one), Number(other)];
  const signs = page.signs.map((each, at) =>
    counted.includes(at) ? [{ role: 'payments' as const, weight: 12, ...page.places[at]! }, ...each] : each,
  );
  return first && second ? readTwo({ ...page, signs }, [first, second]) : undefined;
}

const sum = '(?:payments? |instal?lments? |<e> )*(?:of|with|at) <m>(?: a)?(?: <[ae]>| [a-z]+ly| each)?';
const paidTwice = pattern(`{nt} ${sum},? (?:or|and|against|versus) (?:<m> )?(?:with |over |for )*{nt} ${sum}`);

/** "24 payments of 365 or 36 payments of 255", "over 15 years with 640 monthly or 20 years with 536". */
function readTwoSums(page: Page): DraftReading | undefined {
  const [found] = [...page.flat.matchAll(paidTwice)];
  const [first, second] = [page.places[Number(found?.[1])], page.places[Number(found?.[2])]];
  return found && first && second
    ? readTwo(page, [
        { start: found.index, end: second.start },
        { start: second.start, end: found.index + found[0].length },
      ])
    : undefined;
}

export function readTwoTerms(page: Page): DraftReading | undefined {
  const counted = readTwoCounts(page) ?? readTwoSums(page);
  if (counted) return counted;
  const again = readAskedAgain(page);
  if (again) return again;
  const supposed = readSupposedTerm(page);
  if (supposed) return supposed;
  const compares = page.questions.some(({ asked }) => asked === 'difference' || asked === 'choice');
  const each = /(?:^|[^a-z])(?:each|both|either|compare)(?![a-z])|\(?b\) (?:over )?⟨t/.test(page.flat);
  const rates = page.tokens.filter(
    ({ form }, at) => form === 'percent' && page.signs[at]?.[0]?.role !== 'downPaymentRate',
  ).length;
  if ((!compares && !each) || rates !== 1 || isOfPause(page)) return undefined;
  // "How much is in it after two years?" looks on the way.
  const isMoment = (at: number): boolean =>
    page.questions.some(
      ({ asked, start, unit }) =>
        ['finalAmount', 'balance', 'leftToPay'].includes(asked) &&
        page.places[at]!.start >= start &&
        page.places[at]!.start < unit.end,
    );
  // "starting in a month" is no term.
  const times = page.tokens.flatMap(({ form }, at) =>
    form === 'time' && yearsOf(page, at) > 0.1 && page.signs[at]?.[0]?.role !== 'ignored' && !isMoment(at) ? [at] : [],
  );
  for (const [index, one] of times.entries()) {
    const other = times[index + 1];
    if (other === undefined) continue;
    const [first, second] = [page.places[one]!, page.places[other]!];
    const between = page.flat.slice(first.end, second.start);
    const isOfEach = /^[;,]? (?:and )?[a-z]+ [a-z]+ (?:⟨m\d+⟩|the same(?: [a-z]+)?) (?:over|for) $/.test(between);
    if (
      (!isOfEach &&
        !/(?:^|[\s,])(?:or|versus|rather than|instead of|compared with|with|against|and|than|[a-z]+ over|(?:one|other|another|second) (?:in|for)|with (?:that|those) of|with (?:⟨e\d+⟩ )?payments|loan with an?|\(?b\)(?: over)?)(?:[\s]|$)/.test(
          between,
        )) ||
      between.length > 90 ||
      /[.?!]/.test(between)
    )
      continue;
    if (page.tokens[one]!.value === page.tokens[other]!.value) continue;
    // The time that is named once more is still the one or the other.
    const isOthers = (place: { start: number }, plan: 0 | 1): boolean => {
      const at = page.places.findIndex(({ start }) => start === place.start);
      const value = page.tokens[plan === 0 ? other : one]!.value;
      return page.tokens[at]?.form === 'time' && page.tokens[at].value === value;
    };
    return readTwo(page, [first, second], isOthers);
  }
  return undefined;
}
