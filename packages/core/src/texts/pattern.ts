/**
 * Patterns over a flat text, written so that a cue is a line. Small letters stand for themselves, a blank for any white
 * space (` ?` for none, too), and regular expressions hold within; besides:
 *
 * - `{m}` the number the pattern is about, here money; any of the letters of `flatText.ts`, or several: `{mn}`
 * - `<e>` a mark beside it (a period's with its "-end")
 * - `@payment` a class of words
 * - `~` a few words of the same clause, without numbers; `~~` with numbers
 */

/** Words that stand for one another. */
export const wordClasses: Readonly<Record<string, string>> = {
  payment:
    '(?:(?:re)?payments?|instal?lments?|emis?|rentals?|rents?|pmts?|parts?|premiums?|annuity payments?|(?:equal|level|regular|same)(?: <e>)? (?:sums?|amounts?)|remittances?|receipts?)',
  deposit: '(?:deposits?|contributions?|payments?|instal?lments?|pmts?|equal (?:sums|amounts))',
  withdrawal:
    '(?:withdrawals?|drawings?|payments?|payouts?|pay-outs?|pensions?|scholarships?|equal (?:sums|amounts)|draws?(?! (?:up|out|equal|level|the same|an equal|a (?:fixed|level|constant)|⟨))|drawdowns?|bursar(?:y|ies)|grants?|gifts?|prizes?|stipends?|awards?|receipts?|instal?lments?)',
  borrow: '(?:borrow(?:s|ed|ing)?)',
  lend: '(?:lends?|lent|lending|(?<!in )advances|advanced)',
  pay: '(?:pays?|paid|paying|repays?|repaid|repaying|pays? off|paid off)',
  save: '(?:sav(?:es?|ed|ing)(?! (?:in )?interest)|sets? aside|setting aside|puts? (?:aside|away|by|in|into|down)|lays? (?:aside|by|away)|pays? in(?:to)?|paid in(?:to)?|paying into|deposits?|deposited|depositing|contributes?|contributed|contributing|adds?|adding|invests?|invested|investing|drops?|puts?|putting|places?|stashes?|banks)',
  draw: '(?:draws?|drawn|drew|drawing|withdraws?|withdrawn|withdrew|withdrawing|takes? out|taken out|taking out|pays? out|paid out)',
  each: '(?:each|every|per|a|an)',
  loan: '(?:loans?|mortgages?|credits?|debts?|(?<!in )advances?|borrowings?)',
  year: '(?:years?|yrs?)',
  price:
    '(?:(?:list|cash|purchase|asking|sale|selling|full|retail|sticker|ticket|total|shop|invoice)? ?prices?|costs?)',
  period: '(?:day|week|fortnight|month|quarter|half-year|half year|half-month|six months|year|period|interval|term)',
  now: '(?:today|now|at once|immediately|straight away|right away|up front|upfront|on signing|at signing|on delivery|in cash|at the outset|at the start|down|on the spot)',
  what: '(?:what|reckon|figure out|establish|solve for|identify|provide|compare|rewrite|which|how (?:much|large|big|high|many|long)|find|calculate|compute|determine|work out|state|give|show|write(?: down)?|say|express|obtain|evaluate|name|size of|report|quote|(?:begin|start) with|list)',
};

/** "at an annual rate of 6 %" */
const rateOf = '(?:an? (?:⟨[ea]\\d+⟩ |interest |nominal |fixed )*rate (?:of interest )?of )?';
const gap = '(?:[^.;:?!\\n⟨]{0,36}?)';
/** A gap does not end within a word. */
const wordBegins = '(?<![a-z])';
const longGap = '(?:[^.;?!\\n]{0,80}?)';

/** Words that stand for others are written out: "does" for "do", "did", "will", "is" for "was" and "will be", @classes. */
export const writtenOut = (source: string): string =>
  source
    .replace(/(?<![|(:!=a-z@])does(?= )/g, '(?:does|do|did|will|would)')
    .replace(/(?<![|(:!=a-z@])(is|are)(?= )/g, '(?:$1|was|were|will be|would be)')
    .replace(/\b(he|she)\|(she|he)\|they\b/g, '$1|$2|they|i|you|we|one')
    .replace(/ at (?=<p>)/g, ` at ${rateOf}`)
    .replace(/@([a-z]+)/g, (_, name: string) => wordClasses[name] ?? name);

/** @param source see above */
export function pattern(source: string): RegExp {
  const compiled = writtenOut(source)
    .replace(/\{([a-z]+)\}/g, '⟨[$1](\\d+)⟩')
    // "each month", and "each month-end" as well.
    .replace(/<(ea|e|a)>/g, "⟨[$1]\\d+⟩(?:(?:'s|')? ends?|-ends?)?")
    .replace(/<\[?([a-z]+)\]?>/g, '⟨[$1]\\d+⟩')
    .replace(/~~(\?)?( )?/g, (_, may = '', blank = '') => `${longGap}${may}${blank === '' ? wordBegins : blank}`)
    .replace(/~(\?)?( )?/g, (_, may = '', blank = '') => `${gap}${may}${blank === '' ? wordBegins : blank}`)
    // A hard line's end parts what stands before and behind it.
    .replace(/(\[[^\]]*\])| \?| /g, (found, set?: string) => set ?? (found === ' ?' ? '[^\\S\\n]*' : '[^\\S\\n]+'));
  // What ends with a blank ends before a word.
  return new RegExp(`(?<![a-z])(?:${compiled})${source.endsWith(' ') ? '' : '(?![a-z])'}`, 'g');
}

/** What the first group that takes part holds, of a pattern that says one thing in several ways. */
export const groupFound = (found: RegExpMatchArray | null | undefined): string | undefined =>
  found?.slice(1).find((each) => each !== undefined);
