/** What can be asked, and words that many questions share. */

import type { ReadQuantity } from '../../reading.ts';

/** Quantities, and questions that become one when the case is known. */
export type Asked =
  ReadQuantity | 'flatRate' | 'howLong' | 'balance' | 'interest' | 'principal' | 'newPayment' | 'deposit';

export const ask =
  '(?:what|which|how|know|name|list|set out|find|calculate|compute|determine|work out|state|give|show|write|say|obtain|evaluate|quote|report|make out|establish|identify|estimate|figure out|tell|begin with|start with|deduce|derive|compare|and|then|also)';
export const pmt =
  '(?:<e> sum|@payment|@withdrawal|deposits?|contributions?|amount due|outlay|figure|<e> amount|allowances?|stipends?)';
export const mine =
  "(?:the |each |every |a |one |two |three |four |an |her |his |their |its |your |present |current |this |that |such |these |both |all |equal |level |regular |normal |ordinary |required |necessary |original |initial |starting |first |old |resulting |size of (?:the |each |every |one )?|amount of (?:the |each |every )?|<e> |<n> |constant |(?:lease|loan|mortgage)(?:'s)? |[a-z]+'s |single |individual |usual |periodic |fixed |car |charter |new |constant |end-of-[a-z]+ |start-of-[a-z]+ |least |minimum |smallest )*";
export const must = '(?:must|should|does|do|did|will|would|can|could|shall|may|is|are|has to|have to|needs? to|ought)';
export const act =
  '(?:pay|repay|deposit|save|set aside|put aside|put away|put by|put in|put|withdraw|draw|take out|take|contribute|invest|add|receive|be paid|be saved|be deposited|be set aside|be put aside|be put away|be put in|be withdrawn|be drawn|be taken|be invested|be added|paid out|pay out|lay aside|lay by|hand over|pay in|spend|live on|get|bring|yield|provide|owe|place|come to|need to|pay back|be repaid|be repayable|charge|be paid out|be paid in|drop|give|transfer|be laid aside|award|go in|go into|be drawn out|come out|be handed over|be returned|return|bring in|be set by|be collected|collect|be raised|be spent|be laid by|be laid away|be put by|bank|part with|pay over|be paid over|find|stow away|spare|be found|be hoarded|be contributed)';
