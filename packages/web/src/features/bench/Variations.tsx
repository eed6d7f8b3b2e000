/** "As stated, but…": columns that repeat the case and name only what differs, with differences to the first. */
import {
  capital,
  writeBrief,
  writeMoney,
  writePercent,
  type NumberStyle,
  type PlanFigures,
  type RefinancingResult,
  type SlotName,
  type SolvedCase,
  type StatementDraft,
  type StatementKind,
  type Variation,
  type VariedOutcome,
  slotName,
  kindOf,
} from '@hardy-sextant/core';
import { useNumberStyle } from '../../statement/Figures.tsx';
import { useLatest } from '../../ui/useLatest.ts';
import { afterAction, type VariationAction } from './differences.ts';
import { AddVariation, VariationHead } from './VariationHead.tsx';
import styles from './Variations.module.css';
import { say } from '../../words/say.ts';

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
  name: say('Interest in all'),
  write: (value, style) => writeMoney(value, style),
};
const payingRows: readonly FigureRow[] = [
  { key: 'payment', name: say('Payment'), write: (value, style) => writeMoney(value, style) },
  { key: 'count', name: say('Payments'), write: (value, style) => writeBrief(value, 0, 0, style) },
  { key: 'totalPaid', name: say('Paid in all'), write: (value, style) => writeMoney(value, style) },
  interest,
];
/** Where nothing is paid on the way. */
const growingRows: readonly FigureRow[] = [
  { key: 'count', name: say('Periods'), write: (value, style) => writeBrief(value, 0, 0, style) },
  { key: 'closing', name: say('After the last one'), write: (value, style) => writeMoney(value, style) },
  interest,
];

/** The same, where the end is asked for and has a row of its own. */
const growingOnly = growingRows.filter(({ key }) => key !== 'closing');

export function Variations({ draft, solved, figures, variations, outcomes, onChange, onAdopt }: VariationsProps) {
  const style = useNumberStyle();
  const asked = draft.unknown === 'payment' || draft.unknown === 'payments' ? undefined : draft.unknown;
  const rows = kindOf(draft).pays ? payingRows : asked === 'finalAmount' ? growingOnly : growingRows;
  const act = useVariationActions({ draft, variations, onChange, onAdopt });
  const cells = outcomes.flatMap((outcome, at) => {
    const id = variations[at]?.id;
    return id === undefined ? [] : [{ id, outcome }];
  });
  return (
    <div className={styles.scroller}>
      <table className={`${styles.grid} figures`} aria-label={say('As stated, but…')}>
        <thead>
          <tr>
            <th scope="col" className={styles.name}>
              {say('As stated, but…')}
            </th>
            <th scope="col">{say('As stated')}</th>
            {variations.map((variation, at) => (
              <th scope="col" key={variation.id}>
                <VariationHead
                  kind={draft.kind}
                  unknown={draft.unknown}
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
            <AskedLine kind={draft.kind} asked={asked} stated={solved.shown} cells={cells} style={style} />
          )}
          {rows.map((row, line) => (
            <FigureLine
              key={row.key}
              row={row}
              figures={figures}
              cells={cells}
              style={style}
              span={line === 0 ? rows.length : 0}
            />
          ))}
          {cells.some(({ outcome }) => outcome.ok && outcome.refinanced) && (
            <RefinancedLine cells={cells} style={style} />
          )}
        </tbody>
      </table>
    </div>
  );
}

/** What a person does to variations; the doer stays the same function. */
function useVariationActions({
  draft,
  variations,
  onChange,
  onAdopt,
}: Pick<VariationsProps, 'draft' | 'variations' | 'onChange' | 'onAdopt'>): (action: VariationAction) => void {
  return useLatest((action: VariationAction) => {
    if (action.type === 'adopt') {
      const adopted = variations.find(({ id }) => id === action.id);
      if (adopted) onAdopt(adopted);
      return;
    }
    const what = action.type === 'change' ? `variation.${action.variation.id}.${action.what}` : 'variations';
    onChange(afterAction(variations, draft, action), what);
  });
}

interface LineProps {
  readonly cells: readonly { readonly id: string; readonly outcome: VariedOutcome }[];
  readonly style: NumberStyle;
}

interface AskedLineProps extends LineProps {
  readonly kind: StatementKind;
  readonly asked: SlotName;
  readonly stated: number;
}

/** What the statement asks for, where the variation asks for it too. */
function AskedLine({ kind, asked, stated, cells, style }: AskedLineProps) {
  return (
    <tr>
      <th scope="row">{capital(slotName(kind, asked))}</th>
      <td>{written(asked, stated, style)}</td>
      {cells.map(({ id, outcome }) => (
        <td key={id}>
          {outcome.ok && outcome.outcome.solved.unknown === asked
            ? written(asked, outcome.outcome.solved.shown, style)
            : '–'}
        </td>
      ))}
      <td />
    </tr>
  );
}

function RefinancedLine({ cells, style }: LineProps) {
  return (
    <tr>
      <th scope="row">{say('Refinancing')}</th>
      <td>–</td>
      {cells.map(({ id, outcome }) => (
        <td key={id} className={styles.refinanced}>
          {outcome.ok && outcome.refinanced ? refinancedWords(outcome.refinanced, style) : '–'}
        </td>
      ))}
      <td />
    </tr>
  );
}

interface FigureLineProps extends LineProps {
  readonly row: FigureRow;
  readonly figures: PlanFigures;
  /** How many lines what is wrong with a variation spans: all, from the first. */
  readonly span: number;
}

function FigureLine({ row: { key, name, write }, figures, cells, style, span }: FigureLineProps) {
  return (
    <tr>
      <th scope="row">{name}</th>
      <td>{write(figures[key], style)}</td>
      {cells.map(({ id, outcome }) => {
        if (outcome.ok)
          return (
            <td key={id}>
              {write(outcome.figures[key], style)}{' '}
              <Difference value={outcome.difference[key]} write={(value) => write(value, style)} />
            </td>
          );
        return span === 0 ? null : (
          <td key={id} rowSpan={span} className={`${styles.waiting} ${outcome.waiting ? '' : 'wrong'}`}>
            {outcome.says}
          </td>
        );
      })}
      <td />
    </tr>
  );
}

function refinancedWords({ saves, paidForItselfAfter }: RefinancingResult, style: NumberStyle): string {
  const pays =
    paidForItselfAfter === undefined
      ? say('never pays for itself')
      : say('paid for itself after {{paidForItselfAfter}} more', { paidForItselfAfter });
  return `${saves >= 0 ? 'saves' : 'costs'} ${writeMoney(Math.abs(saves), style)} · ${pays}`;
}

function Difference({ value, write }: { readonly value: number; readonly write: (value: number) => string }) {
  if (value === 0) return null;
  return <span className={styles.difference}>{value > 0 ? `+${write(value)}` : write(value)}</span>;
}

function written(slot: SlotName, value: number, style: NumberStyle): string {
  return slot === 'rate' ? writePercent(value, style, 2, 4) : writeMoney(value, style);
}
