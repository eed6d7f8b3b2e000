/** The timeline: an arrow for each flow of money, up for received, down for paid; long runs are shortened. */
import { writeMoney, type NumberStyle, type SolvedCase, type StatementKind, directions } from '@hardy-sextant/core';
import styles from './Timeline.module.css';

interface Flow {
  readonly at: number | 'gap';
  /** Plus is received. */
  readonly money: number;
  readonly words: string;
}

const WIDTH = 760;
const LEFT = 70;
const STEP = 92;

export function Timeline({ kind, solved, style }: { readonly kind: StatementKind; readonly solved: SolvedCase; readonly style: NumberStyle }) {
  const flows = flowsOf(kind, solved);
  const money = (value: number) => `${value > 0 ? '+' : '−'}${writeMoney(Math.abs(value), style)}`;
  const width = Math.max(WIDTH, LEFT * 2 + (flows.length - 1) * STEP);
  return (
    <div className={`sheet ${styles.box}`}>
      <svg
        viewBox={`0 0 ${width} 230`}
        role="img"
        aria-label={`Timeline: ${flows
          .filter(({ at }) => at !== 'gap')
          .map(({ at, money: value, words }) => `at ${at} ${money(value)} ${words}`)
          .join('; ')}`}
      >
        <line x1={LEFT - 30} x2={width - 30} y1="115" y2="115" className={styles.axis} />
        {flows.map(({ at, money: value, words }, place) => {
          const x = LEFT + place * STEP;
          if (at === 'gap')
            return (
              <text key={place} x={x} y="108" className={styles.gap}>
                …
              </text>
            );
          const up = value > 0;
          const tip = up ? 45 : 185;
          const head = up ? 9 : -9;
          return (
            <g key={place} className={up ? styles.received : styles.paid}>
              {value !== 0 && (
                <>
                  <line x1={x} x2={x} y1="115" y2={tip} />
                  <path d={`M${x - 6} ${tip + head} L${x} ${tip} L${x + 6} ${tip + head}`} fill="none" />
                  <text x={x} y={up ? 24 : 203} className={styles.amount}>
                    {money(value)}
                  </text>
                  <text x={x} y={up ? 38 : 218} className={styles.words}>
                    {words}
                  </text>
                </>
              )}
              <line x1={x} x2={x} y1="111" y2="119" className={styles.axis} />
              <text x={x} y={up ? 134 : 106} className={styles.place}>
                {at}
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

/** What flows when: the start, the first payments, every one that is not like the one before it, the last, the end. */
function flowsOf(kind: StatementKind, { plan, table }: SolvedCase): Flow[] {
  const way = directions[kind];
  const begin = plan.timing === 'begin';
  const when = (k: number) => (begin ? k - 1 : k);
  const flows = new Map<number, { money: number; words: string[] }>();
  const add = (at: number, money: number, words: string): void => {
    const before = flows.get(at) ?? { money: 0, words: [] };
    flows.set(at, { money: before.money + money, words: [...before.words, words] });
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
  return places.flatMap((at, place): Flow[] => {
    const { money, words } = flows.get(at)!;
    const flow: Flow = { at, money, words: [...new Set(words)].join(' and ') };
    const before = places[place - 1];
    return before !== undefined && at - before > 1 ? [{ at: 'gap', money: 0, words: '' }, flow] : [flow];
  });
}
