/** What a question may ask whose words no other cue knows: its nouns alone. What is read by them is always doubted. */

import { cue, type Cue } from '../record.ts';
import type { Asked } from './asked.ts';

export const supposedCues: readonly Cue<Asked>[] = [
  cue('choice', 9, 'which (?:is|one|of|way|offer|loan|plan|bank|account)', '(?:cheaper|dearer|better)'),
  cue(
    'difference',
    9,
    '(?<!what if [a-z]+ )(?:saves?|saved|saving|spares?|spared|sooner|earlier|fewer|shorter|shortened|by how much)',
  ),
  cue('interest', 8, '(?:interest|earned|earns?)'),
  cue(
    'principal',
    8,
    '(?:principal|capital) ~?(?:repaid|paid|share|part|in|of)',
    'how much (?:is |of it is )?principal',
  ),
  cue('lastPayment', 8, '(?:last|final|closing) (?:one|@payment|deposit|withdrawal)'),
  cue('effectiveRate', 8, 'effective'),
  cue('nominalRate', 7, '(?:rate|yield|nominal|per ?cent|compounded|apr)'),
  cue('leftToPay', 7, '(?:to come|to pay|remaining payments)'),
  cue('totalPaid', 7, '(?:total|in all|altogether|all told|costs?)'),
  cue('downPayment', 7, '(?:down|up front|upfront)'),
  cue('balance', 7, '(?:left|owes?|owed|owing|outstanding|remains?|balance|debt|still)'),
  cue('howLong', 7, 'how (?:long|many|soon)', '(?:when|time|term)'),
  cue('amount', 6, '(?:borrow(?:ed)?|lent|loan|mortgage|capital|financed?|afford|now|today|price|start)'),
  cue('payment', 6, '(?:@payment|deposits?|withdrawals?|each|every|<e>|<a>)'),
  cue('finalAmount', 5, '(?:have|has|worth|grown?|value|fund|account|savings|accumulated?|becomes?|get|end)'),
];
