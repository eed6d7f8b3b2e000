/** Words that say the same as others: they are one word before any cue looks at them. */

interface BeforeNumber {
  readonly words: RegExp;
  /** Letters of the marks before which they stand. */
  readonly forms?: string;
  /** How the number is written. */
  readonly quote?: RegExp;
  /** What says the same. */
  readonly short: string;
}

/** Words before a number that say nothing of what it is, and what says the same in short. */
export const beforeNumbers: readonly BeforeNumber[] = [
  // "on 1 March 2024", of which the time since an earlier date is known
  {
    words: /(?:(?<![a-z])(?:on|in|by|at|until|till|to|through|up to|as of) )?$/,
    forms: 't',
    quote: /(?<![a-z])(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\b|^(?:19|20)\d\d-/,
    short: 'after ',
  },
  {
    words: /(?:(?<![a-z])on )?$/,
    forms: 'e',
    quote: /january|new year/,
    short: 'at the beginning of ',
  },
  { words: /(?:(?<![a-z])on )?$/, forms: 'e', quote: /december/, short: 'at the end of ' },
  // "PMT = −185": what is paid has its sign.
  { words: /(?<=(?<![a-z])(?:pmt|pv|fv) ?[=:]? ?)[-−–] ?$/, forms: 'mn', short: '' },
  {
    words:
      /(?<=[\s(])(?:at least|at most|about|exactly|roughly|only|just|as much as|no less than|no more than|nearly|precisely|a further|as little as|a mere|an estimated|an expected|an anticipated|a projected|approximately|around|almost) $/,
    short: '',
  },
  { words: /(?<![a-z])over (?:a|the) (?:term|period|time|course|space|duration) of $/, forms: 't', short: 'over ' },
  { words: /(?<![a-z])for (?:a|the) (?:term|period|time|duration) of $/, forms: 't', short: 'for ' },
  { words: /(?<![a-z])in (?:a|the) (?:course|space) of $/, forms: 't', short: 'over ' },
  { words: /(?<![a-z])(?:with|bearing|carrying) interest at $/, forms: 'p', short: 'at ' },
  {
    words:
      /(?<![a-z])at (?:an? )?(?:(?:annual|yearly|fixed|constant|current) )?(?:interest )?rate (?:of interest )?of $/,
    forms: 'p',
    short: 'at ',
  },
];

/** "You are asked to find", "Help her work out": find. */
const toFind = new RegExp(
  `^(?:(?:you|we) (?:are|were) (?:now |then )?(?:asked|required|expected|told|requested|invited) to|(?:your|the|our) (?:task|job|problem|question|aim) is to|(?:can|could|will|would) you(?: please| now)?|it is (?:required|asked|desired|necessary) to|(?:we|you) (?:want|wish|need|would like|have) to|help (?:[a-z]+ ){1,3}?(?:to )?|your answer should|use (?:[a-z-]+ ){1,5}?to|using (?:[a-z-]+ ){1,5}?,|by means of (?:[a-z-]+ ){1,4}?,) ?(?:find|calculate|compute|determine|work out|state|give|tell (?:him|her|them|me|us)|say|show)(?= ?:| (?:the|his|her|their|its|what|how|which|both|each)(?![a-z]))`,
);

const LONGEST = 64;

interface SameWords {
  readonly words: RegExp;
  readonly as: string;
  /** They are said of a debt. */
  readonly isOwed?: true;
}

const sameWords: readonly SameWords[] = [
  { words: /^payments? (?:of |for |covering |\()(?:both )?principal and interest\)?(?![a-z])/, as: 'payment' },
  { words: /^non-?interest-bearing(?![a-z])/, as: 'plain' },
  { words: /^(?:repayment|instal?lment)s(?![a-z])/, as: 'payments', isOwed: true },
  { words: /^(?:repayment|instal?lment)(?![a-z])/, as: 'payment', isOwed: true },
  { words: /^how (?:high|big)(?= (?:is|are|was|were|will|would|must|should|does|do|an?)(?![a-z]))/, as: 'how large' },
  {
    words: /^what interest(?= (?:is|was|are|were|has|have|had|will|would|does|do|did|can|could|must)(?![a-z]))/,
    as: 'how much interest',
  },
  { words: /^the payment at the (?:start|beginning|outset)(?=[,;?.)]| and )/, as: 'the first payment' },
  { words: toFind, as: 'find' },
  // Whoever is spoken to is somebody: "you", "your loan".
  {
    words:
      /^you(?='(?:d|ll|ve|re)(?![a-z])| (?:can|could|will|would|have|had|must|may|need|want|wish|plan|hope|pay|save|borrow|owe|deposit|invest|make|put|are|were|do|did|get|draw|withdraw|buy|should|receive|still|then|already|now)(?![a-z]))/,
    as: 'they',
  },
  {
    words:
      /^(?:your|our)(?! (?:answer|solution|working|choice|decision|calculator|result|calculation|reply|view)s?)(?![a-z])/,
    as: 'their',
  },
  {
    words:
      /^(?:(?:he|she|they|it|we|i) (?:wants?|would like|wish(?:es)?|needs?) to know|tell (?:him|her|them|me|us)|(?:required|wanted|sought|asked|to find):)(?= (?:the|his|her|their|its|what|how)(?![a-z]))/,
    as: 'find',
  },
];

/** The words at a place of the text in small letters that are read as others, and how long they are. */
export function sameWordsAt(
  plain: string,
  at: number,
): (Omit<SameWords, 'words'> & { readonly length: number }) | undefined {
  const rest = plain.slice(at, at + LONGEST);
  for (const { words, ...other } of sameWords) {
    const found = words.exec(rest);
    if (found) return { ...other, length: found[0].length };
  }
  return undefined;
}
