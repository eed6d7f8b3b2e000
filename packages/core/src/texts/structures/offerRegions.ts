/** Where two offers are told: by their names, by a turn between them, as a lease and a loan. */

import type { Span } from '../flatText.ts';
import { sentenceAt, type Page } from '../page.ts';
import { forBoth, paidAsOften, ratesOf, thing, type Regions } from './offerOwners.ts';
import { parallelOffers } from './parallelOffers.ts';
import { regionsOfTwo } from './twoPeople.ts';

const mark = new RegExp(
  `(?:^|[\\s(])${thing} (?:[abpqxy]|one|two|i{1,2}|⟨l\\d+⟩|⟨n\\d+⟩(?=:| (?:charges|asks|offers|lends|wants|has|gives|pays)))(?![a-z])`,
  'g',
);
const turns =
  /(?:[;.]\s+|,\s+|\s)(?:or(?: else)?(?: she| he| they)?|alternatively|instead|whereas|while|versus|against|rather than|instead of|than(?= (?:at|with|under|in|over|by|on) )|but|(?:a|the) (?:second|other|rival|competing)|another|the latter|(?:her|his|their|its) (?:brother|sister|cousin|friend|neighbour|rival|twin|colleague|husband|wife|partner)|on the other hand|compared with)(?![a-z])/g;

const leaseMark =
  /(?<=compares? |between )leasing(?= )|leasing (?=(?:an?|the) [a-z ]{3,30} worth ⟨m)|(?:^|[.;:,\n()] ?)(?:(?:to |an? (?=lease: )|either |option [a-z0-9]+[:,]? |they |she |he |you |she can |you can )*)(?:lease|rent|hire|leasing|renting|hiring)(?: it| the [a-z]+(?=:))?(?=[:,. -])|(?:leased|rented|hired)(?=:)|(?:(?:can|may) be|is|are) (?:leased|rented)(?=(?:,)? (?:for|over|at) ⟨)|(?:can|may|could) (?:either )?(?:lease|rent|hire) (?:an?|the|it) [^.;?!]{0,90}(?:by paying|for ⟨[tn]|at ⟨m|[:,] ⟨n|with ⟨n|over ⟨[tn])/;
const loanMark =
  /(?:with|and) borrowing(?= (?:its|the) price| ⟨m)|(?:^|[.;:,\n()] ?)(?:or (?:else )?|to |alternatively,? |option [a-z0-9]+[:,]? )*(?:borrow(?:ing)?|loan|buy(?:ing)?(?!-?out)|purchase(?! option| price| at the end| after| for ⟨m)|credit|bank(?=:)|bank loan|bank (?:alternative|offer)(?=:)|a loan|take a loan|(?:its|the) price (?:can|may|could) be borrowed|(?:it|they) (?:can|may) be bought (?:now |at once )?with a loan|(?:be )?(?:bought|purchased) (?:now |at once |outright |immediately |straight away )?(?:with|by|on|through) (?:an? )?(?:⟨t\d+⟩ |[a-z-]+ )?loan|financed with a loan|or (?:be )?(?:financed|borrowed for)(?= (?:over|at|with|for|by) )|or a loan(?= of ⟨m)|(?:(?:her|his|their|the|a|its) )?(?:bank|lender|credit union) (?:would|will|could|can) lend (?:(?:her|him|them) )?(?:(?:the|its) (?:whole |full )?price|the money|⟨m\d+⟩|it)|a loan (?=for it:)|or (?:the |an? )?[a-z]+ (?:borrows?|takes a loan|buys?)(?= ⟨m\d+⟩| it)|(?:it|they|she|he) (?:can|may|could) (?:also |instead |else )?borrow (?:the (?:price|money|whole price|full price|sum)|its price|(?:the |all )?⟨m\d+⟩))(?: (?:(?:the|its) price|it|the money))?(?=[:,. -]| for the price)/;

/** A lease against a loan: each told in its own sentences. */
export function leaseAndLoan(page: Page): Regions | undefined {
  const lease = leaseMark.exec(page.flat);
  const rest = lease ? page.flat.slice(lease.index + lease[0].length) : '';
  const loan = loanMark.exec(rest);
  if (!lease || !loan) return undefined;
  const from = lease.index + lease[0].length + loan.index;
  const asking = page.sentences.find(({ asks, start }) => asks && start > from)?.start ?? page.flat.length;
  const hasNumbers =
    /⟨[mpn]/.test(page.flat.slice(lease.index, from)) &&
    /⟨[pntea]/.test(page.flat.slice(from, asking)) &&
    /⟨[mpn]/.test(page.flat.slice(from, asking));
  return hasNumbers && from < asking
    ? [
        { start: lease.index, end: from },
        { start: from, end: endOf(page, from, asking) },
      ]
    : undefined;
}

