/** A term told by two ages: "from her 30th birthday until she is 65". */

import { tokenAt, type Page } from './page.ts';

/** A number, or a birthday: that is no number of the text by itself. */
const age = '(?:⟨[no](\\d+)⟩(?: birthday| years? old)?|(\\d\\d)(?:st|nd|rd|th)(?: birthday)?)';
const between = new RegExp(
  `(?:[a-z],|at|from|after|aged?|of|since|turns?|turned|is|was|am|on|starting|beginning)(?: (?:the|her|his|their|[a-z]+'s))?(?: age(?: of)?)? ${age}` +
    '[^?!]{0,170}?(?:until|till|to|at|up to|when|on|from)(?: (?:the|her|his|their|age|of|she|he|they|is|are|turns?|reach(?:es)?|retires?|retirement|at|aged?))* ' +
    age,
);
const toldByAge = /birthday|(?<![a-z])(?:aged?|old|until|till|stops at)(?![a-z])|retire/;

const young = /⟨[no]\d+⟩[^⟨]*⟨[^]*(?:⟨o\d+⟩|\d(?:st|nd|rd|th)) birthday/;

const born =
  /(?<![a-z])(?:at|from|since|on|on the day of) (?:[a-z']+ ){0,2}(?:birth|christening|baptism)(?![a-z])|day (?:he|she|they|[a-z]+) (?:was|were) born|(?:was|is|,) born (?:today|this morning|just now|a day ago)/;
const birthday = /(?:⟨o(\d+)⟩|(\d\d)(?:st|nd|rd|th)) birthday/;

const firstOnBirthday = new RegExp(
  `(?:(?:starting|beginning|commencing|starts|begins|first[^.,]{0,30}?) (?:on|at) (?:(?:the|her|his|their) )?|from (?:her|his|their) )${age}`,
);
const throughLast = new RegExp(
  `(?:inclusive|including|both included|through|last[^.,]{0,30}? (?:on|at))(?: (?:on|at|the|her|his|their))*(?: ${age}|[).,])`,
);

export interface Ages {
  readonly years: number;
  /** Payments on birthdays, the first among them: on the last one too, or does the text not say? */
  readonly onLast?: 'paid' | 'unsaid';
  /** What is there is asked a year after the last birthday that is paid on. */
  readonly isAskedLater?: true;
  /** The numbers that tell them. */
  readonly tokens: readonly number[];
}

/** @returns the years between two ages, where the text tells a term by them */
export function agesOf(page: Page): Ages | undefined {
  // "From a child's birth until its 18th birthday".
  const grown = born.test(page.flat) ? birthday.exec(page.flat) : null;
  if (grown) {
    const years = yearsAt(page, grown[1], grown[2]);
    const turned = /(?:turns|turned|is|age|until) ⟨n(\d+)⟩(?! (?:payments|years|months))/.exec(page.flat)?.[1];
    const isSame = turned !== undefined && tokenAt(page, Number(turned)).value === years;
    return agesBetween(page, years, [grown[1], isSame ? turned : undefined]);
  }
  // "On the day she was born … when she turns 18".
  const turns = born.test(page.flat)
    ? /(?:when|as|until|till|before|once|(?:on|until|to) the day) (?:he|she|they|(?:the |a |her |his |their )?[a-z]+) (?:turns|turned|is|was|reaches|becomes) ⟨n(\d+)⟩(?! (?:payments|years|months))/.exec(
        page.flat,
      )
    : null;
  if (turns) return agesBetween(page, tokenAt(page, Number(turns[1])).value, [turns[1]]);
  for (const found of [between.exec(page.flat), oldAndThen(page.flat)]) {
    const [told, ...places] = found ?? [];
    if (
      told === undefined ||
      !(
        toldByAge.test(told) ||
        isAgainAt(page, places[2]) ||
        /retire|(?<![a-z])(?:man|woman|[a-z]+er) of ⟨n|when (?:he|she) (?:is|was) ⟨n\d+⟩ and (?:put|invested|deposited|began|started)/.test(
          page.flat,
        )
      )
    )
      continue;
    const [token, birthday, lastToken, lastBirthday] = places;
    const from = yearsAt(page, token, birthday);
    const to = yearsAt(page, lastToken, lastBirthday);
    if ((from < 10 && !young.test(told)) || to > 110 || to <= from) continue;
    const ages = agesBetween(page, to - from, [token, lastToken]);
    return ages.onLast === 'paid' && asksAtAge(page, to + 1) ? { ...ages, isAskedLater: true } : ages;
  }
  return undefined;
}

/** "From 35 to 60 … What has she at 60?" */
function isAgainAt(page: Page, last: string | undefined): boolean {
  const age = last === undefined ? undefined : tokenAt(page, Number(last)).value;
  const named = page.flat.matchAll(
    /(?<![a-z])(?:(?<!⟨p\d+⟩[^.;?]*)at|(?:she|he) is|turns|reaches) ⟨n(\d+)⟩(?=\W*$|[?,.;]| (?:he|she|they|it|the)(?![a-z]))/g,
  );
  return [...named].some(([, at]) => at !== last && tokenAt(page, Number(at)).value === age);
}

/** "What has she on her 60th birthday?" */
const asksAtAge = ({ text, sentences, origins }: Page, age: number): boolean =>
  sentences.some(
    ({ asks, start, end }) =>
      asks && new RegExp(`(?<!\\d)${age}(?:st|nd|rd|th) birthday`).test(text.slice(origins[start], origins[end - 1])),
  );

function agesBetween(page: Page, years: number, tokens: readonly (string | undefined)[]): Ages {
  return {
    years,
    tokens: tokens.filter((each) => each !== undefined).map(Number),
    ...(firstOnBirthday.test(page.flat) || /both included|inclusive/.test(page.flat)
      ? { onLast: throughLast.test(page.flat) ? 'paid' : 'unsaid' }
      : {}),
  };
}

/** "from her 65th birthday … when she turns 65": an age that is told by its birthday as well. */
export const isBirthdayTold = ({ text }: Page, age: number): boolean =>
  new RegExp(`(?<!\\d)${age}(?:st|nd|rd|th) birthday`).test(text);

/** "to have 1,000,000 at 67, a 27-year-old saves": the age now, then the age to be reached. */
function oldAndThen(flat: string): readonly (string | undefined)[] | undefined {
  const now =
    /⟨[nt](\d+)⟩(?:-year)?[- ]old/.exec(flat) ??
    /[a-z] \(⟨n(\d+)⟩\)(?= (?:saves|puts|pays|sets|deposits|invests|begins|starts|wants|wishes|is|has|plans|hopes|would))/.exec(
      flat,
    ) ??
    /(?<![a-z])(?:she|he) is (?:now )?⟨n(\d+)⟩(?: years old| now| today)?(?:,| and) (?:saves|puts|pays|sets|deposits|invests|begins|starts|has|have|wants|needs|hopes|(?:will|is to|wants to|plans to|is going to) (?:save|put|pay|set|deposit|invest|begin|start))(?![a-z])/.exec(
      flat,
    ) ??
    /(?:who is|aged) ⟨n(\d+)⟩(?: years old)? (?:saves|wants|wishes|has|plans|hopes|begins|starts|would like|intends)(?![a-z])/.exec(
      flat,
    ) ??
    /, (?:now |aged |is |who is )?⟨n(\d+)⟩(?: years old| now| today)?, (?:saves|puts|pays|sets|deposits|invests|begins|starts|wants|wishes|is|has|would|hopes|plans|makes|means|intends)/.exec(
      flat,
    );
  const then =
    /(?:at|by|until|till|(?:when|until|till|by the time) (?:she|he) is|turns|reaches|stop(?:s|ping)? work(?:ing)? at)(?: the)?(?: age)?(?: of)? ⟨n(\d+)⟩(?! ?(?:%|payments?|⟨))/.exec(
      flat,
    );
  const soon =
    /(?:is|turns|turned) (?:now )?⟨n(\d+)⟩(?: years old)? (?:today|now|old)/.exec(flat) ??
    /(?:has|have|had) (?:just|now|recently) turned ⟨n(\d+)⟩(?! ?(?:%|⟨))/.exec(flat);
  const willBe = /\(⟨n(\d+)⟩\)[^?!]{0,60} will be ⟨n(\d+)⟩ when (?:she|he)/.exec(flat);
  if (willBe) return [`${willBe[0]} until`, willBe[1], undefined, willBe[2], undefined];
  const later = /(?:until|when|by the time) (?:she|he) is ⟨n(\d+)⟩[^?!]{0,40}(?:she|he) is (?:now )?⟨n(\d+)⟩/.exec(
    flat,
  );
  if (later) return [`${later[0]} until`, later[2], undefined, later[1], undefined];
  const grownUp =
    /(?:is|aged) (?:now )?⟨n(\d+)⟩(?:,| and| years old)[^?!]{0,80} when (?:she|he) (?:is|turns|reaches) ⟨n(\d+)⟩/.exec(
      flat,
    );
  if (grownUp) return [`${grownUp[0]} until`, grownUp[1], undefined, grownUp[2], undefined];
  const grown = birthday.exec(flat);
  if (soon && grown) return [`${soon[0]} until birthday`, soon[1], undefined, grown[1], grown[2]];
  return now && then ? [`${now[0]} until`, now[1], undefined, then[1], undefined] : undefined;
}

const yearsAt = (page: Page, token: string | undefined, birthday: string | undefined): number =>
  token === undefined ? Number(birthday) : tokenAt(page, Number(token)).value;
