/** Questions as they are meant beside what the text has: a deposit, a balance, an amount of savings. */

import { changesOfText } from './changesOfText.ts';
import { sentenceAt, type Page } from './page.ts';
import { impliedFrequency } from './periodUses.ts';
import type { Question } from './question.ts';

/** One payment made today: it is an amount. */
function ofOneNow(page: Page): readonly Question[] {
  const isDueLater = /⟨m\d+⟩[^.?!⟨]{0,20} (?:due|payable|falls due)[^.?!⟨]{0,12} ⟨t\d+⟩/.test(page.flat);
  const isPaidNow =
    isDueLater && /(?:pay|paid|settle|discharge)[^.?!⟨]{0,30} (?:today|now|at once|immediately)/.test(page.flat);
  const isOneNow =
    isPaidNow ||
    (/(?:one|single|a|what|the) payment (?:(?:made|due|paid) )?(?:today|now|at once)/.test(page.flat) &&
      !page.periods.some(({ use }) => use === 'frequency'));
  const isPutInNow =
    !page.periods.some(({ use }) => use === 'frequency') &&
    page.questions.some(({ unit }) =>
      /(?:deposit|invest|put|pay|lay|set)(?: [a-z]+){0,3} (?:today|now|at once)/.test(
        page.flat.slice(unit.start, unit.end),
      ),
    );
  // "It is paid back in a single payment after nine years. How large is the payment?"
  const isOneLater =
    !page.periods.some(({ use }) => use === 'frequency') &&
    /(?:repaid|returned|returns?|given back|paid back|repays?|paid off|settled|settles?|clears?|cleared|discharged?|discharges)[^.?!⟨]{0,24} (?:in|by|with|as) (?:one|a single) (?:payment|sum|amount)/.test(
      page.flat,
    );
  if (isOneLater)
    return page.questions.map((each) => (each.asked === 'payment' ? { ...each, asked: 'finalAmount' as const } : each));
  return isOneNow || isPutInNow
    ? page.questions.map((each) =>
        each.asked === 'payment' || (isPaidNow && (each.asked === 'finalAmount' || each.asked === 'totalPaid'))
          ? { ...each, asked: 'amount' as const }
          : each,
      )
    : page.questions;
}

/** Nothing but savings is told, and of them the deposits. */
function isSavedAlone({ kinds, tokens, signs }: Page): boolean {
  const strong = kinds.filter(({ weight }) => weight >= 6);
  const sums = tokens.flatMap(({ form }, at) => (form === 'money' ? [signs[at]?.[0]] : []));
  const [only] = sums;
  return (
    strong.length > 0 &&
    strong.every(({ says }) => says === 'saving') &&
    sums.length === 1 &&
    only?.role === 'payment' &&
    only.weight >= 9
  );
}

/** Of savings whose deposits are told the end is asked, whatever it is called. */
function askedOfSavings(page: Page, questions: readonly Question[]): readonly Question[] {
  if (!isSavedAlone(page)) return questions;
  const isOther =
    /today|now|at once|present|single|lump|begin|start|first|borrow|loan|deposited|paid in|put in|contributed|invested/;
  return questions.map((each) =>
    each.asked === 'amount' && !isOther.test(page.flat.slice(each.start, each.unit.end))
      ? { ...each, asked: 'finalAmount' as const }
      : each,
  );
}

/** "The interest on a loan of …: how much in all?", "…: how much is it?" */
const isOfInterest = (page: Page, each: Question, words: string): boolean =>
  /^\W*(?:the|what is the) (?:total )?interest (?:on|of|in)(?![a-z])/.test(sentenceAt(page, each)?.text ?? '') &&
  ((each.asked === 'totalPaid' && /^\W*(?:and )?how much (?:is (?:it|that) )?in (?:all|total)/.test(words)) ||
    ((each.asked === 'amount' || each.asked === 'finalAmount') && /^\W*how much is it\W*$/.test(words)));

