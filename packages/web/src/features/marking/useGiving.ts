/** What is decided about the answer looked at, or about all alike: marks, a comment, a reading that is accepted. */
import { notifications } from '@mantine/notifications';
import { creditOfLines } from '@hardy-sextant/core';
import { useMemo, useState } from 'react';
import { alikeKey, gatherAlike, type Cell } from './causes.ts';
import type { Decisions, PendingDecision } from './useDecisions.ts';
import { say } from '../../words/say.ts';

export function useGiving(
  cell: Cell | undefined,
  flat: readonly Cell[],
  { decide, accept }: Pick<Decisions, 'decide' | 'accept'>,
) {
  const [all, setAll] = useState(true);
  const byAlike = useMemo(() => gatherAlike(flat), [flat]);
  /** The answers alike, this one among them. */
  const alikeTo = (each: Cell | undefined): readonly Cell[] =>
    each ? (isByHand(each) ? [each] : (byAlike.get(alikeKey(each)) ?? [each])) : [];
  const alike = alikeTo(cell);
  const targets = cell ? (all && alike.length > 1 ? alike : [cell]) : [];
  const give = (change: (target: Cell) => PendingDecision['is']) =>
    decide(
      targets.map((target) => {
        const { student, assigned, part, decision } = target;
        const was = { credit: decision?.credit, comment: decision?.comment ?? '', lines: linesOf(target) };
        return { studentId: student.id, itemId: assigned.itemId, partId: part.id, is: change(target), was };
      }),
    );
  return {
    all,
    setAll,
    alikeTo,
    giveCredit: (credit: number | undefined) => give(({ decision }) => ({ credit, comment: decision?.comment ?? '' })),
    giveComment: (comment: string) =>
      give((target) => ({ credit: target.decision?.credit, comment, lines: linesOf(target) })),
    giveLines: (lines: readonly string[]) =>
      give(({ part, decision }) => ({
        credit: creditOfLines(part, lines),
        comment: decision?.comment ?? '',
        lines: [...lines],
      })),
    acceptReading: () => {
      if (!cell || cell.verdict.read === undefined || !isAcceptable(cell)) return;
      const [likeliest] = cell.verdict.explanations;
      const match =
        likeliest && cell.verdict.kind !== 'unexplained'
          ? { slips: [...likeliest.slips] }
          : { value: cell.verdict.read };
      const says = likeliest
        ? say('Accepted as another reading: {{title}}.', { title: likeliest.title })
        : say('Accepted as another reading.');
      accept({ itemId: cell.assigned.itemId, partId: cell.part.id, match, says, credit: 1 });
      notifications.show({ message: say('Accepted as a reading for everyone. U takes it back.') });
    },
  };
}

const linesOf = ({ decision }: Cell): string[] | undefined => (decision?.lines ? [...decision.lines] : undefined);

/** Nobody's words are alike for the words alone: each is read. */
const isByHand = ({ part }: Cell): boolean => part.ask.quantity === 'by-hand';

/** A wrong number that may be let stand as another reading of the question. */
export const isAcceptable = ({ verdict: { kind, cells, read } }: Pick<Cell, 'verdict'>): boolean =>
  ['slip', 'carried-slip', 'unexplained'].includes(kind) && !cells && read !== undefined;
