/** Part by part: how many were right, how easy it was, how well it tells strong from weak; beside another class or term where one is chosen. */
import {
  discriminationInWords,
  LEAST_FOR_DISCRIMINATION,
  partStatistics,
  roundTo,
  type PartStatistics,
} from '@hardy-sextant/core';
import type { Marking } from '@hardy-sextant/contract';
import { useMemo } from 'react';
import { columnId } from './causes.ts';
import { partName } from './partNames.ts';
import { exerciseOf } from './wentWrong.ts';
import { say } from '../../words/say.ts';

interface PartFiguresProps {
  readonly marking: Marking;
  readonly name: string;
  readonly beside?: { readonly marking: Marking; readonly name: string };
}

export function PartFigures({ marking, name, beside }: PartFiguresProps) {
  const rows = useMemo(() => partStatistics(marking), [marking]);
  const theirs = useMemo(() => beside && figuresByExercise(beside.marking), [beside]);
  const names = useMemo(() => namesOf(marking), [marking]);
  return (
    <div className="wide">
      <table className="ledger sheet">
        <caption className="label">{say('Part by part')}</caption>
        <thead>
          <tr>
            <th className="words">{say('Part')}</th>
            {beside && <th className="words">{say('Class')}</th>}
            <th>{say('Submitted')}</th>
            <th>{say('Answered')}</th>
            <th title={say('Also right from an own earlier answer')}>{say('Right')}</th>
            <th title={say('Mean of the marks, as a share of the most that can be had')}>{say('Facility')}</th>
            <th title={say('Half of the students have at least this share of the marks')}>{say('Median')}</th>
            <th title={say('How the marks of this part go with those of the rest of the set, from −1 to 1')}>
              {say('Discrimination')}
            </th>
          </tr>
        </thead>
        {rows.map((row) => {
          const column = columnId(row.itemId, row.partId);
          const other = theirs?.get(exerciseOf(marking, column));
          return (
            <tbody key={column}>
              <Figures row={row} part={names.get(column) ?? ''} of={beside && name} />
              {beside && <Figures row={other} part="" of={beside.name} />}
            </tbody>
          );
        })}
      </table>
      <p className="soft">
        {say(
          'Facility is the mean of the marks as a share of the most. Discrimination is how the marks of a part go with those of the rest of the set; it is left out where fewer than {{least}} students have submitted or all have the same.',
          { least: LEAST_FOR_DISCRIMINATION },
        )}
      </p>
    </div>
  );
}

interface FiguresProps {
  /** Nothing where the other set does not have the part. */
  readonly row: PartStatistics | undefined;
  readonly part: string;
  readonly of: string | undefined;
}

function Figures({ row, part, of }: FiguresProps) {
  const told = row?.discrimination;
  return (
    <tr>
      <td className="words">{part}</td>
      {of !== undefined && <td className="words">{of}</td>}
      <td>{row?.students ?? '–'}</td>
      <td>{row?.answered ?? '–'}</td>
      <td>{row?.right ?? '–'}</td>
      <td>{percent(row?.facility)}</td>
      <td>{percent(row?.median)}</td>
      <td>
        {told === undefined ? '–' : `${roundTo(told, 2).toFixed(2).replace('-', '−')}, ${discriminationInWords(told)}`}
      </td>
    </tr>
  );
}

const percent = (share: number | undefined): string => (share === undefined ? '–' : `${roundTo(share * 100, 0)} %`);

function namesOf({ set: { assignedExercises } }: Marking): ReadonlyMap<string, string> {
  const isOne = assignedExercises.length === 1;
  return new Map(
    assignedExercises.flatMap(({ itemId, exercise }, at) =>
      exercise.parts.map(
        (part) => [columnId(itemId, part.id), `${isOne ? '' : at + 1}${part.id} · ${partName(part)}`] as const,
      ),
    ),
  );
}

const figuresByExercise = (marking: Marking): ReadonlyMap<string, PartStatistics> =>
  new Map(partStatistics(marking).map((row) => [exerciseOf(marking, columnId(row.itemId, row.partId)), row]));
