/** "6 % in the first year, 2 % in the second and 4.5 % in the third": a sum at a rate of its own in each year. */

import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import { tokenAt, type Page } from '../page.ts';
import type { ReadChange, ReadPlan, ReadRate } from '../reading.ts';
import { ownedQuestions, readingOfPlans } from './severalPlans.ts';

const inYear =
  /⟨p(\d+)⟩(?: [a-z]+| ⟨a\d+⟩){0,2} (?:in|for|during) (?:the |its )?(?:year ⟨n(\d+)⟩|(?:⟨o(\d+)⟩|(first|second|third|fourth|fifth))(?: (?:year|one)| ⟨t\d+⟩)?(?=[,;.?]| and| but| then))/g;
const inTurn =
  /((?:⟨p\d+⟩,? )+(?:and )?⟨p\d+⟩) (?:in|over|for|during) (?:the |its )?(?:first |last |next |following )?⟨[nt](\d+)⟩/;

/** @returns nothing where the rates of a text are not told year by year, or something else is asked than what it comes to */
export function readYearlyRates(page: Page): DraftReading | undefined {
  const rates = page.tokens.flatMap(({ form }, at) => (form === 'percent' ? [at] : []));
  const told = byYear(page) ?? inOrder(page);
  if (!told || told.length < 2 || told.length !== rates.length) return undefined;
  const questions = ownedQuestions(page, () => 0).map((each) =>
    each.asked === 'balance'
      ? { ...each, asked: 'finalAmount' as const, place: undefined }
      : { ...each, place: undefined },
  );
  const isAsked = ({ asked }: (typeof questions)[number]): boolean => asked === 'finalAmount' || asked === 'interest';
  if (questions.length === 0 || !questions.every(isAsked)) return undefined;
  const isSum = (start: number): boolean =>
    page.tokens.some(({ form }, at) => form === 'money' && page.places[at]!.start === start);
  const sole = readPlan(page, { scope: ({ start }) => isSum(start), as: 'lump-sum', questions });
  if (sole.plan.amount === null) return undefined;
  const [first, ...later] = told.map((at): ReadRate => {
    const { value } = tokenAt(page, at);
    return { value, quoted: 'nominal', compoundingsPerYear: 1 };
  });
  const changes = later.map((rate, at): ReadChange => ({ kind: 'rate', after: at + 1, rate, keep: 'payment' }));
  const plan: ReadPlan = {
    ...sole.plan,
    rate: first!,
    paymentsPerYear: 1,
    payments: told.length,
    finalAmount: null,
    unknown: 'finalAmount',
    changes,
  };
  const roles = new Map([...sole.roles, ...told.map((at, year) => [at, year === 0 ? 'rate' : 'newRate'] as const)]);
  return readingOfPlans(
    page,
    [{ ...sole, plan, roles, changes: [], read: { ...sole.read, missing: [] } }],
    questions,
    () => undefined,
  );
}

/** The rates in the order of their years, if those are 1, 2, 3, … */
function byYear(page: Page): number[] | undefined {
  const found = [...page.flat.matchAll(inYear)].map(([, rate, year, ordinal, word]) => ({
    rate: Number(rate),
    year: word === undefined ? tokenAt(page, Number(year ?? ordinal)).value : ordinals.indexOf(word) + 1,
  }));
  return found.length > 1 && found.every(({ year }, at) => year === at + 1) ? found.map(({ rate }) => rate) : undefined;
}

const ordinals = ['first', 'second', 'third', 'fourth', 'fifth'];

/** "5 %, 6 % and 4.5 % in three successive years": as many rates as years. */
function inOrder(page: Page): number[] | undefined {
  const found = inTurn.exec(page.flat);
  const rates = found?.[1]?.match(/\d+/g)?.map(Number);
  return found && rates?.length === tokenAt(page, Number(found[2])).value ? rates : undefined;
}
