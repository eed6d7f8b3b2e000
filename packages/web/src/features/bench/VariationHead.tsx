/** The head of a variation: its title, the slots that differ, and what can be done with it. */
import { Menu, UnstyledButton } from '@mantine/core';
import {
  describeVariation,
  frequencies,
  newChange,
  numberStyleById,
  readDraft,
  kinds,
  isSaving,
  type RateQuote,
  type SlotName,
  type StatementDraft,
  type StatementKind,
  type Variation,
  slotName,
} from '@hardy-sextant/core';
import { IconDots } from '@tabler/icons-react';
import { memo } from 'react';
import { AddChange, ChangeSentence, newId } from '../../ui/statement/Changes.tsx';
import { Choice } from '../../ui/statement/Choice.tsx';
import { quoteChoices, quoteId } from '../../ui/statement/quotes.ts';
import { Slot } from '../../ui/statement/Slot.tsx';
import styles from './Variations.module.css';

/** What a person does to variations. The doer is the same function for as long as the Bench stands, so that a head is drawn again only when it itself changes. */
export type VariationAction =
  | { readonly type: 'add'; readonly what: string }
  | { readonly type: 'differ'; readonly id: string; readonly what: string }
  | { readonly type: 'change'; readonly variation: Variation; readonly what: string }
  | { readonly type: 'move'; readonly id: string; readonly by: number }
  | { readonly type: 'remove'; readonly id: string }
  | { readonly type: 'adopt'; readonly id: string };

/** A new variation that names one thing, with the statement's own value to begin from. */
export function startVariation(draft: StatementDraft, what: string): Variation {
  const empty: Variation = { id: newId(), slots: {}, changes: [] };
  return withDifference(draft, empty, what);
}

export function withDifference(draft: StatementDraft, variation: Variation, what: string): Variation {
  if (what === 'timing') return { ...variation, timing: draft.timing === 'end' ? 'begin' : 'end' };
  if (what === 'frequency') return { ...variation, paymentsPerYear: draft.paymentsPerYear === 12 ? 52 : 12 };
  if (what === 'quote')
    return {
      ...variation,
      quote: { ...draft.quote, kind: draft.quote.kind === 'effective' ? 'nominal' : 'effective' },
    };
  if (what === 'refinancing')
    return { ...variation, refinancing: { after: '12', rate: '', payments: '', costs: '0', costsPaid: 'cash' } };
  if (what === 'extra')
    return {
      ...variation,
      changes: [
        ...variation.changes,
        {
          ...newChange('extra', newId()),
          texts: { amount: '', from: '1', to: String(readDraft(draft).numbers.payments ?? 12), every: '' },
        },
      ],
    };
  return { ...variation, slots: { ...variation.slots, [what]: draft.slots[what as SlotName] } };
}

function differences(kind: StatementKind): readonly (readonly [string, string])[] {
  return [
    ...kinds[kind].slots.map((slot) => [slot, slotName(kind, slot)] as const),
    ['frequency', 'how often is paid'],
    ...(kinds[kind].pays ? ([['timing', 'end or beginning']] as const) : []),
    ...(kinds[kind].takesChanges
      ? ([
          ['quote', 'how the rate is quoted'],
          ['extra', 'extra payments'],
        ] as const)
      : []),
    ...(kinds[kind].refinances ? ([['refinancing', 'refinanced on the way']] as const) : []),
  ];
}

/** The menu that begins a variation with one difference. */
export const AddVariation = memo(function AddVariation({
  kind,
  act,
}: {
  readonly kind: StatementKind;
  readonly act: (action: VariationAction) => void;
}) {
  return (
    <Menu position="bottom-end" shadow="sm">
      <Menu.Target>
        <UnstyledButton className={styles.add} data-add-variation>
          + one more
        </UnstyledButton>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Label>What differs?</Menu.Label>
        {differences(kind).map(([what, name]) => (
          <Menu.Item key={what} onClick={() => act({ type: 'add', what })}>
            {name}
          </Menu.Item>
        ))}
      </Menu.Dropdown>
    </Menu>
  );
});

