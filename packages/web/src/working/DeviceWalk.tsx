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
import { Pick } from '../ui/Pick.tsx';
import { LeftOver, usualLeftOver } from './LeftOver.tsx';
import styles from './DeviceWalk.module.css';
import { listed, many, say } from '../words/say.ts';
import { Said } from '../words/Said.tsx';

interface DeviceWalkProps {
  readonly entries: readonly DeviceEntry[];
  readonly entering: EnteringStyle;
  readonly style: NumberStyle;
}

const stored: readonly EnteredName[] = ['n', 'rate', 'pv', 'pmt', 'fv'];

export function DeviceWalk({ entries, entering, style }: DeviceWalkProps) {
  const walk = useWalk(entries, entering);
  return (
    <section className={`sheet ${styles.walk}`} aria-label={say('Walk the entries on a stand-in')}>
      <WalkHead walk={walk} count={entries.length} />
      {!walk.cleared && <LeftOver left={walk.left} onLeft={walk.setLeft} entering={entering} style={style} />}
      <Stored walk={walk} entering={entering} style={style} />
      <ol className={styles.entries}>
        {entries.map((entry, at) => (
          <li
            key={at}
            data-done={at < walk.step && !walk.leftOut.has(at)}
            data-next={at === walk.step}
            data-out={walk.leftOut.has(at)}
          >
            <span>{entryWords(entry, entering, (value) => writeBrief(value, 0, 6, style))}</span>
            {('put' in entry || 'clear' in entry || 'recall' in entry) && (
              <label>
                <input type="checkbox" checked={walk.leftOut.has(at)} onChange={() => walk.toggle(at)} />{' '}
                {say('leave out')}
              </label>
            )}
          </li>
        ))}
      </ol>
      <Says walk={walk} entries={entries} entering={entering} style={style} />
    </section>
  );
}

type Walk = ReturnType<typeof useWalk>;

/** How far the entries are walked, what is left out of them, and what the tool then holds and shows. */
function useWalk(entries: readonly DeviceEntry[], entering: EnteringStyle) {
  const [step, setStep] = useState(0);
  const [cleared, setCleared] = useState(true);
  const [left, setLeft] = useState<DeviceState>(usualLeftOver);
  const [leftOut, setLeftOut] = useState<ReadonlySet<number>>(new Set());
  const start = cleared ? clearedDevice : left;
  const used = entries.map((entry, at) => ({ entry, at })).filter(({ at }) => !leftOut.has(at));
  const played = replay(
    entering,
    used.map(({ entry }) => entry),
    start,
  );
  const through = played.ok ? played.value : valueUpTo(entering, used, start, Number(played.problem.field));
  const done = used.filter(({ at }) => at < step);
  const now = done.length === 0 ? undefined : through[done.length - 1];
  const meant = replay(entering, entries);
  return {
    step,
    setStep,
    cleared,
    left,
    setLeft: (next: DeviceState) => {
      setLeft(next);
      setStep(0);
    },
    begin: (clear: boolean) => {
      setCleared(clear);
      setStep(0);
    },
    leftOut,
    toggle: (at: number) => {
      const next = new Set(leftOut);
      if (!next.delete(at)) next.add(at);
      setLeftOut(next);
    },
    state: now?.state ?? start,
    touched: new Set(done.flatMap(({ entry }) => touchedBy(entry))),
    inSight: now?.shows,
    range: now?.range,
    /** What the whole list shows, with what was left out and left over; and what it is meant to show. */
    shows: step === entries.length && played.ok ? through.at(-1)?.shows : undefined,
    meant: meant.ok ? meant.value.at(-1)?.shows : undefined,
    failed: played.ok ? undefined : { at: used[Number(played.problem.field)]?.at, says: played.problem.message },
  };
}

/** The stored values that an entry writes. */
function touchedBy(entry: DeviceEntry): readonly string[] {
  if ('put' in entry) return [entry.put];
  if ('solve' in entry) return [entry.solve];
  if ('clear' in entry) return stored;
  if ('recall' in entry) return [entry.recall];
  if ('store' in entry) return ['memory'];
  return 'moveOn' in entry ? ['pv'] : [];
}

function WalkHead({ walk: { step, setStep, cleared, begin }, count }: { readonly walk: Walk; readonly count: number }) {
  return (
    <div className="line small">
      <h2>{say('Walk it on a stand-in')}</h2>
      <label>
        {say('begin with')}{' '}
        <Pick
          label={say('begin with')}
          value={cleared ? 'cleared' : 'left'}
          options={[
            ['cleared', say('nothing stored')],
            ['left', say('values left over from the last problem')],
          ]}
          onPick={(start) => begin(start === 'cleared')}
        />
      </label>
      <span className={styles.buttons}>
        <Button disabled={step === 0} onClick={() => setStep(step - 1)}>
          {say('Back')}
        </Button>
        <Button disabled={step === count} onClick={() => setStep(step + 1)}>
          {say('Next entry')}
        </Button>
        <Button disabled={step === count} onClick={() => setStep(count)}>
          {say('To the end')}
        </Button>
      </span>
    </div>
  );
}

interface StoredProps {
  readonly walk: Walk;
  readonly entering: EnteringStyle;
  readonly style: NumberStyle;
}

