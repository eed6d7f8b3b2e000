/** The payments and times that a question names: "after the 30th payment", "in the second year", "payments 37 to 48". */

import type { FlatText, Span } from './flatText.ts';
import type { AskedPlace } from './lexicon/placeRecord.ts';
import { moments, ranges } from './lexicon/places.ts';
import { yearsIn } from './tokens.ts';

/** @param kind whether the question looks at a range (interest in …) or a moment (owed after …) */
export function placeAsked({ flat, tokens }: FlatText, unit: Span, kind: 'range' | 'moment'): AskedPlace | undefined {
  const text = flat.slice(unit.start, unit.end);
  const before = /(?:just|right|immediately|shortly) before|before (?:the|making)/.test(text);
  for (const { words, read, roles } of kind === 'range' ? ranges : moments) {
    words.lastIndex = 0;
    const found = words.exec(text);
    // "one month after the last deposit" says when payments fall.
    if (!found || /^ after the (?:last|final)(?![a-z])/.test(text.slice(found.index + found[0].length))) continue;
    const taken = found
      .slice(1)
      .flatMap((each, at) =>
        each === undefined ? [] : [{ token: Number(each), role: roles[Math.min(at, roles.length - 1)] ?? 'after' }],
      );
    const values = taken.map(({ token }) => tokens[token]?.value ?? NaN);
    const years = taken.map(({ token }) => (tokens[token]?.value ?? NaN) * (yearsIn[tokens[token]?.unit ?? ''] ?? NaN));
    const asked = read(values, years);
    return {
      ...asked,
      taken,
      ...(kind === 'moment' && before && asked.after !== undefined ? { moment: 'beforePayment' as const } : {}),
    };
  }
  return undefined;
}

/** "They sell after 6 years. What do they owe then?": the moment that the sentences before tell. */
export function momentBefore(
  page: FlatText & { readonly sentences: readonly Span[] },
  at: number,
): AskedPlace | undefined {
  const before = page.sentences.filter(({ end }) => end <= at + 1);
  const told = before.slice(-2).reverse();
  for (const span of told) {
    const text = page.flat.slice(span.start, span.end);
    // "Four years ago she borrowed 9,000. … What does she owe?"
    const since = sinceThen(page, span);
    if (since) return since;
    const made = Number(madeSoFar.exec(text)?.[1] ?? NaN);
    const paid = page.tokens[made];
    if (paid) return { after: paid.value, taken: [{ token: made, role: 'after' }] };
    const found =
      /(?:after|once|when(?= ⟨n\d+⟩ of)|at the end of|following|just made|has made|have made|(?:has|have|had) seen|(?:has|have|had) paid for|has paid|just paid|(?<=^|[.;] )for(?= ⟨t\d+⟩ (?:[a-z]+ ){1,4}(?:has|have|had) (?:now )?(?:paid|been paying|repaid|been repaying)(?=[^.?!]{0,120}⟨t))|running for|run for|been paid for|been repaid for|gone on for|lasted for|its first|the first|her first|his first|their first) (?:the |making |just |exactly |first |⟨a\d+⟩ |payment |payment number |payment no |his |her |their )*(⟨[tno]\d+⟩)(?: of (?:(?:the|its|her|his|their) )?⟨n\d+⟩)?(?: (?:<e> |of the )?(?:payments?|instal?lments?))?/.exec(
        text,
      ) ??
      gonePast.exec(text) ??
      stillToGo.exec(text);
    if (!found) continue;
    const inside = placeAsked(
      page,
      { start: span.start + found.index, end: span.start + found.index + found[0].length },
      'moment',
    );
    if (inside && !inside.atChange) return inside;
  }
  // "Nine years ago … was taken. The payments have always been made. What are they? What is still owed?"
  for (const span of before.slice(0, -2)) {
    const since = sinceThen(page, span);
    if (since) return since;
  }
  // "What do I owe today? I borrowed 9,000 four years ago …"
  for (const span of page.sentences) {
    const since = span.start > at && sinceThen(page, span);
    if (since) return since;
  }
  return undefined;
}

/** "… in 144 payments, of which 53 have been made." */
const madeSoFar =
  /(?:of which|of these|of them|of those|(?<=(?:payments|instal?ments)[,;]) (?:and )?(?:that)?|and that) ?⟨n(\d+)⟩(?: of (?:them|these|those))? have (?:now |already |so far )*been (?:made|paid)(?![a-z])/;

/** "I have seven years to go.", "With 11 payments left she is offered to pay it off." */
const stillToGo =
  /(?<=^|[.;,(] )with ⟨[tn]\d+⟩(?: (?:⟨e\d+⟩(?:-end)? )?payments)? (?:still )?(?:left|to go|to be made|remaining)(?![a-z])|(?<=(?:has|have|had) (?:now |still |just )?)⟨t\d+⟩ (?:(?:still|yet) )?(?:to (?:go|run|come)|left|remaining)(?![a-z])/;

/** "Ten years have now gone by." */
const gonePast =
  /^\W*⟨t\d+⟩(?= later,? (?:he|she|they|it|the [a-z]+|[a-z]+) )|(?:has|have) (?:now )?paid (?:(?:his|her|their|its) )?⟨m\d+⟩(?:[^.?!⟨]|⟨[ea]\d+⟩){0,40} for ⟨t\d+⟩(?= on (?:an?|the|her|his|their))|⟨[tn]\d+⟩(?: (?:⟨e\d+⟩ )?(?:payments|instal?ments))?(?= (?:have|has) (?:(?:now|since|already|meanwhile|then|just) )*(?:passed|gone(?: by)?|elapsed|been (?:made|paid))(?![a-z]))/;

/** "She borrowed 9,000 four years ago." */
function sinceThen(page: FlatText, span: Span): AskedPlace | undefined {
  const text = page.flat.slice(span.start, span.end);
  const ago = /(⟨t\d+⟩) ago(?![a-z])/.exec(text);
  if (!ago || !/borrow|loan|mortgage|lent/.test(text)) return undefined;
  const start = span.start + ago.index;
  return placeAsked(page, { start, end: start + (ago[1]?.length ?? 0) }, 'moment');
}

/** "What has been paid in all after three years?" */
export function paidUntil(page: FlatText, unit: Span): AskedPlace | undefined {
  const words = page.flat.slice(unit.start, unit.end);
  if (!/(?<![a-z])(?:has|have|had)(?![a-z])[^?]*(?<![a-z])(?:paid|put|deposited|drawn)(?![a-z])/.test(words))
    return undefined;
  const place = placeAsked(page, unit, 'moment');
  return place?.after !== undefined || place?.afterYears !== undefined ? place : undefined;
}
