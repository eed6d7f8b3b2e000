/** The rate of a plan: its number, how it is quoted, how often it is compounded. */

import type { Asked } from './lexicon/questions/index.ts';
import { inScope, tokenAt, type Page, type Scope } from './page.ts';
import type { Span } from './flatText.ts';
import type { PeriodUse } from './periodUses.ts';

export interface RateRead {
  /** The token of its number; nothing where it is asked, or missing. */
  readonly token?: number;
  /** Other percentages that could be it. */
  readonly others: readonly number[];
  readonly quoted: 'nominal' | 'effective' | 'per-period';
  /** Times a year; nothing where the text does not say. */
  readonly compounding?: number;
  /** How often the rate that is asked for is compounded. */
  readonly wanted?: number;
  readonly continuous: boolean;
  /** "2.7 % monthly" may be by the month, or a year and compounded monthly. */
  readonly unsure?: boolean;
}

/** "Twelve months' credit free of interest, or 90 off for cash. What rate does the credit really cost?" */
const isFreeForSome = (page: Page, at: number, asked: ReadonlySet<Asked>): boolean =>
  tokenAt(page, at).value === 0 &&
  (['effectiveRate', 'nominalRate', 'ratePerPayment'] as const).some((each) => asked.has(each)) &&
  page.signs.some(([best]) => best?.role === 'rebate');

export function readRate(page: Page, scope: Scope, rates: readonly number[], asked: ReadonlySet<Asked>): RateRead {
  const [token, ...others] = rates.filter(
    (at) => page.signs[at]?.[0]?.role !== 'ignored' && !isFreeForSome(page, at, asked),
  );
  const continuous = /continuous/.test(page.flat);
  const notation = notationOf(page, token);
  const uses = page.periods.filter(({ use, token: at }) => use === 'compounding' && inScope(page, scope, at));
  const wanted = uses.find(({ token: at }) => isWanted(page, at)) ?? notationAsked(page);
  const given = uses.filter((each) => each !== wanted || (token === undefined && uses.length === 1));
  const stated = compoundingOf(page, token, given);
  const compounding = stated?.perYear ?? notation;
  const into =
    wanted ?? (asked.has('nominalRate') && token !== undefined ? uses.find((each) => each !== stated) : undefined);
  const more = { others, continuous, ...(into ? { wanted: into.perYear } : {}) };
  if (token === undefined) {
    const of = compounding ?? wanted?.perYear;
    return { ...more, quoted: 'nominal', ...(of === undefined ? {} : { compounding: of }) };
  }
  const place = page.places[token]!;
  // "At an effective rate of 6.5 %, what is the rate per quarter?", but "an effective rate of 2 % per quarter"
  const isSaid =
    /effective(?: ⟨[ea]\d+⟩)?(?: interest)?(?: rate)? of $/.test(page.flat.slice(0, place.start)) &&
    !/^ ⟨a\d+⟩/.test(page.flat.slice(place.end));
  const perPeriod = page.periods.find(
    ({ use, token: at, perYear }) =>
      !isSaid && use === 'rate' && perYear !== 1 && inScope(page, scope, at) && isBeside(page, place, page.places[at]!),
  );
  const added = addedEach(page, place) ?? effectiveEach(page, place);
  if (added !== undefined) return { ...more, token, quoted: 'per-period', compounding: added };
  const charged = chargedEach(page, token);
  const { quoted: settled } = page.settled;
  if (charged !== undefined && settled !== 'nominal')
    return { ...more, token, quoted: 'per-period', compounding: charged, ...(settled ? {} : { unsure: true }) };
  if (perPeriod && isNominal(page, place)) return { ...more, token, quoted: 'nominal', compounding: perPeriod.perYear };
  if (perPeriod && isAmongOthers(page, token, perPeriod))
    return { ...more, token, quoted: 'nominal', compounding: perPeriod.perYear };
  const isYearly =
    perPeriod &&
    isAdverb(page, perPeriod.token) &&
    // "a monthly rate of 0.6 %" says it is for a month.
    page.places[perPeriod.token]!.start > place.start &&
    (tokenAt(page, token).value * perPeriod.perYear > 0.25 ||
      /^, /.test(page.flat.slice(place.end)) ||
      /(?:credits?|adds?|compounds?|pays?) $/.test(page.flat.slice(Math.max(0, place.start - 10), place.start)));
  // "compounds 4.92 % daily": by the day it would be absurd.
  if (isYearly && tokenAt(page, token).value * perPeriod.perYear > 0.4)
    return { ...more, token, quoted: 'nominal', compounding: perPeriod.perYear };
  if (isYearly && page.settled.quoted === 'nominal')
    return { ...more, token, quoted: 'nominal', compounding: perPeriod.perYear };
  if (isYearly && page.settled.quoted === undefined)
    return { ...more, token, quoted: 'nominal', compounding: perPeriod.perYear, unsure: true };
  if (perPeriod) return { ...more, token, quoted: 'per-period', compounding: perPeriod.perYear };
  if (isEffective(page, place, compounding, asked)) {
    const other = wanted ?? (asked.has('nominalRate') ? uses[0] : undefined);
    return { ...more, ...(other ? { wanted: other.perYear } : {}), token, quoted: 'effective', compounding: 1 };
  }
  const own = compounding ?? (isAnnual(page, scope, token) ? 1 : undefined);
  return { ...more, token, quoted: 'nominal', ...(own === undefined ? {} : { compounding: own }) };
}

