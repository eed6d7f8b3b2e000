/** What tells nothing of the case though it has numbers: what somebody earns, what was charged last year, how long a boat is guaranteed. */

import type { Span } from '../flatText.ts';
import type { Sentence } from '../sentences.ts';

/** Somebody, or something of his; nothing that money lies in. */
const somebody =
  "(?:(?:[a-z]+ (?:and [a-z]+ )?)|(?:(?:the|his|her|their|its|an?|[a-z]+'s) (?!account|fund|money|savings|deposit|bond|loan|bank|investment|trust|plan|sum)(?:[a-z]+ ){1,3}?))";
const start = '^\\W*(?:(?:by the way|incidentally|meanwhile|besides|however|also),? )?';
const end = '\\W*$';
const often = '(?: ⟨[ea]\\d+⟩)?';
const relative =
  '(?:his|her|their|the) (?:sister|brother|father|mother|aunt|uncle|friend|neighbou?r|cousin|wife|husband|son|daughter|boss|colleague)';

/** Each tells of a whole sentence. Adding one is adding a record. */
const sentencesAside: readonly RegExp[] = [
  `${start}${somebody}(?<!it )(?:earns?|makes|earned) ⟨m\\d+⟩ ⟨[ea]\\d+⟩(?: (?:at|as|in) [a-z ]{2,30})?${end}`,
  `${start}(?:his|her|their|the|[a-z]+'s) (?:[a-z]+ )?(?:salary|wages?|pay) (?:is|are|was|comes to|amounts to) ⟨m\\d+⟩${often}${end}`,
  `${start}(?:the|his|her|their) (?:⟨[ea]\\d+⟩ )?rent (?:of|for|on) (?:his|her|their|the|a) (?:flat|house|apartment|shop|room|home|office|stall)[a-z ]{0,12} (?:is|was|comes to) ⟨m\\d+⟩${often}${end}`,
  `${start}(?:last year|the year before|in ⟨y\\d+⟩|previously|until recently|a year ago|at that time),? [a-z ]{2,40}(?:charged|paid|asked|offered|was|stood at|wanted) ⟨p\\d+⟩(?: (?:⟨[ea]\\d+⟩|compounded|convertible))*${end}`,
  `${start}[a-z ]{2,40}(?:charged|paid|asked|offered|was|stood at|wanted) ⟨p\\d+⟩(?: (?:⟨[ea]\\d+⟩|compounded|convertible))* (?:last year|the year before|in ⟨y\\d+⟩|at that time)${end}`,
  `${start}${relative}[^,;⟨]{0,40}⟨m\\d+⟩[^,;⟨]{0,40} in ⟨y\\d+⟩${end}`,
  `${start}(?:it|there) (?:rained|snowed|has rained|had rained|was (?:a )?(?:fog|frost|storm))[^,;⟨]{0,30} ⟨t\\d+⟩${end}`,
  `${start}[^,;⟨]{2,50} (?:is|are|was|were) ⟨t\\d+⟩ (?:younger|older|his junior|his senior|her junior|her senior|away|wide|long|high|off)[a-z ]{0,30}${end}`,
  `${start}[^,;⟨]{2,50} (?:is|are|was|were) (?:open|closed|shut)[^,;⟨]{0,12} ⟨t\\d+⟩(?: (?:⟨[ea]\\d+⟩|a week|of the week|per week))?${end}`,
  `${start}there are ⟨[tn]\\d+⟩(?: [a-z]+)? in (?:the|a|that|this|each) (?:month|week|quarter)${end}`,
  `${start}(?:⟨t\\d+⟩ ago,? )?[^,;⟨]{2,40} (?:was|were|has been|had been) (?:ill|away|abroad|on holiday|married|engaged|out of work|at sea|in hospital|on leave)[^,;⟨]{0,24}(?: for)? ⟨t\\d+⟩${end}`,
  `${start}[^,;⟨]{2,40}(?:drives?|walks?|cycles?|rides?|swims?|reads?|bakes|sells|sails) ⟨n\\d+⟩ [a-z ]{2,30}⟨[ea]\\d+⟩${end}`,
].map((source) => new RegExp(source));

