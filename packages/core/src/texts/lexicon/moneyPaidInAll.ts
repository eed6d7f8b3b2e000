/** Words beside a sum of money that all payments come to together. `{…}` is the sum. */

import { cue, type Cue } from './record.ts';
import type { WordRole } from './wordRole.ts';

const inAll = '(?:in (?:all|total)|altogether|all told|overall)';
const repays =
  '(?:repays?|repaid|repaying|pays? back|paid back|paying back|will have (?:re)?paid(?: back)?|(?:must|will|has to|have to|had to|is to|are to) (?:repay|pay back))';
const comeTo = '(?:comes? to|came to|is|are|was|were|being|amounts? to|amounted to|totals?|totalled|adds? up to|:)';
const sums = '(?:@payment|@deposit|@withdrawal)';
const often = '(?:<n> |<e> |<[ea]> |(?:equal|level|regular|same|all|fixed) ){0,4}';

/** How a price is called of which payments are a part. */
const onCredit =
  '(?:hire[- ]purchase|credit|instal?lment|deferred[- ]payment|time|total (?:sales? |purchase |credit )?|terms)(?: sale)? ?(?:sales? )?price';

export const moneyPaidInAllCues: readonly Cue<WordRole>[] = [
  cue(
    'ignored',
    12,
    '{m} (?:prize|jackpot|award|settlement)(?: [a-z]+){0,3} (?:is|are|was|to be) paid (?:out )?(?:as|in|by) (?:<n> (?:<e> )?@payment of )?<m>',
  ),
  cue(
    'price',
    16,
    '(?:buys?|bought|buying|purchases?d?) [a-z -]{2,30} for {m} on (?:credit|terms|instal?ments)(?![^?]*(?:in|for|pay|pays) cash)',
  ),
  cue(
    'payment',
    16,
    '(?:payments?|instal?ments?|<e> payment) (?:comes?|came|amounts?|amounted) to {m} (?:<[ea]>|each|every)',
    '(?:regular|usual|fixed|level|equal) <e> (?:payments?|instal?ments?) (?:comes?|amounts?) to {m}',
  ),
  cue(
    'creditPrice',
    15,
    `(?<!cash )${onCredit}(?: (?:of (?:the|a|an) [a-z ]{2,24}|on credit|paid))?,? (?:then )?(?:of|${comeTo}) {m}`,
    `on (?:credit|terms|hire[- ]purchase|instal?lments),? (?:the|its) (?:total )?price ${comeTo} {m}`,
    `on (?:credit|terms|hire[- ]purchase|instal?lments) (?:it|the [a-z ]{2,24}) costs? {m}(?! (?:<[ea]>|each|every|down|deposit|at (?:the end|once)))`,
    `{m} on (?:credit|terms|hire[- ]purchase)(?= |[,.:(])(?! (?:at|for <t> at))`,
  ),
  cue(
    'repaid',
    16,
    '(?:amounts?|grows?|comes?|becomes?|accumulates?|increases?) (?:up )?to {m},? (?:in|after|over) <t> at <p>(?: <[ae]>)? (?:of )?simple',
    '(?:amounts?|grows?|comes?|becomes?|accumulates?|increases?) (?:up )?to {m} at <p>(?: <[ae]>)? (?:of )?simple interest (?:in|after|over|for) <t>',
    '(?:owes?|owed|debt of|note (?:of|for)|bill (?:of|for)) {m},? (?:which is |that is )?(?:due|payable) (?:in|after) <t>[^?]{0,60}simple[^?]{0,60}(?:settle|pay|clear|discharge|worth|value)[^?]{0,20}(?:today|now)',
  ),
  cue(
    'repaid',
    15,
    `${repays} (?:a total of |${inAll},? )?{m}(?: ${inAll})?,? (?:in|by|through|over <t> (?:in|by)|in the form of|as|with) ${often}@payment`,
    `${repays} (?:a (?:grand )?total of|${inAll}) {m}`,
    `${repays} {m} ${inAll}`,
    `${inAll},? {m} (?:is|are|was|were|will be) (?:re)?paid(?: back)?`,
    `(?:asks|wants|demands|charges) {m} ${inAll} (?:in|by|through) ${often}@payment`,
    `total amount payable:? {m}`,
    `(?:re)?(?:pays?|paid)(?: (?:it|them|this))?(?: off| back)? (?:with )?{m},? (?:spread|divided|split|shared)(?: out)?(?: evenly| equally)? (?:over|into|among)`,
    `(?:pays?|pay back|repay) {m} over <t> for an? <m>`,
    `(?:@draw|@save|receives?) {m} (?:in all|altogether|in total)`,
    `(?:total|whole) (?:cost|amount) of (?:the |all |all the |these |her |his )?${often}@payment [^.;?!⟨]{0,24} ${comeTo} {m}`,
    `pays? (?:back )?(?:a total of|${inAll}) {m} (?:in|by|through|over <t> (?:in|by)|as|with) ${often}@payment`,
    `(?:pays?|paid|will have paid|hands? over|handed over)(?: back)? {m} ${inAll}(?! (?:<[ea]>|each|every))`,
    `${inAll},? (?:he|she|they|you|the [a-z]+|[a-z]+) (?:will |must |has |have )?(?:re)?(?:pays?|paid)(?: back)? {m}`,
    `(?:total|sum|amount) (?:re)?paid(?: back)?(?: (?:over|in|by) [^.;?!⟨]{0,30}(?:<[nt]>[^.;?!⟨]{0,20})?)?,? ${comeTo} {m}`,
    `total (?:repayments?|amount (?:payable|repayable|of (?:the |all )?${often}@payment)|to (?:re)?pay|to be (?:re)?paid|cost of (?:the )?${often}@payment) ?${comeTo} {m}`,
    `(?:total|sum) of (?:the |all |all the |these |her |his |their |its )?${often}@payment(?: [a-z]+ (?:a|the|an|this) (?:loan|debt|mortgage)(?: of <m>)?| on (?:the|a|this) <m> (?:loan|mortgage))? ${comeTo} {m}`,
    `${sums}(?: [a-z]+ (?:a|the|an|this|her|his|their) (?:<m> )?(?:loan|debt|mortgage|car|house)(?: of <m>)?)?(?: (?:will|would))? (?:which |that )?(?:comes? to|came to|amounts? to|amounted to|totals?|totalled|adds? up to|sum to|make up|make)(?: (?:a total of|${inAll}))? {m}(?! (?:<[ea]>|each|every|a (?:month|year|quarter|week)|per))`,
    `${sums},? (?:in all|altogether|all told|together(?! with)|in total) {m}(?! (?:with|and <m>))`,
    `${sums}(?:[^.;?!⟨]|<e>){0,30},? {m} (?:${inAll}|together)(?! (?:with|<[ea]>|each|every))`,
    `${sums}[^.;?!⟨]{0,30} (?:totalling|totaling|amounting (?:${inAll} )?to|adding up to|summing to|coming (?:${inAll} )?to|making) {m}(?![^.;?!⟨]{0,30} <[ea]>)`,
  ),
];
