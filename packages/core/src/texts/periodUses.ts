/** What each "monthly" and "a year" of a text is about: how often payments fall, how often interest is added, a rate. */

import type { FlatText, Span } from './flatText.ts';
import { isAskedOfEach } from './periods.ts';
import { groupFound, pattern, wordClasses } from './pattern.ts';

export interface PeriodUse {
  readonly token: number;
  readonly use: 'frequency' | 'compounding' | 'rate';
  readonly perYear: number;
  readonly weight: number;
  /** The words that tell, in the flat text. */
  readonly start: number;
  readonly end: number;
}

const words = wordClasses;
const ofPayments = new RegExp(
  `^[\\s-]+(?:(?:(?!(?:with|and|but|by|through|over|makes?|turns?|will|would|does|must|if|when|where|provided|whose|while|as|the|for|on) )[a-z-]+|⟨m\\d+⟩),? ){0,2}?(?:${words.payment}|${words.deposit}|${words.withdrawal}|rentals?|rent|lease payments?|figure|scholarships?)(?![a-z])`,
);
const compoundingBehind =
  /^[\s-]+(?:rests?|compounding|compounded|capitali[sz]ation|capitali[sz]ed|conversion|convertible|crediting|credits?|interest(?! charge)|balances?)(?![a-z])/;
const compoundingBefore =
  /(?:compound\w*|comp\.?|cpd\.?|convertible|conv\.?|converted|capitali[sz]\w*|credit(?:ed|s)?|charged?|reckoned|calculated|computed|worked out|added|accru\w*|accumulat\w* interest|joined|joins|joining|adds interest|run up|paid into it|interest(?: [a-z]+){0,6}|rests?|compounds)(?: (?:was|is|being|happens|takes place|interest|up|in|on|out|at the end of|at the close of|at|it|into it|to the account|to it|to the (?:capital|balance|debt|account|principal)|on the [a-z]+|the capital|once|only|from|at intervals of|again|not|but|[a-z]+ly))*,? (?:\()?(?:(?:[a-h]|i{1,3})\) |⟨l\d+⟩[.)] )?$/;
const compoundedBehind = /^[\s,-]+(?:compound(?:ed|ing)|convertible|capitali[sz]ed|credited|charged) ⟨e\d+⟩/;
/** "compounded monthly and daily", "compounded (a) monthly, (b) daily", of a rate alone. */
const compoundedToo =
  /(?:compound\w*|convertible)[^⟨.;?!]*(?:⟨e\d+⟩(?:,|;| and| or| then| again)*(?: \(?(?:[a-h]|i{1,3})\)| ⟨l\d+⟩[.)])? )+$/;
const rateBefore =
  /⟨p\d+⟩,?(?: (?:interest|nominal|effective|of interest|simple interest|flat|simple|add-on|compound interest|nominal interest|apr))*,? $/;
/** "effective 5 %, monthly at the month's end": an effective rate is of the year. */
const ofYear = /effective(?: rate)?(?: of)? ⟨p\d+⟩, $|⟨p\d+⟩ effective, $/;
const askedRateBefore = /(?:rate|rates|interest|percentage|yield|apr)(?: of interest)?(?: charged| earned| paid)? $/;
const rateBehind =
  /^[\s-]+(?:nominal |effective |interest |percentage |flat |add-on |equivalent |compound |simple )*(?:rates?|interest rates?|yield|growth|⟨p\d+⟩|percentage)(?![a-z])/;
const qualifiesRate = /(?:effective(?:ly)?|nominal(?:ly)?|equivalent|flat)(?: an?)? $/;
const anyPayment = new RegExp(
  `(?:${words.payment}|${words.deposit}|${words.withdrawal}|${words.pay}|${words.save}|${words.draw}|⟨m\\d+⟩)(?![a-z])`,
);
const payPlace = pattern(
  '(?:at|by|on) (?:the )?(?:end|beginning|start|close|opening|outset|first|last|final)(?: day)?(?: of| in)?',
);