const ofTrade = '(?!sav|pay|paid|borrow|repa|deposit|invest|took|put|open|bought|lent|lend|ow)';

/** Each tells of a few words within a sentence. */
const clausesAside: readonly RegExp[] = [
  `(?<=, )who (?:earns?|makes) ⟨m\\d+⟩ ⟨[ae]\\d+⟩(?: [a-z ]{2,30})?(?=,)`,
  `(?<=, )who pays ⟨m\\d+⟩ (?:rent|tax|alimony|in rent|for (?:his|her|their|a) (?:flat|room|house)) ⟨[ae]\\d+⟩(?=,)`,
  `(?<=, )who (?:has|have|had) ${ofTrade}(?:been|lived|worked|taught|sailed|[a-z]+ed)(?: (?!sav|pay|deposit|repay|borrow)[a-z]+){0,4} (?:for )?⟨t\\d+⟩(?=,)`,
  `(?<=, )who (?:works|drives|walks|teaches|sleeps|runs|cycles) ⟨n\\d+⟩ [a-z ]+(?:⟨[ae]\\d+⟩)?(?=,)`,
  `(?<=, )who ${ofTrade}[a-z]+ [a-z ]{0,20}⟨t\\d+⟩ ago(?=,)`,
  `(?<=, )whose (?:old|first|last|former|present) [a-z]+ cost ⟨m\\d+⟩(?=,)`,
  // "A parking fine of 80 aside, …"
  `(?<=^|[.;:] )(?:[a-z'-]+ ){0,4}⟨m\\d+⟩ (?:[a-z'-]+ ){0,5}(?:aside|apart)(?=,)`,
  // "(365 × £3 / 12)": how a number came about.
  `\\((?:[^()?]{0,24}[×x*/÷+=] ?)+[^()?]{0,24}\\)`,
  // what a year is taken for
  `\\((?:taking |with |at )?⟨t\\d+⟩ (?:⟨[ae]\\d+⟩|(?:in|to) (?:a|the) year)\\.?\\)`,
  // "(A year has 365 days.)"
  `\\((?:⟨[ae]\\d+⟩|(?:a|the|one) year) (?:has|is|of|counts|being) ⟨t\\d+⟩\\.?\\)`,
  `(?<= )with an? (?:guarantee|warranty) of ⟨t\\d+⟩`,
  `(?<= )(?:guaranteed|insured) for ⟨[mt]\\d+⟩`,
].map((source) => new RegExp(source, 'g'));

/** What an old thing cost when it was new; where its worth is not asked. */
const costOnce = /(?<= )(?:that|which) (?:had )?cost ⟨m\d+⟩ (?:when (?:it was )?new|new|⟨t\d+⟩ ago|in ⟨y\d+⟩)/g;

/** "(Delivery takes 3 weeks.)" behind the last question: no word of it is of the trade. */
const isRemark = (text: string): boolean =>
  /^\W*\([^()?]*\)?\W*$/.test(text) &&
  !/⟨[mpea]|pay|paid|rate|interest|loan|debt|mortgage|lend|lent|borrow|instal|rent|leas|deposit|withdr|draw|compound|balance|price|cost|fee|account|fund|sav|invest|first|last|due|term|round|answer|count|end|begin|start|advance|arrears|month|quarter|period|day|use|take (?!s)|assum|suppos|recko/.test(
    text,
  );

/** The sentences and clauses of a flat text that tell nothing of its case. */
export function asidesOf(flat: string, sentences: readonly Sentence[]): Span[] {
  const last = sentences.findLast(({ asks }) => asks)?.start ?? Infinity;
  const whole = sentences.filter(
    (each) =>
      !each.asks &&
      (sentencesAside.some((words) => words.test(each.text)) || (each.start > last && isRemark(each.text))),
  );
  const known = /worth|depreciat|loses|lost/.test(flat) ? clausesAside : [...clausesAside, costOnce];
  const parts = known.flatMap((words) =>
    [...flat.matchAll(words)].map(({ index, 0: found }) => ({ start: index, end: index + found.length })),
  );
  return [...whole, ...parts];
}
