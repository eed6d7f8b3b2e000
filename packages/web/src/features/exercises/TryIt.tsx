/** Try it as a student: answers typed against the exercise's own numbers or a draw's, each judged at once, with what is carried on. */
import {
  answerKey,
  checkHandIn,
  fillText,
  givensInForce,
  numberStyleById,
  tableColumns,
  writeMoney,
  type Exercise,
  type HouseRules,
  type KeyTable,
  type Numbers,
  type Verdict,
} from '@hardy-sextant/core';
import { useMemo, useState } from 'react';
import { VerdictMark } from '../../ui/VerdictMark.tsx';
import { columnWords } from './FillTableEditor.tsx';
import styles from './ExercisePage.module.css';

interface TryItProps {
  readonly exercise: Exercise;
  readonly numbers: Numbers;
  readonly rules: HouseRules;
}

export function TryIt({ exercise, numbers, rules }: TryItProps) {
  const [entries, setEntries] = useState<Readonly<Record<string, string>>>({});
  const style = numberStyleById(rules.numberStyle);
  const verdicts = useMemo(() => checkHandIn(exercise, numbers, entries, rules), [exercise, numbers, entries, rules]);
  const { written } = useMemo(() => givensInForce(exercise, numbers, style), [exercise, numbers, style]);
  const set = (id: string, text: string) => setEntries((before) => ({ ...before, [id]: text }));
  return (
    <section className={`sheet ${styles.try}`} aria-label="Try it as a student">
      <h2 className="label">Try it as a student</h2>
      {exercise.parts.map((part, at) => {
        const verdict = verdicts[at]!;
        return (
          <div key={part.id} className={styles.tryPart}>
            <p>
              <span className={styles.letter}>{part.id}</span> {fillText(part.prompt, written)}
            </p>
            {part.ask.quantity === 'table' ? (
              <TryTable exercise={exercise} verdict={verdict} partId={part.id} entries={entries} onEntry={set} style={style} numbers={numbers} rules={rules} />
            ) : (
              <input
                aria-label={`answer to part ${part.id}`}
                value={entries[part.id] ?? ''}
                autoComplete="off"
                spellCheck={false}
                onChange={(event) => set(part.id, event.currentTarget.value)}
              />
            )}
            {(entries[part.id] ?? '') !== '' && (
              <div role="status" className={styles.tryVerdict}>
                <VerdictMark verdict={verdict} />
                {verdict.explanations.slice(0, 2).map((each) => (
                  <p key={each.slips.join() + each.says}>{each.says}</p>
                ))}
                {verdict.explanations.length === 0 && verdict.says && <p>{verdict.says}</p>}
              </div>
            )}
          </div>
        );
      })}
    </section>
  );
}

interface TryTableProps extends TryItProps {
  readonly verdict: Verdict;
  readonly partId: string;
  readonly entries: Readonly<Record<string, string>>;
  readonly onEntry: (id: string, text: string) => void;
  readonly style: ReturnType<typeof numberStyleById>;
}

function TryTable({ verdict, partId, entries, onEntry, style, exercise, numbers, rules }: TryTableProps) {
  const keyed = useMemo(() => prepareTable(exercise, numbers, rules, partId), [exercise, numbers, rules, partId]);
  if (!keyed) return null;
  return (
    <div className={styles.wideBox}>
      <table className="ledger">
        <thead>
          <tr>
            <th>No.</th>
            {tableColumns.map((column) => (
              <th key={column}>{columnWords[column]}</th>
            ))}
          </tr>
        </thead>
        <tbody>
          {keyed.rows.map((cells) => (
            <tr key={cells[0]!.row}>
              <td>{cells[0]!.row}</td>
              {cells.map(({ id, value, blank, row, column }) => {
                const cell = verdict.cells?.find((each) => each.id === id);
                const entry = entries[`${partId}.${id}`] ?? '';
                return (
                  <td key={id} data-verdict={entry === '' ? undefined : cell?.kind} title={cell?.says}>
                    {blank ? (
                      <>
                        <input
                          className={styles.cell}
                          aria-label={`row ${row} ${column}`}
                          value={entry}
                          autoComplete="off"
                          onChange={(event) => onEntry(`${partId}.${id}`, event.currentTarget.value)}
                        />
                        {entry !== '' && cell && <VerdictMark verdict={cell} brief />}
                      </>
                    ) : (
                      writeMoney(value, style)
                    )}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
      {verdict.kind !== 'blank' && <p className="soft">{verdict.cells?.find(({ says }) => says)?.says ?? verdict.says}</p>}
    </div>
  );
}

function prepareTable(exercise: Exercise, numbers: Numbers, rules: HouseRules, partId: string): KeyTable | undefined {
  const keyed = answerKey(exercise, numbers, rules)[exercise.parts.findIndex(({ id }) => id === partId)];
  return keyed?.ok ? keyed.value.table : undefined;
}
