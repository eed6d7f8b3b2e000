/** Saving first, drawing down afterwards: what the one ends with, the other begins with. */

import type { PlacedQuestion } from '../placedQuestions.ts';
import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import { agesOf } from '../ages.ts';
import { readPlan } from '../onePlan.ts';
import type { SolePlan } from '../solePlan.ts';
import { sentenceAt, withoutNewRates, type Page, type Scope } from '../page.ts';
import type { ReadArgs, ReadLink, ReadPlan, ReadQuantity, Role } from '../reading.ts';
import { wholeNumber } from '../paymentCounts.ts';
import { yearsOf } from '../tokens.ts';
import { agesTold, leavesIt } from './agedStages.ts';
import { isIn } from './clauses.ts';
import { draws, hasSum, hasTerm, partsOf, rateSpans, saves, waitSpans, type Phase } from './phaseSpans.ts';
import {
  comparedBy,
  ownedQuestions,
  questionsOf,
  readingOfPlans,
  wordsOf,
  type Owned,
  type Owner,
} from './severalPlans.ts';

const owes = /debtor|(?<![a-z])(?:debt|loan|mortgage|owes?|owed)(?![a-z])/;
const keeps = /sav(?:e|ing)|fund|account|deposit|withdr|draw|pension|retire|income|invest|aside|annuity/;

/** A sinking fund saves for what it provides; a debtor whose rate changes "afterwards" neither saves nor draws. */
const isOneOnly = ({ flat }: Page): boolean =>
  (/sinking fund/.test(flat) && !/withdraw|retire|pension/.test(flat)) || (owes.test(flat) && !keeps.test(flat));

/** "While saving he earns 5.1 %, afterwards 3.3 %": no rate that changes. */
function hasOwnRates(page: Page, { saving, drawing }: Readonly<Record<Phase, readonly Span[]>>): boolean {
  const [one, other, third] = page.places.filter((_, at) => page.tokens[at]?.form === 'percent');
  const isInEach = one !== undefined && other !== undefined && isIn(saving, one) && isIn(drawing, other);
  return (
    (isInEach && third === undefined) ||
    /(?:while|during|when) (?:the |he |she |they )?(?:is |are )?sav(?:ing|es|e)[^.?!]{0,30}⟨p\d+⟩/.test(page.flat)
  );
}

const drawn =
  /(?<![a-z])(?:dr[ae]w[a-z]*|withdr[a-z]+|income|receiv[a-z]+|takes? (?:out|an?|the same)|spends?|lives? on)(?![a-z])/;

/** @returns nothing where the text does not both save and draw */
export function readPhases(told: Page): DraftReading | undefined {
  if (isOneOnly(told)) return undefined;
  // "While saving he earns 5.1 %, afterwards 3.3 %": each phase has its own.
  const parts = partsOf(told);
  const page = hasOwnRates(told, parts) ? withoutNewRates(told) : told;
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
  const scopeOf = (phase: Phase): Scope => scopeOfPhase(page, parts, phase);
  const asSaving = readPlan(page, { scope: scopeOf('saving'), as: 'saving', questions: [] });
  const asDrawing = readPlan(page, { scope: scopeOf('drawing'), as: 'drawing-down', questions: [], isAgeless: true });
  const isOpen = [asSaving.plan.payment, asSaving.plan.payments, asDrawing.plan.payment].includes(null);
  if (!drawsForSoLong && (isOpen || (asSaving.plan.amount ?? 0) > 0)) return undefined;
  const known = { saving: asSaving.plan.payment !== null, drawing: asDrawing.plan.payment !== null };
  if (known.saving === known.drawing && !known.saving) return undefined;
  // "How much is there six years later, before the next withdrawal?" asks of no deposits.
  const isOfEnd = page.questions.every(({ asked }) => asked === 'finalAmount' || asked === 'balance');
  if (!known.saving && isOfEnd && (asSaving.plan.amount ?? 0) === 0) return undefined;
  // "… until 40, then nothing more, and leaves the money until she is 66": nothing is drawn.
  if (!known.drawing && isOfEnd && leavesIt.test(page.flat) && !drawn.test(page.flat)) return undefined;
  const order: readonly [Phase, Phase] = known.saving ? ['saving', 'drawing'] : ['drawing', 'saving'];
  const lastsFor = yearsOfPlan(asSaving.plan) + yearsOfPlan(asDrawing.plan);
  const questions = ownedQuestions(page, (question) => ownerOf(page, question, order, known, parts)).map((each) =>
    isAtEndOfBoth(page, each, order, known, lastsFor)
      ? { ...each, asked: 'finalAmount' as const, place: undefined, owner: 1 as const }
      : meantIn(page, each, order),
  );
  // "How much interest is earned during the 25 years?": no time of the other phase.
  const interestOf = (at: 0 | 1): Span[] =>
    questions.flatMap(({ owner, asked, unit }) => (owner === at && asked === 'interest' ? [unit] : []));
  const read = (at: 0 | 1): SolePlan =>
    timedByAge(
      page,
      readPlan(page, {
        scope: (place) => scopeOf(order[at])(place) && !isIn(interestOf(at === 0 ? 1 : 0), place),
        as: order[at] === 'saving' ? 'saving' : 'drawing-down',
        isAgeless: order[at] === 'drawing',
        questions: ownOrEnd(questions, at, order),
      }),
    );
  const both = [read(0), read(1)] as const;
  // Savings of which nothing is told but that they are there.
  if (both.some(({ plan }) => plan.payments === null && plan.payment === null)) return undefined;
  const [one, other] = link(order, both);
  const timed = { ...other, roles: new Map([...timesOfEnd(page, lastsFor), ...other.roles]) };
  return readingOfBoth(page, order, [one, timed], questions);
}

