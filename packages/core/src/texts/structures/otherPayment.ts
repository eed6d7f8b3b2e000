/** "If she pays 2,000 a quarter instead, how many payments are there?": the same plan once more, at another payment. */

import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import { readPlan } from '../onePlan.ts';
import { askingNothing, sentenceAt, tokenAt, type Page } from '../page.ts';
import { groupFound, pattern } from '../pattern.ts';
import type { Question } from '../question.ts';
import type { RoleSign } from '../roles.ts';
import type { ReadLink, ReadPlan } from '../reading.ts';
import type { SolePlan } from '../solePlan.ts';
import { isIn } from './clauses.ts';
import { paidAsOften } from './offerOwners.ts';
import { follow, without } from './followers.ts';
import { acrossBoth, ownedQuestions, questionsOf, wordsOf, type Owned, type Owner } from './severalPlans.ts';

const paysOther = pattern(
  'if (?:instead )?(?:only |just )?{m} (?:<[ea]> |at the end of <e> )?(?:can|could|may) be (?:paid|saved|drawn|withdrawn|taken|deposited|put by|put in|set aside)|if (?:instead )?{m} (?:<[ea]> |at the end of <e> )?(?:is|are|were|was) (?:paid|saved|drawn|withdrawn|taken|deposited)(?: back| in(?! addition)| out)?(?! (?:down|now|today|at once|extra|more|on top|over and above|in addition|besides|beyond))|if (?:[a-z]+ ){1,3}?(?:decides? to |chooses? to |were to |could |can |would |instead |agrees? to |only |is able to )*(?:pays?|paid|repays?|repaid|affords?|manages?|saves?|saved|deposits?|deposited|withdraws?|withdrew|draws?|drew|takes? out|took out)(?: back| in)? {m}(?! (?:more|extra|less|additional|on top|down|now|today|at once|for))|if (?:the|her|his|their|each) @payment (?:were|was|is) (?:instead )?{m}(?! (?:more|less|higher|lower|larger|smaller|bigger|greater))|by (?:paying|saving|depositing) {m}(?! (?:more|extra|less|additional|on top|down|now|today|at once|for))',
);

/** "The borrower decides to pay 1,500 instead of the required payment." */
const paysInstead = pattern(
  '(?:considers?|thinks? of|thinking of|wonders? about) paying {m}(?! (?:more|extra))|(?:decides? to |chooses? to |prefers? to |wants? to |agrees? to |can |could |is able to )?(?:pays?|repays?|manages?|affords?|spares?) {m}(?: [a-z]+| <[ea]>(?:-end)?){0,3} (?:instead(?: of (?:the|this|that)(?: <e>| [a-z]+)? ?(?:@payment|amount)?)?|rather than (?:the|this|that) (?:required|calculated|computed|exact|agreed) (?:@payment|amount|<[ea]> @payment))|rounds? (?:the|this|that|her|his|their) @payment (?:up |down |off )?to {m}|(?:instead of|rather than) (?:(?:the|this|that|her|his|their) (?:computed |required |calculated |exact |agreed )?(?:<e> )?(?:@payment|amount)|that|this|it),? (?:the [a-z]+|he|she|they|[a-z]+) (?:pays?|repays?|decides? to pay|can pay) {m}',
);

const mayStand: ReadonlySet<string> = new Set(['payment', 'amount', 'payments', 'howLong', 'years']);

