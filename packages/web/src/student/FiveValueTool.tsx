/** A plain tool beside the questions: the five values, of which one is found from the others. */
import {
  numberStyleById,
  readEntry,
  solveFor,
  unknowns,
  writeBrief,
  type Timing,
  type Unknown,
} from '@hardy-sextant/core';
import { useState } from 'react';
import styles from './Student.module.css';
import { useWords } from './words.ts';

const names: Readonly<Record<Unknown, string>> = {
  n: 'N',
  i: 'rate for one payment, %',
  pv: 'PV',
  pmt: 'PMT',
  fv: 'FV',
};

export function FiveValueTool({ style }: { readonly style: string }) {
  const { say } = useWords();
  const numbers = numberStyleById(style);
  const [texts, setTexts] = useState<Readonly<Record<Unknown, string>>>({ n: '', i: '', pv: '', pmt: '', fv: '0' });
  const [timing, setTiming] = useState<Timing>('end');
  const [problem, setProblem] = useState('');
  const find = (unknown: Unknown) => {
    const values: Partial<Record<Unknown, number>> = {};
    for (const name of unknowns) {
      if (name === unknown) continue;
      const read = readEntry(texts[name], numbers);
      if (!read.ok) return setProblem(`${names[name]}: ${read.problem.message}`);
      values[name] = name === 'i' ? read.value.value / 100 : read.value.value;
    }
    const found = solveFor(unknown, { ...values, timing });
    if (!found.ok) return setProblem(found.problem.message);
    setProblem('');
    const value = unknown === 'i' ? found.value * 100 : found.value;
    setTexts({ ...texts, [unknown]: writeBrief(value, 0, 8, numbers) });
  };
  return (
    <div>
      <div className={styles['entered']}>
        {unknowns.map((name) => (
          <div key={name}>
            <label>
              {names[name]}
              <input
                autoComplete="off"
                value={texts[name]}
                maxLength={60}
                onChange={(event) => setTexts({ ...texts, [name]: event.currentTarget.value })}
              />
            </label>
            <button type="button" className={styles['act']} onClick={() => find(name)}>
              {say('tool.find', { what: name === 'i' ? 'rate' : names[name] })}
            </button>
          </div>
        ))}
      </div>
      <div className={styles['acts']}>
        {(['end', 'begin'] as const).map((each) => (
          <button
            key={each}
            type="button"
            className={styles['act']}
            aria-pressed={timing === each}
            onClick={() => setTiming(each)}
          >
            {say(each === 'end' ? 'tool.end' : 'tool.begin')}
          </button>
        ))}
      </div>
      <p className={styles['note']}>{say('tool.signs')}</p>
      <p role="status" className={styles['wrong']}>
        {problem}
      </p>
    </div>
  );
}
