/** Rates that no sign of per cent tells: "interest-free", "rate 5.7 comp. monthly". */

/** "12 interest-free payments", "no interest at all": a rate of nothing. @returns its length; 0 where there is none */
export const freeOfInterest = (lower: string, at: number): number =>
  /^(?:interest-free(?= (?:[a-z-]+ ){0,2}(?:payments|instal?ments|parts|terms|credit|loan))|no interest at all|without (?:any )?interest(?![a-z])|(?:free of|at no) interest(?![a-z]))(?! (?:for|until|during|in|being|is|was|were|at first)(?![a-z]))/.exec(
    lower.slice(at, at + 60),
  )?.[0].length ?? 0;

/** "rate: 7.2 comp. monthly": in hundredths, without the sign that says so. */
export const isRateInPlain = (before: string, behind: string): boolean =>
  /(?:^|[^a-z])(?:interest|rate|apr)\s*[=:]?\s*$/.test(before) &&
  /^,?\s*(?:nominal,? )?(?:\(?comp(?:\.|ounded|ounding)?(?![a-z])|nominal(?![a-z])|effective(?![a-z])|p\.\s?a\.|per annum)/i.test(
    behind,
  );