/** "5.2 % annually, 5.1 % quarterly or 5.05 % monthly": rates of a year, each compounded as it says. */
function isAmongOthers(page: Page, token: number, { token: at, perYear }: PeriodUse): boolean {
  const { value } = tokenAt(page, token);
  const rates = page.tokens.flatMap(({ form, value: other }) => (form === 'percent' ? [other] : []));
  const isOther = page.periods.some((each) => each.use === 'rate' && each.perYear !== perYear);
  return (
    isAdverb(page, at) &&
    isOther &&
    rates.length > 1 &&
    rates.every((other) => other < 1.6 * value && value < 1.6 * other)
  );
}

/** "3 % half-yearly or 5.9 % annually", of rates alone: once a year. */
const isAnnual = (page: Page, scope: Scope, token: number): boolean =>
  page.tokens.every(({ form }) => form !== 'money') &&
  page.periods.some(
    ({ use, token: at, perYear }) =>
      use === 'rate' &&
      perYear === 1 &&
      inScope(page, scope, at) &&
      isBeside(page, page.places[token]!, page.places[at]!) &&
      isAdverb(page, at),
  );

const isAdverb = (page: Page, at: number): boolean =>
  /ly$/i.test(page.text.slice(tokenAt(page, at).start, tokenAt(page, at).end));

/** "j4 = 5 %": the one that stands before the rate, else the first of the text. */
function notationOf({ flat, places, tokens }: Page, token: number | undefined): number | undefined {
  const all = [...flat.matchAll(/(?<![a-z])(?:j\(?_?(\d+)\)?|[ij]\^?\((\d+)\)|[ij]\^?\(⟨[nl](\d+)⟩\))(?![a-z])/g)];
  const start = token === undefined ? NaN : places[token]!.start;
  const beside = all.find(({ index, 0: words }) => start >= index && start - index - words.length <= 6);
  const found = beside ?? all[0];
  return found && (found[3] === undefined ? Number(found[1] ?? found[2]) : tokens[Number(found[3])]?.value);
}

