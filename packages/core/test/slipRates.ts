/** Measures how surely slips are told apart: answers made with each, over many draws, against what the checking says of them. */
import {
  askedOf,
  defaultHouseRules,
  drawNumbers,
  numberStyleById,
  prepareChecking,
  resultsOf,
  roundAs,
  seededRandom,
  slips,
  writeAnswer,
  type AnswerFormat,
  type Exercise,
  type HouseRules,
  type Question,
  type Verdict,
} from '../src/index.ts';

export interface SlipRate {
  readonly id: string;
  readonly topics: Set<string>;
  /** Answers made with it. */
  made: number;
  /** … of which it is among the explanations that fit. */
  fits: number;
  /** … of which it is the first explanation. */
  first: number;
  /** Answers that are right by the rules (within the tolerance, or another reading), so no mistake to name. */
  allowed: number;
  /** What stands before it, or instead of it, with how often. */
  readonly takenFor: Map<string, number>;
}

export interface Rates {
  readonly slips: Map<string, SlipRate>;
  right: number;
  rightCalledWrong: string[];
  random: number;
  randomExplained: number;
}

export function noRates(): Rates {
  const found = new Map<string, SlipRate>();
  for (const { id } of slips)
    found.set(id, { id, topics: new Set(), made: 0, fits: 0, first: 0, allowed: 0, takenFor: new Map() });
  return { slips: found, right: 0, rightCalledWrong: [], random: 0, randomExplained: 0 };
}

/** Adds what one exercise shows over so many draws. */
export function addRates(rates: Rates, exercise: Exercise, draws: number, rules: HouseRules = defaultHouseRules): void {
  const style = numberStyleById(rules.numberStyle);
  const random = seededRandom(`rates ${exercise.title}`);
  for (let seed = 0; seed < draws; seed += 1) {
    const numbers = drawNumbers(exercise, `rates ${seed}`);
    if (!numbers.ok) continue;
    const prepared = prepareChecking(exercise, numbers.value, rules);
    const before: Question[] = [];
    for (const keyed of prepared.key) {
      if (!keyed.ok || keyed.value.table || keyed.value.relation) continue;
      const { part, question, expected, exact, written } = keyed.value;
      const judge = (text: string): Verdict =>
        prepared.check({ [part.id]: text }).find(({ partId }) => partId === part.id)!;
      for (const text of [written, ...coarser(expected, part.format, rules)]) {
        rates.right += 1;
        const { kind } = judge(text);
        if (!isRight(kind)) rates.rightCalledWrong.push(`${exercise.title}, ${part.id}: ${text} is ${kind}`);
      }
      if (!keyed.value.choice) {
        for (let k = 0; k < 3; k += 1) {
          const text = anyNumber(expected, part.format, rules, random);
          if (text === undefined) continue;
          const { kind } = judge(text);
          if (isRight(kind) || kind === 'reading') continue;
          rates.random += 1;
          if (kind !== 'unexplained') rates.randomExplained += 1;
        }
      }
      if (!question || keyed.value.choice) continue;
      const asked = askedOf(
        question,
        exact,
        expected,
        part.format,
        style,
        before.filter((each) => JSON.stringify(each.draft.slots) !== JSON.stringify(question.draft.slots)),
      );
      before.push(question);
      for (const slip of slips) {
        if (!slip.applies(asked)) continue;
        const rate = rates.slips.get(slip.id)!;
        for (const { result } of resultsOf(slip, asked)) {
          if (!Number.isFinite(result) || Math.abs(result) > 1e12) continue;
          const coarse = slip.id === 'rounded-to-unit';
          // Who moves the point, or forgets the percent, does not lose the digits.
          const allDigits = slip.id === 'gave-percent-as-decimal' || slip.id === 'decimal-point-moved';
          const format = {
            ...part.format,
            up: false,
            decimals: part.format.decimals + (allDigits && part.format.decimals > 0 ? 3 : 0),
          };
          const value = coarse ? result : roundAs(result, format);
          // A slip that leads to the right number, or to nothing, leaves no trace.
          if ((!coarse && value === expected) || (value === 0 && expected !== 0)) continue;
          const verdict = judge(writeAnswer(value, format, rules));
          if (isRight(verdict.kind) || verdict.kind === 'reading') {
            rate.allowed += 1;
            continue;
          }
          rate.made += 1;
          rate.topics.add(exercise.topic ?? '');
          const names = verdict.explanations.map((each) => each.slips.join('+'));
          if (names.includes(slip.id)) rate.fits += 1;
          if (names[0] === slip.id && verdict.kind === 'slip') rate.first += 1;
          else {
            const instead = verdict.kind === 'slip' ? names[0]! : verdict.kind;
            rate.takenFor.set(instead, (rate.takenFor.get(instead) ?? 0) + 1);
          }
        }
      }
    }
  }
}

const isRight = (kind: Verdict['kind']): boolean => ['right', 'right-rounded', 'right-other-way'].includes(kind);

/** The right number written with fewer places. */
function coarser(expected: number, format: AnswerFormat, rules: HouseRules): string[] {
  if (format.kind !== 'money' || Math.abs(expected) < 100) return [];
  return [1, 0]
    .filter((decimals) => decimals < format.decimals)
    .map((decimals) => writeAnswer(roundAs(expected, { ...format, decimals }), { ...format, decimals }, rules));
}

/** A number of five digits or more, somewhere around the right one. */
function anyNumber(
  expected: number,
  format: AnswerFormat,
  rules: HouseRules,
  random: () => number,
): string | undefined {
  if (format.kind === 'years-months') return undefined;
  const value = roundAs(expected * 5 ** (2 * random() - 1), { ...format, up: false });
  const digits = Math.round(Math.abs(value) * 10 ** format.decimals);
  return digits >= 10_000 ? writeAnswer(value, format, rules) : undefined;
}

/** A row of figures a slip, as in docs/checking.md. */
export function ratesTable(rates: Rates): string {
  const percent = (part: number, whole: number): string =>
    whole === 0 ? '–' : `${((100 * part) / whole).toFixed(1)} %`;
  const rows = [...rates.slips.values()].map(({ id, topics, made, fits, first, takenFor }) => {
    const confused = [...takenFor]
      .sort((a, b) => b[1] - a[1])
      .slice(0, 3)
      .filter(([, times]) => times / made >= 0.002)
      .map(([name, times]) => `${name} ${percent(times, made)}`);
    return `| \`${id}\` | ${topics.size} | ${made} | ${percent(fits, made)} | ${percent(first, made)} | ${confused.join(', ')} |`;
  });
  return [
    '| slip | topics | answers | fits | first | taken for |',
    '| --- | ---: | ---: | ---: | ---: | --- |',
    ...rows,
  ].join('\n');
}
