/** "If she wanted 40,000 to remain, how large could they be?": the same plan once more, with another sum in it. */

import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import { askingNothing, tokenAt, type Page } from '../page.ts';
import { pattern } from '../pattern.ts';
import { quantitySought } from '../quantitySought.ts';
import type { ReadPlan, Role } from '../reading.ts';
import type { Sentence } from '../sentences.ts';
import { follow, without } from './followers.ts';
import { ownedQuestions, questionsOf, type Across, type Owned, type Owner } from './severalPlans.ts';

/** What the sum of a supposed sentence is, by the words beside it. */
const sums: readonly { readonly role: Role; readonly words: RegExp }[] = [
  {
    role: 'finalAmount',
    words: pattern(
      '{m} (?:to |should |were to |was to |were |was |is to |must |had to )?(?:still )?(?:be )?(?:remain|left|remains)(?![a-z])|(?:leaves?|leaving|left|keeps?|kept) {m}|(?:balloon|residual(?: value)?) (?:were|was|is|of) {m}',
    ),
  },
  {
    role: 'downPayment',
    words: pattern(
      '(?:down payment|deposit) (?:of|were|was|is) {m}(?: (?:is|was|were) (?:made|paid))?|(?:pays?|paid|puts?|made) {m} down|{m} (?:is|were|was) paid down',
    ),
  },
  {
    role: 'amount',
    words: pattern(
      '(?:borrows?|borrowed|(?:loan|fund) (?:of|were|was|is)|starts? with|started with|begins? with|began with|if (?:he|she|they|it) (?:has|had|have|owns|owned)) {m}|if (?:only )?{m} (?:is|are|was|were) (?:there|(?:already |first )?(?:put in|deposited|paid in|available)(?: at the (?:start|beginning|outset)| today| now| at once)?)',
    ),
  },
];

const supposes =
  /^\W*(?:⟨l\d+⟩[.)]\s*|\(?[a-h]\)\s*)?(?:and |but |now )?(?:(?:what|how)[^?⟨]{0,40} )?(?:if|suppose|supposing|assuming|had|with (?:an? |the )?(?:residual|balloon|deposit|down payment))(?![a-z])/;

const comparesAlone =
  /^\W*(?:by )?how much (?:does|do|will|would|is|are|less|more|lower)(?:[^?⟨]|⟨[ea]\d+⟩)* if [^?]*\?/;

/** "What would they be without the balloon?", "… without the 25,000?" */
const withoutEnd =
  /^[^⟨]*(?:what|how (?:much|large|high|big)|the (?:payment|rent|deposit))[^?⟨]* without (?:the|an?|any|its|this|that) (?:balloon|residual|final (?:payment|sum)|last sum|closing (?:payment|sum)|⟨m(\d+)⟩)/;

interface Supposed {
  readonly sentence: Sentence;
  readonly role: Role;
  readonly value: number;
  /** Where its number stands. */
  readonly token?: number;
}

/** The question that supposes another sum, and that sum. */
function supposedSum(page: Page): Supposed | undefined {
  const all = page.sentences.filter(({ asks }) => asks);
  const bare = all.slice(1).find(({ text }) => withoutEnd.test(text) && !/⟨[ptn]\d+⟩/.test(text));
  const named = withoutEnd.exec(bare?.text ?? '')?.[1];
  if (bare) return { sentence: bare, role: 'finalAmount', value: 0, ...(named ? { token: Number(named) } : {}) };
  // "By how much does the payment fall if 3,500 is paid down?" asks of both.
  const asking = comparesAlone.test(all[0]?.text ?? '') ? all : all.slice(1);
  for (const sentence of asking) {
    const money = [...sentence.text.matchAll(/⟨m(\d+)⟩/g)].map(([, at]) => Number(at));
    const [token, another] = money;
    if (token === undefined || another !== undefined) continue;
    if (!supposes.test(sentence.text) && !comparesAlone.test(sentence.text)) continue;
    if (/⟨p\d+⟩|⟨n\d+⟩/.test(sentence.text)) continue;
    const found = sums.find(({ words }) => [...sentence.text.matchAll(words)].length > 0);
    if (found) return { sentence, token, role: found.role, value: tokenAt(page, token).value };
  }
  return undefined;
}

