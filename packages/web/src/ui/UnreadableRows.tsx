/** Rows of a list that this version cannot read: said by name, so that nobody thinks them gone. */
import type { UnreadableRecord } from '@hardy-sextant/contract';
import { many } from '../words/say.ts';

export function UnreadableRows({ rows = [] }: { readonly rows: readonly UnreadableRecord[] | undefined }) {
  if (rows.length === 0) return null;
  return (
    <p role="note" className="soft">
      {many(
        rows.length,
        'One more cannot be read by this version and is left as it is: {{rows}}.',
        '{{count}} more cannot be read by this version and are left as they are: {{rows}}.',
        { rows: rows.map(({ title }) => `“${title}”`).join(', ') },
      )}
    </p>
  );
}
