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
  return lines
    .map((line, at) => {
      const next = lines[at + 1];
      if (next === undefined) return line;
      return line + (isWrapped(lines, at) ? ' ' : '\n');
    })
    .join('');
}

function isWrapped(lines: readonly string[], at: number): boolean {
  const [line, next] = [trimmed(lines, at), trimmed(lines, at + 1)];
  if (line === '' || next === '' || beginsItem(next)) return false;
  if (beginsPart(next) && (endsSentence(line) || beginsPart(line))) return false;
  if (withinSentence(line, next) || needsMore(line)) return true;
  const block = blockAround(lines, at);
  const width = Math.max(...block.map((each) => each.length));
  const ends = block.slice(0, -1).map((each, index) => ({
    isFull: isFull(each, block[index + 1] ?? '', width),
    mayEnd: endsSentence(each) || beginsItem(block[index + 1] ?? '') || beginsPart(block[index + 1] ?? ''),
  }));
  const full = ends.filter(({ isFull: holds }) => holds).length;
  const goesOn = !endsSentence(line) && /^[a-z0-9$£€%(]/.test(next);
  return (
    width >= NARROWEST &&
    isFull(line, next, width) &&
    ends.every(({ isFull: holds, mayEnd }) => holds || mayEnd) &&
    (full > 1 || goesOn)
  );
}

const trimmed = (lines: readonly string[], at: number): string => (lines[at] ?? '').trim();

/** The next line's first word would not have found room. */
const isFull = (line: string, next: string, width: number): boolean =>
  line.length + 1 + (/^\S*/.exec(next)?.[0].length ?? 0) > width;

/** The lines around one, between empty ones. */
function blockAround(lines: readonly string[], at: number): string[] {
  let [from, to] = [at, at];
  while (from > 0 && trimmed(lines, from - 1) !== '') from -= 1;
  while (to + 1 < lines.length && trimmed(lines, to + 1) !== '') to += 1;
  return lines.slice(from, to + 1).map((each) => each.trim());
}
