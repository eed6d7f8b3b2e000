/** Words beside a sum that say both what kind of case it is and what the sum is in it: one list for both lexicons. */

/** "She needs 18,000. Bank A offers …": what is needed is borrowed. */
export const neededAndLent: readonly string[] = [
  '(?:needs?|wants?|requires?) {m}[^.?!⟨]{0,40}[.;:] (?:the |a |her |his |one )?(?:[a-z]+ )?(?:bank|lender|dealer|credit union|society)(?: [a-z]+)? (?:offers?|charges?|asks?|wants?|lends?|quotes?)',
];

/** "A deposit of 50,000 left for five years": put in once. */
export const depositedOnce: readonly string[] = [
  '(?:an?|the|one|single) (?:single )?deposit of {m} (?:(?:is|was) )?(?:left|made|held|kept|lying)? ?(?:for|over) <t>',
];

/** "She deposits 5,000 at once and 200 at the end of each month": what the savings begin with. */
export const depositedFirst: readonly string[] = [
  '(?:deposits?|deposited|invests?|invested|puts?(?: in)?|paid in|pays? in) {m} (?:(?:in(?:to)?|with|at) (?:an?|the|her|his|your|their) [a-z]+ )?(?:at once|now|today|immediately|at the (?:start|outset|beginning)) and (?:then )?<m> (?:<[ea]>|at the (?:end|start|beginning) of <e>)',
];

/** "She transfers 200 to an account", "each month, 200 is deposited": what is saved each time. */
export const depositedEach: readonly string[] = [
  '(?:transfers?|transferred|moves?|moved|sends?|contributes?|contributed|credits?|credited) {m} (?:[a-z]+ ){0,3}to (?:an?|the|her|his|their|its) (?:[a-z]+ ){0,2}(?:account|fund|pot|plan|scheme)',
  'at the (?:end|start|beginning|close) of (?:<e> ?|each of (?:the )?(?:next |following |first )?)<t>,? (?:[a-z]+ ){1,3}?(?:invests?|deposits?|saves?|puts?(?: in| away)?|sets aside|adds?) {m}',
  '<e>,?(?: at (?:its|the) (?:end|start|beginning),)? {m} (?:is|are) (?:then )?(?:invested|deposited|saved|put (?:in|away|aside|by)|set aside|paid in)',
  '{m} more (?:is|are) (?:(?:paid|put) in(?:to it)?|added|deposited)(?! (?:to (?:each|every)|with|on) )',
  '(?:savings|fund|account|balance|deposit)(?: [a-z]+| <m>|,){0,8} (?:increases?|tops?(?: up)?|adds? to) (?:it|them|this)(?: up)? (?:by|with)? ?{m} (?:<[ea]>|at the (?:end|start|beginning) of <e>)',
];

/** "She saves 40 today and every second week": what is saved each time, from now on. */
export const savedFromNow: readonly string[] = [
  '(?:pays? in|saves?|deposits?|puts? (?:in|aside|away|by)) {m} (?:today|now),? and (?:then |again )?<e>',
];

/** "How much must she set aside on the child's birth?": asked is one sum. */
export const setAsideAtBirth =
  "how much must [^?⟨]{2,40}(?:set aside|put away|put aside|invest|deposit|pay in)(?:[^?]|⟨[pe]\\d+⟩){0,60} (?:on|at) (?:the day of )?(?:his|her|their|the|a|[a-z]+'s) (?:[a-z']+ )?(?:birth|christening)(?! ?day)";

/** "120,000 buys an annuity": what is given for an income is drawn down. */
export const putForIncome: readonly string[] = [
  '(?:takes?|draws?|withdraws?) <m> (?:from|out of) (?:her|his|their|the) (?:savings|money|capital) of {m}',
  '(?:bequest|legacy|fund|trust|endowment|gift) of {m} (?:support|sustain|allow|permit|bear)s?',
  '(?:puts?|pays?|places?|invests?|hands?|gives?) [^.?!⟨]{0,24}{m} (?:in|into|to|over to) an? (?:annuity|fund|insurer|insurance company|pension [a-z]+)[^.?!⟨]{0,20} (?:which|that|who) (?:then )?pays? (?:him|her|them|it)',
  'hands? (?:an?|the|his|her|their) (?:insurer|insurance company|pension fund|bank|fund) {m} and (?:receives|gets|draws|is paid)',
  '{m} (?:buys|purchases|will buy|would buy|bought) (?:an?|the) (?:<t> )?annuity',
  '(?:endowment|fund|trust|legacy|foundation) of {m} pays (?:out )?an? (?:equal|level|fixed|constant)',
  'how (?:large|big) an? (?:<e> )?(?:pension|income|allowance|annuity)[^?]{0,60} (?:does|will|would|can) {m} (?:purchase|buy|provide|give|yield)',
  '{m} (?:is|was|are) put into an annuity',
  '{m}[^.?!]{0,40} must provide for <t>',
  '(?:from|out of) (?:(?:a|the|his|her|their) )?(?:[a-z]+ of )?{m}(?: at <p>(?: compounded <e>| effective)?)?,? (?:he|she|they|[a-z]+|the [a-z]+) (?:wants?|would like|draws?|takes?|needs?|hopes|wishes|plans|withdraws?)[^.;?!⟨]{0,20} <m>',
];
