/** The numbers of a text, each with its form: money, a percentage, a length of time, a count. */

import { decimalMarkOf, type DecimalMark } from './decimalMark.ts';
import { freeOfInterest, isRateInPlain } from './ratesInPlain.ts';
import { roundTo } from '../money/roundMoney.ts';
import { fractionSigns, readNumberWords, shares } from './numberWords.ts';
import { periodAt } from './periods.ts';
import { calendarAt, timesBetweenDates } from './dates.ts';
import { joinTimes } from './joinedTimes.ts';
import { asMoney, plainSums } from './unsignedSums.ts';
import { type Token, type TokenForm } from './tokens.ts';

const currencyBefore =
  /^(?:(?:US|A|C|CA|AU|NZ|R|GH|HK|S)?\p{Sc}|(?:USD|EUR|GBP|CHF|CAD|AUD|NZD|SEK|NOK|DKK|ZAR|INR|kr\.?|KSh|KES|NGN|Rs?\.?)(?=\s?\d))\s?/iu;
const currencyAfter =
  /^[\s-]?(?:\p{Sc}(?!\s?\d)|(?:dollars?|pounds?(?: sterling)?|euros?|francs?|crowns?|kr|kronor|kroner|krona|krone|rand|rupees|yen|pesos|lira|shillings|z[lł]|ft|reais|ducats|thalers?|marks|USD|EUR|GBP|CHF|CAD|AUD|NZD|SEK|NOK|DKK)(?![a-z]))/iu;
const percentAfter =
  /^[\s-]*(?:%(?:[ -]points?(?![a-z]))?|per[ -]?cent(?:age)?(?: points?)?(?![a-z])|pct\.?(?![a-z])|p\.?c\.(?!m))/i;
