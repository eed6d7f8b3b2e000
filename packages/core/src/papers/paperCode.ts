/** Short codes on papers: a student's paper of a set is found again by its code, and a mistyped one is noticed. */

/** Without letters and digits that look alike; 31 of them, a prime, so that every single mistake and every exchange shows. */
const letters = '23456789ABCDEFGHJKMNPQRSTUVWXYZ';
const LENGTH = 6;
/** Numbers this large are still exact when they are multiplied by 31. */
const SPACE = letters.length ** LENGTH;

/** @returns such as `K7QM-2XD`: six letters and one that checks them */
export function paperCode(setId: string, studentId: string): string {
  let rest = hashOf(`${setId} ${studentId}`) % SPACE;
  let code = '';
  for (let at = 0; at < LENGTH; at += 1) {
    code += letters[rest % letters.length] ?? '';
    rest = Math.floor(rest / letters.length);
  }
  const whole = code + checkOf(code);
  return `${whole.slice(0, 4)}-${whole.slice(4)}`;
}

/** What somebody typed as a code, as it is written; nothing where it is none or is mistyped. */
export function readPaperCode(typed: string): string | undefined {
  const code = typed.toUpperCase().replace(/[^A-Z0-9]/g, '');
  if (code.length !== LENGTH + 1 || [...code].some((letter) => !letters.includes(letter))) return undefined;
  if (checkOf(code.slice(0, LENGTH)) !== code.slice(LENGTH)) return undefined;
  return `${code.slice(0, 4)}-${code.slice(4)}`;
}

/** Each place counts another number of times. */
function checkOf(code: string): string {
  const sum = [...code].reduce((all, letter, at) => all + (at + 1) * letters.indexOf(letter), 0);
  return letters[sum % letters.length] ?? '';
}

/** A number below 2 to the 53, the same for the same text (FNV-1a, two halves). */
function hashOf(text: string): number {
  let [low, high] = [0x811c9dc5, 0x01000193];
  for (const letter of text) {
    const code = letter.codePointAt(0) ?? 0;
    low = Math.imul(low ^ code, 0x01000193) >>> 0;
    high = Math.imul(high ^ (code + low), 0x01000193) >>> 0;
  }
  return (high % 2 ** 21) * 2 ** 32 + low;
}
