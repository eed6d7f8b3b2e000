/** The same payments at the end and at the beginning of each period: "(a) at the end, (b) at the beginning of each month". */

import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import { readPlan } from '../onePlan.ts';
import { sentenceAt, type Page } from '../page.ts';
import { quantitySought } from '../quantitySought.ts';
import type { Match } from '../matches.ts';
import type { Sentence } from '../sentences.ts';
import { isIn } from './clauses.ts';
import { leaseAndLoan } from './offerRegions.ts';
import { comparedBy, ownedQuestions, questionsOf, readingOfPlans, wordsOf } from './severalPlans.ts';

type Timing = 'end' | 'beginning';

interface Two {
  readonly order: readonly [Timing, Timing];
  /** The sentence that asks the same of the other timing; nothing where one sentence asks of both. */
  readonly other?: Sentence;
  /** "at the beginning rather than the end": told as two, whatever is asked. */
  readonly isRather?: true;
}

/** "Give both and the difference." */
const isBoth = /^\W*(?:give|state|find|name|show) (?:them )?both(?: (?:payments|of them))?(?:,? and)?\W*$/;
/** "(b) at the beginning of the year?" */
const toldAt = /^\W*(?:and |or )?(?:\(?[a-h]\)\s*)?(?:at|on) /;

/** @returns nothing where payments fall one way only */
export function readTwoTimings(page: Page): DraftReading | undefined {
  const two = twoOf(page);
  // A lease in advance and a loan at month-ends.
  if (!two || leaseAndLoan(page)) return undefined;
  const [one, second] = two.order;
  const asked = two.other ? [two.other] : [];
  const isTiming = (span: Span): boolean =>
    isIn(asked, span) ||
    /^\W*(?:and |or )?(?:\(?[a-h]\)\s*)?(?:what (?:would|will|is) (?:it|they|that)(?: be)? (?:if )?)?(?:at|on|in|by) [^?]*\W*$/.test(
      page.flat.slice(span.start, span.end),
    );
  const once: Page = {
    ...page,
    timings: page.timings.filter(({ says }) => says === one),
    questions: page.questions.filter(
      ({ start, asked: what, isSupposed, unit }) =>
        what === 'difference' ||
        !(
          isIn(asked, { start, end: start }) ||
          (isSupposed && isTiming(unit) && toldAt.test(page.flat.slice(unit.start, unit.end)))
        ),
    ),
    unread: page.unread.filter((span) => !isTiming(span) && !isBoth.test(page.flat.slice(span.start, span.end))),
  };
  const questions = ownedQuestions(once, ({ asked: what }) =>
    what === 'difference' || what === 'choice' ? 'across' : 'each',
  );
  // "What is the difference between paying at the end and at the beginning?"
  const isBetween = questions.some(
    ({ asked: what, unit }) =>
      what === 'difference' &&
      / between |how much (?:more|less|larger|smaller)[^?]* (?:had|if)(?![a-z])/.test(
        page.flat.slice(unit.start, unit.end),
      ),
  );
  if (!two.isRather && !isBetween && questions.every(({ owner }) => owner === 'across')) return undefined;
  const first = readPlan(once, { questions: questionsOf(questions, 0) });
  if (first.read.missing.length > 0 || first.plan.kind === 'lump-sum' || first.plan.kind === 'convert')
    return undefined;
  const plan = { ...first.plan, timing: one };
  return readingOfPlans(
    once,
    [
      { ...first, plan: { ...plan, name: one === 'end' ? 'at the end' : 'at the beginning' } },
      { ...first, plan: { ...plan, timing: second, name: second === 'end' ? 'at the end' : 'at the beginning' } },
    ],
    questions,
    (question, plans) =>
      // "How much smaller are the latter?": the payments.
      question.asked === 'difference' &&
      /(?<![a-z])(?:the latter|the former|they)(?![a-z])/.test(wordsOf(once, question))
        ? { quantity: 'difference', args: { of: quantitySought[plan.unknown], between: [0, 1] } }
        : comparedBy(once, question, plans),
  );
}

const sameWorth = /(?<![a-z])(?:equivalent|equally good|worth (?:just )?as much|the same (?:value|worth))(?![a-z])/;

/** "What would be the equivalent rent if it were paid at the end of each month?": as much worth, at the other timing. */
export function readSameWorth(page: Page): DraftReading | undefined {
  const two = twoOf(page);
  if (!two?.other || !sameWorth.test(two.other.text)) return undefined;
  const asked = [two.other];
  const [one, second] = two.order;
  const questions = ownedQuestions(page, ({ unit }) => (isIn(asked, unit) ? 1 : 0));
  const later = questions.filter(({ owner }) => owner === 1);
  const once: Page = { ...page, timings: page.timings.filter(({ says }) => says === one) };
  const first = readPlan(once, { questions: questionsOf(questions, 0) });
  const { plan, read } = first;
  const quantity = plan.unknown === 'amount' || plan.unknown === 'finalAmount' ? plan.unknown : undefined;
  const isKnown = plan.payment !== null && quantity !== undefined && read.missing.length === 0;
  if (!isKnown || later.length !== 1 || later[0]?.asked !== 'payment') return undefined;
  const then = {
    ...plan,
    timing: second,
    payment: null,
    unknown: 'payment' as const,
    links: [{ field: quantity, fromPlan: 0, quantity }],
  };
  return readingOfPlans(
    { ...page, unread: page.unread.filter((span) => !isIn(asked, span)) },
    [
      { ...first, plan: { ...plan, timing: one, name: 'first' } },
      { ...first, plan: { ...then, name: 'instead' }, roles: new Map() },
    ],
    questions,
    (question, plans) => comparedBy(page, question, plans),
  );
}