interface VariationHeadProps {
  readonly kind: StatementKind;
  readonly numberStyle: string;
  readonly quote: RateQuote;
  readonly paymentsPerYear: number;
  readonly variation: Variation;
  readonly place: number;
  readonly places: number;
  readonly act: (action: VariationAction) => void;
}

export const VariationHead = memo(function VariationHead({
  kind,
  numberStyle,
  quote,
  paymentsPerYear,
  variation,
  place,
  places,
  act,
}: VariationHeadProps) {
  const style = numberStyleById(numberStyle);
  const { title, only } = describeVariation(numberStyle, variation, style);
  const { id } = variation;
  const onChange = (next: Variation, what: string) => act({ type: 'change', variation: next, what });
  const named = Object.keys(variation.slots) as SlotName[];
  const quotes = quoteChoices(variation.paymentsPerYear ?? paymentsPerYear, variation.quote ?? quote);
  const setRefinancing = (part: string, text: string) =>
    onChange({ ...variation, refinancing: { ...variation.refinancing!, [part]: text } }, part);
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
            <Menu.Item onClick={() => act({ type: 'adopt', id })}>Make it the statement</Menu.Item>
            <Menu.Item disabled={place === 0} onClick={() => act({ type: 'move', id, by: -1 })}>
              Move left
            </Menu.Item>
            <Menu.Item disabled={place === places - 1} onClick={() => act({ type: 'move', id, by: 1 })}>
              Move right
            </Menu.Item>
            <Menu.Item onClick={() => act({ type: 'remove', id })}>Remove</Menu.Item>
            <Menu.Label>Also differs in</Menu.Label>
            {differences(kind)
              .filter(([what]) => !named.includes(what as SlotName))
              .map(([what, name]) => (
                <Menu.Item key={what} onClick={() => act({ type: 'differ', id, what })}>
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
            name={`${slotName(kind, slot)} in “${title}”`}
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
            onChange={(value) =>
              onChange(
                { ...variation, quote: quotes.find(({ id }) => id === value)?.quote ?? variation.quote! },
                'quote',
              )
            }
          />
        )}
        {variation.changes.map((change) => (
          <ChangeSentence
            key={change.id}
            change={change}
            numberStyle={numberStyle}
            problems={{}}
            onChange={(next) =>
              onChange(
                { ...variation, changes: variation.changes.map((each) => (each.id === next.id ? next : each)) },
                `change.${change.id}`,
              )
            }
          />
        ))}
        {variation.refinancing && (
          <span className={styles.sentence}>
            after payment{' '}
            <Slot
              slot="after"
              kind="count"
              name="refinanced after payment"
              text={variation.refinancing.after}
              style={style}
              onText={(text) => setRefinancing('after', text)}
            />{' '}
            at{' '}
            <Slot
              slot="rate"
              kind="percent"
              name="refinanced at a rate of"
              text={variation.refinancing.rate}
              style={style}
              onText={(text) => setRefinancing('rate', text)}
            />{' '}
            in{' '}
            <Slot
              slot="payments"
              kind="count"
              name="refinanced in so many payments"
              text={variation.refinancing.payments}
              style={style}
              onText={(text) => setRefinancing('payments', text)}
            />{' '}
            payments, costs of{' '}
            <Slot
              slot="costs"
              kind="money"
              name="costs of refinancing"
              text={variation.refinancing.costs}
              style={style}
              onText={(text) => setRefinancing('costs', text)}
            />
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
            saving={isSaving(kinds[kind])}
            label="+ another change"
            onAdd={(kind) =>
              onChange({ ...variation, changes: [...variation.changes, newChange(kind, newId())] }, 'changes')
            }
          />
        )}
        <span className={styles.only}>{only}</span>
      </div>
    </div>
  );
});
