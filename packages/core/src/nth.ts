/** Elements whose place is known to be taken. */

/**
 * The element at a place of a list, counted from 0, or the character of a text.
 *
 * @throws RangeError where there is none: the caller was wrong about the list
 */
export function nth<T>(list: ArrayLike<T | undefined>, at: number): T {
  const found = list[at];
  if (found === undefined) throw new RangeError(`There is no element ${at} in a list of ${list.length}.`);
  return found;
}