/** "How much interest is paid in all, and how much of it in the first five years?" */
const isPartOfInterest = ({ questions }: Page, each: Question, words: string): boolean =>
  each.asked === 'totalPaid' &&
  /^\W*(?:and )?how much of (?:it|that|this) (?:is|falls|runs|comes)[^?]* (?:in|during|over|within) (?:the (?:first|last|final|⟨o)|year)/.test(
    words,
  ) &&
  questions.filter(({ start }) => start < each.start).at(-1)?.asked === 'interest';

/** "What did he pay at first, and what does he pay now?", of a rate that has changed. */
const isPaidNow = (page: Page, each: Question, words: string): boolean =>
  (each.asked === 'amount' || each.asked === 'payment') &&
  /^\W*(?:and )?(?:what|how much) (?:does|must|will) (?:he|she|they) pay now\W*$/.test(words) &&
  page.questions.some(({ asked, start }) => asked === 'payment' && start < each.start) &&
  changesOfText(page).some(({ kind }) => kind === 'rate');

/** "If she pays the loan off right after the tenth payment, how much does she pay then?" */
const isPaidOff = ({ flat }: Page, each: Question, words: string): boolean =>
  each.asked === 'payment' &&
  /^\W*(?:how much|what) (?:does|must|will|would|has) (?:he|she|they) (?:then )?(?:have )?(?:to )?pay(?: then)?\W*$/.test(
    words,
  ) &&
  /(?<![a-z])(?:if|when) (?:he|she|they|it|the [a-z]+) (?:pays? (?:it|(?:the|her|his|their) (?:loan|debt|mortgage)) off|(?:pays? off|settles?|clears?|repays?) (?:it|(?:the|her|his|their) (?:loan|debt|mortgage|balance)))[^?]*, (?:and )?$/.test(
    flat.slice(0, each.start),
  );

const hasToday = /^\W*(?:and )?(?:how much|what) (?:does|do) (?:he|she|they|i|we|[a-z]+) have (?:today|now)\W*$/;
const putBefore =
  /(?<![a-z])(?:put|saved|deposited|paid|invested|set aside|began to|started to|began|started)(?![a-z])(?=[^?]*(?:⟨e\d+⟩))[^?]*(?:left (?:it|the money|everything)|stopped|no more)/;

/** "She put 90 in each month, then left it there. How much does she have today?" */
const isWhatGrew = ({ flat }: Page, { asked, start }: Question, words: string): boolean =>
  asked === 'amount' && hasToday.test(words) && putBefore.test(flat.slice(0, start));

