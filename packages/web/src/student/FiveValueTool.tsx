/** A plain tool beside the questions, in the words and by the habits of the class's own: the five values, of which one is found from the others. */
import {
  fail,
  numberStyleById,
  ok,
  ratePerPayment,
  readEntry,
  solveFor,
  unknowns,
  writeBrief,
  type NumberStyle,
  type Result,
  type Timing,
  type Unknown,
} from '@hardy-sextant/core';
import type { StudentPage } from '@hardy-sextant/contract';
import { useState } from 'react';
import { Act } from './Act.tsx';
import styles from './Student.module.css';
import { say } from '../words/say.ts';

type Entering = StudentPage['entering'];
type Name = Unknown | 'paymentsPerYear' | 'compoundingsPerYear';

interface FiveValueToolProps {
  readonly style: string;
  readonly entering: Entering;
}

const empty: Readonly<Record<Name, string>> = {
  n: '',
  i: '',
  pv: '',
  pmt: '',
  fv: '0',
  paymentsPerYear: '12',
  compoundingsPerYear: '12',
};

/** Which sign each amount has for the equation, where the tool takes them without: what is paid off is received first. */
const paidOff = { pv: 1, pmt: -1, fv: -1 } as const;

export function FiveValueTool({ style, entering }: FiveValueToolProps) {
  const numbers = numberStyleById(style);
  const [texts, setTexts] = useState(empty);
  const [timing, setTiming] = useState<Timing>('end');
  const [saves, setSaves] = useState(false);
  const [problem, setProblem] = useState('');
  const labelOf = labelsOf(entering);
  const isYearly = entering.rate === 'percent-a-year';
  const isPlain = entering.signs === 'all-positive';
  const find = (unknown: Unknown): void => {
    const found = findValue(unknown, texts, { entering, numbers, timing, saves });
    if (!found.ok) return setProblem(found.problem.message);
    setProblem('');
    setTexts({ ...texts, [unknown]: writeBrief(found.value, 0, 8, numbers) });
  };

  const field = (name: Name) => (
    <label>
      {labelOf(name)}
      <input
        autoComplete="off"
        value={texts[name]}
        maxLength={60}
        onChange={(event) => setTexts({ ...texts, [name]: event.currentTarget.value })}
      />
    </label>
  );
  return (
    <div>
      <div className={styles['entered']}>
        {unknowns.map((name) => (
          <div key={name}>
            {field(name)}
            <Act onClick={() => find(name)}>{say('Find {{what}}', { what: labelOf(name) })}</Act>
          </div>
        ))}
        {isYearly && field('paymentsPerYear')}
        {isYearly && field('compoundingsPerYear')}
      </div>
      <Choice
        value={timing === 'begin'}
        words={[say('payments at the end'), say('payments at the beginning')]}
        onPick={(begin) => setTiming(begin ? 'begin' : 'end')}
      />
      {isPlain && <Choice value={saves} words={[say('paid off'), say('saved up')]} onPick={setSaves} />}
      <p className={styles['note']}>
        {say(isPlain ? 'All amounts are entered without signs.' : 'What you receive is plus, what you pay is minus.')}
      </p>
      <p role="status" className={styles['wrong']}>
        {problem}
      </p>
    </div>
  );
}

const labelsOf =
  ({ labels }: Entering) =>
  (name: Name): string =>
    labels[name === 'i' ? 'rate' : name];

interface Setting {
  readonly entering: Entering;
  readonly numbers: NumberStyle;
  readonly timing: Timing;
  /** Saved up instead of paid off. */
  readonly saves: boolean;
}

/** @returns as the tool shows it; what cannot be read is named by the tool's own word */
function findValue(
  unknown: Unknown,
  texts: Readonly<Record<Name, string>>,
  { entering, numbers, timing, saves }: Setting,
): Result<number> {
  const isYearly = entering.rate === 'percent-a-year';
  const signOf = (name: Unknown): number =>
    entering.signs === 'all-positive' && name !== 'n' && name !== 'i' ? paidOff[name] * (saves ? -1 : 1) : 1;
  const read: Partial<Record<Name, number>> = {};
  for (const name of [...unknowns, ...(isYearly ? (['paymentsPerYear', 'compoundingsPerYear'] as const) : [])]) {
    if (name === unknown) continue;
    const entry = readEntry(texts[name], numbers);
    if (!entry.ok) return fail('unreadable', `${labelsOf(entering)(name)}: ${entry.problem.message}`);
    read[name] = entry.value.value;
  }
  const { paymentsPerYear: p = 12, compoundingsPerYear: m = 12 } = read;
  const rate = ratePerPayment(quoted(entering.rate, read.i ?? 0, m), p);
  if (unknown !== 'i' && !rate.ok) return rate;
  const found = solveFor(unknown, {
    ...Object.fromEntries(unknowns.map((name) => [name, (read[name] ?? 0) * signOf(name)])),
    i: rate.ok ? rate.value : 0,
    timing,
  });
  if (!found.ok) return found;
  return ok(unknown === 'i' ? asEntered(entering.rate, found.value, p, m) : found.value * signOf(unknown));
}

const quoted = (rate: Entering['rate'], number: number, compoundingsPerYear: number) =>
  rate === 'percent-a-year'
    ? ({ kind: 'nominal', annual: number / 100, compoundingsPerYear } as const)
    : ({ kind: 'periodic', perPayment: rate === 'percent-a-payment' ? number / 100 : number } as const);

/** A rate for one payment as the tool shows it. */
function asEntered(rate: Entering['rate'], perPayment: number, p: number, m: number): number {
  if (rate === 'decimal-a-payment') return perPayment;
  return rate === 'percent-a-payment' ? perPayment * 100 : 100 * m * ((1 + perPayment) ** (p / m) - 1);
}

interface ChoiceProps {
  /** Whether the second is chosen. */
  readonly value: boolean;
  readonly words: readonly [string, string];
  readonly onPick: (second: boolean) => void;
}

function Choice({ value, words, onPick }: ChoiceProps) {
  return (
    <div className={styles['acts']}>
      {words.map((word, at) => (
        <Act key={word} aria-pressed={value === (at === 1)} onClick={() => onPick(at === 1)}>
          {word}
        </Act>
      ))}
    </div>
  );
}