/** Every period phrase with its use; a stronger weight tells more. */
export function periodUses({ flat, tokens, places }: FlatText, text: string): PeriodUse[] {
  const hasMoney = tokens.some(({ form }) => form === 'money');
  return tokens.flatMap(({ form, value }, token): PeriodUse[] => {
    if (form !== 'every' && form !== 'per') return [];
    const { start = 0, end = 0 } = places[token] ?? {};
    const clause = /[^.;:?!\n]*$/.exec(flat.slice(Math.max(0, start - 90), start))?.[0] ?? '';
    const after = /^[^.;?!\n]*/.exec(flat.slice(end, end + 60))?.[0] ?? '';
    const is = (use: PeriodUse['use'], weight: number, from = 0, until = 0): PeriodUse => ({
      token,
      use,
      perYear: value,
      weight,
      start: start - from,
      end: end + until,
    });
    // "1.75 % is charged every month", not "… is charged monthly".
    const isEach = /^(?:each|every)/i.test(text.slice(tokens[token]!.start, tokens[token]!.end));
    if (isEach && /⟨p\d+⟩ (?:is|are|was|were) (?:charged|added|asked|earned) $/.test(clause)) return [is('rate', 4)];
    // "… and what does it make per year effectively?"
    if (form === 'per' && /^\s+effective(?:ly)?(?![a-z])/.test(after)) return [is('rate', 4)];
    // "What does it charge per year, compounded monthly?"
    const isCharged = form === 'per' && /(?:what|how much) [^⟨]*(?:charge|ask|want|take) $/.test(clause);
    if (isCharged && /^,? ?(?:compounded|convertible)(?![a-z])/.test(after)) return [is('rate', 4)];
    if (/^\s+in (?:arrears|advance)(?![a-z])/.test(after)) return [is('frequency', 4)];
    if (saysNothing(value, clause, after) || isHowLong.test(flat.slice(end))) return [];
    const compounds = compoundingBefore.exec(clause);
    if (!hasMoney && form === 'every' && compoundedToo.test(clause)) return [is('compounding', 4)];
    if (form === 'per' && rateBefore.test(clause)) return [is('rate', 4)];
    // "compounded daily on deposits"
    if (compoundingBefore.test(clause) && /^\s+on(?![a-z])/.test(after)) return [is('compounding', 4)];
    // "6.6 % annually, compounded monthly": the second says how often.
    if (rateBefore.test(clause) && compoundedBehind.test(after)) return [is('rate', 4)];
    if (ofPayments.test(after) && !/^[\s-]+interest/.test(after)) return [is('frequency', 4)];
    if (rateBehind.test(after) || (value === 1 && qualifiesRate.test(clause))) return [is('rate', 3)];
    if (form === 'per' && (rateBefore.test(clause) || askedRateBefore.test(clause))) return [is('rate', 4)];
    // "7 % annual interest" says of what time the rate is, not how often it is added; "1.5 % monthly interest", too.
    if (rateBefore.test(clause) && /^[\s-]+interest(?![a-z])/.test(after)) return [is('rate', value === 1 ? 4 : 3)];
    if (compoundingBehind.test(after) && !/⟨m\d+⟩ $/.test(clause))
      return [is('compounding', 4, / with $/.test(clause) ? 5 : 0, compoundingBehind.exec(after)?.[0].length)];
    const isPaidIn =
      /⟨m\d+⟩ (?:(?:is|are|was|were) )?added (?:at )?(?:(?:at |on )?the (?:end|start|beginning|first|last) (?:day )?of )?$/.test(
        clause,
      ) || /(?:what|how much)(?![^⟨]*interest)[^⟨]* added at (?:the (?:end|start|beginning) of )?$/.test(clause);
    if (compounds && !isPaidIn && !/⟨m\d+⟩ $/.test(clause)) return [is('compounding', 4, compounds[0].length)];
    // "The lender compounds 5.1 % a year monthly."
    if (form === 'every' && /(?:compounds|credits|adds|allows) (?:interest (?:of|at) )?⟨p\d+⟩ ⟨a\d+⟩,? $/.test(clause))
      return [is('compounding', 4)];
    // "compounding 4.6 % semi-annually"
    if (form === 'every' && /(?<![a-z])compounding (?:at )?⟨p\d+⟩ $/.test(clause)) return [is('compounding', 4)];
    if (form === 'every' && rateBefore.test(clause))
      return [value > 1 && ofYear.test(clause) ? is('frequency', 3) : is('rate', value === 1 ? 4 : 3)];
    if (/(?:⟨p\d+⟩[^⟨]{0,30}(?:⟨a\d+⟩[^⟨]{0,12})?|(?:rate|interest|nominal)(?: of interest)?,? )payable $/.test(clause))
      return [is('compounding', 3, 8)];
    const isPaid =
      anyPayment.test(clause.slice(-45)) || payPlace.test(clause.slice(-30)) || /⟨m\d+⟩/.test(after.slice(0, 20));
    payPlace.lastIndex = 0;
    return [is('frequency', isPaid ? 3 : form === 'every' ? 2 : 1)];
  });
}

