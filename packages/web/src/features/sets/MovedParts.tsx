/** Before a set is assigned: the parts whose main number is another one under the rules of the class. */
import type { KeptClass, KeptSet, MovedPart } from '@hardy-sextant/contract';
import { Link } from 'react-router';
import { useMovedParts } from '../../api/rulesRecords.ts';

/** More parts than this are counted, not named. */
const MOST_NAMED = 8;

export function MovedParts({ kept, chosen }: { readonly kept: KeptSet; readonly chosen: KeptClass }) {
  const moved = useMovedParts(kept.id, kept.revision, kept.assignedAt === undefined);
  const parts = moved.data ?? [];
  if (parts.length === 0) return null;
  const shown = parts.slice(0, MOST_NAMED);
  return (
    <section className="sheet block" aria-label="Other main numbers in this class">
      <h2 className="label">Other main numbers in this class</h2>
      <p>
        {chosen.code} follows <Link to={`/rules?of=${chosen.rulesId}`}>{chosen.rulesName}</Link>, other rules than{' '}
        {parts.length === 1 ? 'this part was' : 'these parts were'} written under.{' '}
        {parts.every(({ bothRight }) => bothRight) && 'An answer with either number is right.'}
      </p>
      <ul className="list">
        {shown.map((part) => (
          <li key={`${part.itemId} ${part.partId}`}>
            {part.title}, part {part.partId}: {numbersOf(part)}
          </li>
        ))}
      </ul>
      {parts.length > shown.length && <p className="soft">and {parts.length - shown.length} parts more</p>}
    </section>
  );
}

function numbersOf({ there, here, cells, writtenUnder, bothRight }: MovedPart) {
  const pair = (
    <>
      <span className="figures">{here}</span>
      <span className="soft">
        {' '}
        (under {writtenUnder} {there}
        {bothRight === false && ', which is not right in this class'})
      </span>
    </>
  );
  if (cells === undefined) return pair;
  return (
    <>
      {cells} {cells === 1 ? 'cell' : 'cells'}, the first {pair}
    </>
  );
}
