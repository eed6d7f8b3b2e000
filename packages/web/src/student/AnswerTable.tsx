/** A table to fill in, on a screen: given cells written, the others fields; arrow keys and Enter go on. */
import type { StudentPart } from '@hardy-sextant/contract';
import type { KeyboardEvent } from 'react';
import type { AnswerPlace } from './answerPlace.ts';
import styles from './Student.module.css';

interface AnswerTableProps {
  readonly part: StudentPart;
  readonly table: NonNullable<StudentPart['table']>;
  readonly place: AnswerPlace;
}

export function AnswerTable({ part, table: { head, rows }, place }: AnswerTableProps) {
  return (
    <div className={styles['wide']} role="group" aria-label={`${part.id} ${part.prompt}`} tabIndex={-1}>
      <table className={styles['table']}>
        <thead>
          <tr>
            {head.map((name) => (
              <th key={name} scope="col">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ label, cells }) => (
            <tr key={label}>
              <th scope="row">{label}</th>
              {cells.map((cell, at) =>
                cell.id === undefined ? (
                  <td key={at}>{cell.text}</td>
                ) : (
                  <td key={at}>
                    <input
                      aria-label={`${head[at + 1] ?? ''}, ${label}`}
                      inputMode="text"
                      autoComplete="off"
                      maxLength={200}
                      value={place.textOf(`${part.id}.${cell.id}`)}
                      readOnly={!place.write}
                      onKeyDown={move}
                      onChange={(event) => place.write?.(`${part.id}.${cell.id ?? ''}`, event.currentTarget.value)}
                    />
                    {place.noteOf?.(`${part.id}.${cell.id}`)}
                  </td>
                ),
              )}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** Enter and the arrows up and down stay in the column. */
function move(event: KeyboardEvent<HTMLInputElement>): void {
  const down = event.key === 'Enter' || event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
  const cell = event.currentTarget.closest('td');
  if (down === 0 || !cell) return;
  const rows = [...(event.currentTarget.closest('tbody')?.querySelectorAll('tr') ?? [])];
  const row = rows.findIndex((each) => each.contains(cell));
  const at = [...(rows[row]?.children ?? [])].indexOf(cell);
  for (let next = row + down; next >= 0 && next < rows.length; next += down) {
    const field = rows[next]?.children[at]?.querySelector('input');
    if (field) {
      event.preventDefault();
      field.focus();
      return;
    }
  }
}