const asksAgain =
  /(?:what|how (?:large|much|high|big)) (?:would|could|can|will|must) (?:they|it|the (?:⟨e\d+⟩ )?(?:payments?|instal?ments?|rentals?|withdrawals?))(?: then)? be(?![a-z])/;

/** The plan's slots with the other sum. */
function withSum(plan: ReadPlan, role: Role, value: number): Partial<ReadPlan> | undefined {
  if (role === 'finalAmount')
    return plan.kind === 'saving' || plan.kind === 'lump-sum' ? undefined : { finalAmount: value };
  if (role === 'amount') return plan.amount === null || plan.price !== undefined ? undefined : { amount: value };
  const { price, downPayment = 0, amount } = plan;
  if (price === undefined && amount !== null && amount > value)
    return { price: amount, downPayment: value, amount: amount - value };
  return price === undefined || amount === null
    ? undefined
    : { downPayment: value, amount: amount + downPayment - value };
}

/** @returns nothing where no question supposes another sum, or what it asks is not what was asked before */
export function readOtherSum(page: Page): DraftReading | undefined {
  const supposed = supposedSum(page);
  if (!supposed) return undefined;
  const { sentence, token, role, value } = supposed;
  const roles: readonly (readonly [number, Role])[] = token === undefined ? [] : [[token, role]];
  const once = askingNothing(page, sentence);
  const own = page.questions.filter(({ start }) => start >= sentence.start && start < sentence.end);
  const first = readPlan(once, { scope: without(sentence), questions: ownedQuestions(once, () => 0) });
  const { plan, read } = first;
  const other = withSum(plan, role, value);
  // "What does she need? If she has 240,000, what can she draw?": the other way round.
  const isTurned = role === 'amount' && plan.unknown === 'amount' && plan.payment !== null && plan.payments !== null;
  // "What is needed? If 60,000 is there, how long does it last?"
  const lasts = own[0]?.asked === 'howLong' || own[0]?.asked === 'payments' || own[0]?.asked === 'years';
  if (isTurned && read.missing.length === 0 && own.length === 1 && (lasts || own[0]?.asked === 'payment'))
    return follow(
      page,
      { ...first, plan: { ...plan, name: 'first' } },
      ownedQuestions(page, ({ start }) => (start >= sentence.start && start < sentence.end ? 1 : 0)),
      lasts
        ? { amount: value, payments: null, unknown: 'payments', name: 'second' }
        : { amount: value, payment: null, unknown: 'payment', name: 'second' },
      [],
      roles,
      () => undefined,
    );
  const sought = once.questions.find(
    ({ asked }) => asked === plan.unknown || (asked === 'howLong' && plan.unknown === 'payments'),
  );
  const isBare = value === 0 && (plan.finalAmount ?? 0) > 0 && own.length <= 1;
  // "If 20,000 were to remain, how large would they be?"
  const isAgain = own.length === 1 && asksAgain.test(sentence.text);
  const isSame = isBare || isAgain || own.every(({ asked }) => asked === sought?.asked || asked === 'difference');
  const isAlone = once.questions.length === 0 && plan.unknown === 'payment';
  if (!other || !(sought || isAlone) || !isSame || plan.changes.length > 0 || read.missing.length > 0) return undefined;
  const isMore = own.some(({ asked }) => asked === 'difference');
  const [again] = own.length === 1 && sought && !isMore ? own : [];
  const kept = isMore || again ? { ...page, unread: once.unread } : once;
  const questions = ownedQuestions(kept, ({ start, asked }): Owner => {
    if (start === again?.start) return 1;
    if (asked === 'difference' && start >= sentence.start) return 'across';
    return start === sought?.start && !isMore && !again ? 'each' : 0;
  }).map((each): Owned =>
    // "What would they be without the balloon?" asks for no balloon.
    each.owner === 1 && sought ? { ...each, asked: sought.asked, place: undefined } : each,
  );
  const across: Across = () => ({
    quantity: 'difference',
    args: { of: quantitySought[plan.unknown], between: [0, 1] },
  });
  return follow(
    kept,
    { ...first, plan: { ...plan, name: isBare ? 'with the last sum' : 'first' }, questions: questionsOf(questions, 0) },
    questions,
    { ...other, name: isBare ? 'without it' : 'second' },
    [],
    roles,
    across,
  );
}
