/** What was just stored stays in sight, whatever a read that was asked before it brings. */
import { QueryClient, QueryObserver } from '@tanstack/react-query';
import type { Marking } from '@hardy-sextant/contract';
import { markingOf, right } from '../../files/test/demoMarking.ts';
import { markingKey, showNews } from '../src/features/marking/markingRecords.ts';

it('asks a read that is under way again, and never shows what it brings', async () => {
  const before = markingOf([right, {}]);
  const [first, second] = before.students;
  const answered = { ...second!, entries: { e1: { a: '1,642.38' } } };
  const after: Marking = { ...before, students: [first!, answered] };
  const reads: ((marking: Marking) => void)[] = [];
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const read = (): Promise<Marking> => new Promise((done) => reads.push(done));
  const observer = new QueryObserver(queries, { queryKey: markingKey('s'), queryFn: ({ signal: _signal }) => read() });
  const stop = observer.subscribe(() => {});
  const shown = (): Marking | undefined => queries.getQueryData<Marking>(markingKey('s'));
  const settled = () => new Promise((done) => setTimeout(done, 0));

  reads[0]!(before);
  await settled();
  expect(shown()).toEqual(before);
  // A read is under way when the answer is stored.
  void queries.invalidateQueries({ queryKey: markingKey('s') });
  expect(reads).toHaveLength(2);
  await showNews(queries, 's', { students: [answered] });
  expect(shown()).toEqual(after);
  expect(reads).toHaveLength(3);
  reads[1]!(before);
  await settled();
  expect(shown()).toEqual(after);
  reads[2]!(after);
  await settled();
  expect(shown()).toEqual(after);
  stop();
  queries.clear();
});
