/** A list that was on its way when a row was deleted is asked for anew. */
import { QueryObserver } from '@tanstack/react-query';
import { FreshQueries } from '../src/api/freshQueries.ts';

it('reads a list again whose first reading was on its way at the write', async () => {
  const queries = new FreshQueries();
  const answers: ((rows: string[]) => void)[] = [];
  const list = new QueryObserver(queries, {
    queryKey: ['cases', 'sheds'],
    queryFn: () => new Promise<string[]>((resolve) => answers.push(resolve)),
  });
  const stop = list.subscribe(() => undefined);
  const readAgain = queries.invalidateQueries({ queryKey: ['cases'] });
  answers[0]!(['mending shed', 'its copy, deleted since']);
  await new Promise(setImmediate);
  expect(answers).toHaveLength(2);
  answers[1]!(['mending shed']);
  await readAgain;
  expect(list.getCurrentResult().data).toEqual(['mending shed']);
  stop();
  queries.clear();
});
