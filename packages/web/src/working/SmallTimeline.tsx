/** The timeline in little: what flows when, equal payments told once. */
import { writeMoney, type Flow, type Moment, type NumberStyle } from '@hardy-sextant/core';
import lines from '../statement/Timeline.module.css';
import { say } from '../words/say.ts';

interface SmallTimelineProps {
  readonly moments: readonly Moment[];
  readonly count: number;
  readonly style: NumberStyle;
  /** Amounts only, without signs. */
  readonly bare?: boolean;
}

const WIDTH = 330;
const AXIS = 84;

export function SmallTimeline({ moments, count, style, bare = false }: SmallTimelineProps) {
  const shown = withGaps(moments);
  const step = (WIDTH - 50) / Math.max(1, shown.length - 1);
  const said = new Set<string>();
  const write = (flow: Flow): string => inWriting(flow, style, bare);
  const inWords = shown.flatMap((moment) =>
    moment === 'gap'
      ? []
      : moment.flows.map((flow) => say('at {{at}} {{write}}', { at: moment.at, write: write(flow) })),
  );
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 186`}
      role="img"
      aria-label={say('Timeline: {{inWords}}', { inWords: inWords.join('; ') })}
    >
      <line x1="8" x2={WIDTH - 8} y1={AXIS} y2={AXIS} className={lines.axis} />
      {shown.map((moment, place) => {
        const x = 20 + place * step;
        if (moment === 'gap')
          return (
            <text key={place} x={x} y={AXIS - 8} className={lines.gap}>
              …
            </text>
          );
        const { at, flows } = moment;
        return (
          <g key={place}>
            {flows.map((flow) => (
              <Arrow key={flow.words} flow={flow} x={x} label={labelOf(flow, write(flow), said)} />
            ))}
            <text
              x={flows.length > 1 ? x - 8 : x}
              y={flows.some(({ money }) => money > 0) ? AXIS + 14 : AXIS - 6}
              className={lines.place}
            >
              {at}
            </text>
          </g>
        );
      })}
      <text x={WIDTH - 8} y="183" className={lines.small} style={{ textAnchor: 'end' }}>
        {say('{{count}} payments in all', { count })}
      </text>
    </svg>
  );
}

/** A few moments from the start and the last two, with a gap where some are left out. */
function withGaps(moments: readonly Moment[]): readonly Moment[] {
  const real = moments.filter((moment) => moment !== 'gap');
  const kept = real.length <= 7 ? real : [...real.slice(0, 4), ...real.slice(-2)];
  return kept.flatMap((moment, at): Moment[] => {
    const before = kept[at - 1];
    return before && moment.at - before.at > 1 ? ['gap', moment] : [moment];
  });
}

const inWriting = ({ money, words }: Flow, style: NumberStyle, bare: boolean): string =>
  `${bare ? '' : money > 0 ? '+' : '−'}${writeMoney(Math.abs(money), style)} ${words}`;

interface Label {
  readonly text: string;
  /** Labels of later flows of another size stand lower, so that none covers another. */
  readonly level: number;
}

/** What a flow is called, where it is the first of its size and there is room. */
function labelOf({ money }: Flow, text: string, said: Set<string>): Label | undefined {
  const side = money > 0 ? say('in ') : say('out ');
  if (said.has(side + text)) return undefined;
  said.add(side + text);
  const level = [...said].filter((each) => each.startsWith(side)).length - 1;
  return level < 3 ? { text, level } : undefined;
}

function Arrow({ flow, x, label }: { readonly flow: Flow; readonly x: number; readonly label: Label | undefined }) {
  const up = flow.money > 0;
  const [tip, head] = up ? [34, 7] : [126, -7];
  const anchor = x > WIDTH * 0.6 ? 'end' : 'start';
  return (
    <g className={up ? lines.received : lines.paid}>
      <line x1={x} x2={x} y1={AXIS} y2={tip} />
      <path d={`M${x - 5} ${tip + head} L${x} ${tip} L${x + 5} ${tip + head}`} fill="none" />
      {label && (
        <text
          x={x + (anchor === 'end' ? 6 : -6)}
          y={up ? 24 - label.level * 12 : 142 + label.level * 13}
          className={lines.small}
          style={{ textAnchor: anchor }}
        >
          {label.text}
        </text>
      )}
    </g>
  );
}
