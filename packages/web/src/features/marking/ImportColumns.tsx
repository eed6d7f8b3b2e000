/** The columns of what is imported: what each is, the first rows with whom they belong to, what would be written over. */
import { Button } from '@mantine/core';
import type { AssignedExercise } from '@hardy-sextant/contract';
import type { Role } from '@hardy-sextant/files';
import type { ImportPreview } from './importPreview.ts';
import { Pick } from '../../ui/Pick.tsx';
import styles from './Import.module.css';
import { many, say } from '../../words/say.ts';
import { Said } from '../../words/Said.tsx';

interface ImportColumnsProps {
  readonly roles: readonly Role[];
  readonly chosen: readonly string[];
  readonly names: readonly string[];
  readonly rows: readonly (readonly string[])[];
  readonly width: number;
  readonly preview: ImportPreview | undefined;
  readonly onRole: (column: number, role: string) => void;
}

const SHOWN = 6;

export function ImportColumns({ roles, chosen, names, rows, width, preview, onRole }: ImportColumnsProps) {
  const columns = Array.from({ length: width }, (_, column) => column);
  return (
    <>
      <div className="wide">
        <table className={styles.preview}>
          <thead>
            <tr>
              {columns.map((column) => (
                <th key={column}>
                  <Pick
                    label={say('what column {{column}} is', { column: column + 1 })}
                    value={chosen[column] ?? ''}
                    options={roles.map(({ id, name }) => [id, name])}
                    onPick={(role) => onRole(column, role)}
                  />
                  {names[column] !== undefined && <span className="soft">{names[column]}</span>}
                </th>
              ))}
              {preview && <th>{say('belongs to')}</th>}
            </tr>
          </thead>
          <tbody>
            {rows.slice(0, SHOWN).map((row, at) => (
              <tr key={at}>
                {columns.map((column) => (
                  <td key={column} data-off={(chosen[column] ?? '') === ''}>
                    {(row[column] ?? '').slice(0, 60)}
                  </td>
                ))}
                {preview && <td className="soft">{preview.rows[at]?.student?.name ?? say('nobody yet')}</td>}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {rows.length > SHOWN && (
        <p className="soft">{many(rows.length - SHOWN, 'and {{count}} more row', 'and {{count}} more rows')}</p>
      )}
    </>
  );
}

interface WhatHappensProps {
  readonly preview: ImportPreview;
  readonly assignedExercises: readonly AssignedExercise[];
}

/** In numbers what the import stores, and every answer that it writes over. */
export function WhatHappens({ preview: { fresh, same, over, unmatched }, assignedExercises }: WhatHappensProps) {
  const nameOf = (itemId: string, entryId: string): string =>
    `${assignedExercises.length === 1 ? '' : assignedExercises.findIndex((assigned) => assigned.itemId === itemId) + 1}${entryId}`;
  return (
    <section aria-label={say('What will be stored')}>
      <p>
        {many(
          fresh,
          '{{count}} new answer, {{same}} there already, {{over}} written over',
          '{{count}} new answers, {{same}} there already, {{over}} written over',
          { same, over: over.length },
        )}
        . {unmatched > 0 && many(unmatched, '{{count}} unmatched row is kept.', '{{count}} unmatched rows are kept.')}
      </p>
      {over.length > 0 && (
        <ul className={styles.over} aria-label={say('Written over')}>
          {over.map(({ student, itemId, entryId, was, text }) => (
            <li key={`${student} ${itemId} ${entryId}`}>
              <Said
                text="{{student}}, {{nameOf}}: <span>{{was}}</span> becomes <strong>{{text}}</strong>"
                values={{ student, nameOf: nameOf(itemId, entryId), was: was.slice(0, 40), text: text.slice(0, 40) }}
                parts={{ span: <span className="figures" />, strong: <strong className="figures" /> }}
              />
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

interface InOrderProps {
  readonly assignedExercises: readonly AssignedExercise[];
  /** The exercise that is open; any where none is. */
  readonly open: string;
  readonly onOrder: (assigned: AssignedExercise) => void;
}

/** Columns that are nothing yet become the parts of one exercise in order, because somebody said so. */
export function InOrder({ assignedExercises, open, onOrder }: InOrderProps) {
  const offered = assignedExercises.some(({ itemId }) => itemId === open)
    ? assignedExercises.filter(({ itemId }) => itemId === open)
    : assignedExercises;
  return (
    <div className="line" role="group" aria-label={say('The columns left, in order')}>
      {offered.map((assigned) => (
        <Button key={assigned.itemId} size="compact-sm" onClick={() => onOrder(assigned)}>
          {many(
            assignedExercises.length,
            'The others are the parts of the exercise in order',
            'The others are the parts of exercise {{indexOf}} in order',
            { indexOf: assignedExercises.indexOf(assigned) + 1 },
          )}
        </Button>
      ))}
    </div>
  );
}
