/** Bounds that every draw keeps: of an answer or of a given. */
import type { Exercise, ExerciseProblem } from '@hardy-sextant/core';
import { Places } from './Places.tsx';
import styles from './ExercisePage.module.css';

interface LimitsProps {
  readonly exercise: Exercise;
  readonly problems: readonly ExerciseProblem[];
  readonly onChange: (limits: Exercise['limits']) => void;
}

export function Limits({ exercise, problems, onChange }: LimitsProps) {
  const limits = exercise.limits ?? [];
  const set = (at: number, field: 'least' | 'most', text: string) => {
    const value = Number(text);
    onChange(
      limits.map((limit, place) =>
        place === at ? { ...limit, [field]: text.trim() === '' || !Number.isFinite(value) ? undefined : value } : limit,
      ),
    );
  };
  return (
    <div className={styles.limits}>
      {limits.map(({ of, least, most, whole }, at) => (
        <div key={at} className={styles.line}>
          <select
            aria-label={`what limit ${at + 1} is about`}
            value={'part' in of ? `part ${of.part}` : `given ${of.given}`}
            onChange={(event) => {
              const [kind, ...name] = event.currentTarget.value.split(' ');
              onChange(
                limits.map((limit, place) =>
                  place === at
                    ? { ...limit, of: kind === 'part' ? { part: name.join(' ') } : { given: name.join(' ') } }
                    : limit,
                ),
              );
            }}
          >
            {exercise.parts.map(({ id }) => (
              <option key={id} value={`part ${id}`}>
                answer {id}
              </option>
            ))}
            {(exercise.givens ?? []).map(({ name }) => (
              <option key={name} value={`given ${name}`}>
                {name}
              </option>
            ))}
          </select>
          from{' '}
          <input
            className={styles.small}
            aria-label={`least of limit ${at + 1}`}
            type="number"
            value={least ?? ''}
            onChange={(event) => set(at, 'least', event.currentTarget.value)}
          />
          to{' '}
          <input
            className={styles.small}
            aria-label={`most of limit ${at + 1}`}
            type="number"
            value={most ?? ''}
            onChange={(event) => set(at, 'most', event.currentTarget.value)}
          />
          <label>
            <input
              type="checkbox"
              checked={whole ?? false}
              onChange={(event) =>
                onChange(
                  limits.map((limit, place) =>
                    place === at ? { ...limit, whole: event.currentTarget.checked || undefined } : limit,
                  ),
                )
              }
            />{' '}
            whole
          </label>
          <button
            type="button"
            className={styles.add}
            onClick={() => onChange(limits.filter((_limit, place) => place !== at))}
          >
            remove
          </button>
          <Places of={`limits.${at}`} problems={problems} />
        </div>
      ))}
      {exercise.parts.length > 0 && (
        <button
          type="button"
          className={styles.add}
          onClick={() => onChange([...limits, { of: { part: exercise.parts[0]!.id } }])}
        >
          + a limit for draws
        </button>
      )}
    </div>
  );
}