/** @returns nothing where only one payment is told of */
export function readOtherPayment(page: Page): DraftReading | undefined {
  const instead = readInsteadOf(page) ?? readInsteadOfUsual(page) ?? readEither(page);
  if (instead) return instead;
  const asked = [...page.flat.matchAll(paysOther)].at(0);
  const told = [...page.flat.matchAll(paysInstead)].at(0);
  const found = asked ?? told;
  const said = found && sentenceAt(page, { start: found.index, end: found.index });
  if (!found || !said || said.asks !== (found === asked)) return readAskedAgain(page);
  // "How many years until …? How many if they pay 1,650?" asks the same again.
  const own = page.questions.filter((each) => isIn([said], each));
  if (own.length > 0 && own.every(({ isSupposed }) => isSupposed)) return readAskedAgain(page);
  const token = Number(groupFound(found));
  // "After two years she pays 300 instead": it is paid from there on.
  if (found === told && page.signs[token]?.[0]?.role === 'newPayment') return undefined;
  const questions = ownedQuestions(page, ({ asked: what, start }): Owner => {
    // "How many are there, and how much is saved by paying 700?"
    const from = found[0].startsWith('by ') ? found.index : said.start;
    const isFirst = said.asks ? start < from && what !== 'difference' : what === 'payment';
    return isFirst ? 0 : what === 'difference' ? 'across' : 1;
    // "If only 200 can be saved, how many more months does it take?"
  }).map((each) =>
    each.owner === 1 && /(?<![a-z])how many more(?![a-z])/.test(wordsOf(page, each))
      ? { ...each, asked: 'difference' as const, owner: 'across' as const }
      : each,
  );
  const [first, second] = [questionsOf(questions, 0), questions.filter(({ owner }) => owner !== 0)];
  const isTime = second.some(({ asked }) =>
    ['payments', 'years', 'howLong', 'lastPayment', 'difference'].includes(asked),
  );
  // "Instead of the computed payment she pays 1,000": the payment is sought, asked for or not.
  const isComputed = /(?:instead of|rather than) (?:the|her|his|their) (?:computed|required|calculated|exact) /.test(
    found[0],
  );
  // "If she could pay 230, how many payments fewer are there?" asks of both at once.
  const isOfBoth = first.length === 0 && second.every(({ asked: what }) => what === 'difference');
  if (!isTime || !(isComputed || isOfBoth || first.some(({ asked: what }) => mayStand.has(what))))
    return readAskedAgain(page);
  const other = tokenAt(page, token);
  const again = page.places.filter(
    (_, at) => page.tokens[at]?.form === 'money' && page.tokens[at].value === other.value,
  );
  const isAgain = ({ start }: Span): boolean => again.some((each) => each.start === start);
  const isOutside = without(said);
  const asStated = readPlan(page, { scope: (place) => isOutside(place) && !isAgain(place), questions: first });
  const { plan, read } = asStated;
  // "For how long must 250 be saved? If only 200 can be saved, …"
  if ((plan.payment ?? 0) > 0 && plan.unknown === 'payments' && read.missing.length === 0)
    return paidOtherwise(page, asStated, questions, token);
  // "600 a month would repay a loan. How large is it? If 750 were paid …": the same loan.
  const isSought = plan.unknown === 'amount' && plan.payment !== null && plan.amount === null;
  const isOpen = plan.payment === null || isSought;
  if (!isOpen || plan.payments === null || plan.changes.length > 0 || read.missing.length > 0) return undefined;
  return paidOtherwise(page, asStated, questions, token, {
    plan: { payments: null, unknown: 'payments' },
    links: isSought ? [{ field: 'amount', fromPlan: 0, quantity: 'amount' }] : [],
  });
}

/** "Instead of the 512 a month that is due, she pays 600." */
const paidInstead =
  /instead of (?:the |her |his |their )?⟨m(?<usual>\d+)⟩(?:[^.?!⟨]|⟨[ea]\d+⟩){0,60}, [a-z ]{2,30} (?:pays|saves|deposits|draws|withdraws|puts away|sets aside) ⟨m(?<other>\d+)⟩(?! (?:more|extra))/;
const insteadOf =
  /⟨m(?<other>\d+)⟩(?:[^.?!⟨]|⟨[ea]\d+⟩){0,50} (?:instead of|rather than) (?:the |only )?⟨m(?<usual>\d+)⟩/;

/** "If she raises them to 1,085, how many fewer are there?" */
const raisedTo =
  /(?<![a-z])if (?:he|she|they|it|the [a-z]+) (?:raises?|increases?|lifts?|cuts?|lowers?|reduces?) (?:it|them|(?:the|her|his|their|this) (?:⟨e\d+⟩ )?payments?) to ⟨m(?<raised>\d+)⟩(?=[^.]*\?)|(?<![a-z])if (?:the|her|his|their|this) (?:⟨e\d+⟩ )?payments? (?:is|are|was|were) (?:raised|increased|lifted|lowered|cut|reduced) to ⟨m(?<other>\d+)⟩(?=[^.]*\?)/;