/** "for each of the first six years … at the end of each month": how long, and then how often. */
const isHowLong = /^⟨t\d+⟩[^.?!]*(?:end|close|beginning|start) of ⟨e\d+⟩/;

/** "a year sooner" is a time; "four payments a year" says how often by its number; "(365-day year)". */
const saysNothing = (value: number, clause: string, after: string): boolean =>
  /^\s+(?:sooner|earlier|later|longer|early|before that)(?![a-z])/.test(after) ||
  (value === 365 && /^[\s-]+year(?![a-z])/.test(after)) ||
  (value === 1 &&
    /⟨e\d+⟩ (?:[a-z]+ ){0,2}(?:payments|instal?lments|deposits|rentals|withdrawals) (?:in )?$/.test(clause));

/** "… 5 % effective a year into a monthly rate": the words behind the rate that is converted. */
export function behindRates({ flat }: Pick<FlatText, 'flat'>, { start, end }: Span): Span {
  const last = flat.slice(start, end).lastIndexOf('⟨p');
  const told = /^⟨p\d+⟩(?: effective| nominal)?(?: ⟨a\d+⟩)?/.exec(flat.slice(last < 0 ? end : start + last));
  return told && /to (?:an? )?/.test(flat.slice(start + last, end))
    ? { start: start + last + told[0].length, end }
    : { start, end };
}

/** Weaker signs of how often payments fall: "at the end of the month", "month-end". */
export function impliedFrequency(flat: string, told: readonly string[] = []): number | undefined {
  // "at the end of each of fifteen years"
  const each =
    /(?<![a-z])(?:each|every one) of (?:the |his |her |their |its )?(?:next |following |first |coming )?⟨t(\d+)⟩/.exec(
      flat,
    );
  const isAsked = each !== null && isAskedOfEach(flat.slice(0, each.index));
  const unit = isAsked ? undefined : periodOfTerm(told[Number(each?.[1] ?? -1)]);
  if (unit !== undefined) return unit;
  // "For how many months must he pay 190?"
  const long =
    /for how many (month|quarter|week|fortnight|year)s (?:must|does|will|should|can|do) [^?⟨]{1,30} (?:pay|save|deposit|draw|withdraw|put (?:in|away|aside)) ⟨m/.exec(
      flat,
    );
  if (long) return perYearOf[long[1]!];
  // "for 48 months, on the first of each"
  const behind = /⟨t(\d+)⟩,? (?:at|on) the (?:end|beginning|start|first|last) of each(?=[.,;? ])(?! ⟨| of)/.exec(flat);
  const term = periodOfTerm(told[Number(behind?.[1] ?? -1)]);
  if (term !== undefined) return term;
  const found =
    /(?:end|beginning|start|close|first day|last day) of (?:(?:the|its|that|each|their) )?(half-month|month|quarter|half-year|year|week|fortnight)(?! ⟨)|(half-month|month|quarter|half-year|week|fortnight|year)(?:'s)?[ -]ends?|(?:end|start|beginning)-of-(?:the-)?(month|quarter|half-year|week|year)/.exec(
      flat,
    );
  // "always as the month begins"
  const asIt =
    /(?<![a-z])(?:as|when) the (month|quarter|half-year|year|week) (?:begins|starts|opens|ends|closes)(?![a-z])/.exec(
      flat,
    );
  if (!found && asIt) return perYearOf[asIt[1]!];
  // An EMI is paid by the month.
  if (!found && /(?<![a-z])emis?(?![a-z])/.test(flat)) return 12;
  const name = groupFound(found);
  return name === undefined ? ofFlat(flat, told) : perYearOf[name];
}

/** "a flat-rate credit over 30 months": paid by the month. */
function ofFlat(flat: string, told: readonly string[]): number | undefined {
  const over = /(?:flat(?:[- ]rate)?|add-?on)(?![a-z])[^.?!⟨]{0,24}(?:⟨m\d+⟩ )?(?:over|for) ⟨t(\d+)⟩/.exec(flat);
  const perYear = periodOfTerm(told[Number(over?.[1] ?? -1)]);
  return perYear === 1 ? undefined : perYear;
}

/** "40 quarters": how often its periods fall. */
export const periodOfTerm = (words = ''): number | undefined =>
  perYearOf[/(half-month|month|quarter|half-year|year|week|fortnight)s?\W*$/.exec(words.toLowerCase())?.[1] ?? ''];

const perYearOf: Readonly<Record<string, number>> = {
  week: 52,
  fortnight: 26,
  'half-month': 24,
  month: 12,
  quarter: 4,
  'half-year': 2,
  year: 1,
};
