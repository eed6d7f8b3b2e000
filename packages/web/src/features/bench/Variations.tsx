/** "As stated, but…": columns that repeat the case and name only what differs, with differences to the first. */
import { Menu, UnstyledButton } from '@mantine/core';
import {
  describeVariation,
  frequencies,
  newChange,
  numberStyleById,
  readDraft,
  slotsOf,
  takesChanges,
  writeBrief,
  writeMoney,
  writePercent,
  type PlanFigures,
  type SlotName,
  type SolvedCase,
  type StatementDraft,
  type Variation,
  type VariedOutcome,
} from '@hardy-sextant/core';
import { IconDots } from '@tabler/icons-react';
import { AddChange, ChangeSentence, newId } from '../../ui/statement/Changes.tsx';
import { Choice } from '../../ui/statement/Choice.tsx';
import { quoteChoices, quoteId } from '../../ui/statement/quotes.ts';
import { Slot } from '../../ui/statement/Slot.tsx';
import { slotName } from '../../ui/statement/sentences.ts';
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
  readonly write: (value: number, style: ReturnType<typeof numberStyleById>) => string;
}

const rows: readonly FigureRow[] = [
  { key: 'payment', name: 'Payment', write: (value, style) => writeMoney(value, style) },
  { key: 'count', name: 'Payments', write: (value, style) => writeBrief(value, 0, 0, style) },
  { key: 'totalPaid', name: 'Paid in all', write: (value, style) => writeMoney(value, style) },
  { key: 'totalInterest', name: 'Interest in all', write: (value, style) => writeMoney(value, style) },
];

