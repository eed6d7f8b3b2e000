/** Where a text tells of saving, and where of drawing down afterwards. */

import type { Span } from '../flatText.ts';
import { sentenceAt, type Page } from '../page.ts';
import { yearsOf } from '../tokens.ts';
import { clausesOf, isIn } from './clauses.ts';

export type Phase = 'saving' | 'drawing';

export const saves =
  /(?:^|[^a-z])(?:sav(?:e|es|ing|(?<!from (?:the |her |his |their )?(?:retirement |pension |life )?sav)ings|ed)|after ⟨t\d+⟩,? (?:she|he|they) (?:stops?|retires?)|set(?:s|ting)? aside|la(?:y|ys|id|ying) (?:by|aside|away)|put(?:s|ting)? (?:aside|away|by|in|⟨m\d+⟩(?= (?:⟨[ea]\d+⟩|at the (?:end|beginning|start) of ⟨|in(?:to)? (?:an?|the|his|her|their) )))|(?<!last )deposit(?:s|ed|ing)?|contribut\w*|pay(?:s|ing)?(?: in|[^.;,]{0,40} into)|paid in|into (?:a|an|the|his|her|their|[a-z]+'s) (?:[a-z]+ )?(?:fund|account|plan|scheme|pot)|(?:plan|fund|account|scheme) takes ⟨m\d+⟩|built up|(?:fund|account|plan) receives ⟨m\d+⟩|invest(?:s|ed)?|accumulat\w*|build(?:s|ing)? up|add(?:s|ed)?|(?:starts?|opens?|begins?) an? (?:[a-z]+ )?(?:fund|account|plan)|working life|until (?:she|he|they) retires?|until (?:retirement|then)|until (?:she|he|they) (?:is|are|turns?) ⟨n\d+⟩|⟨[pe]\d+⟩ (?:before(?:hand)?|until then)(?=\W*$|[,.;]| and)|before (?:she|he|they) (?:retires?|stops?)|⟨t\d+⟩ (?:left )?(?:to work|of work|until retirement|before retirement)|(?:retires?|retiring|retirement is|retirement comes) (?:in )?⟨t\d+⟩(?: from now| hence)?)(?![a-z])/g;
export const draws =
  /(?:^|[^a-z])(?:withdraw\w*|withdrew|draw(?:s|n|ing)?|tak(?:e|es|ing) out|(?<!(?:plan|fund|account|scheme) )takes? ⟨m\d+⟩(?= (?:⟨[ae]|at the|from|out|each|every))|take out(?= (?:the same|(?:an? )?(?:equal|level|fixed|regular|steady)|⟨m))|taken out|⟨m\d+⟩ (?:can|may|could|is to|are to|will) be (?:taken|drawn|had)|pay(?:s)? out|paid out|(?:is|are) to have ⟨m\d+⟩|to have ⟨m\d+⟩(?= ⟨[ae])|is to pay|to be able to pay ⟨m\d+⟩(?= (?:⟨[ae]|at the))|will pay (?:him|her|them)|(?:is|are) (?:then )?paid (?:an?|the same|an equal) (?:sum|amount|pension)|pay(?:s|ing)? (?:him|her|them)|liv(?:es?|ing) (?:on|off)|buys? an annuity(?! for)|(?<!to (?:an?|the|her|his|their) )pension(?! (?:fund|pot|plan|scheme|account|saving))|income|(?<!(?:fund|account|plan) )receiv\w*|(?<!until )(?<!at )(?<!(?:for|until|before) (?:her|his|their) )retirement(?! (?:plan|fund|account|pot|scheme|saving))|payouts?|exhausted|used up|emptied|(?<!(?:add(?:s|ing)|in|deposit(?:s|ing)) )nothing(?! (?:for|more|further|is|was))|run(?:s)? out|(?<!⟨[ep]\d+⟩ )afterwards|from (?:her|his|their|the) savings|scholarships?|⟨[pe]\d+⟩ after(?=[.;])|once retired|spends?|provides?|pays? for(?= ⟨m)|wants? (?:the same|an equal|a level|a fixed) (?:sum|amount)|give(?:s)? (?:him|her|them) ⟨m\d+⟩|(?:takes?|draws?) (?:an? |the )?(?:equal|same|level|fixed)|(?:needs?|wants?|would (?:then )?like) ⟨m\d+⟩ (?:⟨[ae]\d+⟩|at the (?:start|beginning|end)))(?![a-z])/g;
/** "…, the first twelve years from now": the time of saving. */
const waits = /(?:first|beginning|starting|begins?|starts?|commencing)[^⟨]{0,24}⟨t(\d+)⟩ (?:from now|hence|later)/;
const wantsTo = /(?:wants?|would like|wishes|hopes|plans|intends|is able|is going)\W*$/;
const goesOn =
  /(?<![a-z])(?:do(?:es|ing)? (?:so|this|that)|keeps? (?:this|it) up|(?:goes|carries) on|continues?|keeps? on)(?![a-z])[^.;?!]{0,24}⟨t/;
const shared =
  /(?:^|[^a-z])(?:throughout|all along|the whole time|both|in each phase|at all times|all the (?:time|while|way))(?![a-z])/;

/** Where each phase is told. */
export function partsOf(page: Page): Readonly<Record<Phase, readonly Span[]>> {
  const labelled = labels(page);
  const saving = spansOf(labelled, 'saving');
  const again = saidAgain(page, saving);
  return {
    saving: [...saving, ...again],
    drawing: spansOf(labelled, 'drawing').flatMap((span) => cutOut(span, again)),
  };
}

/** "What is there on his 18th birthday?": the time of saving, named again in a question. */
const saidAgain = (page: Page, saving: readonly Span[]): Span[] => {
  const isSaved = (at: number): boolean => page.tokens[at]?.form === 'time' && isIn(saving, page.places[at]!);
  return page.places.filter(
    (place, at) =>
      page.tokens[at]?.form === 'time' &&
      sentenceAt(page, place)?.asks === true &&
      !isSaved(at) &&
      !isDrawnFor(page, at) &&
      page.places.some((_, other) => other < at && isSaved(other) && yearsOf(page, other) === yearsOf(page, at)),
  );
};

/** "… so that afterwards 1,500 can be withdrawn each month for ten years?" */
const isDrawnFor = ({ flat, places }: Page, at: number): boolean =>
  /(?:withdr[a-z]+|dr[ae]wn?|tak(?:e|en) out|paid out)(?![a-z])[^.?!]*(?:for|during|over)(?: the (?:next|following))? $/.test(
    flat.slice(0, places[at]!.start),
  );

/** A span without what stands in it. */
function cutOut(span: Span, out: readonly Span[]): Span[] {
  const inside = out.filter(({ start }) => isIn([span], { start, end: start }));
  const starts = [span.start, ...inside.map(({ end }) => end)];
  return starts.map((start, at) => ({ start, end: inside[at]?.start ?? span.end }));
}

/** "In twelve years she wants to begin": how long the saving lasts. */
export const waitSpans = (page: Page): Span[] =>
  page.tokens.flatMap(({ form }, at) =>
    form === 'time' && (page.signs[at]?.[0]?.role === 'interval' || isUntilThen(page, at)) && yearsOf(page, at) > 1
      ? [page.places[at]!]
      : [],
  );

/** "… so that after 20 years 1,500 can be withdrawn each month" */
const isUntilThen = (page: Page, at: number): boolean =>
  (/so that after $/.test(page.flat.slice(0, page.places[at]!.start)) ||
    // "After twelve years it begins to pay out …"
    (/(?<![a-z])after $/.test(page.flat.slice(0, page.places[at]!.start)) &&
      /^,? (?:he|she|it|they|the [a-z]+) (?:begins?|starts?) (?:to )?(?:pay out|paying out|draw|withdraw|tak)/.test(
        page.flat.slice(page.places[at]!.end),
      ))) &&
  !/^,? (?:nothing|no money|everything|all|the [a-z]+ is (?:empty|used up|exhausted|gone)|it is (?:empty|used up|exhausted|gone))(?![a-z])/.test(
    page.flat.slice(page.places[at]!.end),
  );

/** The marks of the only rate and of its compounding. */
export function rateSpans(page: Page): Span[] {
  const rates = page.tokens.flatMap(({ form }, at) => (form === 'percent' ? [at] : []));
  if (rates.length !== 1) return [];
  return [...rates, ...page.periods.filter(({ use }) => use !== 'frequency').map(({ token }) => token)].map(
    (at) => page.places[at]!,
  );
}

const opensAnew =
  /^\W*(?:and )?(?:then|afterwards|thereafter|after that|after which|from (?:then|that day|there) on)(?![a-z])/;

interface Labelled extends Span {
  readonly phase: Phase | undefined;
}

function labels(page: Page): Labelled[] {
  const rates = page.tokens.filter(({ form }) => form === 'percent').length;
  const clauses = clausesOf(page).map((clause) => {
    const text = page.flat.slice(clause.start, clause.end);
    // "From then on she is paid a sum until she is 85."
    const drawn = [...text.matchAll(draws)].length;
    const isLater = drawn > 0 && /^\W*(?:from (?:then|that day|there) on|thereafter|after that)(?![a-z])/.test(text);
    const points = [...text.matchAll(saves)].length - drawn - (isLater ? 1 : 0);
    const wait = waits.exec(text) ?? /^⟨t(\d+)⟩ (?:from now|hence|later)\W*$/.exec(text);
    const isWait = wait !== null && yearsOf(page, Number(wait[1])) > 1 && !/⟨m/.test(text);
    const isShared = shared.test(text) || (points === 0 && /⟨p\d+⟩/.test(text) && !/⟨m\d+⟩/.test(text) && rates < 2);
    const phase: Phase | undefined = isWait
      ? 'saving'
      : points === 0 || isShared
        ? undefined
        : points > 0
          ? 'saving'
          : 'drawing';
    return {
      ...clause,
      phase,
      isShared,
      opens:
        sentenceAt(page, clause)?.start === clause.start + (/^\s*/.exec(text)?.[0].length ?? 0) ||
        // "…; then, over 20 years, she draws …"
        (/;\s*$/.test(page.flat.slice(0, clause.start)) && opensAnew.test(text)),
      ends: /[.?!\n]\s*$/.test(text),
    };
  });
  let last: Phase | undefined;
  return clauses.map((clause, at) => {
    if (clause.isShared) return clause;
    if (clause.phase) last = clause.phase;
    if (clause.phase) return clause;
    // "Then, for 20 years, she will withdraw": what opens a sentence belongs to what it tells.
    const end = clauses.findIndex((each, index) => index >= at && each.ends);
    const begins = clauses
      .slice(0, at + 1)
      .map(({ opens }) => opens)
      .lastIndexOf(true);
    const isBeforeAll = clauses.slice(begins, at).every(({ phase }) => phase === undefined);
    const next = clauses.slice(at, end < 0 ? undefined : end + 1).find(({ phase }) => phase !== undefined)?.phase;
    // "For the 20 years that follow he wants | to take out …"
    // "She means to do so for 18 years and then …": what was told before it.
    if (goesOn.test(page.flat.slice(clause.start, clause.end)) && last) return { ...clause, phase: last };
    const leadsOn = wantsTo.test(page.flat.slice(clause.start, clause.end));
    return { ...clause, phase: (isBeforeAll || leadsOn) && next ? next : last };
  });
}

const spansOf = (labelled: readonly Labelled[], phase: Phase): Span[] =>
  labelled.filter((each) => each.phase === phase);

export const hasTerm = (page: Page, spans: readonly Span[]): boolean =>
  page.tokens.some(
    ({ form }, at) =>
      (form === 'time' || (form === 'count' && page.signs[at]?.[0]?.role === 'payments')) &&
      isIn(spans, page.places[at]!),
  );

export const hasSum = (page: Page, spans: readonly Span[]): boolean =>
  page.tokens.some(({ form }, at) => form === 'money' && isIn(spans, page.places[at]!));
