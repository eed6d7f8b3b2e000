/** Payments that are not made on the way. */

import type { ChangeRead } from './changeRead.ts';
import { tokenAt, type Page } from './page.ts';

const ofPayments =
  '(?:are|were|is|was|may be|can be|will be|must be|to be|need)(?: all)? (?:not (?:be )?(?:made|paid)|missed|skipped|left out|omitted|waived|suspended|deferred|postponed|remitted|dropped|excused)';

const someOfThem = '⟨[no](\\d+)⟩,? ?(?:(?:the )?⟨[no]\\d+⟩,? ?)*(to|through|until|and|-|up to) ?(?:the )?⟨[no](\\d+)⟩';

const missed = new RegExp(
  `payments? (?:numbered |numbers? |nos?\\.? )?${someOfThem},?(?: of [^.?!]{0,90}?)? ${ofPayments}`,
);

const missedOf = new RegExp(`of which (?:numbers? )?${someOfThem},? ${ofPayments}`);

const missedThen = new RegExp(`(?:the )?${someOfThem} (?:⟨e\\d+⟩ )?payments?,? ${ofPayments}`);

/** "The 13th, 14th and 15th are left out": of the payments told before. */
const missedOnes = new RegExp(`the (?<=payments[^?]*)${someOfThem.replace('⟨[no]', '⟨o')},? ${ofPayments}`);

const noneMade = new RegExp(
  `no payments? (?:are|were|is|was) (?:made|due|paid) (?:in|for|during) (?:months?|payments?) ${someOfThem}`,
);

const missedMonths = new RegExp(
  `payments?[^.?!]{0,80} ${ofPayments} (?:for|in|during) (?:months?|weeks?|quarters?) ${someOfThem}`,
);

const idleMonths = new RegExp(
  `(?:in|during|for|over|throughout) (?:months?|weeks?|quarters?) ${someOfThem}(?: of (?:the|its|her|his|their) [a-z]+)?,? (?:[^.;?!⟨]{0,40} )?(?:pays? nothing|makes? no payments?|nothing is paid|cannot pay|does not pay)`,
);

const monthsWithout = new RegExp(
  `(?:months?|weeks?|quarters?) ${someOfThem}:?,? (?:with )?(?:no|without(?: any)?) payments?`,
);

const leftOut = new RegExp(
  `(?:(?:payment )?(?:holiday|pause|break) for|(?:pays?|paying) nothing (?:for|at|in)|is let off|are let off|let off|is spared|is excused from|leaves? out|leaving out|skips?|skipped|misses|missed|omits?|passes over|miss) (?:(?:⟨n\\d+⟩|some|a few) payments,? (?:numbers?|nos?\\.?|namely|that is)|(?:the )?payments?)(?: numbered| numbers?| nos?\\.?)?(?: due)?(?: (?:in|of|for))?(?: months?)? ${someOfThem}`,
);

const missedNamed = new RegExp(
  `(?:leaves? out|leaving out|skips?|skipped|misses|missed|omits?|passes over|miss|is let off) (?:the |her |his |their )?${someOfThem} (?:of (?:the |her |his |their )?⟨n\\d+⟩ (?:equal |level )?)?(?:⟨e\\d+⟩(?:-end)? )?(?:payment|instal)`,
);

const missedYear =
  /(?:during|in|for|throughout) the ⟨o(\d+)⟩ year,? (?:of [a-z ]{3,16},? )?(?:no payments? (?:are|were|is|was) (?:made|paid|due)|(?:he|she|they|[a-z]+|the [a-z]+) pays? nothing|nothing is paid)/;

/** "Payments 7 to 9 are not made", "she skips payments 7, 8 and 9": one gap; "payments 3 and 9": two. */
export function missedPayments(page: Page): ChangeRead[] {
  const year = Number(missedYear.exec(page.flat)?.[1] ?? NaN);
  if (year >= 0)
    return [
      {
        token: year,
        kind: 'skip',
        years: 1,
        afterYears: tokenAt(page, year).value - 1,
        taken: [],
      },
    ];
  const found =
    missed.exec(page.flat) ??
    leftOut.exec(page.flat) ??
    missedNamed.exec(page.flat) ??
    missedThen.exec(page.flat) ??
    missedOnes.exec(page.flat) ??
    missedMonths.exec(page.flat) ??
    noneMade.exec(page.flat) ??
    monthsWithout.exec(page.flat) ??
    idleMonths.exec(page.flat) ??
    missedOf.exec(page.flat);
  if (!found) return [];
  const [from, to] = [Number(found[1]), Number(found[3])];
  const tokens = Array.from({ length: to - from + 1 }, (_, at) => from + at);
  const before = (token: number): number => tokenAt(page, token).value - 1;
  const count = before(to) - before(from) + 1;
  if (found[2] === 'and' && count !== tokens.length)
    return tokens.map((token) => ({
      token,
      kind: 'skip',
      count: 1,
      after: before(token),
      taken: [],
    }));
  return [
    {
      token: to,
      kind: 'skip',
      count,
      after: before(from),
      taken: tokens.slice(0, -1).map((token) => ({ token, role: 'from' as const })),
    },
  ];
}
