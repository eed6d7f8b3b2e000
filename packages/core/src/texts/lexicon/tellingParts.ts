/** Words that tell of a part: of a sum, of a price, for each of several. */

import { endsOwing, has } from './heard.ts';
import { telling, type TellingWords } from './tells.ts';

export const tellingParts: readonly TellingWords[] = [
  telling(
    'somebody who starts later',
    '(?:starts?|begins?|started|began) (?:only )?<t> later[^.?!]{0,40} (?:stops?|ends?|finish(?:es)?|retires?) (?:at|on|with) the same (?:time|day|date)',
    () => false,
  ),
  telling(
    'what is had for something old',
    '<m>,? of which <m> (?:is|are|can be|will be) (?:had|got|received|given|allowed|recovered|fetched) for (?:the|its|his|her|their) (?:old|present|used)',
    has('tradeIn'),
  ),
  telling(
    'months without payments',
    '(?:nothing|no payments?) (?:is |are )?(?:paid|made|due) in (?:january|february|march|april|may|june|july|august|september|october|november|december)',
    () => false,
  ),
  telling(
    'a share of what somebody earns',
    '<p> of (?:his|her|their|my|our|the|its) (?:<e> |[a-z]+ )?(?:salary|wages?|income|pay|earnings|turnover|takings|profits?|pension)(?! (?:fund|plan|pot|account))',
    () => false,
  ),
  telling('a penalty', '(?:penalty|surcharge|indemnity) of <[pm]>', has('fees')),
  telling(
    'a part that is repaid',
    '(?<![a-z])(?:half|a third|two thirds|a quarter) (?:of it )?(?:is |be |been )?(?:repaid|paid off|paid back|cleared)',
    (heard) => heard.asks.some(({ args }) => args?.k !== undefined) || heard.plans.length > 1 || endsOwing(heard),
  ),
  telling(
    'a part added each time',
    '(?:half|a third|a quarter|twice) (?:as much )?again(?: (?:each|every) time)?(?= ?[.,;])',
    () => false,
  ),
  telling(
    'a part of a sum',
    '(?:⟨n\\d+⟩[- ](?:thirds|quarters|fifths)|half|(?:a|one) (?:half|third|quarter|fifth|⟨o\\d+⟩)) of (?:an?|the|her|his|their|its) ⟨m\\d+⟩',
    (heard) =>
      has('downPayment')(heard) ||
      has('rebate')(heard) ||
      heard.plans.some(({ finalAmount, unknown }) => (finalAmount ?? 0) > 0 || unknown === 'payments') ||
      heard.asks.some(({ quantity }) => quantity === 'years' || quantity === 'payments'),
  ),
  telling(
    'a part that is asked as a fraction',
    '(?:what|which) (?:fraction|percentage|proportion|ratio|share|per ?cent) of(?! (?:the |its )?(?:(?:cash |list )?price|profit))(?![^?]*[ (]in (?:money|euros?|dollars|pounds|francs|sterling))|(?:interest|principal)[^?]{0,40}(?:, in per ?cent|as a (?:percentage|share|fraction|proportion) of)',
    () => false,
  ),
  telling(
    'a share of a sum',
    'the other half|(?<!<e> )an? <o> of (?:it|that|this|the (?:money|sum|legacy|prize))|<n> quarters of (?:it|that|this|the (?:money|sum|legacy|prize|price))|(?:half|a third|a quarter|a fifth|a tenth|(?:one|two|three)[- ](?:thirds?|quarters?|fifths?)) of (?:the(?! (?:payments|instal|term|time|deposits|years))|its|this|that|it|a|an)|(?:one|a|two|<n>) (?:thirds?|fifths?|tenths?)(?! of (?:the|its|her|his|their) (?:payments|instal|term|time|deposits|years))(?! (?:payment|instal|year|month|deposit|bank|offer|lender|plan|party))',
    (heard) =>
      has('downPayment')(heard) ||
      has('rebate')(heard) ||
      heard.plans.length > 1 ||
      heard.plans.some(({ kind, finalAmount }) => kind !== 'saving' && (finalAmount ?? 0) > 0),
  ),
  telling(
    'a sum for each of several',
    '<m> (?:per|for each|a) (?:member|person|head|child|student|partner|household|family|couple)',
    () => false,
  ),
  telling(
    'payments in each term of a year',
    '(?:each|every|per) term(?= ?[(,;.?]|,? (?:<n>|the|for|at|and)(?![a-z]))|<n> terms (?:<a>|a year|per year)',
    ({ plans }) => plans.length > 1,
  ),
  telling(
    'two debts that are paid off together',
    '<n> (?:debts|loans|claims|notes)(?: [^?]*)? (?:pays? off|settles?|clears?|buys? out|replaces?|discharges?) (?:both|them both|the two|all of them)',
    ({ plans }) => plans.length > 1,
  ),
  telling('a mean', 'average|on the average|mean interest', () => false),
  telling(
    'a yearly sum that is paid in parts',
    '<m> <a>,? (?:and (?:is )?)?(?:payable|paid|due|collected) <e>',
    () => false,
  ),
  telling(
    'money in two places',
    'in(?:to)? one (?:[a-z]+ )?and <m> (?:<[ea]> )?in(?:to)? (?:another|the other)',
    ({ plans }) => plans.length > 1,
  ),
  telling(
    'a sum that several share',
    '<n> (?:[a-z]+ )?(?:friends|partners|heirs|brothers|sisters|siblings|members|neighbours|owners|students|families|children|cousins|farmers|people) (?:[a-z]+ ){0,2}share[^?]{0,300}(?:does|do|must|will|is) each(?: of them| [a-z]+)? (?:pay|owe|contribute|to pay)|shared equally (?:by|among|between)',
    () => false,
  ),
];
