/** The way back after a deletion is shown though its form has gone from the list. */
import { MutationObserver } from '@tanstack/react-query';
import { FreshQueries } from '../src/api/freshQueries.ts';
import { tellAfter } from '../src/api/tellAfter.ts';

/** A deletion whose list, read again, takes the form away before the write is over for it. */
function deleting(outcome: () => Promise<string>) {
  let leave = (): void => undefined;
  const observer = new MutationObserver<string, Error, void>(new FreshQueries(), {
    mutationFn: outcome,
    onSettled: () => leave(),
  });
  leave = observer.subscribe(() => undefined);
  return observer;
}

it('tells what was done when the form is gone', async () => {
  const told: string[] = [];
  const observer = deleting(() => Promise.resolve('rules'));
  const written = observer.mutate(undefined, { onSuccess: () => told.push('by the form') });
  tellAfter(written, (kept) => told.push(kept));
  await written;
  expect(told).toEqual(['rules']);
});

it('tells what went wrong', async () => {
  const told: string[] = [];
  const written = deleting(() => Promise.reject(new Error('away'))).mutate();
  tellAfter(
    written,
    () => told.push('done'),
    ({ message }) => told.push(message),
  );
  await expect(written).rejects.toThrow('away');
  expect(told).toEqual(['away']);
});