/** "How much sooner is it paid off if 450 is paid each month instead of 400?" */
function readInsteadOf(page: Page): DraftReading | undefined {
  const told = paidInstead.exec(page.flat);
  const found = told ?? insteadOf.exec(page.flat) ?? raisedTo.exec(page.flat);
  const groups = found?.groups ?? {};
  const other = Number(groups.other ?? groups.raised);
  const usual = Number(groups.usual ?? page.signs.findIndex(([sign]) => sign?.role === 'payment'));
  // "He could pay only 180 instead of the 215 agreed. How many more payments did it need?"
  const isMore = ({ asked, unit }: Question): boolean =>
    asked === 'payments' && /(?<![a-z])how many (?:more|fewer)(?![a-z])/.test(page.flat.slice(unit.start, unit.end));
  const compares = (each: Question): boolean => each.asked === 'difference' || isMore(each);
  if (!found || other === usual || !page.questions.some(compares)) return undefined;
  const asUsual: RoleSign = { role: 'payment', weight: 15, start: found.index, end: found.index + found[0].length };
  const asked = { ...page, signs: page.signs.map((each, at) => (at === usual ? [asUsual] : each)) };
  const first = readPlan(asked, { scope: without(page.places[other]!), questions: [] });
  const { plan, read } = first;
  if (plan.payment !== tokenAt(page, usual).value || plan.unknown !== 'payments' || read.missing.length > 0)
    return undefined;
  const questions = ownedQuestions(page, (question): Owner => {
    if (compares(question)) return 'across';
    // What is paid instead is told first: the questions are about it, but for "otherwise".
    if (told) return /otherwise|normally|as (?:usual|demanded|agreed)/.test(wordsOf(page, question)) ? 0 : 1;
    return question.start < found.index ? 0 : 1;
  }).map((each) => (isMore(each) ? { ...each, asked: 'difference' as const } : each));
  return paidOtherwise(page, first, questions, other);
}

const insteadOfUsual =
  /⟨m(\d+)⟩(?: ⟨[ea]\d+⟩|,? at the end of ⟨e\d+⟩)?(?: (?:is|are|was|were|be) (?:paid|sent|made))? (?:instead of|rather than|in place of) (?:the|her|his|their|its) (?:regular|usual|normal|ordinary|agreed|scheduled|required|calculated|contractual|planned|computed)(?: ⟨e\d+⟩)? (?:payments?|amount)/;

/** "How much sooner is it repaid if 1,200 is paid instead of the regular payment?", which the text does not tell. */
function readInsteadOfUsual(page: Page): DraftReading | undefined {
  const found = insteadOfUsual.exec(page.flat);
  const token = Number(found?.[1]);
  const questions = ownedQuestions(page, ({ asked, start }): Owner => {
    if (asked === 'difference') return 'across';
    return asked === 'payment' && found && start < found.index ? 0 : 1;
  });
  if (!found || questions.every(({ owner }) => owner !== 'across')) return undefined;
  const first = readPlan(page, { scope: without(page.places[token]!), questions: questionsOf(questions, 0) });
  const { plan, read } = first;
  const isOpen = plan.payment === null && plan.unknown === 'payment' && plan.payments !== null;
  return isOpen && plan.changes.length === 0 && read.missing.length === 0
    ? paidOtherwise(page, first, questions, token, { plan: { payments: null, unknown: 'payments' } })
    : undefined;
}

/** "She could pay either 350 or 450 at the end of each month." */
const either =
  /⟨m(\d+)⟩(?: ⟨[ea]\d+⟩(?:-end)?|,? at (?:the )?(?:end|beginning|start) of ⟨e\d+⟩)?,? (?:or|than) (?:(?:at|with|by|even|else|paying|payments of|pay) )*⟨m(\d+)⟩(?= ⟨[ea]|,? at (?:the )?(?:end|beginning|start) of ⟨e|,? at ⟨e|[.,;?]|$)|(?:between|choose) (?:payments of )?⟨m(\d+)⟩ and ⟨m(\d+)⟩/;

/** One debt or fund, and two payments to choose from. */
function readEither(page: Page): DraftReading | undefined {
  const found = either.exec(page.flat);
  const [usual, other] = [Number(found?.[1] ?? found?.[3]), Number(found?.[2] ?? found?.[4])];
  if (!found || tokenAt(page, usual).value === tokenAt(page, other).value || paidAsOften(page)) return undefined;
  const isOther = ({ start }: Span): boolean =>
    page.tokens.some(
      ({ form, value }, at) =>
        page.places[at]!.start === start &&
        form === 'money' &&
        at !== usual &&
        (value === tokenAt(page, other).value || value === tokenAt(page, usual).value),
    );
  const asUsual: RoleSign = { role: 'payment', weight: 15, start: found.index, end: found.index + found[0].length };
  const told = { ...page, signs: page.signs.map((each, at) => (at === usual ? [asUsual] : each)) };
  const names = (words: string, at: number): boolean =>
    [...words.matchAll(/⟨m(\d+)⟩/g)].some(
      ([, token]) => tokenAt(page, Number(token)).value === tokenAt(page, at).value,
    );
  const questions = ownedQuestions(page, (question): Owner => {
    const words = wordsOf(page, question);
    if (question.asked === 'difference' || question.asked === 'choice') return 'across';
    return names(words, usual) === names(words, other) ? 'each' : names(words, usual) ? 0 : 1;
  });
  const first = readPlan(told, { scope: (place) => !isOther(place), questions: questionsOf(questions, 0) });
  const { plan, read } = first;
  if (plan.payment !== tokenAt(page, usual).value || plan.unknown === 'payment' || read.missing.length > 0)
    return undefined;
  return paidOtherwise(page, first, questions, other);
}

