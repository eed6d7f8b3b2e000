/** Other meanings of a part that are accepted, each with its own question and share of the marks. */
import { roundTo } from '@hardy-sextant/core';
import type { Exercise, Part, Reading } from '@hardy-sextant/core';
import { AskFields, askSaid } from './AskFields.tsx';
import { Field } from '../../ui/Field.tsx';
import { freeName } from './changes.ts';
import { TextButton } from '../../ui/TextButton.tsx';
import styles from './ExercisePage.module.css';
import { say } from '../../words/say.ts';

interface ReadingsProps {
  readonly exercise: Exercise;
  readonly part: Part;
  readonly onChange: (readings: Part['readings']) => void;
}

export function Readings({ exercise, part, onChange }: ReadingsProps) {
  const readings = part.readings ?? [];
  const [plan] = exercise.plans;
  const add = () => {
    if (!plan) return;
    const id = freeName(
      (k) => `r${k}`,
      readings.map((each) => each.id),
    );
    const ask = { quantity: 'left-to-pay', plan: plan.id, args: part.ask.args } as const;
    onChange([...readings, { id, says: say('What is left to pay'), ask, credit: 0.5 }]);
  };
  return (
    <>
      {readings.map((reading, at) => (
        <ReadingFields
          key={reading.id}
          exercise={exercise}
          partId={part.id}
          reading={reading}
          place={at + 1}
          onChange={(next) => onChange(readings.with(at, next))}
          onRemove={() => onChange(readings.toSpliced(at, 1))}
        />
      ))}
      <TextButton onClick={add}>{say('+ another accepted reading')}</TextButton>
    </>
  );
}

interface ReadingFieldsProps {
  readonly exercise: Exercise;
  readonly partId: string;
  readonly reading: Reading;
  /** Counted from 1. */
  readonly place: number;
  readonly onChange: (reading: Reading) => void;
  readonly onRemove: () => void;
}

function ReadingFields({ exercise, partId, reading, place, onChange, onRemove }: ReadingFieldsProps) {
  return (
    <div className={styles.reading}>
      <div className="line small">
        <label style={{ flex: 1 }}>
          {say('Also accepted:')}{' '}
          <Field
            className="grow"
            label={say('reading {{place}} of part {{partId}}', { place, partId })}
            value={reading.says}
            onText={(says) => onChange({ ...reading, says })}
          />
        </label>
        <label>
          {say('share')}{' '}
          <Field
            className="short"
            type="number"
            min={0}
            max={1}
            step={0.25}
            label={say('credit of reading {{place}}', { place })}
            value={reading.credit}
            onText={(text) => onChange({ ...reading, credit: Math.min(1, Math.max(0, Number(text) || 0)) })}
          />
        </label>
        <TextButton onClick={onRemove}>{say('remove')}</TextButton>
      </div>
      <AskFields
        exercise={exercise}
        ask={reading.ask}
        label={say('of reading {{place}}', { place })}
        onChange={(ask) => onChange({ ...reading, ask })}
      />
    </div>
  );
}

/** One of them in a closed card. */
export function ReadingLine({
  exercise,
  part,
  reading,
}: {
  readonly exercise: Exercise;
  readonly part: Part;
  readonly reading: Reading;
}) {
  return (
    <p className={`soft ${styles.keyLine}`}>
      {say('other reading: {{says}} · {{roundTo}} of {{marks}}', {
        says: reading.says || askSaid(exercise, reading.ask),
        roundTo: roundTo(reading.credit * part.marks, 2),
        marks: part.marks,
      })}
    </p>
  );
}
