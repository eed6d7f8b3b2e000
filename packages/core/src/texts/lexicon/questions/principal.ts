/** Words that ask for what is paid off of a debt. */

import { cue, type Cue } from '../record.ts';
import type { Asked } from './asked.ts';

export const principalAsked: readonly Cue<Asked>[] = [
  cue(
    'principal',
    15,
    'by how much (?:will|does|do) (?:the|his|her|their) next payment (?:reduce|lower|cut|bring down)',
  ),
  cue(
    'principal',
    15,
    'how much (?:of it |of that )?(?:goes off|comes off|is taken off|reduces|lowers|brings down) the (?:debt|loan|balance|principal)',
  ),
  cue(
    'principal',
    18,
    '(?:what|how much) (?:has|have|had|will have) (?:then |by then )?been (?:repaid|paid off|paid back|paid) of (?:the|her|his|their|its) (?:principal|loan|debt|capital|mortgage)',
  ),
  cue(
    'principal',
    15,
    '(?:what|which|how much) (?:amount of )?principal (?:is|was|has been|have been|will be|will have been|had been|gets) (?:repaid|paid|paid off|paid down|retired|reduced|cleared)',
    '(?:what|which|how much) principal (?:do|does|did|will|have|has) (?:he|she|they|it|the [a-z]+) (?:have )?(?:repay|repaid|pay off|paid off|pay down|paid down|pay|paid)',
  ),
  cue(
    'principal',
    17,
    'by how much (?:does |do |is |has )?(?:the|her|his|their|its) (?:debt|loan|balance|principal) (?:falls?|fallen|sinks?|reduced|goes down|decreases?|shrinks?) (?:in|during|over|within)',
  ),
  cue(
    'principal',
    16,
    'how much (?:of (?:it|them) )?(?:brings|takes|reduces|goes to(?:wards)? (?:reducing|paying off)|cuts|lowers) (?:down )?(?:the|her|his|their|its) (?:debt|loan|principal|balance)',
  ),
  cue(
    'principal',
    14,
    'how much of ~~ is (?:the )?(?:principal|capital)(?= ?[?.,(])',
    'how much of ~~~~ is (?:the )?(?:principal|capital)(?= ?[?.,(])',
  ),
  cue(
    'principal',
    18,
    'how much of (?:the|her|his|their) (?:<m> )?(?:loan|mortgage|debt|principal) (?:has|have|had|will) (?:he|she|they|it) (?:have )?(?:paid off|repaid|paid back|paid down)',
    'how much (?:has|have|had) (?:he|she|they|it) (?:reduced|lowered|paid down|brought down|cut) (?:the|her|his|their) (?:loan|mortgage|debt|principal|balance)',
  ),
  cue(
    'principal',
    18,
    'by (?:how much|what amount) (?:does|do|did|will) ~~(?:payments?|instal?lments?|he|she|they|it|the borrower)[^?]{0,20} (?:bring|brings|take|takes|push|pushes) (?:the|her|his|their|its) (?:debt|loan|balance|principal) down',
    '(?:debt|loan|balance) (?:changed|affected|altered) by [^?]{0,40}by how much does it (?:fall|drop|go down)',
    'how much (?:does|do|did|will) (?:the|her|his|their) (?:debt|loan|balance|principal) (?:drop|fall|decrease|go down|shrink|sink|come down)(?! to)',
    'how much (?:do|does|did|will) (?:he|she|they|it|the [a-z]+) (?:repay|pay off|pay back) of (?:the|her|his|their|its) (?:principal|debt|loan|capital|balance)',
  ),
  cue(
    'principal',
    17,
    'how far (?:has|have|does|did|will) (?:the|her|his|their) (?:debt|loan|balance|principal|mortgage) (?:then )?(?:come|been brought|gone|fall|fallen|sunk)',
    'what is (?:repaid|paid off|paid back|cleared)(?: of (?:the|her|his|their) (?:debt|loan|principal))? (?:in|with|by|during|over) ',
    'how much of ~~ goes? off (?:the|her|his|their) (?:debt|loan|balance|principal)',
    '(?:by how much|how much) (?:is|will|does|did) (?:the|her|his|their) (?:debt|loan|balance|principal) (?:be )?(?:lower|smaller|less) (?:after|at)',
    'how much (?:lower|smaller|less) (?:is|will|does) (?:the|her|his|their) (?:debt|loan|balance|principal) (?:be )?(?:after|at)',
    'how much of (?:the|her|his|their) (?:debt|loan|balance|principal) (?:disappears|vanishes|goes|is gone|is taken off|is removed)',
    '(?:by how much|how much|by what amount) (?:does|do|will|did|can) ~(?:reduce|lower|cut|bring down|pay down|pay off) (?:of )?(?:the|her|his|their|its) (?:debt|loan|balance|principal|mortgage)',
    'how much is (?:taken off|knocked off|paid off|paid down on|repaid on) (?:the|her|his|their) (?:debt|loan|balance|principal)',
  ),
  cue(
    'principal',
    16,
    '(?:what|which|how much|the) ?(?:amount|part|share|portion)? of ~~(?:payment|instal?lment)s?[^?]{0,20} (?:goes|go|going|is applied|is put|is used) (?:to|toward|towards|on|to (?:pay off|pay down|repay|reduce)) (?:the |her |his |their )?(?:principal|capital|debt|loan)',
    'how much of (?:the|her|his|their) (?:loan|debt|principal|mortgage) (?:is|was|will be|has been|do|does|did) ~(?:retired|retire|discharged|discharge|extinguished|amorti[sz]ed|cleared|clear)',
  ),
  cue(
    'principal',
    15,
    'how much (?:does|do|will|did) ~~(?:payment|instal?ment)s?[^?]{0,20} (?:take|takes|knock|knocks|bring|brings) off (?:the |her |his |their )?(?:debt|loan|balance|principal)',
    '(?:what|which) (?:part|share|portion) of (?:the )?<m> (?:has|have|had|is|was|will) (?:then |already )?(?:been |be )?(?:repaid|paid off|paid back)',
    'by what (?:amount|sum) (?:does|do|will|did) ~~(?:payments?|instal?lments?) ~?(?:reduces?|lowers?|cuts?) (?:the|her|his|their|its) (?:debt|loan|balance|principal|mortgage)',
  ),
  cue(
    'principal',
    14,
    '(?:what|which|how much)(?: (?:part|share|portion))?(?: of (?:it|that|this))? (?:reduces|lowers|pays off|repays|cuts|goes (?:to|towards)) (?:the |its |her |his |their )?(?:debt|principal|loan|balance|capital)',
  ),
  cue(
    'principal',
    14,
    'how much (?:has|have|did|does|will) (?:the|her|his|their) (?:principal|debt|loan|balance|mortgage) (?:gone|go|come|fallen|fall|decreased?|been reduced|shrunk|shrink)(?: down)?(?! to)',
  ),
  cue(
    'principal',
    13,
    '(?:reduction|decrease|fall|drop) (?:of|in) (?:the|her|his|their) (?:debt|loan|balance|principal|mortgage)',
    '(?:amount|sum) by which the (?:debt|loan|balance|principal) (?:falls|is reduced|goes down|decreases)',
  ),
  cue(
    'principal',
    13,
    'what do ~~(?:payments|instal?lments) take off the (?:debt|loan|balance)',
    'by how much the (?:debt|loan|balance) is (?:reduced|lowered|cut)',
    'by how much (?:does|do|will|did|have|has) (?:the )?(?:first|last|next) (?:<n>|<t>|few|@year|one)(?: of them)? ~?(?:(?:brings?|brought)(?= the (?:debt|loan|balance) down)|reduces?|reduced|lowers?|lowered|cuts?) (?:the|her|his|their|its) (?:debt|loan|balance|principal|mortgage)',
  ),
  cue(
    'principal',
    14,
    'how much (?:capital|principal) (?:does|do|did|will|would|is|are|has|have) ~~(?:repays?|repaid|pays? off|paid off)',
  ),
  cue('principal', 13, '(?:what|which) (?:part|share|portion|amount) of ~~is (?:the )?(?:principal|capital)'),
  cue('principal', 14, '(?:part|share|portion|amount) of ~~?(?:that|which) (?:is|goes to) (?:principal|capital)'),
  cue(
    'principal',
    13,
    'by how much (?:does|do|will|did) ~~(?:payments?|instal?lments?) ~?(?:reduces?|lowers?|cuts?) (?:the|her|his|their|its) (?:debt|loan|balance|principal|mortgage)',
    'by (?:how much|what (?:amount|sum)) (?:does|do|is|will|has|have|did) ~(?:debt|loan|balance|principal|mortgage) ~?(?:fall|fallen|reduced|decrease|go down|gone down|come down|shrink)',
    '(?:how much|what (?:part|share|portion)) of ~~?(?:reduces|repays|pays off|goes to(?:wards)?|pays down) (?:it|the (?:loan|debt|balance|principal))',
  ),
  cue(
    'principal',
    12,
    'how much (?:has|have) (?:he|she|they|it) (?:then |already )?(?:paid|repaid) off',
    'how much (?:has|have) (?:then |already )?been (?:repaid|paid off|paid back)(?! in interest)',
    'how much of (?:it|(?:the|her|his|their) (?:<m> )?(?:balance|debt|loan|mortgage|principal)) (?:is|has|have|had|was|will) (?:(?:then |been |already |be )+)?(?:paid off|paid back|repaid|cleared|paid down|amorti[sz]ed)',
    'how much (?:has|have) (?:been |he |she |they )(?:been )?(?:paid|repaid) (?:off |back |down )?(?:of|on|from|off) the (?:principal|capital|debt|loan)',
  ),
  cue(
    'principal',
    10,
    'what (?:part|share|portion)(?: of (?:it|that))? is (?:principal|capital)',
    '(?:principal|princ|prin|prn|capital)(?: (?:parts?|portions?|shares?))?(?=,? and (?:the )?(?:interest|int)(?![a-z]))',
    '(?:principal|princ|prin|prn|(?<!(?<![a-z])an? )(?<!final )(?<!initial )(?<!if the )(?<!closing )capital(?! of ⟨m))(?: (?!and (?:the )?interest)[a-z]+){0,3} ?(?:in|during|over|within|with|contained|paid|repaid|part|portion|component|reduction)?',
    'how much ~~?(?:reduce|reduces|reduced|pay off|pays off|paid off|knock off|bring down|brings down) (?:the |of the )?(?:debt|loan|balance|principal|capital|what)',
    '(?:debt|loan|balance|principal|capital)(?! (?:which|that|is to be|to be)) ~?(?:is |are |been )?(?:reduced|repaid|paid off|falls?|fallen|cleared|comes? down)(?! by (?:<e> |equal |level )?(?:payments|instal))',
    'how much of the (?:debt|loan|capital|principal)',
    'of (?:it|that|which) (?:is |was |goes to )?(?:principal|capital)',
  ),
];
