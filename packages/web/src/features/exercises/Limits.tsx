/** Bounds that every draw keeps: of an answer or of a given. */
import type { Exercise, ExerciseProblem, Limit } from '@hardy-sextant/core';
import { Field } from '../../ui/Field.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { Places } from './Places.tsx';
import { TextButton } from '../../ui/TextButton.tsx';
import { say } from '../../words/say.ts';

interface LimitsProps {
  readonly exercise: Exercise;
  readonly problems: readonly ExerciseProblem[];
  readonly onChange: (limits: Exercise['limits']) => void;
}

export function Limits({ exercise, problems, onChange }: LimitsProps) {
  const limits = exercise.limits ?? [];
  const [first] = exercise.parts;
  return (
    <div style={{ marginBottom: 8 }}>
      {limits.map((limit, at) => (
        <div key={at} className="line small">
          <LimitFields
            limit={limit}
            name={say('limit {{number}}', { number: at + 1 })}
            bounded={boundedBy(exercise)}
            onChange={(next) => onChange(limits.with(at, next))}
          />
          <TextButton onClick={() => onChange(limits.toSpliced(at, 1))}>{say('remove')}</TextButton>
          <Places of={`limits.${at}`} problems={problems} />
        </div>
      ))}
      {first && (
        <TextButton onClick={() => onChange([...limits, { of: { part: first.id } }])}>
          {say('+ a limit for draws')}
        </TextButton>
      )}
    </div>
  );
}

interface Bounded {
  readonly id: string;
  readonly words: string;
  readonly of: Limit['of'];
}

/** What a limit may be about: every answer, every given. */
const boundedBy = ({ parts, givens = [] }: Exercise): readonly Bounded[] => [
  ...parts.map(({ id }) => ({ id: idOf({ part: id }), words: say('answer {{id}}', { id }), of: { part: id } })),
  ...givens.map(({ name }) => ({ id: idOf({ given: name }), words: name, of: { given: name } })),
];

const idOf = (of: Limit['of']): string =>
  'part' in of ? say('part {{part}}', { part: of.part }) : say('given {{given}}', { given: of.given });

interface LimitFieldsProps {
  readonly limit: Limit;
  readonly name: string;
  readonly bounded: readonly Bounded[];
  readonly onChange: (limit: Limit) => void;
}

function LimitFields({ limit, name, bounded, onChange }: LimitFieldsProps) {
  const bound = (which: 'least' | 'most') => (
    <Field
      type="number"
      className="short"
      label={say('{{which}} of {{name}}', { which, name })}
      value={limit[which] ?? ''}
      onText={(text) => onChange({ ...limit, [which]: numberIn(text) })}
    />
  );
  return (
    <>
      <Pick
        label={say('what {{name}} is about', { name })}
        value={idOf(limit.of)}
        options={bounded.map(({ id, words }) => [id, words])}
        onPick={(chosen) => onChange({ ...limit, of: bounded.find(({ id }) => id === chosen)?.of ?? limit.of })}
      />
      {say('from')} {bound('least')} {say('to')} {bound('most')}
      <label>
        <input
          type="checkbox"
          checked={limit.whole ?? false}
          onChange={(event) => onChange({ ...limit, whole: event.currentTarget.checked || undefined })}
        />{' '}
        {say('whole')}
      </label>
    </>
  );
}

/** A number in an optional field; nothing while it is none. */
function numberIn(text: string): number | undefined {
  const value = Number(text);
  return text.trim() === '' || !Number.isFinite(value) ? undefined : value;
}
