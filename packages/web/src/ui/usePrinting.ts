/** True while the page is being printed: what is only for paper is drawn only then. */
import { useEffect, useState } from 'react';
import { flushSync } from 'react-dom';

export function usePrinting(): boolean {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    // The sheet must stand before the browser takes its picture of the page.
    const change = (now: boolean) => flushSync(() => setPrinting(now));
    const begin = () => change(true);
    const end = () => change(false);
    const media = window.matchMedia('print');
    const byMedia = () => change(media.matches);
    window.addEventListener('beforeprint', begin);
    window.addEventListener('afterprint', end);
    media.addEventListener('change', byMedia);
    return () => {
      window.removeEventListener('beforeprint', begin);
      window.removeEventListener('afterprint', end);
      media.removeEventListener('change', byMedia);
    };
  }, []);
  return printing;
}
