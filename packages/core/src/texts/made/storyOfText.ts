/** The story and the prompts of a text: sentences that only ask become the prompts of their parts, all else is told. */

import { capital } from '../../capital.ts';
import { originOf, type Span } from '../flatText.ts';
import { readPage, type Page } from '../page.ts';
import type { ProblemReading, ReadAsk } from '../reading.ts';
import type { TextGiven } from './givensOfText.ts';

export interface ToldText {
  /** Plain text; `{name}` is a given. */
  readonly story: string;
  /** By part; nothing where the text asks within a sentence that also tells. */
  readonly prompts: Readonly<Record<string, string>>;
}

export function storyOfText(text: string, reading: ProblemReading, givens: readonly TextGiven[]): ToldText {
  const page = readPage(text);
  const asking = page.sentences
    .filter((sentence) => sentence.asks)
    .map((sentence) => originOf(page, sentence))
    .filter((span) => {
      const own = givens.filter(({ start }) => start >= span.start && start < span.end);
      const isItself = asksByItself.test(text.slice(span.start, span.end));
      return own.length === 0 || (isItself && own.every((each) => isOfQuestion(reading, each, span)));
    });
  const prompts: Record<string, string> = {};
  for (const ask of reading.asks) {
    const unit = unitOf(page, ask);
    const isOwn = unit && reading.asks.filter((other) => other.start === ask.start).length === 1;
    const sentence = unit && asking.find((span) => unit.start >= span.start && unit.start < span.end);
    if (!unit || !isOwn || !sentence) continue;
    const own = { start: beginOf(page, text, sentence, unit), end: unit.end };
    if (!isPlacedElsewhere(page, ask, sentence, own)) prompts[ask.part] = promptOf(withGivens(text, givens, own));
  }
  // A question whose words do not stand alone keeps its sentence in the story.
  const told = asking.filter((span) =>
    reading.asks.every((ask) => ask.start < span.start || ask.start >= span.end || prompts[ask.part] !== undefined),
  );
  const story = withPlaces(text, givens, told);
  // A question that is all there is tells the story, too.
  return /\p{L}/u.test(story) ? { story, prompts } : { story: withPlaces(text, givens, []), prompts: {} };
}

/** Not "And at 7 %?", which asks by the question before it. */
const asksByItself = /(?<![a-z])(?:what|how|which|who|when|find|calculate|compute|determine|state|give)(?![a-z])/i;

/** "What would it be with a residual of 7,000?": the number is that of the one plan that is asked of there, and of no other. */
function isOfQuestion({ asks }: ProblemReading, { use: { plan = 0 } }: TextGiven, { start, end }: Span): boolean {
  const [only, more] = asks.filter((ask) => ask.start >= start && ask.start < end);
  return plan > 0 && only !== undefined && more === undefined && (only.plan === plan || only.plan === null);
}

/** Part of the text with its givens in place. */
const withGivens = (text: string, givens: readonly TextGiven[], { start, end }: Span): string =>
  withPlaces(
    text,
    givens.filter((each) => each.start >= start && each.end <= end),
    [
      { start: 0, end: start },
      { start: end, end: text.length },
    ],
  );

/** Where the question of an ask stands, to its end; "And at 7 %?" is one by its sentence. */
function unitOf(page: Page, ask: ReadAsk): Span | undefined {
  const isThere = (each: Span): boolean => originOf(page, each).start === ask.start;
  const question =
    page.questions.find(isThere)?.unit ??
    page.sentences.find((each) => each.asks && asksByItself.test(each.text) && isThere(each));
  return question && originOf(page, question);
}

const labelAtEnd = '(?:\\(?(?:[a-h]|i{1,3}|iv|v|\\d{1,2})[.)])?';
/** "Find (a)": what to find comes behind it. */
const onlyAsks = new RegExp(
  `^\\W*${labelAtEnd}\\W*(?:(?:and|then|please|also|now|first|finally|next),? )*(?:find|determine|calculate|compute|state|give|work out|show|report|required|wanted|sought|to find|questions?)?(?: the following)?\\W*${labelAtEnd}\\W*$`,
  'i',
);

/** "After two years, how much is owed?", "If the payment stays, how many remain?": what stands before the question belongs to it. */
function beginOf(page: Page, text: string, sentence: Span, unit: Span): number {
  const ends = page.questions
    .map((each) => originOf(page, each.unit))
    .filter(({ start, end }) => start < unit.start && end <= unit.start && end > sentence.start);
  const from = Math.max(sentence.start, ...ends.map(({ end }) => end));
  return onlyAsks.test(text.slice(from, unit.start)) ? unit.start : from;
}

/** "Find the interest and the principal in the 12th payment": which payment, the first of them does not say. */
function isPlacedElsewhere(page: Page, { args }: ReadAsk, sentence: Span, own: Span): boolean {
  const isPlaced = args?.k !== undefined || args?.from !== undefined || args?.after !== undefined;
  const hasNumber = (span: Span): boolean =>
    page.tokens.some(
      ({ form, start }) => ['time', 'nth', 'count'].includes(form) && start >= span.start && start < span.end,
    );
  return isPlaced && hasNumber(sentence) && !hasNumber(own);
}

/** Without its label, closed by a mark. */
function promptOf(text: string): string {
  const bare = text
    .replace(/^[\s,;:.–—-]*(?:and|then|also)?\s*/i, '')
    .replace(/^\(?(?:[a-h]|i{1,3}|iv|v|\d{1,2})[.)]\s*/i, '')
    // The label of the next part.
    .replace(/[;,:]\s*(?:\d{1,2}[.)]|\(\d{1,2}\)?)\s*$/, '')
    .replace(/\s*(?:[,;:(]|\band\b|\bthen\b)*\s*\(?(?:[a-h]|i{1,3}|iv|v)?\)?\s*$/i, (tail) =>
      /[?.!]/.test(tail) ? tail.trim() : '',
    )
    .replace(/\s+/g, ' ')
    .trim();
  const closed = /[?.!]$/.test(bare)
    ? bare
    : `${bare}${/(?:^|, )(?:what|how|which|who|where|when|for how|in how|after how|by how|at what)(?![a-z])/i.test(bare) ? '?' : '.'}`;
  return capital(closed);
}

/** The text with its givens in place, without some spans of it. */
function withPlaces(text: string, givens: readonly TextGiven[], without: readonly Span[]): string {
  const cuts = [
    ...givens.map(({ start, end, given }) => ({ start, end, put: `{${given.name}}` })),
    ...without.map((span) => ({ ...span, put: '' })),
  ].sort((one, other) => one.start - other.start);
  let told = '';
  let at = 0;
  for (const { start, end, put } of cuts) {
    if (start < at) continue;
    told += text.slice(at, start).replace(/[{}]/g, ' ') + put;
    at = end;
  }
  told += text.slice(at).replace(/[{}]/g, ' ');
  return told
    .replace(/[ \t\u00a0]+/g, ' ')
    .replace(/\(\s*\)/g, '')
    .replace(/ *\n */g, '\n')
    .trim();
}