/** "What is the equivalent j4?" */
function notationAsked({ questions, flat }: Page): Pick<PeriodUse, 'perYear'> | undefined {
  const found = questions.flatMap(({ asked, unit }) => {
    const words = asked === 'nominalRate' ? flat.slice(unit.start, unit.end) : '';
    const perYear =
      /⟨p/.test(words) && !/j\(?_?\d+\)? (?:that is )?(?:equivalent|corresponding|equal) to j/.test(words)
        ? undefined
        : /(?:^|[^a-z])j\(?_?(\d+)/.exec(words)?.[1];
    return perYear === undefined ? [] : [{ perYear: Number(perYear) }];
  });
  return found[0];
}

/** "An effective monthly rate of 0.5 %": how often in a year, if more than once. */
function effectiveEach({ flat, periods }: Page, { start }: Span): number | undefined {
  const [, behind, before] =
    /(?:effective ⟨[ea](\d+)⟩|⟨[ea](\d+)⟩ effective)(?: interest)? rate(?: of| is| =|:)? $/.exec(
      flat.slice(0, start),
    ) ?? [];
  const perYear = periods.find(({ token }) => token === Number(behind ?? before))?.perYear;
  return perYear !== undefined && perYear > 1 ? perYear : undefined;
}

/** "Interest of 0.5 % is added at the end of each month": how often in a year. */
function addedEach({ flat, tokens }: Page, { start, end }: Span): number | undefined {
  const found =
    /^ (?:is|are) (?:added|charged|credited|paid)(?: (?:to|into|on) (?:an?|the|her|his|their|its|this) [a-z]+)?(?: at the (?:end|close) of)? ⟨[ea](\d+)⟩/.exec(
      flat.slice(end),
    );
  const isInterest = /interest (?:of|at) $/.test(flat.slice(Math.max(0, start - 14), start));
  const ofBalance =
    /^ of (?:the|its|his|her|what is) (?:[a-z]+ )?(?:balance|debt|owed|outstanding|sum)(?: is (?:added|charged)| (?:is )?(?:then )?added)? ⟨[ea](\d+)⟩/.exec(
      flat.slice(end),
    );
  const isAdding = /adds? $/.test(flat.slice(Math.max(0, start - 6), start));
  const onDebts = isAdding ? /^ to [^.;?!⟨]{0,40} ⟨[ea](\d+)⟩/.exec(flat.slice(end)) : null;
  if (onDebts && tokens[Number(onDebts[1])]?.value !== 1) return tokens[Number(onDebts[1])]?.value;
  if (ofBalance) return tokens[Number(ofBalance[1])]?.value;
  const perYear = found && isInterest ? tokens[Number(found[1])]?.value : undefined;
  return perYear === 1 ? undefined : perYear;
}

/** "1.5 % is charged monthly": for each month, or a very small rate a year. */
function chargedEach(page: Page, at: number): number | undefined {
  const found = /^ (?:is|are) charged(?: at the (?:end|close) of)? ⟨[ea](\d+)⟩/.exec(
    page.flat.slice(page.places[at]!.end),
  );
  const often = page.tokens[Number(found?.[1])];
  // "every month" says that it is for each.
  const isAdverb = often !== undefined && /ly$/i.test(page.text.slice(often.start, often.end));
  return isAdverb && often.value !== 1 && tokenAt(page, at).value <= 0.025 ? often.value : undefined;
}

/** The compounding that stands nearest behind the rate's number, in its own sentence if there is one. */
function compoundingOf(page: Page, token: number | undefined, uses: Page['periods']): PeriodUse | undefined {
  if (token === undefined) return uses[0];
  const from = page.places[token]!.end;
  const distance = (start: number): number => (start >= from ? start - from : (from - start) * 2 + 40);
  return [...uses].sort((one, other) => distance(one.start) - distance(other.start))[0];
}

/** It stands among the words of a question about a rate. */
function isWanted(page: Page, at: number): boolean {
  const place = page.places[at]!;
  // "Half-yearly compounding is to be replaced by monthly compounding."
  if (
    /(?:replaced by|changed (?:in)?to|turned into|instead) (?:an? )?$/.test(page.flat.slice(0, place.start)) &&
    page.questions.some(({ asked }) => asked === 'nominalRate')
  )
    return true;
  return page.questions.some(({ asked, unit }) => {
    if (asked !== 'nominalRate' && asked !== 'ratePerPayment' && asked !== 'effectiveRate') return false;
    if (place.start < unit.start || place.start >= unit.end) return false;
    // A number between the question's words and this one makes it the number's.
    return !/⟨p\d+⟩/.test(page.flat.slice(unit.start, place.start));
  });
}

function isBeside({ flat }: Page, rate: Span, period: Span): boolean {
  if (period.start > rate.end) {
    const between = flat.slice(rate.end, period.start);
    // "6 % into the equivalent rate per quarter": the rate that is wanted.
    return between.length < 30 && !/[.;?!\n⟨]|(?<![a-z])(?:in)?to (?:an?|the) /.test(between);
  }
  return /^ (?:interest )?(?:rate |interest |charge )?(?:of interest )?(?:of |is |: ?|at )?(?:an? )?$/.test(
    flat.slice(period.end, rate.start),
  );
}

/** "9.6 % nominal, monthly" is a year's rate. */
const isNominal = ({ quotings, flat }: Page, { start, end }: Span): boolean =>
  quotings.some(
    (sign) =>
      sign.says === 'nominal' &&
      !/[.?!\n;⟨]/.test(sign.start < start ? flat.slice(sign.end, start) : flat.slice(end, sign.start)) &&
      Math.min(Math.abs(start - sign.end), Math.abs(sign.start - end)) < 12,
  );

/** "…, taking the APR as an effective rate" */
const takenAsEffective =
  /(?<![a-z])(?:(?:tak|treat|regard|read|interpret)(?:e|ing)? (?:the|this|that|its) (?:quoted |stated |annual )?(?:apr|rate|⟨p\d+⟩)[^.?!⟨]{0,24}|(?:apr|rate|⟨p\d+⟩) (?:is|was|to be) (?:taken|treated|understood|read|interpreted)) (?:as|to be) (?:an |the )?(?:annual )?effective(?![a-z])/;

/** "effective" beside the number; where compounding is said, the nominal rate that is compounded is meant. */
function isEffective(
  page: Page,
  { start, end }: Span,
  compounding: number | undefined,
  asked: ReadonlySet<Asked>,
): boolean {
  if (takenAsEffective.test(page.flat)) return true;
  return page.quotings.some((sign) => {
    if (sign.says !== 'effective') return false;
    const isBefore = sign.start < start;
    // "What is the effective rate of 5.94 % compounded quarterly?"
    const isOfNominal =
      isBefore &&
      compounding !== undefined &&
      compounding !== 1 &&
      /^(?: ⟨a\d+⟩)?(?: interest)?,? (?:compounded|convertible|payable|credited|capitali[sz]ed)/.test(
        page.flat.slice(end),
      ) &&
      /(?:what|which|find|calculate|compute|determine|state|give|work out|compare) [^.?!⟨]{0,40}$/.test(
        page.flat.slice(0, sign.start),
      );
    if (isOfNominal) return false;
    const between = isBefore ? page.flat.slice(sign.end, start) : page.flat.slice(end, sign.start);
    const isAsked =
      asked.has('effectiveRate') &&
      page.questions.some(
        (each) => each.asked === 'effectiveRate' && sign.start >= each.start && sign.start < each.end + 20,
      );
    if (isAsked && !/^(?: ⟨[ea]\d+⟩)*(?: rate)?(?: of| is)? $/.test(between)) return false;
    if (between.length > 60 || /[.?!\n;]|⟨p/.test(between)) return false;
    // "7.9 % effective or 7.7 % compounded weekly"
    if (isBefore && /⟨p\d+⟩ (?:⟨a\d+⟩ )?$/.test(page.flat.slice(0, sign.start))) return false;
    // "Which is the lower effective rate: 7.1 % compounded weekly or …"
    if (isBefore && between.includes(':') && compounding !== undefined) return false;
    return isBefore
      ? between.length <= (/ is (?:an? )?$/.test(between) ? 60 : 40)
      : compounding === undefined || between.length < 12;
  });
}

export const rateValue = (page: Page, { token }: RateRead): number | undefined =>
  token === undefined ? undefined : tokenAt(page, token).value;
