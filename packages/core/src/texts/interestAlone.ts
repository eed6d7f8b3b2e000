/** A loan on which only interest is paid, and all of it back at the end. */

const interestAlone =
  /interest[- ]only|(?:only|just|nothing but) (?:the )?interest (?:is|has to be|must be|need be) paid|pays? (?:only|just|nothing but) (?:the )?interest|interest (?:is |being |to be )?(?:paid|due|payable) (?:at the end of )?⟨[ea]\d+⟩/;
const principalAtEnd =
  /(?:principal|capital|loan|debt|sum borrowed|amount borrowed|whole (?:sum|amount|loan)|⟨m\d+⟩)(?: itself)?(?: (?:is|being|to be|falls?|will be))?(?: (?:re)?paid| due| payable| paid back| returned)?(?: back)?(?: in one (?:sum|amount|payment))? (?:only )?(?:at the (?:very )?end(?! of ⟨e)|after ⟨t|when (?:it|the (?:loan|term)) ends|on the last day|with the last)/;

/** "The interest is paid each month, and the principal at the end": the payments take nothing off what is owed. */
export const paysInterestAlone = (flat: string): boolean => interestAlone.test(flat) && principalAtEnd.test(flat);