const askedAgain =
  /(?:(?:how (?:many|long|much)|what)[a-z ]{0,28} |(?<=\?\s*)(?:and )?)(?:if|for|at|with) (?:[a-z]+ ){0,3}⟨m(\d+)⟩[^?⟨]{0,24}\?/;

/** "How long does 15,000 last when 250 is taken each month? How long if 300?", "What loan? And with payments of 300?" */
function readAskedAgain(page: Page): DraftReading | undefined {
  const found = askedAgain.exec(page.flat);
  const said = found && sentenceAt(page, { start: found.index, end: found.index });
  const before = page.questions.filter(({ start }) => said && start < said.start).at(-1);
  const isShort =
    said &&
    said.text.trim().length < 45 &&
    !/(?:begins?|starts?|opens?|has|have|already)(?![a-z])[^?]*⟨m|⟨m\d+⟩ (?:is|are|were|should be|shall be) (?:to be )?(?:there|in (?:it|the)|already|saved|put|left|to remain)/.test(
      said.text,
    );
  if (
    !found ||
    !said ||
    !isShort ||
    !before ||
    !(['payments', 'howLong', 'years', 'payment', 'amount'].includes(before.asked) || isOfEnd(before, said.text))
  )
    return undefined;
  // "How much sooner if 350 is paid?" is asked of both at once.
  const isCompared = page.questions.some((each) => each.asked === 'difference' && isIn([said], each));
  const once = isCompared ? page : askingNothing(page, said);
  const token = Number(found[1]);
  const questions = ownedQuestions(once, ({ start, asked }): Owner =>
    asked === 'difference' ? 'across' : start === before.start && !isCompared ? 'each' : 0,
  );
  const first = readPlan(once, { scope: without(said), questions: questionsOf(questions, 0) });
  const { plan, read } = first;
  const mayChange = ['payments', 'amount', ...(isOfEnd(before, said.text) ? ['finalAmount'] : [])];
  if (plan.payment === null || !mayChange.includes(plan.unknown) || read.missing.length > 0) return undefined;
  return paidOtherwise(once, first, questions, token);
}

/** "How much is left after ten years? If they had drawn 1,800?": what is there by then, at another payment. */
const isOfEnd = ({ asked }: Question, said: string): boolean =>
  (asked === 'finalAmount' || asked === 'balance') &&
  /(?:draw|withdr|took|tak(?:e|en)|pays?|paid|sav(?:e|ed)|puts?|deposit(?:s|ed))(?:[a-z]*)(?: [a-z]+){0,2} ⟨m\d+⟩(?! (?:more|less|extra|at once|now|today|at the (?:start|beginning|outset)(?! of (?:each|every|⟨))|in (?:one|a)|down|first|already|straight|immediately))/.test(
    said,
  );

/** "If 90 is added each month …? If 200 were taken out instead, when is it empty?" */
const drawnInstead = (page: Page, { kind }: ReadPlan, token: number): Partial<ReadPlan> =>
  kind === 'saving' &&
  new RegExp(
    `⟨m${token}⟩(?: [a-z]+){0,3} (?:taken|drawn|withdrawn)|(?:takes?|took|draws?|drew|withdraws?|withdrew)(?: out)? ⟨m${token}⟩`,
  ).test(page.flat)
    ? { kind: 'drawing-down', payments: null, finalAmount: 0, unknown: 'payments' }
    : {};

/** The plan once more at the payment that a number tells. */
const paidOtherwise = (
  page: Page,
  sole: SolePlan,
  questions: readonly Owned[],
  token: number,
  { plan = {}, links = [] }: { readonly plan?: Partial<ReadPlan>; readonly links?: readonly ReadLink[] } = {},
): DraftReading =>
  follow(
    page,
    { ...sole, plan: { ...sole.plan, name: 'first' } },
    questions,
    { name: 'second', payment: tokenAt(page, token).value, ...drawnInstead(page, sole.plan, token), ...plan },
    links,
    [[token, 'payment']],
    acrossBoth(page),
  );
