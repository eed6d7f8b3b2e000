/** Words that ask for rates. */

import { cue, type Cue } from '../record.ts';
import type { Asked } from './asked.ts';

export const ratesAsked: readonly Cue<Asked>[] = [
  cue(
    'flatRate',
    10,
    'flat (?:annual |yearly )?(?:interest )?rate',
    'add-?on rate',
    'flat (?:percentage|charge as a rate)',
  ),
  cue(
    'ratePerPayment',
    13,
    '(?:convert|express|change|turn|restate|translate|put|rewrite|write|give|quote)(?:ed)? ~~(?:to|as|into) (?:a |an |the )?(?:equivalent )?(?:rate (?:of interest )?(?:<a>|per|for)|<e> rate)(?! compound)',
  ),
  cue(
    'effectiveRate',
    13,
    '(?:convert|express|change|turn|restate|translate|put)(?:ed)? ~~(?:to|as|into) (?:an? )?(?:<e> |<a> )?~?effective',
  ),
  cue(
    'nominalRate',
    13,
    'same as (?:what|which) nominal',
    '^(?:and )?(?:then )?(?:in)?to one (?:compounded|convertible)',
    '(?:what|which) (?:nominal )?rate,? ~~(?:equivalent|the same as|corresponds to|equal to)',
    '(?:what|which) nominal (?:<a> |<e> |annual |yearly )?rate ~~(?:equivalent|corresponds?|the same|equals?|matches|goes with|is equal)',
    '(?:convert|express|change|turn|restate|translate|put|quoted?)(?:ed)? ~~(?:to|as|into) ~?nominal',
  ),
  cue(
    'effectiveRate',
    14,
    '(?:what|which|find|calculate|compute|determine|state|give|work out)[^.?!⟨]{0,24} effective (?:annual |yearly |interest |<e> |<a> )*rates? (?:of|for|of interest for|on) <p>(?: <a>)?(?: interest)?,? (?:compounded|convertible|payable|credited|capitali[sz]ed)',
  ),
  cue('effectiveRate', 14, 'equivalent effective(?: annual)? rate (?:of|to|for) <p>'),
  cue('effectiveRate', 12, 'rate,? (?:quoted |as |expressed |stated )?(?:as )?effective'),
  cue(
    'effectiveRate',
    10,
    '(?<!⟨p\\d+⟩ (?:⟨a\\d+⟩ )?)effective(?! ⟨p)(?! (?:[a-z]+ ){0,2}(?:rate )?of ⟨p)(?: (?:annual|yearly|one|<a>|<e>|interest|cost|return|yield))*(?: rates?)?(?! of ⟨p)(?! ⟨p)',
    'as (?:an )?effective',
    '(?:the )?(?:ear|apy|aer)',
    'annual(?: percentage)? yield',
    'annual equivalent',
    'true (?:annual|yearly)(?: interest)? rate',
    'effectively',
  ),
  cue(
    'ratePerPayment',
    10,
    'rate(?: of interest)? (?:per|for each|for every|for a|each|by the) ?(?:<a>|<e>|@period|payment|payment period|payment interval)',
    'rates?(?: of interest)? (?:<a>|<e>)(?! compound)',
    '(?:periodic|per-period) rate',
    '(?<!effective )(?<!nominal )(?:monthly|quarterly|weekly|half-yearly) (?:interest )?rate',
    '(?<!effective )(?<!nominal )(?:<e>) (?:interest )?rate(?! of <p>)(?! compound)(?!,? (?:convertible|compounded))',
    'interest (?:is|does|did) ~~?charge (?:per|each) <e>',
  ),
  cue(
    'nominalRate',
    9,
    '(?:nominal|interest|annual|yearly|reducing-balance|true|quoted|stated|<e>|<a>|real|implied|implicit|built-in|internal) (?:[a-z<>⟨⟩0-9-]+ ){0,3}rate(?! of ⟨p)(?! ⟨p)',
    'nominal one',
    'the nominal(?= and)',
    'rate of interest',
    '(?:what|which|find the|at what|find|the) (?:[a-z-]+ ){0,2}rate',
    '(?:^|find |what |the )apr',
    'rate(?! of <p>)(?= ~~?(?:compounded|convertible))',
    'j\\(?_?\\d+\\)? ?(?:=|\\?)',
    'rate\\?',
    'interest rate',
    'percentage(?: rate)?(?: <a>| a year| does| is)',
    'i ?= ?\\?',
    'as a nominal',
  ),
];