function twoOf(page: Page): Two | undefined {
  const spans = page.timings
    .filter(
      (each, at) =>
        !page.timings.some(
          (other, index) =>
            other.end === each.end && (other.start < each.start || (other.start === each.start && index < at)),
        ),
    )
    .sort((each, next) => each.start - next.start);
  const told = toldAsTwo(page, spans);
  if (told) return told;
  const [first] = spans;
  const turned = spans.find(({ says }) => says !== first?.says);
  if (!first || !turned || spans.filter(({ start }) => start > turned.end).some(({ says }) => says === first.says))
    return undefined;
  const order = [first.says, turned.says] as const;
  const [here, there] = [sentenceAt(page, first), sentenceAt(page, turned)];
  const between = page.flat.slice(first.end, turned.start + ' at the'.length);
  // "What is the payment, and how much would it be if payments fell at the end?"
  const supposed = there?.asks
    ? /,? and (?:how much|what) (?:would|will|is) (?:it|that|he|she|they|there)(?: (?:be|have|get|receive|pay))?,? (?:if|were|at|on|in)/.exec(
        there.text,
      )
    : null;
  const from = there && supposed ? there.start + supposed.index : 0;
  if (there && supposed && from < turned.start)
    return { order, other: { ...there, start: from, text: there.text.slice(supposed.index) } };
  if (
    here &&
    here === there &&
    here.asks &&
    /(?:[(][b2i]+[)]|(?:^|\s)(?:or|and)(?= (?:what |how |if |at |on |in ))|, then(?= (?:if|at|in) )|⟨l\d+⟩)/.test(
      between,
    )
  )
    return { order };
  const isSupposed =
    /(?:^|[^a-z])(?:of the same|(?:what|how (?:much|large|big)) would (?:it|they|that|the [a-z]+) (?:be|come to|amount to|grow to)|if|what about|were|instead|had)(?![a-z])/;
  if (there?.asks && here !== there && isSupposed.test(there.text)) return { order, other: there };
  return undefined;
}

/** Two timings in one breath: "at the beginning rather than the end", "month-end payments or payments at the beginning". */
function toldAsTwo(page: Page, spans: readonly Match<Timing>[]): Two | undefined {
  // "In advance or in arrears? Give the payment in advance and the payment in arrears."
  const [third, last] = spans.slice(-2);
  const asking = third && last && third.says !== last.says ? sentenceAt(page, last) : undefined;
  if (third && last && asking?.asks && asking === sentenceAt(page, third) && spans.length > 2)
    return { order: [third.says, last.says] };
  // "at the beginning rather than the end of each month"
  const rather =
    /at the (beginning|start|end) (?:rather than|instead of|and not) (?:at )?the (?:beginning|start|end) of/.exec(
      page.flat,
    );
  // "Anton saves at the end and Bela at the start of each month."
  const each = /at the (end|beginning|start),? (?:and|but|while) [a-z]+ at the (?:end|beginning|start) of/.exec(
    page.flat,
  );
  const [early, later] = spans;
  // "She may choose month-end payments or payments at the beginning of each month. How much smaller are the latter?"
  const isEither =
    early &&
    later &&
    early.says !== later.says &&
    spans.length === 2 &&
    sentenceAt(page, early) === sentenceAt(page, later);
  if (
    isEither &&
    sentenceAt(page, early)?.asks === false &&
    /^[^⟨.;]{0,24}(?<![a-z])or(?![a-z])[^⟨.;]{0,24}$/.test(page.flat.slice(early.end, later.start))
  )
    return { order: [early.says, later.says], isRather: true };
  // "Compare payments at the end of the month with payments at the start."
  const isCompared =
    isEither &&
    /(?<![a-z])compare(?![a-z])/.test(sentenceAt(page, early)?.text ?? '') &&
    /^[^⟨.;]{0,24}(?<![a-z])(?:with|and|to|against)(?![a-z])[^⟨.;]{0,24}$/.test(
      page.flat.slice(early.end, later.start),
    );
  if (isCompared) return { order: [early.says, later.says] };
  if (each) return { order: each[1] === 'end' ? ['end', 'beginning'] : ['beginning', 'end'], isRather: true };
  if (rather) return { order: rather[1] === 'end' ? ['end', 'beginning'] : ['beginning', 'end'], isRather: true };
  return undefined;
}
