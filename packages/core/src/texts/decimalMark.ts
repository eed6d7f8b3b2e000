/** How a text parts decimals. */

export type DecimalMark = '.' | ',';

/** Whether a comma or a point parts the decimals, as far as the text tells. */
export function decimalMarkOf(text: string): DecimalMark | undefined {
  if (/decimal comma|comma (?:as|for|is|marks?|sets off|separates?)(?: the| a)? ?(?:decimal|cents)/i.test(text))
    return ',';
  if (/\d{1,3}(?:[.\s]\d{3})+,\d{1,2}(?!\d)|\d,\d{1,2}\s?(?:€|%|per ?cent)|[€£$]\s?\d+,\d{2}(?!\d)/i.test(text))
    return ',';
  if (/\d,\d{3}(?:\.\d|\D|$)|\d\.\d{1,2}(?!\d)/.test(text)) return '.';
  return undefined;
}
