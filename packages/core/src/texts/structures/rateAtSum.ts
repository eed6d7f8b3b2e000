/** "What rent must he ask for 9 %? What rate would he earn at a rent of 2,100?": the rate that another sum comes to. */

import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import { askingNothing, sentenceAt, tokenAt, type Page } from '../page.ts';
import type { ReadPlan, Role } from '../reading.ts';
import { follow, without } from './followers.ts';
import { ownedQuestions } from './severalPlans.ts';

const rates: ReadonlySet<string> = new Set(['nominalRate', 'effectiveRate', 'ratePerPayment']);

/** @returns nothing where no rate is asked beside a sum of its own, of a plan that seeks such a sum at a told rate */
export function readRateAtSum(page: Page): DraftReading | undefined {
  const [asking, more] = page.questions.filter(({ asked }) => rates.has(asked));
  const sentence = asking && sentenceAt(page, asking);
  if (!sentence || more || page.questions.length < 2) return undefined;
  const found = [...sentence.text.matchAll(/(?<![a-z])(?:at|for|with|if|by|on|of) [^?⟨]{0,40}⟨m(\d+)⟩/g)];
  const token = Number(found[0]?.[1] ?? NaN);
  const isOther = /(?<![a-z])(?:fees?|charges?|deposit|down|residual|balloon|extra|more|less|off|discount)(?![a-z])/;
  const isBare =
    found.length === 1 &&
    !isOther.test(sentence.text) &&
    !/⟨[ptn]\d+⟩/.test(sentence.text) &&
    !/flat|charge/.test(page.flat);
  if (!isBare || page.questions.some((each) => each !== asking && sentenceAt(page, each) === sentence))
    return undefined;
  const once = askingNothing(page, sentence);
  const first = readPlan(once, { scope: without(sentence), questions: ownedQuestions(once, () => 0) });
  const { plan, read } = first;
  const sum = tokenAt(page, token).value;
  const other = otherSum(plan, sum);
  if (!other || !plan.rate || read.missing.length > 0 || plan.changes.length > 0) return undefined;
  const { price: _, ...bare } = plan;
  const told = plan.unknown === 'amount' ? bare : plan;
  return follow(
    page,
    {
      ...first,
      plan: { ...told, name: 'at the rate' },
      read: { ...read, wanted: plan.rate.compoundingsPerYear ?? undefined },
    },
    ownedQuestions(page, ({ start }) => (start === asking.start ? 1 : 0)),
    { ...other, rate: null, unknown: 'rate', name: 'at the sum' },
    [],
    [[token, plan.unknown === 'amount' ? 'amount' : 'payment'] as readonly [number, Role]],
    () => undefined,
  );
}

/** It takes the place of what is sought. */
function otherSum({ kind, unknown, amount, payment }: ReadPlan, sum: number): Partial<ReadPlan> | undefined {
  if (kind !== 'borrowing' && kind !== 'leasing' && kind !== 'drawing-down') return undefined;
  if (unknown === 'payment' && amount !== null && sum < amount) return { payment: sum };
  return unknown === 'amount' && payment !== null && sum > payment ? { amount: sum } : undefined;
}
