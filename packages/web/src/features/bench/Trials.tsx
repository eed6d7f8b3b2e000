/** The tries of a search, one a row, each with how far it is still off: a run that closes in. */
import { writeMoney, type NumberStyle, type StatementDraft } from '@hardy-sextant/core';
import type { TargetAnswer } from './target.worker.ts';
import { written, writtenReached, type Movable, type Reachable } from './targetWords.ts';
import styles from './TargetPanel.module.css';
import { say } from '../../words/say.ts';

export interface TrialsRun {
  readonly found: Extract<TargetAnswer, { ok: true }>;
  readonly moved: Movable;
  readonly reached: Reachable;
  readonly draft: StatementDraft;
  readonly style: NumberStyle;
  readonly target: number;
}

export function Trials({ found, moved, reached, draft, style, target }: TrialsRun) {
  const { trials } = found;
  if (trials.length < 2) return null;
  const off = trials.map((each) => each.reached - target);
  const widest = Math.max(...off.map(Math.abs));
  return (
    <div className="wide tight">
      <table className={`ledger ${styles.trials}`}>
        <caption className="label">
          {say('{{trials}} tries, each nearer than those it lies between', { trials: trials.length })}
        </caption>
        <thead>
          <tr>
            <th>{say('Try')}</th>
            <th>{moved.words}</th>
            <th>{reached.words}</th>
            <th>{say('off by')}</th>
            <th className="words">{say('how far off, in powers of ten')}</th>
          </tr>
        </thead>
        <tbody>
          {trials.map((trial, at) => (
            <tr key={at}>
              <td>{at + 1}</td>
              <td>{written(moved, trial.value, draft, style)}</td>
              <td>{writtenReached(reached, trial.reached, style)}</td>
              <td>{reached.kind === 'count' ? off[at] : writeMoney(off[at] ?? NaN, style)}</td>
              <td className="words">
                <Bar share={shareOf(off[at] ?? 0, widest)} over={(off[at] ?? 0) > 0} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** The share of a bar over so many powers of ten, so that late tries are still told apart. */
function shareOf(off: number, widest: number): number {
  if (off === 0 || widest === 0) return 0;
  return Math.max(0.01, 1 + Math.log10(Math.abs(off) / widest) / POWERS);
}

const POWERS = 6;

function Bar({ share, over }: { readonly share: number; readonly over: boolean }) {
  if (share === 0) return <span>{say('met')}</span>;
  return (
    <span className={styles.gap} data-over={over}>
      <span style={{ width: `${Math.min(1, share) * 100}%` }} />
      <span className="visually-hidden">{over ? say('over') : say('under')}</span>
    </span>
  );
}
