/** Saving first, drawing down afterwards: what the one ends with, the other begins with. */

import type { PlacedQuestion } from '../placedQuestions.ts';
import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import { agesOf } from '../ages.ts';
import { readPlan } from '../onePlan.ts';
import type { SolePlan } from '../solePlan.ts';
import { sentenceAt, type Page, type Scope } from '../page.ts';
import type { ReadArgs, ReadLink, ReadPlan, ReadQuantity } from '../reading.ts';
import { wholeNumber } from '../changesOfText.ts';
import { yearsOf } from '../terms.ts';
import { agesTold } from './agedStages.ts';
import { clausesOf, isIn } from './clauses.ts';
import {
  comparedBy,
  ownedQuestions,
  questionsOf,
  readingOfPlans,
  wordsOf,
  type Owned,
  type Owner,
} from './severalPlans.ts';

type Phase = 'saving' | 'drawing';

const saves =
  /(?:^|[^a-z])(?:sav(?:e|es|ing|(?<!from (?:the |her |his |their )?(?:retirement |pension |life )?sav)ings|ed)|after ⟨t\d+⟩,? (?:she|he|they) (?:stops?|retires?)|set(?:s|ting)? aside|la(?:y|ys|id|ying) (?:by|aside|away)|put(?:s|ting)? (?:aside|away|by|in)|(?<!last )deposit(?:s|ed|ing)?|contribut\w*|pay(?:s|ing)?(?: in|[^.;,]{0,40} into)|paid in|into (?:a|an|the|his|her|their|[a-z]+'s) (?:[a-z]+ )?(?:fund|account|plan|scheme|pot)|built up|invest(?:s|ed)?|accumulat\w*|build(?:s|ing)? up|add(?:s|ed)?|(?:starts?|opens?|begins?) an? (?:[a-z]+ )?(?:fund|account|plan)|working life|until (?:she|he|they) retires?|until (?:retirement|then)|before (?:she|he|they) (?:retires?|stops?)|(?:retires?|retiring|retirement is|retirement comes) (?:in )?⟨t\d+⟩(?: from now| hence)?)(?![a-z])/g;
const draws =
  /(?:^|[^a-z])(?:withdraw\w*|withdrew|draw(?:s|n|ing)?|tak(?:e|es|ing) out|takes? ⟨m\d+⟩(?= (?:⟨[ae]|at the|from|out|each|every))|take out(?= (?:the same|(?:an? )?(?:equal|level|fixed|regular|steady)|⟨m))|taken out|pay(?:s)? out|paid out|is to pay|will pay (?:him|her|them)|pays? (?:him|her|them)|liv(?:es?|ing) (?:on|off)|pension(?! (?:fund|pot|plan|scheme|account|saving))|income|receiv\w*|(?<!until )(?<!at )(?<!(?:for|until|before) (?:her|his|their) )retirement(?! (?:plan|fund|account|pot|scheme|saving))|payouts?|exhausted|used up|emptied|nothing(?! (?:for|more|further|is|was))|run(?:s)? out|(?<!⟨[ep]\d+⟩ )afterwards|from (?:her|his|their|the) savings|scholarships?|once retired|spends?|provide|pays? for(?= ⟨m)|wants? (?:the same|an equal|a level|a fixed) (?:sum|amount)|give(?:s)? (?:him|her|them) ⟨m\d+⟩|(?:takes?|draws?) (?:an? |the )?(?:equal|same|level|fixed)|(?:needs?|wants?|would (?:then )?like) ⟨m\d+⟩ (?:⟨[ae]\d+⟩|at the (?:start|beginning|end)))(?![a-z])/g;
/** "…, the first twelve years from now": the time of saving. */
const waits = /(?:first|beginning|starting|begins?|starts?|commencing)[^⟨]{0,24}⟨t(\d+)⟩ (?:from now|hence|later)/;
const owes = /debtor|(?<![a-z])owe(?:s|d)?(?![a-z])/;
const keeps = /sav(?:e|ing)|fund|account|deposit|withdr|draw|pension|retire|income|invest|aside|annuity/;
const wantsTo = /(?:wants?|would like|wishes|hopes|plans|intends|is able|is going)\W*$/;
const shared =
  /(?:^|[^a-z])(?:throughout|all along|the whole time|both|in each phase|at all times|all the (?:time|while|way))(?![a-z])/;

/** A sinking fund saves for what it provides; a debtor whose rate changes "afterwards" neither saves nor draws. */
const isOneOnly = ({ flat }: Page): boolean =>
  (/sinking fund/.test(flat) && !/withdraw|retire|pension/.test(flat)) || (owes.test(flat) && !keeps.test(flat));

/** @returns nothing where the text does not both save and draw */
export function readPhases(page: Page): DraftReading | undefined {
  if (isOneOnly(page)) return undefined;
  const parts = partsOf(page);
  const savesByAge = agesOf(page) !== undefined;
  const drawsForSoLong = hasTerm(page, parts.drawing) || drawnByAge(page) !== undefined;
  // "From now on 400 is taken out each month. How long does it last?"
  const asksHowLong =
    page.questions.some(({ asked }) => asked === 'howLong' || asked === 'payments' || asked === 'years') &&
    hasSum(page, parts.saving) &&
    hasSum(page, parts.drawing);
  if (!(savesByAge || hasTerm(page, parts.saving) || waitSpans(page).length > 0) || !(asksHowLong || drawsForSoLong))
    return undefined;
  if (!isAfter(page)) return undefined;
  const scopeOf = (phase: Phase): Scope => {
    const other = parts[phase === 'saving' ? 'drawing' : 'saving'];
    // One rate for both phases is told once.
    const told = rateSpans(page);
    const wait = waitSpans(page);
    const isWait = (place: Span): boolean => isIn(wait, place);
    if (phase === 'drawing') return (place) => !isWait(place) && (!isIn(other, place) || isIn(told, place));
    const isNeeded = !hasTerm(page, parts.saving);
    return (place) => (isNeeded && isWait(place)) || !isIn(other, place) || isIn(told, place);
  };
  const owned = (order: readonly [Phase, Phase], known: Readonly<Record<Phase, boolean>>) =>
    ownedQuestions(page, (question) => ownerOf(page, question, order, known, parts)).map((each) =>
      // What the saving has come to by then is what the drawing begins with.
      each.asked === 'finalAmount' && order[0] === 'drawing' && !/left|remain/.test(wordsOf(page, each))
        ? { ...each, asked: 'amount' as const, owner: 0 as const }
        : each.asked === 'amount' && order[0] === 'saving'
          ? { ...each, asked: 'finalAmount' as const, owner: 0 as const }
          : // "the amount saved" is what the saving comes to.
            each.asked === 'difference' &&
              /(?:amount|sum|money) saved|how much (?:is|has been) saved\W*$/.test(wordsOf(page, each))
            ? { ...each, asked: 'finalAmount' as const, owner: order.indexOf('saving') as 0 | 1 }
            : each,
    );
  const asSaving = readPlan(page, { scope: scopeOf('saving'), as: 'saving', questions: [] });
  const asDrawing = readPlan(page, { scope: scopeOf('drawing'), as: 'drawing-down', questions: [], isAgeless: true });
  const isOpen = [asSaving.plan.payment, asSaving.plan.payments, asDrawing.plan.payment].includes(null);
  if (!drawsForSoLong && (isOpen || (asSaving.plan.amount ?? 0) > 0)) return undefined;
  const known = { saving: asSaving.plan.payment !== null, drawing: asDrawing.plan.payment !== null };
  if (known.saving === known.drawing && !known.saving) return undefined;
  const order: readonly [Phase, Phase] = known.saving ? ['saving', 'drawing'] : ['drawing', 'saving'];
  const questions = owned(order, known);
  const read = (at: 0 | 1): SolePlan =>
    timedByAge(
      page,
      readPlan(page, {
        scope: scopeOf(order[at]),
        as: order[at] === 'saving' ? 'saving' : 'drawing-down',
        isAgeless: order[at] === 'drawing',
        questions: questionsOf(questions, at),
      }),
    );
  const both = [read(0), read(1)] as const;
  // Savings of which nothing is told but that they are there.
  if (both.some(({ plan }) => plan.payments === null && plan.payment === null)) return undefined;
  return readingOfBoth(page, order, link(order, both), questions);
}

/** "… until she is 65. … until she is 80": how long is drawn, where three ages are told; and what tells its end. */
function drawnByAge(page: Page): { readonly years: number; readonly tokens: readonly number[] } | undefined {
  if (!/(?<![a-z])(?:withdraw|draw|spend|pension|tak(?:e|es|ing) out|liv(?:e|es|ing) (?:on|off))/.test(page.flat))
    return undefined;
  const [from, until, end, more] = agesTold(page);
  return from && until && end && !more ? { years: end.age - until.age, tokens: end.tokens } : undefined;
}

/** A time of drawing that three ages tell. */
function timedByAge(page: Page, sole: SolePlan): SolePlan {
  const told = sole.plan.kind === 'drawing-down' && sole.plan.payments === null ? drawnByAge(page) : undefined;
  if (!told) return sole;
  return {
    ...sole,
    plan: { ...sole.plan, payments: wholeNumber(told.years * sole.plan.paymentsPerYear) },
    roles: new Map([...sole.roles, ...told.tokens.map((at) => [at, 'duration'] as const)]),
  };
}

function readingOfBoth(
  page: Page,
  order: readonly [Phase, Phase],
  both: readonly [SolePlan, SolePlan],
  questions: readonly Owned[],
): DraftReading {
  const asked = questions.map((each) => (isOfBoth(page, each, both) ? { ...each, owner: 'across' as const } : each));
  return readingOfPlans(page, both, asked, (question, plans) =>
    question.asked === 'interest' ? earnedInBoth(order, plans) : comparedBy(page, question, plans),
  );
}

/** "How much interest is earned over the 25 years?": the time of both phases. */
function isOfBoth(page: Page, question: PlacedQuestion, both: readonly SolePlan[]): boolean {
  if (question.asked !== 'interest') return false;
  const years = both.reduce((sum, { plan }) => sum + (plan.payments ?? NaN) / plan.paymentsPerYear, 0);
  const named = page.tokens.some(
    ({ form }, at) =>
      form === 'time' && isIn([question.unit], page.places[at]!) && Math.abs(yearsOf(page, at) - years) < 1e-9,
  );
  return named || /(?:both|whole|entire) (?:phases|stages|periods|time|life|span)/.test(wordsOf(page, question));
}

/** All that is drawn, less all that was put in; nothing where something was there already, or stays. */
function earnedInBoth(
  order: readonly [Phase, Phase],
  plans: readonly ReadPlan[],
): { quantity: ReadQuantity; args: ReadArgs } | undefined {
  const at = (phase: Phase): number => order.indexOf(phase);
  const isAll = (plans[at('saving')]?.amount ?? 0) === 0 && plans[at('drawing')]?.finalAmount === 0;
  const total = (phase: Phase) => ({ plan: at(phase), quantity: 'totalPaid' as const });
  return isAll
    ? { quantity: 'difference', args: { of: 'totalInterest', between: [total('drawing'), total('saving')] } }
    : undefined;
}

/** Where each phase is told. */
function partsOf(page: Page): Readonly<Record<Phase, readonly Span[]>> {
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
      page.places.some((_, other) => other < at && isSaved(other) && yearsOf(page, other) === yearsOf(page, at)),
  );
};

/** A span without what stands in it. */
function cutOut(span: Span, out: readonly Span[]): Span[] {
  const inside = out.filter(({ start }) => isIn([span], { start, end: start }));
  const starts = [span.start, ...inside.map(({ end }) => end)];
  return starts.map((start, at) => ({ start, end: inside[at]?.start ?? span.end }));
}

/** "In twelve years she wants to begin": how long the saving lasts. */
const waitSpans = (page: Page): Span[] =>
  page.tokens.flatMap(({ form }, at) =>
    form === 'time' && (page.signs[at]?.[0]?.role === 'interval' || isUntilThen(page, at)) && yearsOf(page, at) > 1
      ? [page.places[at]!]
      : [],
  );

/** "… so that after 20 years 1,500 can be withdrawn each month" */
const isUntilThen = (page: Page, at: number): boolean =>
  /so that after $/.test(page.flat.slice(0, page.places[at]!.start));

/** The marks of the only rate and of its compounding. */
function rateSpans(page: Page): Span[] {
  const rates = page.tokens.flatMap(({ form }, at) => (form === 'percent' ? [at] : []));
  if (rates.length !== 1) return [];
  return [...rates, ...page.periods.filter(({ use }) => use !== 'frequency').map(({ token }) => token)].map(
    (at) => page.places[at]!,
  );
}

/** One after the other, not side by side. */
const isAfter = ({ flat }: Page): boolean =>
  /(?:after(?:wards?)?|over the (?:next|following)|⟨t\d+⟩ (?:that|which) follows?|before retiring|followed by|⟨t\d+⟩ to save|(?:has|have|had) saved for ⟨t|begin(?:s)? (?:to )?withdraw[a-z]*|first withdrawal|then|thereafter|from then|from now on|so that|retires?|retirement|when (?:the|she|he|they)|once|so as to|in order to|to (?:provide|pay|fund|draw|withdraw)|until|before (?:that|this))(?![a-z])/.test(
    flat,
  );

interface Labelled extends Span {
  readonly phase: Phase | undefined;
}

function labels(page: Page): Labelled[] {
  const rates = page.tokens.filter(({ form }) => form === 'percent').length;
  const clauses = clausesOf(page).map((clause) => {
    const text = page.flat.slice(clause.start, clause.end);
    const points = [...text.matchAll(saves)].length - [...text.matchAll(draws)].length;
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
      opens: sentenceAt(page, clause)?.start === clause.start + (/^\s*/.exec(text)?.[0].length ?? 0),
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
    const leadsOn = wantsTo.test(page.flat.slice(clause.start, clause.end));
    return { ...clause, phase: (isBeforeAll || leadsOn) && next ? next : last };
  });
}

const spansOf = (labelled: readonly Labelled[], phase: Phase): Span[] =>
  labelled.filter((each) => each.phase === phase);

const hasTerm = (page: Page, spans: readonly Span[]): boolean =>
  page.tokens.some(
    ({ form }, at) =>
      (form === 'time' || (form === 'count' && page.signs[at]?.[0]?.role === 'payments')) &&
      isIn(spans, page.places[at]!),
  );

const hasSum = (page: Page, spans: readonly Span[]): boolean =>
  page.tokens.some(({ form }, at) => form === 'money' && isIn(spans, page.places[at]!));

function link(
  order: readonly [Phase, Phase],
  [first, second]: readonly [SolePlan, SolePlan],
): readonly [SolePlan, SolePlan] {
  const isSavingFirst = order[0] === 'saving';
  const links: ReadLink[] = [
    isSavingFirst
      ? { field: 'amount', fromPlan: 0, quantity: 'finalAmount' }
      : { field: 'finalAmount', fromPlan: 0, quantity: 'amount' },
  ];
  const open: Partial<ReadPlan> = isSavingFirst
    ? { finalAmount: null, unknown: 'finalAmount' }
    : { amount: null, unknown: 'amount' };
  // What is there already, said beside what is to be drawn, is what the saving begins with.
  const owned = !isSavingFirst && (second.plan.amount ?? 0) === 0 ? first.plan.amount : null;
  const taken: Partial<ReadPlan> = isSavingFirst
    ? { amount: null }
    : { finalAmount: null, ...(owned === null ? {} : { amount: owned }) };
  const sought =
    second.plan.payment === null
      ? 'payment'
      : second.plan.payments === null
        ? 'payments'
        : isSavingFirst
          ? 'finalAmount'
          : 'amount';
  const names = isSavingFirst ? (['building up', 'drawing'] as const) : (['drawing', 'building up'] as const);
  return [
    {
      ...first,
      plan: { ...first.plan, ...open, name: names[0] },
      read: { ...first.read, missing: [] },
      roles: new Map([...first.roles].filter(([, role]) => owned === null || role !== 'amount')),
    },
    {
      ...second,
      roles: new Map([...second.roles, ...[...first.roles].filter(([, role]) => owned !== null && role === 'amount')]),
      plan: { ...second.plan, ...taken, unknown: sought, name: names[1], links },
      read: { ...second.read, missing: [] },
    },
  ];
}

function ownerOf(
  page: Page,
  question: PlacedQuestion,
  order: readonly [Phase, Phase],
  known: Readonly<Record<Phase, boolean>>,
  parts: Readonly<Record<Phase, readonly Span[]>>,
): Owner {
  const at = (phase: Phase): 0 | 1 => (order[0] === phase ? 0 : 1);
  if (question.asked === 'choice' || question.asked === 'difference') return 'across';
  if (question.asked === 'amount') return at('drawing');
  if (question.asked === 'howLong' && /(?<![a-z])last(?![a-z])/.test(wordsOf(page, question))) return at('drawing');
  const isHeld = question.asked === 'finalAmount' || question.asked === 'balance';
  // "What is in the account when the withdrawals begin?"
  const held = wordsOf(page, question).replace(
    /(?:when|before|as|once|by the time|at the time) (?:the |her |his |their )?(?:[a-z]+ )?(?:withdrawals?|drawings?|payments|payouts|income|pension) (?:start|begin|commence)s?/,
    '',
  );
  if (isHeld && !/left|remain|withdraw|draw/.test(held)) return at('saving');
  const words = page.flat.slice(question.start, question.end);
  const points = [...words.matchAll(saves)].length - [...words.matchAll(draws)].length;
  if (points !== 0) return at(points > 0 ? 'saving' : 'drawing');
  const whole = wordsOf(page, question);
  const more = [...whole.matchAll(saves)].length - [...whole.matchAll(draws)].length;
  if (question.asked === 'interest' && /second|latter|later|retire|stage two/.test(whole)) return at('drawing');
  if (question.asked === 'interest' && /first|stage one/.test(whole)) return at('saving');
  if (question.asked === 'interest' && more !== 0) return at(more > 0 ? 'saving' : 'drawing');
  if (question.asked === 'payment') return at(known.saving ? 'drawing' : 'saving');
  return at(isIn(parts.drawing, question) ? 'drawing' : 'saving');
}
