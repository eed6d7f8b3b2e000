/** A function that stays the same and calls the newest one it was given: for handing to parts that are drawn only when they change. */
import { useCallback, useLayoutEffect, useRef } from 'react';

export function useLatest<Args extends readonly unknown[], Result>(
  newest: (...args: Args) => Result,
): (...args: Args) => Result {
  const held = useRef(newest);
  useLayoutEffect(() => {
    held.current = newest;
  });
  return useCallback((...args: Args) => held.current(...args), []);
}