const timeAfter =
  /^[\s-]*(?:(?:working|full|whole|long|more|further|new|calendar|consecutive|successive|remaining|following|next|subsequent|additional|school|such) )?(years?|yrs?\.?|y|months?|mths?\.?|mos?\.?|weeks?|wks?\.?|fortnights?|days?|quarters?|half-?years?|half years?|decades?)(?:'|’)?(?![a-z0-9-]*[a-z0-9])/i;
const digits =
  /^(?:\d{1,2}(?:,\d{2})+,\d{3}(?!\d)|\d{1,3}(?:[\s]\d{3})+(?!\d)|\d{1,3}(?:[.,'’]\d{3})+(?!\d)|\d+)(?:[.,]\d+)?|^\.\d+/;
const scaleAfter = /^\s?(k|thousand|m|mn|mio\.?|million|lakhs?|lacs?|crores?)(?!\p{L})/iu;
const scales: Readonly<Record<string, number>> = { k: 1e3, t: 1e3, m: 1e6, l: 1e5, c: 1e7 };

const unitOf: Readonly<Record<string, readonly [number, string]>> = {
  y: [1, 'years'],
  d: [10, 'years'],
  h: [0.5, 'years'],
  q: [3, 'months'],
  f: [2, 'weeks'],
};

/** Sign of a currency by how it is written. */
function signOf(written: string): string {
  const plain = written.trim().toLowerCase().replace(/^-/, '');
  if (/€|eur/.test(plain)) return '€';
  if (/£|pound|gbp/.test(plain)) return '£';
  if (/\$|dollar|usd|cad|aud|nzd/.test(plain)) return '$';
  return plain.toUpperCase();
}

/** Everything that counts, in text order, never overlapping. `every` and `per` phrases keep the numbers within them. */
export function readTokens(text: string, mark: DecimalMark = decimalMarkOf(text) ?? '.'): Token[] {
  const lower = text.toLowerCase();
  const tokens: Token[] = [];
  for (let at = 0; at < text.length;) {
    const token = startsHere(text, at) ? tokenAt(text, lower, at, mark) : undefined;
    if (token && token.end > at) {
      tokens.push(token);
      at = token.end;
    } else at += 1;
  }
  const all = joinTimes(timesBetweenDates(tokens, lower), lower);
  const isSigned = all.some(({ form }) => form === 'money');
  return isSigned ? all.map((each) => asMoney(each, lower)) : plainSums(all, lower);
}

/** A word or a number begins here: not within either, and not behind a letter as in "j4". */
function startsHere(text: string, at: number): boolean {
  const here = text.charAt(at);
  const before = text.charAt(at - 1);
  if (/[a-z]/i.test(here))
    return !/[a-z0-9']/i.test(before) || (/\d/.test(before) && currencyBefore.test(text.slice(at, at + 5)));
  if (/[0-9½¼¾⅓⅔⅛⅜⅝⅞.]/.test(here))
    return !/[a-z0-9_]/i.test(before) && !(/[.,]/.test(before) && /\d/.test(text.charAt(at - 2)));
  return /[\p{Sc}/]/u.test(here);
}

function tokenAt(text: string, lower: string, at: number, mark: DecimalMark): Token | undefined {
  return (
    labelAt(text, at) ??
    freeAt(lower, at) ??
    agesAt(lower, at) ??
    calendarAt(text, at) ??
    aYearAt(lower, at) ??
    shareAt(lower, at) ??
    periodAt(lower, at) ??
    numberAt(text, lower, at, mark)
  );
}

function freeAt(lower: string, at: number): Token | undefined {
  const length = freeOfInterest(lower, at);
  return length > 0 ? token('percent', at, length, 0) : undefined;
}

/** "1." and "2)" before a line's text, "[6 marks]". */
function labelAt(text: string, at: number): Token | undefined {
  const line = /^(\d{1,2})[.)](?=\s)/.exec(text.slice(at, at + 5));
  const isHigh = Number(line?.[1]) > 20;
  const opens =
    !isHigh &&
    /(?:^|\n|[(]|[.?;:,] |(?:find|give|calculate|determine|compute|state) )\s*[(]?$/i.test(
      text.slice(Math.max(0, at - 12), at),
    );
  // "1) the deposit 2) the payment"
  const goesOn =
    line?.[0].endsWith(')') && new RegExp(`(?:^|[\\s(])${Number(line[1]) - 1}\\)\\s[^(]*$`).test(text.slice(0, at));
  if (line?.[1] && goesOn) return token('label', at, line[1].length, Number(line[1]));
  if (line?.[1] && opens && (/\(\s*$/.test(text.slice(0, at)) || !/\d,?[^\S\n]*$/.test(text.slice(0, at))))
    return token('label', at, line[1].length, Number(line[1]));
  const named = /^(\d)(?![\d.,%]\d|[\d%]|\s\d{3}|k(?![a-z]))/i.exec(text.slice(at, at + 5));
  if (
    named &&
    !/^\d(?:[½¼¾]|-| )? ?(?:years?|months?|quarters?|weeks?|days?|payments?)(?![a-z])/i.test(text.slice(at, at + 14)) &&
    /(?:^|[^a-z])(?:offer|plan|option|bank|loan|lender|account|scheme|deal|proposal|card|way|choice)\s$/i.test(
      text.slice(Math.max(0, at - 10), at),
    )
  )
    return token('label', at, 1, Number(named[1]));
  const marks = /^(\d{1,2})\s*(?:marks?|points?|pts?)\b/i.exec(text.slice(at, at + 12));
  return marks?.[1] ? token('label', at, marks[1].length, Number(marks[1])) : undefined;
}

/** "from age 30 to 65", "on her 18th birthday" of somebody just born. */
function agesAt(lower: string, at: number): Token | undefined {
  const here = lower.slice(at, at + 60);
  const ages =
    /^from (?:the )?age(?: of)? (\d{1,2})(?:,)? (?:to|until|up to|till) (?:the )?(?:age )?(?:of )?(\d{1,2})(?!\d)/.exec(
      here,
    );
  if (ages) return { ...token('time', at, ages[0].length, Number(ages[2]) - Number(ages[1])), unit: 'years' };
  const birthday = /^(\d{1,2})(?:st|nd|rd|th) birthday/.exec(here);
  if (birthday?.[1] && /born|birth of|birth,|newborn/.test(lower))
    return { ...token('time', at, birthday[0].length, Number(birthday[1])), unit: 'years' };
  const word = /birthday/.test(here) ? readNumberWords(here) : undefined;
  if (word?.ordinal && /^ birthday/.test(here.slice(word.length)) && /born|birth of|newborn/.test(lower))
    return { ...token('time', at, word.length + ' birthday'.length, word.value), unit: 'years' };
  return undefined;
}

/** What follows a share of a price, or of what remains. */
const sharedThings =
  /^ (?:now\b|today\b|at signing\b|of (?:it|this|that) (?:raised|met|found|given|provided|contributed|down|from|out of|in cash|now|at once|himself|herself|themselves)|in cash|at once\b|(?:of (?:the|its|that|this|it)|the) (?:[a-z]+ )?(?:price|cost|bill)|of (?:the|its) value\b|of an? [$£€¥]?\s?\d[\d.,\s]*(?:€ )?[a-z]+ (?:at once|now|down|in cash|immediately|today)\b|of an? [$£€¥]?\s?\d[\d.,\s]*(?:€ )?(?!loan|debt|mortgage|credit)(?:[a-z]+ ){1,3}(?:is|was) (?:paid|put|met|covered)(?: for| down)? (?:at once|in cash|down|now|today|immediately|by (?:insurance|an? |the |her |his |their ))|of an? [a-z]+ (?:costing|priced at|worth|for) |of the [$£€¥]?\s?\d[\d.,\s]* (?:that|which) |down\b|(?:as )?(?:a |the )?deposit\b|(?:of (?:it|this|that) )?is (?:paid|due|put) (?:down|as (?:a |the )?deposit|at once|at signing|immediately|in cash|on (?:ordering|order|delivery|signing|collection))|is (?:paid|covered|met|provided|given) (?:from|by|out of)|(?:of (?:the|it|that) ?(?:[a-z]+ )?)?(?:remains?\b|is (?:still )?(?:left|owed|owing)))/;
const ofTerm = /^ of (?:the|its|his|her|their) (?:whole )?(?:term|time|payments|instalments|installments|years|life)\b/;
const numerators: Readonly<Record<string, number>> = { a: 1, an: 1, one: 1, two: 2, three: 3, four: 4 };

/** "a third of the price", "half the price down", "three quarters of a per cent". */
function shareAt(lower: string, at: number): Token | undefined {
  const here = lower.slice(at, at + 60);
  const ofPercent =
    /^(?:(three)[ -]quarters|an?[ -]quarter|one[ -]quarter|an?[ -]half|one[ -]half|half)(?: of)?(?: an?| one)? (?:per ?cent(?:age)?(?: points?)?(?![a-z])|%)/.exec(
      here,
    );
  if (ofPercent)
    return token(
      'percent',
      at,
      ofPercent[0].length,
      (ofPercent[1] ? 0.75 : ofPercent[0].includes('quarter') ? 0.25 : 0.5) / 100,
    );
  const [words, many = 'one', part = ''] =
    /^(?:(an?|one|two|three|four)[ -])?(half|thirds?|quarters?|fifths?|sixths?|eighths?|tenths?)(?![a-z])/.exec(here) ??
    [];
  // "1/5 of the price"
  const inDigits = /^([1-9])\/([2-9]|10|12)(?= (?:of|down|is paid))/.exec(here);
  if (inDigits && sharedThings.test(here.slice(inDigits[0].length)))
    return token('percent', at, inDigits[0].length, Number(inDigits[1]) / Number(inDigits[2]));
  // "the tenth deposit" is no share; "a third of the term" is none of money.
  if (
    words === undefined ||
    /^(?: of)? an? (?:million|thousand)/.test(here.slice(words.length)) ||
    ofTerm.test(here.slice(words.length)) ||
    (/^(?:third|quarter|fifth|sixth|eighth|tenth)$/.test(words) && /the $/.test(lower.slice(Math.max(0, at - 4), at)))
  )
    return undefined;
  const isAfter =
    /(?:deposit|down[ -]?payment)(?: is| was|:)? (?:of )?$|(?:puts?|pays?|paid|putting|paying) down (?:only )?$|(?:borrows?|finances?|borrowing) (?:the other )?$/.test(
      lower.slice(Math.max(0, at - 20), at),
    );
  if (!isAfter && !sharedThings.test(here.slice(words.length))) return undefined;
  return token('percent', at, words.length, (numerators[many] ?? 1) * (shares[part.replace(/s$/, '')] ?? 0));
}

/** "a year and a half", "after a year", "half a year", "a decade". */
function aYearAt(lower: string, at: number): Token | undefined {
  const here = lower.slice(at, at + 30);
  if (/^(?:an?|one) year and a half\b/.test(here))
    return { ...token('time', at, here.indexOf('half') + 4, 1.5), unit: 'years' };
  if (/^half an? year\b/.test(here)) return { ...token('time', at, here.indexOf('year') + 4, 0.5), unit: 'years' };
  const century = /^(a quarter of|half) a century\b/.exec(here);
  if (century) return { ...token('time', at, century[0].length, century[1] === 'half' ? 50 : 25), unit: 'years' };
  if (/^an? decade\b/.test(here)) return { ...token('time', at, here.indexOf('decade') + 6, 10), unit: 'years' };
  const alone =
    /^an? (?:whole |full |entire )?(year|month|week|fortnight|quarter)\b(?! of (?:the|its|his|her|their)(?! (?:year|month))\b)/.exec(
      here,
    );
  const before = /(?:after|when|for|over|within|once|first payment|due|in|is)\s$/.test(
    lower.slice(Math.max(0, at - 9), at),
  );
  if (!alone?.[1] || !before) return undefined;
  return { ...time(1, alone[1]), form: 'time', start: at, end: at + alone[0].length };
}

function numberAt(text: string, lower: string, at: number, mark: DecimalMark): Token | undefined {
  const sign = currencyBefore.exec(text.slice(at, at + 6))?.[0] ?? '';
  // "two thirds of the payments": a share of them, no count.
  if (
    /^(?:one|two|three|four)[ -](?:thirds?|quarters?|fifths?)(?= of (?:the|its|her|his|their) )/.test(
      lower.slice(at, at + 40),
    )
  )
    return undefined;
  const from = at + sign.length;
  const read =
    digitsAt(text, from, mark, sign !== '') ?? (sign === '' || /[a-z]/i.test(sign) ? wordsAt(lower, from) : undefined);
  if (!read) return undefined;
  const { value, length, ordinal } = read;
  const end = from + length;
  const rest = text.slice(end, end + 24);
  if (sign) return { form: 'money', start: at, end, value, unit: signOf(sign) };
  // "her 65th birthday" is no payment; a birthday between others is a year.
  const isOfAge =
    /^\s+(?:birthday|century)/i.test(text.slice(end)) ||
    (/^\s+anniversary/i.test(text.slice(end)) && !/(?:on|by|until|at) (?:the|its) $/i.test(text.slice(0, at)));
  if (ordinal && isOfAge) return undefined;
  if (ordinal) return { form: 'nth', start: at, end, value, unit: '' };
  const percent = percentAfter.exec(rest);
  if (percent) return token('percent', at, length + percent[0].length, readPercent(text.slice(from, end), value));
  if (isRateInPlain(lower.slice(0, at), rest))
    // "rate 0.066 comp. monthly" is told as it is reckoned with.
    return token('percent', at, length, value < 0.5 ? value : readPercent(text.slice(from, end), value));
  const currency = currencyAfter.exec(rest);
  if (currency) return { form: 'money', start: at, end: end + currency[0].length, value, unit: signOf(currency[0]) };
  if (/^[\s-]cents?\b/i.test(rest))
    return { form: 'money', start: at, end: end + rest.search(/cents?/i) + 5, value: value / 100, unit: '$' };
  const unit = timeAfter.exec(rest);
  if (unit?.[1]) {
    // "four years and a half"
    const half = /^ and a half\b/.exec(text.slice(end + unit[0].length))?.[0].length ?? 0;
    const length = unit[0].length + half;
    return { ...time(half > 0 ? value + 0.5 : value, unit[1]), form: 'time', start: at, end: end + length };
  }
  const isWord = !/\d|[½¼¾⅓⅔⅛⅜⅝⅞]/.test(text.slice(from, end));
  // "one" stands for a thing more often than for a number.
  return isWord && value === 1 ? undefined : token('count', at, length, value);
}

interface ReadNumber {
  readonly value: number;
  readonly length: number;
  readonly ordinal: boolean;
}

function digitsAt(text: string, at: number, mark: DecimalMark, isMoney: boolean): ReadNumber | undefined {
  const rest = text.slice(at, at + 40);
  const lone = fractionSigns[rest.charAt(0)];
  if (lone !== undefined) return { value: lone, length: 1, ordinal: false };
  const found = digits.exec(rest);
  if (!found) return undefined;
  let value = plainNumber(found[0], mark, isMoney || currencyAfter.test(rest.slice(found[0].length)) || undefined);
  let length = found[0].length;
  const nth = /^(?:st|nd|rd|th)(?![a-z])/i.exec(rest.slice(length));
  if (nth) return { value, length: length + 2, ordinal: true };
  const fraction = /^\s?([½¼¾⅓⅔⅛⅜⅝⅞])|^[\s-](\d)\/(\d)(?!\d)/.exec(rest.slice(length));
  if (fraction) {
    value += fraction[1] ? (fractionSigns[fraction[1]] ?? 0) : Number(fraction[2]) / Number(fraction[3]);
    length += fraction[0].length;
  }
  const scale = scaleAfter.exec(rest.slice(length));
  if (scale?.[1] && !(scale[1].toLowerCase() === 'm' && !isMoney)) {
    value *= scales[scale[1].charAt(0).toLowerCase()]!;
    length += scale[0].length;
  }
  return { value, length, ordinal: false };
}

function wordsAt(lower: string, at: number): ReadNumber | undefined {
  // "It must be replaced one day."
  if (
    /^one day(?![a-z' -])/.test(lower.slice(at, at + 9)) &&
    !/(?:for|in|after|within|of|per|every|each) $/.test(lower.slice(0, at))
  )
    return undefined;
  const read = readNumberWords(lower.slice(at, at + 90));
  if (!read?.ordinal) return read;
  // "a third of the term" is no number of a payment.
  if (
    /(?:^|[^a-z])(?:an?|one)[ -]$/.test(lower.slice(0, at)) &&
    /^ of (?:the|its|her|his|their) /.test(lower.slice(at + read.length))
  )
    return undefined;
  // "the second lender" is none, either.
  const counted =
    /^\s(?:year|payment|repayment|instal|deposit|month|rental|rent\b|withdrawal|quarter|half-year|week|interest period|period|of\b|one\b|anniversary|annual|weekly|fortnight|contribution|scholarship|grant|prize|draw|pension|bursar|drawing|fee\b|(?:line|row)s?\b)/;
  // "In the second?" asks the same of it.
  if (
    /^\s*\?/.test(lower.slice(at + read.length)) &&
    /(?:^|[.?!] )(?:and )?(?:in|during) the $/.test(lower.slice(0, at))
  )
    return read;
  // "the second payment" is the one after the first, not payment 2.
  if (read.value === 2) {
    const behind = lower.slice(at + read.length);
    const isPlace = /(?:after|following|before|in|with) (?:the|her|his|their) $/.test(lower.slice(0, at));
    return /^\s(?:year|half|quarter|month|anniversary)/.test(behind) || (isPlace && counted.test(behind))
      ? read
      : undefined;
  }
  const isAfter = read.value > 3 && /(?:after|with|by|from) the $/.test(lower.slice(0, at));
  const isLone =
    (read.value > 3 || lower.slice(at - 10, at) === 'after the ') &&
    lower.slice(at - 4, at) === 'the ' &&
    /^(?:[.,;?!)]| (?:is|are|goes) )/.test(lower.slice(at + read.length));
  return isLone || isAfter || counted.test(lower.slice(at + read.length)) ? read : undefined;
}

/** A number in digits: which mark parts thousands and which decimals is told by the number first, then by the text. */
function plainNumber(written: string, mark: DecimalMark, isMoney?: boolean): number {
  const bare = written.replace(/[\s'’]/g, '');
  const last = Math.max(bare.lastIndexOf('.'), bare.lastIndexOf(','));
  if (last < 0) return Number(bare);
  const both = bare.includes('.') && bare.includes(',');
  const char = bare.charAt(last);
  const many = bare.split(char).length > 2;
  const places = bare.length - last - 1;
  const grouped = !both && (many || (places === 3 && !/^0?[.,]/.test(bare) && (isMoney || char !== mark)));
  const whole = grouped ? bare : bare.slice(0, last);
  return Number(whole.replace(/[.,]/g, '') + (grouped ? '' : `.${bare.slice(last + 1)}`));
}

/** As a fraction. Three places of a percentage are decimals, whatever they are elsewhere. */
function readPercent(written: string, value: number): number {
  const exact = /^(\d{1,2})[.,](\d{3})$/.exec(written);
  return roundTo((exact ? Number(`${exact[1]}.${exact[2]}`) : value) / 100, 12);
}

function time(value: number, written: string): Pick<Token, 'value' | 'unit'> {
  const name = written.toLowerCase();
  const known =
    name.startsWith('mo') || name.startsWith('mt')
      ? [1, 'months']
      : name.startsWith('w')
        ? [1, 'weeks']
        : name.startsWith('da')
          ? [1, 'days']
          : unitOf[name.charAt(0)];
  const [times, unit] = (known ?? [1, 'years']) as readonly [number, string];
  return { value: value * times, unit };
}

const token = (form: TokenForm, start: number, length: number, value: number): Token => ({
  form,
  start,
  end: start + length,
  value,
  unit: '',
});
