/**
 * A field whose value comes back by way of the address: the router shows it a moment later, so while somebody types the
 * field holds its own text, or fast typing would lose letters. Left, it shows what it was given again.
 */
import { useState } from 'react';

export function useTyped(shown: string, send: (text: string) => void) {
  const [typed, setTyped] = useState<string>();
  return {
    value: typed ?? shown,
    onBlur: () => setTyped(undefined),
    onText: (text: string) => {
      setTyped(text);
      send(text);
    },
  };
}
