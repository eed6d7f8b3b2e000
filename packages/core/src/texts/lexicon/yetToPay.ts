/** Words by which the interest of a question is that of the payments to come: "… is still to be paid". */

export const yetToPay =
  /(?:still|yet) (?:to (?:be paid|come|pay)|due|be paid|has to|have to|must)|remains? (?:to be paid|to come|to pay|payable|due)|(?:over|for|during|in) the (?:rest|remainder) of|(?:over|for|during|in) the remaining(?! ⟨[nt])/;
