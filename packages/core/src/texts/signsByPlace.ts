/** What a sum is by where it stands, where no cue knows its words: paid once at a moment on the way, it is an extra payment. */

import type { FlatText } from './flatText.ts';
import type { WordRole } from './lexicon/wordRole.ts';
import type { RoleSign } from './roles.ts';

/** A sign of a cue's own words is stronger. */
const WEIGHT = 8;

const moment =
  /(?:(?:after|with|at|on|following|alongside|together with) (?:the |her |his |their |its )?⟨o\d+⟩|(?<![a-z])after (?:exactly |just |another )?⟨[tn]\d+⟩|⟨t\d+⟩ (?:later|on|in|into|after)(?![a-z])|once ⟨n\d+⟩ payments|with ⟨[tn]\d+⟩ left)/;
const afterPayment = /⟨o\d+⟩ (?:⟨e\d+⟩ )?(?:payment|instal?lment)(?![a-z])/;
const atStart: ReadonlySet<WordRole> = new Set<WordRole>(['downPayment', 'rebate', 'price', 'amount']);
const pays =
  /(?<![a-z])(?:pays?|paid|hands? over|handed over|puts?|sends?|sent|gives?|gave|adds?|added|throws?|repays?|repaid|uses?|used|transfers?|transferred|contributes?|contributed|brings?|brought|remits?|places?)(?![a-z])/;
/** "… receives 6,000, which he uses to reduce the loan" */
const had =
  /(?<![a-z])(?:receives?|received|gets?|got|inherits?|inherited|wins?|won|is (?:given|left|paid)|earns?|has) $/;
const putIn =
  /^,? (?:(?:which|that|and) )?(?:(?:he|she|they|it) )?(?:uses?|puts?|pays?|spends?|applies|sends?|hands?|gives?) (?:(?:it|this|that|them|all of it|the (?:whole|money)) )?(?:to (?:reduce|lower|pay|repay|bring|cut)|towards?|on(?:to)?|into|against|off|over|down)(?![a-z])/;
const owes = /(?<![a-z])(?:loan|borrow(?:s|ed)?|debt|mortgage|lent|lends|owes?|credit)(?![a-z])/;
/** It tells of something else than of a payment. */
const other =
  /(?<![a-z])(?:owes?|owed|owing|balance|outstanding|left|remain(?:s|ing)?|worth|sells?|sold|costs?|price|valued?|fee|charge[sd]?|residual|balloon|down|rise[sn]?|raise[sd]?|goes up|increase[sd]?|lowers?|reduce[sd]?|takes? out|took out|draws?|drew|withdraws?|withdrew|receives?|only|instead|all|total|each|every|interest|rate)(?![a-z])/;
/** "… to a charity", "… for a new card": it reduces no debt. */
const elsewhere =
  /^(?: [a-z]+)? (?:to|for) (?!(?:the|her|his|their|its|this|that) (?:loan|debt|mortgage|lender|bank|balance|principal|credit)|it(?![a-z])|them(?![a-z])|(?:reduce|lower|pay|repay|clear|shorten|bring|cut|the (?:lender|bank|loan)))/;
const byLender =
  /(?<![a-z])(?:the|a|her|his|their) (?:bank|lender|society|creditor|credit union) (?:[a-z]+ )?$|(?:bank|lender|society|creditor) (?:pays?|gives?|hands?|sends?|adds?|returns?) /;
const regular = /^(?: [a-z]+){0,3} (?:at (?:the )?(?:end|start|beginning|close) of )?⟨[ea]\d+⟩|^ (?:each|every|per|a) /;

/** "How many payments of 400 are needed?", where 400 is told before. */
const countedOfIt = /how many (?:⟨e\d+⟩ |[a-z]+ )?(?:payments|instal?lments|deposits|withdrawals) of (?:the )?$/;

/** @returns the signs, with one more where a sum has none that is strong */
export function withSignsByPlace({ flat, tokens, places }: FlatText, signs: readonly RoleSign[][]): RoleSign[][] {
  return signs.map((each, at) => {
    const [best] = each;
    const token = tokens[at];
    // A sum that is spoken of again is what it was.
    const isAgain = tokens.some((other, index) => index < at && other.form === 'money' && other.value === token?.value);
    const { start, end } = places[at]!;
    if (isAgain && countedOfIt.test(flat.slice(0, start))) return [{ role: 'ignored', weight: 99, start, end }];
    if (token?.form !== 'money' || isAgain) return each;
    const from = Math.max(...['. ', '? ', '! ', '\n', '; '].map((mark) => flat.lastIndexOf(mark, start)), 0);
    const before = flat.slice(from, start);
    const behind = /^[^.;?!\n]*/.exec(flat.slice(end))?.[0] ?? '';
    const isAsked = /\?/.test(flat.slice(end, end + behind.length + 1));
    // Nothing is paid down after the 60th payment.
    const isLate = best !== undefined && best.weight <= 9 && atStart.has(best.role) && afterPayment.test(before);
    const isHad = had.test(before) && putIn.test(behind) && moment.test(before);
    if (best && best.weight >= WEIGHT && !isLate && !(isHad && best.weight <= 9)) return each;
    const isOnce =
      !isAsked &&
      (moment.test(before) || moment.test(behind)) &&
      pays.test(before) &&
      !other.test(before) &&
      !regular.test(behind) &&
      !elsewhere.test(behind) &&
      !byLender.test(before) &&
      owes.test(flat.slice(0, start));
    return isOnce || (isHad && !isAsked && owes.test(flat.slice(0, start)))
      ? [{ role: 'extra', weight: Math.max(WEIGHT, best?.weight ?? 0), start, end }, ...each]
      : each;
  });
}
