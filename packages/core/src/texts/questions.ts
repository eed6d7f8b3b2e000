/** What a problem asks, in the order of its text, before it is known which case it is asked of. */

import type { FlatText, Span } from './flatText.ts';
import { questionCues, type Asked } from './lexicon/questions.ts';
import { lexicon, type Match } from './matches.ts';
import { piecesOf, type Sentence } from './sentences.ts';

export interface Question extends Span {
  readonly asked: Asked;
  /** From the words that ask to where the next question begins: its numbers stand here. */
  readonly unit: Span;
}

const find = lexicon(questionCues);

export interface Questions {
  readonly questions: readonly Question[];
  /** Pieces that ask for something that is not understood. */
  readonly unread: readonly Span[];
}

export function readQuestions({ flat }: FlatText, sentences: readonly Sentence[]): Questions {
  const questions: Question[] = [];
  const unread: Span[] = [];
  for (const sentence of sentences) {
    if (!sentence.asks) continue;
    const pieces = piecesOf(sentence);
    const found: { question: Match<Asked>; piece: Span }[] = [];
    pieces.forEach((piece, at) => {
      if (!piece.opens) return;
      const limit = pieces.slice(at + 1).find(({ asks }) => asks)?.start ?? sentence.end;
      const from = piece.start + (/^[\s,]*/.exec(flat.slice(piece.start, limit))?.[0].length ?? 0);
      const best = bestOf(find(flat.slice(from, limit)).filter(({ start }) => from + start < piece.end));
      if (best) found.push({ question: { ...best, start: from + best.start, end: from + best.end }, piece });
    });
    if (found.length === 0 && !sentence.text.startsWith('(') && pieces.some(({ asks }) => asks)) unread.push(sentence);
    found.forEach(({ question, piece }, index) => {
      const end = found[index + 1]?.piece.start ?? sentence.end;
      questions.push({ asked: question.says, start: piece.start, end: question.end, unit: { start: piece.start, end } });
    });
  }
  // A comparison that is announced and then asked is asked where it is asked.
  const choices = questions.filter(({ asked }) => asked === 'choice');
  const kept = questions.filter((each) => each.asked !== 'choice' || each === choices.at(-1));
  return { questions: inOrder(flat, kept), unread };
}

/** The strongest, and the sooner after the question's beginning the better; then the longest. */
function bestOf(matches: readonly Match<Asked>[]): Match<Asked> | undefined {
  const strength = (match: Match): number => match.weight - match.end / FAR;
  return [...matches].sort((one, other) => strength(other) - strength(one))[0];
}

/** So many letters weigh as much as one point of a cue. */
const FAR = 24;

/** "(Find the payment first.)" comes first. */
function inOrder(flat: string, questions: readonly Question[]): Question[] {
  const isFirst = ({ unit }: Question): boolean =>
    /(?<!the |one |its |each )first[.)]*\s*$|begin with/.test(flat.slice(unit.start, unit.end + 1).trim()) && /^(?:\W*find|\W*begin|\W*work)/.test(flat.slice(unit.start, unit.end));
  const first = questions.findIndex(isFirst);
  return first < 0 ? [...questions] : [...questions.slice(first), ...questions.slice(0, first)];
}