/** What a question asks by what is told before it. */
function heardByTold(page: Page, each: Question, words: string, isOften: boolean): Question['asked'] | undefined {
  // "A legacy was put away eight years ago. What is it worth now?"
  const isAgo = /⟨t\d+⟩ ago(?![a-z])/.test(page.flat);
  if (isAgo && !isOften && each.asked === 'amount' && /worth (?:now|today)/.test(words)) return 'finalAmount';
  if (isWhatGrew(page, each, words)) return 'finalAmount';
  // "She invested 5,200 seven years ago. What is her balance today?"
  const isOwed = page.kinds.some(({ says }) => says === 'borrowing');
  if (isAgo && each.asked === 'balance' && !isOwed && /(?:now|today)\W*$/.test(words)) return 'finalAmount';
  // "The payments that follow are raised so that it still ends on time. What are they?"
  const isOfThose =
    each.asked === 'payment' &&
    /^\W*(?:what|how (?:large|high|big)) are (?:they|these|those)\W*$/.test(words) &&
    /payments (?:that|which) follow|(?:remaining|later|following|other) payments/.test(
      page.flat
        .slice(0, each.start)
        .split(/[.?!] /)
        .filter(Boolean)
        .at(-1) ?? '',
    );
  if (isOfThose && changesOfText(page).length > 0) return 'newPayment';
  if (isPaidOff(page, each, words)) return 'balance';
  // "… and the payment that she must make then."
  const isThen =
    each.asked === 'payment' &&
    !/before|both/.test(words) &&
    /(?<![a-z])(?:then|from then on|from there on|from that (?:day|time|point|date|moment)(?: on)?|afterwards|thereafter|after (?:that|this|the [a-z]+))(?: on)?\W*$/.test(
      words,
    );
  if (isThen && changesOfText(page).some(({ kind, token }) => kind !== 'new payment' && isBefore(page, token, each)))
    return 'newPayment';
  if (isPaidNow(page, each, words)) return 'newPayment';
  // "… and has the payment recalculated. How large was it, how large is it now?"
  const ofPayment =
    /^\W*(?:and )?how (?:large|big|high|much) (?:was|is|will) it(?: be)?( now| then| afterwards)?\W*$/.exec(words);
  const isOfPayment =
    ofPayment !== null &&
    (each.asked === 'finalAmount' || each.asked === 'amount' || each.asked === 'payment') &&
    /payments?(?: (?:is|are|was|be))?(?: then)? (?:recalculated|re-?computed|worked out|adjusted|lowered|reset|changed)[^.?!⟨]*[.;:] /.test(
      page.flat.slice(0, each.start),
    );
  if (isOfPayment) return ofPayment[1] ? 'newPayment' : 'payment';
  // "What does she owe when she pays again, and what must she pay?", after a pause.
  const isAfterPause =
    each.asked === 'payment' &&
    /^\W*(?:and )?(?:what|how much) (?:must|does|will|has) (?:he|she|they) (?:then )?(?:have to |to )?pay(?: then)?\W*$/.test(
      words,
    ) &&
    page.questions.some(({ asked, start }) => asked === 'balance' && start < each.start) &&
    page.questions.every((other) => other === each || other.asked !== 'payment');
  if (isAfterPause && changesOfText(page).some(({ kind }) => kind === 'skip')) return 'newPayment';
  // "… and adds a level sum each month. How large must this sum be?"
  const isLevelSum =
    each.asked === 'amount' &&
    /^\W*how (?:large|big|high) (?:must|should|does|is) (?:this|that|the) (?:level |equal |same )?(?:sum|amount)(?: (?:have to )?be)?\W*$/.test(
      words,
    ) &&
    /(?<![a-z])an? (?:level|equal|fixed|regular|constant) (?:sum|amount)(?![a-z])/.test(page.flat.slice(0, each.start));
  if (isLevelSum) return 'payment';
  return isOfInterest(page, each, words) || isPartOfInterest(page, each, words) ? 'interest' : undefined;
}

const isBefore = (page: Page, token: number, { start }: Question): boolean => page.places[token]!.start < start;

const isSupposing = (sentence: { readonly text: string } | undefined): boolean =>
  /^\W*(?:and )?if [^?]*(?<![a-z])(?:were|was|instead|had)(?![a-z])/.test(sentence?.text ?? '');

/** What a question asks by the one before it. */
function heardBehind(page: Page, each: Question, words: string, before: Question): Question['asked'] | undefined {
  // "What is the interest in the first year, and the total?"
  if (each.asked === 'totalPaid' && /^\W*(?:and )?(?:the )?total\W*$/.test(words) && before.asked === 'interest')
    return 'interest';
  // "How many payments are saved, and how much interest?"
  const isSavedToo =
    each.asked === 'interest' &&
    /^\W*(?:and )?how much interest\W*$/.test(words) &&
    before.asked === 'difference' &&
    /sav(?:e|es|ed)(?![a-z])/.test(page.flat.slice(before.start, before.unit.end));
  if (isSavedToo) return 'difference';
  // "If the rate were 7.8 % instead, which one?": the same again, and no choice.
  return each.asked === 'choice' && /^\W*which one\W*$/.test(words) && isSupposing(sentenceAt(page, each))
    ? before.asked
    : undefined;
}

