/** Words that ask how much must be put in each time. */

import { cue, type Cue } from '../record.ts';
import type { Asked } from './asked.ts';

export const depositsAsked: readonly Cue<Asked>[] = [
  cue(
    'payment',
    14,
    '(?:what|which|how large a) sum,? (?:deposited|saved|paid in|set aside|put (?:by|aside|in|away)|invested|contributed) (?:at the (?:start|end|beginning|close) of )?<e>',
  ),
  cue(
    'payment',
    15,
    'how much more (?:should|must|has to|needs to) (?:go in|go into it|be (?:put in|paid in|added|deposited|saved|put aside|set aside))(?= (?:at|each|every|<[ea]>))',
    'what more must (?:he|she|they|[a-z]+) (?:put aside|set aside|save|put in|pay in|put away|deposit|add)(?= (?:at|each|every|<[ea]>))',
  ),
  cue(
    'payment',
    13,
    '(?:what|which) (?:amount|sum) (?:must|should|does|do) ~(?:deposit|deposited|save|saved|paid in|pay in|set aside|invest|invested|collected|collect) (?:at|on) the (?:end|beginning|start|first|last)',
    '(?:what|which) (?:amount|sum) must ~(?:deposit|deposited|save|saved|paid in|pay in|set aside|invest|invested|collected|collect) <e>',
  ),
  cue(
    'payment',
    14,
    '(?:what|how much) (?:would|do|does|will) (?:you|one|he|she|they|i|we|the [a-z]+) (?:have to|need to) (?:save|pay in|put aside|set aside|deposit|pay|repay|put in|put away) (?:<e>|each|every|at the (?:end|beginning|start))',
  ),
  cue(
    'payment',
    11,
    '(?:what|how much) (?:does|can|could|will|may) (?:he|she|they) (?:take|draw|withdraw)(?: out)?(?= ?[?,])',
  ),
];
