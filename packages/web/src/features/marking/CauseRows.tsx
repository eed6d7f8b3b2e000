/** Causes as cards to go over and as rows, each with the way to its answers or worksheets. */
import { Button } from '@mantine/core';
import { causeWords, lookUp, roundTo, slipById } from '@hardy-sextant/core';
import { Link } from 'react-router';
import { RowButton } from '../../ui/RowButton.tsx';
import type { CauseCount, WentWrong } from './wentWrong.ts';
import styles from './WentWrong.module.css';
import { say } from '../../words/say.ts';

const percent = (share: number): string => `${roundTo(share * 100, 0)} %`;

interface ToGoOverProps {
  readonly setId: string;
  readonly causes: readonly CauseCount[];
  readonly onShow: (cause: CauseCount) => void;
}

export function ToGoOver({ setId, causes, onShow }: ToGoOverProps) {
  return (
    <section aria-label={say('Three things to go over')} className={styles.over}>
      {causes.map((each, at) => (
        <article key={each.id} className={`sheet block ${styles.thing}`}>
          <div className="soft">{say('{{at}} · part {{part}}', { at: at + 1, part: each.part })}</div>
          <h2 className="called">{each.name}</h2>
          <p>{(slipById(each.id.split('+')[0] ?? '') ?? lookUp(causeWords, each.id))?.advice}</p>
          <p className="soft">{say('{{countOf}}, {{lost}} marks', { countOf: countOf(each), lost: each.lost })}</p>
          <div className="line">
            {each.example ? (
              <Button size="compact-sm" onClick={() => onShow(each)}>
                {say('Show the working')}
              </Button>
            ) : (
              <Button size="compact-sm" component={Link} to={`${placeOf(setId, each)}&show=${each.id}`}>
                {say('Show the class')}
              </Button>
            )}
            <Button size="compact-sm" component={Link} to={placeOf(setId, each)}>
              {each.example ? say('See the answers') : say('See the worksheets')}
            </Button>
          </div>
        </article>
      ))}
    </section>
  );
}

function countOf({ count, example }: CauseCount): string {
  const what = example ? 'answer' : 'worksheet';
  return `${count} ${count === 1 ? what : `${what}s`}`;
}

/** Where the answers or the worksheets with a cause are seen. */
function placeOf(setId: string, { id, column, example }: CauseCount): string {
  const item = column.split('/')[0] ?? '';
  const cause = encodeURIComponent(id);
  return example
    ? `/sets/${setId}/marking?exercise=${item}&cause=${cause}`
    : `/sets/${setId}/worksheets?item=${item}&cause=${cause}`;
}

/** Every cause, beside its share in another class where one is chosen. */
export function CauseRows({
  setId,
  found,
  name,
  beside,
  onShow,
}: {
  readonly setId: string;
  readonly found: WentWrong;
  readonly name: string;
  readonly beside?: { readonly name: string; readonly share: (cause: CauseCount) => number | undefined };
  readonly onShow: (cause: CauseCount) => void;
}) {
  return (
    <table className="ledger sheet">
      <caption className="label">{say('Every cause, by what it cost')}</caption>
      <thead>
        <tr>
          <th className="words">{say('Part')}</th>
          <th className="words">{say('Cause')}</th>
          <th>{say('Answers')}</th>
          <th>{name}</th>
          {beside && <th>{beside.name}</th>}
          <th>{say('Marks lost')}</th>
          <th>
            <span className="visually-hidden">{say('What can be done')}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {found.causes.map((each) => (
          <tr key={`${each.column} ${each.id}`}>
            <td className="words">{each.part}</td>
            <td className="words">{each.name}</td>
            <td>{each.count}</td>
            <td>{percent(each.share)}</td>
            {beside && <td>{percent(beside.share(each) ?? 0)}</td>}
            <td>{each.lost}</td>
            <td>
              <RowAct setId={setId} cause={each} onShow={onShow} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

interface RowActProps {
  readonly setId: string;
  readonly cause: CauseCount;
  readonly onShow: (cause: CauseCount) => void;
}

function RowAct({ setId, cause, onShow }: RowActProps) {
  const { name, part, example } = cause;
  if (example)
    return (
      <RowButton
        label={say('show the working for {{name}} in part {{part}}', { name, part })}
        onAct={() => onShow(cause)}
      >
        {say('Working')}
      </RowButton>
    );
  return (
    <Button
      size="compact-xs"
      variant="subtle"
      component={Link}
      to={placeOf(setId, cause)}
      aria-label={say('see the worksheets with {{name}} in part {{part}}', { name, part })}
    >
      {say('Worksheets')}
    </Button>
  );
}
