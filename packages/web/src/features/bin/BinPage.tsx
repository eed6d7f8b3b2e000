/** The bin: what was deleted, and the way back. */
import { Button } from '@mantine/core';
import { DAYS_IN_BIN, type BinKind, type DeletedRecord } from '@hardy-sextant/contract';
import { Link } from 'react-router';
import { PageHead } from '../../ui/PageHead.tsx';
import { useBin, useRestore } from '../../api/records.ts';
import { Empty, Failed, Loading } from '../../ui/States.tsx';
import { dayInWords, momentInWords } from '../../ui/days.ts';
import { say } from '../../words/say.ts';
import { Said } from '../../words/Said.tsx';

const words: Readonly<Record<BinKind, string>> = {
  case: say('case'),
  exercise: say('exercise'),
  set: say('set'),
  class: say('class with its sets'),
  rules: say('house rules'),
  style: 'entering style',
  worksheet: say('student’s worksheet'),
};
const places: Readonly<Record<BinKind, string>> = {
  case: '/bench/',
  exercise: '/exercises/',
  set: '/sets/',
  class: '/classes/',
  rules: '/rules?of=',
  style: '/rules?style=',
  worksheet: '/worksheets?sheet=',
};
const placeOf = ({ kind, id, setId }: Pick<DeletedRecord, 'kind' | 'id' | 'setId'>): string =>
  `${setId === undefined ? '' : `/sets/${setId}`}${places[kind]}${id}`;

/** The day on which it leaves the bin. */
const erasedOn = (deletedAt: string): string =>
  dayInWords(new Date(Date.parse(deletedAt) + DAYS_IN_BIN * 24 * 3_600_000).toISOString());

export function BinPage() {
  const bin = useBin();
  const restore = useRestore();
  return (
    <>
      <PageHead
        title={say('Bin')}
        where={say('What was deleted, with everything in it, for {{days}} days', { days: DAYS_IN_BIN })}
      />
      {bin.isPending && <Loading what={say('the bin')} />}
      {bin.isError && !bin.data && <Failed what={say('bin')} error={bin.error} again={() => void bin.refetch()} />}
      {restore.error && <p role="alert">{restore.error.message}</p>}
      {restore.isSuccess && (
        <p role="status">
          <Said text="It is back: <to>look at it</to>." parts={{ to: <Link to={placeOf(restore.variables)} /> }} />
        </p>
      )}
      {bin.data?.length === 0 && (
        <Empty title={say('Nothing is in the bin')}>
          <p>
            {say(
              'Cases, exercises, sets, classes, worksheets, house rules and entering styles that you delete stay here for {{days}} days and can be brought back.',
              { days: DAYS_IN_BIN },
            )}
          </p>
        </Empty>
      )}
      {bin.data && bin.data.length > 0 && <Deleted records={bin.data} onBack={restore.mutate} />}
    </>
  );
}

interface DeletedProps {
  readonly records: readonly DeletedRecord[];
  readonly onBack: (record: Pick<DeletedRecord, 'kind' | 'id' | 'setId'>) => void;
}

function Deleted({ records, onBack }: DeletedProps) {
  return (
    <table className="ledger sheet">
      <thead>
        <tr>
          <th className="words">{say('What')}</th>
          <th className="words">{say('Kind')}</th>
          <th className="words">{say('Deleted')}</th>
          <th className="words">{say('Erased')}</th>
          <th>
            <span className="visually-hidden">{say('what to do')}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {records.map(({ kind, id, title, deletedAt, setId }) => (
          <tr key={`${kind} ${id}`}>
            <td className="words">{title || say('without a title')}</td>
            <td className="words">{words[kind]}</td>
            <td className="words soft">{momentInWords(deletedAt)}</td>
            <td className="words soft">{erasedOn(deletedAt)}</td>
            <td>
              <Button
                size="compact-sm"
                aria-label={say('bring {{title}} back', { title })}
                onClick={() => onBack({ kind, id, ...(setId === undefined ? {} : { setId }) })}
              >
                {say('Bring back')}
              </Button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
