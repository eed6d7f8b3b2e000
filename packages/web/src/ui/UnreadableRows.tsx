/** Rows of a list that this version cannot read: said by name, so that nobody thinks them gone. */
import { useUnreadable } from './records.ts';

export function UnreadableRows({ list }: { readonly list: Parameters<typeof useUnreadable>[0] }) {
  const rows = useUnreadable(list);
  if (rows.length === 0) return null;
  return (
    <p role="note" className="soft">
      {rows.length === 1 ? 'One more cannot' : `${rows.length} more cannot`} be read by this version and{' '}
      {rows.length === 1 ? 'is' : 'are'} left as {rows.length === 1 ? 'it is' : 'they are'}:{' '}
      {rows.map(({ title }) => `“${title}”`).join(', ')}.
    </p>
  );
}
