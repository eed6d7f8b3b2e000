/** Other numbers: a report over many draws, worked out beside the page. */
import { Button, Progress } from '@mantine/core';
import {
  writeAnswer,
  type DrawReport,
  type Exercise,
  type HouseRules,
  type Limit,
  type Numbers,
} from '@hardy-sextant/core';
import { proxy, wrap } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { DrawsAnswer, DrawsWorker } from './draws.worker.ts';
import styles from './ExercisePage.module.css';

interface DrawsPanelProps {
  readonly exercise: Exercise;
  readonly rules: HouseRules;
  /** Shows a draw's numbers in the whole page. */
  readonly onShow: (numbers: Numbers) => void;
  readonly onLimit: (limit: Limit) => void;
}

export function DrawsPanel({ exercise, rules, onShow, onLimit }: DrawsPanelProps) {
  const [draws, setDraws] = useState(30);
  const [done, setDone] = useState<number>();
  const [answer, setAnswer] = useState<{ readonly of: Exercise; readonly answer: DrawsAnswer }>();
  const worker = useRef<Worker>(undefined);
  const stop = () => {
    worker.current?.terminate();
    worker.current = undefined;
    setDone(undefined);
  };
  useEffect(() => () => worker.current?.terminate(), []);
  const run = (count: number) => {
    stop();
    setDone(0);
    const started = new Worker(new URL('./draws.worker.ts', import.meta.url), { type: 'module' });
    worker.current = started;
    void wrap<DrawsWorker>(started)
      .report(
        exercise,
        count,
        rules,
        proxy((now: number) => worker.current === started && setDone(now)),
      )
      .then((found) => {
        if (worker.current !== started) return;
        setAnswer({ of: exercise, answer: found });
        stop();
      });
  };
  const report = answer?.answer.ok ? answer.answer.value : undefined;
  return (
    <section className={`sheet ${styles.try}`} aria-label="Other numbers">
      <h2 className="label">Other numbers</h2>
      <div className={styles.line}>
        <label>
          Draw{' '}
          <select
            aria-label="how many draws"
            value={draws}
            onChange={(event) => setDraws(Number(event.currentTarget.value))}
          >
            {[30, 100, 300, 1000].map((count) => (
              <option key={count} value={count}>
                {count}
              </option>
            ))}
          </select>{' '}
          sets
        </label>
        {done === undefined ? (
          <Button size="xs" onClick={() => run(draws)}>
            Look at them
          </Button>
        ) : (
          <Button size="xs" onClick={stop}>
            Stop
          </Button>
        )}
      </div>
      {done !== undefined && <Progress value={(done / draws) * 100} size="sm" aria-label="draws looked at" />}
      {answer && !answer.answer.ok && (
        <p role="alert" className={styles.failed}>
          {answer.answer.problem.message}
        </p>
      )}
      {report && (
        <Report
          report={report}
          exercise={exercise}
          rules={rules}
          stale={answer?.of !== exercise}
          onShow={onShow}
          onLimit={onLimit}
        />
      )}
    </section>
  );
}

function Report({
  report,
  exercise,
  rules,
  stale,
  onShow,
  onLimit,
}: Omit<DrawsPanelProps, never> & { readonly report: DrawReport; readonly stale: boolean }) {
  const format = (partId: string) =>
    exercise.parts.find(({ id }) => id === partId)?.format ?? { kind: 'money' as const, decimals: 2 };
  return (
    <div role="status" className={styles.report} data-stale={stale}>
      {stale && <p className="soft">The exercise has changed since; look at them again.</p>}
      <p className={report.sensible === report.draws ? styles.good : styles.warn}>
        {report.sensible === report.draws
          ? report.draws === 1
            ? '✓ Nothing varies; the one set of numbers can be solved.'
            : `✓ all ${report.draws} can be solved and keep every limit`
          : `△ ${report.sensible} of ${report.draws} can be solved and keep every limit; the others are drawn again`}
      </p>
      {report.refusals.slice(0, 5).map(({ why, draws, example }) => (
        <p key={why} className={styles.warn}>
          {draws} {draws === 1 ? 'draw' : 'draws'}: {why}{' '}
          <button type="button" className={styles.add} onClick={() => onShow(example)}>
            show one
          </button>
        </p>
      ))}
      <table className="ledger">
        <thead>
          <tr>
            <th className="words">Part</th>
            <th>Least</th>
            <th>Middle</th>
            <th>Most</th>
            <th>
              <span className="visually-hidden">Limit</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {report.spreads.map(({ partId, least, middle, most }) => (
            <tr key={partId}>
              <td className="words">{partId}</td>
              {[least, middle, most].map((value, at) => (
                <td key={at}>{writeAnswer(value, format(partId), rules)}</td>
              ))}
              <td>
                <button
                  type="button"
                  className={styles.add}
                  aria-label={`limit part ${partId} to this range`}
                  onClick={() => onLimit({ of: { part: partId }, least: Math.floor(least), most: Math.ceil(most) })}
                >
                  limit
                </button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {report.collisions.length === 0 ? (
        <p className={styles.good}>✓ no two slips give the same number</p>
      ) : (
        report.collisions.slice(0, 8).map(({ partId, between, draws, example }) => (
          <p key={partId + between.join()} className={styles.warn}>
            △ part {partId}: “{between[0]}” and {between[1] === 'the key' ? 'the key' : `“${between[1]}”`} give the same
            number in {draws} {draws === 1 ? 'draw' : 'draws'}{' '}
            <button type="button" className={styles.add} onClick={() => onShow(example)}>
              show one
            </button>
          </p>
        ))
      )}
    </div>
  );
}
