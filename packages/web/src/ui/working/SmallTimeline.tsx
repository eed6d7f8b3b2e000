/** The timeline in little: what flows when, equal payments told once. */
import { writeMoney, type Moment, type NumberStyle } from '@hardy-sextant/core';
import lines from '../Timeline.module.css';

interface SmallTimelineProps {
  readonly moments: readonly Moment[];
  readonly count: number;
  readonly style: NumberStyle;
}

const WIDTH = 330;
const AXIS = 84;

export function SmallTimeline({ moments, count, style }: SmallTimelineProps) {
  const real = moments.filter((moment) => moment !== 'gap');
  const kept = real.length <= 7 ? real : [...real.slice(0, 4), ...real.slice(-2)];
  const shown = kept.flatMap((moment, at): Moment[] => {
    const before = kept[at - 1];
    return before && moment.at - before.at > 1 ? ['gap', moment] : [moment];
  });
  const step = (WIDTH - 50) / Math.max(1, shown.length - 1);
  const said = new Set<string>();
  const money = (value: number) => `${value > 0 ? '+' : '−'}${writeMoney(Math.abs(value), style)}`;
  const inWords = shown.flatMap((moment) =>
    moment === 'gap' ? [] : moment.flows.map((flow) => `at ${moment.at} ${money(flow.money)} ${flow.words}`),
  );
  return (
    <svg viewBox={`0 0 ${WIDTH} 186`} role="img" aria-label={`Timeline: ${inWords.join('; ')}`}>
      <line x1="8" x2={WIDTH - 8} y1={AXIS} y2={AXIS} className={lines.axis} />
      {shown.map((moment, place) => {
        const x = 20 + place * step;
        if (moment === 'gap')
          return (
            <text key={place} x={x} y={AXIS - 8} className={lines.gap}>
              …
            </text>
          );
        const both = moment.flows.length > 1;
        return (
          <g key={place}>
            {moment.flows.map((flow) => {
              const up = flow.money > 0;
              const tip = up ? 34 : 126;
              const head = up ? 7 : -7;
              const label = `${money(flow.money)} ${flow.words}`;
              const first = !said.has(label);
              said.add(label);
              // Labels of later flows of another size stand lower, so that none covers another.
              const level = [...said].filter((each) => each.startsWith(up ? '+' : '−')).length - 1;
              const anchor = x > WIDTH * 0.6 ? 'end' : 'start';
              return (
                <g key={up ? 'in' : 'out'} className={up ? lines.received : lines.paid}>
                  <line x1={x} x2={x} y1={AXIS} y2={tip} />
                  <path d={`M${x - 5} ${tip + head} L${x} ${tip} L${x + 5} ${tip + head}`} fill="none" />
                  {first && level < 3 && (
                    <text
                      x={x + (anchor === 'end' ? 6 : -6)}
                      y={up ? 24 - level * 12 : 142 + level * 13}
                      className={lines.small}
                      style={{ textAnchor: anchor }}
                    >
                      {label}
                    </text>
                  )}
                </g>
              );
            })}
            <text
              x={both ? x - 8 : x}
              y={moment.flows.some(({ money: value }) => value > 0) ? AXIS + 14 : AXIS - 6}
              className={lines.place}
            >
              {moment.at}
            </text>
          </g>
        );
      })}
      <text x={WIDTH - 8} y="183" className={lines.small} style={{ textAnchor: 'end' }}>
        {count} payments in all
      </text>
    </svg>
  );
}
