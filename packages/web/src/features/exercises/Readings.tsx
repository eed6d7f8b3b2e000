/** Other meanings of a part that are accepted, each with its own question and share of the marks. */
import { roundTo } from '@hardy-sextant/core';
import type { Exercise, Part, Reading } from '@hardy-sextant/core';
import { AskFields, askSaid } from './AskFields.tsx';
import styles from './ExercisePage.module.css';

interface ReadingsProps {
  readonly exercise: Exercise;
  readonly part: Part;
  readonly onChange: (readings: Part['readings']) => void;
}

export function Readings({ exercise, part, onChange }: ReadingsProps) {
  const readings = part.readings ?? [];
  const setReading = (at: number, change: Partial<Reading>) =>
    onChange(readings.map((each, place) => (place === at ? { ...each, ...change } : each)));
  return (
    <>
      {readings.map((reading, at) => (
        <div key={reading.id} className={styles.reading}>
          <div className={styles.line}>
            <label style={{ flex: 1 }}>
              Also accepted:{' '}
              <input
                className={styles.wide}
                aria-label={`reading ${at + 1} of part ${part.id}`}
                value={reading.says}
                onChange={(event) => setReading(at, { says: event.currentTarget.value })}
              />
            </label>
            <label>
              share{' '}
              <input
                className={styles.small}
                type="number"
                min={0}
                max={1}
                step={0.25}
                aria-label={`credit of reading ${at + 1}`}
                value={reading.credit}
                onChange={(event) =>
                  setReading(at, { credit: Math.min(1, Math.max(0, Number(event.currentTarget.value) || 0)) })
                }
              />
            </label>
            <button
              type="button"
              className={styles.add}
              onClick={() => onChange(readings.filter((_each, place) => place !== at))}
            >
              remove
            </button>
          </div>
          <AskFields
            exercise={exercise}
            ask={reading.ask}
            label={`of reading ${at + 1}`}
            onChange={(ask) => setReading(at, { ask })}
          />
        </div>
      ))}
      <button
        type="button"
        className={styles.add}
        onClick={() =>
          onChange([
            ...readings,
            {
              id: `r${readings.length + 1}`,
              says: 'What is left to pay',
              ask: { quantity: 'left-to-pay', plan: exercise.plans[0]!.id, args: part.ask.args },
              credit: 0.5,
            },
          ])
        }
      >
        + another accepted reading
      </button>
    </>
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
      other reading: {reading.says || askSaid(exercise, reading.ask)} · {roundTo(reading.credit * part.marks, 2)} of{' '}
      {part.marks}
    </p>
  );
}
