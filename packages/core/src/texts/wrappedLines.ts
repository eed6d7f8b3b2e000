/** Lines that were cut to a width, as in a letter or a book: where a line is only wrapped, the text is read on. */

/** A line of so many letters may be wrapped; a shorter one is a list's. */
const NARROWEST = 40;

/** A line's end that may stand within a sentence. */
const withinSentence = (line: string, next: string): boolean =>
  line.length > NARROWEST && /[a-z0-9,€£$%)]$/.test(line) && /^(?:p\.[am]\.|[a-z$£€%](?![a-z]{0,3}[.)]))/.test(next);

/** Nothing ends with "at the" or "after". */
const needsMore = (line: string): boolean =>
  line.length > NARROWEST / 2 &&
  /\s(?:an?|the|of|at|for|over|after|with|in|to|by|and|or|each|every|per|is|are|from|on|than|another|his|her|their|its|owes?|pays?|borrows?)$/.test(
    line,
  );

const endsSentence = (line: string): boolean => /[.?!:;]$/.test(line);
const beginsItem = (line: string): boolean => /^[•●▪·*–—-]/.test(line);
const beginsPart = (line: string): boolean => /^\(?(?:[a-h]|i{1,3}|iv|vi?|\d{1,2})[.)](?:\s|$)/.test(line);

/**
 * @param text as it was pasted
 * @returns the text with a blank for each line's end that parts nothing; of the same length, so that places stay
 */
export function unwrapped(text: string): string {
  if (!text.includes('\n')) return text;
  const lines = text.split('\n');
  const trimmed = lines.map((line) => line.trim());
  const wrapped = blocksOf(trimmed).flatMap(wrappedIn);
  return lines.map((line, at) => (at === lines.length - 1 ? line : line + (wrapped[at] ? ' ' : '\n'))).join('');
}

/** Lines between empty ones; an empty line is a block of its own. */
function blocksOf(lines: readonly string[]): string[][] {
  const blocks: string[][] = [];
  for (const line of lines) {
    const last = blocks.at(-1);
    if (line !== '' && last && last[0] !== '') last.push(line);
    else blocks.push([line]);
  }
  return blocks;
}

/** Which lines of a block are read on. */
function wrappedIn(block: readonly string[]): boolean[] {
  const width = block.reduce((most, { length }) => Math.max(most, length), 0);
  const ends = block.slice(0, -1).map((line, at) => ({ line, next: block[at + 1] ?? '' }));
  const full = ends.filter(({ line, next }) => isFull(line, next, width)).length;
  const isCut =
    width >= NARROWEST &&
    ends.every(
      ({ line, next }) => isFull(line, next, width) || endsSentence(line) || beginsItem(next) || beginsPart(next),
    );
  const wrapped = ends.map(({ line, next }) => {
    if (beginsItem(next)) return false;
    if (beginsPart(next) && (endsSentence(line) || beginsPart(line))) return false;
    if (withinSentence(line, next) || needsMore(line)) return true;
    const goesOn = !endsSentence(line) && /^[a-z0-9$£€%(]/.test(next);
    return isCut && isFull(line, next, width) && (full > 1 || goesOn);
  });
  return [...wrapped, false];
}

/** The next line's first word would not have found room. */
const isFull = (line: string, next: string, width: number): boolean =>
  line.length + 1 + (/^\S*/.exec(next)?.[0].length ?? 0) > width;