export function Variations({ draft, solved, figures, variations, outcomes, onChange, onAdopt }: VariationsProps) {
  const style = numberStyleById(draft.numberStyle);
  const asked = draft.unknown === 'payment' || draft.unknown === 'payments' ? undefined : draft.unknown;
  const refinanced = outcomes.some((outcome) => outcome.ok && outcome.refinanced);
  const replace = (at: number, next: Variation, what: string) =>
    onChange(
      variations.map((each, place) => (place === at ? next : each)),
      `variation.${next.id}.${what}`,
    );
  const move = (at: number, by: number) => {
    const next = [...variations];
    const [moved] = next.splice(at, 1);
    next.splice(at + by, 0, moved!);
    onChange(next, 'variations');
  };
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
                  draft={draft}
                  variation={variation}
                  place={at}
                  places={variations.length}
                  onChange={(next, what) => replace(at, next, what)}
                  onMove={(by) => move(at, by)}
                  onRemove={() =>
                    onChange(
                      variations.filter(({ id }) => id !== variation.id),
                      'variations',
                    )
                  }
                  onAdopt={() => onAdopt(variation)}
                />
              </th>
            ))}
            <th scope="col" className={styles.more}>
              <AddVariation draft={draft} onAdd={(variation) => onChange([...variations, variation], 'variations')} />
            </th>
          </tr>
        </thead>
        <tbody>
          {asked && asked !== 'converted' && (
            <tr>
              <th scope="row">{capital(slotName(draft.kind, asked))}</th>
              <td>{written(asked, solved.shown, style)}</td>
              {outcomes.map((outcome, at) => (
                <td key={variations[at]!.id}>{outcome.ok && outcome.outcome.solved.unknown === asked ? written(asked, outcome.outcome.solved.shown, style) : '–'}</td>
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
                    {write(outcome.figures[key], style)} <Difference value={outcome.difference[key]} write={(value) => write(value, style)} />
                  </td>
                ) : line === 0 ? (
                  <td key={variations[at]!.id} rowSpan={rows.length} className={outcome.waiting ? styles.waiting : styles.wrong}>
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
                      {outcome.refinanced.saves >= 0 ? 'saves' : 'costs'} {writeMoney(Math.abs(outcome.refinanced.saves), style)} ·{' '}
                      {outcome.refinanced.paidForItselfAfter === undefined ? 'never pays for itself' : `paid for itself after ${outcome.refinanced.paidForItselfAfter} more`}
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

function written(slot: SlotName, value: number, style: ReturnType<typeof numberStyleById>): string {
  return slot === 'rate' ? writePercent(value, style, 2, 4) : writeMoney(value, style);
}

function capital(text: string): string {
  return `${text[0]?.toUpperCase() ?? ''}${text.slice(1)}`;
}

/** A new variation that names one thing, with the statement's own value to begin from. */
function startVariation(draft: StatementDraft, what: string): Variation {
  const empty: Variation = { id: newId(), slots: {}, changes: [] };
  return withDifference(draft, empty, what);
}

function withDifference(draft: StatementDraft, variation: Variation, what: string): Variation {
  if (what === 'timing') return { ...variation, timing: draft.timing === 'end' ? 'begin' : 'end' };
  if (what === 'frequency') return { ...variation, paymentsPerYear: draft.paymentsPerYear === 12 ? 52 : 12 };
  if (what === 'quote') return { ...variation, quote: { ...draft.quote, kind: draft.quote.kind === 'effective' ? 'nominal' : 'effective' } };
  if (what === 'refinancing') return { ...variation, refinancing: { after: '12', rate: '', payments: '', costs: '0', costsPaid: 'cash' } };
  if (what === 'extra')
    return {
      ...variation,
      changes: [...variation.changes, { ...newChange('extra', newId()), texts: { amount: '', from: '1', to: String(readDraft(draft).numbers.payments ?? 12), every: '' } }],
    };
  return { ...variation, slots: { ...variation.slots, [what]: draft.slots[what as SlotName] } };
}

function differences(draft: StatementDraft): readonly (readonly [string, string])[] {
  return [
    ...slotsOf[draft.kind].map((slot) => [slot, slotName(draft.kind, slot)] as const),
    ['frequency', 'how often is paid'],
    ['timing', 'end or beginning'],
    ...(takesChanges(draft.kind)
      ? ([
          ['quote', 'how the rate is quoted'],
          ['extra', 'extra payments'],
        ] as const)
      : []),
    ...(draft.kind === 'borrow' ? ([['refinancing', 'refinanced on the way']] as const) : []),
  ];
}

function AddVariation({ draft, onAdd }: { readonly draft: StatementDraft; readonly onAdd: (variation: Variation) => void }) {
  return (
    <Menu position="bottom-end" shadow="sm">
      <Menu.Target>
        <UnstyledButton className={styles.add} data-add-variation>
          + one more
        </UnstyledButton>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Label>What differs?</Menu.Label>
        {differences(draft).map(([what, name]) => (
          <Menu.Item key={what} onClick={() => onAdd(startVariation(draft, what))}>
            {name}
          </Menu.Item>
        ))}
      </Menu.Dropdown>
    </Menu>
  );
}

interface VariationHeadProps {
  readonly draft: StatementDraft;
  readonly variation: Variation;
  readonly place: number;
  readonly places: number;
  readonly onChange: (variation: Variation, what: string) => void;
  readonly onMove: (by: number) => void;
  readonly onRemove: () => void;
  readonly onAdopt: () => void;
}

function VariationHead({ draft, variation, place, places, onChange, onMove, onRemove, onAdopt }: VariationHeadProps) {
  const style = numberStyleById(draft.numberStyle);
  const { title, only } = describeVariation(draft, variation, style);
  const named = Object.keys(variation.slots) as SlotName[];
  const quotes = quoteChoices(variation.paymentsPerYear ?? draft.paymentsPerYear, variation.quote ?? draft.quote);
  const setRefinancing = (part: string, text: string) => onChange({ ...variation, refinancing: { ...variation.refinancing!, [part]: text } }, part);
  return (
    <div className={styles.head}>
      <div className={styles.titleLine}>
        <span className={styles.title}>{title}</span>
        <Menu position="bottom-end" shadow="sm">
          <Menu.Target>
            <UnstyledButton aria-label={`what to do with: ${title}`} className={styles.dots}>
              <IconDots size={15} />
            </UnstyledButton>
          </Menu.Target>
          <Menu.Dropdown>
            <Menu.Item onClick={onAdopt}>Make it the statement</Menu.Item>
            <Menu.Item disabled={place === 0} onClick={() => onMove(-1)}>
              Move left
            </Menu.Item>
            <Menu.Item disabled={place === places - 1} onClick={() => onMove(1)}>
              Move right
            </Menu.Item>
            <Menu.Item onClick={onRemove}>Remove</Menu.Item>
            <Menu.Label>Also differs in</Menu.Label>
            {differences(draft)
              .filter(([what]) => !named.includes(what as SlotName))
              .map(([what, name]) => (
                <Menu.Item key={what} onClick={() => onChange(withDifference(draft, variation, what), what)}>
                  {name}
                </Menu.Item>
              ))}
          </Menu.Dropdown>
        </Menu>
      </div>
      <div className={styles.fields}>
        {named.map((slot) => (
          <Slot
            key={slot}
            slot={`${variation.id}.${slot}`}
            kind={slot === 'rate' ? 'percent' : slot === 'payments' ? 'count' : 'money'}
            name={`${slotName(draft.kind, slot)} in “${title}”`}
            text={variation.slots[slot] ?? ''}
            style={style}
            onText={(text) => onChange({ ...variation, slots: { ...variation.slots, [slot]: text } }, slot)}
          />
        ))}
        {variation.paymentsPerYear !== undefined && (
          <Choice
            label="how often is paid in this variation"
            value={String(variation.paymentsPerYear)}
            options={frequencies.map(({ perYear, adverb }) => [String(perYear), adverb])}
            onChange={(value) => onChange({ ...variation, paymentsPerYear: Number(value) }, 'frequency')}
          />
        )}
        {variation.timing !== undefined && (
          <Choice
            label="when is paid in this variation"
            value={variation.timing}
            options={[
              ['end', 'end'],
              ['begin', 'beginning'],
            ]}
            onChange={(value) => onChange({ ...variation, timing: value === 'begin' ? 'begin' : 'end' }, 'timing')}
          />
        )}
        {variation.quote !== undefined && (
          <Choice
            label="how the rate is quoted in this variation"
            value={quoteId(variation.quote)}
            options={quotes.map(({ id, words }) => [id, words])}
            onChange={(value) => onChange({ ...variation, quote: quotes.find(({ id }) => id === value)?.quote ?? variation.quote! }, 'quote')}
          />
        )}
        {variation.changes.map((change) => (
          <ChangeSentence
            key={change.id}
            change={change}
            draft={draft}
            problems={{}}
            onChange={(next) => onChange({ ...variation, changes: variation.changes.map((each) => (each.id === next.id ? next : each)) }, `change.${change.id}`)}
          />
        ))}
        {variation.refinancing && (
          <span className={styles.sentence}>
            after payment{' '}
            <Slot slot="after" kind="count" name="refinanced after payment" text={variation.refinancing.after} style={style} onText={(text) => setRefinancing('after', text)} /> at{' '}
            <Slot slot="rate" kind="percent" name="refinanced at a rate of" text={variation.refinancing.rate} style={style} onText={(text) => setRefinancing('rate', text)} /> in{' '}
            <Slot
              slot="payments"
              kind="count"
              name="refinanced in so many payments"
              text={variation.refinancing.payments}
              style={style}
              onText={(text) => setRefinancing('payments', text)}
            />{' '}
            payments, costs of{' '}
            <Slot slot="costs" kind="money" name="costs of refinancing" text={variation.refinancing.costs} style={style} onText={(text) => setRefinancing('costs', text)} />
            <Choice
              label="how the costs are paid"
              value={variation.refinancing.costsPaid}
              options={[
                ['cash', 'in cash'],
                ['added', 'added to it'],
              ]}
              onChange={(value) => setRefinancing('costsPaid', value)}
            />
          </span>
        )}
        {variation.changes.length > 0 && (
          <AddChange
            saving={draft.kind === 'save'}
            label="+ another change"
            onAdd={(kind) => onChange({ ...variation, changes: [...variation.changes, newChange(kind, newId())] }, 'changes')}
          />
        )}
        <span className={styles.only}>{only}</span>
      </div>
    </div>
  );
}