const labels =
  /^(?:the )?(?:loans?|rate|interest|term|time|payments?|deposits?|price|amount|given|find|required|wanted|sought|notes?|hints?|data|questions?|answers?|parts?|cash|old|added|new|value|residual|balloon|lease|saving|buying|borrowing|first|then|now|later|facts?|figures|principal|fees?|sum|start|end|goal|plan|option|offer|case|terms|conditions|situation|task|problem|exercise|example)(?![a-z])/i;

/** "Warp & Weft: 24 payments of 121. Shuttle Ltd: …": two that bear a name. */
const namedWithColon = ({ text, origins, flat }: Page): number[] =>
  [...text.matchAll(/(?<=^|[.;?!]\s+|\n\s*)\p{Lu}[\p{L}.']*(?: (?:&|and|of|the|\p{Lu}[\p{L}.']*)){0,3}(?=:\s)/gu)]
    .filter(({ 0: words }) => !labels.test(words))
    .map(({ index }) => origins.findIndex((origin) => origin >= index))
    .filter((at) => /^[^:]*:[^.]*⟨[mpn]/.test(flat.slice(at)));

/** Where two offers are first named: "bank A … bank B". */
function namedPlaces(page: Page): number[] {
  const { flat, text, origins } = page;
  const listed =
    /(?:offers?|plans?|options?|ways|schemes|deals|choices|proposals|alternatives)(?![a-z])[^.?!]{0,60}: ?\(?(?:a[,:)] [^?!]*?[;.,] (?:or )?\(?(b)[,:)]|i\) [^?!]*?[;.,] (?:or |and )?\(?(ii)\)) /d.exec(
      flat,
    );
  const [, letter, roman] = listed?.indices ?? [];
  const second = letter ?? roman;
  if (listed && second) return [listed.index + listed[0].indexOf(':'), second[0]];
  const byName = namedWithColon(page);
  if (byName.length === 2) return byName;
  const seen = new Set<string>();
  const places: number[] = [];
  for (const found of flat.matchAll(mark)) {
    const name = found[0].trim().split(' ').at(-1) ?? '';
    // "They offer a loan" names nothing.
    const at = found.index + found[0].length - 1;
    if (name === 'a' && text.charAt(origins[at] ?? 0) === 'a' && /^ [a-z]/.test(flat.slice(at + 1))) continue;
    if (!seen.has(name)) places.push(found.index);
    seen.add(name);
  }
  return places;
}

