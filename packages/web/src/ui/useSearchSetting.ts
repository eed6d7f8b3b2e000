/** What is chosen, filtered or opened on a screen, kept in its address: a link shows the same. */
import { useSearchParams } from 'react-router';

/** The settings in the address, and a way to change one; an empty one is left out. The step back leads to the screen before. */
export function useSearchSetting(): readonly [URLSearchParams, (name: string, value: string) => void] {
  const [search, setSearch] = useSearchParams();
  const set = (name: string, value: string) =>
    setSearch(
      (before) => {
        if (value === '') before.delete(name);
        else before.set(name, value);
        return before;
      },
      { replace: true },
    );
  return [search, set];
}
