/** The bin: what was deleted, and the way back. */
import { Button } from '@mantine/core';
import { DAYS_IN_BIN, type BinKind, type DeletedRecord } from '@hardy-sextant/contract';
import { Link } from 'react-router';
import { PageHead } from '../../ui/PageHead.tsx';
import { useBin, useRestore } from '../../api/records.ts';
import { Empty, Failed, Loading } from '../../ui/States.tsx';
import { dayInWords, momentInWords } from '../../ui/days.ts';

const words: Readonly<Record<BinKind, string>> = {
  case: 'case',
  exercise: 'exercise',
  set: 'set',
  class: 'class with its sets',
  rules: 'house rules',
  style: 'entering style',
  worksheet: 'student’s worksheet',
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
      <PageHead title="Bin" where={`What was deleted, with everything in it, for ${DAYS_IN_BIN} days`} />
      {bin.isPending && <Loading what="the bin" />}
      {bin.isError && !bin.data && <Failed what="bin" error={bin.error} again={() => void bin.refetch()} />}
      {restore.error && <p role="alert">{restore.error.message}</p>}
      {restore.isSuccess && (
        <p role="status">
          It is back: <Link to={placeOf(restore.variables)}>look at it</Link>.
        </p>
      )}
      {bin.data?.length === 0 && (
        <Empty title="Nothing is in the bin">
          <p>
            Cases, exercises, sets, classes, worksheets, house rules and entering styles that you delete stay here for{' '}
            {DAYS_IN_BIN} days and can be brought back.
          </p>
        </Empty>
      )}
      {bin.data && bin.data.length > 0 && (
        <table className="ledger sheet">
          <thead>
            <tr>
              <th className="words">What</th>
              <th className="words">Kind</th>
              <th className="words">Deleted</th>
              <th className="words">Erased</th>
              <th>
                <span className="visually-hidden">what to do</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {bin.data.map(({ kind, id, title, deletedAt, setId }) => (
              <tr key={`${kind} ${id}`}>
                <td className="words">{title || 'without a title'}</td>
                <td className="words">{words[kind]}</td>
                <td className="words soft">{momentInWords(deletedAt)}</td>
                <td className="words soft">{erasedOn(deletedAt)}</td>
                <td>
                  <Button
                    size="compact-sm"
                    aria-label={`bring ${title} back`}
                    onClick={() => restore.mutate({ kind, id, ...(setId === undefined ? {} : { setId }) })}
                  >
                    Bring back
                  </Button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </>
  );
}
