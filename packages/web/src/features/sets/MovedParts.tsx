/** Before a set is assigned: the parts whose main number is another one under the rules of the class. */
import type { KeptClass, KeptSet, MovedPart } from '@hardy-sextant/contract';
import { Link } from 'react-router';
import { useMovedParts } from '../../api/rulesRecords.ts';
import { many, say } from '../../words/say.ts';
import { Said } from '../../words/Said.tsx';

/** More parts than this are counted, not named. */
const MOST_NAMED = 8;

export function MovedParts({ kept, chosen }: { readonly kept: KeptSet; readonly chosen: KeptClass }) {
  const moved = useMovedParts(kept.id, kept.revision, kept.assignedAt === undefined);
  const parts = moved.data ?? [];
  if (parts.length === 0) return null;
  const shown = parts.slice(0, MOST_NAMED);
  return (
    <section className="sheet block" aria-label={say('Other main numbers in this class')}>
      <h2 className="label">{say('Other main numbers in this class')}</h2>
      <p>
        <Said
          count={parts.length}
          one="{{code}} follows <to>{{rulesName}}</to>, other rules than this part was written under."
          text="{{code}} follows <to>{{rulesName}}</to>, other rules than these parts were written under."
          values={{ code: chosen.code, rulesName: chosen.rulesName }}
          parts={{ to: <Link to={`/rules?of=${chosen.rulesId}`} /> }}
        />{' '}
        {parts.every(({ bothRight }) => bothRight) && say('An answer with either number is right.')}
      </p>
      <ul className="list">
        {shown.map((part) => (
          <li key={`${part.itemId} ${part.partId}`}>
            {say('{{title}}, part {{partId}}:', { title: part.title, partId: part.partId })} {numbersOf(part)}
          </li>
        ))}
      </ul>
      {parts.length > shown.length && (
        <p className="soft">
          {many(parts.length - shown.length, 'and {{count}} part more', 'and {{count}} parts more')}
        </p>
      )}
    </section>
  );
}

function numbersOf({ there, here, cells, writtenUnder, bothRight }: MovedPart) {
  const pair = (
    <>
      <span className="figures">{here}</span>
      <span className="soft">
        {' '}
        (
        {say(
          bothRight === false
            ? 'under {{writtenUnder}} {{there}}, which is not right in this class'
            : 'under {{writtenUnder}} {{there}}',
          { writtenUnder, there },
        )}
        )
      </span>
    </>
  );
  if (cells === undefined) return pair;
  return (
    <>
      {many(cells, '{{count}} cell, the first', '{{count}} cells, the first')} {pair}
    </>
  );
}
