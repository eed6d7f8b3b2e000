/** Pasted text made ready: markup taken away, and many problems told apart. */

import { ownNumber, withoutOwnNumber } from './besideProblem.ts';

/** As many characters of one text are read, and as many problems at once. */
export const LONGEST_TEXT = 8_000;
export const MOST_PROBLEMS = 200;

const entities: Readonly<Record<string, string>> = {
  nbsp: ' ',
  amp: '&',
  lt: '<',
  gt: '>',
  quot: '"',
  pound: '£',
  euro: '€',
  ndash: '–',
  mdash: '—',
  frac12: '½',
  frac14: '¼',
  frac34: '¾',
};

/** What was copied from a web page or a word processor, as plain text. */
export function plainPasted(pasted: string): string {
  const text = pasted.replace(/\r\n?/g, '\n').replace(/[\u200b\ufeff\u00ad]/g, '');
  if (!/<\/?[a-z][^>]*>/i.test(text)) return text.replace(/&([a-z0-9]+);/gi, entity);
  return text
    .replace(/<(?:style|script)[\s\S]*?<\/(?:style|script)>/gi, '')
    .replace(/<!--[\s\S]*?-->/g, '')
    .replace(/<(?:br|\/p|\/div|\/li|\/tr|\/h\d)\b[^>]*>/gi, '\n')
    .replace(/<[^>]*>/g, '')
    .replace(/&([a-z0-9]+);/gi, entity)
    .replace(/\n{3,}/g, '\n\n')
    .trim();
}

const entity = (whole: string, name: string): string => entities[name.toLowerCase()] ?? whole;

const hasSums = /[$£€]\s?\d|\d\s?(?:[$£€%]|per ?cent|dollars|pounds|euros)|\d{3,}/;

/**
 * The problems of a pasted text: by their numbers where they carry them (1., 2., …), or else by blank lines. What stands
 * under a problem without numbers of its own — parts, a list — goes with it.
 */
export function splitProblems(pasted: string): string[] {
  const text = plainPasted(pasted).trim();
  if (text === '') return [];
  const byNumber = splitByNumbers(text);
  if (byNumber.length > 1) return byNumber;
  const problems: string[] = [];
  for (const block of text.split(/\n\s*\n+/)) {
    const isPart = /^\s*(?:\(?[a-h][).]|[•\-*]|\(?i{1,3}\))/.test(block) || !hasSums.test(block);
    const last = problems.at(-1);
    if (isPart && last !== undefined) problems[problems.length - 1] = `${last}\n${block}`;
    else problems.push(block);
  }
  return problems.map((each) => withoutOwnNumber(each).trim()).filter((each) => each !== '');
}

/** At lines numbered 1, 2, 3 … in order, each with sums of its own. */
function splitByNumbers(text: string): string[] {
  const lines = text.split('\n');
  const starts: number[] = [];
  let next: number | undefined;
  lines.forEach((line, at) => {
    const number = ownNumber.exec(line)?.[1];
    if (number === undefined) return;
    const value = Number(number);
    if (next === undefined ? value <= 1 || at === 0 : value === next) {
      starts.push(at);
      next = value + 1;
    }
  });
  const blocks = starts.map((start, index) => lines.slice(start, starts[index + 1] ?? lines.length).join('\n'));
  // Numbered questions of one problem have no sums of their own.
  if (
    blocks.length < 2 ||
    blocks.some((block) => !hasSums.test(block)) ||
    lines.slice(0, starts[0]).some((line) => hasSums.test(line))
  )
    return [];
  return blocks.map((block) => block.replace(ownNumber, '').trim());
}
