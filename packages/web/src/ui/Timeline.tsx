/** The timeline: an arrow for each flow of money, up for received, down for paid; long runs are shortened. */
import { writeMoney, type NumberStyle, type SolvedCase, type StatementKind, directions } from '@hardy-sextant/core';
import styles from './Timeline.module.css';

interface Flow {
  /** Plus is received. */
  readonly money: number;
  readonly words: string;
}

/** A moment with what comes in and what goes out then, or a gap where nothing new happens. */
type Moment = { readonly at: number; readonly flows: readonly Flow[] } | 'gap';

const WIDTH = 760;
const LEFT = 70;
const STEP = 92;

export function Timeline({ kind, solved, style }: { readonly kind: StatementKind; readonly solved: SolvedCase; readonly style: NumberStyle }) {
  const moments = momentsOf(kind, solved);
  const money = (value: number) => `${value > 0 ? '+' : '−'}${writeMoney(Math.abs(value), style)}`;
  const width = Math.max(WIDTH, LEFT * 2 + (moments.length - 1) * STEP);
  const inWords = moments.flatMap((moment) => (moment === 'gap' ? [] : moment.flows.map((flow) => `at ${moment.at} ${money(flow.money)} ${flow.words}`)));
  return (
    <div className={`sheet ${styles.box}`}>
      <svg viewBox={`0 0 ${width} 230`} role="img" aria-label={`Timeline: ${inWords.join('; ')}`}>
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
          const up = moment.flows[0]!.money > 0;
          return (
            <g key={place}>
              {moment.flows.map((flow) => (
                <Arrow key={flow.money > 0 ? 'in' : 'out'} x={x} up={flow.money > 0} amount={money(flow.money)} words={flow.words} />
              ))}
              <line x1={x} x2={x} y1="111" y2="119" className={styles.axis} />
              <text x={both ? x - 12 : x} y={up ? 134 : 106} className={styles.place}>
                {moment.at}
              </text>
            </g>
          );
        })}
      </svg>
      <p className="soft">
        {solved.table.count} payments{solved.plan.changes.length > 0 ? ', the changes on the way among them' : ''}. Numbers count periods from today;{' '}
        {solved.plan.timing === 'begin' ? 'each payment falls at the beginning of its period.' : 'each payment falls at the end of its period.'}
      </p>
    </div>
  );
}

function Arrow({ x, up, amount, words }: { readonly x: number; readonly up: boolean; readonly amount: string; readonly words: string }) {
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

/** What flows when: the start, the first payments, every one that is not like the one before it, the last, the end. */
function momentsOf(kind: StatementKind, { plan, table }: SolvedCase): Moment[] {
  const way = directions[kind];
  const begin = plan.timing === 'begin';
  const when = (k: number) => (begin ? k - 1 : k);
  const flows = new Map<number, Flow[]>();
  const add = (at: number, money: number, words: string): void => {
    if (money === 0) return;
    const before = flows.get(at) ?? [];
    // What comes in and what goes out at one moment are two arrows, never netted.
    const same = before.find((flow) => flow.money > 0 === money > 0);
    const joined: Flow = same ? { money: same.money + money, words: same.words === words ? words : `${same.words} and ${words}` } : { money, words };
    flows.set(at, [...before.filter((flow) => flow !== same), joined]);
  };
  if (plan.amount !== 0) add(0, way.pv * plan.amount, way.pv > 0 ? 'received' : 'put in');
  for (const change of plan.changes) if (change.kind === 'draw' && change.amount > 0) add(change.before - 1, way.pv * change.amount, way.pv > 0 ? 'received' : 'put in');
  const { rows } = table;
  const shown = new Set<number>();
  rows.forEach((row, at) => {
    const before = rows[at - 1];
    const near = at < 3 || at >= rows.length - 2;
    if (near || (before && (row.payment !== before.payment || row.extra !== before.extra))) shown.add(at);
  });
  // Too many different payments: keep the first and last of them.
  const kept = [...shown].filter((at, place, all) => all.length <= 10 || place < 5 || place >= all.length - 3);
  for (const at of kept) {
    const row = rows[at]!;
    add(when(row.number), way.pmt * (row.payment + row.extra), way.pmt > 0 ? 'received' : 'paid');
  }
  if (plan.finalAmount !== 0) add(table.count, way.fv * table.closing, way.fv > 0 ? 'received' : 'owed at the end');
  const places = [...flows.keys()].sort((a, b) => a - b);
  return places.flatMap((at, place): Moment[] => {
    const moment: Moment = { at, flows: flows.get(at)! };
    const before = places[place - 1];
    return before !== undefined && at - before > 1 ? ['gap', moment] : [moment];
  });
}
