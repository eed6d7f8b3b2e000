/** Walking an entry list on a stand-in: one entry at a time, the stored values filling up; entries can be left out, and values left over from before. */
import { Button } from '@mantine/core';
import {
  clearedDevice,
  deviceWrites,
  replay,
  writeBrief,
  type DeviceEntry,
  type DeviceState,
  type EnteredName,
  type EnteringStyle,
  type NumberStyle,
} from '@hardy-sextant/core';
import { useState } from 'react';
import styles from './DeviceWalk.module.css';

interface DeviceWalkProps {
  readonly entries: readonly DeviceEntry[];
  readonly entering: EnteringStyle;
  readonly style: NumberStyle;
}

const stored: readonly EnteredName[] = ['n', 'rate', 'pv', 'pmt', 'fv'];

/** What the last problem on the tool may have left behind: a rent paid in advance with a residual. */
const leftOver: DeviceState = {
  ...clearedDevice,
  n: 36,
  rate: 8.4,
  pv: 18_500,
  pmt: -492,
  fv: -3700,
  timing: 'begin',
  paymentsPerYear: 12,
  compoundingsPerYear: 12,
};

export function DeviceWalk({ entries, entering, style }: DeviceWalkProps) {
  const [step, setStep] = useState(0);
  const [start, setStart] = useState<DeviceState>(clearedDevice);
  const [leftOut, setLeftOut] = useState<ReadonlySet<number>>(new Set());
  const used = entries.map((entry, at) => ({ entry, at })).filter(({ at }) => !leftOut.has(at));
  const played = replay(
    entering,
    used.map(({ entry }) => entry),
    start,
  );
  const failedAt = played.ok ? undefined : used[Number(played.problem.field)]?.at;
  const through = played.ok ? played.value : valueUpTo(entering, used, start, Number(played.problem.field));
  const done = used.filter(({ at }) => at < step).length;
  const now = done === 0 ? undefined : through[done - 1];
  const state = now?.state ?? start;
  const touched = new Set(
    used
      .slice(0, done)
      .flatMap(({ entry }) =>
        'put' in entry
          ? [entry.put as string]
          : 'solve' in entry
            ? [entry.solve as string]
            : 'moveOn' in entry
              ? ['pv']
              : [],
      ),
  );
  const number = (value: number) => writeBrief(value, 0, 6, style);
  const fullList = replay(entering, entries);
  const meantToShow = fullList.ok ? fullList.value.at(-1)?.shows : undefined;
  const shows = step === entries.length && played.ok ? through.at(-1)?.shows : undefined;
  const differs =
    shows !== undefined && meantToShow !== undefined && Math.abs(shows - meantToShow) > 1e-9 * Math.abs(meantToShow);
  const toggle = (at: number) => {
    const next = new Set(leftOut);
    if (!next.delete(at)) next.add(at);
    setLeftOut(next);
  };
  return (
    <section className={`sheet ${styles.walk}`} aria-label="Walk the entries on a stand-in">
      <div className={styles.head}>
        <h2>Walk it on a stand-in</h2>
        <label>
          begin with
          <select
            value={start === clearedDevice ? 'cleared' : 'left'}
            onChange={(event) => (
              setStart(event.currentTarget.value === 'cleared' ? clearedDevice : leftOver),
              setStep(0)
            )}
          >
            <option value="cleared">nothing stored</option>
            <option value="left">values left over from the last problem</option>
          </select>
        </label>
        <span className={styles.buttons}>
          <Button size="xs" disabled={step === 0} onClick={() => setStep(step - 1)}>
            Back
          </Button>
          <Button size="xs" disabled={step === entries.length} onClick={() => setStep(step + 1)}>
            Next entry
          </Button>
          <Button size="xs" disabled={step === entries.length} onClick={() => setStep(entries.length)}>
            To the end
          </Button>
        </span>
      </div>
      <div className={styles.stored} aria-live="polite">
        {stored.map((name) => (
          <div key={name} data-touched={touched.has(name)} data-left={!touched.has(name) && state[name] !== 0}>
            <span>{entering.labels[name]}</span>
            <strong className="figures">
              {deviceWrites(
                state[name],
                {
                  ...entering,
                  decimals:
                    name === 'n' || name === 'rate'
                      ? Math.min(6, Math.max(entering.decimals, name === 'rate' ? 4 : 2))
                      : entering.decimals,
                },
                style,
              )}
            </strong>
            <em>{touched.has(name) ? '' : state[name] === 0 ? 'empty' : 'left over'}</em>
          </div>
        ))}
        <div data-touched={touched.has('timing')}>
          <span>{entering.labels.timing}</span>
          <strong>{state.timing === 'end' ? entering.labels.end : entering.labels.begin}</strong>
          <em>{entering.setsFrequencies ? `${state.paymentsPerYear} and ${state.compoundingsPerYear} a year` : ''}</em>
        </div>
      </div>
      <ol className={styles.entries}>
        {entries.map((entry, at) => (
          <li key={at} data-done={at < step && !leftOut.has(at)} data-next={at === step} data-out={leftOut.has(at)}>
            <span>{entryWords(entry, entering, number)}</span>
            {'put' in entry && (
              <label>
                <input type="checkbox" checked={leftOut.has(at)} onChange={() => toggle(at)} /> leave out
              </label>
            )}
          </li>
        ))}
      </ol>
      <p role="status" className={styles.says}>
        {step < entries.length &&
          `${step} of ${entries.length} entered.${now?.shows === undefined ? '' : ` In sight: ${deviceWrites(now.shows, entering, style)}.`}`}
        {shows !== undefined && (
          <>
            The tool shows <strong className="figures">{deviceWrites(shows, entering, style)}</strong>
            {differs && (
              <span className={styles.differs}>
                , not {deviceWrites(meantToShow, entering, style)}:{' '}
                {whatWasLeft(leftOut, entries, entering, start === clearedDevice)}
              </span>
            )}
            {!differs && start !== clearedDevice && ': every value was entered anew, so nothing left over counts.'}
          </>
        )}
        {failedAt !== undefined && step > failedAt && !played.ok && (
          <span className={styles.differs}>Here the tool shows nothing: {played.problem.message}</span>
        )}
      </p>
    </section>
  );
}

