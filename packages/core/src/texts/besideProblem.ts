/** What stands beside a problem and is not of it: its number in a list, where it was found, how to write the answers. */

/** "12.", "Exercise 7:" before a problem. */
export const ownNumber =
  /^\s*(?:(?:problem|exercise|question|q|ex|task|aufgabe|no)\.?\s*)?\(?(\d{1,3})\s*[.):]\s+(?=\S)/i;
/** Where it was found, and how the answers are to be written. */
const remarks =
  /\(source:[^()]*\)|(?<=[.?!)]\s+)(?:please )?(?:round|give|express|state|quote) (?:all |your |the |both |final )*(?:answers?|results?)(?: [a-z-]+){0,3} (?:decimals?|cents?|penny|pence|euro|dollar|pound|significant figures|decimal places)(?: places?)?[.!]|(?<=[.?!)]\s+)(?:please )?(?:give|state|express) (?:it|them|this|the rate|each) (?:to|with) (?:one|two|three|four|five|six|\d) (?:decimals?|decimal places|places)(?: of a per ?cent)?[.!]|(?<=[.?!)]\s+)show (?:all |your |the )*work(?:ings?)?[.!]/gi;

/** Its own number, unless that is the first of several parts. */
function ownNumberOf(text: string): string {
  const [found = '', number] = ownNumber.exec(text) ?? [];
  return new RegExp(`[\\s(]${Number(number) + 1}[.)]\\s`).test(text) ? '' : found;
}

/** The text of a problem that stood in a list. */
export const withoutOwnNumber = (text: string): string => text.slice(ownNumberOf(text).length);

/**
 * @param text as it was pasted
 * @returns the text with blanks for its own number, unless that is the first of several parts; of the same length
 */
export function ofProblem(text: string): string {
  const found = ownNumberOf(text);
  const own = blanks(found) + text.slice(found.length);
  const said = own.replace(remarks, blanks);
  // All in capitals: they begin no sentence.
  return /[a-z\n]/.test(said) ? said : said.replace(/[A-Z]/g, (letter) => letter.toLowerCase());
}

const blanks = (words: string): string => words.replace(/\S/g, ' ');
