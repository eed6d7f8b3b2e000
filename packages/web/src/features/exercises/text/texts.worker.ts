/** Problems are read here: the first takes longer than a frame, and fifty at once longer than that. */
import {
  defaultHouseRules,
  kindOf,
  numberStyleById,
  quoteInWords,
  solveCase,
  usualRange,
  type Exercise,
} from '@hardy-sextant/core';
import {
  draftsInNumbers,
  exerciseFromText,
  inText,
  leftOutOf,
  readProblem,
  type ProblemReading,
  type Settled,
  type TextPiece,
} from '@hardy-sextant/core/texts';
import { expose } from 'comlink';
import { statementInWords } from '../../../statement/statementInWords.ts';

export interface ReadText {
  readonly reading: ProblemReading;
  readonly pieces: readonly TextPiece[];
  /** Each plan in a sentence, `?` for what is sought; empty while a number is missing. */
  readonly sentences: readonly string[];
  /** What no part of an exercise will ask; nothing while a number is missing, so that none can be made. */
  readonly leftOut: readonly string[] | undefined;
}

/** Which numbers an exercise of a text varies, and which stay as they are. */
export interface VariedText {
  readonly varied: readonly { readonly name: string; readonly from: string; readonly to: string }[];
  readonly kept: readonly string[];
}

const worker = {
  read(text: string, settled: Settled): ReadText {
    try {
      return readText(text, settled);
    } catch {
      // Whatever stands in a text, the others go on.
      const reading = {
        ...readProblem(''),
        doubts: [{ about: 'text', says: 'This text could not be read.', choices: [] }],
      };
      return { reading, pieces: inText(text, reading), sentences: [], leftOut: undefined };
    }
  },
  /**
   * @param varied whether every given gets a range of its own
   * @returns nothing while a number is missing
   */
  make(text: string, settled: Settled, title: string, varied: boolean): Exercise | undefined {
    const reading = readProblem(text, { settled });
    const made = reading.asks.length > 0 ? exerciseFromText(text, reading, title, settled) : undefined;
    return made && varied ? withRanges(made.exercise) : made?.exercise;
  },
  /** @returns nothing while a number is missing */
  vary(text: string, settled: Settled): VariedText | undefined {
    const reading = readProblem(text, { settled });
    const made = reading.asks.length > 0 ? exerciseFromText(text, reading, '', settled) : undefined;
    if (!made) return undefined;
    const ranges = (withRanges(made.exercise).givens ?? []).flatMap(({ name, now, vary }) =>
      vary?.by === 'range' ? [{ name, from: vary.from, to: vary.to }] : [{ name, from: now, to: now }],
    );
    return { varied: ranges, kept: made.kept };
  },
};

function readText(text: string, settled: Settled): ReadText {
  const reading = readProblem(text, { settled });
  return {
    reading,
    pieces: inText(text, reading),
    sentences: sentencesOf(text, reading),
    leftOut: reading.asks.length > 0 ? leftOutOf(text, reading) : undefined,
  };
}

function sentencesOf(text: string, reading: ProblemReading): string[] {
  return draftsInNumbers(text, reading).map((draft) => {
    if (!draft) return '';
    if (!kindOf(draft).hasTable)
      return `A rate of ${draft.slots.rate} % ${quoteInWords(draft.quote, draft.paymentsPerYear)}, is quoted another way.`;
    const outcome = solveCase(draft, defaultHouseRules.rounding);
    return outcome.state === 'solved' ? statementInWords(draft, outcome.solved, true) : '';
  });
}

function withRanges(exercise: Exercise): Exercise {
  const style = numberStyleById(exercise.plans[0]?.draft.numberStyle ?? defaultHouseRules.numberStyle);
  const givens = (exercise.givens ?? []).map((given) => {
    const vary = usualRange(given, style);
    return vary ? { ...given, vary } : given;
  });
  return { ...exercise, givens };
}

export type TextsWorker = typeof worker;

expose(worker);
