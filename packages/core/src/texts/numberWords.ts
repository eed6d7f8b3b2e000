/** Numbers written as words: "twenty-two thousand", "three and a half", "two dozen". */

import { roundTo } from '../money/roundMoney.ts';

const small: Readonly<Record<string, number>> = {
  zero: 0,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  thirteen: 13,
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  seventeen: 17,
  eighteen: 18,
  nineteen: 19,
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
  ninety: 90,
};

const scales: Readonly<Record<string, number>> = { dozen: 12, thousand: 1e3, lakh: 1e5, million: 1e6, crore: 1e7 };

const ordinals: Readonly<Record<string, number>> = {
  second: 2,
  third: 3,
  fourth: 4,
  fifth: 5,
  sixth: 6,
  seventh: 7,
  eighth: 8,
  ninth: 9,
  tenth: 10,
  eleventh: 11,
  twelfth: 12,
  thirteenth: 13,
  fourteenth: 14,
  fifteenth: 15,
  sixteenth: 16,
  seventeenth: 17,
  eighteenth: 18,
  nineteenth: 19,
  twentieth: 20,
  thirtieth: 30,
  fortieth: 40,
  fiftieth: 50,
  sixtieth: 60,
  seventieth: 70,
  eightieth: 80,
  ninetieth: 90,
  hundredth: 100,
};

/** Shares of a whole. */
export const shares: Readonly<Record<string, number>> = {
  half: 1 / 2,
  third: 1 / 3,
  quarter: 1 / 4,
  fifth: 1 / 5,
  sixth: 1 / 6,
  eighth: 1 / 8,
  tenth: 1 / 10,
};

/** Fractions in one sign. */
export const fractionSigns: Readonly<Record<string, number>> = {
  '½': 1 / 2,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
};

export interface WordNumber {
  readonly value: number;
  /** Characters read. */
  readonly length: number;
  readonly ordinal: boolean;
}

const wordAt = /^(\s+and\s+|-|\s+)?([a-z]+)/;
const mixed =
  /^[\s-]+and[\s-]+(a|one|three)[ -](half|quarter|quarters|third|eighth|eighths)(?![a-z])(?! (?:of )?(?:million|thousand))/;

/** "four point eight": the decimals are said one by one. */
const pointed = /^\s+point((?:\s+(?:zero|one|two|three|four|five|six|seven|eight|nine)(?![a-z]))+)/;

/** "half a million", "a quarter of a million", "three quarters of a million", "one and a half million". */
const ofScale =
  /^(?:(half|(?:an?|one)[ -](?:half|third|quarter|tenth) of|(?:two[ -]thirds|three[ -]quarters) of) an?|(one|two|three|four|five|six|seven|eight|nine) and (?:an?|one) (half|quarter)) (thousand|million)(?![a-z])/;

function shareOfScale(text: string): WordNumber | undefined {
  const [all, share, count = '', more = '', scale = ''] = ofScale.exec(text) ?? [];
  if (all === undefined) return undefined;
  const many = /^(?:two|three)/.exec(share ?? '')?.[0] ?? 'one';
  const name = /half|third|quarter|tenth/.exec(share ?? '')?.[0] ?? more;
  const times = (share === undefined ? small[count]! : 0) + (small[many] ?? 1) * (shares[name] ?? 0);
  return { value: roundTo(times * scales[scale]!, 0), length: all.length, ordinal: false };
}

/**
 * Reads the number words at the start of a text in small letters.
 *
 * @returns nothing where no number word stands there. A lone "one" is a number, too: who asks decides what it is.
 */
export function readNumberWords(text: string): WordNumber | undefined {
  const ofOne = shareOfScale(text);
  if (ofOne) return ofOne;
  let whole = 0;
  let part: number | undefined;
  let at = 0;
  let last = '';
  for (;;) {
    const next = wordAt.exec(text.slice(at));
    if (!next || at > 0 !== (next[1] !== undefined)) break;
    const [all, joint = '', word = ''] = next;
    const isAnd = joint.trim() === 'and';
    if (isAnd && !['hundred', 'thousand', 'million'].includes(last)) break;
    const opens =
      at === 0 && (word === 'a' || word === 'an') ? /^an? (hundred|thousand|million|dozen)\b/.exec(text) : null;
    if (opens) part = 1;
    else if (small[word] !== undefined) {
      if (part !== undefined && !fitsBehind(part, small[word])) break;
      part = (part ?? 0) + small[word];
    } else if (word === 'hundred' && part !== undefined && !isAnd) part *= 100;
    else if (scales[word] !== undefined && part !== undefined && !isAnd) {
      whole += part * scales[word];
      part = 0;
    } else if (ordinals[word] !== undefined && (part === undefined || fitsBehind(part, ordinals[word])))
      return { value: whole + (part ?? 0) + ordinals[word], length: at + all.length, ordinal: true };
    else break;
    last = word;
    at += all.length;
  }
  if (part === undefined) return undefined;
  const decimals = pointed.exec(text.slice(at));
  if (decimals) {
    const places = decimals[1]!
      .trim()
      .split(/\s+/)
      .map((word) => small[word]);
    return { value: Number(`${whole + part}.${places.join('')}`), length: at + decimals[0].length, ordinal: false };
  }
  const rest = mixed.exec(text.slice(at));
  if (!rest) return { value: whole + part, length: at, ordinal: false };
  // "a million and a half"
  if (part === 0 && scales[last]! >= 1e3)
    return { value: whole + shareOf(rest) * scales[last]!, length: at + rest[0].length, ordinal: false };
  return { value: whole + part + shareOf(rest), length: at + rest[0].length, ordinal: false };
}

/** "and a half", "and three quarters". */
function shareOf([, count, name = '']: RegExpExecArray): number {
  const one = name.startsWith('eighth') ? 1 / 8 : (shares[name.replace(/s$/, '')] ?? 0);
  return count === 'three' ? 3 * one : one;
}

/** "twenty" takes "two", "hundred" takes anything below it; "forty sixteen" is two numbers. */
const fitsBehind = (before: number, word: number): boolean =>
  before === 0 || (word < 10 && word > 0 ? before % 10 === 0 && before % 100 !== 10 : word < 100 && before % 100 === 0);
