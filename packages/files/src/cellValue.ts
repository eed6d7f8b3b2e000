/** What a cell of a workbook shows, whatever the library wraps it in. */

/** A formula gives its result, rich text its text, a link its words, an error its code; nothing where the cell is empty. */
export function shownValue(value: unknown): number | string | boolean | Date | null {
  if (value === null || value === undefined) return null;
  if (value instanceof Date || typeof value === 'number' || typeof value === 'string' || typeof value === 'boolean')
    return value;
  if (typeof value !== 'object') return null;
  const { result, text, richText, error } = value as {
    result?: unknown;
    text?: unknown;
    richText?: readonly { text: string }[];
    error?: string;
  };
  if (richText) return richText.map((piece) => piece.text).join('');
  return error ?? shownValue(result ?? text);
}