/** Questions as they are meant beside what the text has. */
export function meantQuestions(page: Page): Question[] {
  // A deposit is paid down on a price, and paid in where there is none.
  const isPriced =
    !/sinking fund|(?:equal|regular|level|⟨e\d+⟩) deposits/.test(page.flat) &&
    page.signs.some((each, at) => page.tokens[at]?.form === 'money' && each[0]?.role === 'price');
  const isOften = page.periods.some(({ use }) => use === 'frequency') || impliedFrequency(page.flat) !== undefined;
  // "Which rate does the buyer get?" chooses among none.
  const isOneRate = !page.tokens.some(
    ({ form }, at) => form === 'percent' && !/Rate$/.test(page.signs[at]?.[0]?.role ?? ''),
  );
  const isShare = page.signs.some((each) => each[0]?.role === 'downPaymentRate');
  const deposit: Question['asked'] = isPriced || isShare ? 'downPayment' : isOften ? 'payment' : 'amount';
  const named = isOften ? askedOfSavings(page, ofOneNow(page)) : ofOneNow(page);
  const isRateChanged =
    named.some(({ asked }) => asked === 'payment') && changesOfText(page).some(({ kind }) => kind === 'rate');
  return named.flatMap((each): Question[] => {
    const words = page.flat.slice(each.start, each.unit.end);
    const heard = heardByTold(page, each, words, isOften);
    if (heard) return [{ ...each, asked: heard }];
    // "Equal deposits came to 61,000. What was the deposit?"
    if (
      isOften &&
      each.asked === 'amount' &&
      /(?:what|how (?:much|large)) (?:is|was|are|were) the (?:original |first |initial |old |regular |equal |⟨e\d+⟩ )?deposits?\W*$/.test(
        words,
      )
    )
      return [{ ...each, asked: deposit }];
    // "It has lain in the bank for 7 years. What is it now?"
    const isPaid =
      isOften ||
      /(?:payments?|instal|deposits|rental)(?![a-z])/.test(page.flat) ||
      named.some(({ asked }) => asked === 'payment');
    if (each.asked === 'newPayment' && !isPaid) return [{ ...each, asked: 'finalAmount' }];
    // "What was the payment, and what does it become?"
    if (isRateChanged && each.asked === 'finalAmount' && /it (?:then )?become|become of it/.test(words))
      return [{ ...each, asked: 'newPayment' }];
    // "After the deposit the balance went on a loan. What was the balance?"
    const isRest =
      each.asked === 'balance' &&
      (isPriced || isShare) &&
      /^\W*(?:⟨l\d+⟩\W*)?(?:what (?:is|was)|find|how (?:much|large) (?:is|was)) (?:the|this) balance\W*$/.test(words) &&
      /the balance (?:went|goes|is|was|by|on|over|in|at)(?![a-z])/.test(page.flat.slice(0, each.start));
    if (isRest) return [{ ...each, asked: 'amount' }];
    const before = named[named.indexOf(each) - 1];
    const behind = before && heardBehind(page, each, words, before);
    if (behind) return [{ ...each, asked: behind }];
    if (each.asked === 'deposit') return [{ ...each, asked: deposit }];
    if (isOneRate && each.asked === 'choice' && /which (?:[a-z]+ )?rate/.test(words))
      return [{ ...each, asked: 'nominalRate' }];
    // "What are the two payments?" of a loan whose rate changes.
    const isBoth =
      each.asked === 'payment' &&
      /(?:two|both|all|⟨n\d+⟩|before and after)(?: the)? (?:⟨e\d+⟩ )?payments|payments? before and after/.test(words) &&
      named.every(({ asked }) => asked !== 'newPayment') &&
      changesOfText(page).some(({ kind }) => kind === 'rate');
    return isBoth ? [each, { ...each, asked: 'newPayment' }] : [each];
  });
}
