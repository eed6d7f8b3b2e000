/** The steps of a solution, numbered, each in its own form. */
import type { Step } from '@hardy-sextant/core';
import { Formula } from '../ui/Formula.tsx';
import { DrawnStepShown } from './DrawnStepShown.tsx';
import styles from './Working.module.css';
import { say } from '../words/say.ts';
import { Said } from '../words/Said.tsx';

export function Steps({ steps, name }: { readonly steps: readonly Step[]; readonly name: string }) {
  return (
    <ol className={`sheet list ${styles.steps}`} aria-label={name}>
      {steps.map((step, at) => (
        <li key={at} className={step.kind === 'answer' ? styles.answerStep : undefined}>
          <span className={styles.place} aria-hidden>
            {at + 1}
          </span>
          <StepShown step={step} />
        </li>
      ))}
    </ol>
  );
}

export function StepShown({ step }: { readonly step: Step }) {
  return (
    <div className={styles.step}>
      <StepBody step={step} />
      {step.because && <p className={styles.because}>{step.because}</p>}
    </div>
  );
}

function StepBody({ step }: { readonly step: Step }) {
  switch (step.kind) {
    case 'says':
      return <p>{step.text}</p>;
    case 'answer':
      return (
        <p>
          <strong className="figures">{step.text}</strong>
        </p>
      );
    case 'formula':
      return <Formula tex={step.tex} />;
    case 'line':
      return (
        <p>
          <Said
            text="Type <code>{{line}}</code>"
            values={{ line: step.line }}
            parts={{ code: <code className={styles.code} /> }}
          />
        </p>
      );
    case 'entries':
      return <Entries step={step} />;
    case 'sheet':
      return <Sheet step={step} />;
    case 'rows':
      return <Rows step={step} />;
    case 'drawn':
      return <DrawnStepShown step={step} />;
  }
}

function Entries({ step }: { readonly step: Extract<Step, { kind: 'entries' }> }) {
  return (
    <table className="ledger">
      <thead>
        <tr>
          <th className="words">{say('Value')}</th>
          <th>{say('Enter')}</th>
          <th>{say('Because')}</th>
        </tr>
      </thead>
      <tbody>
        {step.rows.map(({ name, enter, because }) => (
          <tr key={name}>
            <td className="words">{name}</td>
            <td>{enter}</td>
            <td className={styles.reason}>{because}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Sheet({ step }: { readonly step: Extract<Step, { kind: 'sheet' }> }) {
  return (
    <>
      <table className={`ledger ${styles.cells}`}>
        <tbody>
          {step.cells.map(({ at, label, content }) => (
            <tr key={at}>
              <td className="words soft">{at}</td>
              <td className="words">{label}</td>
              <td>{content.startsWith('=') ? <code>{content}</code> : content}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <code className={styles.code}>{step.formula}</code>
      {step.meanings.length > 0 && (
        <dl className={styles.meanings}>
          {step.meanings.map(({ argument, means }) => (
            <div key={argument}>
              <dt>{argument}</dt>
              <dd>{means}</dd>
            </div>
          ))}
        </dl>
      )}
    </>
  );
}

function Rows({ step }: { readonly step: Extract<Step, { kind: 'rows' }> }) {
  return (
    <div className="wide">
      <table className="ledger">
        <thead>
          <tr>
            {step.columns.map((column, at) => (
              <th key={at}>{column}</th>
            ))}
          </tr>
        </thead>
        <tbody>
          {step.rows.map((row, at) => (
            <tr key={at}>
              {row === 'gap' ? (
                <td colSpan={step.columns.length}>…</td>
              ) : (
                row.map((cell, column) => <td key={column}>{cell}</td>)
              )}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
