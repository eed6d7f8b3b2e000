/** Slips are told apart over the whole starter library. `npm run bench -- confusions` does the same with 200 draws and prints the table. */
import {
  answerKey,
  checkSubmission,
  defaultHouseRules,
  drawNumbers,
  must,
  prepareChecking,
  type Exercise,
} from '../src/index.ts';
import { starterExercises } from '../src/starters/index.ts';
import { addRates, noRates } from './slipRates.ts';

const rates = noRates();
beforeAll(() => {
  for (const exercise of [...starterExercises, onlyFull]) addRates(rates, exercise, 2);
}, 60_000);

const lasting = starterExercises.find(({ title }) => title === 'How long the museum fund lasts')!;
/** "How many full ones?" is asked in no starter. */
const onlyFull: Exercise = {
  ...lasting,
  parts: lasting.parts
    .filter(({ ask }) => ask.quantity === 'payments')
    .map((part) => ({ ...part, format: { kind: 'count', decimals: 0, down: true } })),
};

/** Slips whose numbers are, in whole or in part, those of another one too: docs/checking.md lists which. */
const shared = new Set([
  'rate-decimal-as-percent',
  'elapsed-for-remaining',
  'remaining-for-elapsed',
  'final-amount-sign',
  'deposit-sign',
  'value-left-over',
  'settings-left-at-one',
  'settings-left-at-twelve',
  'digit-lost',
  // Compounded weekly or daily is nearly the same: a last digit that was cut gives the same number.
  'converted-with-wrong-count',
  // In a total price, with the payment kept, what was not taken off was left out of the total.
  'down-payment-ignored',
  'trade-in-ignored',
  'price-financed',
  // Until the row after it was made, an extra payment that is late is one that is missing.
  'extra-a-row-late',
  // Where the count does not matter it is a rate divided by another count.
  'other-frequency',
  // In the time that an extra payment saves, another count of payments a year is another frequency altogether.
  'wrong-payments-per-year',
  // Without its extra payments a plan has the payments that were planned.
  'extra-left-out',
  // Counts are small whole numbers, and meet those of other mistakes.
  'amount-over-payment',
  'decimal-years-as-months',
]);

it('explains every answer made with a slip by that slip, nearly always first', () => {
  for (const { id, made, fits, first } of rates.slips.values()) {
    expect([id, made]).not.toEqual([id, 0]);
    expect([id, fits / made]).toEqual([id, expect.closeTo(1, 1)]);
    expect(fits / made).toBeGreaterThanOrEqual(0.99);
    // So few draws spread: the full measurement holds each to 95 %.
    if (!shared.has(id)) expect([id, first / made > 0.92]).toEqual([id, true]);
  }
});

it('never calls a right answer anything else, also written coarser', () => {
  expect(rates.right).toBeGreaterThan(550);
  expect(rates.rightCalledWrong).toEqual([]);
});

it('leaves random numbers unexplained', () => {
  expect(rates.random).toBeGreaterThan(450);
  expect(rates.randomExplained / rates.random).toBeLessThan(0.02);
});

describe('carried', () => {
  const chained = starterExercises.filter((exercise) =>
    answerKey(exercise, {}, defaultHouseRules).some(
      (keyed) => keyed.ok && keyed.value.uses.length > 0 && !keyed.value.table && !keyed.value.relation,
    ),
  );

  it.each(chained.map((exercise) => [exercise.title, exercise] as const))(
    '%s: what follows from a wrong early answer keeps its credit',
    (_title, exercise) => {
      for (let seed = 0; seed < 5; seed += 1) {
        const numbers = must(drawNumbers(exercise, seed));
        const { key } = prepareChecking(exercise, numbers, defaultHouseRules);
        const plain = key.map((keyed) => (keyed.ok ? keyed.value : undefined));
        const right = Object.fromEntries(
          plain.flatMap((keyed) => (keyed && !keyed.table ? [[keyed.part.id, keyed.written]] : [])),
        );
        for (const [at, keyed] of plain.entries()) {
          if (!keyed || keyed.table || keyed.choice || !plain.some((later) => later?.uses.includes(keyed.part.id)))
            continue;
          const wrong = String(Math.round(keyed.expected * 1.037 * 100) / 100);
          const verdicts = checkSubmission(exercise, numbers, { ...right, [keyed.part.id]: wrong }, defaultHouseRules);
          // Later parts still written as the key has them stay right: a wrong early answer lowers none of them.
          for (const verdict of verdicts.slice(at + 1))
            if (right[verdict.partId] !== undefined) expect(verdict).toMatchObject({ kind: 'right', credit: 1 });
          // And worked on from the wrong answer they are carried, with the same credit.
          const entries: Record<string, string> = { ...right, [keyed.part.id]: wrong };
          const own: Record<string, number> = { [keyed.part.id]: Number(wrong) };
          for (const later of plain.slice(at + 1)) {
            if (!later || later.table || later.choice || !later.uses.some((id) => own[id] !== undefined)) continue;
            const follows = answerKey(exercise, numbers, defaultHouseRules, own)[plain.indexOf(later)]!;
            if (!follows.ok || follows.value.expected === later.expected) continue;
            own[later.part.id] = follows.value.expected;
            entries[later.part.id] = follows.value.written;
            const now = checkSubmission(exercise, numbers, entries, defaultHouseRules).find(
              ({ partId }) => partId === later.part.id,
            )!;
            expect([later.part.id, now.kind]).toEqual([
              later.part.id,
              expect.stringMatching(/^(carried|right-rounded|right-other-way|reading)$/),
            ]);
            if (now.kind === 'carried') expect(now.credit).toBe(1);
          }
        }
      }
    },
  );
});
