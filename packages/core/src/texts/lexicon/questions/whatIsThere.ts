/** Words that ask what is there at some time, or has been saved by then. */

import { cue, type Cue } from '../record.ts';
import type { Asked } from './asked.ts';

export const whatIsThereAsked: readonly Cue<Asked>[] = [
  cue('amount', 15, 'equivalent to (?:what|which) (?:single |one )(?:payment|sum|amount)(?: today| now)?'),
  cue(
    'amount',
    14,
    '(?:which|what) (?:loan|mortgage)(?: amount| sum)? (?:can|could|may) (?:the|an?|he|she|they|[a-z]+)(?: [a-z]+)? (?:carry|afford|support|bear|take|service)',
  ),
  cue('amount', 12, '^(?:the )?(?:value|worth) (?:today|now)(?=,? (?:at|if|with)| ?\\?)'),
  cue(
    'finalAmount',
    12,
    '(?:find |give |state )?what (?:the [a-z]+|he|she|they) (?:has|have) (?:today|now|by now|by then)',
    'how much can be (?:spent|withdrawn|taken out) at the end of (?:the |these |those )?<t>',
    'what (?:does|do|will|would) (?:a|each|the|every) (?:member|saver|depositor) (?:get|receive)(?: back| out)?',
  ),
  cue(
    'finalAmount',
    11,
    '^(?:and )?(?:how much )?(?:is there |is it )?at the (?:very )?end(?: of (?:it |that |this )?(?:all)?)? ?\\?',
  ),
  cue(
    'finalAmount',
    12,
    '(?:what|how large|how big|how much) is (?:the|her|his|their) (?:pot|nest egg|fund|account|pile|capital) (?:at|when|by|on)',
  ),
  cue(
    'finalAmount',
    11,
    'what (?:does|can) (?:he|she|they|it|[a-z]+) (?:finally |then |eventually |at last )?(?:collect|end up with|walk away with|take home|cash in)(?= ?[?,]| at | in | after | when )',
  ),
  cue(
    'finalAmount',
    12,
    'how much (?:(?:is|are|will be|stands) (?:there )?(?:then )?(?:in|on) each|will (?:then )?be waiting)',
  ),
  cue('finalAmount', 8, '(?:the |its |her |his |their )(?:sum|value) (?:after|at the end of) <t>'),
  cue(
    'finalAmount',
    17,
    'how much must be paid (?:in addition to|besides|on top of|together with) the (?:last|final|<o>|<n>)',
  ),
  cue(
    'finalAmount',
    14,
    '(?:how much|what) stands (?:in|to|on) (?:it|the account|(?:her|his|their) (?:account|credit|name))',
  ),
  cue(
    'finalAmount',
    14,
    'what (?:did|does|will|would) (?:he|she|they|it|the [a-z]+) (?:get|receive|have|hold)(?: back| then)? in ⟨y\\d+⟩',
  ),
  cue('finalAmount', 13, 'what (?:will|would|does|do) [^?]{2,60} cost in <t>'),
  cue('finalAmount', 13, 'what is (?:there|in it|available|ready)(?: [a-z]+){0,4} at the end(?= ?[?,])'),
  cue('finalAmount', 13, 'final balance(?= ?\\?)'),
  cue('finalAmount', 13, 'what (?:has|have) (?:he|she|they|it) now(?= ?[?,])'),
  cue('finalAmount', 13, 'how much (?:has|have) (?:he|she|they|it|[a-z]+) (?:today|now)(?= ?\\?)'),
  cue('finalAmount', 18, 'how (?:large|much|big) is (?:that|this|the) final sum'),
  cue(
    'finalAmount',
    16,
    'how much (?:has|have|had|will) (?:he|she|they|it|[a-z]+) (?:have )?saved (?:up )?(?:with|including|counting) (?:the )?interest',
    'how much (?:can|could|may) (?:he|she|they|it) (?:then )?take out at the end of (?:the |these |those )?<t>',
  ),
  cue(
    'finalAmount',
    14,
    'how much (?:has|have|will) (?:he|she|they|it|[a-z]+) (?:have )?(?:in )?<t> (?:from now|later|hence|on)',
  ),
  cue(
    'finalAmount',
    16,
    '(?<=: )(?:the )?(?:closing|final|end) balance',
    'what (?:do|does|will) <m>[^?]{0,100} (?:amount|come|grow) to(?! (?:each|every|⟨e))',
  ),
  cue(
    'finalAmount',
    16,
    'what (?:does|will|did) the (?:fund|account|pot|plan) come to (?:by|at|after|in|when)',
    'is how (?:large|much|big) (?:after|at|in|by)',
    'how much will (?:he|she|they|it) have saved',
    's at the end of (?:month|quarter|year|<e>) <n> ?=',
    'how much is it (?:now|today|then)(?= ?\\?)',
    '(?<=(?:returned|repaid|paid back) in one payment[^?]{0,60})how large is (?:that|the|this) payment',
  ),
  cue('finalAmount', 16, 'how much (?:will|does|would) (?:the [a-z]+|it) (?:then )?owe (?:her|him|them|me)'),
  cue(
    'finalAmount',
    15,
    'what (?:has|have|does|will) each(?: of them)? (?:have )?(?:after|in|then|when|at the end)',
    'what (?:does|do|will) (?:each|both|they)(?: of them)? come to',
    'what are the (?:two|<n>) (?:balances|final values|amounts|sums)',
    '(?:give|find|state) (?:the two|the <n>|both) (?:final values|balances|final amounts|end values)',
  ),
  cue('finalAmount', 13, '(?:amount|sum|fund|capital) built up(?= ?[?.,])'),
  cue(
    'finalAmount',
    14,
    'what (?:will|does|would) it show at the end',
    'what did (?:he|she|they) find in (?:it|the [a-z]+)',
  ),
  cue('finalAmount', 17, 'what do (?:they|these|the deposits|the payments) amount to'),
  cue(
    'finalAmount',
    16,
    'what (?:sum|amount) (?:will|can|could) (?:he|she|they|it|the [a-z]+) (?:be able to )?(?:take out|withdraw|collect) at the end',
    'what (?:sum|amount) is (?:then )?paid (?:back|out) at the end',
  ),
  cue(
    'finalAmount',
    14,
    'what does (?:each|either|the) [a-z]+ (?:give|bring|yield)(?: (?:her|him|them))? (?:in|at) the end',
  ),
  cue('finalAmount', 14, '(?:is|are|be) worth how much (?:at the end|after|by|when)'),
  cue('finalAmount', 13, '^(?:and )?what at the end(?= ?[,?])'),
  cue('finalAmount', 15, 'what has (?:then )?(?:accumulated|built up|gathered|come together)'),
  cue('finalAmount', 14, 'how much is (?:still |then )?(?:due|owed|to be paid) at the end(?! of)'),
  cue('finalAmount', 15, 'value of (?:the|her|his|their) (?:[a-z]+ )?(?:pot|nest egg|savings)(?! (?:today|now))'),
  cue(
    'finalAmount',
    16,
    'what (?:sum|amount) (?:does|do|will|did) (?:he|she|they|it|the [a-z]+) (?:end up with|finish with|have at the end)',
    'how much money is (?:there|in (?:it|the [a-z]+))(?= (?:after|at the end|when|by|then)| ?\\?)',
  ),
];
