/** The givens: name, kind, number now, and how each may vary. */
import { ActionIcon } from '@mantine/core';
import {
  usualRange,
  type ExerciseProblem,
  type Given,
  type GivenKind,
  type NumberStyle,
  type Vary,
} from '@hardy-sextant/core';
import { IconX } from '@tabler/icons-react';
import { Field } from '../../ui/Field.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { freeName } from './changes.ts';
import { Places } from './Places.tsx';
import { TextButton } from '../../ui/TextButton.tsx';
import styles from './ExercisePage.module.css';
import { many, say } from '../../words/say.ts';

interface GivensTableProps {
  readonly givens: readonly Given[];
  readonly problems: readonly ExerciseProblem[];
  /** How their texts are written. */
  readonly style: NumberStyle;
  readonly onChange: (givens: readonly Given[], renamed?: { readonly from: string; readonly to: string }) => void;
}

const kinds: readonly (readonly [GivenKind, string])[] = [
  ['money', say('money')],
  ['rate', say('rate %')],
  ['count', say('count')],
  ['years', say('years')],
  ['words', say('words')],
];

const ways: readonly (readonly [Vary['by'], string])[] = [
  ['fixed', say('stays')],
  ['range', say('range')],
  ['list', say('one of')],
  ['expression', say('follows')],
];

function varied(by: Vary['by'], given: Given, style: NumberStyle): Vary {
  switch (by) {
    case 'fixed':
      return { by };
    case 'range':
      return usualRange(given, style) ?? { by, from: given.now, to: given.now, step: '1' };
    case 'list':
      return { by, values: given.now };
    case 'expression':
      return { by, text: given.now };
  }
}

export function GivensTable({ givens, problems, style, onChange }: GivensTableProps) {
  const names = givens.map(({ name }) => name);
  const add = () => {
    const name = freeName((k) => many(k, 'amount', 'given {{count}}'), names);
    onChange([...givens, { name, kind: 'money', now: '', vary: { by: 'fixed' } }]);
  };
  return (
    <div className={`sheet ${styles.givens}`}>
      <table className="ledger">
        <thead>
          <tr>
            <th className="words">{say('Given')}</th>
            <th className="words">{say('Kind')}</th>
            <th className="words">{say('Now')}</th>
            <th className="words">{say('May vary')}</th>
            <th className="words">{say('Unit')}</th>
            <th>
              <span className="visually-hidden">{say('Remove')}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {givens.map((given, at) => (
            <GivenRow
              key={at}
              given={given}
              place={at + 1}
              problems={problems}
              style={style}
              onChange={(change) => onChange(givens.with(at, { ...given, ...change }))}
              onRename={(name) => onChange(givens.with(at, { ...given, name }), { from: given.name, to: name })}
              onRemove={() => onChange(givens.toSpliced(at, 1))}
            />
          ))}
        </tbody>
      </table>
      <div className="line small">
        <TextButton onClick={add}>{say('+ a given')}</TextButton>
        <VaryAll givens={givens} style={style} onChange={onChange} />
      </div>
    </div>
  );
}

/** Lets every number that stays the same vary in a sensible range. */
function VaryAll({ givens, style, onChange }: Pick<GivensTableProps, 'givens' | 'style' | 'onChange'>) {
  const ranges = givens.map((given) => (given.vary.by === 'fixed' ? usualRange(given, style) : undefined));
  if (ranges.every((range) => range === undefined)) return null;
  return (
    <TextButton
      title={say('Each number that stays the same gets a range of round steps on either side of it')}
      onClick={() =>
        onChange(
          givens.map((given, at) => {
            const range = ranges[at];
            return range ? { ...given, vary: range } : given;
          }),
        )
      }
    >
      {say('vary all numbers')}
    </TextButton>
  );
}

interface GivenRowProps {
  readonly given: Given;
  /** Counted from 1. */
  readonly place: number;
  readonly problems: readonly ExerciseProblem[];
  readonly style: NumberStyle;
  readonly onChange: (change: Partial<Given>) => void;
  readonly onRename: (name: string) => void;
  readonly onRemove: () => void;
}

function GivenRow({ given, place, problems, style, onChange, onRename, onRemove }: GivenRowProps) {
  const { name, kind, now, vary, unit } = given;
  return (
    <tr>
      <td className="words">
        <Field label={say('name of given {{place}}', { place })} value={name} maxLength={40} onText={onRename} />
        <Places of={`givens.${name}`} problems={problems} />
      </td>
      <td className="words">
        <Pick
          label={say('kind of {{name}}', { name })}
          value={kind}
          options={kinds}
          onPick={(next) => onChange({ kind: next })}
        />
      </td>
      <td className="words">
        {vary.by === 'expression' ? (
          <span className="soft">{say('follows')}</span>
        ) : (
          <Field
            label={say('{{name}} now', { name })}
            value={now}
            maxLength={200}
            onText={(next) => onChange({ now: next })}
          />
        )}
      </td>
      <td className="words">
        <Pick
          label={say('how {{name}} varies', { name })}
          value={vary.by}
          options={ways}
          onPick={(by) => onChange({ vary: varied(by, given, style) })}
        />{' '}
        <VaryFields given={given} onChange={(next) => onChange({ vary: next })} />
      </td>
      <td className="words">
        <Field
          label={say('unit of {{name}}', { name })}
          className="short"
          value={unit ?? ''}
          maxLength={30}
          onText={(next) => onChange({ unit: next || undefined })}
        />
      </td>
      <td>
        <ActionIcon
          variant="subtle"
          color="gray"
          size={22}
          aria-label={say('remove {{name}}', { name })}
          onClick={onRemove}
        >
          <IconX size={14} />
        </ActionIcon>
      </td>
    </tr>
  );
}

const boundWords = { from: say('from'), to: say('to'), step: say('step') };

function VaryFields({ given, onChange }: { readonly given: Given; readonly onChange: (vary: Vary) => void }) {
  const { vary, name } = given;
  switch (vary.by) {
    case 'fixed':
      return null;
    case 'range': {
      const field = (part: 'from' | 'to' | 'step') => (
        <Field
          label={`${name} ${boundWords[part]}`}
          className="short"
          value={vary[part]}
          onText={(text) => onChange({ ...vary, [part]: text })}
        />
      );
      return (
        <span>
          {field('from')} {say('to')} {field('to')} {say('by')} {field('step')}
        </span>
      );
    }
    case 'list':
      return (
        <Field
          label={say('values of {{name}}', { name })}
          className={styles.list}
          placeholder="4; 5; 6"
          value={vary.values}
          onText={(values) => onChange({ ...vary, values })}
        />
      );
    case 'expression':
      return (
        <Field
          label={say('what {{name}} follows from', { name })}
          className={styles.list}
          placeholder={say('rate + 1.5')}
          value={vary.text}
          onText={(text) => onChange({ ...vary, text })}
        />
      );
  }
}
