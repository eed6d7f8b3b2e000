/** What a question about a difference measures. */

import type { ReadQuantity } from './reading.ts';

/** Its length is told in payments, and not in years. */
const isCounted = (flat: string): boolean => /⟨n\d+⟩ (?:⟨e\d+⟩(?:-end)? )?payments/.test(flat) && !/⟨t\d+⟩/.test(flat);

/** What is held against each other: the time, or the money. */
export function comparedOf(unit: string, flat: string): ReadQuantity {
  if (
    /how much (?:sooner|earlier|later|longer|faster|quicker)(?![a-z])/.test(unit) &&
    !/interest|in (?:months|payments)/.test(unit)
  )
    return isCounted(flat) ? 'payments' : 'years';
  if (
    /how much (?:more|less) (?:must|will|does|do|has to|have to|is|are|would)[^?]{0,40}(?:each|every|per|a) (?:month|quarter|year|payment)|how much (?:more|less)[^?]{0,40}⟨[ea]/.test(
      unit,
    )
  )
    return 'payment';
  if (
    /how much (?:lower|higher|smaller|larger|less|more|greater|bigger)[^?⟨]{0,20} (?:the|his|her|their|its|each|every) (?:new )?(?:⟨e\d+⟩ )?(?:payment|instal?ment|rental|deposit)s?(?! (?:in all|altogether|of))/.test(
      unit,
    )
  )
    return 'payment';
  if (
    /(?:bring|brought|yield(?:ed)?|produced?|in (?:it|the (?:account|fund|plan))|worth)(?![a-z])[^?]*(?:if|at|with|had|without)(?![a-z])[^?]*(?:unchanged|stayed|remained|changed|same rate|the change)/.test(
      unit,
    )
  )
    return 'finalAmount';
  if (/interest/.test(unit) && !/how many/.test(unit)) return 'totalInterest';
  if (/pay(?:s|ing)? in all|paid in all|pays? altogether|total (?:of the )?payments/.test(unit)) return 'totalPaid';
  if (
    /(?:in|of) (?:payments|instal?ments)|by how many(?! years)|how many (?:fewer|less|(?:does|do|will|would|did|are|is) )/.test(
      unit,
    )
  )
    return 'payments';
  if (/years and months/.test(unit)) return 'years';
  if (/in months|months (?:sooner|earlier)/.test(unit)) return 'payments';
  if (/(?:loan|term|time|debt|mortgage) (?:is |be |been )?(?:thereby |thus )?shortened/.test(unit)) return 'payments';
  if (/years|how long/.test(unit)) return 'years';
  return /payments?|instal|months|sooner|earlier|deposits/.test(unit) ? 'payments' : 'totalInterest';
}
