/** What has arrived is shown by the page before it leaves the outbox: nothing older is seen between. */
import { notifyManager, QueryObserver } from '@tanstack/react-query';
import { FreshQueries } from '../src/api/freshQueries.ts';
import { heardFirst } from '../src/api/kept/heardFirst.ts';
import { Outbox, type SendOutcome } from '../src/api/kept/outbox.ts';

interface Typed {
  readonly text: string;
}

it('never shows an older text between the sending and the page', async () => {
  const queries = new FreshQueries();
  queries.setQueryData(['page'], '5');
  const observer = new QueryObserver<string>(queries, { queryKey: ['page'], enabled: false });
  let page = observer.getCurrentResult().data;
  // As a screen hears of it.
  const stop = observer.subscribe(
    notifyManager.batchCalls(() => {
      page = observer.getCurrentResult().data;
    }),
  );
  const box = new Outbox<Typed>(
    {
      send: heardFirst<Typed, SendOutcome<Typed>>(async ([typed]) => {
        await Promise.resolve();
        queries.setQueryData(['page'], typed?.text);
        return { is: 'sent' };
      }),
      keyOf: () => 'a',
      join: (_, later) => later,
      onTop: (_, later) => later,
      isNothing: () => false,
    },
    3000,
  );
  const shown: (string | undefined)[] = [];
  box.subscribe(() => shown.push(box.state().waiting[0]?.text ?? page));
  box.add([{ text: '56' }]);
  await box.flush();
  stop();
  expect(shown.at(-1)).toBe('56');
  expect(new Set(shown)).toEqual(new Set(['56']));
});
