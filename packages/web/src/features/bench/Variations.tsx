/** "As stated, but…": columns that repeat the case and name only what differs, with differences to the first. */
import {
  writeBrief,
  writeMoney,
  writePercent,
  type NumberStyle,
  type PlanFigures,
  type SlotName,
  type SolvedCase,
  type StatementDraft,
  type Variation,
  type VariedOutcome,
  slotName,
  kindOf,
} from '@hardy-sextant/core';
import { useCallback, useEffect, useRef } from 'react';
import { useNumberStyle } from '../../ui/Figures.tsx';
import { AddVariation, startVariation, VariationHead, withDifference, type VariationAction } from './VariationHead.tsx';
import styles from './Variations.module.css';

interface VariationsProps {
  readonly draft: StatementDraft;
  readonly solved: SolvedCase;
  readonly figures: PlanFigures;
  readonly variations: readonly Variation[];
  readonly outcomes: readonly VariedOutcome[];
  readonly onChange: (variations: readonly Variation[], what: string) => void;
  /** Makes a variation the statement. */
  readonly onAdopt: (variation: Variation) => void;
}

interface FigureRow {
  readonly key: keyof PlanFigures;
  readonly name: string;
  readonly write: (value: number, style: NumberStyle) => string;
}

const interest: FigureRow = {
  key: 'totalInterest',
  name: 'Interest in all',
  write: (value, style) => writeMoney(value, style),
};
const payingRows: readonly FigureRow[] = [
  { key: 'payment', name: 'Payment', write: (value, style) => writeMoney(value, style) },
  { key: 'count', name: 'Payments', write: (value, style) => writeBrief(value, 0, 0, style) },
  { key: 'totalPaid', name: 'Paid in all', write: (value, style) => writeMoney(value, style) },
  interest,
];
/** Where nothing is paid on the way. */
const growingRows: readonly FigureRow[] = [
  { key: 'count', name: 'Periods', write: (value, style) => writeBrief(value, 0, 0, style) },
  { key: 'closing', name: 'After the last one', write: (value, style) => writeMoney(value, style) },
  interest,
];

export function Variations({ draft, solved, figures, variations, outcomes, onChange, onAdopt }: VariationsProps) {
  const style = useNumberStyle();
  const asked = draft.unknown === 'payment' || draft.unknown === 'payments' ? undefined : draft.unknown;
  const rows = kindOf(draft).pays
    ? payingRows
    : growingRows.filter(({ key }) => key !== 'closing' || asked !== 'finalAmount');
  const refinanced = outcomes.some((outcome) => outcome.ok && outcome.refinanced);
  const latest = useRef({ draft, variations, onChange, onAdopt });
  useEffect(() => {
    latest.current = { draft, variations, onChange, onAdopt };
  });
  const act = useCallback((action: VariationAction) => {
    const now = latest.current;
    if (action.type === 'adopt') {
      const adopted = now.variations.find(({ id }) => id === action.id);
      if (adopted) now.onAdopt(adopted);
    } else
      now.onChange(
        afterAction(now.variations, now.draft, action),
        action.type === 'change' ? `variation.${action.variation.id}.${action.what}` : 'variations',
      );
  }, []);
  return (
    <div className={styles.scroller}>
      <table className={`${styles.grid} figures`} aria-label="As stated, but…">
        <thead>
          <tr>
            <th scope="col" className={styles.name}>
              As stated, but…
            </th>
            <th scope="col">As stated</th>
            {variations.map((variation, at) => (
              <th scope="col" key={variation.id}>
                <VariationHead
                  kind={draft.kind}
                  numberStyle={draft.numberStyle}
                  quote={draft.quote}
                  paymentsPerYear={draft.paymentsPerYear}
                  variation={variation}
                  place={at}
                  places={variations.length}
                  act={act}
                />
              </th>
            ))}
            <th scope="col" className={styles.more}>
              <AddVariation kind={draft.kind} act={act} />
            </th>
          </tr>
        </thead>
        <tbody>
          {asked && asked !== 'converted' && (
            <tr>
              <th scope="row">{capital(slotName(draft.kind, asked))}</th>
              <td>{written(asked, solved.shown, style)}</td>
              {outcomes.map((outcome, at) => (
                <td key={variations[at]!.id}>
                  {outcome.ok && outcome.outcome.solved.unknown === asked
                    ? written(asked, outcome.outcome.solved.shown, style)
                    : '–'}
                </td>
              ))}
              <td />
            </tr>
          )}
          {rows.map(({ key, name, write }, line) => (
            <tr key={key}>
              <th scope="row">{name}</th>
              <td>{write(figures[key], style)}</td>
              {outcomes.map((outcome, at) =>
                outcome.ok ? (
                  <td key={variations[at]!.id}>
                    {write(outcome.figures[key], style)}{' '}
                    <Difference value={outcome.difference[key]} write={(value) => write(value, style)} />
                  </td>
                ) : line === 0 ? (
                  <td
                    key={variations[at]!.id}
                    rowSpan={rows.length}
                    className={outcome.waiting ? styles.waiting : styles.wrong}
                  >
                    {outcome.says}
                  </td>
                ) : null,
              )}
              <td />
            </tr>
          ))}
          {refinanced && (
            <tr>
              <th scope="row">Refinancing</th>
              <td>–</td>
              {outcomes.map((outcome, at) => (
                <td key={variations[at]!.id} className={styles.refinanced}>
                  {outcome.ok && outcome.refinanced ? (
                    <>
                      {outcome.refinanced.saves >= 0 ? 'saves' : 'costs'}{' '}
                      {writeMoney(Math.abs(outcome.refinanced.saves), style)} ·{' '}
                      {outcome.refinanced.paidForItselfAfter === undefined
                        ? 'never pays for itself'
                        : `paid for itself after ${outcome.refinanced.paidForItselfAfter} more`}
                    </>
                  ) : (
                    '–'
                  )}
                </td>
              ))}
              <td />
            </tr>
          )}
        </tbody>
      </table>
    </div>
  );
}

function Difference({ value, write }: { readonly value: number; readonly write: (value: number) => string }) {
  if (value === 0) return null;
  return <span className={styles.difference}>{value > 0 ? `+${write(value)}` : write(value)}</span>;
}

function written(slot: SlotName, value: number, style: NumberStyle): string {
  return slot === 'rate' ? writePercent(value, style, 2, 4) : writeMoney(value, style);
}

function capital(text: string): string {
  return `${text[0]?.toUpperCase() ?? ''}${text.slice(1)}`;
}

function afterAction(
  variations: readonly Variation[],
  draft: StatementDraft,
  action: Exclude<VariationAction, { type: 'adopt' }>,
): readonly Variation[] {
  switch (action.type) {
    case 'add':
      return [...variations, startVariation(draft, action.what)];
    case 'differ':
      return variations.map((each) => (each.id === action.id ? withDifference(draft, each, action.what) : each));
    case 'change':
      return variations.map((each) => (each.id === action.variation.id ? action.variation : each));
    case 'move': {
      const at = variations.findIndex(({ id }) => id === action.id);
      const next = [...variations];
      const [moved] = next.splice(at, 1);
      next.splice(at + action.by, 0, moved!);
      return next;
    }
    case 'remove':
      return variations.filter(({ id }) => id !== action.id);
  }
}
