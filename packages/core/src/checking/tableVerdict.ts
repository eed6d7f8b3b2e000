/** The verdict of a whole table from those of its cells. */

import { capital } from '../capital.ts';
import { numberStyleById } from '../money/numberStyle.ts';
import type { KeyedPart } from '../exercise/answerKey.ts';
import type { Part } from '../exercise/exercise.ts';
import type { KeyTable } from '../exercise/fillTable.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
import { checkTable, wholeTableSlip } from './checkTable.ts';
import { tableSlips } from './tableSlips.ts';
import type { CellVerdict, Entries, Explanation, Verdict, VerdictKind } from './verdict.ts';

/**
 * Every cell counts the same; the part's credit is the mean of its cells'.
 *
 * @param onOwn the table that follows from the student's own earlier answers, where there are such
 */
export function tableVerdict(
  part: Part,
  keyed: KeyedPart,
  entries: Entries,
  rules: HouseRules,
  onOwn?: KeyTable,
): Verdict {
  const { id } = part;
  const { question, table } = keyed;
  const cells = checkTable(
    id,
    entries,
    table!,
    question!,
    numberStyleById(rules.numberStyle),
    part.tolerance ?? rules.tolerance.money,
    onOwn,
  );
  const filled = cells.filter(({ kind }) => kind !== 'blank');
  const share: Partial<Record<VerdictKind, number>> = {
    right: 1,
    'right-rounded': rules.credit.rightRounded,
    carried: rules.credit.carried,
    slip: rules.credit.slip,
  };
  const credit = cells.reduce((sum, cell) => sum + (share[cell.kind] ?? 0), 0) / cells.length;
  const whole = wholeTableSlip(id, entries, table!, question!.solved.table.count);
  const first = cells.find(({ kind }) => kind === 'slip' || kind === 'unexplained' || kind === 'unreadable');
  const explanations: Explanation[] = [
    ...(whole ? [whole] : []),
    ...cells
      .filter((cell) => cell.slip !== undefined)
      .map((cell) => ({
        slips: [cell.slip!],
        title: everyTableTitle(cell.slip!),
        result: cell.read!,
        says: cellSaid(cell),
      })),
  ];
  const kind = kindOf(cells, first?.kind, whole !== undefined);
  return {
    partId: id,
    kind,
    credit,
    expected: keyed.expected,
    expectedWritten: `${cells.length} cells`,
    explanations,
    cells,
    ...(filled.length < cells.length && filled.length > 0
      ? { says: `${cells.length - filled.length} of ${cells.length} cells are empty.` }
      : first
        ? { says: `The first cell that goes wrong is ${placeSaid(first.id)}.` }
        : {}),
  };
}

const everyTableTitle = (id: string): string => tableSlips.find((slip) => slip.id === id)?.title ?? id;

/** "Row 2, interest: …" */
function cellSaid({ id, says = '' }: CellVerdict): string {
  // A piece of a relation says itself which it is.
  return id.startsWith('relation:') ? says : `${capital(placeSaid(id))}: ${says}`;
}

/** "row 2, interest so far" or "the total, interest". */
function placeSaid(id: string): string {
  const [row = '', column = ''] = id.split(':');
  return `${row === 'total' ? 'the total' : `row ${row}`}, ${column.replaceAll('-', ' ')}`;
}

/** A sentence for every cell that is wrong by itself, with its row and column. */
export function wrongCells({ cells = [] }: Pick<Verdict, 'cells'>): string[] {
  return cells.filter(({ kind }) => kind === 'slip' || kind === 'unexplained' || kind === 'unreadable').map(cellSaid);
}

/** @param wrong the kind of the first cell that goes wrong */
function kindOf(cells: readonly CellVerdict[], wrong: VerdictKind | undefined, whole: boolean): VerdictKind {
  const some = (kind: VerdictKind): boolean => cells.some((cell) => cell.kind === kind);
  if (cells.every(({ kind }) => kind === 'blank')) return 'blank';
  if (wrong === 'unreadable' || wrong === 'unexplained') return 'unexplained';
  if (wrong || whole) return 'slip';
  if (some('carried')) return 'carried';
  if (some('blank')) return 'unexplained';
  return some('right-rounded') ? 'right-rounded' : 'right';
}
