/** A worked solution: the ways in a list with the number each gives, and the chosen way step by step. */
import type { Step, WorkedSolution } from '@hardy-sextant/core';
import { Formula } from './Formula.tsx';
import styles from './WorkingPanel.module.css';

interface WorkingPanelProps {
  readonly solution: WorkedSolution;
  readonly chosen: string;
  readonly onChoose: (way: string) => void;
}

export function WorkingPanel({ solution, chosen, onChoose }: WorkingPanelProps) {
  const way = solution.ways.find(({ id }) => id === chosen) ?? solution.ways[0]!;
  return (
    <div className={styles.working}>
      <div className={`sheet ${styles.ways}`} role="tablist" aria-label="Ways" aria-orientation="vertical">
        {solution.ways.map(({ id, title, written }) => (
          <button key={id} type="button" role="tab" aria-selected={id === way.id} className={id === way.id ? styles.chosen : undefined} onClick={() => onChoose(id)}>
            <span>{title}</span>
            <span className={`figures ${styles.number}`}>{written}</span>
          </button>
        ))}
      </div>
      <ol className={`sheet ${styles.steps}`} aria-label={way.title}>
        {way.steps.map((step, at) => (
          <li key={at}>
            <span className={styles.place} aria-hidden>
              {at + 1}
            </span>
            <div>
              <StepShown step={step} />
            </div>
          </li>
        ))}
      </ol>
    </div>
  );
}

function StepShown({ step }: { readonly step: Step }) {
  switch (step.kind) {
    case 'says':
      return <>{step.text}</>;
    case 'formula':
      return <Formula tex={step.tex} />;
    case 'entries':
      return (
        <table className="ledger">
          <thead>
            <tr>
              <th className="words">Value</th>
              <th>Enter</th>
              <th>Because</th>
            </tr>
          </thead>
          <tbody>
            {step.rows.map(({ name, enter, because }) => (
              <tr key={name}>
                <td className="words">{name}</td>
                <td>{enter}</td>
                <td>{because}</td>
              </tr>
            ))}
          </tbody>
        </table>
      );
    case 'sheet':
      return (
        <>
          <table className="ledger" style={{ maxWidth: 420 }}>
            <tbody>
              {step.cells.map(({ at, label, content }) => (
                <tr key={at}>
                  <td className="words soft">{at}</td>
                  <td className="words">{label}</td>
                  <td>{content}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <code className={styles.code}>{step.formula}</code>
        </>
      );
  }
}