function valueUpTo(
  entering: EnteringStyle,
  used: readonly { readonly entry: DeviceEntry }[],
  start: DeviceState,
  count: number,
) {
  const played = replay(
    entering,
    used.slice(0, count).map(({ entry }) => entry),
    start,
  );
  return played.ok ? played.value : [];
}

function entryWords(entry: DeviceEntry, { labels }: EnteringStyle, number: (value: number) => string): string {
  if ('solve' in entry) return `solve for ${labels[entry.solve]}`;
  if ('moveOn' in entry) return `move on by ${entry.moveOn}`;
  if ('read' in entry) return `read the ${entry.read}, ${entry.from} to ${entry.to}`;
  if (entry.put === 'timing') return `${labels.timing}: ${entry.value === 'end' ? labels.end : labels.begin}`;
  if (entry.put === 'purpose') return `for ${entry.value === 'paying-off' ? 'paying off' : 'saving up'}`;
  return `${labels[entry.put]}: ${number(entry.value)}`;
}

function whatWasLeft(
  leftOut: ReadonlySet<number>,
  entries: readonly DeviceEntry[],
  { labels }: EnteringStyle,
  cleared: boolean,
): string {
  const names = [...leftOut].flatMap((at) => {
    const entry = entries[at];
    return entry && 'put' in entry && entry.put !== 'purpose' ? [labels[entry.put]] : [];
  });
  return names.length === 0
    ? 'something else was stored.'
    : `${names.join(' and ')} ${names.length === 1 ? 'was' : 'were'} ${cleared ? 'never entered.' : 'left over from before.'}`;
}
