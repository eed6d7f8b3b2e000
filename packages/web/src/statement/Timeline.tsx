/** The timeline: an arrow for each flow of money, up for received, down for paid; long runs are shortened. */
import {
  nth,
  seenBy,
  timelineOf,
  writeMoney,
  type NumberStyle,
  type SolvedCase,
  type StatementKind,
  type Writing,
} from '@hardy-sextant/core';
import styles from './Timeline.module.css';
import { many, say } from '../words/say.ts';

const WIDTH = 760;
const LEFT = 70;
const STEP = 92;

interface TimelineProps {
  readonly kind: StatementKind;
  readonly solved: SolvedCase;
  readonly style: NumberStyle;
  /** Whose signs amounts carry. */
  readonly signs: Writing['signs'];
}

export function Timeline({ kind, solved, style, signs }: TimelineProps) {
  const moments = seenBy(timelineOf(kind, solved), signs);
  const money = (value: number) =>
    `${signs === 'none' ? '' : value > 0 ? '+' : '−'}${writeMoney(Math.abs(value), style)}`;
  const width = Math.max(WIDTH, LEFT * 2 + (moments.length - 1) * STEP);
  const inWords = moments.flatMap((moment) =>
    moment === 'gap'
      ? []
      : moment.flows.map((flow) =>
          say('at {{at}} {{money}} {{words}}', { at: moment.at, money: money(flow.money), words: flow.words }),
        ),
  );
  return (
    <div className={`sheet ${styles.box}`}>
      <svg
        viewBox={`0 0 ${width} 230`}
        role="img"
        aria-label={say('Timeline: {{inWords}}', { inWords: inWords.join('; ') })}
      >
        <line x1={LEFT - 30} x2={width - 30} y1="115" y2="115" className={styles.axis} />
        {moments.map((moment, place) => {
          const x = LEFT + place * STEP;
          if (moment === 'gap')
            return (
              <text key={place} x={x} y="108" className={styles.gap}>
                …
              </text>
            );
          const both = moment.flows.length > 1;
          const up = nth(moment.flows, 0).money > 0;
          return (
            <g key={place}>
              {moment.flows.map((flow) => (
                <Arrow
                  key={flow.money > 0 ? 'in' : 'out'}
                  x={x}
                  up={flow.money > 0}
                  amount={money(flow.money)}
                  words={flow.words}
                />
              ))}
              <line x1={x} x2={x} y1="111" y2="119" className={styles.axis} />
              <text x={both ? x - 12 : x} y={up ? 134 : 106} className={styles.place}>
                {moment.at}
              </text>
            </g>
          );
        })}
      </svg>
      <p className="soft">{belowInWords(solved)}</p>
    </div>
  );
}

function belowInWords({ table, plan }: SolvedCase): string {
  const when =
    plan.timing === 'begin'
      ? say('Numbers count periods from today; each payment falls at the beginning of its period.')
      : say('Numbers count periods from today; each payment falls at the end of its period.');
  const payments =
    plan.changes.length > 0
      ? many(
          table.count,
          '{{count}} payment, the changes on the way among them.',
          '{{count}} payments, the changes on the way among them.',
        )
      : many(table.count, '{{count}} payment.', '{{count}} payments.');
  return `${payments} ${when}`;
}

function Arrow({
  x,
  up,
  amount,
  words,
}: {
  readonly x: number;
  readonly up: boolean;
  readonly amount: string;
  readonly words: string;
}) {
  const tip = up ? 45 : 185;
  const head = up ? 9 : -9;
  return (
    <g className={up ? styles.received : styles.paid}>
      <line x1={x} x2={x} y1="115" y2={tip} />
      <path d={`M${x - 6} ${tip + head} L${x} ${tip} L${x + 6} ${tip + head}`} fill="none" />
      <text x={x} y={up ? 24 : 203} className={styles.amount}>
        {amount}
      </text>
      <text x={x} y={up ? 38 : 218} className={styles.words}>
        {words}
      </text>
    </g>
  );
}
