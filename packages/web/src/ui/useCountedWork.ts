/** Work on many things, one after the other: how many are done, stopped by a person or when the page is left. */

import { notifications } from '@mantine/notifications';
import { useEffect, useRef, useState } from 'react';
import { say } from '../words/say.ts';

/** @param onDone how many are done @param signal aborted when it is stopped: nothing is to be done after */
export type CountedWork = (onDone: (done: number) => void, signal: AbortSignal) => Promise<void>;

/** @param what is made, for when it fails: "The templates could not be made: …" */
export function useCountedWork(what: string) {
  const [done, setDone] = useState<number>();
  const running = useRef<AbortController>(undefined);
  const stop = () => {
    running.current?.abort();
    running.current = undefined;
    setDone(undefined);
  };
  useEffect(() => () => running.current?.abort(), []);
  const run = (work: CountedWork) => {
    stop();
    const started = new AbortController();
    running.current = started;
    setDone(0);
    const onDone = (count: number) => {
      if (running.current === started) setDone(count);
    };
    work(onDone, started.signal)
      .catch((error: Error) => {
        if (!started.signal.aborted)
          notifications.show({
            message: say('{{what}} could not be made: {{message}}', { what, message: error.message }),
            autoClose: false,
          });
      })
      .finally(() => {
        if (running.current === started) stop();
      });
  };
  return { done, run, stop };
}
