/** Words that ask for what payments to come are worth to whoever buys or sells them. */

import { cue, type Cue } from '../record.ts';
import type { Asked } from './asked.ts';

export const pricesAsked: readonly Cue<Asked>[] = [
  cue('amount', 12, 'find the (?:original )?(?:debt|loan)(?= at <p>)'),
  cue(
    'amount',
    13,
    'how (?:large|big) (?:is|was|must be|should be) (?:the|her|his|their) (?:inheritance|legacy|gift|endowment|bequest)(?= ?[?,])',
  ),
  cue('amount', 14, '(?:what|which) (?:lump|single) sum (?:is|are|would) (?:it|this|that|they|these) (?:be )?worth'),
  cue(
    'amount',
    16,
    '(?:what|how much) (?:is|are|was|were) (?:all )?(?:the|these|those|her|his|their|its) (?:<e> )?(?:payments|receipts|rents|amounts|sums)(?: [a-z]+){0,2} worth (?:at the (?:beginning|start|outset)|today|now)',
    '(?:what|how much) (?:is|are|was|were) all (?:the|these|those) (?:<e> )?(?:payments|receipts|rents|amounts|sums) worth',
  ),
  cue(
    'amount',
    14,
    '(?:what|how much) (?:was|is) (?:there )?(?:in|on) (?:it|the (?:fund|account|trust|pot)) (?:at first|originally|at the (?:start|beginning|outset)(?! of)|to begin with|when it was (?:set up|opened|founded))',
    '(?:what|how much) (?:is|was) (?:it|the [a-z ]{2,24}) worth when (?:it|the (?:first )?(?:lease|hire|rental|contract|agreement)) (?:began|begins|starts|started)',
  ),
  cue(
    'amount',
    13,
    'what (?:is|will be) needed (?:when|at|by the time|before|as soon as) (?:she|he|they|the|her|his|their)',
  ),
  cue(
    'amount',
    14,
    '(?:how much|what(?: sum)?|which sum) [a-z ]{0,30}(?:part with|give up|hand out)(?: today| now| at once)? (?:if|in (?:return|exchange)|for|against)(?= [^?]{0,40}⟨m\\d+⟩ (?:at|on|by|per|each|every|⟨[ea]))',
  ),
  cue('amount', 13, 'how much had (?:he|she|they|the [a-z]+) (?:originally |first |once )?owed(?= ?[?,])'),
  cue('amount', 13, '(?:what|how much) (?:is|was|has been|had been) (?:advanced|lent out)(?= ?[?,])'),
  cue(
    'amount',
    15,
    '(?:what|how much) (?:would|could|can|should|must|may) (?:he|she|they|it|an? [a-z]+|the [a-z]+) (?:(?:have|have had) )?(?:to )?(?:pay|paid|give|given|bid|offer) (?:(?:for|to (?:get|earn|have|receive)) )(?:an? )?(?:<e> )?(?:return|yield|rate) of',
  ),
  cue(
    'amount',
    14,
    '(?:what|how much) (?:does|will|did|can|would) (?:he|she|they|the [a-z]+|[a-z]+) (?:get|receive|obtain|ask) for (?:it|them|the (?:contract|note|claim|mortgage|remaining payments))(?= ?\\?)',
    '(?:what|how much) (?:does|will|did|must|should|would|can) (?:he|she|they|the [a-z]+|[a-z]+) (?:pay|give|offer) for (?:the (?:contract|note|claim|mortgage|remaining payments))(?= ?\\?)',
    'what (?:is|was) the (?:selling |sale )?price of the (?:contract|note|claim)|(?:what|which) (?:single )?(?:sum|price) (?:is|would be) (?:a )?(?:fair|just)(?= ?[?,]| at )',
  ),
  cue(
    'amount',
    16,
    '(?:what is|find|calculate|compute|determine) the present (?:value|worth) of (?:the|these|those|her|his|its|their|all) (?!remaining|rest|outstanding|unpaid|other)[a-z]+',
  ),
  cue('amount', 10, 'in today.s (?:money|terms),? '),
  cue(
    'amount',
    16,
    '(?:what|which) (?:principal|sum|amount|capital|deposit),? (?:left|lying|put|invested|deposited|placed|lent)(?:[^?⟨]|⟨[tpea]\\d+⟩){0,70} (?:grows?|amounts?|accumulates?|becomes?|rises?|increases?|turns?|swells?) (?:in)?to <m>',
  ),
  cue(
    'amount',
    15,
    '(?:what|how much) (?:is|are|would) (?:an?|the|this) [a-z ]{2,20}of <m>,? (?:payable|due|that falls due|paid|received|to be (?:paid|received)) (?:in|after) <t>,? worth',
  ),
  cue('amount', 11, 'how much must be paid(?= (?:today|now|at once)| if <p>)'),
];