/** What is told of a phase, and what is told of both. */
function scopeOfPhase(page: Page, parts: Readonly<Record<Phase, readonly Span[]>>, phase: Phase): Scope {
  const other = parts[phase === 'saving' ? 'drawing' : 'saving'];
  // One rate for both phases is told once.
  const told = rateSpans(page);
  const wait = waitSpans(page);
  const isWait = (place: Span): boolean => isIn(wait, place);
  if (phase === 'drawing') return (place) => !isWait(place) && (!isIn(other, place) || isIn(told, place));
  const isNeeded = !hasTerm(page, parts.saving);
  return (place) => (isNeeded && isWait(place)) || !isIn(other, place) || isIn(told, place);
}

/** What saving comes to is sought, whatever is asked of it: an end that is asked of both is asked of it as well. */
function ownOrEnd(questions: readonly Owned[], at: 0 | 1, order: readonly [Phase, Phase]): Owned[] {
  const own = questionsOf(questions, at);
  const isOpen = at === 0 && order[0] === 'saving' && own.length === 0;
  return isOpen ? questions.filter(({ asked }) => asked === 'finalAmount') : own;
}

/** "… after ten years": the time of both, named in a question. */
const timesOfEnd = (page: Page, years: number): (readonly [number, Role])[] =>
  page.tokens.flatMap(({ form }, at) =>
    form === 'time' && Math.abs(yearsOf(page, at) - years) < 1e-9 && sentenceAt(page, page.places[at]!)?.asks
      ? [[at, 'after'] as const]
      : [],
  );

const yearsOfPlan = ({ payments, paymentsPerYear }: ReadPlan): number => (payments ?? NaN) / paymentsPerYear;

/** "What is in it after ten years?", six of saving and four of drawing a told sum; "What is in it at the end?" */
function isAtEndOfBoth(
  page: Page,
  { asked, place, unit }: PlacedQuestion,
  order: readonly [Phase, Phase],
  known: Readonly<Record<Phase, boolean>>,
  years: number,
): boolean {
  const isHeld = asked === 'finalAmount' || asked === 'balance';
  if (!isHeld || order[0] !== 'saving' || !known.drawing) return false;
  const words = page.flat.slice(unit.start, unit.end);
  return place?.afterYears === undefined
    ? /(?<![a-z])(?:at|in) the (?:very )?end\W*$/.test(words)
    : Math.abs(place.afterYears - years) < 1e-9;
}

/** A question as it is meant of one phase after the other. */
function meantIn(page: Page, each: Owned, order: readonly [Phase, Phase]): Owned {
  const said = wordsOf(page, each);
  // "… a level amount is drawn each month. What is the amount?"
  const isDrawn =
    (each.asked === 'amount' || each.asked === 'finalAmount') &&
    /^\W*(?:(?:what|how (?:large|much)) is (?:the|this|that) (?:level |equal |same )?(?:amount|sum)|how (?:large|big) a sum)\W*$/.test(
      said,
    ) &&
    /(?:level|equal|same|fixed|constant) (?:amount|sum)s? (?:is|are|can be) (?:drawn|withdrawn|taken|paid)|(?:takes?|draws?) (?:out )?the same (?:amount|sum)/.test(
      page.flat,
    );
  if (isDrawn) return { ...each, asked: 'payment', place: undefined, owner: order.indexOf('drawing') as 0 | 1 };
  // What the saving has come to by then is what the drawing begins with.
  if (each.asked === 'finalAmount' && order[0] === 'drawing' && !/left|remain/.test(said))
    return { ...each, asked: 'amount', owner: 0 };
  if (each.asked === 'amount' && order[0] === 'saving') return { ...each, asked: 'finalAmount', owner: 0 };
  // "the amount saved" is what the saving comes to.
  const isSaved =
    each.asked === 'difference' && /(?:amount|sum|money) saved|how much (?:is|has been) saved\W*$/.test(said);
  return isSaved ? { ...each, asked: 'finalAmount', owner: order.indexOf('saving') as 0 | 1 } : each;
}