/** @returns nothing where the text does not tell where one ends and the other begins */
export function regionsOf(page: Page): Regions | undefined {
  const [a, b] = namedPlaces(page);
  const parallel = parallelOffers(page);
  if (parallel && a === undefined) return parallel;
  const asking =
    page.sentences.find(({ asks, start }) => asks && start > Math.max(a ?? 0, b ?? 0))?.start ?? page.flat.length;
  if (a !== undefined && b !== undefined && b > a && b < asking)
    return [
      { start: a, end: b },
      { start: b, end: endOf(page, b, asking) },
    ];
  const named = headed(page).filter(({ start }) => start < asking || asking === page.flat.length);
  const [first, second] = named;
  if (first && second && named.length === 2)
    return [
      { start: first.start, end: second.start },
      { start: second.start, end: second.end },
    ];
  const lenders = lendersOf(page, asking);
  if (lenders) return lenders;
  const places = ratesOf(page);
  const people = places.length < 2 ? (regionsOfTwo(page) ?? paidAsOften(page)) : undefined;
  if (people) return people;
  const [one, other] = places;
  const lease = /(?:^|\s)(?:(?:lease|rent|hire) it|(?:be )?(?:leased|rented|hired)(?= (?:for|over|at|from) ))/.exec(
    page.flat,
  );
  // "Buy it with a loan at 7.2 % …, or lease it": the lease is told to the end.
  if (
    one &&
    !other &&
    lease &&
    one.start < lease.index &&
    /(?:,|;| -)? or(?: else)?$/.test(page.flat.slice(0, lease.index))
  )
    return [
      { start: beginOf(page, one), end: lease.index },
      { start: lease.index, end: endOf(page, lease.index, asking) },
    ];
  const paid = places.length === 0 ? paymentsOfTwo(page) : undefined;
  if (paid) return paid;
  const from = one && other ? one : lease ? { start: lease.index, end: lease.index + 8 } : undefined;
  const until = one && other ? other.start : asking;
  if (!from || until <= from.end) return undefined;
  // "How much can she borrow …? How much more if the rate is 4.52 %?": all but the rate is told of both.
  const supposed = other && sentenceAt(page, other);
  if (one && other && supposed?.asks && supposed !== sentenceAt(page, one) && sentenceAt(page, one)?.asks)
    return [one, { start: supposed.start, end: supposed.end }];
  const turn = turnBetween(page, from.end, until);
  if (turn === undefined) return undefined;
  const start = beginOf(page, from);
  const last = sentenceAt(page, { start: turn + 2, end: turn + 2 });
  const end = Math.max(last?.end ?? turn, other ? other.end : turn);
  // "…; both are repaid monthly": said of both.
  const both = /[;,(]\s*(?:both|each|either) /.exec(page.flat.slice(other?.end ?? turn, end));
  return [
    { start: Math.min(start, from.start), end: turn },
    { start: turn, end: both ? (other?.end ?? turn) + both.index : end },
  ];
}

const lenderTells =
  /(?<![a-z])(?:an?|the|his|her|their) ((?:[a-z]+ )?(?:dealer|bank|shop|store|supplier|maker|manufacturer|seller|credit union|building society|society|uncle|aunt|friend|neighbour|lender))(?:'s [a-z]+)? (?:asks?|offers?|wants|charges?|lends?|proposes|demands|would ask|takes)(?: (?:for )?(?:it|them))?(?= ⟨[pnm]| an? ⟨)/g;

/** "For 8,000 a dealer asks 24 payments of 365, a bank asks 10.5 % over 24 months": two who ask, in one sentence. */
function lendersOf(page: Page, asking: number): Regions | undefined {
  const [one, other, third] = [...page.flat.slice(0, asking).matchAll(lenderTells)];
  if (!one || !other || third || one[1] === other[1]) return undefined;
  const isOneSentence =
    sentenceAt(page, { start: one.index, end: one.index }) ===
    sentenceAt(page, { start: other.index, end: other.index });
  const rates = ratesOf(page).length;
  return isOneSentence && rates === 1
    ? [
        { start: one.index, end: other.index },
        { start: other.index, end: endOf(page, other.index, asking) },
      ]
    : undefined;
}

/** "A lender offers 16,000 repaid by 60 payments of 318; a second lender … 48 payments of 383": no rates, and two payments. */
function paymentsOfTwo(page: Page): Regions | undefined {
  const asksRate = page.questions.some(
    ({ asked, unit }) =>
      /Rate$|ratePerPayment/.test(asked) ||
      (asked === 'choice' && /(?<![a-z])rates?(?![a-z])/.test(page.flat.slice(unit.start, unit.end))),
  );
  if (!asksRate) return undefined;
  const [one, other, third] = page.signs.flatMap(([sign], at) =>
    sign?.role === 'payment' && sign.weight >= 9 && page.tokens[at]?.form === 'money' ? [page.places[at]!] : [],
  );
  if (!one || !other || third) return undefined;
  const cut = turnBetween(page, one.end, other.start);
  const end = sentenceAt(page, other)?.end;
  return cut === undefined || end === undefined
    ? undefined
    : [
        { start: sentenceAt(page, one)?.start ?? 0, end: cut },
        { start: cut, end },
      ];
}

/** "Ada: …. Bea: …": sentences that say whose they are. */
const headed = (page: Page): Span[] =>
  page.sentences.filter(
    ({ text, asks }) =>
      !asks &&
      !forBoth.test(text) &&
      /^\W*(?:(?:the|his|her|their) )?(?:\p{L}+(?:'s?)? ){0,2}\p{L}+: /u.test(text) &&
      /⟨[mpn]/.test(text) &&
      !/^[^⟨]*⟨m\d+⟩\W*$/.test(text),
  );

/** Where the first offer begins in its sentence: behind a colon, if there is one before its rate. */
function beginOf(page: Page, rate: Span): number {
  const start = sentenceAt(page, rate)?.start ?? 0;
  const colon = page.flat.slice(start, rate.start).lastIndexOf(': ');
  return colon < 0 ? start : start + colon + 1;
}

/** The last turn between two places, or else the sentence that begins there. */
function turnBetween(page: Page, from: number, until: number): number | undefined {
  const between = page.flat.slice(from, until);
  const found = [...between.matchAll(turns)].at(-1);
  if (found) return from + found.index;
  const sentence = page.sentences.filter(({ start }) => start > from && start < until).at(-1);
  if (sentence) return sentence.start;
  const half = /;\s/.exec(between);
  if (half) return from + half.index;
  const clause =
    (/compar/.test(page.flat.slice(0, from)) ? /\swith\s/.exec(between) : null) ?? /[;,]\s|\sand\s/.exec(between);
  return clause ? from + clause.index : undefined;
}

/** The second offer ends where something is said of both, or asked. */
function endOf(page: Page, from: number, asking: number): number {
  const next = page.sentences.find(({ start, text }) => start > from && (start >= asking || forBoth.test(text)));
  return Math.min(next?.start ?? asking, asking);
}
