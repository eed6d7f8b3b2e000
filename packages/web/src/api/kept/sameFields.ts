/** Whether something remembered has the fields of a form, whatever is typed in them. */

const isRecord = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null;

/**
 * True where every field of `form` is in `typed`, fields that hold text or numbers holding text or numbers. A value out of
 * range, or a field that was emptied, is what was typed and is taken.
 */
export function sameFields<T extends object>(form: T, typed: unknown): typed is T {
  if (!isRecord(typed) || Array.isArray(form) !== Array.isArray(typed)) return false;
  return Object.entries(form).every(([name, value]) => {
    if (!Object.hasOwn(typed, name)) return value === undefined;
    const there = typed[name];
    return isRecord(value) ? sameFields(value, there) : !isRecord(there);
  });
}