/** "… until she is 65. … until she is 80": how long is drawn, where three ages are told; and what tells its end. */
function drawnByAge(page: Page): { readonly years: number; readonly tokens: readonly number[] } | undefined {
  if (
    !/(?<![a-z])(?:withdraw|draw|spend|pension|tak(?:e|es|ing) (?:out|an? (?:level|equal|fixed|steady|regular|constant) sum|the same)|liv(?:e|es|ing) (?:on|off)|from ⟨n\d+⟩ (?:to|until) ⟨n\d+⟩ [^.?!⟨]{0,30}(?:wants?|needs?|receives?) ⟨m)/.test(
      page.flat,
    )
  )
    return undefined;
  const [from, until, end, more] = agesTold(page);
  return from && until && end && !more
    ? { years: end.age - until.age, tokens: [...until.tokens, ...end.tokens] }
    : undefined;
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
  return (
    named || /(?:both|whole|entire) (?:phases|stages|periods|time|life|span|plan|scheme)/.test(wordsOf(page, question))
  );
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

/** One after the other, not side by side. */
const isAfter = ({ flat }: Page): boolean =>
  /(?:after(?:wards?)?|(?:over|for|during|in) the (?:next|following)|⟨t\d+⟩ (?:(?:that|which) follows?|following)|before retiring|followed by|⟨t\d+⟩ to save|(?:has|have|had) saved for ⟨t|at the end,? (?:of (?:that|this|it|the)[a-z ]*,? )?(?:he|she|they|the [a-z]+) (?:will )?(?:buys?|uses?|converts?|turns?|exchanges?|puts?)|begin(?:s)? (?:to )?withdraw[a-z]*|first withdrawal|then|thereafter|from then|from now on|from (?:age |the age of )?⟨[no]\d+⟩ (?:on|onwards?|to)|later|so that|retires?|retirement|when (?:the|she|he|they)|once|so as to|in order to|to (?:provide|pay|fund|draw|withdraw)|to be available|from birth|birthday|until|before (?:that|this))(?![a-z])/.test(
    flat,
  );

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
      plan: {
        ...second.plan,
        ...taken,
        ...(sought === 'finalAmount' ? { finalAmount: null } : {}),
        unknown: sought,
        name: names[1],
        links,
      },
      read: { ...second.read, missing: [] },
    },
  ];
}

/** "How much interest is earned during the fifteen years?": the phase that lasts so long. */
function phaseNamed(
  page: Page,
  { unit }: PlacedQuestion,
  parts: Readonly<Record<Phase, readonly Span[]>>,
): Phase | undefined {
  const named = page.tokens.flatMap(({ form }, at) =>
    form === 'time' && isIn([unit], page.places[at]!) ? [yearsOf(page, at)] : [],
  );
  const lasts = (phase: Phase): boolean =>
    page.tokens.some(
      ({ form }, at) =>
        form === 'time' &&
        isIn(parts[phase], page.places[at]!) &&
        !isIn([unit], page.places[at]!) &&
        named.includes(yearsOf(page, at)),
    );
  const [saving, drawing] = [lasts('saving'), lasts('drawing')];
  return saving === drawing ? undefined : saving ? 'saving' : 'drawing';
}

/** Of what is paid in and of what is drawn. */
const isOfInAndOut = (words: string): boolean =>
  /(?:how much|part) of (?:the|this|that|these) ⟨m\d+⟩/.test(words) ||
  (/ than /.test(words) && words.search(saves) >= 0 && words.search(draws) >= 0);

function ownerOf(
  page: Page,
  question: PlacedQuestion,
  order: readonly [Phase, Phase],
  known: Readonly<Record<Phase, boolean>>,
  parts: Readonly<Record<Phase, readonly Span[]>>,
): Owner {
  const at = (phase: Phase): 0 | 1 => (order[0] === phase ? 0 : 1);
  if (question.asked === 'choice' || question.asked === 'difference') return 'across';
  // "How much more does she take out than she put in?"
  if (question.asked === 'interest' && isOfInAndOut(wordsOf(page, question))) return 'across';
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
  const byTime = question.asked === 'interest' ? phaseNamed(page, question, parts) : undefined;
  if (byTime !== undefined) return at(byTime);
  if (question.asked === 'interest' && /second|latter|later|retire|stage two/.test(whole)) return at('drawing');
  if (question.asked === 'interest' && /first|stage one/.test(whole)) return at('saving');
  if (question.asked === 'interest' && more !== 0) return at(more > 0 ? 'saving' : 'drawing');
  if (question.asked === 'payment') return at(known.saving ? 'drawing' : 'saving');
  return at(isIn(parts.drawing, question) ? 'drawing' : 'saving');
}
