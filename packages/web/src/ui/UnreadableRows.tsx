/** Rows of a list that this version cannot read: said by name, so that nobody thinks them gone. */
import type { UnreadableRecord } from '@hardy-sextant/contract';

export function UnreadableRows({ rows = [] }: { readonly rows: readonly UnreadableRecord[] | undefined }) {
  if (rows.length === 0) return null;
  return (
    <p role="note" className="soft">
      {rows.length === 1 ? 'One more cannot' : `${rows.length} more cannot`} be read by this version and{' '}
      {rows.length === 1 ? 'is' : 'are'} left as {rows.length === 1 ? 'it is' : 'they are'}:{' '}
      {rows.map(({ title }) => `“${title}”`).join(', ')}.
    </p>
  );
}
