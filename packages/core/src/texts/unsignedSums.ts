/** Sums written without their currency, in a text that has one elsewhere. */

import type { Token } from './tokens.ts';

/** What may stand behind a sum written without its currency. */
const behindSum =
  /^(?:\s*(?:[.,;:)?!\n]|$)|\s+(?:at|each|every|per|a|an|in|on|from|to|for|and|or|is|was|are|with|now|today|down|over|when|the|by|if|when|borrowed|lent|left|monthly|quarterly|yearly|weekly)(?![a-z]))/;

const wordsOfMoney =
  /(?:^|[^a-z])(?:puts? down|pays?(?: down| off| back)?|paid|borrows?|borrowed|saves?|saved|owes?|costs?|lends?|lent|deposits?|invests?|loan of|debt of|deposit of|worth|for|needs?) (?:about |only |just )?$/;

/** "hand over 1,500 at each year's end", "36 payments of 294.60": money, where no word says of what. */
export function asMoney(each: Token, lower: string): Token {
  const written = lower.slice(each.start, each.end);
  const isLarge =
    each.form === 'count' &&
    ((/\d[.,\s'’]\d{3}$|\d[.,]\d\d$/.test(written) && each.value >= 10) ||
      // "puts down two thousand"
      (/(?:thousand|hundred)$/.test(written) && wordsOfMoney.test(lower.slice(0, each.start))));
  // "he pays 50 more than he must"
  const isMore =
    each.form === 'count' &&
    /(?<![a-z])(?:pays?|paid|paying) $/.test(lower.slice(0, each.start)) &&
    /^ (?:more|extra)(?: (?:each|every|a|per) (?:month|quarter|week|year|time))? than (?:he|she|they|it|is|was)(?![a-z])/.test(
      lower.slice(each.end),
    );
  if (isMore || isPutIn(each, lower)) return { ...each, form: 'money' };
  // "pays 360 down", "payments of 112.50"
  const isDown = each.form === 'count' && each.value >= 10 && /^ down(?![a-z])/.test(lower.slice(each.end));
  // "cash price 5 990; deposit 590; 24 payments of 252.50"
  const isListed =
    each.form === 'count' &&
    each.value >= 10 &&
    /[;,\n] ?(?:deposit|down payment|trade-in|fee|balloon|residual):? $/.test(lower.slice(0, each.start)) &&
    /^ ?[;,\n]/.test(lower.slice(each.end));
  if (isListed) return { ...each, form: 'money' };
  const isEach =
    isLarge && /(?:payments|instal?ments|rentals|deposits|withdrawals) of $/.test(lower.slice(0, each.start));
  if (isDown || isEach) return { ...each, form: 'money' };
  const isNumbered =
    /(?:no|nos|number|account|population|(?<!(?:residual|balloon|deposit|loan|debt|fee|payments?|value|price|sum|amount|rents?|rentals?|charge|discount|rebate) )of|seats|holds|has|with)\.? $/.test(
      lower.slice(0, each.start),
    );
  return isLarge && !isNumbered && behindSum.test(lower.slice(each.end)) ? { ...each, form: 'money' } : each;
}

/** "pays 275 into a savings book" */
const isPutIn = (each: Token, lower: string): boolean =>
  each.form === 'count' &&
  each.value >= 10 &&
  /(?<![a-z])(?:pays?|puts?|deposits?|places?|lays?|saves?|invests?|transfers?|sets) (?:aside |by |away )?$/.test(
    lower.slice(0, each.start),
  ) &&
  /^ (?:into|in|to) (?:an?|the|her|his|their|its|[a-z]+'s) /.test(lower.slice(each.end));

/** What may stand behind a sum in a text without any currency. */
const behindPlain =
  /^\s*(?:[;,:)]|(?:loan|mortgage|debt|credit|fund|bond|note|legacy|prize)(?![a-z]))|^\s+(?:is|are|was|at|each|every|per|a month|a quarter|a year|now|today|the [a-z]+ (?:pays|owes|borrows)|grows?|becomes?|amounts?|borrowed|lent|deposited|invested|over|for|from|on)(?![a-z])/;

/** A sum of thousands, "120,000 buys an annuity", has room for more words behind it. */
const behindThousands =
  /^\s*(?:[.?!]\s|$)|^\s+(?:in|into|with|to|by|of it|will|would|shall|must|should|can|could|may|buys?|pays?|purchases?|provides?|gives?|yields?|earns?|put|placed|saved|kept|left|which|that|and|or|if|when|after|before|within|until|as|out of|so|spread|evenly|equally|more|extra|altogether|together|repaid|paid)(?![a-z])/;

const countsBefore =
  /(?:payments?|instal?lments?|deposits?|no|nos|number|after|aged|age|in|since|of year|year|years|months|(?:^|[^a-z])n ?[=:]|to|and|through|-|first|last|next|all) ?$/;

/**
 * "640 is deposited at the end of each quarter", "a 48 000 loan": money, in a text that names no currency at all. A list
 * of values, "PV 12,800; PMT 325", is read as it stands.
 */
export function plainSums(all: readonly Token[], lower: string): Token[] {
  if (/(?<![a-z])(?:pv|pmt|fv)(?![a-z])\s*[:=]?\s*[-−–]?\s*\d/.test(lower)) return [...all];
  const read = all.map((each) => asPlainMoney(each, lower));
  const isSum = ({ start, value }: Token): boolean =>
    value >= 50 &&
    /(?:loan|debt|mortgage|principal|payments|deposits|instal?lments|rentals|sum|amount|price|fund) of $/.test(
      lower.slice(0, start),
    );
  const isMoney = (each: Token): boolean =>
    each.form === 'money' || (each.form === 'count' && each.value >= 1000 && isSum(each));
  return read.some(isMoney)
    ? read.map((each) => (each.form === 'count' && isSum(each) ? { ...each, form: 'money' } : asMoney(each, lower)))
    : read;
}

function asPlainMoney(each: Token, lower: string): Token {
  const [before, behind] = [lower.slice(0, each.start), lower.slice(each.end)];
  const isThousands = /\d[.,\s'’]\d{3}$/.test(lower.slice(each.start, each.end));
  // "a bond bought for 800"
  const isBought = /(?:bought|purchased|acquired|sold|redeemed) (?:for|at) $/.test(before);
  if (isPutIn(each, lower)) return { ...each, form: 'money' };
  const isSum =
    each.form === 'count' &&
    each.value >= 50 &&
    ![360, 365, 366].includes(each.value) &&
    !(!isThousands && Number.isInteger(each.value) && each.value > 1900 && each.value < 2100) &&
    (isBought || behindPlain.test(behind) || (isThousands && behindThousands.test(behind))) &&
    !countsBefore.test(before);
  return isSum ? { ...each, form: 'money' } : each;
}
