/** What each number could be, as the words beside it tell; the case decides among them (`terms.ts`). */

import type { FlatText } from './flatText.ts';
import { moneyBoughtCues } from './lexicon/moneyBought.ts';
import { moneyBesideCues } from './lexicon/moneyBeside.ts';
import { moneyPaidInAllCues } from './lexicon/moneyPaidInAll.ts';
import { moneyBesidesCues } from './lexicon/moneyBesides.ts';
import { moneyChangeCues } from './lexicon/moneyChanges.ts';
import { moneyEndCues } from './lexicon/moneyEnds.ts';
import { moneyLeftCues } from './lexicon/moneyLeft.ts';
import { moneyPaidCues } from './lexicon/moneyPaid.ts';
import { moneyPricedCues } from './lexicon/moneyPriced.ts';
import { moneyPutInCues } from './lexicon/moneyPutIn.ts';
import { moneyCues } from './lexicon/moneyRoles.ts';
import { numberCues } from './lexicon/numberRoles.ts';
import { rateCues } from './lexicon/rateRoles.ts';
import type { WordRole } from './lexicon/wordRole.ts';
import { lexicon } from './matches.ts';

export interface RoleSign {
  readonly role: WordRole;
  readonly weight: number;
  /** The words that tell, in the flat text. */
  readonly start: number;
  readonly end: number;
}

const find = lexicon([
  ...moneyBesidesCues,
  ...moneyChangeCues,
  ...moneyBesideCues,
  ...moneyPaidInAllCues,
  ...moneyEndCues,
  ...moneyLeftCues,
  ...moneyPutInCues,
  ...moneyBoughtCues,
  ...moneyPricedCues,
  ...moneyCues,
  ...moneyPaidCues,
  ...numberCues,
  ...rateCues,
]);

/** By token, the strongest first. */
export function roleSigns({ flat, tokens }: FlatText): RoleSign[][] {
  const signs: RoleSign[][] = tokens.map(() => []);
  for (const { says, weight, start, end, token } of find(flat)) {
    if (token === undefined) continue;
    const known = signs[token]?.find(({ role }) => role === says);
    if (known && known.weight >= weight) continue;
    if (known) signs[token]?.splice(signs[token].indexOf(known), 1);
    signs[token]?.push({ role: says, weight, start, end });
  }
  for (const each of signs) each.sort((one, other) => other.weight - one.weight);
  return signs;
}
