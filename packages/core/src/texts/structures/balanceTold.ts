/** "The balance just after the 18th of 48 payments was 9,312.40": what is left to pay, told on the way, tells the payment and the loan. */

import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import { sentenceAt, tokenAt, type Page } from '../page.ts';
import type { PlacedQuestion } from '../placedQuestions.ts';
import type { ReadLink } from '../reading.ts';
import { follower, without } from './followers.ts';
import { ownedQuestions, readingOfPlans, wordsOf, type Owner } from './severalPlans.ts';

const moment =
  '(?:just |right |immediately |directly )?(?:after|following|when|once) (?:(?:he|she|they|it) (?:has|have|had) (?:made|paid) )?(?:the |her |his |their )?(?:first )?⟨[on](\\d+)⟩(?: (?:of|out of) (?:the |her |his |their )?⟨n(\\d+)⟩)?(?: (?:equal |level )?(?:⟨e\\d+⟩(?:-end)? )?payments?)?';
const owed = '(?:(?:outstanding |remaining |unpaid )?(?:balance|debt|principal)|sum owed|amount owed)';
const told = [
  new RegExp(
    `${owed}(?: (?:of|on) (?:an?|the|her|his|their) [a-z ]{0,12}(?:loan|mortgage|debt))?,? ${moment},? (?:is|was|stands at|stood at|comes to|came to|amounts to) ⟨m(\\d+)⟩`,
  ),
  new RegExp(
    `${moment},? (?:(?:the|her|his|their) ${owed} (?:is|was|stands at|stood at|comes to|came to) ⟨m(\\d+)⟩|[a-z]+ (?:still )?(?:owes?|owed) ⟨m(\\d+)⟩|⟨m(\\d+)⟩ (?:is|was|are|were) (?:still )?(?:owed|owing|outstanding|left))`,
  ),
];

/** @returns nothing where no balance is told on the way of a loan whose payment or length is sought */
export function readBalanceTold(page: Page): DraftReading | undefined {
  const found = told.map((each) => each.exec(page.flat)).find((each) => each !== null);
  const said = found && sentenceAt(page, { start: found.index, end: found.index });
  const [made, all, ...sums] = (found ?? []).slice(1);
  const sum = sums.find((each) => each !== undefined);
  if (!found || !said || said.asks || made === undefined || sum === undefined) return undefined;
  const [k, balance] = [tokenAt(page, Number(made)).value, tokenAt(page, Number(sum)).value];
  const [token, left] = [page.places[Number(made)]!, page.places[Number(sum)]!];
  const ofAll = all === undefined ? undefined : tokenAt(page, Number(all)).value;
  const whole = readPlan(page, { scope: without(token, left), as: 'borrowing', questions: [] });
  const { plan } = whole;
  const payments = ofAll ?? plan.payments;
  const isKnown = plan.rate !== null && plan.changes.length === 0 && plan.finalAmount === 0 && plan.amount === null;
  if (!isKnown || !Number.isInteger(k) || (payments === null) === (plan.payment === null)) return undefined;
  if (payments !== null && payments <= k) return undefined;
  const questions = ownedQuestions(page, (each): Owner => ownerOf(page, each));
  const isAsked = (owner: Owner): boolean => questions.some((each) => each.owner === owner);
  const rest = follower(
    whole,
    {
      name: 'what is left',
      amount: balance,
      payments: payments === null ? null : payments - k,
      unknown: payments === null ? 'payments' : 'payment',
    },
    [],
    [
      [Number(made), 'after'],
      [Number(sum), 'amount'],
    ],
  );
  // "How many payments are there in all?" is not followed to the start.
  if (isAsked(1) && payments === null) return undefined;
  const link: ReadLink = { field: 'payment', fromPlan: 0, quantity: 'payment' };
  const start = follower(whole, { name: 'from the start', payments, payment: null, unknown: 'amount' }, [link], []);
  return readingOfPlans(page, isAsked(1) ? [rest, start] : [rest], questions, () => undefined);
}

/** Of the loan as it was: how large it was, and its interest; of what is left: the payment, and how many there are. */
function ownerOf(page: Page, each: PlacedQuestion): Owner {
  if (each.asked === 'amount' || each.asked === 'balance') return 1;
  const isOfAll =
    each.asked !== 'leftToPay' &&
    /(?<![a-z])(?:in all|altogether|in total|total|over the)(?![a-z])/.test(wordsOf(page, each));
  return isOfAll ? 1 : 0;
}
