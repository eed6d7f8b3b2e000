/** Other numbers: a report over many draws, worked out beside the page. */
import { Button, Progress } from '@mantine/core';
import {
  writeAnswer,
  type AnswerFormat,
  type DrawReport,
  type Exercise,
  type HouseRules,
  type Limit,
  type Numbers,
} from '@hardy-sextant/core';
import { proxy, wrap } from 'comlink';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { Pick } from '../../ui/Pick.tsx';
import type { DrawsAnswer, DrawsWorker } from './draws.worker.ts';
import { TextButton } from '../../ui/TextButton.tsx';
import { many, say } from '../../words/say.ts';

interface DrawsPanelProps {
  readonly exercise: Exercise;
  readonly rules: HouseRules;
  /** Shows a draw's numbers in the whole page. */
  readonly onShow: (numbers: Numbers) => void;
  readonly onLimit: (limit: Limit) => void;
}

const counts = ['30', '100', '300', '1000'] as const;

export function DrawsPanel({ exercise, rules, onShow, onLimit }: DrawsPanelProps) {
  const [draws, setDraws] = useState<(typeof counts)[number]>('30');
  const { done, answer, run, stop } = useDraws(exercise, rules);
  return (
    <section className="sheet block small" aria-label={say('Other numbers')}>
      <h2 className="label">{say('Other numbers')}</h2>
      <div className="line small">
        <label>
          {say('Draw')}{' '}
          <Pick
            label={say('how many draws')}
            value={draws}
            options={counts.map((count) => [count, count])}
            onPick={setDraws}
          />{' '}
          {say('sets')}
        </label>
        {done === undefined ? (
          <Button onClick={() => run(Number(draws))}>{say('Look at them')}</Button>
        ) : (
          <Button onClick={stop}>{say('Stop')}</Button>
        )}
      </div>
      {done !== undefined && (
        <Progress value={(done / Number(draws)) * 100} size="sm" aria-label={say('draws looked at')} />
      )}
      {answer && !answer.found.ok && (
        <p role="alert" className="wrong">
          {answer.found.problem.message}
        </p>
      )}
      {answer?.found.ok && (
        <Report
          report={answer.found.value}
          exercise={exercise}
          rules={rules}
          stale={answer.of !== exercise}
          onShow={onShow}
          onLimit={onLimit}
        />
      )}
    </section>
  );
}

/** Draws looked at in a worker: how many are done, and what was found of which state of the exercise. */
function useDraws(exercise: Exercise, rules: HouseRules) {
  const [done, setDone] = useState<number>();
  const [answer, setAnswer] = useState<{ readonly of: Exercise; readonly found: DrawsAnswer }>();
  const worker = useRef<Worker>(undefined);
  const stop = () => {
    worker.current?.terminate();
    worker.current = undefined;
    setDone(undefined);
  };
  useEffect(() => () => worker.current?.terminate(), []);
  const run = async (count: number) => {
    stop();
    setDone(0);
    const started = new Worker(new URL('./draws.worker.ts', import.meta.url), { type: 'module' });
    worker.current = started;
    const onDone = proxy((now: number) => worker.current === started && setDone(now));
    const found = await wrap<DrawsWorker>(started).report(exercise, count, rules, onDone);
    if (worker.current !== started) return;
    setAnswer({ of: exercise, found });
    stop();
  };
  return { done, answer, run: (count: number) => void run(count), stop };
}

interface ReportProps extends DrawsPanelProps {
  readonly report: DrawReport;
  readonly stale: boolean;
}

function Report({ report, stale, ...shown }: ReportProps) {
  const { draws, sensible, refusals, collisions } = report;
  return (
    <div role="status" className="tight report" data-stale={stale}>
      {stale && <p className="soft">{say('The exercise has changed since; look at them again.')}</p>}
      <p className={sensible === draws ? 'good' : 'doubt'}>{sensibleWords(draws, sensible)}</p>
      {refusals.slice(0, 5).map(({ why, draws: of, example }) => (
        <Doubt key={why} example={example} onShow={shown.onShow}>
          {many(of, '{{count}} draw: {{why}}', '{{count}} draws: {{why}}', { why })}
        </Doubt>
      ))}
      <Spreads report={report} {...shown} />
      {collisions.length === 0 && <p className="good">{say('✓ no two slips give the same number')}</p>}
      {collisions.slice(0, 8).map(({ partId, between: [one, other], draws: of, example }) => (
        <Doubt key={`${partId} ${one} ${other}`} example={example} onShow={shown.onShow}>
          {many(
            of,
            '△ part {{partId}}: “{{one}}” and {{the}} give the same number in {{count}} draw',
            '△ part {{partId}}: “{{one}}” and {{the}} give the same number in {{count}} draws',
            { partId, one, the: other === 'the key' ? say('the key') : `“${other}”` },
          )}
        </Doubt>
      ))}
    </div>
  );
}

function sensibleWords(draws: number, sensible: number): string {
  if (sensible < draws)
    return say('△ {{sensible}} of {{draws}} can be solved and keep every limit; the others are drawn again', {
      sensible,
      draws,
    });
  return many(
    draws,
    '✓ Nothing varies; the one set of numbers can be solved.',
    '✓ all {{count}} can be solved and keep every limit',
  );
}

interface DoubtProps {
  readonly example: Numbers;
  readonly onShow: (numbers: Numbers) => void;
  readonly children: ReactNode;
}

/** Something to look at, with a draw that shows it. */
function Doubt({ example, onShow, children }: DoubtProps) {
  return (
    <p className="doubt">
      {children} <TextButton onClick={() => onShow(example)}>{say('show one')}</TextButton>
    </p>
  );
}

function Spreads({ report, exercise, rules, onLimit }: Omit<ReportProps, 'stale'>) {
  const formatOf = (partId: string): AnswerFormat =>
    exercise.parts.find(({ id }) => id === partId)?.format ?? { kind: 'money', decimals: 2 };
  return (
    <table className="ledger">
      <thead>
        <tr>
          <th className="words">{say('Part')}</th>
          <th>{say('Least')}</th>
          <th>{say('Middle')}</th>
          <th>{say('Most')}</th>
          <th>
            <span className="visually-hidden">{say('Limit')}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {report.spreads.map(({ partId, least, middle, most }) => (
          <tr key={partId}>
            <td className="words">{partId}</td>
            {[least, middle, most].map((value, at) => (
              <td key={at}>{writeAnswer(value, formatOf(partId), rules)}</td>
            ))}
            <td>
              <TextButton
                aria-label={say('limit part {{partId}} to this range', { partId })}
                onClick={() => onLimit({ of: { part: partId }, least: Math.floor(least), most: Math.ceil(most) })}
              >
                {say('limit')}
              </TextButton>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