/** Decimals that tell a stored value apart: more for rates and counts than the tool shows in its answers. */
function decimalsOf(name: EnteredName, { decimals }: EnteringStyle): number {
  if (name === 'rate') return Math.min(6, Math.max(decimals, 4));
  return name === 'n' ? Math.min(6, Math.max(decimals, 2)) : decimals;
}

function Stored({ walk: { state, touched }, entering, style }: StoredProps) {
  return (
    <div className={styles.stored} aria-live="polite">
      {stored.map((name) => (
        <div key={name} data-touched={touched.has(name)} data-left={!touched.has(name) && state[name] !== 0}>
          <span>{entering.labels[name]}</span>
          <strong className="figures">
            {deviceWrites(state[name], { ...entering, decimals: decimalsOf(name, entering) }, style)}
          </strong>
          <em>{touched.has(name) ? '' : state[name] === 0 ? say('empty') : say('left over')}</em>
        </div>
      ))}
      <div data-touched={touched.has('timing')}>
        <span>{entering.labels.timing}</span>
        <strong>{state.timing === 'end' ? entering.labels.end : entering.labels.begin}</strong>
        <em>
          {entering.setsFrequencies
            ? say('{{paymentsPerYear}} and {{compoundingsPerYear}} a year', {
                paymentsPerYear: state.paymentsPerYear,
                compoundingsPerYear: state.compoundingsPerYear,
              })
            : ''}
        </em>
      </div>
      {entering.can.includes('memory') && (
        <div data-touched={touched.has('memory')}>
          <span>{say('memory')}</span>
          <strong className="figures">{deviceWrites(state.memory, entering, style)}</strong>
          <em>{touched.has('memory') ? '' : state.memory === 0 ? say('empty') : say('left over')}</em>
        </div>
      )}
    </div>
  );
}

/** What the tool shows, and why it is not what it should be. */
function Says({ walk, entries, entering, style }: StoredProps & { readonly entries: readonly DeviceEntry[] }) {
  const { step, cleared, leftOut, inSight, range, shows, meant, failed } = walk;
  const written = (value: number) => deviceWrites(value, entering, style);
  const differs = shows !== undefined && meant !== undefined && Math.abs(shows - meant) > 1e-9 * Math.abs(meant);
  return (
    <p role="status" className={styles.says}>
      {step < entries.length && say('{{step}} of {{entries}} entered.', { step, entries: entries.length })}{' '}
      {step < entries.length && inSight !== undefined && say('In sight: {{number}}.', { number: written(inSight) })}{' '}
      {range &&
        say('The payments moved on by: interest {{interest}}, principal {{principal}}, balance {{balance}}.', {
          interest: written(range.interest),
          principal: written(range.principal),
          balance: written(range.balance),
        })}{' '}
      {shows !== undefined && (
        <>
          <Said
            text="The tool shows <strong>{{written}}</strong>."
            values={{ written: written(shows) }}
            parts={{ strong: <strong className="figures" /> }}
          />{' '}
          {differs && (
            <span className="doubt">
              {say('It should be {{written}}: {{whatWasLeft}}', {
                written: written(meant),
                whatWasLeft: whatWasLeft(leftOut, entries, entering, cleared),
              })}
            </span>
          )}
          {!differs && !cleared && say('Every value was entered anew, so nothing left over counts.')}
        </>
      )}
      {failed?.at !== undefined && step > failed.at && (
        <span className="doubt">{say('Here the tool shows nothing: {{says}}', { says: failed.says })}</span>
      )}
    </p>
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
  if ('solve' in entry) return say('solve for {{labels}}', { labels: labels[entry.solve] });
  if ('moveOn' in entry) return say('move on by {{moveOn}}', { moveOn: entry.moveOn });
  if ('read' in entry)
    return say('read the {{read}}, {{from}} to {{to}}', { read: entry.read, from: entry.from, to: entry.to });
  if ('clear' in entry) return say('clear the five values');
  if ('store' in entry) return say('store the number in sight');
  if ('recall' in entry)
    return entry.turned
      ? say('{{label}}: recall, turn the sign', { label: labels[entry.recall] })
      : say('{{label}}: recall', { label: labels[entry.recall] });
  if (entry.put === 'timing') return `${labels.timing}: ${entry.value === 'end' ? labels.end : labels.begin}`;
  if (entry.put === 'purpose')
    return say('for {{paying}}', { paying: entry.value === 'paying-off' ? say('paying off') : say('saving up') });
  const turnedInto =
    (entry.times === undefined ? '' : ` × ${entry.times}`) + (entry.over === undefined ? '' : ` ÷ ${entry.over}`);
  return `${labels[entry.put]}: ${number(entry.value)}${turnedInto}`;
}

function whatWasLeft(
  leftOut: ReadonlySet<number>,
  entries: readonly DeviceEntry[],
  { labels }: EnteringStyle,
  cleared: boolean,
): string {
  const names = [...leftOut].flatMap((at) => {
    const entry = entries[at];
    if (entry && 'recall' in entry) return [labels[entry.recall]];
    return entry && 'put' in entry && entry.put !== 'purpose' ? [labels[entry.put]] : [];
  });
  if (names.length === 0)
    return [...leftOut].some((at) => 'clear' in (entries[at] ?? {}))
      ? say('the five values were not cleared first.')
      : say('something else was stored.');
  const list = listed(names);
  return cleared
    ? many(names.length, '{{list}} was never entered.', '{{list}} were never entered.', { list })
    : many(names.length, '{{list}} was left over from before.', '{{list}} were left over from before.', { list });
}
