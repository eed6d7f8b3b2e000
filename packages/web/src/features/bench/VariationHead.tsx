/** The head of a variation: its title, what differs, and what can be done with it. */
import { Menu, UnstyledButton } from '@mantine/core';
import {
  describeVariation,
  isSaving,
  kinds,
  mayKeepRate,
  newChange,
  numberStyleById,
  type RateQuote,
  type SlotName,
  type StatementKind,
  type Variation,
} from '@hardy-sextant/core';
import { IconDots } from '@tabler/icons-react';
import { memo } from 'react';
import { Choice } from '../../statement/Choice.tsx';
import { AddChange, ChangeSentence, newId } from '../../statement/Changes.tsx';
import { differences, type VariationAction } from './differences.ts';
import { RefinancingSentence } from './RefinancingSentence.tsx';
import { VariedSlots } from './VariedSlots.tsx';
import { TextButton } from '../../ui/TextButton.tsx';
import styles from './Variations.module.css';
import { say } from '../../words/say.ts';

type Act = (action: VariationAction) => void;

/** The menu that begins a variation with one difference. */
export const AddVariation = memo(function AddVariation({
  kind,
  act,
}: {
  readonly kind: StatementKind;
  readonly act: Act;
}) {
  return (
    <Menu position="bottom-end" shadow="sm">
      <Menu.Target>
        <TextButton data-add-variation>{say('+ one more')}</TextButton>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Label>{say('What differs?')}</Menu.Label>
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
  /** What the statement asks for. */
  readonly unknown: SlotName;
  readonly numberStyle: string;
  readonly quote: RateQuote;
  readonly paymentsPerYear: number;
  readonly variation: Variation;
  readonly place: number;
  readonly places: number;
  readonly act: Act;
}

export const VariationHead = memo(function VariationHead({ place, places, act, ...shown }: VariationHeadProps) {
  const { kind, unknown, numberStyle, variation } = shown;
  const style = numberStyleById(numberStyle);
  const { title, only } = describeVariation(numberStyle, variation, style);
  const onChange = (next: Variation, what: string) => act({ type: 'change', variation: next, what });
  const { changes, refinancing } = variation;
  return (
    <div className={styles.head}>
      <div className="ends">
        <span className={styles.title}>{title}</span>
        <VariationMenu title={title} kind={kind} variation={variation} place={place} places={places} act={act} />
      </div>
      <div className={styles.fields}>
        <VariedSlots {...shown} title={title} onChange={onChange} />
        {changes.map((change) => (
          <ChangeSentence
            key={change.id}
            change={change}
            numberStyle={numberStyle}
            calendar={{ firstPaymentDate: '', paymentsPerYear: shown.paymentsPerYear }}
            problems={{}}
            onChange={(next) =>
              onChange(
                { ...variation, changes: changes.map((each) => (each.id === next.id ? next : each)) },
                `change.${change.id}`,
              )
            }
          />
        ))}
        {mayKeepRate({ unknown }, variation) && !refinancing && (
          <Choice
            label={say('what stays, {{title}}', { title })}
            value={variation.atRate ?? 'payment'}
            options={[
              ['payment', say('keeping the payment')],
              ['found', say('at the rate found')],
            ]}
            onChange={(kept) => onChange(withRateKept(variation, kept === 'found'), 'atRate')}
          />
        )}
        {refinancing && (
          <RefinancingSentence
            refinancing={refinancing}
            style={style}
            onChange={(part, text) => onChange({ ...variation, refinancing: { ...refinancing, [part]: text } }, part)}
          />
        )}
        {changes.length > 0 && (
          <AddChange
            saving={isSaving(kinds[kind])}
            label={say('+ another change')}
            onAdd={(added) => onChange({ ...variation, changes: [...changes, newChange(added, newId())] }, 'changes')}
          />
        )}
        <span className={styles.only}>{only}</span>
      </div>
    </div>
  );
});

/** The rate that was found stays, or the payment does. */
function withRateKept({ atRate: _before, ...rest }: Variation, found: boolean): Variation {
  return found ? { ...rest, atRate: 'found' } : rest;
}

interface VariationMenuProps {
  readonly title: string;
  readonly kind: StatementKind;
  readonly variation: Variation;
  readonly place: number;
  readonly places: number;
  readonly act: Act;
}

function VariationMenu({ title, kind, variation: { id, slots }, place, places, act }: VariationMenuProps) {
  return (
    <Menu position="bottom-end" shadow="sm">
      <Menu.Target>
        <UnstyledButton aria-label={say('what to do with: {{title}}', { title })} className="soft">
          <IconDots size={15} />
        </UnstyledButton>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Item onClick={() => act({ type: 'adopt', id })}>{say('Make it the statement')}</Menu.Item>
        <Menu.Item disabled={place === 0} onClick={() => act({ type: 'move', id, by: -1 })}>
          {say('Move left')}
        </Menu.Item>
        <Menu.Item disabled={place === places - 1} onClick={() => act({ type: 'move', id, by: 1 })}>
          {say('Move right')}
        </Menu.Item>
        <Menu.Item onClick={() => act({ type: 'remove', id })}>{say('Remove')}</Menu.Item>
        <Menu.Label>{say('Also differs in')}</Menu.Label>
        {differences(kind)
          .filter(([what]) => !(what in slots))
          .map(([what, name]) => (
            <Menu.Item key={what} onClick={() => act({ type: 'differ', id, what })}>
              {name}
            </Menu.Item>
          ))}
      </Menu.Dropdown>
    </Menu>
  );
}
