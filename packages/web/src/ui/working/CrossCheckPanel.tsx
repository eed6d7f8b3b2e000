/** Cross-check: the ways against their numbers, to as many decimals as wanted, and why those that differ do. */
import { crossCheck, writeNumber, type NumberStyle, type WorkedSolution } from '@hardy-sextant/core';
import type { ReactNode } from 'react';
import { useSearchSetting } from '../useSearchSetting.ts';
import styles from './Working.module.css';

interface CrossCheckPanelProps {
  readonly solution: WorkedSolution;
  readonly style: NumberStyle;
  /** What is asked, and other choices, beside the decimals. */
  readonly children?: ReactNode;
}

export function CrossCheckPanel({ solution, style, children }: CrossCheckPanelProps) {
  const [search, set] = useSearchSetting();
  const decimals = Math.min(15, Math.max(0, Number(search.get('decimals') ?? 9) || 0));
  const checked = crossCheck(solution, decimals, style);
  return (
    <>
      <div className={styles.tools}>
        {children}
        <label>
          to
          <input
            type="number"
            min={0}
            max={15}
            value={decimals}
            onChange={(event) => set('decimals', event.currentTarget.value)}
            aria-label="decimals compared"
          />
          decimals
        </label>
      </div>
      <div className={`sheet ${styles.check}`}>
        <p className={styles.checkSays} role="status">
          <strong>{solution.title}.</strong> {checked.says}
        </p>
        <table className="ledger">
          <thead>
            <tr>
              <th className="words">Way</th>
              <th>Number</th>
              <th>Difference</th>
              <th>Because</th>
            </tr>
          </thead>
          <tbody>
            {checked.ways.map(({ id, title, written, difference, because }) => (
              <tr key={id}>
                <td className="words">{title}</td>
                <td>{written}</td>
                <td className={difference === 0 ? undefined : styles.off}>
                  {difference === 0 ? '–' : writeNumber(difference, decimals, style)}
                </td>
                <td>{because ?? ''}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}
