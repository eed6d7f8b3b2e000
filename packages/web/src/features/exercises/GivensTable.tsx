/** The givens: name, kind, number now, and how each may vary. */
import { ActionIcon } from '@mantine/core';
import type { ExerciseProblem, Given, GivenKind, Vary } from '@hardy-sextant/core';
import { IconX } from '@tabler/icons-react';
import styles from './ExercisePage.module.css';

interface GivensTableProps {
  readonly givens: readonly Given[];
  readonly problems: readonly ExerciseProblem[];
  readonly onChange: (givens: readonly Given[], renamed?: { readonly from: string; readonly to: string }) => void;
}

const kinds: readonly (readonly [GivenKind, string])[] = [
  ['money', 'money'],
  ['rate', 'rate %'],
  ['count', 'count'],
  ['years', 'years'],
  ['words', 'words'],
];

const ways: readonly (readonly [Vary['by'], string])[] = [
  ['fixed', 'stays'],
  ['range', 'range'],
  ['list', 'one of'],
  ['expression', 'follows'],
];

function varied(by: Vary['by'], given: Given): Vary {
  switch (by) {
    case 'fixed':
      return { by };
    case 'range':
      return {
        by,
        from: given.now,
        to: given.now,
        step: given.kind === 'rate' ? '0.1' : given.kind === 'money' ? '100' : '1',
      };
    case 'list':
      return { by, values: given.now };
    case 'expression':
      return { by, text: given.now };
  }
}

export function GivensTable({ givens, problems, onChange }: GivensTableProps) {
  const set = (at: number, change: Partial<Given>) =>
    onChange(givens.map((given, place) => (place === at ? { ...given, ...change } : given)));
  const rename = (at: number, name: string) =>
    onChange(
      givens.map((given, place) => (place === at ? { ...given, name } : given)),
      { from: givens[at]!.name, to: name },
    );
  const free = (): string => {
    for (let k = 1; ; k += 1) {
      const name = k === 1 ? 'amount' : `given ${k}`;
      if (!givens.some((given) => given.name === name)) return name;
    }
  };
  return (
    <div className={`sheet ${styles.givens}`}>
      <table className="ledger">
        <thead>
          <tr>
            <th className="words">Given</th>
            <th className="words">Kind</th>
            <th className="words">Now</th>
            <th className="words">May vary</th>
            <th className="words">Unit</th>
            <th>
              <span className="visually-hidden">Remove</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {givens.map((given, at) => {
            const own = problems.filter(({ place }) => place === `givens.${given.name}`);
            return (
              <tr key={at}>
                <td className="words">
                  <input
                    aria-label={`name of given ${at + 1}`}
                    value={given.name}
                    maxLength={40}
                    onChange={(event) => rename(at, event.currentTarget.value)}
                  />
                  {own.map(({ message }) => (
                    <p key={message} role="alert" className={styles.failed}>
                      {message}
                    </p>
                  ))}
                </td>
                <td className="words">
                  <select
                    aria-label={`kind of ${given.name}`}
                    value={given.kind}
                    onChange={(event) => set(at, { kind: event.currentTarget.value as GivenKind })}
                  >
                    {kinds.map(([id, words]) => (
                      <option key={id} value={id}>
                        {words}
                      </option>
                    ))}
                  </select>
                </td>
                <td className="words">
                  {given.vary.by === 'expression' ? (
                    <span className="soft">follows</span>
                  ) : (
                    <input
                      aria-label={`${given.name} now`}
                      value={given.now}
                      maxLength={200}
                      onChange={(event) => set(at, { now: event.currentTarget.value })}
                    />
                  )}
                </td>
                <td className="words">
                  <select
                    aria-label={`how ${given.name} varies`}
                    value={given.vary.by}
                    onChange={(event) => set(at, { vary: varied(event.currentTarget.value as Vary['by'], given) })}
                  >
                    {ways.map(([id, words]) => (
                      <option key={id} value={id}>
                        {words}
                      </option>
                    ))}
                  </select>{' '}
                  <VaryFields given={given} onChange={(vary) => set(at, { vary })} />
                </td>
                <td className="words">
                  <input
                    className={styles.unit}
                    aria-label={`unit of ${given.name}`}
                    value={given.unit ?? ''}
                    maxLength={30}
                    onChange={(event) => set(at, { unit: event.currentTarget.value || undefined })}
                  />
                </td>
                <td>
                  <ActionIcon
                    variant="subtle"
                    color="gray"
                    size={22}
                    aria-label={`remove ${given.name}`}
                    onClick={() => onChange(givens.filter((_given, place) => place !== at))}
                  >
                    <IconX size={14} />
                  </ActionIcon>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <button
        type="button"
        className={styles.add}
        onClick={() => onChange([...givens, { name: free(), kind: 'money', now: '', vary: { by: 'fixed' } }])}
      >
        + a given
      </button>
    </div>
  );
}

function VaryFields({ given, onChange }: { readonly given: Given; readonly onChange: (vary: Vary) => void }) {
  const { vary, name } = given;
  switch (vary.by) {
    case 'fixed':
      return null;
    case 'range':
      return (
        <span className={styles.range}>
          <input
            aria-label={`${name} from`}
            value={vary.from}
            onChange={(event) => onChange({ ...vary, from: event.currentTarget.value })}
          />{' '}
          to{' '}
          <input
            aria-label={`${name} to`}
            value={vary.to}
            onChange={(event) => onChange({ ...vary, to: event.currentTarget.value })}
          />{' '}
          by{' '}
          <input
            aria-label={`${name} step`}
            value={vary.step}
            onChange={(event) => onChange({ ...vary, step: event.currentTarget.value })}
          />
        </span>
      );
    case 'list':
      return (
        <input
          className={styles.list}
          aria-label={`values of ${name}`}
          placeholder="4; 5; 6"
          value={vary.values}
          onChange={(event) => onChange({ ...vary, values: event.currentTarget.value })}
        />
      );
    case 'expression':
      return (
        <input
          className={styles.list}
          aria-label={`what ${name} follows from`}
          placeholder="rate + 1.5"
          value={vary.text}
          onChange={(event) => onChange({ ...vary, text: event.currentTarget.value })}
        />
      );
  }
}
